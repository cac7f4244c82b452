namespace BoldLadder.Server.Phrasing;

/// <summary>Several things in one sentence.</summary>
internal static class Listing
{
    /// <summary>a, b and c.</summary>
    public static string And(IReadOnlyList<string> x) => Ended(x, "and");

    /// <summary>a, b or c.</summary>
    public static string Or(IReadOnlyList<string> x) => Ended(x, "or");

    private static string Ended(IReadOnlyList<string> x, string last) => x.Count < 2 ? string.Concat(x) : $"{string.Join(", ", x.SkipLast(1))} {last} {x[^1]}";
}
