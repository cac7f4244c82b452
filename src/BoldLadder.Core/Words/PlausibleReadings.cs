using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// The ways in which a spelling that nobody has said may be read: every split into usual correspondences, where single
/// vowel letters are short in a closed syllable and <i>c</i> and <i>g</i> soft before e, i and y.
/// </summary>
public static class PlausibleReadings
{
    // Costs of the table up to which an entry counts as usual, and for the whole word.
    private const int UsualEntry = 1, UsualWord = 3;
    private const int Most = 64;

    /// <summary>Usual readings, likeliest first; none when the letters fit no usual correspondence.</summary>
    /// <param name="word">Small letters.</param>
    /// <param name="allowed">Which correspondences may be used beside the usual ones (what was taught, say), or null.</param>
    public static IReadOnlyList<Segmentation> Of(string word, CorrespondenceTable table, IReadOnlySet<Correspondence>? allowed = null)
    {
        var found = new List<(int Cost, Segmentation Split)>();
        Walk(word, 0, table, allowed, [], 0, found);
        return [.. found.OrderBy(x => x.Cost).ThenBy(x => x.Split.Segments.Count).Select(x => x.Split).Distinct()];
    }

    private static void Walk(
        string word, int at, CorrespondenceTable table, IReadOnlySet<Correspondence>? allowed,
        List<Correspondence> taken, int cost, List<(int, Segmentation)> found)
    {
        if (found.Count >= Most)
        {
            return;
        }

        if (at == word.Length)
        {
            if (Segmentation.TryBuild(word, [.. taken.Select(x => (x, false))], out var split, out _)
                && Said(split))
            {
                // A longer grapheme is likelier than its letters apart.
                found.Add((cost + split.Segments.Count, split));
            }

            return;
        }

        foreach (var (entry, next) in Steps(word, at, table))
        {
            var taught = allowed?.Contains(entry.Correspondence) == true;
            if (!taught && (entry.Cost > UsualEntry || cost + entry.Cost > UsualWord) || !Fits(entry, word, at, next, taught))
            {
                continue;
            }

            taken.Add(entry.Correspondence);
            if (entry.Correspondence.Grapheme.IsSplit)
            {
                foreach (var inside in table.For(word.AsSpan(at + 1, 1)).Where(x => !x.Correspondence.Sound.IsVowel && x.Cost <= UsualEntry
                    && (word[at + 1] is not ('c' or 'g') || x.Correspondence.Key is "c:s" or "g:j")))
                {
                    taken.Add(inside.Correspondence);
                    Walk(word, at + 3, table, allowed, taken, cost + (taught ? 0 : entry.Cost), found);
                    taken.RemoveAt(taken.Count - 1);
                }
            }
            else
            {
                Walk(word, next, table, allowed, taken, cost + (taught ? 0 : entry.Cost), found);
            }

            taken.RemoveAt(taken.Count - 1);
        }
    }

    // A word has a vowel that is not weak.
    private static bool Said(Segmentation split) =>
        split.Segments.Any(x => x.Correspondence.Sound is { IsVowel: true, First.Key: not "schwa" });

    private static IEnumerable<(TableEntry Entry, int Next)> Steps(string word, int at, CorrespondenceTable table)
    {
        for (var length = Math.Min(4, word.Length - at); length >= 1; length--)
        {
            foreach (var entry in table.For(word.AsSpan(at, length)))
            {
                yield return (entry, at + length);
            }
        }

        if (at + 3 == word.Length && word[^1] == 'e')
        {
            foreach (var entry in table.For($"{word[at]}_e"))
            {
                yield return (entry, at + 1);
            }
        }
    }

    private static bool Fits(TableEntry entry, string word, int at, int next, bool taught)
    {
        var (grapheme, sound) = (entry.Correspondence.Grapheme.Text, entry.Correspondence.Sound.Key);
        var placed = entry.Place switch
        {
            Place.First => at == 0,
            Place.Last => next == word.Length,
            Place.AfterW => at > 0 && word[at - 1] is 'w' or 'u' && (word[at - 1] == 'w' || (at > 1 && word[at - 2] == 'q')),
            _ => true,
        };
        // Little ends so; nothing begins or goes on with it.
        placed &= grapheme != "le" || sound != "schwa+l" || next == word.Length;
        if (!placed || grapheme.Length > 1 || (taught && entry.Correspondence.Sound.IsVowel))
        {
            return placed;
        }

        var soft = next < word.Length && word[next] is 'e' or 'i' or 'y';
        return grapheme switch
        {
            "c" => sound == (soft ? "s" : "k"),
            "g" => sound == "g" || (soft && sound == "j"),
            "r" => at == 0 || !IsVowelLetter(word[at - 1]) || (next < word.Length && IsVowelLetter(word[next])),
            "s" => sound == "s" || (sound == "z" && at > 0),
            "n" => sound == (next < word.Length && word[next] is 'k' or 'x' ? "ng" : "n"),
            "y" => at == 0 ? sound == "y" : next == word.Length ? sound is "ee" or "igh" : sound == "i",
            "e" when next == word.Length => sound == "ee" && !word.AsSpan(0, at).ContainsAny("aeiouy"),
            "o" when next == word.Length => sound == "oa",
            "a" or "e" or "i" or "o" or "u" => sound == grapheme || (next == word.Length && sound != "schwa") || (grapheme == "a" && sound == "o")
                || (grapheme == "u" && sound == "uu"),
            _ => true,
        };
    }

    private static bool IsVowelLetter(char letter) => letter is 'a' or 'e' or 'i' or 'o' or 'u' or 'y';
}
