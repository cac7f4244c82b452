using System.Diagnostics;
using BoldLadder.Core.Words;
using BoldLadder.LexiconBuilder;

// Usage: pronounce <folder with the npm packages> | unsafe <the same> | spellings | long-forms | sounds | second-sounds <the same> | build [--failures] | witness <folder with the npm packages>. Run from the root of the repository.
const string Folder = "data/lexicon";
switch (args)
{
    case ["pronounce", var npm]:
        var names = File.ReadAllLines($"{Folder}/capitals.txt").Concat(File.ReadAllLines($"{Folder}/early-words.txt")).Where(x => !x.StartsWith('#'))
            .SelectMany(x => x.Split(' ', StringSplitOptions.RemoveEmptyEntries)).Select(x => x.ToLowerInvariant());
        var chosen = WordSources.Choose(npm, names);
        var filtered = WordSources.Filtered(npm);
        var spoken = WordSources.Voices.AsParallel().AsOrdered().Select(x => WordSources.Pronounce(x, [.. chosen.Select(w => w.Spelling)])).ToArray();
        File.WriteAllText($"{Folder}/raw.tsv", string.Concat(chosen.Select((x, i) =>
            new RawWord(x.Spelling, x.Region, x.Count, filtered.Contains(x.Spelling), [.. spoken.Select(v => v[i])]) + "\n")));
        Console.WriteLine($"{chosen.Count} words pronounced in {spoken.Length} voices");
        return 0;

    case ["unsafe", var npm]:
        File.WriteAllText($"{Folder}/unsafe.txt", WordSources.Unsafe(npm, File.ReadAllText($"{Folder}/suitability.txt")));
        return 0;

    case ["spellings"]:
        File.WriteAllText($"{Folder}/real-words.txt", string.Concat(WordSources.Spellings(RealWordSources.SpellingSize, RealWordSources.MostLetters, true).Select(x => x + "\n")));
        return 0;

    case ["long-forms"]:
        File.WriteAllText($"{Folder}/long-forms.txt", string.Concat(WordSources.LongForms(Lexicon.Parse(File.ReadAllText($"{Folder}/lexicon.tsv"))).Select(x => x + "\n")));
        return 0;

    case ["sounds"]:
        File.WriteAllText($"{Folder}/sounds.tsv", RealWordSources.Sounds(CorrespondenceTable.Parse(File.ReadAllText($"{Folder}/correspondences.tsv"))));
        return 0;

    case ["second-sounds", var npm]:
        var (heard, nameSounds) = Witness.Sounds(npm, File.ReadLines($"{Folder}/real-words.txt").ToHashSet());
        File.WriteAllText($"{Folder}/sounds.tsv", RealWordSources.WithSecondWitness(File.ReadAllText($"{Folder}/sounds.tsv"), heard));
        File.WriteAllText($"{Folder}/name-sounds.txt", string.Join('\n', nameSounds) + "\n");
        return 0;

    case ["build", .. var rest]:
        var clock = Stopwatch.StartNew();
        var report = LexiconText.Make(LexiconFiles.Read(Folder));
        File.WriteAllText($"{Folder}/lexicon.tsv", report.Text);
        Console.WriteLine($"{report.Words} words in {clock.Elapsed.TotalSeconds:0.0} s");
        foreach (var (accent, count) in report.Aligned)
        {
            Console.WriteLine($"{accent}: {100.0 * count / report.Words:0.00}% aligned");
        }

        if (rest.Contains("--failures"))
        {
            Console.WriteLine(string.Join('\n', report.Failures));
        }

        return 0;

    case ["witness", var npm]:
        Console.WriteLine(string.Join('\n', Witness.Disagreements(npm, Lexicon.Parse(File.ReadAllText($"{Folder}/lexicon.tsv")))));
        return 0;

    default:
        Console.Error.WriteLine("pronounce <npm folder>, unsafe <npm folder>, spellings, long-forms, sounds, second-sounds <npm folder>, build [--failures] or witness <npm folder>");
        return 2;
}
