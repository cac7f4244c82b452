using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Mapping;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <param name="Revision">The revision of the draft that is looked at.</param>
/// <param name="RungIds">The rungs that would move.</param>
public sealed record ConsequencesRequest(int Revision, IReadOnlyList<string> RungIds);

/// <summary>A rung by its number as the ladder stands now.</summary>
public sealed record RungName(string Id, int Number, string Label);

/// <param name="Kind">By look, by sound, two spellings of one sound, or two tricky words.</param>
public sealed record ClashView(string One, string Other, ClashKind Kind, string EarlierId, string LaterId);

public sealed record UnmetView(string Label, string Needs);

/// <summary>What would change if the rungs stood at one place; see <see cref="Destination"/>.</summary>
/// <param name="Number">The number that the first of them would have.</param>
/// <param name="Sooner">How many everyday words could be read sooner than now, and some of them.</param>
/// <param name="DueNow">Groups for which what moves would be due at once, since it would lie below their line.</param>
public sealed record DestinationView(
    string SectionId, int At, int Number, int Sooner, IReadOnlyList<string> SoonerWords, int Later, IReadOnlyList<string> LaterWords, IReadOnlyList<int> Targets,
    IReadOnlyList<RungName> NewlyThin, IReadOnlyList<RungName> NoLongerThin, IReadOnlyList<ClashView> Clashes, IReadOnlyList<ClashView> ClashesGone,
    IReadOnlyList<string> Needless, IReadOnlyList<string> TrickyAgain, IReadOnlyList<UnmetView> Unmet, IReadOnlyList<UnmetView> NeedsMet, IReadOnlyList<string> DueNow);

/// <param name="Groups">The groups that have not been taught all of what moves.</param>
public sealed record ConsequencesView(int Revision, IReadOnlyList<RungName> Moving, IReadOnlyList<string> Groups, IReadOnlyList<DestinationView> Destinations);

/// <summary>What a move would do, for every place that it could end at: one request at the start of a drag.</summary>
public static class ConsequencesRoutes
{
    private const int ShownWords = 12, MostRungs = 60;

    public static void Map(RouteGroupBuilder ladder) => Turns.Take(
        ladder.MapPost("/consequences", Show).WithSummary("What moving some rungs would change, for every place they could stand at.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(503), large: true);

    internal static ClashView Of(Clash x) => new(x.One, x.Other, x.Kind, x.Earlier, x.Later);

    private static async Task<Results<Ok<ConsequencesView>, ProblemHttpResult>> Show(
        Guid ladderId, ConsequencesRequest request, Guid? groupId, LadderDesks desks, Classrooms rooms, BoldLadderDb db, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, groupId, null, cancel);
        if (desk is null)
        {
            return problem!;
        }

        if (desk.Revision != request.Revision)
        {
            return Problems.Stale(desk.View());
        }

        if (request.RungIds is not { Count: > 0 and <= MostRungs } || request.RungIds.Any(x => x is null || desk.Draft.PlaceOf(x) < 0) || request.RungIds.Distinct().Count() == desk.Draft.Rungs.Count)
        {
            return Problems.Bad("rungIds", $"Name 1 to {MostRungs} rungs that stand on the ladder, and leave at least one where it is.");
        }

        var room = desk.Room;
        var all = new Consequences(room.Unlocking, desk.Figures, request.RungIds.ToHashSet(), room.School.Needs, desk.Distances);
        var moving = desk.Draft.Rungs.Where(x => request.RungIds.Contains(x.Id)).ToList();
        var touched = new List<(string Name, GroupMove Move)>();
        foreach (var id in await db.Groups.AsNoTracking().Where(x => x.LadderId == ladderId && !x.Archived).OrderBy(x => x.Position).Select(x => x.Id).ToListAsync(cancel))
        {
            if (await rooms.Find(id, cancel) is { } group && GroupMove.Of(group.Logged, desk.Draft, moving) is { Touched: true } move)
            {
                touched.Add((group.Group.Name, move));
            }
        }

        return TypedResults.Ok(new ConsequencesView(
            desk.Revision, [.. moving.Select(x => Name(x.Id))], [.. touched.Select(x => x.Name)],
            [.. all.Destinations.Select(x => new DestinationView(
                x.SectionId, x.At, x.Place + 1, x.Sooner.Length, Words(x.Sooner), x.Later.Length, Words(x.Later), x.Targets, [.. x.NewlyThin.Select(Name)], [.. x.NoLongerThin.Select(Name)],
                [.. x.Clashes.Select(Of)], [.. x.ClashesGone.Select(Of)], x.Needless, x.TrickyAgain, [.. x.Unmet.Select(Unmet)], [.. x.NeedsMet.Select(Unmet)],
                [.. touched.Where(t => t.Move.IsDueAt(x.Place)).Select(t => t.Name)]))]));

        RungName Name(string id) => desk.Draft.PlaceOf(id) is var place ? new RungName(id, place + 1, desk.Draft.Rungs[place].Label) : null!;

        UnmetView Unmet(UnmetNeed x) => new(desk.Draft.Rungs[desk.Draft.PlaceOf(x.RungId)].Label, x.Letters);

        IReadOnlyList<string> Words(ReadOnlyMemory<int> ranks) =>
            [.. ranks.ToArray().Select(x => room.Stock.Words.Words[x]).Where(x => x is { Suitability: Core.Words.Suitability.Fine, Key.Length: > 2 }).Take(ShownWords).Select(x => x.Spelling)];
    }
}
