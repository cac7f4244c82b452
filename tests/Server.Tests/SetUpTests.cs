using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Tests;

/// <summary>From nothing to one's own lesson, by the API.</summary>
public class SetUpTests(App app)
{
    private const string Order = "Week,Sounds,Tricky words\n1,\"m, o, b, t\",\n2,\"a, n, s, e\",\"the, to\"\n3,\"d, u, c, k\",\"I, no\"\n4,\"ck, i, l, r\",go\n5,\"ow, sh\",\n";

    [Fact]
    public async Task A_school_goes_from_nothing_to_a_lesson_of_its_own()
    {
        var school = await NewSchool();
        var preview = await app.Post($"{school}/ladders/import", new { fileName = "order.csv", file = Base64(Order) });
        var doubt = Assert.Single(preview["doubts"]!.AsArray());
        Assert.Equal("ow", doubt!.Text("letters"));
        Assert.Equal("B6", doubt!["source"]!.Text("cell"));
        Assert.Equal(2, doubt!["choices"]!.AsArray().Count);

        var answered = await app.Post($"{school}/ladders/import", new { fileName = "order.csv", file = Base64(Order), answers = new { ow = "oa" } });
        Assert.All(answered["doubts"]!.AsArray(), x => Assert.Equal("oa", x!.Text("answer")));
        var ladder = await app.Post($"{school}/ladders", new { ladder = answered["ladder"], answers = new { ow = "oa" } });
        var rungs = answered["rungs"]!.AsArray();
        var group = await app.Post($"{school}/groups", new { name = "Wrens", ladderId = ladder.Text("id"), taught = new { upTo = rungs[9]!.Text("rungId") } });
        Assert.Equal(10, group.Number("taught"));

        var lesson = await app.Get($"{school}/groups/{group.Text("id")}/lessons/today");
        Assert.Equal(10, lesson["strip"]!.Number("line"));
        Assert.NotEmpty(lesson.Items("read"));
    }

    [Fact]
    public async Task A_class_in_the_middle_of_a_rung_begins_with_what_is_left_of_it()
    {
        var school = await NewSchool();
        var preview = await app.Post($"{school}/ladders/import", new { pasted = "Week 1\to, n, d\nWeek 2\tt, a\nWeek 3\tm, p" });
        var ladder = await app.Post($"{school}/ladders", new { ladder = preview["ladder"] });
        object Group(int daysOfNext) => new { name = "Wrens", ladderId = ladder.Text("id"), taught = new { upTo = preview["rungs"]![2]!.Text("rungId"), daysOfNext } };
        foreach (var days in (int[])[2, -1])
        {
            Assert.Equal("taught.daysOfNext", (await app.Fail(HttpMethod.Post, $"{school}/groups", Group(days))).Problem.Text("field"));
        }

        var group = await app.Post($"{school}/groups", Group(1));
        Assert.Equal(3, group.Number("taught"));
        var lesson = await app.Get($"{school}/groups/{group.Text("id")}/lessons/today");
        Assert.Equal(3, lesson["strip"]!.Number("line"));
        // What was met yesterday is among the cards today.
        Assert.Contains("t", lesson.Items("cards").Select(x => x.Text("text")));
    }

    [Fact]
    public async Task What_was_answered_once_is_not_asked_again()
    {
        var school = await NewSchool();
        var answered = await app.Post($"{school}/ladders/import", new { fileName = "order.csv", file = Base64(Order), answers = new { ow = "ow" } });
        await app.Post($"{school}/ladders", new { ladder = answered["ladder"], answers = new { ow = "ow" } });
        var again = await app.Post($"{school}/ladders/import", new { fileName = "next-year.csv", file = Base64(Order) });
        Assert.Equal("ow", again["doubts"]![0]!.Text("answer"));
    }

