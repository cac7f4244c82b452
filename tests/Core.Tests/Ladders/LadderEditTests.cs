using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using CsCheck;

namespace BoldLadder.Core.Tests.Ladders;

public class LadderEditTests
{
    private static readonly Ladder Ladder = World.LadderOf("m:m a:a t:t !the d:d i:i b:b ck:k tch:ch");

    [Fact]
    public void A_moved_rung_stands_in_its_new_place_and_undo_takes_it_back()
    {
        var section = Ladder.Sections[0];
        var edit = new MoveRung("t-t", section.Id, 0);
        Assert.Equal("moved rung 3", edit.NameOn(Ladder));
        var moved = edit.Apply(Ladder);
        Assert.Equal(0, moved.Ladder!.PlaceOf("t-t"));
        Assert.Equal(Ids(Ladder), Ids(moved.Inverse!.Apply(moved.Ladder).Ladder!));
    }

    [Fact]
    public void Every_edit_has_an_inverse_that_restores_the_ladder()
    {
        var ladder = World.Estuary;
        var edits = Gen.Select(Gen.Int[0, 6], Gen.Int[0, ladder.Rungs.Count - 1], Gen.Int[0, ladder.Sections.Count - 1], Gen.Int[0, 30]);
        edits.Sample((kind, rung, section, at) =>
        {
            var target = ladder.Rungs[rung];
            LadderEdit edit = kind switch
            {
                0 => new MoveRung(target.Id, ladder.Sections[section].Id, Math.Min(at, ladder.Sections[section].Rungs.Count - 1)),
                1 => new RemoveRung(target.Id),
                2 => new ReplaceRung(target with { Keyword = "changed", Days = 2 }),
                3 => new MoveSection(ladder.Sections[section].Id, at % ladder.Sections.Count),
                4 => new SplitSection(target.Id, "Begun"),
                5 => new JoinSection(ladder.Sections[Math.Max(1, section)].Id),
                _ => new AddRung(new Rung { Id = "new", TrickyWords = ["because"] }, ladder.Sections[section].Id, Math.Min(at, ladder.Sections[section].Rungs.Count)),
            };
            var done = edit.Apply(ladder);
            var back = done.Inverse!.Apply(done.Ladder!).Ladder!;
            return Ids(back).SequenceEqual(Ids(ladder)) && back.Sections.Select(x => (x.Id, x.Name, x.Shape, x.Rungs.Count)).SequenceEqual(ladder.Sections.Select(x => (x.Id, x.Name, x.Shape, x.Rungs.Count))) && back.Rungs.Select(x => x.Keyword).SequenceEqual(ladder.Rungs.Select(x => x.Keyword));
        });
    }

    [Fact]
    public void A_section_is_begun_at_a_rung_moved_with_its_rungs_and_joined_to_the_one_before()
    {
        var first = World.Estuary.Sections[0];
        var begun = new SplitSection(first.Rungs[4].Id, "Second shore").Apply(World.Estuary).Ladder!;
        Assert.Equal(4, begun.Sections[0].Rungs.Count);
        Assert.Equal(("Second shore", first.Shape, first.Rungs.Count - 4), (begun.Sections[1].Name, begun.Sections[1].Shape, begun.Sections[1].Rungs.Count));
        Assert.Equal(Ids(World.Estuary), Ids(begun));
        Assert.Equal(begun.Sections.Count, begun.Sections.Select(x => x.Id).Distinct().Count());

        var moved = new MoveSection(begun.Sections[1].Id, 2).Apply(begun).Ladder!;
        Assert.Equal([first.Name, World.Estuary.Sections[1].Name, "Second shore"], moved.Sections.Take(3).Select(x => x.Name));
        var joined = new JoinSection(moved.Sections[2].Id).Apply(moved).Ladder!;
        Assert.Equal(World.Estuary.Sections[1].Rungs.Concat(first.Rungs.Skip(4)).Select(x => x.Id), joined.Sections[1].Rungs.Select(x => x.Id));

        Assert.Equal("sectionId", new JoinSection(first.Id).Apply(World.Estuary).Problem!.Value.Field);
        Assert.Equal("at", new MoveSection(first.Id, 99).Apply(World.Estuary).Problem!.Value.Field);
        Assert.Equal("rungId", new SplitSection("gone", "x").Apply(World.Estuary).Problem!.Value.Field);
        Assert.Equal("sectionId", new SplitSection(first.Rungs[1].Id, "x") { SectionId = first.Id }.Apply(World.Estuary).Problem!.Value.Field);
    }

