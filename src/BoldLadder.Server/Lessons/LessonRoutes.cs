using System.ComponentModel.DataAnnotations;
using System.Globalization;
using BoldLadder.Core.Log;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Lessons;

/// <summary>What is to be done with a lesson.</summary>
public enum LessonChange
{
    /// <summary>Another item in an item's place: the one whose text is given, or whichever comes.</summary>
    Swap,
    Lock,
    Unlock,
    Drop,

    /// <summary>The typed text in an item's place.</summary>
    Type,

    /// <summary>The whole lesson again; locked items stay.</summary>
    Replan,

    /// <summary>Others in place of all that can no longer be read.</summary>
    Mend,

    /// <summary>The whole lesson again, for what the day is for now; locked items that can be read stay.</summary>
    Follow,

    /// <summary>One more like it at the end of its block.</summary>
    Add,

    /// <summary>One place earlier in its block.</summary>
    Earlier,

    /// <summary>One place later.</summary>
    Later,

    /// <summary>The lesson with the pieces given, for this lesson alone; locked items stay.</summary>
    Reshape,

    /// <summary>The whole piece that the item stands in, at another place of its part; what stands in it stays.</summary>
    MovePiece,
}

/// <param name="Revision">The revision that the change was made on.</param>
/// <param name="ItemId">The item; none for what changes the whole lesson.</param>
/// <param name="Text">What was typed; for a swap, one of the others that fit.</param>
/// <param name="AsTricky">Take a word that can't be read yet as tricky, for this lesson.</param>
/// <param name="Minutes">For a re-plan: another length.</param>
/// <param name="Pieces">For another shape: its pieces in order; none goes back to what the class usually has.</param>
/// <param name="To">For a piece: its new place among those of its part, from 0.</param>
public sealed record LessonEditRequest(
    int Revision, LessonChange Change, [property: StringLength(40)] string? ItemId = null, string? Text = null, bool AsTricky = false,
    [property: Range(10, 90)] int? Minutes = null, IReadOnlyList<ShapePieceDocument>? Pieces = null, int? To = null);

public sealed record RevisionRequest(int Revision);

/// <param name="Shaky">Things over a quarter of the group stumbled on: <c>card sh:sh</c>, <c>tricky was</c>.</param>
public sealed record OutcomeRequest(int Revision, LogOutcome Outcome, [property: MaxLength(60)] IReadOnlyList<string>? Shaky = null);

/// <summary>Today: the lesson of a group for a day, and what people do with it.</summary>
public static class LessonRoutes
{
    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/groups/{groupId:guid}/lessons/{day}", Show)
            .WithSummary("A group's lesson for a day (a date, or 'today' for today or the next school day).").Produces<LessonView>().ProducesProblem(400).ProducesProblem(404);
        school.MapPost("/lessons/{lessonId:guid}/edits", LessonChanges.Edit)
            .WithSummary("Change a lesson.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409).ProducesProblem(422);
        school.MapGet("/lessons/{lessonId:guid}/items/{itemId}/others", LessonChanges.Others)
            .WithSummary("What else fits in an item's place, best first, each with why.").ProducesProblem(404);
        school.MapGet("/lessons/{lessonId:guid}/shape", LessonChanges.Shape)
            .WithSummary("Which pieces a lesson has, in what order and for how long.").ProducesProblem(404);
        school.MapPost("/lessons/{lessonId:guid}/undo", LessonChanges.Undo)
            .WithSummary("Take back the last change.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        school.MapPost("/lessons/{lessonId:guid}/outcome", LessonOutcomes.Say)
            .WithSummary("Say how a lesson went.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Show(
        Guid groupId, string day, string? asIf, Classrooms rooms, LessonViews views, CancellationToken cancel)
    {
        var (room, problem) = await rooms.Enter(groupId, asIf, cancel);
        if (room is null)
        {
            return problem!;
        }

        DateOnly? date = day == "today" ? room.Year.OnOrAfter(room.Today)
            : DateOnly.TryParseExact(day, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var asked) ? asked : null;
        if (date is null)
        {
            return day == "today"
                ? Problems.Missing("day", "The school year is over: add the next year's terms.")
                : Problems.Bad("day", "Give a date such as 2026-11-24, or 'today'.");
        }

        if (room.Standing.AsIf is not null)
        {
            return KeptAnswers.Send(views.AsIf(room, date.Value));
        }

        return await views.Of(room, date.Value, cancel) is { } lesson
            ? KeptAnswers.Send(lesson)
            : Problems.Missing("day", room.Year.IsSchoolDay(date.Value)
                ? "No lesson was kept for that day."
                : $"There is no school on {date.Value:d MMMM}. {(room.Year.OnOrAfter(date.Value) is { } next ? $"The next school day is {next:dddd d MMMM}." : "")}");
    }
}
