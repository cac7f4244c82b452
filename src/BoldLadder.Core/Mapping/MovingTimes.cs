using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Mapping;

/// <summary>
/// When each word can be read while some rungs move among others that stay. A time counts the rungs that stay, with room
/// between two of them for all that move: the first of those that move, standing below all, has time 1, and the first
/// that stays has as many as move, and one.
/// </summary>
internal sealed class MovingTimes
{
    /// <summary>No rung brings it.</summary>
    public const int Never = int.MaxValue;

    private readonly WordRows _rows;
    private readonly IReadOnlyList<Rung> _rungs;
    private readonly int _step;
    private readonly int _staying;
    private readonly int[] _nowOfMoving;
    private readonly int[] _other;
    private readonly int[] _moving;
    private readonly int[] _with;
    private readonly int[] _without;

    public MovingTimes(ReadingRules rules, Ladder ladder, IReadOnlyList<Rung> others, IReadOnlyList<Rung> moving)
    {
        (_rows, _rungs) = (rules.Rows, moving);
        (_step, _staying) = (moving.Count + 1, others.Count);
        _nowOfMoving = [.. moving.Select((x, m) => OfMoving(m, ladder.PlaceOf(x.Id) - m))];
        (_other, _moving) = (new int[_rows.Bits.Count], new int[_rows.Bits.Count]);
        Array.Fill(_other, Never);
        Array.Fill(_moving, -1);
        foreach (var bit in rules.AlwaysOpen)
        {
            _other[bit] = 0;
        }

        for (var i = others.Count - 1; i >= 0; i--)
        {
            foreach (var bit in rules.CoveredBy(others[i]))
            {
                _other[bit] = Math.Min(_other[bit], OfOther(i));
            }
        }

        for (var m = moving.Count - 1; m >= 0; m--)
        {
            foreach (var bit in rules.CoveredBy(moving[m]))
            {
                _moving[bit] = m;
            }
        }

        (_with, _without) = (new int[_rows.Count], new int[_rows.Count]);
        for (var row = 0; row < _rows.Count; row++)
        {
            var (with, without) = (0, 0);
            foreach (var bit in _rows.BitsOf(row))
            {
                without = Math.Max(without, _other[bit]);
                with = Math.Max(with, _moving[bit] >= 0 ? 0 : _other[bit]);
            }

            (_with[row], _without[row]) = (with, without);
        }
    }

    /// <summary>The time of a rung that stays.</summary>
    public int OfOther(int i) => (i + 1) * _step;

    /// <summary>The time of one that moves, with so many others below.</summary>
    public int OfMoving(int m, int below) => (below * _step) + 1 + m;

    /// <summary>The time now of one that moves.</summary>
    public int NowOfMoving(int m) => _nowOfMoving[m];

    /// <summary>The time of a word if all that moves were taught first.</summary>
    public int WordWith(int rank) => Least(rank, _with);

    /// <summary>The time of a word if what moves were never taught.</summary>
    public int WordWithout(int rank) => Least(rank, _without);

    /// <summary>The time of a word if the first of those that move were taught first, and the rest never.</summary>
    public int WordWithFirst(int rank, int count)
    {
        var least = Never;
        for (var (row, end) = _rows.RowsOf(rank); row < end; row++)
        {
            least = Math.Min(least, WithFirst(row, count));
        }

        return least;
    }

    /// <summary>The time of a word as all stand now.</summary>
    public int WordNow(int rank)
    {
        var least = Never;
        for (var (row, end) = _rows.RowsOf(rank); row < end; row++)
        {
            least = Math.Min(least, Latest(row));
        }

        return least;
    }

    /// <summary>The time of a word with what moves standing over so many others.</summary>
    public int WordAt(int rank, int below)
    {
        var least = Never;
        for (var (row, end) = _rows.RowsOf(rank); row < end; row++)
        {
            if (_with[row] == _without[row])
            {
                least = Math.Min(least, _with[row]);
                continue;
            }

            var latest = 0;
            foreach (var bit in _rows.BitsOf(row))
            {
                latest = Math.Max(latest, _moving[bit] >= 0 ? Math.Min(_other[bit], OfMoving(_moving[bit], below)) : _other[bit]);
            }

            least = Math.Min(least, latest);
        }

        return least;
    }

    /// <summary>How many families of target words a rung that stays has with what moves before it, and after it.</summary>
    /// <param name="time">The rung's.</param>
    public (int Before, int After) Families(PartIndex index, Rung rung, WordShape shape, int time)
    {
        var (before, after, most) = (new HashSet<int>(), new HashSet<int>(), shape.For(rung.Adds));
        foreach (var row in index.RowsOf(rung))
        {
            if (_with[row] <= time && _rows.Fits(row, most))
            {
                before.Add(index.FamilyOf(row));
                if (_without[row] <= time)
                {
                    after.Add(index.FamilyOf(row));
                }
            }
        }

        return (before.Count, after.Count);
    }

    /// <summary>For a rung that moves, how many families of target words it has over so many others, for every number of them.</summary>
    public int[] FamiliesOfMoving(PartIndex index, int m, WordShape shape)
    {
        // The fewest others that have to be below for a family to have a word.
        var (fewest, most) = (new Dictionary<int, int>(), shape.For(_rungs[m].Adds));
        foreach (var row in index.RowsOf(_rungs[m]))
        {
            if (_rows.Fits(row, most) && WithFirst(row, m + 1) is var time and < Never)
            {
                var (family, below) = (index.FamilyOf(row), time / _step);
                fewest[family] = fewest.TryGetValue(family, out var so) ? Math.Min(so, below) : below;
            }
        }

        var counts = new int[_staying + 1];
        foreach (var below in fewest.Values)
        {
            counts[below]++;
        }

        for (var i = 1; i < counts.Length; i++)
        {
            counts[i] += counts[i - 1];
        }

        return counts;
    }

    private int WithFirst(int row, int count)
    {
        var latest = 0;
        foreach (var bit in _rows.BitsOf(row))
        {
            latest = Math.Max(latest, _moving[bit] >= 0 && _moving[bit] < count ? 0 : _other[bit]);
        }

        return latest;
    }

    private int Latest(int row)
    {
        var latest = 0;
        foreach (var bit in _rows.BitsOf(row))
        {
            latest = Math.Max(latest, _moving[bit] >= 0 ? Math.Min(_other[bit], _nowOfMoving[_moving[bit]]) : _other[bit]);
        }

        return latest;
    }

    private int Least(int rank, int[] times)
    {
        var least = Never;
        for (var (row, end) = _rows.RowsOf(rank); row < end; row++)
        {
            least = Math.Min(least, times[row]);
        }

        return least;
    }
}
