using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>
/// Which columns a person has to be asked about: the words over them are nobody's but the school's, and what stands in them could be
/// taught, shown or compared with as well. One answer settles the whole column, and the layout is known when it is met again.
/// </summary>
internal static class ColumnDoubts
{
    // Beside more letters than these any word seems to show some.
    private const int MostWords = 14, FewLetters = 2;

    private static readonly IReadOnlyList<ColumnRole> OfLetters = [ColumnRole.Parts, ColumnRole.Sounds, ColumnRole.Words, ColumnRole.TrickyWords, ColumnRole.Notes];

    private static readonly IReadOnlyList<ColumnRole> OfOneGroup = [ColumnRole.Parts, ColumnRole.LeftOut, ColumnRole.Notes];

    /// <summary>What a column may hold, likeliest first; empty when nobody has to be asked.</summary>
    public static IReadOnlyList<ColumnRole> Of(SheetColumn x, IReadOnlyList<SheetColumn> all, ColumnContents contents, SchoolWords words)
    {
        if (all.Count == 1 || x.Heading.Trim().Length == 0 || SettledColumns.IsNamed(x) || SheetHeadings.SaysWhen(x.Heading) || x.Heading.TrimEnd().EndsWith('?'))
        {
            return [];
        }

        var parts = all.Where(p => p != x && p.Role == ColumnRole.Parts).ToList();
        var texts = contents.TextsOf(x).Where(t => !SheetWords.IsNothing(t)).ToList();
        var letters = ColumnContents.Share(texts, contents.Reader.LooksLikePart);
        bool IsLetters(SheetColumn y) => ColumnContents.Share(contents.TextsOf(y), contents.Reader.LooksLikePart) >= 0.8;
        var listed = ColumnContents.Share(texts, t => IsList(t) && PartReader.WordsIn(t) is { Count: > 0 and <= MostWords } list && list.All(w => words.FindWord(w) is not null));

        // Sounds of the main group, sounds of the other: a ladder is for one of them.
        if (letters >= 0.8 && SheetWords.NamesChildren(x.Heading) && all.Any(y => y != x && SheetWords.NamesChildren(y.Heading) && IsLetters(y)))
        {
            return OfOneGroup;
        }

        // Main sound, extra sound: where no column is called what is taught, those are.
        if (letters >= 0.8 && SheetHeadings.MentionsSounds(x.Heading) && !parts.Exists(SettledColumns.IsNamed))
        {
            return [];
        }

        // To read words with ch, beside the ch that is taught; d with chalk, beside the d.
        if (parts.Exists(y => SettledColumns.IsNamed(y) && ((SettledColumns.IsTalk(texts) && IsLetters(y)) || SettledColumns.Describes(x, y, contents))))
        {
            return [];
        }

        // Times, ticks and talk are seen to be that, and so is how a sound is called (long a); what stands alone is what is taught; words that show their row are its words.
        if (parts.Count == 0 || letters + listed < 0.6 || contents.IsShown(x, 1, parts, FewLetters) || ColumnContents.Share(texts, PartPatterns.Manner.IsMatch) >= 0.3
            || SettledColumns.GoesOver(x, all, contents) || texts.TrueForAll(t => t.StartsWith('/')) || texts.Distinct().Count() * 2 <= texts.Count
            || ColumnContents.Mostly(texts, t => SheetWords.IsOrdinal(t) || SheetWords.IsSection(t) || SheetWords.IsWeek(t)))
        {
            return [];
        }

        return letters >= listed ? OfLetters : [ColumnRole.Words, ColumnRole.TrickyWords, ColumnRole.Parts, ColumnRole.Notes];
    }

    // One word, or several with a mark between; words in a row are a phrase.
    private static bool IsList(string text) => !text.Trim().Contains(' ', StringComparison.Ordinal) || text.AsSpan().ContainsAny(",;/\n|");
}
