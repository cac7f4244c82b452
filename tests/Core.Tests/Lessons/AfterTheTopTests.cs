using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>When all is taught each day goes over what is known; what came last of all does not come back every day for the rest of the year.</summary>
public sealed class AfterTheTopTests
{
    private const int Days = 12, Week = 5;

    private static readonly List<Lesson> Lived = World.Lived(
        World.South, World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs), World.South.Rules), Enumerable.Repeat<Rung?>(null, Days));

    private static HashSet<string> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items).Select(x => x.Text)];

    [Fact]
    public void After_a_week_the_words_read_again_are_those_of_the_days_before()
    {
        for (var at = Week + 1; at < Days; at++)
        {
            var read = Lived.Skip(at - 2).Take(2).SelectMany(x => In(x, Activity.Read).Concat(In(x, Activity.ReadAgain)).Concat(In(x, Activity.Sort)).Concat(In(x, Activity.Compare)).Concat(In(x, Activity.MatchPicture))).ToHashSet();
            Assert.Subset(read, In(Lived[at], Activity.ReadAgain));
            Assert.NotEqual(In(Lived[at - 1], Activity.ReadAgain), In(Lived[at], Activity.ReadAgain));
        }
    }

    [Fact]
    public void After_a_week_no_card_and_no_tricky_word_is_met_every_day()
    {
        var later = Lived.Skip(Week + 1).ToList();
        foreach (var activity in new[] { Activity.Cards, Activity.Recall, Activity.TrickyAtSight })
        {
            Assert.Empty(later.Select(x => In(x, activity)).Aggregate((all, one) => [.. all.Intersect(one)]));
        }
    }
}
