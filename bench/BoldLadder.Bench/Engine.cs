using System.Diagnostics;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

/// <summary>The word engine over one lexicon: what it costs to load and to ask.</summary>
internal static class Engine
{
    private const int Taught = 60;

    public static (Lexicon Lexicon, MadeUpCheck Check, double Milliseconds, double Megabytes) Load(
        string lexiconText, Func<string, string> file, CorrespondenceTable table)
    {
        var before = GC.GetTotalMemory(true);
        var clock = Stopwatch.StartNew();

        // As the server does: the two large lists at once, then the index over both.
        var large = Task.Run(() => RealWords.Parse(file("real-words.txt"), file("sounds.tsv"), file("unsafe.txt"), file("name-sounds.txt"), table));
        var lexicon = Lexicon.Parse(lexiconText);
        var real = large.GetAwaiter().GetResult();
        var check = new MadeUpCheck(new SchoolWords(lexicon, Accent.SouthernBritish), table, real);
        clock.Stop();
        var held = GC.GetTotalMemory(true) - before;
        GC.KeepAlive(check);
        return (lexicon, check, clock.Elapsed.TotalMilliseconds, held / 1e6);
    }

    /// <summary>Milliseconds, and megabytes where the name says so.</summary>
    public static Dictionary<string, double> Measure(
        string lexiconText, Func<string, string> file, CorrespondenceTable table, Ladder ladder, Func<Action, int, double> median)
    {
        var found = new Dictionary<string, double> { ["lexicon loaded, ms"] = median(() => Lexicon.Parse(lexiconText), 9) };
        var loaded = Load(lexiconText, file, table);
        found["lexicon and sound index held, MB"] = loaded.Megabytes;
        found["lexicon and sound index loaded again, ms"] = Enumerable.Range(0, 9).Select(_ => Load(lexiconText, file, table).Milliseconds).Order().ElementAt(4);
        var rows = new WordRows(new SchoolWords(loaded.Lexicon, Accent.SouthernBritish));
        var rules = new ReadingRules(rows, WeakVowels.Lenient, ladder);
        var taught = new TaughtSet(rules, [], []).With(ladder.Rungs.Take(Taught));
        var readable = new ulong[(rows.Count + 63) / 64];
        found["whole lexicon judged, ms"] = median(() => rows.AllCovered(taught.Bits, readable), 501);
        var stock = new WordStock(rules, WrittenTexts.Parse(_ => ""));
        var judge = new Judge(taught);
        var clock = Stopwatch.StartNew();
        var graph = new ChainGraph([.. new WordLists(stock).Words(new ListBrief(judge, MostSounds: 5)).Select(x => x.Offered)], rules);
        found[$"graph of words for chains made, ms"] = clock.Elapsed.TotalMilliseconds;
        var seed = 0UL;
        var chains = new WordChains(graph, rules);
        found["a chain of 8 steps, ms"] = median(() => chains.Find(new ChainBrief(8, [], null, seed++)), 51);
        found["a chain of 20 steps, ms"] = median(() => chains.Find(new ChainBrief(20, [], null, seed++)), 51);
        Console.WriteLine(Gap(graph, rules));
        var set = taught.Correspondences.ToHashSet();
        found["all made-up words of three boxes, ms"] = median(() => new MadeUpWords(loaded.Check).All(set, new WordShape(3, 1, 1)), 3);
        found["all made-up words of four boxes, ms"] = median(() => new MadeUpWords(loaded.Check).All(set, new WordShape(4, 2, 1)), 3);
        return found;
    }

    // Words that lie together: a class's words for one vowel, say.
    private static IEnumerable<OfferedWord> Near(ChainGraph whole, int from, int size)
    {
        var seen = new List<int> { from };
        for (var at = 0; at < seen.Count && seen.Count < size; at++)
        {
            seen.AddRange(whole.From(seen[at]).Select(x => x.To).Where(x => !seen.Contains(x)).Distinct().Take(Math.Min(4, size - seen.Count)));
        }

        return seen.Select(x => whole.Words[x]);
    }

    // Sets of up to 60 words, where the exact search decides what the quick one did not find.
    private static string Gap(ChainGraph whole, ReadingRules rules)
    {
        var (asked, quick, more, none, open, worst) = (0, 0, 0, 0, 0, 0.0);
        for (var skip = 0; skip + 60 <= whole.Words.Count && skip < 900; skip += 30)
        {
            foreach (var (size, steps) in new[] { (12, 8), (20, 14), (40, 20), (60, 20) })
            {
                var clock = Stopwatch.StartNew();
                var chain = new WordChains(new ChainGraph([.. Near(whole, skip, size)], rules), rules).Find(new ChainBrief(steps, [], null, 1));
                worst = Math.Max(worst, clock.Elapsed.TotalMilliseconds);
                asked++;
                quick += chain is { Outcome: ChainOutcome.Found, Exact: false } ? 1 : 0;
                more += chain is { Outcome: ChainOutcome.Found, Exact: true } ? 1 : 0;
                none += chain.Outcome == ChainOutcome.NoneExists ? 1 : 0;
                open += chain.Outcome == ChainOutcome.NoneFound ? 1 : 0;
            }
        }

        return $"chains on 12 to 60 words: {asked} asked, {quick} found quickly, {more} more by the exact search, {none} proved to be none, {open} undecided; slowest {worst:0} ms";
    }
}
