using System.Net.Http.Json;
using System.Net.ServerSentEvents;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>A better order by the API: watched, stopped, taken whole or move by move.</summary>
public class SuggestionTests(App app)
{
    [Fact]
    public async Task A_better_order_is_sent_while_it_is_looked_for_and_is_taken_move_by_move_and_whole()
    {
        var school = await School.Make(taught: 30);
        var looks = new List<JsonNode>();
        await foreach (var look in Watch(school, 1, []))
        {
            looks.Add(look);
            // How far it is at a look is the machine's affair.
            if (looks.Count >= 3 && (await Moves(school, look["order"]!)).Any(SaysWhatFor))
            {
                break;
            }
        }

        Assert.True(looks[^1]["score"]!["total"]!.GetValue<long>() < looks[0]["score"]!["total"]!.GetValue<long>());
        Assert.Equal(looks[0]["today"]!["total"]!.GetValue<long>(), looks[0]["score"]!["total"]!.GetValue<long>());
        var order = looks[^1]["order"]!;
        var moves = await Moves(school, order);
        Assert.All(moves, x => Assert.NotEmpty(x.Text("reason")));
        Assert.Contains(moves, SaysWhatFor);
        var one = await app.Post(school.Ladder("/edits"), new { revision = 1, edit = new { kind = "takeOrder", order = order.DeepClone(), rungId = moves[0]["rung"]!.Text("id") } });
        Assert.True((await Moves(school, order)).Count < moves.Count);
        var all = await app.Post(school.Ladder("/edits"), new { revision = one.Number("revision"), edit = new { kind = "takeOrder", order = order.DeepClone() } });
        Assert.Equal(order.AsArray().SelectMany(x => x!["rungIds"]!.AsArray().Select(r => r!.GetValue<string>())), all.Rungs().Select(x => x["rung"]!.Text("id")));
        Assert.Equal("took the suggested order", all.Text("undo"));
        Assert.Empty(await Moves(school, order));
        var (status, problem) = await app.Fail(HttpMethod.Post, school.Ladder("/edits"), new { revision = 3, edit = new { kind = "takeOrder", order = order.DeepClone() } });
        Assert.Equal((400, "order"), (status, problem.Text("field")));
        var back = await app.Post(school.Ladder("/undo"), new { revision = 3 });
        Assert.Equal(one.Rungs().Select(x => x["rung"]!.Text("id")), back.Rungs().Select(x => x["rung"]!.Text("id")));
    }

    [Fact]
    public async Task What_the_group_was_taught_keeps_its_place_when_that_is_asked()
    {
        var school = await School.Make(taught: 30);
        var ladder = await app.Get(school.Ladder());
        var taught = ladder.Rungs().Select(x => x["rung"]!.Text("id")).Take(30).ToList();
        JsonNode? last = null;
        await foreach (var look in Watch(school, 1, [], keepTaught: true))
        {
            last = look;
            if (look["score"]!["total"]!.GetValue<long>() < look["today"]!["total"]!.GetValue<long>())
            {
                break;
            }
        }

        Assert.Equal(taught, last!["order"]!.AsArray().SelectMany(x => x!["rungIds"]!.AsArray().Select(r => r!.GetValue<string>())).Take(30));
    }

    [Fact]
    public async Task Many_who_watch_at_once_keep_nobody_from_a_question()
    {
        var school = await School.Make(taught: 30);
        var watching = Enumerable.Range(0, 12).Select(async _ =>
        {
            await foreach (var look in Watch(school, 1, []))
            {
                return look["order"]!.AsArray().Count;
            }

            return 0;
        }).ToList();
        var asked = await app.Get(school.Ladder("/questions/thin"));
        Assert.NotNull(asked["found"]);
        Assert.All(await Task.WhenAll(watching), x => Assert.True(x > 0));
    }

    [Fact]
    public async Task Wishes_that_contradict_each_other_are_named_at_once()
    {
        var school = await School.Make(taught: 30);
        object[] wishes = [new { kind = "before", first = "tch-ch", then = "ch-ch" }, new { kind = "apart", one = "b-b", other = "d-d", rungs = 6 }];
        await foreach (var look in Watch(school, 1, wishes))
        {
            var conflict = Assert.Single(look["conflicts"]!.AsArray())!;
            Assert.Equal("before", Assert.Single(conflict["wishes"]!.AsArray())!.Text("kind"));
            Assert.Equal(("tch", "ch"), (conflict["needs"]![0]!.Text("label"), conflict["needs"]![0]!.Text("needs")));
            break;
        }
    }

    [Fact]
    public async Task A_wish_that_makes_no_sense_says_what_to_do()
    {
        var school = await School.Make(taught: 30);
        object[] wrong =
        [
            new { kind = "before", first = "s-s", then = "s-s" }, new { kind = "apart", one = "b-b", other = "d-d", rungs = 1 }, new { kind = "pinned", rungId = "zz" },
            new { kind = "section", sectionId = "none" }, new { kind = "weekly", most = 0 }, new { kind = "before", first = "s-s" },
        ];
        foreach (var wish in wrong)
        {
            var (status, problem) = await app.Fail(HttpMethod.Post, school.Ladder("/suggestion"), new { revision = 1, wishes = new[] { wish } });
            Assert.Equal((400, "wishes"), (status, problem.Text("field").Split("[")[0]));
        }

        Assert.Equal(400, (await app.Fail(HttpMethod.Post, school.Ladder("/suggestion"), new { revision = 1 })).Status);
        Assert.Equal(409, (await app.Fail(HttpMethod.Post, school.Ladder("/suggestion"), new { revision = 7, wishes = Array.Empty<object>() })).Status);
        Assert.Equal(400, (await app.Fail(HttpMethod.Post, school.Ladder("/suggestion/moves"), new { wishes = Array.Empty<object>(), order = Array.Empty<object>() })).Status);
    }

    private async Task<List<JsonNode>> Moves(School school, JsonNode order)
    {
        var answer = await app.Client.PostAsJsonAsync(school.Ladder("/suggestion/moves"), new { wishes = Array.Empty<object>(), order = order.DeepClone() });
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        return [.. (await answer.Content.ReadFromJsonAsync<JsonArray>())!.Select(x => x!)];
    }

    private static bool SaysWhatFor(JsonNode move) => move.Text("reason") is "alike" or "spellings" && move["other"] is not null;

    private async IAsyncEnumerable<JsonNode> Watch(School school, int revision, object[] wishes, bool keepTaught = false)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, school.Ladder("/suggestion")) { Content = JsonContent.Create(new { revision, wishes, keepTaught }) };
        using var answer = await app.Client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead);
        Assert.True(answer.IsSuccessStatusCode);
        Assert.Equal("text/event-stream", answer.Content.Headers.ContentType!.MediaType);
        await foreach (var item in SseParser.Create(await answer.Content.ReadAsStreamAsync()).EnumerateAsync())
        {
            yield return JsonNode.Parse(item.Data)!;
        }
    }
}
