using System.Collections.Concurrent;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using static BoldLadder.Core.Importing.PartPatterns;

namespace BoldLadder.Core.Importing;

/// <summary>
/// Reads what people write for a part (<c>sh</c>, <i>sh (ship)</i>, <c>/sh/</c>, <c>a-e</c>, <i>ear as in hear</i>,
/// <i>y (at the end: happy)</i>, <i>ss/ll/ff</i>, <c>-ed</c>) and keeps what it says of the sound; the sound itself is
/// settled by <see cref="SoundChoice"/>, since that depends on what was taught before. What stands between commas is read by <see cref="PieceReader"/>.
/// </summary>
public sealed class PartReader(CorrespondenceTable table, SchoolWords words)
{
    private readonly TokenReader _token = new(table, words);

    private PieceReader Piece => field ??= new PieceReader(_token, words);

    private const int LongestCell = 600;

    // What a sheet is about is asked of its cells in many ways, and each asks for their parts.
    private readonly ConcurrentDictionary<(string Text, ColumnRole Column), IReadOnlyList<WrittenPart>> _read = new();

    /// <summary>Reads one line of a cell whose column holds parts.</summary>
    /// <param name="column">What the column holds, which decides letters that may be several things.</param>
    public IReadOnlyList<WrittenPart> Read(string text, ColumnRole column = ColumnRole.Parts) => _read.GetOrAdd((text, column), x => ReadAnew(x.Text, x.Column));

    private IReadOnlyList<WrittenPart> ReadAnew(string text, ColumnRole column)
    {
        text = Plainer(text);
        if (text.Length is 0 or > LongestCell)
        {
            return text.Length == 0 ? [] : [WrittenPart.Plain(WrittenKind.Kept, text)];
        }

        text = SoundsInRow.Match(text) is { Success: true } row ? string.Join(", ", row.Groups["sound"].Captures.Select(x => x.Value)) : text;

        // Days of the week: a heading of words, and none of them to be learnt by heart.
        if (SheetWords.NamesHalf(text) || OfThe.IsMatch(text))
        {
            return [WrittenPart.Plain(WrittenKind.Kept, text)];
        }

        if (_token.ByHeart(text) is { Count: > 0 } learnt)
        {
            return learnt;
        }

        text = WithSoundAndWord.Replace(Told(text) ?? text, "${letters} /${sound}/ (${word})");
        // I can hear the first sound: of letters, and names none.
        if (Intro.Match(text) is { Success: true } intro && text[intro.Length..] is var told && SpokenOf.IsMatch(told) && Read(told, column).All(x => x.Kind is WrittenKind.Word or WrittenKind.Kept))
        {
            return [WrittenPart.Plain(WrittenKind.Kept, text)];
        }

        text = KindAhead.Replace(Intro.Replace(text, ""), "");
        text = SaidSounds.InStrokes(text, _token);
        text = WithItsWord.Replace(text, x => x.Groups["letters"].Value.ToLowerInvariant() is var letters && _token.Segments(x.Groups["word"].Value.ToLowerInvariant()).Any(s => s.Grapheme.Text == letters)
            ? $"{letters} ({x.Groups["word"].Value})" : x.Value);
        // What is said in brackets beside letters is a remark: i, t, m (plus revision).
        if (LessonWords.LessonOf(text) is { } lesson && !(LessonWords.LessonOf(WithoutBrackets(text)) is null && Read(WithoutBrackets(text), column).Any(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending)))
        {
            return [WrittenPart.Plain(WrittenKind.Lesson, text) with { Lesson = lesson }];
        }

        // Reading dog, mad, nod: words that are made of what is known; reading the, to is learning them.
        if (ReadingWords.Match(text) is { Success: true } practised && !AreLearntByHeart(practised.Groups["rest"].Value))
        {
            return [WrittenPart.Plain(WrittenKind.Lesson, text) with { Lesson = RungKind.Consolidation }];
        }

        if (NamedTogether.Match(text) is { Success: true } together && CellPieces.Of(together.Groups["list"].Value).TrueForAll(x => _token.IsCluster(x.Text.Trim('-').ToLowerInvariant())))
        {
            (text, column) = (together.Groups["list"].Value.Replace("-", "", StringComparison.Ordinal), ColumnRole.Clusters);
        }
        else if (LessonWords.StructuresOf(text) is { Count: > 0 } structures)
        {
            return [.. structures.Select(x => WrittenPart.Plain(WrittenKind.Structure, text) with { Structure = x, Words = WordsIn(Brackets.Match(text).Groups["in"].Value) })];
        }

        // A sound named before a list holds for all of it: "/ee/: ea, ey" or "long a: ai, ay".
        var (ahead, rest) = Listed(text) ?? SoundAhead(_token.WithoutDash(text));
        var pieces = CellPieces.Of(rest);
        var parts = new List<WrittenPart>();
        foreach (var (piece, joined) in pieces)
        {
            // "oo, both sounds".
            if (parts is [.., { Kind: WrittenKind.Grapheme } said] && SaidBothWays.IsMatch(piece))
            {
                parts[^1] = said with { Both = true };
                continue;
            }

            if (parts.Count > 0 && IsRemark(piece))
            {
                parts.Add(WrittenPart.Plain(WrittenKind.Kept, piece));
                continue;
            }

            var read = Piece.Of(piece, column).Select(x => ahead.Length == 0 || x.Sounds.Count > 0 ? x : x with { Sounds = [ahead] }).ToList();
            parts.AddRange(joined && read.Count > 0 && parts.Count > 0 ? [read[0] with { Joined = true }, .. read.Skip(1)] : read);
        }

        return CellParts.Settled(parts, pieces.Count, _token);
    }

