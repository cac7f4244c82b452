using BoldLadder.Core.Choosing;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>Chooses the story of a day: it holds today's part, is readable whole, and was not read lately.</summary>
internal static class StoryChoice
{
    // With fewer words that hold today's part it is a story about something else.
    private const int FewestTargets = 2;

    /// <summary>The best story, or null when none is for today.</summary>
    public static GradedStory? Best(LessonBrief brief, Dice dice) => Ranked(brief, dice).Select(x => (GradedStory?)x).FirstOrDefault();

    public static IReadOnlyList<GradedStory> Ranked(LessonBrief brief, Dice dice)
    {
        var tricky = brief.Rung?.TrickyWords.Select(x => x.ToLowerInvariant()).ToHashSet() ?? [];
        var learning = brief.Standing.TrickyWords.Where(x => !brief.Standing.Clock.IsAtSight(x)).Select(x => x.ToLowerInvariant()).ToHashSet();
        return [.. brief.Stock.Stories.Readable(
                brief.Judge, tricky.Count > 0 ? x => tricky.Contains(x.Key) : brief.Practises(brief.Targets), brief.Practises(brief.Standing.Lessons.TakeLast(ApplyPart.Lately).SelectMany(x => x.Things)), brief.MayStand)
            .Where(x => x.Targets >= FewestTargets)
            .Select(x => (x, Worth: (2 * Math.Min(5, x.Targets)) + (0.5 * Math.Min(6, x.Late)) + (0.5 * Math.Min(3, x.Story.Text.Words.Count(w => learning.Contains(w.ToLowerInvariant()))))
                - (7 * brief.Standing.TimesRead.GetValueOrDefault(StoryBank.LogKey(x.Story.Title))) + dice.Next()))
            .OrderByDescending(x => x.Worth).Select(x => x.x)];
    }
}
