using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Lessons;

/// <summary>A school day with what it is for.</summary>
/// <param name="Rung">The rung that is due; null on a review day, or above the top.</param>
public readonly record struct ScheduledDay(DateOnly Day, DayUse Use, Rung? Rung);

/// <summary>
/// The days still to come, from the log and the ladder: rungs take their days in order on the new
/// days of the week's pattern.
/// </summary>
public static class Schedule
{
    /// <summary>School days from the one on or after <paramref name="today"/>; days already in the log have no rung.</summary>
    public static IEnumerable<ScheduledDay> From(Ladder ladder, GroupLog log, SchoolYear year, DateOnly today)
    {
        var waiting = new Queue<Rung>(ladder.Rungs.Where(x => !log.Passed(x))
            .SelectMany(x => Enumerable.Repeat(x, Math.Max(1, x.Days - log.Taught.Count(e => e.RungId == x.Id)))));
        for (var day = year.OnOrAfter(today); day is { } date; day = year.After(date))
        {
            if (log.HasDay(date))
            {
                yield return new ScheduledDay(date, year.Pattern.On(date), null);
                continue;
            }

            // Above the top every day is for going over what was taught.
            var isNew = year.Pattern.On(date) == DayUse.New && waiting.Count > 0;
            yield return isNew
                ? new ScheduledDay(date, DayUse.New, waiting.Dequeue())
                : new ScheduledDay(date, DayUse.Review, null);
        }
    }

    /// <summary>For each rung, by id, the first day on which it was or will be taught; rungs the year does not reach are left out.</summary>
    public static IReadOnlyDictionary<string, DateOnly> Dates(Ladder ladder, GroupLog log, SchoolYear year, DateOnly today)
    {
        var dates = new Dictionary<string, DateOnly>();
        foreach (var rung in ladder.Rungs.Where(log.Passed))
        {
            var entry = log.Taught.FirstOrDefault(x => x.RungId == rung.Id)
                ?? log.Taught.LastOrDefault(x => x.Things.Any(t => Reading.Taught.Of(rung).Contains(t))
                    || x.TrickyWords.Any(w => rung.TrickyWords.Contains(w)));
            if (entry is not null)
            {
                dates[rung.Id] = entry.Day;
            }
        }

        foreach (var day in From(ladder, log, year, today).Where(x => x.Rung is not null))
        {
            dates.TryAdd(day.Rung!.Id, day.Day);
        }

        return dates;
    }

    /// <summary>What a day is for, and the rungs that will have been taught by then if all goes to plan.</summary>
    /// <returns>Null when the day is before today or not a school day.</returns>
    public static (ScheduledDay Day, IReadOnlyList<Rung> Before)? On(
        Ladder ladder, GroupLog log, SchoolYear year, DateOnly today, DateOnly day)
    {
        var before = new List<Rung>();
        foreach (var scheduled in From(ladder, log, year, today))
        {
            if (scheduled.Day == day)
            {
                return (scheduled, before);
            }

            if (scheduled.Rung is { } rung)
            {
                before.Add(rung);
            }
        }

        return null;
    }
}
