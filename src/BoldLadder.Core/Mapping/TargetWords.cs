using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Mapping;

/// <summary>Everyday words that hold what a rung teaches, readable at its place and within its section's shape limit.</summary>
public static class TargetWords
{
    /// <summary>A class never meets longer ones on a rung's own day, however late it comes.</summary>
    internal static readonly WordShape Longest = new(6, 2, 2);

    /// <summary>The words, commonest first.</summary>
    public static IReadOnlyList<LexiconWord> At(Unlocking unlocking, int place)
    {
        var rows = unlocking.Rules.Rows;
        var shape = unlocking.Ladder.SectionAt(place).ShapeFor(unlocking.Ladder.Rungs[place]);
        var words = new List<LexiconWord>();
        foreach (var row in PartIndex.Of(unlocking.Rules).RowsOf(unlocking.Ladder.Rungs[place]))
        {
            if (unlocking.PlaceOfRow(row) <= place && rows.Fits(row, shape) && (words.Count == 0 || words[^1].Rank != rows.WordOf(row)))
            {
                words.Add(rows.Words.Words[rows.WordOf(row)]);
            }
        }

        return words;
    }

    /// <summary>How many there are at every place, a base and its endings counted once.</summary>
    public static int[] Families(Unlocking unlocking)
    {
        var rows = unlocking.Rules.Rows;
        var index = PartIndex.Of(unlocking.Rules);
        var counts = new int[unlocking.Ladder.Rungs.Count];

        // For each family the last place that counted it, so that nothing has to be cleared between places.
        var counted = new ushort[rows.Words.Words.Count];
        for (var place = 0; place < counts.Length; place++)
        {
            var shape = unlocking.Ladder.SectionAt(place).ShapeFor(unlocking.Ladder.Rungs[place]);
            foreach (var row in index.RowsOf(unlocking.Ladder.Rungs[place]))
            {
                if (unlocking.PlaceOfRow(row) <= place && rows.Fits(row, shape) && counted[index.FamilyOf(row)] != place + 1)
                {
                    counted[index.FamilyOf(row)] = (ushort)(place + 1);
                    counts[place]++;
                }
            }
        }

        return counts;
    }
}
