using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>One correspondence at its place in a word.</summary>
/// <param name="Correspondence">The grapheme and what it says here.</param>
/// <param name="Start">Zero-based place of its first letter.</param>
/// <param name="FinalE">
/// Place of the <i>e</i> of a split digraph; -1 for other graphemes, and where an ending dropped
/// the <i>e</i> (<i>making</i>), so that the grapheme holds one letter only.
/// </param>
/// <param name="Mark">Place of an apostrophe or hyphen among its letters (the <i>eyre</i> of <i>they're</i>); -1 for none.</param>
public readonly record struct Segment(Correspondence Correspondence, int Start, int FinalE = -1, int Mark = -1)
{
    /// <summary>The places of its letters in the word, in order.</summary>
    public IEnumerable<int> Letters
    {
        get
        {
            for (var i = 0; i < Correspondence.Grapheme.LeadingLetters.Length; i++)
            {
                yield return Mark >= 0 && Start + i >= Mark ? Start + i + 1 : Start + i;
            }

            if (FinalE >= 0)
            {
                yield return FinalE;
            }
        }
    }

    /// <summary>True for a split digraph whose <i>e</i> was dropped by an ending.</summary>
    public bool DroppedE => Correspondence.Grapheme.IsSplit && FinalE < 0;
}
