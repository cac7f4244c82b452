using System.Globalization;
using BoldLadder.Core.Importing;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;
using CoreSheet = BoldLadder.Core.Importing.Sheet;

namespace BoldLadder.Server.Importing;

/// <summary>The sheets of an .xlsx workbook as they are seen: values, what is struck through, hidden or merged.</summary>
internal static class XlsxSheets
{
    public static IReadOnlyList<CoreSheet> Of(byte[] bytes)
    {
        using var stream = new MemoryStream(bytes, writable: false);
        using var document = SpreadsheetDocument.Open(stream, false);
        var book = document.WorkbookPart ?? throw new InvalidDataException("no workbook");
        var strings = book.SharedStringTablePart?.SharedStringTable?.Elements<SharedStringItem>().ToList() ?? [];
        var styles = new Styles(book.WorkbookStylesPart?.Stylesheet);
        var sheets = new List<CoreSheet>();
        foreach (var sheet in book.Workbook?.Sheets?.Elements<DocumentFormat.OpenXml.Spreadsheet.Sheet>() ?? [])
        {
            if (sheet.Id?.Value is { } id && book.TryGetPartById(id, out var part) && part is WorksheetPart { Worksheet: { } worksheet })
            {
                var name = sheet.Name?.Value ?? $"Sheet {sheets.Count + 1}";
                sheets.Add(new CoreSheet(name, Cells(name, worksheet, strings, styles), sheet.State?.Value is { } state && state != SheetStateValues.Visible));
            }
        }

        return sheets;
    }

    private static List<SheetCell> Cells(string name, Worksheet worksheet, List<SharedStringItem> strings, Styles styles)
    {
        var hidden = worksheet.Elements<Columns>().SelectMany(x => x.Elements<Column>()).Where(x => x.Hidden?.Value == true)
            .SelectMany(x => Enumerable.Range((int)(x.Min?.Value ?? 0), Math.Min(CoreSheet.MostColumns, (int)((x.Max?.Value ?? 0) - (x.Min?.Value ?? 0)) + 1))).ToHashSet();
        var spans = worksheet.Elements<MergeCells>().SelectMany(x => x.Elements<MergeCell>()).Select(x => x.Reference?.Value?.Split(':')).OfType<string[]>()
            .Where(x => x.Length == 2).Select(x => (From: At(x[0]), To: At(x[1]))).DistinctBy(x => x.From)
            .ToDictionary(x => x.From, x => (Rows: x.To.Row - x.From.Row + 1, Columns: x.To.Column - x.From.Column + 1));
        var cells = new List<SheetCell>();
        var rowNumber = 0;
        foreach (var row in worksheet.Elements<SheetData>().SelectMany(x => x.Elements<Row>()))
        {
            rowNumber = (int?)row.RowIndex?.Value ?? rowNumber + 1;
            var columnNumber = 0;
            foreach (var cell in row.Elements<Cell>())
            {
                var at = cell.CellReference?.Value is { } reference ? At(reference) : (Row: rowNumber, Column: columnNumber + 1);
                columnNumber = at.Column;
                var (text, struck) = Value(cell, strings, styles);
                if (text.Length == 0)
                {
                    continue;
                }

                SheetFile.Bound(name, at.Row, at.Column);
                var span = spans.GetValueOrDefault(at, (1, 1));
                cells.Add(new SheetCell(
                    at.Row, at.Column, SheetFile.Cut(text), struck, row.Hidden?.Value == true || row.Height?.Value == 0 || hidden.Contains(at.Column), span.Item1, span.Item2));
            }
        }

        return cells;
    }

    private static (string Text, bool Struck) Value(Cell cell, List<SharedStringItem> strings, Styles styles)
    {
        var (raw, style) = (cell.CellValue?.Text ?? "", (int)(cell.StyleIndex?.Value ?? 0));
        var type = cell.DataType?.Value;
        if (type == CellValues.SharedString && int.TryParse(raw, CultureInfo.InvariantCulture, out var index) && index >= 0 && index < strings.Count)
        {
            return Rich(strings[index].Text?.Text, strings[index].Elements<Run>(), styles.Struck(style));
        }

        if (type == CellValues.InlineString)
        {
            return Rich(cell.InlineString?.Text?.Text, cell.InlineString?.Elements<Run>() ?? [], styles.Struck(style));
        }

        if (type == CellValues.Boolean)
        {
            return (raw == "1" ? "yes" : "no", styles.Struck(style));
        }

        var isNumber = (type is null || type == CellValues.Number) && double.TryParse(raw, NumberStyles.Float, CultureInfo.InvariantCulture, out _);
        if (isNumber && styles.IsDate(style))
        {
            var days = double.Parse(raw, CultureInfo.InvariantCulture);
            return days is > 1 and < 200_000 ? (DateTime.FromOADate(days).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), styles.Struck(style)) : (raw, styles.Struck(style));
        }

        return (raw, styles.Struck(style));
    }

    // Of a text in several styles what is struck through is left away, and all of it when all is.
    private static (string Text, bool Struck) Rich(string? plain, IEnumerable<Run> runs, bool struck)
    {
        var all = runs.ToList();
        if (all.Count == 0)
        {
            return (plain ?? "", struck);
        }

        static bool IsStruck(Run x) => x.RunProperties?.Elements<Strike>().FirstOrDefault() is { } strike && strike.Val?.Value != false;
        var kept = string.Concat(all.Where(x => !IsStruck(x)).Select(x => x.Text?.Text));
        return kept.Trim().Length > 0 ? (kept, struck) : (string.Concat(all.Select(x => x.Text?.Text)), true);
    }

    private static (int Row, int Column) At(string reference)
    {
        var (row, column) = (0, 0);
        foreach (var letter in reference.ToUpperInvariant())
        {
            if (letter is >= 'A' and <= 'Z' && column < 100_000)
            {
                column = (column * 26) + letter - 'A' + 1;
            }
            else if (char.IsAsciiDigit(letter) && row < 10_000_000)
            {
                row = (row * 10) + letter - '0';
            }
        }

        return (row, column);
    }

    private sealed class Styles
    {
        private readonly List<bool> _dates = [], _struck = [];

        public Styles(Stylesheet? sheet)
        {
            var custom = sheet?.NumberingFormats?.Elements<NumberingFormat>().Where(x => x.NumberFormatId?.Value is not null)
                .GroupBy(x => x.NumberFormatId!.Value).ToDictionary(x => x.Key, x => x.First().FormatCode?.Value ?? "") ?? [];
            var fonts = sheet?.Fonts?.Elements<Font>().Select(x => x.Elements<Strike>().FirstOrDefault() is { } strike && strike.Val?.Value != false).ToList() ?? [];
            foreach (var format in sheet?.CellFormats?.Elements<CellFormat>() ?? [])
            {
                var id = format.NumberFormatId?.Value ?? 0;
                _dates.Add(id is >= 14 and <= 17 or 22 || (custom.TryGetValue(id, out var code) && IsDateCode(code)));
                _struck.Add(format.FontId?.Value is { } font && font < fonts.Count && fonts[(int)font]);
            }
        }

        public bool IsDate(int style) => style < _dates.Count && _dates[style];

        public bool Struck(int style) => style < _struck.Count && _struck[style];

        private static bool IsDateCode(string code) => code.Contains('y', StringComparison.OrdinalIgnoreCase) || (code.Contains('d', StringComparison.OrdinalIgnoreCase) && code.Contains('m', StringComparison.OrdinalIgnoreCase));
    }
}
