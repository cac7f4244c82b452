namespace BoldLadder.Core.Sounds;

/// <summary>What teachers call short vowels and the names of vowel letters. Source: the domain's own lists.</summary>
public static class Vowels
{
    /// <summary>
    /// True for a spelling that stands at the end of longer words and is a beat of its own there: the er of <i>river</i>, the le of
    /// <i>table</i>, the y of <i>happy</i>. Who is taught it is taught that beat.
    /// </summary>
    public static bool IsBeatAtEnd(Correspondence part) => part.Sound.Key switch
    {
        "schwa" => part.Grapheme.Text is "er" or "or" or "ar" or "re" or "our",
        "schwa+l" => true,
        "ee" => part.Grapheme.Text is "y" or "ey",
        _ => false,
    };

    private static readonly string[] Short = ["a", "e", "i", "o", "u", "uu"];

    /// <summary>True for the sound of a short vowel, however it is spelt: the e of <i>bread</i> too.</summary>
    public static bool IsShortSound(Sound sound) => Short.Contains(sound.Key);

    /// <summary>True for a single letter that says a short vowel: <i>hop</i>, but not <i>bread</i>, and not <i>past</i> where it has the vowel of <i>car</i>.</summary>
    public static bool IsShort(Correspondence correspondence) => correspondence.Grapheme.Text.Length == 1 && IsShortSound(correspondence.Sound);

    /// <summary>
    /// True for a single vowel letter that is said weakly in a longer word: schwa, or e and a said as i, never er, or, ar.
    /// Source: the domain's rule for weak vowels.
    /// </summary>
    public static bool IsWeak(Correspondence correspondence) => correspondence.Grapheme.Text is "a" or "e" or "i" or "o" or "u"
        && (correspondence.Sound.Key == "schwa" || correspondence.Key is "e:i" or "a:i");

    /// <summary>True when a sound is the name of a vowel letter: <i>ai</i> of a, <i>ee</i> of e.</summary>
    public static bool IsName(char letter, string soundKey) => letter switch
    {
        'a' => soundKey == "ai",
        'e' => soundKey == "ee",
        'i' or 'y' => soundKey == "igh",
        'o' => soundKey == "oa",
        'u' => soundKey is "y+oo" or "oo",
        _ => false,
    };
}
