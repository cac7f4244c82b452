using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>The first part of a lesson: what is due, as far as the time goes; the rest is carried and said.</summary>
public static class RevisitPart
{
    private const int ReadAgain = 6, ReadAgainInShort = 3, LessonsBack = 2;

    // A pack of fewer cards is not worth taking out: what is due soonest fills it up.
    private const int MostCards = 15, MostCardsInShort = 12;

    private const int FewestCards = 12, FewestRecalls = 4;

    // What one of two groups in a room goes over by itself: what it learnt last, while the other reads.
    private const int CardsAlone = 5, OthersAlone = 2;

    /// <summary>How many of each track a lesson of this length has room for. Source: the domain's figures for a revisit that is no pile.</summary>
    private static int Room(RevisitTrack track, LessonLength length, bool allCards) => track switch
    {
        RevisitTrack.Card => allCards ? RevisitClock.EveryDayUpTo : length.IsShort ? MostCardsInShort : MostCards,
        RevisitTrack.Recall => length.IsVeryShort ? 2 : length.IsShort ? 3 : 5,
        _ => length.IsVeryShort ? 2 : length.IsShort ? 4 : 6,
    };

    /// <summary>What of the due things fits: cards count once for each grapheme.</summary>
    public static IReadOnlyList<DueItem> Fitting(RevisitClock clock, DateOnly day, int minutes) => Fitting(clock.Due(day), x => Room(x, new LessonLength(minutes), clock.AllCardsEveryDay));

