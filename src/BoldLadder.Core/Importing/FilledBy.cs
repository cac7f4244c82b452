namespace BoldLadder.Core.Importing;

/// <summary>What of a sheet the days of its rungs follow, where it does not say them itself.</summary>
public enum FilledBy
{
    /// <summary>A day each, or what the sheet says.</summary>
    Nothing,

    /// <summary>The rungs of a week take its days of new learning between them.</summary>
    Weeks,

    /// <summary>The rungs of a term or half-term take its days of new learning between them, a week to one at most.</summary>
    Terms,
}
