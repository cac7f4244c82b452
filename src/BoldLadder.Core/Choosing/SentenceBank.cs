using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A sentence or phrase that a person has written and read.</summary>
/// <param name="Words">Its words as written, in order, without punctuation.</param>
/// <param name="Meant">For a word with several readings the one that the sentence needs, by word in lower case.</param>
public sealed record Sentence(string Text, IReadOnlyList<string> Words, IReadOnlyDictionary<string, Segmentation> Meant)
{
    private static readonly Dictionary<string, Segmentation> AsUsual = [];

    private string[]? _keys;
    private int? _repeated;
    private string? _writtenKey;

    // What was worked out of the words of the one does not hold for the other's.
    private Sentence(Sentence other) => (Text, Words, Meant) = (other.Text, other.Words, other.Meant);

    /// <summary>Its words in small letters, in their order. Worked out once: a lesson asks it of thousands.</summary>
    public IReadOnlyList<string> Keys => _keys ??= [.. Words.Select(x => x.ToLowerInvariant())];

    // Chat and chat and chat! is one word written three times.
    /// <summary>How many of its words, those of grammar aside, have stood in it before. Worked out once, as its keys are.</summary>
    internal int Repeated => _repeated ??= Keys.Where(x => !FunctionWords.Has(x)).ToList() is var words ? words.Count - words.Distinct().Count() : 0;

    /// <summary>What it is kept under in the log when it was dictated. Worked out once, as its keys are.</summary>
    internal string WrittenKey => _writtenKey ??= SentenceBank.WrittenKey(Text);

    /// <summary>A line in which print alone says how each word is read.</summary>
    public static Sentence Of(string line) => new(line, SentenceBank.WordsOf(line), AsUsual);

    /// <summary>
    /// True when every word can be read, in the reading that the sentence needs, or is a tricky word taught, and no capital
    /// or mark in it waits for its rung.
    /// </summary>
    public bool IsReadable(Judge judge) => Words.All(judge.IsLegal) && IsMeantReadable(judge) && judge.MissingPrint(Text).Count == 0;

    /// <summary>True when the readings that the sentence needs are taught, or the words as tricky ones.</summary>
    internal bool IsMeantReadable(Judge judge) =>
        Meant.Count == 0 || Meant.All(x => judge.Taught.TrickyWords.Contains(x.Key) || judge.Blockers(x.Value, null).Count == 0);
}

/// <summary>The sentences and phrases that ship, as people have written them.</summary>
public sealed class SentenceBank
{
    /// <summary>What a sentence is kept under in the log, beside its own text, when it was dictated and not only read.</summary>
    public static string WrittenKey(string text) => $"written: {text}";

    private SentenceBank(IReadOnlyList<Sentence> sentences) => Sentences = sentences;

    public IReadOnlyList<Sentence> Sentences { get; }

    /// <summary>The sentences as an American school has them.</summary>
    public SentenceBank In(AmericanForms forms) => new(
        [.. Sentences.Select(x => forms.In(x.Text) is var text && text != x.Text ? x with { Text = text, Words = WordsOf(text) } : x).DistinctBy(x => x.Text)]);

    /// <summary>
    /// Reads data/sentences.txt: one sentence a line, <c>#</c> for a note. After a tab, a word with
    /// several readings may be given the one that is meant: <c>wind=w:w i:i n:n d:d</c>.
    /// </summary>
    /// <exception cref="FormatException">A line has no word, stands twice, or gives a split that does not fit.</exception>
    public static SentenceBank Parse(string text)
    {
        var sentences = new List<Sentence>();
        var seen = new HashSet<string>();
        foreach (var line in text.Split('\n').Select(x => x.Trim()).Where(x => x.Length > 0 && x[0] != '#'))
        {
            var columns = line.Split('\t');
            var words = WordsOf(columns[0]);
            if (words.Count == 0 || !seen.Add(columns[0]))
            {
                throw new FormatException($"sentences: '{line}' has no word or stands twice");
            }

            sentences.Add(new Sentence(columns[0], words, columns.Skip(1).Select(MeantIn).ToDictionary()));
        }

        return new SentenceBank(sentences);
    }

    internal static KeyValuePair<string, Segmentation> MeantIn(string column)
    {
        var equals = column.IndexOf('=', StringComparison.Ordinal);
        return equals > 0 && Segmentation.TryParse(column[..equals], column[(equals + 1)..], out var reading, out var reason)
            ? new(column[..equals], reading)
            : throw new FormatException($"sentences: '{column}' is not a word and its split");
    }

    /// <summary>The words of a line as written; an apostrophe or hyphen inside belongs to its word.</summary>
    public static IReadOnlyList<string> WordsOf(string line)
    {
        var words = new List<string>();
        var start = -1;
        for (var i = 0; i <= line.Length; i++)
        {
            var inside = i < line.Length && (char.IsAsciiLetter(line[i]) || (start >= 0 && line[i] is '\'' or '-'));
            if (inside && start < 0)
            {
                start = i;
            }
            else if (!inside && start >= 0)
            {
                words.Add(line[start..i].TrimEnd('\'', '-'));
                start = -1;
            }
        }

        return words;
    }
}