    /// <summary>The words of a cell that holds words and nothing else.</summary>
    public static IReadOnlyList<string> WordsIn(string text) => [.. Letters.Matches(Plainer(text)).Select(x => x.Value.Trim('\'', '-').ToLowerInvariant()).Where(x => x.Length > 0)];

    /// <summary>A cell without the remarks in brackets.</summary>
    public static string WithoutBrackets(string text) => Brackets.Replace(text, " ");

    /// <summary>The words of a cell of tricky words, as they are written in a sentence; what stands in brackets is a remark.</summary>
    public static IEnumerable<string> TrickyIn(string text) => Letters.Matches(LastAnd.Replace(Brackets.Replace(Plainer(text), " "), ", ${last}")).Select(x => x.Value.Trim('-', '\''))
        .Where(x => x.Length > 0 && !x.Contains('-', StringComparison.Ordinal)).Select(x => x == "I" || x.StartsWith("I'", StringComparison.Ordinal) ? x : x.ToLowerInvariant());

    /// <summary>True for one of the commonest words of all that its letters, said as they are met first, do not make.</summary>
    public bool IsToldWhole(string word) => _token.IsToldWhole(word);

    /// <summary>True for a word so common that a class may learn it by heart.</summary>
    public bool IsLearntByHeart(string word) => _token.IsLearntByHeart(word);

    /// <summary>True for words and nothing else, of which each is one that a class may learn by heart: the I to no.</summary>
    public bool AreLearntByHeart(string text) => Read(text) is { Count: > 0 } read && read.All(x => x.Kind == WrittenKind.Word && IsLearntByHeart(x.Letters));

    /// <summary>True when some letters are a grapheme, a split digraph, or letters of English that make one of the other parts.</summary>
    public bool LooksLikePart(string text) => Read(text) is { Count: > 0 } read && read.All(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.WordEnd or WrittenKind.Cluster or WrittenKind.Structure or WrittenKind.RimeUnit);

    private static string Plainer(string text)
    {
        text = text.Replace("q(u)", "qu", StringComparison.OrdinalIgnoreCase).Replace('＿', '_').Replace('／', '/');
        text = EndsIn.Replace(WhatTakesIt.Replace(Neighbours.Replace(WhereAhead.Replace(text, "${letters}"), " "), ""), x => x.Groups["dash"].Success ? "ending " : "final ");
        text = VowelWith.Replace(SaidSounds.WithLengths(text), "${vowel}, ");
        text = VowelOfVce.Replace(text, x => string.Join(", ", x.Groups["vowel"].Captures.Select(v => $"{v.Value}_e")));
        text = LongBySilentE.Replace(text, "${vowel}_e");
        text = Doubled.Replace(text, x => string.Join(", ", x.Groups["letter"].Captures.Select(c => c.Value + c.Value)));
        text = Adding.Replace(text, x => string.Join(", ", x.Groups["ending"].Captures.Select(e => "-" + e.Value.ToLowerInvariant())));
        text = (ArrowsBetween.Match(text) is { Success: true } arrows ? arrows : NumberedInRow.Match(text)) is { Success: true } row ? string.Join(", ", row.Groups["part"].Captures.Select(x => x.Value)) : PlusE.Replace(text.Trim(), "${first}e");
        text = BothManners.Replace(text, " both ");
        return Spaces.Replace(Symbols.Replace(BracketEnd.Replace(Bullet.Replace(text, ""), "), "), " "), " ").Trim(' ', '.', ';', ',', '~', '*');
    }

