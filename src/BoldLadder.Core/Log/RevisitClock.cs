using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Log;

/// <summary>A thing due for revisiting.</summary>
/// <param name="Overdue">Teaching days since it fell due; 0 when it is due today.</param>
/// <param name="Last">True for what the last lesson taught, for a week.</param>
public readonly record struct DueItem(RevisitItem Item, int Overdue, bool Last, bool Shaky);

/// <summary>
/// When each taught thing is to be met again, by growing intervals counted in teaching days.
/// Source: the domain's rules for revisiting.
/// </summary>
public sealed class RevisitClock
{
    /// <summary>While no more graphemes than this are taught, all cards are met every day.</summary>
    public const int EveryDayUpTo = 25;

    /// <summary>Days on which a tricky word is read at sight before it leaves the rotation.</summary>
    public const int SightDays = 3;

    /// <summary>Teaching days after which a tricky word that has left comes back: about a month.</summary>
    public const int Month = 20;

    /// <summary>Teaching days for which what was taught last is met every day, whatever its interval: a school week. After that it is one thing among others.</summary>
    public const int NewestFor = 5;

    private static readonly int[] Cards = [1, 2, 4, 7, 10];
    private static readonly int[] Recalls = [1, 2, 4, 7, 10, 15];
    private static readonly int[] Trickies = [1, 2, 3, 5];

    private readonly Dictionary<RevisitItem, State> _states;
    private readonly HashSet<string> _graphemes;
    private readonly SchoolYear _year;
    private readonly ReadingRules _rules;
    // What the last lesson taught that taught anything, and the teaching day it was on.
    private (HashSet<RevisitItem> Items, int Day) _last;

    private record struct State(int LastSeen, int Clean, bool Shaky);

    public RevisitClock(GroupLog log, SchoolYear year, ReadingRules rules)
        : this([], [], year, rules, ([], 0))
    {
        foreach (var entry in log.Counted.Where(x => x.Outcome != LogOutcome.Missed))
        {
            Take(entry);
        }
    }

    private RevisitClock(
        Dictionary<RevisitItem, State> states, HashSet<string> graphemes, SchoolYear year, ReadingRules rules, (HashSet<RevisitItem> Items, int Day) last) =>
        (_states, _graphemes, _year, _rules, _last) = (states, graphemes, year, rules, last);

    /// <summary>A clock that goes on by itself from here.</summary>
    internal RevisitClock Copy() => new(new(_states), [.. _graphemes], _year, _rules, _last);

    /// <summary>Takes in one lesson: what it taught, unless some of it was left, what it went over, and what of that stumbled.</summary>
    internal void Take(LogEntry entry)
    {
        var whole = entry.Outcome == LogOutcome.Taught;
        Take(entry.Day, entry.RungId, whole ? entry.Things : [], whole ? entry.TrickyWords : [], entry.Seen, entry.Shaky);
    }

    /// <param name="rungId">What children knew before the ladder began they have long read at sight, and none of it is new.</param>
    internal void Take(
        DateOnly on, string rungId, IReadOnlyList<Teachable> things, IReadOnlyList<string> trickyWords, IEnumerable<RevisitItem> seen, IEnumerable<RevisitItem> shaky)
    {
        var day = _year.Ordinal(on);
        _graphemes.UnionWith(things.Select(x => x.Correspondence?.Grapheme.Text).OfType<string>());
        var added = Of(things, trickyWords, _rules).ToList();
        foreach (var item in added)
        {
            // What was known before does not all come back on one day.
            var known = new State(day, Known(rungId), false);
            _states.TryAdd(item, known with { LastSeen = known.Clean > 0 ? day - (int)(Scatter(item) % (Settled(item, known) ?? Cap(item.Track))) : day });
        }

        _last = added.Count > 0 && Known(rungId) == 0 ? ([.. added], day) : _last;
        foreach (var item in seen)
        {
            if (_states.TryGetValue(item, out var state) && state.LastSeen < day)
            {
                _states[item] = new State(day, state.Clean + 1, false);
            }
        }

        foreach (var item in shaky)
        {
            if (_states.ContainsKey(item))
            {
                _states[item] = new State(day, 0, true);
            }
        }
    }

