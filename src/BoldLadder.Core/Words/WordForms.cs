namespace BoldLadder.Core.Words;

/// <summary>A word that the lexicon does not list and that follows from words it does.</summary>
/// <param name="Readings">Each from a reading of what it is made of, by the rules of its form.</param>
/// <param name="Ended">Its base and ending, when it is one with an ending.</param>
/// <param name="Parts">What it is made of, when it is several words.</param>
public sealed record FormedWord(
    string Spelling, IReadOnlyList<Segmentation> Readings, EndedWord? Ended, IReadOnlyList<string> Parts, Suitability Suitability, Familiarity Familiarity);

/// <summary>
/// Regular forms of known words: endings, possessives, contractions, hyphened words and words of two. A form is known when
/// it is a real word; what is not certain is left to <see cref="Guess"/>.
/// </summary>
public sealed class WordForms(SchoolWords words, Predicate<string> isReal)
{
    private const int LongestForm = 40, ShortestPart = 3;

    // A part of a word of two is one that people use: in thermos there is no one's mos.
    private const int UsedPart = 200;

    // What is left of a word run on to another, and what is said for it.
    private static readonly (string Letters, string Parts)[] RunOn = [("'ll", "ll:schwa+l"), ("'ve", "ve:v"), ("'d", "d:d"), ("'re", "re:schwa")];

    /// <summary>The word as it follows from others; null when it does not, or not for certain.</summary>
    /// <param name="spelling">As written; capitals do not count.</param>
    public FormedWord? Find(string spelling)
    {
        var word = spelling.ToLowerInvariant();
        return word.Length is 0 or > LongestForm || words.FindWord(word) is not null ? null
            : word.Contains('-', StringComparison.Ordinal) ? Hyphened(word)
            : word.Contains('\'', StringComparison.Ordinal) ? Apostrophe(word)
            : !isReal(word) ? null
            : Ended(word) ?? Prefixed(word) ?? Compound(word);
    }

    private FormedWord? Hyphened(string word)
    {
        var parts = word.Split('-').Select(Known).ToList();
        return parts.Count > 1 && parts.TrueForAll(x => x is not null) ? Joined(word, [.. parts.Select(x => x!)]) : null;
    }

    private FormedWord? Apostrophe(string word)
    {
        if (word.EndsWith("'s", StringComparison.Ordinal) && Known(word[..^2]) is { } owner)
        {
            var ended = new EndedWord(owner.Spelling, "s", Join.Plain);
            return Made(word, owner, owner.Readings.Select(x => Segmentation.TryBuild(word, [.. Parts(x), (Endings.Possessive(x), false)], out var made, out _) ? made : null), ended, []);
        }

        if (word.EndsWith("s'", StringComparison.Ordinal) && Known(word[..^1]) is { } owners)
        {
            return Made(word, owners, owners.Readings.Select(x => Segmentation.TryBuild(word, Parts(x), out var made, out _) ? made : null), owners.Ended, []);
        }

        foreach (var (letters, parts) in RunOn)
        {
            if (word.EndsWith(letters, StringComparison.Ordinal) && Known(word[..^letters.Length]) is { } first)
            {
                return Made(word, first, first.Readings.Select(x => Segmentation.TryParse(word, $"{x} {parts}", out var made, out _) ? made : null), null, []);
            }
        }

        return null;
    }

    // Of several possible bases the commonest: teasing is of tease and not of teas.
    private FormedWord? Ended(string word) => Endings.Candidates(word)
        .Select(x => (Ended: x, Base: words.Find(x.Base))).Where(x => x.Base is { Readings.Count: > 0 } && !(x.Base.Word.Ended is { } inner && inner.Taught == "s"))
        .OrderByDescending(x => x.Base!.Word.Count)
        .Select(x => Made(word, Of(x.Base!), x.Base!.Readings.Select(r => Endings.Inflect(r, x.Ended, word) ?? AfterLe(r, x.Ended, word)), x.Ended, [])).FirstOrDefault(x => x is not null);

    // Stubble, stubbly: the weak le becomes a plain l before a vowel.
    private static Segmentation? AfterLe(Segmentation stem, EndedWord ended, string word) =>
        stem.Segments[^1].Correspondence.Key == "le:schwa+l" && ended is { Join: Join.DropE, Ending: "y" or "ing" or "er" or "est" }
        && Segmentation.TryParse(word, $"{string.Join(' ', stem.Segments.SkipLast(1).Select(x => x.Correspondence))} l:l {Endings.Of(ended.Ending)}", out var made, out _) ? made : null;

    private FormedWord? Prefixed(string word) => word.StartsWith("un", StringComparison.Ordinal) && word.Length > 2 + ShortestPart && Known(word[2..]) is { } rest
        ? Made(word, rest, rest.Readings.Select(x => Segmentation.TryParse(word, $"u:u n:n {x}", out var made, out _) ? made : null), rest.Ended, [])
        : null;

    private FormedWord? Compound(string word) => Enumerable.Range(ShortestPart, Math.Max(0, word.Length - (2 * ShortestPart) + 1))
        .Select(at => (First: words.Find(word[..at]), Second: words.Find(word[at..])))
        .Where(x => IsPart(x.First) && IsPart(x.Second) && x.First!.Word.Key.Length + x.Second!.Word.Key.Length > 2 * ShortestPart)
        .OrderByDescending(x => Math.Min(x.First!.Word.Count, x.Second!.Word.Count))
        .Select(x => Joined(word, [Of(x.First!), Of(x.Second!)])).FirstOrDefault();

    private static bool IsPart(SchoolWord? x) => x is { Readings.Count: > 0, Word: { Everyday: true, Count: >= UsedPart, Key: var key } word } && key == word.Spelling && !x.IsHeteronym;

    private FormedWord? Known(string part) => words.Find(part) is { Readings.Count: > 0 } found ? Of(found) : part.Length > 0 && part.All(char.IsAsciiLetterLower) ? Find(part) : null;

    private static FormedWord Of(SchoolWord x) => new(x.Word.Key, x.Readings, x.Word.Ended, [], x.Word.Suitability, x.Word.Familiarity);

    private static FormedWord? Joined(string word, IReadOnlyList<FormedWord> parts) => Made(
        word, parts.MaxBy(x => x.Suitability)!,
        [Segmentation.TryBuild(word, [.. parts.SelectMany(x => Parts(x.Readings[0]))], out var made, out _) ? made : null], null, [.. parts.Select(x => x.Spelling)])
        is { } joined ? joined with { Familiarity = parts.Any(x => x.Familiarity == Familiarity.Unrated) ? Familiarity.Unrated : parts.Max(x => x.Familiarity) } : null;

    private static FormedWord? Made(string word, FormedWord from, IEnumerable<Segmentation?> readings, EndedWord? ended, IReadOnlyList<string> parts) =>
        readings.OfType<Segmentation>().Distinct().ToList() is { Count: > 0 } found ? new FormedWord(word, found, ended, parts, from.Suitability, from.Familiarity) : null;

    private static List<(Sounds.Correspondence, bool)> Parts(Segmentation reading) => [.. reading.Segments.Select(x => (x.Correspondence, x.DroppedE))];
}
