using System.Numerics;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;

namespace BoldLadder.Core.Suggesting;

/// <summary>
/// The words that an order is judged by, as sets of rungs: everyday words, which should come early, and the target words
/// of each rung that can be thin. A word is read from the last rung of its set, so a set is kept with that rung.
/// </summary>
internal sealed class OrderWords
{
    private readonly int _width;
    private readonly ulong[] _sets;

    public OrderWords(Ordering ordering)
    {
        var (rules, rungs) = (ordering.Rules, ordering.Ladder.Rungs);
        _width = (rungs.Count + 63) / 64;
        var index = PartIndex.Of(rules);
        var sets = new RungSets(rules, rungs);
        var (rows, several) = (new List<(int[] Set, int Weight, int Word)>(), 0);
        var single = new Dictionary<string, (int[] Set, int Count)>();
        foreach (var rank in index.Everyday)
        {
            var ways = new List<int[]>();
            for (var (row, end) = rules.Rows.RowsOf(rank); row < end; row++)
            {
                ways.AddRange(sets.Of(row));
            }

            switch (RungSets.Least(ways))
            {
                case []:
                    break;
                case [[]]:
                    Free++;
                    break;
                case [var only]:
                    var key = string.Join(' ', only);
                    single[key] = (only, single.TryGetValue(key, out var so) ? so.Count + 1 : 1);
                    break;
                case var more:
                    rows.AddRange(more.Select(x => (x, 0, several)));
                    several++;
                    break;
            }
        }

        Several = several;
        rows.AddRange(single.Values.Select(x => (x.Set, x.Count, -1)));
        Counted = Free + several + single.Values.Sum(x => x.Count);
        var words = rows.Select(x => new Row(x.Set, x.Weight, x.Word, -1, 0, [])).ToList();
        FirstTarget = words.Count;
        words.AddRange(TargetRows(ordering, index, sets));
        Rows = [.. words];
        RowsOfWord = [.. Enumerable.Range(0, several).Select(_ => new List<int>())];
        for (var i = 0; i < FirstTarget; i++)
        {
            if (Rows[i].Word >= 0)
            {
                RowsOfWord[Rows[i].Word].Add(i);
            }
        }

        Weights = [.. words.Take(FirstTarget).Where(x => x.Word < 0).Select(x => x.Weight), .. Enumerable.Repeat(1, several)];
        _sets = new ulong[Rows.Length * _width];
        for (var i = 0; i < Rows.Length; i++)
        {
            foreach (var rung in Rows[i].Set)
            {
                _sets[(i * _width) + (rung >> 6)] |= 1UL << (rung & 63);
            }
        }

        Needed = [.. rungs.Select(x => Enough(index, x))];
        FeedsShortWords = [.. rungs.Select(x => !Ordering.Moves(x) || x.Correspondences.Any(c => ShortWords.Count(index, rules.Rows, c) >= ShortWords.Many))];
    }

    /// <param name="Weight">How many everyday words have this set and no other.</param>
    /// <param name="Word">The number of the word among those that have several sets; -1 for the rest.</param>
    /// <param name="Family">For a target word, its family; -1 for the rest.</param>
    /// <param name="Targets">The rungs that it is a target word of.</param>
    internal readonly record struct Row(int[] Set, int Weight, int Word, int Family, int LexiconRow, int[] Targets);

    /// <summary>Sets of everyday words, and from <see cref="FirstTarget"/> on those of target words.</summary>
    public Row[] Rows { get; }

    public int FirstTarget { get; }

    /// <summary>Everyday words that need no rung.</summary>
    public int Free { get; }

    /// <summary>Everyday words that have several sets.</summary>
    public int Several { get; }

    public List<int>[] RowsOfWord { get; }

    /// <summary>How many everyday words come together: those of one set, and then each word of several.</summary>
    public int[] Weights { get; }

    /// <summary>Everyday words that the ladder opens.</summary>
    public int Counted { get; }

    /// <summary>How many families of target words keep a rung from being thin by place; none for one that can't be.</summary>
    public int[] Needed { get; }

    /// <summary>Whether enough short words hold what a rung brings for it to stand among the first.</summary>
    public bool[] FeedsShortWords { get; }

    public bool Has(int row, int rung) => (_sets[(row * _width) + (rung >> 6)] >> (rung & 63) & 1) != 0;

    private static IEnumerable<Row> TargetRows(Ordering ordering, PartIndex index, RungSets sets)
    {
        var rungs = ordering.Ladder.Rungs;
        var targets = new Dictionary<int, List<int>>();
        for (var i = 0; i < rungs.Count; i++)
        {
            if (rungs[i].AddsParts && rungs[i].Kind == RungKind.Teach)
            {
                foreach (var row in index.RowsOf(rungs[i]))
                {
                    (targets.TryGetValue(row, out var list) ? list : targets[row] = []).Add(i);
                }
            }
        }

        foreach (var (row, ofRungs) in targets)
        {
            foreach (var set in sets.Of(row))
            {
                var family = index.FamilyOf(row);
                yield return new Row(set, 0, -1, family, row, [.. ofRungs.Intersect(set)]);

                // A rung that goes over what another teaches has the word too, once all of its set is taught.
                foreach (var other in ofRungs.Except(set))
                {
                    yield return new Row(RungSets.With(set, other), 0, -1, family, row, [other]);
                }
            }
        }
    }

    private static int Enough(PartIndex index, Rung rung)
    {
        // As few as are not thin by place, found by asking the rule itself.
        for (var targets = 0; ; targets++)
        {
            if (RungMap.Thin(index, rung, targets, false) != Thinness.ByPlace)
            {
                return targets;
            }
        }
    }
}
