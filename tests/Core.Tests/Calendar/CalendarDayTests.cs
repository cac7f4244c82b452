using BoldLadder.Core.Calendar;

namespace BoldLadder.Core.Tests.Calendar;

public class CalendarDayTests
{
    private static CalendarDay Day(string first, string name, EventUse? use = EventUse.Noted, string? last = null) => new(Date(first), Date(last ?? first), name, use);

    private static DateOnly Date(string day) => DateOnly.Parse($"2026-{day}", System.Globalization.CultureInfo.InvariantCulture);

    private static IEnumerable<string> New(IEnumerable<CalendarDay> read, params CalendarDay[] known) =>
        CalendarDay.NewIn(read, [.. Enumerable.Range(1, 20).Select(x => new DateOnly(2026, 12, x)).Where(x => x.DayOfWeek is not (DayOfWeek.Saturday or DayOfWeek.Sunday))], known).Select(x => x.Name);

    [Fact]
    public void Only_what_falls_on_a_school_day_changes_anything() =>
        Assert.Equal(["Trip"], New([Day("12-05", "Saturday club"), Day("12-07", "Trip"), Day("12-28", "New year"), Day("08-01", "Season", null, "12-20")]));

    [Fact]
    public void Nothing_happens_while_the_school_is_shut_and_two_names_for_one_closure_are_one() =>
        Assert.Equal(["Closed", "Show"], New([Day("12-01", "Closed", null, "12-04"), Day("12-01", "Staff day", null, "12-04"), Day("12-02", "Coffee morning"), Day("12-07", "Show")]));

    [Fact]
    public void What_the_year_has_already_is_not_told_again()
    {
        CalendarDay[] read = [Day("12-02", "Trip"), Day("12-03", "Show"), Day("12-08", "Early finish", EventUse.ShortLesson), Day("12-09", "Polling station", null)];
        Assert.Equal(["Trip", "Show", "Early finish", "Polling station"], New(read));
        Assert.Equal(["Show", "Early finish", "Polling station"], New(read, Day("12-02", "Trip", EventUse.Review)));
        Assert.Equal(["Trip", "Show", "Polling station"], New(read, Day("12-08", "Half day", EventUse.ShortLesson)));
        Assert.Equal(["Early finish"], New(read, Day("12-01", "Closed", null, "12-04"), Day("12-09", "Strike", null)));
        Assert.Equal(4, New(read, Day("12-09", "Trip")).Count());
    }
}
