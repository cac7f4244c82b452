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
        .. blockers.Select(x =>
        {
            var place = room.Unlocking.PlaceOf(x);
            if (place == Unlocking.Never)
            {
                return new BlockerView(x.Shown, null, null, null, null);
            }

            var rung = room.Ladder.Rungs[place];
            return new BlockerView(x.Shown, rung.Id, place + 1, rung.Label, room.Dates.TryGetValue(rung.Id, out var date) ? date : null);
        }),
    ];
}
