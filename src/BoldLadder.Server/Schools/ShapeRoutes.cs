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

/// <summary>The shapes of the lessons of a school, or of a group.</summary>
/// <param name="Revision">Of the settings: a change says which it was made on.</param>
public sealed record LessonShapesView(int Revision, IReadOnlyList<LessonShapeView> Kinds);

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
        school.MapGet("/shapes", All).WithSummary("The shape of each kind of lesson, of the school or of a group.").ProducesProblem(404);
        school.MapPut("/shapes", Put).WithSummary("Make a shape the school's own or a group's, or go back to what stands below it.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        Turns.Take(school.MapPost("/shapes/try", Try).WithSummary("The next lesson of a kind of a group, or of the school's first, as a shape would make it.").ProducesProblem(400).ProducesProblem(503), large: true);
    }

    private static async Task<Results<Ok<LessonShapesView>, ProblemHttpResult>> All(Guid? groupId, BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        await Ways(groupId, db, scope, cancel) is { } ways ? TypedResults.Ok(View(ways)) : Gone();

    private static async Task<Results<Ok<LessonShapesView>, ProblemHttpResult>> Put(
        ShapeRequest request, Guid? groupId, BoldLadderDb db, SchoolScope scope, CancellationToken cancel)
    {
        if (await Ways(groupId, db, scope, cancel) is not { } ways)
        {
            return Gone();
        }

        var kind = request.Kind;
        if (request.Pieces is not null && LessonShapeView.Problem(kind, request.Pieces) is { } wrong)
        {
            return Problems.Bad("pieces", wrong);
        }

        if (ways.Revision != request.Revision)
        {
            return Problems.Stale(View(ways));
        }

        var before = ways.Own;
        var others = (before.Shapes ?? []).Where(x => x.Kind != kind);
        IReadOnlyList<ShapeDocument> shapes = request.Pieces is null || new ShapeDocument(kind, request.Pieces).ToCore().ToString() == ways.Below.ShapeOf(kind).ToString() ? [.. others] : [.. others, new ShapeDocument(kind, request.Pieces)];
        ways.Write(before with { Shapes = shapes.Count == 0 ? null : shapes });
        return await Conflicts.Save(db, cancel) ? TypedResults.Ok(View(ways)) : Problems.Stale(View((await Ways(groupId, db, scope, cancel))!));
    }

    private static async Task<Results<Ok<TriedShapeView>, ProblemHttpResult>> Try(
        TryShapeRequest request, Guid? groupId, BoldLadderDb db, Classrooms rooms, CancellationToken cancel)
    {
        if (LessonShapeView.Problem(request.Kind, request.Pieces) is { } wrong)
        {
            return Problems.Bad("pieces", wrong);
        }

        if ((groupId ?? await db.Groups.AsNoTracking().Where(x => !x.Archived).OrderBy(x => x.Position).Select(x => (Guid?)x.Id).FirstOrDefaultAsync(cancel)) is not { } id || await rooms.Find(id, cancel) is not { } room)
        {
            return TypedResults.Ok(new TriedShapeView(null, "A shape is tried on a lesson of a group. Add one under Groups."));
        }

        var ways = room.Conventions with { Shapes = [.. room.Conventions.Shapes.Where(x => x.Kind != request.Kind), new ShapeDocument(request.Kind, request.Pieces).ToCore()] };
        if (ShapeTrial.Of(request.Kind, room.Logged, room.Forecast.Days, room.Stock, ways, x => LessonInputs.SeedOf(room.Group.Id, x)) is not { } tried)
        {
            return TypedResults.Ok(new TriedShapeView(null, $"The ladder of {room.Group.Name} has no lesson of this kind."));
        }

        var words = new PieceWords(ways);
        return TypedResults.Ok(new TriedShapeView(new TriedLessonView(
            room.Group.Name, tried.Brief.Day, tried.IsAhead, tried.Lesson.Title, tried.Lesson.Minutes, tried.Lesson.Seconds,
            [.. tried.Lesson.Blocks.Where(x => x.Activity != Activity.Spare).Select(x => new TriedBlockView(
                x.Part, words.Name(x.Activity), x.Seconds, [.. x.Items.Select(i => i.IsStory ? i.Heading : i.Text)]))]), ""));
    }

    private static ProblemHttpResult Gone() => Problems.Missing("groupId", "This school has no such group. Choose one from the list.");

    private static async Task<ShapeWays?> Ways(Guid? groupId, BoldLadderDb db, SchoolScope scope, CancellationToken cancel)
    {
        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        return groupId is null ? new ShapeWays(school, null) : await db.Groups.SingleOrDefaultAsync(x => x.Id == groupId, cancel) is { } group ? new ShapeWays(school, group) : null;
    }

    private static LessonShapesView View(ShapeWays ways)
    {
        var (whole, own, words) = (ways.Whole, ways.Own.ToCore().Shapes ?? [], new PieceWords(ways.Whole));
        return new LessonShapesView(ways.Revision, [.. Enum.GetValues<ShapeKind>().Select(kind => LessonShapeView.Of(words, whole.ShapeOf(kind), own.Any(x => x.Kind == kind)))]);
    }

    /// <summary>Whose shapes are seen or changed: the school's, or those of a group over them.</summary>
    private sealed record ShapeWays(SchoolRow School, GroupRow? Group)
    {
        public int Revision => Group?.Revision ?? School.Revision;

        public ConventionsDocument Own => ConventionsDocument.Read(Group is null ? School.Conventions : Group.Conventions);

        /// <summary>What stands without its own.</summary>
        public ClassConventions Below => ClassConventions.Of(Group is null ? OwnConventions.None : ConventionsDocument.Read(School.Conventions).ToCore(), OwnConventions.None);

        public ClassConventions Whole => ClassConventions.Of(ConventionsDocument.Read(School.Conventions).ToCore(), ConventionsDocument.Read(Group?.Conventions).ToCore());

        public void Write(ConventionsDocument own)
        {
            if (Group is null)
            {
                (School.Conventions, School.Revision) = (StoredJson.Write(own), School.Revision + 1);
            }
            else
            {
                (Group.Conventions, Group.Revision) = (StoredJson.Write(own), Group.Revision + 1);
            }
        }
    }
}
