using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Server.Storage;

/// <summary>A lesson as it is kept.</summary>
public sealed record LessonDocument(
    LessonKind Kind, int Minutes, string RungId, string Title, IReadOnlyList<TeachableDocument> Teaches, IReadOnlyList<TeachableDocument> GoesOver,
    IReadOnlyList<string> TrickyWords, ulong Seed, Teaching Teaching, IReadOnlyList<LessonBlock> Blocks, IReadOnlyList<string> Carried, ShapeDocument? Own = null,
    IReadOnlyList<TeachableDocument>? Wordless = null) : IStored
{
    public static int Version => 3;

    public static void Upgrade(JsonObject old, int version) => OldDocuments.Lesson(old, version);

    public static LessonDocument Of(Lesson x) => new(
        x.Kind, x.Minutes, x.RungId, x.Title, TeachableDocument.Of(x.Teaches), TeachableDocument.Of(x.GoesOver), x.TrickyWords, x.Seed, x.Teaching, x.Blocks, x.Carried, x.Own is null ? null : ShapeDocument.Of(x.Own),
        TeachableDocument.Of(x.Wordless));

    public Lesson ToCore() => new(
        Kind, Minutes, RungId, Title, TeachableDocument.ToCore(Teaches), TeachableDocument.ToCore(GoesOver), TrickyWords, Seed, Teaching, Blocks, Carried, Own?.ToCore(), TeachableDocument.ToCore(Wordless ?? []));
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

/// <summary>An edit of a lesson as it is kept, to be taken back.</summary>
public sealed record StoredLessonEdit(LessonEditDocument Edit) : IStored
{
    public static int Version => 3;

    /// <summary>Version 1 was the edit itself, with its item or lesson as they were then; version 2 had today's form, with such a lesson in it.</summary>
    public static void Upgrade(JsonObject old, int version)
    {
        var edit = (JsonObject)(version == 1 ? old : old["edit"]!).DeepClone();
        old.Clear();
        if (version == 1 && edit["item"] is JsonObject item)
        {
            OldDocuments.Item(item);
        }

        if (edit["lesson"] is JsonObject lesson)
        {
            OldDocuments.Lesson(lesson, version);
        }

        old["edit"] = edit;
    }
}
