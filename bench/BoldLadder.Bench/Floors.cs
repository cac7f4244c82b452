using System.Diagnostics;
using System.Globalization;
using BoldLadder.Core.Calendar;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Core.Year;
using Activity = BoldLadder.Core.Lessons.Activity;

/// <summary>
/// What every lesson of a year holds to, for each ladder that ships, and for orders of other schools, in each accent: the year is lived day by day, with days
/// missed and things shaky now and then, and each lesson is planned from the log as it then stands.
/// </summary>
/// <param name="orders">A folder of orders unlike ours, as other schools keep them.</param>
internal sealed class Floors(string data, string orders, SchoolYear year)
{
    // Before so many rungs children hear more than they read.
    private const int Opening = 10;

    private const int MissedOneIn = 17, ShakyOneIn = 3, ReadOnPurpose = 20;

    private readonly Lexicon _lexicon = Lexicon.Parse(File.ReadAllText(Path.Combine(data, "lexicon", "lexicon.tsv")));
    private readonly WrittenTexts _written = WrittenTexts.Parse(x => File.ReadAllText(Path.Combine(data, x)));
    private readonly CorrespondenceTable _table = CorrespondenceTable.Parse(File.ReadAllText(Path.Combine(data, "lexicon", "correspondences.tsv")));
    private readonly RealWords _real = RealWords.Parse(
        File.ReadAllText(Path.Combine(data, "lexicon", "real-words.txt")), File.ReadAllText(Path.Combine(data, "lexicon", "sounds.tsv")),
        File.ReadAllText(Path.Combine(data, "lexicon", "unsafe.txt")), File.ReadAllText(Path.Combine(data, "lexicon", "name-sounds.txt")),
        CorrespondenceTable.Parse(File.ReadAllText(Path.Combine(data, "lexicon", "correspondences.tsv"))));

    private readonly AmericanForms _forms = AmericanForms.Parse(File.ReadAllText(Path.Combine(data, "lexicon", "american-forms.tsv")));

    private sealed class Count
    {
        public int Lessons, New, Illegal, ModelOff, Read, ReadOn, Spelt, SpeltOn, Heard, HeardAgainst, Contrast, Stories, Sentences, SentencesOn, DictatedSeen, Cards, Time, Again;
        public double Milliseconds, Longest, Shortest = 1;
    }

    public void Print()
    {
        Console.WriteLine("| ladder | accent | lessons | not legal | modelled off the point | read on it | spelt on it | listening against | with a contrast | with a story | sentences on it | dictated and read | over 15 cards | off time by more than 10% | sentence again within 20 days | ms a lesson |");
        Console.WriteLine("|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|");
        foreach (var file in new[] { Path.Combine(data, "demo"), Path.Combine(data, "starters"), orders }.SelectMany(x => Directory.GetFiles(x, "*.ladder.tsv").Order(StringComparer.Ordinal)))
        {
            foreach (var accent in Accent.All)
            {
                var ladder = LadderText.Parse(File.ReadAllText(file));
                var x = Live(ladder, Stock(ladder, accent));
                Console.WriteLine(string.Create(CultureInfo.InvariantCulture,
                    $"| {ladder.Name} | {accent.Id} | {x.Lessons} | {x.Illegal} | {x.ModelOff} | {Share(x.ReadOn, x.Read)} | {Share(x.SpeltOn, x.Spelt)} | {Share(x.HeardAgainst, x.Heard)} | {Share(x.Contrast, x.New)} | {Share(x.Stories, x.New)} | {Share(x.SentencesOn, x.Sentences)} | {x.DictatedSeen} | {x.Cards} | {x.Time} | {x.Again} | {x.Milliseconds / x.Lessons:0} |"));
            }
        }
    }

