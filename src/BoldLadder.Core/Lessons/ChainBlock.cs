using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>A chain of words built one change at a time: children make the first, then say what changed and where.</summary>
internal static class ChainBlock
{
    // Children make it letter by letter, so its words are short and the commonest, and of those with today's part enough.
    private const int MostSounds = 5, DrawnFrom = 300, OfToday = 60;

    // A class with four letters changes its four words into each other, where two of them have today's.
    private static readonly int[] Steps = [6, 4, 3];

    /// <summary>Words of the longest.</summary>
    public static int Most => Steps[0] + 1;

    /// <summary>The block, or null when what can be read allows no chain.</summary>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.Chain);
        if (kept.Count > 0)
        {
            return new LessonBlock(LessonPart.Practise, Activity.Chain, kept);
        }

        var all = new WordLists(brief.Stock).Words(new ListBrief(brief.Judge, MostSounds: Math.Min(MostSounds, brief.Shape.Boxes), Shape: brief.Shape))
            .Select(x => x.Offered).Where(x => x.Word.Ended is null).ToList();
        var holding = new HeldParts(brief.Stock).Holding(brief.Targets.Take(1));
        var words = all.Where(x => holding(x.Word)).Take(OfToday).Concat(all).DistinctBy(x => x.Word.Key).Take(DrawnFrom).ToList();
        var graph = new ChainGraph(words, brief.Stock.Rules);
        var chains = new WordChains(graph, brief.Stock.Rules);
        var seed = (ulong)dice.Next(int.MaxValue);
        List<Sound> through = [.. brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().Take(1).Select(x => x.Sound)];
        WordChain? chain = null;
        foreach (var found in Steps.Select(x => chains.Find(new ChainBrief(x, through, null, seed, holding))).Where(x => x.Outcome == ChainOutcome.Found))
        {
            // A shorter one that stays with today's part (owl, howl, how, now, cow) is better than a longer one that leaves it.
            var holds = found.Words.Count(w => holding(w.Word.Word));
            chain ??= found.Words.Count > Steps[0] || holds * 2 >= found.Words.Count ? found : null;
            if (holds * 3 >= found.Words.Count * 2)
            {
                chain = found;
                break;
            }
        }

        return chain is null ? null : new LessonBlock(
            LessonPart.Practise, Activity.Chain,
            [.. chain.Words.Select(x => make.Word(x.Word.Word.Key, x.Step is { } step ? step.Reasons : [Reason.Of(ReasonCode.ChainStart)]))]);
    }
}
