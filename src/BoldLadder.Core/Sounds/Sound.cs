namespace BoldLadder.Core.Sounds;

/// <summary>
/// What one grapheme says: one phoneme, or two said together (<c>k+s</c> for <i>x</i>,
/// <c>y+oo</c> in <i>cube</i>). Two phonemes in one grapheme still count as one sound to a teacher.
/// </summary>
public readonly record struct Sound(Phoneme First, Phoneme? Second = null)
{
    private static readonly Dictionary<string, (string Example, string SayIt)> OfTwo = new()
    {
        ["k+s"] = ("box", "k and s with nothing between: no voice."), ["g+z"] = ("exam", "g and z with nothing between: voice on all through."),
        ["k+w"] = ("queen", "k with the lips round already, straight into w."), ["y+oo"] = ("cube", "y, and the lips go round and long: you."),
        ["y+ure"] = ("pure", "y, and the lips go round, then slack."), ["schwa+l"] = ("little", "A weak vowel, then tongue tip up and hum: no vowel after it."),
        ["igh+schwa"] = ("fire", "Opens wide, on to a smile, then slack."), ["ow+schwa"] = ("flour", "Opens wide, on to round lips, then slack."),
        ["w+u"] = ("once", "Lips round, then open and short."),
    };

    /// <summary>The sound as a key, its phonemes joined by <c>+</c>.</summary>
    public string Key => Second is null ? First.Key : $"{First.Key}+{Second.Key}";

    /// <summary>True when the sound holds a vowel, so that its grapheme is a vowel box.</summary>
    public bool IsVowel => First.IsVowel || Second is { IsVowel: true };

    /// <summary>An everyday word that holds the sound; empty where English has no plain one.</summary>
    public string Example => Second is null ? First.Example : OfTwo.GetValueOrDefault(Key).Example ?? "";

    /// <summary>One line that tells an adult how to say it pure and short; of two sounds, the one and then the other.</summary>
    public string SayIt => Second is null ? First.SayIt : OfTwo.GetValueOrDefault(Key).SayIt ?? $"{First.SayIt} {Second.SayIt}";

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
