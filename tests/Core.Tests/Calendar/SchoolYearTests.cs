using BoldLadder.Core.Calendar;

namespace BoldLadder.Core.Tests.Calendar;

public class SchoolYearTests
{
    private static readonly DateOnly Friday = new(2026, 10, 23);

    [Fact]
    public void A_weekend_a_closure_and_the_holidays_are_no_school_days()
    {
        Assert.True(World.Year.IsSchoolDay(Friday));
        Assert.False(World.Year.IsSchoolDay(Friday.AddDays(1)));
        Assert.False(World.Year.IsSchoolDay(Friday.AddDays(3)));
        Assert.False(World.Year.IsSchoolDay(new DateOnly(2027, 8, 2)));
    }

    [Fact]
    public void The_next_school_day_steps_over_a_closure()
    {
        Assert.Equal(new DateOnly(2026, 11, 2), World.Year.After(Friday));
        Assert.Equal(Friday, World.Year.OnOrAfter(Friday));
        Assert.Null(World.Year.OnOrAfter(new DateOnly(2027, 7, 21)));
    }

    [Fact]
    public void Only_a_gap_of_a_week_or_more_is_a_break()
    {
        Assert.True(World.Year.FollowsBreak(new DateOnly(2026, 11, 2)));
        Assert.False(World.Year.FollowsBreak(new DateOnly(2026, 11, 9)));
        Assert.False(World.Year.FollowsBreak(World.Year.SchoolDays[0]));
    }

    [Fact]
    public void School_days_are_counted_without_the_others()
    {
        Assert.Equal(0, World.Year.Ordinal(World.Year.SchoolDays[0]));
        Assert.Equal(World.Year.Ordinal(Friday) + 1, World.Year.Ordinal(new DateOnly(2026, 11, 2)));
    }

    [Fact]
    public void The_week_has_its_pattern()
    {
        Assert.Equal(DayUse.Review, WeeklyPattern.Usual.On(Friday));
        Assert.Equal(DayUse.New, WeeklyPattern.Usual.On(Friday.AddDays(-1)));
    }

    [Theory]
    [InlineData("2026-09-01", "2026-08-01", "must end after")]
    [InlineData("2026-09-05", "2026-09-06", "no school day")]
    public void Dates_that_make_no_year_are_refused_with_a_reason(string first, string last, string said)
    {
        Assert.False(SchoolYear.TryCreate([new Term("Autumn", DateOnly.Parse(first), DateOnly.Parse(last))], [], WeeklyPattern.Usual, out _, out var reason));
        Assert.Contains(said, reason, StringComparison.Ordinal);
    }
}
