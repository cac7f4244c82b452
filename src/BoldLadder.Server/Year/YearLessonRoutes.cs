using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Year;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Lessons;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Year;

/// <param name="From">The first day to plan; today where none is named.</param>
public sealed record PlanLessonsRequest(DateOnly? From = null);

/// <summary>How far the lessons of a year are planned.</summary>
/// <param name="Made">Lessons made by this request; those that were there and still hold are left as they are.</param>
/// <param name="Next">The day to go on from; null when all are planned.</param>
/// <param name="Left">School days from there on.</param>
public sealed record PlanProgressView(int Made, DateOnly? Next, int Left);

/// <summary>The lessons of a group's year: all of them planned, in stretches, and what can be said of them together.</summary>
public static class YearLessonRoutes
{
    // So many at once, so that progress is seen and nobody else waits long.
    private const int Stretch = 15;

    public static void Map(RouteGroupBuilder year)
    {
        Turns.Take(
            year.MapPost("/lessons", Plan).WithSummary("Plan the next lessons of the year; ask again from where it stopped until none is left.")
                .ProducesProblem(400).ProducesProblem(404).ProducesProblem(503), large: true);
        Turns.Take(
            year.MapGet("/guarantees", Guarantees).WithSummary("What can be said of all lessons of the year together, given and planned.").Produces<GuaranteesView>().ProducesProblem(404).ProducesProblem(503),
            large: true);
    }

    private static async Task<Results<Ok<PlanProgressView>, ProblemHttpResult>> Plan(
        Guid groupId, PlanLessonsRequest request, Classrooms rooms, LessonBook book, WorkBudget budget, CancellationToken cancel)
    {
        if (await rooms.Find(groupId, cancel) is not { } room)
        {
            return GroupYearRoutes.Gone();
        }

        var from = request.From is { } asked && asked > room.Today ? asked : room.Today;
        var (made, done) = await book.PlanAhead(room, from, Stretch, budget.Stop, cancel);
        var left = room.Forecast.Days.Where(x => x.Day > done).ToList();
        return TypedResults.Ok(new PlanProgressView(made, left.Count == 0 ? null : left[0].Day, left.Count));
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Guarantees(
        Guid groupId, BoldLadderDb db, Classrooms rooms, KeptAnswers kept, CancellationToken cancel)
    {
        if (await rooms.Find(groupId, cancel) is not { } room)
        {
            return GroupYearRoutes.Gone();
        }

        var (first, last) = (room.Year.SchoolDays[0], room.Year.SchoolDays[^1]);
        var rows = await db.Lessons.AsNoTracking().Where(x => x.GroupId == groupId && x.Day >= first && x.Day <= last)
            .OrderBy(x => x.Day).Select(x => new { x.Id, x.Day, x.Version }).ToListAsync(cancel);
        var key = $"guarantees {room.Key} {string.Join(' ', rows.Select(x => x.Version))}";
        if (kept.Find(key) is { } answer)
        {
            return KeptAnswers.Send(answer);
        }

        var counted = rows.Where(x => Core.Year.Guarantees.Counts(room.Log, x.Id.ToString(), x.Day, room.Today)).Select(x => x.Id).ToList();
        var documents = await db.Lessons.AsNoTracking().Where(x => counted.Contains(x.Id)).OrderBy(x => x.Day).Select(x => new { x.Day, x.Document }).ToListAsync(cancel);
        var lessons = documents.ConvertAll(x => new YearLesson(x.Day, StoredJson.Read<LessonDocument>(x.Document).ToCore()));
        var before = new GroupLog(room.Log.Entries.Where(x => lessons.Count == 0 || x.Day < lessons[0].Day));
        var view = GuaranteesView.Of(
            room, Core.Year.Guarantees.Of(lessons, new TaughtSet(room.Rules, before.Things, before.TrickyWords), room.Stock));
        return KeptAnswers.Send(kept.Keep(key, view));
    }
}
