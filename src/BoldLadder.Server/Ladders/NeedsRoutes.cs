using BoldLadder.Core.Ladders;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using BoldLadder.Server.Words;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <param name="Text">What needs what, a line each.</param>
/// <param name="Own">The school changed the shipped list.</param>
public sealed record NeedsView(string Text, bool Own);

/// <param name="Text">The school's list; empty or null goes back to the shipped one.</param>
public sealed record NeedsRequest(string? Text);

/// <summary>What must come before what on a school's ladders: shipped, and the school's own when it changes it.</summary>
public static class NeedsRoutes
{
    private const int LongestText = 8000;

    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/needs", Show).WithSummary("What must come before what on the school's ladders.");
        school.MapPut("/needs", Put).WithSummary("Change what must come before what, for this school.").ProducesProblem(400);
    }

    private static async Task<Ok<NeedsView>> Show(BoldLadderDb db, SchoolScope scope, Library library, CancellationToken cancel)
    {
        var own = await db.Schools.Where(x => x.Id == scope.School).Select(x => x.Needs).SingleAsync(cancel);
        return TypedResults.Ok(new NeedsView(own ?? library.ShippedNeeds, own is not null));
    }

    private static async Task<Results<Ok<NeedsView>, ProblemHttpResult>> Put(
        NeedsRequest request, BoldLadderDb db, SchoolScope scope, Library library, CancellationToken cancel)
    {
        var text = request.Text?.Replace("\r", "", StringComparison.Ordinal).Trim() ?? "";
        if (text.Length > LongestText)
        {
            return Problems.Bad("text", $"The list has at most {LongestText} letters.");
        }

        if (Needs.TryParse(text, out var problem) is null)
        {
            return Problems.Bad("text", problem);
        }

        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        school.Needs = text.Length == 0 || text == library.ShippedNeeds.Trim() ? null : text;
        await db.SaveChangesAsync(cancel);
        return TypedResults.Ok(new NeedsView(school.Needs ?? library.ShippedNeeds, school.Needs is not null));
    }
}
