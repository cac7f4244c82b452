using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// Puts right, in one edit, what a change underneath has made illegal: another item in its place by the same rules, or none
/// where nothing fits. What is still legal stays as it is, locked or not.
/// </summary>
public static class Mend
{
    /// <summary>The edit, or null when nothing is illegal.</summary>
    /// <param name="brief">What the lesson would be made from now.</param>
    /// <param name="taught">What the group has been taught before the lesson.</param>
    public static LessonEdit? For(LessonBrief brief, Lesson lesson, TaughtSet taught, ulong turn)
    {
        var mended = lesson;
        var illegal = LessonCheck.Illegal(lesson, taught);
        for (var i = 0; i < illegal.Count; i++)
        {
            var id = illegal[i].Item.Id;

            // A chain or a pair that lost one word is none: it may be gone already with another of its words.
            if (mended.Find(id) is null)
            {
                continue;
            }

            var swapped = Swap.For(brief, mended, id, turn + (ulong)i)?.Apply(mended).Lesson;
            mended = swapped is not null && LessonCheck.Illegal(swapped, taught).All(x => x.Item.Id != id) ? swapped : LessonUnits.Drop(mended, id).Apply(mended).Lesson ?? mended;
        }

        return illegal.Count == 0 ? null : new ReplaceLesson(mended, $"mended {illegal.Count}");
    }
}
