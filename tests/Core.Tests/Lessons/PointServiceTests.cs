using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Each item says how it serves the day's point, and what the ground moved under is told and mended.</summary>
public sealed class PointServiceTests
{
    [Fact]
    public void Every_item_of_every_lesson_says_how_it_serves_the_point()
    {
        var (has, all) = (0, 0);
        for (var place = 10; place < World.Estuary.Rungs.Count; place++)
        {
            var brief = BriefAt(place);
            var lesson = LessonComposer.Compose(brief);
            var service = new PointService(lesson, World.South, brief.Judge);
            foreach (var (block, item) in lesson.Blocks.SelectMany(b => b.Items.Select(i => (b, i))))
            {
                var serves = service.Of(block, item);
                Assert.Contains(serves.Code, Codes);

                // What the adult shows is on the point, and says so.
                if (lesson.Kind == LessonKind.NewLearning && item.Release == Release.AdultShows)
                {
                    (has, all) = (has + (serves.Code == ReasonCode.ServesHas ? 1 : 0), all + 1);
                }

                Assert.False(serves.Code == ReasonCode.ServesOther && Piece.Of(block.Activity).Compares && lesson.Kind == LessonKind.NewLearning, $"{lesson.Title}: {item.Text}");
            }
        }

        Assert.Equal(all, has);
    }

    [Fact]
    public void What_an_ending_says_in_a_word_is_an_answer_and_goes_against_nothing()
    {
        var brief = BriefAt(World.Estuary.Rungs.ToList().FindIndex(x => x.Adds.Any(a => a.Ending == "s")));
        var lesson = LessonComposer.Compose(brief);
        var heard = lesson.Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.All(heard.Items, x => Assert.Equal(ReasonCode.EndingSounds, new PointService(lesson, World.South, brief.Judge).Of(heard, x).Code));
    }

    [Theory]
    [InlineData("ea", "ee", ReasonCode.ServesRival)]
    [InlineData("b", "d", ReasonCode.ServesLookAlike)]
    public void A_card_that_is_taken_for_todays_is_met_before_it_and_says_so(string today, string card, ReasonCode code)
    {
        var place = World.Estuary.Rungs.ToList().FindIndex(x => x.Correspondences.Any(c => c.Grapheme.Text == today));
        var brief = BriefAt(place);
        var lesson = LessonComposer.Compose(brief);
        var old = World.Estuary.Rungs.SelectMany(x => x.Correspondences).First(x => x.Grapheme.Text == card);
        var item = new LessonItem { Id = "x", Kind = ItemKind.Card, Text = card, Split = old.Key };
        Assert.Equal(Reason.Of(code, today), new PointService(lesson, World.South, brief.Judge).Of(new LessonBlock(LessonPart.Revisit, Activity.Cards, [item]), item));
    }

    [Fact]
    public void A_word_that_lost_the_part_it_was_chosen_for_is_off_the_point_and_is_mended()
    {
        var brief = BriefAt(60);
        var lesson = LessonComposer.Compose(brief);
        var read = lesson.Blocks.Single(x => x.Activity == Activity.Read);
        var item = read.Items.First(x => x.Reasons.Any(r => r.Code == ReasonCode.HasPart));

        // As if the split of the word had been put right.
        var moved = new ReplaceItem(item with { Text = "cat" }).Apply(lesson).Lesson!;
        Assert.Equal([(item.Id, AmissKind.OffPoint)], LessonCheck.Amiss(moved, World.South, brief.Standing, brief.Day).Select(x => (x.Item.Id, x.Kind)));
        var mended = Mend.For(brief, moved, true, 1)!.Apply(moved).Lesson!;
        Assert.Empty(LessonCheck.Amiss(mended, World.South, brief.Standing, brief.Day));
        Assert.DoesNotContain(mended.Items, x => x.Text == "cat");
    }

    [Fact]
    public void A_card_that_was_gone_over_since_is_no_longer_due_and_what_is_due_comes_in_its_place()
    {
        var found = false;
        foreach (var place in Enumerable.Range(50, 20))
        {
            var brief = BriefAt(place);
            var lesson = LessonComposer.Compose(brief);
            Assert.Empty(LessonCheck.Amiss(lesson, World.South, brief.Standing, brief.Day));

            // A lesson in between, in which all of this one's cards were seen.
            var seen = lesson.Blocks.Where(x => x.Part == LessonPart.Revisit).SelectMany(x => x.Items).SelectMany(LessonLog.Revisited).ToList();
            var since = brief.Standing.After(World.Year.SchoolDays[place - 1], null, seen);
            var amiss = LessonCheck.Amiss(lesson, World.South, since, brief.Day);
            Assert.All(amiss, x => Assert.Equal(AmissKind.NotDue, x.Kind));
            Assert.Empty(LessonCheck.Amiss(lesson, World.South, since, null));
            if (amiss.Count > 0)
            {
                found = true;
                var now = new LessonBrief(World.South, since, ClassConventions.Usual, brief.Day, brief.Rung, 25, brief.Seed);
                var mended = Mend.For(now, lesson, true, 1)!.Apply(lesson).Lesson!;
                Assert.Empty(LessonCheck.Amiss(mended, World.South, since, brief.Day));
                Assert.Equal(lesson.Blocks.Single(x => x.Activity == Activity.Read).Items, mended.Blocks.Single(x => x.Activity == Activity.Read).Items);
            }
        }

        Assert.True(found);
    }

    private static readonly HashSet<ReasonCode> Codes =
    [
        ReasonCode.TodaysPoint, ReasonCode.ServesHas, ReasonCode.ServesSound, ReasonCode.ServesRival, ReasonCode.ServesLookAlike, ReasonCode.ServesWords,
        ReasonCode.ServesBeside, ReasonCode.ServesOther, ReasonCode.GoesAgainst, ReasonCode.EndingSounds,
    ];

    private static LessonBrief BriefAt(int place)
    {
        var standing = World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs.Take(place)), World.South.Rules);
        return new LessonBrief(World.South, standing, ClassConventions.Usual, World.Year.SchoolDays[place], World.Estuary.Rungs[place], 25, 7);
    }
}
