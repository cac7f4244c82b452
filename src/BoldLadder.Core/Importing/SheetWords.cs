using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>The words by which people head and label their sheets. General words of the job, in English.</summary>
internal static partial class SheetWords
{
    private const int LongestLabel = 24;

    private static readonly (ColumnRole Role, Regex Words)[] Headers =
    [
        (ColumnRole.TrickyWords, TrickyHeader()), (ColumnRole.Sounds, RivalHeader()), (ColumnRole.LeftOut, LeftOutHeader()), (ColumnRole.Week, WeekHeader()), (ColumnRole.Date, DateHeader()),
        (ColumnRole.Days, DaysHeader()), (ColumnRole.Day, DayHeader()), (ColumnRole.Section, SectionHeader()), (ColumnRole.Notes, NotesHeader()), (ColumnRole.Endings, EndingHeader()),
        (ColumnRole.Clusters, ClusterHeader()), (ColumnRole.RimeUnits, RimeHeader()), (ColumnRole.Words, WordsForHeader()), (ColumnRole.Parts, PartHeader()), (ColumnRole.Words, WordHeader()),
        (ColumnRole.Sounds, SoundHeader()),
    ];

    /// <summary>What a heading says of its column; null when it is none.</summary>
    public static ColumnRole? RoleOf(string heading) => heading.Length > 60 ? null : Named(OneOrMore(heading)) ?? Named(PartReader.WithoutBrackets(heading).Trim());

    private static string OneOrMore(string heading) => heading.Replace("(s)", "s", StringComparison.OrdinalIgnoreCase);

    private static ColumnRole? Named(string heading) => Headers.Where(x => x.Words.IsMatch(heading)).Select(x => (ColumnRole?)x.Role).FirstOrDefault();

    /// <summary>True for a heading of weeks, days, lessons or terms that numbers follow.</summary>
    public static bool IsCounted(string heading) => Named(heading) is ColumnRole.Week or ColumnRole.Day or ColumnRole.Section;

    /// <summary>True for <i>week taught</i>, <i>introduced in</i>: a column that says when.</summary>
    public static bool SaysWhen(string heading) => heading.Length <= 30 && WhenHeader().IsMatch(heading) && !TrickyHeader().IsMatch(heading);

    /// <summary>True for <i>sound</i> or <i>phoneme</i> alone: a sound beside letters, or the letters themselves when no column has those.</summary>
    public static bool NamesSound(string heading) => SoundHeader().IsMatch(heading);

    /// <summary>The weekday that some text names, from 1 for Monday; <i>Day 3</i> is 3; 0 for none.</summary>
    public static int WeekdayOf(string text)
    {
        var match = Weekday().Match(WhoTeaches().Replace(text.Trim(), "$1"));
        return !match.Success ? 0 : match.Groups["n"].Success ? int.Parse(match.Groups["n"].Value)
            : Array.IndexOf(["mon", "tue", "wed", "thu", "fri"], match.Groups["d"].Value.ToLowerInvariant()[..3]) + 1;
    }

    // Two who share a class: Miss Okoro (Mon-Wed).
    [GeneratedRegex(@"^(?:Mr|Mrs|Miss|Ms|Mx|Dr)\.?\s+[A-Z]\w*\s*[(:,–-]\s*([^()]+)\)?$")]
    private static partial Regex WhoTeaches();

    /// <summary>True for what heads the days of a week that stand side by side: Monday, <i>Day 3</i>, <i>Session 2</i>.</summary>
    public static bool HeadsDay(string heading) => WeekdayOf(heading) > 0 || SessionHeader().IsMatch(heading);

    [GeneratedRegex(@"^\s*(session|lesson|input|slot)\s*[1-6]\s*$", Any)]
    private static partial Regex SessionHeader();

    /// <summary>True for <i>Week 3</i>, <i>Wk 3</i>, <i>W3</i>, and two or more of them (<i>Weeks 1-2</i>).</summary>
    public static bool IsWeek(string text) => WeekLabel().IsMatch(text.Trim()) || IsWeekOfDay(text);

    /// <summary>True for a week that is called by the day it begins on: <i>w/b 31 Aug</i>, <i>week beginning 7/9</i>.</summary>
    public static bool IsWeekOfDay(string text) => WeekOfDay().IsMatch(text.Trim());

