using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>What there is to say against a spelling of one syllable.</summary>
/// <param name="Broken">English does not do so at all; null when it does.</param>
/// <param name="Rare">English does so, but seldom: allowed, and said; null when it is usual.</param>
public readonly record struct LawAnswer(Reason? Broken, Reason? Rare);

/// <summary>
/// What English allows in a word of one syllable. An onset and a rime combine freely; what is forbidden is the short list
/// of <see cref="Patterns"/>, each with the words that go against it, and consonants together or vowel spellings in places
/// that no word of the lexicon has. A made-up word that breaks it would teach a wrong pattern.
/// </summary>
public sealed class MadeUpLaw
{
    // Fewer everyday words than this make a thing rare: met, but no pattern to teach.
    private const int Usual = 2;

    // A row of consonants after so many different vowels of several letters (paint, point, haunt) goes with any of them.
    private const int ManyVowels = 4;

    // Source: the domain's list. After a short vowel at the end of one syllable these are written otherwise.
    private static readonly Dictionary<string, string> AfterShort = new()
    {
        ["f"] = "ff", ["l"] = "ll", ["s"] = "ss", ["z"] = "zz", ["ch"] = "tch", ["j"] = "dge", ["k"] = "ck", ["c"] = "ck",
    };

    private static readonly string[] OnlyAfterOneLetter = ["ff", "ll", "ss", "zz", "tch", "dge", "ck"];

    /// <summary>
    /// The patterns, each with the familiar words that go against it. Source: the domain's list of what a made-up word
    /// may not do; a test holds each against the everyday words of one syllable in every accent.
    /// </summary>
    internal static IReadOnlyList<SpellingPattern> Patterns { get; } =
    [
        new("begins with what only ends", x => OneOf(First(x), "ck", "ng", "tch", "dge", "ff", "ss", "zz", "x", "ay", "oy") ? Reason.Of(ReasonCode.NeverFirst, First(x)) : null, ""),
        new("ends with what never ends", x => OneOf(Last(x), "v", "j", "u", "ou", "au", "oi", "ai", "oa", "i", "q", "h", "w") || (Last(x) is "y" && !x.Parts[^1].Sound.IsVowel)
            ? Reason.Of(ReasonCode.NeverLast, Last(x)) : null, "flu hi ski"),
        new("writes once what is doubled after a short vowel", x => x.IsShort && x.Coda is [var one] && AfterShort.TryGetValue(one.Grapheme.Text, out var better)
            ? Reason.Of(ReasonCode.WrittenAfterShort, one.Grapheme.Text, better) : null,
            "bus gas plus quiz whiz rich gel gal pal chef nil trek yak wok"),
        new("doubles after a vowel of several letters", x => x.Coda is [var one, ..] && OneOf(one.Grapheme.Text, OnlyAfterOneLetter) && x.Vowel.Grapheme.Text.Length > 1
            ? Reason.Of(ReasonCode.OnlyAfterShort, one.Grapheme.Text) : null, "guess build"),
        new("has inside what only stands last", x => x is { Coda.Count: > 0, Vowel.Grapheme.Text: "ay" or "oy" } ? Reason.Of(ReasonCode.NotThatPlace, x.Vowel.Grapheme.Text, "inside") : null, "says"),
        new("has ng after a long vowel", x => x is { IsShort: false, Coda: [{ Sound.Key: "ng" } ng, ..] } ? Reason.Of(ReasonCode.OnlyAfterShort, ng.Grapheme.Text) : null, "young"),
        new("has after the vowel of cow or coin what lips or the back of the tongue make", x => x is { Vowel.Sound.Key: "ow" or "oi", Coda: [var one, ..] } && OneOf(one.Sound.First.Key, "p", "b", "m", "f", "v", "k", "g")
            ? Reason.Of(ReasonCode.NotSpeltSo) : null, ""),
        new("ends with a short vowel", x => x is { IsShort: true, Coda.Count: 0 } ? Reason.Of(ReasonCode.ShortVowelLast) : null, ""),
        new("has one letter twice that are no one spelling", x => x.Parts.Zip(x.Parts.Skip(1)).Any(p => p.First.Grapheme.Text[^1] == p.Second.Grapheme.Text[0]) ? Reason.Of(ReasonCode.NotSpeltSo) : null, ""),
        new("has a short a after w", x => x is { Vowel.Key: "a:a", Onset: [.., { Grapheme.Text: "w" or "wh" or "qu" } w] }
            && !(x.Coda is [{ Sound.Key: "k" or "g" or "ng" or "k+s" }, ..]) ? Reason.Of(ReasonCode.AfterW, w.Grapheme.Text) : null, "swam"),
    ];

