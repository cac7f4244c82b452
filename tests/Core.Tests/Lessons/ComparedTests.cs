using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using static BoldLadder.Core.Tests.Lessons.DemoLessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What is compared on a day is what a teacher would put side by side.</summary>
public sealed class ComparedTests
{
    [Fact]
    public void What_is_put_under_a_spelling_the_youngest_know_or_is_short()
    {
        var ladder = World.LadderOf($"{Letters} ur:ur er:ur", "8 3 2");
        for (var seed = 1UL; seed < 6; seed++)
        {
            var sorted = LessonComposer.Compose(World.BriefAt(ladder, World.South, ladder.Rungs.Count - 1, seed)).Blocks.Single(x => x.Activity == Activity.Sort).Items.Select(x => World.South.Words.Find(x.Text)!);
            Assert.All(sorted, x => Assert.True(x.Word.Familiarity == Familiarity.AtFourOrFive || World.South.Rules.Rows.ShapeOf(World.South.Rules.Rows.RowsOf(x.Word.Rank).First).Syllables == 1, x.Word.Key));
        }
    }

    [Fact]
    public void The_same_with_ly_is_shown_in_words_that_the_youngest_know_first()
    {
        var ladder = World.LadderOf($"{Letters} ow:oa #TwoSyllables -ly", "8 3 2");
        var compared = LessonComposer.Compose(World.BriefAt(ladder, World.Stock(ladder, Accent.SouthernBritish), ladder.Rungs.Count - 1, 5)).Blocks.Single(x => x.Activity == Activity.Compare).Items.Select(x => x.Text).ToList();
        Assert.Contains("slowly", compared);
    }

    [Fact]
    public void A_gap_leaves_something_of_its_word() => Assert.All(
        All.Value.SelectMany(x => x.In(Activity.Choose)), x => Assert.True(x.Text.Length > x.Heading.Replace("_", "", StringComparison.Ordinal).Length, x.Text));

    [Fact]
    public void Something_is_compared_in_every_lesson_that_teaches_a_part_once_words_can_be_read() => Assert.All(
        New.Where(x => x.Brief.Standing.Line >= Opening),
        x => Assert.Contains(x.Lesson.Blocks, b => Piece.Of(b.Activity).Compares && b.Items.Count >= 4));

    [Theory]
    [InlineData("d", Activity.Sort, "b", "d")]
    [InlineData("ll, ss, ff", Activity.Choose, "l", "ll")]
    [InlineData("a_e", Activity.Compare, "", "")]
    [InlineData("-ed", Activity.Compare, "", "")]
    public void The_contrast_is_the_one_that_a_teacher_would_choose(string rung, Activity activity, string one, string other)
    {
        var made = All.Value.First(x => x.Brief.Standing.Ladder == World.Ridge && x.Rung.Label == rung);
        var block = made.Lesson.Blocks.Single(x => x.Part == LessonPart.Practise && x.Activity is Activity.Compare or Activity.Sort or Activity.Choose or Activity.Chain);
        Assert.Equal(activity, block.Activity);
        if (one.Length > 0)
        {
            Assert.Superset(new HashSet<string> { one, other }, block.Items.Select(x => x.Heading).ToHashSet());
        }
    }

    [Fact]
    public void A_chain_comes_back_to_todays_part_and_does_not_wander_off()
    {
        var chains = New.Where(x => x.In(Activity.Chain).Count > 0).ToList();
        Assert.NotEmpty(chains);
        Assert.All(chains, x => Assert.True(x.In(Activity.Chain).Count(x.IsOnPoint) * 2 >= x.In(Activity.Chain).Count, $"{x.Rung.Label}: {string.Join(' ', x.In(Activity.Chain).Select(i => i.Text))}"));
    }

