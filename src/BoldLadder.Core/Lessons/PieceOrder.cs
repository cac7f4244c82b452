using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>Puts a piece elsewhere in its part, with all that stands in it. Planned again, the lesson keeps that order.</summary>
public static class PieceOrder
{
    /// <summary>True for a piece that has a place of its own in a lesson's shape: spare words come last, whatever else moves.</summary>
    public static bool CanMove(LessonBlock block) => Piece.Of(block.Activity).Slot is not null;

    /// <summary>The lesson with the piece moved; null where there is no such place, or it stands there.</summary>
    /// <param name="shape">What the lesson is composed by.</param>
    /// <param name="itemId">Any item of the piece.</param>
    /// <param name="to">Its place among the pieces of its part that can be moved, from 0.</param>
    public static Lesson? Move(Lesson lesson, LessonShape shape, string itemId, int to)
    {
        if (lesson.Blocks.FirstOrDefault(x => x.Items.Any(i => i.Id == itemId)) is not { } moved || !CanMove(moved))
        {
            return null;
        }

        var inPart = lesson.Blocks.Where(x => x.Part == moved.Part && CanMove(x)).ToList();
        var from = inPart.IndexOf(moved);
        if (to < 0 || to >= inPart.Count || to == from)
        {
            return null;
        }

        inPart.RemoveAt(from);
        inPart.Insert(to, moved);
        var next = new Queue<LessonBlock>(inPart);
        return lesson with
        {
            Blocks = [.. lesson.Blocks.Select(x => x.Part == moved.Part && CanMove(x) ? next.Dequeue() : x)],
            Own = Following(shape, moved.Part, inPart),
        };
    }

    // The places that these pieces have among those of the shape, taken in their new order; others stay where they are.
    private static LessonShape Following(LessonShape shape, LessonPart part, List<LessonBlock> order)
    {
        var slots = order.Select(x => Piece.Of(x.Activity).Slot).OfType<Slot>().Distinct().ToList();
        bool IsOne(ShapePiece x) => x.Part == part && slots.Contains(x.Slot);
        var pieces = shape.Pieces.Where(IsOne).ToDictionary(x => x.Slot);
        var next = new Queue<ShapePiece>(slots.Where(pieces.ContainsKey).Select(x => pieces[x]));
        return shape with { Pieces = [.. shape.Pieces.Select(x => IsOne(x) ? next.Dequeue() : x)] };
    }
}
