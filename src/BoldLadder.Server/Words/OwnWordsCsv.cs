using System.Globalization;
using System.Text;
using BoldLadder.Core.Words;
using BoldLadder.Server.Storage;
using CsvHelper;
using CsvHelper.Configuration;

namespace BoldLadder.Server.Words;

/// <summary>A school's own words as CSV (RFC 4180): word, split, familiarity, spoken. Described in docs/formats.md.</summary>
internal static class OwnWordsCsv
{
    private static readonly string[] Heading = ["word", "split", "familiarity", "spoken"];

    public static byte[] Write(IEnumerable<OwnWordRow> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using var csv = new CsvWriter(text, Settings());
        Line(csv, Heading);
        foreach (var row in rows)
        {
            // An office program would take 4-5 for a day in May.
            Line(csv, [row.Spelling, row.Split, row.Familiarity.Replace("-", " to ", StringComparison.Ordinal), row.Spoken]);
        }

        csv.Flush();
        return Encoding.UTF8.GetBytes(text.ToString());
    }

    /// <summary>All words of a file; null with a sentence that names the line when any of it is wrong.</summary>
    public static IReadOnlyList<OwnWord>? Read(string text, Library library, out string problem)
    {
        using var csv = new CsvParser(new StringReader(text), Settings());
        var words = new Dictionary<string, OwnWord>();
        if (!csv.Read() || csv.Record is not { } heading || !heading.Select(x => x.Trim().ToLowerInvariant()).SequenceEqual(Heading))
        {
            problem = $"Line 1: the heading is {string.Join(',', Heading)}.";
            return null;
        }

        while (csv.Read())
        {
            var line = csv.RawRow;
            if (csv.Record is not { Length: 4 } cells)
            {
                problem = $"Line {line}: four columns are needed, {string.Join(", ", Heading)}.";
                return null;
            }

            if (library.OwnWord(cells[0].Trim(), cells[1].Trim(), cells[2], cells[3], out var wrong) is not { } word)
            {
                problem = $"Line {line}, {wrong.Field}: {wrong.Sentence}";
                return null;
            }

            if (!words.TryAdd(word.Key, word))
            {
                problem = $"Line {line}, word: {word.Spelling} stands twice.";
                return null;
            }

            if (words.Count > OwnWordRoutes.MostWords)
            {
                problem = $"Line {line}: a school keeps at most {OwnWordRoutes.MostWords} words of its own.";
                return null;
            }
        }

        problem = "";
        return [.. words.Values];
    }

    // A file made by a person may have stray quotes: they are taken as they stand.
    private static CsvConfiguration Settings() => new(CultureInfo.InvariantCulture)
    {
        BadDataFound = null, MissingFieldFound = null, NewLine = "\r\n",
    };

    private static void Line(CsvWriter csv, IEnumerable<string> cells)
    {
        foreach (var cell in cells)
        {
            csv.WriteField(cell);
        }

        csv.NextRecord();
    }
}
