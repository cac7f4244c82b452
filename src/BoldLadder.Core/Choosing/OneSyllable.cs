using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A reading of one syllable: what stands before its vowel, the vowel, and what stands after.</summary>
internal sealed record OneSyllable(IReadOnlyList<Correspondence> Onset, Correspondence Vowel, IReadOnlyList<Correspondence> Coda)
{
    /// <summary>A single vowel letter that says its short sound.</summary>
    public bool IsShort => Vowels.IsShort(Vowel);

    public IReadOnlyList<Correspondence> Parts { get; } = [.. Onset, Vowel, .. Coda];

    /// <summary>The parts of a reading; null when it has not just one vowel.</summary>
    public static OneSyllable? Of(Segmentation reading)
    {
        var at = -1;
        for (var i = 0; i < reading.Segments.Count; i++)
        {
            if (reading.Segments[i].Correspondence.Sound.IsVowel)
            {
                if (at >= 0)
                {
                    return null;
                }

                at = i;
            }
        }

        return at < 0 ? null
            : new OneSyllable(
                [.. reading.Segments.Take(at).Select(x => x.Correspondence)], reading.Segments[at].Correspondence,
                [.. reading.Segments.Skip(at + 1).Select(x => x.Correspondence)]);
    }
}
