using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>One sentence of a day's point: written by hand, or made from the facts where nothing is written.</summary>
public readonly record struct PointLine(string? Written, Reason? Made);

/// <summary>What a lesson is about, in a sentence or two that a child could be told; everything in it serves this.</summary>
public static class DayPoint
{
    private const int MostLines = 2;

    // Three that are short are said, too, one for each part of the rung.
    private const int MostLetters = 170;

    /// <summary>One or two sentences, never none.</summary>
    public static IReadOnlyList<PointLine> Of(Lesson lesson, TeachingNotes notes, ReadingRules rules) => lesson.Kind switch
    {
        _ when lesson.Teaching.Point.Length > 0 => [new PointLine(lesson.Teaching.Point, null)],
        LessonKind.Listening => [Made(ReasonCode.PointListening)],
        LessonKind.TrickyWordDay => [Made(ReasonCode.PointTricky, [.. lesson.TrickyWords])],
        LessonKind.Contrast => [Contrast(lesson, rules)],
        LessonKind.Review or LessonKind.Check => [Made(
            lesson.Kind == LessonKind.Check ? ReasonCode.PointCheck : ReasonCode.PointReview, [.. lesson.GoesOver.Select(x => x.Label).Distinct()])],
        _ => OfNew(lesson, notes),
    };

    // Doubled letters and the like have one point between them.
    private static IReadOnlyList<PointLine> OfNew(Lesson lesson, TeachingNotes notes)
    {
        if (lesson.Teaches.Count > MostLines && lesson.Teaches.All(x => x.Correspondence is { Grapheme.Text: [var a, var b] } && a == b))
        {
            return [Made(lesson.Teaches.All(x => DoubledLetters.EndWords(x.Correspondence!.Value)) ? ReasonCode.PointDoubledAtEnd : ReasonCode.PointDoubled, [.. lesson.Teaches.Select(x => x.Label)])];
        }

        var lines = lesson.Teaches.OrderByDescending(x => x.Kind == TeachableKind.Correspondence).ThenBy(x => x.IsPrint).DistinctBy(x => x.Label)
            .Select(x => notes.Of(x) is { } note ? new PointLine(note.Point, null) : Facts(x)).Distinct().ToList();
        lines = lines.Count == MostLines + 1 && lines.Sum(x => x.Written?.Length ?? MostLetters) <= MostLetters ? lines : [.. lines.Take(MostLines)];
        return lines.Count > 0 ? lines : [Made(ReasonCode.PointReview, [.. lesson.GoesOver.Select(x => x.Label).Distinct()])];
    }

    private static PointLine Facts(Teachable x) => x.Correspondence is { } c
        ? Made(ReasonCode.PointFacts, c.Grapheme.Text, c.Sound.Key, c.Sound.Example)
        : Made(ReasonCode.PointTogether, x.Label);

    private static PointLine Contrast(Lesson lesson, ReadingRules rules)
    {
        var parts = lesson.GoesOver.Select(x => x.Correspondence).OfType<Sounds.Correspondence>().ToList();
        var oneSound = parts.Count > 0 && parts.TrueForAll(x => rules.SameSound(x.Sound, parts[0].Sound));
        return Made(oneSound ? ReasonCode.PointSpellings : ReasonCode.PointSounds, [.. parts.Select(x => x.Grapheme.Text).Distinct()]);
    }

    private static PointLine Made(ReasonCode code, params string[] arguments) => new(null, Reason.Of(code, arguments));
}
