using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Which pieces a kind of lesson has, in what order and for how long, is the school's.</summary>
public sealed class ShapeTests
{
    public static TheoryData<ShapeKind> Kinds => [.. Enum.GetValues<ShapeKind>()];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void What_ships_for_a_kind_is_a_shape_that_a_school_could_have_made(ShapeKind kind)
    {
        Assert.Null(LessonShape.Usual(kind).Problem);
        Assert.Null(new LessonShape(kind, LessonShape.Choices(kind)).Problem);
    }

    [Theory]
    [InlineData(15, 25, ShapeKind.NewLearning)]
    [InlineData(3, 25, ShapeKind.Opening)]
    [InlineData(15, 15, ShapeKind.Short)]
    public void A_lesson_takes_the_shape_of_its_kind(int place, int minutes, ShapeKind kind) => Assert.Equal(kind, BriefAt(place, minutes: minutes).ShapeKind);

    [Fact]
    public void A_short_lesson_has_no_sentence_of_ones_own_and_keeps_its_time()
    {
        foreach (var place in Enumerable.Range(70, 50))
        {
            var lesson = LessonComposer.Compose(BriefAt(place, minutes: 15));
            Assert.DoesNotContain(lesson.Blocks, x => x.Activity == Activity.OwnSentence);
            // Four tricky words at once take what they take.
            Assert.True(lesson.Kind == LessonKind.TrickyWordDay || lesson.Seconds <= 16.5 * 60, $"{lesson.Title}: {lesson.Seconds}");
        }
    }

    [Theory]
    [InlineData(26)]
    [InlineData(60)]
    [InlineData(100)]
    public void A_lesson_has_no_piece_that_its_shape_does_not_name(int place)
    {
        var usual = LessonShape.Usual(ShapeKind.NewLearning);
        foreach (var gone in usual.Pieces.Where(x => !LessonShape.IsFixed(usual.Kind, x.Slot)))
        {
            var shape = usual with { Pieces = [.. usual.Pieces.Where(x => x != gone)] };
            var lesson = LessonComposer.Compose(BriefAt(place, shape));
            Assert.DoesNotContain(lesson.Blocks, x => x.Part == gone.Part && Piece.Of(x.Activity).Slot == gone.Slot);
            Assert.InRange(lesson.Seconds, 15 * 60, 27.5 * 60);
        }
    }

    [Fact]
    public void The_pieces_of_a_part_come_in_the_order_of_the_shape()
    {
        var usual = LessonShape.Usual(ShapeKind.NewLearning);
        var turned = usual with { Pieces = [.. usual.Pieces.Reverse()] };
        var lesson = LessonComposer.Compose(BriefAt(60, turned));
        var usually = LessonComposer.Compose(BriefAt(60));
        foreach (var part in Enum.GetValues<LessonPart>())
        {
            IEnumerable<Activity> In(Lesson x) => x.Blocks.Where(b => b.Part == part && b.Activity != Activity.Spare).Select(b => b.Activity);
            Assert.Equal(In(usually).Reverse(), In(lesson));
        }
    }

