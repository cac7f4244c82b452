using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Year;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Year;

/// <param name="Revision">The revision of the group that the change was made on.</param>
/// <param name="Kind">Closed, an event, another day, or recovered.</param>
/// <param name="First">For closed: the first day without a lesson; for an event, its first day.</param>
/// <param name="Last">The last; the first again for one day.</param>
/// <param name="RungId">For another day: the rung that needs it.</param>
/// <param name="Way">For recovered: how.</param>
/// <param name="Use">For an event: what it does to the lesson.</param>
/// <param name="Weeks">For an event: weeks of listening before the first rung, from today or the first day given; null for another event.</param>
/// <param name="Days">For recovered: how many days are made up, 1 to 20.</param>
public sealed record PlanStepRequest(
    int Revision, PlanStepKind Kind, DateOnly? First = null, DateOnly? Last = null, string? Reason = null, string? RungId = null, RecoveryWay? Way = null, int Days = 1,
    EventUse Use = EventUse.Noted, int? Weeks = null);

public sealed record PlanRevisionRequest(int Revision);

public sealed record MilestonesRequest(int Revision, IReadOnlyList<Milestone> Milestones);

/// <summary>Where a group will be on a day.</summary>
/// <param name="Rungs">How many rungs are taught by that morning, if all goes to plan.</param>
/// <param name="Last">The last of them.</param>
/// <param name="Next">What is due that day, or next after it.</param>
/// <param name="Readable">Everyday words that can be read by then.</param>
public sealed record ForecastView(DateOnly Day, bool IsSchoolDay, int Rungs, string? Last, string? Next, int Readable);

/// <summary>A group's year: looked at, mended after lost days, and undone.</summary>
public static class GroupYearRoutes
{
    private const int MostDays = 20, LongestName = 100, MostWeeks = 20;

