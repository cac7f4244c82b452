namespace BoldLadder.Core.Ladders;

/// <summary>A mark of punctuation that a ladder may teach on a rung of its own.</summary>
/// <param name="Key">The key in data and the API.</param>
/// <param name="Signs">What it looks like: the first is shown, all are found in a text.</param>
/// <param name="Name">What it is called, the same wherever English is taught.</param>
/// <param name="Ends">It ends a sentence.</param>
public sealed record PunctuationMark(string Key, string Signs, string Name, bool Ends = false)
{
    public static IReadOnlyList<PunctuationMark> All { get; } =
    [
        new("stop", ".", "stop", true),
        new("questionMark", "?", "question mark", true),
        new("exclamationMark", "!", "exclamation mark", true),
        new("comma", ",", "comma"),
        new("quotationMarks", "\"“”", "quotation marks"),
        new("apostrophe", "'’", "apostrophe"),
        new("hyphen", "-", "hyphen"),
    ];

    /// <summary>The sign, as it is shown alone.</summary>
    public string Sign => Signs[..1];

    /// <summary>The mark that a character is; null when it is none of them.</summary>
    public static PunctuationMark? Of(char sign) => All.FirstOrDefault(x => x.Signs.Contains(sign, StringComparison.Ordinal));
}
