using System.Text.RegularExpressions;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.LexiconBuilder;

/// <summary>
/// A second witness for American readings: npm's <c>cmu-pronouncing-dictionary</c>. Where it and the
/// lexicon hear different sounds, one of them is wrong, and a person should look.
/// </summary>
internal static partial class Witness
{
    // What each of its symbols may be among our keys, weak vowels taken together and cot with caught.
    private static readonly Dictionary<string, string> Keys = Pairs("""
        P p B b T t D d K k G g F f V v TH th DH dh S s Z z SH sh ZH zh CH ch JH j M m N n NG ng L l R r W w Y y HH h
        AE a EH e IH i AA o AH u UH uu EY ai IY ee AY igh OW oa UW oo AW ow OY oi AO o ER ur
        """);

    private static readonly Dictionary<string, string> Ours = new(Keys) { ["AO"] = "aw" };

    // Ours, brought to the same classes.
    private static readonly Dictionary<string, string> Loosely = Pairs("""
        wh w aw o ar o+r or o+r ear i+r air e+r ure uu+r
        """);

    /// <summary>Words whose lexicon reading no pronunciation of the witness agrees with, commonest first.</summary>
    public static IEnumerable<string> Disagreements(string npmFolder, Lexicon lexicon)
    {
        var heard = Read(File.ReadAllText($"{npmFolder}/cmu-pronouncing-dictionary/index.js"));
        foreach (var word in lexicon.Words)
        {
            if (!heard.TryGetValue(word.Key, out var witness))
            {
                continue;
            }

            var ours = lexicon.Readings(word, Accent.GeneralAmerican);
            var theirs = witness.Select(Skeleton).ToHashSet();
            if (ours.Count > 0 && !ours.Any(x => theirs.Contains(Skeleton(x))))
            {
                yield return $"{word.Rank}\t{word.Spelling}\t{string.Join(" | ", ours)}\t{string.Join(" | ", witness)}";
            }
        }
    }

    /// <summary>
    /// How the witness says every short word and name it knows, in our own sounds: those of the list of real words, and the
    /// rest, which are mostly names.
    /// </summary>
    public static (IReadOnlyDictionary<string, IReadOnlyList<string>> Words, IReadOnlyList<string> Names) Sounds(string npmFolder, IReadOnlySet<string> real)
    {
        var words = new SortedDictionary<string, IReadOnlyList<string>>(StringComparer.Ordinal);
        var names = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var (word, said) in Read(File.ReadAllText($"{npmFolder}/cmu-pronouncing-dictionary/index.js")))
        {
            string[] codes = [.. said.Select(InOurSounds).Where(x => x.Count(p => p.IsVowel) is 1 or 2).Select(SoundCode.Of).Distinct()];
            if (real.Contains(word) && codes.Length > 0)
            {
                words[word] = codes;
            }
            else
            {
                names.UnionWith(codes);
            }
        }

        return (words, [.. names]);
    }

    // Its r after a vowel is ours in the vowel.
    private static List<Phoneme> InOurSounds(string witness)
    {
        var keys = (" " + string.Join(' ', witness.Split('#')[0].Trim().Split(' ').Select(x => x is "AH0" ? "schwa" : x is "ER0" ? "schwa" : Ours[x.TrimEnd('0', '1', '2')])) + " ")
            .Replace(" aw r ", " or ", StringComparison.Ordinal).Replace(" o r ", " ar ", StringComparison.Ordinal).Replace(" i r ", " ear ", StringComparison.Ordinal)
            .Replace(" ee r ", " ear ", StringComparison.Ordinal).Replace(" e r ", " air ", StringComparison.Ordinal).Replace(" uu r ", " ure ", StringComparison.Ordinal)
            .Replace(" oa r ", " or ", StringComparison.Ordinal);
        return [.. keys.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(x => Phonemes.Find(x)!)];
    }

    private static Dictionary<string, List<string>> Read(string text)
    {
        var heard = new Dictionary<string, List<string>>(StringComparer.Ordinal);
        foreach (Match match in Entry().Matches(text))
        {
            var word = match.Groups[1].Value;
            if (!heard.TryGetValue(word, out var all))
            {
                heard[word] = all = [];
            }

            all.Add(match.Groups[2].Value);
        }

        return heard;
    }

    // Consonants as they are; a strong vowel by its class; every weak vowel alike; r after a vowel with it.
    private static string Skeleton(string witness) => Tidy(string.Join(' ', witness.Split(' ').Select(x =>
    {
        var symbol = x.TrimEnd('0', '1', '2');
        return symbol == "ER" ? (x.EndsWith('0') ? "~ r" : "ur r") : x is "AH0" or "IH0" or "EH0" or "UH0" or "IY0" ? "~" : Keys.GetValueOrDefault(symbol, symbol);
    })));

    private static string Skeleton(Segmentation reading) => Tidy(string.Join(' ', reading.Phonemes.Select(x =>
        x.Key switch
        {
            "schwa" => "~",
            "ur" => "ur r",
            "ar" when !Rhotic(reading) => "o",
            _ => Loosely.GetValueOrDefault(x.Key, x.Key).Replace('+', ' '),
        })));

    // Father and palm have the vowel of car, and no r to hear.
    private static bool Rhotic(Segmentation reading) => reading.Word.Contains("ar", StringComparison.Ordinal);

    private static string Tidy(string sounds)
    {
        var text = $" {sounds} ";

        // Our split does not say which syllable is weak: short i, e, u, ee and the weak vowel are one here.
        foreach (var weak in (string[])["i", "e", "u", "ee", "uu"])
        {
            text = text.Replace($" {weak} ", " ~ ", StringComparison.Ordinal).Replace($" {weak} ", " ~ ", StringComparison.Ordinal);
        }

        return text.Replace(" ur r ", " ~ r ", StringComparison.Ordinal).Replace(" y oo ", " oo ", StringComparison.Ordinal)
            .Replace(" r r ", " r ", StringComparison.Ordinal).Replace(" a r ", " ~ r ", StringComparison.Ordinal)
            .Replace(" ng k ", " n k ", StringComparison.Ordinal).Replace(" ng g ", " n g ", StringComparison.Ordinal)
            .Replace(" ~ r ", " ~ ", StringComparison.Ordinal).Replace(" ~ ~ ", " ~ ", StringComparison.Ordinal).Trim();
    }

    private static Dictionary<string, string> Pairs(string text)
    {
        var words = text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        return Enumerable.Range(0, words.Length / 2).ToDictionary(i => words[2 * i], i => words[2 * i + 1]);
    }

    [GeneratedRegex("^\\s*\"([a-z]+)(?:\\(\\d\\))?\": \"([^\"]+)\"", RegexOptions.Multiline)]
    private static partial Regex Entry();
}
