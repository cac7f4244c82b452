using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Year;

/// <summary>
/// The log of a group that was taught before it came here: what it knows is written by value, on the school days before
/// today, so that no later change of a ladder loses it. Each thing is taken to have been gone over since as it would have
/// been here; what was shaky nobody has told.
/// </summary>
public static class TaughtBefore
{
    /// <summary>What was taught, in the ladder's order; null when one of the rungs is not on it.</summary>
    /// <param name="upTo">The last rung that was taught, with all below it; null or empty for none.</param>
    /// <param name="ticked">Rungs that were taught, one by one.</param>
    public static IReadOnlyList<Rung>? Chosen(Ladder ladder, string? upTo, IReadOnlyList<string> ticked)
    {
        var last = string.IsNullOrEmpty(upTo) ? -1 : ladder.PlaceOf(upTo);
        if ((last < 0 && !string.IsNullOrEmpty(upTo)) || ticked.Any(x => x is null || ladder.PlaceOf(x) < 0))
        {
            return null;
        }

        return [.. ladder.Rungs.Where((x, place) => place <= last || ticked.Contains(x.Id))];
    }

    /// <summary>The rung that a group has begun when it has had some days of the one after the last that it was taught; null when that one has no more days than these.</summary>
    /// <param name="days">Days that it has had, from 1 on.</param>
    public static Rung? Begun(Ladder ladder, string upTo, int days) => ladder.PlaceOf(upTo) + 1 is var next && next > 0 && next < ladder.Rungs.Count && ladder.Rungs[next] is var rung && days > 0 && days < rung.Days ? rung : null;

    /// <summary>The entries, in order, from position 1 on.</summary>
    /// <param name="rungs">What was taught, in the order in which it was: of the group's ladder or of another.</param>
    /// <param name="begun">The rung that came after them and has had some of its days, and how many; null for none.</param>
    /// <param name="today">The first day of lessons here: all of it was taught before.</param>
    /// <param name="lessonId">Makes an id for each lesson that was given.</param>
    public static IReadOnlyList<LogEntry> Entries(
        Ladder ladder, IReadOnlyList<Rung> rungs, (Rung Rung, int Days)? begun, SchoolYear year, ReadingRules rules, int minutes, DateOnly today, Func<string> lessonId)
    {
        // From today backwards, a rung each new day; what the year does not hold was taught on its first day or before it.
        var days = new List<(DateOnly Day, Rung? Rung)>();
        var waiting = new Stack<Rung>(rungs.Where(x => !x.IsKnownBefore).Select(x => (Rung: x, x.Days)).Concat(begun is { } last ? [last] : []).SelectMany(x => Enumerable.Repeat(x.Rung, x.Days)));
        foreach (var day in year.SchoolDays.Where(x => x < today).Reverse().TakeWhile(_ => waiting.Count > 0))
        {
            days.Add((day, year.On(day) == DayUse.New ? waiting.Pop() : null));
        }

        days.Reverse();
        var first = days.Count > 0 ? days[0].Day : (year.SchoolDays[0] < today ? year.SchoolDays[0] : today).AddDays(-1);
        var earlier = waiting.Reverse().Select(x => (Day: first.AddDays(days.Count > 0 ? -1 : 0), Rung: (Rung?)x));
        // What was known before the ladder began was taught on no day of this year: it stands on the free day before the first lesson.
        var known = rungs.Where(x => x.IsKnownBefore).Select(x => (Day: FreeDayBefore(days.Count > 0 ? days[0].Day : today, year), Rung: (Rung?)x));
        var entries = new List<LogEntry>();
        var standing = Standing.Of(ladder, new GroupLog([]), year, rules);
        foreach (var (day, rung) in known.Concat(earlier).Concat(days))
        {
            var seen = day < first || rung is { IsKnownBefore: true } ? [] : RevisitPart.Fitting(standing.Clock, day, minutes).Select(x => x.Item).ToList();
            entries.Add(new LogEntry(entries.Count + 1, lessonId(), day, LogOutcome.Taught, rung?.Id ?? "", rung?.Adds ?? [], rung?.TrickyWords ?? [], seen, [], []));
            standing = standing.After(day, rung, seen);
        }

        return entries;
    }

    private static DateOnly FreeDayBefore(DateOnly day, SchoolYear year)
    {
        var free = day.AddDays(-1);
        while (year.SchoolDays.Contains(free))
        {
            free = free.AddDays(-1);
        }

        return free;
    }
}
