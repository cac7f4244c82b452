namespace BoldLadder.Core.Importing;

/// <summary>What the parts of one cell are to each other: words that show letters, letters meant twice, words among words.</summary>
internal static class CellParts
{
    /// <param name="pieces">Into how many the cell was divided.</param>
    public static List<WrittenPart> Settled(List<WrittenPart> parts, int pieces, TokenReader token) => Softened(WithoutHeard(Words(Shared(Folded(pieces > 1 ? Twins(WithoutTalk(parts, pieces)) : WithoutTalk(parts, pieces), token), token))));

    // "ce, ci": c before e and before i, and not the ci of special.
    private static List<WrittenPart> Softened(List<WrittenPart> parts) => parts.Count(IsSoft) < 2 ? parts
        : parts.ConvertAll(x => IsSoft(x) && x.Letters[1] != 'e' && parts.Exists(p => p != x && IsSoft(p) && p.Letters[0] == x.Letters[0]) ? WrittenPart.Plain(WrittenKind.Grapheme, x.Letters[..1]) with { Sounds = ["soft"] } : x);

    private static bool IsSoft(WrittenPart x) => x is { Kind: WrittenKind.Grapheme or WrittenKind.Kept, Sounds.Count: 0, Words.Count: 0, Letters: ['c' or 'g', 'e' or 'i' or 'y'] };

    // "-ed /ed/, /d/, /t/": what is only heard behind an ending is how that is said.
    private static List<WrittenPart> WithoutHeard(List<WrittenPart> parts) => parts is [{ Kind: WrittenKind.Ending }, ..] ? [.. parts.Where(x => !x.IsSound)] : parts;

    // "-ing, no change": beside parts several words that are not of the commonest are talk of them.
    private static List<WrittenPart> WithoutTalk(List<WrittenPart> parts, int pieces) => pieces > 1 && parts.Count > pieces && parts[0].Kind == WrittenKind.Ending && parts.Exists(x => x.Kind == WrittenKind.Word)
        ? [.. parts.Where(x => x.Kind != WrittenKind.Word)] : parts;

    // "oo / oo": letters that stand twice and say nothing else are meant as both of their sounds.
    private static List<WrittenPart> Twins(List<WrittenPart> parts) => [.. parts.Where((x, at) => !(SoundChoice.HasPair(x.Letters) && IsBare(x) && parts.FindIndex(p => p.Letters == x.Letters && IsBare(p)) < at))
        .Select(x => IsBare(x) && SoundChoice.HasPair(x.Letters) && parts.Count(p => p.Letters == x.Letters && IsBare(p)) == 2 ? x with { Both = true } : x)];

    private static bool IsBare(WrittenPart x) => x is { Kind: WrittenKind.Grapheme, Sounds.Count: 0, Words.Count: 0 };

    // "oa boat, coat": a word after a part with words, that shows it too, is one more of them.
    private static List<WrittenPart> Folded(List<WrittenPart> parts, TokenReader token)
    {
        var folded = new List<WrittenPart>();
        foreach (var part in parts)
        {
            if (part.Kind == WrittenKind.Word && folded.Count > 0 && folded[^1] is { Words.Count: > 0 } last
                && (last.Kind == WrittenKind.Grapheme ? token.Shows(part.Letters, last.Letters) : last.Kind is WrittenKind.Ending or WrittenKind.WordEnd && part.Letters.EndsWith(last.Letters, StringComparison.Ordinal)))
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
    private static List<WrittenPart> Shared(List<WrittenPart> parts, TokenReader token)
    {
        if (parts.Count < 2 || parts[^1].Words.Count < 2 || parts.Any(x => x.Kind != WrittenKind.Grapheme) || parts.SkipLast(1).Any(x => x.Words.Count > 0))
        {
            return parts;
        }

        var words = parts[^1].Words;
        return parts.ConvertAll(x => x with { Words = [.. words.Where(w => token.Segments(w).Any(s => s.Grapheme.Text == x.Letters))] });
    }

    // A word that may be letters too is one where words stand before it, and letters where letters do.
    private static List<WrittenPart> Words(List<WrittenPart> parts)
    {
        for (var i = 0; i < parts.Count; i++)
        {
            // Among rimes a word is one too: old, ind; and ing, beside ang and ong.
            if ((parts[i].Kind == WrittenKind.Word || parts[i] is { Kind: WrittenKind.Ending, Letters: "ing" }) && parts.Any(x => x.Kind == WrittenKind.RimeUnit) && TokenReader.IsVowel(parts[i].Letters[0]))
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
}
