using BoldLadder.Core.Suggesting;
using Google.OrTools.Sat;

/// <summary>
/// The same measure of an order as a model for a general solver, to hold our search to the true optimum on small ladders:
/// only the bonds, sets of rungs and weights are shared, not a line of the search.
/// </summary>
internal sealed class BestOrder
{
    private readonly Ordering _ordering;
    private readonly CpModel _model = new();
    private readonly int _rungs;
    private readonly IntVar[] _at;
    private readonly BoolVar[,] _before;
    private readonly List<LinearExpr> _costs = [];

    private BestOrder(Ordering ordering)
    {
        (_ordering, _rungs) = (ordering, ordering.Ladder.Rungs.Count);
        _at = [.. Enumerable.Range(0, _rungs).Select(r => _model.NewIntVar(0, _rungs - 1, $"at {r}"))];
        _model.AddAllDifferent(_at);
        _before = new BoolVar[_rungs, _rungs];
        for (var a = 0; a < _rungs; a++)
        {
            for (var b = 0; b < _rungs; b++)
            {
                if (a != b)
                {
                    _before[a, b] = _model.NewBoolVar($"{a} before {b}");
                    _model.Add(_at[a] < _at[b]).OnlyEnforceIf(_before[a, b]);
                    _model.Add(_at[a] > _at[b]).OnlyEnforceIf(_before[a, b].Not());
                }
            }
        }
    }

    /// <summary>The least cost found and the proven bound below it, as <see cref="OrderScore.Total"/> times <see cref="OrderWeights.Parts"/>.</summary>
    /// <param name="hint">Where each rung stands in an order that is known, for the solver to start from; null for none.</param>
    public static (double Cost, double Bound, bool Proven) Of(Ordering ordering, double seconds, IReadOnlyList<int>? hint)
    {
        var best = new BestOrder(ordering);
        best.Words();
        foreach (var tie in ordering.Ties)
        {
            best.Add(tie);
        }

        best._model.Minimize(LinearExpr.Sum(best._costs));
        for (var i = 0; i < (hint?.Count ?? 0); i++)
        {
            best._model.AddHint(best._at[hint![i]], i);
        }

        var solver = new CpSolver { StringParameters = $"max_time_in_seconds:{seconds.ToString(System.Globalization.CultureInfo.InvariantCulture)} num_workers:2" };
        var status = solver.Solve(best._model);
        return (solver.ObjectiveValue, solver.BestObjectiveBound, status == CpSolverStatus.Optimal);
    }

    private long Whole => (long)_ordering.Words.Counted * _rungs;

    private void Words()
    {
        var words = _ordering.Words;
        var read = Enumerable.Range(0, _rungs).Select(_ => new List<LinearExpr>()).ToArray();
        foreach (var group in Enumerable.Range(0, words.FirstTarget).GroupBy(x => words.Rows[x].Word < 0 ? -1 - x : words.Rows[x].Word))
        {
            var weight = Math.Max(1, words.Rows[group.First()].Weight);
            var places = group.Select(x => Last(words.Rows[x].Set)).ToList();
            var place = places.Count == 1 ? places[0] : Least(places);
            _costs.Add(place * ((long)weight * OrderWeights.Parts * OrderWeights.Parts));
            for (var r = 0; r < _rungs; r++)
            {
                var known = _model.NewBoolVar("");
                _model.Add(place < _at[r]).OnlyEnforceIf(known);
                _model.Add(place >= _at[r]).OnlyEnforceIf(known.Not());
                read[r].Add(known * weight);
            }
        }

        for (var r = 0; r < _rungs; r++)
        {
            // Free words count from the second rung on, as they do with the search.
            var opening = _model.NewBoolVar("");
            LinearExpr soFar = LinearExpr.Sum(read[r]);
            var second = _model.NewBoolVar("");
            _model.Add(_at[r] >= 1).OnlyEnforceIf(second);
            _model.Add(_at[r] == 0).OnlyEnforceIf(second.Not());
            soFar += second * words.Free;
            _model.Add(soFar <= 7).OnlyEnforceIf(opening);
            _model.Add(soFar >= 8).OnlyEnforceIf(opening.Not());
            if (!words.FeedsShortWords[r])
            {
                _costs.Add(opening * (OrderWeights.Of(OrderWeights.Need, 0, 0, 1) * Whole));
            }

            if (words.Needed[r] > 0)
            {
                Thin(r, opening);
            }
        }
    }

