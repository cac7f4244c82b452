using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>Makes the log entry of a lesson that was given: what it taught, revisited and read, by value.</summary>
public static class LessonLog
{
    public static LogEntry Entry(
        Lesson lesson, string lessonId, DateOnly day, LogOutcome outcome, long position, IReadOnlyList<RevisitItem> shaky)
    {
        var teaches = outcome == LogOutcome.Taught && lesson.RungId.Length > 0;
        return new LogEntry(
            position, lessonId, day, outcome, lesson.RungId, teaches ? Taught(lesson) : [], teaches ? lesson.TrickyWords : [],
            [.. lesson.Blocks.Where(x => x.Part == LessonPart.Revisit).SelectMany(x => x.Items).SelectMany(Revisited).Distinct()], shaky,
            [.. lesson.Blocks.Where(x => x.Activity is Activity.Read or Activity.ReadAgain or Activity.ReadSentences).SelectMany(x => x.Items).Select(Read).Distinct()]);
    }

    // A consolidation or a contrast goes over what was taught before: nothing new is written.
    private static IReadOnlyList<Taught> Taught(Lesson lesson) =>
        lesson.Kind is LessonKind.Review or LessonKind.Check or LessonKind.TrickyWordDay ? [] : lesson.Things;

    private static IEnumerable<RevisitItem> Revisited(LessonItem item) => item.Kind switch
    {
        ItemKind.Card => item.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Where(x => Correspondence.TryParse(x, out _, out _)).Select(x => new RevisitItem(RevisitTrack.Card, x)),
        ItemKind.Sound => [new RevisitItem(RevisitTrack.Recall, item.Text)],
        ItemKind.Tricky => [new RevisitItem(RevisitTrack.Tricky, item.Text.ToLowerInvariant())],
        _ => [],
    };

    private static string Read(LessonItem item) => item.Kind == ItemKind.Sentence ? item.Text : item.Text.ToLowerInvariant();
}
