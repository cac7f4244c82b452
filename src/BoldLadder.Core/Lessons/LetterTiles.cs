using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>The letter tiles that children need for what a lesson has them make.</summary>
public static class LetterTiles
{
    /// <summary>Each tile once, in the order of the alphabet.</summary>
    public static IReadOnlyList<string> For(Lesson lesson) =>
        [.. lesson.Blocks.Where(x => Piece.Of(x.Activity).Made).SelectMany(x => x.Items).SelectMany(Of).Distinct().Order(StringComparer.Ordinal)];

    // What is spelt with two letters or more together is on one tile, but the e of a_e stands on its own.
    private static IEnumerable<string> Of(LessonItem item) =>
        Segmentation.TryParse(item.Text.ToLowerInvariant(), item.Split, out var reading, out _)
            ? reading.Segments.SelectMany(x => x.Correspondence.Grapheme is var g && g.IsSplit ? [g.LeadingLetters, "e"] : new[] { g.Text })
            : item.Text.ToLowerInvariant().Where(char.IsAsciiLetter).Select(x => x.ToString());
}
