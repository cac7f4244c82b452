using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;
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
            position, lessonId, day, outcome, lesson.RungId, teaches ? [.. lesson.Marked, .. lesson.Wordless] : [], teaches ? lesson.TrickyWords : [],
            [.. lesson.Blocks.Where(x => x.Part == LessonPart.Revisit).SelectMany(x => x.Items).SelectMany(Revisited).Distinct()], shaky,
            [.. lesson.Blocks.SelectMany(Kept).Distinct()]);
    }

    /// <summary>What can have been shaky in a lesson: its own cards, sounds and tricky words, and nothing else.</summary>
    public static IReadOnlySet<RevisitItem> CanBeShaky(Lesson lesson) => lesson.Items.SelectMany(Revisited).ToHashSet();

    internal static IEnumerable<RevisitItem> Revisited(LessonItem item) => item.Kind switch
    {
        ItemKind.Card => item.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Where(x => Correspondence.TryParse(x, out _, out _)).Select(x => new RevisitItem(RevisitTrack.Card, x)),
        ItemKind.Sound => [new RevisitItem(RevisitTrack.Recall, item.Text)],
        ItemKind.Tricky => [new RevisitItem(RevisitTrack.Tricky, item.Text.ToLowerInvariant())],
        _ => [],
    };

    private static IEnumerable<string> Kept(LessonBlock block)
    {
        var read = Piece.Of(block.Activity).Read ? block.Items.Select(Read) : [];
        var written = block.Activity == Activity.WriteSentence ? block.Items.Select(x => SentenceBank.WrittenKey(x.Text)) : [];
        return read.Concat(written).Concat(WorkDone.Of(block));
    }

    // A sentence as it stands, a story by its title: neither can be taken for a word.
    private static string Read(LessonItem item) => item.Kind switch
    {
        ItemKind.Sentence => item.Text,
        ItemKind.Story => StoryBank.LogKey(item.Heading),
        _ => item.Text.ToLowerInvariant(),
    };
}
