using System.Text.Json;
using System.Text.Json.Serialization;
using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Storage;

/// <summary>How documents are written: camel case, names of enums in words.</summary>
public static class DocumentJson
{
    public static JsonSerializerOptions Options { get; } = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
        AllowOutOfOrderMetadataProperties = true,
    };

    public static string Write<T>(T document) => JsonSerializer.Serialize(document, Options);

    /// <exception cref="InvalidDataException">The stored text is not such a document.</exception>
    public static T Read<T>(string text)
    {
        try
        {
            return JsonSerializer.Deserialize<T>(text, Options) ?? throw new InvalidDataException("an empty document was stored");
        }
        catch (JsonException problem)
        {
            throw new InvalidDataException($"a stored {typeof(T).Name} can't be read: {problem.Message}", problem);
        }
    }
}

/// <summary>The school's days.</summary>
public sealed record YearDocument(IReadOnlyList<Term> Terms, IReadOnlyList<Closure> Closures, WeeklyPattern Pattern)
{
    /// <exception cref="InvalidDataException">The dates do not make a year.</exception>
    public SchoolYear ToCore() => SchoolYear.TryCreate(Terms, Closures, Pattern, out var year, out var reason)
        ? year
        : throw new InvalidDataException(reason);
}

public sealed record RungDocument(
    string Id, RungKind Kind, IReadOnlyList<string> Correspondences, IReadOnlyList<string> TrickyWords,
    IReadOnlyList<string> Endings, IReadOnlyList<TaughtStructure> Structures, string Keyword, string SayIt, string WriteIt,
    string Notes, int Days, IReadOnlyList<string>? RimeUnits = null, IReadOnlyList<string>? Clusters = null)
{
    public static RungDocument Of(Rung rung) => new(
        rung.Id, rung.Kind, [.. rung.Correspondences.Select(x => x.Key)], rung.TrickyWords, rung.Endings, rung.Structures,
        rung.Keyword, rung.SayIt, rung.WriteIt, rung.Notes, rung.Days,
        [.. rung.RimeUnits.Select(x => x.Key)], [.. rung.Clusters.Select(x => x.Key)]);

    /// <summary>The rung, or the field and the sentence that says what is wrong with it.</summary>
    public Rung? ToCore(out LadderProblem problem)
    {
        var correspondences = new List<Correspondence>();
        foreach (var text in Correspondences)
        {
            if (!Correspondence.TryParse(text, out var correspondence, out var reason))
            {
                problem = new LadderProblem("correspondences", $"{text}: {reason}.");
                return null;
            }

            correspondences.Add(correspondence);
        }

        if (Runs(RimeUnits, "rimeUnits", out problem) is not { } rimeUnits || Runs(Clusters, "clusters", out problem) is not { } clusters)
        {
            return null;
        }

        var rung = new Rung
        {
            RimeUnits = rimeUnits, Clusters = clusters,
            Id = Id, Kind = Kind, Correspondences = correspondences, TrickyWords = TrickyWords, Endings = Endings,
            Structures = Structures, Keyword = Keyword, SayIt = SayIt, WriteIt = WriteIt, Notes = Notes, Days = Days,
        };
        problem = Ladder.Check(rung).FirstOrDefault();
        return problem.Field is null ? rung : null;
    }

    // Ladders stored before there were such runs have none.
    private static List<GraphemeRun>? Runs(IReadOnlyList<string>? texts, string field, out LadderProblem problem)
    {
        var runs = new List<GraphemeRun>();
        foreach (var text in texts ?? [])
        {
            if (!GraphemeRun.TryParse(text, out var run, out var reason))
            {
                problem = new LadderProblem(field, $"{text}: {reason}.");
                return null;
            }

            runs.Add(run);
        }

        problem = default;
        return runs;
    }
}

public sealed record SectionDocument(string Id, string Name, WordShape Shape, IReadOnlyList<RungDocument> Rungs);

public sealed record LadderDocument(string Name, IReadOnlyList<SectionDocument> Sections)
{
    public static LadderDocument Of(Ladder ladder) => new(
        ladder.Name,
        [.. ladder.Sections.Select(x => new SectionDocument(x.Id, x.Name, x.Shape, [.. x.Rungs.Select(RungDocument.Of)]))]);