    private static IReadOnlyList<DueItem> Fitting(IReadOnlyList<DueItem> due, Func<RevisitTrack, int> roomFor)
    {
        var fitting = new List<DueItem>();
        var graphemes = new HashSet<string>();
        foreach (var item in due)
        {
            var room = roomFor(item.Item.Track);
            if (item.Item.Track == RevisitTrack.Card)
            {
                var grapheme = GraphemeOf(item);
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
        var packs = Packs(brief, dice).ToList();
        var blocks = new List<LessonBlock>
        {
            Block(Activity.Cards, packs.ConvertAll(x => CardOrder.Mix(Cards(brief, x, make), x.Dice))),
            Block(Activity.Recall, packs.ConvertAll(x => (IReadOnlyList<LessonItem>)x.Dice.Mix(Recalls(brief, x, make)))),
            Block(Activity.ReadAgain, [Again(brief, make, packs[0].Dice)]),
            Block(Activity.TrickyAtSight, packs.ConvertAll(x => (IReadOnlyList<LessonItem>)x.Dice.Mix(Trickies(brief, x, make)))),
        };
        var fitting = packs.SelectMany(x => x.Due.Concat(x.SoonCards)).Select(x => x.Item).ToHashSet();
        return (blocks, [.. brief.Standing.Clock.Due(brief.Day).Where(x => !fitting.Contains(x.Item)).Select(x => x.Item.ToString())]);
    }

    // One pack of cards, sounds and tricky words: a class has one; two groups in a room have one for both, and each a small one of its own.
    /// <param name="SoonCards">Cards that fill it up, and what else a card in it says.</param>
    /// <param name="SoonRecalls">What falls due next, of which some may.</param>
    /// <param name="Whole">What is kept of the lesson before goes into it.</param>
    private sealed record Pack(
        IReadOnlyList<DueItem> Due, IReadOnlyList<DueItem> SoonCards, IEnumerable<DueItem> SoonRecalls, Func<RevisitTrack, int> Room, Func<DueItem, IReadOnlyList<Reason>> Why, Dice Dice, bool Whole)
    {
        /// <summary>Why what fills it up is there.</summary>
        public IReadOnlyList<Reason> WhySoon { get; init; } = [Reason.Of(ReasonCode.DueSoon)];

        /// <summary>What is kept, where this pack is the one it goes into, and then what is new.</summary>
        public IEnumerable<LessonItem> After(IReadOnlyList<LessonItem> kept, IEnumerable<LessonItem> fresh) => Whole ? kept.Concat(fresh) : fresh;
    }

    private static IEnumerable<Pack> Packs(LessonBrief brief, Dice dice)
    {
        var due = brief.Standing.Clock.Due(brief.Day);
        if (brief.Shared is not { } shared)
        {
            var fitting = Fitting(Ranked(brief, due), x => RoomIn(brief, x));
            var filling = Filling(fitting.Count(x => x.Item.Track == RevisitTrack.Card), brief.Standing.Clock.Soon(brief.Day, RevisitTrack.Card), RoomIn(brief, RevisitTrack.Card));
            yield return new Pack(fitting, filling, brief.Standing.Clock.Soon(brief.Day, RevisitTrack.Recall), x => RoomIn(brief, x), x => [Why(x)], dice, true);
            yield break;
        }

        // The pack for both is cut alike for both, whatever each has of its own.
        int Both(RevisitTrack track) => brief.Has(LessonPart.Revisit, ActivityOf(track)) ? Room(track, brief.Length, false) : 0;
        int Alone(RevisitTrack track) => Math.Min(Both(track), track == RevisitTrack.Card ? CardsAlone : OthersAlone);
        var (own, both) = (due.ToDictionary(x => x.Item), Fitting(Ranked(brief, shared.Due), Both));

        // A card for both that says more to this group: ow of cow, and for the further one of snow too.
        var cards = both.Where(x => x.Item.Track == RevisitTrack.Card).ToList();
        var soon = Filling(cards.Count, shared.Soon(brief.Day, RevisitTrack.Card), Both(RevisitTrack.Card));
        var shown = cards.Concat(soon).Select(GraphemeOf).ToHashSet();
        var alone = due.Where(x => !shared.Has(x.Item)).ToLookup(x => x.Item.Track == RevisitTrack.Card && shown.Contains(GraphemeOf(x)));
        yield return new Pack(
            both, [.. soon, .. alone[true]], shared.Soon(brief.Day, RevisitTrack.Recall), Both,
            x => [own.TryGetValue(x.Item, out var mine) ? Why(mine) : Reason.Of(ReasonCode.DueInOtherGroup), Reason.Of(ReasonCode.ForBothGroups)], new Dice(shared.Seed), true)
        {
            WhySoon = [Reason.Of(ReasonCode.DueSoon), Reason.Of(ReasonCode.ForBothGroups)],
        };
        yield return new Pack(Fitting([.. alone[false]], Alone), [], [], Alone, x => [Why(x)], dice, false);
    }

    // Of what presses alike, sounds that have several spellings come first; and a tricky word that can be read through by now
    // comes after those that cannot.
    private static IReadOnlyList<DueItem> Ranked(LessonBrief brief, IReadOnlyList<DueItem> due)
    {
        var (standings, several) = (StandingsOf(brief), WithSeveral(brief));
        var judges = standings.Select(x => new Judge(x.Taught)).ToList();
        return [.. due.OrderByDescending(x => x.Last).ThenByDescending(x => x.Shaky).ThenByDescending(x => x.Overdue).ThenBy(x => x.Item.Track switch
        {
            RevisitTrack.Recall => !several.Contains(x.Item.Key),
            RevisitTrack.Tricky => standings.All(s => s.Clock.IsAtSight(x.Item.Key)) && brief.Stock.Words.FindWord(x.Item.Key) is { } word && judges.TrueForAll(j => j.IsReadStrictly(word)),
            _ => false,
        })];
    }

    private static IReadOnlyList<DueItem> Filling(int cards, IEnumerable<DueItem> soon, int room) => [.. soon.Take(Math.Max(0, Math.Min(FewestCards, room) - cards))];

    private static string GraphemeOf(DueItem card) => Correspondence.Parse(card.Item.Key).Grapheme.Text;

    private static Activity ActivityOf(RevisitTrack track) => track switch
    {
        RevisitTrack.Card => Activity.Cards,
        RevisitTrack.Recall => Activity.Recall,
        _ => Activity.TrickyAtSight,
    };

    // As the school's own shape has it, or as much as fits.
    private static int RoomIn(LessonBrief brief, RevisitTrack track) => !brief.Has(LessonPart.Revisit, ActivityOf(track)) ? 0
        : brief.Asked(LessonPart.Revisit, ActivityOf(track)) ?? Room(track, brief.Length, brief.Standing.Clock.AllCardsEveryDay);

    private static LessonBlock Block(Activity activity, IReadOnlyList<IReadOnlyList<LessonItem>> packs)
    {
        LessonItem[] items = [.. packs.SelectMany(x => x)];
        var alone = packs.Skip(1).Sum(x => x.Count);
        return new LessonBlock(LessonPart.Revisit, activity, items) { Asks = alone > 0 ? [Ask.Of(AskCode.TogetherThenAlone, $"{items.Length - alone}", $"{alone}")] : [] };
    }

    private static IEnumerable<LessonItem> Cards(LessonBrief brief, Pack pack, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.Cards);
        var soon = pack.SoonCards.ToHashSet();
        var fresh = pack.Due.Where(x => x.Item.Track == RevisitTrack.Card).Concat(pack.SoonCards)
            .GroupBy(GraphemeOf)
            .Where(x => kept.All(k => k.Text != x.Key))
            .Select(x => make.Item(ItemKind.Card, x.Key, string.Join(' ', x.Select(d => d.Item.Key)), soon.Contains(x.First()) ? pack.WhySoon : pack.Why(x.First())));
        return pack.After(kept, fresh);
    }

    private static IEnumerable<LessonItem> Recalls(LessonBrief brief, Pack pack, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.Recall);
        var rules = brief.Stock.Rules;
        var several = WithSeveral(brief);
        var recalls = pack.Due.Where(x => x.Item.Track == RevisitTrack.Recall).ToList();
        // Where there is room, sounds that have several spellings before their day: the choice between them is what is forgotten.
        var soon = pack.SoonRecalls
            .Where(x => several.Contains(x.Item.Key))
            .Take(Math.Max(0, Math.Min(FewestRecalls, pack.Room(RevisitTrack.Recall)) - recalls.Count)).ToHashSet();
        var fresh = recalls.Concat(soon).Where(x => kept.All(k => k.Text != x.Item.Key))
            .Select(x => make.Item(ItemKind.Sound, x.Item.Key, Spellings(brief.Stock, brief.Standing, x.Item.Key), soon.Contains(x) ? pack.WhySoon : pack.Why(x), ExampleOf(x.Item.Key)));
        return pack.After(kept, fresh);
    }

