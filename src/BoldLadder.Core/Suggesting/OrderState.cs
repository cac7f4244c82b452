using BoldLadder.Core.Mapping;

namespace BoldLadder.Core.Suggesting;

/// <summary>
/// One order with what it costs, kept up to date while neighbours change places. Each set of rungs lies with the last of
/// them: when two neighbours swap, only the sets that hold both go from one to the other.
/// </summary>
internal sealed class OrderState
{
    private readonly Ordering _ordering;
    private readonly OrderWords _words;
    private readonly long _whole;
    private readonly int[] _at;
    private readonly int[] _position;
    private readonly List<int>[] _everyday;
    private readonly List<int>[] _targets;
    private readonly int[] _weight;
    private readonly int[] _lastOf;
    private readonly int[] _wordAt;
    private readonly int[] _readAt;
    private readonly int[] _families;
    private readonly int[] _counted;
    private readonly HashSet<int> _touched = [];
    private int _count;
    private long _places;
    private long _ties;
    private long _thin;

    /// <param name="order">The rungs by their numbers in the ladder as it stands.</param>
    public OrderState(Ordering ordering, int[] order)
    {
        (_ordering, _words, _at) = (ordering, ordering.Words, order);
        var rungs = order.Length;
        _whole = (long)_words.Counted * rungs;
        _position = new int[rungs];
        for (var i = 0; i < rungs; i++)
        {
            _position[order[i]] = i;
        }

        _everyday = [.. order.Select(_ => new List<int>())];
        _targets = [.. order.Select(_ => new List<int>())];
        (_weight, _readAt, _families) = (new int[rungs], new int[rungs], new int[rungs]);
        _lastOf = new int[_words.Rows.Length];
        for (var row = 0; row < _lastOf.Length; row++)
        {
            var last = _words.Rows[row].Set.MaxBy(x => _position[x]);
            _lastOf[row] = last;
            (row < _words.FirstTarget ? _everyday : _targets)[last].Add(row);
            _weight[last] += _words.Rows[row].Weight;
        }

        _places = _weight.Select((x, i) => (long)x * _position[i]).Sum();
        _wordAt = new int[_words.Several];
        for (var word = 0; word < _wordAt.Length; word++)
        {
            Read(word);
        }

        _counted = new int[_words.Rows.Skip(_words.FirstTarget).Select(x => x.Family + 1).DefaultIfEmpty().Max()];
        for (var rung = 0; rung < rungs; rung++)
        {
            _thin += ThinCost(rung);
            Recount(rung);
        }

        _ties = ordering.Ties.Sum(x => x.Cost(_position));
    }

    /// <summary>The rungs by number, from the bottom.</summary>
    public ReadOnlySpan<int> Order => _at;

    public int PositionOf(int rung) => _position[rung];

    /// <summary>What the order costs.</summary>
    public long Total => (_places * OrderWeights.Parts) + ((_ties + _thin + Opening(out _, out _) + WeeklyCost()) * _whole / OrderWeights.Parts);

    /// <summary>Two neighbours change places.</summary>
    /// <param name="p">The place of the lower one.</param>
    public void Swap(int p)
    {
        var (a, b) = (_at[p], _at[p + 1]);
        Ties(a, b, -1);
        Unread(a);
        Unread(b);
        var (later, sooner) = (_weight[a], _weight[b]);
        var moved = Pass(_everyday, b, a, out var weight);
        (_weight[a], _weight[b]) = (later + weight, sooner - weight);
        _places += later - (sooner - weight);
        moved = Pass(_targets, b, a, out _);
        (_at[p], _at[p + 1]) = (b, a);
        (_position[a], _position[b]) = (p + 1, p);
        foreach (var word in _touched)
        {
            Read(word);
        }

        _touched.Clear();
        if (moved || _ordering.SectionAt[p] != _ordering.SectionAt[p + 1])
        {
            Recount(a);
            Recount(b);
        }

        Ties(a, b, 1);
    }

    /// <summary>The rungs of two neighbouring slots change places, over what stays between them.</summary>
    public void Exchange(int slot)
    {
        var (p, q) = (_ordering.Slots[slot], _ordering.Slots[slot + 1]);
        for (var i = p; i < q; i++)
        {
            Swap(i);
        }

        for (var i = q - 2; i >= p; i--)
        {
            Swap(i);
        }
    }

    public OrderScore Score()
    {
        var broken = _ordering.Ties.Where(x => x.Broken(_position)).ToLookup(x => x.Kind);
        Opening(out var opening, out var idle);
        var thin = Enumerable.Range(0, _at.Length).Count(IsThin) - opening;
        return new OrderScore(
            broken[TieKind.Before].Count() + broken[TieKind.Apart].Count() + (WeeklyCost() > 0 ? 1 : 0), broken[TieKind.Need].Count(), broken[TieKind.Plain].Count() + idle, thin,
            broken[TieKind.Alike].Count(), broken[TieKind.Spellings].Count(), _words.Counted == 0 ? 0 : (double)_places / _words.Counted, Total);
    }

