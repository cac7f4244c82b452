using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Year;
using CsCheck;

namespace BoldLadder.Core.Tests.Year;

public class GroupYearTests
{
    private static readonly Ladder Ladder = World.LadderOf("m:m a:a t:t =consolidation d:d i:i b:b =consolidation s:s p:p");
    private static readonly DateOnly First = World.Year.SchoolDays[0];

    [Fact]
    public void A_closed_day_pushes_all_on_and_no_rung_is_lost()
    {
        var before = Of(GroupPlan.None).Outlook;
        var after = Of(GroupPlan.None.With(Closed(First))).Outlook;
        Assert.DoesNotContain(after.Days, x => x.Day == First);
        Assert.Equal(Rungs(before), Rungs(after));
        Assert.True(after.Ends > before.Ends);
    }

    [Fact]
    public void A_lost_day_is_made_up_on_the_next_review_day()
    {
        var plan = GroupPlan.None.With(Closed(First));
        var absorb = Of(plan).Ways(1).Single(x => x.Way == RecoveryWay.Absorb);
        Assert.Equal(DayOfWeek.Friday, Assert.Single(absorb.Step.NewDays).DayOfWeek);
        Assert.Equal(Of(GroupPlan.None).Outlook.Ends, absorb.Outlook.Ends);
    }

    [Fact]
    public void A_lost_day_is_made_up_by_leaving_out_a_consolidation()
    {
        var plan = GroupPlan.None.With(Closed(First));
        var shorten = Of(plan).Ways(1).Single(x => x.Way == RecoveryWay.Shorten);
        Assert.Equal(RungKind.Consolidation, Assert.Single(shorten.LeftOut).Kind);
        Assert.Equal(Of(GroupPlan.None).Outlook.Ends, shorten.Outlook.Ends);
        Assert.Empty(shorten.Outlook.FallsOff);
    }

    [Fact]
    public void Whatever_is_done_to_a_plan_no_rung_is_lost_or_doubled_no_closed_day_taught_and_the_order_kept()
    {
        var gen = Gen.Select(Gen.Int[0, 30], Gen.Int[0, 2], Gen.Int[1, 4]).List[0, 6];
        gen.Sample(steps =>
        {
            var plan = GroupPlan.None;
            foreach (var (day, way, days) in steps)
            {
                plan = plan.With(Closed(World.Year.SchoolDays[day]));
                plan = plan.With(Of(plan).Ways(days)[way].Step);
            }

            var outlook = Of(plan).Outlook;
            var year = plan.For(World.Year);
            Assert.All(outlook.Days, x => Assert.True(year.IsSchoolDay(x.Day) && steps.All(s => World.Year.SchoolDays[s.Item1] != x.Day)));
            var left = plan.For(Ladder).Rungs.Where(x => x.Days > 0).Select(x => x.Id);
            Assert.Equal(left, Rungs(outlook));
            Assert.Equal(outlook.Days.Select(x => x.Day).Order(), outlook.Days.Select(x => x.Day));

            // Taken back one by one, all is as it was.
            while (plan.Steps.Count > 0)
            {
                plan = plan.TakenBack();
            }

            Assert.Equal(Rungs(Of(GroupPlan.None).Outlook), Rungs(Of(plan).Outlook));
        }, iter: 60, threads: 1);
    }

    [Fact]
    public void Rungs_that_the_year_does_not_reach_are_named()
    {
        var term = new[] { new Term("Short", First, World.Year.SchoolDays[4]) };
        Assert.True(SchoolYear.TryCreate(term, [], WeeklyPattern.Usual, out var year, out _));
        var outlook = new GroupYear(Ladder, year, new GroupLog([]), World.South.Rules, GroupPlan.None, First).Outlook;
        Assert.Null(outlook.Ends);
        Assert.Equal(Ladder.Rungs.Skip(4).Select(x => x.Id), outlook.FallsOff.Select(x => x.Id));
    }

