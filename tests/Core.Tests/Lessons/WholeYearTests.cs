using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Year;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>A year taught day by day as a group would live it: each lesson is planned, given and logged, and the next is planned from that.</summary>
public class WholeYearTests
{
    private sealed record Day(DateOnly Date, Rung? Rung, Lesson Lesson, Standing Before);

    private static readonly Lazy<IReadOnlyList<Day>> Estuary = new(() => Live(World.Estuary, World.South, _ => LogOutcome.Taught));

    [Fact]
    public void Every_lesson_of_the_year_is_made_only_of_what_the_group_can_read_that_day()
    {
        foreach (var day in Estuary.Value)
        {
            var illegal = LessonCheck.Illegal(day.Lesson, day.Before.Taught);
            Assert.True(illegal.Count == 0, $"{day.Date}: {day.Lesson.Title}");
        }
    }

    [Fact]
    public void No_two_sentences_of_a_lesson_are_one_but_for_a_word()
    {
        foreach (var day in Estuary.Value)
        {
            var read = day.Lesson.Blocks.Where(x => x.Activity == Activity.ReadSentences).SelectMany(x => x.Items).Select(x => SentenceBank.WordsOf(x.Text).Select(w => w.ToLowerInvariant()).ToHashSet()).ToList();
            Assert.All(read.SelectMany((a, i) => read.Skip(i + 1).Select(b => (a, b))), x => Assert.False(
                x.a.Intersect(x.b).Count() > 2 && x.a.Except(x.b).Count() < 2 && x.b.Except(x.a).Count() < 2, $"{day.Date}: {string.Join(' ', x.a)} / {string.Join(' ', x.b)}"));
        }
    }

    [Fact]
    public void The_ladder_is_climbed_in_its_order_and_each_rung_once()
    {
        var taught = Estuary.Value.Where(x => x.Rung is not null).Select(x => x.Rung!.Id).ToList();
        var expected = World.Estuary.Rungs.SelectMany(x => Enumerable.Repeat(x.Id, x.Days)).ToList();
        Assert.Equal(expected.Take(taught.Count), taught);
        Assert.True(taught.Count >= 120, $"{taught.Count} days of new learning");
        Assert.All(Estuary.Value.Where(x => x.Date.DayOfWeek == DayOfWeek.Friday), x => Assert.Equal(LessonKind.Review, x.Lesson.Kind));
    }

    [Fact]
    public void Nothing_that_was_taught_is_left_unrevisited_for_long()
    {
        // Cards come back within 10 teaching days at the most; with what does not fit carried over, within 16. A tricky
        // word comes back within 5 until it is read at sight on three days, and then once a month.
        var last = new Dictionary<string, int>();
        var tricky = new Dictionary<string, (int Last, int Times)>();
        var at = 0;
        foreach (var day in Estuary.Value)
        {
            foreach (var word in day.Lesson.Blocks.Where(x => x.Activity is Activity.TrickyAtSight or Activity.MeetTricky).SelectMany(x => x.Items).Select(x => x.Text.ToLowerInvariant()).Distinct())
            {
                tricky[word] = (at, tricky.TryGetValue(word, out var before) ? before.Times + 1 : 0);
            }

            Assert.All(tricky, x => Assert.True(
                at - x.Value.Last <= (x.Value.Times < RevisitClock.SightDays ? 8 : RevisitClock.Month + 3), $"{x.Key} not seen for {at - x.Value.Last} days on {day.Date}"));
            foreach (var key in day.Lesson.Blocks.Where(x => x.Activity == Activity.Cards).SelectMany(x => x.Items)
                .SelectMany(x => x.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries)).Concat(day.Lesson.Teaches.Select(x => x.Correspondence?.Key).OfType<string>()))
            {
                last[key] = at;
            }

            Assert.All(last, x => Assert.True(at - x.Value <= 16, $"{x.Key} not seen for {at - x.Value} days on {day.Date}"));
            at++;
        }

