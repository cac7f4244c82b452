using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>The shape of a kind of lesson is a school's to change, to try before, and to give back.</summary>
public class ShapeApiTests(App app)
{
    [Fact]
    public async Task A_shape_that_is_saved_is_that_of_the_lessons_nobody_touched()
    {
        var school = await School.Make(taught: [30]);
        Assert.NotEmpty((await app.Get($"{school.Group()}/lessons/today")).Items("riddles"));
        var (revision, pieces) = await Usual(school, "newLearning");
        Assert.Equal(HttpStatusCode.OK, (await Put(school, "newLearning", revision, Without(pieces, "riddles"))).StatusCode);
        Assert.Empty((await app.Get($"{school.Group()}/lessons/today")).Items("riddles"));
        Assert.True((await Kind(school, "newLearning"))["isOwn"]!.GetValue<bool>());

        // Back at one press, and what was is again.
        Assert.Equal(HttpStatusCode.OK, (await Put(school, "newLearning", revision + 1, null)).StatusCode);
        Assert.NotEmpty((await app.Get($"{school.Group()}/lessons/today")).Items("riddles"));
        Assert.False((await Kind(school, "newLearning"))["isOwn"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_shape_is_tried_on_the_next_lesson_of_its_kind_before_it_is_saved()
    {
        var school = await School.Make(taught: [30]);
        foreach (var kind in (await app.Get($"{school.Address}/shapes"))["kinds"]!.AsArray().Select(x => x!.Text("kind")))
        {
            var pieces = (await Usual(school, kind)).Pieces;
            var tried = await Tried(school, kind, pieces);
            var lesson = tried["lesson"];
            Assert.True(lesson is not null || tried.Text("whyNot").Length > 0, kind);
            if (lesson is not null && kind is not ("opening" or "listening" or "furtherDay"))
            {
                Assert.InRange(lesson.Number("seconds"), lesson.Number("minutes") * 60 * 0.8, lesson.Number("minutes") * 60 * 1.1);
            }
        }

        Assert.False((await Kind(school, "review"))["isOwn"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_shape_that_cannot_be_is_refused_by_name_and_nothing_is_lost()
    {
        var school = await School.Make(taught: [30]);
        var (revision, pieces) = await Usual(school, "review");
        foreach (var (wrong, says) in new (JsonNode, string)[]
        {
            (Without(pieces, "read"), "words to read"), (new JsonArray(), "at least one"), (new JsonArray((JsonNode?)null), "Say the pieces"),
            (new JsonArray([.. pieces.Select(x => x!.DeepClone()), pieces[0]!.DeepClone()]), "once"),
            (new JsonArray([new JsonObject { ["part"] = "apply", ["slot"] = "cards" }]), "Choose"),
            (new JsonArray([.. pieces.Skip(1).Select(x => x!.DeepClone()), new JsonObject { ["part"] = "revisit", ["slot"] = "cards", ["minutes"] = 0 }]), "1 to 20"),
        })
        {
            var answer = await Put(school, "review", revision, wrong);
            Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
            var problem = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
            Assert.Equal("pieces", problem.Text("field"));
            Assert.Contains(says, problem.Text("detail"), StringComparison.Ordinal);
            Assert.Equal(HttpStatusCode.BadRequest, (await app.Client.PostAsJsonAsync($"{school.Address}/shapes/try", new { kind = "review", pieces = wrong })).StatusCode);
        }

        Assert.Equal(HttpStatusCode.Conflict, (await Put(school, "review", revision + 7, pieces)).StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, (await app.Client.PutAsJsonAsync($"{school.Address}/conventions", new { revision, conventions = new { shapes = new object?[] { null } } })).StatusCode);
        Assert.Equal(revision, (await app.Get($"{school.Address}/shapes")).Number("revision"));
    }

    [Fact]
    public async Task A_group_has_a_shape_of_its_own_and_gives_it_back_and_its_school_keeps_its_own()
    {
        var school = await School.Make(taught: [30, 30]);
        var (revision, pieces) = await Usual(school, "newLearning");
        var group = school.Groups[1];
        var address = $"{school.Address}/shapes?groupId={group}";
        var of = await app.Get(address);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.PutAsJsonAsync(address, new { kind = "newLearning", revision = of.Number("revision"), pieces = Without(pieces, "riddles") })).StatusCode);
        Assert.Empty((await app.Get($"{school.Group(1)}/lessons/today")).Items("riddles"));
        Assert.NotEmpty((await app.Get($"{school.Group()}/lessons/today")).Items("riddles"));
        bool Own(JsonNode x) => x["kinds"]!.AsArray().Single(k => k!.Text("kind") == "newLearning")!["isOwn"]!.GetValue<bool>();
        Assert.True(Own(await app.Get(address)));
        Assert.False(Own(await app.Get($"{school.Address}/shapes")));

        var tried = await app.Post($"{school.Address}/shapes/try?groupId={group}", new { kind = "newLearning", pieces });
        Assert.Equal((await app.Get($"{school.Group(1)}/lessons/today")).Text("group"), tried["lesson"]!.Text("group"));

        // The school takes the same out: the group has nothing of its own any more that differs, and says so once it is saved again.
        Assert.Equal(HttpStatusCode.OK, (await Put(school, "newLearning", revision, Without(pieces, "riddles"))).StatusCode);
        var now = await app.Get(address);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.PutAsJsonAsync(address, new { kind = "newLearning", revision = now.Number("revision"), pieces = Without(pieces, "riddles") })).StatusCode);
        Assert.False(Own(await app.Get(address)));
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync($"{school.Address}/shapes?groupId={Guid.NewGuid()}")).StatusCode);
    }

