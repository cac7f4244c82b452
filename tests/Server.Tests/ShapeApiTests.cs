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
