using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>Words that sound the same in an accent, its merges counted.</summary>
public sealed class Homophones
{
    // The last word met with each sound, and for each entry the one met before it: a tenth of what lists would weigh.
    private readonly Dictionary<ulong, int> _last = [];
    private readonly List<(int Word, int Before)> _entries = [];
    private readonly SchoolWords _words;
    private readonly HeardSounds _heard;

    public Homophones(SchoolWords words, IReadOnlySet<string>? switchedMerges = null)
    {
        _words = words;
        _heard = words.Accent.Heard(switchedMerges);
        foreach (var word in words.Words)
        {
            foreach (var sound in SoundsOf(word))
            {
                _entries.Add((word.Rank, _last.GetValueOrDefault(sound, -1)));
                _last[sound] = _entries.Count - 1;
            }
        }
    }

    /// <summary>Other words that sound like a word, commonest first: all that the lexicon holds and that are spelt as here.</summary>
    public IReadOnlyList<LexiconWord> Of(LexiconWord word) => Like(SoundsOf(word), word.Key);

    /// <summary>Words that sound as a reading does that is in no list.</summary>
    public IReadOnlyList<LexiconWord> Of(FormedWord form) =>
        Like(form.Readings.Select(x => SoundCode.HashHeard(x, _heard)).Distinct(), form.Spelling);

    /// <summary>All sets of two words or more, each commonest first.</summary>
    public IEnumerable<IReadOnlyList<LexiconWord>> Sets() => _last.Keys.Select(x => (IReadOnlyList<LexiconWord>)[.. With(x).Distinct().OrderBy(w => w.Rank)])
        .Where(x => x.Count > 1).OrderBy(x => x[0].Rank);

    private List<LexiconWord> Like(IEnumerable<ulong> sounds, string not) => [.. sounds.SelectMany(With)
        .Where(x => x.Key != not && x.Suitability != Suitability.Unsuitable && _words.OwnSpelling(x)).Distinct().OrderBy(x => x.Rank)];

    private IEnumerable<LexiconWord> With(ulong sound)
    {
        for (var at = _last.GetValueOrDefault(sound, -1); at >= 0; at = _entries[at].Before)
        {
            yield return _words.Words[_entries[at].Word];
        }
    }

    // As it is said by itself: in running speech a and are may fall together, and nobody takes one for the other.
    private IEnumerable<ulong> SoundsOf(LexiconWord word)
    {
        var sounds = _words.Sounds(word).ToList();
        if (sounds.Count > 1)
        {
            var readings = _words.Of(word).Readings;
            sounds = [.. readings.Where(x => !readings.Any(full => !ReferenceEquals(full, x) && IsWeakFormOf(x, full))).Select(x => SoundCode.Of(x.Phonemes))];
        }

        return sounds.Select(x => SoundCode.HashHeard(x, _heard)).Distinct();
    }

    private static bool IsWeakFormOf(Segmentation weak, Segmentation full) => weak.IsSpokenFormOf(full)
        && weak.Segments.Count(x => x.Correspondence.Sound.Key == "schwa") > full.Segments.Count(x => x.Correspondence.Sound.Key == "schwa");
}
