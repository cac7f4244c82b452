using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Reading;

public class VerdictTests
{
    private static readonly ReadingRules South = World.Rules(Accent.SouthernBritish);
    private static readonly ReadingRules North = World.Rules(Accent.NorthernEnglish);
    private static readonly ReadingRules Strict = World.Rules(Accent.SouthernBritish, WeakVowels.Strict);

    [Theory]
    [InlineData("s:s a:a t:t", "sat", "readable", "")]
    [InlineData("s:s a:a t:t", "ship", "not-yet", "sh:sh i:i p:p")]
    [InlineData("b:b e:e d:d", "bead", "not-yet", "ea:ee")]
    [InlineData("m:m k:k a:a", "make", "not-yet", "a_e:ai")]
    [InlineData("m:m k:k a_e:ai", "make", "readable", "")]
    [InlineData("c:k t:t", "acts", "not-yet", "a:a s:s")]
    [InlineData("s:s a:a t:t", "blorp", "unknown", "")]
    public void A_verdict_names_every_blocker_in_word_order(string taught, string word, string verdict, string blockers)
    {
        var answer = World.JudgeOf(South, taught).Of(word);
        Assert.Equal(verdict, answer.Key);
        Assert.Equal(blockers, string.Join(' ', answer.Blockers.Select(x => x.Shown)));
    }

    [Fact]
    public void A_taught_letter_in_an_untaught_sound_does_not_make_a_word_readable() =>
        Assert.Equal("a:ai", World.JudgeOf(South, "p:p a:a er:schwa").Of("paper").Blockers.Select(x => x.Shown).First());

    [Fact]
    public void A_tricky_word_is_tricky_until_its_parts_are_taught_and_then_readable()
    {
        Assert.Equal("tricky-taught", World.JudgeOf(South, "w:w", "was").Of("was").Key);
        Assert.Equal("readable", World.JudgeOf(South, "w:w a:o s:z", "was").Of("was").Key);
        Assert.Equal("not-yet", World.JudgeOf(South, "w:w").Of("was").Key);
    }

    [Fact]
    public void The_tricky_part_shrinks_as_more_is_taught()
    {
        var said = World.South.Words.Find("said")!.Readings[0];
        Assert.Equal([true, true, true], World.JudgeOf(South, "").Uncovered(said, null));
        Assert.Equal([false, true, false], World.JudgeOf(South, "s:s d:d").Uncovered(said, null));
    }

    [Fact]
    public void Merged_sounds_count_for_each_other_in_the_accent_that_merges_them()
    {
        Assert.Equal("readable", World.JudgeOf(North, "p:p u:u t:t").Of("put").Key);
        Assert.Equal("not-yet", World.JudgeOf(South, "p:p u:u t:t").Of("put").Key);
    }

    [Fact]
    public void Weak_vowels_count_for_reading_only_when_the_school_is_lenient()
    {
        const string Taught = "p:p a:a n:n d:d t:t o:o";
        Assert.Equal("readable", World.JudgeOf(South, Taught).Of("panda").Key);
        Assert.Equal("a:schwa", World.JudgeOf(Strict, Taught).Of("panda").Blockers.Single().Shown);
    }

