using System.Text.RegularExpressions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>Reads what people write for capitals and marks of punctuation: "capital letters A to F", "full stops and commas".</summary>
internal static class PrintWords
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    private static readonly HashSet<string> Titles = new(["mr", "mrs", "ms", "dr"], StringComparer.Ordinal);

    /// <summary>The capitals and marks that are named; none where only "punctuation" is said.</summary>
    public static IReadOnlyList<Teachable> In(string text) =>
    [
        .. Capital.IsMatch(text) ? Capitals(text) : [],
        .. Marks.Where(x => x.Named.IsMatch(text)).Select(x => Teachable.Of(PunctuationMark.All.First(m => m.Key == x.Key))),
    ];

    /// <summary>A word as it stands inside a sentence, however the sheet writes it: Monday, Mr, the.</summary>
    public static string AsInText(string word, SchoolWords words) => words.Find(word) is { Word.Spelling: [>= 'A' and <= 'Z', ..] spelling } ? spelling
        : Titles.Contains(word) ? $"{char.ToUpperInvariant(word[0])}{word[1..]}" : word;

    // A range or letters one by one; where none are said, all of them.
    private static IEnumerable<Teachable> Capitals(string text)
    {
        var (range, single) = (Range.Match(text), Single.Matches(text).Select(x => x.Value[0]).Distinct().ToList());
        var letters = range.Success ? Enumerable.Range(range.Groups[1].Value[0], Math.Max(0, range.Groups[2].Value[0] - range.Groups[1].Value[0] + 1)).Select(x => (char)x)
            : single.Count > 0 ? single : Enumerable.Range('A', 26).Select(x => (char)x);
        return letters.Select(Teachable.OfCapital);
    }

    private static readonly Regex Capital = new(@"\bcapitals?\b|\bupper\s*case\b", Any);

    private static readonly Regex Range = new(@"\b([A-Z])\s*(?:[-–]|to)\s*([A-Z])\b", RegexOptions.CultureInvariant);

    private static readonly Regex Single = new(@"(?<![A-Za-z'’])[A-Z](?![A-Za-z'’])", RegexOptions.CultureInvariant);

    private static readonly Regex Stop = new(@"\bfull\s+stops?\b|\bperiods?\b", Any);

    private static readonly Regex Question = new(@"\bquestion\s+marks?\b", Any);

    private static readonly Regex Exclamation = new(@"\bexclamation\s+(?:marks?|points?)\b", Any);

    private static readonly Regex Comma = new(@"\bcommas?\b(?<!inverted\s+commas?)", Any);

    private static readonly Regex Quotation = new(@"\b(?:speech|quotation)\s+marks?\b|\binverted\s+commas\b", Any);

    private static readonly Regex Apostrophe = new(@"\bapostrophes?\b", Any);

    private static readonly Regex Hyphen = new(@"\bhyphens?\b", Any);

    // Below the patterns, which have to be there before it is made.
    private static readonly (string Key, Regex Named)[] Marks =
    [
        ("stop", Stop), ("questionMark", Question), ("exclamationMark", Exclamation), ("comma", Comma), ("quotationMarks", Quotation), ("apostrophe", Apostrophe), ("hyphen", Hyphen),
    ];
}
