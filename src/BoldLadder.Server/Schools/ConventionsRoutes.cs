using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using BoldLadder.Server.Words;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Schools;

/// <param name="Revision">The revision of the settings that the change was made on.</param>
public sealed record ConventionsRequest(int Revision, ConventionsDocument Conventions);

/// <param name="Own">What is done otherwise here than what stands below.</param>
/// <param name="Whole">Every choice, with what stands below.</param>
/// <param name="Merges">Sounds that some speakers of the accent hear as one, and whether these do.</param>
public sealed record ConventionsView(int Revision, ConventionsDocument Own, ConventionsDocument Whole, string Accent, IReadOnlyList<MergeView> Merges);

/// <param name="Key">Such as <c>o=aw</c>.</param>
/// <param name="Example">Two words that show it.</param>
/// <param name="Usual">Whether most speakers of the accent hear them as one.</param>
public sealed record MergeView(string Key, string Example, bool Usual, bool On);

/// <summary>What a change of ways would do to what a group can read today.</summary>
/// <param name="Group">The group that it is worked out for; null when the school has none.</param>
/// <param name="Gained">How many everyday words it could read then and not now.</param>
/// <param name="GainedWords">Some of them, such as a class knows best.</param>
/// <param name="Marked">Words of the ladder, marked as they would be then.</param>
public sealed record WaysEffectView(
    string? Group, int Gained, IReadOnlyList<string> GainedWords, int Lost, IReadOnlyList<string> LostWords, IReadOnlyList<MarkedWordView> Marked);

public sealed record MarkedWordView(string Text, IReadOnlyList<PieceView> Pieces);

