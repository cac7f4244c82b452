using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Tests;

public sealed class LessonApiTests(App app)
{
    [Fact]
    public async Task The_tiles_to_have_ready_are_those_of_the_chain_and_of_the_words_to_spell()
    {
        var school = await School.Make(taught: 60);
        var rungs = (await app.Get(school.Ladder())).Rungs().Select(x => x["rung"]!.Text("id")).ToList();
        var seen = false;
        foreach (var rung in rungs.Skip(20).Take(30))
        {
            var lesson = await app.Get($"{school.Group()}/lessons/today?asIf={rung}");
            var tiles = lesson["ready"]!.AsArray().Select(x => x!.GetValue<string>()).SingleOrDefault(x => x.StartsWith("letter tiles ", StringComparison.Ordinal))?.Split(' ')[2..] ?? [];
            foreach (var word in lesson.Items("chain").Concat(lesson.Items("spell")))
            {
                seen |= word["pieces"]!.AsArray().Any(x => x!.Text("grapheme").Length > 1);
                Assert.All(word["pieces"]!.AsArray().Select(x => x!.Text("grapheme")), x => Assert.True(x.Split('_').All(tiles.Contains), $"{word.Text("text")}: {x} of {string.Join(' ', tiles)}"));
            }
        }

        Assert.True(seen);
    }

