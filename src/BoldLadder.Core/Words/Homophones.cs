namespace BoldLadder.Core.Words;

/// <summary>Words that sound the same in an accent, its merges counted.</summary>
public sealed class Homophones
{
    private readonly Dictionary<string, List<LexiconWord>> _bySound = new(StringComparer.Ordinal);
    private readonly SchoolWords _words;
    private readonly byte[] _canonical;

    public Homophones(SchoolWords words, IReadOnlySet<string>? switchedMerges = null)
    {
        _words = words;
        _canonical = words.Accent.Canonical(switchedMerges);
        foreach (var word in words.Words)
        {
            foreach (var sound in SoundsOf(word))
            {
                if (!_bySound.TryGetValue(sound, out var same))
                {
                    _bySound[sound] = same = [];
                }

                same.Add(word);
            }
        }
    }

    /// <summary>Other words that sound like a word, commonest first.</summary>
    public IReadOnlyList<LexiconWord> Of(LexiconWord word) =>
        [.. SoundsOf(word).SelectMany(x => _bySound[x]).Where(x => x.Key != word.Key).Distinct().OrderBy(x => x.Rank)];

    /// <summary>All sets of two words or more, each commonest first.</summary>
    public IEnumerable<IReadOnlyList<LexiconWord>> Sets() =>
        _bySound.Values.Where(x => x.Count > 1).Select(x => (IReadOnlyList<LexiconWord>)[.. x.Distinct().OrderBy(w => w.Rank)]).OrderBy(x => x[0].Rank);

    private IEnumerable<string> SoundsOf(LexiconWord word) => _words.Sounds(word).Select(x => SoundCode.Heard(x, _canonical)).Distinct();
}
