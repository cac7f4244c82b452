using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>A story to listen to, full of a sound that the day brings, while children have hardly a word to read.</summary>
internal static class ToldStory
{
    // Who can read more than these has better to do.
    private const int MostRead = 3;

    /// <summary>The piece, where there is hardly a word to read and time enough; else without items.</summary>
    /// <param name="blocks">The lesson so far.</param>
    /// <param name="seconds">What is left of its time.</param>
    public static LessonBlock Made(LessonBrief brief, ItemMaker make, IReadOnlyList<LessonBlock> blocks, int seconds)
    {
        if (brief.KeptIn(LessonPart.Apply, Activity.TellStory) is { Count: > 0 } kept)
        {
            return new LessonBlock(LessonPart.Apply, Activity.TellStory, kept);
        }

        var fits = brief.ShapeKind is ShapeKind.Opening or ShapeKind.Listening && seconds >= Timing.Of(Activity.TellStory, 1) && blocks.Where(x => x.Activity == Activity.Read).Sum(x => x.Items.Count) <= MostRead;
        var told = fits && brief.Has(LessonPart.Apply, Activity.TellStory) ? Of(brief, make, new HashSet<string>()) : null;
        return new LessonBlock(LessonPart.Apply, Activity.TellStory, told is null ? [] : [told]);
    }

    /// <summary>The story of a sound that is new today, or on a day of going over of one of those gone over; none where no such sound has one.</summary>
    /// <param name="not">Titles of stories that are not meant.</param>
    public static LessonItem? Of(LessonBrief brief, ItemMaker make, IReadOnlySet<string> not) =>
        Sounds(brief)
            .Select(x => (Part: x, Story: brief.Stock.Told.For(x.Sound))).Where(x => x.Story is not null && !not.Contains(x.Story.Title))
            .Select(x => make.Item(ItemKind.Told, x.Story!.Text.Text, x.Part.Sound.Key, [Reason.Of(ReasonCode.ToldOfSound, x.Part.Grapheme.Text)]) with { Heading = x.Story.Title, Questions = [x.Story.Find, x.Story.Talk] })
            .FirstOrDefault();

    // Another of them each time.
    private static IEnumerable<Correspondence> Sounds(LessonBrief brief) => brief.Rung is { Kind: RungKind.Teach } rung ? rung.Correspondences.Where(x => !brief.Knows(x.Sound))
        : brief.NothingNew && brief.GoesOver.Select(x => x.Correspondence).OfType<Correspondence>().ToList() is { Count: > 0 } over ? over.Skip(brief.Day.DayNumber % over.Count).Concat(over.Take(brief.Day.DayNumber % over.Count)) : [];
}