    /// <summary>True for a term, a half-term, a season, or a word of any scheme's own with a number after it.</summary>
    public static bool IsSection(string text) => SectionLabel().IsMatch(text.Trim()) && !IsWeek(text) && WeekdayOf(text) == 0 && !PartPatterns.Intro().IsMatch(text);

    /// <summary>True for a term, a half-term or the like itself, and not for the word that heads a column of them: <i>Autumn 1</i>, and not <i>half-term</i>.</summary>
    public static bool NamesTerm(string text) => IsSection(text) && RoleOf(text) is null;

    /// <summary>What a label at the left of a row says that stands in it: <i>words</i>, <i>tricky words</i>; null for none.</summary>
    public static ColumnRole? RowRoleOf(string text) => text.Trim().Length <= LongestLabel && !PartPatterns.SoundAsIn().IsMatch(text) && Named(text) is (ColumnRole.Words or ColumnRole.TrickyWords) and var role ? role : null;

    /// <summary>True for what says of the row beside it that a word to learn by heart stands there: <i>tricky word</i> in a column of kinds.</summary>
    /// <param name="heading">What heads its column: <i>tricky</i> alone may be a remark, unless that is a column of kinds.</param>
    public static bool SaysByHeart(string text, string heading) => KindByHeart().Match(text) is { Success: true } kind && (kind.Groups["words"].Success || IsLoose(heading))
        || (IsYes(text) && TrickyHeader().IsMatch(heading));

    [GeneratedRegex(@"^\s*\(?\s*(?:(?:tricky|sight|heart|common|exception|common\s+exception|high[\s-]frequency|irregular)(?<words>\s+words?)?|(?<words>hfw|cew))\s*\)?\s*$", Any)]
    private static partial Regex KindByHeart();

    /// <summary>True for a name and a capital letter that sets are called by: <i>Step A</i>.</summary>
    public static bool NamesSet(string text) => SetName().IsMatch(text);

    [GeneratedRegex(@"^\s*[A-Za-z]{3,}\s+[A-Z]\s*$")]
    private static partial Regex SetName();

    /// <summary>True for a season and the letter of its half: <i>Autumn A</i>, which teaches no a.</summary>
    public static bool NamesHalf(string text) => HalfName().IsMatch(text);

    [GeneratedRegex(@"^\s*(?:autumn|spring|summer|winter|fall|(?:half[\s-]?)?term)\s+[a-f]\s*$", Any)]
    private static partial Regex HalfName();

    /// <summary>True for a heading of several words of which one is of sounds or letters, whatever it says of them: <i>main sound</i>.</summary>
    public static bool MentionsSounds(string heading) => Mentioned().IsMatch(heading);

    [GeneratedRegex(@"\b(sounds?|letters?|graphemes?|spellings?)\b", Any)]
    private static partial Regex Mentioned();

    /// <summary>True for a heading of sounds that says how far a class has come with them: <i>sounds we know</i>, <i>sounds to come</i>.</summary>
    public static bool SaysHowFar(string heading) => HowFar().IsMatch(heading);

    [GeneratedRegex(@"^\s*(?:sounds?|letters?|graphemes?)\s+(?:(?:we|they|I|children)\b.*|(?:still\s+)?to\s+(?:come|learn|teach|do)|known|learnt|learned|next|later)\s*$", Any)]
    private static partial Regex HowFar();

    /// <summary>True for what children are called together: <i>red group</i>.</summary>
    public static bool NamesChildren(string text) => Children().IsMatch(text);

    [GeneratedRegex(@"\b(groups?|class(es)?|tables?|pupils?|children|teams?)\b", Any)]
    private static partial Regex Children();

    /// <summary>True for a heading that says whose something is, or of what kind: <i>blue group</i>, <i>blue words</i>.</summary>
    public static bool NamesWhose(string heading) => Whose().IsMatch(heading);

    [GeneratedRegex(@"^\s*[a-z]+\s+(groups?|class(es)?|tables?|teams?|words?|sounds?|letters?)\s*$", Any)]
    private static partial Regex Whose();

    /// <summary>True for what a whole sheet is called: <i>catch-up plan for spring</i>.</summary>
    public static bool NamesPlan(string text) => text.Trim().Contains(' ', StringComparison.Ordinal) && Plan().IsMatch(text);

    [GeneratedRegex(@"\b(plan|overview|timetable|programme?|schedule|progression|scope|sequence)\b", Any)]
    private static partial Regex Plan();

