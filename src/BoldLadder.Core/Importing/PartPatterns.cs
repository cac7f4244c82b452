using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>The patterns of what people write beside a part, in a cell: brackets, <i>as in</i>, sounds between strokes, talk.</summary>
internal static class PartPatterns
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    public static readonly Regex Bullet = new(@"^\s*([•▪◦*·>✓~–-]\s+|\d{1,2}(?:\.\d{1,2})+[.)]?\s+|\(?\d{1,3}\s*(?:[.):]|→|[-=–]+>|>)\s+|\(?[a-z]\)\s+|\d{1,2}\s+[-–—]\s+(?=[a-z])|\d{1,2}\s+(?=\S{1,4}$))");

    /// <summary>What is done with what is new, before it: introduce the, to.</summary>
    public const string Taught = "(?:[Ii]ntroduce|[Tt]each|[Ll]earn|[Mm]eet)";

    public static readonly Regex ToLearn = new(@"^\s*" + Taught + @"\s+(?=[A-Za-z'])", RegexOptions.CultureInvariant);

    // The letter i by itself, as a small letter.
    public static readonly Regex SmallI = new(@"(?<![A-Za-z_-])i(?![A-Za-z_-])");

    // Days of the week, months of the year.
    public static readonly Regex OfThe = new(@"^\s*[a-z]{3,}s\s+of\s+the\s+[a-z]{3,}\s*$", Any);

    public static readonly Regex BracketEnd = new(@"\)\s+(?=[^\s(),]{1,5}\s*\()");

    // What stands beside it in a word is no part of it: g before e, i and y.
    public static readonly Regex Neighbours = new(@"\b(?:before|after|followed\s+by|next\s+to|not)\s+(?:an?\s+|the\s+)?(?:letters?\s+)?(?:qu|wh|ll|ss|ff|[a-z])(?:\s*(?:,|and|or|&|/)+\s*(?:and\s+|or\s+)?(?:qu|wh|ll|ss|ff|[a-z]))*(?![a-z-])", Any);

    public static readonly Regex BothManners = new(@"\b(?:long|short|voiced|unvoiced|hard|soft)\s*(?:and|&|/|\+)\s*(?:long|short|voiced|unvoiced|hard|soft)\b", Any);

    // What a class is told before its letters: we are learning, this week's sounds are, I can read words with.
    public static readonly Regex Intro = new(@"^\s*(?:gaps?\s*:|(?:(?:I|we|they)\s+(?:can\s+|will\s+)?(?:know|say|read|write|learn)\s+)?the\s+(?:sounds?|letter\s+names?|names?)\s+(?:for|of|made\s+by)\s+(?:the\s+)?(?:letters?|graphemes?|digraphs?)(?=\s+[a-z])|(?:I|we|they)\s+know\s+that\b|(?:I|we|they)\s+know(?=\s+[a-z]{1,3}(?:[\s,]|$))|(?:(?:I|we)\s+(?:can|will|know)\s+(?:how\s+to\s+)?|to\s+(?:be\s+able\s+to\s+|know\s+how\s+to\s+)?)(?:read|recognise|know|spell|write|say|hear|add|blend(?!\s+(?:sounds?|words?))|make|use|find|decode|encode)(?:\s+(?:and|or|&)\s+(?:read|spell|write|say|decode|encode))*(?:\s+(?:the\s+)?(?:words?|sounds?))?(?:\s+(?:with|that\s+have|that\s+use|containing|using|in|for|of|made\s+by))?(?:\s+(?:the\s+)?(?:letters?|graphemes?|digraphs?)(?=\s))?|(?:[a-z]+(?:\s+[a-z0-9]+){0,9}\s*,?\s*)?\b(?:we|they|(?:the\s+)?(?:children|pupils|class))\s+(?:are\s+|will\s+be\s+|will\s+|then\s+|also\s+)?(?:learn|teach|read|meet|practise|practice|introduce|cover)(?:ing|s)?(?:\s+about)?(?:\s+(?:the|our|these|with))?(?:\s+(?:letters?|sounds?|graphemes?|spellings?))?|(?:say|know|write|recogni[sz]e|recall|give|identify)\s+the\s+(?:sounds?|letters?|graphemes?|phonemes?)(?:\s+(?:for|of|made\s+by))?(?:\s+(?:the\s+)?(?:letters?|graphemes?))?(?=\s)|(?:meet|hear|trace)(?:\s+the(?:\s+(?:letters?|sounds?))?)?(?=\s+[a-z]{1,4}$)|(?:this\s+week'?s?\s+)?(?:our\s+)?new\s+sounds?(?:\s+this\s+week)?(?:\s+(?:are|is))?|(?:this\s+week'?s?\s+)?(?:our|the|your)\s+(?:sounds?|letters?)(?:\s+(?:this|for\s+the)\s+week)?\s+(?:are|is))\s*:?\s+", Any);

    public static readonly Regex ListAfterTalk = new(@"^(?<talk>(?:[A-Za-z']+[\s-]+)*(?:rules?|magic|final(?=\s+e\b)|bossy|blends?|clusters?|teams?|vowels?|consonants?|digraphs?|trigraphs?|quadgraphs?|sounds?|phonemes?|letters?|graphemes?|spellings?|floss|doubles?|doubled|split|silent|controlled)(?:[\s-]+[A-Za-z']+){0,3}|(?<long>(?:long|short)\s+[aeiou](?:\s+sound)?))\s*(?::\s*(?<list>[^:()]+)|\((?<list>[^()]+)\))$", Any);

    /// <summary>True for a sound as it is written between strokes, and nothing else: <i>/ai/</i>.</summary>
    public static bool IsInStrokes(string text) => text.Trim() is ['/', _, .., '/'];

    // A kind of letters: what is listed under it is letters, though each may be a word (or, ore).
    public static readonly Regex KindOfLetters = new(@"\b(?:digraphs?|trigraphs?|teams?|controlled|bossy|vowel\s+r|graphemes?|phonemes?)\b", Any);

    // Letters between strokes, one after another, with nothing between or one stroke more: /k/ /i/, /k/ / /i/; and among them
    // letters with the word that shows them: /k/ ea (bread) /i/.
    public static readonly Regex SoundsInRow = new(@"^\s*(?=.*/[^/\s]{1,5}/.*/[^/\s]{1,5}/|[^/])(?=.*/[^/\s]{1,5}/)(?:(?<sound>/[^/\s]{1,5}/|[a-z_-]{1,4}\s\([a-z]+\))\s*(?:/\s+)?(?=/|[a-z_-]{1,4}\s\(|$)){2,}$", Any);

    // How a sound is called: /ai/ as in day.
    public static readonly Regex SoundAsIn = new(@"^\s*/[^/\s]{1,5}/\s*(?:as\s+in|in|as|like)\s+\S+\s*$", Any);

    // Letters in a row with a number before each: 1) o 2) d 3) g.
    public static readonly Regex NumberedInRow = new(@"^\s*(?:\(?\d{1,3}\s*[.)]\s*(?<part>[A-Za-z]{1,4})\s*[,;]?\s*(?=\(?\d|$)){2,}$");

    // Letters in a row with an arrow or a dash between each: d > o > g; our order: d > o > g; d - o - g.
    public static readonly Regex ArrowsBetween = new(@"^\s*(?:[A-Za-z ]{1,40}:\s*|(?:[Tt]hen|[Nn]ext|[Ff]inally|[Ll]astly|[Ll]ast|[Aa]fter\s+that|[Ff]irst|[Nn]ow)\s+)?(?<part>[A-Za-z]{1,3})(?:(?:\s*(?:[-=]?>|→|➔)\s*|\s+[-–—]\s+)(?<part>[A-Za-z]{1,3})){2,}\s*$");

    // A list of letters in a sentence: after that h, e, u and b; c, k and ck come next.
    public static readonly Regex ListInTalk = new(@"^\s*(?:(?!\S*\s*\b(?:long|short|soft|hard|silent|split)\b)(?<talk>[A-Z][a-z']+(?:\s+[a-z']{2,}){0,6})\s+)?(?<list>[a-z]{1,3}(?:\s*,\s*[a-z]{1,3})*(?:\s*,\s*[a-z]{1,3}|\s*,?\s+and\s+[a-z]{1,3})(?:\s*\([a-z]{2,10}\))?)(?<talk>(?:\s+[a-z]{3,})+)?\s*\.?\s*$");

    // The two words of one letter, together: I with its capital is no letter to be taught.
    public static readonly Regex IAndA = new(@"^(?:I|a)(?:(?:\s*[,&/]\s*|\s+and\s+|\s+)(?:I|a))+$(?<=I.*)");

    // Letters and the word that shows them: ng–ring, /ay/ play.
    public static readonly Regex WithItsWord = new(@"(?<![A-Za-z/])(?:(?<letters>[A-Za-z]{2,4})\s*[–—-]\s*|/(?<letters>[A-Za-z_]{2,5})/\s+)(?<word>[A-Za-z]{3,})(?![A-Za-z-])", Any);

    // Letters, their sound and its word with dashes between: ck – /k/ – sock.
    public static readonly Regex WithSoundAndWord = new(@"^\s*(?<letters>[A-Za-z_-]{1,5}?)\s*[–—:=→>-]+\s*/(?<sound>[^/\s]{1,5})/\s*(?:[–—:=→>,-]+\s*(?<word>[A-Za-z]{2,}))?\s*$");

    // Spellings that a sheet counts: ow1, ow2.
    public static readonly Regex Numbered = new(@"^(?<letters>[a-z]{2,4})\s?[1-9]$");

    // What kind of thing it is, before the one thing: VCe: a_e; magic e a_e.
    public static readonly Regex KindAhead = new(@"^\s*(?:c?vce(?:\s+with\s+[aeiou])?|(?:closed|open)\s+syllable|flsz|floss|digraph|trigraph|vowel\s+team|gpc|grapheme|phoneme)s?\s*:\s*|^\s*(?:magic|silent|final)\s+e\s+(?=[aeiou]\s?[_–-]\s?e\b)", Any);

    // Where its letter stands, before the letters: n before k (nk); v at the end: ve.
    public static readonly Regex WhereAhead = new(@"^\s*(?<first>[a-z])\s+(?:before\s+(?:an?\s+)?[a-z]|at\s+the\s+end(?:\s+of\s+(?:a\s+)?words?)?)\s*(?::\s*(?<letters>\k<first>[a-z]{1,2})|\(\s*(?<letters>\k<first>[a-z]{1,2})\s*\))\s*$", Any);

    // Whatever is said before a colon, when letters and nothing else stand behind it: next come: g, e, p.
    public static readonly Regex ListAfterColon = new(@"^(?<talk>[A-Za-z][A-Za-z' ]{2,40}):\s*(?<list>[^:()]+)$", Any);

    // A vowel by itself with the mark of a dictionary: ă and ŏ are short, ā is long; so is oo with one line over both.
    public static readonly Regex LengthMarked = new(@"(?<![\p{L}\p{M}/])(?:[āēīōūăĕĭŏŭ]|(?<plain>[aeiou])(?:(?<short>\u0306)|\u0304)|(?<twice>o(?:(?<short>\u035D)|\u035E)o))(?![\p{L}\p{M}/])");

    // A picture before what is written is there to be seen, whatever it is of, and so is the dot of a list.
    public static readonly Regex LeadingPictures = new(@"^(?:(?:[\p{So}\p{Cs}\uFE0F\u200D]+|[•‣·](?=\s))\s*)+(?=[\p{L}\d/(])");

    public static readonly Regex Symbols = new(@"[\p{So}\p{Cs}\uFE0F\u200D]");

    public static readonly Regex LeadingQuote = new(@"^\s*(""|')(?<in>[A-Za-z_-]{1,5})(""|')");

    public static readonly Regex Phonetic = new(@"[a-zː:]*[æɛɪɒɔɑʌʊəɜɝɚʃʒθðŋɡɹʧʤʍː][a-zæɛɪɒɔɑʌʊəɜɝɚʃʒθðŋɡɹʧʤʍː:]*");

    // The last of a list is joined by and, which is no word of the list: was, said and you; the and to.
    public static readonly Regex LastAnd = new(@"(?<=,\s*[a-z']+|^\s*[a-z']+)\s*,?\s+and\s+(?<last>[a-z']+)\s*$", Any);

    public static readonly Regex Spaces = new(@"\s+");

    public static readonly Regex And = new(@"\G\s+(?:and|then)\s+", Any);

    public static readonly Regex Ahead = new(@"^\s*(?:(?:the\s+)?(?:sound\s+)?/(?<sound>[^/\s]{1,5})/|(?<long>(?:long|short)\s+[aeiou]{1,2}))\s*(?:sound\s*)?(?:spelt|spelled|written)?\s*(?<mark>[:=–—-])?\s+(?<rest>(?!/\s|(?:as|like|in|for)\b)[^\s(\[].*)$", Any);

    // Strokes with spaces inside them stand around a sound where nothing is before them or no letter of ours is in them:
    // elsewhere they divide, as in ai / oi / oy.
    public static readonly Regex Sounded = new(@"(?<![^\s(,;:])/(?:(?<in>[^/\s-][^/\s]{0,5})|\s(?<in>[^/\s]{0,5}[^\x00-\x7F/\s–—…][^/\s]{0,5})\s|(?<=(?:^|[(,;:])\s*/)\s(?<in>[^/\s-][^/\s]{0,5})\s)/(?![^\s),;:])");

    public static readonly Regex Brackets = new(@"[(\[](?<in>[^()\[\]]*)[)\]]?");

    public static readonly Regex Quotes = new(@"[""](?<in>[^""]*)[""]|(?<=\s)'(?<in>[^']+)'");

    public static readonly Regex AsIn = new(@"(?<said>\b(?:as\s+in|like\s+in|like|for|in|e\.?g\.?|eg|says?)\b)\s+(?<in>.+)$|\s*(?:=|:|\s[-–—]\s|→|>)\s*(?<in>[A-Za-z'][A-Za-z' ,]{2,}|ox|up|us|on|in|it|if|at|am|an|as|my|by|he|me|we|be|go|no|so)$", Any);

    public static readonly Regex Manner = new(@"\b(?:long|short)\s+(?:[aeiou]{1,2})(?![a-z])|(?<![a-z])(?:[aeiou]{1,2})\s+(?:long|short)\b|\b(?:soft|hard|voiced|unvoiced|voiceless|noisy|quiet|long|short)\b", Any);

    // A vowel called long or short, and nothing besides.
    public static readonly Regex IsManner = new(@"^(?:long|short)\s+(?:[aeiou]|oo)$", Any);

    // "Short a with m, t, s": a vowel and what comes beside it.
    public static readonly Regex VowelWith = new(@"\b(?<vowel>(?:long|short)\s+[aeiou])\s+(?:with|plus|\+)\s+(?=[a-z]{1,2}\b)", Any);

    // "Double f, l, s", "doubled letters l and s".
    public static readonly Regex Doubled = new(@"^\s*doubled?\s+(?:letters?\s+|consonants?\s+)?:?\s*(?<letter>[b-z])(?:\s*(?:,|/|&|\band\b)+\s*(?<letter>[b-z]))*\s*$", Any);

    // Two and nothing else: sh - ch.
    public static readonly Regex Dashed = new(@"^\s*(?<one>[a-z]{1,3})\s+[-–—]\s+(?<two>[a-z]{1,3})\s*$");

    // The, and other words before it or after.
    public static readonly Regex ByHeartWithThe = new(@"^\s*(?:the\s+[A-Za-z']+(?:\s+[A-Za-z']+)*|[A-Za-z']+(?:\s+[A-Za-z']+)*\s+the(?:\s+[A-Za-z']+)*)\s*$", RegexOptions.CultureInvariant);

    public static readonly Regex Noise = new(@"(?<![-–])\b(?:new|the|sound|sounds|letters?|spelling|spelt|spelled|grapheme|phoneme|digraph|trigraph|split|quadgraph|long|short|soft|hard|voiced|unvoiced|voiceless|noisy|quiet|both|end|ending|endings|suffix|prefix|final|initial|at|saying|making|says|making|plural|doubles?|doubled|alternative|pronunciation|again!?|teach|introduce|intro|start|begin|code|with|cluster|blend|rime|family|(?:vowel|consonant)(?:\s+(?:team|pair|digraph)s?)?|r-controlled|spellings?\s+of|silent(?:\s+[a-z](?![a-z]))?)\b(?!-)|[!?*]", Any);

    // A sound and its spellings, without strokes: the sound j spelt dge, n spelt kn or gn.
    public static readonly Regex SpeltSo = new(@"^\s*(?:the\s+)?(?:sound\s+)?(?<sound>[a-z]{1,3})(?:\s+sound)?(?:\s+at\s+the\s+(?:start|beginning|end)(?:\s+of\s+(?:a\s+)?words?)?)?\s+(?:is\s+)?(?:spelt|spelled|written)\s+(?:as\s+|with\s+)?(?<rest>.+)$", Any);

    // Three words or more with nothing between them, and what is done among them: getting to know you.
    public static readonly Regex WhatIsDone = new(@"^(?=.*\b(?!\w*thing\b|morning|evening|during)[a-z]{3,}ing\b)[a-z']+(?:\s+[a-z']+){2,}$", Any);

    // Letters or sounds that are spoken of and not written: first letters.
    public static readonly Regex OfLetters = new(@"^\s*[a-z]+\s+(?:letters|sounds|graphemes)\s*$", Any);

    // The first sound, words with four letters: what is said of them at the end.
    public static readonly Regex SpokenOf = new(@"\b(?:letters?|sounds?|words?|rhymes?|syllables?|sentences?)\s*$", Any);

    // A sound and its letters in brackets: the /v/ sound at the end of words (ve).
    public static readonly Regex SoundThenLetters = new(@"^\s*(?:the\s+)?/(?<sound>[^/\s]{1,5})/\s+sound\s*(?:(?:at|in)\s+the\s+(?:start|beginning|middle|end)(?:\s+of\s+(?:an?\s+|the\s+)?words?)?)?\s*\((?<rest>[a-z_,/ -]{1,20})\)\s*$", Any);

    // Letters and what they say, without strokes, alone or in a list: y as igh.
    public static readonly Regex SaidAs = new(@"(?<=^\s*|[,;]\s*)(?<dash>[-–]?)(?<letters>[a-z]{1,4})\s+(?:as|saying|says|sounding\s+like|making)\s+(?:an?\s+)?(?<sound>[a-z]{1,3})(?=\s*(?:$|[,;]))", Any);

    // "V + e": one spelling of two letters.
    public static readonly Regex PlusE = new(@"^(?<first>[cgsvz])\s*\+\s*e$", Any);

    // Which words take an ending, and what they do for it, is no part of it: adding -es to words ending in y; y to i, then -es.
    public static readonly Regex WhatTakesIt = new(@"\bto\s+(?:(?:root|base)\s+)?(?:words?|verbs?|nouns?|roots?|bases?)\s+(?:that\s+)?end(?:ing|s)?\s+(?:in|with)\s+.+$|\b(?:chang(?:e|ing)\s+)?(?:the\s+)?y\s+(?:in)?to\s+(?:an?\s+)?i\b[\s,]*(?:(?:then|and|before|add(?:ing)?)\b[\s,]*)*|\b(?:doubl(?:e|es|ing)\s+the\s+(?:last|final)\s+(?:letter|consonant)|drop(?:s|ping)?\s+the\s+(?:final\s+|last\s+)?e)\b[\s,]*(?:(?:then|and|before|add(?:ing)?)\b[\s,]*)*(?=-[a-z])", Any);

    // "VCe a", "CVCe o, u", "VCe with i": the split digraphs of those vowels.
    public static readonly Regex VowelOfVce = new(@"\bc?vce\s+(?:with\s+(?![aeiou]\s*:))?(?<vowel>[aeiou])\b(?:\s*(?:,|/|&|\band\b)\s*(?<vowel>[aeiou])\b)*", Any);

    // "Long a silent e", "long o with magic e".
    public static readonly Regex LongBySilentE = new(@"^\s*long\s+(?<vowel>[aeiou])\s*[,–-]?\s*(?:with\s+)?(?:an?\s+)?(?:silent|magic|final)\s+e\b(?!\s*\(\s*[aeiou]\s?[_–-])", Any);

    /// <summary>Words that are read, one after another: <i>reading dog, mad, nod</i>.</summary>
    public const string WordsRead = @"(?:blending|reading|writing|spelling|making|building)\s+(?<rest>[a-z]{2,}(?:\s*,\s*[a-z]{2,})+(?:\s*,?\s+and\s+[a-z]{2,})?)";

    public static readonly Regex ReadingWords = new(@"^\s*" + WordsRead + @"\s*$", Any);

    // "Adding s and es to words (plural)": endings, however they are written.
    public static readonly Regex Adding = new(@"^\s*add(?:ing)?\s+(?:-?(?<ending>s|es|ed|ing|er|est|ly|y)\b(?:\s*(?:,|/|&|\band\b|\bor\b)\s*)?)+(?:\s.*)?$", Any);

    // "Words ending in -s": what they end in, and no example of it.
    public static readonly Regex EndsIn = new(@"\b(?:words?\s+)?(?:that\s+)?(?:end(?:ing|s)?|finish(?:ing|es)?)\s+(?:in|with)(?:\s+the\s+letters?)?\s+(?=(?<dash>-)?\S)", Any);

    // Consonants together that are named one by one.
    public static readonly Regex NamedTogether = new(@"\b(?:blends?|clusters?|c{1,3}vc{1,3}(?:\s+words?)?(?:\s+with)?)\s*[:(–]?\s*(?<list>-?[a-z]{2,3}-?(?:\s*(?:,|/|&|\band\b)\s*-?[a-z]{2,3}-?)+)\s*\)?\s*$", Any);

    // What joins letters to the sound that stands behind them: y as /igh/.
    public static readonly Regex SaysSound = new(@"\s(?:as|is|for|like|=|says?|making|makes?)\s*$", Any);

    // The letters that a piece begins with.
    public static readonly Regex LeadingLetters = new(@"^[A-Za-z]{2,4}(?![A-Za-z])");

    // A dash by itself; one beside letters says that more comes there: un-, -ed.
    public static readonly Regex LooseDash = new(@"^-(?=\s|$)\s*|\s+-$");

    public static readonly Regex HintNoise = new(@"\b(?:same|as|in|like|for|eg|e\.g|at|the|end|start|final|initial|of|a|word|words|sounds?|says|saying|split|digraph|trigraph|letters?|ending|suffix|past|tense|plural|voiced|unvoiced|middle|beginning|new|first|last|spelling|way|ways|and|or|after|before|both|not|only|usually|alternative|doubl(?:e|es|ed|ing)\s+the|just\s+add)\b", Any);

    public static readonly Regex SplitWord = new(@"\bsplit\b", Any);

    public static readonly Regex EndingWord = new(@"\b(?:endings?|suffix(?:es)?|plurals?|past\s+tense)\b", Any);

    public static readonly Regex BothWord = new(@"\b(?:both|all\s+(?:its\s+)?(?:sounds|ways)|two\s+sounds|2\s+sounds|two\s+ways)\b", Any);

    // All that a piece says: both sounds, said two ways.
    public static readonly Regex SaidBothWays = new(@"^\s*(?:with\s+|said\s+)?(?:its\s+)?(?:both|two|2)(?:\s+(?:sounds|ways))?\s*$", Any);

    public static readonly Regex LastWord = new(@"\b(?:at\s+the\s+end|end|final|ending|last)\b", Any);

    public static readonly Regex FirstWord = new(@"\b(?:at\s+the\s+(?:start|beginning)|initial|first)\b", Any);

    public static readonly Regex Capitals = new(@"\bcapitals?\b|\bupper\s*case\b|\bpunctuation\b|\bfull\s+stops?\b|\bperiods?\b|\b(?:question|exclamation|speech|quotation)\s+marks?\b|\bapostrophes?\b|\bcommas?\b|\bhyphens?\b|\bA\s*[-–]\s*Z\b", Any);

    public static readonly Regex SplitForm = new(@"^(?<vowel>[aeiouy])(?<between>\s?[-–—_*~·^]+\s?|\s?\.{1,4}\s?|\s?…\s?|\s?C\s?|\s?-?(?:consonant|cons|x|\?)-?\s?|\s)e$", Any);

    public static readonly Regex Letters = new(@"[A-Za-z]+(?:['-][A-Za-z]+)*'?");

    public static readonly Regex WordForm = new(@"^[A-Za-z]+(?:'[A-Za-z]+)?$");
}
