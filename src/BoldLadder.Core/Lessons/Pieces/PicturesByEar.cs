using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Pictures while there is hardly a word to read: one is found when its sounds are said, or is named, and the letter it
/// begins with is written. The words themselves are never seen.
/// </summary>
internal static class PicturesByEar
{
    private const int MostSounds = 3, FewestToFind = 5, FewestWith = 2, FewestToBegin = 4;

    // With a letter or two every picture would begin with it: some begin with another sound, and nothing is written.
    private const int LettersToChooseFrom = 3;

    /// <summary>Pictures, half of them with today's sound, of which none could be taken for another.</summary>
    /// <param name="heard">Words of other pieces.</param>
    /// <param name="pictured">Those of them whose pictures were shown.</param>
    public static IReadOnlyList<LessonItem> ToFind(LessonBrief brief, ItemMaker make, Dice dice, int count, IReadOnlySet<string> heard, IReadOnlySet<string> pictured)
    {
        var sounds = OralBlending.SoundsOf(brief).Select(brief.Stock.Rules.SoundKey).ToHashSet();
        // What was said before is no find; but where few pictures have today's sound, some of those are found all the same.
        var words = dice.Mix(Pictured(brief, pictured)).OrderBy(x => heard.Contains(x.Word.Key)).Select(x => ListeningWords.Made(brief.Stock, x, sounds.FirstOrDefault(x.Reading.Segments.Select(s => brief.Stock.Rules.SoundKey(s.Correspondence.Sound)).Contains) ?? ""))
            .Where(x => x.Syllables == 1 && x.SoundCount <= MostSounds && x.Apart.Count == x.SoundCount).ToList();
        var set = new List<PictureWord>();
        List<LessonItem> Joined(Func<ListeningWord, bool> which, int most) =>
            [.. words.Where(which).Where(x => PictureMatch.Joins(set, brief.Stock.Pictures.Find(x.Word.Key)!)).Take(most).Select(x => make.Listening(x) with { Reasons = [Why(x.Place)] })];
        var with = Joined(x => x.Place.Length > 0 && !heard.Contains(x.Word.Key), (count + 1) / 2);
        with = with.Count >= FewestWith ? with : [.. with, .. Joined(x => x.Place.Length > 0 && with.TrueForAll(w => w.Text != x.Word.Spelling), FewestWith - with.Count)];
        var items = dice.Mix(with.Concat(Joined(x => x.Place.Length == 0 && !heard.Contains(x.Word.Key), count - with.Count)));
        return items.Count < FewestToFind ? [] : items;
    }

    /// <summary>Pictures of one name each, which begin with a letter that is known, today's most; none where no picture begins with today's.</summary>
    public static IReadOnlyList<LessonItem> ToBegin(LessonBrief brief, ItemMaker make, Dice dice, int count, IReadOnlySet<string> heard)
    {
        var taught = brief.Judge.Taught.Correspondences.ToHashSet();
        var words = dice.Mix(Pictured(brief, heard).Where(x => brief.Stock.Pictures.Find(x.Word.Key)!.Also.Count == 0 && StandsClear(x.Reading)));
        var byLetter = words.GroupBy(x => x.Reading.Segments[0].Correspondence).Where(x => taught.Contains(x.Key)).ToDictionary(x => x.Key, x => x.ToList());
        var others = taught.Count < LettersToChooseFrom ? words.Where(x => !taught.Any(t => brief.Stock.Rules.SameSound(t.Sound, x.Reading.Segments[0].Correspondence.Sound))).Take(count / 3).ToList() : [];
        var today = brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().SelectMany(x => byLetter.GetValueOrDefault(x, [])).Take((count - others.Count + 1) / 2).ToList();
        var chosen = today.Concat(InTurn([.. byLetter.Values.Select(x => x.Except(today).ToList())]).Take(count - others.Count - today.Count)).ToList();
        return chosen.Count + others.Count < FewestToBegin || (today.Count == 0 && brief.Targets.Any(x => x.Correspondence is not null)) ? [] : dice.Mix(
            chosen.Select(x => Item(make, x, x.Reading.Segments[0].Correspondence.Grapheme.Text, Why("first")))
                .Concat(others.Select(x => Item(make, x, "", Reason.Of(ReasonCode.WithoutTheSound)))));
    }

    /// <summary>What is said about them beside how it is done.</summary>
    public static IReadOnlyList<Ask> Asks(IReadOnlyList<LessonItem> items) =>
        items.Any(x => x.Heading.Length == 0) ? [Ask.Of(AskCode.BeginsOrNot, [.. items.Select(x => x.Heading).Where(x => x.Length > 0).Distinct()])] : [];

    /// <summary>Another for a place in either piece; null when none fits beside the others.</summary>
    public static LessonItem? Another(LessonBrief brief, ItemMaker make, Dice dice, LessonBlock block, LessonItem item, IReadOnlySet<string> used)
    {
        var set = block.Items.Where(x => x != item).Select(x => brief.Stock.Pictures.Find(x.Text)).OfType<PictureWord>().ToList();
        var drawn = block.Activity == Activity.FindPicture ? ToFind(brief, make, dice, DrawnFrom, used, used) : ToBegin(brief, make, dice, DrawnFrom, used);
        return drawn.Where(x => x.Heading == item.Heading && PictureMatch.Joins([.. set], brief.Stock.Pictures.Find(x.Text)!)).FirstOrDefault();
    }

    private const int DrawnFrom = 24;

    private static IEnumerable<OfferedWord> Pictured(LessonBrief brief, IReadOnlySet<string> heard) =>
        brief.Stock.Offered.Where(x => brief.Stock.Pictures.Find(x.Word.Key) is not null && ListeningWords.IsKnown(x) && !heard.Contains(x.Word.Key));

    // Nobody hears the t of tree by itself.
    private static bool StandsClear(Segmentation reading) =>
        reading.Segments is [var first, var second, ..] && (first.Correspondence.Sound.First.IsVowel || second.Correspondence.Sound.First.IsVowel);

    private static IEnumerable<OfferedWord> InTurn(List<List<OfferedWord>> letters)
    {
        for (var turn = 0; letters.Exists(x => x.Count > turn); turn++)
        {
            foreach (var letter in letters.Where(x => x.Count > turn))
            {
                yield return letter[turn];
            }
        }
    }

    private static Reason Why(string place) => place.Length == 0 ? Reason.Of(ReasonCode.WithoutTheSound) : Reason.Of(ReasonCode.SoundStands, place);

    private static LessonItem Item(ItemMaker make, OfferedWord x, string letter, Reason why) => make.Item(
        ItemKind.Listening, x.Word.Spelling, string.Join(' ', x.Reading.Segments.Select(s => s.Correspondence.Sound.Key)), [why]) with { Heading = letter };
}
