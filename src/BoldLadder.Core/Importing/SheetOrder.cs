using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>
/// The order in which a sheet's rungs are taught, where its rows stand in another: by the alphabet, or by sound, with the
/// week, the date or the half-term beside each.
/// </summary>
internal static class SheetOrder
{
    private const int Fewest = 4;

    /// <summary>The rungs in the order that their rows name, and whether that is another than the sheet's own.</summary>
    public static (IReadOnlyList<WrittenRung> Rungs, bool Moved) Of(IReadOnlyList<WrittenRung> rungs)
    {
        foreach (var (key, comesRound) in ((Func<WrittenRung, int?>, bool)[])[(x => x.Date?.DayNumber, false), (SeasonOf, true), (WeekOf, true)])
        {
            var keys = rungs.Select(key).ToList();
            if (keys.Count >= Fewest && keys.TrueForAll(x => x is not null))
            {
                if (IsOutOfOrder(keys, comesRound) && !(key == WeekOf && BeginsWithEachSection(rungs)))
                {
                    return ([.. rungs.Select((x, i) => (x, keys[i])).OrderBy(x => x.Item2).Select(x => x.x)], true);
                }

                // Weeks begin again with each term.
                if (keys.Distinct().Count() > 1)
                {
                    break;
                }
            }
        }

        return (rungs, false);
    }

    // Numbers that begin again from the first are counted anew in every term; others that fall stand in no order of time.
    // An order that begins in spring comes to autumn, and no further than to where it began: one fall between what stands together is none.
    private static bool IsOutOfOrder(List<int?> keys, bool comesRound)
    {
        var falls = keys.Zip(keys.Skip(1)).Where(x => x.Second < x.First).Select(x => x.Second).ToList();
        var standTogether = keys.Zip(keys.Skip(1)).Count(x => x.First != x.Second) + 1 == keys.Distinct().Count();
        return falls.Exists(x => x != keys[0]) && !(comesRound && falls.Count == 1 && standTogether && keys[^1] <= keys[0]);
    }

    // Settle in, then weeks 2 to 4 of September and weeks 1 to 3 of October: each of the months, met once, counts its own.
    private static bool BeginsWithEachSection(IReadOnlyList<WrittenRung> rungs)
    {
        var sections = rungs.Select(x => x.Section).Where((x, i) => i == 0 || x != rungs[i - 1].Section).ToList();
        return sections.Count > 1 && sections.TrueForAll(SheetWords.IsSection) && sections.Distinct().Count() == sections.Count && rungs.GroupBy(x => x.Section).All(x => x.Zip(x.Skip(1)).All(p => WeekOf(p.First) <= WeekOf(p.Second)));
    }

    // Week beginning 31 August is no thirty-first week.
    private static int? WeekOf(WrittenRung rung) => !SheetWords.IsWeekOfDay(rung.Week) && FirstNumber.Match(rung.Week) is { Success: true } match ? int.Parse(match.Value, CultureInfo.InvariantCulture) : null;

    private static int? SeasonOf(WrittenRung rung)
    {
        var match = Season.Match(rung.Section.Trim());
        if (!match.Success)
        {
            return null;
        }

        var half = match.Groups["half"].Success ? int.Parse(match.Groups["half"].Value, CultureInfo.InvariantCulture) : 0;
        var season = match.Groups["season"].Value.ToLowerInvariant();
        return half + (10 * season switch { "winter" => 1, "spring" or "spr" or "lent" => 2, "summer" or "sum" or "trinity" => 3, _ => 0 });
    }

    private static readonly Regex FirstNumber = new(@"\d+");

    private static readonly Regex Season = new(@"^(?:(?<season>" + SheetWords.Seasons + @")(?:\s+(?:half[\s-]?)?term)?|half[\s-]?term|term|ht|t)\s*(?<half>[1-6])?$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