    /// <exception cref="InvalidDataException">The document is not a whole ladder.</exception>
    public Ladder ToCore()
    {
        var sections = Sections.Select(s => new Section(s.Id, s.Name, s.Shape, [.. s.Rungs.Select(r =>
            r.ToCore(out var problem) ?? throw new InvalidDataException($"rung {r.Id}: {problem.Sentence}"))])).ToList();
        return Ladder.TryCreate(Name, sections, out var ladder, out var problems)
            ? ladder
            : throw new InvalidDataException($"{problems[0].Field}: {problems[0].Sentence}");
    }
}

/// <summary>A <see cref="LadderEdit"/> as it is asked for and stored; the moves by one and to a number are only asked for.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Move), "move")]
[JsonDerivedType(typeof(MoveBy), "moveBy")]
[JsonDerivedType(typeof(MoveTo), "moveTo")]
[JsonDerivedType(typeof(Add), "add")]
[JsonDerivedType(typeof(Remove), "remove")]
[JsonDerivedType(typeof(Replace), "replace")]
public abstract record LadderEditDocument
{
    public sealed record Move(string RungId, string SectionId, int At) : LadderEditDocument;

    /// <param name="By">1 for one place later, -1 for one earlier.</param>
    public sealed record MoveBy(string RungId, int By) : LadderEditDocument;

    /// <param name="Number">The number of the rung whose place it takes, from 1.</param>
    public sealed record MoveTo(string RungId, int Number) : LadderEditDocument;

    public sealed record Add(RungDocument Rung, string SectionId, int At) : LadderEditDocument;

    public sealed record Remove(string RungId) : LadderEditDocument;

    public sealed record Replace(RungDocument Rung) : LadderEditDocument;

    public static LadderEditDocument Of(LadderEdit edit) => edit switch
    {
        MoveRung x => new Move(x.RungId, x.SectionId, x.At),
        AddRung x => new Add(RungDocument.Of(x.Rung), x.SectionId, x.At),
        RemoveRung x => new Remove(x.RungId),
        ReplaceRung x => new Replace(RungDocument.Of(x.Rung)),
        _ => throw new InvalidDataException($"an edit of kind {edit.GetType().Name} is not stored"),
    };

    /// <summary>The edit as it is on a ladder; or null, with the problem.</summary>
    public LadderEdit? ToCore(Ladder ladder, out LadderProblem problem)
    {
        problem = default;
        switch (this)
        {
            case Move x:
                return new MoveRung(x.RungId, x.SectionId, x.At);
            case MoveBy x when x.By is not (1 or -1):
                problem = new LadderProblem("by", "A rung moves by 1 (later) or -1 (earlier).");
                return null;
            case MoveBy x:
                problem = new LadderProblem("rungId", "That rung can't move further that way.");
                return MoveRung.By(ladder, x.RungId, x.By);
            case MoveTo x:
                problem = new LadderProblem("number", $"The ladder has rungs 1 to {ladder.Rungs.Count}.");
                return MoveRung.To(ladder, x.RungId, x.Number);
            case Remove x:
                return new RemoveRung(x.RungId);
            case Add x:
                return x.Rung.ToCore(out problem) is { } added ? new AddRung(added, x.SectionId, x.At) : null;
            case Replace x:
                return x.Rung.ToCore(out problem) is { } changed ? new ReplaceRung(changed) : null;
            default:
                throw new InvalidDataException("an edit of an unknown kind was stored");
        }
    }
}

