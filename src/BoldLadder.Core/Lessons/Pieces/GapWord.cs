using System.Text.RegularExpressions;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// A word with one spelling left out, for children to choose: <c>c__ch</c>, or <c>c_k_</c> where the letters stand apart; and a
/// sentence with one word left out.
/// </summary>
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

    /// <summary>What is shown of an item of the form before it is filled: the sentence to mend, or with a gap in it.</summary>
    public static string Of(LessonBlock block, LessonItem item, Segmentation? reading) =>
        block.Activity == Activity.MendSentence ? item.Heading : reading is not null ? Of(reading, item.Heading) : In(item.Text, item.Heading);

    /// <summary>The sentence with a word left out where it first stands: one line, since its letters are not to be counted.</summary>
    public static string In(string sentence, string word) => new Regex($@"\b{Regex.Escape(word)}\b", RegexOptions.IgnoreCase).Replace(sentence, "____", 1);
}
