using System.Text.RegularExpressions;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Importing;

/// <summary>What a day is for, and the shape of words it is about, in the words in which people write it: <i>recap</i>, <i>assess</i>, <i>CVCC words</i>.</summary>
internal static class LessonWords
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    /// <summary>What a day is for when nothing new is taught on it; null when something is.</summary>
    public static RungKind? LessonOf(string text) => CheckLesson.IsMatch(text) ? RungKind.Check
        : ContrastLesson.IsMatch(text) && !ComparedByEnding.IsMatch(text) ? RungKind.Contrast
        : ReviewLesson.IsMatch(text) ? RungKind.Consolidation : null;

    // -er, -est (comparing): what the endings are for.
    private static readonly Regex ComparedByEnding = new(@"^\s*[-–](er|est)\b.*\bcompar", Any);

    /// <summary>True for what is done on a day of reading or writing, where nothing else stands: no word to be learnt.</summary>
    public static bool NamesDoing(string text) => Pieces(text) is { Length: > 0 } all && all.Any(Doing.IsMatch) && all.All(x => Doing.IsMatch(x) || DoingOrWord.IsMatch(x));

    /// <summary>True for what a day is for after days that each had one: <i>all three</i>.</summary>
    public static bool NamesAllSoFar(string text) => AllOfThem.IsMatch(text);

    private static readonly Regex AllOfThem = new(@"^\s*all\s+(of\s+them|two|three|four|five|six)(\s+(together|spellings|sounds|mixed))?\s*!?\s*$", Any);

    /// <summary>True for what says of a day or week that nothing new is taught in it: <i>no new sounds</i>.</summary>
    public static bool NamesNothingNew(string text) => NothingNew.IsMatch(text);

    private const string NoneNew = @"no\s+new\s+(sounds?|letters?|learning|teaching|content|phonics|phonemes?|graphemes?)|nothing\s+new";

    private static readonly Regex NothingNew = new(@"^\s*(" + NoneNew + @")\b", Any);

    /// <summary>True for what is done before there are letters: <i>listening games, rhyme</i>.</summary>
    public static bool NamesListening(string text) => Pieces(text) is { Length: > 0 } all && all.All(Listening.IsMatch);

    private static string[] Pieces(string text) => text.Split([",", "&", "+", " and "], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);

    private static readonly Regex Listening = new(@"^((nursery\s+)?rhym(es?|ing)|rhythms?|alliteration|songs?|stories|((our|first|children['’]?s)\s+)?names|(body|voice|environmental|everyday)\s+sounds|(oral|spoken)\s+(work|language)|syllables|listening|(listening|sound|rhyming|clapping)\s+(games?|walks?|work))$", Any);

    private static readonly Regex Doing = new(@"^\s*(blend|segment|sound\s+out|(blend|read|write|spell|say)\s+(the\s+)?(words|sentences|captions|stories)|reading|writing|spelling|blending|segmenting|words?\s+(reading|building|making|writing)|story|dictation|games|(flash|word|picture|letter|sound)\s?cards|(words?|phonics|sounds?|letters?|reading|writing|spelling|story|listening|rhym(e|ing)|circle)\s+(games?|work|walks?|time|hunt))\s*$", Any);

    // Beside what can be nothing else: blend and read.
    private static readonly Regex DoingOrWord = new(@"^\s*(read|write|spell|say|play|sing|draw)\s*$", Any);

    /// <summary>The pattern of boxes that some text names, or the two that stand at the ends of a word; none for most.</summary>
    public static IReadOnlyList<TaughtStructure> StructuresOf(string text) => ThreeSyllables.IsMatch(text) ? [TaughtStructure.ThreeSyllables]
        : TwoSyllables.IsMatch(text) ? [TaughtStructure.TwoSyllables]
        : ThreeTogether.IsMatch(text) ? [TaughtStructure.ThreeTogether]
        : Together.IsMatch(text) ? [TaughtStructure.PairAtEnd, TaughtStructure.PairAtStart]
        : [.. PairAtEnd.IsMatch(text) ? (TaughtStructure[])[TaughtStructure.PairAtEnd] : [], .. PairAtStart.IsMatch(text) ? (TaughtStructure[])[TaughtStructure.PairAtStart] : []];

    /// <summary>True for words by their shape (<i>CVC words</i>) that are no structure to be taught.</summary>
    public static bool NamesShape(string text) => Shape.IsMatch(text) && StructuresOf(text).Count == 0;

    private static readonly Regex Shape = new(@"\b(?:C?VC|CV)\b");

    // Qu as in quiz is none.
    private static readonly Regex CheckLesson = new(@"\b((re-?)?assess(ments?|es|ing|ed)?|baselines?|check(s|point)?|(re-?)?tests?|(?<!\bqu\b.*)quiz|screening|screen)\b|^\s*(ass|assmt)\.?\s*$", Any);

    private static readonly Regex ContrastLesson = new(@"\b(contrast|compare|comparing|alternatives?\s+together|sort(ing)?\s+(the\s+)?(spellings?|sounds?)|sort\s+\S{1,4}\s*(and|or|/|&|,)\s*\S{1,4}\s*$|sort\s*$|\S{1,4}(\s*(,|\band\b|\bor\b|/|&)\s*\S{1,4})+\s+(mixed(\s+up)?|mix[\s-]?ups?|muddles?|confusions?)\s*$|which\s+spelling|versus|vs\.?|side\s+by\s+side)\b|^\s*[a-z]{1,4}([-–_]e)?\s+or\s+[a-z]{1,4}([-–_]e)?\s*\?\s*$|^\s*[a-z]{2,4}\s+v\.?\s+[a-z]{2,4}\s*$|(?<!consonants?\s)\btogether\s*$", Any);

    private static readonly Regex ReviewLesson = new(@"\b(review(s|ed|ing)?|all\s+of\s+(the\s+above|these)|revis(ed?|ion|it|iting)|re-?cap(s|ped|ping)?|consol(idat\w*|\b)|catch[\s-]?up|go(ing|es)?\s+over|went\s+over|look(ing|s)?\s+back|over[\s-]?learn\w*|recall|again|practi[sc]e\s+(week|day|all|everything)|mixed\s+practi[sc]e|words?\s+(building|making|reading)\s+(with|using|from)|(blending|segmenting|word\s+reading|c?vc)\s+(week|day|practi[sc]e)|(all|every\w*)\s+(\w+\s+){0,3}so\s+far|all\s+(of\s+)?(the\s+|this\s+|last\s+)?week['’]?s['’]?\s+(sounds|letters|graphemes|spellings)|" + NoneNew + @"|fun\s+friday|re-?read|overflow|slack|spare\s+day|buffer|mop[\s-]?up|(gap|gaps)[\s-](filling|fill)|(fill|plug|close|closing|plugging|filling)\s+(the\s+|any\s+)?gaps|secure|blend(ing)?\s+(sounds?|words?)|segment(ing)?\s+(sounds?|words?)|c?vc(\s*(and|/|,|&)\s*c?vc)?\s+words?)\b|^\s*((more\s+|extra\s+|further\s+)?practi[sc]e|mix(ed)?)\s|^\s*practi[sc]e\s*$|\bblend(ing)?\s+(with\s+)?(these|those|all|our|known)\s+\w+|\bblend(ing)?\s+(with\s+)?[a-z](,?\s+(and\s+)?[a-z])*\s*$|^\s*read\s+(?![ai]\b)[a-z]\s*$|^\s*(none|nothing)\s*[,;:(–-]\s*\S|^\s*all\s+(of\s+)?((the|our|these)\s+)?((split|vowel)\s+)?(digraphs|trigraphs|sounds|letters|spellings|graphemes)\s*$|^\s*words\s+(with|from|using)\s+[a-z](\s*(,|&|\band\b)\s*[a-z]){2,}\s*$|^\s*(read|write|spell|blend|build)\s+(?!the\b|to\b|and\b|is\b)[a-z]{2,}(\s*(,|&|\band\b)\s*[a-z]{2,})+\s*$|^\s*everything\s*!?\s*$|^\s*rev\.?\s*$|^\s*(mixed|games?|read(ing)?\s+(and|&)\s+(spell|writ)\w*)\s*$|^\s*(oral\s+)?(blend(ing)?|segment(ing)?)(\s*(and|&|/|,)\s*(blend|segment|read|spell)(ing)?)?\s*($|\s[a-z]{1,3}(-[a-z]{1,3})+|:\s*[a-z]*[aeiou][a-z]*\b)", Any);

    private static readonly Regex ThreeSyllables = new(@"\b(three|3)[\s-]*(or\s+more[\s-]+)?syllables?\b|\btrisyllab\w*", Any);

    private static readonly Regex TwoSyllables = new(@"\b(two|2)[\s-]*syllables?\b|\bdisyllab\w*|\b(longer|multi-?\s?syllab\w*|poly-?\s?syllab\w*)\s+words?\b|\bcompound\s+words?\b", Any);

    private static readonly Regex ThreeTogether = new(@"\bc{3}vc{0,3}\b|\bc{0,3}vc{3}\b|\b(three|3)\s+consonants\b|\b(three|3)[\s-]letter\s+(consonant\s+)?(clusters?|blends)\b|\bthree[\s-]consonant", Any);

    // Wherever in the word they stand.
    private static readonly Regex Together = new(@"^\s*(words\s+with\s+)?((two\s+)?adjacent\s+consonants|(two\s+)?consonants\s+(standing\s+)?together)\s*$", Any);

    private static readonly Regex PairAtStart = new(@"\bccvc?c?\b|^\s*(consonant\s+)?([lrs][\s-]blends|blends\s+with\s+(an?\s+)?[lrs])\s*$|\b(two\s+|2\s+)?(consonants?\s+(together\s+)?|(consonant\s+)?(clusters?|blends)\s+)at\s+the\s+(start|beginning)\b|\b(initial|beginning|starting|start)\s+(consonant\s+)?(clusters?|blends|adjacent\s+consonants)\b", Any);

    private static readonly Regex PairAtEnd = new(@"\bc{0,2}vcc\b|\b(two\s+|2\s+)?(consonants?\s+(together\s+)?|(consonant\s+)?(clusters?|blends)\s+)at\s+the\s+end\b|\b(final|end|ending)\s+(consonant\s+)?(clusters?|blends|adjacent\s+consonants)\b", Any);
}
