namespace BoldLadder.Core.Calendar;

/// <summary>Days on which the school is open, both ends counted.</summary>
public readonly record struct Term(string Name, DateOnly First, DateOnly Last);

/// <summary>Days inside a term on which the school is shut, both ends counted.</summary>
public readonly record struct Closure(DateOnly First, DateOnly Last, string Reason);

/// <summary>
/// The school's own days: its terms less the closures, Monday to Friday. Days are told apart by
/// date alone; no clock is read here.
/// </summary>
public sealed class SchoolYear
{
    /// <summary>Days between two school days from which children have forgotten enough for everything to be due.</summary>
    public const int BreakDays = 7;

    /// <summary>Terms with more days than this between them have the long holiday there.</summary>
    private const int LongHoliday = 28;

    private readonly DateOnly[] _days;
    private readonly IReadOnlySet<DateOnly> _newDays;

    private SchoolYear(IReadOnlyList<Term> terms, IReadOnlyList<Closure> closures, WeeklyPattern pattern, IReadOnlyList<SchoolEvent> events, IReadOnlySet<DateOnly>? newDays = null)
    {
        _newDays = newDays ?? new HashSet<DateOnly>();
        Terms = terms;
        Closures = closures;
        Events = events;
        Pattern = pattern;
        _days = [.. terms.SelectMany(x => Days(x.First, x.Last)).Where(x => IsOpen(x, closures)).Distinct().Order()];
    }

    public IReadOnlyList<Term> Terms { get; }

    public IReadOnlyList<Closure> Closures { get; }

    /// <summary>What happens on school days.</summary>
    public IReadOnlyList<SchoolEvent> Events { get; }

    public WeeklyPattern Pattern { get; }

    /// <summary>All school days in order.</summary>
    public IReadOnlyList<DateOnly> SchoolDays => _days;

    /// <summary>Checks the dates; on failure <paramref name="reason"/> says what to put right.</summary>
    public static bool TryCreate(
        IReadOnlyList<Term> terms, IReadOnlyList<Closure> closures, WeeklyPattern pattern, out SchoolYear year, out string reason, IReadOnlyList<SchoolEvent>? events = null)
    {
        year = null!;
        foreach (var term in terms)
        {
            if (term.Last < term.First || term.Last.DayNumber - term.First.DayNumber > 400)
            {
                reason = $"The term '{term.Name}' must end after it begins, within 400 days.";
                return false;
            }
        }

        foreach (var closure in closures)
        {
            if (closure.Last < closure.First)
            {
                reason = $"The closure '{closure.Reason}' must end after it begins.";
                return false;
            }
        }

        foreach (var happens in events ?? [])
        {
            if (happens.Last < happens.First)
            {
                reason = $"The event '{happens.Name}' must end after it begins.";
                return false;
            }
        }

        year = new SchoolYear(terms, closures, pattern, events ?? []);
        reason = year._days.Length > 0 ? "" : "The terms hold no school day.";
        return year._days.Length > 0;
    }

    /// <summary>The same days with another week.</summary>
    public SchoolYear With(WeeklyPattern pattern) => pattern == Pattern ? this : new(Terms, Closures, pattern, Events, _newDays);

    /// <summary>The same year with further closures and events, and with days that bring something new whatever the week says.</summary>
    public SchoolYear With(IEnumerable<Closure> closures, IEnumerable<SchoolEvent> events, IEnumerable<DateOnly> newDays) =>
        new(Terms, [.. Closures, .. closures], Pattern, [.. Events, .. events], newDays.Concat(_newDays).ToHashSet());

    /// <summary>What a school day is for.</summary>
    public DayUse On(DateOnly day) => _newDays.Contains(day) ? DayUse.New : Happening(day, EventUse.Review) ? DayUse.Review : Pattern.On(day);

    /// <summary>What happens on a day.</summary>
    public IEnumerable<SchoolEvent> EventsOn(DateOnly day) => Events.Where(x => x.Includes(day));

    /// <summary>True when something of that use happens on a day.</summary>
    public bool Happening(DateOnly day, EventUse use) => EventsOn(day).Any(x => x.Use == use);

    public bool IsSchoolDay(DateOnly day) => Array.BinarySearch(_days, day) >= 0;

    /// <summary>The day itself when it is a school day, else the next one; null after the last.</summary>
    public DateOnly? OnOrAfter(DateOnly day) => Ordinal(day) is var at && at < _days.Length ? _days[at] : null;

    /// <summary>The first school day after a day; null after the last.</summary>
    public DateOnly? After(DateOnly day) => OnOrAfter(day.AddDays(1));

    /// <summary>How many school days lie before a day: its place in the year, whether or not it is one itself.</summary>
    public int Ordinal(DateOnly day) => Array.BinarySearch(_days, day) is var at && at >= 0 ? at : ~at;

    /// <summary>The terms of the school year that a day lies in, from one long holiday to the next; of a day in the long holiday those that come after it.</summary>
    public IReadOnlyList<Term> TermsAround(DateOnly day)
    {
        var terms = Terms.OrderBy(x => x.First).ToList();
        var from = terms.FindIndex(x => x.Last >= day) is var at and >= 0 ? at : terms.Count - 1;
        var to = from;
        while (from > 0 && !IsLongHoliday(terms[from - 1], terms[from]))
        {
            from--;
        }

        while (to + 1 < terms.Count && !IsLongHoliday(terms[to], terms[to + 1]))
        {
            to++;
        }

        return terms[from..(to + 1)];

        static bool IsLongHoliday(Term before, Term after) => after.First.DayNumber - before.Last.DayNumber > LongHoliday;
    }

    /// <summary>True when no school day was in the week before this one.</summary>
    public bool FollowsBreak(DateOnly day) =>
        Ordinal(day) is var at && at > 0 && day.DayNumber - _days[at - 1].DayNumber >= BreakDays;

    private static IEnumerable<DateOnly> Days(DateOnly first, DateOnly last)
    {
        for (var day = first; day <= last; day = day.AddDays(1))
        {
            yield return day;
        }
    }

    private static bool IsOpen(DateOnly day, IReadOnlyList<Closure> closures) =>
        day.DayOfWeek is not (DayOfWeek.Saturday or DayOfWeek.Sunday) && !closures.Any(x => day >= x.First && day <= x.Last);
}
