using BoldLadder.Core.Conventions;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Choosing;

public class ChainTests
{
    [Fact]
    public void Each_step_of_a_chain_changes_adds_or_takes_out_one_sound_and_no_word_comes_twice() =>
        Gen.Select(Gen.Int[1, 20], Gen.Int[20, World.Estuary.Rungs.Count - 1], Gen.ULong).Sample(
            (steps, place, seed) =>
            {
                var chain = Chains(Readable(place)).Find(new ChainBrief(steps, [], null, seed));
                if (chain.Outcome != ChainOutcome.Found)
                {
                    return chain.Words.Count == 0;
                }

                var words = chain.Words.Select(x => x.Word).ToList();
                return words.Count == steps + 1 && words.Select(x => x.Word.Key).Distinct().Count() == words.Count
                    && words.Zip(words.Skip(1)).All(x => Differ(x.First.Reading, x.Second.Reading) == 1);
            }, iter: 25);

    [Fact]
    public void A_chain_of_twenty_steps_is_found_when_a_class_is_far_enough() =>
        Assert.Equal(ChainOutcome.Found, Chains(Readable(60)).Find(new ChainBrief(20, [], null, 3)).Outcome);

    [Fact]
    public void A_chain_passes_through_the_sounds_asked_for()
    {
        Sound[] through = [Correspondence.Parse("sh:sh").Sound, Correspondence.Parse("o:o").Sound];
        var chain = Chains(Readable(50)).Find(new ChainBrief(8, through, null, 5));
        Assert.Equal(ChainOutcome.Found, chain.Outcome);
        Assert.All(through, sound => Assert.Contains(chain.Words, x => x.Word.Reading.Segments.Any(s => s.Correspondence.Sound.Key == sound.Key)));
    }

    [Fact]
    public void A_chain_says_what_changed_and_where()
    {
        var chain = Chains(Words("cat", "hat", "ham")).Find(new ChainBrief(2, [], "cat", 1));
        Assert.Equal(["cat", "hat", "ham"], chain.Words.Select(x => x.Word.Word.Key));
        Assert.Equal([Reason.Of(ReasonCode.ChainChanged, "c", "h", "start")], chain.Words[1].Step!.Value.Reasons);
        Assert.Equal(ChainPlace.End, chain.Words[2].Step!.Value.Place);
    }

    [Fact]
    public void A_step_that_changes_the_number_of_sounds_in_a_letter_is_noted() =>
        Assert.Contains(Reason.Of(ReasonCode.TwoSounds, "x"), Chains(Words("fog", "fox")).Find(new ChainBrief(1, [], "fog", 1)).Words[1].Step!.Value.Reasons);

    [Fact]
    public void A_change_of_spelling_alone_is_no_step() =>
        Assert.Empty(new ChainGraph(Words("sea", "see"), World.South.Rules).From(0));

    [Fact]
    public void A_few_words_that_allow_no_chain_are_proved_to_allow_none()
    {
        var chain = Chains(Words("cat", "hat", "dog", "pig")).Find(new ChainBrief(3, [], null, 1));
        Assert.Equal(ChainOutcome.NoneExists, chain.Outcome);
        Assert.Equal(1, chain.Longest);
    }

    [Fact]
    public void On_up_to_sixty_words_the_finder_agrees_with_a_slow_search_of_everything() =>
        Gen.Select(Gen.Int[0, 400], Gen.Int[6, 12], Gen.Int[2, 7]).Sample(
            (skip, size, steps) =>
            {
                var words = Readable(40).Skip(skip).Take(size).ToList();
                var graph = new ChainGraph(words, World.South.Rules);
                var exists = Enumerable.Range(0, words.Count).Any(x => Slowly(graph, x, steps, [x]));
                var outcome = new WordChains(graph, World.South.Rules).Find(new ChainBrief(steps, [], null, 1)).Outcome;
                return outcome == (exists ? ChainOutcome.Found : ChainOutcome.NoneExists);
            }, iter: 60);

    private static bool Slowly(ChainGraph graph, int at, int steps, HashSet<int> used) =>
        steps == 0 || graph.From(at).Any(x => !used.Contains(x.To) && Slowly(graph, x.To, steps - 1, [.. used, x.To]));

    // How many correspondences have to be changed, added or taken out; sounds compared as a southern class hears them.
    private static int Differ(Segmentation one, Segmentation other)
    {
        var (a, b) = (one.Segments.Select(x => x.Correspondence.Key).ToArray(), other.Segments.Select(x => x.Correspondence.Key).ToArray());
        var table = new int[a.Length + 1, b.Length + 1];
        for (var i = 0; i <= a.Length; i++)
        {
            for (var j = 0; j <= b.Length; j++)
            {
                table[i, j] = i == 0 ? j : j == 0 ? i
                    : Math.Min(Math.Min(table[i - 1, j], table[i, j - 1]) + 1, table[i - 1, j - 1] + (a[i - 1] == b[j - 1] ? 0 : 1));
            }
        }

        return table[a.Length, b.Length];
    }

    private static WordChains Chains(IReadOnlyList<OfferedWord> words) => new(new ChainGraph(words, World.South.Rules), World.South.Rules);

    private static List<OfferedWord> Readable(int place)
    {
        var judge = new Judge(new TaughtSet(World.South.Rules, [], []).With(World.Estuary.Rungs.Take(place + 1)));
        return [.. new WordLists(World.South).Words(new ListBrief(judge, MostSounds: 5)).Select(x => x.Offered)];
    }

    private static List<OfferedWord> Words(params string[] words) => [.. words.Select(w => World.South.Offered.Single(x => x.Word.Key == w))];
}