    /// <summary>True for the year that a class is in: <i>Reception</i>, <i>Year 1</i>, <i>P2</i>.</summary>
    public static bool NamesYear(string text) => YearName().IsMatch(PartReader.WithoutBrackets(text));

    [GeneratedRegex(@"^\s*(nursery|pre-?school|pre-?k|reception|kindergarten|foundation|year\s+r|(?:year|grade|primary|class)\s*\d|[pyk]\s?\d|(?:first|second|third)\s+(?:grade|class|year)|(?:junior|senior)\s+infants)\s*$", Any)]
    private static partial Regex YearName();

    /// <summary>True for days on which nothing is taught.</summary>
    public static bool IsHoliday(string text) => (Holiday().IsMatch(text.Trim()) && !text.TrimStart().StartsWith("by ", StringComparison.OrdinalIgnoreCase) && !GoesOverToo().IsMatch(text) && !HalfTermNumber().IsMatch(text.Trim()) && !LabelsTrickyWords(text))
        || (Event().IsMatch(text) && LessonWords.LessonOf(text) is null && RoleOf(text) is not (ColumnRole.Parts or ColumnRole.Sounds or ColumnRole.Words or ColumnRole.TrickyWords) && !IsSection(text) && WeekdayOf(text) == 0);

    // Recap and Christmas play: something is gone over, whatever else there is.
    [GeneratedRegex(@"^\s*(review|revis\w+|re-?cap|consolidat\w+|catch[\s-]?up|assess\w*)\s*(,|&|\+|/|\band\b)", Any)]
    private static partial Regex GoesOverToo();

    // A week or a day with a name of its own: World Book Week.
    [GeneratedRegex(@"^\s*([A-Z][a-z]+([\s-][A-Za-z]+)*)\s+(Week|Day|Month)\W*$")]
    private static partial Regex Event();

    /// <summary>True for totals, counts and ticks.</summary>
    public static bool IsCount(string text) => Count().IsMatch(text.Trim());

    /// <summary>
    /// Why a row teaches nothing: totals, numbers over letters that run along the page (<i>1 | 2 | 3</i>), a key to the colours;
    /// null for any other. The word key in a row of words is one of them.
    /// </summary>
    public static LeftOutReason? AsideFor(IReadOnlyList<string> row) => row.Any(x => TotalRow().IsMatch(x)) || (row.Count > 2 && row.All(IsOrdinal)) ? LeftOutReason.Count : KeyRow().IsMatch(row[0]) && (row.Count == 1 || row[0].Trim() != "key") ? LeftOutReason.NotRead : null;

    [GeneratedRegex(@"^\s*(sub-?)?total", Any)]
    private static partial Regex TotalRow();

    [GeneratedRegex(@"^\s*((colou?r\s+)?key|legend)\s*([:=]|[-–—]\s|$)|^\s*(red|amber|orange|yellow|green|blue|purple|pink|gr[ea]y|bold|italics?|underlined|shaded|highlighted)\s*(=|\bmeans\b|\s[-–—]\s)\s*(not\s+)?[a-z]{4,}", Any)]
    private static partial Regex KeyRow();

    /// <summary>True for what is written where nothing is: a dash, <i>none</i>.</summary>
    public static bool IsNothing(string text) => text.Trim().ToLowerInvariant() is "-" or "–" or "—" or "--" or "n/a" or "none" or "nothing" or "nil" or "." or "...";

    /// <summary>True for what names, under a heading of sounds, all that were taught: there <i>all</i> is no word.</summary>
    public static bool NamesAll(string text, string heading) => text.Trim().ToLowerInvariant() is "all" or "everything" && heading.Contains("sound", StringComparison.OrdinalIgnoreCase);

    /// <summary>The words that a class is to read: <i>read the, I</i>; empty for anything else.</summary>
    public static IReadOnlyList<string> WordsToRead(string text) => ToRead().Match(text) is { Success: true } match ? PartReader.WordsIn(match.Groups["rest"].Value) : [];

    [GeneratedRegex(@"^\s*(?:read|learn|know|spell|write)\s+(?<rest>[a-z']+(?:\s*[,&]\s*[a-z']+)*)\s*$", Any)]
    private static partial Regex ToRead();

    /// <summary>True for what only says that tricky words stand beside it.</summary>
    public static bool NamesTrickyWords(string text) => text.Trim().TrimEnd(':').EndsWith("words", StringComparison.OrdinalIgnoreCase) && RoleOf(text) == ColumnRole.TrickyWords;

