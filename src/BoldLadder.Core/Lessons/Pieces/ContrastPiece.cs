using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// The one comparison of a lesson, the one that fits what is taught: children who only ever meet the new thing learn to
/// expect it. Source: the domain's rule for a lesson that a good teacher would choose.
/// </summary>
internal static class ContrastPiece
{
    private const int Words = 6, Pairs = 3, FewestPairs = 2, MostColumns = 4, OnADay = 9;

    // Pairs of one of so many lessons before come after others.
    private const int ComparedApart = 3;

    // A spelling stands where at least one in so many of its words has it.
    private const int StandsOneIn = 4;

    /// <summary>Below this many graphemes a chain shows more than a sort: there are hardly words to sort.</summary>
    private const int EarlyLetters = 10;

    /// <summary>The block, or null when nothing can be compared.</summary>
    /// <param name="used">Words of the lesson, in small letters; those chosen are added, but for a chain's: what was built is read too.</param>
    public static LessonBlock? Make(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used)
    {
        var block = Kept(brief) ?? Chosen(brief, make, dice, used);
        used.UnionWith(block is null or { Activity: Activity.Chain } ? [] : block.Items.Select(x => x.Text.ToLowerInvariant()));
        return block;
    }

    private static LessonBlock? Kept(LessonBrief brief) => ((Activity[])[Activity.Compare, Activity.Sort, Activity.Choose, Activity.Chain])
        .Select(x => new LessonBlock(LessonPart.Practise, x, brief.KeptIn(LessonPart.Practise, x)) { Asks = brief.AsksIn(LessonPart.Practise, x) }).FirstOrDefault(x => x.Items.Count > 0);

    private static LessonBlock? Chosen(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used)
    {
        if (brief.Rung is not { Kind: RungKind.Teach, AddsParts: true } rung)
        {
            var together = brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().Distinct().ToList();
            return brief.Rung is { Kind: RungKind.Contrast } ? SortBlock.Together(brief, make, dice, used, together, OnADay) : Again(brief, make, dice, used, together);
        }

        if (BaseAndMore.Make(brief, make, dice, brief.Meets) is { } pairs)
        {
            return pairs;
        }

        if (rung.Adds.Any(x => x.Structure is TaughtStructure.PairAtStart or TaughtStructure.PairAtEnd or TaughtStructure.ThreeTogether)
            && Added(brief, make, dice, rung) is { } added)
        {
            return added;
        }

        if (brief.Standing.DaysGiven(rung) == 0 && OneOrTwo(brief, make, dice, used, rung) is { } doubled)
        {
            return doubled;
        }

        // A rung's further days compare another of its parts, or with something else, where there is something else.
        var given = brief.Standing.DaysGiven(rung);
        if (TurnAbout.Of([.. rung.Correspondences.Select(x => Fitting(brief, make, dice, used, x))]).DistinctBy(Compared).Take(given + 1).ToList() is { Count: > 0 } fitting)
        {
            return fitting[given % fitting.Count];
        }

        var chain = ChainBlock.Make(brief, make, dice);
        return RimeSort.Make(brief, make, dice, used)
            ?? rung.Correspondences.Select(x => Grown(brief, make, dice, x)).FirstOrDefault(x => x is not null)
            ?? (chain is not null && IsOnPoint(brief, chain) ? chain : LongerWords.Beats(brief, make, dice, used) ?? chain);
    }

    // Ai beside ay is ay beside ai.
    private static string Compared(LessonBlock x) =>
        $"{x.Activity} {string.Join(' ', x.Asks.Select(a => $"{a.Code} {string.Join(' ', a.Arguments.Order(StringComparer.Ordinal))}"))}";

    // What a part is best compared with, the best first, each made when it is asked for.
    private static IEnumerable<LessonBlock> Fitting(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, Correspondence taught)
    {
        var early = brief.Judge.Taught.Correspondences.Select(x => x.Grapheme).Distinct().Count() < EarlyLetters;
        Func<LessonBlock?>[] fitting =
        [
            () => ShortAndSplit(brief, make, dice, taught),
            () => LookAlikes(brief, make, dice, used, taught, Confusables.Turned),
            () => Rivals(brief, make, dice, used, taught),
            () => SameLetters(brief, make, dice, used, taught),
            () => early ? null : Neighbours(brief, make, dice, taught),
            () => LookAlikes(brief, make, dice, used, taught, Confusables.LookAlike),
            () => early ? null : NeighbourSort(brief, make, dice, used, taught),
        ];
        return fitting.Select(x => x()).OfType<LessonBlock>();
    }

