using System.Globalization;
using System.Text.RegularExpressions;
using AngleSharp.Dom;
using AngleSharp.Html.Parser;
using BoldLadder.Core.Importing;
using CsvHelper;
using CsvHelper.Configuration;

namespace BoldLadder.Server.Importing;

/// <summary>Sheets of plain text: a file with commas, semicolons or tabs, and a table or a list that was pasted.</summary>
public static partial class TextSheets
{
    /// <param name="delimiter">What divides the cells; found out when it is not said.</param>
    public static IReadOnlyList<Sheet> Of(string name, string text, char? delimiter)
    {
        using var reader = new StringReader(text);
        var divides = delimiter ?? Delimiter(text);
        using var csv = new CsvParser(reader, new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            Delimiter = divides.ToString(), BadDataFound = null, HasHeaderRecord = false, IgnoreBlankLines = false, MaxFieldSize = SheetFile.LongestCell * 20,
            Mode = divides == '\t' && !text.Contains("\t\"", StringComparison.Ordinal) && !text.Contains("\n\"", StringComparison.Ordinal) && !text.StartsWith('"') ? CsvMode.NoEscape : CsvMode.RFC4180,
        });
        var lines = new List<IReadOnlyList<string>>();
        try
        {
            while (csv.Read())
            {
                SheetFile.Bound(name, lines.Count + 1, csv.Count);
                lines.Add([.. (csv.Record ?? []).Select(SheetFile.Cut)]);
            }
        }
        catch (MaxFieldSizeException)
        {
            throw new SheetException($"Row {lines.Count + 1} holds a cell longer than {SheetFile.LongestCell * 20} letters: a quotation mark before it may never be closed.");
        }

