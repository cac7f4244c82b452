using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>Which way a sheet is read: row by row, or column by column where weeks, terms or lists stand side by side.</summary>
internal static class SheetDirection
{
    /// <summary>Headings stand in this row at the latest.</summary>
    public const int LastHeaderRow = 14;

    private const int FewestLists = 3, ShortestList = 3, LongestNumber = 3, FewestNumbered = 4;

    /// <summary>Red list, blue list, green list: under names that nobody knows nothing but letters, and no column that numbers the rows. The red group and the blue are children, who may each have an order of their own.</summary>
    public static bool ListsAcross(IReadOnlyList<SheetCell> cells, PartReader reader)
    {
        var names = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).FirstOrDefault(x => x.Count() > 1)?.ToList() ?? [];
        var howFar = names.Count > 1 && names.TrueForAll(x => SheetHeadings.SaysHowFar(x.Text));
        return (howFar || (names.Count >= FewestLists && names.TrueForAll(x => SheetHeadings.RoleOf(x.Text) is null && !SheetWords.HeadsDay(x.Text) && !SheetWords.IsSection(x.Text) && !SheetWords.IsWeek(x.Text) && !SheetWords.NamesChildren(x.Text) && !reader.LooksLikePart(x.Text))))
            && cells.Where(x => x.Row > names[0].Row).GroupBy(x => x.Column).ToList() is var lists && lists.Count == names.Count
            && lists.TrueForAll(x => names.Exists(n => n.Column == x.Key) && x.Count() >= ShortestList && x.All(c => reader.LooksLikePart(c.Text) || LessonWords.LessonOf(c.Text) is not null));
    }

    /// <summary>Reception, Year 1 and Year 2 down the side of terms, or terms down the side of weeks: row by row, the longer time goes by.</summary>
    public static bool LargerDown(IReadOnlyList<SheetCell> cells, IReadOnlyList<SheetCell> row)
    {
        var beside = row.Where(x => IsBeside(x.Text)).Select(x => x.Column).ToHashSet();
        (row, cells) = ([.. row.Where(x => !beside.Contains(x.Column))], [.. cells.Where(x => !beside.Contains(x.Column))]);
        var (weeks, terms) = (row.Where(x => SheetWords.IsWeek(x.Text)).ToList(), row.Where(x => SheetWords.NamesTerm(x.Text)).ToList());
        var across = weeks.Count > 1 ? weeks : terms;
        return across.Count > 1 && across.Count >= row.Count - 1 && cells.Where(x => x.Row > row[0].Row && x.Column < across[0].Column).ToList() is { Count: > 1 } down
            && down.TrueForAll(x => across == weeks ? SheetWords.IsOrdinal(x.Text) ? SheetHeadings.RoleOf(row[0].Text) == ColumnRole.Section : SheetWords.NamesTerm(x.Text) : SheetWords.NamesYear(x.Text));
    }

    /// <summary>Weeks or terms stand side by side, and what is smaller, or of another kind, down the side of them.</summary>
    public static bool WeeksAcross(IReadOnlyList<SheetCell> cells)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Take(LastHeaderRow).Select(x => x.OrderBy(c => c.Column).ToList()).ToList();
        bool IsDay(SheetCell x) => SheetDates.IsDate(x.Text) || SheetWords.IsDayOfDiary(x.Text) || SheetWords.IsWeekOfDay(x.Text);
        // "Week | 1 | 2 | 3": the row is numbered, and what stands below is called at its left.
        var numbered = rows.FirstOrDefault() ?? [];
        if (numbered.Count > 3 && SheetHeadings.IsCounted(numbered[0].Text) && numbered.Skip(1).All(x => SheetWords.IsOrdinal(x.Text)) && cells.Any(x => x.Column == numbered[0].Column && x != numbered[0] && (SheetHeadings.RoleOf(x.Text) is not null || SheetWords.WeekdayOf(x.Text) > 0)))
        {
            return true;
        }

        // "| 7/9 | 14/9 | 21/9", and weekdays below each other: the weeks are called by their first days.
        var dated = rows.Find(x => x.Count > 1) ?? [];
        if (dated.Count(IsDay) is var days && days >= 3 && days >= dated.Count - 1 && !rows.Exists(x => x != dated && x.Exists(IsDay))
            && cells.Where(x => x.Row > dated[0].Row && x.Column < dated.Where(IsDay).Min(d => d.Column)).ToList() is { Count: > 1 } down && down.TrueForAll(x => SheetWords.WeekdayOf(x.Text) > 0 || SheetHeadings.RoleOf(x.Text) is not null))
        {
            return true;
        }

        // "Day | Year R | Year 1": the one year's all before the other's.
        if (dated.Count > 1 && dated.Skip(1).All(x => SheetWords.NamesYear(x.Text)) && (dated.Count > 2 || (SheetWords.NamesYear(dated[0].Text) && cells.Any(x => x.Row > dated[0].Row && x.Column < dated[0].Column))))
        {
            return true;
        }

        if (CountsDown(cells))
        {
            return true;
        }

        // "Week | Autumn | Spring", and weeks below each other: the one term's all before the other's.
        var terms = dated.FindAll(x => SheetWords.NamesTerm(x.Text));
        if (terms.Count > 1 && terms.Count >= dated.Count - 1
            && cells.Where(x => x.Row > dated[0].Row && x.Column < terms[0].Column).ToList() is { Count: > 1 } weeks && weeks.TrueForAll(x => SheetWords.IsWeek(x.Text)))
        {
            return true;
        }

        // "Phoneme | Year 1 | Year 2", and a sound in each row: its spellings as they come.
        if (dated.Count > 2 && SheetHeadings.NamesSound(dated[0].Text) && dated.Skip(1).All(x => SheetWords.IsSection(x.Text) && SheetHeadings.RoleOf(x.Text) is null && !SheetWords.HeadsDay(x.Text)))
        {
            return true;
        }

        // "Set A | Set B": the one's all before the other's.
        if (dated.Count > 1 && dated.TrueForAll(x => SheetWords.NamesSet(x.Text)))
        {
            return true;
        }

        if (dated.Count > 1 && dated.TrueForAll(x => SheetWords.IsWeek(x.Text)) && dated.DistinctBy(x => x.Text.Trim()).Count() == dated.Count && !LargerDown(cells, dated))
        {
            return true;
        }

        // "Taught first: one letter | Taught second: two letters".
        if (dated.Count > 1 && dated.TrueForAll(x => TaughtAt.IsMatch(x.Text)))
        {
            return true;
        }

        // Five days of a half-term's project are no terms; the halves of two terms that stand over them are.
        return rows.Where((x, at) => x.Select(c => c.Text).Distinct().Count() > 2 || (at > 0 && rows[at - 1].Count(c => c.Columns > 1 && SheetWords.IsSection(c.Text)) > 1)).Any(row => row.Count(x => SheetWords.IsWeek(x.Text) || (SheetWords.IsSection(x.Text) && !SheetWords.IsOrdinal(x.Text) && SheetHeadings.RoleOf(x.Text) is null && !SheetWords.HeadsDay(x.Text))) is var labels
            && labels >= 3 && labels >= row.Count - 1 && !LargerDown(cells, row));
    }

    /// <summary>True for the heading of what is said of each row, or counts it: notes, who teaches, no.</summary>
    public static bool IsBeside(string heading) => SheetWords.Labelled(heading) is null && (SheetHeadings.RoleOf(heading) is ColumnRole.Notes or ColumnRole.LeftOut || SheetHeadings.CountsRows(heading));

    /// <summary>The cells without the columns that are said of rows, where weeks stand side by side but for them: notes, who teaches, numbers of the rows.</summary>
    public static IReadOnlyList<SheetCell> WithoutBeside(string sheet, IReadOnlyList<SheetCell> cells, List<LeftOut> left)
    {
        var top = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).FirstOrDefault(x => x.Count() > 1)?.ToList() ?? [];
        // What heads the labels of rows may be called anything.
        var labels = top.Count > 0 && WeeksAcross(cells) ? top.Min(x => x.Column) : 0;
        var beside = top.FindAll(x => x.Column != labels && IsBeside(x.Text)).Select(x => x.Column).ToHashSet();
        var rest = cells.Where(x => !beside.Contains(x.Column)).ToList();
        if (beside.Count == 0 || !WeeksAcross(rest))
        {
            return cells;
        }

        left.AddRange(cells.Where(x => beside.Contains(x.Column)).Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.NotRead)));
        return rest;
    }

    /// <summary>What stands alone above lists side by side says what the sheet is called, and nothing of the first of them.</summary>
    public static List<SheetCell> TitlesOf(IReadOnlyList<SheetCell> cells, PartReader reader) => [.. cells.GroupBy(x => x.Row).OrderBy(x => x.Key).TakeWhile(x => x.Count() == 1).Select(x => x.Single())
        .Where(x => x.Columns == 1 && x.Text.Trim().Contains(' ', StringComparison.Ordinal) && !SheetWords.IsSection(x.Text) && !SheetWords.IsWeek(x.Text) && !reader.Read(SheetWords.Labelled(x.Text)?.After ?? x.Text).Any(p => p.Kind == WrittenKind.Grapheme))];

    /// <summary>The cells with terms side by side called as elsewhere, where headings say more of them: <i>spellings taught in Spring 1</i>, <i>spellings taught in Spring 2</i>.</summary>
    public static IReadOnlyList<SheetCell> CalledByTerm(IReadOnlyList<SheetCell> cells)
    {
        string? TermOf(SheetCell x) => TaughtIn.Match(x.Text) is { Success: true } match && SheetWords.IsSection(match.Groups["term"].Value) ? match.Groups["term"].Value : null;
        var called = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Take(LastHeaderRow).Select(x => x.Where(c => TermOf(c) is not null).ToHashSet()).FirstOrDefault(x => x.Select(TermOf).Distinct().Count() > 1);
        return called is null ? cells : [.. cells.Select(x => called.Contains(x) ? x with { Text = TermOf(x)! } : x)];
    }

    /// <summary>The cells with weeks side by side called so, where a row has their numbers alone and what stands below is called at its left: <i>| 1 | 2 | 3</i> over <i>Sounds</i> and <i>Tricky words</i>.</summary>
    public static IReadOnlyList<SheetCell> CalledByWeek(IReadOnlyList<SheetCell> cells)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Select(x => x.OrderBy(c => c.Column).ToList()).ToList();
        var numbered = rows.FindAll(IsNumbers);
        numbered.AddRange(numbered.Count == 0 ? [] : rows.FindAll(x => x is [var alone] && alone.Text.Trim() == "1" && alone.Column == Numbers(numbered[0])[0].Column));
        bool IsLabel(SheetCell x) => SheetHeadings.RoleOf(x.Text) is not null || SheetWords.WeekdayOf(x.Text) > 0;
        var weeks = numbered.Where(row => rows.SkipWhile(x => x != row).Skip(1).TakeWhile(x => !numbered.Contains(x)).Any(x => x[0].Column < Numbers(row)[0].Column && IsLabel(x[0]))).SelectMany(Numbers).ToHashSet();
        return weeks.Count == 0 ? cells : [.. cells.Select(x => weeks.Contains(x) ? x with { Text = $"Week {x.Text.Trim()}" } : x)];
    }

    private static List<SheetCell> Numbers(List<SheetCell> row) => row.FindAll(x => x.Text.Trim() is { Length: <= LongestNumber } number && number.All(char.IsAsciiDigit));

    // "1. s | 7. m", "2. a | 8. d": what is numbered counts on down one column and then down the next.
    private static bool CountsDown(IReadOnlyList<SheetCell> cells)
    {
        var columns = cells.GroupBy(x => x.Column).OrderBy(x => x.Key).Select(x => x.OrderBy(c => c.Row).Select(c => NumberOf(c.Text)).OfType<int>().ToList()).Where(x => x.Count > 0).ToList();
        var numbers = columns.SelectMany(x => x).ToList();
        return columns.Count > 1 && numbers.Count >= FewestNumbered && numbers.Count >= cells.Count - 2 && columns.Exists(x => x.Count > 1) && numbers.Zip(numbers.Skip(1)).All(x => x.First < x.Second);
    }

    private static int? NumberOf(string text) => Numbered.Match(text) is { Success: true } match ? int.Parse(match.Groups["number"].Value, CultureInfo.InvariantCulture) : null;

    private static readonly Regex Numbered = new(@"^\s*\(?(?<number>\d{1,3})(?:[.):]|\s+[-–—])\s*\S");

    // Numbers that count on, and nothing besides but what they count: Week, Autumn 1.
    private static bool IsNumbers(List<SheetCell> row) => Numbers(row) is { Count: >= 2 } numbers && numbers.Zip(numbers.Skip(1)).All(x => x.Second.Column > x.First.Column && int.Parse(x.Second.Text, CultureInfo.InvariantCulture) == int.Parse(x.First.Text, CultureInfo.InvariantCulture) + 1)
        && (numbers.Count == row.Count || (numbers.Count == row.Count - 1 && row[0] != numbers[0] && (SheetHeadings.RoleOf(row[0].Text) is ColumnRole.Week || SheetWords.NamesTerm(row[0].Text))));

    private static readonly Regex TaughtAt = new(@"^(?:taught|teach|introduced|learnt|learned|learn|met|meet)\s+(?:first|second|third|fourth|fifth|next|then|last)\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    private static readonly Regex TaughtIn = new(@"^[A-Za-z\s]{0,30}\b(?:taught|introduced|learnt|learned|met|covered)\s+(?:in|for|during)\s+(?:the\s+)?(?<term>.{3,20})$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
