using System.Text.Json.Nodes;
using BoldLadder.Core.Ladders;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Ladders;

/// <summary>What a lead asks of a ladder's order, kept with the ladder.</summary>
public sealed record WishesDocument(IReadOnlyList<WishDocument> Wishes) : IStored
{
    public static int Version => 1;

    public static void Upgrade(JsonObject old, int version)
    {
        // There is no older version.
    }

    /// <summary>Those that still name what stands on the ladder.</summary>
    public static IReadOnlyList<WishDocument> Read(string? stored, Ladder ladder) =>
        stored is null ? [] : [.. StoredJson.Read<WishesDocument>(stored).Wishes.Where(x => WishDocument.ToCore([x], ladder, out _) is not null)];
}