    [Fact]
    public void A_milestone_is_on_track_or_late_by_so_many_school_days()
    {
        var dates = Of(GroupPlan.None).Outlook.Days.Where(x => x.Rung is not null).ToDictionary(x => x.Rung!.Id, x => x.Day);
        var rung = Ladder.Rungs[4].Id;
        var plan = new GroupPlan([], [new Milestone("Half-term", dates[rung], rung, false)]);
        Assert.Equal(0, Assert.Single(Of(plan).Outlook.Milestones).DaysLate);
        Assert.Equal(1, Assert.Single(Of(plan.With(Closed(First))).Outlook.Milestones).DaysLate);
    }

    [Fact]
    public void A_rung_that_needs_another_day_gets_it_and_what_follows_comes_later()
    {
        var plan = GroupPlan.None.With(new PlanStep(PlanStepKind.AnotherDay, [], [], new Dictionary<string, int> { [Ladder.Rungs[1].Id] = 2 }));
        var days = Of(plan).Outlook.Days.Where(x => x.Rung is not null).Select(x => x.Rung!.Id).ToList();
        Assert.Equal([Ladder.Rungs[0].Id, Ladder.Rungs[1].Id, Ladder.Rungs[1].Id, Ladder.Rungs[2].Id], days.Take(4));
    }

    [Fact]
    public void A_group_climbs_by_what_was_taught_and_then_by_its_plan_and_never_falls()
    {
        var log = new GroupLog([World.Entry(1, First, Ladder.Rungs[0]), World.Entry(2, World.Year.SchoolDays[1], Ladder.Rungs[1], LogOutcome.Missed)]);
        var outlook = new GroupYear(Ladder, World.Year, log, World.South.Rules, GroupPlan.None, World.Year.SchoolDays[2]).Outlook;
        var climb = GroupYear.Climb(World.Year, Ladder, log, outlook);
        Assert.Equal([1, 1, 2], World.Year.SchoolDays.Take(3).Select(x => climb[x]));
        Assert.Equal(World.Year.SchoolDays.Select(x => climb[x]).Order(), World.Year.SchoolDays.Select(x => climb[x]));
        Assert.Equal(Ladder.Rungs.Count, climb[World.Year.SchoolDays[^1]]);
    }

    [Fact]
    public void A_ladder_begun_with_the_year_stands_at_its_breaks_at_the_last_rung_before_them()
    {
        var start = NewYear.Of(Ladder, World.Year, World.South.Rules);
        var (on, rung) = start.Stands[0];
        Assert.Equal((new DateOnly(2026, 10, 23), Ladder.Rungs[^1].Id), (on, rung.Id));
        Assert.Equal(Of(GroupPlan.None).Outlook.Ends, start.Ends);
    }

    [Fact]
    public void What_moves_to_below_a_groups_line_would_be_due_at_once_unless_it_was_taught()
    {
        var standing = Standing.Of(Ladder, new GroupLog(World.LogOf(Ladder.Rungs.Take(3))), World.Year, World.South.Rules);
        var late = GroupMove.Of(standing, Ladder, [Ladder.Rungs[8]]);
        Assert.True(late.IsDueAt(1) && !late.IsDueAt(3));
        Assert.False(GroupMove.Of(standing, Ladder, [Ladder.Rungs[0]]).Touched);
    }

    [Fact]
    public void A_year_over_new_year_with_a_leap_day_and_a_week_53_has_every_weekday_once()
    {
        Assert.True(SchoolYear.TryCreate([new Term("Long", new DateOnly(2027, 9, 1), new DateOnly(2028, 7, 20))], [], WeeklyPattern.Usual, out var year, out _));
        Assert.True(year.IsSchoolDay(new DateOnly(2028, 2, 29)));
        Assert.Equal(year.SchoolDays.Distinct().Count(), year.SchoolDays.Count);
        Assert.True(SchoolYear.TryCreate([new Term("Week 53", new DateOnly(2026, 12, 28), new DateOnly(2027, 1, 8))], [], WeeklyPattern.Usual, out var around, out _));
        Assert.Equal(10, around.SchoolDays.Count);
    }

