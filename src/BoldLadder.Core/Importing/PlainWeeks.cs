using System.Globalization;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>Weeks as most people write them: <i>Week one</i> and <i>1st week</i> as <i>Week 1</i>, and the day that one begins on in brackets behind it.</summary>
internal static class PlainWeeks
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    private const string Numbers = "one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve", Ordinals = "first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|eleventh|twelfth";

    private const string Month = @"(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\.?";

    private const string Date = @"(?:\d{1,2}[/.]\d{1,2}(?:[/.]\d{2,4})?|\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?" + Month + @"(?:\s+\d{4})?|" + Month + @"\s+\d{1,2}(?:st|nd|rd|th)?(?:,?\s+\d{4})?)";

    /// <summary>The text so written.</summary>
    public static string Of(string text)
    {
        text = InWords.Replace(text, x => $"Week {Place(Numbers, x)}");
        text = Ordinal.Replace(text, x => $"Week {(x.Groups["n"].Success ? x.Groups["n"].Value : Place(Ordinals, x))}");
        return Dated.Replace(text, "${week} (${date})");
    }

    /// <summary>True for <i>Aut</i> and <i>Spr</i>, which say of <i>Sum</i> beside them what it is.</summary>
    public static bool IsSeason(string text) => Season.Match(text) is { Success: true } season && !season.Groups["season"].Value.StartsWith("su", StringComparison.OrdinalIgnoreCase);

    /// <summary>A season by its whole name: <i>Spr 1</i> as <i>Spring 1</i>.</summary>
    public static string WithSeason(string text) => Season.Replace(text, x => char.ToLowerInvariant(x.Groups["season"].Value[0]) == 'a' ? "Autumn" : char.ToLowerInvariant(x.Groups["season"].Value[1]) == 'p' ? "Spring" : "Summer");

    private static string Place(string words, Match said) => (Array.IndexOf(words.Split('|'), said.Groups["word"].Value.ToLowerInvariant()) + 1).ToString(CultureInfo.InvariantCulture);

    private static readonly Regex Season = new(@"(?<=^\s*)(?<season>aut|spr|sum)\b\.?(?=\s*(?:term\s*)?\d?\s*(?:$|[:–—-]))", Any);

    private static readonly Regex InWords = new(@"(?<=^\s*)(?:week|wk)\s+(?<word>" + Numbers + @")(?=\s*(?:$|[:(–—\n-]))", Any);

    private static readonly Regex Ordinal = new(@"(?<=^\s*)(?:(?<n>\d{1,2})(?:st|nd|rd|th)|(?<word>" + Ordinals + @"))\s+(?:week|wk)(?=\s*$)", Any);

    private static readonly Regex Dated = new(@"^\s*(?<week>(?:week|wk|w)\.?\s*\d{1,2})\s*[,:–—-]?\s*(?<date>(?:(?:w/?[bc]\.?|week\s+(?:beginning|commencing|of)|beginning|commencing|from|starting)\s*:?\s*)?" + Date + @"(?:\s*(?:-|–|to)\s*" + Date + @")?)\s*$", Any);
}
