using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// The words of a text that practise what is taught, or are meant by themselves. A lesson asks it of thousands of words:
/// whoever knows which words have which parts need look at those alone.
/// </summary>
public sealed class PractisedWords
{
    /// <summary>No word at all.</summary>
    public static readonly PractisedWords None = Named(new HashSet<string>());

    private readonly Predicate<SentenceWord> _practises;

    private PractisedWords(IReadOnlyList<ushort> bits, IReadOnlySet<string> keys, Predicate<SentenceWord> practises) => (Bits, Keys, _practises) = (bits, keys, practises);

    /// <summary>The bits of words one of which a word has in it that practises.</summary>
    internal IReadOnlyList<ushort> Bits { get; }

    /// <summary>Words that are meant whatever is in them, in small letters.</summary>
    internal IReadOnlySet<string> Keys { get; }

    /// <summary>
    /// Words that have one of the things in them and are read by it. One that was learnt by heart is,
    /// once it can be read through: <i>that</i> is practice on the day of th, <i>the</i> and <i>they</i> are not. Words of
    /// grammar practise spellings, but no structure: <i>and</i> stands in every text, whatever children know of two consonants.
    /// </summary>
    public static PractisedWords Of(WordStock stock, Judge judge, IEnumerable<Teachable> things)
    {
        var (all, held) = (things.ToList(), new HeldParts(stock));
        var (bits, spelling) = (held.BitsOf(all), held.BitsOf(all.Where(x => x.Correspondence is not null)));
        return new PractisedWords(
            [.. Enumerable.Range(0, bits.Length).Where(x => bits[x]).Select(x => (ushort)x)], new HashSet<string>(),
            x => x is { Word: { } word, Key.Length: > 1 } && (x.Bits ?? SchoolSentences.BitsOf(stock.Rules.Rows, word)) is var has && HasOne(has, bits)
                && (!FunctionWords.Has(x.Key) || HasOne(has, spelling))
                && (!judge.Taught.TrickyWords.Contains(x.Key) || judge.IsReadStrictly(word)));
    }

    /// <summary>Words by themselves.</summary>
    /// <param name="keys">In small letters.</param>
    public static PractisedWords Named(IReadOnlySet<string> keys) => new([], keys, _ => false);

    /// <summary>The same, and others by themselves.</summary>
    /// <param name="keys">In small letters.</param>
    public PractisedWords Or(IReadOnlySet<string> keys) => keys.Count == 0 ? this : new(Bits, Keys.Union(keys).ToHashSet(), _practises);

    /// <summary>Whether a word is one of them.</summary>
    public bool Includes(SentenceWord word) => Keys.Contains(word.Key) || _practises(word);

    private static bool HasOne(ushort[] has, bool[] wanted)
    {
        foreach (var bit in has)
        {
            if (wanted[bit])
            {
                return true;
            }
        }

        return false;
    }
}
