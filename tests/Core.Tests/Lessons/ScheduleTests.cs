using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Tests.Lessons;

public class ScheduleTests
{
    private static readonly Ladder Ladder = World.LadderOf("s:s a:a t:t p:p i:i n:n");

    // Tuesday 1 September 2026.
    private static readonly DateOnly First = World.Year.SchoolDays[0];

    [Fact]
    public void Rungs_take_the_new_days_in_order_and_leave_the_review_days()
    {
        var days = Schedule.From(Ladder, new GroupLog([]), World.Year, First).Take(6).ToList();
        Assert.Equal(["s-s", "a-a", "t-t", null, "p-p", "i-i"], days.Select(x => x.Rung?.Id));
        Assert.Equal(DayUse.Review, days[3].Use);
    }

    [Fact]
    public void A_day_that_is_in_the_log_takes_no_rung()
    {
        var log = new GroupLog([World.Entry(1, First, Ladder.Rungs[0])]);
        var days = Schedule.From(Ladder, log, World.Year, First).Take(2).ToList();
        Assert.Equal([null, "a-a"], days.Select(x => x.Rung?.Id));
    }

    [Fact]
    public void A_missed_day_moves_what_follows()
    {
        var log = new GroupLog([World.Entry(1, First, Ladder.Rungs[0], LogOutcome.Missed)]);
        Assert.Equal(World.Year.SchoolDays[1], Schedule.Dates(Ladder, log, World.Year, First)["s-s"]);
    }

    [Fact]
    public void Dates_come_from_the_log_for_what_was_taught_and_from_the_plan_for_the_rest()
    {
        var log = new GroupLog(World.LogOf(Ladder.Rungs.Take(2)));
        var dates = Schedule.Dates(Ladder, log, World.Year, World.Year.SchoolDays[2]);
        Assert.Equal(First, dates["s-s"]);
        Assert.Equal(World.Year.SchoolDays[2], dates["t-t"]);
        Assert.Equal(World.Year.SchoolDays[4], dates["p-p"]);
    }

    [Fact]
    public void A_rung_of_two_days_keeps_two()
    {
        var two = new ReplaceRung(Ladder.Rungs[0] with { Days = 2 }).Apply(Ladder).Ladder!;
        Assert.Equal(["s-s", "s-s", "a-a"], Schedule.From(two, new GroupLog([]), World.Year, First).Take(3).Select(x => x.Rung?.Id));
    }

    [Fact]
    public void A_day_to_come_knows_what_will_have_been_taught_by_then()
    {
        var planned = Schedule.On(Ladder, new GroupLog([]), World.Year, First, World.Year.SchoolDays[2])!.Value;
        Assert.Equal("t-t", planned.Day.Rung!.Id);
        Assert.Equal(["s-s", "a-a"], planned.Before.Select(x => x.Id));
        Assert.Null(Schedule.On(Ladder, new GroupLog([]), World.Year, First, First.AddDays(-1)));
        var log = Foresight.Log(Ladder, [], World.Year, World.South.Rules, First, World.Year.SchoolDays[2]);
        Assert.Equal(2, log.DuePlace(Ladder));
    }

    [Fact]
    public void Above_the_top_every_day_is_for_review()
    {
        var log = new GroupLog(World.LogOf(Ladder.Rungs));
        Assert.All(Schedule.From(Ladder, log, World.Year, World.Year.SchoolDays[10]).Take(9), x => Assert.Equal(DayUse.Review, x.Use));
    }
}
