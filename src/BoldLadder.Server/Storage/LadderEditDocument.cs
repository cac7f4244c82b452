using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Suggesting;

namespace BoldLadder.Server.Storage;

/// <summary>A <see cref="LadderEdit"/> as it is asked for and stored; the moves by one, to a number and into a suggested order are only asked for.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Move), "move")]
[JsonDerivedType(typeof(MoveBy), "moveBy")]
[JsonDerivedType(typeof(MoveTo), "moveTo")]
[JsonDerivedType(typeof(Add), "add")]
[JsonDerivedType(typeof(Remove), "remove")]
[JsonDerivedType(typeof(Replace), "replace")]
[JsonDerivedType(typeof(Rename), "rename")]
[JsonDerivedType(typeof(Section), "section")]
[JsonDerivedType(typeof(AddSection), "addSection")]
[JsonDerivedType(typeof(RemoveSection), "removeSection")]
[JsonDerivedType(typeof(SectionMove), "moveSection")]
[JsonDerivedType(typeof(SectionSplit), "splitSection")]
[JsonDerivedType(typeof(SectionJoin), "joinSection")]
[JsonDerivedType(typeof(Whole), "whole")]
[JsonDerivedType(typeof(MoveAll), "moveAll")]
[JsonDerivedType(typeof(AddAll), "addAll")]
[JsonDerivedType(typeof(RemoveAll), "removeAll")]
[JsonDerivedType(typeof(Several), "several")]
[JsonDerivedType(typeof(TakeOrder), "takeOrder")]
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

    public sealed record Rename(string Name) : LadderEditDocument;

    public sealed record Section(string SectionId, string Name, WordShape Shape) : LadderEditDocument;

    /// <param name="NewSection">With its rungs, if it has any.</param>
    public sealed record AddSection(SectionDocument NewSection, int At) : LadderEditDocument;

    public sealed record RemoveSection(string SectionId) : LadderEditDocument;

    /// <param name="At">Zero-based place among the sections, counted without it.</param>
    public sealed record SectionMove(string SectionId, int At) : LadderEditDocument;

    /// <summary>A section begun at a rung.</summary>
    /// <param name="SectionId">The id that it gets; left out, one that is free.</param>
    /// <param name="Shape">Left out, that of the section it is cut from.</param>
    public sealed record SectionSplit(string RungId, string Name, string? SectionId = null, WordShape? Shape = null) : LadderEditDocument;

    /// <summary>A section joined to the one before it.</summary>
    public sealed record SectionJoin(string SectionId) : LadderEditDocument;

    /// <summary>Another ladder in place of the whole of this one.</summary>
    public sealed record Whole(LadderDocument Ladder) : LadderEditDocument;

    /// <summary>Several rungs to one place, in the order in which they stand.</summary>
    /// <param name="At">Zero-based place within the section, counted without them.</param>
    public sealed record MoveAll(IReadOnlyList<string> RungIds, string SectionId, int At) : LadderEditDocument;

    /// <summary>Copies of rungs, of this ladder or another; those whose id stands on the ladder get one of their own.</summary>
    public sealed record AddAll(IReadOnlyList<RungDocument> Rungs, string SectionId, int At) : LadderEditDocument;

    public sealed record RemoveAll(IReadOnlyList<string> RungIds) : LadderEditDocument;

    /// <summary>Edits one after the other, as one; the name is what undo shows.</summary>
    public sealed record Several(string Name, IReadOnlyList<LadderEditDocument> Edits) : LadderEditDocument;

    /// <summary>A suggested order taken: all of it, or the one move that puts a rung where it has it.</summary>
    /// <param name="Order">Every section with its rungs, as it was suggested.</param>
    public sealed record TakeOrder(IReadOnlyList<SectionOrder> Order, string? RungId = null) : LadderEditDocument;

    public static LadderEditDocument Of(LadderEdit edit) => edit switch
    {
        MoveRung x => new Move(x.RungId, x.SectionId, x.At),
        AddRung x => new Add(RungDocument.Of(x.Rung), x.SectionId, x.At),
        RemoveRung x => new Remove(x.RungId),
        ReplaceRung x => new Replace(RungDocument.Of(x.Rung)),
        RenameLadder x => new Rename(x.Name),
        ChangeSection x => new Section(x.SectionId, x.Name, x.Shape),
        Core.Ladders.AddSection x => new AddSection(SectionDocument.Of(x.Section), x.At),
        Core.Ladders.RemoveSection x => new RemoveSection(x.SectionId),
        MoveSection x => new SectionMove(x.SectionId, x.At),
        SplitSection x => new SectionSplit(x.RungId, x.Name, x.SectionId, x.Shape),
        JoinSection x => new SectionJoin(x.SectionId),
        SeveralEdits x => new Several(x.Name, [.. x.Edits.Select(Of)]),
        ReplaceLadder x => new Whole(LadderDocument.Of(x.Ladder)),
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
            case Rename x:
                return new RenameLadder(x.Name);
            case Section x:
                return new ChangeSection(x.SectionId, x.Name, x.Shape);
            case AddSection x:
                return x.NewSection.ToCore(out problem) is { } section ? new Core.Ladders.AddSection(section, x.At) : null;
            case RemoveSection x:
                return new Core.Ladders.RemoveSection(x.SectionId);
            case SectionMove x:
                return new MoveSection(x.SectionId, x.At);
            case SectionSplit x:
                return new SplitSection(x.RungId, x.Name) { SectionId = x.SectionId, Shape = x.Shape };
            case SectionJoin x:
                return new JoinSection(x.SectionId);
            case MoveAll x when x.RungIds is { Count: > 0 }:
                return SeveralEdits.Move(ladder, x.RungIds, x.SectionId, x.At);
            case RemoveAll x when x.RungIds is { Count: > 0 }:
                return SeveralEdits.Remove(x.RungIds);
            case AddAll x when x.Rungs is { Count: > 0 }:
                return Copies(x, ladder, out problem);
            case Several { Name: { Length: > 0 and <= 200 } name, Edits: { Count: > 0 } documents }:
                var edits = new List<LadderEdit>();
                foreach (var document in documents)
                {
                    if (document?.ToCore(ladder, out problem) is not { } edit)
                    {
                        problem = problem.Field is null ? new LadderProblem("edits", "One of the edits is missing.") : problem;
                        return null;
                    }

                    edits.Add(edit);
                }

                return new SeveralEdits(name, edits);
            case Several:
                problem = new LadderProblem("edits", "Say what is done, and its edits one after the other.");
                return null;
            case MoveAll or RemoveAll or AddAll:
                problem = new LadderProblem("rungs", "Say which rungs.");
                return null;
            case TakeOrder x when !OrderMoves.IsOf(ladder, x.Order):
                problem = new LadderProblem("order", "The ladder has other rungs or sections than the order that was suggested. Look for one again.");
                return null;
            case TakeOrder x when OrderMoves.Between(ladder, x.Order) is var left && !(x.RungId is { } id ? left.Any(m => m.RungId == id) : left.Count > 0):
                problem = new LadderProblem("order", "That stands where it was suggested already.");
                return null;
            case TakeOrder x:
                return x.RungId is { } one ? OrderMoves.Make(ladder, x.Order, one) : OrderMoves.MakeAll(ladder, x.Order);
            case Whole x:
                return x.Ladder.TryRead(out problem) is { } whole ? new ReplaceLadder(whole) : null;
            default:
                throw new InvalidDataException("an edit of an unknown kind was stored");
        }
    }

    private static LadderEdit? Copies(AddAll asked, Ladder ladder, out LadderProblem problem)
    {
        problem = default;
        var (rungs, ids) = (new List<Rung>(), ladder.Rungs.Select(x => x.Id).Concat(ladder.Sections.Select(x => x.Id)).ToHashSet());
        foreach (var document in asked.Rungs)
        {
            if (document is null)
            {
                problem = new LadderProblem("rungs", "One of the rungs is missing.");
                return null;
            }

            if (document.ToCore(out problem) is not { } rung)
            {
                return null;
            }

            var id = rung.Id;
            for (var i = 2; !ids.Add(id); i++)
            {
                id = $"{(rung.Id.Length > 50 ? rung.Id[..50] : rung.Id)}-{i}";
            }

            rungs.Add(rung with { Id = id });
        }

        return SeveralEdits.Add(rungs, asked.SectionId, asked.At);
    }
}

/// <summary>An edit of a ladder as it is kept, to be taken back.</summary>
public sealed record StoredLadderEdit(LadderEditDocument Edit) : IStored
{
    public static int Version => 2;

    /// <summary>Version 1 was the edit itself, with rungs as they were then.</summary>
    public static void Upgrade(JsonObject old, int version)
    {
        var edit = (JsonObject)old.DeepClone();
        old.Clear();
        if (edit["rung"] is JsonObject rung)
        {
            OldDocuments.Rung(rung);
        }

        old["edit"] = edit;
    }
}
