using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>Short-vowel words beside their split-digraph partners, when a split digraph is new: <i>hop, hope</i>.</summary>
internal static class CompareBlock
{
    private const int Pairs = 3;

    public static LessonBlock Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Teach, Activity.Compare);
        var splits = (brief.Rung?.Correspondences ?? []).Where(x => x.Grapheme.IsSplit).Select(x => x.Grapheme).ToHashSet();
        if (kept.Count > 0 || splits.Count == 0)
        {
            return new LessonBlock(LessonPart.Teach, Activity.Compare, kept);
        }

        var pairs = new WordPairs(new WordLists(brief.Stock), brief.Stock).ShortAndSplit(new ListBrief(brief.Judge, Shape: brief.Shape))
            .Where(x => x.Other.Reading.Segments.Any(s => splits.Contains(s.Correspondence.Grapheme)));
        return new LessonBlock(
            LessonPart.Teach, Activity.Compare,
            [.. dice.Mix(pairs).Take(Pairs).SelectMany(x => new[] { make.Word(x.One.Word.Key, [Reason.Of(ReasonCode.ShortVowel)]), make.Word(x.Other.Word.Key, x.Reasons) })]);
    }
}
