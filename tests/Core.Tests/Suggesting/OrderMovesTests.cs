using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Suggesting;
using CsCheck;

namespace BoldLadder.Core.Tests.Suggesting;

public class OrderMovesTests
{
    [Fact]
    public void Moves_made_one_by_one_in_any_order_or_all_at_once_end_in_the_suggested_order() => Gen.ULong.Sample(
        seed =>
        {
            var order = OrderOf(OrderSearchTests.Shuffled(World.Ridge, seed));
            var all = OrderMoves.MakeAll(World.Ridge, order).Apply(World.Ridge);
            Assert.Equal(Lines(order), Lines(OrderOf(all.Ladder!)));
            Assert.Equal(Lines(OrderOf(World.Ridge)), Lines(OrderOf(all.Inverse!.Apply(all.Ladder!).Ladder!)));
            var (ladder, dice) = (World.Ridge, new Dice(seed));
            while (OrderMoves.Between(ladder, order) is { Count: > 0 } left)
            {
                ladder = OrderMoves.Make(ladder, order, left[dice.Next(left.Count)].RungId).Apply(ladder).Ladder!;
                Assert.True(OrderMoves.Between(ladder, order).Count < left.Count);
            }

            Assert.Equal(Lines(order), Lines(OrderOf(ladder)));
        },
        iter: 5, threads: 1);

    [Fact]
    public void A_rung_carried_past_others_is_one_move_and_what_it_passes_stays()
    {
        var first = World.Estuary.Sections[0];
        var moved = new MoveRung(first.Rungs[0].Id, first.Id, 5).Apply(World.Estuary).Ladder!;
        var move = Assert.Single(OrderMoves.Between(World.Estuary, OrderOf(moved)));
        Assert.Equal((first.Rungs[0].Id, 0, 5), (move.RungId, move.From, move.To));
    }

    [Theory]
    [InlineData("d", "b", 1, MoveReasonKind.Alike, "b")]
    [InlineData("sh", "m", 1, MoveReasonKind.Need, "s")]
    [InlineData("tch", "sh", 0, MoveReasonKind.Need, "ch")]
    [InlineData("s", "ee", 0, MoveReasonKind.Need, "ss, ff")]
    public void A_move_says_what_would_be_lost_without_it(string label, string beside, int after, MoveReasonKind kind, string other)
    {
        // The rung stands badly, and the suggested order is the demo's own.
        var to = World.Estuary.PlaceOf(OrderSearchTests.Id(beside));
        var section = World.Estuary.SectionAt(to);
        var at = section.Rungs.Where(x => x.Label != label).ToList().FindIndex(x => x.Label == beside) + after;
        var now = new MoveRung(OrderSearchTests.Id(label), section.Id, at).Apply(World.Estuary).Ladder!;
        var moves = OrderMoves.Between(now, OrderOf(World.Estuary));
        Assert.Equal(OrderSearchTests.Id(label), Assert.Single(moves).RungId);
        var reason = Assert.Single(MoveReasons.Of(OrderSearchTests.Of(World.Estuary), moves));
        Assert.Equal((kind, other), (reason.Kind, World.Estuary.Rungs[World.Estuary.PlaceOf(reason.OtherId!)].Label));
    }

    [Fact]
    public void An_order_of_other_rungs_is_told_from_one_of_the_ladder()
    {
        Assert.True(OrderMoves.IsOf(World.Ridge, OrderOf(OrderSearchTests.Shuffled(World.Ridge, 1))));
        Assert.False(OrderMoves.IsOf(World.Ridge, OrderOf(World.Estuary)));
        Assert.False(OrderMoves.IsOf(World.Ridge, [.. OrderOf(World.Ridge).Skip(1)]));
    }

    internal static IReadOnlyList<SectionOrder> OrderOf(Ladder ladder) => [.. ladder.Sections.Select(x => new SectionOrder(x.Id, [.. x.Rungs.Select(r => r.Id)]))];

    private static IEnumerable<string> Lines(IReadOnlyList<SectionOrder> order) => order.Select(x => $"{x.SectionId}: {string.Join(' ', x.RungIds)}");
}
