using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// What a day of tricky words does with them besides meeting and writing them: each is used in a sentence that a child
/// says, and all are read mixed and quick, among those that look like them.
/// </summary>
internal static class TrickyPieces
{
    /// <summary>Cards of a pack.</summary>
    public const int Cards = 12;

    private const int Turns = 3, MostBeside = 4;

    /// <summary>Each word of the day once, to say a sentence with.</summary>
    public static LessonBlock Said(LessonBrief brief, ItemMaker make)
    {
        var kept = brief.KeptIn(LessonPart.Teach, Activity.SayTricky);
        var words = IsFor(brief, LessonPart.Teach, Activity.SayTricky) ? brief.Rung!.TrickyWords : [];
        return new LessonBlock(LessonPart.Teach, Activity.SayTricky, [.. kept, .. words.Where(x => kept.All(k => !IsOf(k, x))).Select(x => make.Tricky(x, [Reason.Of(ReasonCode.NewToday)]))]);
    }

    /// <summary>
    /// Each word of the day two or three times, and some known ones between: those that look like it first, then those last
    /// learnt. None stands next to itself.
    /// </summary>
    public static LessonBlock Mixed(LessonBrief brief, ItemMaker make, Dice dice)
    {
        var kept = brief.KeptIn(LessonPart.Practise, Activity.MixedTricky);
        if (kept.Count > 0 || !IsFor(brief, LessonPart.Practise, Activity.MixedTricky))
        {
            return new LessonBlock(LessonPart.Practise, Activity.MixedTricky, kept);
        }

        var today = brief.TrickyToday.ToList();
        var cards = brief.Asked(LessonPart.Practise, Activity.MixedTricky) ?? Cards;
        var known = brief.Standing.Lessons.Reverse().SelectMany(x => x.TrickyWords).Select(x => x.ToLowerInvariant()).Distinct().Except(today).ToList();
        var beside = known.Where(x => today.Exists(t => Confusables.WordsAlike(x, t))).Concat(known).Distinct().Take(MostBeside).ToList();
        var turns = Math.Clamp((cards - beside.Count) / today.Count, 1, Turns);
        var pack = Enumerable.Range(0, turns).SelectMany(_ => today).Concat(beside).Take(cards).ToList();
        return new LessonBlock(LessonPart.Practise, Activity.MixedTricky, [.. Apart(dice.Mix(pack)).Select(x => make.Tricky(
            x, [today.Contains(x) ? Reason.Of(ReasonCode.NewToday) : today.Find(t => Confusables.WordsAlike(x, t)) is { } like ? Reason.Of(ReasonCode.LooksLike, like) : Reason.Of(ReasonCode.TaughtBefore)]))]);
    }

    private static bool IsFor(LessonBrief brief, LessonPart part, Activity activity) =>
        brief.Rung is { TrickyWords.Count: > 0 } && brief.Has(part, activity) && (brief.Kind == LessonKind.TrickyWordDay || brief.Asked(part, activity) is not null);

    private static bool IsOf(LessonItem item, string word) => item.Text.Equals(word, StringComparison.OrdinalIgnoreCase);

    // None after itself. Of what is left the word that comes oftest is the hardest to place, and is placed first.
    private static List<string> Apart(IReadOnlyList<string> mixed)
    {
        var cards = new List<string>();
        var left = mixed.ToList();
        while (left.Count > 0)
        {
            var next = left.GroupBy(x => x).Where(x => cards.Count == 0 || x.Key != cards[^1]).OrderByDescending(x => x.Count()).ThenBy(x => left.IndexOf(x.Key)).FirstOrDefault()?.Key ?? left[0];
            left.Remove(next);
            cards.Add(next);
        }

        return cards;
    }
}
