using System.Globalization;
using System.Text;
using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Server.Hosting;
using CsvHelper;
using DocumentFormat.OpenXml;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;

namespace BoldLadder.Server.Importing;

/// <summary>A ladder as a file to keep or to send: .csv and .xlsx that read back as the same ladder.</summary>
public static class LadderFiles
{
    public static byte[] Csv(Ladder ladder)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, CultureInfo.InvariantCulture))
        {
            foreach (var row in LadderSheet.Rows(ladder))
            {
                foreach (var cell in row)
                {
                    csv.WriteField(SafeCell.Guarded(cell));
                }

                csv.NextRecord();
            }
        }

        return Encoding.UTF8.GetBytes(text.ToString());
    }

    public static byte[] Xlsx(Ladder ladder)
    {
        using var stream = new MemoryStream();
        using (var document = SpreadsheetDocument.Create(stream, SpreadsheetDocumentType.Workbook))
        {
            var book = document.AddWorkbookPart();
            var part = book.AddNewPart<WorksheetPart>();
            part.Worksheet = new Worksheet(new SheetData(LadderSheet.Rows(ladder).Select((row, at) => new Row(row.Select(CellOf)) { RowIndex = (uint)at + 1 })));
            book.Workbook = new Workbook(new Sheets(new DocumentFormat.OpenXml.Spreadsheet.Sheet { Id = book.GetIdOfPart(part), SheetId = 1, Name = "Ladder" }));
        }

        return stream.ToArray();
    }

    /// <summary>
    /// The ladder of a file that was sent out from here; null when the sheets are a school's own, or with what is wrong.
    /// </summary>
    /// <param name="guarded">The cells come out of a CSV file.</param>
    public static Ladder? Read(IReadOnlyList<BoldLadder.Core.Importing.Sheet> sheets, bool guarded, out string? problem) =>
        LadderSheet.TryRead(guarded ? sheets[0] with { Cells = [.. sheets[0].Cells.Select(x => x with { Text = SafeCell.Plain(x.Text) })] } : sheets[0], out problem);

    // Text, whatever it looks like: nothing in it is a formula or a date.
    private static Cell CellOf(string text) => new() { DataType = CellValues.InlineString, InlineString = new InlineString(new Text(text) { Space = SpaceProcessingModeValues.Preserve }) };
}
