using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Year;

/// <summary>What a person did to the plan of a group.</summary>
public enum PlanStepKind
{
    /// <summary>The group has no lesson on some days.</summary>
    Closed,

    /// <summary>A rung takes another day.</summary>
    AnotherDay,

    /// <summary>Lost days were made up in one of the ways.</summary>
    Recovered,

    /// <summary>Something happens on some days.</summary>
    Event,
}

/// <summary>How lost days are made up.</summary>
public enum RecoveryWay
{
    /// <summary>All that follows comes later.</summary>
    PushOn,

    /// <summary>The next review days bring something new.</summary>
    Absorb,

    /// <summary>The next consolidations are left out.</summary>
    Shorten,
}

/// <summary>One step, with all that it changed, so that it can be taken back.</summary>
/// <param name="Closures">Days on which the group has no lesson.</param>
/// <param name="NewDays">Days that bring something new though the week says otherwise.</param>
/// <param name="Days">The days that rungs take from here on, by id.</param>
/// <param name="Way">For a recovery, which.</param>
/// <param name="Events">What happens on days of the group; null for nothing.</param>
public sealed record PlanStep(
    PlanStepKind Kind, IReadOnlyList<Closure> Closures, IReadOnlyList<DateOnly> NewDays, IReadOnlyDictionary<string, int> Days, RecoveryWay? Way = null,
    IReadOnlyList<SchoolEvent>? Events = null)
{
    private static readonly Dictionary<string, int> AsTheyAre = [];

    /// <summary>The group has no lesson on some days.</summary>
    public static PlanStep Closed(Closure closure) => new(PlanStepKind.Closed, [closure], [], AsTheyAre);

    /// <summary>Something happens on some days of the group.</summary>
    public static PlanStep Happens(SchoolEvent happens) => new(PlanStepKind.Event, [], [], AsTheyAre, Events: [happens]);

    /// <summary>Weeks of listening before the first rung: until then nothing new is met.</summary>
    /// <param name="from">The day on which they begin, or the first school day after it.</param>
    public static PlanStep Listening(SchoolYear year, DateOnly from, int weeks) =>
        Happens(new SchoolEvent(year.OnOrAfter(from) ?? from, (year.OnOrAfter(from) ?? from).AddDays((7 * weeks) - 1), "Listening and blending", EventUse.Review));

    /// <summary>One more day for a rung, due again when it was passed; null when it has had all a rung can take.</summary>
    public static PlanStep? AnotherDay(Rung rung, Standing standing)
    {
        var days = standing.Passed(rung) ? Math.Max(rung.Days, standing.DaysGiven(rung)) : rung.Days;
        return days >= Ladder.MostDays ? null : new PlanStep(PlanStepKind.AnotherDay, [], [], new Dictionary<string, int> { [rung.Id] = days + 1 });
    }
}

/// <summary>Where a group should stand by a date.</summary>
/// <param name="RungId">The rung that should be taught by then.</param>
/// <param name="IsCheck">A dated check: the rungs to this one must come before it.</param>
public sealed record Milestone(string Name, DateOnly By, string RungId, bool IsCheck);

/// <summary>
/// What is otherwise for one group in the school's year, as a list of steps, the last of which can be taken back; and
/// where the group should stand by some dates.
/// </summary>
public sealed class GroupPlan(IReadOnlyList<PlanStep> steps, IReadOnlyList<Milestone> milestones)
{
    public const int MostSteps = 200, MostMilestones = 20;

    public static GroupPlan None { get; } = new([], []);

    public IReadOnlyList<PlanStep> Steps { get; } = steps;

    public IReadOnlyList<Milestone> Milestones { get; } = milestones;

    /// <summary>The group's own days.</summary>
    public SchoolYear For(SchoolYear year) => Steps.Count == 0 ? year : year.With(
        Steps.SelectMany(x => x.Closures), Steps.SelectMany(x => x.Events ?? []), Steps.SelectMany(x => x.NewDays));

    /// <summary>The ladder with the days that the group takes.</summary>
    public Ladder For(Ladder ladder)
    {
        var days = new Dictionary<string, int>();
        foreach (var (id, count) in Steps.SelectMany(x => x.Days))
        {
            days[id] = count;
        }

        return ladder.WithDays(days);
    }

    public GroupPlan With(PlanStep step) => new([.. Steps, step], Milestones);

    /// <summary>Without the last step.</summary>
    public GroupPlan TakenBack() => new([.. Steps.SkipLast(1)], Milestones);
}
