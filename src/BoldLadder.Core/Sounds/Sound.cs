namespace BoldLadder.Core.Sounds;

/// <summary>
/// What one grapheme says: one phoneme, or two said together (<c>k+s</c> for <i>x</i>,
/// <c>y+oo</c> in <i>cube</i>). Two phonemes in one grapheme still count as one sound to a teacher.
/// </summary>
public readonly record struct Sound(Phoneme First, Phoneme? Second = null)
{
    private static readonly Dictionary<string, string> ExamplesOfTwo = new()
    {
        ["k+s"] = "box", ["g+z"] = "exam", ["k+w"] = "queen", ["y+oo"] = "cube", ["y+ure"] = "pure",
        ["schwa+l"] = "little", ["igh+schwa"] = "fire", ["ow+schwa"] = "flour", ["w+u"] = "once",
    };

    /// <summary>The sound as a key, its phonemes joined by <c>+</c>.</summary>
    public string Key => Second is null ? First.Key : $"{First.Key}+{Second.Key}";

    /// <summary>True when the sound holds a vowel, so that its grapheme is a vowel box.</summary>
    public bool IsVowel => First.IsVowel || Second is { IsVowel: true };

    /// <summary>An everyday word that holds the sound; empty where English has no plain one.</summary>
    public string Example => Second is null ? First.Example : ExamplesOfTwo.GetValueOrDefault(Key, "");

    public IEnumerable<Phoneme> Phonemes => Second is null ? [First] : [First, Second];

    /// <summary>Reads <c>ee</c> or <c>k+s</c>; on failure <paramref name="reason"/> says which key is not known.</summary>
    public static bool TryParse(string text, out Sound sound, out string reason)
    {
        sound = default;
        var keys = text.Split('+');
        if (keys.Length is < 1 or > 2)
        {
            reason = $"'{text}' joins more than two sounds";
            return false;
        }

        var found = new Phoneme?[2];
        for (var i = 0; i < keys.Length; i++)
        {
            found[i] = Sounds.Phonemes.Find(keys[i]);
            if (found[i] is null)
            {
                reason = $"there is no sound '{keys[i]}'";
                return false;
            }
        }

        sound = new Sound(found[0]!, found[1]);
        reason = "";
        return true;
    }

    public override int GetHashCode() => (First.Index * 64) + (Second?.Index ?? 63);

    public bool Equals(Sound other) => First.Index == other.First.Index && Second?.Index == other.Second?.Index;

    public override string ToString() => Key;
}
