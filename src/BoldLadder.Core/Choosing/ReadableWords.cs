using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Choosing;

/// <summary>Which of a school's words can be read, found once for what is taught. Safe to share.</summary>
internal sealed class ReadableWords(WordRows rows, IReadOnlyList<OfferedWord> offered)
{
    private readonly FoundOnce<Found> _found = new();

    /// <summary>The words of which every part is taught, in their order; not those known by heart alone.</summary>
    public IReadOnlyList<OfferedWord> By(TaughtSet taught) => _found.For(taught, before =>
    {
        var (words, can) = (new List<OfferedWord>(), new bool[offered.Count]);
        for (var i = 0; i < can.Length; i++)
        {
            can[i] = before?.Can[i] == true || rows.CoveredWay(offered[i].Row, taught.Bits) >= 0;
            if (can[i])
            {
                words.Add(offered[i]);
            }
        }

        return new Found(can, words);
    }).Words;

    /// <param name="Can">Of each word offered, whether it can be read.</param>
    private sealed record Found(bool[] Can, IReadOnlyList<OfferedWord> Words);
}
