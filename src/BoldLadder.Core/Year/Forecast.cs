using BoldLadder.Core.Calendar;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Year;

/// <summary>
/// Where a group will be on the days to come if all goes to plan: its standing today, carried over the planned days one
/// after the other. Days once worked out are kept.
/// </summary>
/// <param name="now">The group's standing by its log.</param>
/// <param name="log">Which days are in the log already: they plan nothing.</param>
/// <param name="minutes">Length of the group's lessons: how much is revisited in one.</param>
public sealed class Forecast(Standing now, GroupLog log, DateOnly today, int minutes)
{
    private readonly List<PlacedDay> _days = [.. Placement.From(now, log, today)];
    private readonly List<Standing> _before = [now];
    private readonly Lock _lock = new();

    /// <summary>School days from today on with what each is for.</summary>
    public IReadOnlyList<PlacedDay> Days => _days;

    /// <summary>What a day is for; null when it is past or not a school day.</summary>
    public PlacedDay? On(DateOnly day) => _days.FindIndex(x => x.Day == day) is var at and >= 0 ? _days[at] : null;

    /// <summary>The group's standing on the morning of a day; for today and for days past, as it is now.</summary>
    public Standing Before(DateOnly day)
    {
        var at = _days.FindIndex(x => x.Day >= day);
        lock (_lock)
        {
            for (var i = _before.Count; i <= (at < 0 ? _days.Count : at); i++)
            {
                var (before, planned) = (_before[i - 1], _days[i - 1]);
                _before.Add(log.HasDay(planned.Day) ? before
                    : before.After(planned.Day, planned.Rung, [.. RevisitPart.Fitting(before.Clock, planned.Day, minutes).Select(x => x.Item)]));
            }

            return _before[at < 0 ? _days.Count : at];
        }
    }

    /// <summary>
    /// The group's standing on the morning of a day, whatever the log says of that day and later: what it stood on when
    /// the day began, or will.
    /// </summary>
    public Standing Morning(DateOnly day) => log.Entries.All(x => x.Day < day) ? Before(day)
        : Standing.Of(now.Ladder, new GroupLog(log.Entries.Where(x => x.Day < day)), now.Year, now.Rules);
}
