using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

public sealed class LadderApiTests(App app)
{
    [Fact]
    public async Task Every_rung_has_its_figures()
    {
        var school = await School.Make(taught: 30);
        var ladder = await Ladder(school);
        var sh = ladder.Rungs().Single(x => x["rung"]!.Text("id") == "sh-sh");
        Assert.True(sh.Number("unlocks") > 20);
        Assert.True(sh.Number("targets") >= 8);
        Assert.Equal("enough", sh.Text("thin"));
        Assert.Equal(0, ladder.Number("thinByPlace"));
        Assert.Equal(30, ladder["strip"]!.Number("line"));
        var opened = await app.Get(school.Ladder("/rungs/sh-sh"));
        Assert.Contains("ship", opened["targets"]!.AsArray().Select(x => x!.GetValue<string>()));
        var was = ladder.Rungs().Single(x => x["rung"]!.Text("id") == "was-of");
        Assert.True(was["tricky"]![0]!.Number("decodableAt") > was.Number("number"));
    }

    [Fact]
    public async Task Weeks_that_bring_much_are_told_by_their_rungs()
    {
        var ladder = await Ladder(await School.Make(taught: 10));
        var weeks = ladder["heavyWeeks"]!.AsArray();
        Assert.NotEmpty(weeks);
        Assert.All(weeks, x => Assert.True(x!.Number("from") <= x!.Number("to") && (x!.Number("correspondences") > 4 || x!.Number("trickyWords") > 3)));
    }

    [Fact]
    public async Task All_figures_follow_a_moved_rung_at_once_and_undo_takes_it_back_by_name()
    {
        var school = await School.Make(taught: 30);
        var ladder = await Ladder(school);
        var section = ladder["sections"]![0]!.Text("id");
        var moved = await Edit(school, ladder, new { kind = "move", rungId = "sh-sh", sectionId = section, at = 2 });
        var sh = moved.Rungs().Single(x => x["rung"]!.Text("id") == "sh-sh");
        Assert.Equal(3, sh.Number("number"));
        Assert.Equal(0, sh.Number("targets"));
        Assert.Contains("moved rung", moved.Text("undo"), StringComparison.Ordinal);
        Assert.Equal(1, moved.Number("unpublished"));
        var back = await app.Post(school.Ladder("/undo"), new { revision = moved.Number("revision") });
        Assert.Equal(Ids(ladder), Ids(back));
        Assert.Null(back["undo"]);
    }

    [Fact]
    public async Task A_rung_moved_after_it_was_taught_changes_nothing_that_was_taught()
    {
        var school = await School.Make(taught: 30);
        var ladder = await Ladder(school);
        var top = ladder["sections"]!.AsArray()[^1]!;
        var moved = await Edit(school, ladder, new { kind = "move", rungId = "s-s", sectionId = top.Text("id"), at = 3 });
        var s = moved.Rungs().Single(x => x["rung"]!.Text("id") == "s-s");
        Assert.True(s["passed"]!.GetValue<bool>());
        Assert.Equal(29, moved["strip"]!.Number("line"));
        await app.Post(school.Ladder("/publish"), new { revision = moved.Number("revision") });
        Assert.Equal("readable", (await app.Get($"{school.Group()}/words/sun")).Text("verdict"));
    }

    [Fact]
    public async Task Lessons_follow_the_draft_only_when_it_is_published()
    {
        var school = await School.Make(taught: 30);
        var due = (await app.Get($"{school.Group()}/lessons/today")).Text("rungId");
        var ladder = await Ladder(school);
        var section = ladder["sections"]![0]!;
        var at = section["rungs"]!.AsArray().Select((x, i) => (x, i)).First(x => x.x!["rung"]!.Text("id") == due).i;
        var edited = await Edit(school, ladder, new { kind = "move", rungId = "sh-sh", sectionId = section.Text("id"), at });
        Assert.Equal(due, (await app.Get($"{school.Group()}/lessons/today")).Text("rungId"));
        var published = await app.Post(school.Ladder("/publish"), new { revision = edited.Number("revision") });
        Assert.Equal(0, published.Number("unpublished"));
        Assert.Equal("sh-sh", (await app.Get($"{school.Group()}/lessons/today")).Text("rungId"));
    }

