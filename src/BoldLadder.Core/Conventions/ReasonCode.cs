namespace BoldLadder.Core.Conventions;

/// <summary>Why something is here, or what there is to say of it. Each is phrased at the edge, in the school's terms.</summary>
public enum ReasonCode
{
    /// <summary>A sentence kept from before reasons were codes. Arguments: the sentence.</summary>
    AsWritten,

    /// <summary>Today's part. Arguments: its letters, and <c>first</c>, <c>inside</c> or <c>last</c>.</summary>
    HasPart,

    /// <summary>Arguments: the letters that are taught as one.</summary>
    HasUnit,

    /// <summary>Arguments: the ending without its hyphen.</summary>
    HasEnding,

    /// <summary>Arguments: the structure's key.</summary>
    HasStructure,

    /// <summary>No more words with today's part fit yet.</summary>
    KeepsGoingForWant,
    KeepsGoing,

    /// <summary>Arguments: the grapheme that was due.</summary>
    WasDue,

    /// <summary>Arguments: on how many earlier days.</summary>
    ReadBefore,

    /// <summary>Fair to spell. Arguments: on how many earlier days it was read.</summary>
    FairAsRead,
    FairAsOnlyFit,

    /// <summary>Not fair to spell. Arguments: the grapheme said weakly.</summary>
    UnfairAsWeak,

    /// <summary>Not fair to spell. Arguments: the grapheme, then the others that it might be.</summary>
    UnfairAsOther,

    /// <summary>Arguments: the word that it sounds like.</summary>
    SoundsLike,
    TodaysPoint,

    /// <summary>Arguments: the parts that are tricky.</summary>
    TrickyParts,
    OnlyToBeQuick,

    /// <summary>A tricky word learnt whole. Arguments: its letters.</summary>
    LearntWhole,
    NewToday,
    TaughtBefore,

    /// <summary>Arguments: how many words of the sentence hold today's part.</summary>
    WordsWithPart,
    FromLastLesson,

    /// <summary>Arguments: how many beats the word has.</summary>
    HasBeats,
    DueSoon,
    DueToday,

    /// <summary>Arguments: school days since it fell due.</summary>
    DueBefore,
    TaughtLast,
    WasShaky,

    /// <summary>Due only in the other group of the room.</summary>
    DueInOtherGroup,

    /// <summary>Gone over by both groups of the room.</summary>
    ForBothGroups,
    AskedInPlace,
    TypedIn,
    TypedInAsTricky,

    /// <summary>A made-up word in a lesson.</summary>
    NoWordAtAll,

    /// <summary>The beginning of a story that the class has not read.</summary>
    ToFinish,
    ChainStart,

    /// <summary>Arguments: what came in, and <c>start</c>, <c>middle</c> or <c>end</c>.</summary>
    ChainAdded,

    /// <summary>Arguments: what went, and where.</summary>
    ChainTakenOut,

    /// <summary>Arguments: what was there, what is there now, and where.</summary>
    ChainChanged,

    /// <summary>Arguments: the grapheme with two sounds in it.</summary>
    TwoSounds,
    ShortVowel,

    /// <summary>Arguments: the vowel letter, and the sound's key; without it, the letter's own name.</summary>
    FinalEMakes,

    /// <summary>Arguments: where the sound is.</summary>
    SoundStands,

    /// <summary>Arguments: how many sounds.</summary>
    SoundCount,
    WithoutTheSound,

    /// <summary>Arguments: the grapheme, and where.</summary>
    GraphemeStands,

    /// <summary>Arguments: the commonest word of the family.</summary>
    RhymesWith,

    /// <summary>Arguments: the grapheme.</summary>
    SpeltWith,

    /// <summary>Arguments: the ending, and how it sounds.</summary>
    EndingSounds,

    /// <summary>A made-up word that is none to make up. Arguments: the word.</summary>
    IsRealWord,
    UnfitForChildren,
    UnfitSaidAloud,

