using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Stories of the last lessons read again, where a long lesson has the time: faster, and with voices. Repetition from
/// yesterday is wanted on purpose.
/// </summary>
internal static class StoryAgain
{
    private const int LessonsBack = 5;

    /// <summary>The blocks of a lesson, with such stories after its own.</summary>
    /// <param name="left">Seconds that nothing else fills.</param>
    public static List<LessonBlock> Added(LessonBrief brief, ItemMaker make, List<LessonBlock> made, int left)
    {
        var at = made.FindIndex(x => x.Activity == Activity.ReadStory);
        var read = at < 0 ? [] : made[at].Items;
        if (brief.Length.StoriesAgain == 0 || !brief.Has(LessonPart.Apply, Activity.ReadStory) || brief.Asked(LessonPart.Apply, Activity.ReadStory) is not null)
        {
            return made;
        }

        var time = left + Timing.Of(Activity.ReadStory, read.Count);
        List<LessonItem> again = [.. Lately(brief).Where(x => read.All(r => r.Heading != x.Title)).Take(brief.Length.StoriesAgain)
            .TakeWhile((_, i) => Timing.Of(Activity.ReadStory, read.Count + i + 1) <= time)
            .Select(x => make.Item(ItemKind.Story, x.Text.Text, "", [Reason.Of(ReasonCode.FromLastLesson)]) with { Heading = x.Title })];
        if (again.Count == 0)
        {
            return made;
        }

        return at < 0
            ? [.. made, new LessonBlock(LessonPart.Apply, Activity.ReadStory, again)]
            : [.. made.Select((x, i) => i == at ? x with { Items = [.. x.Items, .. again] } : x)];
    }

    private static IEnumerable<Story> Lately(LessonBrief brief)
    {
        var known = brief.Stock.Stories.All.ToLookup(x => StoryBank.LogKey(x.Title));
        return brief.Standing.Lessons.TakeLast(LessonsBack).Reverse().SelectMany(x => x.Read).SelectMany(x => known[x]).Distinct().Where(x => x.Text.IsReadable(brief.Judge));
    }
}
