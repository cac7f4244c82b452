using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Log;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>The first part of a lesson: what is due, as far as the time goes; the rest is carried and said.</summary>
public static class RevisitPart
{
    private const int ReadAgain = 6, ReadAgainInShort = 3, LessonsBack = 2;

    // A pack of fewer cards is not worth taking out: what is due soonest fills it up.
    private const int MostCards = 15, MostCardsInShort = 12;

    private const int FewestCards = 12, FewestRecalls = 4;

    /// <summary>How many of each track a lesson of this length has room for. Source: the domain's figures for a revisit that is no pile.</summary>
    private static int Room(RevisitTrack track, int minutes, bool allCards) => track switch
    {
        RevisitTrack.Card => allCards ? RevisitClock.EveryDayUpTo : minutes >= 20 ? MostCards : MostCardsInShort,
        RevisitTrack.Recall => minutes >= 20 ? 5 : 3,
        _ => minutes >= 20 ? 6 : 4,
    };

    /// <summary>What of the due things fits: cards count once for each grapheme.</summary>
    public static IReadOnlyList<DueItem> Fitting(RevisitClock clock, DateOnly day, int minutes) => Fitting(clock.Due(day), x => Room(x, minutes, clock.AllCardsEveryDay));

    private static IReadOnlyList<DueItem> Fitting(IReadOnlyList<DueItem> due, Func<RevisitTrack, int> roomFor)
    {
        var fitting = new List<DueItem>();
        var graphemes = new HashSet<string>();
        foreach (var item in due)
        {
            var room = roomFor(item.Item.Track);
            if (item.Item.Track == RevisitTrack.Card)
            {
                var grapheme = Correspondence.Parse(item.Item.Key).Grapheme.Text;
                if (graphemes.Count < room || graphemes.Contains(grapheme))
                {
                    graphemes.Add(grapheme);
                    fitting.Add(item);
                }
            }
            else if (fitting.Count(x => x.Item.Track == item.Item.Track) < room)
            {
                fitting.Add(item);
            }
        }

        return fitting;
    }

