using System.Net.Http.Json;
using System.Text.Json.Nodes;
using CsCheck;

namespace BoldLadder.Server.Tests;

/// <summary>What a school adds to the words and puts right in them.</summary>
public sealed class OwnWordTests(App app)
{
    private const string Heading = "word,split,familiarity,spoken\r\n";

    [Fact]
    public async Task An_added_word_is_known_to_that_school_alone()
    {
        var (one, other) = (await School.Make(taught: 60), await School.Make(taught: 60));
        await Put(one, "Zib", "z:z i:i b:b", "4-5", "Zib is our class rabbit.");
        var word = await app.Get($"{one.Group()}/words/zib");
        Assert.Equal(("readable", "Zib"), (word.Text("verdict"), word.Text("spelling")));
        Assert.NotEqual("readable", (await app.Get($"{other.Group()}/words/zib")).Text("verdict"));
        Assert.Equal("guess", (await app.Get("/api/words/zib")).Text("status"));
        var own = Assert.Single((await app.Get($"{one.Address}/own-words"))["words"]!.AsArray())!;
        Assert.Equal(("Zib", "z:z i:i b:b", "4-5", true), (own.Text("word"), own.Text("split"), own.Text("familiarity"), own["added"]!.GetValue<bool>()));
        Assert.Empty((await app.Get($"{other.Address}/own-words"))["words"]!.AsArray());
        using var gone = await app.Client.DeleteAsync($"{one.Address}/words/zib/split");
        Assert.True(gone.IsSuccessStatusCode);
        Assert.NotEqual("readable", (await app.Get($"{one.Group()}/words/zib")).Text("verdict"));
    }

    [Fact]
    public async Task A_schools_words_go_out_as_CSV_and_come_back_the_same()
    {
        var school = await School.Make(taught: 20);
        await Put(school, "Zib", "z:z i:i b:b", "4-5", "Zib said, \"Hop\", and hopped.");
        await Put(school, "bath", "b:b a:a th:th", "", "");
        var csv = await app.Client.GetStringAsync($"{school.Address}/own-words.csv");
        Assert.Contains("Zib,z:z i:i b:b,4 to 5,", csv, StringComparison.Ordinal);
        var other = await School.Make(taught: 20);
        Assert.Equal(2, (await Take(other, csv)).Number("words"));
        Assert.Equal(csv, await app.Client.GetStringAsync($"{other.Address}/own-words.csv"));
        Assert.Equal(
            (await app.Get($"{school.Address}/own-words"))["words"]!.ToJsonString(), (await app.Get($"{other.Address}/own-words"))["words"]!.ToJsonString());
    }

