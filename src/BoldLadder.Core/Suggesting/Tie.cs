namespace BoldLadder.Core.Suggesting;

/// <summary>What kind of bond it is.</summary>
internal enum TieKind
{
    /// <summary>A lead's wish: A before B.</summary>
    Before,

    /// <summary>A lead's wish: at least a distance between A and B.</summary>
    Apart,

    /// <summary>A comes after the first of several.</summary>
    Need,

    /// <summary>A brings a spelling in another sound than its plain one, which one of several has to bring first.</summary>
    Plain,

    /// <summary>A and B are easily confused.</summary>
    Alike,

    /// <summary>A and B bring two spellings of one sound.</summary>
    Spellings,
}

/// <summary>A bond between rungs that an order keeps or breaks, by the rungs' numbers in the ladder as it stands.</summary>
/// <param name="Distance">How far apart A and B should stand.</param>
/// <param name="Having">For a need, those of which one has to come first.</param>
/// <param name="NewA">A counts only where it is the first of these; null where that does not matter.</param>
internal sealed record Tie(TieKind Kind, int A, int B, int Distance = 0, int[]? Having = null, int[]? NewA = null, int[]? NewB = null)
{
    /// <summary>Every rung on whose place it depends.</summary>
    public IReadOnlyList<int> Rungs { get; } = [.. new[] { A, B }.Concat(Having ?? []).Concat(NewA ?? []).Concat(NewB ?? []).Where(x => x >= 0).Distinct()];

    public bool Broken(int[] position) => Kind switch
    {
        TieKind.Before => position[A] > position[B],
        TieKind.Need or TieKind.Plain => First(Having!, position) > position[A],
        _ => Gap(position) < Distance && (NewA is null || First(NewA, position) == position[A]) && (NewB is null || First(NewB, position) == position[B]),
    };

    /// <summary>What it costs where it is broken, in <see cref="OrderWeights.Parts"/>.</summary>
    public long Cost(int[] position) => !Broken(position) ? 0 : Kind switch
    {
        TieKind.Before => OrderWeights.Of(OrderWeights.Wish, OrderWeights.WishMore, Gap(position), position.Length),
        TieKind.Need or TieKind.Plain => OrderWeights.Of(OrderWeights.Need, OrderWeights.NeedMore, First(Having!, position) - position[A], position.Length),
        TieKind.Apart => OrderWeights.Of(OrderWeights.Wish, OrderWeights.WishMore, Distance - Gap(position), Distance),
        TieKind.Alike => OrderWeights.Of(OrderWeights.Alike, OrderWeights.AlikeMore, Distance - Gap(position), Distance),
        _ => OrderWeights.Of(OrderWeights.Spellings, OrderWeights.SpellingsMore, Distance - Gap(position), Distance),
    };

    private int Gap(int[] position) => Math.Abs(position[A] - position[B]);

    private static int First(int[] rungs, int[] position)
    {
        var first = int.MaxValue;
        foreach (var rung in rungs)
        {
            first = Math.Min(first, position[rung]);
        }

        return first;
    }
}
