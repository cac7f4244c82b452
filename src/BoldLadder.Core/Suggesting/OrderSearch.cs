using BoldLadder.Core.Choosing;

namespace BoldLadder.Core.Suggesting;

/// <summary>An order that was found.</summary>
/// <param name="Done">Whether nothing better is looked for any more.</param>
public sealed record FoundOrder(OrderScore Score, IReadOnlyList<SectionOrder> Order, bool Done);

/// <summary>
/// Looks for a better order, step by step for as long as somebody watches: rungs change places a little at random, ever
/// more choosily (simulated annealing), then each rung is walked along the whole ladder to where it costs least; and again,
/// in turn from the best and from an order dealt anew. The same steps give the same order.
/// </summary>
public sealed class OrderSearch
{
    private const int Rounds = 12, StepsAtFirst = 60, LongestRound = 4, FarthestStep = 12;
    private const double Warm = 15, Cold = 0.05;

    private readonly Ordering _ordering;
    private readonly Dice _dice;
    private OrderState _state;
    private int[] _best;
    private long _least;
    private long _told = long.MaxValue;

    private OrderSearch(Ordering ordering, ulong seed)
    {
        (_ordering, _dice) = (ordering, new Dice(seed));
        _state = new OrderState(ordering, [.. Enumerable.Range(0, ordering.Ladder.Rungs.Count)]);
        (_best, _least) = (_state.Order.ToArray(), _state.Total);
    }

    /// <summary>
    /// Looks as they are made, many a second: the order that was found when it is better than the last, or null; and at the
    /// end the best once more.
    /// </summary>
    public static IEnumerable<FoundOrder?> Run(Ordering ordering, ulong seed)
    {
        var search = new OrderSearch(ordering, seed);
        yield return search.Found(false);
        foreach (var _ in ordering.Slots.Length < 2 ? [] : search.Steps())
        {
            search.KeepIfBest();
            yield return search._least < search._told ? search.Found(false) : null;
        }

        yield return search.Found(true);
    }

    private FoundOrder Found(bool done)
    {
        _told = _least;
        return new FoundOrder(new OrderState(_ordering, [.. _best]).Score(), _ordering.InSections(_best), done);
    }

    private void KeepIfBest()
    {
        if (_state.Total < _least)
        {
            (_best, _least) = (_state.Order.ToArray(), _state.Total);
        }
    }

    // Does a stretch of work each time it is asked for the next.
    private IEnumerable<int> Steps()
    {
        foreach (var step in Settle())
        {
            yield return step;
        }

        for (var round = 0; round < Rounds; round++)
        {
            // In turn from the best, not too warm, and from an order dealt anew, warm enough to leave any valley.
            var anew = round % 2 == 1;
            var (steps, slots, warm) = (StepsAtFirst << Math.Min(round, LongestRound), _ordering.Slots.Length, anew ? Warm : Warm / 2);
            _state = new OrderState(_ordering, anew ? Dealt() : [.. _best]);
            for (var step = 0; step < steps; step++)
            {
                var heat = warm * Math.Pow(Cold / warm, (double)step / steps);
                Anneal(slots * 20, heat * Unit);
                yield return step;
            }

            foreach (var step in Settle())
            {
                yield return step;
            }
        }
    }

    // A thousandth of the whole, as costs are counted.
    private double Unit => Math.Max(1, (double)_ordering.Words.Counted * _ordering.Ladder.Rungs.Count);

    private int[] Dealt()
    {
        var (dealt, rungs) = ((int[])_best.Clone(), _dice.Mix(_ordering.Slots.Select(x => _best[x])));
        for (var i = 0; i < rungs.Count; i++)
        {
            dealt[_ordering.Slots[i]] = rungs[i];
        }

        return dealt;
    }

    private void Anneal(int tries, double heat)
    {
        for (var i = 0; i < tries; i++)
        {
            var from = _dice.Next(_ordering.Slots.Length);
            var reach = 1 + _dice.Next(FarthestStep);
            var to = Math.Clamp(_dice.Next() < 0.5 ? from - reach : from + reach, 0, _ordering.Slots.Length - 1);
            var before = _state.Total;
            _state.Walk(from, to);
            var worse = _state.Total - before;
            if (worse > 0 && _dice.Next() >= Math.Exp(-worse / heat))
            {
                _state.Walk(to, from);
            }
            else if (worse < 0)
            {
                KeepIfBest();
            }
        }
    }

    // Each rung to where it costs least, until none would move.
    private IEnumerable<int> Settle()
    {
        for (var moved = true; moved;)
        {
            moved = false;
            foreach (var rung in _dice.Mix(_ordering.Slots.Select(x => _state.Order[x]).ToList()))
            {
                moved |= WalkToLeast(Array.BinarySearch(_ordering.Slots, _state.PositionOf(rung)));
                yield return rung;
            }
        }
    }

    private bool WalkToLeast(int slot)
    {
        var (here, least, best) = (slot, _state.Total, slot);
        for (; here > 0; here--)
        {
            _state.Exchange(here - 1);
            (least, best) = _state.Total < least ? (_state.Total, here - 1) : (least, best);
        }

        for (; here < _ordering.Slots.Length - 1; here++)
        {
            _state.Exchange(here);
            (least, best) = _state.Total < least ? (_state.Total, here + 1) : (least, best);
        }

        _state.Walk(here, best);
        return best != slot;
    }
}
