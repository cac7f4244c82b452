using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.LexiconBuilder;

/// <summary>
/// Words made of two words (<i>raincoat</i>): found by spelling and sound together, less those that a person has
/// looked at and said are not (data/lexicon/not-compounds.txt).
/// </summary>
internal sealed class Compounds
{
    private const int ShortestPart = 3;

    // Counted so often at least: a part must be a word that people use.
    private const int UsedPart = 200;

    private static readonly string[] Weak = ["i", "ee", "e", "a", "o", "u", "uu", "oo", "schwa"];

    private readonly HashSet<string> _not;
    private readonly IReadOnlyDictionary<string, int> _counts;

    public Compounds(string notCompounds, IReadOnlyDictionary<string, int> counts)
    {
        _not = [.. LexiconText.Lines(notCompounds).SelectMany(x => x.Split(' '))];
        _counts = counts;
    }

    /// <summary>The two words that a word is made of, the likeliest pair, or null.</summary>
    /// <param name="readings">Readings of the word's parts and of the word itself.</param>
    public (string First, string Second)? PartsOf(string word, Func<string, Segmentation?> readings)
    {
        if (_not.Contains(word) || readings(word) is not { } own)
        {
            return null;
        }

        var sounds = Loosely(own.Phonemes);
        return Enumerable.Range(ShortestPart, Math.Max(0, word.Length - (2 * ShortestPart) + 1))
            .Select(i => (First: word[..i], Second: word[i..]))
            .Where(x => Used(x.First) && Used(x.Second) && !_not.Contains(x.First + "-") && !_not.Contains("-" + x.Second))
            .Where(x => readings(x.First) is { } first && readings(x.Second) is { } second && Loosely(first.Phonemes.Concat(second.Phonemes)) == sounds)
            .OrderByDescending(x => Math.Min(_counts[x.First], _counts[x.Second]))
            .Select(x => ((string, string)?)x).FirstOrDefault();
    }

    private bool Used(string part) => _counts.GetValueOrDefault(part) >= UsedPart;

    // Run together, words weaken their vowels and lend their neighbours a place of the tongue.
    private static string Loosely(IEnumerable<Phoneme> sounds) => string.Join(' ', sounds.Select(x => x.Key switch
    {
        "ng" => "n",
        "z" => "s",
        "d" => "t",
        "dh" => "th",
        "ure" or "aw" => "or",
        var key => Weak.Contains(key) ? "~" : key,
    }));
}
