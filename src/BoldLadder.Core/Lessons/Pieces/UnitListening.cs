using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>What is decided by ear where the new thing is no single sound: does it rhyme, do two consonants begin it or one, how many close it, how many beats it has.</summary>
internal static class UnitListening
{
    private const int Fewest = 2, DrawnFrom = 16, MostSounds = 9;

    /// <summary>The words and the question; null where the rung adds nothing of the kind, or the words are too few.</summary>
    public static (IReadOnlyList<LessonItem> Items, Ask Asks)? Of(LessonBrief brief, ItemMaker make, Dice dice, Rung rung, int count)
    {
        var (rime, cluster) = (rung.Adds.FirstOrDefault(x => x.Kind == TeachableKind.RimeUnit)?.Run, rung.Adds.FirstOrDefault(x => x.Kind == TeachableKind.Cluster)?.Run);
        var structure = rung.Adds.Select(x => x.Structure).FirstOrDefault(x => x is TaughtStructure.PairAtStart or TaughtStructure.PairAtEnd or TaughtStructure.ThreeTogether or TaughtStructure.TwoSyllables);
        return rime is { BringsBeat: true } ? EndsSo(brief, make, dice, rime, count)
            : rime is not null ? Rhymes(brief, make, dice, rime, count)
            : cluster is not null ? Begins(brief, make, dice, cluster, count) ?? Closes(brief, make, dice, cluster, count)
            : structure is TaughtStructure.TwoSyllables ? Beats(brief, make, dice, count)
            : structure is not null ? HowMany(brief, make, dice, structure.Value, count)
            : rung.Adds.Select(x => x.Ending).OfType<string>().ToList() is { Count: > 0 } endings ? EndsWith(brief, make, dice, endings, count) : null;
    }

    // Told from the other ending of the day, taller from tallest; else from any that ends in another sound. The longest is
    // asked for: slowly ends as sandy does, and sandy does not end as slowly does.
    private static (IReadOnlyList<LessonItem>, Ask)? EndsWith(LessonBrief brief, ItemMaker make, Dice dice, List<string> endings, int count)
    {
        var ended = brief.Stock.Offered.Where(x => x.Word is { Everyday: true, Ended: not null } && x.Reading.SoundCount <= MostSounds)
            .OrderBy(x => x.Word.Familiarity != Familiarity.AtFourOrFive).ToLookup(x => x.Word.Ended!.Value.Taught);
        var asked = endings.OrderBy(x => x.Length).Last();
        var with = ended[asked].ToList();
        return with.Count == 0 ? null : Asked(
            make, dice, count, with.Skip(1), "yes",
            endings.Find(x => x != asked) is { } other ? ended[other].Where(x => !x.Word.Key.EndsWith(asked, StringComparison.Ordinal))
                : ended.Where(x => x.Key != asked).SelectMany(x => x).Where(x => x.Reading.Segments[^1].Correspondence.Sound != with[0].Reading.Segments[^1].Correspondence.Sound), "no",
            Ask.Of(AskCode.EndsSo, asked, with[0].Word.Spelling));
    }

    private static (IReadOnlyList<LessonItem>, Ask)? Rhymes(LessonBrief brief, ItemMaker make, Dice dice, GraphemeRun rime, int count)
    {
        if (brief.Stock.Offered.FirstOrDefault(x => ListeningWords.IsKnown(x) && rime.Ends(x.Reading)) is not { } example)
        {
            return null;
        }

        var last = example.Reading.Segments[^1].Correspondence.Sound;
        return Asked(
            make, dice, count, Known(brief).Where(x => x.Rime == example.Rime && x != example), "yes",
            Known(brief).Where(x => x.Rime != example.Rime && x.Reading.Segments[^1].Correspondence.Sound == last), "no", Ask.Of(AskCode.Rhymes, example.Word.Spelling));
    }

    // Against it longer words that end otherwise; a word of one beat would be told by its length.
    private static (IReadOnlyList<LessonItem>, Ask)? EndsSo(LessonBrief brief, ItemMaker make, Dice dice, GraphemeRun ends, int count)
    {
        var with = brief.Stock.Offered.Where(x => x.Word is { Everyday: true, Ended: null } && ends.Ends(x.Reading) && x.Reading.SoundCount <= MostSounds)
            .OrderBy(x => x.Word.Familiarity != Familiarity.AtFourOrFive).ToList();
        return with.Count == 0 ? null : Asked(
            make, dice, count, with.Skip(1), "yes",
            ListeningWords.OfTwoBeats(brief.Stock).Where(x => !ends.Ends(x.Reading)), "no", Ask.Of(AskCode.EndsSo, ends.Letters, with[0].Word.Spelling));
    }

