namespace BoldLadder.Core.Suggesting;

/// <summary>The rungs of one section in an order that is suggested, from the bottom.</summary>
public sealed record SectionOrder(string SectionId, IReadOnlyList<string> RungIds);