        Assert.True(last.Count > 90, $"{last.Count} correspondences");
        Assert.True(tricky.Count > 40, $"{tricky.Count} tricky words");
    }

    [Fact]
    public void What_was_taught_yesterday_is_on_a_card_today()
    {
        foreach (var (yesterday, today) in Estuary.Value.Zip(Estuary.Value.Skip(1)).Where(x => x.First.Rung is { Correspondences.Count: > 0 }))
        {
            var cards = today.Lesson.Blocks.Where(x => x.Activity == Activity.Cards).SelectMany(x => x.Items).Select(x => x.Text).ToHashSet();
            Assert.All(yesterday.Rung!.Correspondences, x => Assert.Contains(x.Grapheme.Text, cards));
        }
    }

    [Fact]
    public void No_word_is_read_over_and_over_while_there_are_others()
    {
        var times = Estuary.Value.Skip(60).SelectMany(x => x.Lesson.Blocks.Where(b => b.Activity == Activity.Read).SelectMany(b => b.Items))
            .GroupBy(x => x.Text).OrderByDescending(x => x.Count()).ToList();
        Assert.True(times.Count > 500, $"{times.Count} different words");
        Assert.True(times[0].Count() <= 14, $"{times[0].Key} {times[0].Count()} times");
    }

    [Fact]
    public void Every_lesson_holds_its_time_and_keeps_its_four_parts_once_words_can_be_read()
    {
        Assert.All(Estuary.Value.Skip(25), x =>
        {
            Assert.True(x.Lesson.Seconds <= (x.Lesson.Minutes + 1) * 60, $"{x.Date}: {x.Lesson.Seconds} s");
            Assert.True(x.Lesson.Seconds >= (x.Lesson.Minutes - 7) * 60, $"{x.Date}: {x.Lesson.Seconds} s");
            Assert.Contains(x.Lesson.Blocks, b => b.Part == LessonPart.Revisit);
            Assert.Contains(x.Lesson.Blocks, b => b.Part == LessonPart.Practise);
            Assert.Contains(x.Lesson.Blocks, b => b.Part == LessonPart.Apply);
        });
    }

    [Fact]
    public void A_day_missed_and_a_day_taught_in_part_put_off_what_follows_and_lose_nothing()
    {
        var some = World.LadderOf("m:m a:a t:t d:d i:i b:b s:s p:p", "3 1 1");
        var stock = World.Stock(some, Accent.SouthernBritish);
        var whole = Live(some, stock, _ => LogOutcome.Taught).Take(14).ToList();
        var broken = Live(some, stock, day => day == 2 ? LogOutcome.Missed : day == 5 ? LogOutcome.Partly : LogOutcome.Taught).Take(14).ToList();
        Assert.Equal(["m-m", "a-a", "t-t", "d-d", "i-i", "b-b", "s-s", "p-p"], whole.Select(x => x.Rung?.Id).OfType<string>());
        Assert.Equal(["m-m", "a-a", "t-t", "t-t", "d-d", "d-d", "i-i", "b-b", "s-s", "p-p"], broken.Select(x => x.Rung?.Id).OfType<string>());
    }

    [Fact]
    public void A_year_lived_twice_is_the_same_year()
    {
        var again = Live(World.Estuary, World.South, _ => LogOutcome.Taught).Take(50);
        Assert.Equal(
            Estuary.Value.Take(50).Select(x => string.Join(' ', x.Lesson.Items.Select(i => i.Text))),
            again.Select(x => string.Join(' ', x.Lesson.Items.Select(i => i.Text))));
    }

    [Fact]
    public void What_stumbled_is_back_the_next_day()
    {
        var log = World.LogOf(World.Estuary.Rungs.Take(60)).ToList();
        var shaky = new RevisitItem(RevisitTrack.Card, "m:m");
        log[^1] = log[^1] with { Shaky = [shaky] };
        var lesson = LessonComposer.Compose(Brief(World.South, World.StandingOf(World.Estuary, log), World.Year.SchoolDays[60], World.Estuary.Rungs[60]));
        var card = lesson.Blocks.Single(x => x.Activity == Activity.Cards).Items.Single(x => x.Text == "m");
        Assert.Equal([Reason.Of(ReasonCode.WasShaky)], card.Reasons);
    }

    private static IReadOnlyList<Day> Live(Ladder ladder, WordStock stock, Func<int, LogOutcome> outcome)
    {
        var entries = new List<LogEntry>();
        var days = new List<Day>();
        foreach (var date in World.Year.SchoolDays)
        {
            var standing = World.StandingOf(ladder, entries, stock.Rules);
            var placed = Placement.From(standing, new GroupLog(entries), date).First();
            var lesson = LessonComposer.Compose(Brief(stock, standing, date, placed.Rung));
            days.Add(new Day(date, placed.Rung, lesson, standing));
            entries.Add(LessonLog.Entry(lesson, $"lesson {entries.Count}", date, outcome(days.Count - 1), entries.Count + 1, []));
        }

        return days;
    }

    private static LessonBrief Brief(WordStock stock, Standing standing, DateOnly date, Rung? rung) =>
        new(stock, standing, ClassConventions.Usual, date, rung, 25, (ulong)date.DayNumber);
}