    /// <summary>Every spelling taught of a sound that words have in this accent, in the order of teaching.</summary>
    internal static string Spellings(WordStock stock, Standing standing, string soundKey) =>
        string.Join(' ', standing.Lessons.SelectMany(x => x.Things).Select(x => x.Correspondence).OfType<Correspondence>()
            .Where(x => stock.Rules.SoundKey(x.Sound) == soundKey && stock.HasWords(x)).Select(x => x.Grapheme.Text).Distinct());

    private static IReadOnlyList<Standing> StandingsOf(LessonBrief brief) => brief.Shared?.Two ?? [brief.Standing];

    // The sounds of which a class, or one of two in a room, was taught several spellings.
    private static HashSet<string> WithSeveral(LessonBrief brief) => [.. StandingsOf(brief).SelectMany(s => s.Lessons.SelectMany(x => x.Things).Select(x => x.Correspondence).OfType<Correspondence>()
        .GroupBy(x => brief.Stock.Rules.SoundKey(x.Sound)).Where(x => x.Select(c => c.Grapheme.Text).Distinct().Skip(1).Any()).Select(x => x.Key))];

    internal static string ExampleOf(string soundKey) => Sound.TryParse(soundKey, out var sound, out _) ? sound.Example : "";

    private static IEnumerable<LessonItem> Trickies(LessonBrief brief, Pack pack, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.TrickyAtSight);
        var fresh = pack.Due.Where(x => x.Item.Track == RevisitTrack.Tricky && kept.All(k => k.Text != x.Item.Key)).Select(x => make.Tricky(x.Item.Key, pack.Why(x)));
        return pack.After(kept, fresh);
    }

    // Words of the last lessons that taught something, their own parts first and the last lesson's before the one before it.
    private static IReadOnlyList<LessonItem> Again(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Revisit, Activity.ReadAgain);
        var count = !brief.Has(LessonPart.Revisit, Activity.ReadAgain) ? 0
            : (brief.Asked(LessonPart.Revisit, Activity.ReadAgain) ?? (brief.Length.IsShort ? ReadAgainInShort : ReadAgain)) - kept.Count;
        var last = brief.Shared?.LastRead(brief.Stock, LessonsBack) ?? LastOf(brief.Standing, LessonsBack)
            .Select(x => (x.Things, brief.Standing.AsIf is not null && x.Read.Count == 0 ? WouldHaveRead(brief, x, dice)
                : [.. x.Read.Distinct().Select(brief.Stock.Words.FindWord).OfType<LexiconWord>().Where(brief.Judge.IsReadable)]));
        var words = last.SelectMany(lesson =>
        {
            var holding = new HeldParts(brief.Stock).Holding(lesson.Item1);
            return dice.Mix(lesson.Item2).OrderByDescending(x => holding(x)).Take((ReadAgain + 1) / LessonsBack + 1);
        }).Where(x => kept.All(k => k.Text != x.Spelling)).DistinctBy(x => x.Key).Take(Math.Max(0, count));
        return [.. kept, .. words.Select(x => make.Word(x.Key, [Reason.Of(ReasonCode.FromLastLesson)]))];
    }

    // Of a lesson that is only supposed: words it would have read.
    private static IReadOnlyList<LexiconWord> WouldHaveRead(LessonBrief brief, TaughtLesson lesson, Dice dice) => lesson.Things.Count == 0 ? []
        : [.. new ReadingChoice(brief.Stock).Choose(new ReadingBrief(
            new Judge(brief.Standing.Taught), lesson.Things, brief.Shape, new HashSet<string>(), brief.Standing.TimesRead, new HashSet<string>(), ReadAgain, (ulong)dice.Next(int.MaxValue), brief.MayChoose))
            .Where(x => x.HoldsTarget).Select(x => x.Word)];

    /// <summary>The last lessons that taught a rung, the latest first; when there was none for a week, the last of whatever kind.</summary>
    internal static IEnumerable<TaughtLesson> LastOf(Standing standing, int count)
    {
        var lately = standing.Lessons.TakeLast(RevisitClock.NewestFor).Any(x => x.RungId.Length > 0);
        return standing.Lessons.Where(x => !lately || x.RungId.Length > 0).TakeLast(count).Reverse();
    }

    private static Reason Why(DueItem due) =>
        due.Last ? Reason.Of(ReasonCode.TaughtLast)
        : due.Shaky ? Reason.Of(ReasonCode.WasShaky)
        : due.Overdue > 0 ? Reason.Of(ReasonCode.DueBefore, $"{due.Overdue}")
        : Reason.Of(ReasonCode.DueToday);
}
