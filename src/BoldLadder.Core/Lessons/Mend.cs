namespace BoldLadder.Core.Lessons;

/// <summary>
/// Puts right, in one edit, what a change underneath has put amiss: another item in its place by the same rules, or none
/// where nothing fits. What still holds stays as it is, locked or not.
/// </summary>
public static class Mend
{
    /// <summary>The edit, or null when nothing is amiss.</summary>
    /// <param name="brief">What the lesson would be made from now.</param>
    /// <param name="due">Whether what is due on the day is known.</param>
    public static LessonEdit? For(LessonBrief brief, Lesson lesson, bool due, ulong turn)
    {
        IReadOnlyList<AmissItem> In(Lesson x) => LessonCheck.Amiss(x, brief.Stock, brief.Standing, due ? brief.Day : null);
        var (mended, amiss) = (lesson, In(lesson));
        var fresh = amiss.Any(x => x.Kind == AmissKind.NotDue) ? LessonComposer.Compose(brief) : null;
        for (var i = 0; i < amiss.Count; i++)
        {
            var id = amiss[i].Item.Id;

            // A chain or a pair that lost one word is none: it may be gone already with another of its words.
            if (mended.Find(id) is null)
            {
                continue;
            }

            var instead = amiss[i].Kind == AmissKind.NotDue ? InsteadOf(mended, id, fresh!) : Swap.Another(brief, mended, id, turn + (ulong)i);
            var swapped = instead is null ? null : new ReplaceItem(instead).Apply(mended).Lesson;
            mended = swapped is not null && In(swapped).All(x => x.Item.Id != id) ? swapped : LessonUnits.Drop(mended, id).Apply(mended).Lesson ?? mended;
        }

        return amiss.Count == 0 ? null : new ReplaceLesson(mended, $"mended {amiss.Count}");
    }

    // What is due by now and not in the lesson yet.
    private static LessonItem? InsteadOf(Lesson lesson, string id, Lesson fresh)
    {
        var block = lesson.Blocks.First(x => x.Items.Any(i => i.Id == id));
        return fresh.Blocks.Where(x => x.Part == block.Part && x.Activity == block.Activity).SelectMany(x => x.Items)
            .FirstOrDefault(x => block.Items.All(i => i.Text != x.Text)) is { } other ? other with { Id = id } : null;
    }
}
