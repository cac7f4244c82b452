using System.Globalization;
using System.IO.Compression;
using System.Net;
using System.Text;
using DocumentFormat.OpenXml;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;

namespace BoldLadder.Server.Tests.Importing;

/// <summary>Makes the real file of a written sheet, as a spreadsheet program would save it.</summary>
internal static class SheetMaker
{
    private const uint Struck = 1, Filled = 2, Dated = 3;

    public static byte[] Make(WrittenSheet sheet) => sheet.Kind switch
    {
        "xlsx" => Xlsx(sheet),
        "ods" => Ods(sheet),
        _ => Encoding.UTF8.GetBytes(Lines(sheet, sheet.Kind switch { "tsv" => "\t", "ssv" => ";", _ => "," })),
    };

    /// <summary>What comes when its cells are copied and pasted: a page with a table, or plain lines.</summary>
    public static string Pasted(WrittenSheet sheet) => sheet.Kind == "html" ? Html(sheet) : Lines(sheet, "\t");

    private static string Lines(WrittenSheet sheet, string delimiter)
    {
        var rows = Enumerable.Range(1, sheet.Cells.Max(x => x.Row)).Select(r => Enumerable.Range(1, sheet.Cells.Where(x => x.Row == r).Max(x => (int?)x.Column) ?? 0)
            .Select(c => Quoted(sheet.Cells.FirstOrDefault(x => x.Row == r && x.Column == c)?.Text ?? "", delimiter)));
        return string.Join("\r\n", rows.Select(x => string.Join(delimiter, x)));
    }

    private static string Quoted(string text, string delimiter) => delimiter != "\t" && (text.Contains(delimiter, StringComparison.Ordinal) || text.Contains('"') || text.Contains('\n'))
        ? $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"" : text;

    private static byte[] Xlsx(WrittenSheet sheet)
    {
        using var stream = new MemoryStream();
        using (var document = SpreadsheetDocument.Create(stream, SpreadsheetDocumentType.Workbook))
        {
            var book = document.AddWorkbookPart();
            book.Workbook = new Workbook(new Sheets());
            book.AddNewPart<WorkbookStylesPart>().Stylesheet = new Stylesheet(
                new Fonts(new Font(), new Font(new Strike())),
                new Fills(new Fill(new PatternFill { PatternType = PatternValues.None }), new Fill(new PatternFill { PatternType = PatternValues.Gray125 }),
                    new Fill(new PatternFill(new ForegroundColor { Rgb = "FFF4D35E" }) { PatternType = PatternValues.Solid })),
                new Borders(new Border()), new CellStyleFormats(new CellFormat()),
                new CellFormats(new CellFormat(), new CellFormat { FontId = 1, ApplyFont = true }, new CellFormat { FillId = 2, ApplyFill = true }, new CellFormat { NumberFormatId = 14, ApplyNumberFormat = true }));
            Add(book, "Plan", sheet);
            foreach (var (name, hidden) in (sheet.Said.GetValueOrDefault("sheet") ?? []).Select(x => (x, false)).Concat((sheet.Said.GetValueOrDefault("hidden-sheet") ?? []).Select(x => (x, true))))
            {
                var part = book.AddNewPart<WorksheetPart>();
                part.Worksheet = new Worksheet(new SheetData(new Row(Text("A1", "q", 0)) { RowIndex = 1 }, new Row(Text("A2", "12", 0)) { RowIndex = 2 }));
                Sheet(book, name, part, hidden);
            }
        }

        return stream.ToArray();
    }

    private static void Add(WorkbookPart book, string name, WrittenSheet sheet)
    {
        var part = book.AddNewPart<WorksheetPart>();
        var worksheet = new Worksheet();
        if (sheet.Said.TryGetValue("hide-column", out var columns))
        {
            worksheet.Append(new Columns(columns.Select(x => new Column { Min = (uint)(x[0] - 'A' + 1), Max = (uint)(x[0] - 'A' + 1), Hidden = true, Width = 8, CustomWidth = true })));
        }

        var data = new SheetData();
        foreach (var cells in sheet.Cells.GroupBy(x => x.Row).OrderBy(x => x.Key))
        {
            data.Append(new Row(cells.Select(x => CellOf(x, sheet))) { RowIndex = (uint)cells.Key, Hidden = sheet.Has("hide-row", cells.Key.ToString(CultureInfo.InvariantCulture)) });
        }

        worksheet.Append(data);
        if (sheet.Said.TryGetValue("merge", out var merged))
        {
            worksheet.Append(new MergeCells(merged.Select(x => new MergeCell { Reference = x })));
        }

        part.Worksheet = worksheet;
        Sheet(book, name, part, false);
    }

