using System.Text.RegularExpressions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>
/// Reads what people write for a part (<c>sh</c>, <i>sh (ship)</i>, <c>/sh/</c>, <c>a-e</c>, <i>ear as in hear</i>,
/// <i>y (at the end: happy)</i>, <i>ss/ll/ff</i>, <c>-ed</c>) and keeps what it says of the sound; the sound itself is
/// settled by <see cref="SoundChoice"/>, since that depends on what was taught before.
/// </summary>
public sealed partial class PartReader(CorrespondenceTable table, SchoolWords words)
{
    private const int LongestCell = 600, MostTokens = 14;

    /// <summary>Letters that make a grapheme of English now and then, and more often two: taken as two unless a word beside them says otherwise.</summary>
    private const int RareCost = 3;

    /// <summary>Words commoner than the first stand in sentences rather than in talk of letters; tricky words are commoner than the second, or such as children know.</summary>
    private const int Talk = 300, Learnt = 2000;

    private static readonly HashSet<string> Unsupported =
    [
        "tion", "sion", "ssion", "cian", "ture", "sure", "tious", "cious", "tial", "cial", "ous", "ious", "ful", "less", "ness", "ment", "able", "ible", "ation", "ity",
        "un", "re", "dis", "mis", "pre", "sub", "ish", "en", "ist", "ence", "ance",
    ];

    private static readonly HashSet<string> AsSuffixOnly = ["un", "re", "dis", "mis", "pre", "sub", "ish", "en", "ist", "sure", "able"];

    /// <summary>Reads one line of a cell whose column holds parts.</summary>
    /// <param name="column">What the column holds, which decides letters that may be several things.</param>
    public IReadOnlyList<WrittenPart> Read(string text, ColumnRole column = ColumnRole.Parts)
    {
        text = Plainer(text);
        if (text.Length is 0 or > LongestCell)
        {
            return text.Length == 0 ? [] : [WrittenPart.Plain(WrittenKind.Kept, text)];
        }

        if (SheetWords.LessonOf(text) is { } lesson)
        {
            return [WrittenPart.Plain(WrittenKind.Lesson, text) with { Lesson = lesson }];
        }

        if (SheetWords.StructureOf(text) is { } structure)
        {
            return [WrittenPart.Plain(WrittenKind.Structure, text) with { Structure = structure, Words = WordsIn(Brackets().Match(text).Groups["in"].Value) }];
        }

        // A sound named before a list holds for all of it: "/ee/: ea, ey" or "long a: ai, ay".
        var (ahead, rest) = SoundAhead(text);
        var pieces = Pieces(rest);
        var parts = new List<WrittenPart>();
        foreach (var (piece, joined) in pieces)
        {
            var read = Piece(piece, column).Select(x => ahead.Length == 0 || x.Sounds.Count > 0 ? x : x with { Sounds = [ahead] }).ToList();
            parts.AddRange(joined && read.Count > 0 && parts.Count > 0 ? [read[0] with { Joined = true }, .. read.Skip(1)] : read);
        }

        return Words(Shared(Folded(parts)));
    }

    /// <summary>The words of a cell that holds words and nothing else.</summary>
    public static IReadOnlyList<string> WordsIn(string text) => [.. Letters().Matches(Plainer(text)).Select(x => x.Value.Trim('\'', '-').ToLowerInvariant()).Where(x => x.Length > 0)];

    /// <summary>A cell without the remarks in brackets.</summary>
    public static string WithoutBrackets(string text) => Brackets().Replace(text, " ");

    /// <summary>The words of a cell of tricky words, as they are written in a sentence; what stands in brackets is a remark.</summary>
    public static IEnumerable<string> TrickyIn(string text) => Letters().Matches(Brackets().Replace(Plainer(text), " ")).Select(x => x.Value.Trim('-'))
        .Where(x => x.Length > 0 && !x.Contains('-', StringComparison.Ordinal)).Select(x => x == "I" || x.StartsWith("I'", StringComparison.Ordinal) ? x : x.ToLowerInvariant());

    /// <summary>True when some letters are a grapheme, a split digraph, or letters of English that make one of the other parts.</summary>
    public bool LooksLikePart(string text) => Read(text).All(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.Cluster or WrittenKind.Structure or WrittenKind.RimeUnit);

