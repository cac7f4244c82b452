using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>A split found by the aligner, with how unusual it is: costly ones are worth a look.</summary>
public readonly record struct Alignment(Segmentation Segmentation, int Cost);

/// <summary>
/// Splits a word by laying its spelling along its sounds: the cheapest path over the
/// correspondence table, found by dynamic programming over letters and moments.
/// </summary>
public static class Aligner
{
    // A split digraph stands round one consonant grapheme, or one of these pairs (taste, change, clothe).
    private static readonly string[] PairsInsideSplit = ["st", "ng"];

    private static readonly Phoneme R = Phonemes.Find("r")!;

    private readonly record struct Step(int Cost, int FromLetter, int FromMoment, TableEntry[] Taken);

    /// <summary>The cheapest split, or null when the table cannot account for the sounds.</summary>
    public static Alignment? Align(string word, SoundLattice sounds, CorrespondenceTable table)
    {
        var best = new Step?[word.Length + 1, sounds.Moments];
        best[0, 0] = new Step(0, -1, -1, []);
        for (var letter = 0; letter < word.Length; letter++)
        {
            // Moments are not in order of time (see the reader), so sounds spread until nothing improves;
            // every step takes a letter, so one pass over letters is enough.
            for (var moment = 0; moment < sounds.Moments; moment++)
            {
                if (best[letter, moment] is { } here)
                {
                    Extend(word, sounds, table, best, letter, moment, here.Cost);
                }
            }
        }

        if (best[word.Length, sounds.End] is not { } end)
        {
            return null;
        }

        return new Alignment(Trace(word, best, end, sounds.End), end.Cost);
    }

    private static void Extend(
        string word, SoundLattice sounds, CorrespondenceTable table, Step?[,] best, int letter, int moment, int cost)
    {
        for (var length = 1; length <= Grapheme.MaxLetters && letter + length <= word.Length; length++)
        {
            foreach (var entry in table.For(word.AsSpan(letter, length)))
            {
                var next = letter + length;
                if (!Fits(entry, word, letter, next) || CutsDoubledR(entry, word, next))
                {
                    continue;
                }

                foreach (var after in Moments(sounds, moment, entry, word, next))
                {
                    Offer(best, next, after, new Step(cost + entry.Cost, letter, moment, [entry]));
                }
            }
        }

        foreach (var vowel in table.For($"{word[letter]}_e"))
        {
            foreach (var middle in sounds.After(moment, vowel.Correspondence.Sound))
            {
                Surround(word, sounds, table, best, letter, moment, cost + vowel.Cost, vowel, middle);
            }
        }
    }

    private static void Surround(
        string word, SoundLattice sounds, CorrespondenceTable table, Step?[,] best,
        int letter, int moment, int cost, TableEntry vowel, int middle)
    {
        for (var length = 1; length <= 3 && letter + 1 + length < word.Length; length++)
        {
            var inside = word.Substring(letter + 1, length);
            var next = letter + 1 + length + 1;
            if (word[next - 1] != 'e' || (length == 2 && inside[0] == inside[1]))
            {
                continue;
            }

            foreach (var consonant in table.For(inside).Where(x => !x.Correspondence.Sound.IsVowel))
            {
                foreach (var after in sounds.After(middle, consonant.Correspondence.Sound))
                {
                    Offer(best, next, after, new Step(cost + consonant.Cost, letter, moment, [vowel, consonant]));
                }
            }

            if (!PairsInsideSplit.Contains(inside))
            {
                continue;
            }

            foreach (var first in table.For(inside[..1]))
            {
                foreach (var second in table.For(inside[1..]))
                {
                    foreach (var between in sounds.After(middle, first.Correspondence.Sound))
                    {
                        foreach (var after in sounds.After(between, second.Correspondence.Sound))
                        {
                            Offer(best, next, after, new Step(
                                cost + first.Cost + second.Cost, letter, moment, [vowel, first, second]));
                        }
                    }
                }
            }
        }
    }

    // In story and hero one grapheme says the vowel and carries the r over to the next: the r needs no letter of its own.
    private static IEnumerable<int> Moments(SoundLattice sounds, int moment, TableEntry entry, string word, int next)
    {
        var letters = entry.Correspondence.Grapheme.Text;
        var carriesR = entry.Correspondence.Sound.IsVowel && letters.Contains('r', StringComparison.Ordinal)
            && next < word.Length && word[next] != 'r';
        foreach (var after in sounds.After(moment, entry.Correspondence.Sound))
        {
            yield return after;
            if (carriesR)
            {
                foreach (var afterR in sounds.After(after, new Sound(R)))
                {
                    yield return afterR;
                }
            }
        }
    }

    // The two letters of rr stay together: American hurry is h, urr, y and not h, ur, r, y.
    private static bool CutsDoubledR(TableEntry entry, string word, int next) =>
        entry.Correspondence.Grapheme.Text == "ur" && next < word.Length && word[next] == 'r';

    private static bool Fits(TableEntry entry, string word, int letter, int next) => entry.Place switch
    {
        Place.First => letter == 0,
        Place.Last => next == word.Length,
        Place.AfterW => letter > 0 && (word[letter - 1] is 'w' || (letter > 1 && word[(letter - 2)..letter] is "qu" or "wh")),
        _ => true,
    };

    private static void Offer(Step?[,] best, int letter, int moment, Step step)
    {
        if (best[letter, moment] is not { } known || step.Cost < known.Cost)
        {
            best[letter, moment] = step;
        }
    }

    private static Segmentation Trace(string word, Step?[,] best, Step end, int endMoment)
    {
        var taken = new List<TableEntry>();
        var (letter, moment) = (word.Length, endMoment);
        while (best[letter, moment] is { FromLetter: >= 0 } step)
        {
            taken.InsertRange(0, step.Taken);
            (letter, moment) = (step.FromLetter, step.FromMoment);
        }

        var parts = taken.Select(x => (x.Correspondence, false)).ToArray();
        return Segmentation.TryBuild(word, parts, out var segmentation, out var reason)
            ? segmentation
            : throw new InvalidOperationException($"the aligner split '{word}' wrongly: {reason}");
    }
}
