using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>Each way of doing it changes what it says it changes, for a school and for one of its groups.</summary>
public class WaysTests(App app)
{
    [Fact]
    public async Task A_group_that_speaks_otherwise_is_judged_by_its_own_ears()
    {
        var school = await School.Make(taught: [30, 30]);
        await Put(school, 1, new { accent = "gb-north" });
        Assert.NotEqual("readable", (await Word(school, 0, "put")).Text("verdict"));
        Assert.Equal("readable", (await Word(school, 1, "put")).Text("verdict"));
    }

    [Fact]
    public async Task A_merge_that_some_speakers_have_counts_for_the_group_that_has_it()
    {
        var school = await School.Make("us", "ridge", 90, 90);
        await Put(school, 1, new { merges = "o=aw" });
        var view = await app.Get($"{school.Group(1)}/conventions");
        Assert.True(view["merges"]!.AsArray().Single(x => x!.Text("key") == "o=aw")!["on"]!.GetValue<bool>());
        Assert.DoesNotContain("caught", (await Word(school, 0, "cot"))["soundAlikes"]!.AsArray().Select(x => x!.GetValue<string>()));
        Assert.Contains("caught", (await Word(school, 1, "cot"))["soundAlikes"]!.AsArray().Select(x => x!.GetValue<string>()));
    }

    [Fact]
    public async Task A_group_with_a_week_of_its_own_has_other_days()
    {
        var school = await School.Make(taught: [30, 30]);
        await Put(school, 1, new { week = new { monday = "review", tuesday = "new", wednesday = "review", thursday = "new", friday = "review" } });
        Assert.True(await Last(school, 1) > await Last(school, 0));
    }

    [Fact]
    public async Task A_group_that_takes_two_days_a_rung_gets_less_far()
    {
        var school = await School.Make(taught: [30, 30]);
        await Put(school, 1, new { daysARung = 2 });
        Assert.True(await Last(school, 1) > await Last(school, 0));

        // What it was taught at its old pace stays taught.
        Assert.Equal(30, (await app.Get($"{school.Group(1)}/lessons/today"))["strip"]!.Number("line"));
    }

    [Fact]
    public async Task A_group_with_a_limit_of_its_own_gets_no_longer_word()
    {
        var school = await School.Make(taught: [90, 90]);
        await Put(school, 1, new { largest = new { boxes = 3, together = 1, syllables = 1 } });
        Assert.All((await app.Get($"{school.Group(1)}/lessons/today")).Items("read"), x => Assert.True(x["pieces"]!.AsArray().Count <= 3, x.Text("text")));
        Assert.Contains((await app.Get($"{school.Group()}/lessons/today")).Items("read"), x => x["pieces"]!.AsArray().Count > 3);
    }

    [Fact]
    public async Task A_word_learnt_whole_is_met_by_its_letters()
    {
        var school = await School.Make(taught: [2, 2]);
        var ladder = await app.Get(school.Ladder());
        var rung = ladder.Rungs().First(x => x["rung"]!["trickyWords"]!.AsArray().Count > 0);
        await Put(school, 1, new { trickyLearning = "whole" });
        var asIf = $"?asIf={rung["rung"]!.Text("id")}";
        Assert.Contains("naming its letters", Met(await app.Get($"{school.Group(1)}/lessons/today{asIf}")), StringComparison.Ordinal);
        Assert.DoesNotContain("naming its letters", Met(await app.Get($"{school.Group()}/lessons/today{asIf}")), StringComparison.Ordinal);

        static string Met(JsonNode lesson) => string.Join(' ', lesson.Items("meetTricky").Select(x => x.Text("reason")));
    }

    [Fact]
    public async Task The_marks_of_a_school_are_seen_before_they_are_its_own_and_on_its_words_after()
    {
        var school = await School.Make(taught: 100);
        var code = new { oneLetter = "dot", severalLetters = "underline", split = "bracket", doubled = "ring", ending = "box", rimeUnit = (string?)null, tricky = "wavy" };
        var before = await app.Post($"{school.Address}/conventions/effect", new { revision = 1, conventions = new { marks = code } });
        Assert.Contains(before["marked"]!.AsArray(), x => x!["pieces"]!.AsArray().Any(p => p!.Text("kind") == "ending"));
        using var put = await app.Client.PutAsJsonAsync($"{school.Address}/conventions", new { revision = 1, conventions = new { marks = code, finalE = "silentMarker" } });
        Assert.True(put.IsSuccessStatusCode);
        var view = await app.Get(school.Address);
        Assert.Equal(("dot", "silentMarker"), (view["marks"]!.Text("oneLetter"), view.Text("finalE")));
        Assert.Contains((await Word(school, 0, "jumping"))["pieces"]!.AsArray(), x => x!.Text("kind") == "ending");
    }

    [Fact]
    public async Task Spellings_of_one_sound_that_may_lie_closer_are_no_longer_told()
    {
        var school = await School.Make(taught: 10);
        Assert.Contains((await app.Get(school.Ladder()))["clashes"]!.AsArray(), x => x!.Text("kind") == "sameSound");
        using var put = await app.Client.PutAsJsonAsync($"{school.Address}/conventions", new { revision = 1, conventions = new { spellingsApart = 0 } });
        Assert.DoesNotContain((await app.Get(school.Ladder()))["clashes"]!.AsArray(), x => x!.Text("kind") == "sameSound");
    }

    [Theory]
    [InlineData("spellingsApart", "99")]
    [InlineData("accent", "\"welsh\"")]
    [InlineData("daysARung", "9")]
    [InlineData("merges", "\"a=b\"")]
    [InlineData("largest", "{\"boxes\":99,\"together\":1,\"syllables\":1}")]
    [InlineData("week", "{\"monday\":\"review\",\"tuesday\":\"review\",\"wednesday\":\"review\",\"thursday\":\"review\",\"friday\":\"review\"}")]
    public async Task What_no_group_can_do_is_refused_by_name(string field, string value)
    {
        var school = await School.Make(taught: 10);
        var (status, problem) = await app.Fail(
            HttpMethod.Put, $"{school.Group()}/conventions", new { revision = 1, conventions = new Dictionary<string, JsonNode?> { [field] = JsonNode.Parse(value) } });
        Assert.Equal((400, field), (status, problem.Text("field")));
    }

    private async Task Put(School school, int group, object conventions)
    {
        using var put = await app.Client.PutAsJsonAsync($"{school.Group(group)}/conventions", new { revision = 1, conventions });
        Assert.True(put.IsSuccessStatusCode, await put.Content.ReadAsStringAsync());
    }

    private Task<JsonNode> Word(School school, int group, string word) => app.Get($"{school.Group(group)}/words/{word}");

    private async Task<DateOnly> Last(School school, int group)
    {
        var rungs = (await app.Get(school.Ladder("", group))).Rungs().ToList();
        return DateOnly.Parse(rungs[60].Text("date"));
    }
}
