namespace BoldLadder.Core.Words;

/// <summary>
/// Likely splits of a word that is in no list: from a known word with an ending, from two known words, or from its letters
/// alone. Always shown as a guess.
/// </summary>
public static class Guess
{
    private const int Most = 3, ShortestPart = 3;

    /// <summary>The likeliest splits, best first; none when the letters are not a to z or fit no correspondence.</summary>
    /// <param name="elsewhere">The word as the school has it in another accent, which is likelier than any other; null when it has not.</param>
    public static IReadOnlyList<Segmentation> Of(string word, CorrespondenceTable table, SchoolWords words, OwnWord? elsewhere = null)
    {
        if (word.Length is 0 or > 40 || word.AsSpan().ContainsAnyExceptInRange('a', 'z'))
        {
            return [];
        }

        var ended = Endings.Candidates(word).Select(x => (Ended: x, Base: words.Find(x.Base)))
            .Where(x => x.Base is { Readings.Count: > 0 }).Select(x => Endings.Inflect(x.Base!.Readings[0], x.Ended, word));
        var joined = Enumerable.Range(ShortestPart, Math.Max(0, word.Length - (2 * ShortestPart) + 1))
            .Select(at => (First: words.Find(word[..at]), Second: words.Find(word[at..])))
            .Where(x => x is { First.Readings.Count: > 0, Second.Readings.Count: > 0 })
            .Select(x => Join(x.First!.Readings[0], x.Second!.Readings[0]));
        return [.. (elsewhere?.Readings ?? []).Concat(ended.Concat(joined).OfType<Segmentation>()).Concat(PlausibleReadings.Of(word, table)).Append(Split(word, table)).OfType<Segmentation>()
            .Distinct().Take(Most)];
    }

    /// <summary>The split of two words written as one, from theirs.</summary>
    public static Segmentation? Join(Segmentation first, Segmentation second) =>
        Segmentation.TryBuild(
            first.Word + second.Word,
            [.. first.Segments.Concat(second.Segments).Select(x => (x.Correspondence, x.DroppedE))], out var made, out _) ? made : null;

    // A longer grapheme is likelier than its letters apart; a rare sound for it is not.
    private const int PerSegment = 3;

    private static Segmentation? Split(string word, CorrespondenceTable table)
    {
        var best = new (int Cost, string Text)?[word.Length + 1];
        best[0] = (0, "");
        for (var at = 0; at < word.Length; at++)
        {
            if (best[at] is not { } here)
            {
                continue;
            }

            foreach (var (text, cost, next) in Steps(word, at, table))
            {
                var total = here.Cost + cost + PerSegment;
                if (best[next] is not { } known || total < known.Cost)
                {
                    best[next] = (total, here.Text.Length == 0 ? text : $"{here.Text} {text}");
                }
            }
        }

        return best[word.Length] is { } end && Segmentation.TryParse(word, end.Text, out var split, out _) ? split : null;
    }

    private static IEnumerable<(string Text, int Cost, int Next)> Steps(string word, int at, CorrespondenceTable table)
    {
        for (var length = 1; length <= 4 && at + length <= word.Length; length++)
        {
            foreach (var entry in table.For(word.AsSpan(at, length)).Where(x => Allowed(x.Place, at, at + length == word.Length)))
            {
                yield return (entry.Correspondence.Key, entry.Cost, at + length);
            }
        }

        if (at + 3 == word.Length && word[^1] == 'e' && table.For($"{word[at]}_e") is [var split, ..]
            && table.For(word.AsSpan(at + 1, 1)) is [{ Correspondence.Sound.IsVowel: false } inside, ..])
        {
            yield return ($"{split.Correspondence.Key} {inside.Correspondence.Key}", split.Cost, word.Length);
        }
    }

    private static bool Allowed(Place place, int at, bool last) => place switch
    {
        Place.First => at == 0,
        Place.Last => last,
        Place.AfterW => false,
        _ => true,
    };
}
