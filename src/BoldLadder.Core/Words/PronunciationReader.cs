using System.Buffers;
using System.Collections.Frozen;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// Reads a pronunciation as the speech program gives it (phonemes in IPA joined by <c>_</c>)
/// into sounds with their open choices. What a symbol can stand for is data of the voice.
/// </summary>
public sealed class PronunciationReader
{
    // A symbol, or two in a row, with what it can stand for: choices by |, sounds in a row by +.
    private const string Shared = """
        p p;b b;t t;d d;k k;ɡ g;f f;v v;θ th;ð dh;s s;z z;ʃ sh;ʒ zh;tʃ ch;dʒ j;m m;n n;ŋ ng;l l;
        ɹ r;r r;w w|wh;ʍ wh;j y;h h;
        ɪ i;i ee|i;æ a;a a;ɛ e;ʌ u;ɒ o;ʊ uu;ɐ schwa;ə schwa;əl schwa+l|l;
        eɪ ai;eː ai;iː ee;aɪ igh;əʊ oa;oʊ oa;oː oa;uː oo;ʉː oo|uu;ʉ uu|oo;ɔɪ oi;aʊ ow;æʊ ow;ʌʉ ow;
        ɑː ar;aː ar;a: ar;ɔː or|aw|ure;ɜː ur;eə air;iə ear|ee+schwa|y+schwa;ʊə ure|or|oo+schwa;
        aɪə igh+schwa;n̩ schwa+n|n
        """;

    private const string North = "a a;ʊ u|uu;n n|ng;ɑː ar;ŋ_ɡ ng|ng+g;n_ɡ ng|ng+g";

    private const string Scots = """
        ʌ u|o;ɜ schwa;e ai|ee|ur|air;ɔ o|aw;ɔː aw|o;ɒ o|aw;o oa;eʲ ee|i;ɪʲ ee|i;
        aː_r ar;a_r a+r|ar;a:_r ar;ɔ_r or|o+r;ɔː_r or;o_r or;oː_r or;ɒ_r or|o+r;iː_r ear;ɪ_r ear|i+r;iə_r ear;
        e_r air|ur|ear;ɛ_r air|ur|e+r;eː_r air;ɜ_r schwa|ur;ə_r schwa|ur;ʌɹ ur|u+r;ʌɹ_r ur;ʉɹ ure|or|uu+r;ʉɹ_r ure|or;
        əɹ ur|schwa|schwa+r;əɹ_r ur|schwa;ʉː_r ure|or;ʉ_r ure|or;aɪə_r igh+schwa;aɪ_r igh+schwa|igh+r;ə_l schwa+l|l;ʌ_r ur|u+r
        """;

    private const string American = """
        ɾ t|d;ʔ t;ɑː o|ar;ɔ o;ɔː aw|o;ɔː_ɹ or;ɔːɹ or;oːɹ or;oː or|oa;ɑːɹ ar|o+r;ɚ schwa;ɜː ur|u+r;ɛɹ air|e+r;ɪɹ ear|i+r;ʊɹ ure|or;
        ᵻ i|schwa;i ee|i;aɪɚ igh+schwa;ɐ schwa|u;ɛ_ɹ e+r|air;ɪ_ɹ i+r|ear;iə ear|ee+schwa|y+schwa;æ_ɹ a+r;ə_ɹ schwa+r|schwa;ɑː_ɹ o+r|ar
        """;

    private static readonly FrozenSet<string> VowelsAfterWeakEe =
        "ə ɐ iː ɪ eɪ oː əʊ oʊ ɒ a æ ɛ ɑː ɚ əl".Split(' ').ToFrozenSet();

    private static readonly SearchValues<char> VowelLetters = SearchValues.Create("əɐiɪeɒoaæɛɑʌʊuɔɜᵻɚʉ");

    private readonly FrozenDictionary<string, Phoneme[][]> _symbols;

    private PronunciationReader(params string[] tables)
    {
        var symbols = new Dictionary<string, Phoneme[][]>(StringComparer.Ordinal);
        foreach (var entry in tables.SelectMany(x => x.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)))
        {
            var space = entry.IndexOf(' ', StringComparison.Ordinal);
            symbols[entry[..space]] = [.. entry[(space + 1)..].Split('|').Select(choice =>
                choice.Split('+').Select(key => Phonemes.Find(key)!).ToArray())];
        }

