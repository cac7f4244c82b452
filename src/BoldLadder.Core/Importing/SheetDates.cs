using System.Globalization;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>The dates of one sheet: 5/9 is in May or in September, and all of a sheet are written alike.</summary>
internal sealed class SheetDates
{
    private static readonly string[] Forms = ["yyyy-MM-dd", "d/M/yyyy", "d/M/yy", "d.M.yyyy", "d.M.yy", "d-M-yyyy", "d MMM yyyy", "d MMMM yyyy", "d MMM yy", "d-MMM-yy", "d-MMM-yyyy", "MMM d, yyyy", "MMMM d, yyyy"];

    private static readonly string[] MonthsFirst = ["M/d/yyyy", "M/d/yy"], DaysFirst = ["d/M/yyyy", "d/M/yy"];

    private readonly bool _monthFirst;

    private SheetDates(bool monthFirst) => _monthFirst = monthFirst;

    /// <summary>One date that can only be read so settles it for all; else an American sheet has its months first.</summary>
    public static SheetDates Of(IReadOnlyList<SheetCell> cells, SchoolWords words) => new(!cells.Any(x => Exact(x.Text, DaysFirst) is not null && Exact(x.Text, MonthsFirst) is null)
        && (words.Accent.IsAmerican || cells.Any(x => Exact(x.Text, MonthsFirst) is not null && Exact(x.Text, DaysFirst) is null)));

    /// <summary>A date as this sheet writes it; null for none.</summary>
    public DateOnly? In(string text) => (_monthFirst ? Exact(text, MonthsFirst) : null) ?? Exact(text, Forms) ?? Exact(text, MonthsFirst);

    /// <summary>True for a date in any of the ways that sheets write it.</summary>
    public static bool IsDate(string text) => (Exact(text, Forms) ?? Exact(text, MonthsFirst)) is not null;

    private static DateOnly? Exact(string text, string[] forms) => DateOnly.TryParseExact(text.Trim(), forms, CultureInfo.InvariantCulture, DateTimeStyles.AllowWhiteSpaces, out var date) ? date : null;
}
