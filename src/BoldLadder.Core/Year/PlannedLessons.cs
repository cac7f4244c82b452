using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Year;

/// <summary>A lesson of a day to come, with the group's standing on that morning.</summary>
public sealed record PlannedLesson(PlacedDay Placed, Standing Before, Lesson Lesson);

/// <summary>
/// The lessons of the days to come, each planned as if those before it had been taught as planned: what they read is known
/// to it, so that words come back on purpose and no sentence twice by chance. The same inputs give the same lessons,
/// whichever is asked for first. Safe to share.
/// </summary>
/// <param name="now">The group's standing by its log.</param>
/// <param name="log">Which days are in the log already: they plan nothing.</param>
/// <param name="days">School days from today on with what each is for.</param>
/// <param name="brief">What the lesson of a day is made from, on a standing.</param>
public sealed class PlannedLessons(Standing now, GroupLog log, IReadOnlyList<PlacedDay> days, Func<PlacedDay, Standing, LessonBrief> brief)
{
    // Standings kept on the way: the next days, from there one in so many, so that no day is far from one that is kept, and
    // the last that was come to, from which a year is gone on with.
    private const int Near = 10, Every = 20;

    private readonly SortedList<int, Standing> _kept = new() { [0] = now };
    private readonly Lock _lock = new();
    private (int At, Standing Standing) _last = (0, now);

    /// <summary>True when few lessons lie between the day and what is known: it costs no more than a lesson or two of a fortnight.</summary>
    public bool IsNear(DateOnly day) => PlaceOf(day) is var at && at - Nearest(at).At <= Near;

    /// <summary>The group's standing on the morning of a day; for today and for days past, as it is now.</summary>
    /// <param name="stop">Ends the way there; what was come to is kept.</param>
    public Standing Before(DateOnly day, CancellationToken stop = default) => Before(PlaceOf(day), stop);

    /// <summary>The lessons from a day on, one for each school day that is not in the log, each made when it is asked for.</summary>
    /// <param name="stop">Ends the way to the first of them; from there on whoever asks stops asking.</param>
    public IEnumerable<PlannedLesson> From(DateOnly day, CancellationToken stop = default)
    {
        var at = PlaceOf(day);
        for (var before = Before(at, stop); at < days.Count; at++)
        {
            if (log.HasDay(days[at].Day))
            {
                Keep(at + 1, before);
                continue;
            }

            var planned = new PlannedLesson(days[at], before, Compose(at, before));
            before = After(before, days[at], planned.Lesson);
            // Whoever asks for no more goes on from here another time.
            Keep(at + 1, before);
            yield return planned;
        }
    }

    private int PlaceOf(DateOnly day)
    {
        var at = 0;
        while (at < days.Count && days[at].Day < day)
        {
            at++;
        }

        return at;
    }

    private Standing Before(int at, CancellationToken stop)
    {
        var (from, standing) = Nearest(at);
        for (; from < at; from++)
        {
            stop.ThrowIfCancellationRequested();
            if (!log.HasDay(days[from].Day))
            {
                standing = After(standing, days[from], Compose(from, standing));
            }

            Keep(from + 1, standing);
        }

        return standing;
    }

    private Lesson Compose(int at, Standing before) => LessonComposer.Compose(brief(days[at], before), at + 1 < days.Count ? days[at + 1].Rung : null);

    private static Standing After(Standing before, PlacedDay placed, Lesson lesson) =>
        before.After(LessonLog.Entry(lesson, $"planned {placed.Day:O}", placed.Day, LogOutcome.Taught, 0, []));

    private (int At, Standing Standing) Nearest(int at)
    {
        lock (_lock)
        {
            var nearest = _kept.Keys.Last(x => x <= at);
            return _last.At > nearest && _last.At <= at ? _last : (nearest, _kept[nearest]);
        }
    }

    private void Keep(int at, Standing standing)
    {
        lock (_lock)
        {
            _last = (at, standing);
            if (at <= Near || at % Every == 0)
            {
                _kept[at] = standing;
            }
        }
    }
}