    /// <summary>True for what heads a list of words to learn by heart: <i>words to know on sight</i>.</summary>
    public static bool HeadsWords(string text) => text.StartsWith("words", StringComparison.OrdinalIgnoreCase) && !text.AsSpan().ContainsAny(":,") && RoleOf(text) == ColumnRole.TrickyWords;

    /// <summary>True for what says of words of which kind they are, where others show some: <i>CVC words</i>, <i>words with digraphs</i>.</summary>
    public static bool SpeaksOfWords(string text) => !text.AsSpan().ContainsAny(",;:/\n") && OfWords().IsMatch(text);

    [GeneratedRegex(@"\S\s+words\s*$|^\s*words\s+\S|^\s*(all\s+)?mixed(\s+up)?\s*$", Any)]
    private static partial Regex OfWords();

    /// <summary>True for what children are to do, in words: <i>read captions</i>, <i>hear the first sound</i>.</summary>
    public static bool SaysWhatTheyDo(string text) => Done().IsMatch(text);

    [GeneratedRegex(@"^\s*(can\s+)?(read|write|hear|say|blend|segment|spell|know|recogni[sz]e|use|find|begin\s+to|start\s+to)\s+\S", Any)]
    private static partial Regex Done();

    /// <summary>True for a tick that says yes.</summary>
    public static bool IsYes(string text) => IsTick(text) && !text.Trim().StartsWith("n", StringComparison.OrdinalIgnoreCase);

    /// <summary>True for a tick in a column of ticks.</summary>
    public static bool IsTick(string text) => text.Trim().ToLowerInvariant() is "y" or "n" or "yes" or "no" or "x" or "/" or "✓" or "✔" or "√" or "✗" or "*";

    /// <summary>True for what only says where in the order something stands.</summary>
    public static bool IsOrdinal(string text) => Ordinal().IsMatch(text.Trim());

    /// <summary>A label at the start of a cell (<i>Week 2: </i>, <i>Tricky words - </i>) and what follows it.</summary>
    public static (string Label, string After)? Labelled(string text)
    {
        var match = Label().Match(text);
        if (!match.Success)
        {
            return null;
        }

        var label = match.Groups["label"].Value.Trim();
        return IsWeek(label) || IsSection(label) || WeekdayOf(label) > 0 || IsDayOfDiary(label) || IsOrdinal(label) || IsHoliday(label)
            || (LessonWords.LessonOf(label) is null && (MentionsSounds(label) || RoleOf(label) is ColumnRole.TrickyWords or ColumnRole.Parts or ColumnRole.Sounds or ColumnRole.Words or ColumnRole.Notes or ColumnRole.Endings or ColumnRole.Clusters))
            ? (label, match.Groups["rest"].Value.Trim()) : null;
    }

    /// <summary>True for a line that says of what follows that it is learnt by heart: <i>tricky words: the, to</i>.</summary>
    public static bool LabelsTrickyWords(string text) => Labelled(text) is var (label, _) && RoleOf(label) == ColumnRole.TrickyWords;

    /// <summary>The words of a list under a name of the school's own, by commas: <i>Learn: was, said</i>; empty for anything else.</summary>
    public static IReadOnlyList<string> NamedList(string text) => OwnLabel().Match(text) is { Success: true } match ? [.. match.Groups["word"].Captures.Select(x => x.Value)] : [];

    [GeneratedRegex(@"^\s*[A-Za-z][A-Za-z ]{2,24}:\s*(?<word>[A-Za-z']+)(?:\s*,\s*(?<word>[A-Za-z']+))+\s*$", Any)]
    private static partial Regex OwnLabel();

    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    [GeneratedRegex(@"\b(tricky|exceptions?|sight|heart\s+words?|irregular|high[\s-]?freq\w*|hfws?|cews?|tws?|common\s+words?|undecodable|not\s+yet\s+decodable|by\s+heart|whole\s+words?|special\s+words?|odd\s+words?|words?\s+(\w+\s+){0,4}to\s+(learn|know|remember)|(can['’]?t|cannot|can\s+not|don['’]?t|do\s+not)\s+((they|we|you|children)\s+)?(yet\s+)?(be\s+)?(sound|decod|blend|work)\w*)\b", Any)]
    private static partial Regex TrickyHeader();

