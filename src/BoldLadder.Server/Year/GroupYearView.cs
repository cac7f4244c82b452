using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Year;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Ladders;
using BoldLadder.Server.Schools;

namespace BoldLadder.Server.Year;

/// <summary>A school day of a group: what was, or what will be if all goes to plan.</summary>
/// <param name="Rung">The rung taught; null on a review day, and above the top.</param>
/// <param name="Outcome">For a day in the log, how the lesson went.</param>
/// <param name="Extra">It brings something new though the week says otherwise.</param>
/// <param name="Events">What else happens.</param>
/// <param name="Short">The lesson is a short one.</param>
/// <param name="Reached">The number of the highest rung taught by the end of it, if all goes to plan.</param>
public sealed record YearDayView(DateOnly Day, DayUse Use, RungName? Rung, LogOutcome? Outcome, bool Extra, int Reached, IReadOnlyList<string> Events, bool Short);

/// <param name="Reached">The day on which it is reached; null when the year ends before.</param>
/// <param name="DaysLate">School days by which that is late; negative for early.</param>
public sealed record MilestoneView(string Name, DateOnly By, string RungId, string Label, bool IsCheck, DateOnly? Reached, int DaysLate);

/// <summary>What pressing undo takes back.</summary>
public sealed record PlanStepView(PlanStepKind Kind, RecoveryWay? Way, DateOnly? Day, string? Label);

/// <summary>The year of one group.</summary>
/// <param name="Closures">The school's.</param>
/// <param name="OwnClosures">Days on which this group alone has no lesson.</param>
/// <param name="Ends">The day on which the top is reached; null when the year ends before.</param>
/// <param name="FallsOff">Rungs that the year does not reach.</param>
/// <param name="HalfTerms">The stretches of school days between breaks; they have no names.</param>
/// <param name="ThisYear">The terms of the school year that today lies in.</param>
/// <param name="Feed">Where the group's calendar can be followed; null until somebody asks for it.</param>
public sealed record GroupYearView(
    int Revision, Guid GroupId, string Group, DateOnly Today, IReadOnlyList<TermView> Terms, IReadOnlyList<ClosureView> Closures, IReadOnlyList<ClosureView> OwnClosures,
    IReadOnlyList<YearDayView> Days, DateOnly? Ends, IReadOnlyList<RungName> FallsOff, IReadOnlyList<MilestoneView> Milestones, PlanStepView? Undo, string? Feed,
    IReadOnlyList<TermView> HalfTerms, IReadOnlyList<TermView> ThisYear, Strip Strip)
{
    public static GroupYearView Of(Classroom room)
    {
        var outlook = room.GroupYear(room.Plan).Outlook;
        var planned = outlook.Days.ToDictionary(x => x.Day);
        var taught = room.Log.Counted.GroupBy(x => x.Day).ToDictionary(x => x.Key, x => x.Last());
        var extra = room.Plan.Steps.SelectMany(x => x.NewDays).ToHashSet();
        var climb = Core.Year.GroupYear.Climb(room.Year, room.Ladder, room.Log, outlook);
        return new GroupYearView(
            room.Group.Revision, room.Group.Id, room.Group.Name, room.Today, [.. room.School.Year.Terms.Select(Term)],
            [.. room.School.Year.Closures.Select(Closure)], [.. room.Plan.Steps.SelectMany(x => x.Closures).Select(Closure)],
            [.. room.Year.SchoolDays.Select(Day)], outlook.Ends, [.. outlook.FallsOff.Select(x => Name(room, x.Id, x.Label)!)],
            [.. outlook.Milestones.Select(x => Of(room, x))], Step(room), FeedOf(room.Group),
            [.. HalfTerm.Of(room.Year).Select(x => new TermView("", x.First, x.Last))], [.. room.School.Year.TermsAround(room.Today).Select(Term)], Strip.Of(room.Standing));

        YearDayView Day(DateOnly day) => (taught.TryGetValue(day, out var entry)
            ? new YearDayView(day, entry.RungId.Length > 0 ? DayUse.New : DayUse.Review, Name(room, entry.RungId, LabelOf(entry)), entry.Outcome, extra.Contains(day), climb[day], [], false)
            : planned.TryGetValue(day, out var to) ? new YearDayView(day, to.Use, to.Rung is { } rung ? Name(room, rung.Id, rung.Label) : null, null, extra.Contains(day), climb[day], [], false)
            : new YearDayView(day, room.Year.On(day), null, null, false, climb[day], [], false))
            with { Events = [.. room.Year.EventsOn(day).Select(x => x.Name)], Short = room.Year.Happening(day, EventUse.ShortLesson) };
    }

    internal static MilestoneView Of(Classroom room, MilestoneStanding x) => new(
        x.Milestone.Name, x.Milestone.By, x.Milestone.RungId, room.Ladder.PlaceOf(x.Milestone.RungId) is var place && place >= 0 ? room.Ladder.Rungs[place].Label : "", x.Milestone.IsCheck, x.Reached, x.DaysLate);

    internal static RungName? Name(Classroom room, string rungId, string label) => rungId.Length == 0 ? null : new RungName(rungId, room.Ladder.PlaceOf(rungId) + 1, label);

    /// <summary>The path of a group's calendar.</summary>
    internal static string? FeedOf(Storage.GroupRow group) => group.FeedToken is { } token ? $"/api/schools/{group.SchoolId}/feeds/{group.Id}/{token}.ics" : null;

    private static string LabelOf(LogEntry entry) => string.Join(", ", entry.Things.Select(x => x.Label).Distinct().Concat(entry.TrickyWords)) is { Length: > 0 } label ? label : "consolidation";

    private static TermView Term(Term x) => new(x.Name, x.First, x.Last);

    private static ClosureView Closure(Closure x) => new(x.First, x.Last, x.Reason);

    private static PlanStepView? Step(Classroom room) => room.Plan.Steps is [.., var last]
        ? new PlanStepView(last.Kind, last.Way, last.Closures.Select(x => (DateOnly?)x.First).Concat((last.Events ?? []).Select(x => (DateOnly?)x.First)).FirstOrDefault(), last.Days.Keys.Select(x => room.Ladder.Rungs.FirstOrDefault(r => r.Id == x)?.Label).Concat((last.Events ?? []).Select(x => x.Name)).FirstOrDefault())
        : null;
}

/// <summary>One way to make up for lost days, with what it would lead to.</summary>
/// <param name="ReviewDays">Review days that it spends.</param>
/// <param name="LeftOut">Consolidations that it leaves out.</param>
public sealed record RecoveryView(
    RecoveryWay Way, DateOnly? Ends, IReadOnlyList<RungName> FallsOff, IReadOnlyList<DateOnly> ReviewDays, IReadOnlyList<RungName> LeftOut, IReadOnlyList<MilestoneView> Milestones)
{
    public static RecoveryView Of(Classroom room, RecoveryOption x) => new(
        x.Way, x.Outlook.Ends, [.. x.Outlook.FallsOff.Select(r => GroupYearView.Name(room, r.Id, r.Label)!)], x.Step.NewDays,
        [.. x.LeftOut.Select(r => GroupYearView.Name(room, r.Id, r.Label)!)], [.. x.Outlook.Milestones.Select(m => GroupYearView.Of(room, m))]);
}
