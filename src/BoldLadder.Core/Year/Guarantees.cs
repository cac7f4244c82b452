using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Year;

/// <summary>A lesson of a year, given or planned.</summary>
public sealed record YearLesson(DateOnly Day, Lesson Lesson);

/// <summary>The longest time that something taught went unseen.</summary>
/// <param name="Lessons">Lessons between the two days.</param>
/// <param name="From">The day on which it was last seen before.</param>
/// <param name="To">The day on which it came back, or the last lesson when it did not.</param>
public sealed record UnseenSpell(Teachable Thing, int Lessons, DateOnly From, DateOnly To);

/// <summary>A word with the days on which children read, sort or write it.</summary>
public sealed record WordUse(string Word, IReadOnlyList<DateOnly> Days);

/// <summary>The lessons of a week.</summary>
/// <param name="Monday">The week's first day.</param>
public sealed record WeekOfLessons(DateOnly Monday, IReadOnlyList<YearLesson> Lessons);

/// <summary>
/// What can be said of all lessons of a year together, for somebody who has to answer for it: each figure is counted from
/// the lessons as they are, and says which they were.
/// </summary>
/// <param name="WordsJudged">Words put before children, each time counted, in words to read, sort and write, sentences and stories.</param>
/// <param name="NotReadable">Days with a word that the class could not read then.</param>
/// <param name="Unseen">The longest spells first, one for each thing taught.</param>
/// <param name="Words">Words read, sorted or written, most used first.</param>
/// <param name="Everyday">Of those, how many children of seven know.</param>
/// <param name="Minutes">Minutes of each part, on the average lesson.</param>
/// <param name="LittleToApply">Days with less than its share of time for apply, or nothing to read in it.</param>
/// <param name="OffTime">Days more than a tenth over or under their time.</param>
public sealed record Guarantees(
    IReadOnlyList<YearLesson> Lessons, int WordsJudged, IReadOnlyList<DateOnly> NotReadable, IReadOnlyList<UnseenSpell> Unseen, IReadOnlyList<WordUse> Words, int Everyday,
    IReadOnlyDictionary<LessonPart, double> Minutes, IReadOnlyList<WeekOfLessons> Weeks, IReadOnlyList<DateOnly> LittleToApply, IReadOnlyList<DateOnly> OffTime)
{
    // Children need two or three sentences at the least to use what they learnt.
    private const int FewestSentences = 2;

    /// <summary>
    /// True for a lesson that counts: one that was given, or that is still to come. What was missed nobody had, and of a day
    /// past that nobody marked it is not known.
    /// </summary>
    public static bool Counts(GroupLog log, string lessonId, DateOnly day, DateOnly today) =>
        log.Counted.FirstOrDefault(x => x.LessonId == lessonId) is { } entry ? entry.Outcome != LogOutcome.Missed : day >= today;

    /// <param name="lessons">The lessons that were given or are planned, by day; those that were missed left out.</param>
    /// <param name="before">What the group had been taught before the first of them.</param>
    public static Guarantees Of(IReadOnlyList<YearLesson> lessons, TaughtSet before, WordStock stock)
    {
        var (things, tricky) = (before.Things.ToHashSet(), before.TrickyWords.ToHashSet());
        var seen = new Dictionary<Teachable, (int At, DateOnly Day)>();
        var longest = new Dictionary<Teachable, UnseenSpell>();
        var words = new Dictionary<string, List<DateOnly>>();
        var (judged, notReadable) = (0, new List<DateOnly>());
        for (var i = 0; i < lessons.Count; i++)
        {
            var (day, lesson) = (lessons[i].Day, lessons[i].Lesson);
            var taught = new TaughtSet(stock.Rules, things, tricky);
            judged += lesson.Items.Where(x => x.Kind is ItemKind.Word or ItemKind.Tricky or ItemKind.Sentence or ItemKind.Story).Sum(x => SentenceBank.WordsOf(x.Text).Count);
            if (LessonCheck.Illegal(lesson, taught).Count > 0)
            {
                notReadable.Add(day);
            }

            var met = Met(lesson, stock).ToHashSet();
            foreach (var thing in things.Concat(lesson.Teaches).Distinct().Where(x => x.Correspondence is not null))
            {
                if (met.Contains(thing) || lesson.Teaches.Contains(thing))
                {
                    seen[thing] = (i, day);
                }
                else if (seen.TryGetValue(thing, out var last) && (!longest.TryGetValue(thing, out var spell) || i - last.At > spell.Lessons))
                {
                    longest[thing] = new UnseenSpell(thing, i - last.At, last.Day, day);
                }
            }

            foreach (var word in lesson.Items.Where(x => x.Kind == ItemKind.Word).Select(x => x.Text.ToLowerInvariant()).Distinct())
            {
                (words.TryGetValue(word, out var days) ? days : words[word] = []).Add(day);
            }

            things.UnionWith(lesson.Teaches);
            tricky.UnionWith(lesson.TrickyWords.Select(x => x.ToLowerInvariant()));
        }

        return new Guarantees(
            lessons, judged, notReadable, [.. longest.Values.OrderByDescending(x => x.Lessons).ThenBy(x => x.Thing.Key, StringComparer.Ordinal)],
            [.. words.Select(x => new WordUse(x.Key, x.Value)).OrderByDescending(x => x.Days.Count).ThenBy(x => x.Word, StringComparer.Ordinal)],
            words.Keys.Count(x => stock.Words.FindWord(x) is { Everyday: true }),
            Enum.GetValues<LessonPart>().ToDictionary(x => x, x => lessons.Count == 0 ? 0 : lessons.Average(l => l.Lesson.SecondsOf(x)) / 60),
            [.. lessons.GroupBy(x => HalfTerm.MondayOf(x.Day)).Select(x => new WeekOfLessons(x.Key, [.. x]))],
            [.. lessons.Where(x => HasLittle(x.Lesson)).Select(x => x.Day)],
            [.. lessons.Where(x => Math.Abs(x.Lesson.Seconds - (x.Lesson.Minutes * 60)) > x.Lesson.Minutes * 6).Select(x => x.Day)]);
    }

    // On a card, asked for, or in a word that children read, sort or write.
    private static IEnumerable<Teachable> Met(Lesson lesson, WordStock stock) => lesson.Items.SelectMany(x => x.Kind switch
    {
        ItemKind.Card => x.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries).Where(k => Correspondence.TryParse(k, out _, out _)).Select(Correspondence.Parse),
        ItemKind.Sound => x.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(g => $"{g}:{x.Text}").Where(k => Correspondence.TryParse(k, out _, out _)).Select(Correspondence.Parse),
        ItemKind.Word => Segmentation.TryParse(x.Text.ToLowerInvariant(), x.Split, out var reading, out _) ? reading.Segments.Select(s => s.Correspondence) : [],
        ItemKind.Sentence or ItemKind.Story => SentenceBank.WordsOf(x.Text).Select(w => stock.Words.Find(w)).OfType<SchoolWord>().SelectMany(w => w.Readings[0].Segments.Select(s => s.Correspondence)),
        _ => [],
    }).Select(Teachable.Of);

    private static bool HasLittle(Lesson lesson) => lesson.Kind != LessonKind.Listening
        && (lesson.SecondsOf(LessonPart.Apply) < lesson.Minutes * 60 * Timing.ApplyShare
            || lesson.Blocks.Where(x => x.Activity is Activity.ReadStory or Activity.ReadSentences).Sum(x => x.Activity == Activity.ReadStory ? FewestSentences * x.Items.Count : x.Items.Count) < FewestSentences);
}
