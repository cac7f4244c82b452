using System.Globalization;
using System.Text;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
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
    public static IReadOnlyList<OwnWord>? Read(string text, ShippedData shipped, out string problem)
    {
        if (UnclosedQuote(text) is { } open)
        {
            problem = $"Line {open}: a quotation mark is opened there and not closed, or stands in the middle of a cell. Close it, or write it twice.";
            return null;
        }

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

            if (shipped.OwnWord(cells[0].Trim(), cells[1].Trim(), cells[2], cells[3], out var wrong) is not { } word)
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

    // RFC 4180: a quote opens a cell or stands doubled inside one. The line of the first that does neither; null when all do.
    private static int? UnclosedQuote(string text)
    {
        var (line, opened, inside) = (1, 1, false);
        for (var i = 0; i < text.Length; i++)
        {
            line += text[i] == '\n' ? 1 : 0;
            if (text[i] != '"')
            {
                continue;
            }

            if (!inside)
            {
                if (i > 0 && text[i - 1] is not (',' or '\n' or '\r'))
                {
                    return line;
                }

                (inside, opened) = (true, line);
            }
            else if (i + 1 < text.Length && text[i + 1] == '"')
            {
                i++;
            }
            else if (i + 1 < text.Length && text[i + 1] is not (',' or '\n' or '\r'))
            {
                return line;
            }
            else
            {
                inside = false;
            }
        }

        return inside ? opened : null;
    }

    private static CsvConfiguration Settings() => new(CultureInfo.InvariantCulture) { MissingFieldFound = null, NewLine = "\r\n" };

    private static void Line(CsvWriter csv, IEnumerable<string> cells)
    {
        foreach (var cell in cells)
        {
            csv.WriteField(SafeCell.Guarded(cell));
        }

        csv.NextRecord();
    }
}