    /// <summary>How the lessons of a year keep to other lengths than the usual one.</summary>
    public void PrintLengths()
    {
        Console.WriteLine("| minutes | lessons | off time by more than 10% | longest | shortest |");
        Console.WriteLine("|---|---|---|---|---|");
        var ladder = LadderText.Parse(File.ReadAllText(Path.Combine(data, "demo", "estuary.ladder.tsv")));
        foreach (var minutes in new[] { 10, 15, 20, 25, 30, 35, 40, 45, 60 })
        {
            var x = Live(ladder, Stock(ladder, Accent.SouthernBritish), minutes);
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"| {minutes} | {x.Lessons} | {x.Time} | {100 * x.Longest:0}% | {100 * x.Shortest:0}% |"));
        }
    }

    private static string Share(int part, int whole) => whole == 0 ? "-" : $"{100 * part / whole}%";

    private WordStock Stock(Ladder ladder, Accent accent) => new(
        new ReadingRules(new WordRows(new SchoolWords(_lexicon, accent), LadderUnits.Of(ladder)), WeakVowels.Lenient, ladder),
        accent.IsAmerican ? _written.In(_forms) : _written, null, new Lazy<MadeUpCheck>(() => new MadeUpCheck(new SchoolWords(_lexicon, accent), _table, _real)));

    private Count Live(Ladder ladder, WordStock stock, int minutes = 25)
    {
        var (count, entries, lastRead, dice) = (new Count(), new List<LogEntry>(), new Dictionary<string, int>(), new Dice(20261126));
        foreach (var date in year.SchoolDays)
        {
            var log = new GroupLog(entries);
            var standing = Standing.Of(ladder, log, year, stock.Rules);
            var rung = Placement.From(standing, log, date).First().Rung;
            var brief = new LessonBrief(stock, standing, ClassConventions.Usual, date, rung, minutes, (ulong)date.DayNumber);
            var clock = Stopwatch.GetTimestamp();
            var lesson = LessonComposer.Compose(brief);
            count.Milliseconds += Stopwatch.GetElapsedTime(clock).TotalMilliseconds;
            var missed = dice.Next(MissedOneIn) == 0;
            Note(count, lesson, brief, lastRead, missed);
            var shaky = dice.Next(ShakyOneIn) == 0 ? dice.Mix(LessonLog.CanBeShaky(lesson)).Take(1).ToList() : [];
            entries.Add(LessonLog.Entry(
                lesson, $"lesson {entries.Count}", date, missed ? LogOutcome.Missed : LogOutcome.Taught, entries.Count + 1, missed ? [] : shaky));
        }

        return count;
    }

    private static void Note(Count x, Lesson lesson, LessonBrief brief, Dictionary<string, int> lastRead, bool missed)
    {
        var holding = new HeldParts(brief.Stock).Holding(brief.Targets);
        bool On(string word) => brief.Stock.Words.FindWord(word) is { } known && holding(known);
        List<LessonItem> In(Activity activity) => [.. lesson.Blocks.Where(b => b.Activity == activity).SelectMany(b => b.Items)];
        x.Lessons++;
        x.Illegal += LessonCheck.Illegal(lesson, brief.Standing.Taught).Count;
        x.Cards += !brief.Standing.Clock.AllCardsEveryDay && In(Activity.Cards).Count > 15 ? 1 : 0;
        x.DictatedSeen += In(Activity.WriteSentence).Count(w => In(Activity.ReadSentences).Exists(r => r.Text == w.Text));
        x.Time += brief.Standing.Line >= Opening && Math.Abs(lesson.Seconds - (lesson.Minutes * 60)) > lesson.Minutes * 6 ? 1 : 0;
        var share = brief.Standing.Line >= Opening ? lesson.Seconds / (lesson.Minutes * 60.0) : 1;
        (x.Longest, x.Shortest) = (Math.Max(x.Longest, share), Math.Min(x.Shortest, share));
        foreach (var sentence in In(Activity.ReadSentences).Where(s => s.Reasons.All(r => r.Code != ReasonCode.AgainOnPurpose)).Select(s => s.Text))
        {
            x.Again += lastRead.TryGetValue(sentence, out var last) && x.Lessons - last < ReadOnPurpose ? 1 : 0;
            // What was planned for a day that was missed, nobody read.
            lastRead[sentence] = missed ? lastRead.GetValueOrDefault(sentence, int.MinValue / 2) : x.Lessons;
        }

        if (lesson.Kind is not (LessonKind.NewLearning or LessonKind.Structure) || brief.Standing.Line < Opening)
        {
            return;
        }

        var read = In(Activity.Read);
        x.New++;
        x.ModelOff += read.Count(i => i.Release == Release.AdultShows && !On(i.Text));
        (x.Read, x.ReadOn) = (x.Read + read.Count, x.ReadOn + read.Count(i => On(i.Text)));
        IReadOnlyList<LessonItem> written = [.. In(Activity.Build), .. In(Activity.Spell)];
        (x.Spelt, x.SpeltOn) = (x.Spelt + written.Count, x.SpeltOn + written.Count(i => On(i.Text)));
        (x.Heard, x.HeardAgainst) = (x.Heard + In(Activity.Listening).Count, x.HeardAgainst + In(Activity.Listening).GroupBy(i => i.Heading).OrderByDescending(g => g.Count()).Skip(1).Sum(g => g.Count()));
        x.Contrast += lesson.Blocks.Any(b => Piece.Of(b.Activity).Compares) ? 1 : 0;
        x.Stories += In(Activity.ReadStory).Count > 0 ? 1 : 0;
        (x.Sentences, x.SentencesOn) = (x.Sentences + In(Activity.ReadSentences).Count, x.SentencesOn + In(Activity.ReadSentences).Count(i => SentenceBank.WordsOf(i.Text).Any(w => On(w) || lesson.TrickyWords.Contains(w, StringComparer.OrdinalIgnoreCase))));
    }
}
