using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// What English allows in a word of one syllable, learnt from the words it has: where each spelling stands, which
/// consonants go together, and what follows what. A made-up word that breaks it would teach a wrong pattern.
/// </summary>
public sealed class MadeUpLaw
{
    // A thing that fewer words do is an exception and no pattern.
    private const int Pattern = 2;

    // Words rarer than this lend no pattern: borrowings gather there.
    private const int CommonWords = 12_000;

    // Source: the domain's list. After a short vowel at the end of one syllable these are written otherwise.
    private static readonly Dictionary<string, string> AfterShort = new()
    {
        ["f"] = "ff", ["l"] = "ll", ["s"] = "ss", ["z"] = "zz", ["ch"] = "tch", ["j"] = "dge", ["k"] = "ck", ["c"] = "ck",
    };

    private static readonly string[] OnlyAfterShort = ["ff", "ll", "ss", "zz", "tch", "dge", "ck", "ng", "x"];

    // Source: the domain's list of letters that no plain English word ends in.
    private static readonly string[] NeverLast = ["v", "j", "u", "ou", "au", "oi", "ai", "oa", "a", "i", "h", "w", "y", "q", "c"];

    private static readonly string[] NeverFirst = ["ck", "ng", "ay", "oy", "x", "tch", "dge", "ff", "ll", "ss", "zz"];

    private readonly Dictionary<(string, string), int> _places = [];
    private readonly Dictionary<string, int> _onsets = [];
    // After a short vowel English ends words otherwise than after a long one: milk, but not mirlk.
    private readonly Dictionary<(bool Short, string Coda), int> _codas = [];
    private readonly Dictionary<(string, string), int> _next = [];

    // What stands in a row after each long vowel: paint, but not pailt.
    private readonly HashSet<(string Vowel, string Coda)> _afterLong = [];

    public MadeUpLaw(SchoolWords words)
    {
        foreach (var word in words.Words.Where(x => x.Rank < CommonWords && x.Ended is null && x.Key == x.Spelling && x.Suitability != Suitability.Unsuitable))
        {
            if (words.Of(word).Readings is [var reading, ..] && Shape.Of(reading) is { } shape)
            {
                Learn(shape);
            }
        }
    }

    private sealed record Shape(IReadOnlyList<Correspondence> Onset, Correspondence Vowel, IReadOnlyList<Correspondence> Coda)
    {
        public bool IsShort => Vowels.IsShort(Vowel);

        /// <summary>The parts of a reading of one syllable; null for longer ones.</summary>
        public static Shape? Of(Segmentation reading)
        {
            var parts = reading.Segments.Select(x => x.Correspondence).ToList();
            return parts.Count(x => x.Sound.IsVowel) == 1 && parts.FindIndex(x => x.Sound.IsVowel) is var at
                ? new Shape(parts[..at], parts[at], parts[(at + 1)..])
                : null;
        }
    }

    /// <summary>True when English begins words with these in a row.</summary>
    public bool Begins(IEnumerable<Correspondence> onset) => string.Join(' ', onset) is var key && (key.Length == 0 || _onsets.GetValueOrDefault(key) >= Pattern);

    /// <summary>True when English ends words with these in a row, after one vowel or another.</summary>
    public bool Ends(IEnumerable<Correspondence> coda) => string.Join(' ', coda) is var key && (Ends(true, key) || Ends(false, key));

    /// <summary>What a reading does that English does not, as a clause; null when it is legal.</summary>
    /// <param name="taught">Correspondences that children know, or null when all may be used.</param>
    public string? Broken(Segmentation reading, IReadOnlySet<Correspondence>? taught)
    {
        var parts = reading.Segments.Select(x => x.Correspondence).ToList();
        var (first, last) = (parts[0].Grapheme.Text, parts[^1].Grapheme.Text);
        if (NeverFirst.Contains(first))
        {
            return $"English words do not begin with {first}";
        }

        if (NeverLast.Contains(last) || (parts[^1].Grapheme.IsSplit && reading.Word[^1] != 'e'))
        {
            return $"English words do not end with {last}";
        }

        for (var i = 0; i + 1 < reading.Word.Length; i++)
        {
            var soft = reading.Word[i + 1] is 'e' or 'i' or 'y';
            if (soft && reading.Word[i] is 'c' or 'g' && reading.Segments.Any(x => x.Start == i && x.Correspondence.Grapheme.Text.Length == 1)
                && taught is not null && !taught.Any(x => x.Key == (reading.Word[i] == 'c' ? "c:s" : "g:j")))
            {
                return $"{reading.Word[i]} before {reading.Word[i + 1]} can be soft, which is not taught yet";
            }
        }

        for (var i = 1; i < parts.Count; i++)
        {
            if (parts[i].Key == "a:a" && parts[i - 1].Grapheme.Text is "w" or "wh" or "qu" && parts[i].Grapheme.Text == "a")
            {
                return $"after {parts[i - 1].Grapheme.Text} English says a otherwise (want, squash)";
            }
        }

        return Shape.Of(reading) is { } shape ? BrokenInOneSyllable(shape) : null;
    }

