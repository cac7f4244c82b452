using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Year;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Schools;

/// <param name="Revision">The revision of the settings that the change was made on.</param>
/// <param name="Pieces">In order; null goes back to what ships.</param>
public sealed record ShapeRequest(int Revision, ShapeKind Kind, IReadOnlyList<ShapePieceDocument>? Pieces = null);

/// <param name="Pieces">The shape to try.</param>
public sealed record TryShapeRequest(ShapeKind Kind, IReadOnlyList<ShapePieceDocument> Pieces);

/// <summary>The shapes of a school's lessons.</summary>
/// <param name="Revision">Of the settings: a change says which it was made on.</param>
public sealed record LessonShapesView(int Revision, IReadOnlyList<LessonShapeView> Kinds);

/// <param name="When">On which days it is taken.</param>
/// <param name="IsOwn">The school's own, and not what ships.</param>
/// <param name="Others">Pieces that it could have and has not.</param>
public sealed record LessonShapeView(ShapeKind Kind, string Name, string When, bool IsOwn, IReadOnlyList<ShapePieceView> Pieces, IReadOnlyList<ShapePieceView> Others);

/// <param name="Minutes">Asked for on every day of the kind; null for as long as fits.</param>
/// <param name="CanGo">The lesson can be without it.</param>
/// <param name="CanTime">Minutes can be asked for.</param>
public sealed record ShapePieceView(LessonPart Part, Slot Slot, string Name, string How, int? Minutes, bool CanGo, bool CanTime);

/// <param name="Lesson">Null where there is none to try it on.</param>
/// <param name="WhyNot">Why there is none, and what to do; else empty.</param>
public sealed record TriedShapeView(TriedLessonView? Lesson, string WhyNot);

/// <summary>The next lesson of a kind, as a shape would make it.</summary>
/// <param name="Group">Whose it is.</param>
/// <param name="IsAhead">Such a day lies ahead; else it is as if the group stood there.</param>
/// <param name="Minutes">The length it has to fit.</param>
public sealed record TriedLessonView(string Group, DateOnly Day, bool IsAhead, string Title, int Minutes, int Seconds, IReadOnlyList<TriedBlockView> Blocks);

/// <param name="Items">What is in it, as it is shown or said.</param>
public sealed record TriedBlockView(LessonPart Part, string Name, int Seconds, IReadOnlyList<string> Items);

