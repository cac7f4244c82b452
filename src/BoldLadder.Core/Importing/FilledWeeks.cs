using System.Globalization;
using System.Text.RegularExpressions;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Importing;

/// <summary>
/// The days that rungs take where a sheet goes by weeks: those of a week share its days of new learning, so that the plan
/// is where the sheet says it is. A week of one sound stays with it, each day deeper.
/// </summary>
internal static class FilledWeeks
{
    public const int FewestWeeks = 3;

    private const int DaysApart = 6, LongestSpan = 4;

    /// <summary>True for days that stand a week apart or further, and so name weeks as well as their numbers do.</summary>
    public static bool AreOfWeeks(IReadOnlyList<DateOnly> dates) => dates.Zip(dates.Skip(1)).All(x => x.Second.DayNumber - x.First.DayNumber >= DaysApart);

    /// <summary>The rungs with their days, and whether any was given more than its own.</summary>
    /// <param name="newDays">Days of a week that bring something new.</param>
    public static (IReadOnlyList<PlacedRung> Rungs, bool Filled) Of(IReadOnlyList<PlacedRung> rungs, int newDays)
    {
        var weeks = ByWeek(rungs);
        // A sheet of days says itself how long each takes, and one with a few weeks named says nothing of the others.
        if (rungs.Any(x => x.IsDay) || weeks.Count < FewestWeeks || weeks.Sum(x => x.Named ? x.Rungs.Count : 0) * 10 < rungs.Count * 9)
        {
            return (rungs, false);
        }

        var first = KnownBefore.BeginsWithLetters(rungs.SelectMany(x => x.Imported.Rung.Correspondences)) ? weeks.FindIndex(x => x.Rungs.Exists(r => r.Imported.Rung.AddsParts)) : -1;
        var filled = weeks.SelectMany((x, i) => x.Named && x.Rungs.TrueForAll(r => r.Imported.Rung.Days == 1) ? Filled(x.Rungs, x.Weeks * newDays, i == first) : x.Rungs).ToList();
        return (filled, filled.Any(x => x.Imported.Rung.Days > 1));
    }

    private static List<PlacedRung> Filled(List<PlacedRung> rungs, int days, bool isFirst)
    {
        // With the first letter alone there is nothing to read: the days are better had once there are two.
        var each = isFirst ? 1 : Math.Max(1, days / rungs.Count);
        var last = rungs.FindLastIndex(x => x.Imported.Rung.AddsParts);
        last = last < 0 ? rungs.Count - 1 : last;
        var over = Math.Max(0, days - (each * rungs.Count));
        var filled = new List<PlacedRung>();
        foreach (var (x, i) in rungs.Select((x, i) => (x, i)))
        {
            var before = filled.Sum(f => f.Imported.Rung.Days);
            filled.Add(x with
            {
                Imported = x.Imported with
                {
                    Date = x.Imported.Date is { } monday ? ImportedLadder.WeekdaysOn(monday, before) : null,
                    Rung = x.Imported.Rung with { Days = Math.Min(each + (i == last ? over : 0), Ladder.MostDays) },
                },
            });
        }

        return filled;
    }

    private static List<(bool Named, int Weeks, List<PlacedRung> Rungs)> ByWeek(IReadOnlyList<PlacedRung> rungs)
    {
        var dates = rungs.Select(x => x.Imported.Date).OfType<DateOnly>().Distinct().ToList();
        var byDate = dates.Count >= FewestWeeks && AreOfWeeks(dates);
        string Key(PlacedRung x) => x.Week.Length > 0 ? $"{x.Section}\n{x.Week}" : byDate && x.Imported.Date is { } date ? date.ToString("o", CultureInfo.InvariantCulture) : "";
        var weeks = new List<(string Key, List<PlacedRung> Rungs)>();
        foreach (var rung in rungs)
        {
            if (weeks.Count == 0 || weeks[^1].Key != Key(rung))
            {
                weeks.Add((Key(rung), []));
            }

            weeks[^1].Rungs.Add(rung);
        }

        return [.. weeks.Select(x => (x.Key.Length > 0, WeeksIn(x.Rungs[0].Week), x.Rungs))];
    }

    // Weeks 3 and 4, weeks 3–4.
    private static int WeeksIn(string label) => Span.Match(label) is { Success: true } match
        && int.Parse(match.Groups["to"].Value, CultureInfo.InvariantCulture) - int.Parse(match.Groups["from"].Value, CultureInfo.InvariantCulture) + 1 is > 1 and <= LongestSpan and var weeks ? weeks : 1;

    private static readonly Regex Span = new(@"^\s*w(?:ee)?ks?\s*(?<from>\d{1,2})\s*(?:-|–|—|to|and|&|\+|/)\s*(?<to>\d{1,2})\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
