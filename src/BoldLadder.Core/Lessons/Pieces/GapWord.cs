using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>A word with one spelling left out, for children to choose: <c>c__ch</c>, or <c>c_k_</c> where the letters stand apart.</summary>
public static class GapWord
{
    /// <param name="grapheme">The spelling that is left out, as it is taught.</param>
    public static string Of(Segmentation reading, string grapheme)
    {
        if (reading.Segments.FirstOrDefault(x => x.Correspondence.Grapheme.Text == grapheme) is not { Correspondence.Grapheme.Text: not null } gap)
        {
            return reading.Word;
        }

        var letters = reading.Word.ToCharArray();
        var leading = gap.Correspondence.Grapheme.LeadingLetters.Length;
        Array.Fill(letters, '_', gap.Start, leading);
        if (gap.Correspondence.Grapheme.IsSplit)
        {
            letters[Array.FindIndex(letters, gap.Start + leading, x => x == 'e')] = '_';
        }

        return new string(letters);
    }
}