    internal static (IReadOnlyList<LessonBlock> Blocks, IReadOnlyList<string> Carried) Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var due = brief.Standing.Clock.Due(brief.Day);
        var fitting = Fitting(due, x => RoomIn(brief, x));
        var blocks = new List<LessonBlock>
        {
            Block(Activity.Cards, CardOrder.Mix(Cards(brief, fitting, make), dice)),
            Block(Activity.Recall, dice.Mix(Recalls(brief, fitting, make))),
            Block(Activity.ReadAgain, Again(brief, make, dice)),
            Block(Activity.TrickyAtSight, dice.Mix(Trickies(brief, fitting, make))),
        };
        return (blocks, [.. due.Except(fitting).Select(x => x.Item.ToString())]);
    }

    // As the school's own shape has it, or as much as fits.
    private static int RoomIn(LessonBrief brief, RevisitTrack track)
    {
        var activity = track switch
        {
            RevisitTrack.Card => Activity.Cards,
            RevisitTrack.Recall => Activity.Recall,
            _ => Activity.TrickyAtSight,
        };
        return !brief.Has(LessonPart.Revisit, activity) ? 0
            : brief.Asked(LessonPart.Revisit, activity) ?? Room(track, brief.Minutes, brief.Standing.Clock.AllCardsEveryDay);
    }

    private static LessonBlock Block(Activity activity, IReadOnlyList<LessonItem> items) => new(LessonPart.Revisit, activity, items);

    private static IEnumerable<LessonItem> Cards(LessonBrief brief, IReadOnlyList<DueItem> due, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.Cards);
        var cards = due.Where(x => x.Item.Track == RevisitTrack.Card).ToList();
        var soon = brief.Standing.Clock.Soon(brief.Day, RevisitTrack.Card).Take(Math.Max(0, Math.Min(FewestCards, RoomIn(brief, RevisitTrack.Card)) - cards.Count)).ToHashSet();
        return kept.Concat(cards.Concat(soon)
            .GroupBy(x => Correspondence.Parse(x.Item.Key).Grapheme.Text)
            .Where(x => kept.All(k => k.Text != x.Key))
            .Select(x => make.Item(ItemKind.Card, x.Key, string.Join(' ', x.Select(d => d.Item.Key)), [soon.Contains(x.First()) ? Reason.Of(ReasonCode.DueSoon) : Why(x.First())])));
    }

    private static IEnumerable<LessonItem> Recalls(LessonBrief brief, IReadOnlyList<DueItem> due, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.Recall);
        var rules = brief.Stock.Rules;
        var recalls = due.Where(x => x.Item.Track == RevisitTrack.Recall).ToList();
        // Where there is room, sounds that have several spellings before their day: the choice between them is what is forgotten.
        var soon = brief.Standing.Clock.Soon(brief.Day, RevisitTrack.Recall)
            .Where(x => Spellings(brief.Standing, rules, x.Item.Key).Contains(' ', StringComparison.Ordinal))
            .Take(Math.Max(0, Math.Min(FewestRecalls, RoomIn(brief, RevisitTrack.Recall)) - recalls.Count)).ToHashSet();
        return kept.Concat(recalls.Concat(soon).Where(x => kept.All(k => k.Text != x.Item.Key))
            .Select(x => make.Item(
                ItemKind.Sound, x.Item.Key, Spellings(brief.Standing, rules, x.Item.Key), [soon.Contains(x) ? Reason.Of(ReasonCode.DueSoon) : Why(x)], ExampleOf(x.Item.Key))));
    }

    /// <summary>Every spelling taught of a sound, in the order of teaching.</summary>
    internal static string Spellings(Standing standing, Reading.ReadingRules rules, string soundKey) =>
        string.Join(' ', standing.Lessons.SelectMany(x => x.Things).Select(x => x.Correspondence).OfType<Correspondence>()
            .Where(x => rules.SoundKey(x.Sound) == soundKey).Select(x => x.Grapheme.Text).Distinct());

    internal static string ExampleOf(string soundKey) => Sound.TryParse(soundKey, out var sound, out _) ? sound.Example : "";

    private static IEnumerable<LessonItem> Trickies(LessonBrief brief, IReadOnlyList<DueItem> due, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.TrickyAtSight);
        return kept.Concat(due.Where(x => x.Item.Track == RevisitTrack.Tricky && kept.All(k => k.Text != x.Item.Key))
            .Select(x => make.Tricky(x.Item.Key, [Why(x)])));
    }

    // Words of the last lessons that taught something, their own parts first and the last lesson's before the one before it.
    private static IReadOnlyList<LessonItem> Again(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.ReadAgain);
        var count = !brief.Has(LessonPart.Revisit, Activity.ReadAgain) ? 0
            : (brief.Asked(LessonPart.Revisit, Activity.ReadAgain) ?? (brief.Minutes >= LessonBrief.FullLesson ? ReadAgain : ReadAgainInShort)) - kept.Count;
        var words = brief.Standing.Lessons.Where(x => x.RungId.Length > 0).TakeLast(LessonsBack).Reverse().SelectMany(last =>
        {
            var holding = new ReadingChoice(brief.Stock).Holding(last.Things);
            return dice.Mix(last.Read.Distinct().Select(brief.Stock.Words.FindWord).OfType<Words.LexiconWord>().Where(brief.Judge.IsReadable))
                .OrderByDescending(x => holding(x)).Take((ReadAgain + 1) / LessonsBack + 1);
        }).Where(x => kept.All(k => k.Text != x.Spelling)).DistinctBy(x => x.Key).Take(Math.Max(0, count));
        return [.. kept, .. words.Select(x => make.Word(x.Key, [Reason.Of(ReasonCode.FromLastLesson)]))];
    }

    private static Reason Why(DueItem due) =>
        due.Last ? Reason.Of(ReasonCode.TaughtLast)
        : due.Shaky ? Reason.Of(ReasonCode.WasShaky)
        : due.Overdue > 0 ? Reason.Of(ReasonCode.DueBefore, $"{due.Overdue}")
        : Reason.Of(ReasonCode.DueToday);
}
