using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using static BoldLadder.Core.Tests.Lessons.DemoLessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What children listen for and guess on a day: a question that can be answered no, in words that show what the day is about.</summary>
public sealed class HeardTests
{
    [Fact]
    public void Listening_has_a_no_in_it() => Assert.All(
        New.SelectMany(x => x.Lesson.Blocks.Where(b => b.Activity == Activity.Listening)),
        x =>
        {
            Assert.NotEmpty(x.Asks);
            Assert.True(x.Items.GroupBy(i => i.Heading).Max(g => g.Count()) * 3 <= x.Items.Count * 2 + 2, string.Join(' ', x.Items.Select(i => $"{i.Heading}:{i.Text}")));
        });

    [Fact]
    public void A_sound_is_heard_first_where_no_other_consonant_hides_it() => Assert.All(
        New.Where(x => x.Rung.Label is "t" or "d" or "p" or "b" or "s")
            .SelectMany(x => x.Lesson.Blocks.Where(b => b.Activity == Activity.Listening && b.Asks.Any(a => a.Code == AskCode.WhichSound && a.Arguments[2] == "first")).SelectMany(b => b.Items)),
        x => Assert.True(Core.Sounds.Sound.TryParse(x.Split.Split(' ')[1], out var second, out _) && second.IsVowel, x.Text));

    [Fact]
    public void A_sound_is_not_called_by_letters_that_nobody_has_met_and_that_say_todays_sound_too()
    {
        var asked = New.SelectMany(x => x.Lesson.Blocks.SelectMany(b => b.Asks.Where(a => a.Code == AskCode.WhichSound).Select(a => (Made: x, Ask: a)))).ToList();
        Assert.Contains(asked, x => x.Made.Rung.Label.Contains("oo", StringComparison.Ordinal) && x.Ask.Arguments[0] == "moon" && x.Ask.Arguments[1] == "book");
        Assert.All(asked, x =>
        {
            var (other, today) = (x.Ask.Arguments[1], x.Ask.Arguments[3]);
            var known = x.Made.Brief.Judge.Taught.Correspondences.Any(c => c.Grapheme.Text == other && c.Sound.Key == x.Ask.Arguments[4]);
            Assert.True(known || !Core.Sounds.Correspondence.TryParse($"{other}:{today}", out var also, out _) || !x.Made.Stock.Everyday(also).Any(), $"{x.Made.Rung.Label}: {other}");
        });
    }

    [Fact]
    public void A_sound_heard_at_the_end_is_not_called_by_a_spelling_that_no_word_ends_in() => Assert.All(
        New.SelectMany(x => x.Lesson.Blocks.SelectMany(b => b.Asks.Where(a => a.Code == AskCode.WhichSound && a.Arguments[2] != "inside").Select(a => (Made: x, Ask: a)))),
        x => Assert.All(x.Ask.Arguments.Take(2), called => Assert.True(
            !called.Contains('_', StringComparison.Ordinal) || x.Made.Lesson.Teaches.Any(t => t.Correspondence?.Grapheme.Text == called), $"{x.Made.Rung.Label}: {called}")));

    [Fact]
    public void What_is_put_together_by_ear_is_one_beat() => Assert.All(
        All.Value.SelectMany(x => x.In(Activity.OralBlending).Select(i => (x.Stock, i.Text))),
        x => Assert.Equal(1, Core.Words.Structure.Of(x.Stock.Words.Find(x.Text)!.Readings[0], x.Stock.Words.FindWord(x.Text)).Syllables));

    [Fact]
    public void On_a_day_of_contrast_what_is_heard_inside_or_last_is_spelt_in_one_of_its_ways()
    {
        var days = All.Value.Where(x => x.Lesson.Kind == LessonKind.Contrast && x.Lesson.Blocks.Any(b => b.Asks.Any(a => a.Code == AskCode.Where))).ToList();
        Assert.NotEmpty(days);
        Assert.All(days, x => Assert.True(x.In(Activity.Listening).Count(x.IsOnPoint) >= x.In(Activity.Listening).Count - 1, $"{x.Rung.Label}: {string.Join(' ', x.In(Activity.Listening).Select(i => i.Text))}"));
    }

    [Fact]
    public void A_riddle_is_answered_by_a_word_with_what_is_taught() => Assert.All(
        New.SelectMany(x => x.In(Activity.Riddles).Select(i => (Made: x, Item: i))),
        x =>
        {
            var sounds = x.Item.Split.Split(' ').Select(s => Core.Sounds.Sound.TryParse(s, out var sound, out _) ? x.Made.Stock.Rules.SoundKey(sound) : s).ToHashSet();
            Assert.Contains(x.Made.Rung.Correspondences, c => sounds.Contains(x.Made.Stock.Rules.SoundKey(c.Sound)));
            Assert.NotEmpty(x.Item.Spoken);
        });

    [Fact]
    public void Most_lessons_on_a_sound_or_a_spelling_have_riddles() => Assert.True(
        New.Where(x => x.Rung.Correspondences.Any() && x.Brief.Standing.Line >= Opening).ToList() is var taught && taught.Count(x => x.In(Activity.Riddles).Count >= 2) * 10 >= taught.Count * 8);

