using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>Two server processes on one database: no state lives in a process but what can be made again.</summary>
public sealed class TwoProcessTests(TwoProcessTests.Pair pair) : IClassFixture<TwoProcessTests.Pair>
{
    private HttpClient One => pair.One.Client;

    private HttpClient Two => pair.Two.Client;

    [Fact]
    public async Task Both_make_the_same_lesson_and_onlyOne_of_it()
    {
        var school = await School.Make(taught: 30);
        var made = await Task.WhenAll(new[] { One, Two, One, Two }.Select(x => Get(x, $"{school.Group()}/lessons/today")));
        Assert.Single(made.Select(x => x.ToJsonString()).Distinct());
    }

    [Fact]
    public async Task WhatOne_saves_the_other_shows_and_a_stale_save_loses_nothing()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Get(One, $"{school.Group()}/lessons/today");
        await Get(Two, $"{school.Group()}/lessons/today");
        var edits = $"{school.Address}/lessons/{lesson.Text("id")}/edits";
        var items = lesson.Items("read").ToList();
        using var first = await One.PostAsJsonAsync(edits, new { revision = 1, change = "drop", itemId = items[0].Text("id") });
        Assert.Equal(HttpStatusCode.OK, first.StatusCode);
        using var stale = await Two.PostAsJsonAsync(edits, new { revision = 1, change = "drop", itemId = items[1].Text("id") });
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
        var now = await Get(Two, $"{school.Group()}/lessons/today");
        Assert.DoesNotContain(now.Items(), x => x.Text("id") == items[0].Text("id"));
        Assert.Contains(now.Items(), x => x.Text("id") == items[1].Text("id"));
    }

    [Fact]
    public async Task Two_saves_at_the_same_moment_leaveOne_and_tell_the_other()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Get(One, $"{school.Group()}/lessons/today");
        var edits = $"{school.Address}/lessons/{lesson.Text("id")}/edits";
        var items = lesson.Items("read").ToList();
        var answers = await Task.WhenAll(
            One.PostAsJsonAsync(edits, new { revision = 1, change = "drop", itemId = items[0].Text("id") }),
            Two.PostAsJsonAsync(edits, new { revision = 1, change = "drop", itemId = items[1].Text("id") }));
        Assert.Equal([HttpStatusCode.OK, HttpStatusCode.Conflict], answers.Select(x => x.StatusCode).Order());
        Assert.Equal(lesson.Items().Count() - 1, (await Get(One, $"{school.Group()}/lessons/today")).Items().Count());
    }

    [Fact]
    public async Task Taught_pressed_on_both_moves_the_line_once()
    {
        var school = await School.Make(taught: 30);
        var lesson = await Get(One, $"{school.Group()}/lessons/today");
        var address = $"{school.Address}/lessons/{lesson.Text("id")}/outcome";
        var pressed = await Task.WhenAll(new[] { One, Two }.Select(x => x.PostAsJsonAsync(address, new { revision = 1, outcome = "taught" })));
        Assert.All(pressed, x => Assert.Equal(HttpStatusCode.OK, x.StatusCode));
        Assert.Equal(31, (await Get(Two, $"{school.Group()}/lessons/today"))["strip"]!.Number("line"));
    }

    [Fact]
    public async Task A_split_corrected_onOne_is_followed_by_the_other()
    {
        var school = await School.Make(taught: 24);
        Assert.Equal("readable", (await Get(Two, $"{school.Group()}/words/sun")).Text("verdict"));
        using var put = await One.PutAsJsonAsync($"{school.Address}/words/sun/split", new { split = "s:s u:oo n:n" });
        Assert.Equal("not-yet", (await Get(Two, $"{school.Group()}/words/sun")).Text("verdict"));
    }

    private static async Task<JsonNode> Get(HttpClient client, string address)
    {
        using var answer = await client.GetAsync(address);
        return JsonNode.Parse(await answer.EnsureSuccessStatusCode().Content.ReadAsStringAsync())!;
    }

    /// <summary>Started once for all: each test has a school of its own on them.</summary>
    public sealed class Pair : IAsyncLifetime
    {
        internal ServerProcess One { get; private set; } = null!;

        internal ServerProcess Two { get; private set; } = null!;

        public async ValueTask InitializeAsync() => (One, Two) = (await ServerProcess.Start(patient: true), await ServerProcess.Start(patient: true));

        public ValueTask DisposeAsync()
        {
            One.Dispose();
            Two.Dispose();
            return ValueTask.CompletedTask;
        }
    }
}