    [Fact]
    public void A_review_compares_what_is_taken_for_each_other_and_not_what_nobody_would_confuse()
    {
        var kinds = World.Order("kinds");
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us), (kinds, World.Stock(kinds, Core.Sounds.Accent.SouthernBritish)) })
        {
            for (var place = 10; place < ladder.Rungs.Count; place += 7)
            {
                var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.Take(place)), stock.Rules);
                var lesson = LessonComposer.Compose(new LessonBrief(stock, standing, ClassConventions.Usual, World.Year.SchoolDays[place], null, 25, 5));
                var columns = lesson.Blocks.Where(x => x.Asks.Any(a => a.Code == AskCode.SortBySpelling)).SelectMany(x => x.Asks[0].Arguments)
                    .Select(x => standing.Things.Select(t => t.Correspondence).OfType<Core.Sounds.Correspondence>().Where(c => c.Grapheme.Text == x).ToList()).Where(x => x.Count > 0).ToList();
                Assert.True(columns.SelectMany((x, i) => columns.Skip(i + 1).Select(y => (x, y))).All(p => p.x.Any(x => p.y.Any(y => AreAlike(stock, x, y)))),
                    $"{place}: {string.Join(' ', columns.Select(x => x[0]))}");
            }
        }
    }

    private static bool AreAlike(WordStock stock, Core.Sounds.Correspondence x, Core.Sounds.Correspondence y) => stock.Rules.SameSound(x.Sound, y.Sound)
        || Core.Sounds.NearSounds.Of(x.Sound).Contains(y.Sound) || Core.Sounds.NearSounds.Of(y.Sound).Contains(x.Sound) || Core.Sounds.Confusables.Are(x.Grapheme.Text, y.Grapheme.Text);

    [Theory]
    [InlineData("oo:oo", "moon")]
    [InlineData("oo:uu", "book")]
    [InlineData("ow:oa", "boat")]
    public void The_same_letters_are_sorted_by_what_they_say_on_their_day_of_contrast(string part, string heading)
    {
        var ladder = World.Order("kinds");
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        var place = ladder.Rungs.ToList().FindIndex(x => x.Kind == RungKind.Contrast && x.Correspondences.Any(c => c.Key == part));
        var lesson = LessonComposer.Compose(World.BriefAt(ladder, stock, place, 3));
        var sort = Assert.Single(lesson.Blocks, x => x.Activity == Activity.Sort);
        Assert.Equal(AskCode.WhichSays, sort.Asks[0].Code);
        var words = sort.Items.Where(x => x.Heading == heading).ToList();
        Assert.True(words.Count >= 3, string.Join(' ', sort.Items.Select(x => $"{x.Heading}:{x.Text}")));
        Assert.All(words, x => Assert.Contains(stock.Words.Find(x.Text)!.Readings[0].Segments, s => s.Correspondence.Key == part));
    }

    [Fact]
    public void A_new_spelling_is_told_from_those_that_stand_where_it_stands()
    {
        var made = All.Value.First(x => x.Rung.Correspondences.Any(c => c.Key == "ie:ee"));
        var headings = made.Lesson.Blocks.Where(x => x.Activity is Activity.Sort or Activity.Choose).SelectMany(x => x.Items).Select(x => x.Heading).ToHashSet();
        Assert.Superset(new HashSet<string> { "ie", "ee" }, headings);
        Assert.DoesNotContain("y", headings);
    }

    [Theory]
    [InlineData("-le", "handle", "hand")]
    [InlineData("er", "farmer", "farm")]
    [InlineData("y", "sandy", "sand")]
    public void A_longer_word_is_read_beside_the_short_one_that_it_grew_from(string part, string longer, string shorter)
    {
        var correspondence = Core.Sounds.Correspondence.Parse(part switch { "er" => "er:schwa", "y" => "y:ee", _ => "le:schwa+l" });
        var place = World.Estuary.Rungs.ToList().FindIndex(x => x.Correspondences.Contains(correspondence));
        var standing = World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs));
        var brief = new LessonBrief(World.South, standing, ClassConventions.Usual, World.Year.SchoolDays[place], World.Estuary.Rungs[place], 25, 1);
        Assert.Contains((shorter, longer), LongerWords.GrownBy(brief, correspondence).Select(x => (x.One.Word.Key, x.Other.Word.Key)));
    }

    [Fact]
    public void A_pair_and_a_chain_are_locked_and_dropped_whole()
    {
        foreach (var (lesson, block) in New.SelectMany(x => x.Lesson.Blocks.Select(b => (x.Lesson, b))).Where(x => x.b.Activity is Activity.Compare or Activity.Chain))
        {
            var unit = LessonUnits.Of(lesson, block.Items[^1].Id);
            Assert.Equal(block.Activity == Activity.Chain ? block.Items.Count : 2, unit.Count);
            var dropped = LessonUnits.Drop(lesson, block.Items[0].Id).Apply(lesson);
            Assert.Equal(lesson.Items.Count() - unit.Count, dropped.Lesson!.Items.Count());
            Assert.Equal(lesson.Items, dropped.Inverse!.Apply(dropped.Lesson).Lesson!.Items);
            var locked = LessonUnits.Lock(lesson, block.Items[0].Id, true).Apply(lesson).Lesson!;
            Assert.Equal(unit.Count, locked.Items.Count(x => x.Locked));
        }
    }

    [Fact]
    public void A_gap_leaves_out_one_spelling_and_nothing_else()
    {
        var found = New.SelectMany(x => x.In(Activity.Choose).Select(i => (x.Stock, Item: i))).ToList();
        Assert.NotEmpty(found);
        Assert.All(found, x => Assert.Contains('_', GapWord.Of(x.Stock.Words.Find(x.Item.Text)!.Readings[0], x.Item.Heading)));
        Assert.Equal("c_k_", GapWord.Of(World.South.Words.Find("cake")!.Readings[0], "a_e"));
        Assert.Equal("bri___", GapWord.Of(World.South.Words.Find("bridge")!.Readings[0], "dge"));
    }

    [Fact]
    public void Two_by_two_calls_a_sound_by_the_spelling_that_its_words_show()
    {
        var met = 0;
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 20; place < ladder.Rungs.Count; place++)
            {
                foreach (var block in LessonComposer.Compose(World.BriefAt(ladder, stock, place, 3)).Blocks.Where(x => x.Asks.Any(a => a.Code == AskCode.Pair)))
                {
                    met++;
                    var (first, second) = (block.Asks[0].Arguments[0], block.Asks[0].Arguments[1]);
                    Assert.All(block.Items.Chunk(2), pair => Assert.True(Has(pair[0], first) && Has(pair[1], second), $"{ladder.Rungs[place].Label}: {first} {pair[0].Text}, {second} {pair[1].Text}"));
                }
            }
        }

        Assert.True(met > 10, $"{met}");

        static bool Has(LessonItem item, string spelling) => item.Split.Split(' ').Any(x => x.StartsWith($"{spelling}:", StringComparison.Ordinal));
    }

    [Fact]
    public void A_review_sorts_what_is_taken_for_each_other_and_nothing_beside_it()
    {
        // The spellings of ai were gone over lately, and so was the o of month, which nobody takes for them.
        var check = World.Ridge.Rungs.Count - 1;
        for (var seed = 1UL; seed <= 20; seed++)
        {
            var lesson = LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, check, seed));
            var headings = lesson.Blocks.Where(x => x.Activity == Activity.Sort).SelectMany(x => x.Items).Select(x => x.Heading).ToHashSet();
            Assert.False(headings.Contains("o") && headings.Contains("ai"), string.Join(' ', headings));
        }
    }
}
