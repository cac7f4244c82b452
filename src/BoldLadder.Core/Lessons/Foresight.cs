using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>The log as it will be on a later day if all goes to plan, for planning ahead.</summary>
public static class Foresight
{
    public static GroupLog Log(Ladder ladder, IReadOnlyList<LogEntry> entries, SchoolYear year, ReadingRules rules, DateOnly today, DateOnly day)
    {
        var foreseen = entries.ToList();
        var log = new GroupLog(foreseen);
        foreach (var scheduled in Schedule.From(ladder, log, year, today).TakeWhile(x => x.Day < day).Where(x => !log.HasDay(x.Day)).ToList())
        {
            var now = new GroupLog(foreseen);
            var seen = RevisitPart.Fitting(new RevisitClock(now, year, rules).Due(scheduled.Day), Lesson.UsualMinutes);
            foreseen.Add(new LogEntry(
                now.Position + 1, $"foreseen {scheduled.Day:O}", scheduled.Day, LogOutcome.Taught, scheduled.Rung?.Id ?? "",
                scheduled.Rung is { } rung ? [.. Taught.Of(rung)] : [], scheduled.Rung?.TrickyWords ?? [],
                [.. seen.Select(x => x.Item)], [], []));
        }

        return new GroupLog(foreseen);
    }
}
