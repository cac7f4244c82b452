using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>A story to listen to, on the days when children have hardly a letter.</summary>
public class ToldStoryPieceTests
{
    private static readonly Ladder OneADay = World.LadderOf("o:o t:t h:h i:i n:n d:d g:g e:e c:k s:s u:u p:p", "4 1 1");

    public static TheoryData<string> Accents => [.. Accent.All.Select(x => x.Id)];

    [Theory]
    [MemberData(nameof(Accents))]
    public void An_order_that_begins_with_one_letter_a_day_fills_its_lessons_from_the_first(string id)
    {
        var stock = World.Stock(OneADay, Accent.All.Single(x => x.Id == id));
        Assert.All(Enumerable.Range(0, OneADay.Rungs.Count), place =>
        {
            var lesson = LessonComposer.Compose(World.BriefAt(OneADay, stock, place, 1));
            Assert.True(lesson.Seconds >= 25 * 60 * 0.9, $"{lesson.Title}: {lesson.Seconds}, {string.Join(' ', lesson.Blocks.Select(b => $"{b.Activity}:{b.Items.Count}"))}");
        });
    }

    [Fact]
    public void A_story_full_of_the_new_sound_is_told_while_there_is_hardly_a_word_to_read_and_no_longer()
    {
        Assert.Equal("Odd socks", Told(At(0))!.Heading);
        Assert.Equal("Time for tea", Told(At(1))!.Heading);
        Assert.All(Enumerable.Range(5, 7), x => Assert.Null(Told(At(x))));
    }

    [Fact]
    public void Nobody_is_asked_to_read_it_and_it_is_neither_typed_over_nor_judged()
    {
        var (brief, lesson) = (BriefAt(1), At(1));
        var told = Told(lesson)!;
        Assert.NotNull(TypedText.WhyNot(lesson, told));
        Assert.DoesNotContain(LessonCheck.Amiss(lesson, brief.Stock, brief.Standing, null), x => x.Item == told);
        Assert.Equal(ReasonCode.ServesSound, new PointService(lesson, brief.Stock, brief.Judge).Of(lesson.Blocks.Single(x => x.Items.Contains(told)), told).Code);
    }

    [Fact]
    public void Of_two_new_sounds_either_has_its_story_and_what_children_do_goes_with_it()
    {
        var brief = World.BriefAt(World.LadderOf("s:s+a:a t:t", "4 1 1"), World.South, 0, 1);
        var lesson = LessonComposer.Compose(brief);
        var told = Told(lesson)!;
        Assert.Equal("Sofia's sandwich", told.Heading);
        Assert.Equal(["s", "s"], AskedOf(lesson, brief).Arguments);

        var changed = lesson with { Blocks = [.. lesson.Blocks.Select(x => x with { Items = [.. x.Items.Select(i => i == told ? Swap.Another(brief, lesson, told.Id, 1)! : i)] })] };
        Assert.Equal("Annie and the apple", Told(changed)!.Heading);
        Assert.Equal(["a", "a"], AskedOf(changed, brief).Arguments);
    }

    [Fact]
    public void A_locked_one_stays_and_the_lesson_with_it_within_its_time()
    {
        var (brief, told) = (BriefAt(0), Told(At(0))!);
        var again = LessonComposer.Compose(new LessonBrief(brief.Stock, brief.Standing, ClassConventions.Usual, brief.Day, brief.Rung, 25, 2, [new KeptItem(LessonPart.Apply, Activity.TellStory, told with { Locked = true })]));
        Assert.Equal(told.Id, Told(again)!.Id);
        Assert.InRange(again.Seconds, 25 * 60 * 0.9, 25 * 60 * 1.1);
    }

    [Fact]
    public void A_sound_that_has_a_spelling_is_told_of_no_more()
    {
        var lesson = LessonComposer.Compose(World.BriefAt(World.LadderOf("c:k k:k t:t", "4 1 1"), World.South, 1, 1));
        Assert.Null(Told(lesson));
    }

    private static Ask AskedOf(Lesson lesson, LessonBrief brief) =>
        TextTasks.Of(lesson, lesson.Blocks.Single(x => x.Activity == Activity.TellStory), brief.Stock).Single();

    private static LessonBrief BriefAt(int place) => World.BriefAt(OneADay, World.South, place, 1);

    private static Lesson At(int place) => LessonComposer.Compose(BriefAt(place));

    private static LessonItem? Told(Lesson lesson) => lesson.Items.SingleOrDefault(x => x.Kind == ItemKind.Told);
}
