using System.Text.RegularExpressions;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>The twelve lessons of docs/good-lessons.md are for real classes: what children read and write in them they can read.</summary>
public partial class LessonsByHandTests
{
    private static readonly string[] Sections = File.ReadAllText(Path.Combine(World.Root, "docs", "good-lessons.md")).Split("\n## ")[1..];

    [Fact]
    public void There_are_twelve() => Assert.Equal(12, Sections.Length);

    [Fact]
    public void What_children_read_and_write_in_them_can_be_read_on_that_rung()
    {
        var wrong = new List<string>();
        foreach (var section in Sections)
        {
            var (ladder, stock) = Heading().Match(section) is { Groups: [_, { Value: "Ridge" }, ..] } ? (World.Ridge, World.Us) : (World.Estuary, World.South);
            var label = Heading().Match(section).Groups[2].Value;
            var place = ladder.Rungs.ToList().FindIndex(x => x.Label.Replace(",", "", StringComparison.Ordinal) == label || x.Keyword == label);
            Assert.True(place >= 0, $"no rung {label}");
            var judge = new Judge(new TaughtSet(
                stock.Rules, ladder.Rungs.Take(place + 1).SelectMany(x => x.Adds), ladder.Rungs.Take(place + 1).SelectMany(x => x.TrickyWords)));
            foreach (var line in section.Split('\n').Where(x => x.StartsWith("**", StringComparison.Ordinal)))
            {
                wrong.AddRange(SentenceBank.WordsOf(Material(line)).Where(x => !judge.IsLegal(x)).Select(x => $"{label}: {x} in {line[..Math.Min(30, line.Length)]}"));
            }
        }

        Assert.True(wrong.Count == 0, string.Join("; ", wrong));
    }

    // Lists end at the first stop; a story lies between its title and its questions; a dictation ends where the next thing begins.
    private static string Material(string line) => Line().Match(line) is not { Success: true, Groups: [_, var kind, var rest] } ? ""
        : kind.Value switch
        {
            "Read" or "Sort" or "Spell" or "Chain" => ListEnd().Split(rest.Value)[0],
            "Story" or "Sentences" => Title().Replace(rest.Value.Split("*Find it*")[0].Split("*Talk*")[0], ""),
            "Dictate" => rest.Value.Split("**")[0],
            _ => "",
        };

    [GeneratedRegex(@"\((Estuary|Ridge), (?:rung|after) (.+)\)")]
    private static partial Regex Heading();

    [GeneratedRegex(@"^\*\*(Read|Sort|Spell|Chain|Story|Sentences|Dictate)[^*]*\*\*: (.*)$")]
    private static partial Regex Line();

    [GeneratedRegex(@"[.;]")]
    private static partial Regex ListEnd();

    [GeneratedRegex(@"^\*[^*]+\* ")]
    private static partial Regex Title();
}
