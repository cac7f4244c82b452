namespace BoldLadder.Core.Conventions;

/// <summary>Which groups one adult teaches in one room: two share it, and each says the other.</summary>
public static class SharedRooms
{
    /// <summary>
    /// What changes when a group is to share with another, or with none: each group that has another mate than before,
    /// with its mate now. Whoever shared with either of the two is alone again.
    /// </summary>
    /// <param name="now">Groups with their mates.</param>
    public static IReadOnlyDictionary<Guid, Guid?> Changes(IEnumerable<(Guid Group, Guid? With)> now, Guid group, Guid? with) =>
        now.Select(x => (x.Group, Before: x.With, After: After(x, group, with))).Where(x => x.Before != x.After).ToDictionary(x => x.Group, x => x.After);

    private static Guid? After((Guid Group, Guid? With) each, Guid group, Guid? with) =>
        each.Group == group ? with
        : each.Group == with ? group
        : each.With == group || (with is not null && each.With == with) ? null
        : each.With;
}
