using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Server.Demo;

/// <summary>A school year that has begun long enough ago for the demo's groups to stand where they do.</summary>
public static class DemoYear
{
    private const int TermWeeks = 13;

    /// <summary>Terms of thirteen weeks with a fortnight between and a week's break in each, around a day.</summary>
    /// <param name="rungs">The most rungs that a group has been taught.</param>
    public static SchoolYear Around(DateOnly today, int rungs)
    {
        // Four new rungs a week, a slack of two weeks, and the weeks without school.
        var weeks = (rungs / 4) + 2;
        var monday = today.AddDays(-(((int)today.DayOfWeek + 6) % 7));
        var first = monday.AddDays(-7 * (weeks + (weeks / TermWeeks * 3) + 2));
        var terms = new List<Term>();
        var closures = new List<Closure>();
        string[] names = ["First term", "Second term", "Third term", "Fourth term", "Fifth term", "Sixth term"];
        for (var i = 0; i < names.Length; i++)
        {
            var begins = first.AddDays(i * 7 * (TermWeeks + 2));
            var ends = begins.AddDays((TermWeeks * 7) - 3);
            terms.Add(new Term(names[i], begins, ends));
            var holiday = begins.AddDays(7 * 6);

            // Never just now: a demo opened on a holiday would look asleep.
            if (holiday.AddDays(-14) > today || holiday.AddDays(14) < today)
            {
                closures.Add(new Closure(holiday, holiday.AddDays(4), "Mid-term break"));
            }
        }

        // Nor between two terms: the term before goes on until a week after today.
        terms = [.. terms.Select(x => x.Last < today.AddDays(7) && x.Last.AddDays(21) > today ? x with { Last = today.AddDays(11) } : x)];
        return SchoolYear.TryCreate(terms, closures, WeeklyPattern.Usual, out var year, out var reason)
            ? year
            : throw new InvalidOperationException(reason);
    }

    /// <summary>The last school days before today in which so many rungs are taught.</summary>
    public static IReadOnlyList<DateOnly> DaysFor(SchoolYear year, DateOnly today, Ladder ladder, int rungs)
    {
        var wanted = ladder.Rungs.Take(rungs).Sum(x => x.Days);
        var days = new List<DateOnly>();
        foreach (var day in year.SchoolDays.Where(x => x < today).Reverse())
        {
            if (wanted == 0)
            {
                break;
            }

            days.Add(day);
            wanted -= year.On(day) == DayUse.New ? 1 : 0;
        }

        days.Reverse();

        // The first lesson has something new: before it there is nothing to review.
        return [.. days.SkipWhile(x => year.On(x) == DayUse.Review)];
    }
}
