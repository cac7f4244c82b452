using System.Text.Json.Nodes;
using CsCheck;

namespace BoldLadder.Server.Tests;

/// <summary>Lists of words for one group, as the Words screen asks for them.</summary>
public sealed class GroupListTests(App app)
{
    private static readonly string[] Kinds =
        "words rhymes rhymes-spelt-alike minimal added-in-front added-at-end chain made-up".Split(' ');

    [Fact]
    public async Task Every_word_of_every_kind_of_list_can_be_read_by_the_group_today()
    {
        var school = await School.Make(taught: [40, 110]);
        foreach (var group in new[] { 0, 1 })
        {
            // Before two consonants stand together there is nothing to add one to.
            foreach (var kind in Kinds.Where(x => group == 1 || !x.StartsWith("added", StringComparison.Ordinal)))
            {
                var list = await app.Get($"{school.Group(group)}/lists?kind={kind}");
                Assert.True(list.Number("words") > 0, kind);
                foreach (var word in Words(list).Where(_ => kind != "made-up"))
                {
                    var verdict = (await app.Get($"{school.Group(group)}/words/{word.Text("spelling")}")).Text("verdict");
                    Assert.True(verdict == "readable", $"{kind}: {word.Text("spelling")} is {verdict}");
                }

                Assert.All(Words(list), x => Assert.DoesNotContain(x["pieces"]!.AsArray(), p => p!["tricky"]!.GetValue<bool>()));
            }
        }
    }

    [Fact]
    public async Task A_list_by_ear_goes_beyond_what_is_taught_and_marks_what_is_not()
    {
        var school = await School.Make(taught: 30);
        Assert.Equal(0, (await app.Get($"{school.Group()}/lists?sound=ai")).Number("words"));
        Assert.NotEmpty((await app.Get($"{school.Group()}/lists?sound=ai")).Text("empty"));
        var heard = await app.Get($"{school.Group()}/lists?sound=ai&of=ear&place=inside");
        Assert.Contains(Words(heard), x => x.Text("spelling") == "rain");
        Assert.Contains(Words(heard), x => x["pieces"]!.AsArray().Any(p => p!["tricky"]!.GetValue<bool>()));
        Assert.DoesNotContain(Words(heard), x => x.Text("spelling") == "day");
    }

    [Fact]
    public async Task What_has_settled_is_less_than_what_was_taught_and_part_of_it()
    {
        var school = await School.Make(taught: 60);
        var taught = (await app.Get($"{school.Group()}/lists?most=3&fewest=3")).Number("words");
        var secure = await app.Get($"{school.Group()}/lists?of=secure&most=3&fewest=3");
        Assert.InRange(secure.Number("words"), 1, taught - 1);
        var earlier = await School.Make(taught: 51);
        Assert.All(Words(secure), x => Assert.Equal(3, x["pieces"]!.AsArray().Count));
        foreach (var word in Words(secure).Take(25))
        {
            Assert.Equal("readable", (await app.Get($"{earlier.Group()}/words/{word.Text("spelling")}")).Text("verdict"));
        }
    }

    [Fact]
    public async Task Pairs_asked_for_with_a_sound_differ_in_that_sound()
    {
        var school = await School.Make(taught: 60);
        var pairs = (await app.Get($"{school.Group()}/lists?kind=minimal&sound=sh"))["families"]!.AsArray();
        Assert.NotEmpty(pairs);
        Assert.All(pairs, x => Assert.Single(x!["words"]!.AsArray(), w => w!["pieces"]!.AsArray().Any(p => p!.Text("sound") == "sh")));
        Assert.All(pairs, x => Assert.Contains("sh", x!.Text("shared"), StringComparison.Ordinal));
    }

    [Fact]
    public async Task One_sound_is_sorted_by_its_spellings_and_one_ending_by_its_sounds()
    {
        var school = await School.Make(taught: 120);
        var spellings = (await app.Get($"{school.Group()}/lists?kind=by-spelling&sound=ai"))["families"]!.AsArray();
        Assert.Contains("ai", spellings.Select(x => x!.Text("shared")));
        Assert.Contains("ay", spellings.Select(x => x!.Text("shared")));
        Assert.All(spellings, x => Assert.All(x!["words"]!.AsArray(), w => Assert.Contains(w!["pieces"]!.AsArray(), p => p!.Text("grapheme") == x.Text("shared"))));
        var ending = (await app.Get($"{school.Group()}/lists?kind=by-ending-sound&ending=ed"))["families"]!.AsArray();
        Assert.Equal(["d", "i d", "t"], ending.Select(x => x!.Text("shared")).Order());
    }

