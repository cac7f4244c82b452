namespace BoldLadder.Core.Conventions;

/// <summary>How the z of a plural counts before its ending has been taught.</summary>
public enum Plurals
{
    /// <summary>The ending has a rung of its own, which adds the z ones.</summary>
    OwnRung,

    /// <summary>Both sounds are met from the first plural: s is enough.</summary>
    Early,
}
