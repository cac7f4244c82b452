namespace BoldLadder.Core.Importing;

/// <summary>One filled cell of a sheet.</summary>
/// <param name="Row">From 1, as a spreadsheet counts.</param>
/// <param name="Column">From 1.</param>
/// <param name="Text">Its value as it is seen; a date as <c>2026-09-14</c>.</param>
/// <param name="Struck">Its text is struck through.</param>
/// <param name="Hidden">Its row or column is hidden.</param>
/// <param name="Rows">How many rows it covers; more than one when cells were merged.</param>
/// <param name="Columns">How many columns it covers.</param>
public sealed record SheetCell(int Row, int Column, string Text, bool Struck = false, bool Hidden = false, int Rows = 1, int Columns = 1)
{
    /// <summary>Where it stood, if it is read as standing elsewhere.</summary>
    internal string? Named { get; init; }

    /// <summary>As a spreadsheet names it: <c>B4</c>.</summary>
    public string Address
    {
        get
        {
            if (Named is not null)
            {
                return Named;
            }

            var letters = "";
            for (var at = Column; at > 0; at = (at - 1) / 26)
            {
                letters = (char)('A' + ((at - 1) % 26)) + letters;
            }

            return $"{letters}{Row}";
        }
    }
}

/// <summary>A sheet as somebody keeps it: its filled cells and no more.</summary>
/// <param name="Hidden">The sheet itself is hidden.</param>
public sealed record Sheet(string Name, IReadOnlyList<SheetCell> Cells, bool Hidden = false)
{
    /// <summary>Far more than any order of teaching takes.</summary>
    public const int MostRows = 2000, MostColumns = 200;

    /// <summary>A sheet of lines and the cells in each, as a CSV file or a pasted table gives them.</summary>
    public static Sheet Of(string name, IEnumerable<IReadOnlyList<string>> lines) => new(
        name, [.. lines.SelectMany((line, row) => line.Select((text, column) => new SheetCell(row + 1, column + 1, text.Trim())))
            .Where(x => x.Text.Length > 0)]);
}

/// <summary>Where something came from: the sheet, the cell and what stood there.</summary>
public sealed record Source(string Sheet, string Cell, string Text);
