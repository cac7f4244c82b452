using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Importing;

/// <summary>What somebody wrote where a part is expected.</summary>
public enum WrittenKind
{
    /// <summary>Letters that spell one sound; which sound is settled later.</summary>
    Grapheme,
    Ending,
    Structure,
    Cluster,
    RimeUnit,

    /// <summary>What longer words end in, taught as one (<i>tion</i>, <i>ful</i>).</summary>
    WordEnd,

    /// <summary>Capitals or marks of punctuation.</summary>
    Print,

    /// <summary>A whole word: tricky, where it stands among parts.</summary>
    Word,

    /// <summary>A lesson of another kind: gone over, contrasted or checked.</summary>
    Lesson,

    /// <summary>Something to teach that a rung can't hold as a part; kept as a note on a day of its own.</summary>
    Kept,
}

/// <summary>Where in a word somebody said a part stands.</summary>
public enum WrittenPlace
{
    Anywhere,
    First,
    Last,
}

/// <summary>One part as it was written, before its sound is settled.</summary>
/// <param name="Letters">In small letters, a split digraph as <c>a_e</c>; for a lesson or a note its words.</param>
/// <param name="Sounds">Sounds named beside it, as written: <c>ee</c>, <c>ʃ</c>, <c>long a</c>.</param>
/// <param name="Words">Words named beside it, in small letters.</param>
/// <param name="Both">It was said that both its sounds are meant.</param>
public sealed record WrittenPart(
    WrittenKind Kind, string Letters, IReadOnlyList<string> Sounds, IReadOnlyList<string> Words, bool Both = false, WrittenPlace Place = WrittenPlace.Anywhere)
{
    /// <summary>For a structure, which.</summary>
    public TaughtStructure? Structure { get; init; }

    /// <summary>Of capitals or marks, which.</summary>
    public IReadOnlyList<Teachable> Print { get; init; } = [];

    /// <summary>For a lesson, what it is for.</summary>
    public RungKind Lesson { get; init; }

    /// <summary>It may as well be a whole word (<i>are</i>).</summary>
    public bool MayBeWord { get; init; }

    /// <summary>A sound was written, and no letters: <i>/k/</i>.</summary>
    public bool IsSound { get; init; }

    /// <summary>For what is kept as a note: it is something to teach (<i>un-</i>), not a remark.</summary>
    public bool IsTaught { get; init; }

    /// <summary>It was written as one with the part before it (<i>ss/ll</i>).</summary>
    public bool Joined { get; init; }

    /// <summary>True when a word has its letters, a split digraph around others; by its spelling alone.</summary>
    public bool IsSeenIn(string word) => Letters.Split('_') is [var vowel, _]
        ? word.IndexOf(vowel, StringComparison.Ordinal) is var at and >= 0 && word.IndexOf('e', at + 1) > at : word.Contains(Letters, StringComparison.Ordinal);

    public static WrittenPart Plain(WrittenKind kind, string letters) => new(kind, letters, [], []);
}
