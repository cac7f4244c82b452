using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// The third part of a lesson: words to read, the day's contrast, words to spell. Before there are words enough, oral
/// blending takes their place.
/// </summary>
internal static class PractisePart
{
    // Source: what nine minutes of practice carry: about ten read, six compared, four or five spelt.
    private const int FewestToRead = 4, MostToRead = 11, FewestToSpell = 2, UsuallySpelt = 4, UsuallyBuilt = 3, MostToSpell = 5, Spares = 2, EnoughRead = 8;

    // A day without anything new to meet, or to listen for, has its minutes for more of both.
    private const int MostOnReview = 15, MostSpeltOnReview = 7;

    // Words that keep other parts going are at most one in five, and two where today's are few.
    private const int OthersOneIn = 5, FewestOthers = 2;

    // Ice, rice, mice, nice is one thing written four times; but a third that rhymes is better than a word of which a part must be told.
    private const int MostOfARime = 2;

    // Of five days on which made-up words may be used, one has them, in place of some of the reading.
    private const int MadeUpOneIn = 5;

    // With less there would be fewer than eight words left to read.
    private const int LeastForMadeUp = 440;

    // With fewer that the youngest know, besides those that are compared, the day's words are hardly enough to read.
    private const int FewestOfItsOwn = 7;

    private const int Shown = 2, Together = 3;

    // Where longer words are spelt, none of more letters while there are others.
    private const int MostLetters = 7;

    // A word spelt in one of so many lessons before waits while others are there.
    private const int SpeltApart = 3;

    // And a word that the adult showed in one of so many.
    private const int ShownApart = 5;

    // Of the time for practice, the share that goes to spelling.
    private const double SpellShare = 0.42;

    /// <summary>Seconds that the part can use; what is over belongs to apply.</summary>
    public static int MostFor(LessonBrief brief) => brief.Kind switch
        {
            LessonKind.TrickyWordDay => Timing.Of(Activity.FillGap, TrickyGaps.Most) + Timing.Of(Activity.MixedTricky, TrickyPieces.Cards),
            LessonKind.Print => Timing.Of(Activity.MendSentence, SentenceToMend.Most),
            _ => Timing.Of(Activity.Sort, 6),
        }
        + (brief.Length.HasChain ? Timing.Of(Activity.Chain, ChainBlock.Most) + Timing.Of(Activity.OralBlending, brief.Length.Blended) : 0)
        + Timing.Of(Activity.Read, Most(brief).Read) + (brief.Kind == LessonKind.TrickyWordDay ? 0 : Timing.Of(Activity.Spell, Most(brief).Spelt));

    private static (int Read, int Spelt) Most(LessonBrief brief) => HasRoom(brief) ? (MostOnReview + brief.Length.MoreRead, MostSpeltOnReview + brief.Length.MoreSpelt) : (MostToRead + brief.Length.MoreRead, MostToSpell + brief.Length.MoreSpelt);

    private static bool HasRoom(LessonBrief brief) => brief.Kind != LessonKind.TrickyWordDay && (brief.NothingNew || brief.IsFurtherDay || brief.Kind == LessonKind.Print || brief.Rung is { AddsParts: true } rung && rung.Adds.All(x => x.Structure is not null));

    /// <summary>What a lesson compares, whatever time is left for it.</summary>
    /// <param name="Gaps">Sentences with a word or a mark left out, which stand for the contrast; null on most days.</param>
    /// <param name="Used">Words that are kept or compared, in small letters.</param>
    public sealed record Compared(LessonBlock? Gaps, LessonBlock Alike, LessonBlock? Contrast, LessonBlock? Chain, HashSet<string> Used);

    /// <param name="gaps">Sentences that stand for the contrast; null on most days.</param>
    public static Compared Compare(LessonBrief brief, ItemMaker make, Dice dice, LessonBlock? gaps)
    {
        var used = brief.KeptWords.ToHashSet();
        var alike = SameSound.Make(brief, make, new Dice((ulong)dice.Next(int.MaxValue)), used);
        used.UnionWith(alike.Items.Select(x => x.Text.ToLowerInvariant()));
        var contrast = gaps is null && brief.Pieces.Has(LessonPart.Practise, Slot.Contrast) ? ContrastPiece.Make(brief, make, new Dice((ulong)dice.Next(int.MaxValue)), used) : null;
        var chain = brief.Length.HasChain && contrast is { Activity: not Activity.Chain } ? ContrastPiece.ChainBeside(brief, make, dice) : null;
        return new Compared(gaps, alike, contrast, chain, used);
    }