    [GeneratedRegex(@"^\s*(total|count|sum|running|cumulative(?!\s+words)|so\s+far|how\s+many|%|percent\w*|done\??|secure\??|tested\??|taught\??|tick|ticked|rag|initials|initial\s*$|colou?r|status|page|pages?)\b", Any)]
    private static partial Regex LeftOutHeader();

    [GeneratedRegex(@"^\s*((teaching\s+|school\s+)?(week|wk|weeks|fortnights?)|week\s*(no\.?|number|#)|week\s+of\s+(the\s+)?term)\s*$", Any)]
    private static partial Regex WeekHeader();

    /// <summary>True for <i>weeks</i> over a column, where they may be counted.</summary>
    public static bool CountsWeeks(string heading) => WeeksHeader().IsMatch(heading);

    [GeneratedRegex(@"\b(weeks|wks)\b", Any)]
    private static partial Regex WeeksHeader();

    /// <summary>True for what a row of spellings is called by the sound they share: <i>ai sounds</i>.</summary>
    public static bool NamesFamily(string text) => Family().IsMatch(text);

    [GeneratedRegex(@"^\s*\S{1,6}\s+(?:sounds|spellings|famil(?:y|ies)|group)\s*$", Any)]
    private static partial Regex Family();

    /// <summary>True for a heading over spellings of one sound, or over the word that shows it.</summary>
    public static bool SaysOneSound(string heading) => OneSoundHeader().IsMatch(heading);

    [GeneratedRegex(@"\bsame\s+sound\b|\bsounds?\s+(as\s+)?in\b", Any)]
    private static partial Regex OneSoundHeader();

    /// <summary>True for a heading of what was known before: <i>old sound</i>.</summary>
    public static bool SaysOld(string heading) => OldHeader().IsMatch(heading);

    [GeneratedRegex(@"^(?!\s*new\b).*\b(old|usual|known|already|previous(ly)?)\b", Any)]
    private static partial Regex OldHeader();

    /// <summary>True for a heading of what is gone over: <i>revisit words</i>.</summary>
    public static bool SaysAgain(string heading) => AgainHeader().IsMatch(heading);

    [GeneratedRegex(@"^\W*(re-?visit\w*|review\w*|revis\w+|re-?cap\w*|again)\b", Any)]
    private static partial Regex AgainHeader();

    /// <summary>True for a heading of what is practised: <i>practise</i>.</summary>
    public static bool SaysPractise(string heading) => PractiseHeader().IsMatch(heading);

    [GeneratedRegex(@"^\W*practi[sc]ed?\b", Any)]
    private static partial Regex PractiseHeader();

    /// <summary>True for a heading that says little of its column: <i>skill</i>, <i>type</i>, <i>aim</i>.</summary>
    public static bool IsLoose(string heading) => LooseHeader().IsMatch(heading);

    [GeneratedRegex(@"^\W*(skills?|types?|kinds?|categor(y|ies)|aims?|outcomes?|activit(y|ies)|writing|(spelling\s+)?rules?|where|positions?|places?)\W*$", Any)]
    private static partial Regex LooseHeader();

    // It says when, and what stands below it in what terms: weeks, dates, half-terms.
    [GeneratedRegex(@"\b(taught|done|introduc\w*|learn(t|ed)|begins?|starts?|due)\b", Any)]
    private static partial Regex WhenHeader();

    [GeneratedRegex(@"^\s*(date|dates|from|to|until|w/?c|w/?b|week\s+(beginning|commencing|of|starting).*|starts?|date\s+(taught|due|started|checked|tested|seen).*|when)\s*$", Any)]
    private static partial Regex DateHeader();

    [GeneratedRegex(@"^\s*(how\s+(long|many\s+(days|lessons|sessions|weeks))|durations?|length|time\s+(needed|allowed|spent)|(no\.?|number|#)\s+of\s+(days|lessons|sessions|weeks)|(days|lessons|sessions)(\s+(needed|allowed|each|spent|to\s+teach))?)\s*\??\s*$", Any)]
    private static partial Regex DaysHeader();

    [GeneratedRegex(@"^\s*(day|weekday|no\.?|nr\.?|#|number|order|step|steps|lesson|lesson\s*(no\.?|number|#)|session|sequence|rung|position)\s*$", Any)]
    private static partial Regex DayHeader();

