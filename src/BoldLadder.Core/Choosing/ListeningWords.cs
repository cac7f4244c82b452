using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word the adult says; nobody reads it.</summary>
/// <param name="Place">Where the sound is: <c>first</c>, <c>inside</c> or <c>last</c>.</param>
/// <param name="Apart">The word in its sounds, for saying it slowly, as sound keys.</param>
public readonly record struct ListeningWord(LexiconWord Word, string Place, IReadOnlyList<string> Apart);

/// <summary>Words chosen by sound alone, for games of listening and for oral blending.</summary>
public static class ListeningWords
{
    private const int MostSounds = 4;

    /// <summary>Words that children of four or five know and that hold the sound, at mixed places.</summary>
    public static IReadOnlyList<ListeningWord> With(WordStock stock, Sound sound, int count, Dice dice, int mostSounds = MostSounds)
    {
        var found = new List<ListeningWord>();
        foreach (var (word, _, reading, _, _) in stock.Offered.Where(x => x.Word is { Familiarity: Familiarity.AtFourOrFive, Ended: null }))
        {
            var at = IndexOf(stock, reading, sound);
            if (at >= 0 && reading.SoundCount is >= 2 && reading.SoundCount <= mostSounds)
            {
                found.Add(new ListeningWord(word, PlaceOf(at, reading), [.. reading.Segments.Select(x => x.Correspondence.Sound.Key)]));
            }
        }

        // Two at the start for one at the end: the first sound is the one children hear most easily.
        var first = dice.Mix(found.Where(x => x.Place == "first"));
        var others = dice.Mix(found.Where(x => x.Place == "last")).Concat(dice.Mix(found.Where(x => x.Place == "inside"))).ToList();
        var start = Math.Min(first.Count, Math.Max(count - (count / 3), count - others.Count));
        return dice.Mix(first.Take(start).Concat(others.Take(count - start)));
    }

    private static int IndexOf(WordStock stock, Segmentation reading, Sound sound)
    {
        for (var i = 0; i < reading.Segments.Count; i++)
        {
            if (stock.Rules.SameSound(reading.Segments[i].Correspondence.Sound, sound))
            {
                return i;
            }
        }

        return -1;
    }

    private static string PlaceOf(int at, Segmentation reading) =>
        at == 0 ? "first" : at == reading.Segments.Count - 1 ? "last" : "inside";
}
