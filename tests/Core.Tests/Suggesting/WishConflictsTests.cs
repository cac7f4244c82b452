using BoldLadder.Core.Suggesting;

namespace BoldLadder.Core.Tests.Suggesting;

public class WishConflictsTests
{
    private static string Id(string label) => OrderSearchTests.Id(label);

    private static IReadOnlyList<WishConflict> Of(params OrderWish[] wishes) => WishConflicts.Of(World.Estuary, World.Needs, 4, wishes);

    [Fact]
    public void Wishes_that_agree_contradict_nothing() => Assert.Empty(Of(
        new WishBefore(Id("s"), Id("p")), new WishApart(Id("b"), Id("d"), 20), new WishPinned(Id("m")), new WishWeekly(4)));

    [Fact]
    public void A_circle_is_told_without_the_wishes_that_have_no_part_in_it()
    {
        var circle = new OrderWish[] { new WishBefore(Id("s"), Id("p")), new WishBefore(Id("p"), Id("b")), new WishBefore(Id("b"), Id("s")) };
        var conflict = Assert.Single(Of([new WishApart(Id("f"), Id("th"), 5), .. circle, new WishBefore(Id("m"), Id("s"))]));
        Assert.Equal(circle, conflict.Wishes);
        Assert.Empty(conflict.Needs);
    }

    [Fact]
    public void A_wish_against_what_needs_what_names_the_need()
    {
        var conflict = Assert.Single(Of(new WishBefore(Id("tch"), Id("ch"))));
        Assert.Equal([(Id("tch"), Id("ch"))], conflict.Needs);
    }

    [Fact]
    public void A_rung_that_keeps_its_place_is_not_passed()
    {
        var conflict = Assert.Single(Of(new WishPinned(Id("m")), new WishBefore(Id("s"), Id("m"))));
        Assert.Equal(2, conflict.Wishes.Count);
    }

    [Fact]
    public void Farther_apart_than_a_section_is_long_cannot_be()
    {
        var section = World.Estuary.Sections[0];
        Assert.Empty(Of(new WishSection(section.Id), new WishApart(Id("b"), Id("d"), section.Rungs.Count - 6)));
        Assert.Single(Of(new WishSection(section.Id), new WishApart(Id("b"), Id("d"), section.Rungs.Count)));
    }

    [Fact]
    public void Fewer_a_week_than_one_rung_brings_cannot_be() => Assert.IsType<WishWeekly>(Assert.Single(Assert.Single(Of(new WishWeekly(2))).Wishes));

    [Fact]
    public void Two_contradictions_are_told_apart() => Assert.Equal(2, Of(
        new WishBefore(Id("s"), Id("p")), new WishBefore(Id("p"), Id("s")), new WishBefore(Id("b"), Id("f")), new WishBefore(Id("f"), Id("b"))).Count);
}
