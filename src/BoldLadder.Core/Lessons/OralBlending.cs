using BoldLadder.Core.Choosing;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>Words the adult says sound by sound, and the children put together by ear.</summary>
internal static class OralBlending
{
    // Before there are words to read, children join two or three sounds, no more.
    private const int MostSounds = 3;

    public static IReadOnlyList<LessonItem> Items(LessonBrief brief, ItemMaker make, Dice dice, int count)
    {
        var sounds = brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().Select(x => x.Sound).Distinct().ToList();
        return [.. sounds.SelectMany(x => ListeningWords.With(brief.Stock, x, count * 2, dice, MostSounds).Where(IsPlain).Take(count))
            .DistinctBy(x => x.Word.Key).Take(count).Select(make.Listening)];
    }

    // One beat, and as many sounds as are said: nobody joins the two halves of tower.
    private static bool IsPlain(ListeningWord word) => word.Syllables == 1 && word.Apart.Count == word.SoundCount;
}
