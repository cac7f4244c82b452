using BoldLadder.Core.Words;

namespace BoldLadder.Core.Mapping;

/// <summary>The first words that a class going up a ladder would be given: what can be read and fits the section where it stands.</summary>
public static class FirstWords
{
    public static IReadOnlyList<LexiconWord> Of(Unlocking unlocking, int count)
    {
        var (ladder, rows) = (unlocking.Ladder, unlocking.Rules.Rows);
        return [.. Enumerable.Range(0, ladder.Rungs.Count)
            .SelectMany(at => UnlockedWords.At(unlocking, at).Where(x => rows.MayOffer(x) && rows.RowsOf(x.Rank) is var (row, end) && Enumerable.Range(row, end - row).All(r => rows.Fits(r, ladder.SectionAt(at).ShapeFor(ladder.Rungs[at])))))
            .Take(count)];
    }
}
