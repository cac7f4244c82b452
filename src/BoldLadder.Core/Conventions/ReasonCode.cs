namespace BoldLadder.Core.Conventions;

/// <summary>Why something is here, or what a verdict says of it. Each is phrased at the edge, in the school's terms.</summary>
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

    /// <summary>A story told because it is full of a sound. Arguments: the grapheme.</summary>
    ToldOfSound,

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
}