    [Fact]
    public async Task A_layout_matched_once_is_remembered()
    {
        var school = await NewSchool();
        const string Sheet = "Aa,Bb\nsh,ship\nch,chin\nth,thin\n";
        var roles = new Dictionary<string, string> { ["2"] = "notes" };
        var told = await app.Post($"{school}/ladders/import", new { file = Base64(Sheet), fileName = "x.csv", roles });
        await app.Post($"{school}/ladders", new { ladder = told["ladder"], layout = new { signature = told.Text("signature"), roles } });
        var again = await app.Post($"{school}/ladders/import", new { file = Base64(Sheet), fileName = "x.csv" });
        Assert.Equal("notes", again["columns"]![1]!.Text("role"));
    }

    [Fact]
    public async Task An_order_brought_in_again_takes_the_drafts_place_and_name_and_its_layout_is_remembered()
    {
        var (school, ladder, _) = await WithGroup();
        var before = await app.Get($"{school}/ladders/{ladder}");
        const string Sheet = "Grapheme,Yod\nsh,ship\nch,chin\nth,thin\n";
        var roles = new Dictionary<string, string> { ["2"] = "notes" };
        var told = await app.Post($"{school}/ladders/import", new { file = Base64(Sheet), fileName = "x.csv", roles, before = false });
        var after = await app.Post($"{school}/ladders/{ladder}/draft", new { ladder = told["ladder"], layout = new { signature = told.Text("signature"), roles } });
        Assert.Equal(before.Text("name"), after.Text("name"));
        Assert.Equal(["sh", "ch"], after.Rungs().Select(x => x.Text("label")).Take(2));
        var again = await app.Post($"{school}/ladders/import", new { file = Base64(Sheet), fileName = "x.csv" });
        Assert.Equal("notes", again["columns"]![1]!.Text("role"));

        var undone = await app.Post($"{school}/ladders/{ladder}/undo", new { revision = after.Number("revision") });
        Assert.Equal(before.Rungs().Select(x => x.Text("label")), undone.Rungs().Select(x => x.Text("label")));
        Assert.Equal("ladder", (await app.Fail(HttpMethod.Post, $"{school}/ladders/{ladder}/draft", new { })).Problem.Text("field"));
        Assert.Equal(404, (await app.Fail(HttpMethod.Post, $"{school}/ladders/{Guid.NewGuid()}/draft", new { ladder = told["ladder"] })).Status);
    }

    [Fact]
    public async Task A_plan_of_endings_has_words_for_them_and_a_baseline_before_the_first_letter_is_a_lesson()
    {
        var school = await NewSchool();
        async Task<System.Text.Json.Nodes.JsonNode> FirstLesson(string cells)
        {
            var preview = await app.Post($"{school}/ladders/import", new { fileName = "plan.csv", file = Base64(cells) });
            var ladder = await app.Post($"{school}/ladders", new { ladder = preview["ladder"] });
            var upTo = (await app.Get($"{school}/ladders/{ladder.Text("id")}"))["startsAfter"]?.GetValue<string>();
            var group = await app.Post($"{school}/groups", new { name = cells[..9], ladderId = ladder.Text("id"), taught = upTo is null ? null : new { upTo } });
            return await app.Get($"{school}/groups/{group.Text("id")}/lessons/today");
        }

        var endings = await FirstLesson("Week,Endings\n1,-ing\n2,-ed\n3,\"-er, -est\"\n4,-ly\n");
        Assert.All(endings.Items("read").Take(4), x => Assert.EndsWith("ing", x.Text("text"), StringComparison.Ordinal));
        var baseline = await FirstLesson("Week,Sounds\n1,Baseline\n2,\"o, t, n\"\n3,\"i, d, a\"\n");
        Assert.Equal("listening", baseline.Text("kind"));
        Assert.NotEmpty(baseline.Items("listening"));
    }

