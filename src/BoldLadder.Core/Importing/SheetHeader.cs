using PlacedCell = BoldLadder.Core.Importing.SheetLayout.PlacedCell;
using static BoldLadder.Core.Importing.ColumnContents;

namespace BoldLadder.Core.Importing;

/// <summary>Finds the row of a sheet that heads its columns, whatever stands above it.</summary>
internal static class SheetHeader
{
    private const int RowsOfLetters = 3;

    /// <summary>The row that heads the columns; null where none does.</summary>
    public static IReadOnlyList<PlacedCell>? Of(List<IReadOnlyList<PlacedCell>> rows, PartReader reader)
    {
        var widest = rows.Count == 0 ? 0 : rows.Max(x => x.Count);
        var first = rows.FirstOrDefault(x => x.Count > 1);
        return rows.Take(SheetDirection.LastHeaderRow).Where(row => Named(row, rows, reader) is var named && (named >= Math.Min(2, widest) || (row == first && (HeadsNumbers(row, rows, reader) || HeadsParts(row, rows, reader))))
            // In the first row of several, two that are known head the others with them.
            && (named * 2 >= row.Count || (row == first && row.All(x => x.Text.Trim().Length > 2 && !reader.LooksLikePart(x.Text))))
            // Review | the | review, below rows of letters, is the last of them; and what is below all heads nothing.
            && (row != rows[^1] || rows.Count == 1)
            && rows.Count(x => x[0].Row < row[0].Row && x.Count > 1 && x.All(c => reader.LooksLikePart(c.Text))) < RowsOfLetters
            && row.All(x => x.Text.Length > 1 || x.Text is "#") && !row.Any(x => SheetWords.IsWeek(x.Text))
            // Fri 8 Jan | reading | reading is one of the days.
            && !(SheetWords.IsDayOfDiary(row[0].Text) && !row.Skip(1).Any(x => SheetWords.IsDayOfDiary(x.Text)))
            // Summer | words of two syllables, below Autumn and Spring, is the last of the terms.
            && !(SheetWords.NamesTerm(row[0].Text) && rows.Any(x => x[0].Row < row[0].Row && x[0].Column == row[0].Column && x.Count > 1 && SheetWords.IsSection(x[0].Text)))
            // In a sheet that was turned every row is a term.
            && !(SheetWords.NamesTerm(row[0].Text) && !row.Skip(1).Any(x => SheetWords.NamesTerm(x.Text)) && rows.Exists(x => x != row && x.Count > 1 && x[0].Column == row[0].Column && SheetWords.NamesTerm(x[0].Text)))
            && (widest > 1 || (row == rows[0] && !reader.LooksLikePart(row[0].Text) && !(SheetWords.Labelled(row[0].Text) is var (label, taught) && (reader.LooksLikePart(taught) || SheetLines.Of(taught).Any(reader.LooksLikePart) || (SheetWords.IsWeek(label) && LessonWords.LessonOf(taught) is not null)))))).MaxBy(x => Named(x, rows, reader)) ?? Sounded(rows, reader) ?? Numbered(rows) ?? Ticked(rows) ?? Halved(rows) ?? Topped(rows, reader);
    }

    /// <summary>Autumn, spring and summer down the side of years, in a sheet that was turned: they head what stands in their rows, and teach nothing.</summary>
    public static IReadOnlyList<PlacedCell>? OfTerms(List<IReadOnlyList<PlacedCell>> rows) => rows is [{ Count: > 1 } first, _, ..] && first.All(x => SheetWords.NamesTerm(x.Text)) ? first : null;

    // "Week | Plan", "Plan | Week", "Day | Year R | Year 1", and below it numbers or days beside what is taught.
    private static bool HeadsNumbers(IReadOnlyList<PlacedCell> row, List<IReadOnlyList<PlacedCell>> rows, PartReader reader) => row.Where(x => SheetHeadings.IsCounted(x.Text)).ToList() is [var label]
        && row.Count > 1 && row.All(x => x == label || (!reader.LooksLikePart(x.Text) && !reader.IsToldWhole(x.Text.Trim())))
        && rows.Where(x => x[0].Row > label.Row).SelectMany(x => x).Where(x => x.Column == label.Column).ToList() is { Count: > 2 } below
        && below.TrueForAll(x => SheetWords.IsOrdinal(x.Text) || SheetWords.WeekdayOf(x.Text) > 0 || SheetWords.IsDayOfDiary(x.Text));

    // "Weekly sounds | To do": whatever stands beside it, below the one are letters.
    private static bool HeadsParts(IReadOnlyList<PlacedCell> row, List<IReadOnlyList<PlacedCell>> rows, PartReader reader) => row.Count == 2 && row.All(x => !reader.LooksLikePart(x.Text)) && row.Where(x => SheetHeadings.RoleOf(x.Text) is ColumnRole.Parts or ColumnRole.Sounds).ToList() is [var named]
        && rows.Where(x => x[0].Row > named.Row).SelectMany(x => x).Where(x => x.Column == named.Column).Select(x => x.Text).ToList() is { Count: > 3 } below && Share(below, reader.LooksLikePart) >= 0.8;

