using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What longer words end in is taught as one: none of its letters is taught apart, its beat and its weak vowel come with it.</summary>
public sealed class WordEndTests
{
    private static readonly Ladder Ends = LadderText.Parse("""
        name	Ends
        [Letters]	5 2 1
        a:a b:b c:k ck:k d:d e:e
        f:f g:g h:h i:i j:j k:k l:l ll:l m:m n:n
        o:o p:p r:r s:s ss:s t:t u:u v:v w:w x:k+s y:y
        sh:sh th:th n:ng ai:ai ee:ee oa:oa ar:ar
        #PairAtEnd
        #PairAtStart
        !the !is !to !was
        [Longer]	6 2 2
        ~ti:sh,o:schwa,n:n
        ~f:f,u:schwa,l:l ~l:l,e:schwa,ss:s
        ~t:ch,ure:schwa
        #TwoSyllables
        """.Replace("        ", "", StringComparison.Ordinal));

    private static readonly Lazy<WordStock> Stock = new(() => World.Stock(Ends, Accent.SouthernBritish));

    private static Judge After(int rungs) => new(new TaughtSet(Stock.Value.Rules, [], []).With(Ends.Rungs.Take(rungs)));

    private static Lesson DayOf(string label) => LessonComposer.Compose(World.BriefAt(Ends, Stock.Value, Ends.Rungs.ToList().FindIndex(x => x.Label == label), 3));

    private static IReadOnlyList<string> In(Lesson lesson, params Activity[] activities) => [.. lesson.Blocks.Where(x => activities.Contains(x.Activity)).SelectMany(x => x.Items).Select(x => x.Text)];

    [Theory]
    [InlineData(7, "action", "not-yet")]
    [InlineData(8, "action", "readable")]
    [InlineData(8, "invention", "not-yet")]
    [InlineData(8, "helpful", "not-yet")]
    [InlineData(9, "helpful", "readable")]
    [InlineData(9, "rabbit", "not-yet")]
    [InlineData(11, "invention", "readable")]
    public void An_end_that_is_taught_as_one_needs_none_of_its_letters_and_brings_its_own_beat(int taught, string word, string verdict) =>
        Assert.Equal(verdict, After(taught).Of(word).Key);

    [Fact]
    public void Its_weak_vowel_is_taught_with_it_and_no_other()
    {
        var words = Stock.Value.Words;
        Assert.True(After(8).IsReadStrictly(words.FindWord("action")!));
        Assert.False(After(11).IsReadStrictly(words.FindWord("melon")!));
    }

    [Fact]
    public void Beside_a_word_with_tion_stands_the_one_whose_t_it_took()
    {
        var ladder = World.LadderOf("a:a c:k d:d e:e i:i l:l ll:l m:m n:n o:o p:p r:r s:s t:t v:v #PairAtEnd #PairAtStart #TwoSyllables #ThreeSyllables ~ti:sh,o:schwa,n:n", "12 3 4");
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        var compared = In(LessonComposer.Compose(World.BriefAt(ladder, stock, ladder.Rungs.Count - 1, 3)), Activity.Compare);
        Assert.True(compared.Count >= 4);
        Assert.All(compared.Chunk(2), x => Assert.Equal(x[0] + "ion", x[1]));
    }

