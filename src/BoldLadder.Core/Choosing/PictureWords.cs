namespace BoldLadder.Core.Choosing;

/// <summary>A word with a picture that a child would name with it.</summary>
/// <param name="Code">Which picture: the code points of its sign, such as <c>1F408</c>.</param>
/// <param name="Also">What else a child may call it; where there is something, the picture alone does not recall the word.</param>
public sealed record PictureWord(string Word, string Code, IReadOnlyList<string> Also)
{
    /// <summary>False when a child could put the one's word to the other's picture.</summary>
    public bool IsToldFrom(PictureWord other) => Code != other.Code && !Fits(other.Word) && !other.Fits(Word) && !Also.Intersect(other.Also).Any();

    private bool Fits(string word) => Word == word || Also.Contains(word);
}

/// <summary>
/// Words that have a picture, chosen by hand and by eye: what is drawn is called so by a child of five. Read from
/// data/pictures.tsv: a word, a tab, the picture's code, a tab, what else it may be called.
/// </summary>
public sealed class PictureWords
{
    private readonly Dictionary<string, PictureWord> _words;

    private PictureWords(IEnumerable<PictureWord> words) => _words = words.ToDictionary(x => x.Word);

    public IReadOnlyCollection<PictureWord> All => _words.Values;

    public PictureWord? Find(string word) => _words.GetValueOrDefault(word.ToLowerInvariant());

    /// <exception cref="FormatException">A line has not three columns, names a word twice, or has no code.</exception>
    public static PictureWords Parse(string text)
    {
        var words = new Dictionary<string, PictureWord>();
        foreach (var line in text.ReplaceLineEndings("\n").Split('\n').Where(x => x.Length > 0 && x[0] != '#'))
        {
            if (line.Split('\t') is not [var word, var code, var also] || code.Length == 0 || !code.All(x => char.IsAsciiHexDigitUpper(x) || x == '-')
                || !words.TryAdd(word, new PictureWord(word, code, also.Split(", ", StringSplitOptions.RemoveEmptyEntries))))
            {
                throw new FormatException($"pictures: '{line}' needs a word, the code of a picture and what else it may be called, each word once");
            }
        }

        return new PictureWords(words.Values);
    }
}