    [Fact]
    public void On_a_day_of_doubled_letters_children_hear_whether_the_vowel_is_short_and_no_word_goes_against_the_rule()
    {
        var days = New.Where(x => x.Brief.Shape.Syllables > 1 && x.Rung.Correspondences.All(c => c.IsDoubledConsonant) && x.Rung.Correspondences.Any()).ToList();
        Assert.NotEmpty(days);
        Assert.All(days, x =>
        {
            var block = x.Lesson.Blocks.Single(b => b.Activity == Activity.Listening);
            Assert.Equal(AskCode.ShortOrLong, Assert.Single(block.Asks).Code);
            Assert.Equal(["long", "short"], block.Items.Select(i => i.Heading).Distinct().Order());
            // Tiger beside digger, and not okay, always or myself: one consonant, and then a vowel that is no long one.
            Assert.All(block.Items.Where(i => i.Heading == "long").Select(i => i.Split.Split(' ')), s =>
                Assert.Contains(s[Array.FindIndex(s, k => Sound.TryParse(k, out var sound, out _) && sound.IsVowel) + 2], (string[])["schwa", "ee", "i", "oa", "schwa+l"]));
            Assert.DoesNotContain(x.In(Activity.Read).Select(i => i.Text), w => w is "appear" or "approach" or "suppose" or "support" or "attack");
        });
    }

    [Fact]
    public void A_new_spelling_of_a_known_sound_is_heard_in_words_that_are_spelt_so()
    {
        var asked = 0;
        foreach (var made in New.Where(x => x.Rung.Correspondences.Count == 1))
        {
            var today = made.Rung.Correspondences[0];
            var known = made.Brief.Standing.Things.Any(x => x.Correspondence is { } c && made.Stock.Rules.SameSound(c.Sound, today.Sound));
            var block = made.Lesson.Blocks.FirstOrDefault(x => x.Activity == Activity.Listening);
            if (block is null || !known || block.Asks is not [{ Code: AskCode.WhichSound }])
            {
                continue;
            }

            asked++;
            Assert.All(block.Items.Where(x => x.Heading == today.Grapheme.Text), x => Assert.Contains(
                made.Stock.Words.Find(x.Text)!.Readings[0].Segments, s => s.Correspondence == today));
        }

        Assert.True(asked > 10, $"{asked}");
    }

    [Fact]
    public void A_weak_vowel_is_heard_where_it_is_spelt_as_today()
    {
        var made = New.First(x => x.Rung.Correspondences is [{ Sound.Key: "schwa", Grapheme.Text: "er" }]);
        var block = made.Lesson.Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.All(block.Items.Where(x => x.Heading == "yes"), x => Assert.EndsWith("er", x.Text, StringComparison.Ordinal));
        Assert.EndsWith("er", block.Asks[0].Arguments[1], StringComparison.Ordinal);
    }

    [Fact]
    public void The_answer_of_a_riddle_is_for_children_to_find_and_is_not_said_before()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            var said = 0;
            for (var place = 0; place < ladder.Rungs.Count; place++)
            {
                var lesson = LessonComposer.Compose(World.BriefAt(ladder, stock, place, 9));
                var answers = lesson.Blocks.Where(x => x.Activity == Activity.Riddles).SelectMany(x => x.Items).Select(x => x.Text).ToHashSet();
                said += lesson.Blocks.Where(x => x.Activity == Activity.Listening).SelectMany(x => x.Items).Count(x => answers.Contains(x.Text));
            }

            // Where hardly a word has the sound it is said all the same.
            Assert.True(said <= ladder.Rungs.Count / 5, $"{said}");
        }
    }

    [Fact]
    public void An_e_that_makes_a_vowel_long_is_heard_beside_the_short_one()
    {
        for (var seed = 1UL; seed <= 5; seed++)
        {
            var asked = LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, "a_e:ai", seed)).Blocks.Single(x => x.Activity == Activity.Listening).Asks[0];
            Assert.Equal((AskCode.WhichSound, "a"), (asked.Code, asked.Arguments[^1]));
        }
    }

    [Fact]
    public void A_split_spelling_is_heard_and_guessed_in_words_that_are_spelt_so()
    {
        for (var seed = 1UL; seed <= 5; seed++)
        {
            var lesson = LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, "a_e:ai", seed));
            var said = lesson.Blocks.Single(x => x.Activity == Activity.Riddles).Items.Concat(lesson.Blocks.Single(x => x.Activity == Activity.Listening).Items.Where(x => x.Heading == "a_e"));
            Assert.All(said, x => Assert.Contains(World.Us.Words.Find(x.Text)!.Readings[0].Segments, s => s.Correspondence.Key == "a_e:ai"));
        }
    }

    [Fact]
    public void Letters_that_are_doubled_where_a_word_ends_are_heard_there_and_at_the_start()
    {
        for (var seed = 1UL; seed <= 5; seed++)
        {
            var lesson = LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, "ll:l", seed));
            var heard = lesson.Blocks.Single(x => x.Activity == Activity.Listening);
            Assert.Equal(Ask.Of(AskCode.FirstOrLast, "l", "s", "f"), heard.Asks[0]);
            Assert.Equal(3, heard.Items.Count(x => x.Heading == "last"));
            Assert.All(heard.Items.Where(x => x.Heading == "last"), x => Assert.True(DoubledLetters.EndWords(World.Us.Words.Find(x.Text)!.Readings[0].Segments[^1].Correspondence), x.Text));
            Assert.Equal(PointCode.DoubledAtEnd, DayPoint.Of(lesson, World.Notes, World.Us, [])[0].Made!.Code);
        }
    }

    [Fact]
    public void Where_the_days_spelling_never_stands_its_sound_is_heard_in_words_that_children_can_read()
    {
        for (var seed = 1UL; seed <= 5; seed++)
        {
            var brief = World.BriefAt(World.Estuary, World.South, "ay:ai", seed);
            Assert.All(LessonComposer.Compose(brief).Blocks.Single(x => x.Activity == Activity.Listening).Items.Where(x => x.Heading == "inside"), x => Assert.True(
                brief.Judge.IsReadable(World.South.Words.FindWord(x.Text)!) && !x.Text.Contains("ay", StringComparison.Ordinal), x.Text));
        }
    }
}
