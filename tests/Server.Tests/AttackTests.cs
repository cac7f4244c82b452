using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Tests;

/// <summary>What was tried against a running server, each sent again: nothing is lost, nothing gets through, nothing answers 500.</summary>
public sealed class AttackTests(App app)
{
    [Theory]
    [InlineData("card SECRETTYPED")]
    [InlineData("tricky ")]
    [InlineData("tricky HUGE")]
    [InlineData("card zz:zz")]
    [InlineData("recall oi")]
    [InlineData("tricky xylophone")]
    public async Task Only_what_a_lesson_holds_can_be_shaky(string shaky)
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var text = shaky.Replace("HUGE", new string('x', 100_000), StringComparison.Ordinal);
        var (status, problem) = await app.Fail(
            HttpMethod.Post, $"{school.Address}/lessons/{lesson.Text("id")}/outcome", new { revision = 1, outcome = "taught", shaky = new[] { text } });
        Assert.Equal((400, "shaky"), (status, problem.Text("field")));
        Assert.DoesNotContain("SECRETTYPED", problem.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(30, (await app.Get($"{school.Group()}/lessons/today"))["strip"]!.Number("line"));
    }

    [Fact]
    public async Task A_bad_row_in_a_log_takes_no_group_down()
    {
        var school = await School.Make(taught: 30);
        await using (var db = App.Database(school.Id))
        {
            db.Log.Add(Row(school, 31, """{"v":2,"rungId":"","things":[],"trickyWords":[],"seen":[],"shaky":["card SECRETTYPED"],"read":[]}"""));
            db.Log.Add(Row(school, 32, """{"nothing":"of the kind"}"""));
            db.Log.Add(Row(school, 33, """{"v":99}"""));
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }

        var lesson = await app.Get($"{school.Group()}/lessons/today");
        Assert.Equal(30, lesson["strip"]!.Number("line"));
        Assert.DoesNotContain("SECRETTYPED", lesson.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public void A_log_entry_that_could_not_be_read_again_cant_be_written()
    {
        var entry = new LogEntry(
            1, Guid.CreateVersion7().ToString(), App.Today, LogOutcome.Taught, "", [], [], [], [new RevisitItem(RevisitTrack.Card, "SECRETTYPED")], []);
        Assert.Throws<InvalidDataException>(() => LogDocument.RowOf(entry, Guid.NewGuid(), Guid.NewGuid()));
    }

    [Fact]
    public async Task A_page_that_shows_a_lesson_made_again_since_can_neither_change_it_nor_mark_it()
    {
        var school = await School.Make(taught: 30);
        var shown = await app.Get($"{school.Group()}/lessons/today");
        var (id, revision) = (shown.Text("id"), shown.Number("revision"));

        // The ground moves: a rung is put in front and published, and somebody opens the day anew.
        var ladder = await app.Get(school.Ladder());
        var first = shown.Text("rungId");
        var at = ladder["sections"]!.AsArray().SelectMany(s => s!["rungs"]!.AsArray().Select((r, i) => (Section: s!.Text("id"), Id: r!["rung"]!.Text("id"), i))).First(x => x.Id == first);
        ladder = await app.Post(school.Ladder("/edits"), new { revision = 1, edit = new { kind = "move", rungId = "sh-sh", sectionId = at.Section, at = at.i } });
        await app.Post(school.Ladder("/publish"), new { revision = ladder.Number("revision") });
        var now = await app.Get($"{school.Group()}/lessons/today");
        Assert.Equal(id, now.Text("id"));
        Assert.NotEqual(first, now.Text("rungId"));
        Assert.True(now.Number("revision") > revision);

        var (status, problem) = await app.Fail(
            HttpMethod.Post, $"{school.Address}/lessons/{id}/edits", new { revision, change = "drop", itemId = shown.Items("read").First().Text("id") });
        Assert.Equal(409, status);
        Assert.Equal(now.Text("rungId"), problem["current"]!.Text("rungId"));
        (status, _) = await app.Fail(HttpMethod.Post, $"{school.Address}/lessons/{id}/outcome", new { revision, outcome = "taught" });
        Assert.Equal(409, status);
        Assert.Equal(now.ToJsonString(), (await app.Get($"{school.Group()}/lessons/today")).ToJsonString());
    }

    [Theory]
    [InlineData("accent")]
    [InlineData("conventions")]
    [InlineData("year")]
    [InlineData("words")]
    public async Task Whatever_a_lesson_is_made_from_it_is_made_again_when_that_changes_and_nobody_touched_it(string what)
    {
        var school = await School.Make(taught: 60);
        var before = await app.Get($"{school.Group()}/lessons/today");
        await using (var db = App.Database(school.Id))
        {
            var row = await db.Schools.SingleAsync(x => x.Id == school.Id, TestContext.Current.CancellationToken);
            switch (what)
            {
                case "accent":
                    row.Accent = "us";
                    break;
                case "conventions":
                    row.Conventions = StoredJson.Write(new ConventionsDocument(LessonMinutes: 30));
                    break;
                case "year":
                    row.Year = row.Year.Replace("new", "review", StringComparison.Ordinal);
                    break;
                default:
                    row.WordsRevision++;
                    break;
            }

            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }

        var after = await app.Get($"{school.Group()}/lessons/today");
        Assert.Equal(before.Number("revision") + 1, after.Number("revision"));
        Assert.Equal(what == "conventions" ? 30 : 25, after.Number("minutes"));
        Assert.Equal(after.Number("revision"), (await app.Get($"{school.Group()}/lessons/today")).Number("revision"));
    }

    [Fact]
    public async Task What_a_person_touched_is_kept_as_it_is_even_when_everything_was_undone()
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var address = $"{school.Address}/lessons/{lesson.Text("id")}";
        var edited = await app.Post($"{address}/edits", new { revision = 1, change = "drop", itemId = lesson.Items("read").First().Text("id") });
        var undone = await app.Post($"{address}/undo", new { revision = edited.Number("revision") });
        await using (var db = App.Database(school.Id))
        {
            (await db.Schools.SingleAsync(x => x.Id == school.Id, TestContext.Current.CancellationToken)).Accent = "us";
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }

        Assert.Equal(undone.Number("revision"), (await app.Get($"{school.Group()}/lessons/today")).Number("revision"));
    }

    [Theory]
    [InlineData("shit")]
    [InlineData("ｓｈｉｔ")]
    [InlineData("shits")]
    [InlineData("sh\u200Bit")]
    [InlineData("сat")]
    [InlineData("a\0b")]
    public async Task No_road_by_which_a_word_reaches_a_class_passes_what_is_not_fit_for_it(string word)
    {
        var school = await School.Make(taught: 60);
        object Rung(string tricky = "shoe", string keyword = "", string notes = "") => new
        {
            id = "new", kind = "teach", adds = new[] { new { kind = "correspondence", key = "oe:oa" } }, trickyWords = new[] { tricky }, keyword, sayIt = "", writeIt = "", notes, days = 1,
        };
        foreach (var (field, edit) in new (string, object)[]
        {
            ("trickyWords", new { kind = "add", rung = Rung(tricky: word), sectionId = "section-1", at = 0 }),
            ("keyword", new { kind = "add", rung = Rung(keyword: word), sectionId = "section-1", at = 0 }),
            ("notes", new { kind = "add", rung = Rung(notes: $"Say {word}."), sectionId = "section-1", at = 0 }),
            ("name", new { kind = "rename", name = $"The {word} ladder" }),
            ("name", new { kind = "section", sectionId = "section-1", name = word, shape = new { boxes = 3, together = 1, syllables = 1 } }),
            ("trickyWords", new { kind = "addSection", newSection = new { id = "more", name = "More", shape = new { boxes = 3, together = 1, syllables = 1 }, rungs = new[] { Rung(tricky: word) } }, at = 0 }),
        })
        {
            var (status, problem) = await app.Fail(HttpMethod.Post, school.Ladder("/edits"), new { revision = 1, edit });
            Assert.Equal((400, field), (status, problem.Text("field")));
        }

        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var edits = $"{school.Address}/lessons/{lesson.Text("id")}/edits";
        foreach (var item in new[] { lesson.Items("read").First(), lesson.Items("readSentences").First() })
        {
            var (status, _) = await app.Fail(HttpMethod.Post, edits, new { revision = 1, change = "type", itemId = item.Text("id"), text = word, asTricky = true });
            Assert.True(status is 400 or 422, $"{status}");
        }

        // A NUL can't even stand in an address.
        foreach (var (spelling, spoken) in new[] { (word.Replace("\0", "", StringComparison.Ordinal) == word ? word : "z-b", ""), ("zib", $"It is {word}.") })
        {
            var (status, _) = await app.Fail(
                HttpMethod.Put, $"{school.Address}/own-words/{Uri.EscapeDataString(spelling)}", new { split = "z:z i:i b:b", familiarity = "4-5", spoken });
            Assert.Equal(400, status);
        }

        var (csv, csvProblem) = await app.Fail(
            HttpMethod.Put, $"{school.Address}/own-words.csv", new { csv = $"word,split,familiarity,spoken\r\nzib,z:z i:i b:b,4-5,It is {word}.\r\n" });
        Assert.Equal((400, "csv"), (csv, csvProblem.Text("field")));
        Assert.Equal(1, (await app.Get(school.Ladder())).Number("revision"));
    }

    [Fact]
    public async Task Of_two_files_that_each_take_the_place_of_all_words_one_stands_whole()
    {
        var school = await School.Make(taught: 20);
        string File(char first) => "word,split,familiarity,spoken\r\n" + string.Concat(Enumerable.Range(0, 20).Select(i => $"{first}i{(char)('a' + i)},{first}:{first} i:i {(char)('a' + i)}:{Sound((char)('a' + i))},4-5,\r\n"));
        for (var i = 0; i < 4; i++)
        {
            var answers = await Task.WhenAll(new[] { 'z', 'v', 'b' }.Select(x => app.Client.PutAsJsonAsync($"{school.Address}/own-words.csv", new { csv = File(x) })));
            Assert.All(answers, x => Assert.Equal(HttpStatusCode.OK, x.StatusCode));
            var words = (await app.Get($"{school.Address}/own-words"))["words"]!.AsArray().Select(x => x!.Text("word")).ToList();
            Assert.Equal(20, words.Count);
            Assert.Single(words.Select(x => x[0]).Distinct());
        }

        var revision = (await app.Get($"{school.Address}/own-words")).Number("revision");
        Assert.Equal(1 + 12, revision);
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/own-words.csv", new { csv = File('z'), revision = revision - 1 });
        Assert.Equal((409, revision, 20), (status, problem["current"]!.Number("revision"), problem["current"]!["words"]!.AsArray().Count));
    }

    [Fact]
    public async Task The_same_word_added_and_taken_out_many_times_at_once_never_fails_and_every_change_counts()
    {
        var school = await School.Make(taught: 20);
        var changes = Enumerable.Range(0, 24).Select(i => i % 3 == 2
            ? app.Client.DeleteAsync($"{school.Address}/words/zib/split")
            : app.Client.PutAsJsonAsync($"{school.Address}/own-words/zib", new { split = "z:z i:i b:b", familiarity = "4-5", spoken = "" }));
        var answers = await Task.WhenAll(changes);
        Assert.All(answers, x => Assert.True(x.StatusCode is HttpStatusCode.NoContent or HttpStatusCode.NotFound, $"{x.StatusCode}"));
        Assert.Equal(1 + answers.Count(x => x.StatusCode == HttpStatusCode.NoContent), (await app.Get($"{school.Address}/own-words")).Number("revision"));
    }

    [Fact]
    public async Task Eight_lessons_of_one_group_marked_at_once_are_all_marked()
    {
        var school = await School.Make(taught: 30);
        var day = App.Today;
        var lessons = new List<JsonNode>();
        while (lessons.Count < 8)
        {
            if (day.DayOfWeek is not (DayOfWeek.Saturday or DayOfWeek.Sunday))
            {
                lessons.Add(await app.Get($"{school.Group()}/lessons/{day:yyyy-MM-dd}"));
            }

            day = day.AddDays(1);
        }

        var answers = await Task.WhenAll(lessons.Select(x => app.Client.PostAsJsonAsync(
            $"{school.Address}/lessons/{x.Text("id")}/outcome", new { revision = x.Number("revision"), outcome = "partly" })));
        Assert.All(answers, x => Assert.Equal(HttpStatusCode.OK, x.StatusCode));
        await using var db = App.Database(school.Id);
        Assert.Equal(38, await db.Log.CountAsync(TestContext.Current.CancellationToken));
    }

    [Theory]
    [InlineData("""{"revision":1,"edit":{}}""", 400)]
    [InlineData("""{"revision":1,"edit":{"kind":"add","rung":{"id":"x","kind":"teach","adds":[],"trickyWords":[null],"keyword":"","sayIt":"","writeIt":"","notes":"","days":1},"sectionId":"section-1","at":0}}""", 400)]
    [InlineData("""{"revision":1,"edit":{"kind":"add","rung":{"id":"a/b","kind":"teach","adds":[{"kind":"correspondence","key":"oe:oa"}],"trickyWords":[],"keyword":"","sayIt":"","writeIt":"","notes":"","days":1},"sectionId":"section-1","at":0}}""", 400)]
    [InlineData("""{"revision":1,"edit":{"kind":"whole","ladder":{"name":"x","sections":[null]}}}""", 400)]
    [InlineData("""{"revision":1,"edit":{"kind":"whole","ladder":{"name":"x","sections":[]}}}""", 400)]
    [InlineData("""{"revision":1,"edit":[]}""", 400)]
    [InlineData("""{"revision":1""", 400)]
    [InlineData("null", 400)]
    public async Task An_edit_that_is_none_is_answered_as_such(string body, int status)
    {
        var school = await School.Make(taught: 10);
        using var content = new StringContent(body, Encoding.UTF8, "application/json");
        using var answer = await app.Client.PostAsync(school.Ladder("/edits"), content);
        Assert.Equal(status, (int)answer.StatusCode);
        Assert.NotEmpty(JsonNode.Parse(await answer.Content.ReadAsStringAsync())!.Text("detail"));
    }

    [Fact]
    public async Task A_split_that_grows_too_long_when_it_is_written_out_is_refused()
    {
        // Every reading of the word once, which is longer written out than it was typed.
        var school = await School.Make(taught: 10);
        var split = string.Join('|', Enumerable.Range(0, 33).Select(i => $"z:{"szvftdgbmnlrwyhpk"[i % 17]} i:{(i < 17 ? "i" : "e")} b:b"));
        Assert.True(split.Length <= 400, $"{split.Length}");
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/own-words/zib", new { split, familiarity = "4-5", spoken = "" });
        Assert.Equal((400, "split"), (status, problem.Text("field")));
    }

    [Theory]
    [InlineData("first,last")]
    [InlineData("1")]
    [InlineData("")]
    public async Task A_place_is_one_place(string place)
    {
        var (status, problem) = await app.Fail(HttpMethod.Post, "/api/lists", new { accent = "us", sound = "ai", place });
        Assert.Equal((400, "place"), (status, problem.Text("field")));
    }

    [Theory]
    [InlineData("-")]
    [InlineData("'")]
    [InlineData("cat-")]
    public async Task A_mark_is_no_word(string text)
    {
        var school = await School.Make(taught: 30);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var (status, problem) = await app.Fail(
            HttpMethod.Post, $"{school.Address}/lessons/{lesson.Text("id")}/edits",
            new { revision = 1, change = "type", itemId = lesson.Items("read").First().Text("id"), text, asTricky = true });
        Assert.Equal((400, "text"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task A_quote_that_is_never_closed_swallows_no_row()
    {
        var school = await School.Make(taught: 10);
        var (status, problem) = await app.Fail(
            HttpMethod.Put, $"{school.Address}/own-words.csv",
            new { csv = "word,split,familiarity,spoken\r\nzib,z:z i:i b:b,4-5,\"Zib sat.\r\nzob,z:z o:o b:b,4-5,Zob sat.\r\n" });
        Assert.Equal((400, "csv"), (status, problem.Text("field")));
        Assert.Contains("Line 2", problem.Text("detail"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("=1+1")]
    [InlineData("@SUM(A1)")]
    [InlineData("+x; -y")]
    [InlineData("Zib sat;=1+1")]
    [InlineData("Zib\n=1+1")]
    public async Task No_cell_that_goes_out_can_run_in_a_spreadsheet(string spoken)
    {
        var school = await School.Make(taught: 10);
        await using (var db = App.Database(school.Id))
        {
            // As an earlier version may have taken it in.
            db.OwnWords.Add(new OwnWordRow { SchoolId = school.Id, Accent = "gb-south", Word = "zib", Spelling = "zib", Split = "z:z i:i b:b", Familiarity = "4-5", Spoken = spoken });
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }

        var csv = await app.Client.GetStringAsync($"{school.Address}/own-words.csv");
        Assert.DoesNotMatch(@"(^|[,;\r\n""])\s*[=+\-@]", csv);
    }

    private static string Sound(char letter) => letter switch { 'c' or 'q' => "k", 'x' => "k+s", 'a' or 'e' or 'i' or 'o' or 'u' => letter.ToString(), _ => letter.ToString() };

    private static LogRow Row(School school, long position, string document) => new()
    {
        SchoolId = school.Id, GroupId = school.Groups[0], Position = position, LessonId = Guid.CreateVersion7(), Day = App.Today.AddDays(-1), Outcome = "taught", Document = document,
    };
}
