using BoldLadder.Core.Choosing;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>Chooses the story of a day: it holds today's part, is readable whole, and was not read lately.</summary>
internal static class StoryChoice
{
    // With fewer words that hold today's part it is a story about something else.
    private const int FewestTargets = 2;

    // Where a day is about several parts, a story that has all of them is better than one that has most of one.
    private const int EachPart = 3;

    // What stands further down would not come first for all the parts it has.
    private const int Looked = 24;

    // Counts the words of a story that have one of the parts of the day; none where the day has but one.
    private static IReadOnlyList<Func<Story, int>> PartsOf(LessonBrief brief)
    {
        var things = brief.Targets.Where(x => x.Correspondence is not null).ToList();
        return things.Count < 2 ? [] : things.ConvertAll(x => brief.Stock.Stories.Counting(brief.Practises([x])));
    }

    // Read again is wanted on purpose; a third time in two weeks nobody asks what happens next.
    private const int LessonsOfTwoWeeks = 10, MostInTwoWeeks = 2;

    // Words like drum among words like cat: one or two are helped with, and better none.
    private const int MostLarge = 2, LargeLast = 2;

    /// <summary>The stories for today, the best first; none where none is for today. With nothing new, one about something else is better than one worn out.</summary>
    public static IReadOnlyList<GradedStory> Ranked(LessonBrief brief, Dice dice)
    {
        var shaky = brief.Standing.TrickyWords.Where(x => !brief.Standing.Clock.IsAtSight(x)).Select(x => x.ToLowerInvariant()).ToHashSet();
        var learning = brief.Stock.Stories.Counting(PractisedWords.Named(shaky));
        var parts = PartsOf(brief);
        var lately = brief.Standing.Lessons.TakeLast(LessonsOfTwoWeeks).SelectMany(x => x.Read).CountBy(x => x).ToDictionary();
        var readable = brief.Stories.Where(x => lately.GetValueOrDefault(StoryBank.LogKey(x.Story.Title)) < MostInTwoWeeks && x.Large <= MostLarge).ToList();
        var today = readable.Where(x => x.Targets >= FewestTargets).ToList();
        return [.. (today.Count == 0 && brief.Kind is LessonKind.Review or LessonKind.Check ? readable : today)
            .Select(x => (x, Worth: (2 * Math.Min(5, x.Targets)) + (0.5 * Math.Min(6, x.Late)) + (0.5 * Math.Min(3, learning(x.Story)))
                - (LargeLast * x.Large) - (7 * brief.Standing.TimesRead.GetValueOrDefault(StoryBank.LogKey(x.Story.Title))) + dice.Next()))
            .OrderByDescending(x => x.Worth)
            .Select((x, at) => (x.x, Worth: at < Looked ? x.Worth + (EachPart * parts.Count(words => words(x.x.Story) > 0)) : x.Worth))
            .OrderByDescending(x => x.Worth).Select(x => x.x)];
    }
}
