using System.Collections.Concurrent;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace BoldLadder.Server.Tests;

public sealed partial class LegalWordsTests(App app, ITestOutputHelper output)
{
    /// <summary>The lessons of every rung, for groups early, midway and near the top, judged by the second opinion.</summary>
    [Theory]
    [InlineData("gb-south", "estuary")]
    [InlineData("gb-north", "estuary")]
    [InlineData("scotland", "estuary")]
    [InlineData("us", "estuary")]
    [InlineData("gb-south", "ridge")]
    [InlineData("gb-north", "ridge")]
    [InlineData("scotland", "ridge")]
    [InlineData("us", "ridge")]
    public async Task No_lesson_has_a_word_that_the_group_cannot_read(string accent, string ladder)
    {
        var oracle = new Oracle(accent, ladder);
        var school = await School.Make(accent, ladder, 26, 61, 100);
        var rungs = (await app.Get(school.Ladder())).Rungs().Select(x => x["rung"]!.Text("id")).ToList();
        Assert.Equal(oracle.Rungs, rungs.Count);
        var (illegal, counts) = (new ConcurrentBag<string>(), new ConcurrentBag<(int Rung, int Words, int ToRead)>());
        var asked = from place in Enumerable.Range(0, rungs.Count) from @group in Enumerable.Range(0, 3) select (place, @group);
        await Parallel.ForEachAsync(asked, new ParallelOptions { MaxDegreeOfParallelism = 2 }, async (x, _) =>
        {
            var lesson = await app.Get($"{school.Group(x.group)}/lessons/today?asIf={rungs[x.place]}");
            var words = Words(lesson).ToList();
            foreach (var word in words.Where(w => !oracle.CanRead(w, x.place + 1)))
            {
                illegal.Add($"rung {x.place + 1} {rungs[x.place]}: {word}");
            }

            foreach (var madeUp in lesson.Items().Where(i => i.Text("kind") == "madeUp"))
            {
                var parts = madeUp["pieces"]!.AsArray().Select(p => $"{p!.Text("grapheme")}:{p!.Text("sound")}").ToList();
                if (oracle.IsWord(madeUp.Text("text")) || !oracle.AreTaught(parts, x.place + 1))
                {
                    illegal.Add($"rung {x.place + 1} {rungs[x.place]}: made up {madeUp.Text("text")}");
                }
            }

            // What is sorted or compared is read too.
            counts.Add((x.place, words.Count, lesson.Items("read").Count() + lesson.Items("sort").Count() + lesson.Items("compare").Count()));
        });

        var few = counts.Where(x => x.ToRead < 8).Select(x => x.Rung).Distinct().Order().ToList();
        output.WriteLine(
            $"{accent} {ladder}: {counts.Count} lessons, {counts.Average(x => x.Words):0.0} words a lesson, "
            + $"{few.Count} of {rungs.Count} rungs ({100.0 * few.Count / rungs.Count:0.0}%) with fewer than 8 to read: {string.Join(' ', few.Select(x => x + 1))}");
        Assert.Empty(illegal.Distinct().Take(20));
        Assert.True(few.Count <= rungs.Count / 10, $"{few.Count} rungs have fewer than 8 words to read");
    }

    [Fact]
    public void The_second_opinion_can_say_no()
    {
        var oracle = new Oracle("gb-south", "estuary");
        Assert.True(oracle.CanRead("top", 4));
        Assert.False(oracle.CanRead("top", 3));
        Assert.False(oracle.CanRead("ship", 34));
        Assert.False(oracle.CanRead("stop", 40));
        Assert.True(oracle.CanRead("was", 40));
        Assert.False(new Oracle("gb-south", "ridge").CanRead("put", 60));
        Assert.True(new Oracle("gb-north", "ridge").CanRead("put", 60));
    }

    private static IEnumerable<string> Words(JsonNode lesson) => lesson.Items().SelectMany(x => x.Text("kind") switch
    {
        "word" or "tricky" => [x.Text("text")],
        "sentence" => WordPattern().Matches(x.Text("text")).Select(m => m.Value),
        _ => (IEnumerable<string>)[],
    });

    [GeneratedRegex("[A-Za-z]+(?:['-][A-Za-z]+)*")]
    private static partial Regex WordPattern();
}
