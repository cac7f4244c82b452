namespace BoldLadder.Core.Conventions;

/// <summary>How a word is learnt that is taught before all its parts are.</summary>
public enum TrickyLearning
{
    /// <summary>What is regular is sounded, and the part that is not is looked at: only a part of such a word is ever tricky.</summary>
    ThePart,

    /// <summary>Learnt whole, by naming its letters.</summary>
    Whole,
}