    // How often something was met well when it comes: as often as any interval asks for what was known before.
    private static int Known(string rungId) => Rung.NamesKnownBefore(rungId) ? Recalls.Length : 0;

    /// <summary>
    /// Takes lessons as given in the teaching days before a day, one for each, and everything, old and new, as met again
    /// whenever it was due until then: a class taken to stand further up has not stopped going over what it knows.
    /// </summary>
    /// <param name="rungs">What they taught, in order; a rung of several days takes several.</param>
    internal void Suppose(DateOnly day, IReadOnlyList<Rung> rungs)
    {
        if (rungs.Count == 0)
        {
            return;
        }

        var today = _year.Ordinal(day);
        var (ago, afterBreak) = (rungs.Sum(x => x.Days), LastBreak(day));

        // Further up it is the turn of others.
        var turn = (uint)ago;
        foreach (var (item, state) in _states.ToList())
        {
            _states[item] = state with { LastSeen = state.LastSeen - ago };
        }

        foreach (var rung in rungs)
        {
            _graphemes.UnionWith(rung.Correspondences.Select(x => x.Grapheme.Text));
            var added = Of(rung.Adds, rung.TrickyWords, _rules).ToHashSet();
            ago -= rung.Days;
            _last = added.Count > 0 ? (added, today - ago - 1) : _last;
            foreach (var item in added)
            {
                _states.TryAdd(item, new State(today - ago - 1, Known(rung.Id), false));
            }
        }

        foreach (var (item, supposed) in _states.ToList())
        {
            var state = supposed;
            while (DueAt(item, state) is var due && due < today)
            {
                state = new State(due, state.Clean + 1, false);
            }

            // What is long known does not all come back on one day, as it would if every day had room for all that is due; and what
            // is due after a break has been met since, unless it ends today.
            var since = Math.Max(1, today - Math.Max(afterBreak, 0));
            var back = Settled(item, state) is { } interval ? today - 1 - (int)((Scatter(item) + turn) % Math.Min(interval, since))
                : state.LastSeen < afterBreak && afterBreak < today ? afterBreak + (int)(Scatter(item) % since) : state.LastSeen;
            _states[item] = supposed.LastSeen < back ? state with { LastSeen = back } : state;
        }
    }

    /// <summary>The things that teaching something gives to come back to.</summary>
    public static IEnumerable<RevisitItem> Of(IEnumerable<Teachable> things, IEnumerable<string> trickyWords, ReadingRules rules)
    {
        foreach (var correspondence in things.Select(x => x.Correspondence).OfType<Sounds.Correspondence>())
        {
            yield return new RevisitItem(RevisitTrack.Card, correspondence.Key);
            yield return new RevisitItem(RevisitTrack.Recall, rules.SoundKey(correspondence.Sound));
        }

        foreach (var word in trickyWords)
        {
            yield return new RevisitItem(RevisitTrack.Tricky, word.ToLowerInvariant());
        }
    }

    /// <summary>True while so few graphemes are taught that all cards are met every day.</summary>
    public bool AllCardsEveryDay => _graphemes.Count <= EveryDayUpTo;

    /// <summary>What is due on a day: what the last lesson taught, then the most overdue first.</summary>
    public IReadOnlyList<DueItem> Due(DateOnly day)
    {
        var today = _year.Ordinal(day);
        var afterBreak = LastBreak(day);
        var due = new List<DueItem>();
        var newest = today - _last.Day <= NewestFor ? _last.Items : [];
        foreach (var (item, state) in _states)
        {
            // What is due only because of a break waits behind what would have been due without it.
            var at = DueAt(item, state);
            if (at <= today || state.LastSeen < afterBreak || newest.Contains(item))
            {
                due.Add(new DueItem(item, Math.Max(0, today - at), newest.Contains(item), state.Shaky));
            }
        }

        return [.. due.OrderByDescending(x => x.Last).ThenByDescending(x => x.Shaky)
            .ThenByDescending(x => x.Overdue).ThenBy(x => Scatter(x.Item))];
    }

