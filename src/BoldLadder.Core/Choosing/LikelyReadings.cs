using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// How likely a spelling is to be read with a sound at a place of a word: what share of the words that have the spelling
/// there say it so. A reading that hardly any word would lead a reader to is not one that somebody in the room hears.
/// </summary>
internal sealed class LikelyReadings
{
    // Of a hundred words with the spelling at the place, so many at least say it so.
    private const double LeastShare = 0.1;

    // With fewer words there is no share to speak of, and the table's own order says what is usual.
    private const int FewestWords = 4;

    private readonly Dictionary<(string Grapheme, string Place), Dictionary<string, int>> _counts = [];

    public LikelyReadings(SchoolWords words)
    {
        foreach (var word in words.Words.Where(x => x.Ended is null && x.Key == x.Spelling && (x.Everyday || x.Count >= 100) && !FunctionWords.Has(x.Key)))
        {
            foreach (var reading in words.Of(word).Readings.Take(1))
            {
                for (var i = 0; i < reading.Segments.Count; i++)
                {
                    var at = (reading.Segments[i].Correspondence.Grapheme.Text, reading.PlaceOf(i));
                    var sounds = _counts.TryGetValue(at, out var found) ? found : _counts[at] = [];
                    var sound = reading.Segments[i].Correspondence.Sound.Key;
                    sounds[sound] = sounds.GetValueOrDefault(sound) + 1;
                }
            }
        }
    }

    /// <summary>True when every spelling of the reading is likely to be said so where it stands.</summary>
    public bool Has(Segmentation reading)
    {
        for (var i = 0; i < reading.Segments.Count; i++)
        {
            var correspondence = reading.Segments[i].Correspondence;
            if (_counts.TryGetValue((correspondence.Grapheme.Text, reading.PlaceOf(i)), out var sounds) && sounds.Values.Sum() is var all and >= FewestWords
                && sounds.GetValueOrDefault(correspondence.Sound.Key) < LeastShare * all)
            {
                return false;
            }
        }

        return true;
    }
}
