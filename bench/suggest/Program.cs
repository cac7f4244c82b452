using System.Diagnostics;
using System.Globalization;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Suggesting;
using BoldLadder.Core.Words;

// How good suggested orders are: against the true optimum on small ladders, and over time on the demo's dealt anew. Run it
// from the root: dotnet run -c Release --project bench/suggest [seconds for the solver on each case]
// The solver comes with half a gigabyte of native code, so this stands outside the solution and ./test.
CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
var seconds = args is [var given] ? double.Parse(given) : 60;
string Text(string file) => File.ReadAllText(Path.Combine(Environment.CurrentDirectory, "data", file));
var lexicon = Lexicon.Parse(Text("lexicon/lexicon.tsv"));
var needs = Needs.TryParse(Text("needs.txt"), out _)!;
var worst = 0.0;
foreach (var (file, accent) in new[] { ("demo/estuary", Accent.SouthernBritish), ("demo/ridge", Accent.GeneralAmerican) })
{
    var ladder = LadderText.Parse(Text($"{file}.ladder.tsv"));
    var rules = new ReadingRules(new WordRows(new SchoolWords(lexicon, accent), LadderUnits.Of(ladder)), WeakVowels.Lenient, ladder);
    var early = ladder.Rungs.Where(Ordering.Moves).Take(45).ToList();
    for (var n = 0; n < 10; n++)
    {
        var dice = new Dice((ulong)(100 + n));
        var rungs = dice.Mix(early).Take(12 + (n % 5)).ToList();
        _ = Ladder.TryCreate("Small", [new Section("all", "All", new WordShape(5, 2, 2), rungs)], out var small, out _);
        var of = new Ordering(small, new ReadingRules(rules.Rows, WeakVowels.Lenient, small), needs, ClashDistances.Usual, 4, []);
        var clock = Stopwatch.StartNew();
        var ours = OrderSearch.Run(of, 1).TakeWhile(x => clock.Elapsed.TotalSeconds < 3).OfType<FoundOrder>().Last();
        var hint = ours.Order[0].RungIds.Select(id => rungs.FindIndex(x => x.Id == id)).ToList();
        clock.Restart();
        var (cost, bound, proven) = BestOrder.Of(of, seconds, hint);
        var mine = (double)ours.Score.Total * OrderWeights.Parts;
        worst = Math.Max(worst, (mine / cost) - 1);
        Console.WriteLine($"{file,-12} {rungs.Count} rungs: ours {mine / 1e6:0}, solver {cost / 1e6:0} ({(proven ? "proven" : $"bound {bound / 1e6:0}")}, {clock.Elapsed.TotalSeconds:0} s), gap {100 * ((mine / cost) - 1):0.00} %");
    }
}

Console.WriteLine($"worst gap of 20: {100 * worst:0.00} %");
foreach (var (file, accent) in new[] { ("demo/estuary", Accent.SouthernBritish), ("demo/ridge", Accent.GeneralAmerican) })
{
    var ladder = LadderText.Parse(Text($"{file}.ladder.tsv"));
    var rules = new ReadingRules(new WordRows(new SchoolWords(lexicon, accent), LadderUnits.Of(ladder)), WeakVowels.Lenient, ladder);
    var own = new Ordering(ladder, rules, needs, ClashDistances.Usual, 4, []).Now();
    Console.WriteLine($"{file} as it is: {own.Total / 1e6:0}, thin {own.Thin}, alike {own.Alike}, spellings {own.Spellings}, average {own.Average:0.0}");
    for (ulong seed = 1; seed <= 3; seed++)
    {
        var mixed = new Queue<Rung>(new Dice(seed).Mix(ladder.Rungs.Where(Ordering.Moves)));
        _ = Ladder.TryCreate(ladder.Name, [.. ladder.Sections.Select(s => s with { Rungs = [.. s.Rungs.Select(x => Ordering.Moves(x) ? mixed.Dequeue() : x)] })], out var dealt, out _);
        var clock = Stopwatch.StartNew();
        var of = new Ordering(dealt, rules, needs, ClashDistances.Usual, 4, []);
        var (line, at, asGood) = (new List<string>(), new Queue<double>([0, 1, 2, 3, 5, 7, 10]), -1.0);
        FoundOrder? best = null;
        foreach (var look in OrderSearch.Run(of, 1))
        {
            best = look ?? best;
            asGood = asGood < 0 && best!.Score.Total <= own.Total ? clock.Elapsed.TotalSeconds : asGood;
            if (at.TryPeek(out var due) && clock.Elapsed.TotalSeconds >= due)
            {
                line.Add($"{at.Dequeue():0} s {(double)best!.Score.Total / own.Total:0.00}");
            }

            if (at.Count == 0)
            {
                break;
            }
        }

        Console.WriteLine($"  dealt anew {seed}: cost against its own {string.Join(", ", line)}; as good after {asGood:0.0} s; thin {best!.Score.Thin}, needs {best.Score.Needs}, alike {best.Score.Alike}, spellings {best.Score.Spellings}, average {best.Score.Average:0.0}");
    }
}