    // "Week | Main group sound | Other group sound", or over weeks "Blue group | Blue words": whatever is said of them.
    private static IReadOnlyList<PlacedCell>? Sounded(List<IReadOnlyList<PlacedCell>> rows, PartReader reader) => rows.FirstOrDefault(x => x.Count > 1) is { } first && !first.Any(x => reader.LooksLikePart(x.Text))
        && ((SheetHeadings.IsCounted(first[0].Text) && first.Skip(1).All(x => SheetHeadings.MentionsSounds(x.Text))) || first.All(x => SheetHeadings.NamesWhose(x.Text))) ? first : null;

    // "Set | 1st | 2nd | 3rd": which of its set each column holds.
    private static IReadOnlyList<PlacedCell>? Numbered(List<IReadOnlyList<PlacedCell>> rows) =>
        rows.FirstOrDefault(x => x.Count > 2) is { } first && first.Where(x => !SheetWords.IsOrdinal(x.Text)).ToList() is [var label] && SheetHeadings.IsCounted(label.Text) ? first : null;

    // "| First half | Second half" over terms: each row goes on from the one to the other.
    private static IReadOnlyList<PlacedCell>? Halved(List<IReadOnlyList<PlacedCell>> rows) => rows.FirstOrDefault(x => x.Count > 1) is { } first && first.All(x => SheetWords.NamesTerm(x.Text))
        && rows.Where(x => x[0].Row > first[0].Row).ToList() is { Count: > 1 } below && below.TrueForAll(x => x[0].Column < first[0].Column && SheetWords.NamesTerm(x[0].Text)) ? first : null;

    // "Sound | Ayo | Bea", and below the names ticks: who knows what.
    private static IReadOnlyList<PlacedCell>? Ticked(List<IReadOnlyList<PlacedCell>> rows) => rows.FirstOrDefault(x => x.Count > 2) is { } first
        && first.Where(x => SheetHeadings.RoleOf(x.Text) is not null).Select(x => x.Column).ToList() is { Count: > 0 } headed
        && rows.Where(x => x[0].Row > first[0].Row).SelectMany(x => x).Where(x => !headed.Contains(x.Column)).ToList() is { Count: > 3 } below && below.TrueForAll(x => SheetWords.IsTick(x.Text) || SheetDates.IsDate(x.Text) || SheetWords.IsDayOfDiary(x.Text)) && below.Exists(x => SheetWords.IsTick(x.Text)) ? first : null;

    // A row of plain words over columns of which one holds parts heads them, whatever it says: Vowels, Contents.
    private static IReadOnlyList<PlacedCell>? Topped(List<IReadOnlyList<PlacedCell>> rows, PartReader reader)
    {
        var first = rows.FirstOrDefault(x => x.Count > 1);
        var below = first is null ? [] : rows.Where(x => x[0].Row > first[0].Row).SelectMany(x => x).Where(x => first.Any(h => h.Column == x.Column)).GroupBy(x => x.Column, x => x.Text).ToList();
        return first is not null && below.Sum(x => x.Count()) >= 4 && first.All(x => (x.Text.Length > 3 || SheetHeadings.IsCounted(x.Text)) && !reader.Read(x.Text).Any(p => p.Kind is not (WrittenKind.Kept or WrittenKind.Word)))
            && !first.Any(x => SheetWords.IsWeek(x.Text) || SheetWords.IsSection(x.Text) || SheetWords.IsHoliday(x.Text))
            && (first.Count > 2 ? below.Exists(x => x.Count() >= 4 && Share([.. x], reader.LooksLikePart) >= 0.8) : Share([.. below.SelectMany(x => x)], reader.LooksLikePart) >= 0.8) ? first : null;
    }

    // Digraph sh heads nothing: it is taught. Nor does Wednesday | revisit, beside what is done on it and among other days.
    private static int Named(IReadOnlyList<PlacedCell> row, List<IReadOnlyList<PlacedCell>> rows, PartReader reader) => row.Count(x => SheetWords.HeadsDay(x.Text)
            ? row.Count(y => SheetWords.HeadsDay(y.Text)) > 1 || (x != row[0] && !rows.Exists(r => r != row && r.Any(y => y.Column == x.Column && SheetWords.HeadsDay(y.Text))))
        : SheetHeadings.RoleOf(x.Text) is not null && !(x.Text.Trim().Contains(' ', StringComparison.Ordinal) && reader.Read(x.Text) is [{ Kind: WrittenKind.Grapheme } part] && x.Text.Split(' ').Contains(part.Letters)));

    /// <summary>True for the headings, where they come again, and for those of a table of its own below: week and graphemes, then week and words.</summary>
    public static bool ComesAgain(IReadOnlyList<PlacedCell> row, IReadOnlyList<PlacedCell> header) => row == header || (row.Count > 1 && row.All(x => SheetHeadings.RoleOf(x.Text) is { } role && (IsSame(row[0], header[0]) || row.Count(y => header.Any(h => IsSame(y, h))) > 1 || header.Any(h => h.Column == x.Column && SheetHeadings.RoleOf(h.Text) == role))))
        || (row.Count > 1 && row.Count(x => header.Any(h => IsSame(x, h))) * 10 >= row.Count * 8);

    private static bool IsSame(PlacedCell x, PlacedCell h) => h.Column == x.Column && string.Equals(h.Text.Trim(), x.Text.Trim(), StringComparison.OrdinalIgnoreCase);
}
