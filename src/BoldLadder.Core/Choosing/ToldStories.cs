using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// Stories that an adult tells while children know hardly a letter, one for each sound that may come first: full of it, at
/// the start of words where English has it there. Nobody reads them, so they need nothing. Read from data/told.txt.
/// </summary>
public sealed class ToldStories
{
    private readonly Dictionary<string, Story> _stories;

    private ToldStories(Dictionary<string, Story> stories) => _stories = stories;

    /// <summary>Each by the key of its sound.</summary>
    public IReadOnlyDictionary<string, Story> All => _stories;

    /// <summary>The story full of a sound, or null.</summary>
    public Story? For(Sound sound) => _stories.GetValueOrDefault(sound.Key);

    /// <summary>The stories as an American school has them.</summary>
    public ToldStories In(AmericanForms forms) => new(_stories.ToDictionary(x => x.Key, x => StoryBank.In(forms, x.Value)));

    /// <exception cref="FormatException">A block has no sound, one that is told of twice, or is no story (<see cref="StoryBank.Parse"/>).</exception>
    public static ToldStories Parse(string text)
    {
        var stories = new Dictionary<string, Story>();
        foreach (var lines in StoryBank.BlocksOf(text))
        {
            if (!Sound.TryParse(StoryBank.LineOf(lines, "@ "), out var sound, out var problem))
            {
                throw new FormatException($"told stories: '{lines[0]}': {problem}");
            }

            if (!stories.TryAdd(sound.Key, StoryBank.StoryOf(lines)))
            {
                throw new FormatException($"told stories: the sound {sound.Key} has two");
            }
        }

        return new ToldStories(stories);
    }
}
