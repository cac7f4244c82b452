using System.Net;
using System.Net.Http.Json;

namespace BoldLadder.Server.Tests;

/// <summary>What an adult is told to do follows the school's ways.</summary>
public class WaysTests(App app)
{
    [Theory]
    [InlineData("soundBySound", "sound out each word")]
    [InlineData("buildingUp", "the first two together")]
    [InlineData("withoutStopping", "with no gap")]
    [InlineData("silently", "in their heads")]
    public async Task Blending_is_led_as_the_school_leads_it(string way, string says)
    {
        var school = await School.Make(taught: [61]);
        using var put = await app.Client.PutAsJsonAsync($"{school.Address}/conventions", new { revision = 1, conventions = new { blendAloud = way } });
        Assert.Equal(HttpStatusCode.OK, put.StatusCode);
        Assert.Contains(says, (await app.Get($"{school.Group(0)}/lessons/today")).ToJsonString(), StringComparison.Ordinal);
    }
}
