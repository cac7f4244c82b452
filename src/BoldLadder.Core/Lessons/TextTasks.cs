using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// What children do with a text besides reading or writing it: hunt it for today's part, find what rhymes, show when a sound comes, and count what a sentence needs
/// before they write it. Worked out from the text as it stands, so that it is right when the text was changed.
/// </summary>
public static class TextTasks
{
    // One word is found at a glance; so many lose their fun.
    private const int FewestToHunt = 2, MostParts = 3, MostRhymes = 4;

    /// <summary>The tasks of a block; none for most.</summary>
    public static IReadOnlyList<Ask> Of(Lesson lesson, LessonBlock block, WordStock stock) => block.Activity switch
    {
        Activity.ReadStory when block.Items.SelectMany(x => SentenceBank.WordsOf(x.Text)).ToList() is { Count: > 0 } words => [.. Hunt(lesson, words, stock), .. Rhymes(lesson, words, stock)],
        Activity.WriteSentence when block.Items.Count > 0 => [Ask.Of(AskCode.Count, [.. block.Items.SelectMany(x => Counted(x.Text))])],
        Activity.TellStory => [.. block.Items.SelectMany(x => x.Reasons.Where(r => r.Code == ReasonCode.ToldOfSound).Select(r => Ask.Of(AskCode.EachTime, r.Arguments[0], x.Split)))],
        _ => [],
    };

    private static IEnumerable<Ask> Hunt(Lesson lesson, List<string> words, WordStock stock)
    {
        var things = ThingsOf(lesson);
        var parts = things.Select(x => x.Correspondence).OfType<Correspondence>().Where(x => x.Grapheme.Text.Length > 1);
        var found = parts.GroupBy(x => x.Grapheme).Select(x => (Key: x.Key.Text, Count: Held(words, [.. x], stock)))
            .Concat(things.Select(x => x.Ending).OfType<string>().Select(x => (Key: $"-{x}", Count: Ended(words, x, stock))))
            .Concat(things.Select(x => x.Run).Where(x => x is { BringsBeat: true }).Select(x => (Key: $"-{x!.Letters}", Count: Closed(words, x, stock))))
            .Concat(lesson.TrickyWords.Select(t => (Key: t, Count: words.Count(w => w.Equals(t, StringComparison.OrdinalIgnoreCase)))));
        var hunted = found.Where(x => x.Count >= FewestToHunt).Take(MostParts).ToList();
        return hunted.Count == 0 ? [] : [Ask.Of(AskCode.Hunt, [.. hunted.SelectMany(x => (string[])[x.Key, $"{x.Count}"])])];
    }

    private static IReadOnlyList<Ladders.Teachable> ThingsOf(Lesson lesson) => lesson.Teaches.Count > 0 ? lesson.Teaches : lesson.GoesOver;

    // The words that rhyme with each other, most first, one of them with what the day is about: cat and mat are no find on
    // the day of au. Nor is a word of grammar.
    private static IEnumerable<Ask> Rhymes(Lesson lesson, List<string> words, WordStock stock)
    {
        var things = ThingsOf(lesson);
        var holds = new HeldParts(stock).Holding(things);
        return words.Select(x => x.ToLowerInvariant()).Distinct()
            .Select(x => stock.Words.FindWord(x)).OfType<Words.LexiconWord>().Where(x => !FunctionWords.Has(x.Key) && stock.IsPlain(x.Key))
            // Sea and see sound the same: that is no rhyme.
            .OrderByDescending(x => holds(x)).DistinctBy(x => string.Join(' ', stock.Words.Of(x).Readings[0].Segments.Select(s => stock.Rules.SoundKey(s.Correspondence.Sound))))
            .GroupBy(stock.RimeOf).Where(x => x.Count() >= FewestToHunt && (things.Count == 0 || x.Any(w => holds(w)))).OrderByDescending(x => x.Count()).Take(1)
            .Select(x => Ask.Of(AskCode.FindRhymes, [.. x.Take(MostRhymes).Select(w => Written(w, words))]));
    }

    // Hank, who got off the bunk, is no hank of wool: what no child knows and has its capital wherever it stands is a name.
    private static string Written(Words.LexiconWord word, List<string> words) =>
        word.Familiarity is not (Words.Familiarity.AtFourOrFive or Words.Familiarity.AtSixOrSeven) && words.FindAll(x => x.Equals(word.Spelling, StringComparison.OrdinalIgnoreCase)) is { Count: > 0 } written && written.TrueForAll(x => char.IsAsciiLetterUpper(x[0]))
            ? written[0] : word.Spelling;

    // Red ends in e, d and nothing is over: where such a word stands among them, nobody could tell how many there are.
    private static int Ended(List<string> words, string ending, WordStock stock)
    {
        var ended = words.Count(x => stock.Words.Find(x)?.Word.Ended?.Taught == ending);
        return ended == words.Count(x => x.EndsWith(ending, StringComparison.OrdinalIgnoreCase)) ? ended : 0;
    }

    private static int Closed(List<string> words, Words.GraphemeRun run, WordStock stock)
    {
        var closed = words.Count(w => stock.Words.Find(w) is { } word && word.Readings.Any(run.Ends));
        return closed == words.Count(w => w.EndsWith(run.Letters, StringComparison.OrdinalIgnoreCase)) ? closed : 0;
    }

    // Children hunt by letters: where some say another sound, such as the ea of bread, nobody could tell how many there are.
    private static int Held(List<string> words, IReadOnlyList<Correspondence> parts, WordStock stock)
    {
        var all = words.Select(w => (Text: w.ToLowerInvariant(), Readings: (stock.Words.Find(w) ?? stock.Words.Find(w.Split('\'')[0]))?.Readings ?? [])).ToList();
        var holding = all.Count(x => x.Readings.Any(r => r.Segments.Any(s => parts.Contains(s.Correspondence))));
        return holding == all.Count(x => HasLetters(x.Text, parts[0].Grapheme)) ? holding : 0;
    }

    // A vowel, one consonant, and the e.
    private static bool HasLetters(string word, Grapheme grapheme) => !grapheme.IsSplit ? word.Contains(grapheme.Text, StringComparison.Ordinal)
        : Enumerable.Range(0, Math.Max(0, word.Length - grapheme.LeadingLetters.Length - 1))
            .Any(at => word[at..].StartsWith(grapheme.LeadingLetters, StringComparison.Ordinal) && word[at + grapheme.LeadingLetters.Length + 1] == 'e');

    private static IEnumerable<string> Counted(string sentence) =>
        [$"{sentence.Split(' ', StringSplitOptions.RemoveEmptyEntries).Length}", $"{sentence.Count(char.IsUpper)}", $"{sentence.Count(char.IsPunctuation)}"];
}