/// <summary>What teaching gave, as keys.</summary>
public sealed record TaughtDocument(
    IReadOnlyList<string> Correspondences, IReadOnlyList<string> Endings, IReadOnlyList<TaughtStructure> Structures,
    IReadOnlyList<string>? RimeUnits = null, IReadOnlyList<string>? Clusters = null)
{
    public static TaughtDocument Of(IReadOnlyList<Taught> things) => new(
        [.. things.Select(x => x.Correspondence).OfType<Correspondence>().Select(x => x.Key)],
        [.. things.Select(x => x.Ending).OfType<string>()], [.. things.Select(x => x.Structure).OfType<TaughtStructure>()],
        [.. things.Select(x => x.RimeUnit).OfType<GraphemeRun>().Select(x => x.Key)], [.. things.Select(x => x.Cluster).OfType<GraphemeRun>().Select(x => x.Key)]);

    public IReadOnlyList<Taught> ToCore() =>
    [
        .. Correspondences.Select(x => new Taught(Correspondence: Correspondence.Parse(x))),
        .. Endings.Select(x => new Taught(Ending: x)), .. Structures.Select(x => new Taught(Structure: x)),
        .. (RimeUnits ?? []).Select(x => new Taught(RimeUnit: GraphemeRun.Parse(x))), .. (Clusters ?? []).Select(x => new Taught(Cluster: GraphemeRun.Parse(x))),
    ];
}

public sealed record LessonDocument(
    LessonKind Kind, int Minutes, string RungId, string Title, TaughtDocument Things, IReadOnlyList<string> TrickyWords,
    ulong Seed, Teaching Teaching, IReadOnlyList<LessonBlock> Blocks, IReadOnlyList<string> Carried)
{
    public static LessonDocument Of(Lesson x) => new(
        x.Kind, x.Minutes, x.RungId, x.Title, TaughtDocument.Of(x.Things), x.TrickyWords, x.Seed, x.Teaching, x.Blocks, x.Carried);

    public Lesson ToCore() =>
        new(Kind, Minutes, RungId, Title, Things.ToCore(), TrickyWords, Seed, Teaching, Blocks, Carried);
}

/// <summary>A <see cref="LessonEdit"/> as it is stored.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Replace), "replace")]
[JsonDerivedType(typeof(Remove), "remove")]
[JsonDerivedType(typeof(Insert), "insert")]
[JsonDerivedType(typeof(Whole), "whole")]
public abstract record LessonEditDocument
{
    public sealed record Replace(LessonItem Item) : LessonEditDocument;

    public sealed record Remove(string ItemId) : LessonEditDocument;

    public sealed record Insert(int Block, int At, LessonItem Item) : LessonEditDocument;

    public sealed record Whole(LessonDocument Lesson, string Name) : LessonEditDocument;

    public static LessonEditDocument Of(LessonEdit edit) => edit switch
    {
        ReplaceItem x => new Replace(x.Item),
        RemoveItem x => new Remove(x.ItemId),
        InsertItem x => new Insert(x.Block, x.At, x.Item),
        ReplaceLesson x => new Whole(LessonDocument.Of(x.Lesson), x.Name),
        _ => throw new InvalidDataException($"an edit of kind {edit.GetType().Name} is not stored"),
    };

    public LessonEdit ToCore() => this switch
    {
        Replace x => new ReplaceItem(x.Item),
        Remove x => new RemoveItem(x.ItemId),
        Insert x => new InsertItem(x.Block, x.At, x.Item),
        Whole x => new ReplaceLesson(x.Lesson.ToCore(), x.Name),
        _ => throw new InvalidDataException("an edit of an unknown kind was stored"),
    };
}

/// <summary>The values of a log entry.</summary>
public sealed record LogDocument(
    string RungId, TaughtDocument Things, IReadOnlyList<string> TrickyWords,
    IReadOnlyList<string> Seen, IReadOnlyList<string> Shaky, IReadOnlyList<string> Read)
{
    public static LogDocument Of(LogEntry x) => new(
        x.RungId, TaughtDocument.Of(x.Things), x.TrickyWords,
        [.. x.Seen.Select(i => i.ToString())], [.. x.Shaky.Select(i => i.ToString())], x.Read);

    public static LogEntry ToCore(LogRow row)
    {
        var x = DocumentJson.Read<LogDocument>(row.Document);
        return new LogEntry(
            row.Position, row.LessonId.ToString(), row.Day, Enum.Parse<LogOutcome>(row.Outcome, true), x.RungId,
            x.Things.ToCore(), x.TrickyWords, Items(x.Seen), Items(x.Shaky), x.Read);
    }

    private static IReadOnlyList<RevisitItem> Items(IReadOnlyList<string> keys) =>
        [.. keys.Select(x => RevisitItem.TryParse(x, out var item) ? item : throw new InvalidDataException($"'{x}' is not a thing to revisit"))];
}
