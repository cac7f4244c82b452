using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Schools give a lesson ten minutes or three quarters of an hour: each keeps its time, and none goes without its point.</summary>
public sealed class LessonLengthTests
{
    // Before so many rungs there is hardly a word to read.
    private const int Opening = 10;

    [Theory]
    [InlineData(10, 98)]
    [InlineData(15, 100)]
    [InlineData(20, 100)]
    [InlineData(30, 100)]
    [InlineData(35, 95)]
    [InlineData(40, 95)]
    [InlineData(45, 95)]
    public void A_lesson_keeps_its_time_within_a_tenth_whatever_it_is(int minutes, int share)
    {
        var off = new List<string>();
        var all = 0;
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = Opening; place < ladder.Rungs.Count; place += 3)
            {
                var lesson = At(ladder, stock, place, minutes);
                all++;
                if (Math.Abs(lesson.Seconds - (minutes * 60)) > minutes * 6)
                {
                    off.Add($"{lesson.Title} {lesson.Seconds}");
                }
            }
        }

        Assert.True(off.Count * 100 <= all * (100 - share), $"{off.Count} of {all}: {string.Join(", ", off)}");
    }

    [Fact]
    public void However_short_it_is_what_is_new_is_met_read_and_spelt_and_what_is_due_is_seen()
    {
        for (var place = Opening; place < World.Estuary.Rungs.Count; place += 5)
        {
            var lesson = At(World.Estuary, World.South, place, 10);
            if (lesson.Kind != LessonKind.NewLearning)
            {
                continue;
            }

            Assert.All([Activity.Cards, Activity.Meet, Activity.Read, Activity.Spell], x => Assert.Contains(lesson.Blocks, b => b.Activity == x && b.Items.Count > 0));
        }
    }

    [Fact]
    public void A_hourlesson_with_time_left_reads_the_last_lessons_stories_again_and_one_of_the_usual_length_does_not()
    {
        var again = 0;
        for (var place = 40; place < 80; place += 2)
        {
            var before = World.BriefAt(World.Estuary, World.South, place, (ulong)place);
            var told = LessonComposer.Compose(before);
            var standing = before.Standing.After(LessonLog.Entry(told, "before", before.Day, LogOutcome.Taught, 1000, []));
            List<string> Stories(int minutes) => [.. LessonComposer.Compose(new LessonBrief(World.South, standing, ClassConventions.Usual, before.Day.AddDays(1), World.Estuary.Rungs[place + 1], minutes, 1))
                .Blocks.Where(x => x.Activity == Activity.ReadStory).SelectMany(x => x.Items).Select(x => x.Heading)];
            var last = told.Blocks.Where(x => x.Activity == Activity.ReadStory).SelectMany(x => x.Items).Select(x => x.Heading).ToList();
            var hour = Stories(60);
            Assert.DoesNotContain(Stories(25), last.Contains);
            Assert.Equal(hour.Count, hour.Distinct().Count());
            again += hour.Exists(last.Contains) ? 1 : 0;
        }

        Assert.True(again >= 10, $"{again}");
    }

    [Fact]
    public void An_hour_is_filled_on_nine_days_of_ten_of_those_that_a_class_lives()
    {
        const int from = 40, days = 30, firstWithStories = 2;
        var off = World.Lived(World.South, World.BriefAt(World.Estuary, World.South, from, 1).Standing, World.Estuary.Rungs.Skip(from).Take(days), 60)
            .Skip(firstWithStories).Where(x => Math.Abs(x.Seconds - 3600) > 360).Select(x => $"{x.Title} {x.Seconds}").ToList();
        Assert.True(off.Count * 10 <= days, string.Join(", ", off));
    }

    [Fact]
    public void A_longer_lesson_has_more_of_the_same_point_and_nothing_new()
    {
        var place = World.Estuary.PlaceOf("ow-ow");
        var (usual, longer) = (At(World.Estuary, World.South, place, 25), At(World.Estuary, World.South, place, 45));
        Assert.Equal(usual.Teaches, longer.Teaches);
        Assert.All([Activity.Read, Activity.Spell, Activity.ReadStory, Activity.ReadSentences, Activity.WriteSentence], x => Assert.True(Count(longer, x) > Count(usual, x), $"{x}"));
        Assert.True(longer.Blocks.Count(x => Piece.Of(x.Activity).Compares) > 1);
        Assert.All(longer.Blocks.Where(x => x.Activity is Activity.ReadStory or Activity.WriteSentence), x => Assert.Equal(x.Items.Count, x.Items.Select(i => i.Text).Distinct().Count()));

        static int Count(Lesson lesson, Activity activity) => lesson.Blocks.Where(x => x.Activity == activity).Sum(x => x.Items.Count);
    }

    [Fact]
    public void What_a_person_has_kept_does_not_give_way_to_the_time()
    {
        var place = World.Estuary.PlaceOf("ow-ow");
        var brief = World.BriefAt(World.Estuary, World.South, place, 3);
        var riddle = LessonComposer.Compose(brief).Blocks.Single(x => x.Activity == Activity.Riddles).Items[0];
        var again = LessonComposer.Compose(new LessonBrief(World.South, brief.Standing, ClassConventions.Usual, brief.Day, brief.Rung, 10, 3, [new KeptItem(LessonPart.Teach, Activity.Riddles, riddle)]));
        Assert.Contains(again.Items, x => x.Id == riddle.Id);
    }

    private static Lesson At(Ladder ladder, Core.Choosing.WordStock stock, int place, int minutes)
    {
        var brief = World.BriefAt(ladder, stock, place, (ulong)place);
        return LessonComposer.Compose(new LessonBrief(stock, brief.Standing, ClassConventions.Usual, brief.Day, brief.Rung, minutes, (ulong)place));
    }
}
