using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>What makes sense alone in a lesson: a word, a pair, a whole chain. It is locked and dropped together.</summary>
public static class LessonUnits
{
    /// <summary>The items that go with an item, itself among them; none when it is not in the lesson.</summary>
    public static IReadOnlyList<LessonItem> Of(Lesson lesson, string itemId)
    {
        if (lesson.Blocks.FirstOrDefault(x => x.Items.Any(i => i.Id == itemId)) is not { } block)
        {
            return [];
        }

        var at = block.Items.Select(x => x.Id).ToList().IndexOf(itemId);
        return Piece.Of(block.Activity).Unit switch
        {
            Unit.Whole => block.Items,
            Unit.Pair => [.. block.Items.Skip(at / 2 * 2).Take(2)],
            _ => [block.Items[at]],
        };
    }

    /// <summary>The edit that takes out an item with what goes with it.</summary>
    public static LessonEdit Drop(Lesson lesson, string itemId) => Of(lesson, itemId) is { Count: > 1 } unit
        ? new ReplaceLesson(With(lesson, x => unit.Contains(x) ? null : x), $"dropped {Shown(unit)}")
        : new RemoveItem(itemId);

    /// <summary>The edit that locks or unlocks an item with what goes with it.</summary>
    public static LessonEdit Lock(Lesson lesson, string itemId, bool locked) => Of(lesson, itemId) switch
    {
        { Count: > 1 } unit => new ReplaceLesson(
            With(lesson, x => unit.Contains(x) ? x with { Locked = locked } : x), $"{(locked ? "locked" : "unlocked")} {Shown(unit)}"),
        [var one] => new ReplaceItem(one with { Locked = locked }),
        _ => new RemoveItem(itemId),
    };

    private static Lesson With(Lesson lesson, Func<LessonItem, LessonItem?> change) => lesson with
    {
        Blocks = [.. lesson.Blocks.Select(x => x with { Items = [.. x.Items.Select(change).OfType<LessonItem>()] })],
    };

    private static string Shown(IReadOnlyList<LessonItem> unit) => $"{unit[0].Text} … {unit[^1].Text}";
}
