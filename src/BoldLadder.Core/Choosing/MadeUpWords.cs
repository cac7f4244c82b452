using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// Made-up words of one syllable: every one that the taught set can make is put together and proved, so that none is
/// missed and none is hoped for.
/// </summary>
public sealed class MadeUpWords(MadeUpCheck check)
{
    // Shorter ones (og, ip) look like bits of words.
    private const int FewestLetters = 3;

    private const int MostBoxes = 4, MostTogether = 2;

    // With so many to choose from, those that sound like somebody's name are left out; with fewer they are kept.
    private const int PlentyWithoutNames = 60;

    // Far more than a class needs; a bound on the work for very large taught sets.
    private const int MostTried = 400_000;

    /// <summary>All good ones of which there is nothing to say, in the order of the alphabet.</summary>
    /// <param name="shape">The largest shape; more than one syllable is not made.</param>
    /// <param name="stop">Stops the work, which can take seconds when very much is taught.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public IReadOnlyList<MadeUpJudgement> All(IReadOnlySet<Correspondence> taught, WordShape shape, CancellationToken stop = default)
    {
        var found = new SortedDictionary<string, MadeUpJudgement>(StringComparer.Ordinal);
        var names = new HashSet<string>();
        foreach (var reading in Candidates(taught, shape))
        {
            stop.ThrowIfCancellationRequested();
            if (!found.ContainsKey(reading.Word) && Good(reading, taught, out var likeName) is { } good)
            {
                found[reading.Word] = good;
                if (likeName)
                {
                    names.Add(reading.Word);
                }
            }
        }

        return [.. found.Count - names.Count >= PlentyWithoutNames ? found.Values.Where(x => !names.Contains(x.Word)) : found.Values];
    }

    /// <summary>Good ones in an order that the dice say, each proved only when it is asked for; none that sounds like a name.</summary>
    /// <param name="parts">What they are put together from.</param>
    /// <param name="taught">What they are proved against: a letter left out of the parts can still be read otherwise.</param>
    /// <param name="with">Parts of which each has one at least; null or empty for any.</param>
    public IEnumerable<MadeUpJudgement> Drawn(
        IReadOnlySet<Correspondence> parts, IReadOnlySet<Correspondence> taught, WordShape shape, Dice dice, IReadOnlySet<Correspondence>? with = null,
        CancellationToken stop = default)
    {
        var seen = new HashSet<string>();
        foreach (var reading in dice.Mix(Candidates(parts, shape, with)))
        {
            stop.ThrowIfCancellationRequested();
            if (seen.Add(reading.Word) && Good(reading, taught, out var likeName) is { } good && !likeName)
            {
                yield return good;
            }
        }
    }

    private MadeUpJudgement? Good(Segmentation reading, IReadOnlySet<Correspondence> taught, out bool likeName)
    {
        likeName = false;

        // What could be read with a second beat (y as in sky, then ee) is no word of one.
        return check.Law.Of(reading, taught) is { Broken: null, Rare: null } && check.Made(reading.Word, taught, out likeName) is { } made && made.Reading?.Segments.Count(x => x.Correspondence.Sound.IsVowel) == 1 ? made : null;
    }

    private IEnumerable<Segmentation> Candidates(IReadOnlySet<Correspondence> taught, WordShape shape, IReadOnlySet<Correspondence>? with = null)
    {
        var consonants = taught.Where(x => !x.Sound.IsVowel).Distinct().OrderBy(x => x.Key, StringComparer.Ordinal).ToList();
        var onsets = Runs(consonants, Math.Min(shape.Together, 3), check.Law.Begins);
        var codas = Runs(consonants, Math.Min(shape.Together, 2), check.Law.Ends);
        var tried = 0;
        foreach (var vowel in taught.Where(x => x.Sound.IsVowel).OrderBy(x => x.Key, StringComparer.Ordinal))
        {
            foreach (var onset in onsets)
            {
                foreach (var coda in codas)
                {
                    if (onset.Length + 1 + coda.Length <= shape.Boxes && onset.Length + coda.Length > 0 && ++tried <= MostTried
                        && (with is null or { Count: 0 } || with.Contains(vowel) || onset.Any(with.Contains) || coda.Any(with.Contains))
                        && Built(onset, vowel, coda) is { Word.Length: >= FewestLetters } reading)
                    {
                        yield return reading;
                    }
                }
            }
        }
    }

    /// <summary>The largest shape of made-up word for a class that meets words of a shape: short, and of one syllable.</summary>
    public static WordShape ShapeFor(WordShape met) => new(Math.Min(met.Boxes, MostBoxes), Math.Min(met.Together, MostTogether), 1);

    private static Segmentation? Built(Correspondence[] onset, Correspondence vowel, Correspondence[] coda)
    {
        if (vowel.Grapheme.IsSplit && (coda.Length != 1 || coda[0].Grapheme.Text.Length != 1 || coda[0].Grapheme.Text == "x"))
        {
            return null;
        }

        var word = string.Concat(onset.Select(x => x.Grapheme.Text)) + vowel.Grapheme.LeadingLetters
            + string.Concat(coda.Select(x => x.Grapheme.Text)) + (vowel.Grapheme.IsSplit ? "e" : "");
        return Segmentation.TryBuild(word, [.. onset.Append(vowel).Concat(coda).Select(x => (x, false))], out var reading, out _) ? reading : null;
    }

    private static List<Correspondence[]> Runs(List<Correspondence> consonants, int longest, Func<Correspondence[], bool> legal)
    {
        var runs = new List<Correspondence[]> { Array.Empty<Correspondence>() };
        var last = runs.ToList();
        for (var length = 1; length <= longest; length++)
        {
            last = [.. last.SelectMany(run => consonants.Select(x => run.Append(x).ToArray())).Where(x => length < longest || legal(x))];
            runs.AddRange(last.Where(legal));
            if (last.Count > 20_000)
            {
                break;
            }
        }

        return runs;
    }
}
