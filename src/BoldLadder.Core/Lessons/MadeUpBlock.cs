using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>Made-up words with today's part: only sounding them out can read them.</summary>
internal static class MadeUpBlock
{
    private const int Words = 4;

    // So many taught parts beside today's give more than enough words, and keep the work small.
    private const int OtherConsonants = 12, OtherVowels = 6;

    // Late parts stand in few places: of a dozen drawn among kn, wr, mb and the like hardly a word can be made.
    private const int WiderBy = 2;

    /// <summary>The block, or null when made-up words are not used here or none can be made.</summary>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.MadeUp);
        var words = brief.Asked(LessonPart.Practise, Activity.MadeUp) ?? Words;
        var not = kept.Select(x => x.Text).ToHashSet();

        // A check has its made-up words even where hardly one can be made with what the last lessons taught.
        var fit = brief.Kind == LessonKind.Check ? Varied(Choose(brief, dice, not, Today(brief)).Concat(Choose(brief, dice, not, new HashSet<Correspondence>(), WiderBy))) : Choose(brief, dice, not, Today(brief));
        var made = fit.Take(Math.Max(0, words - kept.Count))
            .OrderBy(x => x.Reading!.Segments[0].Correspondence.Sound.IsVowel).ThenBy(x => x.Reading!.Segments.Count);
        var items = kept.Concat(made.Select(x => Item(make, x))).ToList();
        return items.Count < Math.Min(words, Words) ? null : new LessonBlock(LessonPart.Practise, Activity.MadeUp, items);
    }

    /// <summary>Another one, not among those given; null when there is none.</summary>
    public static LessonItem? Another(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> not) =>
        Choose(brief, dice, not, Today(brief)).Select(x => Item(make, x)).FirstOrDefault();

    private static LessonItem Item(ItemMaker make, MadeUpJudgement x) =>
        make.Item(ItemKind.MadeUp, x.Word, x.Reading!.ToString(), [Reason.Of(ReasonCode.NoWordAtAll)]);

    /// <summary>What a made-up word of the day has one at least of.</summary>
    public static HashSet<Correspondence> Today(LessonBrief brief) => brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().ToHashSet();

    /// <summary>Good ones that the class can read, begun and ended in different ways; none where they are not used.</summary>
    /// <param name="today">Parts of which each has one at least; empty for any.</param>
    /// <param name="wider">How many times as many other parts they are put together from.</param>
    public static IEnumerable<MadeUpJudgement> Choose(LessonBrief brief, Dice dice, IReadOnlySet<string> not, IReadOnlySet<Correspondence> today, int wider = 1)
    {
        if (!brief.MadeUpAllowed || brief.Stock.MadeUp is not { } check)
        {
            return [];
        }

        // On a day of consonants together a word without any would be beside the point.
        var structures = brief.Targets.Select(x => x.Structure).OfType<Ladders.TaughtStructure>().ToHashSet();
        var others = dice.Mix(brief.Judge.Taught.Correspondences.OrderBy(x => x.Key, StringComparer.Ordinal).Where(x => !today.Contains(x)));
        var parts = today.Concat(others.Where(x => !x.Sound.IsVowel).Take(OtherConsonants * wider)).Concat(others.Where(x => x.Sound.IsVowel).Take(OtherVowels * wider)).ToHashSet();
        var fit = new MadeUpWords(check).Drawn(parts, brief.Judge.Taught.Correspondences.ToHashSet(), MadeUpWords.ShapeFor(brief.Shape), dice, today)
            .Where(x => !not.Contains(x.Word) && (structures.Count == 0 || Bits.Patterns(Structure.Of(x.Reading!)).Any(structures.Contains)) && brief.Stock.Words.FindWord(x.Word) is null && brief.Judge.Blockers(x.Reading!, null).Count == 0);

        return Varied(fit);
    }

    // Four that begin or end alike are one puzzle four times.
    private static IEnumerable<MadeUpJudgement> Varied(IEnumerable<MadeUpJudgement> fit)
    {
        var (onsets, rimes) = (new HashSet<string>(), new HashSet<string>());
        foreach (var made in fit)
        {
            var (onset, rime) = Cut(made);
            if (!onsets.Contains(onset) && !rimes.Contains(rime))
            {
                onsets.Add(onset);
                rimes.Add(rime);
                yield return made;
            }
        }
    }

    private static (string Onset, string Rime) Cut(MadeUpJudgement made)
    {
        var vowel = made.Reading!.Segments.First(x => x.Correspondence.Sound.IsVowel).Start;
        return (made.Word[..vowel], made.Word[vowel..]);
    }
}