    // "oa boat, coat": a word after a part with words, that shows it too, is one more of them.
    private List<WrittenPart> Folded(List<WrittenPart> parts)
    {
        var folded = new List<WrittenPart>();
        foreach (var part in parts)
        {
            if (part.Kind == WrittenKind.Word && folded.Count > 0 && folded[^1] is { Kind: WrittenKind.Grapheme, Words.Count: > 0 } last && Shows(part.Letters, last.Letters))
            {
                folded[^1] = last with { Words = [.. last.Words, part.Letters] };
            }
            else
            {
                folded.Add(part);
            }
        }

        return folded;
    }

    // "ti, ci (station, magician)": words after the last are for all, each where it shows the letters.
    private List<WrittenPart> Shared(List<WrittenPart> parts)
    {
        if (parts.Count < 2 || parts[^1].Words.Count < 2 || parts.Any(x => x.Kind != WrittenKind.Grapheme) || parts.SkipLast(1).Any(x => x.Words.Count > 0))
        {
            return parts;
        }

        var words = parts[^1].Words;
        return parts.ConvertAll(x => x with { Words = [.. words.Where(w => Segments(w).Any(s => s.Grapheme.Text == x.Letters))] });
    }

    // A word that may be letters too is one where words stand before it, and letters where letters do.
    private static List<WrittenPart> Words(List<WrittenPart> parts)
    {
        for (var i = 0; i < parts.Count; i++)
        {
            // Among rimes a word is one too: old, ind.
            if (parts[i].Kind == WrittenKind.Word && parts.Any(x => x.Kind == WrittenKind.RimeUnit) && IsVowel(parts[i].Letters[0]))
            {
                parts[i] = parts[i] with { Kind = WrittenKind.RimeUnit };
            }

            if (!parts[i].MayBeWord || parts[i].Sounds.Count + parts[i].Words.Count > 0)
            {
                continue;
            }

            var others = parts.Where((_, at) => at != i).ToList();
            var wordBefore = i > 0 && parts[i - 1].Kind == WrittenKind.Word;
            var allWords = others.Count > 0 && others.All(x => x.Kind == WrittenKind.Word || x.MayBeWord) && others.Any(x => x.Kind == WrittenKind.Word);
            if (wordBefore || allWords)
            {
                parts[i] = WrittenPart.Plain(WrittenKind.Word, parts[i].Letters == "i" ? "I" : parts[i].Letters);
            }
        }

        return parts;
    }

    private static string Plainer(string text)
    {
        text = text.Replace('’', '\'').Replace('‘', '\'').Replace('“', '"').Replace('”', '"').Replace('\u00A0', ' ').Replace('‑', '-').Replace('−', '-')
            .Replace('＿', '_').Replace('／', '/').Replace("\u200B", "", StringComparison.Ordinal).Replace("\u00AD", "", StringComparison.Ordinal);
        text = Neighbours().Replace(text, " ");
        text = BothManners().Replace(BracketEnd().Replace(text, "), "), " both ");
        return Spaces().Replace(Symbols().Replace(Bullet().Replace(text, ""), " "), " ").Trim(' ', '.', ';', ',');
    }

    private static (string Sound, string After) SoundAhead(string text)
    {
        var match = Ahead().Match(text);
        return match.Success && (match.Groups["rest"].Value.Contains(',', StringComparison.Ordinal) || match.Groups["rest"].Value.Contains(' ', StringComparison.Ordinal)
                || match.Groups["mark"].Success || match.Groups["long"].Success)
            ? (match.Groups["sound"].Value + match.Groups["long"].Value, match.Groups["rest"].Value.Trim()) : ("", text);
    }

    // Commas and the like divide, but not inside brackets; a slash does, but not around a sound.
    private static List<(string Text, bool Joined)> Pieces(string text)
    {
        var pieces = new List<(string Text, bool Joined)>();
        var (depth, from, joined) = (0, 0, false);
        for (var i = 0; i < text.Length; i++)
        {
            depth += text[i] is '(' or '[' ? 1 : text[i] is ')' or ']' ? -1 : 0;
            if (depth <= 0 && And().Match(text, i) is { Success: true } and && and.Index == i)
            {
                pieces.Add((text[from..i], joined));
                (from, joined) = (i + and.Length, true);
                i = from - 1;
                continue;
            }

            var divides = depth <= 0 && (text[i] is ',' or ';' or '+' or '&' or '|' or '•' or '\n' || Slash(text, i));
            if (divides)
            {
                pieces.Add((text[from..i], joined));
                (from, joined) = (i + 1, text[i] is '/' or '+' or '&');
            }
        }

        pieces.Add((text[from..], joined));
        return [.. pieces.Select(x => (Text: x.Text.Trim(), x.Joined)).Where(x => x.Text.Length > 0)];
    }

