namespace BoldLadder.Core.Importing;

/// <summary>A list with ticks for what is known: by children, with what is taught along the top, or by what is taught, under its sets.</summary>
internal static class Tracker
{
    private const int Fewest = 4;

    /// <summary>Sets side by side without the columns of ticks between them: <i>Set A, can say, can write, Set B, can say, can write</i>.</summary>
    public static IReadOnlyList<SheetCell> WithoutTicks(string sheet, IReadOnlyList<SheetCell> cells, List<LeftOut> left)
    {
        var first = cells.Select(x => x.Row).DefaultIfEmpty().Min();
        var columns = cells.GroupBy(x => x.Column).Where(x => x.First().Row == first).ToList();
        var ticks = columns.FindAll(x => x.Count() > 1 && x.Skip(1).All(c => SheetWords.IsTick(c.Text)));
        if (ticks.Count == 0 || columns.Count < ticks.Count + 2 || !columns.Except(ticks).All(x => SheetWords.NamesSet(x.First().Text)))
        {
            return cells;
        }

        left.AddRange(ticks.SelectMany(x => x).Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), x.Row == first ? LeftOutReason.Column : LeftOutReason.Count)));
        return [.. cells.Except(ticks.SelectMany(x => x))];
    }

    /// <summary>What stands along the top, one below the other, each telling where it stood; any other sheet as it is.</summary>
    public static IReadOnlyList<SheetCell> Top(string sheet, IReadOnlyList<SheetCell> cells, PartReader reader, List<LeftOut> left)
    {
        var first = cells.Select(x => x.Row).DefaultIfEmpty().Min();
        var top = cells.Where(x => x.Row == first).OrderBy(x => x.Column).ToList();
        // The corner, above the names, is called Name or by the class.
        var taught = top.FindAll(x => (x != top[0] || cells.All(c => c.Column != x.Column || c == x || SheetWords.IsTick(c.Text))) && (reader.LooksLikePart(x.Text) || reader.AreLearntByHeart(x.Text)));
        if (taught.Count < Fewest || taught.Count(x => reader.LooksLikePart(x.Text)) * 2 < taught.Count || top.Count > taught.Count + 1)
        {
            return cells;
        }

        var names = cells.Where(x => x.Row > top[0].Row && x.Column < taught[0].Column).ToList();
        var ticks = cells.Where(x => x.Row > top[0].Row && x.Column >= taught[0].Column).ToList();
        if (names.Count < 2 || ticks.Count == 0 || !ticks.TrueForAll(x => SheetWords.IsTick(x.Text)) || names.Exists(x => SheetWords.IsWeek(x.Text) || SheetWords.IsSection(x.Text)) || names.Count(x => reader.LooksLikePart(x.Text)) * 2 > names.Count)
        {
            return cells;
        }

        left.AddRange(top.Except(taught).Concat(names).Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.Column)));
        left.AddRange(ticks.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.Count)));
        return [.. taught.Select((x, i) => x with { Row = i + 1, Column = 1, Named = x.Address })];
    }
}