        return [Sheet.Of(name, lines)];
    }

    /// <summary>What was pasted: a table out of a spreadsheet or a word processor, a list, or plain lines.</summary>
    public static IReadOnlyList<Sheet> Pasted(string text)
    {
        const string Name = "Pasted";
        if (text.TrimStart().StartsWith('<') && text.Contains("</", StringComparison.Ordinal))
        {
            var page = new HtmlParser().ParseDocument(text);
            if (page.QuerySelectorAll("table").Where(x => x.QuerySelector("table") is null).ToList() is { Count: > 0 } tables)
            {
                return [.. tables.Select((x, i) => OfTable(tables.Count == 1 ? Name : $"{Name} {i + 1}", x))];
            }

            var lines = page.QuerySelectorAll("li, p, h1, h2, h3, h4, h5, h6, div").Where(x => x.QuerySelector("li, p, div") is null).Select(x => TextOf(x)).Where(x => x.Length > 0).ToList();
            return [Sheet.Of(Name, (lines.Count > 0 ? lines : [.. TextOf(page.Body!).Split('\n')]).Select(x => (IReadOnlyList<string>)[SheetFile.Cut(x)]))];
        }

        // Cells of a spreadsheet come with tabs; a list does not, and its commas divide parts, not cells.
        return text.Contains('\t', StringComparison.Ordinal)
            ? Of(Name, text, '\t')
            : [Sheet.Of(Name, Bounded(text.ReplaceLineEndings("\n").Split('\n')))];
    }

    private static IEnumerable<IReadOnlyList<string>> Bounded(string[] lines)
    {
        SheetFile.Bound("Pasted", lines.Length, 1);
        return lines.Select(x => (IReadOnlyList<string>)(x.Trim().StartsWith('|') ? [.. x.Trim().Trim('|').Split('|').Select(SheetFile.Cut)] : [SheetFile.Cut(x)]))
            .Where(x => !x.All(c => c.Length > 0 && c.All(l => l is '-' or ':' or ' ')));
    }

    private static Sheet OfTable(string name, IElement table)
    {
        var (cells, taken, row) = (new List<SheetCell>(), new HashSet<(int, int)>(), 0);
        foreach (var line in table.QuerySelectorAll("tr"))
        {
            row++;
            var column = 0;
            foreach (var cell in line.QuerySelectorAll("td, th"))
            {
                do
                {
                    column++;
                }
                while (taken.Contains((row, column)));

                var (rows, columns) = (Span(cell, "rowspan"), Span(cell, "colspan"));
                SheetFile.Bound(name, row, column + columns - 1);
                for (var r = 0; r < rows; r++)
                {
                    for (var c = 0; c < columns; c++)
                    {
                        taken.Add((row + r, column + c));
                    }
                }

                var text = TextOf(cell);
                var struck = text.Length > 0 && TextOf(cell, true).Length == 0;
                if (text.Length > 0)
                {
                    cells.Add(new SheetCell(row, column, SheetFile.Cut(struck ? text : TextOf(cell, true)), struck, Hidden(cell) || Hidden(line), rows, columns));
                }

                column += columns - 1;
            }
        }

        return new Sheet(name, cells);
    }

    private static bool Hidden(IElement x) => (x.GetAttribute("style") ?? "").Replace(" ", "", StringComparison.Ordinal).Contains("display:none", StringComparison.OrdinalIgnoreCase);

    private static int Span(IElement cell, string attribute) => int.TryParse(cell.GetAttribute(attribute), out var span) ? Math.Clamp(span, 1, Sheet.MostColumns) : 1;

    // Line breaks and paragraphs are lines; what is struck through is left away when asked.
    private static string TextOf(INode node, bool withoutStruck = false)
    {
        var lines = new System.Text.StringBuilder();
        Walk(node);
        return string.Join('\n', lines.ToString().Split('\n').Select(x => string.Join(' ', x.Split((char[])[' ', '\t', '\u00A0'], StringSplitOptions.RemoveEmptyEntries))).Where(x => x.Length > 0));

        void Walk(INode at)
        {
            foreach (var child in at.ChildNodes)
            {
                switch (child)
                {
                    case IText text:
                        lines.Append(text.Data.ReplaceLineEndings(" "));
                        break;
                    case IElement { LocalName: "br" }:
                        lines.Append('\n');
                        break;
                    case IElement { LocalName: "style" or "script" or "head" or "title" or "img" }:
                        break;
                    case IElement element when withoutStruck && (element.LocalName is "s" or "strike" or "del" || (element.GetAttribute("style") ?? "").Contains("line-through", StringComparison.OrdinalIgnoreCase)):
                        break;
                    case IElement element:
                        var block = element.LocalName is "p" or "div" or "li" or "tr" or "td";
                        lines.Append(block ? "\n" : "");
                        Walk(element);
                        lines.Append(block ? "\n" : "");
                        break;
                }
            }
        }
    }

    // The sign that divides most lines, and into as many cells each; what stands in quotes divides none, nor do commas and
    // semicolons of what is said: a space comes after those, and they stand in a line here and there.
    private static char Delimiter(string text)
    {
        var unquoted = InQuotes().Replace(text, "");
        var lines = unquoted.Split('\n').Where(x => x.Trim().Length > 0).Take(30).ToList();
        int Alike(char d) => lines.Select(x => x.Count(c => c == d)).Where(x => x > 0).CountBy(x => x).Select(x => x.Value).DefaultIfEmpty().Max();
        bool IsSaid(char d) => d != '\t' && unquoted.Count(x => x == d) is var all && unquoted.Split($"{d} ").Length - 1 is var spaced && spaced * 10 >= all * 8;
        // Autumn 1: r, s, j.
        bool IsListed(char d) => lines.Count(x => x.Split(d) is { Length: > 1 } cells && (cells[0].Contains(": ", StringComparison.Ordinal) || cells[0].Contains(" - ", StringComparison.Ordinal))) * 2 > lines.Count;
        return new[] { '\t', ';', ',' }.Where(d => lines.Any(x => x.Contains(d)) && !(IsSaid(d) && (Alike(d) * 10 < lines.Count * 8 || IsListed(d))))
            .OrderBy(IsSaid).ThenByDescending(Alike).ThenByDescending(d => lines.Count(x => x.Contains(d))).FirstOrDefault('\t');
    }

    [GeneratedRegex("\"[^\"]*\"")]
    private static partial Regex InQuotes();
}