    [Fact]
    public async Task Letters_that_an_order_leaves_out_are_told_and_stand_before_it_only_when_a_lead_says_so()
    {
        var school = await NewSchool();
        const string Sheet = "Week,Sounds\n1,\"i, d\"\n2,\"o, g\"\n3,\"a, n\"\n4,\"sh, ch\"\n5,\"ai, ee\"\n";
        var preview = await app.Post($"{school}/ladders/import", new { fileName = "plan.csv", file = Base64(Sheet) });
        Assert.False(preview["before"]!["likely"]!.GetValue<bool>());
        Assert.DoesNotContain(preview["ladder"]!["sections"]!.AsArray(), x => x!.Text("name") == "Before this order");
        var known = await app.Post($"{school}/ladders/import", new { fileName = "plan.csv", file = Base64(Sheet), before = true });
        Assert.Equal("Before this order", known["ladder"]!["sections"]![0]!.Text("name"));
    }

    [Fact]
    public async Task A_plan_that_begins_after_the_letters_has_them_in_front_and_a_group_reads_words_on_its_first_day()
    {
        var school = await NewSchool();
        const string YearOne = "Week,Sounds\n1,\"ai, ay\"\n2,\"ee, ea\"\n3,\"oa, oi\"\n4,\"ar, or\"\n";
        var declined = await app.Post($"{school}/ladders/import", new { fileName = "y1.csv", file = Base64(YearOne), before = false });
        Assert.NotNull(declined["before"]);
        Assert.Equal(0, declined["rungs"]![0]!.Number("opens"));

        var preview = await app.Post($"{school}/ladders/import", new { fileName = "y1.csv", file = Base64(YearOne) });
        Assert.Contains("t", preview["before"]!["graphemes"]!.AsArray().Select(x => x!.GetValue<string>()));
        Assert.InRange(preview["rungs"]![0]!.Number("opens"), 20, 500);
        var ladder = await app.Post($"{school}/ladders", new { ladder = preview["ladder"] });
        var startsAfter = (await app.Get($"{school}/ladders/{ladder.Text("id")}")).Text("startsAfter");
        var group = await app.Post($"{school}/groups", new { name = "Ducks", ladderId = ladder.Text("id"), taught = new { upTo = startsAfter } });
        var lesson = await app.Get($"{school}/groups/{group.Text("id")}/lessons/today");
        Assert.All(lesson.Items("read").Take(4), x => Assert.Contains("ai", x.Text("text")));

        // It goes out with the ladder and comes back as it was.
        using var sheet = await app.Client.GetAsync($"{school}/ladders/{ladder.Text("id")}/file?format=csv");
        var back = await app.Post($"{school}/ladders/import", new { fileName = "back.csv", file = Convert.ToBase64String(await sheet.Content.ReadAsByteArrayAsync()) });
        Assert.Null(back["before"]);
        Assert.Equal(preview["ladder"]!["sections"]![0]!["rungs"]!.ToJsonString(), back["ladder"]!["sections"]![0]!["rungs"]!.ToJsonString());
    }

    [Fact]
    public async Task Nothing_is_kept_until_it_is_accepted_and_it_can_be_taken_back()
    {
        var school = await NewSchool();
        var preview = await app.Post($"{school}/ladders/import", new { pasted = "d\no\nt\nn" });
        Assert.Empty((await app.Get($"{school}/ladders")).AsArray());
        var ladder = await app.Post($"{school}/ladders", new { ladder = preview["ladder"] });
        Assert.Single((await app.Get($"{school}/ladders")).AsArray());
        using var removed = await app.Client.DeleteAsync($"{school}/ladders/{ladder.Text("id")}");
        Assert.Equal(204, (int)removed.StatusCode);
        Assert.Empty((await app.Get($"{school}/ladders")).AsArray());
    }

    [Fact]
    public async Task A_ladder_that_a_group_is_taught_by_is_not_taken_away()
    {
        var (school, ladder, _) = await WithGroup();
        var (status, problem) = await app.Fail(HttpMethod.Delete, $"{school}/ladders/{ladder}");
        Assert.Equal(400, status);
        Assert.Equal("ladderId", problem.Text("field"));
    }

