namespace BoldLadder.Core.Sounds;

/// <summary>
/// A grapheme with the sound it spells, written <c>ea:ee</c>: the thing a rung teaches.
/// <c>ea:ee</c> and <c>ea:e</c> are two pieces of learning.
/// </summary>
public readonly record struct Correspondence(Grapheme Grapheme, Sound Sound)
{
    /// <summary>The written form, such as <c>a_e:ai</c> or <c>x:k+s</c>.</summary>
    public string Key => $"{Grapheme.Text}:{Sound.Key}";

    /// <summary>True for a consonant written twice and said once: <c>tt:t</c>.</summary>
    public bool IsDoubledConsonant => Grapheme.Kind == GraphemeKind.Doubled && !Sound.IsVowel;

    /// <summary>True for the n of <i>pink</i>, said as in <i>sing</i>.</summary>
    public bool IsOfNk => Grapheme.Text == "n" && Sound.Key == "ng";

    /// <summary>Reads <c>grapheme:sound</c>; on failure <paramref name="reason"/> is a sentence for the person who typed it.</summary>
    public static bool TryParse(string? text, out Correspondence correspondence, out string reason)
    {
        correspondence = default;
        var colon = text?.IndexOf(':') ?? -1;
        if (text is null || colon < 1 || colon == text.Length - 1)
        {
            reason = "write a correspondence as letters, a colon and a sound, such as ea:ee";
            return false;
        }

        if (!Grapheme.TryParse(text[..colon], out var grapheme, out reason)
            || !Sound.TryParse(text[(colon + 1)..], out var sound, out reason))
        {
            return false;
        }

        correspondence = new Correspondence(grapheme, sound);
        return true;
    }

    /// <summary>Reads a correspondence that the program itself wrote.</summary>
    /// <exception cref="FormatException">The text is not a correspondence.</exception>
    public static Correspondence Parse(string text) =>
        TryParse(text, out var value, out var reason) ? value : throw new FormatException($"{text}: {reason}");

    public override int GetHashCode() => (Grapheme.GetHashCode() * 4096) + Sound.GetHashCode();

    public override string ToString() => Key;
}
