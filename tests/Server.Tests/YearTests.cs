using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>A group's year by the API: looked at, mended, undone, and taken out.</summary>
public class YearTests(App app)
{
    [Fact]
    public async Task A_day_without_a_lesson_pushes_the_top_on_and_is_undone()
    {
        var school = await School.Make(taught: 30);
        var before = await Year(school);
        var day = Planned(before)[2].Text("day");
        var after = await app.Post($"{school.Group()}/year/steps", new { revision = before.Number("revision"), kind = "closed", first = day, last = day, reason = "Snow" });
        Assert.DoesNotContain(after["days"]!.AsArray(), x => x!.Text("day") == day);
        Assert.Equal("Snow", Assert.Single(after["ownClosures"]!.AsArray())!.Text("reason"));
        Assert.True(string.CompareOrdinal(after.Text("ends"), before.Text("ends")) > 0);
        Assert.Equal(RungsOf(before), RungsOf(after));
        var undone = await app.Post($"{school.Group()}/year/undo", new { revision = after.Number("revision") });
        Assert.Equal(before.Text("ends"), undone.Text("ends"));
        Assert.Null(undone["undo"]);
    }

    [Fact]
    public async Task Review_days_make_up_for_a_lost_day_and_the_lesson_of_that_day_follows()
    {
        var school = await School.Make(taught: 30);
        var before = await Year(school);
        var day = Planned(before)[1].Text("day");
        var closed = await app.Post($"{school.Group()}/year/steps", new { revision = before.Number("revision"), kind = "closed", first = day });
        var ways = (await app.Get($"{school.Group()}/year/recovery?days=1")).AsArray();
        Assert.Equal(["pushOn", "absorb", "shorten"], ways.Select(x => x!.Text("way")));
        var spent = Assert.Single(ways[1]!["reviewDays"]!.AsArray())!.GetValue<string>();
        Assert.Equal(before.Text("ends"), ways[1]!.Text("ends"));
        var mended = await app.Post($"{school.Group()}/year/steps", new { revision = closed.Number("revision"), kind = "recovered", way = "absorb", days = 1 });
        var rung = mended["days"]!.AsArray().Single(x => x!.Text("day") == spent)!["rung"]!.Text("label");
        var lesson = await app.Get($"{school.Group()}/lessons/{spent}");
        Assert.Contains(rung.Split(',')[0], lesson.Text("title"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_rung_that_needs_another_day_is_due_again()
    {
        var school = await School.Make(taught: 30);
        var year = await Year(school);
        var last = year["days"]!.AsArray().Last(x => x!["outcome"] is not null)!["rung"]!;
        var after = await app.Post($"{school.Group()}/year/steps", new { revision = year.Number("revision"), kind = "anotherDay", rungId = last.Text("id") });
        Assert.Equal(last.Text("id"), Planned(after)[0]["rung"]!.Text("id"));
    }

    [Fact]
    public async Task A_word_of_tomorrows_lesson_is_judged_as_the_group_will_stand_tomorrow()
    {
        var school = await School.Make(taught: 61);
        Assert.Equal("not-yet", (await app.Get($"{school.Group()}/words/beach")).Text("verdict"));
        Assert.Equal("not-yet", (await app.Get($"{school.Group()}/words/beach?day=2026-11-24")).Text("verdict"));
        Assert.Equal("readable", (await app.Get($"{school.Group()}/words/beach?day=2026-11-25")).Text("verdict"));
    }

    [Fact]
    public async Task Half_a_day_has_a_short_lesson_for_the_school_or_for_one_group_and_is_taken_back()
    {
        var school = await School.Make(taught: 30);
        var settings = await app.Get($"{school.Address}/year");
        const string Day = "2026-11-25", Other = "2026-11-26";
        var asked = new
        {
            revision = settings.Number("revision"), terms = settings["terms"], closures = settings["closures"], pattern = settings["pattern"],
            events = new[] { new { first = Day, last = Day, name = "Harvest show", use = "shortLesson" } },
        };
        Assert.Equal(25, (await app.Get($"{school.Group()}/lessons/{Day}")).Number("minutes"));
        Assert.True((await app.Client.PutAsJsonAsync($"{school.Address}/year", asked)).IsSuccessStatusCode);
        var lesson = await app.Get($"{school.Group()}/lessons/{Day}");
        Assert.Equal((15, "Harvest show"), (lesson.Number("minutes"), lesson["events"]![0]!.GetValue<string>()));
        var year = await Year(school);
        var after = await app.Post($"{school.Group()}/year/steps", new { revision = year.Number("revision"), kind = "event", use = "review", first = Other, reason = "Trip to the farm" });
        var day = after["days"]!.AsArray().Single(x => x!.Text("day") == Other)!;
        Assert.Null(day["rung"]);
        Assert.Equal("Trip to the farm", day["events"]![0]!.GetValue<string>());
        var back = await app.Post($"{school.Group()}/year/undo", new { revision = after.Number("revision") });
        Assert.NotNull(back["days"]!.AsArray().Single(x => x!.Text("day") == Other)!["rung"]);
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/year", asked with { revision = asked.revision + 1, events = [new { first = Other, last = Day, name = "Trip", use = "noted" }] });
        Assert.Equal((400, "terms"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task Weeks_of_listening_come_before_the_first_rung_and_their_lessons_are_by_ear_alone()
    {
        var school = await School.Make(taught: 0);
        var before = await Year(school);
        var first = FirstRung(before);
        var year = await app.Post($"{school.Group()}/year/steps", new { revision = before.Number("revision"), kind = "event", weeks = 3 });
        Assert.Equal(new DateOnly(2026, 11, 24), first);
        Assert.Equal(new DateOnly(2026, 12, 15), FirstRung(year));
        Assert.Equal("Listening and blending", year["undo"]!.Text("label"));
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        Assert.Equal("listening", lesson.Text("kind"));
        var items = lesson["parts"]!.AsArray().SelectMany(x => x!["blocks"]!.AsArray()).SelectMany(x => x!["items"]!.AsArray()).ToList();
        Assert.True(items.Count > 20);
        Assert.All(items, x => Assert.Contains(x!.Text("kind"), (string[])["listening", "told"]));
        Assert.Equal(400, (await app.Fail(HttpMethod.Post, $"{school.Group()}/year/steps", new { revision = year.Number("revision"), kind = "event", weeks = 40 })).Status);

        static DateOnly FirstRung(JsonNode x) => DateOnly.Parse(Planned(x).First(d => d["rung"] is not null).Text("day"), CultureInfo.InvariantCulture);
    }

    [Fact]
    public async Task The_page_for_families_holds_only_words_that_the_group_can_read_by_its_end()
    {
        var school = await School.Make(taught: 61);
        var page = await app.Get($"{school.Group()}/year/home");
        var weeks = page["weeks"]!.AsArray();
        Assert.NotEmpty(weeks);
        Assert.Contains(weeks, x => x!["spellings"]!.AsArray().Any(s => s!.Text("letters") == "ea" && s!.Text("word") == "leaf"));
        Assert.Contains(weeks, x => x!["spellings"]!.AsArray().Any(s => s!.Text("letters") == "two syllables" && s!["isShape"]!.GetValue<bool>()));
        Assert.All(page["words"]!.AsArray(), x => Assert.Matches("^[a-z]{2,}$", x!.GetValue<string>()));
        foreach (var word in page["words"]!.AsArray().Select(x => x!.GetValue<string>()).Take(8))
        {
            Assert.Equal("readable", (await app.Get($"{school.Group()}/words/{word}?day={page.Text("last")}")).Text("verdict"));
        }

        Assert.Equal(400, (await app.Fail(HttpMethod.Get, $"{school.Group()}/year/home?day=2031-01-01", null)).Status);
    }

    [Fact]
    public async Task A_milestone_says_by_how_many_school_days_it_is_missed()
    {
        var school = await School.Make(taught: 30);
        var year = await Year(school);
        var target = Planned(year).Where(x => x["rung"] is not null).ElementAt(9);
        var milestone = new { name = "Half-term", by = target.Text("day"), rungId = target["rung"]!.Text("id"), isCheck = true };
        var put = await app.Client.PutAsJsonAsync($"{school.Group()}/year/milestones", new { revision = year.Number("revision"), milestones = new[] { milestone } });
        var view = (await put.Content.ReadFromJsonAsync<JsonNode>())!;
        Assert.Equal(0, Assert.Single(view["milestones"]!.AsArray())!.Number("daysLate"));
        var day = Planned(view)[0].Text("day");
        var late = await app.Post($"{school.Group()}/year/steps", new { revision = view.Number("revision"), kind = "closed", first = day });
        Assert.InRange(Assert.Single(late["milestones"]!.AsArray())!.Number("daysLate"), 1, 2);
    }

    [Fact]
    public async Task Where_the_group_will_be_is_told_for_a_day_of_the_year_and_for_no_other()
    {
        var school = await School.Make(taught: 30);
        var (now, then) = (await app.Get($"{school.Group()}/year/on?day=2026-11-24"), await app.Get($"{school.Group()}/year/on?day=2027-03-14"));
        Assert.True(then.Number("rungs") > now.Number("rungs") && then.Number("readable") > now.Number("readable"));
        Assert.False(then["isSchoolDay"]!.GetValue<bool>());
        var (status, problem) = await app.Fail(HttpMethod.Get, $"{school.Group()}/year/on?day=2031-01-01");
        Assert.Equal((400, "day"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task The_calendar_of_a_group_opens_in_a_strict_reader_and_only_at_its_address()
    {
        var school = await School.Make(taught: 30);
        var year = await Year(school);
        Assert.Null(year["feed"]);
        var given = await app.Post($"{school.Group()}/year/feed", new { revision = year.Number("revision") });
        var address = given.Text("feed");
        var calendar = Ical.Net.Calendar.Load(await app.Client.GetStringAsync(address))!;
        var planned = given["days"]!.AsArray().Count(x => x!["rung"] is not null);
        Assert.Equal(planned, calendar.Events.Count);
        Assert.Equal(planned, calendar.Events.Select(x => x.Uid).Distinct().Count());
        Assert.All(calendar.Events, x => Assert.False(x.Start!.HasTime));

        var other = await app.Post($"{school.Group()}/year/feed", new { revision = given.Number("revision") });
        Assert.NotEqual(address, other.Text("feed"));
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(address)).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(other.Text("feed"))).StatusCode);
    }

    [Theory]
    [InlineData("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;VALUE=DATE:20261201\r\nDTEND;VALUE=DATE:20261203\r\nSUMMARY:Polling station\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:2\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261204T090000Z\r\nDTEND:20261204T100000Z\r\nSUMMARY:Assembly\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:3\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;VALUE=DATE:20261207\r\nSUMMARY:Trip to the farm\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:4\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261208T131500\r\nSUMMARY:Early finish\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:5\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;VALUE=DATE:20261202\r\nSUMMARY:Coffee morning\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n")]
    [InlineData("what,from,to\nPolling station,2026-12-01,2026-12-02\nTrip to the farm,2026-12-07\nEarly finish,2026-12-08\n")]
    [InlineData("Polling station;1.12.2026;2.12.2026\nTrip to the farm;7.12.2026\nEarly finish;8.12.2026\n")]
    public async Task Days_off_half_days_and_what_happens_are_read_from_the_schools_calendar(string file)
    {
        var school = await School.Make(taught: 10);
        var read = (await app.Post($"{school.Address}/year/calendar/read", new { file = Convert.ToBase64String(Encoding.UTF8.GetBytes(file)) })).AsArray();
        Assert.Equal(
            [("2026-12-01", "2026-12-02", "Polling station", null), ("2026-12-07", "2026-12-07", "Trip to the farm", "noted"), ("2026-12-08", "2026-12-08", "Early finish", "shortLesson")],
            read.Select(x => (x!.Text("first"), x!.Text("last"), x!.Text("name"), x!["use"]?.GetValue<string>())));

        // What the page has already is not read again; a list that is none is refused by name.
        var encoded = Convert.ToBase64String(Encoding.UTF8.GetBytes(file));
        var again = (await app.Post($"{school.Address}/year/calendar/read", new { file = encoded, known = read.Take(2) })).AsArray();
        Assert.Equal(["Early finish"], again.Select(x => x!.Text("name")));
        Assert.Equal((400, "known"), await app.Fail(HttpMethod.Post, $"{school.Address}/year/calendar/read", new { file = encoded, known = new object?[] { null } }) is var (status, problem) ? (status, problem.Text("field")) : default);
    }

    [Theory]
    [InlineData("{\"kind\":\"closed\"}", "first")]
    [InlineData("{\"kind\":\"closed\",\"first\":\"2026-11-28\"}", "first")]
    [InlineData("{\"kind\":\"anotherDay\",\"rungId\":\"none\"}", "rungId")]
    [InlineData("{\"kind\":\"recovered\"}", "way")]
    [InlineData("{\"kind\":\"recovered\",\"way\":\"absorb\",\"days\":99}", "way")]
    public async Task What_cannot_be_done_to_a_plan_is_refused_by_name(string step, string field)
    {
        var school = await School.Make(taught: 10);
        var body = JsonNode.Parse(step)!.AsObject();
        body["revision"] = 1;
        var (status, problem) = await app.Fail(HttpMethod.Post, $"{school.Group()}/year/steps", body);
        Assert.Equal((400, field), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_file_that_is_no_calendar_is_told()
    {
        var school = await School.Make(taught: 10);
        foreach (var file in new[] { "hello", "BEGIN:VCALENDAR\nnonsense", "" })
        {
            var (status, problem) = await app.Fail(HttpMethod.Post, $"{school.Address}/year/calendar/read", new { file = Convert.ToBase64String(Encoding.UTF8.GetBytes(file)) });
            Assert.Equal((400, "file"), (status, problem.Text("field")));
        }
    }

    private Task<JsonNode> Year(School school) => app.Get($"{school.Group()}/year");

    private static List<JsonNode> Planned(JsonNode year) => [.. year["days"]!.AsArray().Where(x => x!["outcome"] is null && string.CompareOrdinal(x.Text("day"), "2026-11-24") >= 0).Select(x => x!)];

    private static IEnumerable<string> RungsOf(JsonNode year) => year["days"]!.AsArray().Where(x => x!["rung"] is not null).Select(x => x!["rung"]!.Text("id"));
}
