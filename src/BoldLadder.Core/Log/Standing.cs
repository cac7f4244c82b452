using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Log;

/// <summary>A lesson that counts as taught whole: one of the log, or one that is planned.</summary>
/// <param name="Read">What was read in it, as in <see cref="LogEntry.Read"/>; nothing is known of that beforehand.</param>
public sealed record TaughtLesson(
    DateOnly Day, string RungId, IReadOnlyList<Teachable> Things, IReadOnlyList<string> TrickyWords, IReadOnlyList<string> Read);

/// <summary>
/// Where a group is on its ladder, and all that follows from it: by its log, by what will have been taught on a day to
/// come, or <i>as if</i> it stood at a rung. The one place where any of this is decided. Immutable.
/// </summary>
public sealed class Standing
{
    private readonly Dictionary<string, int> _days;
    private readonly Lazy<TaughtSet> _taught;

    private Standing(
        Ladder ladder, SchoolYear year, ReadingRules rules, IReadOnlySet<Teachable> things, IReadOnlySet<string> tricky, Dictionary<string, int> days,
        IReadOnlyList<TaughtLesson> lessons, IReadOnlyDictionary<string, int> timesRead, RevisitClock clock, Rung? asIf)
    {
        (Ladder, Year, Rules, Things, TrickyWords, _days) = (ladder, year, rules, things, tricky, days);
        (Lessons, TimesRead, Clock, AsIf) = (lessons, timesRead, clock, asIf);
        _taught = new Lazy<TaughtSet>(() => new TaughtSet(rules, things, tricky));
        while (Place < ladder.Rungs.Count && Passed(ladder.Rungs[Place]))
        {
            Place++;
        }
    }

    public Ladder Ladder { get; }

    public SchoolYear Year { get; }

    public ReadingRules Rules { get; }

    public IReadOnlySet<Teachable> Things { get; }

    /// <summary>Tricky words taught, in lower case.</summary>
    public IReadOnlySet<string> TrickyWords { get; }

    /// <summary>Lessons taught whole, by day.</summary>
    public IReadOnlyList<TaughtLesson> Lessons { get; }

    /// <summary>On how many days the group read each word or sentence.</summary>
    public IReadOnlyDictionary<string, int> TimesRead { get; }

    /// <summary>What is due for revisiting.</summary>
    public RevisitClock Clock { get; }

    /// <summary>The rung at which the group is taken to stand; null when it stands where it stands.</summary>
    public Rung? AsIf { get; }

    /// <summary>Zero-based place of the first rung that is not passed; the ladder's length when all are.</summary>
    public int Place { get; }

    /// <summary>The rung that is due; null above the top.</summary>
    public Rung? Due => Place < Ladder.Rungs.Count ? Ladder.Rungs[Place] : null;

    /// <summary>The rungs that are not passed, in order.</summary>
    public IEnumerable<Rung> Left => Ladder.Rungs.Where(x => !Passed(x));

    /// <summary>How many rungs lie below the taught line: it stands under the rung that is due, or over the one the group is taken to stand at.</summary>
    public int Line => AsIf is { } rung ? Ladder.PlaceOf(rung.Id) + 1 : Place;

    public TaughtSet Taught => _taught.Value;

    /// <summary>The largest shape of word that the group has met where it stands.</summary>
    public WordShape ShapeMet => Ladder.SectionAt(Math.Max(0, Line - 1)).Shape;

    public static Standing Of(Ladder ladder, GroupLog log, SchoolYear year, ReadingRules rules)
    {
        var days = new Dictionary<string, int>();
        foreach (var entry in log.Taught.Where(x => x.RungId.Length > 0))
        {
            days[entry.RungId] = days.GetValueOrDefault(entry.RungId) + 1;
        }

        return new Standing(
            ladder, year, rules, log.Things, log.TrickyWords, days,
            [.. log.Taught.Select(x => new TaughtLesson(x.Day, x.RungId, x.Things, x.TrickyWords, x.Read))],
            log.TimesRead, new RevisitClock(log, year, rules), null);
    }

    /// <summary>
    /// True when all that a rung adds was taught, wherever it stands now, and its days were given; for a rung that adds
    /// nothing, when its days were.
    /// </summary>
    public bool Passed(Rung rung)
    {
        var days = DaysGiven(rung);
        if (rung.Adds.Count == 0 && rung.TrickyWords.Count == 0)
        {
            return days >= rung.Days;
        }

        return rung.Adds.All(Things.Contains)
            && rung.TrickyWords.All(x => TrickyWords.Contains(x.ToLowerInvariant()))
            && (rung.Kind == RungKind.Teach ? days == 0 || days >= rung.Days : days >= rung.Days);
    }