    private readonly Dictionary<string, Tally> _onsets = [];

    // After a short vowel English ends words otherwise than after a long one: milk, but not mirlk.
    private readonly Dictionary<(bool Short, string Coda), Tally> _codas = [];
    private readonly Dictionary<string, Tally> _endings = [];
    private readonly Dictionary<(string Vowel, string Place), Tally> _places = [];
    private readonly Dictionary<string, HashSet<string>> _vowelsBefore = [];

    private sealed class Tally
    {
        public int Words { get; set; }

        public int Everyday { get; set; }

        public bool IsRare => Everyday < Usual;
    }

    public MadeUpLaw(SchoolWords words)
    {
        foreach (var word in words.Words.Where(x => x.Ended is null && x.Key == x.Spelling))
        {
            foreach (var reading in words.Of(word).Readings)
            {
                if (OneSyllable.Of(reading) is { } shape)
                {
                    Learn(shape, word.Everyday && !FunctionWords.Has(word.Key));
                }
            }
        }
    }

    /// <summary>True when English usually begins words with these in a row.</summary>
    public bool Begins(IReadOnlyList<Correspondence> onset) => onset.Count == 0 || Found(_onsets, Row(onset)) is { IsRare: false };

    /// <summary>True when English usually ends words with these in a row, after one vowel or another.</summary>
    public bool Ends(IReadOnlyList<Correspondence> coda) => coda.Count == 0 || Found(_endings, Row(coda)) is { IsRare: false };

    /// <summary>What a reading does that English does not, or seldom does.</summary>
    /// <param name="taught">Correspondences that children know, or null when all may be used.</param>
    public LawAnswer Of(Segmentation reading, IReadOnlySet<Correspondence>? taught) =>
        MaybeSoft(reading, taught) is { } soft ? new LawAnswer(soft, null)
        : OneSyllable.Of(reading) is not { } shape ? default
        : Patterns.Select(x => x.BrokenBy(shape)).FirstOrDefault(x => x is not null) is { } broken ? new LawAnswer(broken, null)
        : reading.Segments.Any(x => x.DroppedE) ? new LawAnswer(Reason.Of(ReasonCode.NotSpeltSo), null)
        : Parts(shape);

    // What can be soft before e, i and y will be read so by somebody, until both sounds are known.
    private static Reason? MaybeSoft(Segmentation reading, IReadOnlySet<Correspondence>? taught)
    {
        foreach (var segment in taught is null ? [] : reading.Segments)
        {
            if (segment.Correspondence.Grapheme.Text is "c" or "g" && segment.Start + 1 < reading.Word.Length && reading.Word[segment.Start + 1] is 'e' or 'i' or 'y'
                && taught!.All(x => x.Key != (segment.Correspondence.Grapheme.Text == "c" ? "c:s" : "g:j")))
            {
                return Reason.Of(ReasonCode.MayBeSoft, segment.Correspondence.Grapheme.Text, reading.Word[segment.Start + 1].ToString());
            }
        }

        return null;
    }

    private LawAnswer Parts(OneSyllable shape)
    {
        var (onset, coda) = (Row(shape.Onset), Row(shape.Coda));
        var letters = Letters(shape.Coda);
        var place = shape.Coda.Count == 0 ? "last" : shape.Onset.Count == 0 ? "first" : "inside";
        var stands = Found(_places, (shape.Vowel.Key, place));
        var begins = shape.Onset.Count == 0 ? null : Found(_onsets, onset);
        var ends = shape.Coda.Count == 0 ? null : Found(_endings, coda);
        if (shape.Onset.Count > 0 && begins is null)
        {
            return new LawAnswer(Reason.Of(ReasonCode.NoSuchStart, Letters(shape.Onset)), null);
        }

        if (shape.Coda.Count > 0 && (ends is null || (shape.Coda.Count > 1 && !shape.Vowel.Grapheme.IsSplit && !EndsAfter(shape, coda))))
        {
            return new LawAnswer(Reason.Of(ReasonCode.NoSuchEnd, letters), null);
        }

        // A spelling that stands inside may stand before any single consonant.
        if (stands is null && !(place == "first" && Found(_places, (shape.Vowel.Key, "inside")) is not null))
        {
            return new LawAnswer(Reason.Of(ReasonCode.NotThatPlace, shape.Vowel.Grapheme.Text, place), null);
        }

        return new LawAnswer(null, stands is null or { IsRare: true } ? Reason.Of(ReasonCode.SpeltRarely, shape.Vowel.Grapheme.Text)
            : begins is { IsRare: true } ? Reason.Of(ReasonCode.SpeltRarely, Letters(shape.Onset))
            : ends is { IsRare: true } ? Reason.Of(ReasonCode.SpeltRarely, letters)
            : Odd(shape));
    }

