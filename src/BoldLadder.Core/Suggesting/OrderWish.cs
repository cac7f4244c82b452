namespace BoldLadder.Core.Suggesting;

/// <summary>What a lead asks of an order that is looked for. Rungs and sections are named by their ids.</summary>
public abstract record OrderWish;

/// <summary>One rung before another.</summary>
public sealed record WishBefore(string First, string Then) : OrderWish;

/// <summary>Two rungs at least so many rungs apart.</summary>
public sealed record WishApart(string One, string Other, int Rungs) : OrderWish;

/// <summary>A rung stays where it is.</summary>
public sealed record WishPinned(string RungId) : OrderWish;

/// <summary>Only the rungs of one section are put in another order.</summary>
public sealed record WishSection(string SectionId) : OrderWish;

/// <summary>No more than so many new correspondences a week.</summary>
public sealed record WishWeekly(int Most) : OrderWish;
