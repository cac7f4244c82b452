using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Year;

/// <summary>A lesson made to see what a shape does.</summary>
/// <param name="IsAhead">The group will have it on that day; else no such day lies ahead, and it is as if the group stood there.</param>
public sealed record TriedLesson(LessonBrief Brief, Lesson Lesson, bool IsAhead);

/// <summary>Tries a shape on the next lesson of its kind that a group will have.</summary>
public static class ShapeTrial
{
    /// <summary>The lesson; null where the ladder has none of the kind.</summary>
    /// <param name="days">The group's days to come, the first of them today.</param>
    /// <param name="ways">With the shape that is tried.</param>
    public static TriedLesson? Of(ShapeKind kind, Standing now, IReadOnlyList<PlacedDay> days, WordStock stock, ClassConventions ways, Func<DateOnly, ulong> seed)
    {
        var minutes = kind == ShapeKind.Short ? ClassConventions.ShortMinutes : ways.LessonMinutes;
        var (before, first) = (now, days.Count > 0 ? days[0].Day : now.Year.SchoolDays[^1]);
        foreach (var day in days)
        {
            if (Brief(before, day.Day, day.Rung) is { } ahead)
            {
                return Made(ahead, true);
            }

            before = before.After(day.Day, day.Rung, []);
        }

        // Nothing taught yet, a rung again on the next day, or any rung of the ladder.
        return Brief(Standing.Of(now.Ladder, new GroupLog([]), now.Year, now.Rules), first, null) is { } atFirst ? Made(atFirst, false)
            : now.Ladder.Rungs.SelectMany(rung => (LessonBrief?[])
                [Brief(now.Below(rung, first), first, rung), kind == ShapeKind.FurtherDay ? Brief(now.Below(rung, first).After(first, rung, []), first, rung) : null])
                .OfType<LessonBrief>().Select(x => Made(x, false)).FirstOrDefault();

        LessonBrief? Brief(Standing standing, DateOnly day, Ladders.Rung? rung) =>
            new LessonBrief(stock, standing, ways, day, rung, minutes, seed(day)) is var brief && brief.ShapeKind == kind ? brief : null;
    }

    private static TriedLesson Made(LessonBrief brief, bool isAhead) => new(brief, LessonComposer.Compose(brief), isAhead);
}
