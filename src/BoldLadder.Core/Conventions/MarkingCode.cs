namespace BoldLadder.Core.Conventions;

/// <summary>What is drawn to show which letters make one sound.</summary>
public enum Mark
{
    /// <summary>A piece of the line under the word: our own.</summary>
    Rail,
    None,
    Dot,
    Underline,
    Box,
    Ring,

    /// <summary>A bracket above the letters.</summary>
    Bracket,
    Tint,
    Wavy,
}

/// <summary>The kinds of part that a mark goes by.</summary>
public enum MarkedKind
{
    OneLetter,
    SeveralLetters,
    Split,
    Doubled,
    Ending,
    RimeUnit,
}

/// <summary>
/// A school's code of marks under words: one for each kind of part. Endings and rime units are marked as one only where a
/// school has a mark for them; otherwise their letters are marked as those of any word.
/// </summary>
/// <param name="Ending">Null for no mark of their own.</param>
/// <param name="RimeUnit">Null for no mark of their own; only of units that the ladder teaches.</param>
/// <param name="Tricky">For the part of a word that is not taught yet, in place of its own.</param>
public sealed record MarkingCode(Mark OneLetter, Mark SeveralLetters, Mark Split, Mark Doubled, Mark? Ending, Mark? RimeUnit, Mark Tricky)
{
    /// <summary>The cut rail, and a wavy line under what is tricky.</summary>
    public static MarkingCode Rail { get; } = new(Mark.Rail, Mark.Rail, Mark.Rail, Mark.Rail, null, null, Mark.Wavy);
}
