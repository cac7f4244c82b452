using BoldLadder.Core.Words;

namespace BoldLadder.Core.Mapping;

/// <summary>The words that become readable at a rung, as they may be shown.</summary>
public static class UnlockedWords
{
    /// <summary>
    /// Those that a person has rated and that nobody minds: everyday ones first, and each group commonest first. Words
    /// that nobody has read with a class in mind are counted in a rung's figures and never listed.
    /// </summary>
    public static IReadOnlyList<LexiconWord> At(Unlocking unlocking, int place)
    {
        var words = unlocking.Rules.Rows.Words;
        return [.. words.Words
            .Where(x => unlocking.PlaceOf(x.Rank) == place && x is { Suitability: Suitability.Fine, Familiarity: not Familiarity.Unrated } && words.OwnSpelling(x))
            .OrderByDescending(x => x.Everyday)];
    }
}