    /// <summary>Arguments: the real word.</summary>
    CanSoundLike,
    SpeltAsEnglish,

    /// <summary>Legal, and seldom met. Arguments: what is rare.</summary>
    SpeltRarely,
    NotSpeltSo,

    /// <summary>Arguments: fewest and most letters.</summary>
    WrongLength,

    /// <summary>Arguments: the correspondence.</summary>
    NeedsUntaught,

    /// <summary>Arguments: the letters.</summary>
    NeverFirst,
    NeverLast,

    /// <summary>Arguments: the letter, and the one after it.</summary>
    MayBeSoft,

    /// <summary>Arguments: what stands before the a.</summary>
    AfterW,

    /// <summary>Arguments: the grapheme, and what is written in its place.</summary>
    WrittenAfterShort,

    /// <summary>Arguments: the grapheme.</summary>
    OnlyAfterShort,
    LooksLikeEnding,
    ShortVowelLast,

    /// <summary>Arguments: the consonants.</summary>
    NoSuchStart,

    /// <summary>Arguments: the consonants.</summary>
    NoSuchEnd,

    /// <summary>Arguments: the vowel spelling, and where.</summary>
    NotThatPlace,

    /// <summary>A listening word that has the other sound. Arguments: how that sound is called.</summary>
    GoesAgainst,

    /// <summary>Fair to spell because the adult tells one spelling in it. Arguments: that grapheme.</summary>
    ToldSpelling,

    /// <summary>The word that an ending is added to.</summary>
    BaseWord,

    /// <summary>Arguments: how many words of the story hold today's part.</summary>
    StoryWithPart,

    /// <summary>Children hear it for the first time.</summary>
    NotReadBefore,

    /// <summary>A sentence read lately, while hardly any can be read.</summary>
    AgainOnPurpose,

    /// <summary>A word for children to use in a sentence of their own.</summary>
    ToUse,

    /// <summary>The sentence asks for a tricky word. Arguments: the word.</summary>
    WordLeftOut,

    /// <summary>A sentence shown without its capital or its mark.</summary>
    ToMend,

    /// <summary>Arguments: how often the sentence has today's capital or mark.</summary>
    HasPrint,

    /// <summary>A riddle whose answer has today's sound, or today's spelling. Arguments: the grapheme.</summary>
    RiddleWith,

    /// <summary>By ear. Arguments: the first vowel as the accent says it, and whether it is <c>short</c> or <c>long</c>.</summary>
    FirstVowel,

    /// <summary>How it serves the day's point. Arguments: the part it has.</summary>
    ServesHas,

    /// <summary>Arguments: the key of today's sound, which is heard or written in it.</summary>
    ServesSound,

    /// <summary>It says the same as today's. Arguments: today's grapheme.</summary>
    ServesRival,

    /// <summary>It is taken for today's by look. Arguments: today's grapheme.</summary>
    ServesLookAlike,

    /// <summary>Arguments: how many of its words have today's part.</summary>
    ServesWords,

    /// <summary>Arguments: how often it has today's capital or mark.</summary>
    ServesPrint,

    /// <summary>It stands beside a word with today's part. Arguments: the part.</summary>
    ServesBeside,

    /// <summary>Not the point: it keeps something else going.</summary>
    ServesOther,

    /// <summary>A known word that is taken for one of today's. Arguments: today's.</summary>
    LooksLike,

    /// <summary>What is asked. Arguments: the two sounds as they are called, <c>first</c>, <c>inside</c> or <c>last</c>, and the keys of the two.</summary>
    AskWhichSound,

    /// <summary>Two groups in one room. Arguments: how many are for both, how many for this group alone.</summary>
    AskTogetherThenAlone,

    /// <summary>Some pictures begin with a letter that is known, some do not. Arguments: the letters.</summary>
    AskBeginsOrNot,

    /// <summary>Words of the text with a part. Arguments: the part, and how many; and so on for each.</summary>
    AskHunt,

    /// <summary>Words of the text that rhyme. Arguments: the words.</summary>
    AskFindRhymes,

