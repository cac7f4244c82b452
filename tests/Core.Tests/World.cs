using System.Collections.Concurrent;
using BoldLadder.Core.Calendar;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests;

/// <summary>The shipped data, read once for all tests, and short ways to build the values of the job.</summary>
internal static class World
{
    public static string Root { get; } = FindRoot();

    private static readonly Lazy<Lexicon> LazyLexicon = new(() => Lexicon.Parse(Text("lexicon/lexicon.tsv")));
    private static readonly Lazy<WrittenTexts> LazyWritten = new(() => WrittenTexts.Parse(Text));
    private static readonly Lazy<Ladder> LazyEstuary = new(() => LadderText.Parse(Text("demo/estuary.ladder.tsv")));
    private static readonly Lazy<Ladder> LazyRidge = new(() => LadderText.Parse(Text("demo/ridge.ladder.tsv")));
    private static readonly Lazy<WordStock> LazySouth = new(() => Stock(Estuary, Accent.SouthernBritish));
    private static readonly Lazy<WordStock> LazyUs = new(() => Stock(Ridge, Accent.GeneralAmerican));

    private static readonly Lazy<RealWords> LazyReal = new(() => RealWords.Parse(
        Text("lexicon/real-words.txt"), Text("lexicon/sounds.tsv"), Text("lexicon/unsafe.txt"), Text("lexicon/name-sounds.txt"), CorrespondenceTable.Parse(Text("lexicon/correspondences.tsv"))));

    private static readonly Lazy<MadeUpCheck> LazyMadeUp = new(() => MadeUpFor(Accent.SouthernBritish));

    private static readonly Lazy<WordGate> LazyGate = new(() => new WordGate(Lexicon, LazyReal.Value));
    private static readonly ConcurrentDictionary<string, Lazy<SchoolWords>> AllWords = new();
    private static readonly ConcurrentDictionary<(string Accent, string Units), Lazy<WordRows>> AllRows = new();
    private static readonly Lazy<HashSet<string>> LongForms = new(() => [.. Text("lexicon/long-forms.txt").Split('\n')]);

    public static MadeUpCheck MadeUp => LazyMadeUp.Value;

    public static WordGate Gate => LazyGate.Value;

    /// <summary>The words of an accent with the forms that follow from them.</summary>
    public static SchoolWords WithForms(Accent accent) => new(Lexicon, accent, null, x => LazyReal.Value.IsSpelling(x) || LongForms.Value.Contains(x));

    public static Lexicon Lexicon => LazyLexicon.Value;

    public static WrittenTexts Written => LazyWritten.Value;

    public static SentenceBank Sentences => Written.Sentences;

    public static SpokenSentences Spoken => Written.Spoken;

    public static StoryBank Stories => Written.Stories;

    public static TeachingNotes Notes { get; } = TeachingNotes.Parse(Text("notes/sounds.tsv"), Text("notes/letters.tsv"), Text("notes/points.tsv"), Text("notes/alike.tsv"));

    public static Needs Needs { get; } = Needs.TryParse(Text("needs.txt"), out var problem) ?? throw new FormatException(problem);

    public static AmericanForms Forms { get; } = AmericanForms.Parse(Text("lexicon/american-forms.tsv"));

    public static Ladder Estuary => LazyEstuary.Value;

    public static Ladder Ridge => LazyRidge.Value;

    /// <summary>The first demo school's words, as its ladder gates them.</summary>
    public static WordStock South => LazySouth.Value;

    public static WordStock Us => LazyUs.Value;

    /// <summary>A year without holidays but one, from 1 September 2026.</summary>
    public static SchoolYear Year { get; } = YearOf(new Closure(new DateOnly(2026, 10, 26), new DateOnly(2026, 10, 30), "Mid-term"));

    public static MadeUpCheck MadeUpFor(Accent accent) =>
        new(WordsOf(accent), CorrespondenceTable.Parse(Text("lexicon/correspondences.tsv")), LazyReal.Value);

    public static string Text(string file) => File.ReadAllText(Path.Combine(Root, "data", file));

    public static WordStock Stock(Ladder? ladder, Accent accent, WeakVowels weak = WeakVowels.Lenient) => new(
        Rules(accent, weak, ladder),
        accent.IsAmerican ? Written.In(Forms) : Written);

    public static ReadingRules Rules(Accent accent, WeakVowels weak = WeakVowels.Lenient, Ladder? ladder = null) =>
        new(RowsOf(ladder, accent), weak, ladder);

    /// <summary>The lexicon as an accent has it.</summary>
    public static SchoolWords WordsOf(Accent accent) => AllWords.GetOrAdd(accent.Id, _ => new(() => new SchoolWords(Lexicon, accent))).Value;

    /// <summary>The rows of its words; shared by the ladders that teach the same things as one, as the stocks of a server share them.</summary>
    public static WordRows RowsOf(Ladder? ladder, Accent accent) =>
        AllRows.GetOrAdd((accent.Id, LadderUnits.Of(ladder).Key), _ => new(() => new WordRows(WordsOf(accent), LadderUnits.Of(ladder)))).Value;

    public static Judge JudgeOf(ReadingRules rules, string taught, params string[] tricky) => new(new TaughtSet(
        rules, taught.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(x => Teachable.Of(Correspondence.Parse(x))), tricky));

    public static Standing StandingOf(Ladder ladder, IEnumerable<LogEntry> entries, ReadingRules? rules = null) =>
        Standing.Of(ladder, new GroupLog(entries), Year, rules ?? South.Rules);

