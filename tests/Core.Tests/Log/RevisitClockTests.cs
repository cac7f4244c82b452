using BoldLadder.Core.Conventions;
using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Tests.Log;

public class RevisitClockTests
{
    private static readonly RevisitItem Card = new(RevisitTrack.Card, "a:a");

    [Fact]
    public void While_few_graphemes_are_taught_all_cards_are_due_every_day()
    {
        var entries = World.LogOf(World.LadderOf("m:m a:a t:t d:d").Rungs);
        var due = Clock(entries).Due(World.Year.SchoolDays[4]);
        Assert.Equal(["a:a", "d:d", "m:m", "t:t"], due.Where(x => x.Item.Track == RevisitTrack.Card).Select(x => x.Item.Key).Order());
    }

    [Fact]
    public void After_that_the_intervals_grow_with_each_clean_reading_up_to_the_cap()
    {
        var many = Many();
        var expected = new[] { 1, 2, 4, 7, 10, 10 };
        for (var seen = 0; seen < expected.Length; seen++)
        {
            var clock = Clock(many);
            var last = World.Year.Ordinal(many.Last(x => x.Seen.Contains(Card) || x.RungId == "a-a").Day);
            Assert.Equal(last + expected[seen], clock.DueOrdinal(Card));
            var day = World.Year.SchoolDays[last + expected[seen]];
            many.Add(World.Entry(many.Count + 1, day, new Rung { Id = "review" }, seen: [Card]));
        }
    }

    [Fact]
    public void What_was_taught_last_is_met_every_day_for_a_week_and_is_then_one_thing_among_others()
    {
        var many = Many();
        var last = many[^1].Things[0];
        var card = new RevisitItem(RevisitTrack.Card, last.Correspondence!.Value.Key);
        var taught = World.Year.Ordinal(many[^1].Day);
        var met = new List<int>();
        for (var after = 1; after <= 12; after++)
        {
            var day = World.Year.SchoolDays[taught + after];
            var due = Clock(many).Due(day).Where(x => x.Item == card).ToList();
            met.AddRange(due.Select(_ => after));
            many.Add(World.Entry(many.Count + 1, day, new Rung { Id = "review" }, seen: [.. due.Select(x => x.Item)]));
        }

        Assert.Equal([1, 2, 3, 4, 5], met.Take(5));
        Assert.True(met.Count < 9, string.Join(' ', met));
    }

    [Fact]
    public void Shaky_sets_an_item_back_to_tomorrow()
    {
        var many = Many();
        var day = World.Year.SchoolDays[50];
        many.Add(World.Entry(many.Count + 1, day, new Rung { Id = "review" }, seen: [Card], shaky: [Card]));
        Assert.Equal(51, Clock(many).DueOrdinal(Card));
        Assert.Contains(Clock(many).Due(World.Year.SchoolDays[51]), x => x.Item == Card && x.Shaky);
    }

    [Fact]
    public void A_tricky_word_read_at_sight_on_three_days_leaves_for_a_month()
    {
        var was = new RevisitItem(RevisitTrack.Tricky, "was");
        var entries = World.LogOf(World.LadderOf("!was").Rungs).ToList();
        for (var i = 1; i <= 3; i++)
        {
            entries.Add(World.Entry(i + 1, World.Year.SchoolDays[i], new Rung { Id = "review" }, seen: [was]));
        }

        Assert.Equal(3 + RevisitClock.Month, Clock(entries).DueOrdinal(was));
        Assert.True(Clock(entries).IsAtSight("Was"));
        Assert.False(Clock(entries.Take(3)).IsAtSight("was"));
    }

    [Fact]
    public void After_a_break_of_a_week_everything_is_due()
    {
        var many = Many();
        foreach (var day in new[] { 30, 34, 37 })
        {
            many.Add(World.Entry(many.Count + 1, World.Year.SchoolDays[day], new Rung { Id = "review" }, seen: [Card]));
        }

        var before = new DateOnly(2026, 10, 23);
        var after = new DateOnly(2026, 11, 2);
        Assert.DoesNotContain(Clock(many).Due(before), x => x.Item == Card);
        Assert.Contains(Clock(many).Due(after), x => x.Item == Card);
    }

    [Fact]
    public void What_was_taught_last_is_always_revisited_first()
    {
        var entries = World.LogOf(World.Estuary.Rungs.Take(40));
        var due = Clock(entries).Due(World.Year.SchoolDays[40]);
        Assert.True(due[0].Last);
    }

    [Fact]
    public void No_active_item_passes_its_cap_by_more_than_three_teaching_days_over_a_year()
    {
        var rules = World.South.Rules;
        var entries = new List<LogEntry>();
        var seenOn = new Dictionary<RevisitItem, int>();
        var late = 0;
        var next = 0;
        for (var day = 0; day < World.Year.SchoolDays.Count; day++)
        {
            var date = World.Year.SchoolDays[day];
            var fitting = RevisitPart.Fitting(new RevisitClock(new GroupLog(entries), World.Year, rules), date, ClassConventions.Usual.LessonMinutes);
            var rung = World.Year.Pattern.On(date) == DayUse.New && next < World.Estuary.Rungs.Count ? World.Estuary.Rungs[next++] : new Rung { Id = "" };
            foreach (var item in RevisitClock.Of(rung.Adds, rung.TrickyWords, rules).Concat(fitting.Select(x => x.Item)))
            {
                if (item.Track != RevisitTrack.Tricky && seenOn.TryGetValue(item, out var before))
                {
                    late = Math.Max(late, day - before - RevisitClock.Cap(item.Track));
                }

                seenOn[item] = day;
            }

            entries.Add(World.Entry(entries.Count + 1, date, rung, seen: [.. fitting.Select(x => x.Item)]));
        }

        Assert.True(next == World.Estuary.Rungs.Count, "the year reaches the top");
        Assert.True(late <= 3, $"something was {late} days late");
    }

    // Thirty graphemes, one a day, so that cards are no longer all met every day.
    private static List<LogEntry> Many() => [.. World.LogOf(World.Estuary.Rungs.Where(x => x.Correspondences.Count > 0).Take(30))];

    private static RevisitClock Clock(IEnumerable<LogEntry> entries) => new(new GroupLog(entries), World.Year, World.South.Rules);
}
