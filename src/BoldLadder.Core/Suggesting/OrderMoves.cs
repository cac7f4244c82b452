using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Suggesting;

/// <summary>One rung that stands elsewhere in a suggested order.</summary>
/// <param name="From">Zero-based place on the ladder as it stands.</param>
/// <param name="To">Zero-based place in the suggested order.</param>
public sealed record SuggestedMove(string RungId, int From, int To);

/// <summary>
/// A suggested order as moves from the ladder as it stands: as few rungs as can be, those that keep their place in any
/// order first among those that stay.
/// </summary>
public static class OrderMoves
{
    /// <summary>The moves, from the bottom of the suggested order.</summary>
    public static IReadOnlyList<SuggestedMove> Between(Ladder ladder, IReadOnlyList<SectionOrder> order)
    {
        var staying = Staying(ladder, order);
        return [.. order.SelectMany(x => x.RungIds).Select((id, to) => new SuggestedMove(id, ladder.PlaceOf(id), to)).Where(x => !staying.Contains(x.RungId))];
    }

    /// <summary>The edit that makes one of the moves: behind the rung that comes before it in the suggested order and stands where it should.</summary>
    public static LadderEdit Make(Ladder ladder, IReadOnlyList<SectionOrder> order, string rungId)
    {
        var staying = Staying(ladder, order);
        var section = order.First(x => x.RungIds.Contains(rungId));
        var here = ladder.Sections.First(x => x.Id == section.SectionId).Rungs.Where(x => x.Id != rungId).Select(x => x.Id).ToList();
        var before = section.RungIds.TakeWhile(x => x != rungId).LastOrDefault(x => staying.Contains(x));
        return new MoveRung(rungId, section.SectionId, before is null ? 0 : here.IndexOf(before) + 1);
    }

    /// <summary>The edit that makes all of them at once.</summary>
    public static LadderEdit MakeAll(Ladder ladder, IReadOnlyList<SectionOrder> order)
    {
        var edits = new List<LadderEdit>();
        while (Between(ladder, order) is [var next, ..])
        {
            var edit = Make(ladder, order, next.RungId);
            edits.Add(edit);
            ladder = edit.Apply(ladder).Ladder ?? throw new InvalidOperationException("A suggested move is one that the ladder can make.");
        }

        return new SeveralEdits("took the suggested order", edits);
    }

    /// <summary>True when an order names every section and every rung of the ladder once.</summary>
    public static bool IsOf(Ladder ladder, IReadOnlyList<SectionOrder>? order)
    {
        if (order is null || order.Any(x => x?.RungIds is null))
        {
            return false;
        }

        var rungs = order.SelectMany(x => x.RungIds).ToList();
        return order.Select(x => x.SectionId).SequenceEqual(ladder.Sections.Select(x => x.Id))
            && rungs.Count == ladder.Rungs.Count && rungs.ToHashSet().SetEquals(ladder.Rungs.Select(x => x.Id));
    }

    // The heaviest run of rungs that stand in the same order in both and in the section where they should.
    private static HashSet<string> Staying(Ladder ladder, IReadOnlyList<SectionOrder> order)
    {
        var rungs = order.SelectMany(x => x.RungIds.Select(id => (Place: ladder.PlaceOf(id), x.SectionId))).ToList();
        var (weight, before) = (new int[rungs.Count], new int[rungs.Count]);
        var last = -1;
        for (var i = 0; i < rungs.Count; i++)
        {
            before[i] = -1;
            if (ladder.SectionAt(rungs[i].Place).Id != rungs[i].SectionId)
            {
                continue;
            }

            for (var j = 0; j < i; j++)
            {
                if (weight[j] > weight[i] && rungs[j].Place < rungs[i].Place)
                {
                    (weight[i], before[i]) = (weight[j], j);
                }
            }

            weight[i] += Ordering.Moves(ladder.Rungs[rungs[i].Place]) ? 1 : rungs.Count;
            last = last < 0 || weight[i] > weight[last] ? i : last;
        }

        var staying = new HashSet<string>();
        for (; last >= 0; last = before[last])
        {
            staying.Add(ladder.Rungs[rungs[last].Place].Id);
        }

        return staying;
    }
}
