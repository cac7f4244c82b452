using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Log;

/// <summary>
/// The part of the taught set that has settled: taught at least 10 teaching days ago, and not shaky since: a stumble
/// starts the count again. What children
/// do alone, at home or in a check uses it first. Source: the domain's rules for the ladder.
/// </summary>
public static class SecureSet
{
    /// <summary>Teaching days after which a thing may count as secure.</summary>
    public const int SettlingDays = 10;

    public static TaughtSet At(GroupLog log, SchoolYear year, ReadingRules rules, DateOnly day)
    {
        var until = year.Ordinal(day) - SettlingDays;
        var shaky = log.Counted.Where(x => x.Outcome != LogOutcome.Missed).SelectMany(x => x.Shaky.Select(item => (item, Day: year.Ordinal(x.Day)))).ToList();
        bool Settled(int taughtOn, IEnumerable<RevisitItem> items) =>
            taughtOn <= until && !items.Any(i => shaky.Any(s => s.item == i && s.Day > until));

        var first = new Dictionary<Teachable, int>();
        var words = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        foreach (var entry in log.Taught)
        {
            foreach (var thing in entry.Things)
            {
                first.TryAdd(thing, year.Ordinal(entry.Day));
            }

            foreach (var word in entry.TrickyWords)
            {
                words.TryAdd(word, year.Ordinal(entry.Day));
            }
        }

        return new TaughtSet(
            rules,
            first.Where(x => Settled(x.Value, RevisitClock.Of([x.Key], [], rules))).Select(x => x.Key),
            words.Where(x => Settled(x.Value, RevisitClock.Of([], [x.Key], rules))).Select(x => x.Key));
    }
}