    // With nothing new: those of the last lessons that are taken for each other, or the last contrast again.
    private static LessonBlock? Again(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, List<Correspondence> together) =>
        together.AsEnumerable().Reverse().Select(x => SortBlock.Together(brief, make, dice, used, AlikeWith(brief, x, together), 2 * MostColumns))
            .Concat(together.AsEnumerable().Reverse().SelectMany(x => Fitting(brief, make, dice, used, x))).FirstOrDefault(x => x is not null)
        ?? ChainBlock.Make(brief, make, dice);

    // One with the other spellings of its sound, or with one that is taken for it: ai, ay and a_e, or sh and ch.
    private static List<Correspondence> AlikeWith(LessonBrief brief, Correspondence one, List<Correspondence> among)
    {
        var rules = brief.Stock.Rules;
        var rivals = among.Where(x => x == one || rules.SameSound(x.Sound, one.Sound)).TakeLast(MostColumns).ToList();
        return rivals.Count > 1 ? rivals
            : [.. among.AsEnumerable().Reverse().Where(x => x != one && AreAlike(brief, x, one)).Take(1), one];
    }

    private static bool AreAlike(LessonBrief brief, Correspondence x, Correspondence y) =>
        x.Grapheme == y.Grapheme || Confusables.Turned(x.Grapheme.Text, y.Grapheme.Text)
        || ((NearSounds.Of(x.Sound).Contains(y.Sound) || NearSounds.Of(y.Sound).Contains(x.Sound)) && !AreApart(PartPlaces.In(brief.Stock, x).Usual, PartPlaces.In(brief.Stock, y).Usual));

    // Nobody takes the kn a word begins with for the mb another ends in, near as their sounds are.
    private static bool AreApart(string? place, string? other) => (place, other) is ("first", "last") or ("last", "first");

    /// <summary>A chain for a lesson that has time for one beside its contrast; null where none stays with the point.</summary>
    public static LessonBlock? ChainBeside(LessonBrief brief, ItemMaker make, Dice dice) =>
        brief.Pieces.Has(LessonPart.Practise, Slot.Contrast) && ChainBlock.Make(brief, make, dice) is { } chain && IsOnPoint(brief, chain) ? chain : null;

    // At least every second word of it has today's part.
    private static bool IsOnPoint(LessonBrief brief, LessonBlock chain)
    {
        var holding = new HeldParts(brief.Stock).Holding(brief.Targets);
        return chain.Items.Count(x => brief.Stock.Words.FindWord(x.Text) is { } word && holding(word)) * 2 >= chain.Items.Count;
    }

    private static LessonBlock? Grown(LessonBrief brief, ItemMaker make, Dice dice, Correspondence taught) => OfPairs(
        brief, make, dice, LongerWords.GrownBy(brief, taught), Ask.Of(AskCode.Grown, taught.Grapheme.Text), x => [Reason.Of(ReasonCode.HasBeats, $"{brief.Stock.Rules.Rows.ShapeOf(x.One.Row).Syllables}")]);

    private static LessonBlock? ShortAndSplit(LessonBrief brief, ItemMaker make, Dice dice, Correspondence taught) => !taught.Grapheme.IsSplit ? null
        : OfPairs(
            brief, make, dice,
            PairsOf(brief).ShortAndSplit(new ListBrief(brief.Judge, Shape: brief.Shape)).Where(x => x.Other.Reading.Segments.Any(s => s.Correspondence == taught)),
            Ask.Of(AskCode.ShortAndSplit), x => [Reason.Of(ReasonCode.ShortVowel)]);

    private static LessonBlock? Added(LessonBrief brief, ItemMaker make, Dice dice, Rung rung)
    {
        var (list, pairs, structures) = (new ListBrief(brief.Judge, Shape: brief.Shape), PairsOf(brief), rung.Adds.Select(x => x.Structure).ToHashSet());
        var holding = PractisedWords.Of(brief.Stock, brief.Judge, rung.Adds);
        var added = structures.Contains(TaughtStructure.PairAtStart) ? pairs.AddedInFront(list)
            : structures.Contains(TaughtStructure.PairAtEnd) ? pairs.AddedAtEnd(list)
            : pairs.AddedInFront(list).Concat(pairs.AddedAtEnd(list));
        return OfPairs(
            brief, make, dice, added.Where(x => holding.Includes(new SentenceWord(x.Other.Word.Key, x.Other.Word, null))),
            Ask.Of(AskCode.Added), x => [Reason.Of(ReasonCode.SoundCount, $"{x.One.Reading.SoundCount}")]);
    }

