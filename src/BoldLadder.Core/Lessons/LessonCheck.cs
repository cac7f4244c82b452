using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>What is wrong with an item since the ground moved.</summary>
public enum AmissKind
{
    /// <summary>It cannot be read any more.</summary>
    NotReadable,

    /// <summary>It was there because it was due, and it no longer is.</summary>
    NotDue,

    /// <summary>It was there for the part it has, and it no longer has it.</summary>
    OffPoint,
}

/// <param name="Words">Of one that cannot be read, the words that stand against it; else empty.</param>
public readonly record struct AmissItem(LessonItem Item, AmissKind Kind, IReadOnlyList<RefusedWord> Words);

/// <summary>Says which items are no longer legal, due or on the point when the ladder, the log or a split changed underneath.</summary>
public static class LessonCheck
{
    /// <summary>All that is amiss, each item once.</summary>
    /// <param name="before">The standing on the morning of the day.</param>
    /// <param name="day">The day of the lesson; null where what is due then is not known.</param>
    public static IReadOnlyList<AmissItem> Amiss(Lesson lesson, WordStock stock, Standing before, DateOnly? day)
    {
        var illegal = Illegal(lesson, before.Taught).Select(x => new AmissItem(x.Item, AmissKind.NotReadable, x.Words)).ToList();
        var due = day is { } on ? before.Clock.Due(on).Select(x => x.Item).ToHashSet() : null;
        var others = lesson.Blocks.SelectMany(block => block.Items.Where(x => illegal.TrueForAll(i => i.Item != x)).Select(item =>
            due is not null && block.Part == LessonPart.Revisit && WasDue(item) && !LessonLog.Revisited(item).Any(due.Contains) ? new AmissItem(item, AmissKind.NotDue, [])
            : LostItsPart(item, stock) ? new AmissItem(item, AmissKind.OffPoint, [])
            : (AmissItem?)null)).OfType<AmissItem>();
        return [.. illegal, .. others];
    }

    /// <param name="taught">What the group has been taught before the lesson.</param>
    public static IReadOnlyList<(LessonItem Item, IReadOnlyList<RefusedWord> Words)> Illegal(Lesson lesson, TaughtSet taught)
    {
        var judge = LessonBrief.JudgeOf(lesson, taught);
        var illegal = new List<(LessonItem, IReadOnlyList<RefusedWord>)>();
        foreach (var item in lesson.Items.Where(x => x.Kind == ItemKind.MadeUp))
        {
            var blockers = Words.Segmentation.TryParse(item.Text.ToLowerInvariant(), item.Split, out var reading, out _) ? judge.Blockers(reading, null) : [];
            if (blockers.Count > 0)
            {
                illegal.Add((item, [new RefusedWord(item.Text, new Verdict(VerdictKind.NotYet, blockers, -1))]));
            }
        }

        foreach (var item in lesson.Items.Where(x => x.Kind is ItemKind.Word or ItemKind.Sentence or ItemKind.Tricky or ItemKind.Story))
        {
            var words = SentenceBank.WordsOf(item.Text).Select(x => new RefusedWord(x, judge.Of(x))).Where(x => !x.Verdict.Legal)
                .Concat(item.Forced || item.Kind is not (ItemKind.Sentence or ItemKind.Story) ? [] : TypedText.PrintOf(item.Text, judge)).ToList();
            if (words.Count > 0)
            {
                illegal.Add((item, words));
            }
        }

        return illegal;
    }

    private static bool WasDue(LessonItem item) =>
        item.Reasons.All(x => x.Code != ReasonCode.ForBothGroups) && item.Reasons.Any(x => x.Code is ReasonCode.DueToday or ReasonCode.DueBefore or ReasonCode.WasShaky or ReasonCode.TaughtLast);

    // A word that was chosen for a spelling, and whose split was put right since.
    private static bool LostItsPart(LessonItem item, WordStock stock) => item.Kind == ItemKind.Word
        && item.Reasons.FirstOrDefault(x => x.Code is ReasonCode.HasPart or ReasonCode.SpeltWith) is { Arguments: [var part, ..] }
        && Grapheme.TryParse(part, out var grapheme, out _) && stock.Words.Find(item.Text) is { } found
        && !found.Readings.Any(x => x.Segments.Any(s => s.Correspondence.Grapheme == grapheme));
}
