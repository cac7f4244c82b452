using static BoldLadder.Core.Importing.PartPatterns;

namespace BoldLadder.Core.Importing;

/// <summary>What people say of a sound in words or mark on its letters, written as <see cref="PartReader"/> reads it: between strokes, or as <i>long</i> and <i>short</i>.</summary>
internal static class SaidSounds
{
    private const string Long = "āēīōū", Short = "ăĕĭŏŭ", Vowels = "aeiou";

    /// <summary>A vowel by itself with the mark of a dictionary, in words: <i>ă</i> is short a.</summary>
    public static string WithLengths(string text) => LengthMarked.Replace(text, x =>
    {
        var isShort = x.Groups["short"].Success || Short.Contains(x.Value[0], StringComparison.Ordinal);
        var vowel = x.Groups["twice"].Success ? "oo" : x.Groups["plain"].Success ? x.Groups["plain"].Value : $"{Vowels[(Long + Short).IndexOf(x.Value[0], StringComparison.Ordinal) % Vowels.Length]}";
        return $"{(isShort ? "short" : "long")} {vowel}";
    });

    /// <summary>The sound j spelt dge; y as igh; the /v/ sound at the end of words (ve).</summary>
    public static string InStrokes(string text, TokenReader token)
    {
        text = SpeltSo.Replace(text, x => $"/{x.Groups["sound"].Value}/: {x.Groups["rest"].Value.Replace(" or ", ", ", StringComparison.OrdinalIgnoreCase)}");
        text = SaidAs.Replace(text, x => SoundNames.Find(x.Groups["sound"].Value, x.Groups["letters"].Value).Any() ? $"{x.Groups["dash"].Value}{x.Groups["letters"].Value} /{x.Groups["sound"].Value}/" : x.Value);

        // Letters in the brackets, and not the word that shows them.
        return SoundThenLetters.Replace(text, x => x.Groups["rest"].Value.Split([',', '/', ' '], StringSplitOptions.RemoveEmptyEntries).All(p => token.Known(p) && !token.IsWord(p))
            ? $"/{x.Groups["sound"].Value}/: {x.Groups["rest"].Value.Trim()}" : x.Value);
    }
}
