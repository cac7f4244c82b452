using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using static BoldLadder.Core.Importing.PartPatterns;

namespace BoldLadder.Core.Importing;

/// <summary>Says what one written token is: a grapheme, an ending, consonants together, a rime unit, what longer words end in, a word, or none of these.</summary>
internal sealed class TokenReader(CorrespondenceTable table, SchoolWords words)
{
    /// <summary>Letters that make a grapheme of English now and then, and more often two: taken as two unless a word beside them says otherwise.</summary>
    private const int RareCost = 3;

    /// <summary>Tricky words are commoner than this, or such as children know.</summary>
    private const int Learnt = 2000;

    /// <summary>Words commoner than this stand in sentences rather than in talk of letters.</summary>
    public const int Talk = 300;

    private static readonly HashSet<string> WordEnds =
    [
        "tion", "sion", "ssion", "cian", "ture", "sure", "tious", "cious", "tial", "cial", "ous", "ious", "ful", "less", "ness", "ment", "able", "ible", "ation", "ity",
        "ish", "en", "ist", "ence", "ance",
    ];

    // What words begin with is nothing that a rung holds.
    private static readonly HashSet<string> Prefixes = ["un", "re", "dis", "mis", "pre", "sub"];

    private static readonly HashSet<string> OnlyWithHyphen = ["re", "sub", "ish", "en", "ist", "sure", "able"];

    /// <summary>I and a; the to: words to be learnt, and no talk of a letter or of the sound that follows; none where it may be.</summary>
    public IReadOnlyList<WrittenPart> ByHeart(string text)
    {
        var said = text.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var learnt = IAndA.IsMatch(text) ? text.Where(x => x is 'I' or 'a').Distinct().Select(x => x.ToString())
            : LessonWords.LessonOf(text) is null && ByHeartWithThe.IsMatch(text) && said.All(x => IsLearntByHeart(x.ToLowerInvariant())) && Noise.Matches(text).All(x => x.Value.Equals("the", StringComparison.OrdinalIgnoreCase)) ? said : [];
        return [.. learnt.Select(x => WrittenPart.Plain(WrittenKind.Word, x == "I" ? x : x.ToLowerInvariant()))];
    }

    /// <summary>Two graphemes with a dash between as a list; as it stands where they are a split digraph, or the second says what the first does: <i>ph - f</i>.</summary>
    public string WithoutDash(string text) => Dashed.Match(text) is { Success: true } two && (two.Groups["one"].Value, two.Groups["two"].Value) is var (one, other) && Split(text, false) is null && ((Known(one) && Known(other)) || (IsLearntByHeart(one) && IsLearntByHeart(other) && !(Known(one) || Known(other))))
        && !(other.Length == 1 && table.For(one).Any(x => x.Cost < RareCost && (x.Correspondence.Sound.Key == other || table.For(other).Any(y => y.Cost < RareCost && y.Correspondence.Sound == x.Correspondence.Sound)))) ? $"{one}, {other}" : text;

