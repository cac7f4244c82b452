using System.Globalization;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>Where in a word an entry of the table may stand.</summary>
public enum Place
{
    Anywhere,
    First,
    Last,

    /// <summary>Only where the letter before is a w, or the u of qu, or h of wh.</summary>
    AfterW,
}

/// <summary>One way to say a grapheme, with how unlikely it is (0 is the usual one).</summary>
public readonly record struct TableEntry(Correspondence Correspondence, int Cost, Place Place);

/// <summary>
/// The correspondences of English that the aligner may use, with their costs. Written by hand in
/// <c>data/lexicon/correspondences.tsv</c>; the format is described at its top.
/// </summary>
public sealed class CorrespondenceTable
{
    private readonly Dictionary<string, TableEntry[]> _byLetters;
    private readonly Dictionary<string, TableEntry[]>.AlternateLookup<ReadOnlySpan<char>> _bySpan;

    private CorrespondenceTable(Dictionary<string, TableEntry[]> byLetters, IReadOnlyList<Correspondence> all)
    {
        _byLetters = byLetters;
        _bySpan = byLetters.GetAlternateLookup<ReadOnlySpan<char>>();
        All = all;
    }

    /// <summary>Every correspondence in the order of the file.</summary>
    public IReadOnlyList<Correspondence> All { get; }

    /// <summary>Entries whose grapheme is written so (<c>ea</c>, <c>a_e</c>), likeliest first.</summary>
    public IReadOnlyList<TableEntry> For(string grapheme) => _byLetters.GetValueOrDefault(grapheme) ?? [];

    /// <summary>The same for letters inside a word.</summary>
    public IReadOnlyList<TableEntry> For(ReadOnlySpan<char> grapheme) => _bySpan.TryGetValue(grapheme, out var entries) ? entries : [];

    /// <exception cref="FormatException">A line is not a grapheme and its sounds; the message names the line.</exception>
    public static CorrespondenceTable Parse(string text)
    {
        var byLetters = new Dictionary<string, TableEntry[]>(StringComparer.Ordinal);
        var all = new List<Correspondence>();
        var number = 0;
        foreach (var line in text.Split('\n'))
        {
            number++;
            if (line.Length == 0 || line[0] == '#')
            {
                continue;
            }

            var columns = line.TrimEnd().Split('\t');
            if (columns.Length != 2)
            {
                throw new FormatException($"correspondences line {number}: a grapheme, a tab and its sounds are needed");
            }

            var entries = columns[1].Split(' ').Select(x => Entry(columns[0], x, number)).OrderBy(x => x.Cost).ToArray();
            if (!byLetters.TryAdd(columns[0], entries))
            {
                throw new FormatException($"correspondences line {number}: '{columns[0]}' stands twice");
            }

            all.AddRange(entries.Select(x => x.Correspondence).Distinct());
        }

        return new CorrespondenceTable(byLetters, all);
    }

    private static TableEntry Entry(string grapheme, string text, int line)
    {
        var place = text[^1] switch { '^' => Place.First, '$' => Place.Last, '@' => Place.AfterW, _ => Place.Anywhere };
        var parts = text.TrimEnd('^', '$', '@').Split(':');
        if (parts.Length != 2 || !int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var cost)
            || !Correspondence.TryParse($"{grapheme}:{parts[0]}", out var correspondence, out _))
        {
            throw new FormatException($"correspondences line {line}: '{text}' is not sound:cost");
        }

        return new TableEntry(correspondence, cost, place);
    }
}
