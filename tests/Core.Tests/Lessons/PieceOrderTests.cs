using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Core.Tests.Lessons;

public class PieceOrderTests
{
    private static (LessonBrief Brief, Lesson Lesson) At(int place)
    {
        var brief = World.BriefAt(World.Estuary, World.South, place, 5);
        return (brief, LessonComposer.Compose(brief));
    }

    [Theory]
    [InlineData(4)]
    [InlineData(30)]
    [InlineData(75)]
    [InlineData(110)]
    public void A_piece_that_is_moved_takes_all_it_has_with_it_and_no_other_is_touched(int place)
    {
        var (brief, lesson) = At(place);
        foreach (var part in lesson.Blocks.GroupBy(x => x.Part).Select(x => x.Where(PieceOrder.CanMove).ToList()))
        {
            foreach (var (from, to) in from a in Enumerable.Range(0, part.Count) from b in Enumerable.Range(0, part.Count) where a != b select (a, b))
            {
                var moved = PieceOrder.Move(lesson, brief.Pieces, part[from].Items[^1].Id, to)!;
                Assert.Same(part[from], moved.Blocks.Where(x => x.Part == part[0].Part && PieceOrder.CanMove(x)).ElementAt(to));
                Assert.Equal(part.Where((_, at) => at != from), moved.Blocks.Where(x => x.Part == part[0].Part && PieceOrder.CanMove(x) && x != part[from]));
                Assert.Equal(lesson.Blocks.Where(x => x.Part != part[0].Part || !PieceOrder.CanMove(x)), moved.Blocks.Where(x => x.Part != part[0].Part || !PieceOrder.CanMove(x)));
                Assert.Null(moved.Own!.Problem);
            }
        }
    }

    [Fact]
    public void Planned_again_a_lesson_keeps_the_order_that_a_person_gave_its_pieces()
    {
        var (brief, lesson) = At(75);
        var spell = lesson.Blocks.Single(x => x.Activity == Activity.Spell);
        var moved = PieceOrder.Move(lesson, brief.Pieces, spell.Items[0].Id, 0)!;
        var again = LessonComposer.Compose(new LessonBrief(brief.Stock, brief.Standing, ClassConventions.Usual, brief.Day, brief.Rung, brief.Minutes, 77, [], moved.Own));
        Assert.Equal(Activity.Spell, again.Blocks.First(x => x.Part == LessonPart.Practise).Activity);
    }

    [Fact]
    public void Spare_words_stay_last_and_no_piece_leaves_its_part()
    {
        var (brief, lesson) = At(75);
        var spare = lesson.Blocks.Single(x => x.Activity == Activity.Spare);
        Assert.Null(PieceOrder.Move(lesson, brief.Pieces, spare.Items[0].Id, 0));
        var practised = lesson.Blocks.Where(x => x.Part == LessonPart.Practise && x != spare).ToList();
        Assert.Null(PieceOrder.Move(lesson, brief.Pieces, practised[0].Items[0].Id, practised.Count));
        Assert.Null(PieceOrder.Move(lesson, brief.Pieces, practised[0].Items[0].Id, 0));
        Assert.Null(PieceOrder.Move(lesson, brief.Pieces, "no such item", 0));
    }
}
