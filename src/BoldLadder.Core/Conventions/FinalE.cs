namespace BoldLadder.Core.Conventions;

/// <summary>How the <i>e</i> of <i>cake</i> is shown.</summary>
public enum FinalE
{
    /// <summary>With the vowel it works with: the marks show which letters belong together.</summary>
    SplitDigraph,

    /// <summary>A letter of its own that says nothing and tells how the vowel is said.</summary>
    SilentMarker,
}