    private bool EndsAfter(OneSyllable shape, string coda) => Found(_codas, (shape.IsShort, coda)) is not null
        && (shape.IsShort || (_vowelsBefore.TryGetValue(coda, out var vowels)
            && (vowels.Contains(shape.Vowel.Key) || vowels.Count(x => x.IndexOf(':', StringComparison.Ordinal) > 1) >= ManyVowels)));

    // Allowed by every part of the law, and yet a reader would stop at it.
    private static Reason? Odd(OneSyllable shape) =>
        shape.Onset is [{ Key: "k:k" }] && shape.Vowel.Grapheme.Text[0] is 'a' or 'o' or 'u' && shape.Onset.Count == 1 ? Reason.Of(ReasonCode.SpeltRarely, $"k{shape.Vowel.Grapheme.Text[0]}")
        : shape is { Vowel.Grapheme.Text: "igh" or "eigh", Coda: [{ Grapheme.Text: not "t" }, ..] } ? Reason.Of(ReasonCode.SpeltRarely, $"{shape.Vowel.Grapheme.Text}{shape.Coda[0].Grapheme.Text}")
        : shape.Coda.Count > 1 && shape.Coda[^1].Grapheme.Text == "s" ? Reason.Of(ReasonCode.LooksLikeEnding)
        : shape.Vowel.Key is "ar:ar" && shape.Onset is [.., { Grapheme.Text: "w" or "wh" or "qu" } w] ? Reason.Of(ReasonCode.SpeltRarely, $"{w.Grapheme.Text}ar")
        : null;

    private void Learn(OneSyllable shape, bool everyday)
    {
        Count(_onsets, Row(shape.Onset), everyday);
        if (!shape.Vowel.Grapheme.IsSplit && shape.Coda.Count > 0)
        {
            // What stands inside a split digraph (change) does not end a word otherwise.
            Count(_codas, (shape.IsShort, Row(shape.Coda)), everyday);
            if (!shape.IsShort && everyday)
            {
                (_vowelsBefore.TryGetValue(Row(shape.Coda), out var vowels) ? vowels : _vowelsBefore[Row(shape.Coda)] = []).Add(shape.Vowel.Key);
            }
        }

        Count(_endings, Row(shape.Coda), everyday);
        Count(_places, (shape.Vowel.Key, shape.Coda.Count == 0 ? "last" : shape.Onset.Count == 0 ? "first" : "inside"), everyday);
    }

    private static void Count<T>(Dictionary<T, Tally> tallies, T key, bool everyday)
        where T : notnull
    {
        var tally = Found(tallies, key) ?? (tallies[key] = new Tally());
        tally.Words++;
        tally.Everyday += everyday ? 1 : 0;
    }

    private static Tally? Found<T>(Dictionary<T, Tally> tallies, T key)
        where T : notnull => tallies.GetValueOrDefault(key);

    private static string Row(IReadOnlyList<Correspondence> parts) => string.Join(' ', parts);

    private static string Letters(IReadOnlyList<Correspondence> parts) => string.Concat(parts.Select(x => x.Grapheme.Text));

    private static string First(OneSyllable x) => x.Parts[0].Grapheme.Text;

    // The e of a split digraph is the last letter, whatever is said last.
    private static string Last(OneSyllable x) => x.Vowel.Grapheme.IsSplit ? x.Vowel.Grapheme.Text : x.Parts[^1].Grapheme.Text;

    private static bool OneOf(string text, params ReadOnlySpan<string> texts) => texts.Contains(text);
}
