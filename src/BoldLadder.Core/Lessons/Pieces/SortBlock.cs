using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Words read and put in columns: under the spelling they have, or under what the same letters say in them. Source: the
/// domain's contrasts, <i>sorted beside the old ones</i>.
/// </summary>
internal static class SortBlock
{
    /// <summary>With fewer words than this a column shows nothing.</summary>
    public const int FewestInAColumn = 2;

    // Of the commonest words that fit: so many for each that is wanted, to draw from.
    private const int DrawnFrom = 6;

    /// <summary>What a day of contrast, or a review, puts side by side; null where there are not two columns with words enough.</summary>
    public static LessonBlock? Together(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, IReadOnlyList<Correspondence> columns, int words) =>
        columns.DistinctBy(x => x.Grapheme).Count() > 1 ? BySpelling(brief, make, dice, used, columns, words) : BySound(brief, make, dice, used, columns, words);

    /// <summary>The same letters, which say one thing in some words and another in others.</summary>
    public static LessonBlock? BySound(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, IReadOnlyList<Correspondence> columns, int words) => columns.Count < 2 ? null
        : Of(brief, make, dice, used, columns, words, x => x.Sound.Example, Ask.Of(AskCode.WhichSays, columns[0].Grapheme.Text));

    /// <param name="place">Where in its words a spelling is to stand; anywhere without it.</param>
    public static LessonBlock? BySpelling(
        LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, IReadOnlyList<Correspondence> columns, int words, string? place = null) => columns.Count < 2 ? null
        : Of(brief, make, dice, used, columns, words, x => x.Grapheme.Text, Ask.Of(AskCode.SortBySpelling, [.. columns.Select(x => x.Grapheme.Text).Distinct()]), place);

    public static LessonBlock? Of(
        LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, IReadOnlyList<Correspondence> columns, int words,
        Func<Correspondence, string> heading, Ask asks, string? place = null)
    {
        var each = Math.Max(FewestInAColumn, words / columns.Select(heading).Distinct().Count());
        var taken = new HashSet<string>(used);
        var found = new List<(Correspondence Column, OfferedWord Word)>();
        foreach (var column in columns)
        {
            var mine = WordsOf(brief, dice, column, columns, taken, each, place).ToList();
            taken.UnionWith(mine.Select(x => x.Word.Key));
            found.AddRange(mine.Select(x => (column, x)));
        }

        return found.GroupBy(x => heading(x.Column)).Any(x => x.Count() < FewestInAColumn) || found.DistinctBy(x => heading(x.Column)).Count() < columns.Select(heading).Distinct().Count()
            || found.All(x => x.Column != columns[0]) ? null
            : new LessonBlock(LessonPart.Practise, Activity.Sort, dice.Mix(found.Select(x =>
                make.Word(x.Word.Word.Key, [Reason.Of(ReasonCode.SpeltWith, x.Column.Grapheme.Text)]) with { Heading = heading(x.Column) })))
            {
                Asks = [asks],
            };
    }

    /// <summary>
    /// Everyday words with one of the columns in them and none of the others, each of another family and not rhyming if it
    /// can be. In <i>or</i> there is nothing but the spelling that is asked for.
    /// </summary>
    public static IEnumerable<OfferedWord> WordsOf(
        LessonBrief brief, Dice dice, Correspondence column, IReadOnlyList<Correspondence> columns, HashSet<string> used, int count, string? place)
    {
        var others = columns.Where(x => x != column).Select(x => x.Grapheme).ToHashSet();
        // Beside letters that come in twos at the end stands none that comes alone there: quiz goes against buzz and fizz.
        var notLast = !column.IsDoubledConsonant && columns.Any(DoubledLetters.EndWords);
        // Stove ends in the letters v, e, whatever they are in it: beside solve it is no word for v.
        var longer = others.Where(x => !x.IsSplit && x.Text.Length > column.Grapheme.Text.Length && x.Text.StartsWith(column.Grapheme.Text, StringComparison.Ordinal)).Select(x => x.Text).ToList();
        bool Fits(OfferedWord x) => ContrastPiece.IsFor(brief, x) && x.Reading.Segments.Count > 1 && !longer.Exists(l => x.Word.Key.Contains(l, StringComparison.Ordinal)) && (!columns[0].IsDoubledConsonant || brief.Shape.Syllables == 1 || DoubledLetters.Decides(x.Reading, column))
            && (place is null || PartPlaces.Of(x.Reading, column) == place) && !(notLast && PartPlaces.Of(x.Reading, column) == "last") && x.Reading.Segments.Count(s => s.Correspondence == column) == 1 && !x.Reading.Segments.Any(s => s.Correspondence != column && others.Contains(s.Correspondence.Grapheme));
        var fit = brief.Stock.Everyday(column).Where(Fits).ToList();
        // Where English has hardly a word with what is taught, names have it: Pete, Steve.
        fit = fit.Count < FewestInAColumn && column == columns[0]
            ? [.. fit, .. brief.Stock.Names.Where(x => x.Reading.Segments.Any(s => s.Correspondence == column) && Fits(x))] : fit;
        var fresh = fit.OrderBy(x => used.Contains(x.Word.Key)).ThenBy(x => x.Word.Familiarity != Familiarity.AtFourOrFive)
            .ThenBy(x => brief.Standing.TimesRead.GetValueOrDefault(x.Word.Key) / 4).ThenBy(x => x.Word.Rank);
        // Beside the words of the youngest, or for want of them, short ones: herd and fern before alert.
        int Later(OfferedWord x) => x.Word.Familiarity == Familiarity.AtFourOrFive ? 0 : brief.Stock.Rules.Rows.ShapeOf(x.Row).Syllables > 1 ? 2 : 1;
        return ContrastPiece.Spread(dice.Mix(fresh.Take(count * DrawnFrom)).OrderBy(x => used.Contains(x.Word.Key)).ThenBy(Later), x => x.Rime).Take(count);
    }
}
