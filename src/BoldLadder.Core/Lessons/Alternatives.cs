using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>What a person can do with an item beside swapping it unseen: choose what comes in its place, add one more, put it elsewhere.</summary>
public static class Alternatives
{
    /// <summary>As many as are looked through at a glance.</summary>
    public const int Most = 5;

    // A few more are drawn than shown, so that the best of them come first.
    private const int Draws = 8;

    /// <summary>What else fits in the item's place, best first: on the day's point, then known to the youngest, then short; none where nothing does.</summary>
    /// <param name="turn">A number that grows with every edit, so that later others come.</param>
    public static IReadOnlyList<LessonItem> Of(LessonBrief brief, Lesson lesson, string itemId, ulong turn)
    {
        if (BlockOf(lesson, itemId) is not { } block)
        {
            return [];
        }

        // Each that is found stands aside for the next draw, as if it were in the lesson.
        var (service, found, probe) = (new PointService(lesson, brief.Stock, brief.Judge), new List<LessonItem>(), lesson);
        for (var draw = 0; draw < Draws && Swap.Another(brief, probe, itemId, turn + (ulong)draw) is { } other; draw++)
        {
            found.Add(other);
            probe = probe with { Blocks = [.. probe.Blocks, new LessonBlock(block.Part, Activity.Spare, [other with { Id = $"other{draw}" }])] };
        }

        return [.. found.DistinctBy(x => x.Text).Where(x => x.Text != lesson.Find(itemId)!.Text).OrderBy(x => service.Of(block, x).Code == ReasonCode.ServesOther)
            .ThenBy(x => brief.Stock.Words.FindWord(x.Text)?.Familiarity != Familiarity.AtFourOrFive).ThenBy(x => x.Text.Length).Take(Most)];
    }

    /// <summary>The edit that puts one more of its kind at the end of the item's block; null when nothing more fits.</summary>
    public static LessonEdit? Add(LessonBrief brief, Lesson lesson, string itemId, ulong turn)
    {
        if (BlockOf(lesson, itemId) is not { } block || Of(brief, lesson, itemId, turn) is not [var other, ..])
        {
            return null;
        }

        var made = new ItemMaker(brief.Stock, lesson.Items.Select(x => x.Id)).Item(other.Kind, other.Text, other.Split, other.Reasons, other.Spoken);
        return new InsertItem(
            lesson.Blocks.ToList().IndexOf(block), block.Items.Count,
            made with { Release = block.Items[^1].Release, Heading = other.Heading, Questions = other.Questions });
    }

    /// <summary>The edit that puts an item one place earlier or later in its block; how much the adult helps stays with the place. Null when it cannot go there.</summary>
    public static LessonEdit? Move(Lesson lesson, string itemId, int by)
    {
        if (BlockOf(lesson, itemId) is not { } block || Piece.Of(block.Activity).Unit != Unit.Item)
        {
            return null;
        }

        var at = block.Items.ToList().FindIndex(x => x.Id == itemId);
        if (at + by < 0 || at + by >= block.Items.Count)
        {
            return null;
        }

        var items = block.Items.ToList();
        (items[at], items[at + by]) = (items[at + by] with { Release = items[at].Release }, items[at] with { Release = items[at + by].Release });
        return new ReplaceLesson(lesson with { Blocks = [.. lesson.Blocks.Select(x => x == block ? x with { Items = items } : x)] }, $"moved {block.Items[at].Text}");
    }

    private static LessonBlock? BlockOf(Lesson lesson, string itemId) => lesson.Blocks.FirstOrDefault(x => x.Items.Any(i => i.Id == itemId));
}
