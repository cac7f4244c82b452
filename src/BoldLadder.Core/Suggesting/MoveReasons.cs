using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Suggesting;

/// <summary>Why a rung stands where a suggested order puts it.</summary>
public enum MoveReasonKind
{
    /// <summary>What a lead asked for would not be kept.</summary>
    Wish,

    /// <summary>It needs the other, or the other needs it.</summary>
    Need,

    /// <summary>The spelling's plain sound comes before its others.</summary>
    PlainFirst,

    /// <summary>The other rung would be thin by place.</summary>
    Thin,

    /// <summary>It would stand too close to the other, which looks or sounds alike.</summary>
    Alike,

    /// <summary>It would stand too close to another spelling of its sound.</summary>
    Spellings,

    /// <summary>Everyday words come sooner.</summary>
    Words,

    /// <summary>By itself it costs nothing: it makes room.</summary>
    Room,
}

/// <param name="OtherId">The rung that the reason names; null for none. The rung itself where it would be thin.</param>
/// <param name="Words">Everyday words that come sooner, less those that come later.</param>
public sealed record MoveReason(MoveReasonKind Kind, string? OtherId, int Words);

/// <summary>
/// The reason for each move of a suggested order: what the order would lose if that one rung went back to where it stands
/// today. The dearest loss is the reason.
/// </summary>
public static class MoveReasons
{
    /// <param name="suggested">The ladder as it would be with every move made.</param>
    public static IReadOnlyList<MoveReason> Of(Ordering suggested, IReadOnlyList<SuggestedMove> moves)
    {
        var state = new OrderState(suggested, [.. Enumerable.Range(0, suggested.Ladder.Rungs.Count)]);
        var reasons = new List<MoveReason>();
        foreach (var move in moves)
        {
            var rung = suggested.NumberOf(move.RungId);
            var (there, back) = (Array.BinarySearch(suggested.Slots, rung), SlotNear(move.From));
            if (there < 0 || back == there)
            {
                reasons.Add(new MoveReason(MoveReasonKind.Room, null, 0));
                continue;
            }

            var with = state.Faults();
            state.Walk(there, back);
            var without = state.Faults();
            state.Walk(back, there);
            reasons.Add(Dearest(suggested, rung, with, without));
        }

        return reasons;

        int SlotNear(int place) => Array.BinarySearch(suggested.Slots, place) is var at and >= 0 ? at : Math.Min(~Array.BinarySearch(suggested.Slots, place), suggested.Slots.Length - 1);
    }

    private static MoveReason Dearest(Ordering ordering, int rung, OrderFaults with, OrderFaults without)
    {
        var words = with.Places.Zip(without.Places, ordering.Words.Weights).Sum(x => x.Third * Math.Sign(x.Second - x.First));
        var losses = without.Ties.Where(x => !with.Ties.ContainsKey(x.Key)).Select(x => (Cost: x.Value, Reason: Of(x.Key)))
            .Concat(without.Thin.Where(x => !with.Thin.ContainsKey(x.Key)).Select(x => (Cost: x.Value, Reason: Reason(MoveReasonKind.Thin, x.Key))));
        return losses.OrderByDescending(x => x.Cost).Select(x => x.Reason).FirstOrDefault()
            ?? new MoveReason(words > 0 ? MoveReasonKind.Words : MoveReasonKind.Room, null, Math.Max(0, words));

        MoveReason Of(Tie tie) => Reason(
            tie.Kind switch
            {
                TieKind.Before or TieKind.Apart => MoveReasonKind.Wish,
                TieKind.Need => MoveReasonKind.Need,
                TieKind.Plain => MoveReasonKind.PlainFirst,
                TieKind.Alike => MoveReasonKind.Alike,
                _ => MoveReasonKind.Spellings,
            },
            tie.Having is { } having ? (tie.A == rung ? having[0] : tie.A) : tie.A == rung ? tie.B : tie.A);

        MoveReason Reason(MoveReasonKind kind, int other) => new(kind, ordering.Ladder.Rungs[other].Id, Math.Max(0, words));
    }
}

/// <summary>What is wrong with an order, and when each word comes.</summary>
/// <param name="Ties">Bonds that it breaks, with what each costs.</param>
/// <param name="Thin">Rungs that are thin, with what each costs.</param>
/// <param name="Places">The place of each of <see cref="OrderWords.Weights"/>.</param>
internal sealed record OrderFaults(IReadOnlyDictionary<Tie, long> Ties, IReadOnlyDictionary<int, long> Thin, IReadOnlyList<int> Places);
