using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Year;

namespace BoldLadder.Core.Tests.Importing;

public class KnownBeforeTests
{
    private const string YearOne = "ai:ai ay:ai ee:ee ea:ee igh:igh ie:igh oa:oa ow:oa ar:ar or:or aw:aw ur:ur ir:ur ow:ow ou:ow oi:oi oy:oi ear:ear air:air";

    private static readonly Ladder Usual = Starter("words-first");

    [Fact]
    public void A_plan_for_Year_One_has_the_letters_in_front_of_it_and_what_two_letters_say_before_long_vowels()
    {
        var before = KnownBefore.Of(World.LadderOf(YearOne), Usual);
        Assert.NotNull(before);
        var graphemes = before.Rungs.SelectMany(x => x.Correspondences).Select(x => x.Grapheme.Text).ToList();
        Assert.Superset("a b c d e f g h i j k l m n o p qu r s t u v w x y z ck ff ll ss zz sh ch th ng".Split(' ').ToHashSet(), graphemes.ToHashSet());
        Assert.Empty(graphemes.Intersect(YearOne.Split(' ').Select(x => x.Split(':')[0])));
        Assert.Contains("the", before.Rungs.SelectMany(x => x.TrickyWords));
    }

    [Fact]
    public void A_plan_for_Year_Two_has_long_vowels_in_front_of_it_too() => Assert.Superset(
        "ai ee oa igh ay ea a_e i_e o_e".Split(' ').ToHashSet(),
        KnownBefore.Of(World.LadderOf("dge:j ge:j kn:n wr:r g:j c:s"), Usual)!.Rungs.SelectMany(x => x.Correspondences).Select(x => x.Grapheme.Text).ToHashSet());

    [Fact]
    public void An_order_of_what_letters_say_as_well_is_for_children_who_know_what_they_say_first() => Assert.Superset(
        "i:i o:o c:k g:g u:u ea:ee a:a ie:igh t:t".Split(' ').ToHashSet(),
        KnownBefore.Of(World.LadderOf("i:igh o:oa c:s g:j ey:ai ow:oa ie:ee ea:e er:ur a:o"), Usual)!.Rungs.SelectMany(x => x.Correspondences).Select(x => x.Key).ToHashSet());

    [Theory]
    [InlineData("-ing -ed -er -est -ly", "ai ee ea oa a_e ow oy ph", "eigh")]
    [InlineData("-s -es", "s a t sh ng", "ai ee a_e")]
    [InlineData("#PairAtEnd #PairAtStart", "s a t sh ng", "ai ee a_e")]
    [InlineData("!the !to !was !they !people", "s a t qu", "ai ee sh")]
    public void An_order_that_teaches_no_grapheme_is_for_children_who_know_those_its_words_need(string order, string known, string unknown)
    {
        var before = KnownBefore.Of(World.LadderOf(order), Usual)!.Rungs.SelectMany(x => x.Correspondences).Select(x => x.Grapheme.Text).ToHashSet();
        Assert.Superset(known.Split(' ').ToHashSet(), before);
        Assert.Empty(before.Intersect(unknown.Split(' ')));
    }

    [Theory]
    [InlineData("s:s a:a t:t i:i p:p n:n")]
    [InlineData("l:l i:i u:u t:t o:o c:k a:a d:d g:g sh:sh ch:ch ee:ee oa:oa ai:ai")]
    public void An_order_that_begins_with_letters_has_nothing_before_it(string order) => Assert.Null(KnownBefore.Of(World.LadderOf(order), Usual));

    [Fact]
    public void Of_an_order_that_goes_beyond_the_letters_those_it_leaves_out_may_be_known()
    {
        var order = World.LadderOf("l:l i:i u:u t:t o:o c:k a:a d:d g:g sh:sh ch:ch ee:ee oa:oa ai:ai");
        Assert.Equal("b e f h j k m n p r s v w x y z", string.Join(' ', KnownBefore.LettersLeftOut(order, Usual)!.Rungs.SelectMany(x => x.Correspondences).Select(x => x.Grapheme.Text).Order()));
        Assert.Empty(KnownBefore.LettersLeftOut(order, Usual)!.Rungs.SelectMany(x => x.TrickyWords));
    }

    [Theory]
    [InlineData("l:l i:i u:u t:t o:o c:k a:a d:d g:g")]
    [InlineData("s:s a:a t:t i:i p:p n:n m:m d:d o:o g:g c:k k:k e:e u:u r:r h:h b:b f:f l:l j:j v:v w:w y:y sh:sh ch:ch th:th")]
    public void One_that_has_not_got_to_its_last_letters_leaves_none_out_and_so_does_one_that_has_all_but_a_few(string order) =>
        Assert.Null(KnownBefore.LettersLeftOut(World.LadderOf(order), Usual));

    [Theory]
    [InlineData("a:a i:i o:o u:u e:e sh:sh ch:ch th:th ck:k a_e:ai", "t")]
    [InlineData("j:j v:v w:w y:y z:z sh:sh ch:ch", "a")]
    [InlineData("ff:f ll:l ss:s j:j v:v w:w", "t")]
    public void Letters_that_make_no_words_by_themselves_go_over_or_after_others(string order, string lacking) =>
        Assert.Contains(lacking, KnownBefore.Of(World.LadderOf(order), Usual)!.Rungs.SelectMany(x => x.Correspondences).Select(x => x.Grapheme.Text));

    [Fact]
    public void The_words_before_and_after_are_taught_on_their_day_and_were_not_known_before()
    {
        var order = World.LadderOf($"{YearOne} !before");
        Assert.DoesNotContain(order.Rungs, x => x.IsKnownBefore);
        Assert.False(Rung.NamesKnownBefore("before-after"));
        Assert.Equal(order.Rungs.Count + KnownBefore.Of(order, Usual)!.Rungs.Count, KnownBefore.InFront(KnownBefore.Of(order, Usual)!, order).Rungs.Count);
    }

