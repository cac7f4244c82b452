namespace BoldLadder.Core.Importing;

/// <summary>A list with ticks for what is known: by children, with what is taught along the top, or by what is taught, under its sets.</summary>
internal static class Tracker
{
    private const int Fewest = 4;

    /// <summary>
    /// A sheet without the columns of ticks beside what it teaches: <i>Set A, can say, can write, Set B, can say, can write</i>;
    /// <i>Letter, Autumn, Spring</i>; <i>Sound, Taught, Checked</i>.
    /// </summary>
    public static IReadOnlyList<SheetCell> WithoutTicks(string sheet, IReadOnlyList<SheetCell> cells, PartReader reader, List<LeftOut> left)
    {
        var columns = cells.GroupBy(x => x.Column).Select(x => x.OrderBy(c => c.Row).ToList()).ToList();
        var ticks = columns.FindAll(x => x.Count > 1 && x.Skip(1).All(c => SheetWords.IsTick(c.Text)) && !SheetWords.IsWeek(x[0].Text) && SheetHeadings.RoleOf(x[0].Text) != ColumnRole.TrickyWords);
        // An x is a letter too: that marks are meant is seen where one comes again, and in the columns beside those it is the same.
        var marks = ticks.Where(x => x.Skip(1).Select(c => c.Text.Trim()).ToList() is var said && (said.Exists(SheetWords.IsTickOnly) || said.Distinct().Count() < said.Count))
            .SelectMany(x => x.Skip(1)).Select(x => x.Text.Trim()).ToHashSet();
        ticks.RemoveAll(x => !x.Skip(1).Any(c => marks.Contains(c.Text.Trim())));
        if (ticks.Count(x => !reader.LooksLikePart(x[0].Text)) * 2 <= ticks.Count || !columns.Except(ticks).Any(x => x.Count(c => reader.LooksLikePart(c.Text)) >= Fewest - 1))
        {
            return cells;
        }

        // What headed the one column that is left says no more than that it is taught.
        var heading = columns.Except(ticks).ToList() is [var only] ? only.Where(x => x.Row == ticks[0][0].Row && SheetHeadings.RoleOf(x.Text) is ColumnRole.Parts or ColumnRole.Sounds) : [];
        var beside = ticks.SelectMany(x => x).Concat(heading).ToList();
        left.AddRange(beside.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), SheetWords.IsTick(x.Text) ? LeftOutReason.Count : LeftOutReason.Column)));
        return [.. cells.Except(beside)];
    }

    /// <summary>What stands along the top, one below the other, each telling where it stood; any other sheet as it is.</summary>
    public static IReadOnlyList<SheetCell> Top(string sheet, IReadOnlyList<SheetCell> cells, PartReader reader, List<LeftOut> left)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).ToList();
        var titles = rows.TakeWhile(x => x.Count() == 1).SelectMany(x => x).ToList();
        var top = rows.Skip(titles.Count).FirstOrDefault()?.OrderBy(x => x.Column).ToList() ?? [];
        // The corner, above the names, is called Name or by the class.
        var taught = top.FindAll(x => (x != top[0] || cells.All(c => c.Column != x.Column || c.Row <= x.Row || SheetWords.IsTick(c.Text))) && (reader.LooksLikePart(x.Text) || reader.AreLearntByHeart(x.Text)));
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

        left.AddRange(titles.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.Title)));
        left.AddRange(top.Except(taught).Concat(names).Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.Column)));
        left.AddRange(ticks.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.Count)));
        return [.. taught.Select((x, i) => x with { Row = i + 1, Column = 1 })];
    }
}
