using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>What must come before what, as a school says it.</summary>
public sealed class NeedsTests(App app)
{
    [Fact]
    public async Task A_school_changes_what_needs_what_and_its_ladder_tells_by_it_and_no_other_does()
    {
        var (one, other) = (await School.Make(), await School.Make());
        var shipped = await app.Get($"{one.Address}/needs");
        Assert.False(shipped["own"]!.GetValue<bool>());
        Assert.Contains("tch needs ch", shipped.Text("text"), StringComparison.Ordinal);
        Assert.Empty(await Unmet(one));

        // On this ladder m comes first of all.
        var own = await Put(one, "m needs sh\n");
        Assert.True(own["own"]!.GetValue<bool>());
        Assert.Equal("m needs sh", own.Text("text"));
        var unmet = Assert.Single(await Unmet(one));
        Assert.StartsWith("sh, on rung ", unmet, StringComparison.Ordinal);
        Assert.Empty(await Unmet(other));

        Assert.False((await Put(one, ""))["own"]!.GetValue<bool>());
        Assert.Empty(await Unmet(one));
        Assert.False((await Put(one, shipped.Text("text")))["own"]!.GetValue<bool>());
    }

    [Fact]
    public async Task The_list_is_changed_as_a_list_and_reads_back_as_it_was()
    {
        var school = await School.Make();
        var shipped = await app.Get($"{school.Address}/needs");
        var all = shipped["all"]!.AsArray().Select(x => new { what = x!.Text("what"), before = x!.Text("before") }).ToList();
        var answer = await app.Client.PutAsJsonAsync($"{school.Address}/needs", new { revision = 1, all = all.Append(new { what = "m:m", before = "sh:sh" }), lettersFirst = false });
        var view = (await answer.Content.ReadFromJsonAsync<JsonNode>())!;
        Assert.Equal((all.Count + 1, false, true), (view["all"]!.AsArray().Count, view["lettersFirst"]!.GetValue<bool>(), view["own"]!.GetValue<bool>()));
        Assert.StartsWith("sh, on rung ", Assert.Single(await Unmet(school)), StringComparison.Ordinal);
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/needs", new { revision = 2, all = new[] { new { what = "ea:zz", before = "m:m" } } });
        Assert.Equal((400, "text"), (status, problem.Text("field")));
    }

    [Theory]
    [InlineData("tch needs ch\n<b> needs ch")]
    [InlineData("needs")]
    [InlineData("ea:zz needs ea:ee")]
    public async Task A_line_that_is_none_is_named_and_nothing_is_changed(string text)
    {
        var school = await School.Make();
        await Put(school, "b needs d");
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/needs", new { text, revision = 2 });
        Assert.Equal((400, "text"), (status, problem.Text("field")));
        Assert.StartsWith("Line ", problem.Text("detail"), StringComparison.Ordinal);
        Assert.Equal("b needs d", (await app.Get($"{school.Address}/needs")).Text("text"));
    }

    [Fact]
    public async Task A_list_of_any_length_is_taken_or_refused_by_name()
    {
        var school = await School.Make();
        var (status, problem) = await app.Fail(HttpMethod.Put, $"{school.Address}/needs", new { text = new string('x', 9000), revision = 1 });
        Assert.Equal((400, "text"), (status, problem.Text("field")));
        (status, _) = await app.Fail(HttpMethod.Put, $"/api/schools/{Guid.CreateVersion7()}/needs", new { text = "", revision = 1 });
        Assert.Equal(404, status);
    }

    [Fact]
    public async Task Tricky_words_that_are_too_many_to_be_learning_at_once_are_told_with_the_lesson()
    {
        var few = await School.Make(taught: 12);
        Assert.Empty((await app.Get($"{few.Group()}/lessons/today"))["tooManyTricky"]!.AsArray());
        var many = await School.Make(taught: 60);
        var told = (await app.Get($"{many.Group()}/lessons/today"))["tooManyTricky"]!.AsArray().Select(x => x!.GetValue<string>()).ToList();
        Assert.True(told.Count > 10);
        Assert.Contains("the", told);
    }

    private async Task<List<string>> Unmet(School school) =>
        [.. (await app.Get(school.Ladder())).Rungs().SelectMany(x => x["needs"]!.AsArray()).Select(x => x!.GetValue<string>())];

    private async Task<JsonNode> Put(School school, string text)
    {
        var revision = (await app.Get($"{school.Address}/needs")).Number("revision");
        using var answer = await app.Client.PutAsJsonAsync($"{school.Address}/needs", new { text, revision });
        Assert.True(answer.IsSuccessStatusCode);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
    }
}
