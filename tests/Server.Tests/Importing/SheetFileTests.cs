using System.IO.Compression;
using System.Text;
using BoldLadder.Core.Importing;
using BoldLadder.Server.Importing;

namespace BoldLadder.Server.Tests.Importing;

public class SheetFileTests
{
    [Theory]
    [InlineData("", "empty")]
    [InlineData("%PDF-1.7 ...", "PDF")]
    [InlineData("PK\u0003\u0004 nothing more", "can't be read")]
    [InlineData("a\0b\0c", "no text and no spreadsheet")]
    public void A_file_that_is_no_sheet_is_told_what_it_is(string content, string says) =>
        Assert.Contains(says, Assert.Throws<SheetException>(() => SheetFile.Read("plan.xlsx", Encoding.Latin1.GetBytes(content))).Message, StringComparison.Ordinal);

    [Fact]
    public void An_old_workbook_is_sent_back_to_be_saved_as_a_new_one() =>
        Assert.Contains(".xlsx", Assert.Throws<SheetException>(() => SheetFile.Read("plan.xls", [0xD0, 0xCF, 0x11, 0xE0, 1, 2, 3])).Message, StringComparison.Ordinal);

    [Theory]
    [InlineData(60, "xl/media/picture.bin")]
    [InlineData(9, "xl/worksheets/sheet1.xml")]
    public void A_workbook_that_unpacks_to_far_more_than_an_order_is_refused(int megabytes, string entry)
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, true))
        {
            using var part = zip.CreateEntry(entry, CompressionLevel.SmallestSize).Open();
            for (var i = 0; i < megabytes; i++)
            {
                part.Write(new byte[1024 * 1024]);
            }
        }

        Assert.True(stream.Length < SheetFile.MostBytes);
        Assert.Contains("unpacks", Assert.Throws<SheetException>(() => SheetFile.Read("plan.xlsx", stream.ToArray())).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_sheet_that_goes_on_for_ever_is_refused_by_name_and_row()
    {
        var lines = string.Join('\n', Enumerable.Repeat("o,n,d", Sheet.MostRows + 1));
        var said = Assert.Throws<SheetException>(() => SheetFile.Read("plan.csv", Encoding.UTF8.GetBytes(lines))).Message;
        Assert.Contains("plan", said, StringComparison.Ordinal);
        Assert.Contains($"{Sheet.MostRows}", said, StringComparison.Ordinal);
    }

    [Fact]
    public void An_entity_in_an_open_document_is_never_followed()
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, true))
        {
            using var part = new StreamWriter(zip.CreateEntry("content.xml").Open());
            part.Write("<!DOCTYPE x [<!ENTITY e SYSTEM \"file:///etc/hostname\">]><x>&e;</x>");
        }

        Assert.Contains("can't be read", Assert.Throws<SheetException>(() => SheetFile.Read("plan.ods", stream.ToArray())).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_damaged_workbook_is_told_and_never_fails_in_another_way()
    {
        var whole = SheetMaker.Make(WrittenSheet.Read("02-weeks-down"));
        var dice = new Random(20261125);
        for (var i = 0; i < 300; i++)
        {
            var damaged = whole[..(i % 3 == 0 ? dice.Next(1, whole.Length) : whole.Length)];
            for (var hit = 0; hit < 6; hit++)
            {
                damaged[dice.Next(damaged.Length)] = (byte)dice.Next(256);
            }

            try
            {
                SheetFile.Read("plan.xlsx", damaged);
            }
            catch (SheetException)
            {
                // Told: that is all that is asked.
            }
        }
    }

    [Fact]
    public void A_workbook_without_the_sheet_that_it_names_is_told()
    {
        using var stream = new MemoryStream(SheetMaker.Make(WrittenSheet.Read("02-weeks-down")).ToArray());
        using var copy = new MemoryStream();
        using (var from = new ZipArchive(stream, ZipArchiveMode.Read))
        using (var to = new ZipArchive(copy, ZipArchiveMode.Create, true))
        {
            foreach (var entry in from.Entries.Where(x => !x.FullName.Contains("sheet", StringComparison.Ordinal)))
            {
                using var read = entry.Open();
                using var write = to.CreateEntry(entry.FullName).Open();
                read.CopyTo(write);
            }
        }

        Assert.Contains("can't be read", Assert.Throws<SheetException>(() => SheetFile.Read("plan.xlsx", copy.ToArray())).Message, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("s;sun\na;\"ant; apple\"\nt;tap", "ant; apple")]
    [InlineData("s\tsun\na\tant, apple\nt\ttap", "ant, apple")]
    [InlineData("s,sun\na,\"ant, apple\"\nt,tap", "ant, apple")]
    public void What_divides_the_cells_is_found_out(string text, string cell) =>
        Assert.Contains(SheetFile.Read("plan.csv", Encoding.UTF8.GetBytes(text))[0].Cells, x => x.Address == "B2" && x.Text == cell);

    [Fact]
    public void A_file_of_an_older_program_keeps_its_apostrophes_and_dashes()
    {
        var cells = SheetFile.Read("plan.csv", [.. Encoding.ASCII.GetBytes("a"), 0x96, .. Encoding.ASCII.GetBytes("e,don"), 0x92, .. Encoding.ASCII.GetBytes("t")])[0].Cells;
        Assert.Equal(["a-e", "don't"], cells.Select(x => x.Text));
    }
}
