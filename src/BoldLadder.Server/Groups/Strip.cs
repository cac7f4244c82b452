using BoldLadder.Core.Log;

namespace BoldLadder.Server.Groups;

/// <summary>A rung on the strip at the edge of every screen.</summary>
/// <param name="Filled">All that it adds has been taught.</param>
public sealed record StripRung(string Id, int Number, string Label, bool Filled);

public sealed record StripSection(string Name, IReadOnlyList<StripRung> Rungs);

/// <summary>The ladder as a map, with the taught line.</summary>
/// <param name="Line">How many rungs lie below the line.</param>
/// <param name="AsIf">The rung at which the group is taken to stand; null when it stands where its log says.</param>
public sealed record Strip(IReadOnlyList<StripSection> Sections, int Line, string? AsIf)
{
    public static Strip Of(Standing standing)
    {
        var number = 0;
        return new Strip(
            [.. standing.Ladder.Sections.Select(s => new StripSection(
                s.Name, [.. s.Rungs.Select(r => new StripRung(r.Id, ++number, r.Label, standing.Passed(r)))]))],
            standing.Line, standing.AsIf?.Id);
    }
}
