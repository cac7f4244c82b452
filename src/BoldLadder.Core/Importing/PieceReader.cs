using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using static BoldLadder.Core.Importing.PartPatterns;

namespace BoldLadder.Core.Importing;

/// <summary>Reads one piece of a cell, as it stands between commas: letters, words that show them, how they are said and where they stand, or talk.</summary>
internal sealed class PieceReader(TokenReader token, SchoolWords words)
{
    /// <summary>So many words without a comma are a phrase.</summary>
    public const int Phrase = 4;

    private const int MostTokens = 14, ToldInRow = 4;

    /// <param name="column">What the column holds, which decides letters that may be several things.</param>
    public IEnumerable<WrittenPart> Of(string piece, ColumnRole column)
    {
        var (sounds, named) = (new List<string>(), new List<string>());
        var (both, place) = (false, WrittenPlace.Anywhere);
        piece = Numbered.Match(piece) is { Success: true } numbered && token.Known(numbered.Groups["letters"].Value.ToLowerInvariant()) ? numbered.Groups["letters"].Value : piece;

        // The I to no, with nothing but spaces between: as long a list of nothing but words that are told is no talk.
        if (column is ColumnRole.Parts or ColumnRole.TrickyWords && piece.Split(' ') is { Length: >= ToldInRow and <= 12 } told && !told.Contains("in") && told.All(x => x == "I" || (x.All(char.IsAsciiLetterLower) && token.IsLearntByHeart(x) && !(x.Length == 1 && x != "a"))) && told.Count(x => x == "I" || token.IsToldWhole(x)) > 1)
        {
            return [.. told.Select(x => WrittenPart.Plain(WrittenKind.Word, x.ToLowerInvariant()))];
        }

        var isSplit = SplitWord.IsMatch(piece);
        var asEnding = column == ColumnRole.Endings || EndingWord.IsMatch(piece);
        var main = Sounded.Replace(LeadingQuote.Replace(piece, "${in} "), x => { sounds.Add(x.Groups["in"].Value); return " "; });

        // "/ai/ (ay)", "long i (i_e)", "ee (ea)": the sound, and the letters for it.
        if (Brackets.Match(main) is { Success: true } bracket && PartReader.WithoutBrackets(main).Trim() is var said && (said.Length == 0 ? sounds : IsManner.IsMatch(said) || token.IsSpelt(said, bracket.Groups["in"].Value) ? [said] : []) is [_] called && token.SpelledIn(bracket.Groups["in"].Value) is { } spelling)
        {
            return [new WrittenPart(WrittenKind.Grapheme, spelling, called, [], both, place)];
        }

        main = Brackets.Replace(main, x => { Hint(x.Groups["in"].Value); return " "; });
        main = Quotes.Replace(main, x =>
        {
            // What is quoted is the letters themselves, or the word that shows them.
            var quoted = x.Groups["in"].Value.Trim();
            if (quoted.Length <= 4 && (token.Known(quoted.ToLowerInvariant()) || quoted is "nk") && !token.IsWord(quoted))
            {
                return $" {quoted} ";
            }

            named.AddRange(PartReader.WordsIn(quoted));
            return " ";
        });
        var asIn = AsIn.Match(main);
        if (asIn.Success && (named.Count == 0 || asIn.Groups["said"].Success))
        {
            var before = named.Count;
            Hint(asIn.Groups["in"].Value);
            main = main[..asIn.Index];

            // "K - same sound": several words of which none shows the letters are a remark.
            if (!asIn.Groups["said"].Success && PartReader.WordsIn(asIn.Groups["in"].Value).Count > 1 && TokenReader.LettersOnly(main) is { } of && !named.Skip(before).Any(x => token.Shows(x, of)))
            {
                named.RemoveRange(before, named.Count - before);
            }
        }

        Hint(main, onlyMarks: true);
        main = sounds.Count > 0 ? SaysSound.Replace(main, " ") : main;
        var cleaned = LooseDash.Replace(Spaces.Replace(Noise.Replace(main, " "), " ").Trim(' ', ':', '=', '→', '"'), "");

        // A word that is only noise beside letters is itself when it stands alone: the, end, at.
        main = cleaned.Length == 0 && token.IsWord(main.Trim()) && sounds.Count + named.Count == 0 ? main.Trim() : cleaned;
        if (main.Length == 0)
        {
            if (sounds is [var strokes] && TokenReader.Split(strokes, false) is { } between)
            {
                return [new WrittenPart(WrittenKind.Grapheme, between, [], named, both, place)];
            }

            // "/sh/" alone: the sound's letters are the part; so are the letters of a sound named by its key.
            if (sounds.Count == 1 && token.Known(sounds[0].ToLowerInvariant()))
            {
                return [token.One(sounds[0].ToLowerInvariant(), [], named, both, place, asEnding, column) with { IsSound = true }];
            }

            // "Double letters" says something, though no letters.
            if (sounds.Count + named.Count == 0 && piece.Trim().Contains(' ', StringComparison.Ordinal))
            {
                return [WrittenPart.Plain(WrittenKind.Kept, piece)];
            }

            // "The" and "said" in quotes and nothing beside them are words to learn.
            return sounds.Count == 0 && named.Count > 0 && Quotes.IsMatch(piece) && !Brackets.IsMatch(piece) ? [.. named.Select(x => WrittenPart.Plain(WrittenKind.Word, x))] : [.. token.OfIpa(sounds, named, both, place)];
        }

        if (TokenReader.Split(main, isSplit) is { } split)
        {
            return [new WrittenPart(WrittenKind.Grapheme, split, sounds, named, both, place)];
        }

        if (Capitals.IsMatch(piece))
        {
            return [PrintWords.In(piece) is { Count: > 0 } print ? WrittenPart.Plain(WrittenKind.Print, piece) with { Print = print } : WrittenPart.Plain(WrittenKind.Kept, piece) with { IsTaught = true }];
        }

        var tokens = main.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        if (tokens is [var big, var small] && big.Length == 1 && small.Length == 1 && char.IsUpper(big[0]) && char.ToLowerInvariant(big[0]) == small[0])
        {
            tokens = [small];
        }

        if (tokens.Length == 1)
        {
            return [token.One(tokens[0], sounds, named, both, place, asEnding, column)];
        }

        // "sh ship shop": letters and the words that show them.
        if (tokens.Length > 1 && (TokenReader.Split(tokens[0], false) ?? TokenReader.LettersOnly(tokens[0])) is { } letters && token.Known(letters) && tokens.Skip(1).All(x => token.IsWord(x) && !token.Known(x) && token.Shows(x, letters)))
        {
            return [token.One(tokens[0], sounds, [.. named, .. tokens.Skip(1).Select(x => x.ToLowerInvariant())], both, place, asEnding, column)];
        }

        if ((tokens.Length <= MostTokens || tokens.All(x => x.Length <= 3 && token.Known(x))) && tokens.All(x => TokenReader.LettersOnly(x) is { } t && (TokenReader.Split(x, false) is not null || token.Known(t) || token.IsCluster(t) || asEnding || WordForm.IsMatch(x) || Endings.All.Contains(t))))
        {
            // "oa ow (snow)": the word shows one of them, and says nothing of the other.
            List<string> Showing(string one) => [.. named.Where(w => token.Shows(w, TokenReader.Split(one, false) ?? TokenReader.LettersOnly(one)!))];
            var read = tokens.Select(x => token.One(x, sounds, Array.Exists(tokens, t => Showing(t).Count > 0) ? Showing(x) : named, both, place, asEnding && x.Length <= 4, column)).ToList();

            // "Vowel team ea": among letters with no comma between, words are only talk, unless all are such as a class is told.
            var parts = read.Where(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.WordEnd or WrittenKind.Cluster).ToList();
            var talks = read.Any(x => x.Kind == WrittenKind.Kept && !x.IsTaught || (x.Kind == WrittenKind.Word && words.FindWord(x.Letters) is not { Rank: < TokenReader.Talk }))
                || main.Split(' ').Length + 2 <= piece.Split(' ').Length;
            if (parts.Count > 0 && talks)
            {
                // "Two or more digraphs": in a phrase a word that is letters too is talk.
                return read.Count < Phrase || parts.Exists(x => (x.Letters.Length == 1 && x.Letters is not ("a" or "i")) || !token.IsWord(x.Letters)) ? parts : [WrittenPart.Plain(WrittenKind.Kept, piece)];
            }

            // "Harvest festival" is no two words to learn by heart: those are among the commonest.
            if (read.All(x => x.Kind != WrittenKind.Kept || x.IsTaught) && !(column == ColumnRole.Parts && read.All(x => x.Kind == WrittenKind.Word) && !read.TrueForAll(x => token.IsLearntByHeart(x.Letters))))
            {
                return read;
            }
        }

        return tokens.All(x => token.IsWord(x)) && tokens.Length <= 12 && column == ColumnRole.TrickyWords
            ? [.. tokens.Select(x => WrittenPart.Plain(WrittenKind.Word, x))]
            : [WrittenPart.Plain(WrittenKind.Kept, piece)];

        void Hint(string hint, bool onlyMarks = false)
        {
            both |= BothWord.IsMatch(hint);
            place = LastWord.IsMatch(hint) ? WrittenPlace.Last : FirstWord.IsMatch(hint) ? WrittenPlace.First : place;
            sounds.AddRange(Manner.Matches(hint).Select(x => Spaces.Replace(x.Value.ToLowerInvariant(), " ")));
            if (!onlyMarks)
            {
                sounds.AddRange(Sounded.Matches(hint).Select(x => x.Groups["in"].Value));
                hint = LessonWords.LessonOf(hint) is null ? hint : "";
                sounds.AddRange(Phonetic.Matches(hint).Select(x => x.Value).Where(x => !sounds.Contains(x)));
                var left = Phonetic.Replace(Sounded.Replace(HintNoise.Replace(Manner.Replace(hint, " "), " "), " "), " ");
                var shown = PartReader.WordsIn(left).Where(x => !BothWord.IsMatch(x)).ToList();

                // "Ali struggles with p": several words with one of the commonest among them, no list and no two with the letters, are said to whoever reads it.
                shown = shown.Count > 2 && !hint.AsSpan().ContainsAny(",;/") && shown.Exists(x => words.FindWord(x) is { Rank: < TokenReader.Talk }) && !(LeadingLetters.Match(piece) is { Success: true, Value: var of } && shown.Count(x => x.Contains(of, StringComparison.OrdinalIgnoreCase)) > 1) ? [] : shown;

                // A word that is mostly talk is the example where nothing else stands: th (the).
                foreach (var word in shown.Count == 0 && sounds.Count == 0 && !both && token.IsWord(hint.Trim()) && (hint.Trim() is "the" or "at" or "as" or "of" or "and" or "or" or "for" or "way" or "like" || LeadingLetters.Match(piece) is { Success: true, Value: var shows } && hint.Contains(shows, StringComparison.OrdinalIgnoreCase)) ? PartReader.WordsIn(hint) : shown)
                {
                    // A sound may be named in brackets without slashes: "ea (ee)".
                    if (shown.Count == 1 && word.Length <= 3 && words.FindWord(word) is null && Sound.TryParse(word, out _, out _))
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
}
