using BoldLadder.Core.Choosing;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>Says which items are no longer legal when the ladder, the log or a split changed underneath.</summary>
public static class LessonCheck
{
    /// <param name="taught">What the group has been taught before the lesson.</param>
    public static IReadOnlyList<(LessonItem Item, IReadOnlyList<RefusedWord> Words)> Illegal(Lesson lesson, TaughtSet taught)
    {
        var judge = LessonBrief.JudgeOf(lesson, taught);
        var illegal = new List<(LessonItem, IReadOnlyList<RefusedWord>)>();
        foreach (var item in lesson.Items.Where(x => x.Kind == ItemKind.MadeUp))
        {
            var blockers = Words.Segmentation.TryParse(item.Text, item.Split, out var reading, out _) ? judge.Blockers(reading, null) : [];
            if (blockers.Count > 0)
            {
                illegal.Add((item, [new RefusedWord(item.Text, new Verdict(VerdictKind.NotYet, blockers, -1))]));
            }
        }

        foreach (var item in lesson.Items.Where(x => x.Kind is ItemKind.Word or ItemKind.Sentence or ItemKind.Tricky or ItemKind.Story))
        {
            var words = SentenceBank.WordsOf(item.Text).Select(x => new RefusedWord(x, judge.Of(x))).Where(x => !x.Verdict.Legal).ToList();
            if (words.Count > 0)
            {
                illegal.Add((item, words));
            }
        }

        return illegal;
    }
}
