namespace BoldLadder.Core.Conventions;

/// <summary>What children say as they write a word.</summary>
public enum SpellAloud
{
    /// <summary>Its sounds, then the letters' names: the sounds tell what to write, the names what was written.</summary>
    SoundsThenNames,
    Sounds,
    Names,
}
