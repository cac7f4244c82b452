using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>Which words hold what is taught, and where in them it stands.</summary>
public sealed class HeldParts(WordStock stock)
{
    // A unit stands behind the graphemes.
    private const int Behind = int.MaxValue;

    private readonly WordRows _rows = stock.Rules.Rows;

    /// <summary>Says of a word whether it has in it one of the things given. A word that is a letter holds nothing: <i>a</i> and <i>I</i> stand in every text, and practise neither <i>table</i> nor <i>find</i>.</summary>
    public Predicate<LexiconWord> Holding(IEnumerable<Teachable> targets)
    {
        var bits = BitsOf(targets);
        return word =>
        {
            var (row, end) = _rows.RowsOf(word.Rank);
            while (row < end && TargetAt(row, bits) < 0)
            {
                row++;
            }

            return row < end && word.Key.Length > 1;
        };
    }

    /// <summary>The bits of words that have one of the things in them.</summary>
    internal bool[] BitsOf(IEnumerable<Teachable> things)
    {
        var bits = new bool[_rows.Bits.Count];
        foreach (var bit in things.SelectMany(stock.Rules.Holds))
        {
            bits[bit] = true;
        }

        return bits;
    }

    /// <summary>Where in a word the first of them stands, and which it is; both -1 where none does. What may be read with a unit has the unit, however it is read.</summary>
    /// <param name="row">The first row of a reading.</param>
    internal (int At, int Bit) First(int row, bool[] targets)
    {
        for (var way = row; _rows.IsWayOf(way, row); way++)
        {
            if (TargetAt(way, targets) is var at and >= 0)
            {
                var bit = _rows.BitsOf(way)[at];
                return (_rows.Bits[bit].Kind == PartKind.RimeUnit ? Behind : at, bit);
            }
        }

        return (-1, -1);
    }

    private int TargetAt(int row, bool[] targets)
    {
        var bits = _rows.BitsOf(row);
        for (var i = 0; i < bits.Length; i++)
        {
            if (targets[bits[i]])
            {
                return i;
            }
        }

        return -1;
    }
}
