using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Year;

/// <summary>What a group learns in one week: the rungs as they were or will be taught, each once, in order.</summary>
public sealed record LearningWeek(DateOnly Monday, IReadOnlyList<Rung> Rungs);

/// <summary>A stretch of school days between two breaks, with what a group learns in each of its weeks.</summary>
/// <param name="First">Its first school day.</param>
/// <param name="Last">Its last school day.</param>
public sealed record HalfTerm(DateOnly First, DateOnly Last, IReadOnlyList<LearningWeek> Weeks)
{
    /// <summary>The first and last school day of every stretch of a year.</summary>
    public static IReadOnlyList<(DateOnly First, DateOnly Last)> Of(SchoolYear year)
    {
        var stretches = new List<(DateOnly First, DateOnly Last)>();
        foreach (var day in year.SchoolDays)
        {
            if (stretches.Count == 0 || year.FollowsBreak(day))
            {
                stretches.Add((day, day));
            }
            else
            {
                stretches[^1] = (stretches[^1].First, day);
            }
        }

        return stretches;
    }

    /// <summary>The stretch that a day lies in, or the next one; the last of the year after its end.</summary>
    /// <param name="days">Planned days, from <see cref="GroupYear.Outlook"/>.</param>
    public static HalfTerm Around(DateOnly day, SchoolYear year, Ladder ladder, GroupLog log, IReadOnlyList<PlacedDay> days)
    {
        var all = Of(year);
        var (first, last) = all.FirstOrDefault(x => x.Last >= day, all[^1]);
        var taught = log.Taught.Where(x => ladder.PlaceOf(x.RungId) >= 0).Select(x => (x.Day, Rung: ladder.Rungs[ladder.PlaceOf(x.RungId)]))
            .Concat(days.Where(x => x.Rung is not null && !log.HasDay(x.Day)).Select(x => (x.Day, Rung: x.Rung!)))
            .Where(x => x.Day >= first && x.Day <= last).OrderBy(x => x.Day).DistinctBy(x => x.Rung.Id);
        return new HalfTerm(first, last, [.. taught.GroupBy(x => MondayOf(x.Day), x => x.Rung).Select(x => new LearningWeek(x.Key, [.. x]))]);
    }

    internal static DateOnly MondayOf(DateOnly day) => day.AddDays(-(((int)day.DayOfWeek + 6) % 7));
}