    /// <summary>True for what was taught.</summary>
    public bool Has(RevisitItem item) => _states.ContainsKey(item);

    /// <summary>What falls due next on one track, soonest first; nothing that is due already.</summary>
    public IEnumerable<DueItem> Soon(DateOnly day, RevisitTrack track)
    {
        var due = Due(day).Select(x => x.Item).ToHashSet();
        return _states.Where(x => x.Key.Track == track && !due.Contains(x.Key))
            .OrderBy(x => DueAt(x.Key, x.Value)).ThenBy(x => Scatter(x.Key))
            .Select(x => new DueItem(x.Key, 0, false, false));
    }

    /// <summary>True when a tricky word has been read at sight often enough to need no mark.</summary>
    public bool IsAtSight(string word) =>
        _states.TryGetValue(new RevisitItem(RevisitTrack.Tricky, word.ToLowerInvariant()), out var state) && state.Clean >= SightDays;

    /// <summary>Tricky words that may be learnt at once. Source: the domain's rules for the ladder.</summary>
    public const int TrickyWordsInRotation = 10;

    /// <summary>The tricky words not yet read at sight, when they are more than a class can be learning at once; else none.</summary>
    public IReadOnlyList<string> TooManyTricky()
    {
        var learning = _states.Keys.Where(x => x.Track == RevisitTrack.Tricky && !IsAtSight(x.Key)).Select(x => x.Key).Order(StringComparer.Ordinal).ToList();
        return learning.Count > TrickyWordsInRotation ? learning : [];
    }

    /// <summary>The teaching day, counted from the first of the year, on which an item falls due; null when it was never taught.</summary>
    public int? DueOrdinal(RevisitItem item) => _states.TryGetValue(item, out var state) ? DueAt(item, state) : null;

    /// <summary>The longest interval an item may have, in teaching days.</summary>
    public static int Cap(RevisitTrack track) => track switch
    {
        RevisitTrack.Card => Cards[^1],
        RevisitTrack.Recall => Recalls[^1],
        _ => Trickies[^1],
    };

    // The interval at which an item comes back for good; null while its interval still grows.
    private int? Settled(RevisitItem item, State state) => item.Track switch
    {
        RevisitTrack.Tricky => state.Clean >= SightDays ? Month : null,
        RevisitTrack.Card when AllCardsEveryDay => null,
        _ => state.Clean >= (item.Track == RevisitTrack.Card ? Cards : Recalls).Length ? Cap(item.Track) : null,
    };

    // An order without meaning, the same everywhere: by the alphabet, neighbours would always fall due together.
    internal static uint Scatter(RevisitItem item) =>
        item.ToString().Aggregate(2166136261u, (hash, letter) => (hash ^ letter) * 16777619u);

    private int DueAt(RevisitItem item, State state) => state.LastSeen + item.Track switch
    {
        RevisitTrack.Card when AllCardsEveryDay => 1,
        RevisitTrack.Card => Cards[Math.Min(state.Clean, Cards.Length - 1)],
        RevisitTrack.Recall => Recalls[Math.Min(state.Clean, Recalls.Length - 1)],
        _ when state.Clean >= SightDays => Month,
        _ => Trickies[Math.Min(state.Clean, Trickies.Length - 1)],
    };

    // The ordinal of the latest day, up to this one, that followed a break; -1 when there was none.
    private int LastBreak(DateOnly day)
    {
        for (var at = Math.Min(_year.Ordinal(day), _year.SchoolDays.Count - 1); at > 0; at--)
        {
            if (_year.FollowsBreak(_year.SchoolDays[at]))
            {
                return at;
            }
        }

        return -1;
    }
}