    [Fact]
    public async Task One_lesson_alone_takes_other_pieces_with_what_is_locked_and_is_taken_back_by_name()
    {
        var school = await School.Make(taught: [30]);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var address = $"{school.Address}/lessons/{lesson.Text("id")}";
        var shape = await app.Get($"{address}/shape");
        Assert.False(shape["isOwn"]!.GetValue<bool>());
        JsonArray pieces = [.. shape["pieces"]!.AsArray().Select(x => (JsonNode)new JsonObject { ["part"] = x!.Text("part"), ["slot"] = x!.Text("slot"), ["minutes"] = x!.Text("slot") == "spell" ? 2 : null })];
        var locked = await app.Post($"{address}/edits", new { revision = 1, change = "lock", itemId = lesson.Items("spell").Last().Text("id") });
        var changed = await app.Post($"{address}/edits", new { revision = 2, change = "reshape", pieces = Without(pieces, "riddles") });
        Assert.Empty(changed.Items("riddles"));
        Assert.InRange(changed.Items("spell").Count(), 2, 3);
        Assert.Contains(locked.Items("spell").Last().Text("text"), changed.Items("spell").Select(x => x.Text("text")));
        Assert.Equal("changed its pieces", changed.Text("undo"));
        Assert.True((await app.Get($"{address}/shape"))["isOwn"]!.GetValue<bool>());

        // Planned again it keeps its pieces; the school's lessons never had them.
        Assert.Empty((await app.Post($"{address}/edits", new { revision = 3, change = "replan" })).Items("riddles"));
        Assert.False((await Kind(school, "newLearning"))["isOwn"]!.GetValue<bool>());
        await app.Post($"{address}/edits", new { revision = 4, change = "reshape" });
        Assert.False((await app.Get($"{address}/shape"))["isOwn"]!.GetValue<bool>());

        var (status, problem) = await app.Fail(HttpMethod.Post, $"{address}/edits", new { revision = 5, change = "reshape", pieces = Without(pieces, "read") });
        Assert.Equal((400, "pieces"), (status, problem.Text("field")));
        var back = await app.Post($"{address}/undo", new { revision = 5 });
        Assert.Empty(back.Items("riddles"));
        Assert.Equal(lesson.Items("read").Select(x => x.Text("text")), (await Undone(address, 6, 3)).Items("read").Select(x => x.Text("text")));
    }

    [Fact]
    public async Task A_piece_is_moved_within_its_part_with_the_words_that_a_person_chose_and_taken_back_by_name()
    {
        var school = await School.Make(taught: [30]);
        var lesson = await app.Get($"{school.Group()}/lessons/today");
        var address = $"{school.Address}/lessons/{lesson.Text("id")}";
        var swapped = await app.Post($"{address}/edits", new { revision = 1, change = "swap", itemId = lesson.Items("spell").First().Text("id") });
        static List<string> Pieces(JsonNode x) => [.. x["parts"]!.AsArray().Single(p => p!.Text("part") == "practise")!["blocks"]!.AsArray().Select(b => b!.Text("activity"))];
        Assert.NotEqual("spell", Pieces(swapped)[0]);
        var spell = swapped.Items("spell").First().Text("id");
        var moved = await app.Post($"{address}/edits", new { revision = 2, change = "movePiece", itemId = spell, to = 0 });
        Assert.Equal(["spell", .. Pieces(swapped).Where(x => x != "spell")], Pieces(moved));
        Assert.Equal(swapped.Items("spell").Concat(swapped.Items("read")).Select(x => x.Text("text")), moved.Items("spell").Concat(moved.Items("read")).Select(x => x.Text("text")));
        Assert.Equal("moved Spell", moved.Text("undo"));
        foreach (var body in new object[] { new { revision = 3, change = "movePiece", itemId = spell }, new { revision = 3, change = "movePiece", itemId = spell, to = 40 }, new { revision = 3, change = "movePiece", itemId = spell, to = -1 } })
        {
            var (status, problem) = await app.Fail(HttpMethod.Post, $"{address}/edits", body);
            Assert.Equal((400, "to"), (status, problem.Text("field")));
        }

        Assert.Equal(Pieces(swapped), Pieces(await app.Post($"{address}/undo", new { revision = 3 })));
    }

    private async Task<JsonNode> Undone(string address, int revision, int times)
    {
        JsonNode? now = null;
        for (var i = 0; i < times; i++)
        {
            now = await app.Post($"{address}/undo", new { revision = revision + i });
        }

        return now!;
    }

    private static JsonArray Without(JsonArray pieces, string slot) => [.. pieces.Where(x => x!.Text("slot") != slot).Select(x => x!.DeepClone())];

    private async Task<JsonNode> Kind(School school, string kind) => (await app.Get($"{school.Address}/shapes"))["kinds"]!.AsArray().Single(x => x!.Text("kind") == kind)!;

    private async Task<(int Revision, JsonArray Pieces)> Usual(School school, string kind)
    {
        var view = await app.Get($"{school.Address}/shapes");
        var pieces = view["kinds"]!.AsArray().Single(x => x!.Text("kind") == kind)!["pieces"]!.AsArray()
            .Select(x => (JsonNode)new JsonObject { ["part"] = x!.Text("part"), ["slot"] = x!.Text("slot") });
        return (view.Number("revision"), [.. pieces]);
    }

    private Task<HttpResponseMessage> Put(School school, string kind, int revision, JsonNode? pieces) =>
        app.Client.PutAsJsonAsync($"{school.Address}/shapes", new { kind, revision, pieces });

    private Task<JsonNode> Tried(School school, string kind, JsonArray pieces) => app.Post($"{school.Address}/shapes/try", new { kind, pieces });
}