    [Fact]
    public async Task On_a_check_nobody_is_told_to_show_the_words_first()
    {
        var school = await School.Make(taught: 60);
        var rungs = (await app.Get(school.Ladder())).Rungs().Select(x => x["rung"]!).ToList();
        async Task<string> HowToRead(JsonNode rung) => (await app.Get($"{school.Group()}/lessons/today?asIf={rung.Text("id")}"))["parts"]!.AsArray()
            .SelectMany(x => x!["blocks"]!.AsArray()).First(x => x!.Text("activity") == "read")!.Text("how");
        Assert.Contains("nobody helps", await HowToRead(rungs.First(x => x.Text("kind") == "check")), StringComparison.Ordinal);
        Assert.Contains("First you show", await HowToRead(rungs.First(x => x.Text("kind") == "teach" && rungs.IndexOf(x) > 20)), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_did_not_fit_is_named_as_a_class_knows_it()
    {
        var carried = (await Today(await School.Make(taught: 110)))["carried"]!.AsArray().Select(x => x!.GetValue<string>()).ToList();
        Assert.Contains("a–e", carried);
        Assert.Contains(carried, x => x is ['/', .., '/']);
        Assert.All(carried, x => Assert.True(x[0] == '/' || x.All(c => char.IsAsciiLetter(c) || c is '–' or '\''), x));
    }

    [Fact]
    public async Task Today_opens_with_a_lesson_of_four_timed_parts()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Today(school);
        Assert.Equal(["revisit", "teach", "practise", "apply"], lesson["parts"]!.AsArray().Select(x => x!.Text("part")));
        Assert.All(lesson["parts"]!.AsArray(), x => Assert.True(x!.Number("seconds") > 0));
        Assert.Equal(25, lesson.Number("minutes"));
        Assert.Equal(31, lesson.Number("rungNumber"));
        Assert.Equal(30, lesson["strip"]!.Number("line"));
        Assert.Empty(lesson["stale"]!.AsArray());
    }

    [Fact]
    public async Task A_lesson_is_kept_as_it_was_left()
    {
        var school = await School.Make(taught: 40);
        var lesson = await Today(school);
        var word = lesson.Items("read").First();
        var swapped = await Edit(school, lesson, "swap", word);
        Assert.NotEqual(word.Text("text"), Find(swapped, word).Text("text"));
        var again = await Today(school);
        Assert.Equal(swapped.ToJsonString(), again.ToJsonString());
    }

    [Fact]
    public async Task Every_change_can_be_undone_by_name_back_to_the_beginning()
    {
        var school = await School.Make(taught: 40);
        var first = await Today(school);
        var items = first.Items("read").ToList();
        var lesson = await Edit(school, first, "swap", items[0]);
        Assert.StartsWith($"changed {items[0].Text("text")} to", lesson.Text("undo"), StringComparison.Ordinal);
        lesson = await Edit(school, lesson, "lock", items[1]);
        Assert.Equal($"locked {items[1].Text("text")}", lesson.Text("undo"));
        lesson = await Edit(school, lesson, "drop", items[2]);
        Assert.Equal($"dropped {items[2].Text("text")}", lesson.Text("undo"));
        lesson = await Edit(school, lesson, "replan");
        Assert.Equal("planned again", lesson.Text("undo"));
        for (var i = 0; i < 4; i++)
        {
            lesson = await app.Post($"{school.Address}/lessons/{lesson.Text("id")}/undo", new { revision = lesson.Number("revision") });
        }

        Assert.Null(lesson["undo"]);
        Assert.Equal(first["parts"]!.ToJsonString(), lesson["parts"]!.ToJsonString());
        var (status, problem) = await app.Fail(HttpMethod.Post, $"{school.Address}/lessons/{lesson.Text("id")}/undo", new { revision = lesson.Number("revision") });
        Assert.Equal((400, "revision"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_re_plan_keeps_what_is_locked_and_changes_the_rest()
    {
        var school = await School.Make(taught: 60);
        var lesson = await Today(school);
        var (word, sentence) = (lesson.Items("read").ElementAt(3), lesson.Items("readSentences").First());
        lesson = await Edit(school, lesson, "lock", word);
        lesson = await Edit(school, lesson, "lock", sentence);
        var again = await Edit(school, lesson, "replan");
        Assert.Equal(word.Text("text"), Find(again, word).Text("text"));
        Assert.Equal(sentence.Text("text"), Find(again, sentence).Text("text"));
        Assert.NotEqual(lesson.Items("read").Select(x => x.Text("text")), again.Items("read").Select(x => x.Text("text")));
    }

    [Fact]
    public async Task A_lesson_can_be_made_fifteen_minutes()
    {
        var school = await School.Make(taught: 60);
        var lesson = await Edit(school, await Today(school), "replan", minutes: 15);
        Assert.Equal(15, lesson.Number("minutes"));
        Assert.True(lesson.Number("seconds") <= 16 * 60);
    }

    [Fact]
    public async Task A_typed_word_that_cant_be_read_is_refused_with_each_blocker_and_its_rung()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Today(school);
        var word = lesson.Items("read").First();
        var (status, problem) = await app.Fail(HttpMethod.Post, Edits(school, lesson), Body(lesson, "type", word, "snail"));
        Assert.Equal((422, "text"), (status, problem.Text("field")));
        var blockers = problem["refused"]![0]!["blockers"]!.AsArray();
        Assert.Equal(["ai:ai", "two consonants at the start"], blockers.Select(x => x!.Text("part")));
        Assert.All(blockers, x => Assert.True(x!.Number("rung") > 30 && x!.Text("date").Length == 10));
        Assert.Equal(lesson.ToJsonString(), (await Today(school)).ToJsonString());
    }

    [Fact]
    public async Task A_refused_word_can_go_in_only_as_tricky_and_only_for_that_lesson()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Today(school);
        var word = lesson.Items("read").First();
        var forced = await app.Post(Edits(school, lesson), Body(lesson, "type", word, "snail", true));
        Assert.True(Find(forced, word)["forced"]!.GetValue<bool>());
        Assert.Empty(forced["stale"]!.AsArray());
        Assert.Equal("not-yet", (await app.Get($"{school.Group()}/words/snail")).Text("verdict"));
    }

    [Fact]
    public async Task A_typed_sentence_is_judged_word_by_word()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Today(school);
        var sentence = lesson.Items("readSentences").First();
        var (status, problem) = await app.Fail(HttpMethod.Post, Edits(school, lesson), Body(lesson, "type", sentence, "The snail got the tooth."));
        Assert.Equal(422, status);
        Assert.Equal(["snail", "tooth"], problem["refused"]!.AsArray().Select(x => x!.Text("word")));
        var typed = await app.Post(Edits(school, lesson), Body(lesson, "type", sentence, "The cat got the bell."));
        Assert.Equal("The cat got the bell.", Find(typed, sentence).Text("text"));
    }

    [Theory]
    [InlineData("", "text")]
    [InlineData("   ", "text")]
    [InlineData("😀", "text")]
    [InlineData("<b>cat</b>", "text")]
    [InlineData("'; drop table lessons; --", "text")]
    [InlineData("two words", "text")]
    public async Task What_is_no_word_is_refused_and_nothing_is_lost(string typed, string field)
    {
        var school = await School.Make(taught: 30);
        var lesson = await Today(school);
        var (status, problem) = await app.Fail(HttpMethod.Post, Edits(school, lesson), Body(lesson, "type", lesson.Items("read").First(), typed));
        Assert.Equal((400, field), (status, problem.Text("field")));
        Assert.Equal(lesson.ToJsonString(), (await Today(school)).ToJsonString());
    }

    [Fact]
    public async Task Ten_thousand_letters_are_refused()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Today(school);
        var (status, problem) = await app.Fail(HttpMethod.Post, Edits(school, lesson), Body(lesson, "type", lesson.Items("readSentences").First(), new string('a', 10_000)));
        Assert.Equal((400, "text"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_stale_change_is_refused_with_the_lesson_as_it_now_is()
    {
        var school = await School.Make(taught: 40);
        var lesson = await Today(school);
        var items = lesson.Items("read").ToList();
        var now = await Edit(school, lesson, "swap", items[0]);
        var (status, problem) = await app.Fail(HttpMethod.Post, Edits(school, lesson), Body(lesson, "drop", items[1]));
        Assert.Equal(409, status);
        Assert.Equal("revision", problem.Text("field"));
        Assert.Equal(now["parts"]!.ToJsonString(), problem["current"]!["parts"]!.ToJsonString());
    }

    [Fact]
    public async Task A_change_to_an_item_that_is_gone_says_so()
    {
        var school = await School.Make(taught: 40);
        var lesson = await Today(school);
        var word = lesson.Items("read").First();
        lesson = await Edit(school, lesson, "drop", word);
        var (status, problem) = await app.Fail(HttpMethod.Post, Edits(school, lesson), Body(lesson, "lock", word));
        Assert.Equal((400, "itemId"), (status, problem.Text("field")));
    }

    [Theory]
    [InlineData("2026-11-28", 404, "day")]
    [InlineData("yesterday", 400, "day")]
    [InlineData("2026-02-31", 400, "day")]
    [InlineData("2026-11-20", 404, "day")]
    public async Task A_day_that_can_have_no_lesson_says_why(string day, int status, string field)
    {
        var school = await School.Make(taught: 40);
        var (answered, problem) = await app.Fail(HttpMethod.Get, $"{school.Group()}/lessons/{day}");
        Assert.Equal((status, field), (answered, problem.Text("field")));
    }

    [Fact]
    public async Task As_if_we_were_elsewhere_makes_a_lesson_that_is_not_kept()
    {
        var school = await School.Make(taught: 40);
        var there = await app.Get($"{school.Group()}/lessons/today?asIf=ee-ee");
        Assert.Null(there["id"]);
        Assert.Equal("ee-ee", there.Text("rungId"));
        Assert.Equal("ee-ee", there["strip"]!.Text("asIf"));
        Assert.Equal("readable", (await app.Get($"{school.Group()}/words/feet?asIf=ee-ee")).Text("verdict"));
        Assert.Equal("not-yet", (await app.Get($"{school.Group()}/words/feet")).Text("verdict"));
        await using var db = App.Database(school.Id);
        Assert.Equal(0, await db.Lessons.CountAsync(TestContext.Current.CancellationToken));
        Assert.Equal((404, "asIf"), await Field(app.Fail(HttpMethod.Get, $"{school.Group()}/lessons/today?asIf=gone")));
    }

    [Fact]
    public async Task Downward_as_if_uses_the_rungs_to_that_place_alone()
    {
        var school = await School.Make(taught: 60);
        Assert.Equal("not-yet", (await app.Get($"{school.Group()}/words/ship?asIf=s-s")).Text("verdict"));
    }

    [Fact]
    public async Task What_else_fits_is_listed_and_chosen_one_more_is_added_and_an_item_is_moved()
    {
        var school = await School.Make(taught: 60);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var address = $"{school.Address}/lessons/{lesson.Text("id")}";
        var read = lesson.Items("read").ToList();
        var others = (await app.Get($"{address}/items/{read[1].Text("id")}/others")).AsArray();
        Assert.InRange(others.Count, 2, 5);
        Assert.All(others, x => Assert.True(x!.Text("serves").Length > 0 && x!.Text("reason").Length > 0));

        var chosen = await app.Post($"{address}/edits", new { revision = 1, change = "swap", itemId = read[1].Text("id"), text = others[1]!.Text("text") });
        Assert.Equal(others[1]!.Text("text"), chosen.Items("read").ElementAt(1).Text("text"));
        var added = await app.Post($"{address}/edits", new { revision = 2, change = "add", itemId = read[1].Text("id") });
        Assert.Equal(read.Count + 1, added.Items("read").Count());
        var moved = await app.Post($"{address}/edits", new { revision = 3, change = "earlier", itemId = read[1].Text("id") });
        Assert.Equal(read[1].Text("id"), moved.Items("read").First().Text("id"));
        Assert.StartsWith("moved", moved.Text("undo"), StringComparison.Ordinal);

        var (status, problem) = await app.Fail(HttpMethod.Post, $"{address}/edits", new { revision = 4, change = "earlier", itemId = read[1].Text("id") });
        Assert.Equal((400, "itemId"), (status, problem.Text("field")));
        (status, problem) = await app.Fail(HttpMethod.Post, $"{address}/edits", new { revision = 4, change = "swap", itemId = read[1].Text("id"), text = "elephant" });
        Assert.Equal((400, "text"), (status, problem.Text("field")));

        // An item that was dropped a moment ago, and is still on somebody's screen.
        Assert.Empty((await app.Get($"{address}/items/nothing/others")).AsArray());
    }

    [Fact]
    public async Task A_word_says_each_blocker_the_rung_that_brings_it_and_the_date()
    {
        var school = await School.Make(taught: 30);
        var word = await app.Get($"{school.Group()}/words/snail");
        Assert.Equal("not-yet", word.Text("verdict"));
        Assert.Equal(["ai:ai", "two consonants at the start"], word["blockers"]!.AsArray().Select(x => x!.Text("part")));
        Assert.Equal("ai", word["from"]!.Text("label"));
        Assert.Equal("guess", (await app.Get($"{school.Group()}/words/blorp")).Text("status"));
    }

    private Task<JsonNode> Today(School school) => app.Get($"{school.Group()}/lessons/today");

    private static string Edits(School school, JsonNode lesson) => $"{school.Address}/lessons/{lesson.Text("id")}/edits";

    private static object Body(JsonNode lesson, string change, JsonNode? item, string? text = null, bool asTricky = false, int? minutes = null) =>
        new { revision = lesson.Number("revision"), change, itemId = item?.Text("id"), text, asTricky, minutes };

    private Task<JsonNode> Edit(School school, JsonNode lesson, string change, JsonNode? item = null, int? minutes = null) =>
        app.Post(Edits(school, lesson), Body(lesson, change, item, minutes: minutes));

    private static JsonNode Find(JsonNode lesson, JsonNode item) => lesson.Items().Single(x => x.Text("id") == item.Text("id"));

    private static async Task<(int, string)> Field(Task<(int Status, JsonNode Problem)> failed)
    {
        var (status, problem) = await failed;
        return (status, problem.Text("field"));
    }
}
