namespace BoldLadder.Core.Calendar;

/// <summary>
/// A school year as most schools of a country have it, for a school that has not said its own yet: about the right weeks,
/// to be put right by the school. Dates are worked out from the calendar alone.
/// </summary>
public static class UsualYear
{
    /// <summary>The year that a day lies in; in the long holiday, the one that comes.</summary>
    public static SchoolYear Around(DateOnly today, bool american)
    {
        var first = today.Month >= (american ? 7 : 8) ? today.Year : today.Year - 1;
        var (terms, closures) = american ? American(first) : British(first);
        return SchoolYear.TryCreate(terms, closures, WeeklyPattern.Usual, out var year, out var reason) ? year : throw new InvalidOperationException(reason);
    }

    private static (IReadOnlyList<Term> Terms, IReadOnlyList<Closure> Closures) British(int year) => (
        [
            new Term("Autumn", OnOrAfter(new(year, 9, 2), DayOfWeek.Wednesday), OnOrBefore(new(year, 12, 20), DayOfWeek.Friday)),
            new Term("Spring", OnOrAfter(new(year + 1, 1, 4), DayOfWeek.Monday), OnOrBefore(new(year + 1, 4, 1), DayOfWeek.Friday)),
            new Term("Summer", OnOrAfter(new(year + 1, 4, 15), DayOfWeek.Monday), OnOrBefore(new(year + 1, 7, 22), DayOfWeek.Wednesday)),
        ],
        [Week(new(year, 10, 28), "Half-term"), Week(new(year + 1, 2, 17), "Half-term"), Week(new(year + 1, 5, 29), "Half-term")]);

    private static (IReadOnlyList<Term> Terms, IReadOnlyList<Closure> Closures) American(int year)
    {
        var thanksgiving = OnOrAfter(new(year, 11, 22), DayOfWeek.Thursday);
        var labor = OnOrAfter(new(year, 9, 1), DayOfWeek.Monday);
        return (
            [
                new Term("Fall", OnOrAfter(new(year, 8, 18), DayOfWeek.Monday), OnOrBefore(new(year, 12, 20), DayOfWeek.Friday)),
                new Term("Spring", OnOrAfter(new(year + 1, 1, 4), DayOfWeek.Monday), OnOrBefore(new(year + 1, 6, 5), DayOfWeek.Friday)),
            ],
            [new Closure(labor, labor, "Labor Day"), new Closure(thanksgiving.AddDays(-1), thanksgiving.AddDays(1), "Thanksgiving"), Week(new(year + 1, 3, 18), "Spring break")]);
    }

    private static Closure Week(DateOnly day, string reason) => OnOrBefore(day, DayOfWeek.Monday) is var monday ? new Closure(monday, monday.AddDays(4), reason) : default;

    private static DateOnly OnOrAfter(DateOnly day, DayOfWeek weekday) => day.AddDays(((int)weekday - (int)day.DayOfWeek + 7) % 7);

    private static DateOnly OnOrBefore(DateOnly day, DayOfWeek weekday) => day.AddDays(-(((int)day.DayOfWeek - (int)weekday + 7) % 7));
}
