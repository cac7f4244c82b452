using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>In the first weeks there is hardly a word to read: lessons are full all the same, by ear, with pictures, letter by letter.</summary>
public sealed class OpeningDaysTests
{
    private const int Minutes = 25;

    // A review comes after the second rung and after the sixth, as in a week of four new days and one of none.
    private static List<Lesson> Lived(Ladder ladder, Core.Choosing.WordStock stock, int daysARung)
    {
        var paced = ladder.Paced(daysARung, new HashSet<string>(), null);
        var plan = paced.Rungs.Take(7).SelectMany((x, at) => Enumerable.Repeat<Rung?>(x, x.Days).Concat(at is 1 or 5 ? [null] : [])).ToList();
        return World.Lived(stock, World.StandingOf(paced, [], stock.Rules), plan, Minutes);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(3)]
    public void A_lesson_of_the_first_weeks_fills_three_quarters_of_its_time_a_review_too(int daysARung)
    {
        var lessons = Lived(World.Estuary, World.South, daysARung).Concat(Lived(World.Ridge, World.Us, daysARung));
        Assert.Empty(lessons.Where(x => x.Seconds * 4 < Minutes * 60 * 3).Select(x => $"{x.Title} {x.Kind} {x.Seconds}: {string.Join(", ", x.Blocks.Select(b => $"{b.Activity} {b.Seconds}"))}"));
    }

    [Fact]
    public void What_words_end_in_taught_among_the_first_letters_has_a_full_lesson_too()
    {
        var ladder = World.Order("kinds");
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        var lessons = World.Lived(stock, World.StandingOf(ladder, [], stock.Rules), ladder.Rungs.Take(6), Minutes);
        Assert.Equal("ot", lessons[^1].Title);
        Assert.True(lessons[^1].Seconds * 4 >= Minutes * 60 * 3, $"{lessons[^1].Seconds}: {string.Join(", ", lessons[^1].Blocks.Select(b => $"{b.Activity} {b.Seconds}"))}");
    }

    // Letters by letters, with a day of review after every fourth, in a section that longer words belong to.
    private static readonly Lazy<List<Lesson>> Month = new(() =>
    {
        var ladder = World.LadderOf("o:o+n:n t:t a:a d:d+!I p:p i:i =consolidation m:m+!a s:s+!the g:g e:e+!to h:h b:b+!is c:k r:r+!of u:u l:l", "5 1 1");
        var stock = World.Stock(ladder, Core.Sounds.Accent.NorthernEnglish);
        return World.Lived(stock, World.StandingOf(ladder, [], stock.Rules), ladder.Rungs.SelectMany((x, at) => at % 4 == 3 ? (Rung?[])[x, null] : [x]), Minutes);
    });

    private static IEnumerable<string> In(Lesson lesson, Activity activity) => lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items).Select(x => x.Text);

    [Fact]
    public void What_a_lesson_has_left_is_not_all_put_together_by_ear_half_of_it_is_taken_apart()
    {
        var joined = Month.Value.Concat(Lived(World.Estuary, World.South, 1)).Select(x => (Lesson: x, Joined: x.Blocks.FirstOrDefault(b => b is { Part: LessonPart.Apply, Activity: Activity.OralBlending }))).Where(x => x.Joined?.Items.Count > 6).ToList();
        Assert.NotEmpty(joined);
        Assert.All(joined, x => Assert.InRange(In(x.Lesson, Activity.SayApart).Count(), 6, 12));
    }

    [Fact]
    public void A_picture_is_not_written_about_again_for_two_weeks()
    {
        var written = Month.Value.Select(x => In(x, Activity.WritePicture).ToList()).ToList();
        Assert.NotInRange(written.Count(x => x.Count > 0), 0, 1);
        Assert.All(written.Select((x, at) => (x, at)), x => Assert.DoesNotContain(x.x, word => written.Take(x.at).TakeLast(10).Any(before => before.Contains(word))));
    }

    [Fact]
    public void A_riddle_that_was_guessed_lately_is_not_asked_again()
    {
        var guessed = Month.Value.SelectMany(x => In(x, Activity.Riddles)).ToList();
        Assert.NotInRange(guessed.Count, 0, 20);
        Assert.Equal(guessed.Distinct(), guessed);
    }

    [Fact]
    public void The_first_letters_fill_a_lesson_whatever_words_their_section_is_for() =>
        Assert.Empty(Month.Value.Where(x => x.Seconds * 10 < Minutes * 60 * 9).Skip(2).Select(x => $"{x.Title} {x.Seconds}: {string.Join(", ", x.Blocks.Select(b => $"{b.Activity} {b.Seconds}"))}"));

    [Fact]
    public void A_review_with_two_letters_asks_which_of_the_two_is_heard()
    {
        var review = Lived(World.Estuary, World.South, 1)[2];
        Assert.Equal(LessonKind.Review, review.Kind);
        var listening = review.Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.Equal(["m", "o"], listening.Items.Select(x => x.Heading).Distinct().Order());
    }

    [Fact]
    public void A_consonant_and_a_vowel_met_on_one_day_are_told_apart_at_the_start_of_words()
    {
        var ladder = World.LadderOf("t:t+a:a l:l o:o p:p", "3 1 1");
        var stock = World.Stock(ladder, Core.Sounds.Accent.Scottish);
        var lessons = World.Lived(stock, World.StandingOf(ladder, [], stock.Rules), ladder.Rungs.Take(1).Concat(ladder.Rungs.Take(1)), Minutes);
        Assert.All(lessons.Select(x => x.Blocks.Single(b => b.Activity == Activity.Listening)), x =>
        {
            Assert.Equal(["a", "t"], x.Items.Select(i => i.Heading).Distinct().Order());
            Assert.All(x.Items, i => Assert.Equal(i.Heading, $"{i.Text[0]}"));
        });
    }

    [Fact]
    public void While_no_consonants_stand_together_none_is_listened_for_inside_a_word()
    {
        var ladder = World.LadderOf("t:t+a:a l:l o:o p:p", "3 1 1");
        var stock = World.Stock(ladder, Core.Sounds.Accent.Scottish);
        var lessons = World.Lived(stock, World.StandingOf(ladder, [], stock.Rules), [ladder.Rungs[0], ladder.Rungs[1], ladder.Rungs[1]], Minutes);
        Assert.Empty(lessons[^1].Blocks.Single(x => x.Activity == Activity.Listening).Items.Where(x => !x.Text.StartsWith('l') && !x.Text.EndsWith('l') && !x.Text.EndsWith('e') && x.Heading == "l").Select(x => x.Text));
    }

    [Theory]
    [InlineData("o:o m:m t:t =consolidation i:i d:d", 3)]
    [InlineData("l:l o:o =consolidation d:d g:g", 2)]
    public void A_day_of_going_over_the_first_letters_asks_which_is_heard_tells_a_story_of_one_and_lasts_as_long_as_any(string rungs, int place)
    {
        var ladder = World.LadderOf(rungs);
        var lesson = LessonComposer.Compose(World.BriefAt(ladder, World.Stock(ladder, Core.Sounds.Accent.SouthernBritish), place, 3));
        Assert.Equal(LessonKind.Review, lesson.Kind);
        Assert.NotEmpty(lesson.Blocks.Single(x => x.Activity == Activity.Listening).Asks);
        Assert.Contains(Assert.Single(lesson.Blocks.Single(x => x.Activity == Activity.TellStory).Items).Split, lesson.GoesOver.Select(x => x.Correspondence!.Value.Sound.Key));
        Assert.InRange(lesson.Seconds, lesson.Minutes * 54, lesson.Minutes * 66);
    }
}