    private static (IReadOnlyList<LessonItem>, Ask)? Begins(LessonBrief brief, ItemMaker make, Dice dice, GraphemeRun cluster, int count)
    {
        var (first, alone) = (cluster.Parts[0], cluster.Parts[0].Grapheme.Text);
        return Asked(
            make, dice, count, Known(brief).Where(x => cluster.StandsAt(x.Reading, 0)), cluster.Letters,
            Known(brief).Where(x => x.Reading.Segments is [var one, var two, ..] && one.Correspondence == first && two.Correspondence.Sound.IsVowel), alone,
            Ask.Of(AskCode.HowItBegins, cluster.Letters, alone));
    }

    private static (IReadOnlyList<LessonItem>, Ask)? Closes(LessonBrief brief, ItemMaker make, Dice dice, GraphemeRun cluster, int count)
    {
        var (last, alone) = (cluster.Parts[^1], cluster.Parts[^1].Grapheme.Text);
        return Asked(
            make, dice, count, Known(brief).Where(x => cluster.Ends(x.Reading)), cluster.Letters,
            Known(brief).Where(x => x.Reading.Segments is [.., var two, var one] && one.Correspondence == last && two.Correspondence.Sound.IsVowel), alone,
            Ask.Of(AskCode.HowItEnds, cluster.Letters, alone));
    }

    // Clapped, before long words are read.
    private static (IReadOnlyList<LessonItem>, Ask)? Beats(LessonBrief brief, ItemMaker make, Dice dice, int count) => Asked(
        make, dice, count, ListeningWords.OfTwoBeats(brief.Stock), "2", Known(brief), "1", Ask.Of(AskCode.BeatsHeard, "1", "2"));

    // Fingers for the consonants before the vowel, or after it.
    private static (IReadOnlyList<LessonItem>, Ask)? HowMany(LessonBrief brief, ItemMaker make, Dice dice, TaughtStructure structure, int count)
    {
        var atEnd = structure == TaughtStructure.PairAtEnd;
        var most = structure == TaughtStructure.ThreeTogether ? 3 : 2;
        int Together(OfferedWord x) => (atEnd ? x.Reading.Segments.Reverse() : x.Reading.Segments).TakeWhile(s => !s.Correspondence.Sound.IsVowel).Count();
        var plain = Known(brief).Where(x => x.Reading.Segments.All(s => s.Correspondence.Sound.Second is null)).ToList();
        return Asked(
            make, dice, count, plain.Where(x => Together(x) == most), $"{most}", plain.Where(x => Together(x) == most - 1), $"{most - 1}",
            Ask.Of(atEnd ? AskCode.HowManyAfter : AskCode.HowManyBefore, $"{most - 1}", $"{most}"));
    }

    private static (IReadOnlyList<LessonItem>, Ask)? Asked(
        ItemMaker make, Dice dice, int count, IEnumerable<OfferedWord> with, string yes, IEnumerable<OfferedWord> against, string no, Ask asks)
    {
        var others = Math.Max(Fewest, count / 3);
        var ones = dice.Mix(with.Take(DrawnFrom)).Take(count - others).ToList();
        var rest = dice.Mix(against.Where(x => !ones.Contains(x)).Take(DrawnFrom)).Take(others).ToList();
        return ones.Count < Fewest || rest.Count < Fewest ? null : (dice.Mix(
            ones.Select(x => Item(make, x, yes, Reason.Of(ReasonCode.TodaysPoint))).Concat(rest.Select(x => Item(make, x, no, Reason.Of(ReasonCode.GoesAgainst, no))))), asks);
    }

    private static LessonItem Item(ItemMaker make, OfferedWord x, string answer, Reason why) =>
        make.Item(ItemKind.Listening, x.Word.Spelling, string.Join(' ', x.Reading.Segments.Select(s => s.Correspondence.Sound.Key)), [why]) with { Heading = answer };

    // Of one beat, and such as a child can picture.
    private static IEnumerable<OfferedWord> Known(LessonBrief brief) =>
        brief.Stock.Offered.Where(x => ListeningWords.IsKnown(x) && brief.Stock.Rules.Rows.ShapeOf(x.Row).Syllables == 1);
}
