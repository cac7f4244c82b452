using System.Globalization;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Importing;

/// <summary>
/// A ladder as the rows of a sheet, a rung each, that reads back as the same ladder: what is sent out as .csv and .xlsx.
/// Told from a school's own sheet by its headings.
/// </summary>
public static class LadderSheet
{
    /// <summary>The headings, in order; a file that is to be read back keeps them.</summary>
    public static IReadOnlyList<string> Headings { get; } =
        ["section", "boxes", "together", "syllables", "rung", "kind", "adds", "tricky words", "days", "keyword", "say it", "write it", "notes", PointHeading, HearHeading];

    // Files that were sent out before rungs had points and listening words of their own have no such columns.
    private const string NameHeading = "ladder", PointHeading = "point", HearHeading = "listening words";

    /// <summary>The rows: the ladder's name, the headings, then a row for each rung.</summary>
    public static IReadOnlyList<IReadOnlyList<string>> Rows(Ladder ladder)
    {
        var rows = new List<IReadOnlyList<string>> { new[] { NameHeading, ladder.Name }, Headings };
        foreach (var section in ladder.Sections)
        {
            var shape = new[] { section.Shape.Boxes, section.Shape.Together, section.Shape.Syllables }.Select(x => x.ToString(CultureInfo.InvariantCulture)).ToArray();
            rows.AddRange(section.Rungs.DefaultIfEmpty().Select(x => x is null
                ? [section.Name, .. shape]
                : (IReadOnlyList<string>)[section.Name, .. shape, x.Id, KeyOf(x.Kind), string.Join("; ", x.Adds.Select(a => a.Code)), string.Join(", ", x.TrickyWords),
                    x.Days.ToString(CultureInfo.InvariantCulture), x.Keyword, x.SayIt, x.WriteIt, x.Notes, x.Point, string.Join(", ", x.ListeningWords)]));
        }

        return rows;
    }

    /// <summary>
    /// The ladder of such a sheet; null when it is none of these, or with the cell that is wrong and what to do in
    /// <paramref name="problem"/>.
    /// </summary>
    public static Ladder? TryRead(Sheet sheet, out string? problem)
    {
        problem = null;
        var cells = sheet.Cells.ToLookup(x => (x.Row, x.Column), x => x.Text);
        string At(int row, int column) => cells[(row, column)].FirstOrDefault() ?? "";
        if (At(1, 1) != NameHeading || !Headings.Select((x, i) => At(2, i + 1) == x || (x is PointHeading or HearHeading && At(2, i + 1).Length == 0)).All(x => x))
        {
            return null;
        }

        var sections = new List<(string Name, WordShape Shape, List<Rung> Rungs)>();
        for (var row = 3; row <= sheet.Cells.Max(x => x.Row); row++)
        {
            if (At(row, 1).Length == 0)
            {
                continue;
            }

            var numbers = Enumerable.Range(2, 3).Select(x => int.TryParse(At(row, x), NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : 0).ToList();
            var shape = new WordShape(numbers[0], numbers[1], numbers[2]);
            if (sections.Count == 0 || sections[^1].Name != At(row, 1))
            {
                sections.Add((At(row, 1), shape, []));
            }

            if (At(row, 5).Length > 0)
            {
                if (RungOf(At, row, out problem) is not { } rung)
                {
                    return null;
                }

                sections[^1].Rungs.Add(rung);
            }
        }

        var made = Ladder.TryCreate(At(1, 2), [.. sections.Select((x, i) => new Section($"section-{i + 1}", x.Name, x.Shape, x.Rungs))], out var ladder, out var problems);
        problem = made ? null : problems[0].Sentence;
        return made ? ladder : null;
    }

    private static Rung? RungOf(Func<int, int, string> at, int row, out string? problem)
    {
        problem = null;
        var adds = new List<Teachable>();
        foreach (var part in at(row, 7).Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            if (!Teachable.TryReadCode(part, out var thing, out var reason))
            {
                problem = $"G{row}, {part}: {reason}.";
                return null;
            }

            adds.Add(thing);
        }

        if (KindOf(at(row, 6)) is not { } rungKind)
        {
            problem = $"F{row}: the kinds of rung are {string.Join(", ", Enum.GetValues<RungKind>().Select(KeyOf))}.";
            return null;
        }

        return new Rung
        {
            Id = at(row, 5), Kind = rungKind, Adds = adds, TrickyWords = at(row, 8).Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries),
            Days = int.TryParse(at(row, 9), NumberStyles.None, CultureInfo.InvariantCulture, out var days) ? days : 0, Keyword = at(row, 10), SayIt = at(row, 11), WriteIt = at(row, 12), Notes = at(row, 13), Point = at(row, 14),
            ListeningWords = at(row, 15).Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries),
        };
    }

    private static string KeyOf(RungKind kind) => kind.ToString().ToLowerInvariant();

    private static RungKind? KindOf(string key) => Enum.GetValues<RungKind>().Where(x => KeyOf(x) == key).Select(x => (RungKind?)x).FirstOrDefault();
}
