using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>Words the adult says sound by sound, and the children put together by ear.</summary>
internal static class OralBlending
{
    // Before there are words to read, children join two or three sounds, no more.
    private const int MostSounds = 3;

    /// <param name="heard">Words of other pieces, which come only when there are no others.</param>
    public static IReadOnlyList<LessonItem> Items(LessonBrief brief, ItemMaker make, Dice dice, int count, IReadOnlySet<string> heard)
    {
        return [.. SoundsOf(brief).SelectMany(x => ListeningWords.With(brief.Stock, x, (count * 2) + heard.Count, dice, MostSounds).Where(IsPlain))
            // By ear blew and blue are one word.
            .DistinctBy(x => string.Join(' ', x.Apart)).OrderBy(x => heard.Contains(x.Word.Key)).Take(count).Select(make.Listening)];
    }

    /// <summary>The day's sounds; those of a rime unit are heard one by one as well.</summary>
    public static IReadOnlyList<Sound> SoundsOf(LessonBrief brief) =>
        [.. brief.Targets.SelectMany<Teachable, Correspondence>(x => x.Correspondence is { } one ? [one] : x.Run?.Parts ?? []).Select(x => x.Sound).Distinct()];

    // One beat, and as many sounds as are said: nobody joins the two halves of tower.
    private static bool IsPlain(ListeningWord word) => word.Syllables == 1 && word.Apart.Count == word.SoundCount;
}