    [Theory]
    [InlineData(LessonPart.Revisit, Slot.Cards, 1)]
    [InlineData(LessonPart.Revisit, Slot.Recall, 1)]
    [InlineData(LessonPart.Teach, Slot.Listening, 2)]
    [InlineData(LessonPart.Teach, Slot.Riddles, 2)]
    [InlineData(LessonPart.Practise, Slot.Read, 2)]
    [InlineData(LessonPart.Practise, Slot.Spell, 5)]
    [InlineData(LessonPart.Practise, Slot.MadeUp, 1)]
    [InlineData(LessonPart.Practise, Slot.FillGap, 2)]
    [InlineData(LessonPart.Practise, Slot.OralBlending, 2)]
    [InlineData(LessonPart.Apply, Slot.Sentences, 4)]
    [InlineData(LessonPart.Apply, Slot.OralBlending, 2)]
    [InlineData(LessonPart.Apply, Slot.SayApart, 2)]
    [InlineData(LessonPart.Apply, Slot.WriteLetters, 3)]
    public void A_piece_asked_for_so_many_minutes_takes_so_many_on_every_day_of_its_kind(LessonPart part, Slot slot, int minutes)
    {
        var usual = LessonShape.Usual(ShapeKind.NewLearning);
        var shape = usual with { Pieces = [.. usual.Pieces.Where(x => x.Part != part || x.Slot != slot), new ShapePiece(part, slot, minutes)] };
        Assert.Null(shape.Problem);
        var blocks = Enumerable.Range(60, 40).Where(x => BriefAt(x).ShapeKind == ShapeKind.NewLearning).Take(4)
            .Select(x => LessonComposer.Compose(BriefAt(x, shape)).Blocks.SingleOrDefault(b => b.Part == part && Piece.Of(b.Activity).Slot == slot)).ToList();

        // Of some spellings no made-up word is proved: ea may always be read otherwise.
        Assert.InRange(blocks.Count(x => x is not null), slot == Slot.MadeUp ? 2 : 4, 4);
        Assert.All(blocks.OfType<LessonBlock>(), x => Assert.InRange(x.Seconds, (minutes * 60) - 45, (minutes * 60) + 45));
    }

    [Fact]
    public void A_shape_without_what_a_lesson_cannot_be_without_is_refused_with_what_to_do()
    {
        var usual = LessonShape.Usual(ShapeKind.NewLearning);
        LessonShape Without(Slot slot) => usual with { Pieces = [.. usual.Pieces.Where(x => x.Slot != slot)] };
        Assert.Contains("meeting", Without(Slot.Meet).Problem, StringComparison.Ordinal);
        Assert.Contains("read", Without(Slot.Read).Problem, StringComparison.Ordinal);
        Assert.Contains("at least one", (usual with { Pieces = [] }).Problem, StringComparison.Ordinal);
        Assert.Contains("once", (usual with { Pieces = [.. usual.Pieces, usual.Pieces[0]] }).Problem, StringComparison.Ordinal);
        Assert.Contains("minutes", (usual with { Pieces = [.. usual.Pieces.Skip(1), new(LessonPart.Revisit, Slot.Cards, 21)] }).Problem, StringComparison.Ordinal);
        Assert.Contains("as long as it takes", (usual with { Pieces = [.. usual.Pieces.Where(x => x.Slot != Slot.Story), new(LessonPart.Apply, Slot.Story, 4)] }).Problem, StringComparison.Ordinal);
        Assert.Contains("Choose", (usual with { Pieces = [.. usual.Pieces, new(LessonPart.Apply, Slot.Cards)] }).Problem, StringComparison.Ordinal);
        Assert.Equal("shapes", new OwnConventions { Shapes = [Without(Slot.Read)] }.Problem?.Field);
        Assert.Equal("shapes", new OwnConventions { Shapes = [usual, usual] }.Problem?.Field);
    }

    [Fact]
    public void A_group_has_its_own_shape_for_a_kind_and_its_schools_for_the_others()
    {
        var (school, group) = (LessonShape.Usual(ShapeKind.Review) with { Pieces = [new(LessonPart.Practise, Slot.Read)] }, LessonShape.Usual(ShapeKind.Short) with { Pieces = [new(LessonPart.Practise, Slot.Read)] });
        var whole = ClassConventions.Of(new OwnConventions { Shapes = [school] }, new OwnConventions { Shapes = [group] });
        Assert.Equal(school, whole.ShapeOf(ShapeKind.Review));
        Assert.Equal(group, whole.ShapeOf(ShapeKind.Short));
        Assert.Equal(LessonShape.Usual(ShapeKind.Check), whole.ShapeOf(ShapeKind.Check));
    }

