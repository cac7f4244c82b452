using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Choosing;

/// <summary>What a step of a chain does.</summary>
public enum ChainMove
{
    Changed,
    Added,
    TakenOut,
}

/// <summary>Where a step of a chain happens: the question "what changed, and where?".</summary>
public enum ChainPlace
{
    Start,
    Middle,
    End,
}

/// <summary>One step from a word to the next.</summary>
/// <param name="From">The correspondence that was there; null when one was added.</param>
/// <param name="To">The one that is there now; null when one was taken out.</param>
public readonly record struct ChainStep(ChainMove Move, ChainPlace Place, Correspondence? From, Correspondence? To)
{
    /// <summary>What changed and where, for the adult.</summary>
    public IReadOnlyList<Reason> Reasons
    {
        get
        {
            var where = Place.ToString().ToLowerInvariant();
            var what = Move switch
            {
                ChainMove.Added => Reason.Of(ReasonCode.ChainAdded, To!.Value.Grapheme.Text, where),
                ChainMove.TakenOut => Reason.Of(ReasonCode.ChainTakenOut, From!.Value.Grapheme.Text, where),
                _ => Reason.Of(ReasonCode.ChainChanged, From!.Value.Grapheme.Text, To!.Value.Grapheme.Text, where),
            };
            return Sounds(From) != Sounds(To) && Move == ChainMove.Changed
                ? [what, Reason.Of(ReasonCode.TwoSounds, (Sounds(To) > 1 ? To : From)!.Value.Grapheme.Text)]
                : [what];
        }
    }

    private static int Sounds(Correspondence? x) => x is { } some ? some.Sound.Phonemes.Count() : 0;
}
