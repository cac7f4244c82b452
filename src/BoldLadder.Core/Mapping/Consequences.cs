using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Mapping;

/// <summary>What would change if the rungs that move stood at one place.</summary>
/// <param name="SectionId">The section they would stand in.</param>
/// <param name="At">Zero-based place within it, counted without them.</param>
/// <param name="Place">Zero-based place on the ladder of the first of them.</param>
/// <param name="Sooner">Everyday words that could be read sooner than now, by rank, commonest first.</param>
/// <param name="Targets">For each rung that moves, how many target words it would have.</param>
/// <param name="NewlyThin">Ids of rungs that would be thin by place and are not now.</param>
/// <param name="NoLongerThin">Ids of rungs that are thin by place now and would not be.</param>
/// <param name="Needless">Tricky words that could simply be read where they stand, and can't now.</param>
/// <param name="TrickyAgain">The other way round.</param>
/// <param name="Unmet">Needs that would be broken and are not now.</param>
public sealed record Destination(
    string SectionId, int At, int Place, ReadOnlyMemory<int> Sooner, ReadOnlyMemory<int> Later, IReadOnlyList<int> Targets,
    IReadOnlyList<string> NewlyThin, IReadOnlyList<string> NoLongerThin, IReadOnlyList<Clash> Clashes, IReadOnlyList<Clash> ClashesGone,
    IReadOnlyList<string> Needless, IReadOnlyList<string> TrickyAgain, IReadOnlyList<UnmetNeed> Unmet, IReadOnlyList<UnmetNeed> NeedsMet);

/// <summary>
/// The consequences of moving some rungs, for every place they could stand at, worked out together: one pass over the
/// words, since a word cares only whether what moves stands before or after the last of its other parts.
/// </summary>
public sealed class Consequences
{
    private readonly Ladder _ladder;
    private readonly Unlocking _now;
    private readonly MovingTimes _times;
    private readonly PartIndex _index;
    private readonly List<Rung> _moving;
    private readonly List<Rung> _others;
    private readonly IReadOnlyList<RungFigures> _figures;
    private readonly int[] _unlockedWith;
    private readonly int[] _unlockedWithout;

    /// <param name="now">The ladder as it stands.</param>
    /// <param name="movingIds">Rungs of it.</param>
    /// <param name="figures">Its figures as it stands, from <see cref="RungMap.Of"/>.</param>
    public Consequences(Unlocking now, IReadOnlyList<RungFigures> figures, IReadOnlyCollection<string> movingIds, Needs needs, ClashDistances distances)
    {
        (_ladder, _now, _figures, _index) = (now.Ladder, now, figures, PartIndex.Of(now.Rules));
        _moving = [.. _ladder.Rungs.Where(x => movingIds.Contains(x.Id))];
        _others = [.. _ladder.Rungs.Where(x => !movingIds.Contains(x.Id))];
        _times = new MovingTimes(now.Rules, _ladder, _others, _moving);
        var everyday = _index.Everyday;
        (_unlockedWith, _unlockedWithout) = (new int[everyday.Length], new int[everyday.Length]);
        for (var i = 0; i < everyday.Length; i++)
        {
            (_unlockedWith[i], _unlockedWithout[i]) = (_times.WordWith(everyday[i]), _times.WordWithout(everyday[i]));
        }

        Destinations = Every(needs, distances);
    }

    /// <summary>Every place, from the bottom; two where a section ends and the next begins.</summary>
    public IReadOnlyList<Destination> Destinations { get; }

