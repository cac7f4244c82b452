namespace BoldLadder.Core.Suggesting;

/// <summary>
/// How good an order is. What a lead asked for comes before everything, then what needs what, then thin rungs, then what
/// is easily confused, then how soon everyday words can be read.
/// </summary>
/// <param name="Wishes">Wishes that are not kept.</param>
/// <param name="Needs">Needs that are broken, and contrasts that stand before what they compare.</param>
/// <param name="TooEarly">
/// Spellings met in another sound before their plain one, and rungs before the first words that hardly a short word needs.
/// </param>
/// <param name="Thin">Rungs that are thin by place.</param>
/// <param name="Alike">Things that look or sound alike, or tricky words, too close together.</param>
/// <param name="Spellings">Two spellings of one sound too close together.</param>
/// <param name="Average">How many rungs are taught, on average, before an everyday word that the ladder opens can be read.</param>
/// <param name="Total">All of it as one number; the less the better.</param>
public sealed record OrderScore(int Wishes, int Needs, int TooEarly, int Thin, int Alike, int Spellings, double Average, long Total);

/// <summary>
/// What a fault costs, in thousandths of the whole ladder for every everyday word: 1 is all words a rung later on a ladder
/// of a thousand. The first number of each is for the fault, the second for how far it is from mended, so that a search
/// feels its way.
/// </summary>
internal static class OrderWeights
{
    public const int Wish = 1000, WishMore = 100;
    public const int Need = 150, NeedMore = 50;
    public const int Thin = 40, ThinMore = 20;
    public const int Alike = 30, AlikeMore = 10;
    public const int Spellings = 10, SpellingsMore = 5;

    /// <summary>Costs are kept in whole parts of a thousandth: sums of fractions would drift while rungs move.</summary>
    public const int Parts = 1000;

    /// <summary>A fault, and by how much of a whole it is missed.</summary>
    public static long Of(int fault, int more, int missed, int whole) => (fault * Parts) + ((long)more * Parts * missed / whole);
}
