using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Year;

namespace BoldLadder.Core.Tests.Year;

/// <summary>The lessons of the days to come, planned as if all went to plan, and what can be said of them together.</summary>
public class PlannedLessonTests
{
    private static readonly DateOnly First = World.Year.SchoolDays[0];

    private static readonly Lazy<IReadOnlyList<PlannedLesson>> Run = new(() => [.. Plan(new GroupLog([])).From(First).Take(70)]);

    [Fact]
    public void A_planned_day_stands_where_the_whole_log_would_put_it()
    {
        var entries = new List<LogEntry>();
        foreach (var planned in Run.Value)
        {
            var standing = World.StandingOf(World.Estuary, entries);
            Assert.Equal(standing.Place, planned.Before.Place);
            Assert.Equal(standing.TimesRead.OrderBy(x => x.Key, StringComparer.Ordinal), planned.Before.TimesRead.OrderBy(x => x.Key, StringComparer.Ordinal));
            Assert.Equal(standing.Clock.Due(planned.Placed.Day), planned.Before.Clock.Due(planned.Placed.Day));
            entries.Add(LessonLog.Entry(planned.Lesson, $"planned {planned.Placed.Day:O}", planned.Placed.Day, LogOutcome.Taught, entries.Count + 1, []));
        }
    }

    [Fact]
    public void Whichever_day_is_asked_for_first_the_lessons_are_the_same()
    {
        var other = Plan(new GroupLog([]));
        foreach (var at in (int[])[45, 12, 60, 3])
        {
            Assert.Equal(Texts(Run.Value[at].Lesson), Texts(other.From(Run.Value[at].Placed.Day).First().Lesson));
        }
    }

    [Fact]
    public void Whoever_stops_at_a_day_goes_on_from_it_without_its_lesson_being_made_again()
    {
        var made = new List<DateOnly>();
        var plan = Plan(new GroupLog([]), made);
        var last = plan.From(First).Take(4).Last().Placed.Day;
        Assert.Equal(3, plan.From(last.AddDays(1)).Take(3).Count());
        Assert.Equal(World.Year.SchoolDays.Take(7), made);
    }

    [Fact]
    public void No_story_comes_twice_in_twenty_days_unless_nothing_else_is_readable() => Assert.All(
        Run.Value.Select((x, i) => (x, i)).SelectMany(x => Stories(x.x.Lesson).Select(s => (s, x.i))).GroupBy(x => x.s),
        x => Assert.True(x.Count() <= 2, $"{x.Key}: days {string.Join(", ", x.Select(d => d.i))}"));

    [Fact]
    public void The_way_to_a_day_far_ahead_stops_when_nobody_waits_for_it()
    {
        var (plan, far) = (Plan(new GroupLog([])), World.Year.SchoolDays[60]);
        Assert.False(plan.IsNear(far));
        Assert.Throws<OperationCanceledException>(() => plan.Before(far, new CancellationToken(canceled: true)));
        plan.Before(far);
        Assert.True(plan.IsNear(far));
    }

    [Fact]
    public void A_lesson_counts_that_was_given_or_is_still_to_come()
    {
        var (today, rung) = (World.Year.SchoolDays[5], World.Estuary.Rungs[0]);
        var log = new GroupLog([World.Entry(1, World.Year.SchoolDays[1], rung, lesson: "given"), World.Entry(2, today, rung, LogOutcome.Missed, lesson: "missed")]);
        Assert.True(Guarantees.Counts(log, "given", World.Year.SchoolDays[1], today));
        Assert.False(Guarantees.Counts(log, "missed", today, today));
        Assert.False(Guarantees.Counts(log, "never marked", World.Year.SchoolDays[2], today));
        Assert.True(Guarantees.Counts(log, "to come", today, today));
    }

    [Fact]
    public void A_day_of_the_log_plans_nothing()
    {
        var log = new GroupLog(World.LogOf(World.Estuary.Rungs.Take(3)));
        Assert.Equal(World.Year.SchoolDays[3], Plan(log).From(First).First().Placed.Day);
    }

    [Fact]
    public void Every_guarantee_counts_the_lessons_it_names()
    {
        var lessons = Run.Value.Select(x => new YearLesson(x.Placed.Day, x.Lesson)).ToList();
        var found = Guarantees.Of(lessons, Run.Value[0].Before.Taught, World.South);
        Assert.Equal(70, found.Lessons.Count);
        Assert.Empty(found.NotReadable);
        Assert.True(found.WordsJudged > 3000);
        Assert.Equal(70, found.Weeks.Sum(x => x.Lessons.Count));
        Assert.All(found.Words.Take(5), x => Assert.All(x.Days, d => Assert.Contains(
            lessons.Single(l => l.Day == d).Lesson.Items, i => i.Kind == ItemKind.Word && i.Text.Equals(x.Word, StringComparison.OrdinalIgnoreCase))));
        Assert.All(found.Unseen, x => Assert.Equal(x.Lessons, lessons.FindIndex(l => l.Day == x.To) - lessons.FindIndex(l => l.Day == x.From)));

        // A card comes back within the days that the clock allows, what was carried over included.
        Assert.InRange(found.Unseen[0].Lessons, 1, 16);
        Assert.InRange(found.Minutes.Values.Sum(), 20, 27);
    }

    [Fact]
    public void A_word_that_the_class_cannot_read_is_told_by_its_day()
    {
        var lessons = Run.Value.Take(20).Select(x => new YearLesson(x.Placed.Day, x.Lesson)).ToList();
        var word = new LessonItem { Id = "x", Kind = ItemKind.Word, Text = "night" };
        lessons[7] = lessons[7] with { Lesson = lessons[7].Lesson with { Blocks = [.. lessons[7].Lesson.Blocks, new LessonBlock(LessonPart.Practise, Activity.Read, [word])] } };
        Assert.Equal([lessons[7].Day], Guarantees.Of(lessons, Run.Value[0].Before.Taught, World.South).NotReadable);
    }

    /// <param name="made">Takes the day of each lesson that is made.</param>
    private static PlannedLessons Plan(GroupLog log, List<DateOnly>? made = null)
    {
        var now = Standing.Of(World.Estuary, log, World.Year, World.South.Rules);
        return new PlannedLessons(now, log, [.. Placement.From(now, log, First)], (x, before) =>
        {
            made?.Add(x.Day);
            return new LessonBrief(World.South, before, ClassConventions.Usual, x.Day, x.Rung, 25, (ulong)x.Day.DayNumber);
        });
    }

    private static IEnumerable<string> Texts(Lesson lesson) => lesson.Items.Select(x => x.Text);

    private static IEnumerable<string> Stories(Lesson lesson) => lesson.Items.Where(x => x.Kind == ItemKind.Story).Select(x => StoryBank.LogKey(x.Heading));
}
