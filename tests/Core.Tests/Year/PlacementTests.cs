using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Log;
using BoldLadder.Core.Year;

namespace BoldLadder.Core.Tests.Year;

public class PlacementTests
{
    private static readonly Ladder Ladder = World.LadderOf("m:m a:a t:t d:d i:i b:b");

    // Tuesday 1 September 2026.
    private static readonly DateOnly First = World.Year.SchoolDays[0];

    [Fact]
    public void Rungs_take_the_new_days_in_order_and_leave_the_review_days()
    {
        var days = From(Ladder, new GroupLog([]), First).Take(6).ToList();
        Assert.Equal(["m-m", "a-a", "t-t", null, "d-d", "i-i"], days.Select(x => x.Rung?.Id));
        Assert.Equal(DayUse.Review, days[3].Use);
    }

    [Fact]
    public void A_day_that_is_in_the_log_takes_no_rung()
    {
        var log = new GroupLog([World.Entry(1, First, Ladder.Rungs[0])]);
        var days = From(Ladder, log, First).Take(2).ToList();
        Assert.Equal([null, "a-a"], days.Select(x => x.Rung?.Id));
    }

    [Fact]
    public void A_missed_day_moves_what_follows()
    {
        var log = new GroupLog([World.Entry(1, First, Ladder.Rungs[0], LogOutcome.Missed)]);
        Assert.Equal(World.Year.SchoolDays[1], Placement.Dates(StandingOf(Ladder, log), log, First)["m-m"]);
    }

    [Fact]
    public void Dates_come_from_the_log_for_what_was_taught_and_from_the_plan_for_the_rest()
    {
        var log = new GroupLog(World.LogOf(Ladder.Rungs.Take(2)));
        var dates = Placement.Dates(StandingOf(Ladder, log), log, World.Year.SchoolDays[2]);
        Assert.Equal(First, dates["m-m"]);
        Assert.Equal(World.Year.SchoolDays[2], dates["t-t"]);
        Assert.Equal(World.Year.SchoolDays[4], dates["d-d"]);
    }

    [Fact]
    public void A_rung_of_two_days_keeps_two()
    {
        var two = new ReplaceRung(Ladder.Rungs[0] with { Days = 2 }).Apply(Ladder).Ladder!;
        Assert.Equal(["m-m", "m-m", "a-a"], From(two, new GroupLog([]), First).Take(3).Select(x => x.Rung?.Id));
    }

    [Fact]
    public void A_day_to_come_knows_what_will_have_been_taught_by_then()
    {
        var forecast = ForecastOf(new GroupLog([]), First);
        Assert.Equal("t-t", forecast.On(World.Year.SchoolDays[2])!.Value.Rung!.Id);
        Assert.Equal(["m:m", "a:a"], forecast.Before(World.Year.SchoolDays[2]).Taught.Correspondences.Select(x => x.Key));
        Assert.Equal(2, forecast.Before(World.Year.SchoolDays[2]).Place);
        Assert.Null(forecast.On(First.AddDays(-1)));
    }

    [Fact]
    public void Days_that_were_taught_already_plan_nothing_and_a_day_past_stands_where_the_log_says()
    {
        var log = new GroupLog(World.LogOf(Ladder.Rungs.Take(2)));
        var forecast = ForecastOf(log, World.Year.SchoolDays[1]);
        Assert.Equal(2, forecast.Before(World.Year.SchoolDays[0]).Place);
        Assert.Equal(2, forecast.Before(World.Year.SchoolDays[2]).Place);
        Assert.Equal(3, forecast.Before(World.Year.SchoolDays[3]).Place);
    }

    [Fact]
    public void What_is_revisited_on_planned_days_depends_on_how_long_the_lessons_are()
    {
        // Fifteen minutes have room for fewer cards than twenty-five, so more is overdue on a day some way ahead.
        var log = new GroupLog(World.LogOf(World.Estuary.Rungs.Take(70)));
        var (now, day, today) = (World.StandingOf(World.Estuary, log.Entries), World.Year.SchoolDays[74], World.Year.SchoolDays[70]);
        int Overdue(int minutes) => new Forecast(now, log, today, minutes).Before(day).Clock.Due(day).Sum(x => x.Overdue);
        Assert.True(Overdue(15) > Overdue(25), $"{Overdue(15)} and {Overdue(25)}");
    }

    [Fact]
    public void A_standing_as_if_at_a_rung_above_has_all_to_it_and_below_that_alone()
    {
        var now = StandingOf(Ladder, new GroupLog(World.LogOf(Ladder.Rungs.Take(3))));
        var (above, below) = (now.At(Ladder.Rungs[4], World.Year.SchoolDays[3]), now.At(Ladder.Rungs[0], World.Year.SchoolDays[3]));
        Assert.Equal((5, 5), (above.Line, above.Things.Count));
        Assert.Equal((1, 1), (below.Line, below.Things.Count));
        Assert.Equal(4, now.Below(Ladder.Rungs[4], World.Year.SchoolDays[3]).Things.Count);
        Assert.Equal((3, 3), (now.Line, now.Things.Count));
    }

    [Fact]
    public void Above_the_top_every_day_is_for_review()
    {
        var log = new GroupLog(World.LogOf(Ladder.Rungs));
        Assert.All(From(Ladder, log, World.Year.SchoolDays[10]).Take(9), x => Assert.Equal(DayUse.Review, x.Use));
    }

    private static IEnumerable<PlacedDay> From(Ladder ladder, GroupLog log, DateOnly today) => Placement.From(StandingOf(ladder, log), log, today);

    private static Forecast ForecastOf(GroupLog log, DateOnly today) => new(StandingOf(Ladder, log), log, today, ClassConventions.Usual.LessonMinutes);

    private static Standing StandingOf(Ladder ladder, GroupLog log) => World.StandingOf(ladder, log.Entries);
}
