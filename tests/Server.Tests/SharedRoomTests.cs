using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>Two groups in one room with one adult: set by either, gone over together, and each taught its own.</summary>
public class SharedRoomTests(App app)
{
    [Fact]
    public async Task Two_groups_in_one_room_go_over_the_same_cards_and_one_marked_taught_changes_nothing_for_the_other()
    {
        var school = await School.Make(taught: [24, 60]);
        Assert.Equal(HttpStatusCode.OK, (await Put(school, 0, school.Groups[1])).StatusCode);
        Assert.Equal([school.Groups[1], school.Groups[0]], (await Groups(school)).Select(x => x["roomWith"]!.GetValue<Guid>()));

        var lessons = new[] { await app.Get($"{school.Group(0)}/lessons/today"), await app.Get($"{school.Group(1)}/lessons/today") };
        Assert.Equal("Group 1", lessons[0]["with"]!.Text("name"));
        Assert.Equal("Group 0", lessons[1]["with"]!.Text("name"));
        string[] Cards(JsonNode x) => [.. x.Items("cards").Where(i => i.Text("reason").Contains("both groups know it", StringComparison.Ordinal)).Select(i => i.Text("text"))];
        Assert.True(Cards(lessons[0]).Length >= 8);
        Assert.Equal(Cards(lessons[0]), Cards(lessons[1]));
        Assert.NotEqual(lessons[0].Text("title"), lessons[1].Text("title"));

        // The first is marked; the second, which nobody touched, stays what the adult has in hand.
        await app.Post($"{school.Address}/lessons/{lessons[0].Text("id")}/outcome", new { revision = lessons[0].Number("revision"), outcome = "taught" });
        var after = await app.Get($"{school.Group(1)}/lessons/today");
        Assert.Equal(lessons[1].Number("revision"), after.Number("revision"));
        Assert.Empty(after["stale"]!.AsArray());

        // What the first was taught is known tomorrow to both.
        var tomorrow = after.Text("next");
        Assert.Equal(Cards(await app.Get($"{school.Group(0)}/lessons/{tomorrow}")), Cards(await app.Get($"{school.Group(1)}/lessons/{tomorrow}")));
        Assert.Equal(Cards(lessons[1]), Cards(await app.Post($"{school.Address}/lessons/{after.Text("id")}/edits", new { revision = after.Number("revision"), change = "replan" })));
    }

    [Fact]
    public async Task A_lesson_that_nobody_touched_is_made_again_when_the_other_group_in_the_room_is_taught_otherwise()
    {
        var school = await School.Make(taught: [24, 60]);
        await Put(school, 0, school.Groups[1]);
        var before = await app.Get($"{school.Group(0)}/lessons/today");
        Assert.Equal(before.Number("revision"), (await app.Get($"{school.Group(0)}/lessons/today")).Number("revision"));
        var ways = await app.Get($"{school.Group(1)}/conventions");
        using var put = await app.Client.PutAsJsonAsync($"{school.Group(1)}/conventions", new { revision = ways.Number("revision"), conventions = new { weakVowels = "strict" } });
        Assert.Equal(HttpStatusCode.OK, put.StatusCode);
        Assert.True((await app.Get($"{school.Group(0)}/lessons/today")).Number("revision") > before.Number("revision"));
    }

    [Fact]
    public async Task A_group_shares_a_room_with_one_other_and_is_alone_again_when_that_one_moves_or_is_put_away()
    {
        var school = await School.Make(taught: [10, 20, 30]);
        await Put(school, 0, school.Groups[1]);
        await Put(school, 2, school.Groups[1]);
        Assert.Equal([null, school.Groups[2], school.Groups[1]], (await Groups(school)).Select(x => x["roomWith"]?.GetValue<Guid>()));
        Assert.Null((await app.Get($"{school.Group(0)}/lessons/today"))["with"]);
        await Put(school, 1, school.Groups[2], archived: true);
        Assert.All(await Groups(school), x => Assert.Null(x["roomWith"]));
        foreach (var wrong in new[] { school.Groups[0], school.Groups[1], Guid.NewGuid() })
        {
            var answer = await Put(school, 0, wrong);
            Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
            Assert.Equal("roomWith", JsonNode.Parse(await answer.Content.ReadAsStringAsync())!.Text("field"));
        }
    }

    private async Task<IReadOnlyList<JsonNode>> Groups(School school) => [.. (await app.Get($"{school.Address}/groups")).AsArray().Select(x => x!)];

    private async Task<HttpResponseMessage> Put(School school, int at, Guid? with, bool archived = false)
    {
        var now = (await Groups(school))[at];
        return await app.Client.PutAsJsonAsync($"{school.Group(at)}", new { revision = now.Number("revision"), name = now.Text("name"), ladderId = school.LadderId, archived, roomWith = with });
    }
}
