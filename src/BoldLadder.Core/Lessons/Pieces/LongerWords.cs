using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// What longer words are compared by: the short word that grew into one with today's part (<i>hand, handle</i>; <i>trip,
/// strip</i>), and the number of beats. A chain of long words would wander off the point.
/// </summary>
internal static class LongerWords
{
    private const int EachBeat = 3, DrawnFrom = 6;

    /// <summary>Words that became one with the part by having it put to their end, commonest first.</summary>
    public static IEnumerable<WordPair> GrownBy(LessonBrief brief, Correspondence part) =>
        from longer in brief.Stock.Offered
        where longer.Word.Everyday && !part.Grapheme.IsSplit && longer.Reading.Segments is [_, _, .., var last] && last.Correspondence == part
        let word = brief.Stock.Words.FindWord(longer.Word.Key[..^part.Grapheme.Text.Length])
        where word is { Everyday: true, Suitability: Words.Suitability.Fine, Ended: null } && brief.Judge.IsReadable(word) && brief.Judge.IsReadable(longer.Word)
        from shorter in brief.Stock.Everyday(longer.Reading.Segments[0].Correspondence).Where(x => x.Word == word).Take(1)
        where shorter.Reading.Segments.Select(x => x.Correspondence).SequenceEqual(longer.Reading.Segments.SkipLast(1).Select(x => x.Correspondence))
        select new WordPair(shorter, longer, [Reason.Of(ReasonCode.HasPart, part.Grapheme.Text, "end")]);

    /// <summary>Words with today's part and more beats, among words with fewer: children clap, then put each under its number.</summary>
    public static LessonBlock? Beats(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> used)
    {
        var rows = brief.Stock.Rules.Rows;
        var holding = new HeldParts(brief.Stock).Holding(brief.Targets);
        int BeatsOf(OfferedWord x) => rows.ShapeOf(x.Row).Syllables;
        var known = brief.Stock.Offered.Where(x => x.Word is { Everyday: true, Ended: null } && !used.Contains(x.Word.Key) && rows.Fits(x.Row, brief.Shape) && brief.Judge.IsReadable(x.Word) && brief.MayChoose(x)).ToList();
        var most = brief.Targets.Any(x => x.Structure == TaughtStructure.ThreeSyllables) ? 3 : 2;
        var longer = dice.Mix(known.Where(x => BeatsOf(x) == most && holding(x.Word)).Take(EachBeat * DrawnFrom)).Take(EachBeat).ToList();
        var shorter = dice.Mix(known.Where(x => BeatsOf(x) == most - 1 && !holding(x.Word) && x.Word.Familiarity == Words.Familiarity.AtFourOrFive && !Reading.FunctionWords.Has(x.Word.Key)).Take(EachBeat * DrawnFrom)).Take(EachBeat).ToList();
        return longer.Count < EachBeat || shorter.Count < EachBeat ? null : new LessonBlock(
            LessonPart.Practise, Activity.Sort,
            dice.Mix(longer.Concat(shorter).Select(x => make.Word(x.Word.Key, [Reason.Of(ReasonCode.HasBeats, $"{BeatsOf(x)}")]) with { Heading = $"{BeatsOf(x)}" })))
        {
            Asks = [Ask.Of(AskCode.HowManyBeats, $"{most - 1}", $"{most}")],
        };
    }
}
