using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Tests.Lessons;

public class ListeningLessonTests
{
    private static Lesson On(DateOnly day, int minutes = 25) => LessonComposer.Compose(new LessonBrief(
        World.South, World.StandingOf(World.Estuary, []), ClassConventions.Usual, day, null, minutes, 7));

    [Fact]
    public void Before_the_first_rung_a_lesson_has_nothing_to_read_and_asks_children_to_hear_join_and_take_apart()
    {
        var lesson = On(World.Year.SchoolDays[0]);
        Assert.Equal(LessonKind.Listening, lesson.Kind);
        Assert.Equal([Activity.Listening, Activity.Riddles, Activity.OralBlending, Activity.FindPicture, Activity.SayApart, Activity.TellStory], lesson.Blocks.Select(x => x.Activity));
        Assert.All(lesson.Items, x => Assert.True(x.Kind is ItemKind.Listening or ItemKind.Told, x.Text));
        Assert.Equal(lesson.Items.Count(), lesson.Items.Select(x => x.Text).Distinct().Count());
        Assert.All(lesson.Blocks.Where(x => x.Activity is Activity.OralBlending or Activity.SayApart).SelectMany(x => x.Items), x => Assert.InRange(x.Split.Split(' ').Length, 2, 3));
        Assert.Empty(lesson.Teaches);
        Assert.True(lesson.Seconds <= lesson.Minutes * 60);
        Assert.True(On(World.Year.SchoolDays[0], 15).Items.Count() < lesson.Items.Count());
    }

    [Fact]
    public void Each_day_asks_which_of_two_sounds_is_heard_and_is_never_answered_by_yes_alone() => Assert.All(World.Year.SchoolDays.Take(10), day =>
    {
        var lesson = On(day);
        var question = lesson.Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.NotEmpty(question.Asks);
        var against = question.Items.GroupBy(x => x.Heading).OrderByDescending(x => x.Count()).Skip(1).Sum(x => x.Count());
        Assert.True(against * 3 >= question.Items.Count - 1, $"{day} {against} of {question.Items.Count}");
        Assert.InRange(lesson.Seconds, 14 * 60, 25 * 60);
    });

    [Fact]
    public void Another_sound_is_in_front_each_day_and_the_same_day_is_the_same_lesson()
    {
        var week = World.Year.SchoolDays.Take(5).Select(x => string.Join(' ', On(x).Blocks[0].Items.Select(i => i.Text))).ToList();
        Assert.Equal(5, week.Distinct().Count());
        Assert.Equal(week[0], string.Join(' ', On(World.Year.SchoolDays[0]).Blocks[0].Items.Select(i => i.Text)));
    }

    [Fact]
    public void Once_something_is_taught_a_day_without_a_rung_is_a_review_again() => Assert.Equal(
        LessonKind.Review,
        LessonComposer.Compose(new LessonBrief(
            World.South, World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs.Take(3))), ClassConventions.Usual, World.Year.SchoolDays[4], null, 25, 7)).Kind);

    [Theory]
    [InlineData(RungKind.Check)]
    [InlineData(RungKind.Consolidation)]
    public void A_baseline_or_a_settling_day_before_anything_is_taught_is_heard_and_the_ladder_goes_on_after_it(RungKind kind)
    {
        var first = new Rung { Id = "first", Kind = kind };
        var ladder = World.Created([World.Estuary.Sections[0] with { Rungs = [first, .. World.Estuary.Sections[0].Rungs] }, .. World.Estuary.Sections.Skip(1)]);
        var standing = World.StandingOf(ladder, []);
        var day = World.Year.SchoolDays[0];
        var lesson = LessonComposer.Compose(new LessonBrief(World.South, standing, ClassConventions.Usual, day, first, 25, 7));
        Assert.Equal(LessonKind.Listening, lesson.Kind);
        Assert.Contains(lesson.Blocks, x => x.Activity == Activity.OralBlending);
        Assert.Equal("first", lesson.RungId);
        Assert.Equal(1, standing.After(LessonLog.Entry(lesson, "1", day, LogOutcome.Taught, 1, [])).Line);
    }
}
