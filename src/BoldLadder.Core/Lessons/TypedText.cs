using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>A word that a person typed and the group cannot read.</summary>
public readonly record struct RefusedWord(string Word, Verdict Verdict);

/// <summary>
/// What a person types over an item is judged like everything else: it goes in when all of it can
/// be read, or when the adult says it counts as tricky for this lesson.
/// </summary>
public static class TypedText
{
    /// <summary>Why an item is not typed over at all, as a sentence; null when it can be.</summary>
    public static string? WhyNot(Lesson lesson, LessonItem item) =>
        item.Kind is ItemKind.Card or ItemKind.Sound ? "A card or a sound can be swapped or dropped, not typed over."

        // A made-up word is proved, and a chain holds together, only as they were made.
        : item.Kind == ItemKind.MadeUp || item.IsStory || lesson.Blocks.Any(x => (Piece.Of(x.Activity).Unit != Unit.Item || Piece.Of(x.Activity).Form is Form.Sort or Form.Gaps) && x.Items.Contains(item))
            ? "A made-up word, a story, or a word of a chain, a pair or a sort can be dropped but not typed over."
            : FormOf(lesson, item) == Form.PicturesAlone ? "A picture can be swapped or dropped, not typed over."
            : null;

    /// <summary>Why this text is not typed over the item, as a sentence; null when it can be.</summary>
    public static string? WhyNot(Lesson lesson, LessonItem item, string text, WordStock stock) =>
        FormOf(lesson, item) == Form.Pictures && stock.Pictures.Find(text) is null ? $"There is no picture of {text} here. Choose one of the others, or type a word that has one." : null;

    private static Form? FormOf(Lesson lesson, LessonItem item) =>
        lesson.Blocks.FirstOrDefault(x => x.Items.Contains(item)) is { } block ? Piece.Of(block.Activity).Form : null;

    /// <summary>The words, capitals and marks that stand against it; none when it can go in.</summary>
    /// <param name="asTricky">The adult takes words that can't be read yet as tricky; unsuitable ones stay out.</param>
    public static IReadOnlyList<RefusedWord> Refused(string text, Judge judge, bool asTricky) =>
        [.. SentenceBank.WordsOf(text).Distinct().Select(x => new RefusedWord(x, judge.Of(x)))
            .Where(x => !x.Verdict.Legal && (!asTricky || x.Verdict.Kind == VerdictKind.Unsuitable)), .. asTricky ? [] : PrintOf(text, judge)];

    /// <summary>The capitals and marks of a sentence that wait for their rungs; none for a word alone.</summary>
    internal static IEnumerable<RefusedWord> PrintOf(string text, Judge judge) => !text.Contains(' ', StringComparison.Ordinal) ? []
        : judge.MissingPrint(text).Select(x => new RefusedWord(x.Shown, new Verdict(VerdictKind.NotYet, [x], -1)));

    /// <summary>The item with the typed text in it. Ask <see cref="Refused"/> first.</summary>
    public static LessonItem Over(LessonItem item, string text, WordStock stock, Judge judge)
    {
        var forced = SentenceBank.WordsOf(text).Any(x => !judge.Of(x).Legal) || PrintOf(text, judge).Any();
        var found = item.Kind == ItemKind.Sentence ? null : stock.Words.Find(text);
        return item with
        {
            Text = text,
            Split = found is { Readings: [var reading, ..] } ? reading.ToString() : "",
            Forced = forced,
            Reasons = [Reason.Of(forced ? ReasonCode.TypedInAsTricky : ReasonCode.TypedIn)],
            Spoken = found is null ? "" : stock.Spoken.Find(found.Word.Key) ?? "",
        };
    }
}