    [Theory]
    [InlineData(YearOne)]
    [InlineData("dge:j ge:j kn:n wr:r g:j c:s")]
    [InlineData("ck:k e:e u:u r:r h:h b:b f:f ff:f l:l ll:l ss:s")]
    public void Each_of_its_rungs_holds_no_more_than_a_rung_may_and_some_thing(string order)
    {
        var ladder = World.LadderOf(order);
        var before = KnownBefore.Of(ladder, Usual);
        Assert.NotNull(before);
        Assert.All(KnownBefore.InFront(before, ladder).Sections[0].Rungs, x => Assert.InRange(x.Adds.Count + x.TrickyWords.Count, 1, 6));
    }

    [Fact]
    public void None_of_our_own_orders_has_anything_before_it() =>
        Assert.All((Ladder[])[World.Estuary, World.Ridge, Usual, Starter("by-hand"), Starter("one-first")], x => Assert.Null(KnownBefore.Of(x, Usual)));

    [Fact]
    public void With_it_in_front_the_first_rung_of_the_order_opens_words()
    {
        var (ladder, order) = (Whole(), World.LadderOf(YearOne));
        var first = ladder.PlaceOf(order.Rungs[0].Id);
        Assert.Equal(0, Opens(order, 0));
        Assert.InRange(Opens(ladder, first), 20, 1000);
        Assert.Equal(ladder.Rungs[first - 1], KnownBefore.LastOf(ladder));
    }

    [Fact]
    public void What_was_known_before_is_read_at_sight_and_clashes_with_nothing()
    {
        var ladder = Whole();
        var rules = World.Stock(ladder, Accent.SouthernBritish).Rules;
        var known = ladder.Rungs.TakeWhile(x => x.IsKnownBefore).ToList();
        var number = 0;
        var today = new DateOnly(2026, 12, 2);
        var log = TaughtBefore.Entries(ladder, known, null, World.Year, rules, 25, today, () => $"lesson {++number}");
        var standing = Standing.Of(ladder, new GroupLog(log), World.Year, rules);
        Assert.Equal(known.Count, standing.Place);
        Assert.Empty(standing.Clock.TooManyTricky());
        Assert.DoesNotContain(standing.Clock.Due(today), x => x.Last);
        Assert.InRange(standing.Clock.Due(today).Count(x => x.Item.Track == RevisitTrack.Card), 1, 12);
        Assert.DoesNotContain(log, x => World.Year.SchoolDays.Contains(x.Day));
        Assert.DoesNotContain(Clashes.Of(ladder, ClashDistances.Usual, rules.SameSound), x => Rung.NamesKnownBefore(x.Earlier));
    }

    [Fact]
    public void No_question_of_a_lead_is_answered_with_what_was_known_before()
    {
        var ladder = Whole();
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        var unlocking = new Unlocking(ladder, stock.Rules);
        var figures = RungMap.Of(unlocking);
        var questions = new LadderQuestions(unlocking, figures);
        var (couldWait, late) = questions.Tricky(stock.Sentences.All.Select(x => x.Words), unlocking);
        var answered = questions.Thin(World.Needs, ClashDistances.Usual).Concat(questions.HardlyUsedAfter()).Concat(questions.MostUseful(0, 20)).Select(x => x.Place)
            .Concat(couldWait.Concat(late).Select(x => x.Place)).ToList();
        Assert.NotEmpty(answered);
        Assert.DoesNotContain(answered, x => ladder.Rungs[x].IsKnownBefore);
        Assert.All(figures.Where((_, i) => ladder.Rungs[i].IsKnownBefore), x => Assert.NotEqual(Thinness.ByPlace, x.Thin));
    }

    [Fact]
    public void Who_knows_long_vowels_before_reads_acorn_and_lady_on_the_day_of_their_a()
    {
        var order = World.LadderOf("a:ai e:ee i:igh o:oa ie:ee ea:e c:s g:j", "3 1 1");
        var ladder = KnownBefore.InFront(KnownBefore.Of(order, Usual)!, order);
        Assert.Equal(WordShape.First, ladder.Sections[0].Shape);
        Assert.InRange(ladder.Sections[1].Shape.Syllables, 2, 3);
        var brief = World.BriefAt(ladder, World.Stock(ladder, Accent.SouthernBritish), "a:ai");
        var read = LessonComposer.Compose(brief).Blocks.Single(x => x.Activity == Activity.Read).Items.Select(x => x.Text).ToList();
        Assert.InRange(read.Intersect("acorn lady baby lazy shady gravy navy wavy potato April apron angel danger paper bacon basin table".Split(' ')).Count(), 3, 12);
    }

    [Fact]
    public void An_order_with_a_rung_for_longer_words_has_none_before_it_whatever_was_known()
    {
        var order = World.LadderOf("ie:ee ea:e c:s g:j #TwoSyllables kn:n", "3 1 1");
        Assert.Equal(1, KnownBefore.InFront(KnownBefore.Of(order, Usual)!, order).Sections[1].Shape.Syllables);
    }

    private static int Opens(Ladder ladder, int place) => RungMap.Of(new Unlocking(ladder, World.Stock(ladder, Accent.SouthernBritish).Rules))[place].EverydayYield;

    private static Ladder Starter(string name) => LadderText.Parse(World.Text($"starters/{name}.ladder.tsv"));

    private static Ladder Whole() => World.LadderOf(YearOne) is var order ? KnownBefore.InFront(KnownBefore.Of(order, Usual)!, order) : null!;
}