        _symbols = symbols.ToFrozenDictionary(StringComparer.Ordinal);
    }

    private static readonly PronunciationReader ForSouth = new(Shared);
    private static readonly PronunciationReader ForNorth = new(Shared, North);
    private static readonly PronunciationReader ForScotland = new(Shared, Scots);
    private static readonly PronunciationReader ForAmerica = new(Shared, American);

    /// <summary>The reader for an accent's voice.</summary>
    public static PronunciationReader For(Accent accent) => accent.Id switch
    {
        "gb-north" => ForNorth,
        "scotland" => ForScotland,
        "us" => ForAmerica,
        _ => ForSouth,
    };

    /// <summary>
    /// The lattice of a pronunciation, or null with the symbol that the voice is not known to use.
    /// </summary>
    public SoundLattice? Read(string ipa, out string unknownSymbol)
    {
        unknownSymbol = "";
        var symbols = ipa.Replace("ˈ", "", StringComparison.Ordinal).Replace("ˌ", "", StringComparison.Ordinal)
            .Split(['_', ' '], StringSplitOptions.RemoveEmptyEntries);
        var edges = new List<(int From, int To, Phoneme Phoneme)>();
        var inner = symbols.Length;
        for (var i = 0; i < symbols.Length; i++)
        {
            var known = AddChoices(symbols[i], i, i + 1, Sounded(symbols, i));
            if (i + 1 < symbols.Length)
            {
                known |= AddChoices($"{symbols[i]}_{symbols[i + 1]}", i, i + 2, BeforeVowel(symbols, i + 2));
            }

            if (!known)
            {
                unknownSymbol = symbols[i];
                return null;
            }

            // Weak final "ee" (happy, taxi) and "ee" before a vowel (radio) are written ɪ by some voices;
            // a short i never stands last or before a vowel.
            if (symbols[i] is "ɪ" or "i" && IsWeakEe(symbols, i))
            {
                edges.RemoveAll(x => x == (i, i + 1, Phonemes.Find("i")!));
                edges.Add((i, i + 1, Phonemes.Find("ee")!));
            }
        }

        var lattice = new SoundLattice(inner + 1);
        return Renumbered(edges, symbols.Length, lattice);

        bool AddChoices(string symbol, int from, int to, Func<Phoneme[], bool> wanted)
        {
            if (!_symbols.TryGetValue(symbol, out var choices))
            {
                return false;
            }

            foreach (var choice in choices.Where(wanted))
            {
                var middle = choice.Length == 2 ? ++inner : to;
                edges.Add((from, middle, choice[0]));
                if (choice.Length == 2)
                {
                    edges.Add((middle, to, choice[1]));
                }
            }

            return true;
        }
    }

    // What stands round a symbol narrows what it can be: the vowel of a weak last -el is always there (level),
    // before -ing it may not be (settling); between l or n and a weak vowel it is y (million), elsewhere ee (radio).
    private static Func<Phoneme[], bool> Sounded(string[] symbols, int i) => symbols[i] switch
    {
        "əl" when i + 1 == symbols.Length || !VowelsAfterWeakEe.Contains(symbols[i + 1]) && symbols[i + 1] is not "ɪ" => x => x.Length > 1,
        "iə" when i > 1 && i + 1 < symbols.Length && symbols[i - 1] is "l" or "n" => x => x[0].Key != "ee",
        "iə" => x => x[0].Key != "y",
        _ => BeforeVowel(symbols, i + 1),
    };

    // A vowel and an r of its own (very, mirror) only before another vowel; else the r colours it (bear, near).
    private static Func<Phoneme[], bool> BeforeVowel(string[] symbols, int next) =>
        next < symbols.Length && VowelLetters.Contains(symbols[next][0]) ? _ => true : x => x.Length == 1 || x[1].Key != "r";

    private static bool IsWeakEe(string[] symbols, int i) =>
        i == symbols.Length - 1
        || VowelsAfterWeakEe.Contains(symbols[i + 1]);

    // Nodes made for the middle of a two-sound choice have the highest numbers; the end must be the last node.
    private static SoundLattice Renumbered(List<(int From, int To, Phoneme Phoneme)> edges, int end, SoundLattice lattice)
    {
        int Node(int n) => n == end ? lattice.End : n == lattice.End ? end : n;
        foreach (var (from, to, phoneme) in edges)
        {
            lattice.Add(Node(from), Node(to), phoneme);
        }

        return lattice;
    }
}