    // What longer words end in, taught as one by some schools, and spellings that the demo ladders leave to the day they come up.
    private static readonly Ladder WordEnds = LadderText.Parse("""
        name	Ends
        [Ends]	12 4 5
        e_e:ee eigh:ai oe:oa ar:or or:ur ere:ear ure:ure ure:y+ure sc:s st:s
        ~ti:sh,o:schwa,n:n ~si:zh,o:schwa,n:n ~si:sh,o:schwa,n:n ~ssi:sh,o:schwa,n:n
        ~t:ch,ure:schwa ~s:zh,ure:schwa ~ou:schwa,s:s ~ci:sh,ou:schwa,s:s
        ~f:f,u:schwa,l:l ~l:l,e:schwa,ss:s ~n:n,e:schwa,ss:s ~m:m,e:schwa,n:n,t:t ~a:schwa,b:b,le:schwa+l ~i:i,b:b,le:schwa+l
        """.Replace("        ", "", StringComparison.Ordinal));

    /// <summary>Where all of a ladder is taught, and ends of longer words besides.</summary>
    public static Judge AtTheTop(Ladder ladder, Accent accent)
    {
        var ends = WordEnds.Sections[0];
        var more = Created([.. ladder.Sections, ends with { Id = "ends", Rungs = [.. ends.Rungs.Select((x, i) => x with { Id = $"ends-{i}" })] }]);
        return new Judge(new TaughtSet(Rules(accent, ladder: more), [], []).With(more.Rungs));
    }

    /// <summary>A ladder of one section, a rung for each word of the text: <c>s:s a:a !the -ing</c>.</summary>
    public static Ladder LadderOf(string rungs, string shape = "6 3 2") =>
        LadderText.Parse($"name\tTest\n[All]\t{shape}\n{rungs.Replace(" ", "\n").Replace("+", " ")}");

    /// <summary>An order as another school keeps it, by its file's name in <c>tests/orders</c>.</summary>
    public static Ladder Order(string name) => LadderText.Parse(File.ReadAllText(Path.Combine(Root, "tests", "orders", $"{name}.ladder.tsv")));

    /// <summary>A ladder of these sections.</summary>
    public static Ladder Created(IEnumerable<Section> sections) => Ladder.TryCreate("Test", [.. sections], out var ladder, out var problems)
        ? ladder
        : throw new InvalidOperationException(problems[0].Sentence);

    public static SchoolYear YearOf(params Closure[] closures) => SchoolYear.TryCreate(
        [new Term("Year", new DateOnly(2026, 9, 1), new DateOnly(2027, 7, 20))], closures, WeeklyPattern.Usual, out var year, out var reason)
        ? year
        : throw new InvalidOperationException(reason);

    /// <summary>A log in which the rungs were taught one a school day, from the first.</summary>
    public static IReadOnlyList<LogEntry> LogOf(IEnumerable<Rung> rungs) =>
        [.. rungs.Select((x, i) => Entry(i + 1, Year.SchoolDays[i], x))];

    public static LogEntry Entry(
        long position, DateOnly day, Rung rung, LogOutcome outcome = LogOutcome.Taught, IReadOnlyList<RevisitItem>? seen = null,
        IReadOnlyList<RevisitItem>? shaky = null, string? lesson = null) => new(
        position, lesson ?? $"lesson {position}", day, outcome, rung.Id,
        outcome == LogOutcome.Taught ? rung.Adds : [], outcome == LogOutcome.Taught ? rung.TrickyWords : [], seen ?? [], shaky ?? [], []);

    /// <summary>The lessons of days that a class lives one after another, each planned from what those before it left.</summary>
    /// <param name="days">What each day teaches; null for a review.</param>
    public static List<Core.Lessons.Lesson> Lived(WordStock stock, Standing standing, IEnumerable<Rung?> days, int minutes = 25)
    {
        var lessons = new List<Core.Lessons.Lesson>();
        foreach (var (rung, at) in days.Select((x, i) => (x, i)))
        {
            var day = Year.SchoolDays[standing.Lessons.Count];
            lessons.Add(Core.Lessons.LessonComposer.Compose(new Core.Lessons.LessonBrief(stock, standing, Core.Conventions.ClassConventions.Usual, day, rung, minutes, (ulong)at)));
            standing = standing.After(Core.Lessons.LessonLog.Entry(lessons[^1], $"lesson {standing.Lessons.Count}", day, LogOutcome.Taught, standing.Lessons.Count + 1, []));
        }

        return lessons;
    }

    /// <summary>For the lesson of a rung on the morning after all rungs before it were taught.</summary>
    public static Core.Lessons.LessonBrief BriefAt(Ladder ladder, WordStock stock, int place, ulong seed) => new(
        stock, StandingOf(ladder, LogOf(ladder.Rungs.Take(place)), stock.Rules), ClassConventions.Usual, Year.SchoolDays[place], ladder.Rungs[place], 25, seed);

    /// <summary>The same at the rung that adds a correspondence, given by its key.</summary>
    public static Core.Lessons.LessonBrief BriefAt(Ladder ladder, WordStock stock, string part, ulong seed = 1) =>
        BriefAt(ladder, stock, ladder.Rungs.ToList().FindIndex(x => x.Correspondences.Any(c => c.Key == part)), seed);

    private static string FindRoot()
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(folder, "BoldLadder.slnx")))
        {
            folder = Path.GetDirectoryName(folder) ?? throw new InvalidOperationException("the tests do not lie in the repository");
        }

        return folder;
    }
}