    // "Magic e (a_e, i_e)", "bossy r: ar, or": what is said before a list of letters is talk of it, and no letters of its own.
    private (string Sound, string After)? Listed(string text)
    {
        // Nothing but spaces may stand between them: magic e: a_e i_e.
        var match = ListAfterTalk.Match(text);
        if (match.Success && match.Groups["list"].Value.Split(' ', StringSplitOptions.RemoveEmptyEntries) is { Length: > 1 } spaced && spaced.All(x => TokenReader.Split(x, false) is not null || (TokenReader.LettersOnly(x) == x && _token.Known(x) && !_token.IsWord(x))))
        {
            return ("", string.Join(", ", spaced));
        }

        return match.Success && CellPieces.Of(match.Groups["list"].Value) is { Count: > 0 } pieces && (pieces.Count > 1 || match.Groups["long"].Success || KindOfLetters.IsMatch(match.Groups["talk"].Value) || TokenReader.Split(pieces[0].Text, false) is not null) && pieces.TrueForAll(x => IsLetters(x.Text)) && (KindOfLetters.IsMatch(match.Groups["talk"].Value) || pieces.Exists(x => !_token.IsWord(x.Text)))
            ? (Manner.Match(match.Groups["talk"].Value) is { Success: true, Value: var manner } ? manner : "", match.Groups["list"].Value)
            : ListAfterColon.Match(text) is { Success: true } said && !_token.Known(said.Groups["talk"].Value.ToLowerInvariant()) && CellPieces.Of(said.Groups["list"].Value) is { Count: > 1 } listed && listed.TrueForAll(x => IsLetters(x.Text))
                && listed.Count(x => x.Text.Length > 1 && _token.IsWord(x.Text)) * 2 < listed.Count ? ("", said.Groups["list"].Value) : null;
    }

    // The letters of a sentence, without what is said before and behind them; null for anything else.
    private string? Told(string text) => ListInTalk.Match(text) is { Success: true } match && match.Groups["talk"].Captures is { Count: > 0 } talk && LessonWords.LessonOf(text) is null && talk.All(x => x.Value.Split(' ', StringSplitOptions.RemoveEmptyEntries).All(w => _token.IsWord(w.ToLowerInvariant())))
        && CellPieces.Of(match.Groups["list"].Value) is { Count: > 1 } pieces && pieces.TrueForAll(x => _token.Known(WithoutBrackets(x.Text).Trim())) && pieces.Count(x => x.Text.Length > 1 && _token.IsWord(x.Text)) * 2 < pieces.Count ? match.Groups["list"].Value : null;

    private bool IsLetters(string text) => TokenReader.Split(text, false) is not null || (TokenReader.LettersOnly(text) is { } letters && (_token.Known(letters) || _token.IsCluster(letters)));

    private (string Sound, string After) SoundAhead(string text)
    {
        var match = Ahead.Match(text);
        // "/ai/ - rain": what stands behind it is its word, and no spelling of it.
        return match.Success && !(match.Groups["rest"].Value.Trim() is var rest && _token.IsWord(rest) && !_token.Known(rest)) && (match.Groups["rest"].Value.Contains(',', StringComparison.Ordinal) || match.Groups["rest"].Value.Contains(' ', StringComparison.Ordinal)
                || match.Groups["mark"].Success || match.Groups["long"].Success)
            ? (match.Groups["sound"].Value + match.Groups["long"].Value, match.Groups["rest"].Value.Trim()) : ("", text);
    }

    // "D; not the same day as b": a phrase of words behind a part is said of it.
    private bool IsRemark(string piece)
    {
        var tokens = WithoutBrackets(piece).Split(' ', StringSplitOptions.RemoveEmptyEntries);

        // Air as in hair: letters that are a word too, and the word that shows them.
        if (tokens is [var of, "as", "in", var shown] && _token.Known(of) && _token.Shows(shown, of))
        {
            return false;
        }

        // "T - crisp, no 'tuh'": what is quoted is no word and no letters, but how it is said wrongly.
        if (tokens.Length > 1 && Quotes.Matches(piece).Any(x => x.Groups["in"].Value is var quoted && !_token.IsWord(quoted) && !_token.Known(quoted.ToLowerInvariant())))
        {
            return true;
        }

        // Three words are one where some word of them is none that a class is told: easy to hold.
        return (tokens.Length >= PieceReader.Phrase || (tokens.Length == PieceReader.Phrase - 1 && tokens.Any(x => words.FindWord(x) is { Rank: >= TokenReader.Talk }))) && (_token.IsWord(tokens[0]) || !(TokenReader.LettersOnly(tokens[0]) is { } first && _token.Known(first))) && tokens.Count(x => x.Length > 2 && _token.IsWord(x)) * 2 >= tokens.Length;
    }
}
