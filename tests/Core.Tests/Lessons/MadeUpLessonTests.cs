using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Some schools practise with made-up words, some keep them for checks, some have none.</summary>
public class MadeUpLessonTests
{
    private static readonly Lazy<WordStock> Stock = new(() => new WordStock(
        World.Rules(Accent.SouthernBritish, WeakVowels.Lenient, World.Estuary), World.Written, null, new Lazy<MadeUpCheck>(() => World.MadeUp)));

    private static bool HasMadeUp(int place, int from, int seed = 0)
    {
        var usual = ClassConventions.Usual with { MadeUpFromSection = from };
        var brief = new LessonBrief(Stock.Value, World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs.Take(place))), usual, World.Year.SchoolDays[place], World.Estuary.Rungs[place], 25, (ulong)(place + seed));
        return LessonComposer.Compose(brief).Items.Any(x => x.Kind == ItemKind.MadeUp);
    }

    [Fact]
    public void Made_up_words_that_are_kept_for_checks_are_in_every_check_and_in_nothing_else()
    {
        var places = Enumerable.Range(40, World.Estuary.Rungs.Count - 40).ToList();
        Assert.Contains(places, x => World.Estuary.Rungs[x].Kind == RungKind.Check);
        Assert.All(places, x => Assert.Equal(World.Estuary.Rungs[x].Kind == RungKind.Check, HasMadeUp(x, ClassConventions.OnlyInChecks)));
    }

    [Fact]
    public void Where_they_are_never_used_no_check_has_them_and_where_they_are_practised_checks_have_them_too()
    {
        var check = World.Estuary.Rungs.ToList().FindLastIndex(x => x.Kind == RungKind.Check);
        Assert.False(HasMadeUp(check, 0));
        Assert.All(Enumerable.Range(0, 30), seed => Assert.True(HasMadeUp(check, 3, seed), $"seed {seed}"));
    }
}
