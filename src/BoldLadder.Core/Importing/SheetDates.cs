using System.Globalization;
using System.Text.RegularExpressions;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>
/// The dates of one sheet, as people write them: <i>7/9/2026</i>, <i>w/c 7 Sept</i>, <i>Mon 7th September</i>. 5/9 is in May or
/// in September, and all of a sheet are written alike; a day without a year is one of the school's year.
/// </summary>
internal sealed class SheetDates
{
    private const int DaysBefore = 31;

    private static readonly string[] Forms = ["yyyy-MM-dd", "d/M/yyyy", "d/M/yy", "d.M.yyyy", "d.M.yy", "d-M-yyyy", "d MMM yyyy", "d MMMM yyyy", "d MMM yy", "d-MMM-yy", "d-MMM-yyyy", "MMM d, yyyy", "MMMM d, yyyy"];

    private static readonly string[] MonthsFirst = ["M/d/yyyy", "M/d/yy"], DaysFirst = ["d/M/yyyy", "d/M/yy"];

    private readonly bool _monthFirst;
    private readonly DateOnly? _yearBegins;

    private SheetDates(bool monthFirst, DateOnly? yearBegins) => (_monthFirst, _yearBegins) = (monthFirst, yearBegins);

    /// <summary>One date that can only be read so settles it for all; else an American sheet has its months first.</summary>
    /// <param name="yearBegins">The first day of the school's year, in which days without a year lie; without it they are no dates.</param>
    public static SheetDates Of(IReadOnlyList<SheetCell> cells, SchoolWords words, DateOnly? yearBegins)
    {
        var (days, months) = (cells.Any(x => Only(x.Text, DaysFirst, MonthsFirst)), cells.Any(x => Only(x.Text, MonthsFirst, DaysFirst)));
        return new(!days && (words.Accent.IsAmerican || months), yearBegins);
    }

    /// <summary>A date as this sheet writes it; null for none.</summary>
    /// <param name="column">What the cell's column holds: 7/9 is a date among dates only.</param>
    public DateOnly? In(string text, ColumnRole column) => (_monthFirst ? Exact(text, MonthsFirst) : null) ?? Exact(text, Forms) ?? Exact(text, MonthsFirst) ?? Said(text, column);

    /// <summary>True for a date in any of the ways that sheets write it with its year.</summary>
    public static bool IsDate(string text) => (Exact(text, Forms) ?? Exact(text, MonthsFirst)) is not null;

    private DateOnly? Said(string text, ColumnRole column)
    {
        var said = SheetWords.DayOfDiary.Match(WeekAhead.Replace(text.Trim(), ""));
        string Group(string name) => said.Groups[name].Value;
        return !said.Success ? null
            : Group("month") is { Length: > 0 } month ? Day(Group("day"), $"{Array.IndexOf(Months, month[..3].ToLowerInvariant()) + 1}", Group("year"))
            : column != ColumnRole.Date ? null
            : _monthFirst ? Day(Group("second"), Group("first"), Group("year")) : Day(Group("first"), Group("second"), Group("year"));
    }

    private DateOnly? Day(string day, string month, string year)
    {
        if (year.Length > 0)
        {
            return DateOnly.TryParseExact($"{day}/{month}/{(year.Length == 2 ? "20" : "")}{year}", "d/M/yyyy", CultureInfo.InvariantCulture, DateTimeStyles.None, out var whole) ? whole : null;
        }

        // The last days before term are in the plan too: staff days.
        var from = _yearBegins?.AddDays(-DaysBefore);
        var years = from is { } first ? (int[])[first.Year, first.Year + 1] : [];
        return years.Select(y => DateOnly.TryParseExact($"{day}/{month}/{y}", "d/M/yyyy", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date) ? date : (DateOnly?)null).FirstOrDefault(x => x >= from);
    }

    private static bool Only(string text, string[] one, string[] other) => Exact(text, one) is not null && Exact(text, other) is null;

    private static DateOnly? Exact(string text, string[] forms) => DateOnly.TryParseExact(text.Trim(), forms, CultureInfo.InvariantCulture, DateTimeStyles.AllowWhiteSpaces, out var date) ? date : null;

    private static readonly string[] Months = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];

    private static readonly Regex WeekAhead = new(@"^(?:w/?[bc]\.?:?\s*|week\s+(?:beginning|commencing|starting|of)\s+)", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