    [GeneratedRegex(@"^\s*(term|half[\s-]?term|terms|season|(stage|time|point)\s+(of|in)\s+the\s+year|box|unit|block|stage|section|level|module|part|set|band|book|year(\s+group)?|class|grade|month|quarter|semester|trimester|group)\s*(name|no\.?|number)?\s*$", Any)]
    private static partial Regex SectionHeader();

    [GeneratedRegex(@"\b(notes?|comments?|remarks?|resources?|materials?|texts?|books?|readers?|sentences?|captions?|dictation|hand\s?writing|(?:joined|cursive)(?:[\s-]up)?\s+writing|formation|how\s+(?:(?:we|you|they|i)\s+|to\s+)?(?:form|write|make|draw)\b(?:\s+it)?|stor(y|ies)|home\s*work|home[\s-]+(?:reading|learning|tasks?|books?)|games?|activit(y|ies)|actions?|movements?|gestures?|signs?|songs?|rhymes?|who|teachers?|staff|adults?|assistants?|helpers?|(?:led|run|taken|taught|delivered)\s+by|room|reminders?|links?|assess\w*|check(ing)?[\s-]?(in|up|ins|ups)|outcome|thoughts|(?<!phonics\s)skills?|types?|kinds?|categor(y|ies)|themes?|topics?|aims?|apply|application|practise|practi[sc]ed|re-?visit|warm[\s-]?up|plenary|starter|awareness|oracy|listening|vocabulary|success\s+criteria|evidence|progress|why|look(?:ing)?\s+(?:out|for)|^\s*writing\s*$|(?:already|previously)\s+\w+|(?<!\bfor\s+)known|say\s+it|(?:^|[:.–-])\s*(?:hear|write|trace|make)\s+it\s*$|(?:contrast(?:s|ed)?|compared?)\s+(?:with|to)|to\s+remember|how\s+(?:common|often|usual|frequent|hard|easy)|(?<!high[\s-])frequency|difficulty|priority|not\s+to\s+be\s+confused\s+with|(?:what\s+)?it\s+looks\s+like|when\s+(?:(?:it\s+is|it's|to|we|you)\s+)?(?:use|used|written)(?:\s+it)?|watch(?:ing)?\s+out|beware|careful|confus\w*|slips?|mistakes?|errors?|misconceptions?|absent|absences?|went\s+well|how\s+it\s+went|show\s+(and|&)\s+tell|snacks?|maths?|literacy|english|grammar|punctuation|fluency|comprehension|science|topic|history|geography|music|computing|evaluations?|reflections?|next\s+(time|steps?)|follow[\s-]?up)\b|^\s*((letter\s+)?names?|(the\s+)?(spelling\s+)?rules?|where|positions?|places?)\s*$|^\s*(review(?:ed)?|revised?|revision|recap(?:ped)?|revisited)\b|^\s*contrasts?\s*$", Any)]
    private static partial Regex NotesHeader();

    [GeneratedRegex(@"\b(suffix(es)?|endings?|morpholog\w*|inflections?)\b", Any)]
    private static partial Regex EndingHeader();

    [GeneratedRegex(@"\b(clusters?|blends|adjacent|consonants?\s+together)\b", Any)]
    private static partial Regex ClusterHeader();

    [GeneratedRegex(@"\b(rimes?|rime\s+units?|(word\s+)?(?<!sound\s)famil(y|ies)|chunks?)\b", Any)]
    private static partial Regex RimeHeader();

    [GeneratedRegex(@"^\s*(new|what|also|others?|(more|less|most|least)\s+(common|usual|often)|rarer?|rarely)\s*$|(?!^\s*(?:vowel|consonant)\s+sounds?\s*$)(?:^\s*(initial|medial|final)(\s+position)?\s*$|\b(graphemes?|gpcs?|spellings?|letters?|consonants?|vowels?|correspondences?|digraphs?|trigraphs?|doubles|double\s+letters|code|focus|objectives?|small\s+steps?|contents?|coverage|patterns?|to\s+teach|teach(ing)?|new\s+(learning|sounds?|phonics|this\s+week|today|teaching)|learning|phonics?|(first|second|third|1st|2nd|3rd|agreed|planned|weekly)\s+(new\s+)?(sounds?|graphemes?|letters?)|(joined|joint)\s+(sounds?|phonemes?)|(sounds?|letters?|graphemes?)\s+of\s+the\s+(week|day)|(mon|tues|wednes|thurs|fri)day['’]?s\s+(sounds?|letters?|graphemes?)|what(\s+is|'s|\s+we\s+teach\s+that\s+is)\s+(new|taught)|what\s+(we|they|I|children|pupils)\s+(teach|do|cover|learn|are\s+(doing|learning|taught))|taught\s+today|written|how\s+(it\s+is|it's|we)\s+(spelt|spelled|written|write\s+it)|ways?\s+(to|of|we)\s+(spell|writ)\w*(\s+it)?)\b)", Any)]
    private static partial Regex PartHeader();