    private static bool Slash(string text, int at)
    {
        if (text[at] != '/')
        {
            return false;
        }

        return !Sounded().Matches(text).Any(x => x.Index <= at && at < x.Index + x.Length);
    }

    private IEnumerable<WrittenPart> Piece(string piece, ColumnRole column)
    {
        var (sounds, named) = (new List<string>(), new List<string>());
        var (both, place) = (false, WrittenPlace.Anywhere);
        var isSplit = SplitWord().IsMatch(piece);
        var asEnding = column == ColumnRole.Endings || EndingWord().IsMatch(piece);
        var main = Sounded().Replace(LeadingQuote().Replace(piece, "${in} "), x => { sounds.Add(x.Groups["in"].Value); return " "; });
        main = Brackets().Replace(main, x => { Hint(x.Groups["in"].Value); return " "; });
        main = Quotes().Replace(main, x =>
        {
            // What is quoted is the letters themselves, or the word that shows them.
            var quoted = x.Groups["in"].Value.Trim();
            if (quoted.Length <= 4 && Known(quoted.ToLowerInvariant()) && !IsWord(quoted))
            {
                return $" {quoted} ";
            }

            named.AddRange(WordsIn(quoted));
            return " ";
        });
        var asIn = AsIn().Match(main);
        if (asIn.Success && (named.Count == 0 || asIn.Groups["said"].Success))
        {
            Hint(asIn.Groups["in"].Value);
            main = main[..asIn.Index];
        }

        Hint(main, onlyMarks: true);
        var cleaned = Spaces().Replace(Noise().Replace(main, " "), " ").Trim(' ', ':', '-' == main.Trim().FirstOrDefault() ? ':' : '-', '"');

        // A word that is only noise beside letters is itself when it stands alone: the, end, at.
        main = cleaned.Length == 0 && IsWord(main.Trim()) && sounds.Count + named.Count == 0 ? main.Trim() : cleaned;
        if (main.Length == 0)
        {
            // "/sh/" alone: the sound's letters are the part; so are the letters of a sound named by its key.
            if (sounds.Count == 1 && Known(sounds[0].ToLowerInvariant()))
            {
                return [One(sounds[0].ToLowerInvariant(), [], named, both, place, asEnding, column)];
            }

            return [.. LettersOfIpa(sounds, named, both, place)];
        }

        if (Split(main, isSplit) is { } split)
        {
            return [new WrittenPart(WrittenKind.Grapheme, split, sounds, named, both, place)];
        }

        if (Capitals().IsMatch(piece))
        {
            return [WrittenPart.Plain(WrittenKind.Kept, piece) with { IsTaught = true }];
        }

        var tokens = main.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        if (tokens is [var big, var small] && big.Length == 1 && small.Length == 1 && char.IsUpper(big[0]) && char.ToLowerInvariant(big[0]) == small[0])
        {
            tokens = [small];
        }

        if (tokens.Length == 1)
        {
            return [One(tokens[0], sounds, named, both, place, asEnding, column)];
        }

        // "sh ship shop": letters and the words that show them.
        if (tokens.Length > 1 && (Split(tokens[0], false) ?? LettersOnly(tokens[0])) is { } letters && Known(letters) && tokens.Skip(1).All(x => IsWord(x) && !Known(x) && Shows(x, letters)))
        {
            return [One(tokens[0], sounds, [.. named, .. tokens.Skip(1).Select(x => x.ToLowerInvariant())], both, place, asEnding, column)];
        }

        if (tokens.Length <= MostTokens && tokens.All(x => LettersOnly(x) is { } t && (Split(x, false) is not null || Known(t) || IsCluster(t) || asEnding || WordForm().IsMatch(x) || Endings.All.Contains(t))))
        {
            var read = tokens.Select(x => One(x, sounds, named, both, place, asEnding && x.Length <= 4, column)).ToList();

            // "Vowel team ea": among letters with no comma between, words are only talk, unless all are such as a class is told.
            var parts = read.Where(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.Cluster).ToList();
            var talks = read.Any(x => x.Kind == WrittenKind.Kept && !x.IsTaught || (x.Kind == WrittenKind.Word && words.FindWord(x.Letters) is not { Rank: < Talk }))
                || main.Split(' ').Length + 2 <= piece.Split(' ').Length;
            if (parts.Count > 0 && talks)
            {
                return parts;
            }

            if (read.All(x => x.Kind != WrittenKind.Kept || x.IsTaught))
            {
                return read;
            }
        }

        return tokens.All(x => IsWord(x)) && tokens.Length <= 12 && column == ColumnRole.TrickyWords
            ? [.. tokens.Select(x => WrittenPart.Plain(WrittenKind.Word, x))]
            : [WrittenPart.Plain(WrittenKind.Kept, piece)];

        void Hint(string hint, bool onlyMarks = false)
        {
            both |= BothWord().IsMatch(hint);
            place = LastWord().IsMatch(hint) ? WrittenPlace.Last : FirstWord().IsMatch(hint) ? WrittenPlace.First : place;
            sounds.AddRange(Manner().Matches(hint).Select(x => Spaces().Replace(x.Value.ToLowerInvariant(), " ")));
            if (!onlyMarks)
            {
                sounds.AddRange(Sounded().Matches(hint).Select(x => x.Groups["in"].Value));
                sounds.AddRange(Phonetic().Matches(hint).Select(x => x.Value).Where(x => !sounds.Contains(x)));
                var left = Phonetic().Replace(Sounded().Replace(HintNoise().Replace(Manner().Replace(hint, " "), " "), " "), " ");
                var shown = WordsIn(left).Where(x => !BothWord().IsMatch(x)).ToList();

                // A word that is mostly talk is the example where nothing else stands: th (the).
                foreach (var word in shown.Count == 0 && sounds.Count == 0 && !both && IsWord(hint.Trim()) && hint.Trim() is "the" or "at" or "as" or "of" or "and" or "or" or "for" or "way" ? WordsIn(hint) : shown)
                {
                    // A sound may be named in brackets without slashes: "ea (ee)".
                    if (word.Length <= 3 && words.FindWord(word) is null && Sound.TryParse(word, out _, out _))
                    {
                        sounds.Add(word);
                    }
                    else
                    {
                        named.Add(word);
                    }
                }
            }
        }
    }

