using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// A picture that children say and write something about, before whole sentences are asked of them. What it shows is a word
/// that they can read and that no child would call otherwise.
/// </summary>
internal static class PictureToWrite
{
    // Nobody has more to say about a pin after two weeks.
    private const int LessonsApart = 10;

    /// <summary>The picture, or none when no word for today has one that was not written about lately.</summary>
    public static LessonItem? Of(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> used)
    {
        var lately = WorkDone.Lately(brief, Activity.WritePicture, LessonsApart);
        return PictureMatch.Pictured(brief, used, dice)
            .Where(x => brief.Stock.Pictures.Find(x.Word.Key) is { Also.Count: 0 } && !lately.Contains(x.Word.Key))
            .OrderBy(x => WorkDone.Times(brief, Activity.WritePicture, x.Word.Key))
            .Select(x => make.Word(x.Word.Key, x.Reasons)).FirstOrDefault();
    }
}
