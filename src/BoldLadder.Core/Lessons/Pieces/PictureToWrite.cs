using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// A picture that children say and write something about, before whole sentences are asked of them. What it shows is a word
/// that they can read and that no child would call otherwise.
/// </summary>
internal static class PictureToWrite
{
    /// <summary>The picture, or none when no word for today has one.</summary>
    public static LessonItem? Of(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> used) => PictureMatch.Pictured(brief, used, dice)
        .Where(x => brief.Stock.Pictures.Find(x.Word.Key) is { Also.Count: 0 })
        .Select(x => make.Word(x.Word.Key, x.Reasons)).FirstOrDefault();
}
