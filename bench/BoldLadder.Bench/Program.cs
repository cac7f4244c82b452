using System.Diagnostics;
using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;
using BoldLadder.Core.Calendar;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Core.Year;

// Speeds and memory, medians of many runs in one process. The ratios are what counts: machines are
// shared and noisy. Run it from the root: dotnet run -c Release --project bench/BoldLadder.Bench
// With a server: bench/load, which starts one. What every lesson of a year holds to: the same with floors.
if (args is ["load", var address, var process])
{
    await Load.Run(address, int.Parse(process, System.Globalization.CultureInfo.InvariantCulture));
    await Load.Year(address);
    await Load.Starve(address);
    return;
}

const int Rungs = 200;
var data = Path.Combine(Environment.CurrentDirectory, "data");
if (args is ["floors"])
{
    var floors = new Floors(data, Path.Combine(Environment.CurrentDirectory, "tests", "orders"), UsualYear.Around(new DateOnly(2026, 11, 24), false));
    floors.Print();
    floors.PrintLengths();
    return;
}

var text = File.ReadAllText(Path.Combine(data, "lexicon", "lexicon.tsv"));

var table = CorrespondenceTable.Parse(File.ReadAllText(Path.Combine(data, "lexicon", "correspondences.tsv")));
var ladder = LadderText.Parse(File.ReadAllText(Path.Combine(data, "demo", "estuary.ladder.tsv")));
string Words(string file) => File.ReadAllText(Path.Combine(data, "lexicon", file));

// Cold first: the files are read, the lexicon and the large list of real words are loaded, and the index by sound is made.
var whole = Engine.Load(text, Words, table);
Console.WriteLine($"lexicon and sound index, first time: {whole.Milliseconds,8:0.0} ms, {whole.Megabytes:0.0} MB held");
var lexicon = whole.Lexicon;
var once = Engine.Measure(text, Words, table, ladder, Median);
var twice = Engine.Measure(Doubled.Of(text), Words, table, ladder, Median);
foreach (var (name, (one, two)) in once.Keys.Select(x => (x, (once[x], twice[x]))))
{
    Console.WriteLine($"{name + ":",-60} {one,8:0.00}; lexicon doubled: {two,8:0.00}, ratio {two / one:0.00}");
}

var rows = new WordRows(new SchoolWords(lexicon, Accent.SouthernBritish));
var rules = new ReadingRules(rows, WeakVowels.Lenient, ladder);
var taught = new TaughtSet(rules, [], []).With(ladder.Rungs.Take(60));
var readable = new ulong[(rows.Count + 63) / 64];

// The same bytes, read once as vectors and joined: as fast as memory allows.
var sink = Vector256<ulong>.Zero;
var verdicts = Median(() => rows.AllCovered(taught.Bits, readable), 2001);
var scan = Median(() => sink ^= Scan(rows.Block), 2001);
Console.WriteLine($"whole lexicon judged ({rows.Count} readings): {verdicts * 1000,6:0.0} µs; a vector scan of the same {rows.Block.Length * 8 / 1e6:0.00} MB: {scan * 1000:0.0} µs; ratio {verdicts / scan:0.00}; {WordRows.CountOf(readable)} readable, {sink[0] & 1}");

// A ladder of 200 rungs: the demo's, and fillers of tricky words between.
var sections = ladder.Sections.Select((s, i) => i > 0 ? s : s with
{
    Rungs = [.. s.Rungs, .. Enumerable.Range(0, Rungs - ladder.Rungs.Count).Select(n => new Rung { Id = $"filler-{n}", TrickyWords = ["because"] })],
}).ToList();
_ = Ladder.TryCreate("Long", sections, out var large, out _);
var turn = 0;
Say($"a rung moved and all figures made again, {large.Rungs.Count} rungs", Median(
    () =>
    {
        var edit = new MoveRung("sh-sh", large.Sections[1].Id, turn++ % 5);
        large = edit.Apply(large).Ladder!;
        RungMap.Of(new Unlocking(large, rules));
    },
    201));

