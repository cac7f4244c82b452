namespace BoldLadder.Server.Tests;

/// <summary>
/// A second opinion on what can be read, small and slow, from the lexicon file and the ladder file
/// alone: it shares no code with the product.
/// </summary>
internal sealed class Oracle
{
    private static readonly string[] Vowels =
    [
        "a", "e", "i", "o", "u", "uu", "ai", "ee", "igh", "oa", "oo", "ow", "oi", "ar", "or", "aw", "ur", "air", "ear", "ure", "schwa",
    ];

    private static readonly string[] EndingSounds = ["s:z", "es:z", "ed:d", "ed:t", "e:i", "er:schwa", "y:ee"];
    private static readonly string[] GatingEndings = ["ing", "er", "est", "ly", "y", "ed", "es"];

    private static readonly Dictionary<string, Dictionary<string, string>> Merges = new()
    {
        ["gb-south"] = new() { ["aw"] = "or", ["wh"] = "w", ["ure"] = "or" },
        ["gb-north"] = new() { ["aw"] = "or", ["wh"] = "w", ["ure"] = "or", ["uu"] = "u" },
        ["scotland"] = new() { ["uu"] = "oo", ["aw"] = "o" },
        ["us"] = new() { ["wh"] = "w" },
    };

    private static readonly Dictionary<string, string[]> Lines = File.ReadAllLines(Path.Combine(App.Root, "data", "lexicon", "lexicon.tsv"))
        .Where(x => x.Length > 0 && x[0] != '#').Select(x => x.Split('\t')).ToDictionary(x => x[0].ToLowerInvariant());

    private static readonly string[] RealWords = File.ReadAllLines(Path.Combine(App.Root, "data", "lexicon", "real-words.txt"));

    private readonly string _accent;
    private readonly List<string[]> _rungs;

    public Oracle(string accent, string ladderFile)
    {
        _accent = accent;
        _rungs = [.. File.ReadAllLines(Path.Combine(App.Root, "data", "demo", $"{ladderFile}.ladder.tsv"))
            .Where(x => x.Length > 0 && !x.StartsWith("# ", StringComparison.Ordinal) && !x.StartsWith("name\t", StringComparison.Ordinal) && x[0] != '[')
            .Select(x => x.Split('\t')[0].Split(' '))];
    }

    public int Rungs => _rungs.Count;

    /// <summary>True when a word is readable, or a taught tricky word, once the first <paramref name="rungs"/> rungs are taught.</summary>
    public bool CanRead(string word, int rungs)
    {
        var adds = _rungs.Take(rungs).SelectMany(x => x).ToHashSet();
        if (adds.Any(x => x[0] == '!' && x[1..].Equals(word, StringComparison.OrdinalIgnoreCase)))
        {
            return true;
        }

        if (!Lines.TryGetValue(word.ToLowerInvariant(), out var line) || line[2] == "u")
        {
            return false;
        }

        var column = line[5 + Array.IndexOf(["gb-south", "gb-north", "scotland", "us"], _accent)];
        column = column.Length == 0 ? line[5] : column;
        return column != "-" && column.Split(" | ").Any(x => Covers(x.Split(' '), line, adds));
    }

    /// <summary>True when the word is in the large list of real words, or in the lexicon.</summary>
    public bool IsWord(string word) => Lines.ContainsKey(word) || Array.BinarySearch(RealWords, word, StringComparer.Ordinal) >= 0;

    /// <summary>True when each part is taught by the first <paramref name="rungs"/> rungs, in the accent's ears.</summary>
    public bool AreTaught(IEnumerable<string> parts, int rungs)
    {
        var adds = _rungs.Take(rungs).SelectMany(x => x).Where(x => char.IsAsciiLetter(x[0]) && x.Contains(':')).ToList();
        return parts.All(part => adds.Any(x => x[..x.IndexOf(':')] == part[..part.IndexOf(':')] && Same(x[(x.IndexOf(':') + 1)..], part[(part.IndexOf(':') + 1)..])));
    }

