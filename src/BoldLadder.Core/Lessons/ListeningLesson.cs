using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// A lesson before the ladder begins: where a sound stands in a word, sounds put together to a word, a word taken apart.
/// All by ear, with the sounds of the first letters to come, one of them each day in front.
/// </summary>
internal static class ListeningLesson
{
    private static readonly WordShape Simple = new(4, 1, 1);

    private const int Heard = 10, Joined = 14, TakenApart = 12, Longest = 3, InShort = 2;

    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var sounds = brief.Targets.Select(x => x.Correspondence!.Value.Sound).Distinct().ToList();
        if (sounds.Count == 0)
        {
            return [];
        }

        // A short lesson has about half of everything.
        var share = brief.Length.IsShort ? InShort : 1;
        var ofToday = sounds[brief.Day.DayNumber % sounds.Count];
        // Children who begin hear single consonants, and a word they know as one beat.
        bool Plain(ListeningWord x) => brief.Stock.Rules.Rows.Fits(brief.Stock.Rules.Rows.RowsOf(x.Word.Rank).First, Simple);
        var used = brief.KeptWords.ToHashSet();
        return
        [
            Block(LessonPart.Teach, Activity.Listening, ListeningWords.With(brief.Stock, ofToday, 3 * Heard, dice).Where(Plain), Heard / share),
            Block(LessonPart.Practise, Activity.OralBlending, Mixed(brief, sounds, dice), Joined / share),
            Block(LessonPart.Apply, Activity.SayApart, Mixed(brief, sounds, dice), TakenApart / share),
        ];

        LessonBlock Block(LessonPart part, Activity activity, IEnumerable<ListeningWord> words, int usual)
        {
            var count = brief.Has(part, activity) ? brief.Asked(part, activity) ?? usual : 0;
            var kept = brief.KeptIn(part, activity);
            return new LessonBlock(part, activity, [.. kept, .. words.Where(x => used.Add(x.Word.Key)).Take(Math.Max(0, count - kept.Count)).Select(make.Listening)]);
        }
    }

    // Words of two or three sounds, those of two first.
    private static IEnumerable<ListeningWord> Mixed(LessonBrief brief, IReadOnlyList<Sound> sounds, Dice dice) =>
        dice.Mix(sounds.SelectMany(x => ListeningWords.With(brief.Stock, x, Joined, dice, Longest)).DistinctBy(x => x.Word.Key)).Take(3 * Joined).OrderBy(x => x.Apart.Count);
}
