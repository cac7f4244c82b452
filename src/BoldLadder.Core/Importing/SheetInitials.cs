namespace BoldLadder.Core.Importing;

/// <summary>A letter over each column for what it holds: <i>Week | N | R | TW</i> is what is new, what is gone over and tricky words.</summary>
internal static class SheetInitials
{
    private static readonly Dictionary<string, string> Said = new()
    {
        ["N"] = "New", ["R"] = "Review", ["P"] = "Practise", ["A"] = "Apply", ["T"] = "Teach", ["TW"] = "Tricky words", ["HFW"] = "Tricky words", ["CEW"] = "Tricky words",
    };

    /// <summary>The cells with such a row said in words; as they are where none heads them.</summary>
    public static IReadOnlyList<SheetCell> Told(IReadOnlyList<SheetCell> cells)
    {
        var heads = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Take(SheetDirection.LastHeaderRow).Select(x => x.ToList()).FirstOrDefault(IsHeading) ?? [];
        return heads.Count == 0 ? cells : [.. cells.Select(x => heads.Contains(x) && Said.TryGetValue(x.Text.Trim(), out var said) ? x with { Text = said } : x)];
    }

    // N or T, and R: two of the letters alone would be two letters that are taught.
    private static bool IsHeading(List<SheetCell> row)
    {
        var letters = row.Select(x => x.Text.Trim()).Where(Said.ContainsKey).ToHashSet();
        return letters.Contains("R") && (letters.Contains("N") || letters.Contains("T")) && row.TrueForAll(x => Said.ContainsKey(x.Text.Trim()) || SheetHeadings.RoleOf(x.Text) is not null)
            && (row.Count > letters.Count || letters.Any(x => x.Length > 1));
    }
}