    public WrittenPart One(
        string token, IReadOnlyList<string> sounds, IReadOnlyList<string> named, bool both, WrittenPlace place, bool asEnding, ColumnRole column)
    {
        if (Split(token, false) is { } split)
        {
            return new WrittenPart(WrittenKind.Grapheme, split, sounds, named, both, place);
        }

        var last = token.Length > 1 && token[0] is '-' or '–' or '~';
        var first = token.Length > 1 && token[^1] is '-' or '–';
        place = last ? WrittenPlace.Last : first ? WrittenPlace.First : place;
        var text = LettersOnly(token) ?? "";
        if (text.Length == 0 || text.Length != token.Trim('-', '–', '~', '.', ':', '"', '\'', '*').Length)
        {
            return IsWord(token) ? WrittenPart.Plain(WrittenKind.Word, token.ToLowerInvariant()) : WrittenPart.Plain(WrittenKind.Kept, token);
        }

        if (text.Length == 2 && text[0] == text[1] && char.IsUpper(token[0]) && char.IsLower(token[1]))
        {
            text = text[..1];
        }

        text = text == "q" ? "qu" : text;

        // Several words of which none shows the letters are a remark (ee (double letter e)).
        named = named.Count > 1 && !named.Any(x => Shows(x, text)) ? [] : named;
        var part = new WrittenPart(WrittenKind.Grapheme, text, sounds, named, both, place);
        if (column == ColumnRole.TrickyWords || (token == "I" && sounds.Count + named.Count == 0))
        {
            return part with { Kind = token == "I" && column != ColumnRole.TrickyWords ? WrittenKind.Grapheme : WrittenKind.Word, Letters = token == "I" && column != ColumnRole.TrickyWords ? "i" : token, MayBeWord = token == "I" };
        }

        // "-ies" is the ending of cries, with its y changed.
        text = last && text is ("ies" or "ied" or "ier" or "iest") ? text[1..] : text;
        part = part with { Letters = text };
        if ((asEnding || last || text is "ed" or "ing" or "est") && Endings.All.Contains(text) && !NamesNoEnding(text, named, asEnding, last))
        {
            return part with { Kind = WrittenKind.Ending };
        }

        if (column == ColumnRole.RimeUnits && text.Length > 1 && IsVowel(text[0]))
        {
            return part with { Kind = WrittenKind.RimeUnit };
        }

        // -el (camel) ends longer words; the al of walk does not.
        if (text is ("el" or "al" or "il") && (last || named.Any(x => x.EndsWith(text, StringComparison.Ordinal) && Segments(x).TakeLast(2).Select(s => s.Key).SequenceEqual([$"{text[0]}:schwa", "l:l"]))))
        {
            return part with { Kind = WrittenKind.WordEnd };
        }

        var meant = !OnlyWithHyphen.Contains(text) || asEnding || last || first;
        if (meant && WordEnds.Contains(text))
        {
            return part with { Kind = WrittenKind.WordEnd };
        }

        if (meant && Prefixes.Contains(text))
        {
            return WrittenPart.Plain(WrittenKind.Kept, named.Count > 0 ? $"{token} ({string.Join(", ", named)})" : token) with { IsTaught = true };
        }

        if (text == "nk")
        {
            return part with { Letters = "n", Sounds = ["ng"], Words = [] };
        }

        var shown = named.Any(x => Segments(x).Any(s => s.Grapheme.Text == text));
        var usual = table.For(text) is { Count: > 0 } entries && entries[0].Cost < RareCost;
        if (shown || sounds.Count > 0 && Known(text))
        {
            return part;
        }

        if ((column == ColumnRole.Clusters || (!usual && token != "Ms")) && IsCluster(text))
        {
            return part with { Kind = WrittenKind.Cluster };
        }

        if (usual)
        {
            return part with { MayBeWord = text.Length > 1 ? IsWord(text) : text is "a" or "i" };
        }

        // Four letters that are a word are no rime: oral.
        if (text.Length > 1 && IsWord(token) && words.FindWord(token) is { } word && (word.Everyday || word.Rank < Learnt || (text.Length is 4 or 5 && IsVowel(text[0]) && !last)))
        {
            return part with { Kind = WrittenKind.Word, Letters = token == "I" ? token : text };
        }

        return Known(text) && !(last && text.Length > 2 && IsVowel(text[0]) && IsWord(text)) ? part
            : IsVowel(text[0]) && text.Length is > 1 and <= 5 ? part with { Kind = WrittenKind.RimeUnit }
            : WrittenPart.Plain(WrittenKind.Kept, token);
    }

    // "-y (happy)" and "er (sister)" name the letters at the end of a word that no ending made.
    private bool NamesNoEnding(string text, IReadOnlyList<string> named, bool asEnding, bool last) =>
        text == "y" && named.Count == 0 && !asEnding ? true : named.Count > 0 ? (!asEnding || text is "y") && named.All(x => words.FindWord(x) is { } word && word.Ended?.Taught != Endings.AsTaught(text))
            : !asEnding && !last && text is not ("ed" or "ing" or "est");

