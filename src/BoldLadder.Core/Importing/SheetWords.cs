using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>The words by which people label what stands in their sheets: weeks, terms, days off, ticks. General words of the job, in English.</summary>
internal static class SheetWords
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    /// <summary>The weekday that some text names, from 1 for Monday; <i>Day 3</i> is 3; 0 for none.</summary>
    public static int WeekdayOf(string text)
    {
        var match = Weekday.Match(WhoTeaches.Replace(text.Trim(), "$1"));
        return !match.Success ? 0 : match.Groups["n"].Success ? int.Parse(match.Groups["n"].Value)
            : Array.IndexOf(["mon", "tue", "wed", "thu", "fri"], match.Groups["d"].Value.ToLowerInvariant()[..3]) + 1;
    }

    // Two who share a class: Miss Okoro (Mon-Wed).
    private static readonly Regex WhoTeaches = new(@"^(?:Mr|Mrs|Miss|Ms|Mx|Dr)\.?\s+[A-Z]\w*\s*[(:,–-]\s*([^()]+)\)?$");

    /// <summary>True for what heads the days of a week that stand side by side: Monday, <i>Day 3</i>, <i>Session 2</i>.</summary>
    public static bool HeadsDay(string heading) => WeekdayOf(heading) > 0 || SessionHeader.IsMatch(heading);

    private static readonly Regex SessionHeader = new(@"^\s*(session|lesson|input|slot)\s*[1-6]\s*$", Any);

    /// <summary>True for <i>Week 3</i>, <i>Wk 3</i>, <i>W3</i>, and two or more of them (<i>Weeks 1-2</i>).</summary>
    public static bool IsWeek(string text) => WeekLabel.IsMatch(text.Trim()) || IsWeekOfDay(text);

    /// <summary>True for a week that is called by the day it begins on: <i>w/b 31 Aug</i>, <i>week beginning 7/9</i>.</summary>
    public static bool IsWeekOfDay(string text) => WeekOfDay.IsMatch(text.Trim());

    /// <summary>True for a term, a half-term, a season, or a word of any scheme's own with a number after it.</summary>
    public static bool IsSection(string text) => SectionLabel.IsMatch(text.Trim()) && !IsWeek(text) && WeekdayOf(text) == 0 && !PartPatterns.Intro.IsMatch(text);

    /// <summary>True for a term, a half-term or the like itself, and not for the word that heads a column of them: <i>Autumn 1</i>, and not <i>half-term</i>.</summary>
    public static bool NamesTerm(string text) => IsSection(text) && SheetHeadings.RoleOf(text) is null;

    /// <summary>True for a name and a capital letter that sets are called by: <i>Step A</i>.</summary>
    public static bool NamesSet(string text) => SetName.IsMatch(text);

    private static readonly Regex SetName = new(@"^\s*[A-Za-z]{3,}\s+[A-Z]\s*$");

    /// <summary>The seasons that terms are called by, each as it is written: alternatives of a pattern.</summary>
    public const string Seasons = "autumn|aut|michaelmas|fall|winter|spring|spr|lent|summer|sum|trinity";

    /// <summary>True for a season and the letter of its half: <i>Autumn A</i>, which teaches no a.</summary>
    public static bool NamesHalf(string text) => HalfName.IsMatch(text);

    private static readonly Regex HalfName = new(@"^\s*(?:autumn|spring|summer|winter|fall|(?:half[\s-]?)?term)\s+[a-f]\s*$", Any);

    /// <summary>True for what children are called together: <i>red group</i>.</summary>
    public static bool NamesChildren(string text) => Children.IsMatch(text);

    private static readonly Regex Children = new(@"\b(groups?|class(es)?|tables?|pupils?|children|teams?)\b", Any);

    /// <summary>True for what a whole sheet is called: <i>catch-up plan for spring</i>.</summary>
    public static bool NamesPlan(string text) => text.Trim().Contains(' ', StringComparison.Ordinal) && Plan.IsMatch(text);

    private static readonly Regex Plan = new(@"\b(plan|overview|timetable|programme?|schedule|progression|scope|sequence|(order|lists?)\s+(of|for)|map)\b", Any);

    /// <summary>True for the year that a class is in: <i>Reception</i>, <i>Year 1</i>, <i>P2</i>.</summary>
    public static bool NamesYear(string text) => YearName.IsMatch(PartReader.WithoutBrackets(text));

    private static readonly Regex YearName = new(@"^\s*(nursery|pre-?school|pre-?k|reception|kindergarten|foundation|year\s+r|(?:year|grade|primary|class)\s*\d|[pyk]\s?\d|(?:first|second|third)\s+(?:grade|class|year)|(?:junior|senior)\s+infants)\s*$", Any);

    /// <summary>True for days on which nothing is taught.</summary>
    public static bool IsHoliday(string text) => (Holiday.IsMatch(text.Trim()) && !text.TrimStart().StartsWith("by ", StringComparison.OrdinalIgnoreCase) && !GoesOverToo.IsMatch(text) && !HalfTermNumber.IsMatch(text.Trim()) && !LabelsTrickyWords(text))
        || (Event.IsMatch(text) && LessonWords.LessonOf(text) is null && SheetHeadings.RoleOf(text) is not (ColumnRole.Parts or ColumnRole.Sounds or ColumnRole.Words or ColumnRole.TrickyWords) && !IsSection(text) && WeekdayOf(text) == 0);

    // Recap and Christmas play: something is gone over, whatever else there is.
    private static readonly Regex GoesOverToo = new(@"^\s*(review|revis\w+|re-?cap|consolidat\w+|catch[\s-]?up|assess\w*)(\s+(week|days?))?\s*(,|&|\+|/|\band\b)|(,|&|\+|/|\s[-–—]\s|\band\b)\s*(review|revis\w+|re-?cap|consolidat\w+|catch[\s-]?up)(\s+only|\s+week)?\s*$", Any);

    // A week or a day with a name of its own: World Book Week.
    private static readonly Regex Event = new(@"^\s*([A-Z][a-z]+([\s-][A-Za-z]+)*)\s+(Week|Day|Month)\W*$");

    /// <summary>True for totals, counts and ticks.</summary>
    public static bool IsCount(string text) => Count.IsMatch(text.Trim());

    /// <summary>
    /// Why a row teaches nothing: totals, numbers over letters that run along the page (<i>1 | 2 | 3</i>), a key to the colours;
    /// null for any other. The word key in a row of words is one of them.
    /// </summary>
    public static LeftOutReason? AsideFor(IReadOnlyList<string> row) => row.Any(x => TotalRow.IsMatch(x)) || (row.Count > 2 && row.All(IsOrdinal)) ? LeftOutReason.Count : KeyRow.IsMatch(row[0]) && (row.Count == 1 || row[0].Trim() != "key") ? LeftOutReason.NotRead : null;

    private static readonly Regex TotalRow = new(@"^\s*(sub-?)?total", Any);

    private static readonly Regex KeyRow = new(@"^\s*((colou?r\s+)?key|legend)\s*([:=]|[-–—]\s|$)|^\s*(actions?|apologies)\s*:\s*[A-Z][a-z]+\s+[a-z]+\s|^\s*(red|amber|orange|yellow|green|blue|purple|pink|gr[ea]y|bold|italics?|underlined|shaded|highlighted)\s*(=|\bmeans\b|\s[-–—]\s)\s*(not\s+)?[a-z]{4,}", Any);

    /// <summary>True for what is written where nothing is: a dash, <i>none</i>.</summary>
    public static bool IsNothing(string text) => text.Trim().ToLowerInvariant() is "-" or "–" or "—" or "--" or "n/a" or "none" or "nothing" or "nil" or "." or "...";

    /// <summary>True for what names, under a heading of sounds, all that were taught: there <i>all</i> is no word.</summary>
    public static bool NamesAll(string text, string heading) => IsAll(text) && heading.Contains("sound", StringComparison.OrdinalIgnoreCase);

    private static bool IsAll(string text) => text.Trim().ToLowerInvariant() is "all" or "everything";

    /// <summary>True for <i>all</i> under <i>tricky words to review</i>: no word to be learnt.</summary>
    public static bool GoesOverAll(string text, string heading) => IsAll(text) && LessonWords.LessonOf(heading) == Ladders.RungKind.Consolidation;

    /// <summary>The words that a class is to read: <i>read the, I</i>; empty for anything else.</summary>
    public static IReadOnlyList<string> WordsToRead(string text) => ToRead.Match(text) is { Success: true } match ? PartReader.WordsIn(match.Groups["rest"].Value) : [];

    private static readonly Regex ToRead = new(@"^\s*(?:read|learn|know|spell|write)\s+(?<rest>[a-z']+(?:\s*[,&]\s*[a-z']+)*)\s*$", Any);

    /// <summary>True for what only says that tricky words stand beside it.</summary>
    public static bool NamesTrickyWords(string text) => text.Trim().TrimEnd(':').EndsWith("words", StringComparison.OrdinalIgnoreCase) && SheetHeadings.RoleOf(text) == ColumnRole.TrickyWords;

    /// <summary>True for what heads a list of words to learn by heart: <i>words to know on sight</i>.</summary>
    public static bool HeadsWords(string text) => text.StartsWith("words", StringComparison.OrdinalIgnoreCase) && !text.AsSpan().ContainsAny(":,") && SheetHeadings.RoleOf(text) == ColumnRole.TrickyWords;

    /// <summary>True for what says of words of which kind they are, where others show some: <i>CVC words</i>, <i>words with digraphs</i>.</summary>
    public static bool SpeaksOfWords(string text) => !text.AsSpan().ContainsAny(",;:/\n") && OfWords.IsMatch(text);

    private static readonly Regex OfWords = new(@"\S\s+words\s*$|^\s*words\s+\S|^\s*(all\s+)?mixed(\s+up)?\s*$", Any);

    /// <summary>True for what children are to do, in words: <i>read captions</i>, <i>hear the first sound</i>.</summary>
    public static bool SaysWhatTheyDo(string text) => Done.IsMatch(text);

    private static readonly Regex Done = new(@"^\s*(can\s+)?(read|write|hear|say|blend|segment|spell|know|recogni[sz]e|use|find|begin\s+to|start\s+to)\s+\S", Any);

    /// <summary>True for a tick that says yes.</summary>
    public static bool IsYes(string text) => IsTick(text) && !text.Trim().StartsWith("n", StringComparison.OrdinalIgnoreCase);

    /// <summary>True for a tick in a column of ticks.</summary>
    public static bool IsTick(string text) => text.Trim().ToLowerInvariant() is "y" or "n" or "yes" or "no" or "x" or "/" or "✓" or "✔" or "√" or "✗" or "*";

    /// <summary>True for a tick that is nothing else: an x is a letter, and so are y and n.</summary>
    public static bool IsTickOnly(string text) => IsTick(text) && !char.IsAsciiLetter(text.Trim()[0]);

    /// <summary>True for what only says where in the order something stands.</summary>
    public static bool IsOrdinal(string text) => Ordinal.IsMatch(text.Trim());

    /// <summary>True for what an objective is filed under: <i>P1.1</i>, <i>PH-03</i>.</summary>
    public static bool IsReference(string text) => Reference.IsMatch(text.Trim());

    private static readonly Regex Reference = new(@"^[A-Z]{1,3}\d{0,2}[.\-/]\d{1,3}([.\-/]\d{1,3})?$", RegexOptions.CultureInvariant);

    /// <summary>A label at the start of a cell (<i>Week 2: </i>, <i>Tricky words - </i>) and what follows it.</summary>
    public static (string Label, string After)? Labelled(string text)
    {
        var match = Label.Match(text);
        if (!match.Success)
        {
            return null;
        }

        var label = match.Groups["label"].Value.Trim();
        return IsWeek(label) || IsSection(label) || WeekdayOf(label) > 0 || IsDayOfDiary(label) || IsOrdinal(label) || IsHoliday(label) || SaysWhatFollows.IsMatch(label)
            || (LessonWords.LessonOf(label) is null && (SheetHeadings.MentionsSounds(label) || SheetHeadings.RoleOf(label) is ColumnRole.TrickyWords or ColumnRole.Parts or ColumnRole.Sounds or ColumnRole.Words or ColumnRole.Notes or ColumnRole.Endings or ColumnRole.Clusters))
            ? (label, match.Groups["rest"].Value.Trim()) : null;
    }

    private static readonly Regex SaysWhatFollows = new(@"^\s*((our|the|teaching)\s+)?(order|sequence)\s*$|^\s*(first|then|next|after\s+that|finally|last(ly)?)\s*$", Any);

    /// <summary>True for a line that says of what follows that it is learnt by heart: <i>tricky words: the, to</i>.</summary>
    public static bool LabelsTrickyWords(string text) => Labelled(text) is var (label, _) && SheetHeadings.RoleOf(label) == ColumnRole.TrickyWords;

    /// <summary>The words of a list under a name of the school's own, by commas: <i>Learn: was, said</i>; empty for anything else.</summary>
    public static IReadOnlyList<string> NamedList(string text) => OwnLabel.Match(text) is { Success: true } match ? [.. match.Groups["word"].Captures.Select(x => x.Value)] : [];

    private static readonly Regex OwnLabel = new(@"^\s*[A-Za-z][A-Za-z ]{2,24}:\s*(?<word>[A-Za-z']+)(?:\s*,\s*(?<word>[A-Za-z']+))+\s*$", Any);

    /// <summary>True for what a row of spellings is called by the sound they share: <i>ai sounds</i>.</summary>
    public static bool NamesFamily(string text) => Family.IsMatch(text);

    private static readonly Regex Family = new(@"^\s*\S{1,6}\s+(?:sounds|spellings|famil(?:y|ies)|group)\s*$", Any);

    // A day, or two that share a column: Mon/Tue.
    private static readonly Regex Weekday = new(@"^((?<d>mon|tue|tues|wed|weds|thu|thur|thurs|fri)(day|sday|nesday|rsday|urday)?\.?|day\s*(?<n>[1-5]))(\s*(/|-|–|&|\+|,|and|to)\s*((mon|tue|wed|thu|fri)[a-z]*\.?|(day\s*)?[1-5]))?(\s*(am|pm|a\.m\.|p\.m\.|morning|afternoon))?$", Any);

    /// <summary>True for what people say to each other in a letter.</summary>
    public static bool IsCourtesy(string text) => Courtesy.IsMatch(text);

    private static readonly Regex Courtesy = new(@"^\s*(dear|(hello|hi|hey|good\s+(morning|afternoon|evening))\s+(all|both|everyone|everybody|team|there|folks|families|parents|colleagues)|(many\s+|with\s+)?thanks|thank\s+you|(kind(est)?|best|warm)\s+(regards|wishes)|yours|love\s+from)\b", Any);

    /// <summary>True for a day as a diary has it, mostly without a year: <i>Mon 7 Sept</i>, <i>7th of May</i>, <i>Sept. 7</i>, <i>7/9</i>.</summary>
    public static bool IsDayOfDiary(string text) => DayOfDiary.IsMatch(text.Trim());

    private const string Month = "(?<month>jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)[a-z]*\\.?", NumberOfDay = @"(?<day>\d{1,2})(?:st|nd|rd|th)?";

    /// <summary>Such a day: its <c>day</c> and <c>month</c>, or <c>first</c> and <c>second</c> where both are numbers, and its <c>year</c> if it has one.</summary>
    internal static readonly Regex DayOfDiary = new($@"^(?:(?:mon|tue|wed|thu|fri)[a-z]*\.?,?\s*)?(?:the\s+)?(?:{NumberOfDay}[\s-]*(?:of\s+)?{Month}|{Month}\s*{NumberOfDay}|(?<first>\d{{1,2}})[/.](?<second>\d{{1,2}})(?:[/.](?<year>\d{{4}}|\d{{2}}))?)(?:\s*,?\s*(?<year>\d{{4}})|[\s,-]+(?<year>\d{{2}}))?$", Any);

    private static readonly Regex WeekOfDay = new(@"^week\s+(beginning|commencing|starting|of)\s+(?=.*\d).{3,20}$|^w/?[bc]\.?\s+(?=.*\d).{3,20}$", Any);

    private static readonly Regex WeekLabel = new(@"^(week|weeks|wk|wks|w)\.?\s*(no\.?\s*)?\d{1,2}(\s*(-|–|to|&|and|/)\s*\d{1,2})?(\s*[:(].*)?$", Any);

    private static readonly Regex SectionLabel = new(@"^(then|next|later(\s+on)?|after\s+that)$|^(by|until|before|after)\s+(the\s+(end|start)\s+of\s+)?(september|october|november|december|january|february|march|april|may|june|july|august|christmas|easter|half[\s-]?term|the\s+summer|summer|spring)$|^((autumn|spring|summer|winter|fall|first|second|third|fourth|fifth|sixth|1st|2nd|3rd|4th|5th|6th|michaelmas|lent|trinity|september|october|november|december|january|february|march|april|may|june|july|august|reception|kindergarten|nursery|year|grade|term|half[\s-]?term|unit|block|stage|section|level|module|part|set|band|book|semester|quarter|trimester|month|aut|spr|sum(?!s)|win)\b\.?[\s-]*((half[\s-]?term|term|half|half[\s-]of[\s-]term)?[\s-]*(\d{1,2}|one|two|three|four|five|six|[ab])?(\s*[:(–-].*)?|.{0,40})|(ht|t|u|s)\d{1,2}|(sept?|oct|nov|dec|jan|feb|mar|apr|jun|jul)\.?(\s*[:–-].*)?|[a-z]{4,}\s+\d{1,2}|(step|phase|group|round|list|pack|cycle)\s+(one|two|three|four|five|six|seven|eight|nine|ten))$", Any);

    private static readonly Regex Holiday = new(@"\b(half[\s-]?term|holidays?|holiday|vacation|break|bank\s+holiday|inset|in-?service|bh|(staff\s+)?training(\s+day)?|settl(?:e|ing)[\s-]+in|home\s+visits|induction|staff\s+day|closed(?!\s+syllab)|closure|school\s+shut|no\s+school|christmas|easter|thanksgiving|winter\s+recess|recess|strike|polling|snow\s+day|trip|sports\s+day|nativity|(fire|lockdown)\s+drill|photographs?|[a-z]+\s+weekend|party|festival|forest\s+school|swimming|assembly|concert|carols?|rehearsals?|no\s+(phonics|lessons?)|open\s+(day|evening)|parents['’]?\s+(evening|meetings?))\b", Any);

    private static readonly Regex HalfTermNumber = new(@"\bhalf[\s-]?term\s*(\d|one|two|three|four|five|six)\b|\b(first|second|third|fourth|fifth|sixth|1st|2nd|3rd|4th|5th|6th)\s+half[\s-]?term\b|\b(of|from|before|after|this|last)\s+(the\s+|this\s+|last\s+)?half[\s-]?term\b|\bhalf[\s-]?term(['’]?s)?\s+(review|revision|recap|assess\w*|check|quiz|test)\b", Any);

    private static readonly Regex Count = new(@"^(total|sub-?total|sum|count|grand\s+total|so\s+far|running|altogether|number\s+of)\b|^[\d.,]+\s*%?$|^[✓✔√]$|^(yes|no|done|y/n)$", Any);

    private static readonly Regex Ordinal = new(@"^(no\.?\s*|#|lesson\s*|step\s*|session\s*|rung\s*|day\s*)?\d{1,3}(st|nd|rd|th)?\s*[.):]?$", Any);

    private static readonly Regex Label = new(@"^\s*(?:(?<label>(?:week|wk|day|lesson|session|step|set|unit)\s*\d{1,2})\.\s+(?=[a-z])|(?<label>[^:=]{1,60}?)\s*(:|\s[-–—=→>]\s)|(?<label>(?:set|step|stage|group|unit|block|band|list|lesson|week)\s+(?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten))\s+(?:is|are|has|covers|contains|includes|teaches)\s+|(?<label>(?:tricky|sight|heart)\s+words?)\s(?!(?:are|is|will|taught|from|as|in|for)\b\s*\S))\s*(?<rest>.+)$", Any | RegexOptions.Singleline);
}
