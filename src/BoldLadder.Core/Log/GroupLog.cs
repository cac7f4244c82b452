using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Log;

/// <summary>What a group's log says was taught. For each lesson its last entry stands.</summary>
public sealed class GroupLog
{
    public GroupLog(IEnumerable<LogEntry> entries)
    {
        var all = entries.OrderBy(x => x.Position).ToList();
        Entries = all;
        Position = all.Count > 0 ? all[^1].Position : 0;
        Counted = [.. all.GroupBy(x => x.LessonId).Select(x => x.Last())
            .Where(x => x.Outcome is LogOutcome.Taught or LogOutcome.Partly or LogOutcome.Missed)
            .OrderBy(x => x.Day).ThenBy(x => x.Position)];
        Taught = [.. Counted.Where(x => x.Outcome == LogOutcome.Taught)];
        Things = Taught.SelectMany(x => x.Things).ToHashSet();
        TrickyWords = Taught.SelectMany(x => x.TrickyWords).Select(x => x.ToLowerInvariant()).ToHashSet();
        var read = new Dictionary<string, int>();
        foreach (var word in Counted.Where(x => x.Outcome != LogOutcome.Missed).SelectMany(x => x.Read.Distinct()))
        {
            read[word] = read.GetValueOrDefault(word) + 1;
        }

        TimesRead = read;
    }

    /// <summary>Every entry, in the order in which they were written.</summary>
    public IReadOnlyList<LogEntry> Entries { get; }

    /// <summary>The position of the last entry; 0 for an empty log.</summary>
    public long Position { get; }

    /// <summary>Entries that count, by day.</summary>
    public IReadOnlyList<LogEntry> Counted { get; }

    /// <summary>Lessons taught whole, by day.</summary>
    public IReadOnlyList<LogEntry> Taught { get; }

    /// <summary>What was taught, tricky words aside.</summary>
    public IReadOnlySet<Teachable> Things { get; }

    /// <summary>Tricky words taught, in lower case.</summary>
    public IReadOnlySet<string> TrickyWords { get; }

    /// <summary>On how many days the group read each word or sentence.</summary>
    public IReadOnlyDictionary<string, int> TimesRead { get; }

    /// <summary>Ids of the rungs that were first taught before a day.</summary>
    public IReadOnlySet<string> BegunBefore(DateOnly day) => Taught.Where(x => x.Day < day && x.RungId.Length > 0).Select(x => x.RungId).ToHashSet();

    public bool HasDay(DateOnly day) => Counted.Any(x => x.Day == day);
}
