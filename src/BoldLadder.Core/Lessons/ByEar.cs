using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// What ends a lesson while there is hardly a sentence to read: words put together and taken apart by ear, letters written
/// when their sound is heard. And the same where a school asked for it.
/// </summary>
internal static class ByEar
{
    private const int MostFound = 8, MostBegun = 8, MostJoined = 14, MostApart = 12, MostLetters = 8;

    // What has most of children's own doing in it comes first while there is time.
    private static readonly (Activity Activity, int Most)[] ByWorth =
    [
        (Activity.FirstLetter, MostBegun), (Activity.FindPicture, MostFound), (Activity.WriteLetters, MostLetters), (Activity.SayApart, MostApart), (Activity.OralBlending, MostJoined),
    ];

    // A game for less than a minute is not worth beginning.
    private const int LeastToFill = 60;

    /// <param name="blocks">The lesson so far.</param>
    /// <param name="seconds">What is left of its time.</param>
    public static IEnumerable<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlyList<LessonBlock> blocks, int seconds)
    {
        var heard = blocks.SelectMany(x => x.Items).Where(x => x.Kind == ItemKind.Listening).Select(x => x.Text.ToLowerInvariant()).ToHashSet();
        var pictured = new HashSet<string>();
        if (ToldStory.Made(brief, make, blocks, seconds) is { Items.Count: > 0 } told)
        {
            seconds -= told.Seconds;
            yield return told;
        }

        // A lesson that has come to sentences ends with them, unless more of it is left than a class is slow by.
        var fills = brief.ShapeKind == ShapeKind.Opening || blocks.All(x => x.Part != LessonPart.Apply)
            || ((brief.IsEarly || brief.Shape.Boxes <= WordShape.First.Boxes) && Timing.IsShort(seconds, brief.Minutes));
        foreach (var (activity, most) in ByWorth)
        {
            if (brief.KeptIn(LessonPart.Apply, activity).Count > 0 || Count(brief, activity, fills, seconds, most) is not (> 0 and var count))
            {
                continue;
            }

            var items = activity switch
            {
                Activity.WriteLetters => Letters(brief, make, dice, count),
                Activity.FindPicture => PicturesByEar.ToFind(brief, make, dice, count, heard, pictured),
                Activity.FirstLetter => PicturesByEar.ToBegin(brief, make, dice, count, new HashSet<string>()),
                _ => OralBlending.Items(brief, make, dice, count, heard),
            };
            pictured.UnionWith(activity == Activity.FirstLetter ? items.Select(x => x.Text.ToLowerInvariant()) : []);
            heard.UnionWith(items.Select(x => x.Text.ToLowerInvariant()));
            var block = new LessonBlock(LessonPart.Apply, activity, items) { Asks = activity == Activity.FirstLetter ? PicturesByEar.Asks(items) : [] };
            seconds -= block.Seconds;
            yield return block;
        }
    }

    private static int Count(LessonBrief brief, Activity activity, bool fills, int seconds, int most) =>
        !brief.Has(LessonPart.Apply, activity) ? 0
        : brief.Asked(LessonPart.Apply, activity) ?? ((fills || (activity == Activity.WriteLetters && Timing.IsShort(seconds, brief.Minutes))) && seconds >= LeastToFill ? Math.Min(most, Timing.ItemsIn(activity, Share(brief, activity, seconds))) : 0);

    // Words are taken apart in half of the time, and put together in the other: fourteen of one kind are too many of it.
    private static int Share(LessonBrief brief, Activity activity, int seconds) =>
        activity == Activity.SayApart && seconds >= 2 * LeastToFill && brief.Has(LessonPart.Apply, Activity.OralBlending) ? seconds / 2 : seconds;

    private static IReadOnlyList<LessonItem> Letters(LessonBrief brief, ItemMaker make, Dice dice, int count)
    {
        var taught = brief.Judge.Taught.Correspondences.Select(x => brief.Stock.Rules.SoundKey(x.Sound)).Distinct().ToList();
        var today = brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().Select(x => brief.Stock.Rules.SoundKey(x.Sound)).ToHashSet();
        return [.. dice.Mix(taught).OrderByDescending(today.Contains).Take(count).Select(x => make.Item(
            ItemKind.Sound, x, Spellings(brief, x), [Reason.Of(today.Contains(x) ? ReasonCode.NewToday : ReasonCode.TaughtBefore)], RevisitPart.ExampleOf(x)))];
    }

    private static string Spellings(LessonBrief brief, string sound) => string.Join(' ', brief.Judge.Taught.Correspondences
        .Where(x => brief.Stock.Rules.SoundKey(x.Sound) == sound && brief.Stock.HasWords(x)).Select(x => x.Grapheme.Text).Distinct());
}