    [Theory]
    [InlineData("{}", "file")]
    [InlineData("""{"file":"cw==","pasted":"s"}""", "file")]
    [InlineData("""{"file":"not base64 !"}""", "file")]
    [InlineData("""{"pasted":"   \n "}""", "file")]
    [InlineData("""{"pasted":"s","sheet":7}""", "sheet")]
    public async Task A_bad_import_names_the_field(string body, string field)
    {
        var school = await NewSchool();
        using var answer = await app.Client.PostAsync($"{school}/ladders/import", new StringContent(body, Encoding.UTF8, "application/json"));
        Assert.Equal(400, (int)answer.StatusCode);
        Assert.Equal(field, JsonNode.Parse(await answer.Content.ReadAsStringAsync())!.Text("field"));
    }

    [Fact]
    public async Task A_word_that_no_child_is_to_see_does_not_come_in_by_a_sheet()
    {
        var school = await NewSchool();
        var preview = await app.Post($"{school}/ladders/import", new { pasted = "s\na\nTricky words: shit, the" });
        Assert.Contains("never shown", preview.Text("problem"), StringComparison.Ordinal);
        var (status, _) = await app.Fail(HttpMethod.Post, $"{school}/ladders", new { ladder = preview["ladder"] });
        Assert.Equal(400, status);
    }

    [Theory]
    [InlineData("", "gb-south", "name")]
    [InlineData("Heron Lane", "welsh", "accent")]
    public async Task A_school_needs_a_name_and_an_accent(string name, string accent, string field)
    {
        var (status, problem) = await app.Fail(HttpMethod.Post, "/api/schools", new { name, accent });
        Assert.Equal(400, status);
        Assert.Equal(field, problem.Text("field"));
    }

    [Fact]
    public async Task A_school_is_erased_whole_when_its_name_is_given_and_no_other_with_it()
    {
        var (school, _, group) = await WithGroup();
        var (other, _, kept) = await WithGroup();
        await app.Get($"{school}/groups/{group}/lessons/today");
        var (status, problem) = await app.Fail(HttpMethod.Delete, $"{school}?name=Another");
        Assert.Equal((400, "name"), (status, problem.Text("field")));
        using var erased = await app.Client.DeleteAsync($"{school}?name=tern+street");
        Assert.Equal(204, (int)erased.StatusCode);
        Assert.Equal(404, (await app.Fail(HttpMethod.Get, school)).Status);
        var id = Guid.Parse(school[^36..]);
        await using var db = App.Database(id);
        Assert.False(await db.Log.IgnoreQueryFilters().AnyAsync(x => x.SchoolId == id, TestContext.Current.CancellationToken));
        Assert.NotNull(await app.Get($"{other}/groups/{kept}/lessons/today"));
    }

    [Fact]
    public async Task What_a_group_knew_before_is_in_its_log_and_survives_another_ladder()
    {
        var (school, _, group) = await WithGroup(taught: 8);
        var preview = await app.Post($"{school}/ladders/import", new { pasted = "e\ns\nn\na\nt\nb\no\nm\nd\nsh" });
        var other = await app.Post($"{school}/ladders", new { ladder = preview["ladder"] });
        var moved = await app.Get($"{school}/groups/{group}/moved?ladderId={other.Text("id")}");
        Assert.Equal(8, moved["before"]!.Number("taught"));
        Assert.Equal(8, moved["after"]!.Number("taught"));
        Assert.Equal("d", moved["after"]!.Text("next"));
        using var put = await app.Client.PutAsJsonAsync($"{school}/groups/{group}", new { revision = 1, name = "Wrens", ladderId = other.Text("id"), archived = false });
        Assert.Equal(200, (int)put.StatusCode);
        Assert.Equal("readable", (await app.Get($"{school}/groups/{group}/words/sat")).Text("verdict"));
    }

    [Fact]
    public async Task A_group_ticked_rung_by_rung_was_taught_those_and_no_more()
    {
        var (school, ladder, _) = await WithGroup();
        var rungs = (await app.Get($"{school}/ladders/{ladder}")).Rungs().Select(x => x["rung"]!.Text("id")).ToList();
        var group = await app.Post($"{school}/groups", new { name = "Owls", ladderId = ladder, taught = new { rungs = new[] { rungs[0], rungs[2], rungs[5] } } });
        Assert.Equal(3, group.Number("taught"));
        Assert.Equal("o", group.Text("next"));
    }

