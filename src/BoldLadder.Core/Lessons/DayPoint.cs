using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>One sentence of a day's point: written by hand, or made from the facts where nothing is written.</summary>
public readonly record struct PointLine(string? Written, MadePoint? Made);

/// <summary>What a lesson is about, in a sentence or two that a child could be told; everything in it serves this.</summary>
public static class DayPoint
{
    private const int MostLines = 2, MostOdd = 4;

    // Three that are short are said, too, one for each part of the rung.
    private const int MostLetters = 170;

    /// <summary>One or two sentences, and a third where there is more that is new; never none.</summary>
    /// <param name="tricky">What is said of the lesson's tricky words.</param>
    public static IReadOnlyList<PointLine> Of(Lesson lesson, TeachingNotes notes, WordStock stock, IReadOnlyList<TrickyTeaching> tricky) => lesson.Kind switch
    {
        _ when lesson.Teaching.Point.Length > 0 => [new PointLine(lesson.Teaching.Point, null)],
        LessonKind.Listening => [Made(PointCode.Listening)],
        LessonKind.TrickyWordDay => [Tricky(lesson, tricky)],
        LessonKind.Contrast => [Contrast(lesson, stock.Rules)],
        LessonKind.Review when lesson.Wordless.Count > 0 => [Made(PointCode.Wordless, [string.Join(',', lesson.Wordless.Select(x => x.Label)), .. lesson.GoesOver.Select(x => x.Label).Distinct()])],
        LessonKind.Review or LessonKind.Check => [Made(
            lesson.Kind == LessonKind.Check ? PointCode.Check : PointCode.Review, [.. lesson.GoesOver.Select(x => x.Label).Distinct()])],
        _ => OfNew(lesson, notes, stock),
    };

    // Doubled letters and the like have one point between them.
    private static IReadOnlyList<PointLine> OfNew(Lesson lesson, TeachingNotes notes, WordStock stock)
    {
        if (lesson.Teaches.Count > MostLines && lesson.Teaches.All(x => x.Correspondence is { Grapheme.Text: [var a, var b] } && a == b))
        {
            return [Made(lesson.Teaches.All(x => DoubledLetters.EndWords(x.Correspondence!.Value)) ? PointCode.DoubledAtEnd : PointCode.Doubled, [.. lesson.Teaches.Select(x => x.Label)])];
        }

        var commoner = stock.Commoner([.. lesson.Teaches.Select(x => x.Correspondence).OfType<Sounds.Correspondence>()]);
        var said = lesson.Teaches.Where(x => x.Correspondence is not { } part || commoner.Contains(part)).OrderByDescending(x => x.Kind == TeachableKind.Correspondence).ThenBy(x => x.IsPrint)
            .Select(x => (x.Label, Line: notes.Of(x) is { } note ? new PointLine(note.Point, null) : Facts(x))).ToList();
        var lines = said.Select(x => x.Line).Distinct().ToList();
        if (lines.Count > MostLines && !(lines.Count == MostLines + 1 && lines.Sum(x => x.Written?.Length ?? MostLetters) <= MostLetters))
        {
            lines.RemoveRange(MostLines, lines.Count - MostLines);
            lines.Add(Made(PointCode.Too, [.. said.Where(x => !lines.Contains(x.Line)).Select(x => x.Label).Distinct()]));
        }

        return lines.Count > 0 ? lines : [Made(PointCode.Review, [.. lesson.GoesOver.Select(x => x.Label).Distinct()])];
    }

    // What the letters of each say; what several have in common is said once: could, would and should.
    private static PointLine Tricky(Lesson lesson, IReadOnlyList<TrickyTeaching> tricky)
    {
        if (lesson.Blocks.Any(x => x.Items.Any(i => i.Reasons.Any(r => r.Code == ReasonCode.LearntWhole))))
        {
            return Made(PointCode.TrickyWhole, [.. lesson.TrickyWords]);
        }

        var said = tricky.SelectMany(x => x.Odd.Select(part => (Part: part.Key, x.Word))).GroupBy(x => x.Part, x => x.Word)
            .GroupBy(x => string.Join(',', x), x => x.Key).OrderByDescending(x => x.Key.Count(c => c == ',')).Select(x => (Words: x.Key, Parts: string.Join(',', x))).ToList();
        if (said.Count is 0 or > MostOdd)
        {
            return Made(PointCode.Tricky, string.Join(',', lesson.TrickyWords));
        }

        var quick = string.Join(',', tricky.Where(x => x.Tricky.Count == 0).Select(x => x.Word));
        return Made(PointCode.Tricky, [.. said.Append((Words: quick, Parts: "")).Where(x => x.Words.Length > 0).SelectMany(x => new[] { x.Words, x.Parts })]);
    }

    private static PointLine Facts(Teachable x) => x.Correspondence is { } c
        ? Made(PointCode.Facts, c.Grapheme.Text, c.Sound.Key, c.Sound.Example)
        : Made(PointCode.Together, x.Label);

    private static PointLine Contrast(Lesson lesson, ReadingRules rules)
    {
        var parts = lesson.GoesOver.Select(x => x.Correspondence).OfType<Sounds.Correspondence>().ToList();
        var oneSound = parts.Count > 0 && parts.TrueForAll(x => rules.SameSound(x.Sound, parts[0].Sound));
        return Made(oneSound ? PointCode.Spellings : PointCode.Sounds, [.. parts.Select(x => x.Grapheme.Text).Distinct()]);
    }

    private static PointLine Made(PointCode code, params string[] arguments) => new(null, MadePoint.Of(code, arguments));
}
