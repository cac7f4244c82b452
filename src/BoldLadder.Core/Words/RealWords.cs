using System.Runtime.CompilerServices;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// A large list of real words and names, by spelling and by sound, and the ones never to be shown or said: what a
/// made-up word is proved against. Kept as sorted hashes, since 200,000 words as text would weigh more than the lexicon.
/// </summary>
public sealed class RealWords
{
    private readonly ulong[] _spellings;
    private readonly HashSet<string> _unsafe;
    private readonly int _longestUnsafe;
    private readonly string[] _unsafeSounds;
    private readonly string _sounds;
    private readonly string _names;

    // For a word that can be part of another harmless one, fewer letters would forbid too much.
    private const int ShortestInside = 4;

    // Longer ones are phrases run together, which nobody makes up by chance.
    private const int LongestSaid = 6;

    private RealWords(ulong[] spellings, HashSet<string> notSafe, string sounds, string names, CorrespondenceTable table)
    {
        _unsafeSounds =
            [.. notSafe.Where(x => x.Length <= LongestSaid).SelectMany(x => PlausibleReadings.Of(x, table).Take(1)).Select(x => SoundCode.Of(x.Phonemes))];
        _names = names;
        _spellings = spellings;
        _unsafe = notSafe;
        _longestUnsafe = notSafe.Count == 0 ? 0 : notSafe.Max(x => x.Length);
        _sounds = sounds;
    }

    /// <param name="spellings">data/lexicon/real-words.txt: a word a line, in small letters.</param>
    /// <param name="sounds">data/lexicon/sounds.tsv, described in docs/formats.md.</param>
    /// <param name="notSafe">data/lexicon/unsafe.txt: words that are never shown.</param>
    /// <param name="names">data/lexicon/name-sounds.txt: how rarer names sound, a code a line.</param>
    /// <param name="table">With which words that nobody pronounced are read, where they are never to be said.</param>
    public static RealWords Parse(string spellings, string sounds, string notSafe, string names, CorrespondenceTable table)
    {
        var hashes = new List<ulong>(210_000);
        foreach (var line in spellings.AsSpan().EnumerateLines())
        {
            if (!line.IsEmpty && line[0] != '#')
            {
                hashes.Add(Hash(line));
            }
        }

        hashes.Sort();
        return new RealWords(
            [.. hashes], [.. notSafe.Split('\n').Where(x => x.Length > 0 && x[0] != '#').SelectMany(x => x.Split(' ', StringSplitOptions.RemoveEmptyEntries))], sounds, names, table);
    }

    /// <summary>True when the list holds the spelling, as a word or a name.</summary>
    public bool IsSpelling(string word) => Array.BinarySearch(_spellings, Hash(word)) >= 0;

    /// <summary>True when the word itself is never to be shown.</summary>
    public bool IsNeverShown(string word) => _unsafe.Contains(word);

    /// <summary>The word itself, or one inside it, that is never to be shown; null when there is none.</summary>
    /// <param name="harmless">Such words that stand in words nobody minds, and say nothing of another that holds them.</param>
    public string? UnsafeIn(string word, IReadOnlySet<string> harmless) =>
        _unsafe.Contains(word) ? word : InsideOf(word).FirstOrDefault(x => !harmless.Contains(x));

    /// <summary>The words never to be shown that stand inside words nobody minds (the hell of shell): no reason to mind another that holds them.</summary>
    public HashSet<string> HarmlessIn(IEnumerable<LexiconWord> words) =>
        [.. words.Where(x => x is { Everyday: true, Suitability: Suitability.Fine }).SelectMany(x => InsideOf(x.Key))];

    private List<string> InsideOf(string word)
    {
        var found = new List<string>();
        var lookup = _unsafe.GetAlternateLookup<ReadOnlySpan<char>>();
        for (var at = 0; at + ShortestInside <= word.Length; at++)
        {
            for (var length = ShortestInside; length <= _longestUnsafe && at + length <= word.Length; length++)
            {
                if (lookup.TryGetValue(word.AsSpan(at, length), out var held))
                {
                    found.Add(held);
                }
            }
        }

        return found;
    }

    /// <summary>Every word by how it sounds to a group: built once for an accent, about a tenth of a second.</summary>
    public SoundIndex BySound(SchoolWords words, HeardSounds heard)
    {
        var found = new SoundIndex.Builder(heard, _sounds, words.Words);

        // Commonest words first, so that they are the ones named.
        for (var i = 0; i < words.Words.Count; i++)
        {
            foreach (var code in words.Sounds(words.Words[i]))
            {
                found.Add(code, i, words.Words[i].Suitability == Suitability.Unsuitable);
            }
        }

        var column = words.Accent.Id switch { "gb-south" => 1, "gb-north" => 2, "scotland" => 3, _ => 4 };
        var unsafeWords = _unsafe.GetAlternateLookup<ReadOnlySpan<char>>();
        Span<Range> columns = stackalloc Range[6];
        foreach (var range in _sounds.AsSpan().Split('\n'))
        {
            var line = _sounds.AsSpan(range);
            if (line.IsEmpty || line[0] == '#' || line.Split(columns, '\t') != 5)
            {
                continue;
            }

            var codes = line[columns[column]] is { IsEmpty: false } own ? own : line[columns[1]];
            foreach (var code in codes.Split('|'))
            {
                if (!codes[code].IsEmpty)
                {
                    found.Add(codes[code], ~range.Start.Value, unsafeWords.Contains(line[columns[0]]));
                }
            }
        }

        foreach (var code in _unsafeSounds)
        {
            found.Forbid(code);
        }

        foreach (var line in _names.AsSpan().EnumerateLines())
        {
            if (!line.IsEmpty)
            {
                found.AddName(line);
            }
        }

        return found.Build();
    }

