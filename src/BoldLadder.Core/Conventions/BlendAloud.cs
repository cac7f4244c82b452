namespace BoldLadder.Core.Conventions;

/// <summary>How blending is led when a word is read. Source: the ways seen in classes, each kept to by its school.</summary>
public enum BlendAloud
{
    /// <summary>Each sound by itself, then the word.</summary>
    SoundBySound,

    /// <summary>The first sound, the first two together, one more each time.</summary>
    BuildingUp,

    /// <summary>From sound to sound with no gap.</summary>
    WithoutStopping,

    /// <summary>In the head; only the word is said.</summary>
    Silently,
}
