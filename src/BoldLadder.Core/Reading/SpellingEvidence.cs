using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>Where in a word a sound stands, as far as it matters for its spelling.</summary>
public enum SoundPlace
{
    First,
    Inside,
    Last,
    LastAfterShortVowel,
}

/// <summary>
/// How often each spelling of a sound is used at each place, counted over the everyday words: what
/// a fair choice of spelling rests on.
/// </summary>
public sealed class SpellingEvidence
{
    /// <summary>A best bet covers at least this share of the words (source: domain rules).</summary>
    public const double BestBetShare = 0.7;

    /// <summary>A best bet rests on at least this many words (source: domain rules).</summary>
    public const int BestBetWords = 8;

    private readonly Dictionary<((int, int) Sound, SoundPlace Place), Dictionary<string, int>> _counts = [];
    private readonly ReadingRules _rules;

    public SpellingEvidence(ReadingRules rules)
    {
        _rules = rules;
        var words = rules.Rows.Words;
        foreach (var word in words.Words.Where(x => x.Everyday && x.Suitability == Suitability.Fine && x.Ended is null))
        {
            foreach (var reading in words.Of(word).Readings.Take(1))
            {
                for (var i = 0; i < reading.Segments.Count; i++)
                {
                    var correspondence = reading.Segments[i].Correspondence;
                    var key = (rules.Canonical(correspondence.Sound), PlaceOf(reading, i));
                    if (!_counts.TryGetValue(key, out var spellings))
                    {
                        _counts[key] = spellings = [];
                    }

                    spellings[correspondence.Grapheme.Text] = spellings.GetValueOrDefault(correspondence.Grapheme.Text) + 1;
                }
            }
        }
    }

    public static SoundPlace PlaceOf(Segmentation reading, int segment)
    {
        if (segment == 0)
        {
            return SoundPlace.First;
        }

        return segment < reading.Segments.Count - 1 ? SoundPlace.Inside
            : Vowels.IsShortSound(reading.Segments[segment - 1].Correspondence.Sound) ? SoundPlace.LastAfterShortVowel
            : SoundPlace.Last;
    }

    /// <summary>Everyday words that spell the sound so at that place.</summary>
    public int Count(Sound sound, SoundPlace place, string grapheme) =>
        _counts.TryGetValue((_rules.Canonical(sound), place), out var spellings) ? spellings.GetValueOrDefault(grapheme) : 0;

    /// <summary>True when English uses the spelling for the sound at that place in more than a stray word.</summary>
    public bool Fits(Sound sound, SoundPlace place, string grapheme) => Count(sound, place, grapheme) >= 2;

    /// <summary>True when, of the spellings taught, this one is nearly always right at that place.</summary>
    public bool IsBestBet(Sound sound, SoundPlace place, string grapheme, IEnumerable<string> taughtSpellings)
    {
        var all = taughtSpellings.Append(grapheme).Distinct().Sum(x => Count(sound, place, x));
        return all >= BestBetWords && Count(sound, place, grapheme) >= BestBetShare * all;
    }
}
