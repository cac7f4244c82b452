using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>Gives verdicts for one taught set.</summary>
public sealed class Judge(TaughtSet taught)
{
    private readonly WordNeeds _needs = taught.Rules.Needs;

    public TaughtSet Taught { get; } = taught;

    public Verdict Of(string spelling) =>
        _needs.Words.FindWord(spelling) is { } word ? Of(word) : OfUnknown(spelling);

    public Verdict Of(LexiconWord word)
    {
        var (blockers, row) = Fewest(word);
        var tricky = Taught.TrickyWords.Contains(word.Key);
        var kind = word.Suitability == Suitability.Unsuitable ? VerdictKind.Unsuitable
            : row >= 0 && blockers.Count == 0 ? VerdictKind.Readable
            : tricky ? VerdictKind.TrickyTaught
            : row < 0 ? VerdictKind.Unknown
            : VerdictKind.NotYet;
        return new Verdict(kind, blockers, row);
    }

    /// <summary>True when the children can read the word: quicker than a whole verdict.</summary>
    public bool IsLegal(string spelling) => spelling.ToLowerInvariant() is var key && IsLegal(key, _needs.Words.FindWord(key));

    /// <summary>The same for a word that was looked up before.</summary>
    /// <param name="key">In small letters.</param>
    internal bool IsLegal(string key, LexiconWord? word) => Taught.TrickyWords.Contains(key)
        ? word is null || word.Suitability != Suitability.Unsuitable
        : word is { Suitability: not Suitability.Unsuitable } && IsReadable(word);

    /// <summary>True when all of a word's parts are taught; quicker than a whole verdict.</summary>
    public bool IsReadable(LexiconWord word)
    {
        var (first, end) = _needs.RowsOf(word.Rank);
        for (var row = first; row < end; row++)
        {
            if (_needs.Covered(row, Taught.Bits))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>What a reading that is in no list needs and has not.</summary>
    public IReadOnlyList<Part> Blockers(Segmentation reading, EndedWord? ended) =>
        [.. Bits.Needed(reading, ended, Structure.Of(reading)).Where(Lacks).Distinct()];

    /// <summary>
    /// For each segment of a reading, whether the taught set does not cover it: the tricky part of a
    /// tricky word, which shrinks as the year goes on.
    /// </summary>
    public IReadOnlyList<bool> Uncovered(Segmentation reading, EndedWord? ended) =>
        [.. Bits.Needed(reading, ended, Structure.Of(reading)).Take(reading.Segments.Count).Select(Lacks)];

    private Verdict OfUnknown(string spelling) => new(
        Taught.TrickyWords.Contains(spelling.ToLowerInvariant()) ? VerdictKind.TrickyTaught : VerdictKind.Unknown, [], -1);

    private (IReadOnlyList<Part> Blockers, int Row) Fewest(LexiconWord word)
    {
        var (first, end) = _needs.RowsOf(word.Rank);
        (List<Part>? Blockers, int Row) best = (null, -1);
        for (var row = first; row < end; row++)
        {
            var blockers = new List<Part>();
            foreach (var bit in _needs.BitsOf(row))
            {
                if (!Taught.Has(bit) && !blockers.Contains(_needs.Bits[bit]))
                {
                    blockers.Add(_needs.Bits[bit]);
                }
            }

            if (best.Blockers is null || blockers.Count < best.Blockers.Count)
            {
                best = (blockers, row);
            }
        }

        return (best.Blockers ?? [], best.Row);
    }

    private bool Lacks(Part part)
    {
        var bit = _needs.Bits.Find(part);
        return bit >= 0
            ? !Taught.Has(bit)
            : part.Kind is not (PartKind.Ending or PartKind.Structure or PartKind.RimeUnit or PartKind.Cluster) && !Taught.Correspondences.Any(x => x.Key == part.Shown);
    }
}