    private IEnumerable<WrittenPart> LettersOfIpa(List<string> sounds, List<string> named, bool both, WrittenPlace place) => sounds.Count == 0
        ? []
        : sounds.Select(x => SoundNames.Find(x, "").ToList() is [var only] && Known(only.Key.Split('+')[0])
            ? new WrittenPart(WrittenKind.Grapheme, only.Key.Split('+')[0], [x], named, both, place)
            : WrittenPart.Plain(WrittenKind.Kept, $"/{x}/"));

    private WrittenPart One(
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

        if ((asEnding || last || text is "ed" or "ing" or "est") && Endings.All.Contains(text) && !NamesNoEnding(text, named, asEnding, last))
        {
            return part with { Kind = WrittenKind.Ending };
        }

        if (Unsupported.Contains(text) && !(AsSuffixOnly.Contains(text) && !asEnding && !last && !first))
        {
            return WrittenPart.Plain(WrittenKind.Kept, named.Count > 0 ? $"{token} ({string.Join(", ", named)})" : token) with { IsTaught = true };
        }

        if (text == "nk")
        {
            return part with { Letters = "n", Sounds = ["ng"], Words = [] };
        }

        var shown = named.Any(x => Segments(x).Any(s => s.Grapheme.Text == text));
        var usual = table.For(text) is { Count: > 0 } entries && entries[0].Cost < RareCost;
        if (column == ColumnRole.RimeUnits && text.Length > 1 && IsVowel(text[0]))
        {
            return part with { Kind = WrittenKind.RimeUnit };
        }

        if (shown || sounds.Count > 0 && Known(text))
        {
            return part;
        }

        if ((column == ColumnRole.Clusters || !usual) && IsCluster(text))
        {
            return part with { Kind = WrittenKind.Cluster };
        }

        if (usual)
        {
            return part with { MayBeWord = text.Length > 1 ? IsWord(text) : text is "a" or "i" };
        }

        if (text.Length > 1 && IsWord(token) && words.FindWord(token) is { } word && (word.Everyday || word.Rank < Learnt))
        {
            return part with { Kind = WrittenKind.Word, Letters = token == "I" ? token : text };
        }

        return Known(text) ? part
            : IsVowel(text[0]) && text.Length is > 1 and <= 5 ? part with { Kind = WrittenKind.RimeUnit }
            : WrittenPart.Plain(WrittenKind.Kept, token);
    }

