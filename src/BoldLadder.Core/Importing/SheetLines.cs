using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>The lines of a cell: what is written in one and was meant for several, such as parts and then the words to be learnt by heart.</summary>
internal static class SheetLines
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    private const string Weekdays = "mon(?:day)?|tue(?:s(?:day)?)?|wed(?:s|nesday)?|thu(?:rs?(?:day)?)?|fri(?:day)?", Again = "re-?cap|review|revise|re-?visit";

    /// <summary>The lines of a cell; tricky words that are named after the parts on one line are a line of their own.</summary>
    public static IEnumerable<string> Of(string text)
    {
        text = EachDay(BothSizes.Replace(DaysByLetter(text), x => x.Groups["a"].Value.ToLowerInvariant()));
        text = GoneOverFirst.Replace(text, x => $"{x.Groups["new"].Value} ({$"recap {x.Groups["old"].Value}".Trim()})");
        text = GoneOverAfter.Replace(GoneOverBehind.Replace(text, " (recap ${old})"), "${new} (recap ${old})");
        text = TalkBehind.Replace(ThenReview.Replace(text, "\nreview"), "");
        text = SentenceBehind.Replace(text, "\n${said}");
        text = Made.Replace(text, " (${rest})");
        text = Practised.Replace(text, " (${rest})");
        text = AsWord.Replace(text, "\ntricky words: ${rest}");
        text = AndRevisit.Replace(text, "");
        text = PlusIAndA.Replace(text, "\ntricky words: ${rest}");
        text = string.Join('\n', text.Split('\n').Select(ByHeartAmongLetters));
        text = ByHeart.Replace(text, "tricky words: ${rest}");
        text = PlusQuoted.Replace(text, x => $"\n{Quoted(x)}");
        text = InQuotes.Replace(text, Quoted);
        text = InBrackets.Replace(text, "\ntricky words: ${rest}");
        text = string.Join('\n', text.Split('\n').Select(x => TheWord.Replace(x, " tricky words: ${rest}")));
        text = AndTheWords.Replace(text, x => $"\ntricky words: {x.Groups["rest"].Value.Replace(" and ", ", ", StringComparison.OrdinalIgnoreCase)}");
        var lines = LineEnds.Split(BothLabelled.Replace(text, "\n")).Select(x => x.Trim()).Where(x => x.Length > 0).ToList();
        // A dash before "HFW: the, to" is no line.
        return lines.Count < 2 ? lines : lines.Where(x => x.Any(char.IsLetterOrDigit));
    }

    /// <summary>The lines of a cell without the day that each may begin with: <i>Mon: t</i>.</summary>
    public static IEnumerable<string> WithoutWeekdays(string text) => Of(text).Select(x => SheetWords.Labelled(x) is var (label, rest) && SheetWords.WeekdayOf(label) > 0 ? rest : x);

    private static string Quoted(Match x) => $"tricky words: {string.Join(", ", PartReader.WordsIn(x.Groups["rest"].Value).Where(w => w != "and"))}";

    /// <summary>True for a line of what is gone over, in a cell of which another line says what is new: <i>Revise: o, n, d</i>.</summary>
    public static bool GoesOverBesideNew(string line, IReadOnlyList<string> lines) => OldLine.IsMatch(line) && lines.Any(x => NewLine.Match(x) is { Success: true } said && !SheetWords.IsNothing(x[said.Length..]));

    private static readonly Regex OldLine = new(@"^\s*(re-?visit|review|revise|revision|recall|re-?cap|practi[sc]e|apply|again)\b[^:]{0,24}:", Any);

    private static readonly Regex NewLine = new(@"^\s*(new|teach|introduce)\b[^:]{0,24}:", Any);

    /// <summary>True for a cell that says in one of its lines what is new: <i>Revise: o, n / New: d</i>.</summary>
    public static bool SaysNew(string text) => GoneOverAfter.IsMatch(text) || Of(text).Any(NewLine.IsMatch);

    // "Introduce p, recap m, o": what is gone over beside the new, on one line.
    private static readonly Regex GoneOverAfter = new(@"^(?<new>.*\b(?:introduce|teach|meet)\s+[^\s,:()][^:()]*?(?=[,;+&\s])|(?:[^:()]*[\s:,])?[a-z]{1,3}(?=\s*[,;+&]))\s*[,;+&]?\s+(?:and\s+)?(?:" + Again + @")\s+(?<old>[^:()]+)$", Any);

    // "Revise, then d", "recap o, n then new: t": what is new comes behind.
    private static readonly Regex GoneOverFirst = new(@"(?<=^\s*(?:[^:]{1,30}:\s*)?)(?:(?:quick|short|brief)\s+)?(?:" + Again + @")\b\s*(?<old>[^:()]*?)\s*[,;]?\s*(?:and\s+)?\bthen\s+(?:(?:new|teach|introduce|meet|the)\b\s*(?:sounds?\b|letters?\b)?\s*:?\s*)*(?<new>[a-z]{1,3}(?:\s*(?:,|&|\band\b)\s*[a-z]{1,3})*)\s*$", Any);

    // "Teach ck, ea (bread); revisit n, g".
    private static readonly Regex GoneOverBehind = new(@"(?<=^\s*(?:introduce|teach|meet|new)\s[^;:]+);\s*(?:" + Again + @")\s(?<old>[^:;()]+)$", Any);

    // "Wk2 - m, a, t + rev (TW: I)", "e, r and review", "e, h, revision": a day of going over, after those of what is new.
    private static readonly Regex ThenReview = new(@"(?<=^\s*(?:[A-Za-z]+\s*\d+\s*[-–:.)]+\s*)?[a-z]{1,3}(?:\s*(?:,|&|\band\b)\s*[a-z]{1,3})+)\s*(?:[+&,]|,?\s+(?:and|plus|then))\s*(?:rev|review|revise|revision|re-?cap)\.?(?:\s+(?:it\s+all|them(?:\s+all)?|all|everything))?\s*(?=$|\()", Any);

    // "A g - and lots of singing!", "b (bear) - watch for d!"
    private static readonly Regex TalkBehind = new(@"\s[-–—]\s+(?:(?:and|plus|with)\s+(?:lots|plenty|loads|some|more|much)\s+(?:[a-z]+\s*){2,}[!.]?\s*$|(?:watch|look\s+out|mind|careful|take\s+care|remember|beware|don't|not\s+to)\b.*$)", Any);

    // "Oa (boat). Don't forget the cards!": a note below it.
    private static readonly Regex SentenceBehind = new(@"(?<=[a-z]\s*\([a-z]+\))\.\s+(?<said>(?!(?:then|also|and|next|tricky|sight|heart|words?|new|teach|learn|introduce|meet|re-?cap|review|revise|practi[sc]e)\b)[a-z']+(?:\s+[a-z']{2,}){2,}\s*[.!]?\s*)$", Any);

    // Both on one line: "Teach: n; revisit old: e", "New: r Review: o".
    private static readonly Regex BothLabelled = new(@"(?<=\S)\s*[/;|]\s*(?=(new|teach|introduce|re-?visit|review|revise|revision|recall|re-?cap|practi[sc]e|apply)\b[^:;/|]{0,24}:)|(?<=\S)\s*[,.\s]\s*(?=(?:re-?visit|review|revise|revision|recall|re-?cap)\s*:)", Any);

    // "Mon g, Tue o, Wed review": a day on each line.
    /// <summary>True for a line of several days, of which one off is none of the others: <i>Mon – settling in; Tue – n; Wed – o</i>.</summary>
    public static bool HasDays(string text) => DayInLine.Count(text) > 1;

    private static string EachDay(string text) => DayBehind.Count(text) > 1 ? DayBehind.Replace(text, x => $"\n{x.Groups["day"].Value}: {x.Groups["part"].Value}") : DayInLine.Matches(text) is { Count: > 1 } days
        ? DayInLine.Replace(text, x => x.Index == days[0].Index ? $" {x.Groups["day"].Value}: " : $"\n{x.Groups["day"].Value}: ") : text;

    // "s (Mon), a (Tue)": a day behind what is taught on it.
    private static readonly Regex DayBehind = new(@"(?:^|[,;\n]|\band\b)\s*(?<part>[^,;()\n]+?)\s*\(\s*(?<day>" + Weekdays + @")\s*\)", Any);

    // "M: s; T: a; W: t; Th: p": days by their letters, known by each other; "M: mat; T: tap" are letters with their words.
    private static string DaysByLetter(string text) => ByLetter.Match(text) is { Success: true } days && !WithKeyword.IsMatch(text)
        ? string.Join('\n', days.Groups["day"].Captures.Select(x => x.Value.Trim(' ', ',', ';', '\n')).Where(x => x.Length > 0)) : text;

    private static readonly Regex ByLetter = new(@"^\s*M\s*:(?<day>[^:]+?)\bT\s*:(?<day>[^:]+?)(?:\bW\s*:(?<day>[^:]+?))?(?:\bTh\s*:(?<day>[^:]+?))?(?:\bF\s*:(?<day>[^:]+?))?$", RegexOptions.CultureInvariant);

    private static readonly Regex WithKeyword = new(@"^\s*M\s*:\s*m[a-z]{2}|\bT\s*:\s*t(?!ch\b)[a-gi-z][a-z]", RegexOptions.CultureInvariant);

    // "s S", "L l": a letter in both its sizes.
    private static readonly Regex BothSizes = new(@"(?<![A-Za-z'_-])(?<a>[A-Za-z])\s(?!\k<a>)(?i:\k<a>)(?![A-Za-z'_-])", RegexOptions.CultureInvariant);

    /// <summary>A line without what it says of days off beside what is taught: <i>no school Monday; p, c</i>.</summary>
    public static string WithoutDaysOff(string text)
    {
        var pieces = Remarks.Split(text);
        var left = pieces.Where(x => !(SheetWords.IsHoliday(x) && x.Trim().Contains(' ', StringComparison.Ordinal) && !x.Contains(':', StringComparison.Ordinal) && !Teaches.IsMatch(x))).ToList();
        return pieces.Length < 2 || left.Count == pieces.Length ? text : string.Concat(left).Trim(' ', ';', ',', '-', '–', '/');
    }

    /// <summary>True for a day of going over or a check, and days off behind it: <i>assessment week, half term to follow</i>.</summary>
    public static bool EndsInDayOff(string text) => WithoutDaysOff(text) is var rest && rest.Length < text.Length && text.StartsWith(rest, StringComparison.Ordinal) && LessonWords.LessonOf(rest) is not null;

    // After Christmas we teach u.
    private static readonly Regex Teaches = new(@"\b(?:teach|learn|meet|introduce|start|begin)\b", Any);

    private static readonly Regex DayInLine = new(@"(?:^|[,;|]|(?<=:)|\s[-–—]|(?<=\s))\s*\b(?<day>" + Weekdays + @")\b\.?(?:\s*[:=]\s*|\s+[-–—]\s+|\s+)(?=[^\s,;])", Any);

    // "the (tricky)", "I, is (sight words)", "the - tricky!".
    private static readonly Regex ByHeart = new(@"^(?:\d{1,3}[.)])?[\s\p{So}•▪◦*·✓–-]*(?<rest>[A-Za-z', ]+?)\s*(?:[(\[]|\s[-–—]\s)\s*" + MarkOfWord + @"\s*[)\]!.]*\s*$", Any);

    private const string MarkOfWord = @"(?:an?\s+)?(?:tricky|sight|heart|common|exception|common\s+exception|high[\s-]frequency|irregular|hfw|cew|tw)(?:\s+words?)?";

    // "t, the (tricky), e", "n, I (tricky)": the word before the mark alone, beside what is no word.
    private static string ByHeartAmongLetters(string line)
    {
        var marked = Marked.Matches(line).Select(x => x.Groups["word"].Value).ToList();
        var others = Marked.Replace(line, "").Split([',', ';', '+', '&', '>'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
        // Beside letters a is one of them.
        var words = others.Where(x => x != "a" && IsFirstByHeart.IsMatch(x)).ToList();
        return marked.Count == 0 || !others.Any(x => IsLetters.IsMatch(x)) ? line : $"{string.Join(", ", others.Except(words))}\ntricky words: {string.Join(", ", words.Concat(marked))}";
    }

    private static readonly Regex Marked = new(@"(?:(?<=^|[,;+&>])|\s+and\b)\s*(?<word>[A-Za-z']+)\s*[(\[]\s*" + MarkOfWord + @"\s*[)\]]", Any);

    // Not all, are or of, which are letters to nobody who marks the word beside them.
    private static readonly Regex IsLetters = new(@"^(?:[^:]{1,30}:\s*)?(?!(?:" + FirstByHeart + @"|A|of|do|so|as|at|an|am|it|in|on|if|up|us|by|or)$)(?:[A-Za-z]{1,2}|igh|air|tch|dge|ure)$", RegexOptions.CultureInvariant);

    private static readonly Regex IsFirstByHeart = new(@"^" + FirstByHeart + @"$", RegexOptions.CultureInvariant);

    // 'n, made "on"': what the letters make shows them.
    private static readonly Regex Made = new(@",?\s+(?:and\s+)?(?:made|makes?|making|built|blended|read|wrote|spelt)\s+(?:the\s+words?\s+)?[""“](?<rest>[a-z]+)[""”]\s*$", Any);

    // "t, and blending top, dot, pot": words that are read with what is new.
    private static readonly Regex Practised = new(@"(?<=[a-z])[,;]?\s+(?:and\s+|then\s+|with\s+)*" + PartPatterns.WordsRead + @"\s*\.?$", Any);

    // "Learn 'to' and 'no'": words in quotes, one after another.
    private static readonly Regex InQuotes = new(@"^\s*(?:to\s+|we\s+)?(?:introduce|teach|learn|meet|know)\s+(?<rest>[""'“‘][A-Za-z]+[""'”’](?:\s*(?:,|&|\band\b)+\s*[""'“‘][A-Za-z]+[""'”’])+)\s*$", Any);

    // "ck, plus 'to' and 'no'": after letters, words in quotes.
    private static readonly Regex PlusQuoted = new(@",?\s+plus\s+(?<rest>[""'“‘][A-Za-z]+[""'”’](?:\s*(?:,|&|\band\b)+\s*[""'“‘][A-Za-z]+[""'”’])*)\s*$", Any);

    // "m, e, I (word)": the last of a line, to be learnt as it stands.
    private static readonly Regex AsWord = new(@"(?:^|,|\s[+&]|\band)\s*(?<rest>[A-Za-z']+)\s*\(\s*(?:as\s+)?(?:an?\s+|the\s+)?(?:whole\s+)?words?\s*\)\s*$", Any);

    // "ss; revisit": new letters, and what else is done.
    private static readonly Regex AndRevisit = new(@"(?<=(?:^|[\s,])[a-z]{1,3})\s*(?:;|,|\+|&)\s*(?:" + Again + @"|consolidate|practi[sc]e)\s*$", Any);

    private const string FirstByHeart = "(?:I|a|to|the|no|go|he|she|me|we|be|my|is|was|you)";

    // "i/m/p + I, a", "t, n + I, to": the words of one letter, and those beside them, after letters.
    private static readonly Regex PlusIAndA = new(@"\s+\+\s+(?=[^+]*\bI\b)(?<rest>" + FirstByHeart + @"(?:\s*(?:,|&|\band\b)\s*" + FirstByHeart + @")*)\s*$", RegexOptions.CultureInvariant);

    // "c, o, d (I)", "t, i, n (tricky: the, to)", "m, e (plus the, I)".
    private static readonly Regex InBrackets = new(@"\(\s*(?:(?:tricky|sight|heart|common|exception|hfws?\b|cews?\b|tws?\b)\s*(?:words?)?\s*:?\s*(?<rest>[A-Za-z', ]+)|(?-i:(?<rest>I))|(?:plus|and|with|\+)\s+(?=[^)]*\b(?:I|the|to|into|no|go|so|do|of|was|said|he|she|me|we|be|my|you|your|they|their|there|some|come|have|like|little|one|once|what|when|were|people|could|would|should|Mr|Mrs)\b)(?<rest>[A-Za-z',& ]+))\s*\)\s*$", Any);

    private static readonly Regex TheWord = new(@"(?:^|(?<=[:–-]\s*))\s*(?:(?:(?:please|practi[sc]e|today|to|I|we|are|am|will|can|(?:the\s+)?(?:children|pupils|class)|learn(?:s|ing)?\s+to)\s+)*(?:introduce|teach|learn(?:ing)?|meet|read(?:ing)?|spell(?:ing)?|know|writ(?:e|ing))(?:\s+and\s+[a-z]+)?\s+)?(?:the\s+(?:(?:tricky|sight|heart|common(?:\s+exception)?|exception|high[\s-]frequency)\s+)?|(?<=\b(?:introduce|teach|learn|meet)\s+)(?:tricky|sight|heart|common(?:\s+exception)?|exception|high[\s-]frequency)\s+)words?\s*:?\s+(?!with\b|that\b|contain|end|using\b|in\b|of\b)[""'“‘]?(?<rest>[a-z' ,]+?)[""'”’]?\s*\.?\s*$", Any);

    // "... and the word the", "plus the words he and to": words to be learnt, after what is taught.
    private static readonly Regex AndTheWords = new(@"(?:^\s*(?:and|plus)|,?\s+(?:and|plus)|\s*[+&]|\s*;(?=\s+the\s))\s+(?:the\s+|our\s+|your\s+)?words?(?:\s+(?:is|are)\b)?\s*:?\s+(?:(?<rest>[a-z' ,]+\.?)|(?<open>[""“‘'])(?<rest>[a-z]+)[""”’'])$", Any);

    // The mark that ends a piece stays with it.
    private static readonly Regex Remarks = new(@"(?<=[;,])(?=\s)|(?<=\s)(?=[-–—/]\s)", Any);

    private static readonly Regex LineEnds = new(@"\n|(?<=[.;,)])\s+(?=(?:tricky|sight|heart|common|high[\s-]frequency|exception)\b[^:\n]{0,24}:)|(?:,?\s+(?:plus|and|with)\s+|\s*[+&]\s*|(?<=[a-z]\s*),\s+(?=\w+\s+words?\s+[a-z]))(?:the\s+)?(?=(?:(?:tricky|sight|heart|exception|common\s+exception|high[\s-]frequency)(?:\s+words?\b|\s*:)|(?:hfw|cew|tw)s?\b))|\s+(?=(?:HFW|CEW|TW)s?\s*[:–-])", Any);
}
