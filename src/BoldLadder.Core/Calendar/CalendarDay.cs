namespace BoldLadder.Core.Calendar;

/// <summary>A day, or some, that a school's own calendar tells of, both ends counted.</summary>
/// <param name="Use">What its name says that it does to the lesson; null when the school is shut.</param>
public sealed record CalendarDay(DateOnly First, DateOnly Last, string Name, EventUse? Use)
{
    // What lasts longer is a term or a season, and no day off.
    private const int MostDays = 100;

    /// <summary>True when nothing new is told by the other: it lies in this one, and the school is shut, or it is called so or does the same.</summary>
    public bool Tells(CalendarDay other) => Covers(other) && (Use is null || Name == other.Name || Use == other.Use);

    /// <summary>Those that change something and are not known: on a school day, each once, and nothing that happens while the school is shut. In order.</summary>
    /// <param name="schoolDays">The school's days, terms and weekdays counted.</param>
    /// <param name="known">What the year has already.</param>
    public static IReadOnlyList<CalendarDay> NewIn(IEnumerable<CalendarDay> read, IReadOnlyList<DateOnly> schoolDays, IReadOnlyList<CalendarDay> known)
    {
        var days = read.Where(x => x.Last >= x.First && x.Last.DayNumber - x.First.DayNumber < MostDays && schoolDays.Any(d => d >= x.First && d <= x.Last)).Distinct().OrderBy(x => x.First).ToList();
        var shut = days.Where(x => x.Use is null).DistinctBy(x => (x.First, x.Last)).ToList();
        return [.. days.Where(x => (x.Use is null ? shut.Contains(x) : !shut.Exists(s => s.Covers(x))) && !known.Any(k => k.Tells(x)))];
    }

    private bool Covers(CalendarDay other) => First <= other.First && Last >= other.Last;
}
