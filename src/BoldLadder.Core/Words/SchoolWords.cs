using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>A word with its readings as one school has them.</summary>
/// <param name="Own">The school added the word or changed it.</param>
public sealed record SchoolWord(LexiconWord Word, IReadOnlyList<Segmentation> Readings, bool Own)
{
    /// <summary>True when print alone does not say which reading is meant (<i>live</i>); a spoken form (<i>can</i>) is no other reading.</summary>
    public bool IsHeteronym => Readings.Skip(1).Any(x => !x.IsSpokenFormOf(Readings[0]));
}

/// <summary>
/// The lexicon as one school sees it in one accent: its own words laid over the common ones, and spellings of the other
/// country left out of what is offered.
/// </summary>
public sealed class SchoolWords
{
    private readonly Lexicon _lexicon;
    private readonly Dictionary<string, OwnWord> _own;
    private readonly Dictionary<string, LexiconWord> _changed = [];

    /// <param name="own">The school's own words; they win.</param>
    /// <param name="isReal">Whether some letters are a real word, which a form of a known word has to be; none is without it.</param>
    public SchoolWords(Lexicon lexicon, Accent accent, IReadOnlyList<OwnWord>? own = null, Predicate<string>? isReal = null)
    {
        _lexicon = lexicon;
        Forms = new WordForms(this, isReal ?? (_ => false));
        Accent = accent;
        _own = (own ?? []).ToDictionary(x => x.Key);
        Words = _own.Count == 0 ? lexicon.Words : Overlaid(lexicon);
    }

    public Accent Accent { get; }

    /// <summary>Forms of known words that the lexicon does not list.</summary>
    public WordForms Forms { get; }

    /// <summary>Words commonest first, as in the lexicon; those that the school added come after.</summary>
    public IReadOnlyList<LexiconWord> Words { get; }

    /// <summary>A word as the school reads it, or null when neither it nor the lexicon holds it.</summary>
    public SchoolWord? Find(string spelling) => FindWord(spelling) is { } word ? Of(word) : null;

    /// <summary>A word without its readings, or null.</summary>
    public LexiconWord? FindWord(string spelling) =>
        _changed.Count > 0 && _changed.TryGetValue(spelling.ToLowerInvariant(), out var own) ? own : _lexicon.Find(spelling);

    public SchoolWord Of(LexiconWord word) => _own.TryGetValue(word.Key, out var own)
        ? new SchoolWord(word, own.Readings, true)
        : new SchoolWord(word, _lexicon.Readings(word, Accent), false);

    /// <summary>How a word sounds to the school's children, a <see cref="SoundCode"/> for each reading.</summary>
    internal IEnumerable<string> Sounds(LexiconWord word) => _own.TryGetValue(word.Key, out var own)
        ? own.Readings.Select(x => SoundCode.Of(x.Phonemes))
        : _lexicon.Sounds(word, Accent);

    /// <summary>True when the spelling is one that this accent's country uses.</summary>
    public bool OwnSpelling(LexiconWord word) =>
        word.Region.Length == 0 || word.Region == (Accent.IsAmerican ? "us" : "gb");

    private LexiconWord[] Overlaid(Lexicon lexicon)
    {
        var words = lexicon.Words.ToList();
        foreach (var own in _own.Values.OrderBy(x => x.Key, StringComparer.Ordinal))
        {
            var known = lexicon.Find(own.Key);
            var word = known is null
                ? new LexiconWord(words.Count, own.Spelling, "", Suitability.Fine, own.Familiarity ?? Familiarity.AtSixOrSeven, null, [], 0)
                : known with { Familiarity = own.Familiarity ?? known.Familiarity };
            _changed[own.Key] = word;
            if (known is null)
            {
                words.Add(word);
            }
            else
            {
                words[known.Rank] = word;
            }
        }

        return [.. words];
    }
}