    [GeneratedRegex(@"\bwords?\s+((for|to)\s+)?(read|spell|writ|blend|segment)\w*|\b(read|spell|writ)ing\s+words?\b|\bspellings?\s+(test|list|words?)\b|\bspellings?\s+(to\s+(learn|take|practi[sc]e|send)|for\s+home|sent)\b|\b(home|take[\s-]home)\s+spellings?\b", Any)]
    private static partial Regex WordsForHeader();

    [GeneratedRegex(@"\b(examples?|e\.?g\.?|key\s?words?|words?|objects?|as\s+in|picture|anchor|mnemonic|practice|read(ing)?|spell|decodable)\b|^\s*(blend|build|make|write)\s*$", Any)]
    private static partial Regex WordHeader();

    [GeneratedRegex(@"^\W*(the\s+|its\s+|our\s+)?(new\s+)?((rules?|places?|positions?)\s*(/|and|&|or|,)\s*)?(sound\s+famil(?:y|ies)|(?:vowel\s+|consonant\s+)?sounds?|phonemes?|ipa|says|also\s+says|new\s+sounds?|we\s+say|it\s+says|sounds?\s+like|pronunciation)(\s+(taught|it\s+makes|made|\(s\)|(of|for)\s+the\s+(week|day)|this\s+week|today))?\s*\d?\W*$", Any)]
    private static partial Regex SoundHeader();

    // Whose rival it is says how it sounds: alternative spelling of, same sound as.
    [GeneratedRegex(@"^\W*((an?\s+)?(other|alternative|new)\s+)?(spelling|way\s+(of\s+)?(spell|writ)\w+)s?\s+(of|for)\W*$|^\W*(same\s+(sound\s+)?as|instead\s+of|alternative\s+(to|for|of))\W*$", Any)]
    private static partial Regex RivalHeader();

    // A day, or two that share a column: Mon/Tue.
    [GeneratedRegex(@"^((?<d>mon|tue|tues|wed|weds|thu|thur|thurs|fri)(day|sday|nesday|rsday|urday)?\.?|day\s*(?<n>[1-5]))(\s*(/|-|–|&|\+|,|and|to)\s*((mon|tue|wed|thu|fri)[a-z]*\.?|(day\s*)?[1-5]))?(\s*(am|pm|a\.m\.|p\.m\.|morning|afternoon))?$", Any)]
    private static partial Regex Weekday();

    /// <summary>True for what people say to each other in a letter.</summary>
    public static bool IsCourtesy(string text) => Courtesy().IsMatch(text);

    [GeneratedRegex(@"^\s*(dear|(hello|hi|hey|good\s+(morning|afternoon|evening))\s+(all|both|everyone|everybody|team|there|folks|families|parents|colleagues)|(many\s+|with\s+)?thanks|thank\s+you|(kind(est)?|best|warm)\s+(regards|wishes)|yours|love\s+from)\b", Any)]
    private static partial Regex Courtesy();

    // As in a diary, without a year: Mon 7 Sept, 7th of May, Sept. 7, 7/9.
    /// <summary>True for a day as a diary has it, without a year: 7/9, 7 Sept.</summary>
    public static bool IsDayOfDiary(string text) => DayOfDiary().IsMatch(text.Trim());

    [GeneratedRegex(@"^((mon|tue|wed|thu|fri)[a-z]*\.?,?\s*)?(the\s+)?(\d{1,2}(st|nd|rd|th)?\s*(of\s+)?(jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)[a-z]*\.?|(jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)[a-z]*\.?\s*\d{1,2}(st|nd|rd|th)?|\d{1,2}[/.]\d{1,2}([/.]\d{2,4})?)(\s*,?\s*\d{4})?$", Any)]
    private static partial Regex DayOfDiary();