    [Fact]
    public async Task What_was_published_and_is_undone_afterwards_differs_again_and_can_be_published()
    {
        var school = await School.Make(taught: 30);
        var ladder = await Ladder(school);
        var moved = await Edit(school, ladder, new { kind = "moveBy", rungId = "sh-sh", by = 1 });
        var published = await app.Post(school.Ladder("/publish"), new { revision = moved.Number("revision") });
        Assert.Equal(0, published.Number("unpublished"));
        var undone = await app.Post(school.Ladder("/undo"), new { revision = published.Number("revision") });
        Assert.Equal(Ids(ladder), Ids(undone));
        Assert.Equal(1, undone.Number("unpublished"));
        Assert.Equal(0, (await app.Post(school.Ladder("/publish"), new { revision = undone.Number("revision") })).Number("unpublished"));
    }

    [Theory]
    [InlineData("""{"kind":"rename","name":"Our own order"}""")]
    [InlineData("""{"kind":"section","sectionId":"section-2","name":"Pebbles","shape":{"boxes":4,"together":2,"syllables":1}}""")]
    [InlineData("""{"kind":"addSection","newSection":{"id":"more","name":"More","shape":{"boxes":4,"together":2,"syllables":1},"rungs":[]},"at":1}""")]
    [InlineData("""{"kind":"removeSection","sectionId":"section-2"}""")]
    [InlineData("""{"kind":"whole","ladder":{"name":"Short","sections":[{"id":"s","name":"All","shape":{"boxes":3,"together":1,"syllables":1},"rungs":[{"id":"a-a","kind":"teach","adds":[{"kind":"correspondence","key":"a:a"}],"trickyWords":[],"keyword":"","sayIt":"","writeIt":"","notes":"","days":1}]}]}}""")]
    public async Task Every_edit_of_a_ladder_as_a_whole_is_taken_back_to_what_stood(string edit)
    {
        var school = await School.Make(taught: 10);
        var ladder = await Ladder(school);
        var edited = await Edit(school, ladder, JsonNode.Parse(edit)!);
        Assert.True(edited.Number("unpublished") > 0);
        var back = await app.Post(school.Ladder("/undo"), new { revision = edited.Number("revision") });
        Assert.Equal(0, back.Number("unpublished"));
        Assert.Equal(ladder["sections"]!.ToJsonString(), back["sections"]!.ToJsonString());
        Assert.Equal(ladder.Text("name"), back.Text("name"));
    }

    [Fact]
    public async Task A_ladder_is_seen_beside_no_group_and_not_beside_one_that_is_taught_by_another()
    {
        var (school, other) = (await School.Make(taught: 10), await School.Make(taught: 10));
        var alone = await app.Get($"{school.Address}/ladders/{school.LadderId}");
        Assert.Equal(0, alone["strip"]!.Number("line"));
        Assert.Equal(school.LadderId.ToString(), Assert.Single((await app.Get($"{school.Address}/ladders")).AsArray())!.Text("id"));
        var (status, problem) = await app.Fail(HttpMethod.Get, $"{school.Address}/ladders/{school.LadderId}?groupId={other.Groups[0]}");
        Assert.Equal((404, "groupId"), (status, problem.Text("field")));
    }

    [Theory]
    [InlineData("lessonMinutes")]
    [InlineData("daysARung")]
    [InlineData("spellingsApart")]
    public async Task A_field_is_told_the_numbers_that_the_rules_take(string field)
    {
        var school = await School.Make(taught: [60]);
        var range = (await app.Get(school.Address))["limits"]![field]!;
        var revision = 1;
        foreach (var taken in new[] { range.Number("from"), range.Number("to") })
        {
            using var put = await app.Client.PutAsJsonAsync($"{school.Address}/conventions", new { revision = revision++, conventions = new Dictionary<string, int> { [field] = taken } });
            Assert.True(put.IsSuccessStatusCode);
        }

        foreach (var refused in new[] { range.Number("from") - 1, range.Number("to") + 1 })
        {
            var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/conventions", new { revision, conventions = new Dictionary<string, int> { [field] = refused } });
            Assert.Equal((400, field), (status, problem.Text("field")));
        }
    }

