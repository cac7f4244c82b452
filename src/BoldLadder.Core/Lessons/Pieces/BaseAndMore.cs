using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>A word and the same with today's ending, or with what longer words end in: jump and jumped, help and helpful.</summary>
internal static class BaseAndMore
{
    private const int Pairs = 4, FewestPairs = 2;

    // Of the commonest that fit, so many to draw from.
    private const int DrawnFrom = 18;

    /// <summary>The pairs; null for what is neither, or where they are too few.</summary>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice, Teachable thing) =>
        thing.Ending is { } ending ? WithEnding(brief, make, dice, ending) : thing.Run is { BringsBeat: true } unit ? WithUnit(brief, make, dice, unit) : null;

    private static LessonBlock? WithEnding(LessonBrief brief, ItemMaker make, Dice dice, string ending)
    {
        var pairs = brief.Stock.Offered.Where(x => x.Word.Ended is { } e && e.Taught == ending && x.Word.Everyday && ContrastPiece.IsFor(brief, x))
            .Select(x => (Ended: x, Base: brief.Stock.Words.FindWord(x.Word.Ended!.Value.Base)))
            .Where(x => x.Base is { Suitability: Suitability.Fine } && brief.Judge.IsReadable(x.Base)).ToList();
        return Shown(make, ContrastPiece.Spread(dice.Mix(pairs.Take(DrawnFrom)), x => x.Ended.Word.Ended!.Value.Join).Select(x => (x.Base!, x.Ended)), Reason.Of(ReasonCode.HasEnding, ending), Reason.Of(ReasonCode.AskEnding, ending));
    }

    // Help and helpful: before it stands a commoner word. What follows mix in mixture stands behind too few words to say so.
    private static LessonBlock? WithUnit(LessonBrief brief, ItemMaker make, Dice dice, GraphemeRun unit)
    {
        var all = brief.Stock.Offered.Where(x => x.Word is { Everyday: true, Ended: null } && unit.Ends(x.Reading)).ToList();
        var pairs = all.Select(x => (Base: brief.Stock.Words.FindWord(x.Word.Key[..^unit.Letters.Length]), Word: x))
            .Where(x => x.Base is { Everyday: true, Suitability: Suitability.Fine } && x.Base.Rank < x.Word.Word.Rank && Begins(brief, x.Base, x.Word)).ToList();
        return pairs.Count * 2 < all.Count ? null : Shown(
            make, dice.Mix(pairs.Where(x => ContrastPiece.IsFor(brief, x.Word) && brief.Judge.IsReadable(x.Base!)).Take(DrawnFrom)).Select(x => (x.Base!, x.Word)),
            Reason.Of(ReasonCode.HasUnit, unit.Letters), Reason.Of(ReasonCode.AskEnding, unit.Letters));
    }

    // Said as it is alone, sound by sound: help in helpful.
    private static bool Begins(LessonBrief brief, LexiconWord part, OfferedWord whole) => brief.Stock.Words.Of(part).Readings
        .Any(x => x.Segments.Count < whole.Reading.Segments.Count && x.Segments.Zip(whole.Reading.Segments).All(s => s.First.Correspondence == s.Second.Correspondence));

    private static LessonBlock? Shown(ItemMaker make, IEnumerable<(LexiconWord Base, OfferedWord Word)> pairs, Reason has, Reason asks)
    {
        var chosen = pairs.Take(Pairs).ToList();
        return chosen.Count < FewestPairs ? null : new LessonBlock(
            LessonPart.Practise, Activity.Compare, [.. chosen.SelectMany(x => (LessonItem[])[make.Word(x.Base.Key, [Reason.Of(ReasonCode.BaseWord)]), make.Word(x.Word.Word.Key, [has])])])
        {
            Asks = [asks],
        };
    }
}
