using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Today's grapheme in a row among others: those it is mixed up with first, then those taught last. It comes at uneven
/// steps, so that nobody can answer without looking.
/// </summary>
internal static class SpotPiece
{
    private const int Long = 14, Others = 5;

    // Steps from one to the next; no two after each other are the same.
    private static readonly int[] Steps = [2, 3, 1, 4];

    public static LessonBlock Make(LessonBrief brief, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Teach, Activity.Spot);
        if (kept.Count > 0)
        {
            return new LessonBlock(LessonPart.Teach, Activity.Spot, kept) { Asks = brief.AsksIn(LessonPart.Teach, Activity.Spot) };
        }

        if (!brief.Has(LessonPart.Teach, Activity.Spot) || (brief.IsFurtherDay ? brief.Meets.Concat(brief.Targets) : brief.Targets).Select(x => x.Correspondence?.Grapheme).FirstOrDefault(x => x is not null) is not { } today)
        {
            return new LessonBlock(LessonPart.Teach, Activity.Spot, []);
        }

        // Dice of its own: a piece more or less leaves the others as they were.
        var dice = new Dice(brief.Seed ^ (ulong)Activity.Spot);
        var others = brief.Standing.Things.Select(x => x.Correspondence).OfType<Correspondence>().Select(x => x.Grapheme.Text).Where(x => x != today.Text).Distinct()
            .OrderByDescending(x => Confusables.Turned(x, today.Text)).ThenByDescending(x => Confusables.LookAlike(x, today.Text)).ThenByDescending(x => Shared(x, today.Text))
            .ThenBy(x => Math.Abs(x.Length - today.Text.Length)).ThenBy(x => x, StringComparer.Ordinal).Take(Others).ToList();
        if (others.Count < 2)
        {
            return new LessonBlock(LessonPart.Teach, Activity.Spot, []);
        }

        var here = new HashSet<int>();
        var turn = dice.Next(Steps.Length);
        for (var at = dice.Next(2); at < Long; at += Steps[turn++ % Steps.Length])
        {
            here.Add(at);
        }

        return new LessonBlock(LessonPart.Teach, Activity.Spot, [.. Row(here, others, dice).Select(x => make.Item(
            ItemKind.Card, x ?? today.Text, "", [x is null ? Reason.Of(ReasonCode.TodaysPoint) : Reason.Of(ReasonCode.GoesAgainst, today.Text)]))])
        {
            Asks = [Ask.Of(AskCode.Spot, today.Text)],
        };
    }

    // No other twice running; null is today's.
    private static IEnumerable<string?> Row(HashSet<int> here, List<string> others, Dice dice)
    {
        string? last = null;
        for (var at = 0; at < Long; at++)
        {
            last = here.Contains(at) ? null : dice.Mix(others.Where(x => x != last)).First();
            yield return last;
        }
    }

    private static int Shared(string one, string other) => one.Distinct().Count(x => x != '_' && other.Contains(x, StringComparison.Ordinal));
}
