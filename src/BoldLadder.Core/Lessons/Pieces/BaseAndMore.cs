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

    /// <summary>The pairs, of several endings each in its turn; null for what is neither, or where they are too few.</summary>
    /// <param name="things">What the lesson meets.</param>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlyList<Teachable> things)
    {
        var rows = things.Select(x => (Letters: x.Ending ?? x.Run?.Letters ?? "", Pairs: PairsOf(brief, make, dice, x).ToList())).Where(x => x.Pairs.Count > 0).ToList();
        var chosen = TurnAbout.Of(rows.ConvertAll(x => x.Pairs.Select(p => (x.Letters, Pair: p)))).DistinctBy(x => x.Pair[0].Text).Take(Pairs).ToList();
        return chosen.Count < FewestPairs ? null : new LessonBlock(LessonPart.Practise, Activity.Compare, [.. chosen.SelectMany(x => x.Pair)])
        {
            Asks = [Ask.Of(AskCode.Ending, [.. chosen.Select(x => x.Letters).Distinct()])],
        };
    }

    private static IEnumerable<LessonItem[]> PairsOf(LessonBrief brief, ItemMaker make, Dice dice, Teachable thing) =>
        thing.Ending is { } ending ? WithEnding(brief, make, dice, ending) : thing.Run is { BringsBeat: true } unit ? WithUnit(brief, make, dice, unit) : [];

    private static IEnumerable<LessonItem[]> WithEnding(LessonBrief brief, ItemMaker make, Dice dice, string ending)
    {
        var pairs = brief.Stock.Offered.Where(x => x.Word.Ended is { } e && e.Taught == ending && x.Word.Everyday && ContrastPiece.IsFor(brief, x))
            .Select(x => (Ended: x, Base: brief.Stock.Words.FindWord(x.Word.Ended!.Value.Base)))
            .Where(x => x.Base is { Everyday: true, Suitability: Suitability.Fine } && brief.Judge.IsReadable(x.Base));
        // Slow and slowly, before short and shortly.
        int Later((OfferedWord Ended, LexiconWord? Base) x) => x.Ended.Word.Familiarity == Familiarity.AtFourOrFive ? 0 : 1;
        return ContrastPiece.Spread(dice.Mix(pairs.OrderBy(Later).Take(DrawnFrom)).OrderBy(Later), x => x.Ended.Word.Ended!.Value.Join).Select(x => Pair(make, x.Base!, x.Ended, Reason.Of(ReasonCode.HasEnding, ending)));
    }

    // Help and helpful: before it stands a commoner word. What follows mix in mixture stands behind too few words to say so.
    private static IEnumerable<LessonItem[]> WithUnit(LessonBrief brief, ItemMaker make, Dice dice, GraphemeRun unit)
    {
        var all = brief.Stock.Offered.Where(x => x.Word is { Everyday: true, Ended: null } && unit.Ends(x.Reading)).ToList();
        var pairs = BeforeIt(brief, all, unit.Letters.Length, Begins).ToList();
        if (pairs.Count * 2 < all.Count)
        {
            // Act and action: its first letter was the word's last, and said otherwise.
            pairs = [.. BeforeIt(brief, all, unit.Letters.Length - 1, BeginsToItsLast)];
        }

        return dice.Mix(pairs.Where(x => ContrastPiece.IsFor(brief, x.Word) && brief.Judge.IsReadable(x.Base!)).Take(DrawnFrom)).Select(x => Pair(make, x.Base!, x.Word, Reason.Of(ReasonCode.HasUnit, unit.Letters)));
    }

    private static IEnumerable<(LexiconWord? Base, OfferedWord Word)> BeforeIt(LessonBrief brief, List<OfferedWord> all, int letters, Func<LessonBrief, LexiconWord, OfferedWord, bool> begins) =>
        all.Select(x => (Base: brief.Stock.Words.FindWord(x.Word.Key[..^letters]), Word: x))
            .Where(x => x.Base is { Everyday: true, Suitability: Suitability.Fine } && x.Base.Rank < x.Word.Word.Rank && begins(brief, x.Base, x.Word));

    private static LessonItem[] Pair(ItemMaker make, LexiconWord part, OfferedWord whole, Reason has) => [make.Word(part.Key, [Reason.Of(ReasonCode.BaseWord)]), make.Word(whole.Word.Key, [has])];

    // Said as it is alone, sound by sound: help in helpful.
    private static bool Begins(LessonBrief brief, LexiconWord part, OfferedWord whole) => brief.Stock.Words.Of(part).Readings
        .Any(x => x.Segments.Count < whole.Reading.Segments.Count && x.Segments.Zip(whole.Reading.Segments).All(s => s.First.Correspondence == s.Second.Correspondence));

    // All but the last sound: act in action, with the t of -tion.
    private static bool BeginsToItsLast(LessonBrief brief, LexiconWord part, OfferedWord whole) => brief.Stock.Words.Of(part).Readings
        .Any(x => x.Segments.Count > 1 && x.Segments.Count < whole.Reading.Segments.Count && x.Segments.SkipLast(1).Zip(whole.Reading.Segments).All(s => s.First.Correspondence == s.Second.Correspondence)
            && x.Segments[^1].Correspondence.Grapheme.Text is [var last] && whole.Reading.Segments[x.Segments.Count - 1].Correspondence.Grapheme.Text is { Length: > 1 } letters && letters[0] == last);
}
