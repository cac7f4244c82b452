using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>What stands above all else and says what the sheet is called: <i>Phonics overview 2026-27</i>, and whose it is.</summary>
internal static class SheetTitle
{
    /// <summary>The first line of it, empty where there is none, and the cells below: what comes next stands in the first row, and tells where it stood.</summary>
    public static (string Title, IReadOnlyList<SheetCell> Below) Of(string sheet, IReadOnlyList<SheetCell> cells, PartReader reader, List<LeftOut> left)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).ToList();
        // Reception phonics plan, below the school's name, is no part of the order, unless there are others of its kind: Year 1 plan, Year 1.
        var alone = rows.Where(x => x.Count() == 1).Select(x => x.Single().Text).Count(x => SheetWords.IsSection(x) && (SheetWords.NamesPlan(x) || SheetWords.NamesYear(x))) == 1;
        var lines = rows.TakeWhile((x, at) => x.Count() == 1 && IsTitle(x.Single().Text, at > 0 && alone, reader)).Select(x => x.Single()).ToList();
        if (lines.Count == 0 || lines.Count == rows.Count)
        {
            return ("", cells);
        }

        left.AddRange(lines.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.Title)));
        var up = rows[lines.Count].Key - 1;
        return (lines[0].Text.Trim(), [.. cells.Where(x => x.Row > up).Select(x => x with { Row = x.Row - up })]);
    }

    private static bool IsTitle(string text, bool maySaySection, PartReader reader) => (SheetWords.NamesPlan(text) || Whose.IsMatch(text) || WhatWeLearn.IsMatch(text))
        && SheetWords.Labelled(text) is null && (maySaySection || !SheetWords.IsSection(text)) && !SheetWords.IsWeek(text) && ((SheetWords.NamesPlan(text) && !text.Contains(',', StringComparison.Ordinal)) || !reader.LooksLikePart(text));

    // Sounds we will learn, in order.
    private static readonly Regex WhatWeLearn = new(@"^\s*(our |the )?(sounds|letters|graphemes)( that)? (we|you|children|your child)( will| shall)? (learn|teach|meet)\b[^:]*,[^:]*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    // A school, and the year it is for.
    private static readonly Regex Whose = new(@"\b(school|academy|nursery|primary|infants|juniors)\s*$|\b20\d\d\s*[-–/]\s*(20)?\d\d\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    /// <summary>True for what a sheet is called that nobody has called anything: <i>Sheet1</i>.</summary>
    public static bool Unnamed(string sheet) => NoName.IsMatch(sheet);

    private static readonly Regex NoName = new(@"^\s*(sheet|table|pasted|untitled)[\s_-]*\d*\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
