using System.Collections.Concurrent;
using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>What the headings of a sheet say of the columns below them, and labels of the rows beside them.</summary>
internal static class SheetHeadings
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    private const int LongestLabel = 24, LongestHeading = 60;

    /// <summary>What a heading says of its column; null when it is none.</summary>
    public static ColumnRole? RoleOf(string heading) => heading.Length > LongestHeading ? null : HeadsBoth.IsMatch(heading) ? ColumnRole.Parts : Named(OneOrMore(heading)) ?? Named(PartReader.WithoutBrackets(heading).Trim());

    // "Sounds and tricky words": both, in its cells.
    private static readonly Regex HeadsBoth = new(@"^\s*(?:new\s+)?(?:sounds?|graphemes?|gpcs?|phonemes?|letters?)\s*(?:,|&|/|\+|\band\b|\bwith\b)+\s*(?:new\s+)?(?:tricky|sight|heart|exception|common\s+exception|high[\s-]frequency|hfw|cew|tw)\b", Any);

    // "Word(s)", and "example_words" out of a database.
    private static string OneOrMore(string heading) => Joined.Replace(heading, " ").Replace("(s)", "s", StringComparison.OrdinalIgnoreCase);

    private static readonly Regex Joined = new(@"(?<=[A-Za-z]{2})_(?=[A-Za-z]{2})|(?<=[a-z]{2})(?=[A-Z][a-z])", RegexOptions.CultureInvariant);

    private static ColumnRole? Named(string heading)
    {
        if (Asked.TryGetValue(heading, out var known))
        {
            return known;
        }

        // Whatever people write comes here: what is kept has an end.
        if (Asked.Count >= MostAsked)
        {
            Asked.Clear();
        }

        return Asked[heading] = Headers.Where(x => x.Words.IsMatch(heading)).Select(x => (ColumnRole?)x.Role).FirstOrDefault();
    }

    // Each cell of a sheet is asked in many places whether it is a heading, by sixteen patterns each time.
    private static readonly ConcurrentDictionary<string, ColumnRole?> Asked = new();

    private const int MostAsked = 4000;

    /// <summary>True for a heading of weeks, days, lessons or terms that numbers follow.</summary>
    public static bool IsCounted(string heading) => heading.Length <= LongestHeading && Named(heading) is ColumnRole.Week or ColumnRole.Day or ColumnRole.Section;

    /// <summary>True for <i>week taught</i>, <i>introduced in</i>: a column that says when.</summary>
    public static bool SaysWhen(string heading) => heading.Length <= 30 && WhenHeader.IsMatch(heading) && !TrickyHeader.IsMatch(heading);

    /// <summary>True for <i>sound</i> or <i>phoneme</i> alone: a sound beside letters, or the letters themselves when no column has those.</summary>
    public static bool NamesSound(string heading) => SoundHeader.IsMatch(heading);

    /// <summary>What a label at the left of a row says that stands in it: <i>words</i>, <i>tricky words</i>; null for none.</summary>
    public static ColumnRole? RowRoleOf(string text) => text.Trim().Length <= LongestLabel && !PartPatterns.SoundAsIn.IsMatch(text) && Named(text) is (ColumnRole.Words or ColumnRole.TrickyWords) and var role ? role : null;

    /// <summary>True for what says of the row beside it that a word to learn by heart stands there: <i>tricky word</i> in a column of kinds.</summary>
    /// <param name="heading">What heads its column: <i>tricky</i> alone may be a remark, unless that is a column of kinds.</param>
    public static bool SaysByHeart(string text, string heading) => KindByHeart.Match(text) is { Success: true } kind && (kind.Groups["words"].Success || IsLoose(heading))
        || (SheetWords.IsYes(text) && TrickyHeader.IsMatch(heading));

    private static readonly Regex KindByHeart = new(@"^\s*\(?\s*(?:(?:tricky|sight|heart|common|exception|common\s+exception|high[\s-]frequency|irregular)(?<words>\s+words?)?|(?<words>hfw|cew))\s*\)?\s*$", Any);

    /// <summary>True for a heading of several words of which one is of sounds or letters, whatever it says of them: <i>main sound</i>.</summary>
    public static bool MentionsSounds(string heading) => Mentioned.IsMatch(heading);

    private static readonly Regex Mentioned = new(@"\b(sounds?|letters?|graphemes?|spellings?)\b", Any);

    /// <summary>True for a heading of sounds that says how far a class has come with them: <i>sounds we know</i>, <i>sounds to come</i>.</summary>
    public static bool SaysHowFar(string heading) => HowFar.IsMatch(heading);

    private static readonly Regex HowFar = new(@"^\s*(?:sounds?|letters?|graphemes?)\s+(?:(?:we|they|I|children)\b.*|(?:still\s+)?to\s+(?:come|learn|teach|do)|known|learnt|learned|next|later)\s*$", Any);

    /// <summary>True for a heading that says whose something is, or of what kind: <i>blue group</i>, <i>blue words</i>.</summary>
    public static bool NamesWhose(string heading) => Whose.IsMatch(heading);

    private static readonly Regex Whose = new(@"^\s*[a-z]+\s+(groups?|class(es)?|tables?|teams?|words?|sounds?|letters?)\s*$", Any);

    private static readonly Regex TrickyHeader = new(@"\b(trick(?:y|ies)?|exceptions?|sight|heart\s+words?|irregular|high[\s-]?freq\w*|hfws?|cews?|tws?|common\s+words?|undecodable|non[\s-]?decodable|not\s+yet\s+decodable|(hard|harder|difficult)\s+to\s+(read|spell)|by\s+heart|whole\s+words?|special\s+words?|odd\s+words?|words?\s+(\w+\s+){0,4}to\s+(learn|know|remember)|(can['’]?t|cannot|can\s+not|don['’]?t|do\s+not)\s+((they|we|you|children)\s+)?(yet\s+)?(be\s+)?(sound|decod|blend|work)\w*)\b", Any);

    private static readonly Regex LeftOutHeader = new(@"^\s*(total|count|sum(?!\s*\d)|running|cumulative(?!\s+words)|so\s+far|how\s+many|%|percent\w*|done\??|secure\??|tested\??|taught(?!\s+(sounds?|graphemes?|letters?|phonemes?|gpcs?)\b)\??|tick|ticked|rag|initials|initial\s*$|colou?r|status|page|pages?)\b", Any);

    private static readonly Regex WeekHeader = new(@"^\s*((teaching\s+|school\s+)?(week|wk|weeks|fortnights?)|(week|wk)\s*(no\.?|number|#)|week\s+of\s+(the\s+)?term)\s*\.?\s*$", Any);

    /// <summary>True for <i>weeks</i> over a column, where they may be counted.</summary>
    public static bool CountsWeeks(string heading) => WeeksHeader.IsMatch(heading);

    /// <summary>True for <i>no.</i>, <i>#</i>, <i>order</i>: rows are counted below it.</summary>
    public static bool CountsRows(string heading) => RowsCounted.IsMatch(heading);

    private static readonly Regex RowsCounted = new(@"^\s*(no\.?|nr\.?|#|number|order|sequence|position)\s*$", Any);

    private static readonly Regex WeeksHeader = new(@"\b(weeks|wks)\b", Any);

    /// <summary>True for a heading over spellings of one sound, or over the word that shows it.</summary>
    public static bool SaysOneSound(string heading) => OneSoundHeader.IsMatch(heading);

    private static readonly Regex OneSoundHeader = new(@"\bsame\s+sound\b|\bsounds?\s+(as\s+)?in\b", Any);

    /// <summary>True for a heading of what was known before: <i>old sound</i>.</summary>
    public static bool SaysOld(string heading) => OldHeader.IsMatch(heading);

    private static readonly Regex OldHeader = new(@"^(?!\s*new\b).*\b(old|usual|known|already|previous(ly)?)\b", Any);

    /// <summary>True for a heading of what is gone over: <i>revisit words</i>.</summary>
    public static bool SaysAgain(string heading) => AgainHeader.IsMatch(heading);

    private static readonly Regex AgainHeader = new(@"^\W*(re-?visit\w*|review\w*|revis\w+|re-?cap\w*|again)\b", Any);

    /// <summary>True for a heading of what is practised: <i>practise</i>.</summary>
    public static bool SaysPractise(string heading) => PractiseHeader.IsMatch(heading);

    private static readonly Regex PractiseHeader = new(@"^\W*practi[sc]ed?\b", Any);

    /// <summary>True for a heading that says little of its column: <i>skill</i>, <i>type</i>, <i>aim</i>.</summary>
    public static bool IsLoose(string heading) => LooseHeader.IsMatch(heading);

    private static readonly Regex LooseHeader = new(@"^\W*(skills?|types?|kinds?|categor(y|ies)|aims?|outcomes?|(learning\s+)?(objectives?|intentions?)|activit(y|ies)|writing|(spelling\s+)?rules?|where|positions?|places?)\W*$", Any);

    // It says when, and what stands below it in what terms: weeks, dates, half-terms.
    private static readonly Regex WhenHeader = new(@"\b(taught|done|introduc\w*|learn(t|ed)|begins?|starts?|due)\b", Any);

    private static readonly Regex DateHeader = new(@"^\s*(date|dates|from|to|until|w/?c|w/?b|week\s+(beginning|commencing|of|starting).*|starts?|date\s+(taught|due|started|checked|tested|seen).*|when)\s*$", Any);

    private static readonly Regex DaysHeader = new(@"^\s*(how\s+(long|many\s+(days|lessons|sessions|weeks))|durations?|length|time\s+(needed|allowed|spent)|(no\.?|number|#)\s+of\s+(days|lessons|sessions|weeks)|(days|lessons|sessions)(\s+(needed|allowed|each|spent|to\s+teach))?)\s*\??\s*$", Any);

    private static readonly Regex DayHeader = new(@"^\s*(day(\s*(and|&|/)\s*(time|date))?|weekday|no\.?|nr\.?|#|number|order|step|steps|lesson|lesson\s*(no\.?|number|#)|session|sequence|rung|position)\s*$", Any);

    private static readonly Regex SectionHeader = new(@"^\s*(term|half[\s-]?term|terms|season|(stage|time|point)\s+(of|in)\s+the\s+year|box|unit|block|stage|section|level|module|part|set|band|book|(year|yr)(\s+(group|gp))?|trm|class|grade|month|quarter|semester|trimester|group)\s*(name|no\.?|number)?\s*$", Any);

    private static readonly Regex NotesHeader = new(@"\b(notes?|comments?|remarks?|resources?|materials?|texts?|books?|readers?|sentences?|captions?|dictation|hand\s?writing|(?:joined|cursive)(?:[\s-]up)?\s+writing|formation|how\s+(?:(?:we|you|they|i)\s+|to\s+)?(?:form|write|make|draw)\b(?:\s+it)?|stor(y|ies)|home\s*work|home[\s-]+(?:reading|learning|tasks?|books?)|games?|activit(y|ies)|actions?|movements?|gestures?|signs?|songs?|rhymes?|who|teachers?|staff|adults?|assistants?|helpers?|(?:group\s+)?leaders?|group\s+lead|(?:led|run|taken|taught|delivered)\s+by|room|reminders?|links?|assess\w*|check(ing)?[\s-]?(in|up|ins|ups)|outcome|thoughts|(?<!phonics\s)skills?|types?|kinds?|categor(y|ies)|themes?|topics?|aims?|apply|application|(?<!words\s+to\s+)practi[sc]ed?|to\s+do|re-?visit|warm[\s-]?up|plenary|starter|awareness|oracy|listening|vocabulary|success\s+criteria|(learning\s+)?(objectives?|intentions?)|evidence|progress|why|look(?:ing)?\s+(?:out|for)|^\s*writing\s*$|(?:already|previously)\s+\w+|(?<!\bfor\s+)known|say\s+it|(?:^|[:.–-])\s*(?:hear|write|trace|make)\s+it\s*$|(?:contrast(?:s|ed)?|compared?)\s+(?:with|to)|to\s+remember|how\s+(?:common|often|usual|frequent|hard|easy)|(?<!high[\s-])frequency|difficulty|priority|not\s+to\s+be\s+confused\s+with|(?:what\s+)?it\s+looks\s+like|when\s+(?:(?:it\s+is|it's|to|we|you)\s+)?(?:use|used|written)(?:\s+it)?|watch(?:ing)?\s+out|beware|careful|confus\w*|muddl\w*|mix(?:ed)?\s+up|slips?|mistakes?|errors?|misconceptions?|absent|absences?|went\s+well|how\s+it\s+went|show\s+(and|&)\s+tell|snacks?|maths?|literacy|english|grammar|punctuation|fluency|comprehension|science|topic|history|geography|music|computing|evaluations?|reflections?|next\s+(time|steps?)|follow[\s-]?up|ideas)\b|^\s*((letter\s+)?names?|(the\s+)?(spelling\s+)?rules?|where|positions?|places?)\s*$|^\s*(review(?:ed)?|revised?|revision|recap(?:ped)?|revisited)\b|^\s*contrasts?\s*$", Any);

    private static readonly Regex EndingHeader = new(@"\b(suffix(es)?|endings?|morpholog\w*|inflections?)\b", Any);

    private static readonly Regex ClusterHeader = new(@"\b(clusters?|blends|adjacent|consonants?\s+together)\b", Any);

    private static readonly Regex RimeHeader = new(@"\b(rimes?|rime\s+units?|(word\s+)?(?<!sound\s)famil(y|ies)|chunks?)\b", Any);

    private static readonly Regex PartHeader = new(@"^\s*(new|what(\s+(we|they)\s+(did|taught|covered|learnt|learned|do|teach))?|this\s+week|introduc(?:e|es|ing|tion|tions)|also|others?|(more|less|most|least)\s+(common|usual|often)|rarer?|rarely)\s*$|(?!^\s*(?:vowel|consonant)\s+sounds?\s*$)(?:^\s*(initial|medial|final)(\s+position)?\s*$|\b(graphemes?|gpcs?|spellings?|letters?|consonants?|vowels?|correspondences?|digraphs?|trigraphs?|doubles|double\s+letters|code|focus|objectives?|small\s+steps?|contents?|coverage|patterns?|to\s+teach|teach(ing)?|new\s+(learning|sounds?|phonics|this\s+week|today|teaching)|learning|phonics?|(first|second|third|1st|2nd|3rd|initial|single|basic|simple|core|agreed|planned|weekly|daily|phonics?|focus|target|key|today['’]?s|(this\s+)?week['’]?s)\s+(new\s+)?(sounds?|graphemes?|letters?)|(joined|joint)\s+(sounds?|phonemes?)|(sounds?|letters?|graphemes?)\s+of\s+the\s+(week|day)|(mon|tues|wednes|thurs|fri)day['’]?s\s+(sounds?|letters?|graphemes?)|sounds?\s+to\s+(introduce|cover|learn)|(sounds?|letters?|graphemes?)\s+(taught|learnt|learned|introduced)\s+(this\s+week|today|in\s+class)|what(\s+is|'s|\s+we\s+teach\s+that\s+is)\s+(new|taught)|what\s+(we|they|I|children|pupils)\s+(teach|do|cover|learn|are\s+(doing|learning|taught))|taught\s+today|written|how\s+(it\s+is|it's|we)\s+(spelt|spelled|written|write\s+it)|ways?\s+(to|of|we)\s+(spell|writ)\w*(\s+it)?)\b)", Any);

    private static readonly Regex WordsForHeader = new(@"\bwords?\s+((for|to)\s+)?(read|spell|writ|blend|segment)\w*|\b(read|spell|writ)ing\s+words?\b|\bspellings?\s+(test|list|words?)\b|\bspellings?\s+(to\s+(learn|take|practi[sc]e|send)|for\s+home|sent)\b|\b(home|take[\s-]home)\s+spellings?\b", Any);

    private static readonly Regex WordHeader = new(@"\b(examples?|e\.?g\.?|such\s+as|key\s?words?|words?|objects?|as\s+in|picture|anchor|mnemonic|practice|read(ing)?|spell|decodable)\b|^\s*(blend|build|make|write)\s*$", Any);

    private static readonly Regex SoundHeader = new(@"^\W*(the\s+|its\s+|our\s+)?(new\s+)?((rules?|places?|positions?)\s*(/|and|&|or|,)\s*)?(sound\s+famil(?:y|ies)|(?:vowel\s+|consonant\s+)?sounds?|phonemes?|ipa|says|also\s+says|new\s+sounds?|we\s+say|it\s+says|sounds?\s+like|pronunciation)(\s+(taught|it\s+makes|made|\(s\)|(of|for)\s+the\s+(week|day)|this\s+week|today))?\s*\d?\W*$", Any);

    // Whose rival it is says how it sounds: alternative spelling of, same sound as.
    private static readonly Regex RivalHeader = new(@"^\W*((an?\s+)?(other|alternative|new)\s+)?(spelling|way\s+(of\s+)?(spell|writ)\w+)s?\s+(of|for)\W*$|^\W*(same\s+(sound\s+)?as|instead\s+of|alternative\s+(to|for|of))\W*$", Any);

    // Below the patterns, which have to be there before it is made.
    private static readonly (ColumnRole Role, Regex Words)[] Headers =
    [
        (ColumnRole.TrickyWords, TrickyHeader), (ColumnRole.Sounds, RivalHeader), (ColumnRole.LeftOut, LeftOutHeader), (ColumnRole.Week, WeekHeader), (ColumnRole.Date, DateHeader),
        (ColumnRole.Days, DaysHeader), (ColumnRole.Day, DayHeader), (ColumnRole.Section, SectionHeader), (ColumnRole.Notes, NotesHeader), (ColumnRole.Endings, EndingHeader),
        (ColumnRole.Clusters, ClusterHeader), (ColumnRole.RimeUnits, RimeHeader), (ColumnRole.Words, WordsForHeader), (ColumnRole.Parts, PartHeader), (ColumnRole.Words, WordHeader),
        (ColumnRole.Sounds, SoundHeader),
    ];
}