    [Fact]
    public void A_lesson_can_have_a_shape_for_itself_alone_and_keeps_it_while_it_is_made_short_and_whole_again()
    {
        var usual = LessonShape.Usual(ShapeKind.NewLearning);
        var own = usual with { Pieces = [.. usual.Pieces.Where(x => x.Slot is not (Slot.Riddles or Slot.Spell)), new(LessonPart.Practise, Slot.Spell, 2)] };
        var whole = LessonComposer.Compose(BriefAt(60, own: own));
        Assert.DoesNotContain(whole.Blocks, x => x.Activity == Activity.Riddles);
        Assert.InRange(whole.Blocks.Single(x => x.Activity == Activity.Spell).Items.Count, 2, 3);

        // A short lesson is of another kind: it takes the shape of that, and remembers.
        var brief = LessonComposer.Compose(BriefAt(60, minutes: 15, own: own));
        Assert.Equal(LessonComposer.Compose(BriefAt(60, minutes: 15)).Items.Select(x => x.Text), brief.Items.Select(x => x.Text));
        Assert.Equal(own, brief.Own);
    }

    [Theory]
    [InlineData("ow")]
    [InlineData("oa")]
    [InlineData("a_e")]
    [InlineData("b")]
    public void The_second_day_of_a_rung_goes_deeper_and_is_not_the_first_once_more(string grapheme)
    {
        var place = World.Estuary.Rungs.ToList().FindIndex(x => x.Correspondences.Any(c => c.Grapheme.Text == grapheme));
        var (first, second) = (LessonComposer.Compose(BriefAt(place)), LessonComposer.Compose(BriefAt(place, days: 1)));
        Assert.DoesNotContain(second.Blocks, x => x.Activity is Activity.Riddles or Activity.Listening);
        Assert.Contains(second.Blocks, x => x.Activity == Activity.Spot);
        int Made(Lesson x) => x.Blocks.Where(b => b.Activity is Activity.Read or Activity.MatchPicture or Activity.Build or Activity.Spell).Sum(b => b.Items.Count);
        int InAll(int days) => Enumerable.Range(0, 6).Sum(seed => Made(LessonComposer.Compose(BriefAt(place, days: days, seed: (ulong)seed))));
        Assert.True(InAll(1) >= InAll(0), $"{InAll(1)} after {InAll(0)}");
        LessonBlock? Contrast(Lesson x) => x.Blocks.FirstOrDefault(b => Piece.Of(b.Activity).Compares);
        Assert.NotEqual(Contrast(first)?.Items.Select(x => x.Text), Contrast(second)?.Items.Select(x => x.Text));
    }

    [Fact]
    public void A_grapheme_to_spot_comes_at_uneven_steps_among_those_it_is_mixed_up_with()
    {
        var place = World.Estuary.Rungs.ToList().FindIndex(x => x.Correspondences.Any(c => c.Grapheme.Text == "b"));
        foreach (var seed in Enumerable.Range(0, 20))
        {
            var row = LessonComposer.Compose(BriefAt(place, days: 1, seed: (ulong)seed)).Blocks.Single(x => x.Activity == Activity.Spot).Items.Select(x => x.Text).ToList();
            var at = Enumerable.Range(0, row.Count).Where(i => row[i] == "b").ToList();
            Assert.InRange(at.Count, 4, 8);
            var steps = at.Zip(at.Skip(1), (a, b) => b - a).ToList();
            Assert.DoesNotContain(steps.Zip(steps.Skip(1)), x => x.First == x.Second);
            Assert.Contains(row, x => Confusables.LookAlike("b", x));
            Assert.DoesNotContain(row.Zip(row.Skip(1)), x => x.First == x.Second && x.First != "b");
        }
    }

    private static readonly WordStock Stock = new(World.South.Rules, World.Written, null, new Lazy<MadeUpCheck>(() => World.MadeUp));

    private static LessonBrief BriefAt(int place, LessonShape? shape = null, int minutes = 25, int days = 0, ulong seed = 7, LessonShape? own = null)
    {
        var ladder = World.Estuary;
        var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.Take(place)), World.South.Rules);
        for (var day = 0; day < days; day++)
        {
            standing = standing.After(World.Year.SchoolDays[place + day], ladder.Rungs[place], []);
        }

        var conventions = ClassConventions.Usual with { Shapes = shape is null ? [] : [shape] };
        return new LessonBrief(Stock, standing, conventions, World.Year.SchoolDays[place + days], ladder.Rungs[place], minutes, seed, own: own);
    }
}
