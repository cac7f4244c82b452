using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>The last part of a lesson: sentences made only of words the group can read, and one to write.</summary>
internal static class ApplyPart
{
    private const int MostSentences = 6;

    // Two sentences as short as "Sam sat" have a word apart and are not alike for that.
    private const int Shared = 3;

    private const int OralWords = 14, MostLetters = 8;

    // Lessons back: a sentence with what they taught keeps it going, and is not below the class.
    private const int Lately = 12;

    /// <param name="seconds">Time for the part: its share at least, more when practice cannot use it.</param>
    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice, int seconds)
    {
        var ranked = Ranked(brief, dice);
        var keptRead = brief.KeptIn(LessonPart.Apply, Activity.ReadSentences);
        var keptWrite = brief.KeptIn(LessonPart.Apply, Activity.WriteSentence);
        if (ranked.Count + keptRead.Count == 0)
        {
            return Opening(brief, make, dice);
        }

        var write = Timing.Setup(Activity.WriteSentence) + Timing.Each(Activity.WriteSentence);
        var reads = (int)Math.Clamp(
            Math.Ceiling((seconds - write - Timing.Setup(Activity.ReadSentences)) / Timing.Each(Activity.ReadSentences)), 2, MostSentences);
        var kept = keptRead.Concat(keptWrite).Select(x => x.Text).ToHashSet();
        var toRead = new List<GradedSentence>();
        foreach (var x in ranked.Where(x => !kept.Contains(x.Sentence.Text)))
        {
            if (toRead.Count >= reads - keptRead.Count)
            {
                break;
            }

            if (!toRead.Any(other => Alike(other.Sentence, x.Sentence)))
            {
                toRead.Add(x);
            }
        }

        // The shortest of those read that has today's part: children have seen it, now they write it from memory.
        var toWrite = keptWrite.Count > 0 ? null
            : toRead.OrderByDescending(x => x.Targets > 0).ThenBy(x => x.Sentence.Words.Count).Select(x => (GradedSentence?)x).FirstOrDefault();
        return
        [
            new LessonBlock(LessonPart.Apply, Activity.ReadSentences, [.. keptRead, .. toRead.Select(make.Sentence)]),
            new LessonBlock(LessonPart.Apply, Activity.WriteSentence, toWrite is { } one ? [make.Sentence(one)] : keptWrite),
        ];
    }

    /// <summary>True when two sentences are one but for a word: the second is no reading of its own.</summary>
    private static bool Alike(Sentence one, Sentence other)
    {
        var (a, b) = (one.Words.Select(x => x.ToLowerInvariant()).ToHashSet(), other.Words.Select(x => x.ToLowerInvariant()).ToHashSet());
        return a.Intersect(b).Count() >= Shared && a.Except(b).Count() <= 1 && b.Except(a).Count() <= 1;
    }

    // Before there is a sentence to read: words by ear, and the letters taught, written when their sound is heard.
    private static IReadOnlyList<LessonBlock> Opening(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var taught = brief.Judge.Taught.Correspondences.Select(x => brief.Stock.Rules.SoundKey(x.Sound)).Distinct().ToList();
        var today = brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().Select(x => brief.Stock.Rules.SoundKey(x.Sound)).ToHashSet();
        var sounds = dice.Mix(taught).OrderByDescending(today.Contains).Take(MostLetters);
        return
        [
            new LessonBlock(LessonPart.Apply, Activity.OralBlending, OralBlending.Items(brief, make, dice, OralWords)),
            new LessonBlock(LessonPart.Apply, Activity.WriteLetters, [.. sounds.Select(x => make.Item(
                ItemKind.Sound, x, Spellings(brief, x), [Reason.Of(today.Contains(x) ? ReasonCode.NewToday : ReasonCode.TaughtBefore)], RevisitPart.ExampleOf(x)))]),
        ];
    }

    private static string Spellings(LessonBrief brief, string sound) => string.Join(' ', brief.Judge.Taught.Correspondences
        .Where(x => brief.Stock.Rules.SoundKey(x.Sound) == sound).Select(x => x.Grapheme.Text).Distinct());

    /// <summary>
    /// Readable sentences, best for today first: by how often the target occurs, tricky words of today, what was taught
    /// lately, and how seldom read.
    /// </summary>
    public static IReadOnlyList<GradedSentence> Ranked(LessonBrief brief, Dice dice)
    {
        var choice = new ReadingChoice(brief.Stock);
        var tricky = brief.Rung?.TrickyWords.Select(x => x.ToLowerInvariant()).ToHashSet() ?? [];

        // On a day of tricky words they alone are the target, not what the lessons before taught.
        var holdsTarget = choice.Holding(brief.Targets);
        var holdsLate = choice.Holding(brief.Standing.Lessons.TakeLast(Lately).SelectMany(x => x.Things));
        return [.. brief.Stock.Sentences.Readable(
                brief.Judge, x => tricky.Count > 0 ? tricky.Contains(x.Key) : x.Word is { } word && holdsTarget(word), x => x.Word is { } word && holdsLate(word))
            .Select(x => (x, Worth: (3 * Math.Min(3, x.Targets)) + (0.25 * Math.Min(8, x.Sentence.Words.Count)) + (0.7 * Math.Min(3, x.Late))
                - (4 * brief.Standing.TimesRead.GetValueOrDefault(x.Sentence.Text)) + dice.Next()))
            .OrderByDescending(x => x.Worth).Select(x => x.x)];
    }
}