    [GeneratedRegex(@"^week\s+(beginning|commencing|starting|of)\s+(?=.*\d).{3,20}$|^w/?[bc]\.?\s+(?=.*\d).{3,20}$", Any)]
    private static partial Regex WeekOfDay();

    [GeneratedRegex(@"^(week|weeks|wk|wks|w)\.?\s*(no\.?\s*)?\d{1,2}(\s*(-|–|to|&|and|/)\s*\d{1,2})?(\s*[:(].*)?$", Any)]
    private static partial Regex WeekLabel();

    [GeneratedRegex(@"^(then|next|later(\s+on)?|after\s+that)$|^(by|until|before|after)\s+(the\s+(end|start)\s+of\s+)?(september|october|november|december|january|february|march|april|may|june|july|august|christmas|easter|half[\s-]?term|the\s+summer|summer|spring)$|^((autumn|spring|summer|winter|fall|first|second|third|fourth|fifth|sixth|1st|2nd|3rd|4th|5th|6th|michaelmas|lent|trinity|september|october|november|december|january|february|march|april|may|june|july|august|reception|kindergarten|nursery|year|grade|term|half[\s-]?term|unit|block|stage|section|level|module|part|set|band|book|semester|quarter|trimester|month|aut|spr|sum(?!s)|win)\b\.?[\s-]*((half[\s-]?term|term|half|half[\s-]of[\s-]term)?[\s-]*(\d{1,2}|one|two|three|four|five|six|[ab])?(\s*[:(–-].*)?|.{0,40})|(ht|t|u|s)\d{1,2}|(sept?|oct|nov|dec|jan|feb|mar|apr|jun|jul)\.?(\s*[:–-].*)?|[a-z]{4,}\s+\d{1,2}|(step|phase|group|round|list|pack|cycle)\s+(one|two|three|four|five|six|seven|eight|nine|ten))$", Any)]
    private static partial Regex SectionLabel();

    [GeneratedRegex(@"\b(half[\s-]?term|holidays?|holiday|vacation|break|bank\s+holiday|inset|in-?service|bh|(staff\s+)?training(\s+day)?|settling[\s-]+in|home\s+visits|induction|staff\s+day|closed(?!\s+syllab)|closure|school\s+shut|no\s+school|christmas|easter|thanksgiving|winter\s+recess|recess|strike|polling|snow\s+day|trip|sports\s+day|nativity|(fire|lockdown)\s+drill|photographs?|[a-z]+\s+weekend|party|festival|forest\s+school|swimming|assembly|concert|carols?|rehearsals?|no\s+(phonics|lessons?)|open\s+(day|evening)|parents['’]?\s+(evening|meetings?))\b", Any)]
    private static partial Regex Holiday();

    [GeneratedRegex(@"\bhalf[\s-]?term\s*(\d|one|two|three|four|five|six)\b|\b(first|second|third|fourth|fifth|sixth|1st|2nd|3rd|4th|5th|6th)\s+half[\s-]?term\b|\b(of|from|before|after|this|last)\s+(the\s+|this\s+|last\s+)?half[\s-]?term\b|\bhalf[\s-]?term(['’]?s)?\s+(review|revision|recap|assess\w*|check|quiz|test)\b", Any)]
    private static partial Regex HalfTermNumber();

    [GeneratedRegex(@"^(total|sub-?total|sum|count|grand\s+total|so\s+far|running|altogether|number\s+of)\b|^[\d.,]+\s*%?$|^[✓✔√]$|^(yes|no|done|y/n)$", Any)]
    private static partial Regex Count();

    [GeneratedRegex(@"^(no\.?\s*|#|lesson\s*|step\s*|session\s*|rung\s*|day\s*)?\d{1,3}(st|nd|rd|th)?\s*[.):]?$", Any)]
    private static partial Regex Ordinal();

    [GeneratedRegex(@"^\s*(?:(?<label>[^:=]{1,60}?)\s*(:|\s[-–—=→]\s)|(?<label>(?:set|step|stage|group|unit|block|band|list|lesson|week)\s+(?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten))\s+(?:is|are|has|covers|contains|includes|teaches)\s+|(?<label>(?:tricky|sight|heart)\s+words?)\s(?!are\b|is\b|will\b|taught\b|from\b|as\b|in\b|for\b))\s*(?<rest>.+)$", Any | RegexOptions.Singleline)]
    private static partial Regex Label();
}
