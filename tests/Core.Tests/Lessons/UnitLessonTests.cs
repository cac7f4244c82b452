using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Some schools teach rime units and clusters as one: their days are about them like any other.</summary>
public sealed class UnitLessonTests
{
    private static readonly Ladder Units = LadderText.Parse("""
        name	Units
        [Letters]	3 1 1
        s:s
        a:a
        t:t
        p:p
        i:i
        n:n
        !the !a
        m:m d:d
        o:o
        g:g
        c:k k:k
        e:e
        u:u
        r:r
        h:h b:b
        f:f l:l
        ck:k ll:l
        [Rimes]	3 1 1
        ~a:a,ck:k
        ~i:i,ck:k ~o:o,ck:k
        ~e:e,ll:l
        ~a:aw,ll:l
        [Together]	4 2 1
        &s:s,t:t
        &f:f,r:r
        &c:k,l:l &f:f,l:l
        &n:n,d:d
        &m:m,p:p
        &s:s,t:t,r:r
        """.Replace("        ", "", StringComparison.Ordinal));

    private static readonly Lazy<IReadOnlyList<(Rung Rung, Lesson Lesson, LessonBrief Brief)>> All = new(() =>
    {
        var stock = World.Stock(Units, Accent.SouthernBritish);
        return [.. Units.Rungs.Select((rung, place) =>
        {
            var standing = World.StandingOf(Units, World.LogOf(Units.Rungs.Take(place)), stock.Rules);
            var brief = new LessonBrief(stock, standing, ClassConventions.Usual, World.Year.SchoolDays[place], rung, 25, 3);
            return (rung, LessonComposer.Compose(brief), brief);
        })];
    });

    private static IEnumerable<(Rung Rung, Lesson Lesson, LessonBrief Brief)> OfUnits => All.Value.Where(x => x.Rung.Adds.Any(a => a.Kind is TeachableKind.RimeUnit or TeachableKind.Cluster));

    private static IReadOnlyList<LessonItem> In(Lesson lesson, params Activity[] activities) => [.. lesson.Blocks.Where(x => activities.Contains(x.Activity)).SelectMany(x => x.Items)];

    [Fact]
    public void Every_day_has_its_lesson_and_what_is_read_and_spelt_on_a_units_day_has_it() => Assert.All(OfUnits, x =>
    {
        var holding = new HeldParts(x.Brief.Stock).Holding(x.Rung.Adds);
        bool On(LessonItem item) => holding(x.Brief.Stock.Words.FindWord(item.Text)!);
        Assert.All(In(x.Lesson, Activity.Read).Where(i => i.Release == Release.AdultShows), i => Assert.True(On(i), $"{x.Rung.Label}: {i.Text}"));
        // With so few letters fr and str begin hardly a word.
        Assert.True(In(x.Lesson, Activity.Read, Activity.Sort, Activity.Chain).Count(On) >= (x.Rung.Label is "fr" or "str" ? 2 : 4), $"{x.Rung.Label}: {string.Join(' ', In(x.Lesson, Activity.Read).Select(i => i.Text))}");
        Assert.True(In(x.Lesson, Activity.Spell).Count(On) >= 2, $"{x.Rung.Label}: {string.Join(' ', In(x.Lesson, Activity.Spell).Select(i => i.Text))}");
    });

    [Fact]
    public void A_word_that_only_a_rime_unit_makes_readable_is_offered_on_its_day()
    {
        var day = All.Value.Single(x => x.Rung.Adds.Any(a => a.Key == "a:aw ll:l"));
        Assert.Contains("ball", In(day.Lesson, Activity.Read, Activity.Sort, Activity.Spell).Select(x => x.Text));
        Assert.False(day.Brief.Standing.Taught.Things.Contains(Teachable.Of(Correspondence.Parse("a:aw"))));
    }

    [Fact]
    public void Children_listen_for_it_and_some_words_go_against() => Assert.All(OfUnits, x =>
    {
        var block = x.Lesson.Blocks.SingleOrDefault(b => b.Activity == Activity.Listening);
        Assert.True(block is { Asks.Count: 1 }, x.Rung.Label);
        Assert.InRange(block!.Items.GroupBy(i => i.Heading).Count(), 2, 2);
        Assert.True(block.Items.Count(i => i.Reasons.Any(r => r.Code == ReasonCode.GoesAgainst)) * 4 >= block.Items.Count);
    });

    [Fact]
    public void Rimes_are_sorted_by_what_they_rhyme_with() =>
        Assert.All(OfUnits.Where(x => x.Rung.Adds[0].Kind == TeachableKind.RimeUnit).Skip(1), x => Assert.Contains(x.Lesson.Blocks, b => b.Activity == Activity.Sort && b.Items.Any(i => i.Heading == x.Rung.Adds[0].Run!.Letters)));
}
