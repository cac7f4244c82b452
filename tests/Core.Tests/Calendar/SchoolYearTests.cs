using BoldLadder.Core.Calendar;
using CsCheck;

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

    [Theory]
    [InlineData("2026-10-28", "Autumn", "Spring")] // in a short break
    [InlineData("2027-03-02", "Autumn", "Spring")]
    [InlineData("2027-08-02", "Next autumn", "Next autumn")] // in the long holiday
    [InlineData("2028-08-02", "Next autumn", "Next autumn")] // after all of them
    public void A_school_year_goes_from_one_long_holiday_to_the_next(string day, string first, string last)
    {
        Term[] terms = [new("Last summer", new(2026, 5, 1), new(2026, 7, 17)), new("Spring", new(2027, 1, 5), new(2027, 7, 16)), new("Autumn", new(2026, 9, 2), new(2026, 12, 18)), new("Next autumn", new(2027, 9, 1), new(2027, 12, 17))];
        Assert.True(SchoolYear.TryCreate(terms, [], WeeklyPattern.Usual, out var year, out _));
        var around = year.TermsAround(DateOnly.Parse(day));
        Assert.Equal((first, last), (around[0].Name, around[^1].Name));
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

/// <summary>Any terms and closures, against walking through the days one by one.</summary>
public class AnySchoolYearTests
{
    private static readonly DateOnly Start = new(2026, 9, 1);

    [Fact]
    public void School_days_the_next_one_and_their_count_are_what_walking_through_the_days_gives()
    {
        var closures = Gen.Select(Gen.Int[0, 200], Gen.Int[0, 12]).Select((from, days) => new Closure(Start.AddDays(from), Start.AddDays(from + days), "shut")).Array[0, 5];
        Gen.Select(Gen.Int[20, 200], closures, Gen.Int[-10, 230]).Sample((length, shut, asked) =>
        {
            var last = Start.AddDays(length);
            if (!SchoolYear.TryCreate([new Term("Any", Start, last)], shut, WeeklyPattern.Usual, out var year, out var reason))
            {
                Assert.NotEmpty(reason);
                return;
            }

            var open = Enumerable.Range(0, length + 1).Select(Start.AddDays)
                .Where(x => x.DayOfWeek is not (DayOfWeek.Saturday or DayOfWeek.Sunday) && !shut.Any(c => c.First <= x && x <= c.Last)).ToList();
            Assert.Equal(open, year.SchoolDays);
            var day = Start.AddDays(asked);
            Assert.Equal(open.Contains(day), year.IsSchoolDay(day));
            Assert.Equal(open.Count(x => x < day), year.Ordinal(day));
            Assert.Equal(open.Cast<DateOnly?>().FirstOrDefault(x => x >= day), year.OnOrAfter(day));
            Assert.Equal(open.Cast<DateOnly?>().FirstOrDefault(x => x > day), year.After(day));
            Assert.Equal(open.Contains(day) && open.Exists(x => x < day) && !open.Exists(x => x < day && x > day.AddDays(-7)), open.Contains(day) && year.FollowsBreak(day));
        });
    }

    [Fact]
    public void Two_terms_that_overlap_count_each_day_once_and_in_order()
    {
        Assert.True(SchoolYear.TryCreate(
            [new Term("Late", Start.AddDays(20), Start.AddDays(60)), new Term("Early", Start, Start.AddDays(30))], [], WeeklyPattern.Usual, out var year, out _));
        Assert.Equal(year.SchoolDays.Distinct().Order(), year.SchoolDays);
        Assert.Equal(Start, year.SchoolDays[0]);
    }

    [Theory]
    [InlineData(5, 0)]
    [InlineData(4, 1)]
    [InlineData(0, 5)]
    public void A_week_has_as_many_new_days_as_its_pattern_says(int fresh, int review)
    {
        var uses = Enumerable.Repeat(DayUse.New, fresh).Concat(Enumerable.Repeat(DayUse.Review, review)).ToList();
        var pattern = new WeeklyPattern(uses[0], uses[1], uses[2], uses[3], uses[4]);
        Assert.Equal(fresh, pattern.NewDays);
        Assert.Equal(uses, Enumerable.Range(0, 5).Select(x => pattern.On(new DateOnly(2026, 9, 7).AddDays(x))));
    }
}
