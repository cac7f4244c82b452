using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>
/// What typed letters may mean as a part that is taught as one: consonants together (<i>st</i>), a vowel with what
/// follows it to the end (<i>all</i>), or more that words end in (<i>tion</i>); for a word, those that are in it. Found in the words that have them.
/// </summary>
public sealed class MeantRuns(SchoolWords words)
{
    private const int Most = 8;

    public IReadOnlyList<MeantPart> Of(string text)
    {
        var asked = text.Trim().Trim('-').ToLowerInvariant();
        if (asked.Length < 2)
        {
            return [];
        }

        var found = new Dictionary<Teachable, (int Words, string Example)>();
        foreach (var word in words.Words.Where(x => x.Everyday && x.Suitability == Suitability.Fine && x.Ended is null))
        {
            // A word that is typed offers what is in it; letters, what they are in any word.
            if (word.Key != asked && !word.Key.Contains(asked, StringComparison.Ordinal))
            {
                continue;
            }

            foreach (var run in words.Of(word).Readings.Take(1).SelectMany(RunsIn).Where(x => word.Key == asked || x.Run!.Letters == asked).Distinct())
            {
                var (count, example) = found.GetValueOrDefault(run, (0, ""));
                found[run] = (count + 1, example.Length > 0 || word.Familiarity != Familiarity.AtFourOrFive ? example : word.Spelling);
            }
        }

        return [.. found.OrderByDescending(x => x.Value.Words).Take(Most).Select(x => new MeantPart(x.Key, x.Value.Example, x.Value.Words))];
    }

    private static IEnumerable<Teachable> RunsIn(Segmentation reading)
    {
        var parts = reading.Segments.Select(x => x.Correspondence).ToList();
        for (var from = 0; from < parts.Count; from++)
        {
            var to = from;
            while (to < parts.Count && !parts[to].Sound.IsVowel)
            {
                to++;
            }

            if (to - from >= 2 && (from == 0 || parts[from - 1].Sound.IsVowel) && Run(TeachableKind.Cluster, parts[from..to]) is { } cluster)
            {
                yield return cluster;
            }
        }

        var vowel = parts.FindLastIndex(x => x.Sound.IsVowel);
        for (var from = vowel; from > 0 || (from == 0 && from == vowel); from--)
        {
            if (Run(TeachableKind.RimeUnit, parts[from..]) is { } ends)
            {
                yield return ends;
            }
        }
    }

    private static Teachable? Run(TeachableKind kind, IReadOnlyList<Correspondence> parts) =>
        Teachable.TryRead(kind, string.Join(' ', parts.Select(x => x.Key)), out var thing, out _) ? thing : null;
}
