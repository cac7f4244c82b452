namespace BoldLadder.Core.Lessons;

/// <summary>What a day is about, where no sentence is written for it. Each is said at the edge.</summary>
public enum PointCode
{
    /// <summary>Arguments: the grapheme, the sound's key, and a word that has it.</summary>
    Facts,

    /// <summary>Letters taught as one. Arguments: the letters.</summary>
    Together,

    /// <summary>Doubled consonants. Arguments: the graphemes.</summary>
    Doubled,

    /// <summary>The same of those that are doubled at the end of a word.</summary>
    DoubledAtEnd,

    /// <summary>One sound with several spellings. Arguments: the graphemes.</summary>
    Spellings,

    /// <summary>Several sounds. Arguments: the graphemes.</summary>
    Sounds,

    /// <summary>Arguments: the labels of what is gone over.</summary>
    Review,
    Check,

    /// <summary>Arguments: words (a comma between them) and what is odd in all of them (its correspondences), in turn; or all the words alone.</summary>
    Tricky,
    Listening,
    TrickyWhole,

    /// <summary>The rung has no word in this accent. Arguments: its labels, a comma between them, and then the labels of what is gone over.</summary>
    Wordless,

    /// <summary>What is new besides what the point tells of. Arguments: its labels.</summary>
    Too,
}
