using System.Diagnostics.CodeAnalysis;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using CsCheck;

namespace BoldLadder.Core.Tests.Mapping;

public class ConsequencesTests
{
    private static readonly Unlocking Now = new(World.Estuary, World.South.Rules);
    private static readonly IReadOnlyList<RungFigures> Figures = RungMap.Of(Now);

    [Fact]
    public void Every_destination_of_a_move_says_what_moving_there_would_really_do()
    {
        var gen = Gen.Int[0, World.Estuary.Rungs.Count - 1];
        Gen.Select(gen.List[1, 3], Gen.Int[0, 1000]).Sample((places, pick) =>
        {
            var ids = places.Distinct().Select(x => World.Estuary.Rungs[x].Id).ToList();
            var all = new Consequences(Now, Figures, ids, World.Needs, ClashDistances.Usual).Destinations;
            Check(ids, all[pick % all.Count]);
        }, iter: 40, threads: 1);
    }

    [Fact]
    public void A_rung_put_where_it_stands_changes_nothing()
    {
        for (var place = 0; place < World.Estuary.Rungs.Count; place += 9)
        {
            var rung = World.Estuary.Rungs[place];
            var section = World.Estuary.SectionAt(place);
            var all = new Consequences(Now, Figures, [rung.Id], World.Needs, ClashDistances.Usual).Destinations;
            var here = all.Single(x => x.SectionId == section.Id && x.Place == place);
            Assert.True(here.Sooner.IsEmpty && here.Later.IsEmpty);
            Assert.Empty(here.NewlyThin.Concat(here.NoLongerThin).Concat(here.Needless).Concat(here.TrickyAgain));
            Assert.Empty(here.Clashes.Concat(here.ClashesGone));
            Assert.Empty(here.Unmet.Concat(here.NeedsMet));
            Assert.Equal(Figures[place].Targets, Assert.Single(here.Targets));
        }
    }

    [Fact]
    public void A_letter_moved_to_the_top_takes_its_words_with_it_and_leaves_the_digraph_before_its_letters()
    {
        var all = new Consequences(Now, Figures, [World.Estuary.Rungs.First(x => x.Label == "s").Id], World.Needs, ClashDistances.Usual).Destinations;
        var top = all[^1];
        Assert.True(top.Later.Length > 500);
        Assert.True(top.Sooner.IsEmpty);
        Assert.Contains(top.Unmet, x => x.Needs == "s" && x.RungId == World.Estuary.Rungs.First(r => r.Label == "sh").Id);
        Assert.NotEmpty(top.NewlyThin);
    }

    [Theory]
    [InlineData("b:b m:m d:d", "b d ByLook")]
    [InlineData("f:f th:th", "f th BySound")]
    [InlineData("ai:ai ay:ai", "ai ay SameSound")]
    [InlineData("!was !saw", "was saw Words")]
    [InlineData("b:b m:m s:s a:a d:d", "")]
    [InlineData("c:k k:k", "")]
    public void What_is_easily_confused_clashes_when_it_stands_too_close(string rungs, string clashes) => Assert.Equal(
        clashes, string.Join(", ", Clashes.Of(World.LadderOf(rungs), ClashDistances.Usual, World.South.Rules.SameSound).Select(x => $"{x.One} {x.Other} {x.Kind}")));

    [Fact]
    public void Several_rungs_move_together_in_their_order_and_back()
    {
        var ids = new[] { World.Estuary.Rungs[40].Id, World.Estuary.Rungs[3].Id };
        var moved = SeveralEdits.Move(World.Estuary, ids, World.Estuary.Sections[1].Id, 2).Apply(World.Estuary);
        Assert.Equal([World.Estuary.Rungs[3].Id, World.Estuary.Rungs[40].Id], moved.Ladder!.Sections[1].Rungs.Skip(2).Take(2).Select(x => x.Id));
        Assert.Equal(World.Estuary.Rungs.Select(x => x.Id), moved.Inverse!.Apply(moved.Ladder).Ladder!.Rungs.Select(x => x.Id));
    }

    [SuppressMessage("Performance", "CA1851", Justification = "small lists")]
    private static void Check(List<string> ids, Destination d)
    {
        var after = SeveralEdits.Move(World.Estuary, ids, d.SectionId, d.At).Apply(World.Estuary).Ladder!;
        var then = new Unlocking(after, World.South.Rules);
        var figures = RungMap.Of(then);
        var words = PartIndex.Of(World.South.Rules).Everyday.ToArray();
        Assert.Equal(d.Place, after.PlaceOf(World.Estuary.Rungs.First(x => ids.Contains(x.Id)).Id));

        // A word comes sooner when fewer of the rungs that stay, or of those that move, are taught before it can be read.
        var moving = ids.ToHashSet();
        Assert.Equal(words.Where(x => Time(then, x).CompareTo(Time(Now, x)) < 0), d.Sooner.ToArray());
        Assert.Equal(words.Where(x => Time(then, x).CompareTo(Time(Now, x)) > 0), d.Later.ToArray());

        var (was, now) = (Thin(World.Estuary, Figures), Thin(after, figures));
        Assert.Equal(now.Except(was).Order(), d.NewlyThin.Order());
        Assert.Equal(was.Except(now).Order(), d.NoLongerThin.Order());
        Assert.Equal(after.Rungs.Where(x => moving.Contains(x.Id)).Select(x => figures[after.PlaceOf(x.Id)].Targets), d.Targets);

        var (clashes, clashesNow) = (Clashes.Of(after, ClashDistances.Usual, World.South.Rules.SameSound), Clashes.Of(World.Estuary, ClashDistances.Usual, World.South.Rules.SameSound));
        Assert.Equal(clashes.Except(clashesNow).ToHashSet(), d.Clashes.ToHashSet());
        Assert.Equal(clashesNow.Except(clashes).ToHashSet(), d.ClashesGone.ToHashSet());

        var (unmet, unmetNow) = (Unmet(after), Unmet(World.Estuary));
        Assert.Equal(unmet.Except(unmetNow).Order(), d.Unmet.Select(x => (x.RungId, x.Needs)).Order());

        var (needless, needlessNow) = (Needless(after), Needless(World.Estuary));
        Assert.Equal(needless.Except(needlessNow).Order(), d.Needless.Order());
        Assert.Equal(needlessNow.Except(needless).Order(), d.TrickyAgain.Order());

        (int, int) Time(Unlocking unlocking, int word)
        {
            var place = unlocking.PlaceOf(word);
            return place == Unlocking.Never ? (int.MaxValue, 0)
                : (unlocking.Ladder.Rungs.Take(place + 1).Count(x => !moving.Contains(x.Id)), moving.Contains(unlocking.Ladder.Rungs[place].Id) ? 1 + unlocking.Ladder.Rungs.Take(place).Count(x => moving.Contains(x.Id)) : 0);
        }
    }

    private static IEnumerable<string> Thin(Ladder ladder, IReadOnlyList<RungFigures> figures) =>
        ladder.Rungs.Where((_, i) => figures[i].Thin == Thinness.ByPlace).Select(x => x.Id);

    private static IEnumerable<(string, string)> Unmet(Ladder ladder) => World.Needs.Unmet(ladder).Select(x => (x.RungId, x.Needs));

    private static IEnumerable<string> Needless(Ladder ladder)
    {
        var strict = new Unlocking(ladder, World.South.Rules.Strict);
        return ladder.Rungs.SelectMany((x, i) => x.TrickyWords.Where(w => World.South.Words.FindWord(w) is { } word && strict.PlaceOf(word.Rank) <= i));
    }
}