/// <summary>How a school does it, and a group where it differs: seen and changed.</summary>
public static class ConventionsRoutes
{
    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/conventions", OfSchool).WithSummary("How the school does it: its own choices, and all of them.");
        school.MapPut("/conventions", PutSchool).WithSummary("Change how the school does it.").ProducesProblem(400).ProducesProblem(409);
        Turns.Take(school.MapPost("/conventions/effect", Effect).WithSummary("What other ways would change in what the first group can read today, before they are saved.").ProducesProblem(400).ProducesProblem(503), large: true);
        school.MapGet("/groups/{groupId:guid}/conventions", OfGroup).WithSummary("How a group does it, where it differs from its school.").ProducesProblem(404);
        school.MapPut("/groups/{groupId:guid}/conventions", PutGroup).WithSummary("Change how a group does it.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    private static async Task<Ok<ConventionsView>> OfSchool(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        TypedResults.Ok(View(await School(db, scope, cancel), null));

    private static async Task<Results<Ok<ConventionsView>, ProblemHttpResult>> PutSchool(
        ConventionsRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, Today today, CancellationToken cancel)
    {
        var school = await School(db, scope, cancel);
        if (Refused(request, shipped) is { } problem)
        {
            return problem;
        }

        if (school.Revision != request.Revision)
        {
            return Problems.Stale(View(school, null));
        }

        (school.Conventions, school.Revision) = (StoredJson.Write(request.Conventions.InPlaceOf(ConventionsDocument.Read(school.Conventions), today.Date)), school.Revision + 1);
        return await Conflicts.Save(db, cancel) ? TypedResults.Ok(View(school, null)) : Problems.Stale(View(await School(db, scope, cancel), null));
    }

    private static async Task<Results<Ok<ConventionsView>, ProblemHttpResult>> OfGroup(Guid groupId, BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        await db.Groups.SingleOrDefaultAsync(x => x.Id == groupId, cancel) is { } group ? TypedResults.Ok(View(await School(db, scope, cancel), group)) : Gone();

    private static async Task<Results<Ok<WaysEffectView>, ProblemHttpResult>> Effect(
        ConventionsRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, Classrooms rooms, StockCache stocks, CancellationToken cancel)
    {
        if (Refused(request, shipped) is { } problem)
        {
            return problem;
        }

        var first = await db.Groups.AsNoTracking().Where(x => !x.Archived).OrderBy(x => x.Position).Select(x => (Guid?)x.Id).FirstOrDefaultAsync(cancel);
        if (first is not { } id || await rooms.Find(id, cancel) is not { } room)
        {
            var school = await rooms.School(scope.School, null, cancel);
            var ways = ClassConventions.Of(request.Conventions.ToCore(), OwnConventions.None);
            var plain = stocks.Plain(school.Accent, ways.WeakVowels).Rules;
            return TypedResults.Ok(new WaysEffectView(null, 0, [], 0, [], Marked(plain, ways.Marks, _ => true, null)));
        }

        var (now, then) = (Readable(room.Conventions), Readable(ClassConventions.Of(request.Conventions.ToCore(), ConventionsDocument.Read(room.Group.Conventions).ToCore())));
        var (gained, lost) = (then.Except(now).ToList(), now.Except(then).ToList());
        var (rules, marks) = (room.Rules, ClassConventions.Of(request.Conventions.ToCore(), OwnConventions.None).Marks);
        return TypedResults.Ok(new WaysEffectView(
            room.Group.Name, gained.Count, [.. gained.Take(ShownWords)], lost.Count, [.. lost.Take(ShownWords)],
            Marked(rules, marks, x => room.Unlocking.PlaceOf(x) != Unlocking.Never, room.Ladder)));

        IReadOnlyList<string> Readable(ClassConventions ways) =>
            EverydayReadable.With(Standing.Of(room.Ladder, room.Log, room.Year, rooms.Stock(room.School, ways, room.Ladder).Rules).Taught);
    }

    private const int ShownWords = 6;

    private static IReadOnlyList<MarkedWordView> Marked(ReadingRules rules, MarkingCode code, Func<int, bool> readable, Ladder? ladder)
    {
        var all = new Judge(TaughtSet.Everything(rules));
        var views = MarkingExamples.Of(rules.Rows, code, readable).Select(x => View(x, all));
        return [.. MarkingExamples.Tricky(rules, ladder) is var (word, judge) ? views.Append(View(word, judge)) : views];

        MarkedWordView View(LexiconWord word, Judge judge) => new(word.Spelling, PieceView.Of(rules.Rows.Words.Of(word).Readings[0], word.Ended, judge, [], code));
    }

    private static async Task<Results<Ok<ConventionsView>, ProblemHttpResult>> PutGroup(
        Guid groupId, ConventionsRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, Today today, CancellationToken cancel)
    {
        if (await db.Groups.SingleOrDefaultAsync(x => x.Id == groupId, cancel) is not { } group)
        {
            return Gone();
        }

        if (Refused(request, shipped) is { } problem)
        {
            return problem;
        }

        var school = await School(db, scope, cancel);
        if (group.Revision != request.Revision)
        {
            return Problems.Stale(View(school, group));
        }

        (group.Conventions, group.Revision) = (StoredJson.Write(request.Conventions.InPlaceOf(ConventionsDocument.Read(group.Conventions), today.Date)), group.Revision + 1);
        return await Conflicts.Save(db, cancel) ? TypedResults.Ok(View(school, group))
            : Problems.Stale(View(school, await db.Groups.SingleAsync(x => x.Id == groupId, cancel)));
    }

    private static ProblemHttpResult Gone() => Problems.Missing("groupId", "This school has no such group. Choose one from the list.");

    private static ProblemHttpResult? Refused(ConventionsRequest request, ShippedData shipped)
    {
        if (request.Conventions is null)
        {
            return Problems.Bad("conventions", "Say what is done otherwise; an empty list goes back to what ships.");
        }

        if (request.Conventions.Shapes is { } shapes && shapes.Any(x => x?.Pieces is null || x.Pieces.Any(p => p is null)))
        {
            return Problems.Bad("shapes", "Say the kind of each shape, and its pieces.");
        }

        if (request.Conventions.ToCore().Problem is var (field, sentence))
        {
            return Problems.Bad(field, sentence);
        }

        foreach (var (name, term) in request.Conventions.Terms is { } terms ? [("terms.trickyWord", terms.TrickyWord), ("terms.madeUpWord", terms.MadeUpWord), ("terms.soundOut", terms.SoundOut)] : Array.Empty<(string, string)>())
        {
            if (shipped.Gate.Of(term) is var through && (through.Wrong ?? (through.Plain != term ? "Write it in the letters a to z." : null)) is { } wrong)
            {
                return Problems.Bad(name, wrong);
            }
        }

        return null;
    }

    private static Task<SchoolRow> School(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) => db.Schools.SingleAsync(x => x.Id == scope.School, cancel);

    private static ConventionsView View(SchoolRow school, GroupRow? group)
    {
        var (ofSchool, ofGroup) = (ConventionsDocument.Read(school.Conventions), ConventionsDocument.Read(group?.Conventions));
        var whole = ClassConventions.Of(ofSchool.ToCore(), ofGroup.ToCore());
        var (accent, switched) = (whole.Accent ?? Accent.Find(school.Accent)!, whole.SwitchedMerges);
        return new ConventionsView(
            group?.Revision ?? school.Revision, group is null ? ofSchool : ofGroup, ConventionsDocument.Of(whole) with { Week = whole.Week ?? StoredJson.Read<YearDocument>(school.Year).Pattern }, accent.Id,
            [.. accent.Merges.Select(x => new MergeView(x.Key, x.Example, x.Default, x.Default != switched.Contains(x.Key)))]);
    }
}
