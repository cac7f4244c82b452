using BoldLadder.Core.Calendar;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Groups;

/// <summary>
/// All that an answer about one group needs, read once for a request: its school, its ladder as
/// published, its log, its year and its words.
/// </summary>
/// <param name="Needs">What must come before what: the school's own list, or the shipped one.</param>
/// <param name="AsIf">The rung at which the group is taken to stand, when somebody asked for that.</param>
public sealed record Classroom(
    SchoolRow School, GroupRow Group, Ladder Ladder, int LadderRevision, IReadOnlyList<LogEntry> Entries, GroupLog Log,
    SchoolYear Year, WordStock Stock, DateOnly Today, Rung? AsIf, Core.Ladders.Needs Needs)
{
    private Unlocking? _unlocking;

    public ReadingRules Rules => Stock.Rules;

    /// <summary>Kept while it is of this ladder and these rules: a copy made by <c>with</c> may have others.</summary>
    public Unlocking Unlocking => _unlocking is { } kept && kept.Ladder == Ladder && kept.Rules == Rules
        ? kept
        : _unlocking = new Unlocking(Ladder, Rules);

    /// <summary>What the group has been taught, or would have been at the rung it is taken to stand at.</summary>
    public TaughtSet Taught => Log.TaughtSet(Rules);

    /// <summary>Place of the taught line: below the rung that is due.</summary>
    public int Line => AsIf is { } rung ? Ladder.PlaceOf(rung.Id) + 1 : Log.DuePlace(Ladder);

    /// <summary>The first day on which each rung was or will be taught.</summary>
    public IReadOnlyDictionary<string, DateOnly> Dates => field ??= Schedule.Dates(Ladder, new GroupLog(Entries), Year, Today);

    /// <summary>
    /// The same group taken to stand at a rung: upward, the log and all rungs to it; downward, the
    /// rungs to it alone.
    /// </summary>
    public Classroom At(Rung rung) => this with { Log = new GroupLog(Below(rung).Concat(Entry([rung], long.MaxValue))), AsIf = rung };

    /// <summary>The log that the group would have on the day the rung is taught.</summary>
    public IReadOnlyList<LogEntry> Below(Rung rung)
    {
        var log = new GroupLog(Entries);
        var place = Ladder.PlaceOf(rung.Id);
        var upward = place >= log.DuePlace(Ladder);
        var rungs = Ladder.Rungs.Take(place).Where(x => !upward || !log.Passed(x)).SelectMany(x => Enumerable.Repeat(x, x.Days));
        return [.. upward ? Entries : [], .. Entry(rungs, log.Position + 1)];
    }

    private IEnumerable<LogEntry> Entry(IEnumerable<Rung> rungs, long position)
    {
        var day = Year.SchoolDays[Math.Max(0, Year.Ordinal(Today) - 1)];
        return rungs.Select((x, i) => new LogEntry(
            position + i, $"as if {x.Id} {i}", day, LogOutcome.Taught, x.Id, [.. Core.Reading.Taught.Of(x)], x.TrickyWords, [], [], []));
    }
}
