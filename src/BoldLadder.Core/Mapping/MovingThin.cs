using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Mapping;

/// <summary>Which rungs are thin by place while some move: those that stay know only whether what moves is below them or above.</summary>
internal sealed class MovingThin
{
    private readonly MovingTimes _times;
    private readonly PartIndex _index;
    private readonly IReadOnlyList<Rung> _others;
    private readonly IReadOnlyList<Rung> _moving;
    private readonly bool[] _wasOther;
    private readonly bool[] _wasMoving;
    private readonly (bool Before, bool After)[] _thin;
    private readonly int[][] _everyday;
    private readonly Dictionary<(int Moving, WordShape Shape), int[]> _families = [];

    /// <param name="with">The time of every everyday word if all that moves were taught first.</param>
    /// <param name="without">The time of every everyday word if what moves were never taught.</param>
    public MovingThin(
        Ladder ladder, IReadOnlyList<RungFigures> now, PartIndex index, MovingTimes times, IReadOnlyList<Rung> others, IReadOnlyList<Rung> moving, int[] with, int[] without)
    {
        (_times, _index, _others, _moving) = (times, index, others, moving);
        _wasOther = [.. others.Select(WasThin)];
        _wasMoving = [.. moving.Select(WasThin)];
        (with, without) = (Sorted(with), Sorted(without));
        _thin = new (bool, bool)[others.Count];
        for (var i = 0; i < _thin.Length; i++)
        {
            var time = times.OfOther(i);
            var (before, after) = times.Families(index, others[i], ladder.SectionAt(ladder.PlaceOf(others[i].Id)).Shape, time);
            _thin[i] = (IsThin(others[i], before, Fewer(with, time)), IsThin(others[i], after, Fewer(without, time)));
        }

        // Everyday words that can be read before each of those that move.
        _everyday = [.. moving.Select((_, m) => Sorted(Times(m)))];

        bool WasThin(Rung rung) => now[ladder.PlaceOf(rung.Id)].Thin == Thinness.ByPlace;

        int[] Times(int first)
        {
            var made = new int[index.Everyday.Length];
            for (var i = 0; i < made.Length; i++)
            {
                made[i] = first == 0 ? times.WordWithout(index.Everyday[i]) : times.WordWithFirst(index.Everyday[i], first);
            }

            return made;
        }
    }

    /// <summary>With so many others below what moves: ids that are thin and are not now, that are not and are now, and the target words of each that moves.</summary>
    /// <param name="shape">Of the section that what moves would stand in.</param>
    public (IReadOnlyList<string> Newly, IReadOnlyList<string> Gone, IReadOnlyList<int> Targets) At(int below, WordShape shape)
    {
        var (newly, gone, targets) = (new List<string>(), new List<string>(), new List<int>());
        for (var i = 0; i < _thin.Length; i++)
        {
            Note(_others[i], i >= below ? _thin[i].Before : _thin[i].After, _wasOther[i]);
        }

        for (var m = 0; m < _moving.Count; m++)
        {
            if (!_families.TryGetValue((m, shape), out var families))
            {
                _families[(m, shape)] = families = _times.FamiliesOfMoving(_index, m, shape);
            }

            targets.Add(families[below]);
            Note(_moving[m], IsThin(_moving[m], families[below], Fewer(_everyday[m], _times.OfMoving(m, below))), _wasMoving[m]);
        }

        return (newly, gone, targets);

        void Note(Rung rung, bool thin, bool was)
        {
            if (thin != was)
            {
                (thin ? newly : gone).Add(rung.Id);
            }
        }
    }

    private bool IsThin(Rung rung, int targets, int wordsBefore) => RungMap.Thin(_index, rung, targets, wordsBefore < RungMap.WordsPerLesson) == Thinness.ByPlace;

    private static int[] Sorted(int[] times)
    {
        var sorted = (int[])times.Clone();
        Array.Sort(sorted);
        return sorted;
    }

    private static int Fewer(int[] sorted, int time)
    {
        var (low, high) = (0, sorted.Length);
        while (low < high)
        {
            var middle = (low + high) / 2;
            (low, high) = sorted[middle] < time ? (middle + 1, high) : (low, middle);
        }

        return low;
    }
}
