using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Log;

/// <summary>What a group's log says was taught. For each lesson its last entry stands.</summary>
public sealed class GroupLog
{
    private readonly Dictionary<string, int> _days = [];

    public GroupLog(IEnumerable<LogEntry> entries)
    {
        var all = entries.OrderBy(x => x.Position).ToList();
        Position = all.Count > 0 ? all[^1].Position : 0;
        Standing = [.. all.GroupBy(x => x.LessonId).Select(x => x.Last())
            .Where(x => x.Outcome is LogOutcome.Taught or LogOutcome.Partly or LogOutcome.Missed)
            .OrderBy(x => x.Day).ThenBy(x => x.Position)];
        Taught = [.. Standing.Where(x => x.Outcome == LogOutcome.Taught)];
        Things = Taught.SelectMany(x => x.Things).ToHashSet();
        TrickyWords = Taught.SelectMany(x => x.TrickyWords).Select(x => x.ToLowerInvariant()).ToHashSet();
        foreach (var entry in Taught.Where(x => x.RungId.Length > 0))
        {
            _days[entry.RungId] = _days.GetValueOrDefault(entry.RungId) + 1;
        }

        var read = new Dictionary<string, int>();
        foreach (var word in Standing.Where(x => x.Outcome != LogOutcome.Missed).SelectMany(x => x.Read.Distinct()))
        {
            read[word] = read.GetValueOrDefault(word) + 1;
        }

        TimesRead = read;
    }

    /// <summary>The position of the last entry; 0 for an empty log.</summary>
    public long Position { get; }

    /// <summary>Entries that count, by day.</summary>
    public IReadOnlyList<LogEntry> Standing { get; }

    /// <summary>Lessons taught whole, by day.</summary>
    public IReadOnlyList<LogEntry> Taught { get; }

    public IReadOnlySet<Taught> Things { get; }

    /// <summary>Tricky words taught, in lower case.</summary>
    public IReadOnlySet<string> TrickyWords { get; }

    /// <summary>On how many days the group read each word or sentence.</summary>
    public IReadOnlyDictionary<string, int> TimesRead { get; }

    public bool HasDay(DateOnly day) => Standing.Any(x => x.Day == day);

    /// <summary>
    /// True when all that a rung adds was taught, wherever it stands now, and its days were given;
    /// for a rung that adds nothing, when its days were.
    /// </summary>
    public bool Passed(Rung rung)
    {
        var days = _days.GetValueOrDefault(rung.Id);
        if (!rung.AddsParts && rung.TrickyWords.Count == 0)
        {
            return days >= rung.Days;
        }

        return Reading.Taught.Of(rung).All(Things.Contains)
            && rung.TrickyWords.All(x => TrickyWords.Contains(x.ToLowerInvariant()))
            && (rung.Kind == RungKind.Teach ? days == 0 || days >= rung.Days : days >= rung.Days);
    }

    /// <summary>Place of the first rung that is not passed: the taught line stands under it. The ladder's length when all are.</summary>
    public int DuePlace(Ladder ladder)
    {
        for (var place = 0; place < ladder.Rungs.Count; place++)
        {
            if (!Passed(ladder.Rungs[place]))
            {
                return place;
            }
        }

        return ladder.Rungs.Count;
    }

    public TaughtSet TaughtSet(ReadingRules rules) => new(rules, Things, TrickyWords);
}