    [Fact]
    public async Task A_school_and_a_group_do_it_their_own_way_on_the_revision_they_saw()
    {
        var school = await School.Make(taught: [60, 60]);
        var seen = await app.Get($"{school.Address}/conventions");
        Assert.Equal(25, seen["whole"]!.Number("lessonMinutes"));
        using var put = await app.Client.PutAsJsonAsync($"{school.Address}/conventions", new { revision = 1, conventions = new { lessonMinutes = 30 } });
        Assert.True(put.IsSuccessStatusCode);
        using var group = await app.Client.PutAsJsonAsync($"{school.Group(1)}/conventions", new { revision = 1, conventions = new { lessonMinutes = 20 } });
        Assert.True(group.IsSuccessStatusCode);
        Assert.Equal((30, 20), ((await app.Get($"{school.Group()}/lessons/today")).Number("minutes"), (await app.Get($"{school.Group(1)}/lessons/today")).Number("minutes")));
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/conventions", new { revision = 1, conventions = new { } });
        Assert.Equal((409, 30), (status, problem["current"]!["own"]!.Number("lessonMinutes")));
        (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/conventions", new { revision = 2, conventions = new { lessonMinutes = 5 } });
        Assert.Equal((400, "lessonMinutes"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_rung_is_added_changed_and_removed()
    {
        var school = await School.Make(taught: 10);
        var ladder = await Ladder(school);
        var section = ladder["sections"]![1]!.Text("id");
        var added = await Edit(school, ladder, new { kind = "add", rung = Rung("new", [("correspondence", "oe:oa")], ["shoe"]), sectionId = section, at = 0 });
        Assert.Contains("new", Ids(added));
        var changed = await Edit(school, added, new { kind = "replace", rung = Rung("new", [("correspondence", "ui:oo")], []) });
        Assert.Equal("ui", changed.Rungs().Single(x => x["rung"]!.Text("id") == "new").Text("label"));
        var removed = await Edit(school, changed, new { kind = "remove", rungId = "new" });
        Assert.Equal(Ids(ladder), Ids(removed));
    }

    [Fact]
    public async Task A_removed_rung_that_lessons_used_leaves_them_and_what_was_taught_alone()
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        await app.Post($"{school.Address}/lessons/{lesson.Text("id")}/outcome", new { revision = 1, outcome = "taught", shaky = Array.Empty<string>() });
        var ladder = await Edit(school, await Ladder(school), new { kind = "remove", rungId = lesson.Text("rungId") });
        ladder = await Edit(school, ladder, new { kind = "remove", rungId = "s-s" });
        await app.Post(school.Ladder("/publish"), new { revision = ladder.Number("revision") });
        var kept = await app.Get($"{school.Group()}/lessons/today");
        Assert.Equal(lesson.Items().Select(x => x.Text("text")), kept.Items().Select(x => x.Text("text")));
        Assert.Equal("readable", (await app.Get($"{school.Group()}/words/sun")).Text("verdict"));
    }

    [Theory]
    [InlineData("""{"kind":"move","rungId":"s-s","sectionId":"section-1","at":-1}""", "at")]
    [InlineData("""{"kind":"move","rungId":"s-s","sectionId":"section-1","at":999}""", "at")]
    [InlineData("""{"kind":"move","rungId":"gone","sectionId":"section-1","at":0}""", "rungId")]
    [InlineData("""{"kind":"move","rungId":"s-s","sectionId":"gone","at":0}""", "sectionId")]
    [InlineData("""{"kind":"remove","rungId":"'; drop table ladders; --"}""", "rungId")]
    [InlineData("""{"kind":"dance","rungId":"s-s"}""", "")]
    [InlineData("""{"kind":"replace","rung":null}""", "")]
    [InlineData("null", "edit")]
    public async Task An_edit_that_cant_be_made_says_why_and_changes_nothing(string edit, string field)
    {
        var school = await School.Make(taught: 10);
        var before = await Ladder(school);
        var (status, problem) = await app.Fail(HttpMethod.Post, school.Ladder("/edits"), new { revision = 1, edit = JsonNode.Parse(edit) });
        Assert.Equal(400, status);
        Assert.True(field.Length == 0 || problem.Text("field") == field, problem.ToJsonString());
        Assert.Equal(before.ToJsonString(), (await Ladder(school)).ToJsonString());
    }

    [Theory]
    [InlineData("adds", "sh")]
    [InlineData("adds", "sh:qq")]
    [InlineData("trickyWords", "<script>")]
    [InlineData("trickyWords", "😀")]
    [InlineData("adds", "ness", "ending")]
    [InlineData("adds", "threeLegs", "structure")]
    [InlineData("adds", "s:s t:t", "rimeUnit")]
    [InlineData("adds", "s:s a:a", "cluster")]
    [InlineData("adds", null)]
    [InlineData("trickyWords", null)]
    public async Task A_rung_that_is_not_whole_is_refused_by_field(string field, string? value, string kind = "correspondence")
    {
        var school = await School.Make(taught: 10);
        var rung = Rung("new", [field == "adds" ? (kind, value!) : ("correspondence", "oe:oa")], field == "trickyWords" ? [value!] : []);
        var (status, problem) = await app.Fail(HttpMethod.Post, school.Ladder("/edits"), new { revision = 1, edit = new { kind = "add", rung, sectionId = "section-1", at = 0 } });
        Assert.Equal((400, field), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_stale_edit_is_refused_with_the_ladder_as_it_now_is()
    {
        var school = await School.Make(taught: 10);
        var ladder = await Ladder(school);
        await Edit(school, ladder, new { kind = "remove", rungId = "sh-sh" });
        var (status, problem) = await app.Fail(HttpMethod.Post, school.Ladder("/edits"), new { revision = 1, edit = new { kind = "remove", rungId = "ch-ch" } });
        Assert.Equal(409, status);
        Assert.DoesNotContain("sh-sh", Ids(problem["current"]!));
    }

    [Fact]
    public async Task Names_with_html_in_them_come_back_as_they_were_typed()
    {
        var school = await School.Make(taught: 10);
        var rung = Rung("new", [("correspondence", "oe:oa")], [], keyword: "<img src=x>");
        var ladder = await Edit(school, await Ladder(school), new { kind = "add", rung, sectionId = "section-1", at = 0 });
        Assert.Equal("<img src=x>", ladder.Rungs().Single(x => x["rung"]!.Text("id") == "new")["rung"]!.Text("keyword"));
    }

    [Fact]
    public async Task A_corrected_split_changes_verdicts_and_lessons_of_that_school_alone()
    {
        var (one, other) = (await School.Make(taught: 24), await School.Make(taught: 24));
        Assert.Equal("readable", (await app.Get($"{one.Group()}/words/sun")).Text("verdict"));
        using var put = await app.Client.PutAsync($"{one.Address}/words/sun/split", System.Net.Http.Json.JsonContent.Create(new { split = "s:s u:oo n:n" }));
        Assert.True(put.IsSuccessStatusCode, await put.Content.ReadAsStringAsync());
        var corrected = await app.Get($"{one.Group()}/words/sun");
        Assert.Equal("not-yet", corrected.Text("verdict"));
        Assert.True(corrected["own"]!.GetValue<bool>());
        Assert.Equal("u:oo", corrected["blockers"]![0]!.Text("part"));
        Assert.Equal("readable", (await app.Get($"{other.Group()}/words/sun")).Text("verdict"));
        for (var n = 20; n < 26; n++)
        {
            var rung = (await Ladder(one)).Rungs().ElementAt(n)["rung"]!.Text("id");
            var lesson = await app.Get($"{one.Group()}/lessons/today?asIf={rung}");
            Assert.DoesNotContain(lesson.Items().Where(x => x.Text("kind") is "word" or "sentence"), x => x.Text("text").Split(' ', '.').Contains("sun"));
        }

        using var back = await app.Client.DeleteAsync($"{one.Address}/words/sun/split");
        Assert.Equal("readable", (await app.Get($"{one.Group()}/words/sun")).Text("verdict"));
    }

    [Theory]
    [InlineData("sun", "s:s u:u", 400, "split")]
    [InlineData("sun", "", 400, "split")]
    [InlineData("blorp", "b:b l:l or:or p:p", 404, "spelling")]
    public async Task A_split_that_does_not_fit_is_refused(string word, string split, int status, string field)
    {
        var school = await School.Make(taught: 10);
        var (answered, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/words/{word}/split", new { split });
        Assert.Equal((status, field), (answered, problem.Text("field")));
    }

    private Task<JsonNode> Ladder(School school) => app.Get(school.Ladder());

    private Task<JsonNode> Edit(School school, JsonNode ladder, object edit) =>
        app.Post(school.Ladder("/edits"), new { revision = ladder.Number("revision"), edit });

    private static List<string> Ids(JsonNode ladder) => [.. ladder.Rungs().Select(x => x["rung"]!.Text("id"))];

    private static object Rung(string id, (string Kind, string Key)[] adds, string[] trickyWords, string keyword = "") => new
    {
        id, kind = "teach", adds = adds.Select(x => x.Key is null ? null : new { kind = x.Kind, key = x.Key }), trickyWords, keyword, sayIt = "", writeIt = "", notes = "", days = 1,
    };
}
