using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Year;

/// <summary>A ladder begun on the first day of a school's year by a group that was taught nothing: where it would stand at the breaks.</summary>
/// <param name="Stands">For each break, the last school day before it and the last rung taught by then.</param>
/// <param name="Ends">The day on which the top is reached; null when the year ends before.</param>
public sealed record NewYear(IReadOnlyList<(DateOnly On, Rung Rung)> Stands, DateOnly? Ends)
{
    public static NewYear Of(Ladder ladder, SchoolYear year, ReadingRules rules)
    {
        var outlook = new GroupYear(ladder, year, new GroupLog([]), rules, GroupPlan.None, year.SchoolDays[0]).Outlook;
        var (stands, last) = (new List<(DateOnly, Rung)>(), (Rung?)null);
        DateOnly? before = null;
        foreach (var day in outlook.Days)
        {
            if (before is { } on && last is { } rung && year.FollowsBreak(day.Day))
            {
                stands.Add((on, rung));
            }

            (before, last) = (day.Day, day.Rung ?? last);
        }

        return new NewYear(stands, outlook.Ends);
    }
}
