using BoldLadder.Core.Calendar;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>An item that a re-plan keeps, with the block it stands in.</summary>
public readonly record struct KeptItem(LessonPart Part, Activity Activity, LessonItem Item);

/// <summary>All that a lesson is made from: the same brief gives the same lesson.</summary>
/// <param name="Rung">The rung to teach; null for a review.</param>
/// <param name="Log">The group's log up to the day, what is foreseen included.</param>
/// <param name="Shape">The largest shape of word to choose.</param>
/// <param name="Section">The ladder's section, from 0, that the lesson belongs to.</param>
/// <param name="Kept">Locked items of the lesson this one takes the place of.</param>
public sealed record LessonBrief(
    WordStock Stock, SchoolYear Year, DateOnly Day, Rung? Rung, GroupLog Log, WordShape Shape, int Minutes, ulong Seed,
    IReadOnlyList<KeptItem> Kept, int Section = 0)
{
    // Source: the domain's default. Before the third section children have sounds enough to learn on real words.
    private const int FirstSectionForMadeUp = 2;

    /// <summary>Whether made-up words are used in practice here.</summary>
    public bool MadeUpAllowed => Section >= FirstSectionForMadeUp;

    /// <summary>What the last lessons taught, for a review: this many.</summary>
    private const int Reviewed = 4;

    /// <summary>What the lesson is about: the rung's own parts, or those of the last lessons.</summary>
    public IReadOnlyList<Taught> Targets { get; } = Rung is { } own && Taught.Of(own).Any()
        ? [.. Taught.Of(own)]
        : [.. Log.Taught.Where(x => x.Things.Count > 0).TakeLast(Reviewed).SelectMany(x => x.Things).Distinct()];

    /// <summary>What can be read once the rung is taught, words forced into the lesson aside.</summary>
    public Judge Judge { get; } = new(Rung is { } own
        ? Log.TaughtSet(Stock.Rules).With([own])
        : Log.TaughtSet(Stock.Rules));

    /// <summary>What is due for revisiting on the day.</summary>
    public RevisitClock Clock { get; } = new(Log, Year, Stock.Rules);

    public IReadOnlyList<LessonItem> KeptIn(LessonPart part, Activity activity) =>
        [.. Kept.Where(x => x.Part == part && x.Activity == activity).Select(x => x.Item)];

    /// <summary>What can be read in a lesson, words forced into it included.</summary>
    public static Judge JudgeOf(Lesson lesson, TaughtSet taught)
    {
        var forced = lesson.Items.Where(x => x.Forced).SelectMany(x => SentenceBank.WordsOf(x.Text));
        return new Judge(new TaughtSet(
            taught.Rules, taught.Things.Concat(lesson.RungId.Length > 0 ? lesson.Things : []),
            taught.TrickyWords.Concat(lesson.TrickyWords).Concat(forced)));
    }
}
