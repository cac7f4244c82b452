using System.Diagnostics;
using System.Runtime.CompilerServices;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Suggesting;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <param name="Revision">The revision of the draft that is looked at.</param>
/// <param name="Wishes">What the lead asks of the order.</param>
/// <param name="KeepTaught">Whether the rungs that the group beside the draft was taught keep their places.</param>
public sealed record SuggestionRequest(int Revision, IReadOnlyList<WishDocument> Wishes, bool KeepTaught = false);

/// <param name="Order">A suggested order, held against the draft as it stands.</param>
public sealed record SuggestedMovesRequest(IReadOnlyList<WishDocument> Wishes, IReadOnlyList<SectionOrder> Order, bool KeepTaught = false);

/// <summary>Wishes that can't all be kept; with what needs what, where that stands against them.</summary>
public sealed record ConflictView(IReadOnlyList<WishDocument> Wishes, IReadOnlyList<UnmetView> Needs);

/// <summary>The best order found so far.</summary>
/// <param name="Today">How good the draft is as it stands, by the same measure.</param>
/// <param name="Conflicts">Wishes that contradict each other: the order then keeps those that it can.</param>
/// <param name="Done">Nothing better is looked for any more.</param>
public sealed record SuggestionView(OrderScore Score, OrderScore Today, IReadOnlyList<SectionOrder> Order, IReadOnlyList<ConflictView> Conflicts, bool Done);

/// <summary>What is asked of a ladder's order.</summary>
public sealed record WishesView(IReadOnlyList<WishDocument> Wishes);

/// <param name="Other">The rung that the reason names.</param>
/// <param name="Words">Everyday words that come sooner, less those that come later.</param>
public sealed record SuggestedMoveView(RungName Rung, int To, MoveReasonKind Reason, RungName? Other, int Words);

/// <summary>A better order, looked for while somebody watches, and taken whole or move by move.</summary>
public static class SuggestionRoutes
{
    // Nobody looks on for longer, and what comes after is hardly better (docs/measured).
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(30), BetweenNews = TimeSpan.FromSeconds(0.4);

    // It waits its turn before it looks, and has to end by itself: cut off, it would never say that it is done.
    private static readonly TimeSpan LongestStream = 4 * Longest;

