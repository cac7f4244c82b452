using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Log;

/// <summary>What moving rungs on a draft means to a group: nothing, when it was taught all of them.</summary>
/// <param name="Touched">It has not been taught all of what moves.</param>
/// <param name="Line">How many of the rungs that stay lie below its taught line: what moves to below that would be due at once.</param>
public readonly record struct GroupMove(bool Touched, int Line)
{
    /// <param name="draft">The ladder on which they move; the group's own may be an older state of it.</param>
    public static GroupMove Of(Standing standing, Ladder draft, IReadOnlyCollection<Rung> moving)
    {
        var at = standing.Due is { } due && draft.PlaceOf(due.Id) is var place and >= 0 ? place : draft.Rungs.Count;
        return new GroupMove(moving.Any(x => !standing.Passed(x)), draft.Rungs.Take(at).Count(x => !moving.Contains(x)));
    }

    /// <summary>Whether what moves would be due at once with so many others below it.</summary>
    public bool IsDueAt(int place) => Touched && place < Line;
}
