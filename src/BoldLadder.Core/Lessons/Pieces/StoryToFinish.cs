using System.Text.RegularExpressions;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>The beginning of a story that the class has not read: children say and write how it goes on, with given words.</summary>
internal static partial class StoryToFinish
{
    // Two sentences say who it is about and what is the matter; of a story of three, one.
    private const int Shown = 2, Whole = 3;

    /// <summary>The beginning, or null when there is no unread story for today.</summary>
    /// <param name="read">Titles of stories that are read today.</param>
    public static LessonItem? Of(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> read) => StoryChoice.Ranked(brief, dice)
        .Where(x => !read.Contains(x.Story.Title) && brief.Standing.TimesRead.GetValueOrDefault(StoryBank.LogKey(x.Story.Title)) == 0)
        .Select(x => make.Story(x) with { Text = Beginning(x.Story.Text.Text), Questions = [], Reasons = [Reason.Of(ReasonCode.ToFinish)] }).FirstOrDefault();

    /// <summary>Words for going on with it: out of what the children have not seen, so that they fit it; those with today's part first.</summary>
    public static IEnumerable<string> WordsFor(LessonBrief brief, LessonItem begun)
    {
        var story = brief.Stock.Stories.All.FirstOrDefault(x => x.Title == begun.Heading)?.Text.Text ?? begun.Text;
        var seen = SentenceBank.WordsOf(begun.Text).Select(x => x.ToLowerInvariant()).ToHashSet();
        var holds = new HeldParts(brief.Stock).Holding(brief.Targets);
        return SentenceBank.WordsOf(story).Select(x => x.ToLowerInvariant()).Distinct()
            .Where(x => !seen.Contains(x) && !FunctionWords.Has(x) && brief.Stock.IsPlain(x) && brief.Judge.Of(x).Kind == VerdictKind.Readable)
            .OrderByDescending(x => holds(brief.Stock.Words.FindWord(x)!));
    }

    /// <summary>The first sentences of a story.</summary>
    public static string Beginning(string story)
    {
        var sentences = Ends().Split(story);
        var count = sentences.Length > Whole ? Shown : 1;
        // What somebody says is not cut off.
        while (sentences.Take(count).Sum(x => x.Count(c => c == '"')) % 2 != 0)
        {
            count++;
        }

        return string.Join(' ', sentences.Take(count));
    }

    // What is said aloud ends before its quotation mark, and a sentence goes on after it in small letters.
    [GeneratedRegex("""(?<=[.!?]["”]?) +(?=["“]?[A-Z])""")]
    private static partial Regex Ends();
}
