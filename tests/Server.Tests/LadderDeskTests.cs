using System.Globalization;
using System.Text.Json.Nodes;
using System.Xml.Linq;

namespace BoldLadder.Server.Tests;

/// <summary>The ladder desk by the API: moves with their consequences, several at once, questions, history.</summary>
public class LadderDeskTests(App app)
{
    [Fact]
    public async Task What_a_move_would_change_is_what_it_then_changes()
    {
        var school = await School.Make(taught: 30);
        var before = await app.Get(school.Ladder());
        var rung = before.Rungs().Single(x => x.Text("label") == "igh")["rung"]!.Text("id");
        var asked = await app.Post(school.Ladder("/consequences"), new { revision = 1, rungIds = new[] { rung } });
        var to = asked["destinations"]!.AsArray().Last(x => x!["newlyThin"]!.AsArray().Count > 0 || x["later"]!.GetValue<int>() > 0)!;
        var after = await app.Post(school.Ladder("/edits"), new { revision = 1, edit = new { kind = "moveAll", rungIds = new[] { rung }, sectionId = to.Text("sectionId"), at = to.Number("at") } });
        Assert.Equal(to.Number("number"), after.Rungs().Single(x => x["rung"]!.Text("id") == rung).Number("number"));
        Assert.Equal(before.Number("thinByPlace") + to["newlyThin"]!.AsArray().Count - to["noLongerThin"]!.AsArray().Count, after.Number("thinByPlace"));
        Assert.Equal(before["clashes"]!.AsArray().Count + to["clashes"]!.AsArray().Count - to["clashesGone"]!.AsArray().Count, after["clashes"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_ladder_goes_out_as_one_picture_with_every_rung_in_its_box()
    {
        var school = await School.Make(taught: 30);
        var ladder = await app.Get(school.Ladder());
        var answer = await app.Client.GetAsync($"{school.Address}/ladders/{school.LadderId}/file?format=svg");
        Assert.Equal("image/svg+xml", answer.Content.Headers.ContentType!.MediaType);
        var picture = XDocument.Parse(await answer.Content.ReadAsStringAsync()).Root!;
        var box = picture.Attribute("viewBox")!.Value.Split(' ').Select(x => double.Parse(x, CultureInfo.InvariantCulture)).ToList();
        var rects = picture.Descendants().Where(x => x.Name.LocalName == "rect").Select(x => (X: At(x, "x"), Y: At(x, "y"), W: At(x, "width"), H: At(x, "height"))).ToList();
        Assert.Equal(ladder.Rungs().Count(), rects.Count);
        Assert.All(rects, x => Assert.True(x.X >= 0 && x.X + x.W <= box[2] + 0.2 && x.Y + x.H <= box[3] + 0.2));
        Assert.All(rects.SelectMany((a, i) => rects.Skip(i + 1).Select(b => (a, b))), x => Assert.False(
            x.a.X + x.a.W > x.b.X && x.b.X + x.b.W > x.a.X && x.a.Y + x.a.H > x.b.Y && x.b.Y + x.b.H > x.a.Y));
        Assert.InRange(box[3], 300, 1060);
        var texts = picture.Descendants().Where(x => x.Name.LocalName == "text").Select(x => x.Value).ToHashSet();
        Assert.All(ladder["sections"]!.AsArray(), x => Assert.Contains(x!.Text("name"), texts));
        Assert.Contains("a–e", texts);

        static double At(XElement x, string name) => double.Parse(x.Attribute(name)!.Value, CultureInfo.InvariantCulture);
    }

    [Fact]
    public async Task What_was_taken_back_is_done_again_until_something_else_is_done()
    {
        var school = await School.Make(taught: 30);
        var one = await Edit(school, 1, new { kind = "moveTo", rungId = "sh-sh", number = 50 });
        var two = await Edit(school, one.Number("revision"), new { kind = "removeAll", rungIds = new[] { "igh-igh", "oa-oa" } });
        var back = await app.Post(school.Ladder("/undo"), new { revision = two.Number("revision") });
        var further = await app.Post(school.Ladder("/undo"), new { revision = back.Number("revision") });
        Assert.Equal((null, "moved rung 35"), (further["undo"], further.Text("redo")));
        var again = await app.Post(school.Ladder("/redo"), new { revision = further.Number("revision") });
        Assert.Equal("removed 2 rungs", again.Text("redo"));
        var whole = await app.Post(school.Ladder("/redo"), new { revision = again.Number("revision") });
        Assert.Equal(Ids(two), Ids(whole));
        var undone = await app.Post(school.Ladder("/undo"), new { revision = whole.Number("revision") });
        var other = await Edit(school, undone.Number("revision"), new { kind = "rename", name = "Another" });
        Assert.Null(other["redo"]);
        var (status, _) = await app.Fail(HttpMethod.Post, school.Ladder("/redo"), new { revision = other.Number("revision") });
        Assert.Equal(400, status);
    }

    [Fact]
    public async Task A_pasted_rung_gets_an_id_of_its_own()
    {
        var school = await School.Make(taught: 30);
        var ladder = await app.Get(school.Ladder());
        var rung = ladder.Rungs().Single(x => x["rung"]!.Text("id") == "oa-oa")["rung"]!.DeepClone();
        var added = await Edit(school, 1, new { kind = "addAll", rungs = new[] { rung, rung.DeepClone() }, sectionId = ladder["sections"]![0]!.Text("id"), at = 0 });
        Assert.Equal(["oa-oa-2", "oa-oa-3"], Ids(added).Take(2));
        Assert.Equal("added 2 rungs", added.Text("undo"));
    }

    [Fact]
    public async Task What_publishing_would_change_is_told_for_each_group_and_an_earlier_state_can_be_gone_back_to()
    {
        var school = await School.Make(taught: [30, 60]);
        var edited = await Edit(school, 1, new { kind = "moveTo", rungId = "igh-igh", number = 31 });
        var changes = await app.Get($"{school.Address}/ladders/{school.LadderId}/changes");
        var change = Assert.Single(changes["rungs"]!.AsArray())!;
        Assert.Equal(("moved", "igh", 31), (change.Text("kind"), change.Text("label"), change.Number("to")));
        Assert.Equal(("igh", 2), (changes["groups"]![0]!.Text("nextThen"), changes["groups"]!.AsArray().Count));
        var published = await app.Post(school.Ladder("/publish"), new { revision = edited.Number("revision") });
        var history = (await app.Get($"{school.Address}/ladders/{school.LadderId}/revisions")).AsArray();
        Assert.Equal((2, true, 1), (history.Count, history[0]!["followed"]!.GetValue<bool>(), history[0]!.Number("changes")));
        var back = await app.Post(school.Ladder($"/revisions/{history[1]!.Number("number")}/return"), new { revision = published.Number("revision") });
        Assert.Equal(1, back.Number("unpublished"));
        Assert.StartsWith("went back", back.Text("undo"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("gb-south")]
    [InlineData("us")]
    public async Task The_first_words_of_an_order_to_start_from_are_short_ones(string accent)
    {
        var school = await School.Make(accent, accent == "us" ? "ridge" : "estuary", 10);
        foreach (var starter in (await app.Get($"{school.Address}/starters")).AsArray())
        {
            var words = starter!["firstWords"]!.AsArray().Select(x => x!.GetValue<string>()).ToList();
            Assert.Equal(20, words.Count);
            Assert.All(words, x => Assert.True(x.Length <= 4, x));
        }
    }

    [Theory]
    [InlineData("thin")]
    [InlineData("useful")]
    [InlineData("hardlyUsed")]
    [InlineData("couldWait")]
    [InlineData("late")]
    [InlineData("earliest", "&text=The%20goat")]
    [InlineData("accents", "&accent=scotland")]
    [InlineData("waiting", "&rungId=sh-sh")]
    public async Task A_question_is_answered_in_counts_with_the_words_behind_them(string question, string rest = "")
    {
        var school = await School.Make(taught: 30);
        var answer = await app.Get(school.Ladder($"/questions/{question}") + rest);
        Assert.Equal(question, answer.Text("question"));
        Assert.All(answer["found"]!.AsArray().Where(x => x!["words"]!.AsArray().Count is > 0 and < 60), x => Assert.Equal(x!.Number("count"), x!["words"]!.AsArray().Count));
    }

    [Theory]
    [InlineData("nonsense", "", "question")]
    [InlineData("earliest", "", "text")]
    [InlineData("accents", "&accent=moon", "accent")]
    [InlineData("waiting", "", "rungId")]
    public async Task A_question_that_cannot_be_answered_says_what_is_missing(string question, string rest, string field)
    {
        var school = await School.Make(taught: 30);
        var (status, problem) = await app.Fail(HttpMethod.Get, school.Ladder($"/questions/{question}") + rest);
        Assert.Equal((400, field), (status, problem.Text("field")));
    }

    private Task<JsonNode> Edit(School school, int revision, object edit) => app.Post(school.Ladder("/edits"), new { revision, edit });

    private static IEnumerable<string> Ids(JsonNode ladder) => ladder.Rungs().Select(x => x["rung"]!.Text("id"));
}
