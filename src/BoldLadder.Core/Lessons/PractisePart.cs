using BoldLadder.Core.Choosing;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// The third part of a lesson: words to read and to spell. Before there are words enough, oral
/// blending takes their place.
/// </summary>
internal static class PractisePart
{
    private const int FewestToRead = 4, MostToRead = 12, FewestToSpell = 2, MostToSpell = 5, Spares = 2;

    /// <summary>Seconds that the part can use; what is over belongs to apply.</summary>
    public static int Most => Timing.Setup(Activity.Read) + Timing.Setup(Activity.Spell)
        + (int)((MostToRead * Timing.Each(Activity.Read)) + (MostToSpell * Timing.Each(Activity.Spell)));

    // With less there would be fewer than eight words left to read.
    private const int LeastForExtra = 440;

    // Of the time for practice, the share that goes to spelling.
    private const double SpellShare = 0.42;

    /// <param name="seconds">Time left for the part.</param>
    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice, int seconds)
    {
        var extra = Extra(brief, make, dice, seconds);
        var (reads, spells) = Counts(seconds - (extra?.Seconds ?? 0));
        var keptRead = brief.KeptIn(LessonPart.Practise, Activity.Read);
        var keptSpell = brief.KeptIn(LessonPart.Practise, Activity.Spell);
        var used = brief.Kept.Select(x => x.Item).Concat(extra?.Items ?? []).Select(x => x.Text.ToLowerInvariant()).ToHashSet();
        var words = new ReadingChoice(brief.Stock).Choose(
            Ask(brief, Math.Max(0, reads - keptRead.Count) + Spares, used, (ulong)dice.Next(int.MaxValue)));
        var toRead = words.OrderByDescending(x => x.HoldsTarget).Take(Math.Max(0, reads - keptRead.Count)).ToHashSet();
        var read = keptRead.Concat(words.Where(toRead.Contains).Select(x => Item(make, x))).ToList();
        if (read.Count < FewestToRead)
        {
            return [new LessonBlock(LessonPart.Practise, Activity.OralBlending, Blending(brief, make, dice, seconds)), new LessonBlock(LessonPart.Practise, Activity.Read, Released(read))];
        }

        used.UnionWith(words.Select(x => x.Word.Key));
        return
        [
            new LessonBlock(LessonPart.Practise, Activity.Read, Released(read)),
            .. extra is null ? (LessonBlock[])[] : [extra],
            new LessonBlock(LessonPart.Practise, Activity.Spell, [.. keptSpell, .. Spellings(brief, make, dice, used, toRead, spells - keptSpell.Count)]),
            new LessonBlock(LessonPart.Practise, Activity.Spare, [.. words.Where(x => !toRead.Contains(x)).Select(x => Item(make, x))]),
        ];
    }

    // Every second lesson a chain or made-up words stand in for some of the reading, when that leaves words enough.
    private static LessonBlock? Extra(LessonBrief brief, ItemMaker make, Dice dice, int seconds)
    {
        var turn = dice.Next(4);
        var kept = brief.Kept.Select(x => x.Activity).Where(x => x is Activity.Chain or Activity.MadeUp).ToList();
        if (kept.Count == 0 && (turn > 1 || seconds < LeastForExtra))
        {
            return null;
        }

        return kept.Contains(Activity.MadeUp) || (kept.Count == 0 && turn == 0)
            ? MadeUpBlock.Make(brief, make, dice) ?? ChainBlock.Make(brief, make, dice)
            : ChainBlock.Make(brief, make, dice);
    }

    internal static ReadingBrief Ask(LessonBrief brief, int count, IReadOnlySet<string> not, ulong seed)
    {
        var due = brief.Standing.Clock.Due(brief.Day)
            .Where(x => x.Item.Track == Log.RevisitTrack.Card && (x.Shaky || x.Overdue > 0)).Select(x => x.Item.Key).ToHashSet();
        return new ReadingBrief(brief.Judge, brief.Targets, brief.Shape, due, brief.Standing.TimesRead, not, count, seed);
    }

    private static LessonItem Item(ItemMaker make, ChosenWord x) => make.Word(x.Word.Key, x.Reasons);

    private static (int Reads, int Spells) Counts(int seconds)
    {
        var spells = (int)Math.Clamp(
            Math.Round(((seconds * SpellShare) - Timing.Setup(Activity.Spell)) / Timing.Each(Activity.Spell)), FewestToSpell, MostToSpell);
        var left = seconds - Timing.Setup(Activity.Spell) - (spells * Timing.Each(Activity.Spell)) - Timing.Setup(Activity.Read);
        return ((int)Math.Clamp(left / Timing.Each(Activity.Read), FewestToRead, MostToRead), spells);
    }

    // Words that the youngest know before others, and of those new words before words just read.
    private static IEnumerable<LessonItem> Spellings(
        LessonBrief brief, ItemMaker make, Dice dice, HashSet<string> used, HashSet<ChosenWord> read, int count)
    {
        if (count <= 0)
        {
            return [];
        }

        var choice = new SpellingChoice(brief.Stock);
        var holding = new ReadingChoice(brief.Stock).Holding(brief.Targets);
        bool IsToday(ChosenSpelling x) => brief.Targets.Count == 0 || holding(x.Word);
        var seed = (ulong)dice.Next(int.MaxValue);
        var fresh = choice.Choose(Ask(brief, count, used, seed)).Where(IsToday).ToList();
        var kept = brief.Kept.Select(x => x.Item.Text.ToLowerInvariant()).ToHashSet();
        var again = choice.Choose(Ask(brief, count * 3, kept, seed)).OrderByDescending(x => read.Any(r => r.Word.Key == x.Word.Key));
        return fresh.Concat(again).DistinctBy(x => x.Word.Key)
            .OrderByDescending(IsToday).ThenBy(x => x.Word.Familiarity != Familiarity.AtFourOrFive)
            .Take(count).OrderBy(x => x.Reading.Segments.Count)
            .Select(x => make.Item(ItemKind.Word, x.Word.Spelling, x.Reading.ToString(), x.Reasons, x.Spoken));
    }

    private static IReadOnlyList<LessonItem> Blending(LessonBrief brief, ItemMaker make, Dice dice, int seconds)
    {
        var count = (int)Math.Clamp((seconds - Timing.Setup(Activity.OralBlending)) / Timing.Each(Activity.OralBlending), 6, 12);
        return OralBlending.Items(brief, make, dice, count);
    }

    // Easiest first: the adult shows two, three go together, the rest alone.
    private static IReadOnlyList<LessonItem> Released(IReadOnlyList<LessonItem> items) =>
        [.. items.Select((x, i) => x with { Release = i < 2 ? Release.AdultShows : i < 5 ? Release.Together : Release.Alone })];
}