/// <summary>Which pieces each kind of lesson has, in what order and for how long: seen, tried and changed.</summary>
public static class ShapeRoutes
{
    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/shapes", All).WithSummary("The shape of each kind of lesson.");
        school.MapPut("/shapes", Put).WithSummary("Make a shape the school's own, or go back to what ships.").ProducesProblem(400).ProducesProblem(409);
        Turns.Take(school.MapPost("/shapes/try", Try).WithSummary("The next lesson of a kind of the school's first group, as a shape would make it.").ProducesProblem(400).ProducesProblem(503), large: true);
    }

    private static async Task<Ok<LessonShapesView>> All(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) => TypedResults.Ok(View(await School(db, scope, cancel)));

    private static async Task<Results<Ok<LessonShapesView>, ProblemHttpResult>> Put(
        ShapeRequest request, BoldLadderDb db, SchoolScope scope, CancellationToken cancel)
    {
        var school = await School(db, scope, cancel);
        var kind = request.Kind;
        var wrong = request.Pieces is null ? null : Refused(kind, request.Pieces);
        if (wrong is not null)
        {
            return Problems.Bad("pieces", wrong);
        }

        if (school.Revision != request.Revision)
        {
            return Problems.Stale(View(school));
        }

        var before = ConventionsDocument.Read(school.Conventions);
        var others = (before.Shapes ?? []).Where(x => x.Kind != kind);
        IReadOnlyList<ShapeDocument> shapes = request.Pieces is null || Core(kind, request.Pieces).ToString() == LessonShape.Usual(kind).ToString() ? [.. others] : [.. others, new ShapeDocument(kind, request.Pieces)];
        (school.Conventions, school.Revision) = (StoredJson.Write(before with { Shapes = shapes.Count == 0 ? null : shapes }), school.Revision + 1);
        return await Conflicts.Save(db, cancel) ? TypedResults.Ok(View(school)) : Problems.Stale(View(await School(db, scope, cancel)));
    }

    private static async Task<Results<Ok<TriedShapeView>, ProblemHttpResult>> Try(
        TryShapeRequest request, BoldLadderDb db, Classrooms rooms, CancellationToken cancel)
    {
        if (Refused(request.Kind, request.Pieces) is { } wrong)
        {
            return Problems.Bad("pieces", wrong);
        }

        var first = await db.Groups.AsNoTracking().Where(x => !x.Archived).OrderBy(x => x.Position).Select(x => (Guid?)x.Id).FirstOrDefaultAsync(cancel);
        if (first is not { } id || await rooms.Find(id, cancel) is not { } room)
        {
            return TypedResults.Ok(new TriedShapeView(null, "A shape is tried on a lesson of a group. Add one under Groups."));
        }

        var ways = room.Conventions with { Shapes = [.. room.Conventions.Shapes.Where(x => x.Kind != request.Kind), Core(request.Kind, request.Pieces)] };
        if (ShapeTrial.Of(request.Kind, room.Logged, room.Forecast.Days, room.Stock, ways, x => LessonInputs.SeedOf(room.Group.Id, x)) is not { } tried)
        {
            return TypedResults.Ok(new TriedShapeView(null, $"The ladder of {room.Group.Name} has no lesson of this kind."));
        }

        var words = new PieceWords(ways);
        return TypedResults.Ok(new TriedShapeView(new TriedLessonView(
            room.Group.Name, tried.Brief.Day, tried.IsAhead, tried.Lesson.Title, tried.Lesson.Minutes, tried.Lesson.Seconds,
            [.. tried.Lesson.Blocks.Where(x => x.Activity != Activity.Spare).Select(x => new TriedBlockView(
                x.Part, words.Name(x.Activity), x.Seconds, [.. x.Items.Select(i => i.Kind == ItemKind.Story ? i.Heading : i.Text)]))]), ""));
    }

    private static string? Refused(ShapeKind kind, IReadOnlyList<ShapePieceDocument>? pieces) =>
        pieces is null || pieces.Any(x => x is null) ? "Say the pieces, each with its part and its name." : Core(kind, pieces).Problem;

    private static LessonShape Core(ShapeKind kind, IReadOnlyList<ShapePieceDocument> pieces) => new ShapeDocument(kind, pieces).ToCore();

    private static Task<SchoolRow> School(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) => db.Schools.SingleAsync(x => x.Id == scope.School, cancel);

    private static LessonShapesView View(SchoolRow school)
    {
        var own = ConventionsDocument.Read(school.Conventions);
        var ways = ClassConventions.Of(own.ToCore(), OwnConventions.None);
        var words = new PieceWords(ways);
        return new LessonShapesView(school.Revision, [.. Enum.GetValues<ShapeKind>().Select(kind =>
        {
            var pieces = ways.ShapeOf(kind).Pieces;
            return new LessonShapeView(
                kind, words.Name(kind), words.When(kind), ways.Shapes.Any(x => x.Kind == kind), [.. pieces.Select(x => Of(kind, x))],
                [.. LessonShape.Choices(kind).Where(x => !pieces.Any(p => p.Part == x.Part && p.Slot == x.Slot)).Select(x => Of(kind, x))]);
        })]);

        ShapePieceView Of(ShapeKind kind, ShapePiece x) =>
            new(x.Part, x.Slot, words.Name(x.Slot), words.How(x.Slot), x.Minutes, !LessonShape.IsFixed(kind, x.Slot), LessonShape.IsTimed(x.Slot));
    }
}
