using BoldLadder.Core.Calendar;
using BoldLadder.Core.Log;
using BoldLadder.Core.Year;

namespace BoldLadder.Core.Tests.Year;

public class TaughtBeforeTests
{
    private static readonly DateOnly Today = new(2026, 11, 24);

    [Fact]
    public void What_was_taught_before_is_in_the_log_by_value_and_in_order()
    {
        var log = Log(30);
        var standing = World.StandingOf(World.Estuary, log);
        Assert.Equal(30, standing.Place);
        Assert.All(log, x => Assert.True(x.Day < Today));
        Assert.Equal(World.Estuary.Rungs.Take(30).Select(x => x.Id), log.Where(x => x.RungId.Length > 0).Select(x => x.RungId));
    }

    [Fact]
    public void Little_of_it_is_overdue_on_the_first_day() =>
        Assert.All(World.StandingOf(World.Estuary, Log(40)).Clock.Due(Today), x => Assert.InRange(x.Overdue, 0, 3));

    [Fact]
    public void More_than_the_year_so_far_holds_was_taught_before_it_began()
    {
        var log = Log(120);
        Assert.Equal(120, World.StandingOf(World.Estuary, log).Place);
        Assert.Contains(log, x => x.Day < World.Year.SchoolDays[0]);
    }

    [Fact]
    public void On_the_first_day_of_the_year_all_of_it_was_taught_before() =>
        Assert.Equal(20, World.StandingOf(World.Estuary, Entries(20, World.Year.SchoolDays[0])).Place);

    [Theory]
    [InlineData(false, 2026, 11, 24, 2026, 2027)]
    [InlineData(false, 2027, 3, 1, 2026, 2027)]
    [InlineData(false, 2027, 8, 2, 2027, 2028)]
    [InlineData(true, 2027, 7, 9, 2027, 2028)]
    [InlineData(true, 2028, 2, 29, 2027, 2028)]
    public void The_usual_year_is_the_one_that_a_day_lies_in_or_the_next(bool american, int y, int m, int d, int first, int last)
    {
        var year = UsualYear.Around(new DateOnly(y, m, d), american);
        Assert.Equal((first, last), (year.SchoolDays[0].Year, year.SchoolDays[^1].Year));
        Assert.InRange(year.SchoolDays.Count, 175, 197);
        Assert.All(year.Closures, x => Assert.Contains(year.Terms, t => t.First <= x.First && x.Last <= t.Last));
    }

    // 24 November is a Tuesday: of the rung that began on Monday a day is gone, and what came before it keeps its dates.
    [Fact]
    public void A_rung_that_was_begun_has_had_its_days_last()
    {
        var ladder = World.LadderOf("s:s a:a t:t p:p i:i n:n");
        var rungs = ladder.Rungs.Select(x => x with { Days = 2 }).ToList();
        var number = 0;
        var log = TaughtBefore.Entries(ladder, rungs[..2], (rungs[2], 1), World.Year, World.South.Rules, 25, Today, () => $"lesson {++number}");
        Assert.Equal([(rungs[2].Id, new DateOnly(2026, 11, 23)), (rungs[1].Id, new DateOnly(2026, 11, 19)), (rungs[1].Id, new DateOnly(2026, 11, 18))], log.Where(x => x.RungId.Length > 0).Reverse().Take(3).Select(x => (x.RungId, x.Day)));
    }

    [Theory]
    [InlineData(1, true)]
    [InlineData(0, false)]
    [InlineData(2, false)]
    public void A_rung_is_begun_with_fewer_days_than_it_takes(int days, bool begun)
    {
        var ladder = World.Created(World.LadderOf("s:s a:a t:t").Sections.Select(x => x with { Rungs = [.. x.Rungs.Select(r => r with { Days = 2 })] }));
        Assert.Equal(begun, TaughtBefore.Begun(ladder, ladder.Rungs[0].Id, days) is not null);
    }

    private static IReadOnlyList<LogEntry> Log(int rungs) => Entries(rungs, Today);

    private static IReadOnlyList<LogEntry> Entries(int rungs, DateOnly today)
    {
        var number = 0;
        return TaughtBefore.Entries(World.Estuary, [.. World.Estuary.Rungs.Take(rungs)], null, World.Year, World.South.Rules, 25, today, () => $"lesson {++number}");
    }
}
