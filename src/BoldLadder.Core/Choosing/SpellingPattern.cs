using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Choosing;

/// <summary>Something that English does not do in a word of one syllable, but for a few words.</summary>
/// <param name="Name">What a word that goes against it does.</param>
/// <param name="BrokenBy">What to say of a word that does it; null for one that does not.</param>
/// <param name="Exceptions">The familiar words that do it, with spaces between.</param>
internal sealed record SpellingPattern(string Name, Func<OneSyllable, Reason?> BrokenBy, string Exceptions);
