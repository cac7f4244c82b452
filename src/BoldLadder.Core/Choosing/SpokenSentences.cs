namespace BoldLadder.Core.Choosing;

/// <summary>
/// Short lines that give a word its meaning, said by the adult, so that they need not be readable.
/// Read from data/spoken.tsv: a word, a tab, a line that holds the word.
/// </summary>
public sealed class SpokenSentences
{
    private readonly Dictionary<string, string> _lines;

    private readonly Lazy<IReadOnlyList<Sentence>> _sentences;

    private SpokenSentences(Dictionary<string, string> lines)
    {
        _lines = lines;
        _sentences = new Lazy<IReadOnlyList<Sentence>>(() => [.. lines.Values.Select(x => Sentence.Of(x))]);
    }

    public int Count => _lines.Count;

    public IEnumerable<(string Word, string Line)> All => _lines.Select(x => (x.Key, x.Value));

    /// <summary>The lines as sentences, taken apart once.</summary>
    public IReadOnlyList<Sentence> Sentences => _sentences.Value;

    /// <summary>The line for a word, or null.</summary>
    public string? Find(string word) => _lines.GetValueOrDefault(word.ToLowerInvariant());

    /// <summary>The same with a school's own lines laid over them.</summary>
    public SpokenSentences With(IEnumerable<Words.OwnWord> own)
    {
        var mine = own.Where(x => x.Spoken.Length > 0).ToList();
        if (mine.Count == 0)
        {
            return this;
        }

        var lines = new Dictionary<string, string>(_lines);
        foreach (var word in mine)
        {
            lines[word.Key] = word.Spoken;
        }

        return new SpokenSentences(lines);
    }

    /// <summary>The lines as an American school has them.</summary>
    public SpokenSentences In(Words.AmericanForms forms) => new(_lines.ToDictionary(x => x.Key, x => forms.In(x.Value)));

    /// <exception cref="FormatException">A line has not two columns, or names a word twice.</exception>
    public static SpokenSentences Parse(string text)
    {
        var lines = new Dictionary<string, string>();
        var number = 0;
        foreach (var line in text.Split('\n').Select(x => x.TrimEnd('\r')))
        {
            number++;
            if (line.Length == 0 || line[0] == '#')
            {
                continue;
            }

            var columns = line.Split('\t');
            if (columns.Length != 2 || !lines.TryAdd(columns[0], columns[1]))
            {
                throw new FormatException($"spoken sentences, line {number}: a word and one line are needed, each word once");
            }
        }

        return new SpokenSentences(lines);
    }
}
