using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>
/// Sheets of which the rows say what stands in them, again and again down the page, where others have columns for it:
/// <i>Sounds</i>, <i>Tricky</i>, <i>Words to read</i> under every week, or under the weeks of every term; <i>Week 1: t, o, g</i>; <i>Revisit</i>, <i>Teach</i>, <i>Practise</i>, <i>Apply</i> beside
/// the days.
/// </summary>
internal static class RowLabels
{
    private const int FewestDays = 3, FewestCounted = 4, ShortestLabel = 3;
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    /// <summary>The cells as a sheet of another kind would have them; the same where its rows are not so labelled.</summary>
    /// <param name="left">Gets what stands in rows that teach nothing.</param>
    public static IReadOnlyList<SheetCell> Settled(string sheet, IReadOnlyList<SheetCell> cells, List<LeftOut> left)
    {
        var rows = cells.GroupBy(x => x.Row).Select(x => x.OrderBy(c => c.Column).ToList()).ToList();
        if (rows.Count == 0)
        {
            return cells;
        }

        if (Numbered(rows) is { } numbered)
        {
            return numbered;
        }

        if (Foretold(rows) is { Count: > 0 } foretold)
        {
            left.AddRange(foretold.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.NotRead)));
            return Settled(sheet, [.. cells.Except(foretold)], left);
        }

        if (OwnWeeks(rows) || OwnWeeksBelow(rows))
        {
            // Under one term in every column its weeks go along the rows.
            var byRows = OwnWeeks(rows) || Heads(rows)!.DistinctBy(KeyOf).Count() == 1;
            var inOrder = byRows ? rows.SelectMany(x => x) : rows.SelectMany(x => x).OrderBy(x => x.Row < Heads(rows)![0].Row ? 0 : x.Column);
            string Named(SheetCell x, string week) => !byRows && SheetWords.NamesTerm(week) ? $"{Heads(rows)!.Find(h => h.Column == x.Column)?.Text} {week}" : week;
            return [.. inOrder.Select((x, at) => x with { Row = at + 1, Column = 1, Text = OwnWeekOf(x.Text) is var (week, rest) ? $"{Named(x, week)}: {rest}" : x.Text })];
        }

        if ((Planner(sheet, WithWeeksApart(rows), left) ?? Grids(sheet, rows, left) ?? Steps(rows)) is { } planned)
        {
            return planned;
        }

        var (first, widest) = (cells.Min(x => x.Column), rows.Max(x => x.Count));
        var labelled = rows.Where(x => x.Count > 1 && x[0].Column == first).ToList();
        return widest == 2 && labelled.All(x => IsRole(x[0].Text)) && Repeats(labelled) ? [.. rows.SelectMany(x => Joined(x, first))]
            : widest > 2 && labelled.Exists(x => Teaches.IsMatch(x[0].Text)) && labelled.Count(x => Around.IsMatch(x[0].Text)) >= labelled.Count(x => Teaches.IsMatch(x[0].Text))
                ? [.. rows.SelectMany(x => Taught(sheet, x, first, left))] : cells;
    }

    // "1 m, o", "2 d, i", "Lesson 3 Meet a and n": lines that count themselves, without a mark behind the number. Null for any others.
    private static List<SheetCell>? Numbered(List<List<SheetCell>> rows)
    {
        var numbers = rows.TrueForAll(x => x.Count == 1) ? rows.Select(x => Counted.Match(x[0].Text)).Where(x => x.Success).Select(x => int.Parse(x.Groups["n"].Value)).ToList() : [];
        return numbers.Count >= FewestCounted && numbers.Count * 10 >= rows.Count * 8 && numbers.Zip(numbers.Skip(1)).All(x => x.Second == x.First + 1)
            ? [.. rows.Select(x => x[0] with { Text = Counted.Replace(x[0].Text, "${label}: ") })] : null;
    }

    private static readonly Regex Counted = new(@"^\s*(?<label>(?:(?:lesson|session|day|step|week|wk|unit|stage|set|block)\s+)?(?<n>\d{1,3}))\s+(?=[A-Za-z])", Any);

    // "Week 2 | sounds u, s, p", and below it the days with u, s and p each in its own: the week says beforehand what its days teach.
    private static List<SheetCell> Foretold(List<List<SheetCell>> rows) => [.. rows.Where((row, at) => row is [var week, var said] && SheetWords.IsWeek(week.Text)
            && at + 2 < rows.Count && rows[at + 1].Count(x => SheetWords.HeadsDay(x.Text)) >= FewestDays
            && said.Text.Split([' ', ',', ';', '/', '+', '&'], StringSplitOptions.RemoveEmptyEntries) is var told
            && told.Count(x => rows[at + 2].Exists(c => c.Text.Trim() == x)) is var come && come > 1 && come >= told.Length - 1)
        .Select(row => row[1])];

    // "Autumn | Spring", and below each its weeks: "Week 1 – t, o, g | Week 1 – ar, or".
    private static bool OwnWeeksBelow(List<List<SheetCell>> rows) => Heads(rows) is { } heads && rows.Where(x => x[0].Row > heads[0].Row).SelectMany(x => x).ToList() is { Count: > 3 } below
        && below.TrueForAll(x => heads.Exists(h => h.Column == x.Column) && IsOwnWeek(x.Text));

    private static List<SheetCell>? Heads(List<List<SheetCell>> rows) => rows.Find(x => x.Count > 1) is { } first && first.TrueForAll(x => SheetWords.IsSection(x.Text)) ? first : null;

    private static bool IsOwnWeek(string text) => OwnWeekOf(text) is not null;

    // "Week 1 – t, o, g", "Week 1" with its letters on the line below, or "Aut: t, o, g" under a year.
    private static (string Week, string Letters)? OwnWeekOf(string text) =>
        SheetWords.Labelled(text) is var (label, rest) && (SheetWords.IsWeek(label) || SheetWords.NamesTerm(label)) && !SheetDates.IsDate(rest) ? (label, rest)
            : text.Split('\n') is [var above, var below] && SheetWords.IsWeek(above.Trim()) ? (above.Trim(), below) : null;

    // "Autumn 1 | Week 1: t, o, g | Week 2: n, i": a term in each row, whose weeks say themselves which they are.
    private static bool OwnWeeks(List<List<SheetCell>> rows) => rows.Where(x => x.Count > 2).ToList() is { Count: > 1 } wide
        && wide.TrueForAll(x => SheetWords.IsSection(x[0].Text) && x.Skip(1).All(c => IsOwnWeek(c.Text)));

    // "Week 1 | Monday | Tuesday", and below it "Sound | n | o" and "Words | | on, no", again for every week: a row for each
    // day, under the labels. Null for any other sheet.
    private static List<SheetCell>? Planner(string sheet, List<List<SheetCell>> rows, List<LeftOut> left)
    {
        bool HeadsWeek(List<SheetCell> row) => row.Count > FewestDays && SheetWords.IsWeek(row[0].Text) && row.Skip(1).All(x => SheetWords.HeadsDay(x.Text));
        var starts = rows.FindAll(HeadsWeek);
        var labels = rows.Where(x => !HeadsWeek(x) && x.Count > 1).ToList();
        if (starts.Count < 2 || labels.Count == 0 || !labels.TrueForAll(x => x[0].Column == starts[0][0].Column && SheetHeadings.RoleOf(x[0].Text) is not null))
        {
            return null;
        }

        var heads = HeadsOf(labels);
        // One word alone is no row of headings, and one column needs none.
        var placed = heads.Count < 2 ? [] : heads.Select((x, i) => x with { Row = 1, Column = i + 3 }).ToList();
        var at = 1;
        foreach (var start in starts)
        {
            var below = rows.SkipWhile(x => x != start).Skip(1).TakeWhile(x => !HeadsWeek(x)).ToList();
            foreach (var day in start.Skip(1))
            {
                at++;
                placed.AddRange([start[0] with { Row = at, Column = 1 }, day with { Row = at, Column = 2 }, .. Under(day, below, heads, at)]);
            }
        }

        // A title, and what stands under no day.
        Leave(sheet, rows, [.. placed, .. labels.Select(x => x[0])], left);
        return placed;
    }

    // "| Mon | Tue", and below it "Week 1 sound | n | o" and "Week 1 tricky | | on": its week stands over the days, and what is
    // left of the label beside them; other rows stand first. Or "WEEK 1" alone over its rows, which gets the days beside it.
    // The same rows where the labels are no such.
    private static List<List<SheetCell>> WithWeeksApart(List<List<SheetCell>> rows)
    {
        var days = rows.Find(x => x.Count >= FewestDays && x.TrueForAll(c => SheetWords.HeadsDay(c.Text)));
        bool IsWeekAlone(List<SheetCell> row) => days is not null && row is [var alone] && alone.Column < days[0].Column && SheetWords.IsWeek(alone.Text);
        if (rows.Count(IsWeekAlone) > 1)
        {
            return [.. rows.Where(x => x != days).Select(x => IsWeekAlone(x) ? [x[0], .. days!] : x)];
        }

        var below = days is null ? [] : rows.FindAll(x => x[0].Row > days[0].Row && x[0].Column < days[0].Column).Select(x => (Row: x, Label: WeekAndRole.Match(x[0].Text))).ToList();
        return below.Count < 2 || below.Exists(x => !x.Label.Success || SheetHeadings.RoleOf(x.Label.Groups["role"].Value) is null)
            ? rows
            : [.. rows.Where(x => x != days && !below.Exists(y => y.Row == x)), .. below.GroupBy(x => x.Label.Groups["week"].Value.ToUpperInvariant()).SelectMany(week => week
                .Select(x => (List<SheetCell>)[x.Row[0] with { Text = x.Label.Groups["role"].Value }, .. x.Row.Skip(1)])
                .Prepend([week.First().Row[0] with { Text = week.First().Label.Groups["week"].Value }, .. days!]))];
    }

    private static readonly Regex WeekAndRole = new(@"^\s*(?<week>(?:week|wk|w)\.?\s*\d{1,2})\s*[-–:]?\s+(?<role>[a-z][a-z ]*?)\s*$", Any);

    // "Autumn 1", "| Week 1 | Week 2", and below it "Sounds | n, o | d" and "Tricky words | | the", again for every half-term: a
    // row for each week, under the labels. Null for any other sheet.
    private static List<SheetCell>? Grids(string sheet, List<List<SheetCell>> rows, List<LeftOut> left)
    {
        List<SheetCell> Weeks(List<SheetCell> row) => row.FindAll(x => SheetWords.IsWeek(x.Text));
        bool HeadsWeeks(List<SheetCell> row) => row.Count - Weeks(row).Count is 0 || (row.Count > 1 && row.Count - Weeks(row).Count is 1 && !SheetWords.IsWeek(row[0].Text) && (SheetHeadings.RoleOf(row[0].Text) == ColumnRole.Week || SheetWords.NamesTerm(row[0].Text)));
        var starts = rows.FindAll(HeadsWeeks);
        var labels = rows.Where(x => !HeadsWeeks(x) && x.Count > 1).ToList();
        // Whatever the first row under the weeks is called, where it comes again under others.
        bool IsLabel(SheetCell x) => SheetHeadings.RoleOf(x.Text) is not null || (x.Text.Trim().Length > ShortestLabel && !SheetWords.IsSection(x.Text) && !SheetWords.NamesYear(x.Text) && SheetWords.WeekdayOf(x.Text) == 0 && labels.Count(y => KeyOf(y[0]) == KeyOf(x)) == starts.Count);
        if (!starts.Exists(x => x.Count > 1) || labels.Count == 0 || !labels.TrueForAll(x => x[0].Column < Weeks(starts[0])[0].Column && IsLabel(x[0])))
        {
            return null;
        }

        var heads = HeadsOf(labels);
        SheetCell? TermOf(List<SheetCell> start) => !SheetWords.IsWeek(start[0].Text) ? (SheetWords.NamesTerm(start[0].Text) ? start[0] : null)
            : rows.TakeWhile(x => x != start).LastOrDefault() is [var alone] && !SheetWords.IsWeek(alone.Text) && !SheetWords.IsHoliday(alone.Text) && SheetHeadings.RoleOf(alone.Text) is null ? alone : null;
        var first = starts[0][0];
        List<SheetCell> placed = [first with { Row = 1, Column = 1, Text = "Term" }, first with { Row = 1, Column = 2, Text = "Week" }, .. heads.Select((x, i) => x with { Row = 1, Column = i + 3 })];
        var at = 1;
        foreach (var start in starts)
        {
            var below = rows.SkipWhile(x => x != start).Skip(1).TakeWhile(x => !HeadsWeeks(x)).ToList();
            foreach (var week in Weeks(start))
            {
                at++;
                placed.AddRange([.. TermOf(start) is { } term ? (SheetCell[])[term with { Row = at, Column = 1, Columns = 1 }] : [], week with { Row = at, Column = 2 }, .. Under(week, below, heads, at)]);
            }
        }

        Leave(sheet, rows, [.. placed, .. labels.Select(x => x[0])], left);
        return placed;
    }

    // "Step 1 | h, c, y", and below it "Words | hat, hen" and "Tricky words | the", again for every step: a row for each. Null for
    // any other sheet.
    private static List<SheetCell>? Steps(List<List<SheetCell>> rows)
    {
        var labels = rows.FindAll(x => x.Count == 2 && SheetHeadings.RoleOf(x[0].Text) is ColumnRole.Words or ColumnRole.TrickyWords);
        var steps = rows.FindAll(x => x.Count == 2 && (SheetWords.IsWeek(x[0].Text) || SheetWords.IsSection(x[0].Text)));
        if (steps.Count < 2 || !labels.GroupBy(x => KeyOf(x[0])).Any(x => x.Count() > 1) || rows.Any(x => x.Count != 1 && !labels.Contains(x) && !steps.Contains(x)) || labels.Exists(x => x[0].Row < steps[0][0].Row))
        {
            return null;
        }

        var heads = HeadsOf(labels);
        var first = steps[0][0];
        List<SheetCell> placed = [first with { Row = 1, Column = 1, Text = "Step" }, first with { Row = 1, Column = 2, Text = "Graphemes" }, .. heads.Select((x, i) => x with { Row = 1, Column = i + 3 })];
        var at = 1;
        foreach (var row in rows)
        {
            at += labels.Contains(row) ? 0 : 1;
            placed.AddRange(labels.Contains(row) ? [row[1] with { Row = at, Column = heads.FindIndex(h => KeyOf(h) == KeyOf(row[0])) + 3 }] : row.Select((x, i) => x with { Row = at, Column = i + 1 }));
        }

        return placed;
    }

    private static string KeyOf(SheetCell label) => label.Text.Trim().ToUpperInvariant();

    private static List<SheetCell> HeadsOf(List<List<SheetCell>> labels) => [.. labels.Select(x => x[0]).DistinctBy(KeyOf)];

    private static IEnumerable<SheetCell> Under(SheetCell top, List<List<SheetCell>> below, List<SheetCell> heads, int at) => below.SelectMany(row => row.Skip(1).Where(x => x.Column == top.Column)
        .Select(x => x with { Row = at, Column = heads.FindIndex(h => KeyOf(h) == KeyOf(row[0])) + 3 }));

    private static void Leave(string sheet, List<List<SheetCell>> rows, IReadOnlyList<SheetCell> read, List<LeftOut> left)
    {
        var known = read.Select(x => x.Address).ToHashSet();
        left.AddRange(rows.SelectMany(x => x).Where(x => !known.Contains(x.Address) && !(SheetHeadings.RoleOf(x.Text) == ColumnRole.Week)).Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), SheetWords.IsHoliday(x.Text) ? LeftOutReason.Holiday : LeftOutReason.NotRead)));
    }

    private static bool IsRole(string text) => SheetHeadings.RoleOf(text) is ColumnRole.Parts or ColumnRole.Sounds or ColumnRole.TrickyWords or ColumnRole.Words or ColumnRole.Notes or ColumnRole.Endings or ColumnRole.Clusters;

    private static bool Repeats(List<List<SheetCell>> labelled) =>
        labelled.CountBy(x => x[0].Text.Trim().ToUpperInvariant()).ToList() is { Count: > 1 } labels && labels.Exists(x => x.Value > 1);

    private static IEnumerable<SheetCell> Joined(List<SheetCell> row, int first) =>
        row is [var label, var cell] ? [cell with { Column = first, Text = $"{label.Text.Trim().TrimEnd(':')}: {cell.Text}" }] : row;

    // Of a day's pieces only what is taught makes a rung.
    private static IEnumerable<SheetCell> Taught(string sheet, List<SheetCell> row, int first, List<LeftOut> left)
    {
        if (row[0].Column != first || !Around.IsMatch(row[0].Text))
        {
            return Teaches.IsMatch(row[0].Text) ? row.Skip(1) : row.Count(x => SheetWords.HeadsDay(x.Text)) >= FewestDays ? row.Where(x => !SheetWords.HeadsDay(x.Text)) : row;
        }

        left.AddRange(row.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.NotRead)));
        return [];
    }

    private static readonly Regex Teaches = new(@"^\s*(?:teach|taught|new|new\s+(?:sounds?|learning)|introduce)\s*:?\s*$", Any);

    private static readonly Regex Around = new(@"^\s*(?:revisit|review|revise|recall|recap|practi[sc]e|apply|application|assess|plenary|resources?|homework|read|write|games?)\s*:?\s*$", Any);
}
