using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Two groups in one room with one adult: one pack of cards for both, and what only one of them knows is its own.</summary>
public sealed class SharedRevisitTests
{
    private const int Days = 25, Lower = 24, Upper = 62;

    private static readonly Lazy<IReadOnlyList<(DateOnly Day, Standing[] Before, Lesson[] Lessons)>> Term = new(() => [.. Lived()]);

    [Fact]
    public void Both_lessons_begin_with_the_same_cards_sounds_and_words_in_the_same_order()
    {
        foreach (var (day, _, lessons) in Term.Value)
        {
            foreach (var activity in new[] { Activity.Cards, Activity.Recall, Activity.TrickyAtSight })
            {
                Assert.Equal(Together(lessons[0], activity).Select(x => x.Text), Together(lessons[1], activity).Select(x => x.Text));
                foreach (var lesson in lessons)
                {
                    var items = In(lesson, activity);
                    Assert.Equal(Together(lesson, activity), items.Take(Together(lesson, activity).Count));
                }
            }

            Assert.Equal(In(lessons[0], Activity.ReadAgain).Select(x => x.Text), In(lessons[1], Activity.ReadAgain).Select(x => x.Text));
            Assert.True(Together(lessons[0], Activity.Cards).Count >= 8, $"{day}");
        }
    }

    [Fact]
    public void Nothing_is_for_both_that_one_of_them_was_not_taught()
    {
        foreach (var (_, before, lessons) in Term.Value)
        {
            Assert.All(Together(lessons[0], Activity.Cards).Concat(Together(lessons[0], Activity.Recall)).Concat(Together(lessons[0], Activity.TrickyAtSight)),
                x => Assert.All(before, standing => Assert.True(LessonLog.Revisited(x).All(standing.Clock.Has), x.Text)));
            Assert.All(In(lessons[1], Activity.ReadAgain), x => Assert.All(before, standing => Assert.True(new Core.Reading.Judge(standing.Taught).IsReadable(World.South.Words.FindWord(x.Text)!), x.Text)));
        }
    }

    [Fact]
    public void What_only_the_further_group_knows_comes_after_and_is_said_to_be_its_own()
    {
        var alone = Term.Value.Select(x => x.Lessons[1].Blocks.First(b => b.Activity == Activity.Cards)).ToList();
        Assert.All(alone, x =>
        {
            var own = x.Items.Count(i => i.Reasons.All(r => r.Code != ReasonCode.ForBothGroups));
            Assert.InRange(own, 0, 5);
            Assert.Equal(own > 0 ? [AskCode.TogetherThenAlone] : [], x.Asks.Select(a => a.Code));
            Assert.Equal(x.Items.Count, x.Items.DistinctBy(i => i.Text).Count());
        });
        Assert.True(alone.Count(x => x.Asks.Count > 0) > Days / 2);
    }

    [Fact]
    public void Nothing_waits_longer_for_its_card_than_a_fortnight_and_what_was_taught_last_comes_the_day_after()
    {
        foreach (var (day, before, lessons) in Term.Value)
        {
            for (var group = 0; group < 2; group++)
            {
                var due = before[group].Clock.Due(day).Where(x => x.Item.Track == RevisitTrack.Card).ToList();
                Assert.All(due, x => Assert.InRange(x.Overdue, 0, 10));
                var seen = lessons[group].Items.SelectMany(LessonLog.Revisited).ToHashSet();
                Assert.All(due.Where(x => x.Last), x => Assert.Contains(x.Item, seen));
            }
        }
    }

    private static IReadOnlyList<LessonItem> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Part == LessonPart.Revisit && x.Activity == activity).SelectMany(x => x.Items)];

    private static IReadOnlyList<LessonItem> Together(Lesson lesson, Activity activity) => [.. In(lesson, activity).Where(x => x.Reasons.Any(r => r.Code == ReasonCode.ForBothGroups))];

    // Both taught a rung a day, each lesson logged as it was given.
    private static IEnumerable<(DateOnly Day, Standing[] Before, Lesson[] Lessons)> Lived()
    {
        var standings = new[] { Upper - Lower, 0 }.Select(begun => World.Year.SchoolDays.Take(Upper).Skip(begun).Aggregate(
            World.StandingOf(World.Estuary, []), (x, day) => x.After(day, x.Due, [.. RevisitPart.Fitting(x.Clock, day, 25).Select(d => d.Item)]))).ToArray();
        foreach (var day in World.Year.SchoolDays.Skip(Upper).Take(Days))
        {
            var before = standings.ToArray();
            var shared = new SharedRevisit(before[0], before[1], day, (ulong)day.DayNumber);
            var lessons = before.Select(x => LessonComposer.Compose(new LessonBrief(World.South, x, ClassConventions.Usual, day, x.Due, 25, (ulong)(day.DayNumber + x.Place), shared: shared))).ToArray();
            yield return (day, before, lessons);
            standings = [.. before.Select((x, i) => x.After(LessonLog.Entry(lessons[i], $"{day} {i}", day, LogOutcome.Taught, 0, [])))];
        }
    }
}