    // FNV-1a, 64 bits: two of a quarter of a million words falling together is not to be expected.
    internal const ulong HashStart = 14695981039346656037UL;

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    internal static ulong HashOn(ulong hash, char letter) => (hash ^ letter) * 1099511628211UL;

    private static ulong Hash(ReadOnlySpan<char> text)
    {
        var hash = HashStart;
        foreach (var letter in text)
        {
            hash = HashOn(hash, letter);
        }

        return hash;
    }
}

/// <summary>A real word that sounds so.</summary>
/// <param name="Word">What the lexicon knows of it; null when only the large list has it.</param>
/// <param name="Unsafe">Some word that sounds so is never to be said; it is not named.</param>
public readonly record struct HeardWord(string Spelling, LexiconWord? Word, bool Unsafe);

/// <summary>Real words by how they sound to one group.</summary>
public sealed class SoundIndex
{
    private readonly HeardSounds _heard;
    private readonly Dictionary<ulong, int> _words;
    private readonly HashSet<ulong> _unsafe;
    private readonly HashSet<ulong> _names;
    private readonly string _sounds;
    private readonly IReadOnlyList<LexiconWord> _known;

    private SoundIndex(Builder made) =>
        (_heard, _sounds, _known, _words, _unsafe, _names) = (made.Heard, made.Sounds, made.Known, made.Found, made.Unsafe, made.Names);

    /// <summary>Sounds in the index.</summary>
    public int Count => _words.Count;

    /// <summary>A real word that sounds so, with whether one that sounds so is never to be said; null when there is none.</summary>
    public HeardWord? Find(Segmentation reading)
    {
        var hash = SoundCode.HashHeard(reading, _heard);
        return _unsafe.Contains(hash) ? new HeardWord("", null, true)
            : _words.TryGetValue(hash, out var word) ? new HeardWord(Name(word), word >= 0 ? _known[word] : null, false)
            : null;
    }

    /// <summary>True when some real word sounds so: quicker than finding which.</summary>
    public bool Has(Segmentation reading) => _words.ContainsKey(SoundCode.HashHeard(reading, _heard));

    /// <summary>True when some rarer name sounds so: no harm, but nothing to make up on purpose.</summary>
    public bool IsName(Segmentation reading) => _names.Contains(SoundCode.HashHeard(reading, _heard));

    // A word of the lexicon by its place there, or one of the large list by the start of its line.
    private string Name(int word) => word >= 0 ? _known[word].Key : _sounds[~word.._sounds.IndexOf('\t', ~word)];

    internal sealed class Builder(HeardSounds heard, string sounds, IReadOnlyList<LexiconWord> known)
    {
        private static readonly (string Slow, string Quick)[] Smoothed =
            [.. "igh oo ow oi ee ai".Split(' ').SelectMany(v => "schwa e i".Split(' ').Select(w => (Code(v, w), Code(v))))];

        public Dictionary<ulong, int> Found { get; } = new(120_000);

        public HeardSounds Heard => heard;

        public string Sounds => sounds;

        public IReadOnlyList<LexiconWord> Known => known;

        public HashSet<ulong> Unsafe { get; } = [];

        public HashSet<ulong> Names { get; } = new(24_000);

        public void AddName(ReadOnlySpan<char> code) => Names.Add(SoundCode.HashHeard(code, heard));

        public void Forbid(ReadOnlySpan<char> code) => Unsafe.Add(SoundCode.HashHeard(code, heard));

        /// <param name="word">A place in the lexicon, or the complement of the start of a line of the large list.</param>
        public void Add(ReadOnlySpan<char> code, int word, bool notSafe)
        {
            AddOne(code, word, notSafe);
            if (!SoundCode.HasVowelsTogether(code))
            {
                return;
            }

            // Cruel, dial and our are said in one syllable as often as in two.
            var text = code.ToString();
            foreach (var (slow, quick) in Smoothed.Where(x => text.Contains(x.Slow, StringComparison.Ordinal)))
            {
                AddOne(text.Replace(slow, quick, StringComparison.Ordinal), word, notSafe);
            }
        }

        private void AddOne(ReadOnlySpan<char> code, int word, bool notSafe)
        {
            var hash = SoundCode.HashHeard(code, heard);
            Found.TryAdd(hash, word);
            if (notSafe)
            {
                Unsafe.Add(hash);
            }
        }

        private static string Code(params string[] keys) => SoundCode.Of(keys.Select(x => Phonemes.Find(x)!));

        public SoundIndex Build() => new(this);
    }
}
