namespace BoldLadder.Core.Sounds;

/// <summary>What kind of grapheme some letters make; computed, never typed in.</summary>
public enum GraphemeKind
{
    Single,
    Doubled,
    Digraph,
    Trigraph,
    FourLetters,
    Split,
}

/// <summary>The letters that spell one sound in a word. A split digraph is written <c>a_e</c>.</summary>
public readonly record struct Grapheme
{
    /// <summary>Longest grapheme in letters; English has none longer (<i>eigh</i>, <i>ough</i>, <i>ayor</i>).</summary>
    public const int MaxLetters = 5;

    private Grapheme(string text) => Text = text;

    /// <summary>Lower-case letters, with an underscore where another grapheme stands between.</summary>
    public string Text { get; }

    public bool IsSplit => Text.Length == 3 && Text[1] == '_';

    /// <summary>The first letter of a split digraph, or all letters of any other.</summary>
    public string LeadingLetters => IsSplit ? Text[..1] : Text;

    public GraphemeKind Kind => this switch
    {
        { IsSplit: true } => GraphemeKind.Split,
        { Text.Length: 1 } => GraphemeKind.Single,
        { Text: [var a, var b] } when a == b && a is not ('a' or 'e' or 'i' or 'o' or 'u') => GraphemeKind.Doubled,
        { Text.Length: 2 } => GraphemeKind.Digraph,
        { Text.Length: 3 } => GraphemeKind.Trigraph,
        _ => GraphemeKind.FourLetters,
    };

    /// <summary>Reads letters a to z, or a split digraph; on failure <paramref name="reason"/> says why.</summary>
    public static bool TryParse(string text, out Grapheme grapheme, out string reason)
    {
        grapheme = default;
        if (text.Length is 0 or > MaxLetters)
        {
            reason = $"a grapheme has 1 to {MaxLetters} letters";
            return false;
        }

        var split = text.Length == 3 && text[1] == '_' && text[2] == 'e';
        for (var i = 0; i < text.Length; i++)
        {
            if (text[i] is < 'a' or > 'z' && !(split && i == 1))
            {
                reason = $"'{text}' is not a grapheme: use the letters a to z, or a split digraph such as a_e";
                return false;
            }
        }

        grapheme = new Grapheme(text);
        reason = "";
        return true;
    }

    // Graphemes are looked up more than anything else, and are too short for a string's own hash to pay.
    public override int GetHashCode()
    {
        var hash = 0;
        foreach (var letter in Text ?? "")
        {
            hash = (hash * 31) + letter;
        }

        return hash;
    }

    public bool Equals(Grapheme other) => string.Equals(Text, other.Text, StringComparison.Ordinal);

    public override string ToString() => Text;
}
