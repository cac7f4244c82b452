using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>Words on which a code of marks can be seen: one for each kind of part, and a longer one.</summary>
public static class MarkingExamples
{
    /// <summary>The ladder's first tricky word, and what is taught on its own rung; null when it has none.</summary>
    public static (LexiconWord Word, Judge Judge)? Tricky(ReadingRules rules, Ladder? ladder)
    {
        var at = ladder?.Rungs.ToList().FindIndex(x => x.TrickyWords.Count > 0) ?? -1;
        return at >= 0 && rules.Rows.Words.FindWord(ladder!.Rungs[at].TrickyWords[0]) is { } word
            ? (word, new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(at + 1)))) : null;
    }

    private const int Fewest = 3, Most = 6, Longer = 9;

    /// <summary>The commonest everyday words that show each kind, shortest kinds first; a kind that no word has is left out.</summary>
    /// <param name="readable">Which words, by rank, the class will come to read.</param>
    public static IReadOnlyList<LexiconWord> Of(WordRows rows, MarkingCode code, Func<int, bool> readable)
    {
        var offered = rows.Words.Words.Where(x => x.Key.Length is >= Fewest and <= Longer && rows.MayOffer(x) && !FunctionWords.Has(x.Key) && readable(x.Rank)).ToList();
        var chosen = new List<LexiconWord>();
        foreach (var kind in Enum.GetValues<MarkedKind>())
        {
            if (offered.Find(x => x.Key.Length <= Most && !chosen.Contains(x) && Shows(x, kind)) is { } word)
            {
                chosen.Add(word);
            }
        }

        if (offered.Find(x => x.Key.Length > Most && KindsIn(x).Distinct().Count() > 2) is { } longer)
        {
            chosen.Add(longer);
        }

        return chosen;

        // A word of single letters only; or with the kind in it once.
        bool Shows(LexiconWord word, MarkedKind kind) => KindsIn(word) is var kinds && kinds.Contains(kind) && (kind != MarkedKind.OneLetter || kinds.All(x => x == kind));

        IReadOnlyList<MarkedKind> KindsIn(LexiconWord word) => MarkedPieces.Of(rows.Words.Of(word).Readings[0], word.Ended, rows.Units, code);
    }
}
