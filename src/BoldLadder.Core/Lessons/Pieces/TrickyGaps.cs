using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Sentences with a tricky word left out, which children write when they hear the whole: what a day of tricky words
/// practises. Today's words come first and in turn, then those taught last.
/// </summary>
internal static class TrickyGaps
{
    /// <summary>Sentences of a block.</summary>
    public const int Most = 6;

    private const int Fewest = 3, OfToday = 4, Before = 3;

    /// <summary>The block, or null when there are too few sentences.</summary>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.FillGap);
        var most = brief.Asked(LessonPart.Practise, Activity.FillGap);
        if (kept.Count == 0 && (!brief.Has(LessonPart.Practise, Activity.FillGap) || (brief.Kind != LessonKind.TrickyWordDay && most is null)))
        {
            return null;
        }

        // A word of one letter is no task.
        var today = Keys(brief.Rung?.TrickyWords ?? []).Where(x => x.Length > 1).ToList();
        var before = Keys(brief.Standing.TrickyWords).Where(x => x.Length > 1 && !brief.Standing.Clock.IsAtSight(x)).TakeLast(Before).Except(today).ToList();
        var used = brief.Kept.Select(x => x.Item.Text).ToHashSet();
        var asked = InTurn(brief, dice, today, used, [], OfToday - kept.Count);
        asked = [.. asked, .. InTurn(brief, dice, before, used, asked, asked.Count + kept.Count == 0 && most is null ? 0 : (most ?? Most) - kept.Count - asked.Count)];
        var items = kept.Concat(dice.Mix(asked).Select(x => make.Item(ItemKind.Sentence, x.Sentence.Text, "", [Reason.Of(ReasonCode.WordLeftOut, x.Word)]) with { Heading = x.Word })).ToList();
        return items.Count < Fewest ? null : new LessonBlock(LessonPart.Practise, Activity.FillGap, items);
    }

    // One sentence for each word, then a second for each, short and seldom read before others; one about the same as
    // another, as two of spitting pips, only where there is nothing else.
    private static List<(Sentence Sentence, string Word)> InTurn(
        LessonBrief brief, Dice dice, IReadOnlyList<string> words, HashSet<string> used, IReadOnlyList<(Sentence Sentence, string Word)> beside, int count)
    {
        var readable = dice.Mix(brief.Sentences.Select(x => x.Sentence).Where(x => !used.Contains(x.Text)))
            .OrderBy(x => brief.Standing.TimesRead.GetValueOrDefault(x.Text)).ThenBy(x => x.Words.Count).ToList();
        var found = words.SelectMany(word => readable.Where(x => x.Words.Count > 2 && x.Keys.Count(w => w == word) == 1).Select((x, turn) => (Sentence: x, Word: word, Turn: turn)))
            .OrderBy(x => x.Turn).DistinctBy(x => x.Sentence.Text).Select(x => (x.Sentence, x.Word)).Where(x => beside.All(b => b.Sentence.Text != x.Sentence.Text));
        var (chosen, alike) = (new List<(Sentence Sentence, string Word)>(), new List<(Sentence Sentence, string Word)>());
        foreach (var x in found)
        {
            if (chosen.Count >= count)
            {
                break;
            }

            // Put it in, Push it in: with the gap in them they are one.
            if (beside.Concat(chosen).Concat(alike).Any(other => GapWord.In(other.Sentence.Text, other.Word) == GapWord.In(x.Sentence.Text, x.Word)))
            {
                continue;
            }

            (beside.Concat(chosen).Any(other => AreAboutTheSame(brief, other.Sentence, x.Sentence)) ? alike : chosen).Add(x);
        }

        return [.. chosen.Concat(alike).Take(Math.Max(0, count))];
    }

    private static bool AreAboutTheSame(LessonBrief brief, Sentence one, Sentence other) => Subjects(brief, one).Intersect(Subjects(brief, other)).Any();

    // Tricky words and those that hold a sentence together say nothing of what it is about.
    private static IEnumerable<string> Subjects(LessonBrief brief, Sentence x) => x.Keys.Where(w => !FunctionWords.Has(w) && !brief.Judge.Taught.TrickyWords.Contains(w));

    private static List<string> Keys(IEnumerable<string> words) => [.. words.Select(x => x.ToLowerInvariant())];
}
