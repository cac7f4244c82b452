using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Server.Groups;

namespace BoldLadder.Server.Words;

/// <summary>A part that blocks a word: the rung that brings it and the day, or that no rung does.</summary>
/// <param name="Part">As written: <c>ea:ee</c>, <c>-ing</c>, or a structure in words.</param>
public sealed record BlockerView(string Part, string? RungId, int? Rung, string? Label, DateOnly? Date)
{
    public static IReadOnlyList<BlockerView> Of(IReadOnlyList<Part> blockers, Classroom room) =>
    [
        .. blockers.Select(x => room.Unlocking.PlaceOf(x) is var place && place == Unlocking.Never
            ? new BlockerView(x.Shown, null, null, null, null)
            : At(x.Shown, place, room)),
    ];

    /// <param name="place">Zero-based place of the rung that brings it.</param>
    public static BlockerView At(string part, int place, Classroom room)
    {
        var rung = room.Ladder.Rungs[place];
        return new BlockerView(part, rung.Id, place + 1, rung.Label, room.Dates.TryGetValue(rung.Id, out var date) ? date : null);
    }
}
