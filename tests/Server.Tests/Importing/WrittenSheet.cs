using System.Text.RegularExpressions;
using BoldLadder.Core.Importing;

namespace BoldLadder.Server.Tests.Importing;

/// <summary>A cell of a sheet as tests/sheets writes it down, with what it should give.</summary>
public sealed record WrittenCell(int Row, int Column, string Text, IReadOnlyList<string> Gives)
{
    public string Address => $"{(char)('A' + Column - 1)}{Row}";
}

/// <summary>A sheet written down in tests/sheets; the form is described there.</summary>
public sealed class WrittenSheet
{
    /// <summary>What letters say when they are met first, for those where nobody would ask.</summary>
    private static readonly Dictionary<string, string> Plain = "c:k k:k x:k+s qu:k+w ai:ai ee:ee igh:igh oa:oa ar:ar or:or oi:oi oy:oi aw:aw ir:ur ng:ng wh:wh ck:k sh:sh ch:ch"
        .Split(' ').Concat("abdefghijlmnoprstuvwyz".Select(x => $"{x}:{x}")).ToDictionary(x => x.Split(':')[0]);

    private WrittenSheet(string name, IReadOnlyDictionary<string, string[]> said, IReadOnlyList<WrittenCell> cells) => (Name, Said, Cells) = (name, said, cells);

    public string Name { get; }

    /// <summary>The lines that say how the file is made: word, and what follows it each time.</summary>
    public IReadOnlyDictionary<string, string[]> Said { get; }

    /// <summary>In the order of the rows.</summary>
    public IReadOnlyList<WrittenCell> Cells { get; }

    public string Kind => Said["file"][0];

    public string Accent => Said.TryGetValue("accent", out var accent) ? accent[0] : "gb-south";

    /// <summary>What a person says of the columns that have to be asked about.</summary>
    public IReadOnlyDictionary<int, ColumnRole> Asked => Said.TryGetValue("asked", out var asked) ? asked.Select(x => x.Split(' ')).ToDictionary(x => int.Parse(x[0]), x => Enum.Parse<ColumnRole>(x[1], true)) : new Dictionary<int, ColumnRole>();

    public static IReadOnlyList<string> Names => [.. Directory.GetFiles(Path.Combine(App.Root, "tests", "sheets"), "*.txt").Select(x => Path.GetFileNameWithoutExtension(x)!).Order(StringComparer.Ordinal)];

    public static WrittenSheet Read(string name) => Of(name, File.ReadAllLines(Path.Combine(App.Root, "tests", "sheets", $"{name}.txt")));

    public static WrittenSheet Of(string name, IReadOnlyList<string> lines)
    {
        var (said, cells, row) = (new List<(string Word, string Value)>(), new List<WrittenCell>(), 0);
        foreach (var line in lines)
        {
            if (line.StartsWith('@'))
            {
                var at = line.IndexOf(' ');
                said.Add((line[1..at], line[(at + 1)..].Trim()));
                continue;
            }

            row++;
            cells.AddRange(line.Split('|').Select((x, i) => (Text: x.Trim(), Column: i + 1)).Where(x => x.Text.Length > 0).Select(x => CellOf(row, x.Column, x.Text)));
        }

        return new WrittenSheet(name, said.GroupBy(x => x.Word).ToDictionary(x => x.Key, x => x.Select(y => y.Value).ToArray()), cells);
    }

    public bool Has(string word, string value) => Said.TryGetValue(word, out var values) && values.Contains(value);

    private static WrittenCell CellOf(int row, int column, string text)
    {
        var gives = text.Split(" => ");
        return text[0] switch
        {
            '*' => new WrittenCell(row, column, text[1..], [.. Regex.Matches(text, "[a-z]+").Select(x => Plain[x.Value])]),
            '!' => new WrittenCell(row, column, text[1..], [.. Regex.Matches(text, "[A-Za-z']+").Select(x => "!" + x.Value.ToLowerInvariant())]),
            _ => new WrittenCell(row, column, gives[0].Replace("\\n", "\n"), gives.Length == 1 ? [] : gives[1].ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries)),
        };
    }
}
