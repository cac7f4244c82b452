using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>Cells without what makes no difference to who reads them: spaces of every kind, dots between, colons behind headings, empty rows above all.</summary>
internal static partial class PlainCells
{
    /// <summary>The cells so written; each tells where it stood.</summary>
    public static IReadOnlyList<SheetCell> Of(IEnumerable<SheetCell> cells)
    {
        var plain = cells.Where(x => x.Text.Length > 0).ToList();
        var above = plain.Count == 0 ? 0 : plain.Min(x => x.Row) - 1;
        // Of the first row of several: further down Common words: stands over the words of each column.
        var headings = plain.GroupBy(x => x.Row).OrderBy(x => x.Key).FirstOrDefault(x => x.Count() > 1)?.ToList() is { } first && first.TrueForAll(x => x.Text.EndsWith(':')) ? first[0].Row : -1;
        return [.. plain.Select(x => x with { Row = x.Row - above, Text = x.Row == headings ? x.Text.TrimEnd(':', ' ') : x.Text, Named = x.Address })];
    }

    /// <summary>A cell's text so written.</summary>
    public static string Text(string text) => InLines().IsMatch(text) ? InLine(text).Replace("\n", ", ", StringComparison.Ordinal) : InLine(text);

    private static string InLine(string text) =>
        Dots().Replace(WithWord().Replace(string.Concat(text.Where(x => char.GetUnicodeCategory(x) != UnicodeCategory.Format || x == '\u200D').Select(x => char.GetUnicodeCategory(x) == UnicodeCategory.SpaceSeparator ? ' ' : x)), "${letters} - ${word}"), " • ").Trim();

    // A · ant: its word, and no other of a list.
    [GeneratedRegex(@"^\s*(?<letters>[a-z]{1,3}) +[·‧∙⋅] +(?<word>\k<letters>[a-z]+)\s*$", RegexOptions.CultureInvariant)]
    private static partial Regex WithWord();

    // A column of letters in one cell is a list of them.
    [GeneratedRegex(@"^\s*[A-Za-z']{1,3}\s*(\n\s*[A-Za-z']{1,3}\s*)+$", RegexOptions.CultureInvariant)]
    private static partial Regex InLines();

    [GeneratedRegex(@"(?<=\S) +[·‧∙⋅] +(?=\S)", RegexOptions.CultureInvariant)]
    private static partial Regex Dots();
}
