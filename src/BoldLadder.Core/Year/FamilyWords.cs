using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Year;

/// <summary>
/// Words that a half-term opens, for families to read with their children: a few for each rung, commonest first, among
/// those that may be offered.
/// </summary>
public static class FamilyWords
{
    private const int ARung = 3, Most = 36;

    /// <summary>Of all the rungs of a half-term together.</summary>
    public static IReadOnlyList<LexiconWord> Of(HalfTerm half, Unlocking unlocking) =>
        [.. half.Weeks.SelectMany(x => x.Rungs).Where(x => x.AddsParts && x.Kind == RungKind.Teach).SelectMany(x => Of(x, unlocking).Take(ARung)).Distinct().Take(Most)];

    /// <summary>Of one rung of the ladder.</summary>
    public static IEnumerable<LexiconWord> Of(Rung rung, Unlocking unlocking) =>
        TargetWords.At(unlocking, unlocking.Ladder.PlaceOf(rung.Id)).Where(unlocking.Rules.Rows.MayOffer);
}
