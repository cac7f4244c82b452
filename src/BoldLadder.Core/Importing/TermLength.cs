using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>
/// How many weeks a section of a plan stands for, by what it is called: a half-term six, a season's term twelve. About the weeks
/// of a year of 39 that are left when days are lost.
/// </summary>
internal static class TermLength
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    private const int HalfTerm = 6, Term = 12, Quarter = 9, Semester = 18, Month = 3, LongestTerm = 20;

    /// <summary>Weeks; 0 for a set, a unit or a year, which say nothing of how long they take.</summary>
    /// <param name="all">What the sections of the plan are called: of six numbered terms each is half as long as of three.</param>
    public static int In(string name, IReadOnlyList<string> all) => Said.Match(name) is { Success: true } said && int.Parse(said.Groups["weeks"].Value, CultureInfo.InvariantCulture) is > 0 and <= LongestTerm and var weeks ? weeks
        : Half.IsMatch(name) ? HalfTerm
        : Numbered.IsMatch(name) ? all.Max(NumberOf) switch { > 4 => HalfTerm, 4 => Quarter, 3 => Term, _ => 0 }
        : QuarterName.IsMatch(name) ? Quarter
        : SemesterName.IsMatch(name) ? Semester
        : Season.IsMatch(name) || TrimesterName.IsMatch(name) ? Term
        : MonthName.IsMatch(name) ? Month : 0;

    /// <summary>True for what a term or a part of one is called: what stands in one cell of it is not taught on one day.</summary>
    public static bool Names(string name) => In(name, [name]) > 0 || Numbered.IsMatch(name);

    private static int NumberOf(string name) => Numbered.Match(name) is { Success: true } term ? int.Parse(term.Groups["number"].Value, CultureInfo.InvariantCulture) : 0;

    // Autumn 1 (7 weeks).
    private static readonly Regex Said = new(@"\(\s*(?<weeks>\d{1,2})\s*(weeks|wks)\s*\)", Any);

    private const string Seasons = @"\b(" + SheetWords.Seasons + @")\b\.?";

    private static readonly Regex Half = new(Seasons + @"\s*(term\s*)?[-–]?\s*([12ab]|one|two|i|ii|(1st|2nd|first|second)(\s+half)?)\b|\b(first|second|1st|2nd)\s+half\b|\bhalf[\s-]?term\s*\d\b|\b[1-6](st|nd|rd|th)\s+half[\s-]?term\b|\bht\s*\d\b", Any);

    private static readonly Regex Numbered = new(@"\bterm\s*(?<number>[1-6])\b|\bt(?<number>[1-6])\b", Any);

    private static readonly Regex QuarterName = new(@"\bquarter\b|\bq[1-4]\b", Any);

    private static readonly Regex SemesterName = new(@"\bsemester\b", Any);

    private static readonly Regex TrimesterName = new(@"\btrimester\b", Any);

    private static readonly Regex Season = new(Seasons, Any);

    private static readonly Regex MonthName = new(@"^\s*(january|february|march|april|may|june|july|august|september|october|november|december|sept?|oct|nov|dec|jan|feb|mar|apr)\b\.?(\s*\d{4})?\s*$", Any);
}