    [Fact]
    public void What_an_ending_is_added_to_is_a_word_that_children_know_so_that_no_computer_comes_of_compute()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            foreach (var place in Enumerable.Range(0, ladder.Rungs.Count).Where(x => ladder.Rungs[x].Adds.Any(a => a.Ending is not null)))
            {
                for (ulong seed = 1; seed <= 8; seed++)
                {
                    var compared = In(LessonComposer.Compose(World.BriefAt(ladder, stock, place, seed)), Activity.Compare);
                    Assert.All(compared.Where((_, at) => at % 2 == 0), x => Assert.True(stock.Words.FindWord(x)!.Everyday, $"{x} on the day of {ladder.Rungs[place].Label}"));
                }
            }
        }
    }

    [Fact]
    public void Their_names_begin_with_a_hyphen_as_those_of_endings_do_and_rimes_have_none()
    {
        Assert.Equal("-tion", Ends.Rungs[7].Label);
        Assert.Equal("all", Teachable.OfRimeUnit(GraphemeRun.Parse("a:aw ll:l")).Label);
        Assert.False(Teachable.TryReadCode("~s:s t:t", out _, out var reason));
        Assert.Contains("has a vowel", reason, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("-tion", "tion")]
    [InlineData("-ful, -less", "ful less")]
    [InlineData("-ture", "ture")]
    public void What_is_read_and_spelt_on_its_day_ends_in_it(string label, string ends)
    {
        var (lesson, on) = (DayOf(label), ends.Split(' '));
        bool Holds(string word) => Array.Exists(on, e => Stock.Value.Words.FindWord(word) is { } w && (w.Ended?.Base ?? w.Key).EndsWith(e, StringComparison.Ordinal));
        var read = lesson.Blocks.Single(x => x.Activity == Activity.Read).Items;
        Assert.All(read.Where(x => x.Release == Release.AdultShows), x => Assert.True(Holds(x.Text), x.Text));
        Assert.True(read.Count(x => Holds(x.Text)) >= 3, string.Join(' ', read.Select(x => x.Text)));
        Assert.True(In(lesson, Activity.Spell).Count(Holds) >= 2, string.Join(' ', In(lesson, Activity.Spell)));
    }

    [Fact]
    public void Children_listen_for_it_in_longer_words_and_some_go_against() => Assert.All(Ends.Rungs.Skip(7).Take(3), rung =>
    {
        var block = DayOf(rung.Label).Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.Equal(AskCode.EndsSo, Assert.Single(block.Asks).Code);
        Assert.All(block.Items, x => Assert.True(Structure.Of(Stock.Value.Words.Find(x.Text)!.Readings[0]).Syllables > 1, x.Text));
        Assert.True(block.Items.Count(x => x.Heading == "no") * 4 >= block.Items.Count);
    });

    [Theory]
    [InlineData("-ing", "ing")]
    [InlineData("-er,-est", "est")]
    [InlineData("-ly", "ly")]
    [InlineData("-ly,-y", "ly")]
    [InlineData("-y,-ly", "ly")]
    public void An_ending_is_listened_for_and_told_from_others(string adds, string asked)
    {
        var ladder = LadderText.Parse($"name\tx\n[One]\t6 2 2\n{string.Join('\n', "s:s a:a t:t i:i n:n p:p m:m d:d g:g o:o c:k e:e u:u r:r h:h b:b f:f l:l ng:ng ee:ee #twoSyllables".Split(' '))}\n{adds.Replace(',', ' ')}");
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.SkipLast(1)), stock.Rules);
        var lesson = LessonComposer.Compose(new LessonBrief(stock, standing, ClassConventions.Usual, World.Year.SchoolDays[0], ladder.Rungs[^1], 25, 3));
        var block = lesson.Blocks.Single(x => x.Activity == Activity.Listening);
        var question = Assert.Single(block.Asks);
        Assert.Equal((AskCode.EndsSo, asked), (question.Code, question.Arguments[0]));
        Assert.All(block.Items, x => Assert.Equal(x.Heading == "yes", x.Text.EndsWith(asked, StringComparison.Ordinal)));
        Assert.InRange(block.Items.Count(x => x.Heading == "no"), 2, block.Items.Count - 3);
    }

    [Fact]
    public void Help_stands_beside_helpful_but_no_word_beside_vulture()
    {
        var pairs = DayOf("-ful, -less").Blocks.Single(x => x.Activity == Activity.Compare).Items.Select(x => x.Text).Chunk(2).ToList();
        Assert.True(pairs.Count >= 3);
        Assert.All(pairs, x => Assert.True(x[1] == x[0] + "ful" || x[1] == x[0] + "less", $"{x[0]} {x[1]}"));
        Assert.DoesNotContain(DayOf("-ture").Blocks, x => x.Activity == Activity.Compare);
    }
}