    /// <param name="seconds">Time left for the part.</param>
    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice, int seconds, Compared compared)
    {
        var (gaps, alike, contrast, chain, used) = compared;
        var madeUp = MadeUp(brief, make, dice, seconds);
        var blended = !brief.Has(LessonPart.Practise, Activity.OralBlending) ? 0 : brief.Asked(LessonPart.Practise, Activity.OralBlending) ?? brief.Length.Blended;
        var byEar = blended == 0 ? null : new LessonBlock(LessonPart.Practise, Activity.OralBlending, OralBlending.Items(brief, make, dice, blended, new HashSet<string>()));
        var pictures = PictureMatch.Make(brief, make, dice, used.Union(contrast?.Items.Select(x => x.Text.ToLowerInvariant()) ?? []).ToHashSet());
        var mixed = TrickyPieces.Mixed(brief, make, dice);
        var extra = new[] { byEar, mixed.Items.Count > 0 ? mixed : null, gaps, contrast, chain, alike.Items.Count > 0 ? alike : null, madeUp, pictures, NameToWrite.Make(brief, make, dice) }.OfType<LessonBlock>().ToList();
        if (madeUp is not null && !MadeUpAsked(brief) && seconds - extra.Sum(x => x.Seconds) < Timing.Of(Activity.Read, EnoughRead) + Timing.Of(Activity.Spell, UsuallySpelt))
        {
            extra.Remove(madeUp);
        }

        var (reads, builds, spells) = Counts(brief, seconds - extra.Sum(x => x.Seconds));
        var keptRead = brief.KeptIn(LessonPart.Practise, Activity.Read);
        var (keptSpell, keptBuilt) = (brief.KeptIn(LessonPart.Practise, Activity.Spell), brief.KeptIn(LessonPart.Practise, Activity.Build));
        var (wanted, seed) = (Math.Max(0, reads - keptRead.Count), (ulong)dice.Next(int.MaxValue));
        var words = new ReadingChoice(brief.Stock).Choose(brief.Ask(wanted + Spares, used, seed));
        if (words.Count < Math.Min(FewestToRead, wanted))
        {
            // A class with few letters reads its few words, and then changes one into the next.
            used.ExceptWith(extra.SelectMany(x => x.Items).Select(x => x.Text.ToLowerInvariant()));
            words = new ReadingChoice(brief.Stock).Choose(brief.Ask(wanted + Spares, used, seed));
        }

        else if (contrast is not null && words.Count(IsOfItsOwn) < Math.Min(wanted, FewestOfItsOwn) && brief.Targets.All(x => x.Ending is null))
        {
            // Where few words with today's part are theirs, those are read and compared: lamb and crumb, and not their plurals; web, and not wok; haunt, and not haunting.
            var again = new ReadingChoice(brief.Stock).Choose(brief.Ask(wanted + Spares, used.Except(contrast.Items.Select(x => x.Text.ToLowerInvariant())).ToHashSet(), seed));
            words = Worth(again).CompareTo(Worth(words)) > 0 ? again : words;
        }

        var rivals = words.Count(x => x.HoldsTarget) < wanted ? Rivals(brief) : [];
        words = Beside(brief, words, rivals, wanted, used, seed);
        var toRead = OnThePoint(brief, words, wanted, rivals.Count == 0 ? 0 : contrast is null ? wanted : EnoughRead);
        var read = keptRead.Concat(toRead.Select(x => Item(make, x))).ToList();
        if (read.Count < Math.Min(FewestToRead, reads))
        {
            var heard = byEar is null && brief.Has(LessonPart.Practise, Activity.OralBlending) ? Blending(brief, make, dice, seconds) : [];
            return [new LessonBlock(LessonPart.Practise, Activity.OralBlending, heard), new LessonBlock(LessonPart.Practise, Activity.Read, Released(brief, read)), .. extra];
        }

        used.UnionWith(words.Select(x => x.Word.Key).Concat(contrast?.Items.Select(x => x.Text.ToLowerInvariant()) ?? []));
        var (toBuild, toSpell) = (Math.Max(0, builds - keptBuilt.Count), Math.Max(0, spells - keptSpell.Count));
        var written = Spellings(brief, make, dice, used, toRead, toBuild + toSpell).ToList();
        return
        [
            new LessonBlock(LessonPart.Practise, Activity.Read, Released(brief, read)),
            .. extra,
            new LessonBlock(LessonPart.Practise, Activity.Build, [.. keptBuilt, .. written.Take(toBuild)]),
            new LessonBlock(LessonPart.Practise, Activity.Spell, [.. keptSpell, .. written.Skip(toBuild)]),
            new LessonBlock(LessonPart.Practise, Activity.Spare, [.. words.Where(x => !toRead.Contains(x) && !written.Exists(w => w.Text == x.Word.Spelling)).Select(x => Item(make, x))]),
        ];
    }

    // Where English has few words with today's part, what fills up has its sound in another spelling, claw beside launch; or
    // is made in the same way: hope beside Pete, darkness beside nervous.
    private static IReadOnlyList<ChosenWord> Beside(LessonBrief brief, IReadOnlyList<ChosenWord> words, List<Teachable> rivals, int wanted, HashSet<string> used, ulong seed)
    {
        var on = words.Where(x => x.HoldsTarget).ToList();
        return rivals.Count == 0 ? words
            : [.. on.Concat(new ReadingChoice(brief.Stock).Choose(brief.Ask(wanted + Spares - on.Count, used, seed) with { Targets = rivals, Today = brief.Targets, Pool = null }).Where(x => x.HoldsTarget).Select(x => x with { Target = null })).Concat(words.Except(on)).Take(wanted + Spares)];
    }

    private static List<Teachable> Rivals(LessonBrief brief)
    {
        var sounds = brief.Teaches.Select(x => x.Correspondence).OfType<Correspondence>().Select(x => x.Sound).ToList();
        List<Teachable> before = [.. brief.Standing.Things.Except(brief.Teaches)];
        List<Teachable> sameSound = [.. before.Where(x => x.Correspondence is { } c && sounds.Exists(s => brief.Stock.Rules.SameSound(s, c.Sound)))];
        return sameSound.Count > 0 ? sameSound : [.. before.Where(x => brief.Teaches.Any(t => IsLike(t, x)))];
    }

    private static bool IsLike(Teachable today, Teachable other) =>
        today is { Run.BringsBeat: true } ? other is { Run.BringsBeat: true } : today is { Correspondence.Grapheme.IsSplit: true } && other is { Correspondence.Grapheme.IsSplit: true };

    private static (int OfItsOwn, int Bases, int OnThePoint) Worth(IReadOnlyList<ChosenWord> words) =>
        (words.Count(IsOfItsOwn), words.Count(x => x.HoldsTarget && x.Word.Ended is null), words.Count(x => x.HoldsTarget));

    private static bool IsOfItsOwn(ChosenWord x) => x.HoldsTarget && x.Word is { Ended: null, Familiarity: Familiarity.AtFourOrFive };

    // What holds today's part comes first, easiest first, since that is what the adult shows; words that keep other parts
    // going come last. Where a rung has two graphemes the adult shows one of each.
    /// <param name="enough">So many may be read where today's are very few and those that fill up serve the day.</param>
    private static List<ChosenWord> OnThePoint(LessonBrief brief, IReadOnlyList<ChosenWord> words, int count, int enough)
    {
        var on = Even([.. words.Where(x => x.HoldsTarget)], count);
        var others = on.Count == 0 ? count : Math.Max(Math.Max(FewestOthers, on.Count / (OthersOneIn - 1)), Math.Max(FewestToRead + 1, on.Count < FewestToRead ? enough : 0) - on.Count);
        var chosen = on.Concat(words.Where(x => !x.HoldsTarget).Take(Math.Min(others, count - on.Count))).ToList();
        // Of those as short as the shortest, such as the adult did not show lately.
        var since = WorkDone.Since(brief, Activity.Read, ShownApart);
        var first = chosen.Where(x => x.HoldsTarget).GroupBy(x => x.Target).Take(Shown)
            .SelectMany(mine => mine.Where(x => x.Shape.Boxes == mine.First().Shape.Boxes).OrderByDescending(x => since(x.Word.Key)).Concat(mine).Distinct().Select((x, turn) => (x, turn))).ToList();
        var shown = first.Where(x => x.turn == 0).Concat(first.Where(x => x.turn == 1)).Select(x => x.x).Take(Shown).ToList();
        return [.. shown, .. chosen.Except(shown)];
    }

    // What is over is left out from behind, of the part that has most: spare words take none of its share from another.
    private static List<ChosenWord> Even(List<ChosenWord> words, int count)
    {
        while (words.Count > count)
        {
            _ = words.Remove(words.GroupBy(x => x.Target).MaxBy(x => x.Count())!.Last());
        }

        return words;
    }

    private static LessonBlock? MadeUp(LessonBrief brief, ItemMaker make, Dice dice, int seconds)
    {
        var turn = dice.Next(MadeUpOneIn);
        // An ending on no word at all says nothing of endings.
        var endings = brief.Targets.Count > 0 && brief.Targets.All(x => x.Ending is not null);
        return MadeUpAsked(brief) || (brief.Has(LessonPart.Practise, Activity.MadeUp) && turn == 0 && seconds >= LeastForMadeUp && !endings)
            ? MadeUpBlock.Make(brief, make, dice) : null;
    }

    // A check asks what only the sounds can tell; else they stand in a lesson that has room for them.
    private static bool MadeUpAsked(LessonBrief brief) => brief.KeptIn(LessonPart.Practise, Activity.MadeUp).Count > 0
        || brief.Asked(LessonPart.Practise, Activity.MadeUp) is not null || (brief.Kind == LessonKind.Check && brief.Has(LessonPart.Practise, Activity.MadeUp));

    private static LessonItem Item(ItemMaker make, ChosenWord x) => make.Word(x.Word.Key, x.Reasons);

    private static (int Reads, int Builds, int Spells) Counts(LessonBrief brief, int seconds)
    {
        var (mostRead, mostSpelt) = Most(brief);
        var (read, spell) = (Piece.Of(Activity.Read), Piece.Of(Activity.Spell));
        var spells = (int)Math.Clamp(Math.Round(((seconds * SpellShare) - spell.Setup) / spell.Each), FewestToSpell, mostSpelt);
        // Where there is time to read enough beside it, no fewer are spelt than a lesson should.
        spells = spells < UsuallySpelt && (seconds - Timing.Of(Activity.Spell, UsuallySpelt) - read.Setup) / read.Each >= EnoughRead ? UsuallySpelt : spells;
        // A rung of many parts has one word to spell for each, and so has a contrast of many.
        spells = Math.Max(spells, Math.Min(MostSpeltOnReview, brief.Kind == LessonKind.Contrast ? brief.Targets.Count : brief.Teaches.Count));
        // Where some are built, the others are written without.
        var (hasBuild, hasSpell) = (brief.Has(LessonPart.Practise, Activity.Build), brief.Has(LessonPart.Practise, Activity.Spell));
        var builds = !hasBuild ? 0 : brief.Asked(LessonPart.Practise, Activity.Build) ?? (hasSpell ? Math.Min(UsuallyBuilt, spells) : spells);
        spells = !hasSpell ? 0 : brief.Asked(LessonPart.Practise, Activity.Spell) ?? spells - (brief.Asked(LessonPart.Practise, Activity.Build) is null ? builds : 0);
        var left = seconds - Timing.Of(Activity.Build, builds) - Timing.Of(Activity.Spell, spells) - read.Setup;
        return (brief.Asked(LessonPart.Practise, Activity.Read) ?? (int)Math.Clamp(left / read.Each, FewestToRead, mostRead), builds, spells);
    }

    // Words that the youngest know before others, and of those new words before words just read.
    private static IEnumerable<LessonItem> Spellings(
        LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, List<ChosenWord> read, int count)
    {
        if (count <= 0)
        {
            return [];
        }

        var choice = new SpellingChoice(brief.Stock);
        var holding = new HeldParts(brief.Stock).Holding(brief.Targets);
        bool IsToday(ChosenSpelling x) => brief.Targets.Count == 0 || holding(x.Word);
        var seed = (ulong)dice.Next(int.MaxValue);
        var (lately, since) = (WorkDone.Lately(brief, Activity.Spell, SpeltApart), WorkDone.Since(brief, Activity.Spell, SpeltApart));
        var fresh = choice.Choose(brief.Ask(count, used.Union(lately).ToHashSet(), seed)).Where(IsToday).ToList();
        var again = choice.Choose(brief.Ask((count * 3) + lately.Count, brief.KeptWords, seed)).OrderByDescending(x => since(x.Word.Key)).ThenByDescending(x => read.Exists(r => r.Word.Key == x.Word.Key));
        var rimes = new Dictionary<string, int>();
        // Pigeon is read; badge is what is spelt. Where longer words are the lesson, they are spelt.
        var longer = brief.Targets.Any(x => x.Structure is not null || x.Ending is not null);
        var all = fresh.Concat(again).DistinctBy(x => x.Word.Key).OrderBy(x => longer ? x.Word.Key.Length > MostLetters : Structure.Of(x.Reading).Syllables > 1).ToList();
        static bool IsTold(ChosenSpelling x) => x.Reasons.Any(r => r.Code == ReasonCode.ToldSpelling);
        // A part that has no fair word has one of which a spelling is told; another takes no turn from a word that is fair.
        var alone = all.Where(IsTold).DistinctBy(x => x.Target).Where(x => !all.Exists(other => other.Target == x.Target && !IsTold(other))).ToHashSet();
        var told = all.Where(x => IsTold(x) && !alone.Contains(x)).ToHashSet();
        var chosen = SpellingChoice.InTurn(all.Except(told)).Concat(told).OrderByDescending(IsToday)
            .Select(x => (x, Turn: rimes[Rime(x)] = rimes.GetValueOrDefault(Rime(x)) + 1)).ToList()
            .OrderByDescending(x => IsToday(x.x)).ThenBy(x => x.Turn > MostOfARime || told.Contains(x.x)).Select(x => x.x)
            .Take(count).ToList();

        // Where English has few, the day's sound in its other spellings fills up, claw beside launch; get and cut would say nothing.
        var on = chosen.Where(IsToday).ToList();
        if (on.Count < count && on.Count > 0 && Rivals(brief) is { Count: > 0 } rivals)
        {
            var beside = choice.Choose(brief.Ask(count - on.Count, brief.KeptWords, seed) with { Targets = rivals, Today = brief.Targets, Pool = null }).Where(x => x.Target is not null && on.TrueForAll(o => o.Word.Key != x.Word.Key)).ToList();
            chosen = [.. on.Concat(beside).Concat(on.Count + beside.Count > FewestToSpell ? [] : chosen.Except(on)).Take(count)];
        }

        return chosen.OrderBy(x => x.Reading.Segments.Count)
            .Select(x => make.Item(ItemKind.Word, x.Word.Spelling, x.Reading.ToString(), x.Reasons, x.Spoken));
    }

    private static string Rime(ChosenSpelling word) =>
        string.Join(' ', word.Reading.Segments.SkipWhile(x => !x.Correspondence.Sound.IsVowel).Select(x => x.Correspondence.Key));

    private static IReadOnlyList<LessonItem> Blending(LessonBrief brief, ItemMaker make, Dice dice, int seconds)
    {
        var blending = Piece.Of(Activity.OralBlending);
        return OralBlending.Items(brief, make, dice, (int)Math.Clamp((seconds - blending.Setup) / blending.Each, 6, 12), new HashSet<string>());
    }

    // The adult shows two of today's words, or those there are, and on a day without anything new the first two; three go together, the rest alone. A check is read alone.
    private static IReadOnlyList<LessonItem> Released(LessonBrief brief, IReadOnlyList<LessonItem> items)
    {
        if (brief.Kind == LessonKind.Check)
        {
            return [.. items.Select(x => x with { Release = Release.Alone })];
        }

        var holding = new HeldParts(brief.Stock).Holding(brief.Targets);
        var on = items.Count(x => brief.Stock.Words.FindWord(x.Text) is { } word && holding(word));
        var shown = on == 0 && brief.Kind is not (LessonKind.NewLearning or LessonKind.Structure) ? Shown : Math.Min(Shown, on);
        return [.. items.Select((x, i) => x with { Release = i < shown ? Release.AdultShows : i < shown + Together ? Release.Together : Release.Alone })];
    }
}
