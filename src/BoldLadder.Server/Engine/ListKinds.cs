using BoldLadder.Core.Choosing;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Server.Engine;

/// <summary>The kinds of list and pair by the names that people ask for them by.</summary>
internal static class ListKinds
{
    public const string ListSentence = "A list is words, rhymes, rhymes-spelt-alike, by-spelling or by-ending-sound.";

    public const string PairSentence = "Pairs are minimal, short-split, added-in-front or added-at-end.";

    /// <summary>Families of words, or null for no such kind.</summary>
    /// <param name="ending">For <c>by-ending-sound</c>.</param>
    public static IEnumerable<WordFamily>? Families(string kind, WordLists lists, ListBrief brief, string? ending) => kind switch
    {
        "words" => [new WordFamily("", [.. lists.Words(brief)])],
        "rhymes" => lists.Rhymes(brief, false),
        "rhymes-spelt-alike" => lists.Rhymes(brief, true),
        "by-spelling" => lists.BySpelling(brief),
        "by-ending-sound" => lists.ByEndingSound(brief, ending ?? ""),
        _ => null,
    };

    /// <summary>Pairs of words, or null for no such kind.</summary>
    /// <param name="one">For minimal pairs: the two sounds of the contrast, or null for any.</param>
    public static IEnumerable<WordPair>? Pairs(string kind, WordStock stock, ListBrief brief, Sound? one = null, Sound? other = null)
    {
        var pairs = new WordPairs(new WordLists(stock), stock);
        return kind switch
        {
            "minimal" => pairs.Minimal(brief, one, other),
            "short-split" => pairs.ShortAndSplit(brief),
            "added-in-front" => pairs.AddedInFront(brief),
            "added-at-end" => pairs.AddedAtEnd(brief),
            _ => null,
        };
    }
}
