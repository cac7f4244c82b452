using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word the adult says; nobody reads it.</summary>
/// <param name="Place">Where the sound is: <c>first</c>, <c>inside</c> or <c>last</c>; empty where it is not in the word.</param>
/// <param name="Apart">The word in its sounds, for saying it slowly, as sound keys.</param>
/// <param name="SoundCount">Its sounds; two in one letter count as two.</param>
/// <param name="Heard">The same sounds as the accent tells them apart.</param>
/// <param name="Syllables">Its beats.</param>
public readonly record struct ListeningWord(
    LexiconWord Word, string Place, IReadOnlyList<string> Apart, int SoundCount, IReadOnlyList<string> Heard, int Syllables);

/// <summary>Words chosen by sound alone, for games of listening and for oral blending.</summary>
public static class ListeningWords
{
    /// <summary>The sounds of a word of one beat, as a rule.</summary>
    internal const int MostSounds = 4;

    private const int MostInTwoBeats = 6;

    /// <summary>Words that children of four or five know and that hold the sound, at mixed places.</summary>
    public static IReadOnlyList<ListeningWord> With(WordStock stock, Sound sound, int count, Dice dice, int mostSounds = MostSounds)
    {
        var found = Holding(stock, sound, mostSounds).ToList();

        // Two at the start for one at the end: the first sound is the one children hear most easily.
        var first = dice.Mix(found.Where(x => x.Place == "first"));
        var others = dice.Mix(found.Where(x => x.Place == "last")).Concat(dice.Mix(found.Where(x => x.Place == "inside"))).ToList();
        var start = Math.Min(first.Count, Math.Max(count - (count / 3), count - others.Count));
        return dice.Mix(first.Take(start).Concat(others.Take(count - start)));
    }

    /// <summary>All words of the youngest that hold the sound, commonest first.</summary>
    public static IEnumerable<ListeningWord> Holding(WordStock stock, Sound sound, int mostSounds = MostSounds) =>
        stock.Heard(sound).Where(x => x.SoundCount <= mostSounds);

    /// <summary>All words of the youngest without the sound, commonest first.</summary>
    public static IEnumerable<ListeningWord> Without(WordStock stock, Sound sound) =>
        stock.Offered.Where(x => IsKnown(x) && x.Reading.SoundCount <= MostSounds && IndexOf(stock, x.Reading, stock.Rules.SoundKey(sound)) < 0).Select(x => Made(stock, x, ""));

    /// <summary>Words of the youngest of two beats, commonest first.</summary>
    public static IEnumerable<OfferedWord> OfTwoBeats(WordStock stock) =>
        stock.Offered.Where(x => IsKnown(x) && x.Reading.SoundCount <= MostInTwoBeats && Structure.Of(x.Reading, x.Word).Syllables == 2);

    /// <summary>
    /// Where a word of the school's own has a sound, empty where it has not, and the word in its sounds. Of one that is in no
    /// list, such as a child's name, only its letters tell.
    /// </summary>
    public static (string Place, IReadOnlyList<string> Apart) HeardIn(WordStock stock, string word, Correspondence taught)
    {
        if (stock.Words.Find(word) is not { Readings: [var reading, ..] })
        {
            var at = word.IndexOf(taught.Grapheme.LeadingLetters, StringComparison.OrdinalIgnoreCase);
            return (at < 0 ? "" : at == 0 ? "first" : at + taught.Grapheme.LeadingLetters.Length == word.Length ? "last" : "inside", []);
        }

        return (IndexOf(stock, reading, stock.Rules.SoundKey(taught.Sound)) is var found and >= 0 ? reading.PlaceOf(found) : "",
            [.. reading.Segments.Select(x => x.Correspondence.Sound.Key)]);
    }

    // A word of grammar means nothing by itself: no child can picture with or was.
    internal static bool IsKnown(OfferedWord x) =>
        x.Word is { Familiarity: Familiarity.AtFourOrFive, Ended: null } && x.Reading.SoundCount >= 2 && !FunctionWords.Has(x.Word.Key);

    internal static ListeningWord Made(WordStock stock, OfferedWord x, string sound) => new(
        x.Word, IndexOf(stock, x.Reading, sound) switch { < 0 => "", var at => x.Reading.PlaceOf(at) },
        [.. x.Reading.Segments.Select(s => s.Correspondence.Sound.Key)], x.Reading.SoundCount,
        [.. x.Reading.Segments.Select(s => stock.Rules.SoundKey(s.Correspondence.Sound))], Structure.Of(x.Reading, x.Word).Syllables);

    private static int IndexOf(WordStock stock, Segmentation reading, string sound)
    {
        for (var i = 0; i < reading.Segments.Count; i++)
        {
            if (stock.Rules.SoundKey(reading.Segments[i].Correspondence.Sound) == sound)
            {
                return i;
            }
        }

        return -1;
    }
}
