using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>Two words that a contrast is heard in, with what differs.</summary>
public sealed record WordPair(OfferedWord One, OfferedWord Other, IReadOnlyList<Reason> Reasons);

/// <summary>Pairs of words for a contrast: all are one step apart, and the step says which contrast.</summary>
public sealed class WordPairs(WordLists lists, WordStock stock)
{
    /// <summary>Words one correspondence apart whose sounds there are the two asked for, or any two when none are.</summary>
    public IEnumerable<WordPair> Minimal(ListBrief brief, Sound? one = null, Sound? other = null) =>
        from step in Steps(brief, ChainMove.Changed, x => one is null || other is null || Has(x, one.Value) || Has(x, other.Value))
        let was = step.Step.From!.Value
        let now = step.Step.To!.Value
        where one is null || other is null
            ? string.CompareOrdinal(step.One.Word.Key, step.Other.Word.Key) < 0
            : stock.Rules.SameSound(was.Sound, one.Value) && stock.Rules.SameSound(now.Sound, other.Value)
        select new WordPair(step.One, step.Other, step.Step.Reasons);

    /// <summary>True when one word of a pair has the sound and the other has not: the pair differs in it.</summary>
    public bool DifferIn(WordPair pair, Sound sound) => Has(pair.One, sound) != Has(pair.Other, sound);

    private bool Has(OfferedWord word, Sound sound) => word.Reading.Segments.Any(x => stock.Rules.SameSound(x.Correspondence.Sound, sound));

    /// <summary>Short-vowel words beside their split-digraph partners: <i>hop, hope</i>.</summary>
    public IEnumerable<WordPair> ShortAndSplit(ListBrief brief) =>
        from step in Steps(brief, ChainMove.Changed, x => SplitPartner(x) || stock.Words.FindWord(x.Word.Key + "e") is not null)
        let was = step.Step.From!.Value
        let now = step.Step.To!.Value
        where now.Grapheme.IsSplit && was.Grapheme.Text == now.Grapheme.LeadingLetters && step.Other.Word.Key == step.One.Word.Key + "e"
            && Vowels.IsShort(was)
        select new WordPair(
            step.One, step.Other,
            [Vowels.IsName(was.Grapheme.Text[0], now.Sound.Key) ? Reason.Of(ReasonCode.FinalEMakes, was.Grapheme.Text) : Reason.Of(ReasonCode.FinalEMakes, was.Grapheme.Text, now.Sound.Key)]);

    /// <summary>A word, and the same with a consonant added in front: <i>lap, clap</i>.</summary>
    public IEnumerable<WordPair> AddedInFront(ListBrief brief) => Added(brief, ChainPlace.Start);

    /// <summary>A word, and the same with a consonant added at the end: <i>ten, tent</i>.</summary>
    public IEnumerable<WordPair> AddedAtEnd(ListBrief brief) => Added(brief, ChainPlace.End);

    private IEnumerable<WordPair> Added(ListBrief brief, ChainPlace place) =>
        from step in Steps(brief, ChainMove.Added)
        where step.Step.Place == place && !step.Step.To!.Value.Sound.IsVowel
        select new WordPair(step.One, step.Other, step.Step.Reasons);

    private static bool SplitPartner(OfferedWord x) => x.Reading.Segments.Any(s => s.Correspondence.Grapheme.IsSplit);

    // Endings make pairs too (cat, cats) but no contrast of spelling: bases only, and of these what may be in such a pair.
    private IEnumerable<(OfferedWord One, OfferedWord Other, ChainStep Step)> Steps(ListBrief brief, ChainMove move, Predicate<OfferedWord>? may = null)
    {
        var graph = new ChainGraph([.. lists.Candidates(brief).Where(x => x.Word.Ended is null && (may is null || may(x)))], stock.Rules);
        return from one in Enumerable.Range(0, graph.Words.Count)
               from step in graph.From(one)
               where step.Step.Move == move
               orderby one + step.To
               select (graph.Words[one], graph.Words[step.To], step.Step);
    }
}
