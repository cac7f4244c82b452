using System.IO.Compression;
using System.Text;
using BoldLadder.Core.Importing;

namespace BoldLadder.Server.Importing;

/// <summary>What is wrong with a file: a sentence that names the sheet, the row and the cell where it can.</summary>
public sealed class SheetException(string sentence) : Exception(sentence);

/// <summary>
/// Reads the sheets of a file or of what was pasted: .xlsx, .ods, .csv, .tsv, a table or a list. Values only: formulas are
/// read as what they last came to, and macros, links and pictures are never looked at.
/// </summary>
public static class SheetFile
{
    /// <summary>
    /// Largest file in bytes, what it may unpack to in all, and what any part of it that is read may: pictures take room,
    /// an order of teaching does not.
    /// </summary>
    public const int MostBytes = 4 * 1024 * 1024, MostUnpacked = 40 * 1024 * 1024, MostRead = 8 * 1024 * 1024, MostEntries = 500;

    /// <summary>Longest text of a cell that is read on.</summary>
    public const int LongestCell = 1000;

    /// <summary>True for a workbook of today's kinds, which are packed; false for plain text and the rest.</summary>
    public static bool IsWorkbook(byte[] bytes) => bytes is [0x50, 0x4B, ..];

    /// <param name="name">The file's name; its ending is not believed.</param>
    /// <exception cref="SheetException">The file can't be read, or is larger than any order of teaching.</exception>
    public static IReadOnlyList<Sheet> Read(string name, byte[] bytes)
    {
        if (bytes.Length == 0)
        {
            throw new SheetException("The file is empty. Save the sheet again, and choose that file.");
        }

        if (bytes.Length > MostBytes)
        {
            throw new SheetException($"The file is larger than {MostBytes / 1024 / 1024} MB. Copy the sheet with the order into a file of its own, or paste it.");
        }

        try
        {
            return IsWorkbook(bytes) ? Zipped(bytes)
                : bytes is [0xD0, 0xCF, 0x11, 0xE0, ..] ? throw new SheetException("This is a workbook of the old kind (.xls), or one with a password. Open it and save it as .xlsx without a password, or paste the cells.")
                : bytes is [0x25, 0x50, 0x44, 0x46, ..] ? throw new SheetException("This is a PDF. Open the spreadsheet it was made from, or copy the table out of it and paste it.")
                : TextSheets.Of(Path.GetFileNameWithoutExtension(name), Text(bytes), name.EndsWith(".tsv", StringComparison.OrdinalIgnoreCase) ? '\t' : null);
        }
        catch (Exception problem) when (problem is not (SheetException or OutOfMemoryException))
        {
            // The libraries that read workbooks fail in many ways on one that is damaged: to a teacher they are all one.
            throw new SheetException("The file can't be read: it may be damaged, or only part of it was saved. Open it in your spreadsheet program and save it again as .xlsx or .csv.");
        }
    }

    /// <exception cref="SheetException">The sheet has more rows or columns than are read.</exception>
    internal static void Bound(string sheet, int row, int column)
    {
        if (row > Sheet.MostRows)
        {
            throw new SheetException($"Sheet {sheet} goes on past row {Sheet.MostRows}. Copy the rows of the order into a sheet of their own.");
        }

        if (column > Sheet.MostColumns)
        {
            throw new SheetException($"Sheet {sheet}, row {row}, goes on past column {Sheet.MostColumns}. Copy the columns of the order into a sheet of their own.");
        }
    }

    internal static string Cut(string text) => text.Length <= LongestCell ? text.Trim() : text[..LongestCell].Trim();

    private static SheetException TooLarge() => new("The workbook unpacks to far more than an order of teaching holds. Copy the sheet with the order into a file of its own.");

    private static IReadOnlyList<Sheet> Zipped(byte[] bytes)
    {
        using var stream = new MemoryStream(bytes, writable: false);
        using var zip = new ZipArchive(stream, ZipArchiveMode.Read);
        if (zip.Entries.Count > MostEntries || zip.Entries.Sum(x => x.Length) > MostUnpacked)
        {
            throw TooLarge();
        }

        // What the entries say of their size is checked by unpacking them: no more is ever read.
        var left = (long)MostUnpacked;
        var buffer = new byte[64 * 1024];
        foreach (var entry in zip.Entries)
        {
            using var part = entry.Open();
            var room = entry.FullName.EndsWith(".xml", StringComparison.OrdinalIgnoreCase) ? MostRead : MostUnpacked;
            for (int read; (read = part.Read(buffer)) > 0;)
            {
                if ((left -= read) < 0 || (room -= read) < 0)
                {
                    throw TooLarge();
                }
            }
        }

        if (zip.GetEntry("content.xml") is { } content)
        {
            return OdsSheets.Of(content);
        }

        return zip.GetEntry("[Content_Types].xml") is not null && zip.Entries.Any(x => x.FullName.StartsWith("xl/", StringComparison.Ordinal))
            ? XlsxSheets.Of(bytes)
            : throw new SheetException("This is no spreadsheet. Choose an .xlsx, .ods, .csv or .tsv file; a table in a text document can be copied and pasted.");
    }

    // Most are UTF-8; older programs write the Windows page of western Europe.
    private static string Text(byte[] bytes)
    {
        if (bytes is [0xFF, 0xFE, ..])
        {
            return Encoding.Unicode.GetString(bytes, 2, bytes.Length - 2);
        }

        if (bytes.Contains((byte)0))
        {
            throw new SheetException("This is no text and no spreadsheet. Choose an .xlsx, .ods, .csv or .tsv file.");
        }

        try
        {
            return new UTF8Encoding(false, true).GetString(bytes).TrimStart('\uFEFF');
        }
        catch (DecoderFallbackException)
        {
            return Encoding.Latin1.GetString(bytes).Replace('\u0092', '\'').Replace('\u0096', '-').Replace('\u0085', '…');
        }
    }
}
