using System.IO.Compression;
using System.Xml;
using System.Xml.Linq;
using BoldLadder.Core.Importing;

namespace BoldLadder.Server.Importing;

/// <summary>The sheets of an .ods workbook (OpenDocument 1.3, part 3) as they are seen.</summary>
internal static class OdsSheets
{
    private static readonly XNamespace Table = "urn:oasis:names:tc:opendocument:xmlns:table:1.0", Text = "urn:oasis:names:tc:opendocument:xmlns:text:1.0",
        Office = "urn:oasis:names:tc:opendocument:xmlns:office:1.0", Style = "urn:oasis:names:tc:opendocument:xmlns:style:1.0";

    public static IReadOnlyList<Sheet> Of(ZipArchiveEntry content)
    {
        using var stream = content.Open();
        using var reader = XmlReader.Create(stream, new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null });
        var document = XDocument.Load(reader);
        var struck = document.Descendants(Style + "style")
            .Where(x => x.Elements(Style + "text-properties").Any(p => (string?)p.Attribute(Style + "text-line-through-style") is { } line && line != "none"))
            .Select(x => (string?)x.Attribute(Style + "name")).OfType<string>().ToHashSet();
        var unseen = document.Descendants(Style + "style").Where(x => x.Elements(Style + "table-properties").Any(p => (string?)p.Attribute(Table + "display") == "false"))
            .Select(x => (string?)x.Attribute(Style + "name")).OfType<string>().ToHashSet();
        return [.. document.Descendants(Office + "spreadsheet").Elements(Table + "table")
            .Select((x, i) => SheetOf(x, (string?)x.Attribute(Table + "name") ?? $"Sheet {i + 1}", struck, unseen))];
    }

    private static Sheet SheetOf(XElement table, string name, HashSet<string> struck, HashSet<string> unseen)
    {
        var hiddenColumns = HiddenColumns(table);
        var cells = new List<SheetCell>();
        var row = 0;
        foreach (var line in table.Descendants(Table + "table-row").Where(x => x.Ancestors(Table + "table").First() == table))
        {
            var times = Repeated(line, "number-rows-repeated");
            var hidden = (string?)line.Attribute(Table + "visibility") is "collapse" or "filter";
            var found = Cells(name, line, row + 1, hidden, hiddenColumns, struck);
            for (var i = 0; i < times && found.Count > 0; i++)
            {
                SheetFile.Bound(name, row + 1 + i, 1);
                cells.AddRange(i == 0 ? found : found.Select(x => x with { Row = x.Row + i }));
            }

            row += times;
        }

        return new Sheet(name, cells, (string?)table.Attribute(Table + "style-name") is { } style && unseen.Contains(style));
    }

    private static List<SheetCell> Cells(string name, XElement line, int row, bool hidden, HashSet<int> hiddenColumns, HashSet<string> struck)
    {
        var cells = new List<SheetCell>();
        var column = 0;
        foreach (var cell in line.Elements().Where(x => x.Name == Table + "table-cell" || x.Name == Table + "covered-table-cell"))
        {
            var times = Repeated(cell, "number-columns-repeated");
            var (text, isStruck) = cell.Name == Table + "covered-table-cell" ? ("", false) : Value(cell, struck);
            for (var i = 0; i < times && text.Length > 0; i++)
            {
                SheetFile.Bound(name, row, column + 1 + i);
                cells.Add(new SheetCell(
                    row, column + 1 + i, SheetFile.Cut(text), isStruck, hidden || hiddenColumns.Contains(column + 1 + i),
                    (int?)cell.Attribute(Table + "number-rows-spanned") ?? 1, (int?)cell.Attribute(Table + "number-columns-spanned") ?? 1));
            }

            column += times;
        }

        return cells;
    }

    private static (string Text, bool Struck) Value(XElement cell, HashSet<string> struck)
    {
        if ((string?)cell.Attribute(Office + "value-type") == "date" && (string?)cell.Attribute(Office + "date-value") is { Length: >= 10 } date)
        {
            return (date[..10], false);
        }

        var lines = cell.Elements(Text + "p").Select(p => (Kept: Read(p, struck, false), All: Read(p, struck, true))).ToList();
        var kept = string.Join('\n', lines.Select(x => x.Kept)).Trim();
        var all = string.Join('\n', lines.Select(x => x.All)).Trim();
        var whole = struck.Contains((string?)cell.Attribute(Table + "style-name") ?? "");
        return kept.Length > 0 ? (kept, whole) : (all, all.Length > 0);
    }

    private static string Read(XElement element, HashSet<string> struck, bool withStruck) => string.Concat(element.Nodes().Select(x => x switch
    {
        XText text => text.Value,
        XElement { Name: var name } when name == Text + "s" => " ",
        XElement { Name: var name } when name == Text + "line-break" => "\n",
        XElement { Name: var name } when name == Text + "tab" => "\t",
        XElement { Name: var name } when name == Office + "annotation" => "",
        XElement span => !withStruck && struck.Contains((string?)span.Attribute(Text + "style-name") ?? "") ? "" : Read(span, struck, withStruck),
        _ => "",
    }));

    private static HashSet<int> HiddenColumns(XElement table)
    {
        var (hidden, at) = (new HashSet<int>(), 0);
        foreach (var column in table.Descendants(Table + "table-column"))
        {
            var times = Repeated(column, "number-columns-repeated");
            if ((string?)column.Attribute(Table + "visibility") is "collapse" or "filter")
            {
                hidden.UnionWith(Enumerable.Range(at + 1, Math.Min(times, Sheet.MostColumns)));
            }

            at += times;
        }

        return hidden;
    }

    private static int Repeated(XElement element, string attribute) =>
        int.TryParse((string?)element.Attribute(Table + attribute), out var times) && times > 0 ? times : 1;
}
