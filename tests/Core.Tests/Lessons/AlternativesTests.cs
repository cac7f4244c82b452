using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What else fits in an item's place, one more of its kind, and its place in the piece.</summary>
public sealed class AlternativesTests
{
    private static readonly Lazy<(LessonBrief Brief, Lesson Lesson)> Made = new(() =>
    {
        var standing = World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs.Take(60)), World.South.Rules);
        var brief = new LessonBrief(World.South, standing, ClassConventions.Usual, World.Year.SchoolDays[60], World.Estuary.Rungs[60], 25, 7);
        return (brief, LessonComposer.Compose(brief));
    });

    public static TheoryData<Activity> Pieces => [Activity.Read, Activity.Spell, Activity.Listening, Activity.Riddles, Activity.ReadStory, Activity.WriteSentence, Activity.Cards, Activity.Recall];

    [Theory]
    [MemberData(nameof(Pieces))]
    public void What_else_fits_is_legal_new_to_the_lesson_and_the_best_for_the_point_first(Activity activity)
    {
        var (brief, lesson) = Made.Value;
        var block = lesson.Blocks.Single(x => x.Activity == activity);
        var others = Alternatives.Of(brief, lesson, block.Items[0].Id, 3);
        Assert.InRange(others.Count, 2, Alternatives.Most);
        Assert.Equal(others.Count, others.Select(x => x.Text).Distinct().Count());
        Assert.All(others, x => Assert.DoesNotContain(lesson.Items, i => i.Text == x.Text && i.Kind == x.Kind));
        Assert.All(others, x => Assert.Empty(LessonCheck.Illegal(new ReplaceItem(x).Apply(lesson).Lesson!, brief.Standing.Taught)));
        var service = new PointService(lesson, World.South, brief.Judge);
        var off = others.Select(x => service.Of(block, x).Code == ReasonCode.ServesOther).ToList();
        Assert.Equal(off.Order(), off);
        Assert.Equal(others.Select(x => x.Text), Alternatives.Of(brief, lesson, block.Items[0].Id, 3).Select(x => x.Text));
    }

    [Fact]
    public void A_word_of_a_sort_or_a_pair_has_none_since_it_was_chosen_with_the_others()
    {
        var (brief, lesson) = Made.Value;
        Assert.All(lesson.Blocks.Where(x => !Piece.Of(x.Activity).CanSwap).SelectMany(x => x.Items), x => Assert.Empty(Alternatives.Of(brief, lesson, x.Id, 1)));
    }

    [Fact]
    public void A_swapped_word_that_the_adult_models_stays_on_the_point_while_a_word_further_on_is()
    {
        // Few words hold w here, so that what else fits is off the point.
        var ladder = World.Estuary;
        var place = ladder.Rungs.ToList().FindIndex(x => x.Label == "w");
        var brief = World.BriefAt(ladder, World.South, place, 7);
        var lesson = LessonComposer.Compose(brief);
        bool On(Lesson made, LessonBlock block, LessonItem item) => new PointService(made, World.South, brief.Judge).Of(block, item).Code != ReasonCode.ServesOther;
        var exchanged = 0;
        for (var turn = 0UL; turn < 12; turn++)
        {
            var read = lesson.Blocks.Single(x => x.Activity == Activity.Read);
            var swap = Swap.For(brief, lesson, read.Items[0].Id, turn)!;
            var after = swap.Apply(lesson);
            var now = after.Lesson!.Blocks.Single(x => x.Activity == Activity.Read);
            Assert.NotEqual(read.Items[0].Text, now.Items[0].Text);
            Assert.DoesNotContain(now.Items, x => x.Text == read.Items[0].Text);
            Assert.Equal(read.Items.Select(x => (x.Id, x.Release)), now.Items.Select(x => (x.Id, x.Release)));
            Assert.True(On(after.Lesson, now, now.Items[0]) || !read.Items.Skip(1).Any(x => x.Release == Release.Alone && On(lesson, read, x)), $"{read.Items[0].Text} gave {now.Items[0].Text}");
            var changed = read.Items.Zip(now.Items).Where(x => x.First.Text != x.Second.Text).Select(x => $"{x.First.Text} to {x.Second.Text}").ToList();
            Assert.Equal($"changed {string.Join(", and ", changed)}", swap.NameOn(lesson));
            Assert.Equal(lesson.Items, after.Inverse!.Apply(after.Lesson).Lesson!.Items);
            exchanged += changed.Count > 1 ? 1 : 0;
            lesson = after.Lesson;
        }

        Assert.NotEqual(0, exchanged);
    }

    [Fact]
    public void One_more_comes_at_the_end_of_its_piece_and_is_taken_back()
    {
        var (brief, lesson) = Made.Value;
        var read = lesson.Blocks.Single(x => x.Activity == Activity.Read);
        var added = Alternatives.Add(brief, lesson, read.Items[0].Id, 1)!.Apply(lesson);
        var now = added.Lesson!.Blocks.Single(x => x.Activity == Activity.Read).Items;
        Assert.Equal(read.Items.Count + 1, now.Count);
        Assert.Equal(Release.Alone, now[^1].Release);
        Assert.Equal(now.Count, added.Lesson.Items.Select(x => x.Id).Distinct().Count() - (lesson.Items.Count() - read.Items.Count));
        Assert.Equal(lesson.Items, added.Inverse!.Apply(added.Lesson).Lesson!.Items);
    }

    [Fact]
    public void An_item_is_moved_within_its_piece_and_the_help_stays_with_the_place()
    {
        var lesson = Made.Value.Lesson;
        var read = lesson.Blocks.Single(x => x.Activity == Activity.Read);
        var moved = Alternatives.Move(lesson, read.Items[1].Id, 1)!.Apply(lesson).Lesson!.Blocks.Single(x => x.Activity == Activity.Read);
        Assert.Equal([read.Items[0].Id, read.Items[2].Id, read.Items[1].Id], moved.Items.Take(3).Select(x => x.Id));
        Assert.Equal(read.Items.Select(x => x.Release), moved.Items.Select(x => x.Release));
        Assert.Null(Alternatives.Move(lesson, read.Items[0].Id, -1));
        Assert.Null(Alternatives.Move(lesson, read.Items[^1].Id, 1));
        Assert.All(lesson.Blocks.Where(x => Piece.Of(x.Activity).Unit != Unit.Item), x => Assert.Null(Alternatives.Move(lesson, x.Items[0].Id, 1)));
    }
}
