using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Mapping;

/// <summary>Which tricky words could simply be read where they stand, while some rungs move.</summary>
internal sealed class MovingTricky
{
    private readonly MovingTimes _times;
    private readonly List<(string Word, int Rank, int Other, int Moving, bool Now)> _words = [];

    /// <param name="strict">Weak vowels count as what they sound like.</param>
    public MovingTricky(ReadingRules strict, Ladder ladder, IReadOnlyList<Rung> others, IReadOnlyList<Rung> moving)
    {
        _times = new MovingTimes(strict, ladder, others, moving);
        for (var i = 0; i < others.Count; i++)
        {
            Note(others[i], i, -1, _times.OfOther(i));
        }

        for (var m = 0; m < moving.Count; m++)
        {
            Note(moving[m], -1, m, _times.NowOfMoving(m));
        }

        void Note(Rung rung, int other, int at, int now)
        {
            foreach (var word in rung.TrickyWords)
            {
                if (strict.Rows.Words.FindWord(word) is { } found)
                {
                    _words.Add((word, found.Rank, other, at, _times.WordNow(found.Rank) <= now));
                }
            }
        }
    }

    /// <summary>With so many others below what moves: words that could be read and can't now, and the other way round.</summary>
    public (IReadOnlyList<string> Needless, IReadOnlyList<string> Again) At(int below)
    {
        var (needless, again) = (new List<string>(), new List<string>());
        foreach (var (word, rank, other, moving, now) in _words)
        {
            var then = _times.WordAt(rank, below) <= (other >= 0 ? _times.OfOther(other) : _times.OfMoving(moving, below));
            if (then != now)
            {
                (then ? needless : again).Add(word);
            }
        }

        return (needless, again);
    }
}
