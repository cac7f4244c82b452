using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// Riddles for words that a child can guess: by what they mean, never by how they sound or are spelt. Said by the adult, so
/// they need not be readable. Read from data/riddles.tsv: a word, a tab, the riddle.
/// </summary>
public sealed class Riddles
{
    private readonly Dictionary<string, string> _riddles;

    private Riddles(Dictionary<string, string> riddles) => _riddles = riddles;

    public IEnumerable<(string Word, string Riddle)> All => _riddles.Select(x => (x.Key, x.Value));

    /// <summary>The riddle whose answer is the word, or null.</summary>
    public string? For(string word) => _riddles.GetValueOrDefault(word.ToLowerInvariant());

    /// <summary>The riddles as an American school has them; a word that it does not use goes with its riddle.</summary>
    public Riddles In(AmericanForms forms) =>
        new(_riddles.Where(x => forms.In(x.Key) == x.Key).ToDictionary(x => x.Key, x => forms.In(x.Value)));

    /// <exception cref="FormatException">A line has not two columns, names a word twice, or has its answer in it.</exception>
    public static Riddles Parse(string text)
    {
        var riddles = new Dictionary<string, string>();
        foreach (var line in text.ReplaceLineEndings("\n").Split('\n').Where(x => x.Length > 0 && x[0] != '#'))
        {
            if (line.Split('\t') is not [var word, var riddle] || !riddles.TryAdd(word, riddle))
            {
                throw new FormatException($"riddles: '{line}' needs a word and one riddle, each word once");
            }

            if (SentenceBank.WordsOf(riddle).Any(x => x.Equals(word, StringComparison.OrdinalIgnoreCase)))
            {
                throw new FormatException($"riddles: the riddle for '{word}' says it");
            }
        }

        return new Riddles(riddles);
    }
}
