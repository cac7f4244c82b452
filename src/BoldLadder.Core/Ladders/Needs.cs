using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Ladders;

/// <summary>A rung that stands before something it needs.</summary>
public readonly record struct UnmetNeed(string RungId, string Needs, int NeededAt);

/// <summary>
/// What must come before what: letters before the digraph made of them, <c>ch</c> before <c>tch</c>,
/// a letter before its doubling. Source: the domain's shipped needs.
/// </summary>
public static class Needs
{
    private static readonly Dictionary<string, string> LongerOf = new()
    {
        ["tch"] = "ch", ["dge"] = "ge", ["air"] = "ai", ["igh"] = "i", ["ear"] = "ea", ["eigh"] = "ei", ["ore"] = "or", ["oor"] = "oo",
    };

    /// <summary>Rungs whose letters, or shorter grapheme, come only later on the same ladder.</summary>
    public static IReadOnlyList<UnmetNeed> Unmet(Ladder ladder)
    {
        var first = new Dictionary<string, int>();
        for (var i = 0; i < ladder.Rungs.Count; i++)
        {
            foreach (var correspondence in ladder.Rungs[i].Correspondences)
            {
                first.TryAdd(correspondence.Grapheme.Text, i);
            }
        }

        return [.. from i in Enumerable.Range(0, ladder.Rungs.Count)
                   from c in ladder.Rungs[i].Correspondences
                   from need in Of(c.Grapheme)
                   where first.TryGetValue(need, out var at) && at > i
                   select new UnmetNeed(ladder.Rungs[i].Id, need, first[need])];
    }

    private static IEnumerable<string> Of(Grapheme grapheme)
    {
        if (grapheme.Kind != GraphemeKind.Single)
        {
            foreach (var letter in grapheme.Text.Where(char.IsAsciiLetter).Distinct())
            {
                yield return letter.ToString();
            }
        }

        if (LongerOf.TryGetValue(grapheme.Text, out var shorter))
        {
            yield return shorter;
        }
    }
}
