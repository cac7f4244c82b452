namespace BoldLadder.Core.Lessons;

/// <summary>What a piece asks of children. Each is said at the edge, in words for the adult to say to them.</summary>
public enum AskCode
{
    /// <summary>Arguments: the two sounds as they are called, <c>first</c>, <c>inside</c> or <c>last</c>, and the keys of the two.</summary>
    WhichSound,

    /// <summary>Two groups in one room. Arguments: how many are for both, how many for this group alone.</summary>
    TogetherThenAlone,

    /// <summary>Some pictures begin with a letter that is known, some do not. Arguments: the letters.</summary>
    BeginsOrNot,

    /// <summary>Told again, a story is full of a sound. Arguments: the grapheme, and the sound's key.</summary>
    EachTime,

    /// <summary>Words of the text with a part. Arguments: the part, and how many; and so on for each.</summary>
    Hunt,

    /// <summary>Words of the text that rhyme. Arguments: the words.</summary>
    FindRhymes,

    /// <summary>Words to spell that are built first: asked by lessons kept from before that was a piece of its own.</summary>
    BuildAndHide,

    /// <summary>What sentences to write need. Arguments: the words of the first, its capitals, its marks; and so on for each.</summary>
    Count,

    /// <summary>Arguments: the grapheme to look for.</summary>
    Spot,

    /// <summary>Arguments: the grapheme, a word that has its sound, and the sound's key.</summary>
    HasSound,

    /// <summary>Inside or last? Arguments: the grapheme, and a word that has its sound.</summary>
    Where,

    /// <summary>First or last? Arguments: letters that are written twice at the end of a word.</summary>
    FirstOrLast,

    /// <summary>Arguments: the ending, and the sounds it can have.</summary>
    EndingSound,
    ShortAndSplit,

    /// <summary>Is the first vowel short or long? Arguments: the doubled graphemes.</summary>
    ShortOrLong,

    /// <summary>A base and its word with an ending, side by side. Arguments: the endings.</summary>
    Ending,

    /// <summary>A word and a longer one that begins with it, though they mean nothing alike: pond, ponder.</summary>
    Grown,

    /// <summary>A word, and the same with a consonant added.</summary>
    Added,

    /// <summary>Which spelling goes into the gap, and why. Arguments: the graphemes.</summary>
    WhichSpelling,

    /// <summary>A letter once, or twice as at the end of a short word. Arguments: the doubled graphemes.</summary>
    OneOrTwo,

    /// <summary>The same letters say two sounds. Arguments: the grapheme.</summary>
    WhichSays,

    /// <summary>Arguments: the smaller number and the larger.</summary>
    HowManyBeats,

    /// <summary>Arguments: a word that has the rime unit.</summary>
    Rhymes,

    /// <summary>Arguments: the cluster, and its first letters alone.</summary>
    HowItBegins,

    /// <summary>Arguments: the cluster, and its last letters alone.</summary>
    HowItEnds,

    /// <summary>Consonants before the vowel. Arguments: the smaller number and the larger.</summary>
    HowManyBefore,

    /// <summary>Consonants after it. Arguments: the smaller number and the larger.</summary>
    HowManyAfter,

    /// <summary>Words that differ in one near sound. Arguments: the two graphemes.</summary>
    Pair,

    /// <summary>Arguments: the two graphemes, near in sound.</summary>
    WhichHas,

    /// <summary>Arguments: the two graphemes, alike to look at.</summary>
    WhichLetter,

    /// <summary>Arguments: the graphemes.</summary>
    SortBySpelling,

    /// <summary>Arguments: the two numbers of beats, of words that are heard.</summary>
    BeatsHeard,
    EndsSo,
}