    // "-y (happy)" and "er (sister)" name the letters at the end of a word that no ending made.
    private bool NamesNoEnding(string text, IReadOnlyList<string> named, bool asEnding, bool last) =>
        text == "y" && named.Count == 0 && !asEnding ? true : named.Count > 0 ? !asEnding && named.All(x => words.FindWord(x) is { } word && word.Ended?.Taught != Endings.AsTaught(text))
            : !asEnding && !last && text is not ("ed" or "ing" or "est");

    private static string? Split(string text, bool said)
    {
        var match = SplitForm().Match(text.Trim());
        var between = match.Groups["between"].Value;
        return match.Success && (said || between.Trim().Length > 0) ? $"{match.Groups["vowel"].Value.ToLowerInvariant()}_e" : null;
    }

    private bool Known(string text) => table.For(text).Count > 0;

    private bool IsWord(string text) => WordForm().IsMatch(text) && words.FindWord(text) is not null;

    private bool Shows(string word, string letters) => Segments(word).Any(x => x.Grapheme.Text == letters) || word.Contains(letters, StringComparison.OrdinalIgnoreCase);

    private IEnumerable<Correspondence> Segments(string word) => words.Find(word) is { } found ? found.Readings.SelectMany(x => x.Segments).Select(x => x.Correspondence) : [];

    private bool IsCluster(string text) => text.Length is 2 or 3 && text.All(x => !IsVowel(x)) && text[0] != text[1] && !text.Contains('y', StringComparison.Ordinal)
        && SoundChoice.ClusterOf(text, table) is not null;

    private static bool IsVowel(char letter) => letter is 'a' or 'e' or 'i' or 'o' or 'u';

    private static string? LettersOnly(string text) => string.Concat(text.Where(char.IsAsciiLetter)).ToLowerInvariant() is { Length: > 0 } letters ? letters : null;

    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    [GeneratedRegex(@"^\s*([•▪◦*·>✓–-]\s+|\(?\d{1,3}[.):]\s+|\(?[a-z]\)\s+|\d{1,2}\s+(?=\S{1,4}$))")]
    private static partial Regex Bullet();

    [GeneratedRegex(@"\)\s+(?=[^\s(),]{1,5}\s*\()")]
    private static partial Regex BracketEnd();

    // What stands beside it in a word is no part of it: g before e, i and y.
    [GeneratedRegex(@"\b(?:before|after|followed\s+by|next\s+to)\s+(?:an?\s+|the\s+)?(?:letters?\s+)?[a-z](?:\s*(?:,|and|or|&|/)+\s*(?:and\s+|or\s+)?[a-z])*(?![a-z-])", Any)]
    private static partial Regex Neighbours();

    [GeneratedRegex(@"\b(?:long|short|voiced|unvoiced|hard|soft)\s*(?:and|&|/|\+)\s*(?:long|short|voiced|unvoiced|hard|soft)\b", Any)]
    private static partial Regex BothManners();

    [GeneratedRegex(@"[\p{So}\p{Cs}]")]
    private static partial Regex Symbols();

    [GeneratedRegex(@"^\s*(""|')(?<in>[A-Za-z_-]{1,5})(""|')")]
    private static partial Regex LeadingQuote();

    [GeneratedRegex(@"[a-zː:]*[æɛɪɒɔɑʌʊəɜɝɚʃʒθðŋɡɹʧʤʍː][a-zæɛɪɒɔɑʌʊəɜɝɚʃʒθðŋɡɹʧʤʍː:]*")]
    private static partial Regex Phonetic();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();

    [GeneratedRegex(@"\G\s+(?:and|then)\s+", Any)]
    private static partial Regex And();

    [GeneratedRegex(@"^\s*(?:(?:the\s+)?(?:sound\s+)?/(?<sound>[^/\s]{1,5})/|(?<long>(?:long|short)\s+[aeiou]{1,2}))\s*(?:sound\s*)?(?:spelt|spelled|written)?\s*(?<mark>[:=–—-])?\s+(?<rest>[^\s(\[].*)$", Any)]
    private static partial Regex Ahead();

