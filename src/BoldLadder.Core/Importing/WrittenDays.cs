using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>For how many days something is taught, as people write it: <i>2 days</i>, <i>three lessons</i>.</summary>
internal static class WrittenDays
{
    private const int Most = 20, DaysOfWeek = 5;

    private static readonly string[] InWords = ["one", "two", "three", "four", "five", "six"];

    /// <summary>The days that a cell names and nothing else; null for anything else.</summary>
    /// <param name="counted">What heads its column counts days, so that a number alone is one.</param>
    /// <param name="inWeeks">It counts weeks.</param>
    public static int? Of(string text, bool counted = false, bool inWeeks = false) => Alone.Match(text) is { Success: true } match && (counted || match.Groups["days"].Success || match.Groups["weeks"].Success)
        ? Number(match) * (match.Groups["weeks"].Success || (inWeeks && !match.Groups["days"].Success) ? DaysOfWeek : 1) : null;

    /// <summary>A line without the days that stand at its end, and how many; 0 for none: <c>sh (2 days)</c>.</summary>
    public static (string Text, int Days) AtEnd(string text) => End.Match(text) is { Success: true } match ? (text[..match.Index].Trim(), Number(match)) : (text, 0);

    private static int Number(Match match)
    {
        var text = match.Groups["n"].Value;
        return Math.Clamp(int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : Array.IndexOf(InWords, text.ToLowerInvariant()) + 1, 1, Most);
    }

    private const string Count = @"(?<n>\d{1,2}|one|two|three|four|five|six)";

    private static readonly Regex Alone = new($@"^\s*{Count}\s*(?:(?<days>(?:school\s+)?(?:days?|lessons?|sessions?))|(?<weeks>(?:weeks?|wks?)))?\.?\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    private static readonly Regex End = new($@"(?<=\S)(?:\s*[-–—:;,(\[]\s*|\s+for\s+){Count}\s+(?:days?|lessons?|sessions?)\s*[)\]]?\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
