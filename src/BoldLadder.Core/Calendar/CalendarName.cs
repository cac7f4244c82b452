using System.Text.RegularExpressions;

namespace BoldLadder.Core.Calendar;

/// <summary>
/// What the name of a day in a school's calendar says of it: shut, a short lesson, or something that happens while lessons go
/// on. A calendar has no other word for it; whoever reads it in looks it over.
/// </summary>
public static partial class CalendarName
{
    /// <summary>True when the school is shut: holidays, days of the staff alone, and what shuts it without warning.</summary>
    public static bool SaysShut(string name) => !SaysShort(name) && Shut().IsMatch(name) && !Happens().IsMatch(name);

    /// <summary>True when half a day is left.</summary>
    public static bool SaysShort(string name) => Half().IsMatch(name);

    /// <summary>What it does to the lesson; null when the school is shut.</summary>
    public static EventUse? UseOf(string name) => SaysShort(name) ? EventUse.ShortLesson : SaysShut(name) ? null : EventUse.Noted;

    [GeneratedRegex("""
        \b(half[\s-]?days?|half\sa\sday|early\s(finish|close|closing|closure|dismissal|release|pick[\s-]?up)|(closes?|finish(es)?|dismissal|school\sends)\sat\s(noon|(12|1|13)(\s?pm)?)|noon\sdismissal|minimum\sday|late\sstart|delayed\s(start|opening))\b
        """, Any)]
    private static partial Regex Half();

    // What is held at school about a holiday or a break is held on a day of school.
    [GeneratedRegex("""
        \b(clubs?|camp|assembl(y|ies)|plays?|show|concert|fair|f[eê]te|sale|sign[\s-]?up|part(y|ies)|dinner|lunch|practice|rehearsals?|meetings?|trip|visit|break[\s-]?times?|homework|starts?|begins?)\b
        """, Any)]
    private static partial Regex Happens();

    // Public holidays by name where their name does not say so: of Britain and Ireland, and of the United States.
    [GeneratedRegex("""
        \b(half[\s-]?terms?|mid[\s-]?terms?(\sbreak)?|holidays?|vacation|clos(ed|ure|es|ing)|shut|no\s(school|pupils|students|children|classes)|inset|in[\s-]?service|
        (staff|teacher|teachers|training|development|professional|non[\s-]?pupil|student[\s-]free|pupil[\s-]free)(\s\w+)?\s(training|development|days?)|baker\sday|break|recess|
        polling\s(station|day)|election\sday|snow\sday|strike|
        (christmas|boxing|new\syear'?s?|st\.?\s(patrick|andrew)'?s|may|labou?r|memorial|presidents'?|president's|veterans'?|columbus|independence|thanksgiving|martin\sluther\sking(\sjr\.?)?|mlk|victoria|whit)\s(day|eve|monday|bank)|
        indigenous\speoples'?\sday|juneteenth|thanksgiving|good\sfriday|easter\smonday)\b
        """, Any)]
    private static partial Regex Shut();

    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.IgnorePatternWhitespace | RegexOptions.CultureInvariant;
}
