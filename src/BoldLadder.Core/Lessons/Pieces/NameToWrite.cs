using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>A made-up name to hear and write: nobody remembers how it looks, and it needs its capital. On a day of capitals with those of the day; on a rung's further days now and then.</summary>
internal static class NameToWrite
{
    private const int OnADayOfCapitals = 3, OneIn = 3;

    /// <summary>The block, or null on other days, or where made-up words are not used.</summary>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.WriteName);
        var asked = brief.Asked(LessonPart.Practise, Activity.WriteName);
        var turn = dice.Next(OneIn);
        var most = !brief.Has(LessonPart.Practise, Activity.WriteName) ? 0 : asked ?? (brief.Kind == LessonKind.Print ? Math.Min(OnADayOfCapitals, Capitals(brief).Count) : turn == 0 ? 1 : 0);
        List<LessonItem> items = [.. kept, .. Choose(brief, dice, kept.Select(x => x.Text.ToLowerInvariant()).ToHashSet()).Take(most - kept.Count).Select(x => Item(make, x))];
        return items.Count == 0 ? null : new LessonBlock(LessonPart.Practise, Activity.WriteName, items);
    }

    /// <summary>Another one, not among those given; null when there is none.</summary>
    public static LessonItem? Another(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> not) => Choose(brief, dice, not).Select(x => Item(make, x)).FirstOrDefault();

    private static LessonItem Item(ItemMaker make, MadeUpJudgement x) =>
        make.Item(ItemKind.MadeUp, char.ToUpperInvariant(x.Word[0]) + x.Word[1..], x.Reading!.ToString(), [Reason.Of(ReasonCode.NoWordAtAll)]);

    // On a day of capitals a name for each, as far as English begins words with it.
    private static IEnumerable<MadeUpJudgement> Choose(LessonBrief brief, Dice dice, IReadOnlySet<string> not)
    {
        if (brief.Kind != LessonKind.Print)
        {
            return MadeUpBlock.Choose(brief, dice, not, MadeUpBlock.Today(brief));
        }

        return dice.Mix(Capitals(brief)).Select(letter => MadeUpBlock.Choose(
                brief, dice, not, brief.Judge.Taught.Correspondences.Where(x => x.Grapheme.Text.Equals(letter, StringComparison.OrdinalIgnoreCase)).ToHashSet())
            .Take(Tried).FirstOrDefault(x => x.Word.StartsWith(letter, StringComparison.OrdinalIgnoreCase))).OfType<MadeUpJudgement>();
    }

    // Of so many with the letter in them one begins with it, or hardly any does.
    private const int Tried = 60;

    private static IReadOnlyList<string> Capitals(LessonBrief brief) => brief.Rung?.Capitals ?? [];
}