    [GeneratedRegex(@"(?<![^\s(,;:])/\s?(?<in>[^/\s]{1,6})\s?/(?![^\s),;:])")]
    private static partial Regex Sounded();

    [GeneratedRegex(@"[(\[](?<in>[^()\[\]]*)[)\]]?")]
    private static partial Regex Brackets();

    [GeneratedRegex(@"[""](?<in>[^""]*)[""]|(?<=\s)'(?<in>[^']+)'")]
    private static partial Regex Quotes();

    [GeneratedRegex(@"(?<said>\b(?:as\s+in|like\s+in|like|for|in|e\.?g\.?|eg|says?)\b)\s+(?<in>.+)$|\s*(?:=|:|\s[-–—]\s|→|>)\s*(?<in>[A-Za-z' ,]{3,})$", Any)]
    private static partial Regex AsIn();

    [GeneratedRegex(@"\b(?:long|short)\s+(?:[aeiou]{1,2})(?![a-z])|(?<![a-z])(?:[aeiou]{1,2})\s+(?:long|short)\b|\b(?:soft|hard|voiced|unvoiced|voiceless|noisy|quiet|long|short)\b", Any)]
    private static partial Regex Manner();

    [GeneratedRegex(@"(?<![-–])\b(?:new|the|sound|sounds|letters?|spelling|spelt|spelled|grapheme|phoneme|digraph|trigraph|split|quadgraph|long|short|soft|hard|voiced|unvoiced|voiceless|noisy|quiet|both|end|ending|endings|suffix|prefix|final|initial|at|saying|making|says|making|plural|doubles?|doubled|alternative|pronunciation|again!?|teach|introduce|intro|start|begin|code|with|cluster|blend|rime|family|(?:vowel|consonant)(?:\s+(?:team|pair|digraph)s?)?|r-controlled|spellings?\s+of|silent(?:\s+[a-z](?![a-z]))?)\b(?!-)|[!?*]", Any)]
    private static partial Regex Noise();

    [GeneratedRegex(@"\b(?:as|in|like|for|eg|e\.g|at|the|end|start|final|initial|of|a|word|words|sounds?|says|saying|split|digraph|trigraph|letters?|ending|suffix|past|tense|plural|voiced|unvoiced|middle|beginning|new|first|last|spelling|way|ways|and|or|after|before|both|not|only|usually|alternative)\b", Any)]
    private static partial Regex HintNoise();

    [GeneratedRegex(@"\bsplit\b", Any)]
    private static partial Regex SplitWord();

    [GeneratedRegex(@"\b(?:endings?|suffix(?:es)?|plurals?|past\s+tense)\b", Any)]
    private static partial Regex EndingWord();

    [GeneratedRegex(@"\b(?:both|all\s+(?:its\s+)?(?:sounds|ways)|two\s+sounds|2\s+sounds|two\s+ways)\b", Any)]
    private static partial Regex BothWord();

    [GeneratedRegex(@"\b(?:at\s+the\s+end|end|final|ending|last)\b", Any)]
    private static partial Regex LastWord();

    [GeneratedRegex(@"\b(?:at\s+the\s+(?:start|beginning)|initial|first)\b", Any)]
    private static partial Regex FirstWord();

    [GeneratedRegex(@"\bcapitals?\b|\bupper\s*case\b|\bpunctuation\b|\bfull\s+stops?\b|\bquestion\s+marks?\b|\bapostrophes?\b|\bcommas?\b|\bA\s*[-–]\s*Z\b", Any)]
    private static partial Regex Capitals();

    [GeneratedRegex(@"^(?<vowel>[aeiouy])(?<between>\s?[-–—_*~·^]+\s?|\s?\.{1,4}\s?|\s?…\s?|\s?C\s?|\s?-?(?:consonant|cons|x|\?)-?\s?|\s)e$", Any)]
    private static partial Regex SplitForm();

    [GeneratedRegex(@"[A-Za-z]+(?:['-][A-Za-z]+)*'?")]
    private static partial Regex Letters();

    [GeneratedRegex(@"^[A-Za-z]+(?:'[A-Za-z]+)?$")]
    private static partial Regex WordForm();
}