    private List<Destination> Every(Needs needs, ClashDistances distances)
    {
        var (sooner, later) = Words();
        var thin = new MovingThin(_ladder, _figures, _index, _times, _others, _moving, _unlockedWith, _unlockedWithout);
        var clashes = new Clashes([.. _others, .. _moving], distances, _now.Rules.SameSound);
        var clashesNow = clashes.At(NowPosition).ToHashSet();
        var wanted = needs.Within([.. _others, .. _moving]);
        var unmetNow = Unmet(wanted, NowPosition).ToHashSet();
        var tricky = new MovingTricky(_now.Rules.Strict, _ladder, _others, _moving);
        var found = new List<Destination>();
        var before = 0;
        foreach (var section in _ladder.Sections)
        {
            var here = section.Rungs.Count(x => !_moving.Contains(x));
            for (var at = 0; at <= here; at++)
            {
                var d = before + at;
                int Position(int i) => i >= _others.Count ? d + i - _others.Count : i < d ? i : i + _moving.Count;
                var (clashesThen, unmetThen) = (clashes.At(Position).ToHashSet(), Unmet(wanted, Position).ToHashSet());
                var (newly, gone, targets) = thin.At(d, section.Shape);
                var (needless, again) = tricky.At(d);
                found.Add(new Destination(
                    section.Id, at, d, sooner[d], later[d], targets, newly, gone, [.. clashesThen.Except(clashesNow)], [.. clashesNow.Except(clashesThen)],
                    needless, again, [.. unmetThen.Except(unmetNow)], [.. unmetNow.Except(unmetThen)]));
            }

            before += here;
        }

        return found;
    }

    // The place on the ladder as it stands, of the others first and then of those that move.
    private int NowPosition(int i) => _ladder.PlaceOf((i < _others.Count ? _others[i] : _moving[i - _others.Count]).Id);

    private IEnumerable<UnmetNeed> Unmet(IReadOnlyList<(int At, string What, IReadOnlyList<int> Having)> wanted, Func<int, int> position)
    {
        foreach (var (at, what, having) in wanted)
        {
            if (having.Min(position) > position(at))
            {
                // Where the other stands is no part of what is broken: the same need is the same wherever it lies.
                yield return new UnmetNeed((at < _others.Count ? _others[at] : _moving[at - _others.Count]).Id, what, 0);
            }
        }
    }

    // For each place the words that come sooner or later than now: a word that is later at one place is later at all above.
    private (ReadOnlyMemory<int>[] Sooner, ReadOnlyMemory<int>[] Later) Words()
    {
        var (laterFrom, soonerTo) = (new List<int>[_others.Count + 1], new List<int>[_others.Count + 1]);
        var everyday = _index.Everyday;
        for (var i = 0; i < everyday.Length; i++)
        {
            if (_unlockedWith[i] == _unlockedWithout[i])
            {
                continue;
            }

            var now = _times.WordNow(everyday[i]);
            if (FirstAfter(everyday[i], now) is var from && from <= _others.Count)
            {
                (laterFrom[from] ??= []).Add(i);
            }

            if (LastBefore(everyday[i], now) is var to && to >= 0)
            {
                (soonerTo[to] ??= []).Add(i);
            }
        }

        var (sooner, later) = (new ReadOnlyMemory<int>[_others.Count + 1], new ReadOnlyMemory<int>[_others.Count + 1]);
        var so = new List<int>();
        for (var d = 0; d <= _others.Count; d++)
        {
            later[d] = laterFrom[d] is { } more ? Ranks(so = Merged(so, more)) : d == 0 ? default : later[d - 1];
        }

        so = [];
        for (var d = _others.Count; d >= 0; d--)
        {
            sooner[d] = soonerTo[d] is { } more ? Ranks(so = Merged(so, more)) : d == _others.Count ? default : sooner[d + 1];
        }

        return (sooner, later);
    }

    private int[] Ranks(List<int> at)
    {
        var ranks = new int[at.Count];
        for (var i = 0; i < ranks.Length; i++)
        {
            ranks[i] = _index.Everyday[at[i]];
        }

        return ranks;
    }

    private static List<int> Merged(List<int> a, List<int> b)
    {
        var merged = new List<int>(a.Count + b.Count);
        var (i, j) = (0, 0);
        while (i < a.Count || j < b.Count)
        {
            merged.Add(j == b.Count || (i < a.Count && a[i] < b[j]) ? a[i++] : b[j++]);
        }

        return merged;
    }

    private int FirstAfter(int word, int now)
    {
        var (low, high) = (0, _others.Count + 1);
        while (low < high)
        {
            var middle = (low + high) / 2;
            (low, high) = _times.WordAt(word, middle) > now ? (low, middle) : (middle + 1, high);
        }

        return low;
    }

    private int LastBefore(int word, int now)
    {
        var (low, high) = (-1, _others.Count);
        while (low < high)
        {
            var middle = (low + high + 1) / 2;
            (low, high) = _times.WordAt(word, middle) < now ? (middle, high) : (low, middle - 1);
        }

        return low;
    }
}