    public static void Map(RouteGroupBuilder school)
    {
        var year = school.MapGroup("/groups/{groupId:guid}/year");
        year.MapGet("", Show).WithSummary("The group's year, day by day: what was taught and what is planned.").ProducesProblem(404);
        year.MapGet("/on", On).WithSummary("Where the group will be on a day, if all goes to plan.").ProducesProblem(400).ProducesProblem(404);
        year.MapGet("/home", Home).WithSummary("What families are sent for the half-term that a day lies in; today's where none is named.").ProducesProblem(400).ProducesProblem(404);
        year.MapGet("/recovery", Recovery).WithSummary("The ways to make up for lost days, each with its consequences.").ProducesProblem(400).ProducesProblem(404);
        year.MapPost("/steps", Add).WithSummary("Close days for the group, give a rung another day, or make up for lost days.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        year.MapPost("/undo", Undo).WithSummary("Take back the last step.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        year.MapPut("/milestones", PutMilestones).WithSummary("Say where the group should stand by some dates.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        CalendarRoutes.Map(school, year);
        YearLessonRoutes.Map(year);
    }

    private static async Task<Results<Ok<GroupYearView>, ProblemHttpResult>> Show(Guid groupId, Classrooms rooms, CancellationToken cancel) =>
        await rooms.Find(groupId, cancel) is { } room ? TypedResults.Ok(GroupYearView.Of(room)) : Gone();

    private static async Task<Results<Ok<ForecastView>, ProblemHttpResult>> On(Guid groupId, DateOnly day, Classrooms rooms, CancellationToken cancel)
    {
        if (await rooms.Find(groupId, cancel) is not { } room)
        {
            return Gone();
        }

        if (day < room.Today || day > room.Year.SchoolDays[^1])
        {
            return Problems.Bad("day", $"Choose a day from today to the end of the school's year, {room.Year.SchoolDays[^1]:d MMMM yyyy}.");
        }

        var then = room.Forecast.Before(day);
        var passed = room.Ladder.Rungs.Where(then.Passed).ToList();
        return TypedResults.Ok(new ForecastView(
            day, room.Year.IsSchoolDay(day), passed.Count, passed is [.., var last] ? last.Label : null, then.Due?.Label,
            Core.Reading.EverydayReadable.With(then.Taught).Count));
    }

    private static async Task<Results<Ok<HomePageView>, ProblemHttpResult>> Home(Guid groupId, DateOnly? day, Classrooms rooms, CancellationToken cancel) =>
        await rooms.Find(groupId, cancel) is not { } room ? Gone()
        : day is { } asked && (asked < room.Year.SchoolDays[0] || asked > room.Year.SchoolDays[^1])
            ? Problems.Bad("day", $"Choose a day of the school's year, {room.Year.SchoolDays[0]:d MMMM yyyy} to {room.Year.SchoolDays[^1]:d MMMM yyyy}.")
        : TypedResults.Ok(HomePageView.Of(room, day ?? room.Today));

    private static async Task<Results<Ok<List<RecoveryView>>, ProblemHttpResult>> Recovery(Guid groupId, int? days, Classrooms rooms, CancellationToken cancel) =>
        await rooms.Find(groupId, cancel) is not { } room ? Gone()
        : days is < 1 or > MostDays ? Problems.Bad("days", $"Say how many days were lost, 1 to {MostDays}.")
        : TypedResults.Ok(room.GroupYear(room.Plan).Ways(days ?? 1).Select(x => RecoveryView.Of(room, x)).ToList());

    private static Task<Results<Ok<GroupYearView>, ProblemHttpResult>> Add(
        Guid groupId, PlanStepRequest request, BoldLadderDb db, Classrooms rooms, ShippedData shipped, CancellationToken cancel) =>
        Change(groupId, request.Revision, db, rooms, room =>
        {
            if (room.Plan.Steps.Count >= GroupPlan.MostSteps)
            {
                return (null, Problems.Bad("kind", $"A plan keeps at most {GroupPlan.MostSteps} steps. Put the closures into the school's year instead."));
            }

            return request.Kind switch
            {
                PlanStepKind.Closed => Closed(room, request, shipped),
                PlanStepKind.Event when request.Weeks is { } weeks => weeks is < 1 or > MostWeeks
                    ? (null, Problems.Bad("weeks", $"Say how many weeks of listening come before the first rung, 1 to {MostWeeks}."))
                    : (room.Plan.With(PlanStep.Listening(room.Year, request.First ?? room.Today, weeks)), null),
                PlanStepKind.Event => Event(room, request, shipped),
                PlanStepKind.AnotherDay => AnotherDay(room, request),
                _ => Recovered(room, request),
            };
        }, cancel);

    private static (GroupPlan?, ProblemHttpResult?) Closed(Classroom room, PlanStepRequest request, ShippedData shipped)
    {
        if (Span(room, request, shipped, "No lesson", out var wrong) is not { } closure)
        {
            return (null, wrong);
        }

        var plan = room.Plan.With(PlanStep.Closed(closure));
        return plan.For(room.School.Year).SchoolDays.Count > 0 ? (plan, null) : (null, Problems.Bad("first", "That would leave the group without a single school day."));
    }

    private static (GroupPlan?, ProblemHttpResult?) Event(Classroom room, PlanStepRequest request, ShippedData shipped) =>
        Span(room, request, shipped, "Half a day", out var wrong) is { } span ? (room.Plan.With(PlanStep.Happens(new SchoolEvent(span.First, span.Last, span.Reason, request.Use))), null) : (null, wrong);

    // The days that are asked for with their reason; or what is wrong with them.
    private static Closure? Span(Classroom room, PlanStepRequest request, ShippedData shipped, string unsaid, out ProblemHttpResult? wrong)
    {
        wrong = null;
        if (request.First is not { } first || (request.Last ?? first) is var last && (last < first || last.DayNumber - first.DayNumber > 100))
        {
            wrong = Problems.Bad("first", "Say the first day, and the last, at most 100 days on.");
            return null;
        }

        var reason = request.Reason?.Trim() is { Length: > 0 } said ? said : unsaid;
        if (reason.Length > LongestName || shipped.Gate.Of(reason).Wrong is not null)
        {
            wrong = Problems.Bad("reason", $"Give the reason in plain letters, at most {LongestName}.");
            return null;
        }

        if (!room.Year.SchoolDays.Any(x => x >= first && x <= (request.Last ?? first)))
        {
            wrong = Problems.Bad("first", "The group has no school day then: nothing would change.");
            return null;
        }

        return new Closure(first, request.Last ?? first, reason);
    }

    private static (GroupPlan?, ProblemHttpResult?) AnotherDay(Classroom room, PlanStepRequest request) =>
        room.Ladder.Rungs.FirstOrDefault(x => x.Id == request.RungId) is not { } rung ? (null, Problems.Bad("rungId", "Say which rung needs another day: one of the group's ladder."))
        : PlanStep.AnotherDay(rung, room.Logged) is { } step ? (room.Plan.With(step), null)
        : (null, Problems.Bad("rungId", $"A rung takes at most {Ladder.MostDays} days."));

    private static (GroupPlan?, ProblemHttpResult?) Recovered(Classroom room, PlanStepRequest request) =>
        request.Way is not { } way || request.Days is < 1 or > MostDays
            ? (null, Problems.Bad("way", $"Say how the days are made up (pushOn, absorb or shorten), and how many: 1 to {MostDays}."))
            : (room.Plan.With(room.GroupYear(room.Plan).Ways(request.Days).Single(x => x.Way == way).Step), null);

    private static Task<Results<Ok<GroupYearView>, ProblemHttpResult>> Undo(Guid groupId, PlanRevisionRequest request, BoldLadderDb db, Classrooms rooms, CancellationToken cancel) =>
        Change(groupId, request.Revision, db, rooms, room => room.Plan.Steps.Count == 0 ? (null, Problems.Bad("revision", "There is nothing to undo in this plan.")) : (room.Plan.TakenBack(), null), cancel);

    private static Task<Results<Ok<GroupYearView>, ProblemHttpResult>> PutMilestones(
        Guid groupId, MilestonesRequest request, BoldLadderDb db, Classrooms rooms, ShippedData shipped, CancellationToken cancel) =>
        Change(groupId, request.Revision, db, rooms, room =>
        {
            if (request.Milestones is null || request.Milestones.Count > GroupPlan.MostMilestones)
            {
                return (null, Problems.Bad("milestones", $"Give at most {GroupPlan.MostMilestones} milestones."));
            }

            foreach (var x in request.Milestones)
            {
                if (x is null || string.IsNullOrWhiteSpace(x.Name) || x.Name.Length > LongestName || shipped.Gate.Of(x.Name).Wrong is not null)
                {
                    return (null, Problems.Bad("milestones.name", $"Give each milestone a name in plain letters, of at most {LongestName}."));
                }

                if (room.Ladder.PlaceOf(x.RungId) < 0)
                {
                    return (null, Problems.Bad("milestones.rungId", $"{x.Name}: choose a rung of the group's ladder."));
                }

                if (x.By < room.Year.SchoolDays[0] || x.By > room.Year.SchoolDays[^1])
                {
                    return (null, Problems.Bad("milestones.by", $"{x.Name}: choose a day of the school's year."));
                }
            }

            return (new GroupPlan(room.Plan.Steps, [.. request.Milestones.OrderBy(x => x.By)]), null);
        }, cancel);

    private static async Task<Results<Ok<GroupYearView>, ProblemHttpResult>> Change(
        Guid groupId, int revision, BoldLadderDb db, Classrooms rooms, Func<Classroom, (GroupPlan?, ProblemHttpResult?)> change, CancellationToken cancel)
    {
        if (await db.Groups.SingleOrDefaultAsync(x => x.Id == groupId, cancel) is not { } group || await rooms.Find(groupId, cancel) is not { } room)
        {
            return Gone();
        }

        if (group.Revision != revision)
        {
            return Problems.Stale(GroupYearView.Of(room));
        }

        var (plan, problem) = change(room);
        if (plan is null)
        {
            return problem!;
        }

        (group.Plan, group.Revision) = (StoredJson.Write(PlanDocument.Of(plan)), group.Revision + 1);
        var saved = await Conflicts.Save(db, cancel);
        var view = GroupYearView.Of((await rooms.Find(groupId, cancel))!);
        return saved ? TypedResults.Ok(view) : Problems.Stale(view);
    }

    internal static ProblemHttpResult Gone() => Problems.Missing("groupId", "This school has no such group. Choose one from the list.");
}
