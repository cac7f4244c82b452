using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>The last part of a lesson: a story or sentences made only of words the group can read, one that is dictated, and one of their own; nothing before there is a sentence.</summary>
internal static class ApplyPart
{
    private const int MostSentences = 6;

    // Two sentences as short as "Sam sat" have a word apart and are not alike for that.
    private const int Shared = 3;

    // Words that a sentence begins with.
    private const int Opening = 3;

    // A dictated sentence of about so many words is written in the time; one of so many that suit best is taken.
    private const int WordsToWrite = 5, FewestToWrite = 3, MostToWrite = 7, DrawnFrom = 5;

    private const int LongestSentence = 100;

    // Written once a sentence is known better than when it was read so often.
    private const int WrittenBefore = 6;

    // Sentences kept for tricky words that come beside letters.
    private const int MostForTricky = 2;

    private const int WordsToUse = 2, SentencesBesideStory = 2;

    // Of three days on which something is their own, one has a story to go on with.
    private const int FinishOneIn = 3;

    // From this share of the ladder on something is children's own; on a rung's further days earlier.
    private const double OwnFrom = 0.5, OwnOnFurtherDays = 0.25;

    // A sentence read in so many lessons before is not read again while there are others enough.
    private const int DaysApart = 20, FewestSentences = 2;

    // So many sentences with one word; more of them read it and little else.
    private const int OfOneWord = 2;

    private static HashSet<string> JustRead(LessonBrief brief) => [.. brief.Standing.Lessons.TakeLast(DaysApart).SelectMany(x => x.Read)];

    // With so many about what is taught lately, the thousands about nothing lately need not be ranked.
    private const int Enough = 100;

    // What a school has written or taken itself for today's part it wants to see, until it was read.
    private const double OwnFirst = 6;

    // A caption says less than a sentence; where hardly a sentence can be read it is welcome.
    private const double CaptionsLast = 2, LargeLast = 3;

    // Lessons back: a sentence with what they taught keeps it going, and is not below the class.
    internal const int Lately = 12;