    // A new spelling of a known sound beside the old ones: chosen where its place tells, else sorted.
    private static LessonBlock? Rivals(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, Correspondence taught)
    {
        var rules = brief.Stock.Rules;
        var all = brief.Judge.Taught.Correspondences
            .Where(x => x.Grapheme != taught.Grapheme && rules.SameSound(x.Sound, taught.Sound) && !(x.IsDoubledConsonant && taught.IsDoubledConsonant)).ToList();

        // What a rung teaches together is told from each other first.
        var own = brief.Rung?.Correspondences.ToHashSet() ?? [];
        var rivals = all.OrderByDescending(own.Contains).ThenByDescending(x => Used(brief, x)).Take(2).ToList();
        if (rivals.Count == 0)
        {
            return null;
        }

        // Where the place tells which spelling it is, children choose; else they sort, by words in which the rival stands
        // where the new one does, since elsewhere nobody would take one for the other.
        foreach (var columns in (IReadOnlyList<Correspondence>[])[[taught, .. rivals], [taught, rivals[0]]])
        {
            if (SortBlock.BySpelling(brief, make, dice, used, columns, Words) is { } open && open.Items.Where(x => IsTold(brief, x, columns)).ToList() is var told && told.Count >= open.Items.Count - 1
                && columns.All(c => told.Count(x => x.Heading == c.Grapheme.Text) >= SortBlock.FewestInAColumn))
            {
                return new LessonBlock(LessonPart.Practise, Activity.Choose, told)
                {
                    Asks = [Ask.Of(AskCode.WhichSpelling, [.. columns.Select(x => x.Grapheme.Text)])],
                };
            }
        }

        // Of those the ones that stand there most: inside a word ie is told from ee and ea, not from the y of happy.
        var place = PartPlaces.In(brief.Stock, taught).Usual;
        // And of those that hardly stand there, crayon for ay, none is taken for it.
        int There(Correspondence x) => brief.Stock.Everyday(x).Count(w => IsFor(brief, w) && PartPlaces.Of(w.Reading, x) == place);
        bool Stands(Correspondence x) => There(x) * StandsOneIn >= brief.Stock.Everyday(x).Count(w => IsFor(brief, w));
        var there = all.OrderByDescending(own.Contains).ThenByDescending(Stands).ThenByDescending(There).Take(2).ToList();
        there = [.. there.Take(1).Concat(there.Skip(1).Where(x => own.Contains(x) || Stands(x)))];
        return SortBlock.BySpelling(brief, make, dice, used, [taught, .. there], Words, place) ?? SortBlock.BySpelling(brief, make, dice, used, [taught, there[0]], Words, place)
            ?? SortBlock.BySpelling(brief, make, dice, used, [taught, rivals[0]], Words);
    }

    // True when, by where it stands, the spelling could be told without knowing the word.
    private static bool IsTold(LessonBrief brief, LessonItem item, IReadOnlyList<Correspondence> columns)
    {
        var reading = brief.Stock.Words.Find(item.Text)!.Readings[0];
        var at = Enumerable.Range(0, reading.Segments.Count).First(i => columns.Contains(reading.Segments[i].Correspondence));
        return brief.Stock.Evidence.IsBestBet(columns[0].Sound, SpellingEvidence.PlaceOf(reading, at), item.Heading, columns.Select(x => x.Grapheme.Text).Where(x => x != item.Heading));
    }

    // Several letters that are doubled where a word ends: a word of each, and one that begins with it (bell, leg).
    private static LessonBlock? OneOrTwo(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, Rung rung)
    {
        if (rung.Correspondences.Count < FewestPairs || !rung.Correspondences.All(DoubledLetters.EndWords))
        {
            return null;
        }

        var (taken, items) = (new HashSet<string>(used), new List<LessonItem>());
        foreach (var two in rung.Correspondences)
        {
            var one = brief.Judge.Taught.Correspondences.FirstOrDefault(x => x.Grapheme.Text == two.Grapheme.Text[..1] && brief.Stock.Rules.SameSound(x.Sound, two.Sound));
            foreach (var (column, place) in one.Grapheme.Text is null ? [] : ((Correspondence, string)[])[(two, "last"), (one, "first")])
            {
                items.AddRange(SortBlock.WordsOf(brief, dice, column, [two, one], taken, 1, place).Select(x => make.Word(x.Word.Key, [Reason.Of(ReasonCode.SpeltWith, column.Grapheme.Text)]) with { Heading = column.Grapheme.Text }));
                taken.UnionWith(items.Select(x => x.Text.ToLowerInvariant()));
            }
        }

        return items.Count < 2 * rung.Correspondences.Count ? null : new LessonBlock(LessonPart.Practise, Activity.Choose, dice.Mix(items))
        {
            Asks = [Ask.Of(AskCode.OneOrTwo, [.. rung.Correspondences.Select(x => x.Grapheme.Text)])],
        };
    }

    // The letters were met before and said something else: sorted by what they say.
    private static LessonBlock? SameLetters(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, Correspondence taught) => SortBlock.BySound(
        brief, make, dice, used,
        [
            taught,
            .. brief.Judge.Taught.Correspondences.Where(x => x.Grapheme == taught.Grapheme && !brief.Stock.Rules.SameSound(x.Sound, taught.Sound)).OrderByDescending(x => Used(brief, x)).Take(1),
        ],
        Words);