    /// <summary>The letters that sounds in the letters of phonetics are mostly written with, or each sound kept.</summary>
    public IEnumerable<WrittenPart> OfIpa(List<string> sounds, List<string> named, bool both, WrittenPlace place) => sounds.Count == 0
        ? []
        : sounds.Select(x => SoundNames.Find(x, "").ToList() is [var only] && Known(only.Key.Split('+')[0])
            ? new WrittenPart(WrittenKind.Grapheme, only.Key.Split('+')[0], [x], named, both, place)
            : WrittenPart.Plain(WrittenKind.Kept, $"/{x}/"));

    public static string? Split(string text, bool said)
    {
        var match = SplitForm.Match(text.Trim());
        var between = match.Groups["between"].Value;
        return match.Success && (said || between.Trim().Length > 0) ? $"{match.Groups["vowel"].Value.ToLowerInvariant()}_e" : null;
    }

    /// <summary>True for one of the commonest words of all that its letters, said as they are met first, do not make.</summary>
    public bool IsToldWhole(string word) => IsTitle(word) || words.Find(word) is { Word.Rank: < Talk } found && !found.Readings[0].Segments.All(x => x.Correspondence is { Grapheme.Text.Length: 1 } part && SoundChoice.IsMetFirst(part));

    public bool IsLearntByHeart(string word) => IsTitle(word) || ((word.Length > 1 || word is "a" or "i" or "I") && words.FindWord(word) is { Rank: < Learnt });

    // How people are addressed: no word of a list, and no letters of a sound.
    public static bool IsTitle(string word) => word.ToLowerInvariant() is "mr" or "mrs" or "ms";

    public bool Known(string text) => table.For(text).Count > 0;

    public bool IsWord(string text) => WordForm.IsMatch(text) && words.FindWord(text) is not null;

    public bool Shows(string word, string letters) => Segments(word).Any(x => x.Grapheme.Text == letters) || word.Contains(letters, StringComparison.OrdinalIgnoreCase);

    public IEnumerable<Correspondence> Segments(string word) => words.Find(word) is { } found ? found.Readings.SelectMany(x => x.Segments).Select(x => x.Correspondence) : [];

    /// <summary>True for a sound by its own name and other letters that often say it: <i>ee</i> and <i>ea</i>, <i>or</i> and <i>aw</i>.</summary>
    public bool IsSpelt(string sound, string letters) => letters != sound && !(letters is [var only] && IsVowel(only)) && Sound.TryParse(sound, out var said, out _) && table.For(letters).Any(x => x.Cost < RareCost && (x.Correspondence.Sound == said || (sound, x.Correspondence.Sound.Key) is ("or", "aw")));

    /// <summary>The letters that a remark is, where it is letters and no word: <i>ay</i>, <i>a-e</i>; null for anything else.</summary>
    public string? SpelledIn(string text) => Split(text, false) ?? (LettersOnly(text) is { } letters && Known(letters) && !(letters.Length > 2 && IsWord(letters)) ? letters : null);

    // Consonants that stand together at no word's start or end are no cluster, but letters for something else: BH, TW.
    private readonly Lazy<HashSet<string>> _together = new(() => [.. words.Words.Where(x => x.Everyday && x.Key.Length > 3).SelectMany(x => new[] { x.Key[..2], x.Key[..3], x.Key[^2..], x.Key[^3..] })]);

    public bool IsCluster(string text) => _together.Value.Contains(text) && text.Length is 2 or 3 && text.All(x => !IsVowel(x)) && text[0] != text[1] && !text.Contains('y', StringComparison.Ordinal)
        && SoundChoice.ClusterOf(text, table) is not null;

    public static bool IsVowel(char letter) => letter is 'a' or 'e' or 'i' or 'o' or 'u';

    public static string? LettersOnly(string text) => string.Concat(text.Where(char.IsAsciiLetter)).ToLowerInvariant() is { Length: > 0 } letters ? letters : null;
}