    private static PlanStep Closed(DateOnly day) => new(PlanStepKind.Closed, [new Closure(day, day, "Snow")], [], new Dictionary<string, int>());

    private static GroupYear Of(GroupPlan plan) => new(Ladder, World.Year, new GroupLog([]), World.South.Rules, plan, First);

    private static IEnumerable<string> Rungs(YearOutlook outlook) => outlook.Days.Where(x => x.Rung is not null).Select(x => x.Rung!.Id);

    [Fact]
    public void A_half_term_tells_week_by_week_what_was_taught_and_what_will_be_each_rung_once()
    {
        var taught = World.Estuary.Rungs.Take(20).ToList();
        var (log, year) = (new GroupLog(World.LogOf(taught)), World.Year);
        var day = year.SchoolDays[20];
        var days = new GroupYear(World.Estuary, year, log, World.South.Rules, GroupPlan.None, day).Outlook.Days;
        var half = HalfTerm.Around(day, year, World.Estuary, log, days);
        Assert.Equal((new DateOnly(2026, 9, 1), new DateOnly(2026, 10, 23)), (half.First, half.Last));
        Assert.All(half.Weeks, x => Assert.Equal(DayOfWeek.Monday, x.Monday.DayOfWeek));
        var rungs = half.Weeks.SelectMany(x => x.Rungs.Select(r => r.Id)).ToList();
        Assert.Equal(World.Estuary.Rungs.Take(rungs.Count).Select(x => x.Id), rungs);
        Assert.True(rungs.Count > 20);
        var next = HalfTerm.Around(new DateOnly(2026, 10, 28), year, World.Estuary, log, days);
        Assert.Equal(new DateOnly(2026, 11, 2), next.First);
        Assert.Equal(World.Estuary.Rungs[rungs.Count].Id, next.Weeks[0].Rungs[0].Id);
        Assert.Equal(year.SchoolDays.Count, HalfTerm.Of(year).Sum(x => year.Ordinal(x.Last) - year.Ordinal(x.First) + 1));
    }

    [Fact]
    public void What_happens_on_a_day_makes_its_lesson_short_or_keeps_it_from_bringing_something_new()
    {
        var day = World.Year.SchoolDays[5];
        Assert.Equal(DayUse.New, World.Year.On(day));
        var plan = GroupPlan.None.With(PlanStep.Happens(new SchoolEvent(day, day, "Trip", EventUse.Review)))
            .With(PlanStep.Happens(new SchoolEvent(day.AddDays(1), day.AddDays(1), "Early finish", EventUse.ShortLesson)));
        var year = plan.For(World.Year);
        Assert.Equal(DayUse.Review, year.On(day));
        Assert.True(year.Happening(day.AddDays(1), EventUse.ShortLesson));
        Assert.Equal(World.Year.On(day.AddDays(1)), year.On(day.AddDays(1)));
        Assert.Equal(World.Year.SchoolDays, year.SchoolDays);
        var (before, after) = (Of(GroupPlan.None), Of(plan));
        Assert.Equal(before.Outlook.Days.Where(x => x.Rung is not null).Select(x => x.Rung!.Id), after.Outlook.Days.Where(x => x.Rung is not null).Select(x => x.Rung!.Id));
        Assert.Null(after.Outlook.Days.Single(x => x.Day == day).Rung);
        Assert.DoesNotContain(day, after.Ways(3).Single(x => x.Way == RecoveryWay.Absorb).Step.NewDays);
        Assert.False(SchoolYear.TryCreate(World.Year.Terms, [], WeeklyPattern.Usual, out _, out var reason, [new SchoolEvent(day, day.AddDays(-1), "Trip", EventUse.Noted)]));
        Assert.Contains("Trip", reason);

        static GroupYear Of(GroupPlan plan) => new(World.Estuary, World.Year, new GroupLog([]), World.South.Rules, plan, World.Year.SchoolDays[0]);
    }
}