    public static void Map(RouteGroupBuilder ladder)
    {
        ladder.MapGet("/wishes", Wishes).WithSummary("What is asked of the ladder's order, as far as it still names what stands on it.").ProducesProblem(404);
        ladder.MapPut("/wishes", Wish).WithSummary("Keep what is asked of the ladder's order.").ProducesProblem(400).ProducesProblem(404);
        ladder.MapPost("/suggestion", Suggest).WithSummary("A better order, sent each time a better one is found; closing the stream stops it.")
            .Produces<SuggestionView>(200, "text/event-stream").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409).WithRequestTimeout(LongestStream);
        Turns.Take(
            ladder.MapPost("/suggestion/moves", Moves).WithSummary("A suggested order as moves from the draft, each with its reason.")
                .ProducesProblem(400).ProducesProblem(404).ProducesProblem(503), large: true);
    }

    private static async Task<Results<Ok<WishesView>, ProblemHttpResult>> Wishes(Guid ladderId, LadderDesks desks, BoldLadderDb db, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, null, null, cancel);
        return desk is null ? problem! : TypedResults.Ok(new WishesView(WishesDocument.Read(await db.Ladders.Where(x => x.Id == ladderId).Select(x => x.Wishes).SingleAsync(cancel), desk.Draft)));
    }

    private static async Task<Results<Ok<WishesView>, ProblemHttpResult>> Wish(
        Guid ladderId, WishesView request, LadderDesks desks, BoldLadderDb db, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, null, null, cancel);
        if (desk is null)
        {
            return problem!;
        }

        if (WishDocument.ToCore(request.Wishes, desk.Draft, out var wrong) is null)
        {
            return Problems.Bad(wrong.Field, wrong.Sentence);
        }

        // Of two who ask at once the later has the last word: each sees what is asked, and takes it out again at a press.
        var wishes = StoredJson.Write(new WishesDocument(request.Wishes));
        await db.Ladders.Where(x => x.Id == ladderId).ExecuteUpdateAsync(x => x.SetProperty(r => r.Wishes, wishes), cancel);
        return TypedResults.Ok(request);
    }

    private static async Task<Results<ServerSentEventsResult<SuggestionView>, ProblemHttpResult>> Suggest(
        Guid ladderId, SuggestionRequest request, Guid? groupId, LadderDesks desks, Turns turns, CancellationToken cancel)
    {
        var (desk, wishes, problem) = await Asked(ladderId, groupId, request.Revision, request.Wishes, request.KeepTaught, desks, cancel);
        return problem is not null ? problem : TypedResults.ServerSentEvents(Looks(desk!, wishes!, turns, cancel));
    }

    private static async IAsyncEnumerable<SuggestionView> Looks(LadderDesk desk, IReadOnlyList<OrderWish> wishes, Turns turns, [EnumeratorCancellation] CancellationToken cancel)
    {
        using var place = await turns.Watched(cancel);
        var (ordering, today) = await turns.Stretch(() => Ordering(desk, desk.Draft, wishes) is var made ? (made, made.Now()) : default, cancel);
        IReadOnlyList<ConflictView> conflicts =
        [
            .. WishConflicts.Of(desk.Draft, desk.Room.School.Needs, ordering.NewDays, wishes)
                .Select(x => new ConflictView([.. x.Wishes.Select(WishDocument.Of)], [.. x.Needs.Select(n => new UnmetView(Label(n.RungId), Label(n.NeededId)))])),
        ];
        var worked = Stopwatch.StartNew();
        using var search = OrderSearch.Run(ordering, (ulong)desk.Revision).GetEnumerator();
        search.MoveNext();
        var (more, best) = (true, search.Current!);
        yield return View(false);
        while (more && worked.Elapsed < Longest)
        {
            var before = best;
            (more, best) = await turns.Stretch(() => LookOn(search, before), cancel);
            if (more && best != before)
            {
                yield return View(false);
            }
        }

        yield return View(true);

        SuggestionView View(bool done) => new(best.Score, today, best.Order, conflicts, done);

        string Label(string id) => desk.Draft.Rungs[desk.Draft.PlaceOf(id)].Label;
    }

    private static (bool More, FoundOrder Best) LookOn(IEnumerator<FoundOrder?> search, FoundOrder best)
    {
        for (var stretch = Stopwatch.StartNew(); stretch.Elapsed < BetweenNews;)
        {
            if (!search.MoveNext())
            {
                return (false, best);
            }

            best = search.Current ?? best;
        }

        return (true, best);
    }

    private static async Task<Results<Ok<IReadOnlyList<SuggestedMoveView>>, ProblemHttpResult>> Moves(
        Guid ladderId, SuggestedMovesRequest request, Guid? groupId, LadderDesks desks, CancellationToken cancel)
    {
        var (desk, wishes, problem) = await Asked(ladderId, groupId, null, request.Wishes, request.KeepTaught, desks, cancel);
        if (problem is not null)
        {
            return problem;
        }

        var draft = desk!.Draft;
        if (!OrderMoves.IsOf(draft, request.Order))
        {
            return Problems.Bad("order", "The ladder has other rungs or sections than the order that was suggested. Look for one again.");
        }

        var moves = OrderMoves.Between(draft, request.Order);
        var reasons = moves.Count == 0 ? [] : MoveReasons.Of(Ordering(desk, OrderMoves.MakeAll(draft, request.Order).Apply(draft).Ladder!, wishes!), moves);
        return TypedResults.Ok<IReadOnlyList<SuggestedMoveView>>(
            [.. moves.Zip(reasons, (m, r) => new SuggestedMoveView(Name(m.RungId)!, m.To + 1, r.Kind, Name(r.OtherId), r.Words))]);

        RungName? Name(string? id) => id is null ? null : new RungName(id, draft.PlaceOf(id) + 1, draft.Rungs[draft.PlaceOf(id)].Label);
    }

    private static async Task<(LadderDesk? Desk, IReadOnlyList<OrderWish>? Wishes, ProblemHttpResult? Problem)> Asked(
        Guid ladderId, Guid? groupId, int? revision, IReadOnlyList<WishDocument>? wishes, bool keepTaught, LadderDesks desks, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, groupId, null, cancel);
        return desk is null ? (null, null, problem)
            : revision is not null && desk.Revision != revision ? (null, null, Problems.Stale(desk.View()))
            : WishDocument.ToCore(wishes, desk.Draft, out var wrong) is { } asked ? (desk, keepTaught ? [.. asked, .. Taught(desk)] : asked, null)
            : (null, null, Problems.Bad(wrong.Field, wrong.Sentence));
    }

    private static IEnumerable<OrderWish> Taught(LadderDesk desk) => desk.Draft.Rungs.Except(desk.Room.Standing.Left).Select(x => new WishPinned(x.Id));

    private static Ordering Ordering(LadderDesk desk, Ladder ladder, IReadOnlyList<OrderWish> wishes) =>
        new(ladder, desk.Room.Rules, desk.Room.School.Needs, desk.Distances, Math.Max(1, desk.Room.Year.Pattern.NewDays), wishes);
}