    private static LessonBlock? Neighbours(LessonBrief brief, ItemMaker make, Dice dice, Correspondence taught)
    {
        foreach (var near in Near(brief, taught))
        {
            var pairs = PairsOf(brief).Minimal(new ListBrief(brief.Judge, Shape: brief.Shape), near.Sound, taught.Sound)
                .Where(x => x.Other.Reading.Segments.Any(s => s.Correspondence == taught) && x.One.Reading.Segments.Any(s => s.Correspondence == near)).ToList();
            if (pairs.Count >= Pairs && OfPairs(
                brief, make, dice, pairs, Ask.Of(AskCode.Pair, near.Grapheme.Text, taught.Grapheme.Text), x => [Reason.Of(ReasonCode.HasPart, near.Grapheme.Text, "")]) is { } block)
            {
                return block;
            }
        }

        return null;
    }

    private static LessonBlock? NeighbourSort(LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, Correspondence taught) => Near(brief, taught)
        .Select(x => SortBlock.Of(brief, make, dice, used, [taught, x], Words, c => c.Grapheme.Text, Ask.Of(AskCode.WhichHas, taught.Grapheme.Text, x.Grapheme.Text)))
        .FirstOrDefault(x => x is not null);

    private static LessonBlock? LookAlikes(
        // The n of pink is no new letter: what it looks like was told when n was.
        LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, Correspondence taught, Func<string, string, bool> alike) => brief.Standing.Things.Any(x => x.Correspondence is { } c && c.Grapheme == taught.Grapheme) ? null
        : brief.Judge.Taught.Correspondences.Where(x => alike(x.Grapheme.Text, taught.Grapheme.Text)).OrderBy(x => x.Key, StringComparer.Ordinal)
        .Select(x => SortBlock.Of(brief, make, dice, used, [taught, x], Words, c => c.Grapheme.Text, Ask.Of(AskCode.WhichLetter, taught.Grapheme.Text, x.Grapheme.Text)))
        .FirstOrDefault(x => x is not null);

    private static LessonBlock? OfPairs(
        LessonBrief brief, ItemMaker make, Dice dice, IEnumerable<WordPair> pairs, Ask asks, Func<WordPair, IReadOnlyList<Reason>> first)
    {
        var known = pairs.Where(x => x.One.Word.Everyday && x.Other.Word.Everyday && IsFor(brief, x.One) && IsFor(brief, x.Other)).ToList();
        var since = WorkDone.Since(brief, Activity.Compare, ComparedApart);
        var chosen = Spread(dice.Mix(known), x => x.Other.Rime).OrderByDescending(x => since(x.Other.Word.Key)).DistinctBy(x => x.One.Word.Key).DistinctBy(x => x.Other.Word.Key).Take(Pairs).ToList();
        return chosen.Count < FewestPairs ? null : new LessonBlock(
            LessonPart.Practise, Activity.Compare,
            [.. chosen.SelectMany(x => (LessonItem[])[make.Word(x.One.Word.Key, first(x)), make.Word(x.Other.Word.Key, x.Reasons)])])
        {
            Asks = [asks],
        };
    }

    // What is already taught and near, likeliest slip first.
    private static IEnumerable<Correspondence> Near(LessonBrief brief, Correspondence taught) => NearSounds.Of(taught.Sound)
        .Select(x => brief.Standing.Things.Select(t => t.Correspondence).OfType<Correspondence>().Where(c => c.Sound == x && !brief.Stock.Rules.SameSound(x, taught.Sound))
            .OrderByDescending(c => Used(brief, c)).Select(c => (Correspondence?)c).FirstOrDefault())
        .OfType<Correspondence>();

    private static int Used(LessonBrief brief, Correspondence x) =>
        Enum.GetValues<SoundPlace>().Sum(place => brief.Stock.Evidence.Count(x.Sound, place, x.Grapheme.Text));

    internal static bool IsFor(LessonBrief brief, OfferedWord x) =>
        brief.Stock.Rules.Rows.Fits(x.Row, brief.Shape) && brief.Judge.IsReadable(x.Word) && brief.MayChoose(x);

    private static WordPairs PairsOf(LessonBrief brief) => new(new WordLists(brief.Stock), brief.Stock);

    // One of each kind first, then a second of each.
    internal static IEnumerable<T> Spread<T, TKind>(IEnumerable<T> items, Func<T, TKind> kind) where TKind : notnull
    {
        var seen = new Dictionary<TKind, int>();
        return items.Select(x => (x, Turn: seen[kind(x)] = seen.GetValueOrDefault(kind(x)) + 1)).ToList().OrderBy(x => x.Turn).Select(x => x.x);
    }
}
