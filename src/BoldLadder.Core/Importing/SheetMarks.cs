using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>A mark that a sheet says it puts beside words to be learnt by heart: <i>* = tricky word</i>.</summary>
internal static class SheetMarks
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    /// <summary>The cells with what is so marked in a line of its own; as they are where the sheet explains no mark.</summary>
    public static IReadOnlyList<SheetCell> Told(IReadOnlyList<SheetCell> cells)
    {
        var mark = cells.Select(x => Explained.Match(x.Text)).FirstOrDefault(x => x.Success)?.Groups["mark"].Value;
        return mark is null ? cells : [.. cells.Select(x => Explained.IsMatch(x.Text) ? x : x with { Text = Apart(x.Text, mark) })];
    }

    private static string Apart(string text, string mark)
    {
        var marked = new Regex($@"(?<![A-Za-z']){Regex.Escape(mark)}(?<word>[A-Za-z']+)|(?<word>[A-Za-z']+){Regex.Escape(mark)}(?![A-Za-z])", Any);
        var words = marked.Matches(text).Select(x => x.Groups["word"].Value).ToList();
        var rest = marked.Replace(text, "").Trim(' ', ',', ';');
        return words.Count == 0 ? text : $"{(rest.Length > 0 ? rest + "\n" : "")}tricky words: {string.Join(", ", words)}";
    }

    private static readonly Regex Explained = new(@"(?<![A-Za-z])(?<mark>[*†‡^])\s*(?:=|means|marks)\s*(?:an?\s+|the\s+)?(?:tricky|sight|heart|common(?:\s+exception)?|exception|irregular|high[\s-]frequency)\b|\b(?:tricky|sight|heart|exception|irregular)\s+words?\s+(?:are\s+|have\s+|is\s+|has\s+)?(?:marked|shown|an?|with|by|\s)*\s*(?<mark>[*†‡^])", Any);
}
