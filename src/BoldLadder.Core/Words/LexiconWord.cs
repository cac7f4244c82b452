namespace BoldLadder.Core.Words;

/// <summary>Whether a word may be put before a class.</summary>
public enum Suitability
{
    Fine,

    /// <summary>Not offered by default; allowed if the teacher asks.</summary>
    Sensitive,

    /// <summary>Never offered, wherever it comes from.</summary>
    Unsuitable,
}

/// <summary>Whether children know a word by ear; rated by hand, not guessed from print.</summary>
public enum Familiarity
{
    Unrated,
    AtFourOrFive,
    AtSixOrSeven,
    Later,
}

/// <summary>A word of the lexicon, apart from its readings, which differ by accent.</summary>
/// <param name="Rank">Place by commonness in print, from 0; a band, not a measure of what a child knows.</param>
/// <param name="Spelling">As written in the middle of a sentence: with a capital where English has one.</param>
/// <param name="Region">Empty, <c>gb</c> or <c>us</c>: where it is spelt so.</param>
/// <param name="Ended">Its base and ending, when it has one.</param>
/// <param name="Parts">The two words that a compound is made of (<i>rain, coat</i>); empty for others.</param>
/// <param name="Count">How often it was met in 51 million words of film subtitles.</param>
public sealed record LexiconWord(
    int Rank, string Spelling, string Region, Suitability Suitability, Familiarity Familiarity, EndedWord? Ended,
    IReadOnlyList<string> Parts, int Count)
{
    /// <summary>The spelling in lower case, by which the word is found.</summary>
    public string Key { get; } = Spelling.ToLowerInvariant();

    /// <summary>
    /// Where the word is joined, as places of letters: between the two words of a compound, and before an ending. A
    /// teacher divides it there.
    /// </summary>
    public IReadOnlyList<int> Joins =>
        Ended is { } ended ? [Key.Length - ended.Ending.Length]
        : Parts.Count == 0 ? []
        : [.. Parts.Take(Parts.Count - 1).Select((_, i) => Parts.Take(i + 1).Sum(x => x.Length))];

    /// <summary>The base with all its forms, by which a family is told from others: <i>plumb</i> for <i>plumbers</i> too.</summary>
    public string Family { get; init; } = Ended?.Base ?? Spelling.ToLowerInvariant();

    /// <summary>Known to most children of seven or younger: the default for lists.</summary>
    public bool Everyday => Familiarity is Familiarity.AtFourOrFive or Familiarity.AtSixOrSeven;
}