    private void Thin(int r, BoolVar opening)
    {
        var words = _ordering.Words;
        var shape = _ordering.SectionAt[0].Shape;
        var families = Enumerable.Range(words.FirstTarget, words.Rows.Length - words.FirstTarget).Where(x => words.Rows[x].Targets.Contains(r) && _ordering.Rules.Rows.Fits(words.Rows[x].LexiconRow, shape))
            .GroupBy(x => words.Rows[x].Family);
        var has = new List<LinearExpr>();
        foreach (var family in families)
        {
            // A family is counted when one of its sets is taught by then; more of them never cost more, so one way is enough.
            var ways = family.Select(x => AllBefore(words.Rows[x].Set.Where(s => s != r), r)).ToList();
            var any = _model.NewBoolVar("");
            _model.AddBoolOr(ways).OnlyEnforceIf(any);
            has.Add(any);
        }

        var needed = words.Needed[r];
        var missing = _model.NewIntVar(0, needed, "");
        _model.Add(missing >= needed - LinearExpr.Sum(has));
        var cost = Table(missing, needed, x => x == 0 ? 0 : OrderWeights.Of(OrderWeights.Thin, OrderWeights.ThinMore, (int)x, needed));
        Charge(cost, [opening.Not()]);
    }

    private void Add(Tie tie)
    {
        switch (tie.Kind)
        {
            case TieKind.Need or TieKind.Plain:
                var gap = _model.NewIntVar(0, _rungs, "");
                _model.AddMaxEquality(gap, [Least([.. tie.Having!.Select(x => _at[x])]) - _at[tie.A], LinearExpr.Constant(0)]);
                Charge(Table(gap, _rungs, x => x == 0 ? 0 : OrderWeights.Of(OrderWeights.Need, OrderWeights.NeedMore, (int)x, _rungs)), []);
                break;
            default:
                var apart = _model.NewIntVar(0, _rungs, "");
                _model.AddAbsEquality(apart, _at[tie.A] - _at[tie.B]);
                var (fault, more) = tie.Kind == TieKind.Alike ? (OrderWeights.Alike, OrderWeights.AlikeMore) : (OrderWeights.Spellings, OrderWeights.SpellingsMore);
                var cost = Table(apart, _rungs, x => x >= tie.Distance ? 0 : OrderWeights.Of(fault, more, tie.Distance - (int)x, tie.Distance));
                Charge(cost, [.. First(tie.A, tie.NewA), .. First(tie.B, tie.NewB)]);
                break;
        }
    }

    private IEnumerable<ILiteral> First(int rung, int[]? among) => (among ?? []).Where(x => x != rung).Select(x => (ILiteral)_before[rung, x]);

    // A cost that counts where all the conditions hold.
    private void Charge(IntVar cost, IReadOnlyList<ILiteral> where)
    {
        var charged = where.Count == 0 ? cost : _model.NewIntVar(0, 1_000_000_000, "");
        if (where.Count > 0)
        {
            _model.Add(charged >= cost).OnlyEnforceIf([.. where]);
        }

        _costs.Add(charged * Whole);
    }

    private IntVar Table(IntVar of, int most, Func<long, long> costs)
    {
        var cost = _model.NewIntVar(0, 1_000_000_000, "");
        _model.AddElement(of, Enumerable.Range(0, most + 1).Select(x => costs(x)), cost);
        return cost;
    }

    private BoolVar AllBefore(IEnumerable<int> rungs, int r)
    {
        var all = _model.NewBoolVar("");
        foreach (var x in rungs)
        {
            _model.AddImplication(all, _before[x, r]);
        }

        return all;
    }

    private IntVar Last(IReadOnlyList<int> set)
    {
        if (set.Count == 1)
        {
            return _at[set[0]];
        }

        var last = _model.NewIntVar(0, _rungs - 1, "");
        _model.AddMaxEquality(last, set.Select(x => _at[x]));
        return last;
    }

    private IntVar Least(IReadOnlyList<IntVar> places)
    {
        if (places.Count == 1)
        {
            return places[0];
        }

        var least = _model.NewIntVar(0, _rungs - 1, "");
        _model.AddMinEquality(least, places);
        return least;
    }
}
