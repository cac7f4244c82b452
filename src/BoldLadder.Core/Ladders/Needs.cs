using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Ladders;

/// <summary>One thing that must come before another, if both are on the ladder.</summary>
/// <param name="What">A grapheme (<c>tch</c>), a correspondence (<c>ea:e</c>) or an ending (<c>-ing</c>).</param>
public sealed record Need(string What, string Before)
{
    public override string ToString() => $"{What} needs {Before}";
}

/// <summary>A rung that stands before something it needs.</summary>
public readonly record struct UnmetNeed(string RungId, string Needs, int NeededAt)
{
    /// <summary>The letters of what is needed, or its ending: for people, who know the sound from the rung.</summary>
    public string Letters => Needs.Split(':')[0];
}

/// <summary>
/// What must come before what: letters before the digraph made of them, <c>ch</c> before <c>tch</c>, what an ending is
/// made of before the ending, a sound's first spelling before its alternatives. Shipped in data/needs.txt, a school's own
/// when it changes them; told, never forbidden. Source: the domain's rules for the ladder.
/// </summary>
public sealed class Needs
{
    /// <summary>Far more than any school would write.</summary>
    public const int Most = 200;

    private const string LettersLine = "* needs its letters";

    private readonly List<Need> _all;
    private readonly bool _letters;

    private Needs(List<Need> all, bool letters) => (_all, _letters) = (all, letters);

    /// <summary>Every need but the rule for letters.</summary>
    public IReadOnlyList<Need> All => _all;

    /// <summary>Whether a spelling of several letters needs each of them first.</summary>
    public bool LettersFirst => _letters;

    /// <summary>Needs as a text that reads back as the same.</summary>
    public static string TextOf(IEnumerable<Need> all, bool lettersFirst) =>
        string.Join('\n', (lettersFirst ? [LettersLine] : Array.Empty<string>()).Concat(all.Select(x => x.ToString())));

    /// <summary>Reads a need a line; on failure the number of the line and a sentence that says what to do.</summary>
    public static Needs? TryParse(string text, out string problem)
    {
        problem = "";
        var (all, letters, number) = (new List<Need>(), false, 0);
        foreach (var line in text.Split('\n').Select(x => x.Trim()))
        {
            number++;
            if (line.Length == 0 || line[0] == '#')
            {
                continue;
            }

            if (line == LettersLine)
            {
                letters = true;
                continue;
            }

            var sides = line.Split(" needs ", StringSplitOptions.TrimEntries);
            if (sides.Length != 2 || !IsThing(sides[0]) || !IsThing(sides[1]) || sides[0] == sides[1])
            {
                problem = $"Line {number}: write what needs what, such as: tch needs ch, ea:e needs ea:ee, or -ing needs ng:ng. The endings are {string.Join(", ", Endings.All.Select(x => "-" + x))}.";
                return null;
            }

            all.Add(new Need(sides[0], sides[1]));
        }

        if (all.Count > Most)
        {
            problem = $"Line {number}: a school has at most {Most} needs.";
            return null;
        }

        return new Needs([.. all.Distinct()], letters);
    }

    /// <summary>Rungs that add something before what it needs, which comes only later on the same ladder.</summary>
    public IReadOnlyList<UnmetNeed> Unmet(Ladder ladder)
    {
        var first = new Dictionary<string, int>();
        for (var i = 0; i < ladder.Rungs.Count; i++)
        {
            foreach (var thing in Things(ladder.Rungs[i]))
            {
                first.TryAdd(thing, i);
            }
        }

        return [.. from i in Enumerable.Range(0, ladder.Rungs.Count)
                   from need in Of(ladder.Rungs[i]).Distinct()
                   where first.TryGetValue(need, out var at) && at > i
                   select new UnmetNeed(ladder.Rungs[i].Id, need, first[need])];
    }

    /// <summary>For each rung that needs something the others have: its place, what it needs, and the places that have it.</summary>
    public IReadOnlyList<(int At, string What, IReadOnlyList<int> Having)> Within(IReadOnlyList<Rung> rungs)
    {
        var having = rungs.SelectMany((x, i) => Things(x).Distinct().Select(thing => (thing, i))).ToLookup(x => x.thing, x => x.i);
        return [.. rungs.SelectMany((x, i) => Of(x).Distinct().Where(having.Contains).Select(need => (i, need, (IReadOnlyList<int>)[.. having[need]])))];
    }

    private IEnumerable<string> Of(Rung rung) => Things(rung)
        .SelectMany(thing => _all.Where(x => x.What == thing).Select(x => x.Before))
        .Concat(!_letters ? [] : rung.Correspondences.Where(x => x.Grapheme.Kind != GraphemeKind.Single)
            .SelectMany(x => x.Grapheme.Text.Where(char.IsAsciiLetter)).Select(x => x.ToString()));

    private static IEnumerable<string> Things(Rung rung) => rung.Correspondences.SelectMany(x => new[] { x.Grapheme.Text, x.Key })
        .Concat(rung.Adds.Where(x => x.Kind == TeachableKind.Ending).Select(x => x.Label));

    private static bool IsThing(string text) => text.StartsWith('-') ? Endings.All.Contains(text[1..])
        : text.Contains(':', StringComparison.Ordinal) ? Correspondence.TryParse(text, out _, out _)
        : Grapheme.TryParse(text, out _, out _);
}
