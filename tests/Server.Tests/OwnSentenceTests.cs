using System.Net;
using System.Net.Http.Json;

namespace BoldLadder.Server.Tests;

/// <summary>Sentences of a school's own: kept, chosen for its lessons, taken out, and no other school's.</summary>
public class OwnSentenceTests(App app)
{
    [Fact]
    public async Task A_made_sentence_reaches_a_lesson_only_when_it_was_taken_and_goes_when_it_is_taken_out()
    {
        var (school, other) = (await School.Make(taught: [61]), await School.Make(taught: [61]));
        var offered = await app.Get($"{school.Group(0)}/sentences");
        Assert.Equal("ea", offered.Text("for"));
        var made = offered["made"]!.AsArray().Select(x => x!.GetValue<string>()).ToList();
        Assert.Equal(24, made.Count);
        var before = await app.Get($"{school.Group(0)}/lessons/today");
        Assert.DoesNotContain(made, x => before.ToJsonString().Contains(x, StringComparison.Ordinal));

        // Everything that is made is taken: what it has is today's, and some of it is read today.
        foreach (var text in made)
        {
            await app.Post($"{school.Address}/own-sentences", new { text });
        }

        var after = await app.Get($"{school.Group(0)}/lessons/today");
        Assert.True(after.Number("revision") > before.Number("revision"));
        Assert.Contains(made, x => after.ToJsonString().Contains(x, StringComparison.Ordinal));
        Assert.Empty((await app.Get($"{other.Group(0)}/sentences"))["own"]!.AsArray());

        var own = (await app.Get($"{school.Group(0)}/sentences"))["own"]!.AsArray().Select(x => x!).ToList();
        Assert.Equal(made.Order(StringComparer.Ordinal), own.Select(x => x.Text("text")).Order(StringComparer.Ordinal));
        foreach (var x in own)
        {
            Assert.Equal(HttpStatusCode.NoContent, (await app.Client.DeleteAsync($"{school.Address}/own-sentences/{x.Text("id")}")).StatusCode);
        }

        var (status, problem) = await app.Fail(HttpMethod.Delete, $"{other.Address}/own-sentences/{own[0].Text("id")}");
        Assert.Equal((404, "sentenceId"), (status, problem.Text("field")));
        var again = await app.Get($"{school.Group(0)}/lessons/today");
        Assert.DoesNotContain(made, x => again.ToJsonString().Contains(x, StringComparison.Ordinal));
    }

    [Fact]
    public async Task The_same_sentence_sent_many_times_at_once_is_kept_once_and_a_wrong_one_names_the_field()
    {
        var school = await School.Make(taught: [61]);
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => app.Client.PostAsJsonAsync($"{school.Address}/own-sentences", new { text = "Dean had a peach." })));
        Assert.All(answers, x => Assert.Equal(HttpStatusCode.OK, x.StatusCode));
        Assert.Single((await app.Get($"{school.Group(0)}/sentences"))["own"]!.AsArray());
        foreach (var text in new[] { "", "Cat", "The zorb sat.", new string('a', 300), "The shit sat.", "a\0b c" })
        {
            var (status, problem) = await app.Fail(HttpMethod.Post, $"{school.Address}/own-sentences", new { text });
            Assert.Equal((400, "text"), (status, problem.Text("field")));
        }
    }
}
