using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Riddles answered by a word with what is taught: with today's sound where it is new to the class, with today's spelling
/// where only the spelling is.
/// </summary>
internal static class RiddlePiece
{
    private const int Most = 3, Fewest = 2, DrawnFrom = 15;

    public static LessonBlock Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Teach, Activity.Riddles);
        if (kept.Count > 0 || brief.Rung is not { Kind: RungKind.Teach } rung || !brief.Has(LessonPart.Teach, Activity.Riddles))
        {
            return new LessonBlock(LessonPart.Teach, Activity.Riddles, kept);
        }

        var asked = brief.Asked(LessonPart.Teach, Activity.Riddles);

        // A rung of two has a riddle of each in turn.
        var found = rung.Correspondences.SelectMany(x => Of(brief, make, dice, x).Select((item, turn) => (item, turn)))
            .OrderBy(x => x.turn).Select(x => x.item).DistinctBy(x => x.Text).Take(asked ?? Most).ToList();
        return new LessonBlock(LessonPart.Teach, Activity.Riddles, found.Count < (asked ?? Fewest) && found.Count < Fewest ? [] : found);
    }

    /// <summary>Another one, not among those given; null when there is none.</summary>
    public static LessonItem? Another(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> not) =>
        brief.Rung?.Correspondences.SelectMany(x => Of(brief, make, dice, x)).FirstOrDefault(x => !not.Contains(x.Text));

    private static IEnumerable<LessonItem> Of(LessonBrief brief, ItemMaker make, Dice dice, Correspondence taught)
    {
        var isNew = !brief.Knows(taught.Sound);
        // A sound that is new is heard at the start; of a vowel, inside.
        var usual = !isNew ? PartPlaces.In(brief.Stock, taught).Oftenest : taught.Sound.IsVowel ? "inside" : "first";
        var words = isNew ? ListeningWords.Holding(brief.Stock, taught.Sound).OrderBy(x => x.Place != usual).Select(x => x.Word) : brief.Stock.Everyday(taught).OrderBy(x => PartPlaces.Of(x.Reading, taught) != usual).Select(x => x.Word);
        // Baby has the sound of a_e and not its letters: what has both comes first.
        var known = words.Where(x => brief.Stock.Riddles.For(x.Key) is not null).OrderBy(x => WorkDone.Times(brief, Activity.Riddles, x.Key));
        bool IsSpelt(LexiconWord x) => brief.Stock.Words.Of(x).Readings[0].Segments.Any(s => s.Correspondence == taught);
        return dice.Mix(known.Where(IsSpelt).Take(DrawnFrom)).Concat(dice.Mix(known.Where(x => !IsSpelt(x)).Take(DrawnFrom))).Select(x => make.Item(
            ItemKind.Listening, x.Spelling, string.Join(' ', brief.Stock.Words.Of(x).Readings[0].Segments.Select(s => s.Correspondence.Sound.Key)),
            [Reason.Of(ReasonCode.RiddleWith, taught.Grapheme.Text)], brief.Stock.Riddles.For(x.Key)!));
    }
}
