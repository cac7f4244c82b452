using BoldLadder.Core.Conventions;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Phrasing;

/// <summary>Which pieces a kind of lesson has, or one lesson.</summary>
/// <param name="When">On which days the kind is taken.</param>
/// <param name="IsOwn">Not what it would have otherwise.</param>
/// <param name="Others">Pieces that it could have and has not.</param>
public sealed record LessonShapeView(ShapeKind Kind, string Name, string When, bool IsOwn, IReadOnlyList<ShapePieceView> Pieces, IReadOnlyList<ShapePieceView> Others)
{
    public static LessonShapeView Of(PieceWords words, LessonShape shape, bool isOwn) => new(
        shape.Kind, words.Name(shape.Kind), words.When(shape.Kind), isOwn, [.. shape.Pieces.Select(x => Of(words, shape.Kind, x))],
        [.. LessonShape.Choices(shape.Kind).Where(x => !shape.Has(x.Part, x.Slot)).Select(x => Of(words, shape.Kind, x))]);

    /// <summary>What is wrong with pieces that somebody sent; null when nothing is.</summary>
    public static string? Problem(ShapeKind kind, IReadOnlyList<ShapePieceDocument>? pieces) =>
        pieces is null || pieces.Any(x => x is null) ? "Say the pieces, each with its part and its name." : new ShapeDocument(kind, pieces).ToCore().Problem;

    private static ShapePieceView Of(PieceWords words, ShapeKind kind, ShapePiece x) =>
        new(x.Part, x.Slot, words.Name(x.Slot), words.How(x.Slot), x.Minutes, !LessonShape.IsFixed(kind, x.Slot), LessonShape.IsTimed(x.Slot));
}

/// <param name="Minutes">Asked for on every day of the kind; null for as long as fits.</param>
/// <param name="CanGo">The lesson can be without it.</param>
/// <param name="CanTime">Minutes can be asked for.</param>
public sealed record ShapePieceView(LessonPart Part, Slot Slot, string Name, string How, int? Minutes, bool CanGo, bool CanTime);
