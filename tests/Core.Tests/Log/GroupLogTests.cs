using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Tests.Log;

public class GroupLogTests
{
    private static readonly Ladder Ladder = World.LadderOf("m:m a:a t:t !the d:d =consolidation i:i");

    [Fact]
    public void The_line_stands_under_the_first_rung_that_is_not_taught()
    {
        Assert.Equal(0, Of(new GroupLog([]), Ladder).Place);
        Assert.Equal(3, Of(new GroupLog(World.LogOf(Ladder.Rungs.Take(3))), Ladder).Place);
        Assert.Equal(7, Of(new GroupLog(World.LogOf(Ladder.Rungs)), Ladder).Place);
    }

    [Fact]
    public void Partly_keeps_the_rung_due_and_missed_changes_nothing()
    {
        var day = World.Year.SchoolDays[0];
        Assert.Equal(0, Of(new GroupLog([World.Entry(1, day, Ladder.Rungs[0], LogOutcome.Partly)]), Ladder).Place);
        var missed = new GroupLog([World.Entry(1, day, Ladder.Rungs[0], LogOutcome.Missed)]);
        Assert.Equal(0, Of(missed, Ladder).Place);
        Assert.Empty(missed.Things);
    }

    [Fact]
    public void A_mistake_is_put_right_by_a_later_entry_for_the_same_lesson()
    {
        var day = World.Year.SchoolDays[0];
        var taught = World.Entry(1, day, Ladder.Rungs[0], lesson: "one");
        var back = World.Entry(2, day, Ladder.Rungs[0], LogOutcome.TakenBack, lesson: "one");
        Assert.Equal(0, Of(new GroupLog([taught, back]), Ladder).Place);
        Assert.Equal(1, Of(new GroupLog([taught, back, World.Entry(3, day, Ladder.Rungs[0], lesson: "one")]), Ladder).Place);
        Assert.Equal(3, new GroupLog([taught, back, World.Entry(3, day, Ladder.Rungs[0], lesson: "one")]).Position);
    }

    [Fact]
    public void A_rung_moved_after_it_was_taught_changes_nothing_that_was_taught()
    {
        var log = new GroupLog(World.LogOf(Ladder.Rungs.Take(3)));
        var moved = new MoveRung("a-a", Ladder.Sections[0].Id, 6).Apply(Ladder).Ladder!;
        Assert.True(Of(log, moved).Passed(moved.Rungs[6]));
        Assert.Contains(log.Things, x => x.Correspondence?.Key == "a:a");
        Assert.Equal(2, Of(log, moved).Place);
    }

    [Fact]
    public void A_new_rung_moved_below_the_line_shows_as_not_taught_and_is_due()
    {
        var log = new GroupLog(World.LogOf(Ladder.Rungs.Take(3)));
        var moved = new MoveRung("i-i", Ladder.Sections[0].Id, 0).Apply(Ladder).Ladder!;
        Assert.False(Of(log, moved).Passed(moved.Rungs[0]));
        Assert.Equal(0, Of(log, moved).Place);
    }

    [Fact]
    public void A_rung_of_two_days_is_passed_after_two()
    {
        var two = new ReplaceRung(Ladder.Rungs[0] with { Days = 2 }).Apply(Ladder).Ladder!;
        var entries = new[] { World.Entry(1, World.Year.SchoolDays[0], two.Rungs[0]), World.Entry(2, World.Year.SchoolDays[1], two.Rungs[0]) };
        Assert.False(Of(new GroupLog(entries.Take(1)), two).Passed(two.Rungs[0]));
        Assert.True(Of(new GroupLog(entries), two).Passed(two.Rungs[0]));
    }

    [Theory]
    [InlineData("card sh:sh", true)]
    [InlineData("tricky was", true)]
    [InlineData("card", false)]
    [InlineData("7 was", false)]
    [InlineData("cards sh:sh", false)]
    [InlineData("card SECRETTYPED", false)]
    [InlineData("tricky ", false)]
    [InlineData("tricky two words", false)]
    [InlineData("recall nosuch", false)]
    [InlineData("", false)]
    public void A_thing_to_revisit_is_written_with_its_track(string text, bool ok)
    {
        Assert.Equal(ok, RevisitItem.TryParse(text, out var item));
        Assert.True(!ok || item.ToString() == text);
    }

    private static Standing Of(GroupLog log, Ladder ladder) => World.StandingOf(ladder, log.Entries);
}