    private string? BrokenInOneSyllable(Shape shape)
    {
        if (shape.Coda.Count == 1 && shape.IsShort && AfterShort.TryGetValue(shape.Coda[0].Grapheme.Text, out var better))
        {
            return $"after a short vowel the last {shape.Coda[0].Grapheme.Text} is written {better}";
        }

        if (shape.Coda.Count > 0 && OnlyAfterShort.Contains(shape.Coda[0].Grapheme.Text) && !Vowels.IsShortSound(shape.Vowel.Sound))
        {
            return $"{shape.Coda[0].Grapheme.Text} stands only after a short vowel";
        }

        if (shape.Coda.Count > 1 && shape.Coda[^1].Grapheme.Text == "s")
        {
            return "a last s after a consonant looks like an ending";
        }

        if (shape.IsShort && shape.Coda.Count == 0)
        {
            return "a short vowel does not stand last";
        }

        if (!Begins(shape.Onset))
        {
            return $"no English word begins with {string.Concat(shape.Onset.Select(x => x.Grapheme.Text))}";
        }

        if (!shape.IsShort && shape.Coda.Count > 1 && !_afterLong.Contains((shape.Vowel.Key, string.Join(' ', shape.Coda))))
        {
            return $"no English word ends with {string.Concat(shape.Coda.Select(x => x.Grapheme.Text))} after {shape.Vowel.Grapheme.Text}";
        }

        if (!shape.Vowel.Grapheme.IsSplit && !Ends(shape.IsShort, string.Join(' ', shape.Coda)))
        {
            return $"no English word ends with {string.Concat(shape.Coda.Select(x => x.Grapheme.Text))} after a {(shape.IsShort ? "short" : "long")} vowel";
        }

        var vowelPlace = shape.Coda.Count == 0 ? "last" : shape.Onset.Count == 0 ? "first" : "inside";
        if (_places.GetValueOrDefault((shape.Vowel.Key, vowelPlace)) < Pattern)
        {
            return $"{shape.Vowel.Grapheme.Text} does not stand {vowelPlace} so";
        }

        if (shape.Onset.Count > 0 && _next.GetValueOrDefault((shape.Onset[^1].Key, shape.Vowel.Key)) < 1)
        {
            return $"English does not write {shape.Onset[^1].Grapheme.Text} before {shape.Vowel.Grapheme.Text}";
        }

        return shape.Coda.Count > 0 && _next.GetValueOrDefault((shape.Vowel.Key, shape.Coda[0].Key)) < 1
            ? $"English does not write {shape.Coda[0].Grapheme.Text} after {shape.Vowel.Grapheme.Text}"
            : null;
    }

    private bool Ends(bool isShort, string coda) => coda.Length == 0 || _codas.GetValueOrDefault((isShort, coda)) >= Pattern;

    private void Learn(Shape shape)
    {
        Count(_onsets, string.Join(' ', shape.Onset));
        if (!shape.Vowel.Grapheme.IsSplit)
        {
            // What stands inside a split digraph (change) does not end a word otherwise.
            Count(_codas, (shape.IsShort, string.Join(' ', shape.Coda)));
        }

        if (!shape.IsShort && shape.Coda.Count > 1)
        {
            _afterLong.Add((shape.Vowel.Key, string.Join(' ', shape.Coda)));
        }

        Count(_places, (shape.Vowel.Key, shape.Coda.Count == 0 ? "last" : shape.Onset.Count == 0 ? "first" : "inside"));
        if (shape.Onset.Count > 0)
        {
            Count(_next, (shape.Onset[^1].Key, shape.Vowel.Key));
        }

        if (shape.Coda.Count > 0)
        {
            Count(_next, (shape.Vowel.Key, shape.Coda[0].Key));
        }
    }

    private static void Count<T>(Dictionary<T, int> counts, T key)
        where T : notnull => counts[key] = counts.GetValueOrDefault(key) + 1;
}
