using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>
/// Where the vowel before a consonant decides whether it is written twice. Source: a consonant is doubled between vowels and
/// at the end after a short one that is said strongly; <i>approach</i> and <i>suppose</i> have none that tells.
/// </summary>
public static class DoubledLetters
{
    /// <summary>
    /// True of the letters that are doubled where a short word ends: bell, miss, puff, buzz. Others are doubled in the middle.
    /// Source: English spelling.
    /// </summary>
    public static bool EndWords(Correspondence consonant) => consonant is { IsDoubledConsonant: true, Grapheme.Text: "ff" or "ll" or "ss" or "zz" };

    /// <summary>True for a word that shows the rule with this consonant, written once or twice.</summary>
    public static bool Decides(Segmentation reading, Correspondence consonant)
    {
        var parts = reading.Segments.Select(x => x.Correspondence).ToList();
        var at = parts.IndexOf(consonant);
        return at > 0 && parts[at - 1].Sound.IsVowel
            && (consonant.IsDoubledConsonant ? Vowels.IsShortSound(parts[at - 1].Sound) : at == parts.Count - 1 || parts[at + 1].Sound.IsVowel);
    }
}
