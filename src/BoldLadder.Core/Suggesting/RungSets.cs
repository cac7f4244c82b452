using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Suggesting;

/// <summary>
/// Which rungs a reading of a word needs: all of a set, or all of another. A set that holds another is left out, since it
/// is never the first to be taught whole.
/// </summary>
internal sealed class RungSets
{
    // A weakly said vowel is opened by any sound of its letter, so a long word with three of them has many ways. Past this
    // the plainest are kept.
    private const int MostWays = 256;

    private readonly WordRows _rows;
    private readonly int[]?[] _rungsOf;

    public RungSets(ReadingRules rules, IReadOnlyList<Rung> rungs)
    {
        _rows = rules.Rows;
        var teaching = new List<int>[_rows.Bits.Count];
        foreach (var teaches in new[] { true, false })
        {
            for (var i = 0; i < rungs.Count; i++)
            {
                if (rungs[i].Kind == RungKind.Teach != teaches)
                {
                    continue;
                }

                foreach (var bit in rules.CoveredBy(rungs[i]))
                {
                    // What is gone over after it was taught is not waited for.
                    if (teaches || teaching[bit] is not [var first, ..] || rungs[first].Kind != RungKind.Teach)
                    {
                        (teaching[bit] ??= []).Add(i);
                    }
                }
            }
        }

        _rungsOf = [.. teaching.Select(x => x?.ToArray() ?? [])];
        foreach (var bit in rules.AlwaysOpen)
        {
            _rungsOf[bit] = null;
        }
    }

    /// <summary>The sets of a row, each in order; one empty set when nothing has to be taught, none when no rung brings a part.</summary>
    public IReadOnlyList<int[]> Of(int row)
    {
        List<int[]> ways = [[]];
        foreach (var bit in _rows.BitsOf(row))
        {
            if (_rungsOf[bit] is not { } rungs)
            {
                continue;
            }

            if (rungs.Length == 0)
            {
                return [];
            }

            var kept = ways.Count * rungs.Length <= MostWays ? rungs : rungs[..1];
            ways = [.. rungs.Length == 1 ? ways.Select(x => With(x, rungs[0])) : Least(ways.SelectMany(x => kept.Select(r => With(x, r))))];
        }

        return Least(ways);
    }

    /// <summary>Without those that hold another.</summary>
    public static IReadOnlyList<int[]> Least(IEnumerable<int[]> ways)
    {
        var least = new List<int[]>();
        foreach (var way in ways.OrderBy(x => x.Length))
        {
            if (!least.Exists(x => x.All(way.Contains)))
            {
                least.Add(way);
            }
        }

        return least;
    }

    public static int[] With(int[] set, int rung) => set.Contains(rung) ? set : [.. set.Append(rung).Order()];
}
