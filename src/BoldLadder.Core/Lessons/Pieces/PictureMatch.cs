using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Words to read and put to their pictures: to choose the picture the word must be read to its end and understood. While
/// there are few letters, and on a rung's further days. No picture of a set goes with another's word.
/// </summary>
internal static class PictureMatch
{
    private const int MostOnFirstDays = 4, Most = 5, Fewest = 3, FewestOnThePoint = 2;

    // Pictures of yesterday and the day before stand in a set only beside as many others.
    private const int LessonsApart = 2;

    /// <summary>The block, or null on other days, or when too few words that can be read have pictures.</summary>
    /// <param name="compared">Words compared in the lesson: they stand here too where others have too few pictures. What is only read is understood by its picture.</param>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> compared)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.MatchPicture);
        var asked = brief.Asked(LessonPart.Practise, Activity.MatchPicture);
        var isToday = brief.Has(LessonPart.Practise, Activity.MatchPicture) && (asked is not null || brief.IsFurtherDay || brief.IsEarly);
        if (kept.Count == 0 && !isToday)
        {
            return null;
        }

        var set = kept.Select(x => brief.Stock.Pictures.Find(x.Text)).OfType<PictureWord>().ToList();
        var since = WorkDone.Since(brief, Activity.MatchPicture, LessonsApart);
        var pictured = Pictured(brief, compared, dice).ToList();
        pictured = pictured.Count(x => x.HoldsTarget) < FewestOnThePoint ? [.. Pictured(brief, brief.KeptWords, dice)] : pictured;
        var found = pictured.OrderByDescending(x => x.HoldsTarget).ThenByDescending(x => since(x.Word.Key)).Where(x => Joins(set, brief.Stock.Pictures.Find(x.Word.Key)!)).Take((asked ?? (brief.IsFurtherDay ? Most : MostOnFirstDays)) - kept.Count).ToList();
        List<LessonItem> items = [.. kept, .. found.OrderBy(x => x.Shape.Boxes).Select(x => make.Word(x.Word.Key, x.Reasons))];
        return items.Count < Fewest || (asked is null && kept.Count == 0 && items.Count(x => since(x.Text.ToLowerInvariant()) <= LessonsApart) * 2 > items.Count) || (brief.Targets.Count > 0 && kept.Count == 0 && found.Count(x => x.HoldsTarget) < FewestOnThePoint)
            ? null : new LessonBlock(LessonPart.Practise, Activity.MatchPicture, items);
    }

    /// <summary>Another word for a place in the set; null when none fits beside the others.</summary>
    public static LessonItem? Another(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> used, IEnumerable<LessonItem> beside)
    {
        var set = beside.Select(x => brief.Stock.Pictures.Find(x.Text)).OfType<PictureWord>().ToList();
        return Pictured(brief, used, dice).Where(x => Joins(set, brief.Stock.Pictures.Find(x.Word.Key)!)).Select(x => make.Word(x.Word.Key, x.Reasons)).FirstOrDefault();
    }

    /// <summary>Words that can be read and have a picture, those with today's part first.</summary>
    public static IEnumerable<ChosenWord> Pictured(LessonBrief brief, IReadOnlySet<string> used, Dice dice)
    {
        var asked = brief.Ask(DrawnFrom, used, (ulong)dice.Next(int.MaxValue));
        var yesterday = brief.Standing.Lessons.TakeLast(1).SelectMany(x => x.Read).ToHashSet();
        return new ReadingChoice(brief.Stock).Choose(asked with { Pool = asked.Pool!.Only(x => brief.Stock.Pictures.Find(x.Key) is not null) })
            .OrderByDescending(x => x.HoldsTarget).ThenBy(x => yesterday.Contains(x.Word.Key));
    }

    private const int DrawnFrom = 15;

    /// <summary>True, and the word is in the set, when no picture of it goes with another of its words.</summary>
    internal static bool Joins(List<PictureWord> set, PictureWord word)
    {
        var joins = set.TrueForAll(word.IsToldFrom);
        if (joins)
        {
            set.Add(word);
        }

        return joins;
    }
}
