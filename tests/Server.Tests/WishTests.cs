using System.Net;
using System.Net.Http.Json;

namespace BoldLadder.Server.Tests;

/// <summary>What a lead asks of an order stays with the ladder.</summary>
public class WishTests(App app)
{
    [Fact]
    public async Task What_is_asked_of_an_order_is_kept_with_the_ladder_and_goes_with_the_rung_that_it_names()
    {
        var school = await School.Make();
        var wishes = new object[] { new { kind = "before", first = "tch-ch", then = "ch-ch" }, new { kind = "weekly", most = 4 } };
        using var put = await app.Client.PutAsJsonAsync(school.Ladder("/wishes"), new { wishes });
        Assert.Equal(HttpStatusCode.OK, put.StatusCode);
        Assert.Equal(["before", "weekly"], (await app.Get(school.Ladder("/wishes")))["wishes"]!.AsArray().Select(x => x!.Text("kind")));

        var revision = (await app.Get(school.Ladder())).Number("revision");
        await app.Post(school.Ladder("/edits"), new { revision, edit = new { kind = "remove", rungId = "tch-ch" } });
        Assert.Equal(["weekly"], (await app.Get(school.Ladder("/wishes")))["wishes"]!.AsArray().Select(x => x!.Text("kind")));

        var (status, problem) = await app.Fail(HttpMethod.Put, school.Ladder("/wishes"), new { wishes = new object[] { new { kind = "weekly", most = 400 } } });
        Assert.Equal((400, "wishes"), (status, problem.Text("field")));
        (status, _) = await app.Fail(HttpMethod.Put, school.Ladder("/wishes"), new { });
        Assert.Equal(400, status);
        (status, _) = await app.Fail(HttpMethod.Get, $"{school.Address}/ladders/{Guid.NewGuid()}/wishes");
        Assert.Equal(404, status);
    }
}