    [Fact]
    public void A_move_by_one_goes_over_into_the_next_section_and_stops_at_the_ends()
    {
        var first = World.Estuary.Sections[0];
        var last = first.Rungs[^1].Id;
        Assert.Equal(new MoveRung(last, World.Estuary.Sections[1].Id, 0), MoveRung.By(World.Estuary, last, 1));
        Assert.Equal(new MoveRung(World.Estuary.Sections[1].Rungs[0].Id, first.Id, first.Rungs.Count), MoveRung.By(World.Estuary, World.Estuary.Sections[1].Rungs[0].Id, -1));
        Assert.Equal(new MoveRung("t-t", Ladder.Sections[0].Id, 3), MoveRung.By(Ladder, "t-t", 1));
        Assert.Null(MoveRung.By(World.Estuary, first.Rungs[0].Id, -1));
        Assert.Null(MoveRung.By(World.Estuary, World.Estuary.Rungs[^1].Id, 1));
        Assert.Null(MoveRung.By(Ladder, "gone", 1));
    }

    [Fact]
    public void A_move_to_a_number_takes_the_place_of_the_rung_that_has_it()
    {
        var moved = MoveRung.To(Ladder, "tch-ch", 2)!.Apply(Ladder).Ladder!;
        Assert.Equal(1, moved.PlaceOf("tch-ch"));
        Assert.Null(MoveRung.To(Ladder, "tch-ch", 0));
        Assert.Null(MoveRung.To(Ladder, "tch-ch", 11));
    }

    [Fact]
    public void A_rung_cant_be_moved_past_the_ends() => Assert.All(
        new[] { -1, 100 },
        at =>
        {
            var result = new MoveRung("t-t", Ladder.Sections[0].Id, at).Apply(Ladder);
            Assert.Null(result.Ladder);
            Assert.Equal("at", result.Problem!.Value.Field);
        });

    [Fact]
    public void Edits_of_a_rung_that_is_gone_say_so() => Assert.All(
        new LadderEdit[] { new MoveRung("gone", "section-1", 0), new RemoveRung("gone"), new ReplaceRung(new Rung { Id = "gone", TrickyWords = ["a"] }) },
        x => Assert.Contains("no longer", x.Apply(Ladder).Problem!.Value.Sentence, StringComparison.Ordinal));

    [Fact]
    public void The_last_rung_stays()
    {
        var one = World.LadderOf("m:m");
        Assert.NotNull(new RemoveRung("m-m").Apply(one).Problem);
    }

    [Theory]
    [InlineData("adds")]
    [InlineData("days")]
    [InlineData("trickyWords")]
    [InlineData("twice")]
    [InlineData("notes")]
    [InlineData("id")]
    public void A_rung_that_is_not_whole_is_refused_by_field(string field)
    {
        var rung = new Rung { Id = "x", Adds = [Teachable.Of(Correspondence.Parse("sh:sh"))] };
        rung = field switch
        {
            "adds" => rung with { Adds = [] },
            "days" => rung with { Days = 0 },
            "trickyWords" => rung with { TrickyWords = ["<b>"] },
            "twice" => rung with { Adds = [rung.Adds[0], rung.Adds[0]] },
            "notes" => rung with { Notes = new string('x', 3000) },
            _ => rung with { Id = "" },
        };
        Assert.Equal(field == "twice" ? "adds" : field, Ladder.Check(rung).First().Field);
    }

    [Fact]
    public void A_digraph_before_its_letters_is_told()
    {
        var wrong = World.LadderOf("c:k ch:ch h:h tch:ch t:t");
        Assert.Equal(["h", "t"], World.Needs.Unmet(wrong).Select(x => x.Needs));
        Assert.Empty(World.Needs.Unmet(World.Estuary));
        Assert.Empty(World.Needs.Unmet(World.Ridge));
    }

