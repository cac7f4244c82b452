using System.Text.RegularExpressions;

namespace BoldLadder.Server.Hosting;

/// <summary>
/// Cells of a CSV file that no spreadsheet takes for a formula: one that begins so is run; some programs cut a cell at a
/// semicolon, a tab or a line too.
/// </summary>
public static partial class SafeCell
{
    /// <summary>The cell with an apostrophe before what could be taken for a formula.</summary>
    public static string Guarded(string cell) => Formula().Replace(cell, "$1'$2");

    /// <summary>The cell as it was before it was guarded.</summary>
    public static string Plain(string cell) => Guard().Replace(cell, "$1$2");

    [GeneratedRegex(@"(^|[;,\t\r\n]\s*)([=+\-@\t\r])")]
    private static partial Regex Formula();

    [GeneratedRegex(@"(^|[;,\t\r\n]\s*)'([=+\-@\t\r])")]
    private static partial Regex Guard();
}
