using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// Which of a school's words can be read, found once for what is taught: the lessons of a rung's days and of reviews have
/// the same taught, and as the line moves up what could be read still can. Safe to share.
/// </summary>
internal sealed class ReadableWords(WordRows rows, IReadOnlyList<OfferedWord> offered)
{
    // Of the last one asked.
    private volatile Found? _last;

    /// <summary>The words of which every part is taught, in their order; not those known by heart alone.</summary>
    public IReadOnlyList<OfferedWord> By(TaughtSet taught)
    {
        if (_last is { } last && last.Taught.IsSameAs(taught))
        {
            return last.Words;
        }

        var before = _last is { } below && below.Taught.IsWithin(taught) ? below : null;
        var (words, can) = (new List<OfferedWord>(), new bool[offered.Count]);
        for (var i = 0; i < can.Length; i++)
        {
            can[i] = before?.Can[i] == true || rows.CoveredWay(offered[i].Row, taught.Bits) >= 0;
            if (can[i])
            {
                words.Add(offered[i]);
            }
        }

        return (_last = new Found(taught, can, words)).Words;
    }

    /// <param name="Can">Of each word offered, whether it can be read.</param>
    private sealed record Found(TaughtSet Taught, bool[] Can, IReadOnlyList<OfferedWord> Words);
}