    [Fact]
    public void An_ending_before_what_it_is_made_of_and_an_alternative_before_the_first_spelling_are_told()
    {
        var wrong = World.LadderOf("i:i -ing b:b ng:ng eigh:ai ai:ai");
        Assert.Equal([("-ing", "ng:ng"), ("eigh-ai", "ai:ai")], World.Needs.Unmet(wrong).Select(x => (wrong.Rungs.Single(r => r.Id == x.RungId).Adds[0].Kind == TeachableKind.Ending ? "-ing" : "eigh-ai", x.Needs)));
        Assert.Empty(World.Needs.Unmet(World.LadderOf("i:i b:b ng:ng -ing ai:ai eigh:ai")));
    }

    [Fact]
    public void A_school_says_for_itself_what_needs_what()
    {
        var ladder = World.LadderOf("s:s sh:sh h:h b:b d:d");
        var own = Needs.TryParse("# ours\nb needs d\nb needs d\n", out _)!;
        Assert.Equal(["d"], own.Unmet(ladder).Select(x => x.Needs));
        Assert.Equal("b needs d", Assert.Single(own.All).ToString());
        Assert.Equal(["h"], Needs.TryParse("* needs its letters", out _)!.Unmet(ladder).Select(x => x.Needs));
        Assert.Empty(Needs.TryParse("", out _)!.Unmet(ladder));
    }

    [Theory]
    [InlineData("tch needs ch\nnonsense", "Line 2")]
    [InlineData("tch needs", "Line 1")]
    [InlineData("ea:zz needs ea:ee", "Line 1")]
    [InlineData("-zzz needs m:m", "-ing")]
    [InlineData("ch needs ch", "Line 1")]
    public void A_need_that_is_none_is_refused_by_its_line(string text, string said)
    {
        Assert.Null(Needs.TryParse(text, out var problem));
        Assert.Contains(said, problem, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("name\tX\nm:m", "section")]
    [InlineData("name\tX\n[All]\t3 1\nm:m", "3 1 1")]
    [InlineData("name\tX\n[All]\t3 1 1\nm:qq", "line 3")]
    [InlineData("[All]\t3 1 1\nm:m", "name")]
    public void A_ladder_file_that_is_wrong_says_where(string text, string said) =>
        Assert.Contains(said, Assert.Throws<FormatException>(() => LadderText.Parse(text)).Message, StringComparison.Ordinal);

    [Fact]
    public void The_demo_ladders_have_what_they_promise() => Assert.All(
        new[] { World.Estuary, World.Ridge },
        x =>
        {
            Assert.True(x.Rungs.Count >= 70);
            Assert.True(x.Rungs.SelectMany(r => r.TrickyWords).Count() >= 30);
            Assert.All(x.Rungs.SelectMany(r => r.TrickyWords), w => Assert.NotNull(World.Lexicon.Find(w)));
            Assert.All(x.Rungs.Where(r => r.Correspondences.Count > 0 && r.Kind == RungKind.Teach), r => Assert.NotEmpty(r.SayIt + r.Correspondences[0].Sound.First.SayIt));
        });

    [Fact]
    public void A_keyword_can_be_read_when_its_rung_is_taught()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            var unlocking = new Core.Mapping.Unlocking(ladder, stock.Rules);
            foreach (var rung in ladder.Rungs.Where(x => x.Correspondences.Count > 0 && x.Kind == RungKind.Teach))
            {
                var word = rung.Keyword.Split(' ')[0];
                Assert.True(stock.Words.FindWord(word) is not null, $"{rung.Id}: {word} is not in the word list");
                Assert.Contains(rung.Correspondences, c => stock.Words.Find(word)!.Readings.Any(r => r.Segments.Any(s => s.Correspondence.Grapheme == c.Grapheme)));
            }
        }
    }

    private static IEnumerable<string> Ids(Ladder ladder) => ladder.Rungs.Select(x => x.Id);
}
