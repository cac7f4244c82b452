using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Log;

public class SecureSetTests
{
    private static readonly Ladder Six = World.LadderOf("m:m a:a t:t d:d i:i b:b");

    [Fact]
    public void A_thing_is_secure_ten_teaching_days_after_it_was_taught()
    {
        var log = new GroupLog(World.LogOf(Six.Rungs));
        Assert.False(Reads(log, 10, "at"));
        Assert.True(Reads(log, 12, "at"));
        Assert.False(Reads(log, 12, "bit"));
        Assert.True(Reads(log, 15, "bit"));
    }

    [Fact]
    public void A_stumble_starts_the_count_again()
    {
        var entries = World.LogOf(Six.Rungs).ToList();
        var shaky = RevisitClock.Of([Teachable.Of(Correspondence.Parse("a:a"))], [], World.South.Rules).ToList();
        entries[5] = World.Entry(6, World.Year.SchoolDays[5], Six.Rungs[5], shaky: shaky);
        var log = new GroupLog(entries);
        Assert.False(Reads(log, 12, "at"));
        Assert.True(Reads(log, 16, "at"));
    }

    [Fact]
    public void A_week_with_more_than_a_class_can_take_in_is_told_and_others_are_not()
    {
        var heavy = World.LadderOf("m:m a:a t:t d:d i:i !the !to !no !go");
        var weeks = Load.ByWeek(heavy.Rungs, 5);
        Assert.Equal(2, weeks.Count);
        Assert.Equal((0, 4, 5, 0, true), (weeks[0].FromPlace, weeks[0].ToPlace, weeks[0].Correspondences, weeks[0].TrickyWords, weeks[0].TooMany));
        Assert.Equal((4, true), (weeks[1].TrickyWords, weeks[1].TooMany));
        Assert.All(Load.ByWeek(heavy.Rungs, 3), x => Assert.False(x.TooMany));
        Assert.Equal(heavy.Rungs.Count, Load.ByWeek(heavy.Rungs, 3).Sum(x => x.ToPlace - x.FromPlace + 1));
    }

    private static bool Reads(GroupLog log, int day, string word) =>
        new Judge(SecureSet.At(log, World.Year, World.South.Rules, World.Year.SchoolDays[day])).Of(word).Key == "readable";
}