    [Fact]
    public async Task A_group_that_comes_with_much_behind_it_is_not_asked_all_of_it_on_the_first_day()
    {
        var (school, _, group) = await WithGroup(taught: 16);
        var lesson = await app.Get($"{school}/groups/{group}/lessons/today");
        Assert.Empty(lesson["carried"]?.AsArray() ?? []);
    }

    [Fact]
    public async Task A_group_put_away_is_kept_and_brought_back()
    {
        var (school, ladder, group) = await WithGroup();
        async Task Put(int revision, bool archived)
        {
            using var put = await app.Client.PutAsJsonAsync($"{school}/groups/{group}", new { revision, name = "Wrens", ladderId = ladder, archived });
            Assert.Equal(200, (int)put.StatusCode);
        }

        await Put(1, true);
        Assert.True((await app.Get(school))["groups"]![0]!["archived"]!.GetValue<bool>());
        await Put(2, false);
        Assert.False((await app.Get(school))["groups"]![0]!["archived"]!.GetValue<bool>());
        var (status, _) = await app.Fail(HttpMethod.Put, $"{school}/groups/{group}", new { revision = 1, name = "Old", ladderId = ladder, archived = false });
        Assert.Equal(409, status);
    }

    [Fact]
    public async Task A_new_school_has_the_usual_terms_of_its_country_until_it_says_its_own()
    {
        var school = await NewSchool();
        var year = await app.Get($"{school}/year");
        Assert.True(year["usual"]!.GetValue<bool>());
        Assert.InRange(year.Number("schoolDays"), 185, 196);
        var body = new { revision = year.Number("revision"), terms = new[] { new { name = "All year", first = "2026-09-01", last = "2027-07-20" } }, closures = Array.Empty<object>(), pattern = year["pattern"] };
        using var put = await app.Client.PutAsJsonAsync($"{school}/year", body);
        Assert.Equal(200, (int)put.StatusCode);
        Assert.False((await app.Get($"{school}/year"))["usual"]!.GetValue<bool>());
        Assert.Equal(409, (await app.Fail(HttpMethod.Put, $"{school}/year", body)).Status);
    }

    [Fact]
    public async Task A_year_that_is_none_names_the_field()
    {
        var school = await NewSchool();
        var week = new { monday = "new", tuesday = "new", wednesday = "new", thursday = "new", friday = "review" };
        var backwards = new { revision = 1, terms = new[] { new { name = "One", first = "2027-01-01", last = "2026-01-01" } }, closures = Array.Empty<object>(), pattern = week };
        Assert.Equal("terms", (await app.Fail(HttpMethod.Put, $"{school}/year", backwards)).Problem.Text("field"));
        var idle = new { monday = "review", tuesday = "review", wednesday = "review", thursday = "review", friday = "review" };
        Assert.Equal("pattern", (await app.Fail(HttpMethod.Put, $"{school}/year", new { backwards.revision, backwards.terms, backwards.closures, pattern = idle })).Problem.Text("field"));
    }

    private async Task<string> NewSchool() => $"/api/schools/{(await app.Post("/api/schools", new { name = "Tern Street", accent = "gb-south" })).Text("id")}";

    private async Task<(string School, string Ladder, string Group)> WithGroup(int taught = 0)
    {
        var school = await NewSchool();
        var preview = await app.Post($"{school}/ladders/import", new { fileName = "order.csv", file = Base64(Order), answers = new { ow = "oa" } });
        var ladder = await app.Post($"{school}/ladders", new { ladder = preview["ladder"] });
        var group = await app.Post(
            $"{school}/groups",
            new { name = "Wrens", ladderId = ladder.Text("id"), taught = taught == 0 ? null : new { upTo = preview["rungs"]![taught - 1]!.Text("rungId") } });
        return (school, ladder.Text("id"), group.Text("id"));
    }

    private static string Base64(string text) => Convert.ToBase64String(Encoding.UTF8.GetBytes(text));
}
