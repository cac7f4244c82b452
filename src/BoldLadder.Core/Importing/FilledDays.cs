using System.Globalization;
using System.Text.RegularExpressions;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Importing;

/// <summary>
/// The days that rungs take where a sheet goes by weeks, or by terms alone: those of a week share its days of new learning, those of
/// a half-term the days of six weeks, so that the plan is where the sheet says it is. A week of one sound stays with it, each day deeper.
/// </summary>
internal static class FilledDays
{
    public const int FewestWeeks = 3;

    private const int DaysApart = 6, LongestSpan = 4, FewestTerms = 2, OpeningRungs = 6, OpeningDays = 2;

    /// <summary>True for days that stand a week apart or further, and so name weeks as well as their numbers do.</summary>
    public static bool AreOfWeeks(IReadOnlyList<DateOnly> dates) => dates.Zip(dates.Skip(1)).All(x => x.Second.DayNumber - x.First.DayNumber >= DaysApart);

    /// <summary>The rungs with their days, and what of the sheet these follow.</summary>
    /// <param name="newDays">Days of a week that bring something new.</param>
    public static (IReadOnlyList<PlacedRung> Rungs, FilledBy By) Of(IReadOnlyList<PlacedRung> rungs, int newDays)
    {
        // A sheet of days says itself how long each takes, and one with a few weeks named says nothing of the others.
        if (rungs.Any(x => x.IsDay))
        {
            return (rungs, FilledBy.Nothing);
        }

        var (weeks, terms) = (ByWeek(rungs), ByTerm(rungs));
        var by = AreMost(weeks, FewestWeeks, rungs) ? FilledBy.Weeks
            : rungs.All(x => x.Week.Length == 0 && x.Imported is { Date: null, Rung.Days: 1 }) && AreMost(terms, FewestTerms, rungs) ? FilledBy.Terms : FilledBy.Nothing;
        var filled = by switch { FilledBy.Weeks => FilledWeeks(weeks, newDays), FilledBy.Terms => FilledTerms(terms, newDays), _ => rungs };
        return (filled, filled.Any(x => x.Imported.Rung.Days > 1) ? by : FilledBy.Nothing);
    }

    private static bool AreMost(List<Span> spans, int fewest, IReadOnlyList<PlacedRung> rungs) => spans.Count >= fewest && spans.Sum(x => x.Weeks > 0 ? x.Rungs.Count : 0) * 10 >= rungs.Count * 9;

    // The first in which there are letters, of an order that begins with them; -1 for none.
    private static int FirstOf(List<Span> spans) => KnownBefore.BeginsWithLetters(spans.SelectMany(x => x.Rungs).SelectMany(x => x.Imported.Rung.Correspondences)) ? spans.FindIndex(x => x.Rungs.Exists(r => r.Imported.Rung.AddsParts)) : -1;

    private static List<PlacedRung> FilledWeeks(List<Span> weeks, int newDays)
    {
        var first = FirstOf(weeks);
        return [.. weeks.SelectMany((x, i) => x.Weeks > 0 && x.Rungs.TrueForAll(r => r.Imported.Rung.Days == 1) ? Filled(x.Rungs, x.Weeks * newDays, i == first) : x.Rungs)];
    }

    // The days that a term has over go to its rungs evenly, never more than a week to one. The first letters of all are met on a day
    // each, and the next on two at most: a second day with four letters would read the four words of the first.
    private static List<PlacedRung> FilledTerms(List<Span> terms, int newDays)
    {
        var first = FirstOf(terms);
        return [.. terms.SelectMany((term, i) =>
        {
            var shared = term.Rungs.Where(x => x.Imported.Rung.AddsParts).Skip(i == first ? OpeningRungs : 0).ToList();
            var days = Math.Min((term.Weeks * newDays) - (term.Rungs.Count - shared.Count), shared.Count * (i == first ? OpeningDays : newDays));
            return term.Weeks == 0 || days <= shared.Count ? term.Rungs : term.Rungs.Select(x => shared.IndexOf(x) is var at and >= 0 ? x with
            {
                Imported = x.Imported with { Rung = x.Imported.Rung with { Days = Math.Min(((at + 1) * days / shared.Count) - (at * days / shared.Count), Ladder.MostDays) } },
            } : x);
        })];
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

    // Rungs one after another that stand under one week or term; no weeks where nobody can tell how long it is.
    private sealed record Span(int Weeks, List<PlacedRung> Rungs);

    private static List<Span> ByTerm(IReadOnlyList<PlacedRung> rungs)
    {
        var terms = Together(rungs, x => x.Section);
        return [.. terms.Select(x => new Span(TermLength.In(x.Key, [.. terms.Select(t => t.Key)]), x.Rungs))];
    }

    private static List<Span> ByWeek(IReadOnlyList<PlacedRung> rungs)
    {
        var dates = rungs.Select(x => x.Imported.Date).OfType<DateOnly>().Distinct().ToList();
        var byDate = dates.Count >= FewestWeeks && AreOfWeeks(dates);
        string Key(PlacedRung x) => x.Week.Length > 0 ? $"{x.Section}\n{x.Week}" : byDate && x.Imported.Date is { } date ? date.ToString("o", CultureInfo.InvariantCulture) : "";
        return [.. Together(rungs, Key).Select(x => new Span(x.Key.Length > 0 ? WeeksIn(x.Rungs[0].Week) : 0, x.Rungs))];
    }

    private static List<(string Key, List<PlacedRung> Rungs)> Together(IReadOnlyList<PlacedRung> rungs, Func<PlacedRung, string> key)
    {
        var together = new List<(string Key, List<PlacedRung> Rungs)>();
        foreach (var rung in rungs)
        {
            if (together.Count == 0 || together[^1].Key != key(rung))
            {
                together.Add((key(rung), []));
            }

            together[^1].Rungs.Add(rung);
        }

        return together;
    }

    // Weeks 3 and 4, weeks 3–4.
    private static int WeeksIn(string label) => WeekSpan.Match(label) is { Success: true } match
        && int.Parse(match.Groups["to"].Value, CultureInfo.InvariantCulture) - int.Parse(match.Groups["from"].Value, CultureInfo.InvariantCulture) + 1 is > 1 and <= LongestSpan and var weeks ? weeks : 1;

    private static readonly Regex WeekSpan = new(@"^\s*w(?:ee)?ks?\s*(?<from>\d{1,2})\s*(?:-|–|—|to|and|&|\+|/)\s*(?<to>\d{1,2})\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
