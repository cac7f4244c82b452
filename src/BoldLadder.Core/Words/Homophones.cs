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

    /// <summary>Other words that sound like a word, commonest first: all that the lexicon holds and that are spelt as here.</summary>
    public IReadOnlyList<LexiconWord> Of(LexiconWord word) => Like(SoundsOf(word), word.Key);

    /// <summary>Words that sound as a reading does that is in no list.</summary>
    public IReadOnlyList<LexiconWord> Of(FormedWord form) =>
        Like(form.Readings.Select(x => SoundCode.Heard(SoundCode.Of(x.Phonemes), _canonical)).Distinct(), form.Spelling);

    /// <summary>All sets of two words or more, each commonest first.</summary>
    public IEnumerable<IReadOnlyList<LexiconWord>> Sets() =>
        _bySound.Values.Where(x => x.Count > 1).Select(x => (IReadOnlyList<LexiconWord>)[.. x.Distinct().OrderBy(w => w.Rank)]).OrderBy(x => x[0].Rank);

    private List<LexiconWord> Like(IEnumerable<string> sounds, string not) => [.. sounds.SelectMany(x => _bySound.GetValueOrDefault(x) ?? [])
        .Where(x => x.Key != not && x.Suitability != Suitability.Unsuitable && _words.OwnSpelling(x)).Distinct().OrderBy(x => x.Rank)];

    // As it is said by itself: in running speech a and are may fall together, and nobody takes one for the other.
    private IEnumerable<string> SoundsOf(LexiconWord word)
    {
        var sounds = _words.Sounds(word).ToList();
        if (sounds.Count > 1)
        {
            var readings = _words.Of(word).Readings;
            sounds = [.. readings.Where(x => !readings.Any(full => !ReferenceEquals(full, x) && IsWeakFormOf(x, full))).Select(x => SoundCode.Of(x.Phonemes))];
        }

        return sounds.Select(x => SoundCode.Heard(x, _canonical)).Distinct();
    }

    private static bool IsWeakFormOf(Segmentation weak, Segmentation full) => weak.IsSpokenFormOf(full)
        && weak.Segments.Count(x => x.Correspondence.Sound.Key == "schwa") > full.Segments.Count(x => x.Correspondence.Sound.Key == "schwa");
}
