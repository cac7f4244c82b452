using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// A lesson before the ladder begins: a sound told from its neighbour, riddles, sounds put together to a word or a picture, a
/// word taken apart, a story to listen to. All by ear, with the sounds of the first letters to come, one of them each day in front.
/// </summary>
internal static class ListeningLesson
{
    private const int Joined = 14, Pictures = 8, TakenApart = 12, Longest = 3, InShort = 2;

    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var sounds = brief.Targets.Select(x => x.Correspondence!.Value.Sound).Distinct().ToList();
        if (sounds.Count == 0)
        {
            return [];
        }

        // A short lesson has about half of everything, and no riddles.
        var share = brief.Length.IsShort ? InShort : 1;
        var riddles = brief.Length.IsShort ? new LessonBlock(LessonPart.Teach, Activity.Riddles, brief.KeptIn(LessonPart.Teach, Activity.Riddles)) : RiddlePiece.Make(brief, make, dice);
        var used = brief.KeptWords.Concat(riddles.Items.Select(x => x.Text.ToLowerInvariant())).ToHashSet();
        var heard = ListeningQuestion.Make(brief, make, dice, used);
        used.UnionWith(heard.Items.Select(x => x.Text.ToLowerInvariant()));
        var joined = Spoken(Activity.OralBlending, LessonPart.Practise, Joined);
        var found = Found(LessonPart.Apply);
        List<LessonBlock> made = [heard, riddles, joined, found, Spoken(Activity.SayApart, LessonPart.Apply, TakenApart)];
        return [.. made, ToldStory.Made(brief, make, made, (brief.Minutes * 60) - made.Sum(x => x.Seconds))];

        int Count(LessonPart part, Activity activity, int usual) => brief.Has(part, activity) ? Math.Max(0, (brief.Asked(part, activity) ?? (usual / share)) - brief.KeptIn(part, activity).Count) : 0;

        LessonBlock Spoken(Activity activity, LessonPart part, int usual) => new(part, activity,
            [.. brief.KeptIn(part, activity), .. Mixed(brief, sounds, dice).Where(x => used.Add(x.Word.Key)).Take(Count(part, activity, usual)).Select(make.Listening)]);

        LessonBlock Found(LessonPart part)
        {
            var items = Count(part, Activity.FindPicture, Pictures) is > 0 and var count ? PicturesByEar.ToFind(brief, make, dice, count, used, new HashSet<string>()) : [];
            used.UnionWith(items.Select(x => x.Text.ToLowerInvariant()));
            return new LessonBlock(part, Activity.FindPicture, [.. brief.KeptIn(part, Activity.FindPicture), .. items]);
        }
    }

    // Words of two or three sounds, those of two first.
    private static IEnumerable<ListeningWord> Mixed(LessonBrief brief, IReadOnlyList<Sound> sounds, Dice dice) =>
        dice.Mix(sounds.SelectMany(x => ListeningWords.With(brief.Stock, x, Joined, dice, Longest)).DistinctBy(x => x.Word.Key)).Take(3 * Joined).OrderBy(x => x.Apart.Count);
}
