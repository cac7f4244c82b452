using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

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

    // A chain of the last days is not built again where the other words make one.
    private const int LessonsApart = 3, OtherStarts = 4;

    // With fewer words than this there is no chain of a part.
    private const int FewestOfPart = 2;

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
        // Of a rung's letters the one that is met again; and of f and h the one that is in words by now.
        var held = new HeldParts(brief.Stock);
        List<Teachable> parts = [.. brief.Meets.Where(brief.Targets.Contains), .. brief.Targets];
        var part = parts.Find(x => held.Holding([x]) is var holds && all.Count(w => holds(w.Word)) >= FewestOfPart) ?? (parts.Count > 0 ? parts[0] : null);
        var holding = held.Holding(part is null ? [] : [part]);
        var words = all.Where(x => holding(x.Word)).Take(OfToday).Concat(all).DistinctBy(x => x.Word.Key).Take(DrawnFrom).ToList();
        var lately = WorkDone.Lately(brief, Activity.Chain, LessonsApart);
        var seed = (ulong)dice.Next(int.MaxValue);
        var others = words.Where(x => !lately.Contains(x.Word.Key)).ToList();
        var chain = Of(brief, part, others, null, holding, seed);
        if (others.Count < words.Count && (chain is null || chain.Words.Count(x => holding(x.Word.Word)) * 2 < chain.Words.Count))
        {
            // The same words, then, but not as they stood yesterday: from one that was not among them, or from where that ended.
            var yesterday = WorkDone.Yesterday(brief, Activity.Chain);
            chain = others.Where(x => holding(x.Word)).Take(OtherStarts).Select(x => x.Word.Key).Append(null).Concat(yesterday.Reverse().SkipLast(1))
                .Select(x => Of(brief, part, words, x, holding, seed)).FirstOrDefault(x => x is not null && !x.Words.Select(w => w.Word.Word.Key).SequenceEqual(yesterday));
        }

        return chain is null ? null : new LessonBlock(
            LessonPart.Practise, Activity.Chain,
            [.. chain.Words.Select(x => make.Word(x.Word.Word.Key, x.Step is { } step ? step.Reasons : [Reason.Of(ReasonCode.ChainStart)]))]);
    }

    private static WordChain? Of(LessonBrief brief, Teachable? part, IReadOnlyList<OfferedWord> words, string? start, Predicate<LexiconWord> holding, ulong seed)
    {
        var chains = new WordChains(new ChainGraph(words, brief.Stock.Rules), brief.Stock.Rules);
        List<Sound> through = part?.Correspondence is { } taught ? [taught.Sound] : [];
        WordChain? chain = null;
        foreach (var found in Steps.Select(x => chains.Find(new ChainBrief(x, through, start, seed, holding))).Where(x => x.Outcome == ChainOutcome.Found))
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

        return chain;
    }
}
