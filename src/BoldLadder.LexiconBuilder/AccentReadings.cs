using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.LexiconBuilder;

/// <summary>
/// The northern and Scottish readings of a word, from its southern one. Keys are classes of sound, so they are the same
/// but for the vowel of bath and, in Scotland, a few more that its speakers keep apart.
/// </summary>
internal static class AccentReadings
{
    /// <summary>
    /// A southern reading as it is said in the north or in Scotland. The northern voice says which words have the vowel of
    /// trap in bath, and is trusted in nothing else; in Scotland trap, bath and palm have one vowel, so no word has that of
    /// car without an r.
    /// </summary>
    /// <param name="northern">What the northern voice says, or null.</param>
    public static Segmentation FromSouth(Segmentation south, Segmentation? northern, Accent accent)
    {
        var parts = south.Segments.Select(x => (x.Correspondence, x.DroppedE)).ToArray();
        for (var i = 0; i < parts.Length; i++)
        {
            var (grapheme, start) = (parts[i].Correspondence.Grapheme.Text, south.Segments[i].Start);
            if (parts[i].Correspondence.Sound.Key == "ar" && !grapheme.Contains('r', StringComparison.Ordinal)
                && (accent == Accent.Scottish || (northern is not null
                    && northern.Segments.Any(x => x.Start == start && x.Correspondence.Key is "a:a" or "au:a"))))
            {
                parts[i] = (Correspondence.Parse(grapheme + ":a"), parts[i].DroppedE);
            }
        }

        return Segmentation.TryBuild(south.Word, parts, out var made, out _) ? made : south;
    }

    /// <summary>
    /// An American reading without the vowel of car where no r is written: father has the vowel of hot there, and does not
    /// sound like farther.
    /// </summary>
    public static Segmentation WithPalmInAmerica(Segmentation reading)
    {
        var parts = reading.Segments.Select(x => (x.Correspondence.Sound.Key == "ar" && !x.Correspondence.Grapheme.Text.Contains('r', StringComparison.Ordinal)
            ? Correspondence.Parse(x.Correspondence.Grapheme.Text + ":o")
            : x.Correspondence, x.DroppedE)).ToArray();
        return Segmentation.TryBuild(reading.Word, parts, out var made, out _) ? made : reading;
    }
}
