using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Sentences shown without their capitals or marks, for children to put right: what a day of capitals or of a mark
/// practises. Marks that end a sentence are left out of all, so that hearing it decides which is wanted.
/// </summary>
public static class SentenceToMend
{
    /// <summary>Sentences of a block.</summary>
    public const int Most = 6;

    private const int Fewest = 3, LongestInWords = 9;

    // Of three sentences one wants another mark than today's.
    private const int AgainstOneIn = 3;

    /// <summary>The block, or null on other days, or when there are too few sentences.</summary>
    internal static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.MendSentence);
        var asked = brief.Asked(LessonPart.Practise, Activity.MendSentence);
        if (kept.Count == 0 && (!brief.Has(LessonPart.Practise, Activity.MendSentence) || (brief.Kind != LessonKind.Print && asked is null)))
        {
            return null;
        }

        var (left, today) = LeftOut(brief);
        var readable = ApplyPart.Ranked(brief, dice).Select(x => x.Sentence).Where(x => x.Words.Count is > 1 and <= LongestInWords && kept.All(k => k.Text != x.Text)).ToList();
        var wanted = (asked ?? Most) - kept.Count;
        var on = readable.Where(x => CountIn(x.Text, today) > 0).ToList();
        var off = !today.Any(x => x.Mark is { Ends: true }) ? [] : readable.Where(x => CountIn(x.Text, today) == 0 && x.Text != PrintGates.Without(x.Text, left)).Take(wanted / AgainstOneIn).ToList();
        var chosen = on.Take(Math.Max(0, wanted - off.Count)).Concat(off).Select(x => make.Item(ItemKind.Sentence, x.Text, "", [Reason.Of(ReasonCode.ToMend)]) with { Heading = PrintGates.Without(x.Text, left) });
        List<LessonItem> items = [.. kept, .. dice.Mix(chosen)];
        return items.Count < Fewest ? null : new LessonBlock(LessonPart.Practise, Activity.MendSentence, items);
    }

    /// <summary>How often a sentence has one of some capitals and marks.</summary>
    public static int CountIn(string sentence, IReadOnlyCollection<Teachable> print) => PrintGates.In(sentence).Count(print.Contains);

    /// <summary>What a sentence to mend lacks, for the adult: <c>B .</c></summary>
    public static string Missing(LessonItem item)
    {
        var shown = PrintGates.In(item.Heading).ToList();
        return string.Join(' ', PrintGates.In(item.Text).Where(x => !shown.Remove(x)).Select(x => x.Mark?.Sign ?? x.Key));
    }

    // On a day of capitals or marks those of today; on another, the capital and the end of a sentence.
    private static (HashSet<Teachable> Left, HashSet<Teachable> Today) LeftOut(LessonBrief brief)
    {
        var ends = PunctuationMark.All.Where(x => x.Ends).Select(Teachable.Of).ToList();
        var today = brief.Teaches.Where(x => x.IsPrint).ToHashSet();
        if (today.Count == 0)
        {
            today = [.. ends, .. Enumerable.Range('A', 26).Select(x => Teachable.OfCapital((char)x))];
        }

        return ([.. today, .. today.Any(x => x.Mark is { Ends: true }) ? ends : []], today);
    }
}
