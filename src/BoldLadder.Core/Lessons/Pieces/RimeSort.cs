using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>Words that end in today's rime units, among words that end in those taught before: read, and put with what they rhyme with.</summary>
internal static class RimeSort
{
    private const int Words = 6, MostColumns = 3, Fewest = 2, DrawnFrom = 4;

    /// <summary>The block; null where there are not two rime units with words enough.</summary>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> used)
    {
        var today = Units(brief.Targets).ToList();
        // Station is told from rat by more than its end.
        var columns = today.Concat(Units(brief.Standing.Lessons.Reverse().SelectMany(x => x.Things))).Distinct().Where(x => x.BringsBeat == today.FirstOrDefault()?.BringsBeat).Take(MostColumns)
            .Select(x => (Unit: x, Words: dice.Mix(WordsOf(brief, x, used).Take(Words / 2 * DrawnFrom)).Take(Words / 2).ToList())).Where(x => x.Words.Count >= Fewest).ToList();
        return columns.Count < 2 || !columns.Exists(x => today.Contains(x.Unit)) ? null : new LessonBlock(
            LessonPart.Practise, Activity.Sort,
            dice.Mix(columns.SelectMany(c => c.Words.Take(columns.Count > 2 ? Fewest : Words / 2).Select(x => make.Word(x.Word.Key, [Reason.Of(ReasonCode.HasUnit, c.Unit.Letters)]) with { Heading = c.Unit.Letters }))))
        {
            Asks = [Ask.Of(AskCode.SortBySpelling, [.. columns.Select(x => x.Unit.Letters)])],
        };
    }

    private static IEnumerable<GraphemeRun> Units(IEnumerable<Ladders.Teachable> things) => things.Where(x => x.Kind == Ladders.TeachableKind.RimeUnit).Select(x => x.Run!);

    private static IEnumerable<OfferedWord> WordsOf(LessonBrief brief, GraphemeRun unit, IReadOnlySet<string> used) => brief.Stock.Offered
        .Where(x => x.Word is { Everyday: true, Ended: null } && !used.Contains(x.Word.Key) && unit.Ends(x.Reading)
            && brief.Stock.Rules.Rows.Fits(x.Row, brief.Shape) && brief.Judge.IsReadable(x.Word));
}
