using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>Cells without what makes no difference to who reads them: spaces and dashes of every kind, dots between, lists and weeks however they are written, colons behind headings, empty rows above all.</summary>
internal static class PlainCells
{
    /// <summary>The cells so written; each tells where it stood.</summary>
    public static IReadOnlyList<SheetCell> Of(IEnumerable<SheetCell> cells)
    {
        var plain = cells.Where(x => x.Text.Length > 0).ToList();
        var above = plain.Count == 0 ? 0 : plain.Min(x => x.Row) - 1;
        // Of the first row of several: further down Common words: stands over the words of each column.
        var headings = plain.GroupBy(x => x.Row).OrderBy(x => x.Key).FirstOrDefault(x => x.Count() > 1)?.ToList() is { } first && first.TrueForAll(x => x.Text.EndsWith(':') || x.Text.EndsWith('*')) ? first[0].Row : -1;
        var seasons = plain.Exists(x => PlainWeeks.IsSeason(x.Text));
        string WithSeason(string text) => seasons ? PlainWeeks.WithSeason(text) : text;
        return [.. plain.Select(x => x with { Row = x.Row - above, Text = WithSeason(x.Row == headings ? x.Text.TrimEnd(':', '*', ' ') : x.Text), Named = x.Address })];
    }

    /// <summary>A cell's text so written.</summary>
    public static string Text(string text) => PlainWeeks.Of(PlainLists.Of(InLine(text)));

    private static string InLine(string text) =>
        Dots.Replace(WithWord.Replace(Spaces.Replace(string.Concat(text.Where(x => char.GetUnicodeCategory(x) != UnicodeCategory.Format || x == '\u200D').Select(Plain)), " "), "${letters} - ${word}"), " • ").Trim();

    private static char Plain(char mark) => char.GetUnicodeCategory(mark) == UnicodeCategory.SpaceSeparator ? ' ' : mark switch
    {
        '\u2010' or '\u2011' or '−' => '-',
        '‘' or '’' => '\'',
        '“' or '”' => '"',
        _ => mark,
    };

    // A · ant: its word, and no other of a list.
    private static readonly Regex WithWord = new(@"^\s*(?<letters>[a-z]{1,3}) +[·‧∙⋅] +(?<word>\k<letters>[a-z]+)\s*$", RegexOptions.CultureInvariant);

    private static readonly Regex Spaces = new(@" {2,}", RegexOptions.CultureInvariant);

    private static readonly Regex Dots = new(@"(?<=\S) +[·‧∙⋅] +(?=\S)", RegexOptions.CultureInvariant);
}
