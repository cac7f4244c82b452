namespace BoldLadder.Core.Conventions;

/// <summary>How weakly said vowels count.</summary>
public enum WeakVowels
{
    /// <summary>A weak vowel is a correspondence of its own, to be taught.</summary>
    Strict,

    /// <summary>
    /// In words of two or more syllables a taught single vowel letter said weakly still counts, for
    /// reading; never for spelling, and never <i>er</i>, <i>or</i>, <i>ar</i>, which are taught.
    /// </summary>
    Lenient,
}
