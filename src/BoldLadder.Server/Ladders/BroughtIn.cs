using BoldLadder.Core.Ladders;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Importing;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <param name="Ladder">The ladder whole, as an import gives it or a file holds it.</param>
/// <param name="Layout">The layout of the sheet it came from, to be known again.</param>
/// <param name="Answers">What was answered to doubts, not to be asked again.</param>
public sealed record NewLadderRequest(LadderDocument Ladder, LayoutDocument? Layout = null, IReadOnlyDictionary<string, string>? Answers = null);

/// <summary>A ladder that was brought in whole: read through every gate, put in place of a draft, and how its sheet was laid out remembered.</summary>
internal static class BroughtIn
{
    public static void Map(RouteGroupBuilder ladder) => ladder.MapPost("/draft", Replace)
        .WithSummary("Put a ladder brought in in place of the draft, which keeps its name; undone by name like any edit.")
        .ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);

    /// <summary>The ladder of a request; or null, with the field and what to do.</summary>
    public static Ladder? Read(NewLadderRequest request, ShippedData shipped, out ProblemHttpResult? problem)
    {
        problem = null;
        if (request.Ladder is null)
        {
            problem = Problems.Bad("ladder", "Send the ladder whole.");
        }
        else if (request.Ladder.TryRead(out var wrong) is not { } asked)
        {
            problem = Problems.Bad(wrong.Field, wrong.Sentence);
        }
        else if (asked.Rungs.Count == 0)
        {
            problem = Problems.Bad("ladder", "A ladder has at least one rung.");
        }
        else if (LadderGate.Through(new ReplaceLadder(asked), shipped.Gate, out var refused) is ReplaceLadder { Ladder: var ladder })
        {
            return ladder;
        }
        else
        {
            problem = Problems.Bad(refused.Field, refused.Sentence);
        }

        return null;
    }

    /// <summary>The layout of the sheet, and what was answered to its doubts, are known again when it is brought in anew.</summary>
    public static async Task Remember(NewLadderRequest request, BoldLadderDb db, SchoolScope scope, CancellationToken cancel)
    {
        if (request.Layout is not null || request.Answers is { Count: > 0 })
        {
            var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
            school.Imports = StoredJson.Write(ImportsDocument.Read(school.Imports).With(request.Layout, request.Answers));
        }
    }

    // Whatever stood is put back whole by undo, so that no revision has to be named.
    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Replace(
        Guid ladderId, NewLadderRequest request, LadderDesks desks, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        LadderRoutes.Change(ladderId, null, null, desks, db, async desk =>
        {
            if (Read(request, shipped, out var wrong) is not { } ladder)
            {
                return wrong;
            }

            if (!Ladder.TryCreate(desk.Draft.Name, ladder.Sections, out var named, out var problems))
            {
                return Problems.Bad(problems[0].Field, problems[0].Sentence);
            }

            await Remember(request, db, scope, cancel);
            var edit = new ReplaceLadder(named);
            return LadderRoutes.Made(desk, edit, edit.NameOn(desk.Draft), db);
        }, cancel);
}
