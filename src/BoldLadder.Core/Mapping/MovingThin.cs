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
    private readonly int[] _enoughBy;
    private readonly Dictionary<(int Moving, WordShape Shape), int[]> _families = [];

    /// <param name="with">The time of every everyday word if all that moves were taught first.</param>
    /// <param name="without">The time of every everyday word if what moves were never taught.</param>
    public MovingThin(
        Ladder ladder, IReadOnlyList<RungFigures> now, PartIndex index, MovingTimes times, IReadOnlyList<Rung> others, IReadOnlyList<Rung> moving, int[] with, int[] without)
    {
        (_times, _index, _others, _moving) = (times, index, others, moving);
        _wasOther = [.. others.Select(WasThin)];
        _wasMoving = [.. moving.Select(WasThin)];
        // No word can be read sooner than with all that moves: those that can then are looked at first, and hardly any others.
        var order = Enumerable.Range(0, with.Length).ToArray();
        Array.Sort((int[])with.Clone(), order);
        var (enoughWith, enoughWithout) = (EnoughBy(order, with, i => with[i]), EnoughBy(order, with, i => without[i]));
        _thin = new (bool, bool)[others.Count];
        for (var i = 0; i < _thin.Length; i++)
        {
            var time = times.OfOther(i);
            var (before, after) = times.Families(index, others[i], ladder.SectionAt(ladder.PlaceOf(others[i].Id)).Shape, time);
            _thin[i] = (IsThin(others[i], before, enoughWith >= time), IsThin(others[i], after, enoughWithout >= time));
        }

        _enoughBy = [.. moving.Select((_, m) => EnoughBy(order, with, i => m == 0 ? without[i] : times.WordWithFirst(index.Everyday[i], m)))];

        bool WasThin(Rung rung) => now[ladder.PlaceOf(rung.Id)].Thin == Thinness.ByPlace;
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
            Note(_moving[m], IsThin(_moving[m], families[below], _enoughBy[m] >= _times.OfMoving(m, below)), _wasMoving[m]);
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

    private bool IsThin(Rung rung, int targets, bool isOpening) => RungMap.Thin(_index, rung, targets, isOpening) == Thinness.ByPlace;

    /// <summary>The time by which a lesson's number of everyday words can be read: before it a rung is an opening one.</summary>
    /// <param name="order">The places of the words by their soonest.</param>
    /// <param name="soonest">Of every word a time that it cannot be read before.</param>
    /// <param name="time">Of every word, by its place, the time that it can be read at.</param>
    private static int EnoughBy(int[] order, int[] soonest, Func<int, int> time)
    {
        var least = new int[RungMap.WordsPerLesson];
        Array.Fill(least, MovingTimes.Never);
        foreach (var i in order.TakeWhile(x => soonest[x] < least[^1]))
        {
            var found = time(i);
            for (var place = least.Length - 1; place >= 0 && found < least[place]; place--)
            {
                if (place + 1 < least.Length)
                {
                    least[place + 1] = least[place];
                }

                least[place] = found;
            }
        }

        return least[^1];
    }
}
