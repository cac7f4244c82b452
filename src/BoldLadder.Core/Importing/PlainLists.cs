using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>Lists within a cell as lists with commas, whatever marks what stands in them: bullets or numbers before each, brackets round each, arrows or new lines between.</summary>
internal static class PlainLists
{
    private const int LongestWord = 6;

    /// <summary>The text so written; as it is where it holds anything but short words and letters.</summary>
    public static string Of(string text)
    {
        text = InBrackets.IsMatch(text) ? Brackets.Replace(text, "${in}") : text;
        // Two may be letters and what they say.
        text = Arrows.Match(text) is { Success: true } row ? string.Join(row.Groups["one"].Captures.Count == 2 ? " - " : ", ", row.Groups["one"].Captures.Select(x => x.Value)) : text;
        text = Soft.IsMatch(text) ? string.Join(", ", text.Split(' ', StringSplitOptions.RemoveEmptyEntries)) : text;
        text = TheBehind.Replace(text, "${letters}, the");
        text = ToLearn.Replace(text, "");
        text = ByHeart.Match(text) is { Success: true } words ? string.Join(", ", words.Groups["one"].Captures.Select(x => x.Value)) : text;
        var lines = text.Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
        if (lines.Length < 2)
        {
            return text;
        }

        var marked = lines.All(x => Mark.IsMatch(x));
        var bare = marked ? lines.Select(x => Mark.Replace(x, "")).ToList() : [.. lines];
        // Below its letters stands their word.
        var shows = !marked && bare is [var letters, var word] && word.Contains(letters, StringComparison.Ordinal) && (word.Length > letters.Length + 1 || IsShortWord.IsMatch(word)) && !IsLearnt.IsMatch(letters);
        return !shows && bare.TrueForAll(x => Short.IsMatch(x) && (marked || x.Length < LongestWord)) ? string.Join(", ", bare) : text;
    }

    // <sh>, [m], [a].
    private static readonly Regex InBrackets = new(@"^\s*(?:<[A-Za-z_-]{1,6}>|\[[A-Za-z_-]{1,6}\])(?:\s*[,;]?\s*(?:<[A-Za-z_-]{1,6}>|\[[A-Za-z_-]{1,6}\]))*\s*$", RegexOptions.CultureInvariant);

    private static readonly Regex Brackets = new(@"[<\[](?<in>[A-Za-z_-]+)[>\]]", RegexOptions.CultureInvariant);

    private static readonly Regex Arrows = new(@"^\s*(?<one>[a-z]{1,4})(?:\s*(?:[-=]?>|→|➔|»)\s*(?<one>[a-z]{1,4}))+\s*$", RegexOptions.CultureInvariant);

    // The commonest of the words that are learnt by heart and are no letters of a sound.
    private const string Learnt = "(?:I|a|the|to|no|go|so|he|she|we|me|be|my|by|is|his|was|you|your|they|are|were|said|have|like|come|some|of|do|all|her|there|their|what|when|why|who|one|once|here|where|into|put|push|pull)";

    // Gy ge: a soft letter with what stands behind it.
    private static readonly Regex Soft = new(@"^\s*(?<letter>[cg])[eiy](?: +\k<letter>[eiy])+\s*$", RegexOptions.CultureInvariant);

    // M the: behind letters it is a word to learn.
    private static readonly Regex TheBehind = new(@"^\s*(?<letters>[a-z]{1,3}(?:,? [a-z]{1,3})*) the\s*$", RegexOptions.CultureInvariant);

    // Introduce the, to.
    private static readonly Regex ToLearn = new(@"^\s*" + PartPatterns.Taught + @"\s+(?=(?:[a-z']+\s*,\s*)*" + Learnt + @"\b(?:\s*(?:,|&|\band\b)\s*(?:[a-z']+|I))*\s*$)", RegexOptions.CultureInvariant);

    // Why - my, I + a, the and to.
    private static readonly Regex ByHeart = new(@"^\s*(?<one>" + Learnt + @")(?:\s+(?:[+&–—-]|and)\s+(?<one>" + Learnt + @"))+\s*$", RegexOptions.CultureInvariant);

    // O, on; but l, ll and n, ng are a list.
    private static readonly Regex IsShortWord = new("^(?:ox|on|up|us|in|it|is|if|at|an|am|as)$", RegexOptions.CultureInvariant);

    private static readonly Regex IsLearnt = new("^" + Learnt + "$", RegexOptions.CultureInvariant);

    private static readonly Regex Mark = new(@"^(?:[•▪◦‣*·–—-]\s+|\(?\d{1,2}[.)]\s*)(?=\S)", RegexOptions.CultureInvariant);

    // I among them; no heading of two lines begins small.
    private static readonly Regex Short = new(@"^(?:[a-z']+|[a-z]+-[a-z]|I)$", RegexOptions.CultureInvariant);
}