    [Fact]
    public async Task A_split_put_right_in_a_groups_accent_holds_for_groups_that_speak_so_and_no_other()
    {
        var school = await TwoAccents();
        var south = (await Word(school, 0, "hut")).Text("split");
        Assert.Equal("gb-north", (await Word(school, 1, "hut")).Text("accent"));
        await Change(school, HttpMethod.Put, "words/hut/split?accent=gb-north", new { split = "h:h u:uu t:t" });
        Assert.Equal((south, "h:h u:uu t:t"), ((await Word(school, 0, "hut")).Text("split"), (await Word(school, 1, "hut")).Text("split")));
        await Change(school, HttpMethod.Delete, "words/hut/split?accent=gb-north");
        Assert.False((await Word(school, 1, "hut"))["own"]!.GetValue<bool>());
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/words/hut/split?accent=mars", new { split = "h:h u:u t:t" });
        Assert.Equal((400, "accent"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_word_added_in_one_accent_is_offered_as_it_was_split_there_to_a_group_of_another()
    {
        var school = await TwoAccents();
        await Put(school, "Zouth", "z:z ou:oo th:dh", "4-5", "");
        var word = await Word(school, 1, "zouth");
        Assert.Equal(("guess", "z:z ou:oo th:dh"), (word.Text("status"), word.Text("split")));
        await Change(school, HttpMethod.Put, "own-words/Zouth?accent=gb-north", new { split = "z:z ou:uu th:th", familiarity = "4-5" });
        Assert.Equal(("known", "z:z ou:uu th:th"), ((await Word(school, 1, "zouth")).Text("status"), (await Word(school, 1, "zouth")).Text("split")));
        Assert.Equal("z:z ou:oo th:dh", (await Word(school, 0, "zouth")).Text("split"));

        var csv = await app.Client.GetStringAsync($"{school.Address}/own-words.csv");
        Assert.Contains("z:z ou:uu th:th,4 to 5,,gb-north\r\nZouth,z:z ou:oo th:dh,4 to 5,,gb-south", csv, StringComparison.Ordinal);
        await Take(school, Heading + "zab,z:z a:a b:b,4-5,\r\n");
        Assert.Equal(["zab gb-south", "Zouth gb-north"], (await app.Get($"{school.Address}/own-words"))["words"]!.AsArray().Select(x => $"{x!.Text("word")} {x!.Text("accent")}"));
        await Take(school, csv);
        Assert.Equal(csv, await app.Client.GetStringAsync($"{school.Address}/own-words.csv"));
    }

    [Theory]
    [InlineData("zib,z:z i:i b:b,4-5,,\r\nzib,z:z i:i b:b,4-5,,gb-south\r\n", "line 3, word")]
    [InlineData("zib,z:z i:i b:b,4-5,,mars\r\n", "line 2, accent")]
    [InlineData("zib,z:z i:i b:b,4-5,\r\n", "line 2: 5 columns")]
    public async Task A_file_that_tells_accents_is_refused_whole_where_one_is_wrong(string lines, string where)
    {
        var school = await School.Make(taught: 20);
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/own-words.csv", new { csv = "word,split,familiarity,spoken,accent\r\n" + lines });
        Assert.Equal((400, "csv"), (status, problem.Text("field")));
        Assert.Contains(where, problem.Text("detail"), StringComparison.OrdinalIgnoreCase);
    }

    [Theory]
    [InlineData("zib,z:z i:i b:b,4-5,\r\nzob,z:z o:o,4-5,\r\n", "line 3")]
    [InlineData("zib,z:z i:i b:b,4-5,\r\nzib,z:z i:i b:b,4-5,\r\n", "line 3")]
    [InlineData("zib,z:z i:i b:b,soon,\r\n", "line 2")]
    [InlineData("z b,z:z b:b,,\r\n", "line 2")]
    [InlineData("shit,sh:sh i:i t:t,,\r\n", "line 2")]
    [InlineData("zib,z:z i:i b:b,4-5,=1+1\r\n", "line 2")]
    [InlineData("zib,\"z:z i:i b:b\r\n", "line")]
    public async Task A_file_with_one_wrong_line_is_refused_whole_and_says_where(string lines, string where)
    {
        var school = await School.Make(taught: 20);
        await Put(school, "zed", "z:z e:e d:d", "4-5", "");
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/own-words.csv", new { csv = Heading + lines });
        Assert.Equal((400, "csv"), (status, problem.Text("field")));
        Assert.Contains(where, problem.Text("detail"), StringComparison.OrdinalIgnoreCase);
        Assert.Equal("zed", Assert.Single((await app.Get($"{school.Address}/own-words"))["words"]!.AsArray())!.Text("word"));
    }

    [Theory]
    [InlineData("zib", "z:z i:i", "", "split")]
    [InlineData("zib", "z:z i:i b:b", "young", "familiarity")]
    [InlineData("z1b", "z:z i:i b:b", "", "spelling")]
    [InlineData("shit", "sh:sh i:i t:t", "", "spelling")]
    public async Task A_word_that_cant_be_taken_is_refused_by_field(string word, string split, string familiarity, string field)
    {
        var school = await School.Make(taught: 20);
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/own-words/{word}", new { split, familiarity });
        Assert.Equal((400, field), (status, problem.Text("field")));
    }

    [Fact]
    public async Task Any_text_as_a_file_is_taken_or_refused_and_never_a_500()
    {
        var school = await School.Make(taught: 5);
        var files = new List<string>();
        Gen.OneOf(Gen.String, Gen.String.Select(x => Heading + x), Gen.String.Array[0, 4].Select(x => Heading + string.Join(',', x))).Sample(
            x =>
            {
                lock (files)
                {
                    files.Add(x);
                }
            }, iter: 60, threads: 1);
        foreach (var csv in files)
        {
            using var response = await app.Client.PutAsJsonAsync($"{school.Address}/own-words.csv", new { csv });
            Assert.True((int)response.StatusCode is 200 or 400, $"{(int)response.StatusCode} for {csv}");
        }
    }

    [Fact]
    public async Task A_school_opens_although_a_word_it_kept_is_no_longer_fit_for_children()
    {
        var school = await School.Make(taught: 20);
        await using (var db = App.Database(school.Id))
        {
            db.OwnWords.Add(new Storage.OwnWordRow { SchoolId = school.Id, Accent = "gb-south", Word = "shit", Spelling = "shit", Split = "sh:sh i:i t:t", Familiarity = "", Spoken = "" });
            await db.SaveChangesAsync();
        }

        Assert.NotEmpty((await app.Get($"{school.Group()}/lessons/today")).Items());
        Assert.Equal("unsuitable", (await app.Get($"{school.Group()}/words/shit")).Text("verdict"));
    }

    // The first group speaks as the school does, the second as in the north of England.
    private async Task<School> TwoAccents()
    {
        var school = await School.Make(taught: [60, 60]);
        await Change(school, HttpMethod.Put, $"groups/{school.Groups[1]}/conventions", new { revision = 1, conventions = new { accent = "gb-north" } });
        return school;
    }

    private Task<JsonNode> Word(School school, int group, string word) => app.Get($"{school.Group(group)}/words/{word}");

    private async Task Change(School school, HttpMethod method, string address, object? body = null)
    {
        using var request = new HttpRequestMessage(method, $"{school.Address}/{address}") { Content = body is null ? null : JsonContent.Create(body) };
        using var answer = await app.Client.SendAsync(request);
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
    }

    private async Task Put(School school, string word, string split, string familiarity, string spoken)
    {
        using var put = await app.Client.PutAsJsonAsync($"{school.Address}/own-words/{word}", new { split, familiarity, spoken });
        Assert.True(put.IsSuccessStatusCode, await put.Content.ReadAsStringAsync());
    }

    private async Task<JsonNode> Take(School school, string csv)
    {
        using var put = await app.Client.PutAsJsonAsync($"{school.Address}/own-words.csv", new { csv });
        var text = await put.Content.ReadAsStringAsync();
        Assert.True(put.IsSuccessStatusCode, text);
        return JsonNode.Parse(text)!;
    }
}
