namespace BoldLadder.Core.Reading;

/// <summary>What can be said of a word at a place.</summary>
public enum VerdictKind
{
    Readable,

    /// <summary>Not all its parts are taught, but it was taught as a tricky word.</summary>
    TrickyTaught,

    NotYet,

    /// <summary>Not in the lexicon: a guess is offered, labelled as one.</summary>
    Unknown,

    Unsuitable,
}

/// <summary>A verdict with every part that blocks, in word order, of the reading with the fewest.</summary>
/// <param name="Row">The row of the reading that was judged, or -1 when the lexicon has none.</param>
public sealed record Verdict(VerdictKind Kind, IReadOnlyList<Part> Blockers, int Row)
{
    /// <summary>The key used in the API.</summary>
    public string Key => Kind switch
    {
        VerdictKind.Readable => "readable",
        VerdictKind.TrickyTaught => "tricky-taught",
        VerdictKind.NotYet => "not-yet",
        VerdictKind.Unsuitable => "unsuitable",
        _ => "unknown",
    };

    /// <summary>True when the children can read the word.</summary>
    public bool Legal => Kind is VerdictKind.Readable or VerdictKind.TrickyTaught;
}
