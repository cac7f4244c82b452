using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>
/// The order in which a sheet's rungs are taught, where its rows stand in another: by the alphabet, or by sound, with the
/// week, the date or the half-term beside each.
/// </summary>
internal static partial class SheetOrder
{
    private const int Fewest = 4;

    /// <summary>The rungs in the order that their rows name, and whether that is another than the sheet's own.</summary>
    public static (IReadOnlyList<WrittenRung> Rungs, bool Moved) Of(IReadOnlyList<WrittenRung> rungs)
    {
        foreach (var key in (Func<WrittenRung, int?>[])[x => x.Date?.DayNumber, SeasonOf, WeekOf])
        {
            var keys = rungs.Select(key).ToList();
            if (keys.Count >= Fewest && keys.TrueForAll(x => x is not null))
            {
                if (IsOutOfOrder(keys))
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
    private static bool IsOutOfOrder(List<int?> keys) => keys.Zip(keys.Skip(1)).Where(x => x.Second < x.First).Select(x => x.Second).ToList() is { Count: > 0 } falls && falls.Exists(x => x != keys[0]);

    private static int? WeekOf(WrittenRung rung) => FirstNumber().Match(rung.Week) is { Success: true } match ? int.Parse(match.Value, CultureInfo.InvariantCulture) : null;

    private static int? SeasonOf(WrittenRung rung)
    {
        var match = Season().Match(rung.Section.Trim());
        if (!match.Success)
        {
            return null;
        }

        var half = match.Groups["half"].Success ? int.Parse(match.Groups["half"].Value, CultureInfo.InvariantCulture) : 0;
        var season = match.Groups["season"].Value.ToLowerInvariant();
        return half + season switch { "" => 0, "winter" => 5, _ when season.StartsWith("sp", StringComparison.Ordinal) || season == "lent" => 10, _ when season.StartsWith("su", StringComparison.Ordinal) || season == "trinity" => 20, _ => 0 };
    }

    [GeneratedRegex(@"\d+")]
    private static partial Regex FirstNumber();

    [GeneratedRegex(@"^(?:(?<season>autumn|aut|michaelmas|fall|winter|spring|spr|lent|summer|sum|trinity)(?:\s+(?:half[\s-]?)?term)?|half[\s-]?term|term|ht|t)\s*(?<half>[1-6])?$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Season();
}
