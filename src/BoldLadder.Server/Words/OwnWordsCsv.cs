using System.Globalization;
using System.Text;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using CsvHelper;
using CsvHelper.Configuration;

namespace BoldLadder.Server.Words;

/// <summary>The words of a file.</summary>
/// <param name="Words">Each with the id of its accent.</param>
/// <param name="TellsAccents">The file has a column for accents, so it holds all of the school's own words; without it those in the school's accent.</param>
internal sealed record OwnWordsFile(IReadOnlyList<(string Accent, OwnWord Word)> Words, bool TellsAccents);

/// <summary>A school's own words as CSV (RFC 4180): word, split, familiarity, spoken, accent. Described in docs/formats.md.</summary>
internal static class OwnWordsCsv
{
    private static readonly string[] Heading = ["word", "split", "familiarity", "spoken", "accent"];

    // As files were before words had an accent, and as a school of one accent may write them.
    private static readonly string[] WithoutAccent = Heading[..^1];

    public static byte[] Write(IEnumerable<OwnWordRow> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using var csv = new CsvWriter(text, Settings());
        Line(csv, Heading);
        foreach (var row in rows)
        {
            // An office program would take 4-5 for a day in May.
            Line(csv, [row.Spelling, row.Split, row.Familiarity.Replace("-", " to ", StringComparison.Ordinal), row.Spoken, row.Accent]);
        }

        csv.Flush();
        return Encoding.UTF8.GetBytes(text.ToString());
    }

    /// <summary>All words of a file; null with a sentence that names the line when any of it is wrong.</summary>
    /// <param name="usual">The id of the accent of words that the file gives none.</param>
    public static OwnWordsFile? Read(string text, string usual, ShippedData shipped, out string problem)
    {
        if (UnclosedQuote(text) is { } open)
        {
            problem = $"Line {open}: a quotation mark is opened there and not closed, or stands in the middle of a cell. Close it, or write it twice.";
            return null;
        }

        using var csv = new CsvParser(new StringReader(text), Settings());
        var (words, counts) = (new Dictionary<(string Word, string Accent), OwnWord>(), new Dictionary<string, int>());
        var heading = csv.Read() ? csv.Record?.Select(x => x.Trim().ToLowerInvariant()).ToArray() ?? [] : [];
        if (!heading.SequenceEqual(Heading) && !heading.SequenceEqual(WithoutAccent))
        {
            problem = $"Line 1: the heading is {string.Join(',', Heading)}; the last may be left out.";
            return null;
        }

        while (csv.Read())
        {
            var line = csv.RawRow;
            if (csv.Record is not { } cells || cells.Length != heading.Length)
            {
                problem = $"Line {line}: {heading.Length} columns are needed, {string.Join(", ", heading)}.";
                return null;
            }

            var accent = heading.Length == Heading.Length && cells[4].Trim() is { Length: > 0 } written ? written : usual;
            if (Accent.Find(accent) is null)
            {
                problem = $"Line {line}, accent: say one of {string.Join(", ", Accent.All.Select(x => x.Id))}, or leave it empty.";
                return null;
            }

            if (shipped.OwnWord(cells[0].Trim(), cells[1].Trim(), cells[2], cells[3], out var wrong) is not { } word)
            {
                problem = $"Line {line}, {wrong.Field}: {wrong.Sentence}";
                return null;
            }

            if (!words.TryAdd((word.Key, accent), word))
            {
                problem = $"Line {line}, word: {word.Spelling} stands twice.";
                return null;
            }

            if ((counts[accent] = counts.GetValueOrDefault(accent) + 1) > OwnWordRoutes.MostWords)
            {
                problem = $"Line {line}: a school keeps at most {OwnWordRoutes.MostWords} words of its own in one accent.";
                return null;
            }
        }

        problem = "";
        return new OwnWordsFile([.. words.Select(x => (x.Key.Accent, x.Value))], heading.Length == Heading.Length);
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
