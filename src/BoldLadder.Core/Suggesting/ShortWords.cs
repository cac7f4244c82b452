using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Suggesting;

/// <summary>
/// What a spelling does in the short words that children meet first: which of its sounds is its plain one, and whether it
/// is of any use among the first letters.
/// </summary>
internal static class ShortWords
{
    /// <summary>So many make a letter worth meeting before there are words: every single letter has them but q, x, y and z.</summary>
    public const int Many = 30;

    /// <summary>How many everyday base words of three boxes or fewer hold a correspondence.</summary>
    public static int Count(PartIndex index, WordRows rows, Correspondence correspondence)
    {
        var families = new HashSet<int>();
        foreach (var row in index.RowsOf(new Rung { Id = correspondence.Key, Adds = [Teachable.Of(correspondence)] }))
        {
            if (index.FamilyOf(row) == rows.WordOf(row) && rows.Fits(row, WordShape.First))
            {
                families.Add(index.FamilyOf(row));
            }
        }

        return families.Count;
    }

    /// <summary>
    /// The plain sound of a spelling among some: the one that at least twice as many short words have as any other; null
    /// where none stands out. Weak sounds are never heard in short words and are not asked.
    /// </summary>
    public static Correspondence? Plain(PartIndex index, WordRows rows, IEnumerable<Correspondence> sameSpelling)
    {
        var counted = sameSpelling.Where(x => !x.IsWeak()).Select(x => (Of: x, Count: Count(index, rows, x))).OrderByDescending(x => x.Count).ToList();
        return counted is [var first, var second, ..] && first.Count >= 2 * Math.Max(1, second.Count) ? first.Of : null;
    }

    private static bool IsWeak(this Correspondence x) => x.Sound.Key == "schwa";
}