    private bool Covers(string[] parts, string[] line, HashSet<string> adds)
    {
        var word = line[0].ToLowerInvariant();
        var ending = !line[4].Contains('+') ? "" : line[4][(line[4].IndexOf('+') + 1)..line[4].IndexOf('/')];
        var taughtEndings = adds.Where(x => x[0] == '-').Select(x => x[1..]).ToHashSet();
        var sounds = parts.Select(x => x[(x.IndexOf(':') + 1)..]).ToList();
        var syllables = sounds.Count(IsVowel);
        var (at, ofBase) = (0, 0);
        for (var i = 0; i < parts.Length; i++)
        {
            ofBase += at < word.Length - ending.Length ? 1 : 0;
            var written = parts[i];
            var part = written.Length > 4 && written[3] == '-' ? written.Remove(3, 1) : written;
            var (grapheme, sound) = (part[..part.IndexOf(':')], part[(part.IndexOf(':') + 1)..]);
            var weak = syllables > 1 && "aeiou".Contains(grapheme) && grapheme.Length == 1 && (sound == "schwa" || part is "e:i" or "a:i");
            var inEnding = ending.Length > 0 && at >= word.Length - ending.Length && EndingSounds.Contains(part) && taughtEndings.Contains(ending == "es" ? "s" : ending);
            var taught = adds.Any(x => char.IsAsciiLetter(x[0]) && x.Contains(':') && x[..x.IndexOf(':')] == grapheme
                && (weak || Same(x[(x.IndexOf(':') + 1)..], sound)));
            // The letter that the ending doubles comes with it, for who knows it written once.
            var doubled = line[4].EndsWith("/double-consonant") && grapheme.Length == 2 && grapheme[0] == grapheme[1] && at == word.Length - ending.Length - 2 && taughtEndings.Any(x => x != "s")
                && adds.Any(x => x == $"{grapheme[0]}:{sound}");
            if (!taught && !inEnding && !doubled)
            {
                return false;
            }

            at += grapheme.Contains('_') ? 1 : grapheme.Length;
            at += at < word.Length && word[at] == 'e' && WaitsForE(parts, i, word, at) ? 1 : 0;
        }

        // And so does its shape, but for the beat of -es.
        var shown = ending.Length > 0 && ending != "es" && taughtEndings.Contains(ending) ? sounds.Take(ofBase).ToList() : sounds;
        var beats = Math.Max(1, shown.Count(IsVowel));

        // The er of river, the le of table and the y of happy are each a beat that comes with them.
        var lastVowel = parts.Take(ofBase).LastOrDefault(x => IsVowel(x[(x.IndexOf(':') + 1)..]), "");
        var own = beats > 1 && (lastVowel.EndsWith(":schwa+l") || lastVowel is "er:schwa" or "or:schwa" or "ar:schwa" or "re:schwa" or "our:schwa" or "y:ee" or "ey:ee") ? 1 : 0;

        // And nk closes a word as one.
        if (ofBase > 1 && parts[ofBase - 2] == "n:ng" && shown.Count == ofBase && IsVowel(sounds[ofBase - 3 < 0 ? 0 : ofBase - 3]))
        {
            shown = [.. shown.Take(ofBase - 1)];
        }

        return EndingTaught(ending, taughtEndings) && ShapeTaught(shown, beats - own, adds);
    }

    // Where the e of a split digraph stands matters only for where an ending begins; endings that
    // hold a gated sound never follow an e that is kept.
    private static bool WaitsForE(string[] parts, int index, string word, int at) =>
        index > 0 && parts.Take(index).Any(x => x.Contains('_') && !x.Contains("-:")) && at == word.LastIndexOf('e') && !parts[index].StartsWith('e');

    private bool EndingTaught(string ending, HashSet<string> taught)
    {
        var key = ending == "es" ? "s" : ending;
        return !GatingEndings.Contains(ending) || !_rungs.Any(x => x.Contains("-" + key)) || taught.Contains(key);
    }

    // Consonants at the ends of the word and the number of beats; what stands together in the middle is left to the product.
    private bool ShapeTaught(List<string> sounds, int syllables, HashSet<string> adds)
    {
        var start = sounds.TakeWhile(x => !IsVowel(x)).Count();
        var end = syllables == 0 ? 0 : sounds.AsEnumerable().Reverse().TakeWhile(x => !IsVowel(x)).Count();
        return Allowed("#PairAtStart", start >= 2, adds) && Allowed("#PairAtEnd", end >= 2, adds)
            && Allowed("#ThreeTogether", start >= 3 || end >= 3, adds) && Allowed("#TwoSyllables", syllables == 2, adds)
            && Allowed("#ThreeSyllables", syllables > 2, adds);
    }

    private bool Allowed(string structure, bool has, HashSet<string> adds) =>
        !has || !_rungs.Any(x => x.Contains(structure)) || adds.Contains(structure);

    private bool Same(string one, string other) => Canonical(one) == Canonical(other);

    private string Canonical(string sound) => string.Join('+', sound.Split('+').Select(x => Merges[_accent].GetValueOrDefault(x, x)));

    private static bool IsVowel(string sound) => sound.Split('+').Any(Vowels.Contains);
}