// What a drag asks once: every destination, of a letter that thousands of words need, of three rungs together, and of a section.
var needs = Needs.TryParse(File.ReadAllText(Path.Combine(data, "needs.txt")), out _)!;
var standsAt = new Unlocking(large, rules);
var figures = RungMap.Of(standsAt);
foreach (var moving in new[] { new[] { "s-s" }, ["igh-igh"], ["sh-sh", "ch-ch", "ng-ng"], [.. large.Sections.Skip(1).MaxBy(x => x.Rungs.Count)!.Rungs.Select(x => x.Id)] })
{
    var destinations = new Consequences(standsAt, figures, moving, needs, ClashDistances.Usual).Destinations.Count;
    var all = Median(() => _ = new Consequences(standsAt, figures, moving, needs, ClashDistances.Usual).Destinations.Count, 31);
    var single = Median(() => RungMap.Of(new Unlocking(SeveralEdits.Move(large, moving, large.Sections[1].Id, 0).Apply(large).Ladder!, rules)), 31);
    Say($"consequences of moving {(moving.Length > 3 ? $"a section of {moving.Length} rungs" : string.Join(", ", moving))}, {destinations} places", all);
    Console.WriteLine($"  against as many what-ifs one by one: ratio {single * destinations / all:0.0}");
}

var stockClock = Stopwatch.StartNew();
var stock = new WordStock(rules, WrittenTexts.Parse(x => File.ReadAllText(Path.Combine(data, x))));
Console.WriteLine($"a school's stock of words made:      {stockClock.Elapsed.TotalMilliseconds,8:0.0} ms, once for a school and process");
_ = SchoolYear.TryCreate([new Term("Year", new DateOnly(2026, 9, 1), new DateOnly(2027, 7, 20))], [], WeeklyPattern.Usual, out var year, out _);
foreach (var place in new[] { 20, 60, 110 })
{
    var log = new GroupLog(ladder.Rungs.Take(place).Select((x, i) => new LogEntry(
        i + 1, $"{i}", year.SchoolDays[i], LogOutcome.Taught, x.Id, x.Adds, x.TrickyWords, [], [], [])));
    var standing = Standing.Of(ladder, log, year, rules);
    var seed = 0UL;
    Say($"one lesson composed, rung {place + 1}", Median(
        () => LessonComposer.Compose(new LessonBrief(stock, standing, ClassConventions.Usual, year.SchoolDays[place], ladder.Rungs[place], 25, seed++)), 51));
}

// Ten groups, each at another place, laid on the year to its end.
var logs = Enumerable.Range(0, 10).Select(g => new GroupLog(ladder.Rungs.Take(g * 12).Select((x, i) => new LogEntry(
    i + 1, $"{i}", year.SchoolDays[i], LogOutcome.Taught, x.Id, x.Adds, x.TrickyWords, [], [], [])))).ToList();
Say("a year laid for ten groups", Median(
    () => logs.ForEach(log => _ = new GroupYear(ladder, year, log, rules, GroupPlan.None, year.SchoolDays[log.Entries.Count]).Outlook.Days.Count), 31));
Say("three ways to recover, for ten groups", Median(
    () => logs.ForEach(log => _ = new GroupYear(ladder, year, log, rules, GroupPlan.None, year.SchoolDays[log.Entries.Count]).Ways(2).Count), 31));

static Vector256<ulong> Scan(ReadOnlySpan<ulong> block)
{
    var (a, b, c, d) = (Vector256<ulong>.Zero, Vector256<ulong>.Zero, Vector256<ulong>.Zero, Vector256<ulong>.Zero);
    var vectors = MemoryMarshal.Cast<ulong, Vector256<ulong>>(block);
    var i = 0;
    for (; i + 4 <= vectors.Length; i += 4)
    {
        a |= vectors[i];
        b |= vectors[i + 1];
        c |= vectors[i + 2];
        d |= vectors[i + 3];
    }

    for (; i < vectors.Length; i++)
    {
        a |= vectors[i];
    }

    return a | b | c | d;
}

static double Median(Action work, int times)
{
    for (var i = 0; i < Math.Min(times, 50); i++)
    {
        work();
    }

    var taken = new double[times];
    for (var i = 0; i < times; i++)
    {
        var start = Stopwatch.GetTimestamp();
        work();
        taken[i] = Stopwatch.GetElapsedTime(start).TotalMilliseconds;
    }

    Array.Sort(taken);
    return taken[times / 2];
}

static void Say(string what, double milliseconds) => Console.WriteLine($"{what + ":",-60} {milliseconds,8:0.00} ms");
