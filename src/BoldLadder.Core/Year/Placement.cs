using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Year;

/// <summary>A school day with what it is for.</summary>
/// <param name="Rung">The rung that is due; null on a review day, or above the top.</param>
public readonly record struct PlacedDay(DateOnly Day, DayUse Use, Rung? Rung);

/// <summary>
/// The days still to come, from the log and the ladder: rungs take their days in order on the new
/// days of the week's pattern.
/// </summary>
public static class Placement
{
    /// <summary>School days from the one on or after <paramref name="today"/>; days already in the log have no rung.</summary>
    public static IEnumerable<PlacedDay> From(Standing now, GroupLog log, DateOnly today)
    {
        var waiting = new Queue<Rung>(now.Ladder.Rungs.Where(x => !now.Passed(x))
            .SelectMany(x => Enumerable.Repeat(x, Math.Max(1, x.Days - now.DaysGiven(x)))));
        for (var day = now.Year.OnOrAfter(today); day is { } date; day = now.Year.After(date))
        {
            if (log.HasDay(date))
            {
                yield return new PlacedDay(date, now.Year.On(date), null);
                continue;
            }

            // Above the top every day is for going over what was taught.
            var isNew = now.Year.On(date) == DayUse.New && waiting.Count > 0;
            yield return isNew
                ? new PlacedDay(date, DayUse.New, waiting.Dequeue())
                : new PlacedDay(date, DayUse.Review, null);
        }
    }

    /// <summary>For each rung, by id, the first day on which it was or will be taught; rungs the year does not reach are left out.</summary>
    public static IReadOnlyDictionary<string, DateOnly> Dates(Standing now, GroupLog log, DateOnly today)
    {
        var dates = new Dictionary<string, DateOnly>();
        foreach (var rung in now.Ladder.Rungs.Where(now.Passed))
        {
            var entry = log.Taught.FirstOrDefault(x => x.RungId == rung.Id)
                ?? log.Taught.LastOrDefault(x => x.Things.Any(rung.Adds.Contains) || x.TrickyWords.Any(rung.TrickyWords.Contains));
            if (entry is not null)
            {
                dates[rung.Id] = entry.Day;
            }
        }

        foreach (var day in From(now, log, today).Where(x => x.Rung is not null))
        {
            dates.TryAdd(day.Rung!.Id, day.Day);
        }

        return dates;
    }
}
