using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Tests;

public sealed class OutcomeTests(App app)
{
    [Fact]
    public async Task Taught_moves_the_line_once_however_often_it_is_pressed()
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var body = Say(lesson, "taught");
        await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => app.Client.PostAsJsonAsync(Outcome(school, lesson), body)));
        var after = await app.Post(Outcome(school, lesson), body);
        Assert.Equal("taught", after.Text("outcome"));
        Assert.Equal(31, after["strip"]!.Number("line"));
        await using var db = App.Database(school.Id);
        Assert.Equal(31, await db.Log.CountAsync(TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task The_next_school_day_has_its_own_lesson_and_the_last_items_in_its_revisit()
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var card = lesson.Items("meet").First().Text("text");
        var after = await app.Post(Outcome(school, lesson), Say(lesson, "taught"));
        var next = await app.Get($"{school.Group()}/lessons/{after.Text("next")}");
        Assert.Equal(lesson.Number("rungNumber") + 1, next.Number("rungNumber"));
        Assert.Contains(next.Items("cards"), x => x.Text("text") == card);
        var read = lesson.Items("read").Select(x => x.Text("text")).ToList();
        Assert.All(next.Items("readAgain"), x => Assert.Contains(x.Text("text"), read));
    }

    [Fact]
    public async Task Partly_keeps_the_rung_due_and_missed_changes_nothing()
    {
        foreach (var outcome in new[] { "partly", "missed" })
        {
            var school = await School.Make(taught: 30);
            var lesson = await app.Get($"{school.Group()}/lessons/today");
            var after = await app.Post(Outcome(school, lesson), Say(lesson, outcome));
            Assert.Equal(30, after["strip"]!.Number("line"));
            var next = await app.Get($"{school.Group()}/lessons/{after.Text("next")}");
            Assert.Equal(lesson.Text("rungId"), next.Text("rungId"));
        }
    }

    [Fact]
    public async Task When_a_day_is_missed_the_next_lesson_that_a_teacher_had_changed_says_what_its_day_is_for_now_and_follows()
    {
        var school = await School.Make(taught: 30);
        var today = await app.Get($"{school.Group()}/lessons/today");
        var tomorrow = await app.Get($"{school.Group()}/lessons/{today.Text("next")}");
        Assert.Null(tomorrow["dueNow"]);
        var word = tomorrow.Items("read").First();
        tomorrow = await app.Post($"{school.Address}/lessons/{tomorrow.Text("id")}/edits", new { revision = tomorrow.Number("revision"), change = "drop", itemId = word.Text("id") });
        await app.Post(Outcome(school, today), Say(today, "missed"));

        var moved = await app.Get($"{school.Group()}/lessons/{today.Text("next")}");
        Assert.Equal(today.Text("title"), moved.Text("dueNow"));
        Assert.Equal(tomorrow.Text("rungId"), moved.Text("rungId"));
        var followed = await app.Post($"{school.Address}/lessons/{moved.Text("id")}/edits", new { revision = moved.Number("revision"), change = "follow" });
        Assert.Equal(today.Text("rungId"), followed.Text("rungId"));
        Assert.Null(followed["dueNow"]);
        Assert.Empty(followed["stale"]!.AsArray());
        var (status, _) = await app.Fail(HttpMethod.Post, $"{school.Address}/lessons/{moved.Text("id")}/edits", new { revision = followed.Number("revision"), change = "follow" });
        Assert.Equal(400, status);
        var back = await app.Post($"{school.Address}/lessons/{moved.Text("id")}/undo", new { revision = followed.Number("revision") });
        Assert.Equal(tomorrow.Text("rungId"), back.Text("rungId"));
    }

    [Fact]
    public async Task What_was_shaky_is_back_the_next_day()
    {
        var school = await School.Make(taught: 60);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var card = lesson.Items("cards").First();
        var key = card["correspondences"]![0]!.GetValue<string>();
        var after = await app.Post(Outcome(school, lesson), Say(lesson, "taught", $"card {key}"));
        var next = await app.Get($"{school.Group()}/lessons/{after.Text("next")}");
        Assert.Contains(card.Text("text"), next["shaky"]!.AsArray().Select(x => x!.GetValue<string>()));
        Assert.Contains(next.Items("cards"), x => x.Text("text") == card.Text("text") && x.Text("reason") == "It was shaky.");
    }

    [Fact]
    public async Task An_outcome_is_undone_by_a_new_entry_and_the_lesson_can_be_changed_again()
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var taught = await app.Post(Outcome(school, lesson), Say(lesson, "taught"));
        Assert.Equal("marked taught", taught.Text("undo"));
        var (status, problem) = await app.Fail(HttpMethod.Post, $"{school.Address}/lessons/{lesson.Text("id")}/edits", new
        {
            revision = taught.Number("revision"), change = "replan", asTricky = false,
        });
        Assert.Equal((400, "outcome"), (status, problem.Text("field")));
        var back = await app.Post($"{school.Address}/lessons/{lesson.Text("id")}/undo", new { revision = taught.Number("revision") });
        Assert.Null(back["outcome"]);
        Assert.Equal(30, back["strip"]!.Number("line"));
        var again = await app.Post(Outcome(school, lesson), Say(back, "taught"));
        Assert.Equal(31, again["strip"]!.Number("line"));
        await using var db = App.Database(school.Id);
        Assert.Equal(33, await db.Log.CountAsync(TestContext.Current.CancellationToken));
    }

    [Theory]
    [InlineData("takenBack", "outcome")]
    [InlineData("taught", "shaky", "nonsense")]
    public async Task An_outcome_that_makes_no_sense_is_refused(string outcome, string field, string? shaky = null)
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var (status, problem) = await app.Fail(HttpMethod.Post, Outcome(school, lesson), Say(lesson, outcome, shaky is null ? [] : [shaky]));
        Assert.Equal((400, field), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_plan_for_a_later_day_is_made_again_when_the_log_changes_and_nobody_touched_it()
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var ahead = await app.Get($"{school.Group()}/lessons/{lesson.Text("next")}");
        Assert.Equal(lesson.Number("rungNumber") + 1, ahead.Number("rungNumber"));
        await app.Post(Outcome(school, lesson), Say(lesson, "missed"));
        Assert.Equal(lesson.Text("rungId"), (await app.Get($"{school.Group()}/lessons/{lesson.Text("next")}")).Text("rungId"));
    }

    [Fact]
    public async Task A_plan_that_was_touched_says_which_items_are_no_longer_legal_or_due_and_mends_them()
    {
        var school = await School.Make(taught: 36);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var ahead = await app.Get($"{school.Group()}/lessons/{lesson.Text("next")}");
        var word = ahead.Items("readAgain").Concat(ahead.Items("read")).First();
        await app.Post($"{school.Address}/lessons/{ahead.Text("id")}/edits", new { revision = 1, change = "lock", itemId = word.Text("id"), asTricky = false });
        await using (var db = App.Database(school.Id))
        {
            await db.Database.ExecuteSqlAsync($"delete from log where school_id = {school.Id} and position > 20", TestContext.Current.CancellationToken);
        }

        var now = await app.Get($"{school.Group()}/lessons/{lesson.Text("next")}");
        Assert.NotEmpty(now["stale"]!.AsArray());
        Assert.Contains(now["stale"]!.AsArray(), x => x!.Text("kind") == "notReadable");
        Assert.All(now["stale"]!.AsArray().Where(x => x!.Text("kind") == "notReadable"), x => Assert.NotEmpty(x!["words"]!.AsArray()));

        // What is due moved with the log, and what is not due says so.
        Assert.Contains(now["stale"]!.AsArray(), x => x!.Text("kind") == "notDue");
        var mended = await app.Post($"{school.Address}/lessons/{now.Text("id")}/edits", new { revision = now.Number("revision"), change = "mend" });
        Assert.Empty(mended["stale"]!.AsArray());
        Assert.StartsWith("mended", mended.Text("undo"), StringComparison.Ordinal);
        using var nothing = await app.Client.PostAsJsonAsync($"{school.Address}/lessons/{now.Text("id")}/edits", new { revision = mended.Number("revision"), change = "mend" });
        Assert.Equal(400, (int)nothing.StatusCode);
    }

    private static string Outcome(School school, JsonNode lesson) => $"{school.Address}/lessons/{lesson.Text("id")}/outcome";

    private static object Say(JsonNode lesson, string outcome, params string[] shaky) => new { revision = lesson.Number("revision"), outcome, shaky };
}
