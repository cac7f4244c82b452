using PlacedCell = BoldLadder.Core.Importing.SheetLayout.PlacedCell;

namespace BoldLadder.Core.Importing;

/// <summary>What stands in each column of a sheet, and beside what.</summary>
internal sealed class ColumnContents(IReadOnlyList<PlacedCell> cells, IReadOnlySet<int> headers, PartReader reader)
{
    public PartReader Reader => reader;

    public IEnumerable<PlacedCell> CellsOf(SheetColumn x) => cells.Where(c => c.Column == x.Column && !headers.Contains(c.Row));

    public List<string> TextsOf(SheetColumn x) => [.. CellsOf(x).Select(c => c.Text)];

    /// <summary>True when most of what one column says is said in a row of the other.</summary>
    public bool IsBeside(SheetColumn x, SheetColumn y) => CellsOf(x).Select(c => c.Row).ToList() is var rows && rows.Intersect(CellsOf(y).Select(c => c.Row)).Count() * 10 >= rows.Count * 8;

    /// <summary>The words of a column beside what the other columns teach in its row, where both are there.</summary>
    /// <param name="parts">The columns that hold what is taught.</param>
    public List<(IReadOnlyList<string> Words, List<WrittenPart> Parts)> Beside(SheetColumn x, IReadOnlyList<SheetColumn> parts)
    {
        var taught = parts.Where(p => p != x).SelectMany(CellsOf).ToLookup(c => c.Row, c => c.Text);
        return [.. CellsOf(x).Select(c => ((IReadOnlyList<string>)PartReader.WordsIn(c.Text), Parts: taught[c.Row].SelectMany(t => reader.Read(t)).ToList())).Where(r => r.Item1.Count > 0 && r.Parts.Count > 0)];
    }

    /// <summary>True when the words of a column show the letters of their rows.</summary>
    /// <param name="each">So many words in each row, or more.</param>
    /// <param name="most">Rows with more letters than these say nothing.</param>
    public bool IsShown(SheetColumn x, int each, IReadOnlyList<SheetColumn> parts, int most = int.MaxValue)
    {
        var rows = Beside(x, parts).Select(r => (r.Words, Letters: r.Parts.Where(p => p.Kind == WrittenKind.Grapheme).ToList())).Where(r => r.Letters.Count > 0 && r.Letters.Count <= most).ToList();
        return rows.Count > 2 && rows.Sum(r => r.Words.Count) >= each * rows.Count && rows.Count(r => r.Words.All(w => r.Letters.Any(p => p.IsSeenIn(w)))) * 10 >= rows.Count * 8;
    }

    public static bool Mostly(IReadOnlyList<string> texts, Predicate<string> test) => texts.Count > 0 && Share(texts, test) >= 0.6;

    public static double Share(IReadOnlyList<string> texts, Predicate<string> test) => texts.Count(x => test(x)) / (double)Math.Max(1, texts.Count);
}
