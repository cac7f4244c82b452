using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Two words that sound the same, one of which is spelt with today's part: see and sea. Only a sentence tells which is meant,
/// so each has its own. Source: the domain's sound-alike pair with two sentences.
/// </summary>
internal static class SameSound
{
    private const int Most = 2;

    // Once told apart, two words are for another month.
    private const int LessonsApart = 20;

    /// <summary>The pairs; none where English has none that the class can read.</summary>
    public static LessonBlock Make(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string> used)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.SameSound);
        var asked = brief.Asked(LessonPart.Practise, Activity.SameSound) / 2;
        var lately = asked is null ? WorkDone.Lately(brief, Activity.SameSound, LessonsApart) : new HashSet<string>();
        var pairs = kept.Count > 0 || !brief.Has(LessonPart.Practise, Activity.SameSound) ? [] : Chosen(brief, dice, used).Where(x => !lately.Contains(x.One.Key)).Take(asked ?? Most);
        return new LessonBlock(LessonPart.Practise, Activity.SameSound, [.. kept, .. pairs.SelectMany(x => (LessonItem[])
            [make.Word(x.One.Key, [Reason.Of(ReasonCode.SoundsLike, x.Other.Spelling)]), make.Word(x.Other.Key, [Reason.Of(ReasonCode.SoundsLike, x.One.Spelling)])])]);
    }

    // Those first of which the youngest know both.
    private static IEnumerable<(LexiconWord One, LexiconWord Other)> Chosen(LessonBrief brief, Dice dice, IReadOnlySet<string> used)
    {
        var parts = brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().ToList();
        var found = parts.SelectMany(part => brief.Stock.Everyday(part).Where(x => x.Word.Ended is null && ContrastPiece.IsFor(brief, x) && IsTold(brief, x.Word, used))
            .SelectMany(x => brief.Stock.SoundAlikes(x.Word).Where(other => other is { Everyday: true, Ended: null, Suitability: Suitability.Fine }
                    && IsTold(brief, other, used) && brief.Judge.IsReadable(other) && !brief.Stock.Words.Of(other).Readings.Any(r => r.Segments.Any(s => s.Correspondence == part)))
                .Select(other => (One: x.Word, Other: other))));
        var taken = new HashSet<string>();
        return dice.Mix(found.DistinctBy(x => string.CompareOrdinal(x.One.Key, x.Other.Key) < 0 ? (x.One.Key, x.Other.Key) : (x.Other.Key, x.One.Key)))
            .OrderBy(x => Older(x.One) + Older(x.Other)).ThenBy(x => brief.Standing.TimesRead.GetValueOrDefault(x.One.Key))
            .Where(x => taken.Add(x.One.Key) && taken.Add(x.Other.Key));
    }

    private static int Older(LexiconWord word) => word.Familiarity == Familiarity.AtFourOrFive ? 0 : 1;

    // What stands in every sentence and is learnt by heart is told elsewhere: to, too and two, for and four.
    private static bool IsTold(LessonBrief brief, LexiconWord word, IReadOnlySet<string> used) =>
        !used.Contains(word.Key) && !FunctionWords.Has(word.Key) && brief.Stock.IsPlain(word.Spelling) && brief.Stock.Spoken.Find(word.Key) is { Length: > 0 };
}
