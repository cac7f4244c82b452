using BoldLadder.Core.Ladders;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <param name="Text">What needs what, a line each.</param>
/// <param name="All">The same as a list.</param>
/// <param name="LettersFirst">Whether a spelling of several letters needs each of them first.</param>
/// <param name="Own">The school changed the shipped list.</param>
/// <param name="Revision">Of the school's settings: a change is made on it.</param>
public sealed record NeedsView(string Text, IReadOnlyList<Need> All, bool LettersFirst, bool Own, int Revision);

/// <param name="Revision">The revision of the settings that the change was made on.</param>
/// <param name="Text">The school's list, a line each; empty or null goes back to the shipped one.</param>
/// <param name="All">The list in place of the text.</param>
/// <param name="LettersFirst">With the list: whether a spelling of several letters needs each of them first.</param>
public sealed record NeedsRequest(int Revision, string? Text = null, IReadOnlyList<Need>? All = null, bool LettersFirst = true);

/// <summary>What must come before what on a school's ladders: shipped, and the school's own when it changes it.</summary>
public static class NeedsRoutes
{
    private const int LongestText = 8000;

    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/needs", Show).WithSummary("What must come before what on the school's ladders.");
        school.MapPut("/needs", Put).WithSummary("Change what must come before what, for this school.").ProducesProblem(400).ProducesProblem(409);
    }

    private static async Task<Ok<NeedsView>> Show(BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        TypedResults.Ok(ViewOf(await db.Schools.AsNoTracking().SingleAsync(x => x.Id == scope.School, cancel), shipped));

    private static async Task<Results<Ok<NeedsView>, ProblemHttpResult>> Put(
        NeedsRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel)
    {
        if (request.All?.Any(x => x is not { What: not null, Before: not null }) == true)
        {
            return Problems.Bad("all", "One of the needs is missing a side: say what, and what it needs.");
        }

        var text = request.All is { } all ? Needs.TextOf(all, request.LettersFirst) : request.Text;
        if (text?.Length > LongestText)
        {
            return Problems.Bad("text", $"The list has at most {LongestText} letters.");
        }

        var through = shipped.Gate.Of(text?.Trim() ?? "", lines: true);
        if (through.Wrong is { } wrong)
        {
            return Problems.Bad("text", wrong);
        }

        if (Needs.TryParse(through.Plain, out var problem) is null)
        {
            return Problems.Bad("text", problem);
        }

        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        if (school.Revision != request.Revision)
        {
            return Problems.Stale(ViewOf(school, shipped));
        }

        school.Needs = through.Plain.Length == 0 || through.Plain == shipped.ShippedNeeds.Trim() ? null : through.Plain;
        school.Revision++;
        return await Conflicts.Save(db, cancel) ? TypedResults.Ok(ViewOf(school, shipped))
            : Problems.Stale(ViewOf(await db.Schools.AsNoTracking().SingleAsync(x => x.Id == scope.School, cancel), shipped));
    }

    private static NeedsView ViewOf(SchoolRow school, ShippedData shipped)
    {
        var needs = shipped.NeedsOf(school.Needs);
        return new NeedsView(school.Needs ?? shipped.ShippedNeeds, needs.All, needs.LettersFirst, school.Needs is not null, school.Revision);
    }
}