    /// <summary>School days on which the rung was taught.</summary>
    public int DaysGiven(Rung rung) => _days.GetValueOrDefault(rung.Id);

    /// <summary>Zero-based place of the section that a lesson belongs to: the rung's own while it is on the ladder, else that of what is due.</summary>
    /// <param name="rung">The rung the lesson teaches; null for a review.</param>
    public int SectionFor(Rung? rung)
    {
        var own = rung is null ? -1 : Ladder.PlaceOf(rung.Id);
        return Ladder.SectionIndexAt(own >= 0 ? own : Math.Min(Place, Ladder.Rungs.Count - 1));
    }

    /// <summary>The standing when one more lesson has been taught whole.</summary>
    /// <param name="rung">What it teaches; null for a review.</param>
    /// <param name="seen">What it revisits.</param>
    public Standing After(DateOnly day, Rung? rung, IReadOnlyList<RevisitItem> seen) => With(day, rung is null ? [] : [rung], seen, AsIf);

    /// <summary>The standing when one more lesson is in the log: the same as that of the whole log, without going through all of it.</summary>
    public Standing After(LogEntry entry)
    {
        var whole = entry.Outcome == LogOutcome.Taught;
        var read = new Dictionary<string, int>(TimesRead);
        foreach (var text in entry.Outcome == LogOutcome.Missed ? [] : entry.Read.Distinct())
        {
            read[text] = read.GetValueOrDefault(text) + 1;
        }

        var (clock, days) = (Clock.Copy(), new Dictionary<string, int>(_days));
        clock.Take(entry);
        if (whole && entry.RungId.Length > 0)
        {
            days[entry.RungId] = days.GetValueOrDefault(entry.RungId) + 1;
        }

        return new Standing(
            Ladder, Year, Rules, whole ? Things.Concat(entry.Things).ToHashSet() : Things,
            whole ? TrickyWords.Concat(entry.TrickyWords.Select(x => x.ToLowerInvariant())).ToHashSet() : TrickyWords, days,
            whole ? [.. Lessons, new TaughtLesson(entry.Day, entry.RungId, entry.Things, entry.TrickyWords, entry.Read)] : Lessons, read, clock, AsIf);
    }

    /// <summary>
    /// The group taken to stand at a rung: upward, what it was taught and all rungs to it; downward, the rungs to it alone.
    /// </summary>
    /// <param name="today">What is added counts as taught on the school day before.</param>
    public Standing At(Rung rung, DateOnly today) => Below(rung, today).With(Before(today), [rung], [], rung);

    /// <summary>
    /// The same before the rung itself is taught: what its lesson is made from. What lies between counts as taught in the
    /// days before, and all of it as gone over when it was due.
    /// </summary>
    public Standing Below(Rung rung, DateOnly today)
    {
        var place = Ladder.PlaceOf(rung.Id);
        var from = place >= Place ? this : Of(Ladder, new GroupLog([]), Year, Rules);
        return from.With(Before(today), [.. Ladder.Rungs.Take(place).Where(x => !from.Passed(x))], [], rung, today);
    }

    private DateOnly Before(DateOnly today) => Year.SchoolDays[Math.Max(0, Year.Ordinal(today) - 1)];

    // The rungs of one day, or of the days before the one supposed.
    private Standing With(DateOnly day, IReadOnlyList<Rung> rungs, IReadOnlyList<RevisitItem> seen, Rung? asIf, DateOnly? supposed = null)
    {
        var (things, tricky, days) = (Things.ToHashSet(), TrickyWords.ToHashSet(), new Dictionary<string, int>(_days));
        var (lessons, clock) = (Lessons.ToList(), Clock.Copy());
        if (supposed is { } today)
        {
            clock.Suppose(today, rungs);
        }

        foreach (var rung in rungs)
        {
            things.UnionWith(rung.Adds);
            tricky.UnionWith(rung.TrickyWords.Select(x => x.ToLowerInvariant()));

            // Taken to stand above a rung, a group has had all its days; planned, it has one more.
            days[rung.Id] = asIf is null ? days.GetValueOrDefault(rung.Id) + 1 : Math.Max(rung.Days, days.GetValueOrDefault(rung.Id));
            lessons.Add(new TaughtLesson(day, rung.Id, rung.Adds, rung.TrickyWords, []));
            if (supposed is null)
            {
                clock.Take(day, rung.Id, rung.Adds, rung.TrickyWords, [], []);
            }
        }

        clock.Take(day, "", [], [], seen, []);
        return new Standing(Ladder, Year, Rules, things, tricky, days, lessons, TimesRead, clock, asIf);
    }
}
