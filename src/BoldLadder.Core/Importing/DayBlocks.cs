namespace BoldLadder.Core.Importing;

/// <summary>Weeks side by side, each with its days down its own side: <i>Mon | n | Mon | t</i> under <i>Week 1</i> and <i>Week 2</i>, and below them two more.</summary>
internal static class DayBlocks
{
    private const int FewestDays = 3;

    /// <summary>The weeks below each other, in the order in which they are read; all else as it is.</summary>
    public static IReadOnlyList<SheetCell> Stacked(IReadOnlyList<SheetCell> cells)
    {
        var starts = cells.GroupBy(x => x.Column).Where(x => x.Count(c => IsDay(c)) >= FewestDays && x.All(c => IsDay(c) || IsHead(c))).Select(x => x.Key).Order().ToList();
        if (starts.Count < 2 || cells.Any(x => x.Column < starts[0]) || starts.Exists(x => !cells.Any(c => c.Column == x + 1)))
        {
            return cells;
        }

        var heads = cells.Where(x => starts.Contains(x.Column) && !IsDay(x)).Select(x => x.Row).Distinct().Order().ToList();
        var (first, last) = (cells.Min(x => x.Row), cells.Max(x => x.Row));
        int StripOf(SheetCell x) => heads.FindLastIndex(row => row <= x.Row) + 1;
        int BlockOf(SheetCell x) => starts.FindLastIndex(column => column <= x.Column);
        // Each week has room for all rows there are: what stands in its strip keeps its place among them.
        var room = last - first + 1;
        return [.. cells.Select(x => x with { Named = x.Address, Row = first + (((StripOf(x) * starts.Count) + BlockOf(x)) * room) + (x.Row - first), Column = x.Column - starts[BlockOf(x)] + starts[0] })];
    }

    private static bool IsDay(SheetCell x) => SheetWords.WeekdayOf(x.Text) > 0;

    private static bool IsHead(SheetCell x) => SheetWords.IsWeek(x.Text) || SheetWords.IsSection(x.Text);
}