    [Fact]
    public async Task A_chain_says_what_changed_and_another_turn_gives_another()
    {
        var school = await School.Make(taught: 60);
        var chain = Words(await app.Get($"{school.Group()}/lists?kind=chain&turn=1")).ToList();
        Assert.Equal(9, chain.Count);
        Assert.All(chain.Skip(1), x => Assert.NotEmpty(x.Text("reason")));
        var other = Words(await app.Get($"{school.Group()}/lists?kind=chain&turn=2")).Select(x => x.Text("spelling"));
        Assert.NotEqual(chain.Select(x => x.Text("spelling")), other);
        var through = Words(await app.Get($"{school.Group()}/lists?kind=chain&sound=sh"));
        Assert.Contains(through, x => x["pieces"]!.AsArray().Any(p => p!.Text("sound") == "sh"));
    }

    [Fact]
    public async Task Made_up_words_of_a_group_are_in_no_list_and_a_word_in_no_list_is_judged_as_one()
    {
        var school = await School.Make(taught: 60);
        var made = Words(await app.Get($"{school.Group()}/lists?kind=made-up")).ToList();
        Assert.Equal(24, made.Count);
        foreach (var word in made.Take(6))
        {
            var view = await app.Get($"{school.Group()}/words/{word.Text("spelling")}");
            Assert.Equal("unknown", view.Text("verdict"));
            Assert.Contains("is no word", view.Text("asMadeUp"), StringComparison.Ordinal);
        }

        Assert.Contains("sounds like ship", (await app.Get($"{school.Group()}/words/shipp")).Text("asMadeUp"), StringComparison.Ordinal);
        Assert.Null((await app.Get($"{school.Group()}/words/ship"))["asMadeUp"]);
    }

    [Fact]
    public async Task Made_up_words_keep_to_the_shape_the_class_meets_and_to_the_number_of_sounds_asked_for()
    {
        var school = await School.Make(taught: [30, 60]);
        var early = Words(await app.Get($"{school.Group()}/lists?kind=made-up")).ToList();
        Assert.NotEmpty(early);
        Assert.All(early, x => Assert.True(x["pieces"]!.AsArray().Count <= 3, x.Text("spelling")));
        Assert.All(Words(await app.Get($"{school.Group(1)}/lists?kind=made-up&fewest=4&most=4")), x => Assert.Equal(4, x["pieces"]!.AsArray().Count));
    }

    [Fact]
    public async Task As_if_the_group_stood_elsewhere_its_lists_are_those_of_that_rung()
    {
        var school = await School.Make(taught: 20);
        var rung = (await app.Get(school.Ladder())).Rungs().Select(x => x["rung"]!.Text("id")).ElementAt(60);
        var here = (await app.Get($"{school.Group()}/lists")).Number("words");
        Assert.True((await app.Get($"{school.Group()}/lists?asIf={rung}")).Number("words") > here * 2);
    }

    [Theory]
    [InlineData("kind=nonsense", "kind")]
    [InlineData("of=everything", "of")]
    [InlineData("sound=zzz", "sound")]
    [InlineData("kind=without", "sound")]
    [InlineData("kind=by-spelling", "sound")]
    [InlineData("kind=by-ending-sound&ending=zzz", "ending")]
    [InlineData("sound=ai&place=upstairs", "place")]
    [InlineData("place=7", "place")]
    [InlineData("fewest=0", "fewest")]
    [InlineData("most=99", "most")]
    [InlineData("turn=-1", "turn")]
    public async Task What_cannot_be_asked_is_named_with_what_to_do(string query, string field)
    {
        var school = await School.Make(taught: 20);
        var (status, problem) = await app.Fail(HttpMethod.Get, $"{school.Group()}/lists?{query}");
        Assert.Equal((400, field), (status, problem.Text("field").ToLowerInvariant()));
        Assert.NotEmpty(problem.Text("detail"));
    }

    [Fact]
    public async Task A_group_of_another_school_has_no_lists_here()
    {
        var (one, other) = (await School.Make(taught: 20), await School.Make(taught: 20));
        var (status, problem) = await app.Fail(HttpMethod.Get, $"{one.Address}/groups/{other.Groups[0]}/lists");
        Assert.Equal((404, "groupId"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task No_question_breaks_it()
    {
        var school = await School.Make(taught: 40);
        string[] kinds = [.. Kinds, "without", "by-spelling", ""];
        await Gen.Select(Gen.String[0, 12], Gen.String[0, 12], Gen.Int[0, kinds.Length - 1]).SampleAsync(
            async (sound, place, kind) =>
            {
                using var answer = await app.Client.GetAsync(
                    $"{school.Group()}/lists?kind={kinds[kind]}&sound={Uri.EscapeDataString(sound)}&place={Uri.EscapeDataString(place)}");
                return (int)answer.StatusCode is 200 or 400;
            }, iter: 40, threads: 1);
    }

    private static IEnumerable<JsonNode> Words(JsonNode list) =>
        list["families"]!.AsArray().SelectMany(x => x!["words"]!.AsArray()).Select(x => x!);
}
