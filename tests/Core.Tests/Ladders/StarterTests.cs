using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Ladders;

/// <summary>The ladders that a school can start from are as a lead would want them, in every accent.</summary>
public class StarterTests
{
    public static TheoryData<string, string> All => new(
        from file in new[] { "words-first", "by-hand", "one-first" } from accent in Accent.All select (file, accent.Id));

    [Theory]
    [MemberData(nameof(All))]
    public void A_starter_has_no_rung_thin_by_place_and_no_need_broken(string file, string accent)
    {
        var ladder = LadderText.Parse(World.Text($"starters/{file}.ladder.tsv"));
        var figures = RungMap.Of(new Unlocking(ladder, World.Stock(ladder, Accent.Find(accent)!).Rules));
        Assert.Equal("", string.Join("; ", ladder.Rungs.Select((x, i) => (x.Label, figures[i])).Where(x => x.Item2.Thin == Thinness.ByPlace).Select(x => $"{x.Label} {x.Item2.Targets}")));
        Assert.Equal("", string.Join("; ", World.Needs.Unmet(ladder).Select(x => $"{x.RungId} needs {x.Needs}")));
    }

    [Theory]
    [InlineData("words-first")]
    [InlineData("one-first")]
    public void A_starter_that_is_not_by_the_pencils_stroke_keeps_look_alikes_apart(string file)
    {
        var ladder = LadderText.Parse(World.Text($"starters/{file}.ladder.tsv"));
        var clashes = Clashes.Of(ladder, ClashDistances.Usual with { Spellings = 0 }, World.South.Rules.SameSound);
        Assert.Equal("", string.Join("; ", clashes.Select(x => $"{x.One} {x.Other} {x.Kind}")));
    }
}
