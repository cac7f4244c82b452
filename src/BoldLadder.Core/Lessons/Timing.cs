using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>How the minutes of a lesson are shared.</summary>
public static class Timing
{
    /// <summary>Seconds of a lesson's end that belong to apply: six minutes of twenty-five.</summary>
    public const double ApplyShare = 6.0 / 25;

    /// <summary>So many seconds left of a lesson are missed: a tenth of it.</summary>
    internal static bool IsShort(int left, int minutes) => left * 10 >= minutes * 60;

    /// <summary>Seconds for so many items of a piece, its beginning included; none for no items.</summary>
    public static int Of(Activity activity, int items) =>
        items == 0 ? 0 : Piece.Of(activity) is var piece ? piece.Setup + (int)Math.Round(items * piece.Each) : 0;

    /// <summary>Items of a piece for which so many seconds are enough, one at least.</summary>
    public static int ItemsIn(Activity activity, int seconds) =>
        Piece.Of(activity) is var piece ? Math.Max(1, (int)Math.Round((seconds - piece.Setup) / piece.Each)) : 1;
}