    [Fact]
    public void A_plural_hiss_is_readable_from_s_and_a_buzz_waits_for_its_ending()
    {
        var ladder = World.LadderOf("c:k a:a t:t s:s d:d o:o g:g -s");
        var rules = World.Rules(Accent.SouthernBritish, WeakVowels.Lenient, ladder);
        var before = new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(7)));
        Assert.Equal("readable", before.Of("cats").Key);
        Assert.Equal("s:z", before.Of("dogs").Blockers.Single().Shown);
        Assert.Equal("readable", new Judge(before.Taught.With([ladder.Rungs[7]])).Of("dogs").Key);
    }

    [Fact]
    public void Structures_and_endings_gate_only_where_the_ladder_has_a_rung_for_them()
    {
        const string Letters = "s:s t:t o:o p:p i:i ng:ng";
        Assert.Equal("readable", World.JudgeOf(South, Letters).Of("stop").Key);
        var ladder = World.LadderOf(Letters + " #PairAtStart -ing");
        var rules = World.Rules(Accent.SouthernBritish, WeakVowels.Lenient, ladder);
        var judge = World.JudgeOf(rules, Letters + " pp:p");
        Assert.Equal("two consonants at the start", judge.Of("stop").Blockers.Single().Shown);
        Assert.Equal(["-ing", "two consonants at the start"], judge.Of("stopping").Blockers.Select(x => x.Shown));
    }

    [Fact]
    public void The_pronunciation_with_the_fewest_blockers_is_judged() =>
        Assert.Equal("readable", World.JudgeOf(South, "r:r ea:e d:d").Of("read").Key);

    [Fact]
    public void An_unsuitable_word_is_unsuitable_whatever_is_taught()
    {
        var word = World.Lexicon.Words.First(x => x.Suitability == Suitability.Unsuitable);
        Assert.Equal("unsuitable", World.JudgeOf(South, "", word.Key).Of(word).Key);
        Assert.False(World.JudgeOf(South, "", word.Key).IsLegal(word.Key));
    }

    [Fact]
    public void A_verdict_never_worsens_when_more_is_taught()
    {
        var all = World.Estuary.Rungs;
        Gen.Select(Gen.Int[0, all.Count - 1], Gen.Int[0, all.Count - 1], Gen.Int[0, World.Lexicon.Words.Count - 1]).Sample((a, b, rank) =>
        {
            var (few, many) = (Math.Min(a, b), Math.Max(a, b));
            var rules = World.South.Rules;
            var word = World.Lexicon.Words[rank];
            var before = new Judge(new TaughtSet(rules, [], []).With(all.Take(few))).Of(word);
            var after = new Judge(new TaughtSet(rules, [], []).With(all.Take(many))).Of(word);
            return after.Blockers.Count <= before.Blockers.Count && (!before.Legal || after.Legal);
        }, iter: 300);
    }

    [Fact]
    public void The_quick_way_and_the_whole_verdict_agree()
    {
        var judge = new Judge(new TaughtSet(World.South.Rules, [], []).With(World.Estuary.Rungs.Take(60)));
        var readable = new ulong[(World.South.Rules.Rows.Count + 63) / 64];
        World.South.Rules.Rows.AllCovered(judge.Taught.Bits, readable);
        foreach (var word in World.Lexicon.Words)
        {
            var verdict = judge.Of(word);
            var (first, end) = World.South.Rules.Rows.RowsOf(word.Rank);
            var any = Enumerable.Range(first, end - first).Any(row => (readable[row >> 6] >> (row & 63) & 1) == 1);
            Assert.Equal(judge.IsReadable(word), any);
            Assert.Equal(verdict.Legal, judge.IsLegal(word.Key));
        }
    }

    [Fact]
    public void A_word_is_fair_to_spell_only_when_no_other_taught_spelling_is_likely()
    {
        var judge = World.JudgeOf(South, "r:r ai:ai n:n a_e:ai t:t ay:ai p:p l:l");
        var evidence = new SpellingEvidence(South);
        var rain = World.South.Words.Find("rain")!.Readings[0];
        Assert.False(new SpellingFairness(judge.Taught, evidence, []).Of(rain, null, 0).Fair);
        Assert.True(new SpellingFairness(judge.Taught, evidence, [Teachable.Of(Correspondence.Parse("ai:ai"))]).Of(rain, null, 0).Fair);
        Assert.True(new SpellingFairness(judge.Taught, evidence, []).Of(rain, null, 3).Fair);
        var needed = World.South.Words.Find("needed")!;
        Assert.False(new SpellingFairness(World.JudgeOf(South, "n:n ee:ee d:d e:e i:i").Taught, evidence, []).Of(needed.Readings[0], needed.Word.Ended, 0).Fair);
        Assert.True(new SpellingFairness(World.JudgeOf(South, "n:n ee:ee d:d e:e i:i").Taught, evidence, [Teachable.OfEnding("ed")]).Of(needed.Readings[0], needed.Word.Ended, 0).Fair, "the ending is announced");
        var pay = World.South.Words.Find("play")!.Readings[0];
        Assert.True(new SpellingFairness(judge.Taught, evidence, []).Of(pay, null, 0).Fair, "ay is the best bet at the end");
    }

    [Fact]
    public void The_everyday_words_that_can_be_read_are_those_that_are_judged_so_one_by_one()
    {
        var rules = World.Rules(Accent.SouthernBritish);
        var taught = World.JudgeOf(rules, "a:a i:i n:n p:p s:s t:t").Taught;
        var words = EverydayReadable.With(taught);
        Assert.Contains("pants", words);
        Assert.DoesNotContain("ship", words);
        Assert.Equal(words, rules.Rows.Words.Words.Where(x => words.Contains(x.Spelling)).Select(x => x.Spelling));
        Assert.All(words, x => Assert.Equal(VerdictKind.Readable, new Judge(taught).Of(x).Kind));
    }
}