    /// <param name="seconds">Time for the part: its share at least, more when practice cannot use it.</param>
    /// <param name="ranked">What <see cref="Ranked"/> gave, without the sentences that stand in practise.</param>
    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice, int seconds, IReadOnlyList<GradedSentence> ranked)
    {
        var (story, keptRead) = (brief.KeptIn(LessonPart.Apply, Activity.ReadStory), brief.KeptIn(LessonPart.Apply, Activity.ReadSentences));
        if (story.Count == 0 && keptRead.Count == 0 && !brief.Length.IsVeryShort && brief.Has(LessonPart.Apply, Activity.ReadStory) && StoryChoice.Ranked(brief, dice) is { Count: > 0 } stories)
        {
            story = [.. stories.Take(brief.Length.Stories).Select(make.Story)];
        }

        if (ranked.Count + keptRead.Count + story.Count == 0)
        {
            return [Picture(brief, make, dice, seconds)];
        }

        var own = OwnSentence(brief, make, dice, story);
        var dictated = brief.Has(LessonPart.Apply, Activity.WriteSentence);
        var left = seconds - (dictated ? Timing.Of(Activity.WriteSentence, Dictated(brief)) : 0) - Timing.Of(Activity.ReadStory, story.Count) - own.Seconds;
        var justRead = JustRead(brief);
        // A story is enough to read, unless there are minutes for more beside it.
        var sentences = brief.Asked(LessonPart.Apply, Activity.ReadSentences);
        var most = !brief.Has(LessonPart.Apply, Activity.ReadSentences) || (sentences is null && story.Count > 0 && left < Timing.Of(Activity.ReadSentences, SentencesBesideStory)) ? 0
            : brief.Length.IsVeryShort ? sentences ?? 1
            // In a long lesson a day of tricky words has the time to read them in more.
            : sentences ?? Fitting(left, (story.Count > 0 && !(brief.IsOfTricky && brief.Length.MoreSentences > 0) ? SentencesBesideStory : MostSentences) + brief.Length.MoreSentences);
        if (most == 0 && !brief.Length.IsShort && brief.Has(LessonPart.Apply, Activity.ReadSentences) && sentences is null && IsStillToMeet(brief, story, ranked))
        {
            most = 1;
        }

        var read = most == 0 ? [] : Read(brief, dictated ? WithoutOneToWrite(brief, ranked, justRead, most) : ranked, keptRead, justRead, most);
        var seen = read.Select(x => x.Sentence).Concat(story.Concat(keptRead).Select(x => Sentence.Of(x.Text))).ToList();
        List<LessonBlock> blocks =
        [
            new LessonBlock(LessonPart.Apply, Activity.ReadStory, story),
            new LessonBlock(LessonPart.Apply, Activity.ReadSentences, [.. keptRead, .. read.Select(x => make.Sentence(x, [Why(brief, x), .. justRead.Contains(x.Sentence.Text) ? [Reason.Of(ReasonCode.AgainOnPurpose)] : (Reason[])[]]))]),
            // A short lesson has time for one of the two.
            (!dictated || (brief.Length.IsShort && (story.Count > 0 || brief.Length.IsVeryShort))) && brief.KeptIn(LessonPart.Apply, Activity.WriteSentence).Count == 0
                ? new LessonBlock(LessonPart.Apply, Activity.WriteSentence, []) : Dictation(brief, make, dice, ranked, seen),
            own,
        ];
        return [.. blocks, Picture(brief, make, dice, seconds - blocks.Sum(x => x.Seconds))];
    }

    // The story is about the letters: a tricky word that came beside them and is not in it has a sentence after it.
    private static bool IsStillToMeet(LessonBrief brief, IReadOnlyList<LessonItem> story, IReadOnlyList<GradedSentence> ranked) =>
        brief.TrickyToday is { Count: > 0 } tricky && !brief.IsOfTricky && story.Count > 0
            && !SentenceBank.WordsOf(story[0].Text.ToLowerInvariant()).Any(tricky.Contains) && ranked.Any(x => x.Sentence.Keys.Any(tricky.Contains));

    // Where a long lesson spells no words it has one sentence more to write.
    private static int Dictated(LessonBrief brief) =>
        brief.Length.Dictated + (brief.Length.Dictated > 1 && !brief.Has(LessonPart.Practise, Activity.Spell) ? 1 : 0);

    // Before sentences of their own are asked of them children write about a picture, on the days that have the time.
    private static LessonBlock Picture(LessonBrief brief, ItemMaker make, Dice dice, int seconds)
    {
        var kept = brief.KeptIn(LessonPart.Apply, Activity.WritePicture);
        var fits = brief.Has(LessonPart.Apply, Activity.WritePicture) && kept.Count == 0
            && (brief.Asked(LessonPart.Apply, Activity.WritePicture) is not null || (!WritesOwn(brief) && seconds >= Timing.Of(Activity.WritePicture, 1)));
        return new LessonBlock(LessonPart.Apply, Activity.WritePicture, fits && PictureToWrite.Of(brief, make, dice, brief.KeptWords) is { } picture ? [picture] : kept);
    }

    private static bool WritesOwn(LessonBrief brief) => brief.Standing.Line >= brief.Standing.Ladder.Rungs.Count * (brief.IsFurtherDay ? OwnOnFurtherDays : OwnFrom);

    // Where few sentences have today's part, one of them is kept to be written: what was just read would be copied. One that
    // is worth writing, where there is one: reading takes the fullest, and two words were left.
    private static IReadOnlyList<GradedSentence> WithoutOneToWrite(LessonBrief brief, IReadOnlyList<GradedSentence> ranked, HashSet<string> justRead, int most)
    {
        var on = ranked.Where(x => x.Targets > 0 && !justRead.Contains(x.Sentence.Text)).Select(x => x.Sentence).ToList();
        var unlike = new List<Sentence>();
        foreach (var x in on.Exists(x => IsWorthWriting(brief, x)) ? on.Where(x => IsWorthWriting(brief, x)) : on)
        {
            if (!unlike.Exists(other => IsHeardIn(other, x)))
            {
                unlike.Add(x);
            }

            if (unlike.Count > most)
            {
                return ranked;
            }
        }

        if (unlike.Count == 0)
        {
            return ranked;
        }

        // The one that leaves most to be read.
        var one = unlike.OrderBy(x => on.Count(other => IsHeardIn(other, x))).ThenBy(x => Math.Abs(x.Words.Count - WordsToWrite)).First();
        return [.. ranked.Where(x => !IsHeardIn(x.Sentence, one))];
    }

    private static bool IsWorthWriting(LessonBrief brief, Sentence x) => x.Words.Count is >= FewestToWrite and <= MostToWrite && x.Repeated == 0 && !IsHardToWrite(brief, x);

    // A caption, or marks inside it while letters are new.
    private static bool IsHardToWrite(LessonBrief brief, Sentence x) =>
        char.IsAsciiLetterLower(x.Text[0]) || (!WritesOwn(brief) && x.Text.AsSpan(0, x.Text.Length - 1).ContainsAny(",;:!?\""));

    // Whoever has read one of them has read most of the other.
    private static bool IsHeardIn(Sentence read, Sentence one) => Alike(read, one) || read.Text.Contains(one.Text, StringComparison.Ordinal);

    /// <summary>Why a sentence is here: how often it has what today is about.</summary>
    internal static Reason Why(LessonBrief brief, GradedSentence x) => Reason.Of(brief.Kind == LessonKind.Print ? ReasonCode.HasPrint : ReasonCode.WordsWithPart, $"{x.Targets}");

    private static int Fitting(int seconds, int most) =>
        Piece.Of(Activity.ReadSentences) is var piece ? (int)Math.Clamp(Math.Ceiling((seconds - piece.Setup) / piece.Each), 2, most) : most;

    private static List<GradedSentence> Read(LessonBrief brief, IReadOnlyList<GradedSentence> ranked, IReadOnlyList<LessonItem> kept, HashSet<string> justRead, int most)
    {
        var wanted = most - kept.Count;
        var keptTexts = brief.Kept.Select(x => x.Item.Text).ToHashSet();
        var fresh = ranked.Where(x => !keptTexts.Contains(x.Sentence.Text) && !justRead.Contains(x.Sentence.Text)).ToList();
        var read = Met(brief, fresh, wanted);
        var among = fresh.Count >= FewestSentences ? fresh : [.. ranked.Where(x => !keptTexts.Contains(x.Sentence.Text))];

        // Two that begin alike (With a thud, the ...) sound like one said twice, and a word that is in two has been read: only
        // where there are no others.
        foreach (var (crowded, beginAlike) in new[] { (false, false), (true, false), (true, true) })
        {
            foreach (var x in among)
            {
                if (read.Count >= wanted)
                {
                    return OnThePointFirst(read);
                }

                // What is asked of hundreds is asked first, for it costs least.
                if ((crowded || (x.Targets > 0 && !IsCrowded(x.Sentence, read)))
                    && !read.Exists(other => other.Sentence.Text == x.Sentence.Text || Alike(other.Sentence, x.Sentence) || (!beginAlike && BeginAlike(other.Sentence, x.Sentence))))
                {
                    read.Add(x);
                }
            }
        }

        return OnThePointFirst(read);
    }

    // A tricky word that comes beside letters is read in a sentence too, in one with the letters where there is one.
    private static List<GradedSentence> Met(LessonBrief brief, List<GradedSentence> fresh, int wanted)
    {
        var read = new List<GradedSentence>();
        foreach (var word in brief.TrickyToday)
        {
            if (read.Count < Math.Min(Math.Max(1, wanted / 2), MostForTricky) && !read.Exists(x => x.Sentence.Keys.Contains(word))
                && fresh.Where(x => x.Sentence.Keys.Contains(word)).OrderByDescending(x => Math.Min(1, x.Targets)).FirstOrDefault() is { Sentence: not null } first)
            {
                read.Add(first);
            }
        }

        return read;
    }

    private static List<GradedSentence> OnThePointFirst(List<GradedSentence> read) => [.. read.OrderByDescending(x => Math.Min(1, x.Targets))];

    // One that says a word over and over leaves nothing for another to say.
    private static bool IsCrowded(Sentence one, List<GradedSentence> read) => one.Words.Any(w => w.Length > 2 && !FunctionWords.Has(w.ToLowerInvariant())
        && read.Where(x => x.Sentence.Words.Contains(w, StringComparer.OrdinalIgnoreCase)).ToList() is { Count: > 0 } having && (having.Count >= OfOneWord || one.Repeated > 0 || having.Exists(x => x.Sentence.Repeated > 0)));

    private static bool BeginAlike(Sentence one, Sentence other) => one.Words.Count > Opening && other.Words.Count > Opening
        && one.Words.Take(Opening).SequenceEqual(other.Words.Take(Opening), StringComparer.OrdinalIgnoreCase);

    // Not one of those just read, which would be copied: short, with today's part in it, and new to the class where it can be.
    private static LessonBlock Dictation(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlyList<GradedSentence> ranked, List<Sentence> seen)
    {
        var kept = brief.KeptIn(LessonPart.Apply, Activity.WriteSentence);
        var heard = seen.Select(x => x.Text).ToHashSet();
        bool IsNew(GradedSentence x) => !heard.Contains(x.Sentence.Text) && !seen.Exists(s => IsHeardIn(s, x.Sentence));

        // Thousands are ranked, few are looked at: whether one is new is asked in their order, until there are enough.
        List<(GradedSentence Graded, int Unfit)> Fresh(IReadOnlyList<GradedSentence> among)
        {
            // Of those that are as unfit as each other the better ranked comes first.
            var order = new long[among.Count];
            for (var i = 0; i < order.Length; i++)
            {
                order[i] = ((long)Unfit(brief, among[i]) << 32) | (uint)i;
            }

            Array.Sort(order);
            return [.. order.Select(x => (Graded: among[(int)(uint)x], Unfit: (int)(x >> 32))).Where(x => IsNew(x.Graded)).Take(DrawnFrom)];
        }

        // One of those that are as good as the best but for their length; a long lesson has others after it.
        List<GradedSentence> Best(IReadOnlyList<GradedSentence> among)
        {
            var found = Fresh(among);
            var best = dice.Mix(found.TakeWhile(x => x.Unfit / LongestSentence == found[0].Unfit / LongestSentence).Select(x => x.Graded)).Take(1).ToList();
            foreach (var (other, _) in found)
            {
                if (best.Count < Dictated(brief) && best.TrueForAll(x => !Alike(x.Sentence, other.Sentence)))
                {
                    best.Add(other);
                }
            }

            return best;
        }

        var on = kept.Count > 0 ? [] : Best([.. ranked.Where(x => x.Targets > 0)]);
        var one = kept.Count > 0 || on.Count > 0 ? on : Best(ranked);
        return new LessonBlock(LessonPart.Apply, Activity.WriteSentence, [.. kept, .. one.Select(x => make.Sentence(x, Why(brief, x), Reason.Of(ReasonCode.NotReadBefore)))]);
    }

    // What matters more outweighs all that matters less: written before, read before, too long or no more than two words, little of today's
    // part, words too large, a caption or marks inside it while letters are new, not of the length.
    private static int Unfit(LessonBrief brief, GradedSentence x)
    {
        var unfit = (WrittenBefore * brief.Standing.TimesRead.GetValueOrDefault(x.Sentence.WrittenKey)) + brief.Standing.TimesRead.GetValueOrDefault(x.Sentence.Text);
        unfit = (unfit * 2) + (x.Sentence.Words.Count is < FewestToWrite or > MostToWrite ? 1 : 0);
        unfit = (unfit * 4) + 2 - Math.Clamp(x.Targets - (3 * x.Sentence.Repeated), -1, 2);
        unfit = (unfit * 3) + Math.Min(2, x.Large);
        unfit = (unfit * 2) + (IsHardToWrite(brief, x.Sentence) ? 1 : 0);
        return (unfit * LongestSentence) + Math.Abs(x.Sentence.Words.Count - WordsToWrite);
    }

    // From the middle of the ladder something is children's own: a sentence with two of today's words, or how a story goes on.
    private static LessonBlock OwnSentence(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlyList<LessonItem> story)
    {
        var keptEnd = brief.KeptIn(LessonPart.Apply, Activity.FinishStory);
        var turn = dice.Next(FinishOneIn);
        if (keptEnd.Count > 0 || (WritesOwn(brief) && brief.Has(LessonPart.Apply, Activity.FinishStory) && (turn == 0 || !brief.Has(LessonPart.Apply, Activity.OwnSentence))))
        {
            var begun = keptEnd.Any(x => x.Kind == ItemKind.Story) ? null : StoryToFinish.Of(brief, make, dice, story.Select(x => x.Heading).ToHashSet());
            if (begun is not null || keptEnd.Count > 0)
            {
                List<LessonItem> items = [.. begun is null ? [] : (LessonItem[])[begun], .. keptEnd];
                var wanted = WordsToUse - items.Count(x => x.Kind == ItemKind.Word);
                List<LessonItem> fitting = [.. StoryToFinish.WordsFor(brief, items[0]).Take(Math.Max(0, wanted)).Select(x => make.Word(x, [Reason.Of(ReasonCode.ToUse)]))];
                return new LessonBlock(LessonPart.Apply, Activity.FinishStory, [.. items, .. fitting, .. ToUse(brief, make, dice, wanted - fitting.Count)]);
            }
        }

        var kept = brief.KeptIn(LessonPart.Apply, Activity.OwnSentence);
        if (kept.Count > 0 || !brief.Has(LessonPart.Apply, Activity.OwnSentence) || !WritesOwn(brief))
        {
            return new LessonBlock(LessonPart.Apply, Activity.OwnSentence, kept);
        }

        // On a day of tricky words those are what is to be used.
        if (brief is { Kind: LessonKind.TrickyWordDay, Rung: { } rung })
        {
            return new LessonBlock(LessonPart.Apply, Activity.OwnSentence, [.. rung.TrickyWords.Where(x => x.Length > 1).Take(WordsToUse).Select(x => make.Tricky(x, [Reason.Of(ReasonCode.ToUse)]))]);
        }

        return new LessonBlock(LessonPart.Apply, Activity.OwnSentence, [.. ToUse(brief, make, dice, WordsToUse)]);
    }

    private static IEnumerable<LessonItem> ToUse(LessonBrief brief, ItemMaker make, Dice dice, int count) => count <= 0 ? []
        : new ReadingChoice(brief.Stock).Choose(brief.Ask(count, new HashSet<string>(), (ulong)dice.Next(int.MaxValue))).Select(x => make.Word(x.Word.Key, [Reason.Of(ReasonCode.ToUse)]));

    /// <summary>True when two sentences are one but for a word: the second is no reading of its own.</summary>
    private static bool Alike(Sentence one, Sentence other)
    {
        var shared = one.Keys.Intersect(other.Keys).Count();
        return (shared >= Shared && one.Keys.Distinct().Count() <= shared + 1 && other.Keys.Distinct().Count() <= shared + 1)
            // Nod, Dad, nod! and Nod, Nan, nod! have too few words to tell by those they share.
            || (one.Keys.Count == other.Keys.Count && one.Keys.Count >= Shared && one.Keys.Zip(other.Keys).Count(x => x.First != x.Second) <= 1);
    }

    // Chop, chop, chop! has one word of today, however often it is said.
    private static int Once(int held, Sentence sentence) => held == 0 ? 0 : Math.Max(1, held - sentence.Repeated);

    /// <summary>
    /// Readable sentences, best for today first: by how often the target occurs, tricky words of today, what was taught
    /// lately, and how seldom read.
    /// </summary>
    public static IReadOnlyList<GradedSentence> Ranked(LessonBrief brief, Dice dice)
    {
        var readable = brief.Sentences;
        if (brief.Kind == LessonKind.Print)
        {
            var print = brief.Teaches.Where(x => x.IsPrint).ToHashSet();
            readable = [.. readable.Select(x => x with { Targets = SentenceToMend.CountIn(x.Sentence.Text, print) })];
        }

        var lately = readable.Where(x => x.Targets + x.Late > 0).ToArray();
        GradedSentence[] all = lately.Length >= Enough ? lately : [.. readable];
        var worths = Array.ConvertAll(all, x => -((3 * Math.Min(3, Once(x.Targets, x.Sentence))) + (0.25 * Math.Min(8, x.Sentence.Words.Count)) + (0.7 * Math.Min(3, Once(x.Late, x.Sentence)))
            - (4 * brief.Standing.TimesRead.GetValueOrDefault(x.Sentence.Text)) + (x.Targets > 0 && brief.Stock.Own.Contains(x.Sentence.Text) ? OwnFirst : 0) - (char.IsAsciiLetterLower(x.Sentence.Text[0]) ? CaptionsLast : 0) - (LargeLast * x.Large) + dice.Next()));
        Array.Sort(worths, all);
        return all;
    }
}
