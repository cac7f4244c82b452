namespace BoldLadder.Core.Suggesting;

/// <summary>What a lead asks of an order that is looked for. Rungs and sections are named by their ids.</summary>
public abstract record OrderWish;

/// <summary>One rung before another.</summary>
public sealed record WishBefore(string First, string Then) : OrderWish;

/// <summary>Two rungs at least so many rungs apart.</summary>
/// <param name="Rungs"><see cref="Nearest"/> to <see cref="Farthest"/>.</param>
public sealed record WishApart(string One, string Other, int Rungs) : OrderWish
{
    public const int Nearest = 2, Farthest = 200;
}

/// <summary>A rung stays where it is.</summary>
public sealed record WishPinned(string RungId) : OrderWish;

/// <summary>Only the rungs of one section are put in another order.</summary>
public sealed record WishSection(string SectionId) : OrderWish;

/// <summary>No more than so many new correspondences a week.</summary>
/// <param name="Most">1 to <see cref="MostAWeek"/>.</param>
public sealed record WishWeekly(int Most) : OrderWish
{
    public const int MostAWeek = 20;
}
