using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Choosing;

/// <summary>Where in a word a sound is wanted.</summary>
public enum WantedPlace
{
    Anywhere,
    First,
    Inside,
    Last,
}

/// <summary>What a list of words is asked for; all that is null is left open.</summary>
/// <param name="Judge">Limits the list to what can be read; null for no limit, as for words chosen by ear.</param>
/// <param name="Sound">A sound that the words have, or with <paramref name="Without"/> have not.</param>
/// <param name="Grapheme">How that sound, or any, is spelt in them.</param>
/// <param name="FewestSounds">Boxes, as a teacher counts sounds.</param>
public sealed record ListBrief(
    Judge? Judge = null, Sound? Sound = null, Grapheme? Grapheme = null, WantedPlace Place = WantedPlace.Anywhere, bool Without = false,
    int FewestSounds = 1, int MostSounds = 12, WordShape? Shape = null);
