using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Choosing;

/// <summary>Which words of a text practise what is taught.</summary>
public static class PractisedWords
{
    /// <summary>
    /// Says of a word of a text whether it has one of the things in it and is read by it. One that was learnt by heart is,
    /// once it can be read through: <i>that</i> is practice on the day of th, <i>the</i> and <i>they</i> are not. Words of
    /// grammar practise spellings, but no structure: <i>and</i> stands in every text, whatever children know of two consonants.
    /// </summary>
    public static Predicate<SentenceWord> Of(WordStock stock, Judge judge, IEnumerable<Teachable> things)
    {
        var (all, held) = (things.ToList(), new HeldParts(stock));
        var (bits, spelling) = (held.BitsOf(all), held.BitsOf(all.Where(x => x.Correspondence is not null)));
        return x => x is { Word: { } word, Key.Length: > 1 } && (x.Bits ?? SchoolSentences.BitsOf(stock.Rules.Rows, word)) is var has && HasOne(has, bits)
            && (!FunctionWords.Has(x.Key) || HasOne(has, spelling))
            && (!judge.Taught.TrickyWords.Contains(x.Key) || judge.IsReadStrictly(word));
    }

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
