using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Year;

/// <summary>How a milestone stands to the plan.</summary>
/// <param name="Reached">The day on which its rung is taught for the last time; null when the year does not reach it.</param>
/// <param name="DaysLate">School days by which that is later than the milestone's date; negative for earlier.</param>
public readonly record struct MilestoneStanding(Milestone Milestone, DateOnly? Reached, int DaysLate);

/// <summary>A plan carried to the end of the year.</summary>
/// <param name="Ends">The day on which the last rung is taught; null when the year does not hold them all.</param>
/// <param name="FallsOff">Rungs that the year does not reach, in order.</param>
public sealed record YearOutlook(IReadOnlyList<PlacedDay> Days, DateOnly? Ends, IReadOnlyList<Rung> FallsOff, IReadOnlyList<MilestoneStanding> Milestones);

/// <summary>One way to make up lost days, with what it would lead to.</summary>
/// <param name="Step">What it changes.</param>
/// <param name="LeftOut">Consolidations that would be left out.</param>
public sealed record RecoveryOption(RecoveryWay Way, PlanStep Step, YearOutlook Outlook, IReadOnlyList<Rung> LeftOut);

/// <summary>
/// The year of one group: its plan carried forward, and the ways to make up for lost days, each with its consequences. What
/// was taught stands in the log and is not touched by any of them.
/// </summary>
/// <param name="ladder">At the group's pace, its plan not yet laid over it.</param>
/// <param name="year">With the group's own week, its plan not yet laid over it.</param>
public sealed class GroupYear(Ladder ladder, SchoolYear year, GroupLog log, ReadingRules rules, GroupPlan plan, DateOnly today)
{
    private readonly Lazy<YearOutlook> _outlook = new(() => Carry(ladder, year, log, rules, plan, today));

    /// <summary>Where the plan as it stands leads.</summary>
    public YearOutlook Outlook => _outlook.Value;

    /// <summary>The three ways to make up so many lost days, whether or not they have anything to make them up with.</summary>
    public IReadOnlyList<RecoveryOption> Ways(int days)
    {
        var own = plan.For(year);
        var review = Outlook.Days.Where(x => x.Use == DayUse.Review && x.Rung is null && x.Day >= today && !log.HasDay(x.Day) && !own.Happening(x.Day, EventUse.Review) && Outlook.Days.Any(d => d.Rung is not null && d.Day > x.Day))
            .Take(days).Select(x => x.Day).ToList();
        var standing = Standing.Of(plan.For(ladder), log, own, rules);
        var spare = standing.Ladder.Rungs.Where(x => x.Kind == RungKind.Consolidation && !x.AddsParts && x.Days > 0 && !standing.Passed(x)).Take(days).ToList();
        return [
            Option(RecoveryWay.PushOn, [], []),
            Option(RecoveryWay.Absorb, review, []),
            Option(RecoveryWay.Shorten, [], spare),
        ];
    }

    /// <summary>For each school day the number of the highest rung taught by its end: by the log, and then by the plan.</summary>
    public static IReadOnlyDictionary<DateOnly, int> Climb(SchoolYear year, Ladder ladder, GroupLog log, YearOutlook outlook)
    {
        var taught = log.Taught.ToLookup(x => x.Day, x => ladder.PlaceOf(x.RungId) + 1);
        var planned = outlook.Days.Where(x => x.Rung is not null).ToDictionary(x => x.Day, x => ladder.PlaceOf(x.Rung!.Id) + 1);
        var (climb, reached) = (new Dictionary<DateOnly, int>(), log.Taught.Where(x => x.Day < year.SchoolDays[0]).Select(x => ladder.PlaceOf(x.RungId) + 1).DefaultIfEmpty().Max());
        foreach (var day in year.SchoolDays)
        {
            climb[day] = reached = Math.Max(reached, Math.Max(taught[day].DefaultIfEmpty().Max(), planned.GetValueOrDefault(day)));
        }

        return climb;
    }

    private RecoveryOption Option(RecoveryWay way, IReadOnlyList<DateOnly> newDays, IReadOnlyList<Rung> shorter)
    {
        var step = new PlanStep(PlanStepKind.Recovered, [], newDays, shorter.ToDictionary(x => x.Id, x => x.Days - 1), way);
        return new RecoveryOption(way, step, Carry(ladder, year, log, rules, plan.With(step), today), shorter);
    }

    private static YearOutlook Carry(Ladder ladder, SchoolYear year, GroupLog log, ReadingRules rules, GroupPlan plan, DateOnly today)
    {
        var standing = Standing.Of(plan.For(ladder), log, plan.For(year), rules);
        IReadOnlyList<PlacedDay> days = [.. Placement.From(standing, log, today)];
        var last = new Dictionary<string, DateOnly>();
        foreach (var entry in log.Taught.Where(x => x.RungId.Length > 0))
        {
            last[entry.RungId] = entry.Day;
        }

        var given = new Dictionary<string, int>();
        foreach (var day in days.Where(x => x.Rung is not null))
        {
            last[day.Rung!.Id] = day.Day;
            given[day.Rung.Id] = given.GetValueOrDefault(day.Rung.Id) + 1;
        }

        var left = standing.Ladder.Rungs.Where(x => !standing.Passed(x) && given.GetValueOrDefault(x.Id) < Math.Max(1, x.Days - standing.DaysGiven(x))).ToList();
        var unreached = left.Select(x => x.Id).ToHashSet();
        return new YearOutlook(
            days, left.Count > 0 ? null : days.Where(x => x.Rung is not null).Select(x => (DateOnly?)x.Day).LastOrDefault() ?? (log.Taught is [.., var end] ? end.Day : null), left,
            [.. plan.Milestones.Select(x => At(x, unreached.Contains(x.RungId) ? null : last.TryGetValue(x.RungId, out var day) ? day : null))]);

        MilestoneStanding At(Milestone milestone, DateOnly? reached) => new(
            milestone, reached, reached is { } day ? standing.Year.Ordinal(day) - standing.Year.Ordinal(milestone.By) : standing.Year.SchoolDays.Count - standing.Year.Ordinal(milestone.By) + left.Count);
    }
}
