using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Suggesting;
using CsCheck;

namespace BoldLadder.Core.Tests.Suggesting;

public class OrderSearchTests
{
    private static readonly Ordering Estuary = Of(World.Estuary);

    internal static Ordering Of(Ladder ladder, params OrderWish[] wishes) => new(ladder, World.South.Rules, World.Needs, ClashDistances.Usual, 4, wishes);

    /// <summary>The same ladder with the rungs that can move dealt anew.</summary>
    internal static Ladder Shuffled(Ladder ladder, ulong seed)
    {
        var mixed = new Queue<Rung>(new Dice(seed).Mix(ladder.Rungs.Where(Ordering.Moves)));
        return World.Created(ladder.Sections.Select(s => s with { Rungs = [.. s.Rungs.Select(x => Ordering.Moves(x) ? mixed.Dequeue() : x)] }));
    }

    internal static FoundOrder Found(Ordering ordering, int looks, ulong seed = 1) => OrderSearch.Run(ordering, seed).Take(looks).OfType<FoundOrder>().Last();

    [Fact]
    public void What_an_order_costs_is_the_same_counted_step_by_step_and_by_the_definitions()
    {
        // A contrast opens nothing in a suggestion, since what it compares comes first; dealt at random it might.
        var ladder = World.Created(World.Estuary.Sections.Select(x => x with { Rungs = [.. x.Rungs.Where(r => r.Kind != RungKind.Contrast)] }));
        var ordering = Of(ladder);
        Gen.ULong.Sample(
            seed =>
            {
                var state = ordering.StateOf(OrderMovesTests.OrderOf(Shuffled(ladder, seed)));
                var dice = new Dice(seed);
                for (var i = 0; i < 40; i++)
                {
                    state.Walk(dice.Next(ordering.Slots.Length), dice.Next(ordering.Slots.Length));
                }

                var walked = state.Score();
                var order = ordering.InSections(state.Order.ToArray());
                Assert.Equal(ordering.Score(order), walked);
                var now = World.Created(ladder.Sections.Zip(order, (s, o) => s with { Rungs = [.. o.RungIds.Select(id => ladder.Rungs[ladder.PlaceOf(id)])] }));
                var unlocking = new Unlocking(now, World.South.Rules);
                var clashes = Clashes.Of(now, ClashDistances.Usual, World.South.Rules.SameSound);
                Assert.Equal(RungMap.Of(unlocking).Count(x => x.Thin == Thinness.ByPlace), walked.Thin);
                Assert.Equal(clashes.Count(x => x.Kind == ClashKind.SameSound), walked.Spellings);
                Assert.Equal(clashes.Count(x => x.Kind != ClashKind.SameSound), walked.Alike);
                var places = PartIndex.Of(World.South.Rules).Everyday.ToArray().Select(unlocking.PlaceOf).Where(x => x != Unlocking.Never).ToList();
                Assert.Equal(places.Average(), walked.Average, 6);
                Assert.True(walked.Needs >= World.Needs.Unmet(now).Select(x => x.RungId).Distinct().Count());
            },
            iter: 12, threads: 1);
    }

    [Theory]
    [InlineData("m:m a:a t:t s:s i:i p:p h:h")]
    [InlineData("b:b d:d o:o g:g i:i a:a n:n")]
    [InlineData("c:k k:k e:e l:l u:u ll:l f:f")]
    [InlineData("ee:ee ea:ee s:s t:t m:m e:e a:a")]
    [InlineData("sh:sh s:s h:h i:i o:o p:p ch:ch")]
    public void On_a_ladder_of_seven_rungs_the_best_of_all_5040_orders_is_found(string rungs)
    {
        var ordering = Of(World.LadderOf(rungs));
        var best = Permutations([.. Enumerable.Range(0, 7)]).Min(x => ordering.Score(ordering.InSections(x)).Total);
        Assert.Equal(best, Found(ordering, 300).Score.Total);
    }

    [Fact]
    public void A_ladder_dealt_anew_comes_back_at_least_as_good_as_it_was()
    {
        var found = OrderSearch.Run(Of(Shuffled(World.Estuary, 5)), 1).OfType<FoundOrder>().First(x => x.Done || (x.Score.Total <= Estuary.Now().Total && x.Score is { Needs: 0, TooEarly: 0, Thin: 0 })).Score;
        Assert.True(found.Total <= Estuary.Now().Total, $"{found} against {Estuary.Now()}");
        Assert.Equal((0, 0, 0), (found.Needs, found.TooEarly, found.Thin));
    }

    [Fact]
    public void The_same_seed_finds_the_same_order_and_each_look_is_no_worse_than_the_last()
    {
        var ordering = Of(Shuffled(World.Estuary, 2));
        var looks = OrderSearch.Run(ordering, 7).Take(150).OfType<FoundOrder>().ToList();
        Assert.Equal(looks[^1].Order.SelectMany(x => x.RungIds), Found(ordering, 150, 7).Order.SelectMany(x => x.RungIds));
        Assert.True(looks.Zip(looks.Skip(1)).All(x => x.Second.Score.Total <= x.First.Score.Total));
        Assert.True(looks[^1].Score.Total < looks[0].Score.Total);
    }

    [Fact]
    public void What_a_lead_asks_for_is_kept()
    {
        var pinned = World.Estuary.Rungs.First(x => x.Label == "m");
        OrderWish[] wishes =
        [
            new WishBefore(Id("s"), Id("p")), new WishBefore(Id("sh"), Id("ee")), new WishApart(Id("b"), Id("d"), 9), new WishPinned(pinned.Id), new WishWeekly(5),
        ];
        var found = Found(Of(World.Estuary, wishes), 200);
        Assert.Equal(0, found.Score.Wishes);
        var at = found.Order.SelectMany(x => x.RungIds).ToList();
        Assert.True(at.IndexOf(Id("s")) < at.IndexOf(Id("p")) && at.IndexOf(Id("sh")) < at.IndexOf(Id("ee")));
        Assert.True(Math.Abs(at.IndexOf(Id("b")) - at.IndexOf(Id("d"))) >= 9);
        Assert.Equal(World.Estuary.PlaceOf(pinned.Id), at.IndexOf(pinned.Id));
        var weeks = Load.ByWeek([.. at.Select(x => World.Estuary.Rungs[World.Estuary.PlaceOf(x)])], 4);
        Assert.All(weeks, x => Assert.InRange(x.Correspondences, 0, 5));
    }

    [Fact]
    public void Only_the_rungs_of_a_chosen_section_move_and_what_teaches_no_letters_stays()
    {
        var section = World.Estuary.Sections[^1];
        var found = Found(Of(World.Estuary, new WishSection(section.Id)), 100);
        Assert.All(found.Order.SkipLast(1), x => Assert.Equal(World.Estuary.Sections.First(s => s.Id == x.SectionId).Rungs.Select(r => r.Id), x.RungIds));
        var whole = Found(Estuary, 60).Order.SelectMany(x => x.RungIds).ToList();
        Assert.All(World.Estuary.Rungs.Where(x => !Ordering.Moves(x)), x => Assert.Equal(World.Estuary.PlaceOf(x.Id), whole.IndexOf(x.Id)));
    }

    internal static string Id(string label) => World.Estuary.Rungs.First(x => x.Label == label).Id;

    private static IEnumerable<int[]> Permutations(int[] items)
    {
        if (items.Length == 1)
        {
            return [items];
        }

        return items.SelectMany(x => Permutations([.. items.Where(y => y != x)]).Select(rest => (int[])[x, .. rest]));
    }
}
