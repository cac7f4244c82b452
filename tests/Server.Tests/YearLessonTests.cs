using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>The lessons of a whole year, planned in one go, and what can be said of them together.</summary>
public class YearLessonTests(App app)
{
    [Fact]
    public async Task Every_lesson_of_the_year_is_planned_a_stretch_at_a_time_and_none_twice()
    {
        var school = await School.Make(taught: 20);
        var before = await app.Get($"{school.Group()}/year/guarantees");
        Assert.Equal(0, before.Number("lessons"));
        var (made, first) = (0, await Plan(school, null));
        Assert.InRange(first.Number("made"), 1, 30);
        for (var now = first; ; now = await Plan(school, now.Text("next")))
        {
            made += now.Number("made");
            if (now["next"] is null)
            {
                break;
            }
        }

        var after = await app.Get($"{school.Group()}/year/guarantees");
        Assert.Equal(before.Number("unplanned"), made);
        Assert.Equal(made, after.Number("lessons"));
        Assert.Equal(0, after.Number("unplanned"));
        Assert.Empty(after["notReadable"]!.AsArray());
        Assert.Equal(0, (await Plan(school, null)).Number("made"));
    }

    [Fact]
    public async Task A_lesson_that_still_holds_is_left_as_it_is()
    {
        var school = await School.Make(taught: 40);
        var day = (await Plan(school, null)).Text("next");
        var opened = await app.Get($"{school.Group()}/lessons/{day}");
        await Plan(school, day);
        var after = await app.Get($"{school.Group()}/lessons/{day}");
        Assert.Equal(opened.Number("revision"), after.Number("revision"));
        Assert.Equal(opened.Items().Select(x => x.Text("text")), after.Items().Select(x => x.Text("text")));
    }

    [Fact]
    public async Task A_day_far_ahead_that_many_open_at_once_is_one_lesson_and_keeps_nobody_waiting()
    {
        var (school, other) = (await School.Make(taught: 20), await School.Make(taught: 20));
        var far = Task.WhenAll(Enumerable.Range(0, 8).Select(_ => app.Get($"{school.Group()}/lessons/2027-10-27")));
        Assert.NotEmpty((await app.Get($"{other.Group()}/lessons/today")).Items());
        Assert.Single((await far).Select(x => x.Text("id")).Distinct());
    }

    [Fact]
    public async Task A_lesson_that_is_opened_while_its_year_is_planned_is_neither_lost_nor_made_twice()
    {
        var school = await School.Make(taught: 20);
        string[] days = ["2026-11-26", "2026-12-01", "2026-12-07", "2026-12-10"];
        var planning = Plan(school, null);
        var opened = await Task.WhenAll(days.Select(x => app.Get($"{school.Group()}/lessons/{x}")));
        var next = (await planning).Text("next");
        Assert.All(days, x => Assert.True(string.CompareOrdinal(x, next) < 0));
        foreach (var (day, lesson) in days.Zip(opened))
        {
            var after = await app.Get($"{school.Group()}/lessons/{day}");
            Assert.Equal((lesson.Text("id"), lesson.Number("revision")), (after.Text("id"), after.Number("revision")));
        }

        Assert.Equal(0, (await Plan(school, null)).Number("made"));
    }

    [Fact]
    public async Task What_a_teacher_has_changed_is_not_planned_over()
    {
        var school = await School.Make(taught: 40);
        var lesson = await app.Get($"{school.Group()}/lessons/2026-11-25");
        var item = lesson.Items("read").First().Text("id");
        await app.Post($"{school.Address}/lessons/{lesson.Text("id")}/edits", new { revision = lesson.Number("revision"), change = "drop", itemId = item });
        await Plan(school, null);
        Assert.Equal(lesson.Number("revision") + 1, (await app.Get($"{school.Group()}/lessons/2026-11-25")).Number("revision"));
    }

    [Fact]
    public async Task A_group_of_another_school_plans_nothing()
    {
        var (mine, other) = (await School.Make(taught: 20), await School.Make(taught: 20));
        Assert.Equal(404, (await app.Fail(HttpMethod.Post, $"{mine.Address}/groups/{other.Groups[0]}/year/lessons", new { })).Status);
    }

    private Task<JsonNode> Plan(School school, string? from) => app.Post($"{school.Group()}/year/lessons", new { from });
}
