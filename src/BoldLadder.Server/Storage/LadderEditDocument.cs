using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Server.Storage;

/// <summary>A <see cref="LadderEdit"/> as it is asked for and stored; the moves by one and to a number are only asked for.</summary>
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
[JsonDerivedType(typeof(Whole), "whole")]
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

    /// <summary>Another ladder in place of the whole of this one.</summary>
    public sealed record Whole(LadderDocument Ladder) : LadderEditDocument;

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
            case Whole x:
                return x.Ladder.TryRead(out problem) is { } whole ? new ReplaceLadder(whole) : null;
            default:
                throw new InvalidDataException("an edit of an unknown kind was stored");
        }
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