    private static Cell CellOf(WrittenCell x, WrittenSheet sheet)
    {
        var style = sheet.Has("strike", x.Address) ? Struck : sheet.Has("fill", x.Address) ? Filled : sheet.Has("date", x.Address) ? Dated : 0;
        if (style == Dated)
        {
            return new Cell { CellReference = x.Address, StyleIndex = style, CellValue = new CellValue(DateTime.Parse(x.Text, CultureInfo.InvariantCulture).ToOADate()) };
        }

        if ((sheet.Said.GetValueOrDefault("formula") ?? []).FirstOrDefault(f => f.StartsWith(x.Address + " ", StringComparison.Ordinal)) is { } formula)
        {
            return new Cell { CellReference = x.Address, CellFormula = new CellFormula(formula[(x.Address.Length + 1)..]), CellValue = new CellValue(x.Text) };
        }

        return double.TryParse(x.Text, CultureInfo.InvariantCulture, out var number)
            ? new Cell { CellReference = x.Address, StyleIndex = style, CellValue = new CellValue(number) } : Text(x.Address, x.Text, style);
    }

    private static Cell Text(string address, string text, uint style) => new() { CellReference = address, StyleIndex = style, DataType = CellValues.InlineString, InlineString = new InlineString(new Text(text) { Space = SpaceProcessingModeValues.Preserve }) };

    private static void Sheet(WorkbookPart book, string name, WorksheetPart part, bool hidden)
    {
        var sheets = book.Workbook!.GetFirstChild<Sheets>()!;
        sheets.Append(new DocumentFormat.OpenXml.Spreadsheet.Sheet
        {
            Id = book.GetIdOfPart(part), SheetId = (uint)sheets.Count() + 1, Name = name, State = hidden ? SheetStateValues.Hidden : SheetStateValues.Visible,
        });
    }

    private static byte[] Ods(WrittenSheet sheet)
    {
        var rows = Enumerable.Range(1, sheet.Cells.Max(x => x.Row)).Select(r =>
        {
            var last = sheet.Cells.Where(x => x.Row == r).Max(x => (int?)x.Column) ?? 0;
            return $"<table:table-row>{string.Concat(Enumerable.Range(1, last).Select(c => sheet.Cells.FirstOrDefault(x => x.Row == r && x.Column == c) is { } cell ? OdsCell(cell, sheet) : "<table:table-cell/>"))}<table:table-cell table:number-columns-repeated=\"1000\"/></table:table-row>";
        });
        var xml = "<?xml version=\"1.0\" encoding=\"UTF-8\"?><office:document-content xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\" xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\" "
            + "xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\" xmlns:style=\"urn:oasis:names:tc:opendocument:xmlns:style:1.0\" xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\"><office:automatic-styles/>"
            + $"<office:body><office:spreadsheet><table:table table:name=\"Plan\">{string.Concat(rows)}<table:table-row table:number-rows-repeated=\"1000000\"><table:table-cell/></table:table-row></table:table></office:spreadsheet></office:body></office:document-content>";
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, true))
        {
            using (var kind = new StreamWriter(zip.CreateEntry("mimetype", CompressionLevel.NoCompression).Open()))
            {
                kind.Write("application/vnd.oasis.opendocument.spreadsheet");
            }

            using var content = new StreamWriter(zip.CreateEntry("content.xml").Open());
            content.Write(xml);
        }

        return stream.ToArray();
    }

    private static string OdsCell(WrittenCell cell, WrittenSheet sheet)
    {
        var span = (sheet.Said.GetValueOrDefault("merge") ?? []).FirstOrDefault(x => x.StartsWith(cell.Address + ":", StringComparison.Ordinal)) is { } merged
            ? $" table:number-columns-spanned=\"{merged.Split(':')[1][0] - merged[0] + 1}\" table:number-rows-spanned=\"1\"" : "";
        return $"<table:table-cell office:value-type=\"string\"{span}>{string.Concat(cell.Text.Split('\n').Select(x => $"<text:p>{WebUtility.HtmlEncode(x)}</text:p>"))}</table:table-cell>";
    }

    private static string Html(WrittenSheet sheet)
    {
        var rows = sheet.Cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Select(row => "<tr>" + string.Concat(Enumerable.Range(1, row.Max(x => x.Column)).Select(c =>
        {
            var cell = row.FirstOrDefault(x => x.Column == c);
            var text = WebUtility.HtmlEncode(cell?.Text ?? "").Replace("\n", "<br>", StringComparison.Ordinal);
            var span = cell is not null && (sheet.Said.GetValueOrDefault("merge") ?? []).FirstOrDefault(x => x.StartsWith(cell.Address + ":", StringComparison.Ordinal)) is { } merged ? $" colspan={merged.Split(':')[1][0] - merged[0] + 1}" : "";
            return $"<td{span} style='border:solid 1pt'><p class=MsoNormal><span>{(cell is not null && sheet.Has("strike", cell.Address) ? $"<s>{text}</s>" : text)}</span></p></td>";
        })) + "</tr>");
        return $"<html><head><style>td{{padding:0}}</style></head><body><!--StartFragment--><table>{string.Concat(rows)}</table><!--EndFragment--></body></html>";
    }
}