    /// <summary>The rung of a slot goes to another, and those between make room.</summary>
    public void Walk(int from, int to)
    {
        for (; from < to; from++)
        {
            Exchange(from);
        }

        for (; from > to; from--)
        {
            Exchange(from - 1);
        }
    }

    /// <summary>What is wrong with it.</summary>
    public OrderFaults Faults()
    {
        var first = FirstWords();
        return new OrderFaults(
            _ordering.Ties.Where(x => x.Broken(_position)).ToDictionary(x => x, x => x.Cost(_position)),
            Enumerable.Range(0, _at.Length).Where(x => IsThin(x) && _position[x] >= first).ToDictionary(x => x, ThinCost),
            [.. Enumerable.Range(0, _words.FirstTarget).Where(x => _words.Rows[x].Word < 0).Select(x => _position[_lastOf[x]]), .. _wordAt.Select(x => _position[x])]);
    }

    private bool IsThin(int rung) => _families[rung] < _words.Needed[rung];

    private long ThinCost(int rung) =>
        !IsThin(rung) ? 0 : OrderWeights.Of(OrderWeights.Thin, OrderWeights.ThinMore, _words.Needed[rung] - _families[rung], _words.Needed[rung]);

    // Before the first eight everyday words no rung is thin, since there are no words yet: what such rungs cost is given
    // back. But those that feed hardly a short word have no business there.
    private long Opening(out int thin, out int idle)
    {
        var (cost, end) = (0L, FirstWords());
        (thin, idle) = (0, 0);
        for (var p = 0; p < end; p++)
        {
            cost -= ThinCost(_at[p]);
            thin += IsThin(_at[p]) ? 1 : 0;
            if (!_words.FeedsShortWords[_at[p]])
            {
                cost += OrderWeights.Of(OrderWeights.Need, 0, 0, 1);
                idle++;
            }
        }

        return cost;
    }

    // The place before which there are fewer than eight everyday words.
    private int FirstWords()
    {
        var (place, soFar) = (0, 0);
        for (; place < _at.Length && soFar < RungMap.WordsPerLesson; place++)
        {
            soFar += _weight[_at[place]] + _readAt[_at[place]] + (place == 0 ? _words.Free : 0);
        }

        return place;
    }

    private long WeeklyCost()
    {
        if (_ordering.MostAWeek is not { } most)
        {
            return 0;
        }

        var (over, days, brought) = (0, 0, 0);
        foreach (var rung in _at)
        {
            if (Load.StartsWeek(days, _ordering.Ladder.Rungs[rung], _ordering.NewDays))
            {
                over += Math.Max(0, brought - most);
                (days, brought) = (0, 0);
            }

            days += _ordering.Ladder.Rungs[rung].Days;
            brought += _ordering.NewOfRung[rung];
        }

        return (over + Math.Max(0, brought - most)) * (long)OrderWeights.Wish * OrderWeights.Parts;
    }

    // The sets that hold both go from the one that was last to the one that is.
    private bool Pass(List<int>[] lists, int from, int to, out int weight)
    {
        var (source, kept) = (lists[from], 0);
        weight = 0;
        for (var i = 0; i < source.Count; i++)
        {
            var row = source[i];
            if (_words.Has(row, to))
            {
                lists[to].Add(row);
                _lastOf[row] = to;
                weight += _words.Rows[row].Weight;
            }
            else
            {
                source[kept++] = row;
            }
        }

        var passed = kept < source.Count;
        source.RemoveRange(kept, source.Count - kept);
        return passed;
    }

    // Words of several sets are counted anew when one of their sets lies with a rung that moves.
    private void Unread(int rung)
    {
        foreach (var row in _everyday[rung])
        {
            if (_words.Rows[row].Word is var word and >= 0 && _touched.Add(word))
            {
                _places -= _position[_wordAt[word]];
                _readAt[_wordAt[word]]--;
            }
        }
    }

    private void Read(int word)
    {
        var first = -1;
        foreach (var row in _words.RowsOfWord[word])
        {
            if (first < 0 || _position[_lastOf[row]] < _position[first])
            {
                first = _lastOf[row];
            }
        }

        _wordAt[word] = first;
        _readAt[first]++;
        _places += _position[first];
    }

    private void Recount(int rung)
    {
        _thin -= ThinCost(rung);
        var shape = _ordering.SectionAt[_position[rung]].ShapeFor(_ordering.Ladder.Rungs[rung]);
        var families = 0;
        _count++;
        foreach (var row in _targets[rung])
        {
            ref readonly var target = ref _words.Rows[row];
            if (_counted[target.Family] != _count && target.Targets.Contains(rung) && _ordering.Rules.Rows.Fits(target.LexiconRow, shape))
            {
                _counted[target.Family] = _count;
                families++;
            }
        }

        _families[rung] = families;
        _thin += ThinCost(rung);
    }

    private void Ties(int a, int b, int sign)
    {
        foreach (var tie in _ordering.TiesOfRung[a])
        {
            _ties += sign * tie.Cost(_position);
        }

        foreach (var tie in _ordering.TiesOfRung[b])
        {
            if (!tie.Rungs.Contains(a))
            {
                _ties += sign * tie.Cost(_position);
            }
        }
    }
}
