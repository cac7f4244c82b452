using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Mapping;

/// <summary>The figures of a ladder, which are worked out by quick ways, against what they mean.</summary>
public class FiguresTests
{
    [Fact]
    public void The_figures_of_every_rung_are_what_a_slow_count_gives_on_any_order_of_rungs()
    {
        var rules = World.South.Rules;
        var some = World.Estuary.Rungs.Take(60).ToArray();
        Gen.Shuffle(some).Sample(order =>
        {
            Assert.True(Ladder.TryCreate("Random", [new Section("all", "All", new WordShape(4, 2, 1), order)], out var ladder, out _));
            var unlocking = new Unlocking(ladder, rules);
            var figures = RungMap.Of(unlocking);
            var places = World.South.Words.Words.Select(x => unlocking.PlaceOf(x.Rank)).ToList();
            for (var place = 0; place < order.Length; place++)
            {
                var here = World.South.Words.Words.Where(x => places[x.Rank] == place && x.Suitability != Suitability.Unsuitable && World.South.Words.OwnSpelling(x)).ToList();
                Assert.Equal((here.Count, here.Count(x => x.Everyday)), (figures[place].Yield, figures[place].EverydayYield));
                var families = TargetWords.At(unlocking, place).Select(x => x.Family).Distinct().Count();
                Assert.Equal(families, figures[place].Targets);
            }
        }, iter: 6);
    }

    [Fact]
    public void An_ending_among_the_shortest_words_is_not_thin_since_it_brings_what_it_adds()
    {
        var ladder = LadderText.Parse("name\tx\n[One]\t3 1 1\n" + string.Join('\n', "p:p t:t o:o i:i a:a c:k m:m d:d g:g b:b e:e s:s n:n r:r ng:ng -s -ing".Split(' ')));
        Assert.Equal((3, 1), (ladder.Sections[0].Shape.Boxes, ladder.Sections[0].Shape.Together));
        var unlocking = new Unlocking(ladder, World.South.Rules);
        var figures = RungMap.Of(unlocking);
        foreach (var ending in ladder.Rungs.Skip(15))
        {
            var place = ladder.PlaceOf(ending.Id);
            Assert.True(figures[place].Thin == Thinness.Enough && TargetWords.At(unlocking, place).Count > 20, $"{ending.Label}: {string.Join(" ", TargetWords.At(unlocking, place).Select(x => x.Spelling))}");
        }
    }

    [Fact]
    public void Moving_a_rung_changes_where_words_open_and_never_how_many_there_are_at_the_top()
    {
        var rules = World.South.Rules;
        var all = RungMap.Of(new Unlocking(World.Estuary, rules)).Sum(x => x.Yield);
        Gen.Select(Gen.Int[0, World.Estuary.Rungs.Count - 1], Gen.Int[1, World.Estuary.Rungs.Count]).Sample((from, to) =>
        {
            var edit = MoveRung.To(World.Estuary, World.Estuary.Rungs[from].Id, to);
            return edit?.Apply(World.Estuary).Ladder is not { } moved || RungMap.Of(new Unlocking(moved, rules)).Sum(x => x.Yield) == all;
        }, iter: 30);
    }

    [Fact]
    public void What_comes_later_in_the_order_opens_later_or_at_the_same_rung()
    {
        var rules = World.South.Rules;
        var last = World.Estuary.Rungs[^1].Id;
        var sh = World.Estuary.PlaceOf("sh-sh");
        var moved = new MoveRung("sh-sh", World.Estuary.Sections[^1].Id, World.Estuary.Sections[^1].Rungs.Count).Apply(World.Estuary).Ladder!;
        var (before, after) = (new Unlocking(World.Estuary, rules), new Unlocking(moved, rules));
        Assert.Equal(World.Estuary.Rungs.Count - 1, moved.PlaceOf("sh-sh"));
        Assert.NotEqual(last, moved.Rungs[^1].Id);
        var ship = World.Lexicon.Find("ship")!.Rank;
        Assert.Equal((sh, World.Estuary.Rungs.Count - 1), (before.PlaceOf(ship), after.PlaceOf(ship)));
        var cat = World.Lexicon.Find("cat")!.Rank;
        Assert.Equal(before.PlaceOf(cat), after.PlaceOf(cat));
    }

    [Fact]
    public void A_week_of_rungs_counts_what_is_new_in_it_and_says_when_that_is_too_much()
    {
        var ladder = World.LadderOf("m:m a:a t:t d:d i:i b:b+n:n !the+!to+!a+!I p:p");
        var weeks = Load.ByWeek(ladder.Rungs, 4);
        Assert.Equal([(0, 4, 0), (4, 4, 4)], weeks.Select(x => (x.FromPlace, x.Correspondences, x.TrickyWords)));
        Assert.Equal([false, true], weeks.Select(x => x.TooMany));
        Assert.Equal(ladder.Rungs.Sum(x => x.Correspondences.Count), weeks.Sum(x => x.Correspondences));
        foreach (var days in Enumerable.Range(1, 5))
        {
            var of = Load.ByWeek(World.Estuary.Rungs, days);
            Assert.Equal(Enumerable.Range(0, World.Estuary.Rungs.Count), of.SelectMany(x => Enumerable.Range(x.FromPlace, x.ToPlace - x.FromPlace + 1)));
        }
    }
}