    /// <summary>Words to spell that are built first: asked by lessons kept from before that was a piece of its own.</summary>
    AskBuildAndHide,

    /// <summary>What a sentence to write needs. Arguments: its words, its capitals, its marks.</summary>
    AskCount,

    /// <summary>Arguments: the grapheme to look for.</summary>
    AskSpot,

    /// <summary>Arguments: the grapheme, a word that has its sound, and the sound's key.</summary>
    AskHasSound,

    /// <summary>Inside or last? Arguments: the grapheme, and a word that has its sound.</summary>
    AskWhere,

    /// <summary>First or last? Arguments: letters that are written twice at the end of a word.</summary>
    AskFirstOrLast,

    /// <summary>Arguments: the ending, and the sounds it can have.</summary>
    AskEndingSound,
    AskShortAndSplit,

    /// <summary>Is the first vowel short or long? Arguments: the doubled graphemes.</summary>
    AskShortOrLong,

    /// <summary>A base and its word with an ending, side by side. Arguments: the endings.</summary>
    AskEnding,

    /// <summary>A word and a longer one that begins with it, though they mean nothing alike: pond, ponder.</summary>
    AskGrown,

    /// <summary>A word, and the same with a consonant added.</summary>
    AskAdded,

    /// <summary>Which spelling goes into the gap, and why. Arguments: the graphemes.</summary>
    AskWhichSpelling,

    /// <summary>A letter once, or twice as at the end of a short word. Arguments: the doubled graphemes.</summary>
    AskOneOrTwo,

    /// <summary>The same letters say two sounds. Arguments: the grapheme.</summary>
    AskWhichSays,

    /// <summary>Arguments: the smaller number and the larger.</summary>
    AskHowManyBeats,

    /// <summary>Arguments: a word that has the rime unit.</summary>
    AskRhymes,

    /// <summary>Arguments: the cluster, and its first letters alone.</summary>
    AskHowItBegins,

    /// <summary>Arguments: the cluster, and its last letters alone.</summary>
    AskHowItEnds,

    /// <summary>Consonants before the vowel. Arguments: the smaller number and the larger.</summary>
    AskHowManyBefore,

    /// <summary>Consonants after it. Arguments: the smaller number and the larger.</summary>
    AskHowManyAfter,

    /// <summary>Words that differ in one near sound. Arguments: the two graphemes.</summary>
    AskPair,

    /// <summary>Arguments: the two graphemes, near in sound.</summary>
    AskWhichHas,

    /// <summary>Arguments: the two graphemes, alike to look at.</summary>
    AskWhichLetter,

    /// <summary>Arguments: the graphemes.</summary>
    AskSortBySpelling,

    /// <summary>The day's point, made from facts. Arguments: the grapheme, the sound's key, and a word that has it.</summary>
    PointFacts,

    /// <summary>Letters taught as one. Arguments: the letters.</summary>
    PointTogether,

    /// <summary>Doubled consonants. Arguments: the graphemes.</summary>
    PointDoubled,

    /// <summary>The same of those that are doubled at the end of a word.</summary>
    PointDoubledAtEnd,

    /// <summary>One sound with several spellings. Arguments: the graphemes.</summary>
    PointSpellings,

    /// <summary>Several sounds. Arguments: the graphemes.</summary>
    PointSounds,

    /// <summary>Arguments: the labels of what is gone over.</summary>
    PointReview,
    PointCheck,

    /// <summary>Arguments: words (a comma between them) and what is odd in all of them (its correspondences), in turn; or all the words alone.</summary>
    PointTricky,
    PointListening,

    /// <summary>Arguments: in how many everyday words, and in how many of them first, inside and last.</summary>
    PlacesInWords,

    /// <summary>Arguments: the two numbers of beats, of words that are heard.</summary>
    AskBeatsHeard,
    AskEndsSo,
    PointTrickyWhole,

    /// <summary>What is new besides what the point tells of. Arguments: its labels.</summary>
    PointToo,
}
