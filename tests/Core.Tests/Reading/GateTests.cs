using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Reading;

public class GateTests
{
    [Fact]
    public void A_rime_unit_reads_a_word_whose_sounds_are_not_taught_apart()
    {
        var ladder = World.LadderOf("b:b t:t f:f ~a:aw,ll:l");
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        var before = new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(3)));
        var after = new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs));
        Assert.Equal("not-yet", before.Of("ball").Key);
        Assert.Equal("readable", after.Of("ball").Key);
        Assert.Equal("readable", after.Of("fall").Key);
        Assert.Equal("not-yet", after.Of("wall").Key);
        Assert.Equal("not-yet", after.Of("also").Key);
    }

    [Fact]
    public void A_rime_unit_is_only_one_more_way_to_read_a_word()
    {
        var ladder = World.LadderOf("b:b a:aw ll:l ~a:aw,ll:l");
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        Assert.Equal("readable", new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(3))).Of("ball").Key);
    }

    [Fact]
    public void A_cluster_gates_only_words_that_have_it_and_only_where_the_ladder_has_it()
    {
        const string Letters = "s:s t:t o:o p:p n:n a:a";
        var ladder = World.LadderOf(Letters + " &s:s,t:t");
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        var before = new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(6)));
        Assert.Equal("not-yet", before.Of("stop").Key);
        Assert.Single(before.Of("stop").Blockers);
        Assert.Equal("readable", before.Of("snap").Key);
        Assert.Equal("readable", new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs)).Of("stop").Key);
        Assert.Equal("readable", World.JudgeOf(World.Rules(Accent.SouthernBritish), Letters).Of("stop").Key);
    }

    [Fact]
    public void Who_is_taught_ing_as_an_ending_reads_words_with_it_before_ng()
    {
        var ladder = World.LadderOf("h:h+o:o+p:p+s:s+i:i+n:n+g:g -ing ng:ng");
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        var judge = new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(2)));
        Assert.Equal("readable", judge.Of("hopping").Key);
        Assert.Equal("not-yet", judge.Of("song").Key);
        Assert.Equal("readable", new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs)).Of("song").Key);
    }

    [Theory]
    [InlineData("hand", 1, "not-yet")]
    [InlineData("hand", 2, "readable")]
    [InlineData("stand", 4, "readable")]
    [InlineData("tent", 4, "not-yet")]
    [InlineData("tent", 5, "readable")]
    public void Who_is_taught_a_pair_of_consonants_reads_it_before_any_two_together(string word, int taught, string verdict)
    {
        var ladder = World.LadderOf("h:h+a:a+n:n+d:d &n:n,d:d s:s+t:t+e:e &s:s,t:t #pairAtEnd #pairAtStart");
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        Assert.Equal(verdict, new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(taught))).Of(word).Key);
    }

    [Theory]
    [InlineData("a:a n:n d:d #pairAtEnd", 3, "readable")]
    [InlineData("a:a n:n d:d &n:n,d:d", 3, "readable")]
    [InlineData("a:a n:n d:d #pairAtEnd", 2, "not-yet")]
    [InlineData("a:a n:n d:d #pairAtEnd !and", 3, "not-yet")]
    public void And_waits_for_its_letters_and_not_for_consonants_together_unless_it_is_taught_by_heart(string steps, int taught, string verdict)
    {
        var ladder = World.LadderOf(steps);
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        var judge = new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(taught)));
        Assert.Equal(verdict, judge.Of("and").Key);
        Assert.Equal("not-yet", judge.Of("hand").Key);
    }

    [Fact]
    public void A_school_may_take_the_buzz_of_a_plural_with_its_s()
    {
        var ladder = World.LadderOf("s:s d:d o:o g:g -s");
        var rows = World.RowsOf(ladder, Accent.SouthernBritish);
        var early = new ReadingRules(rows, WeakVowels.Lenient, ladder, plurals: Plurals.Early);
        var late = new ReadingRules(rows, WeakVowels.Lenient, ladder);
        Assert.Equal("readable", new Judge(new TaughtSet(early, [], []).With(ladder.Rungs.Take(4))).Of("dogs").Key);
        Assert.Equal("not-yet", new Judge(new TaughtSet(late, [], []).With(ladder.Rungs.Take(4))).Of("dogs").Key);
    }

    [Theory]
    [InlineData("bath", "gb-south", "b:b ar:ar a:ar th:th", true)]
    [InlineData("bath", "gb-north", "b:b a:a th:th", true)]
    [InlineData("bath", "gb-south", "b:b a:a th:th", false)]
    [InlineData("cup", "gb-north", "c:k u:uu p:p", true)]
    [InlineData("cup", "gb-south", "c:k u:uu p:p", false)]
    [InlineData("paw", "gb-south", "p:p aw:or", true)]
    [InlineData("cot", "scotland", "c:k o:aw t:t", true)]
    [InlineData("cot", "gb-south", "c:k o:aw t:t", false)]
    [InlineData("new", "gb-south", "n:n ew:y+oo", true)]
    [InlineData("new", "us", "n:n ew:oo", true)]
    [InlineData("car", "scotland", "c:k ar:ar", true)]
    [InlineData("car", "us", "c:k ar:ar", true)]
    [InlineData("which", "gb-south", "wh:w i:i ch:ch", true)]
    public void A_rung_means_what_it_means_in_the_childrens_accent(string word, string accent, string taught, bool readable) =>
        Assert.Equal(readable, World.JudgeOf(World.Rules(Accent.Find(accent)!), taught).Of(word).Key == "readable");

    [Theory]
    [InlineData("taller", true)]
    [InlineData("bigger", true)]
    [InlineData("fishing", true)]
    [InlineData("hopping", true)]
    [InlineData("helping", false)]
    [InlineData("dogs", true)]
    [InlineData("belts", false)]
    [InlineData("jumped", false)]
    [InlineData("letter", false)]
    [InlineData("happen", false)]
    [InlineData("opening", false)]
    public void An_ending_that_is_taught_brings_its_sound_the_letter_it_doubles_and_its_shape_and_no_others(string word, bool readable)
    {
        var ladder = Core.Ladders.LadderText.Parse("name\tEndings\n[One]\t6 2 1\na:a b:b e:e f:f g:g h:h i:i l:l m:m n:n o:o\np:p t:t u:u j:j d:d sh:sh ng:ng ll:l a:aw er:ur\n-ing\n-er -s\n#TwoSyllables #PairAtEnd\n-ed");
        var rows = World.RowsOf(ladder, Accent.SouthernBritish);
        Assert.Equal(readable, new Judge(new TaughtSet(new ReadingRules(rows, WeakVowels.Strict, ladder), [], []).With(ladder.Rungs.Take(4))).Of(word).Key == "readable");
    }

    [Fact]
    public void A_ladder_written_once_works_in_all_four_accents()
    {
        foreach (var ladder in (Core.Ladders.Ladder[])[World.Estuary, World.Ridge])
        {
            Assert.All(Accent.All, accent =>
            {
                var rules = World.Rules(accent, ladder: ladder);
                var judge = new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs));
                var early = World.Lexicon.Words.Where(x => x is { Familiarity: Familiarity.AtFourOrFive, Suitability: Suitability.Fine, Key.Length: <= 4 } && x.Key == x.Spelling
                    && rules.Rows.Words.OwnSpelling(x)).ToList();
                Assert.True(early.Count(judge.IsReadable) > 0.85 * early.Count, $"{accent.Id}: {early.Count(judge.IsReadable)} of {early.Count}");
            });
        }
    }

    [Theory]
    [InlineData(5, "pink", "not-yet")]
    [InlineData(6, "pink", "readable")]
    [InlineData(6, "tank", "readable")]
    [InlineData(6, "tanks", "not-yet")]
    [InlineData(6, "ant", "not-yet")]
    [InlineData(7, "ant", "readable")]
    public void Who_is_taught_nk_reads_pink_before_other_consonants_that_close_a_word_together(int taught, string word, string verdict)
    {
        var ladder = World.LadderOf("p:p i:i a:a t:t+n:n k:k n:ng #pairAtEnd s:s #threeTogether");
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        Assert.Equal(verdict, new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(taught))).Of(word).Key);
        Assert.Equal("nk", ladder.Rungs[5].Label);
    }
}
