using System.Text.Json.Nodes;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Server.Storage;

/// <summary>One thing to teach: a kind and its key, such as <c>correspondence</c> and <c>ea:ee</c>.</summary>
public sealed record TeachableDocument(TeachableKind Kind, string Key)
{
    public static IReadOnlyList<TeachableDocument> Of(IEnumerable<Teachable> things) => [.. things.Select(x => new TeachableDocument(x.Kind, x.Key))];

    /// <exception cref="InvalidDataException">One of them can't be taught.</exception>
    public static IReadOnlyList<Teachable> ToCore(IReadOnlyList<TeachableDocument> things) =>
        [.. things.Select(x => Teachable.TryRead(x.Kind, x.Key, out var thing, out _) ? thing : throw new InvalidDataException($"a thing of kind {x.Kind} that can't be taught was stored"))];
}

/// <summary>A rung as it is kept, asked for and shown.</summary>
/// <param name="Adds">What it adds to what is taught, tricky words aside.</param>
/// <param name="Point">What its day is about, in the school's own sentence; empty for ours.</param>
/// <param name="ListeningWords">The school's own words to listen to; none for ours.</param>
public sealed record RungDocument(
    string Id, RungKind Kind, IReadOnlyList<TeachableDocument> Adds, IReadOnlyList<string> TrickyWords, string Keyword, string SayIt, string WriteIt,
    string Notes, int Days, string Point = "", IReadOnlyList<string>? ListeningWords = null)
{
    public static RungDocument Of(Rung rung) => new(
        rung.Id, rung.Kind, TeachableDocument.Of(rung.Adds), rung.TrickyWords, rung.Keyword, rung.SayIt, rung.WriteIt, rung.Notes, rung.Days, rung.Point, rung.ListeningWords);

    /// <summary>The rung, or the field and the sentence that says what is wrong with it.</summary>
    public Rung? ToCore(out LadderProblem problem)
    {
        var adds = new List<Teachable>();
        foreach (var asked in Adds)
        {
            if (asked is null)
            {
                problem = new LadderProblem("adds", "One of the things that the rung adds is missing.");
                return null;
            }

            if (!Teachable.TryRead(asked.Kind, asked.Key, out var thing, out var reason))
            {
                problem = new LadderProblem("adds", $"{asked.Key}: {reason}.");
                return null;
            }

            adds.Add(thing);
        }

        if (TrickyWords.Any(x => x is null))
        {
            problem = new LadderProblem("trickyWords", "One of the tricky words is missing.");
            return null;
        }

        if (ListeningWords?.Any(x => x is null) == true)
        {
            problem = new LadderProblem("listeningWords", "One of the words to listen to is missing.");
            return null;
        }

        var rung = new Rung
        {
            Id = Id, Kind = Kind, Adds = adds, TrickyWords = TrickyWords, Keyword = Keyword, SayIt = SayIt, WriteIt = WriteIt, Notes = Notes, Days = Days, Point = Point, ListeningWords = ListeningWords ?? [],
        };
        problem = Ladder.Check(rung).FirstOrDefault();
        return problem.Field is null ? rung : null;
    }
}

public sealed record SectionDocument(string Id, string Name, WordShape Shape, IReadOnlyList<RungDocument> Rungs)
{
    public static SectionDocument Of(Section x) => new(x.Id, x.Name, x.Shape, [.. x.Rungs.Select(RungDocument.Of)]);

    /// <summary>The section, or the field and the sentence that says what is wrong with it.</summary>
    public Section? ToCore(out LadderProblem problem)
    {
        problem = default;
        var rungs = new List<Rung>();
        foreach (var rung in Rungs)
        {
            if (rung is null)
            {
                problem = new LadderProblem("rungs", "One of the rungs is missing.");
                return null;
            }

            if (rung.ToCore(out problem) is not { } read)
            {
                return null;
            }

            rungs.Add(read);
        }

        return new Section(Id, Name, Shape, rungs);
    }
}

public sealed record LadderDocument(string Name, IReadOnlyList<SectionDocument> Sections) : IStored
{
    public static int Version => 2;

    public static void Upgrade(JsonObject old, int version) => OldDocuments.Ladder(old);

    public static LadderDocument Of(Ladder ladder) => new(ladder.Name, [.. ladder.Sections.Select(SectionDocument.Of)]);

    /// <summary>The ladder, or the field and the sentence that says what is wrong with it.</summary>
    public Ladder? TryRead(out LadderProblem problem)
    {
        problem = default;
        var sections = new List<Section>();
        foreach (var section in Sections)
        {
            if (section is null)
            {
                problem = new LadderProblem("sections", "One of the sections is missing.");
                return null;
            }

            if (section.ToCore(out problem) is not { } read)
            {
                return null;
            }

            sections.Add(read);
        }

        var made = Ladder.TryCreate(Name, sections, out var ladder, out var problems);
        problem = made ? default : problems[0];
        return made ? ladder : null;
    }

    /// <exception cref="InvalidDataException">The document is not a whole ladder.</exception>
    public Ladder ToCore() => TryRead(out var problem) ?? throw new InvalidDataException($"a stored ladder, {problem.Field}: {problem.Sentence}");
}
