using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>
/// The sounds that people mean by what they write for one: our keys, the phonetic alphabet, plain respellings, and
/// <i>long a</i>, <i>soft c</i>, <i>voiced</i>.
/// </summary>
internal static class SoundNames
{
    private static readonly Dictionary<string, string> Respelt = new()
    {
        ["ae"] = "ai", ["ay"] = "ai", ["ei"] = "ai", ["ie"] = "igh", ["ii"] = "igh", ["eye"] = "igh", ["oe"] = "oa", ["oh"] = "oa", ["ue"] = "y+oo oo", ["yoo"] = "y+oo", ["yu"] = "y+oo",
        ["uh"] = "schwa u", ["er"] = "ur schwa", ["ir"] = "ur", ["ks"] = "k+s", ["kw"] = "k+w", ["gz"] = "g+z", ["oy"] = "oi", ["ou"] = "ow", ["au"] = "aw or", ["ore"] = "or", ["ul"] = "schwa+l",
        ["eer"] = "ear", ["are"] = "air", ["c"] = "k", ["ck"] = "k", ["dge"] = "j", ["ts"] = "t+s", ["oo"] = "oo uu", ["ew"] = "y+oo oo", ["ee"] = "ee", ["ea"] = "ee", ["ah"] = "ar",
    };

    private static readonly Dictionary<string, string> Ipa = new()
    {
        ["ʃ"] = "sh", ["tʃ"] = "ch", ["ʧ"] = "ch", ["dʒ"] = "j", ["ʤ"] = "j", ["ʒ"] = "zh", ["θ"] = "th", ["ð"] = "dh", ["ŋ"] = "ng", ["ɡ"] = "g", ["ɹ"] = "r", ["ks"] = "k+s", ["kw"] = "k+w",
        ["æ"] = "a", ["ɛ"] = "e", ["ɪ"] = "i", ["ɒ"] = "o", ["ɔ"] = "o aw", ["ɑ"] = "o", ["ʌ"] = "u", ["ʊ"] = "uu", ["eɪ"] = "ai", ["iː"] = "ee", ["aɪ"] = "igh", ["əʊ"] = "oa", ["oʊ"] = "oa",
        ["uː"] = "oo", ["aʊ"] = "ow", ["ɔɪ"] = "oi", ["ɑː"] = "ar", ["ɑːr"] = "ar", ["ɑr"] = "ar", ["ɔː"] = "or aw", ["ɔːr"] = "or", ["ɔr"] = "or", ["ɜː"] = "ur", ["ɜːr"] = "ur", ["ɝ"] = "ur", ["ɚ"] = "schwa", ["ə"] = "schwa",
        ["eə"] = "air", ["ɛə"] = "air", ["ɛr"] = "air", ["ɪə"] = "ear", ["ɪr"] = "ear", ["ʊə"] = "ure", ["juː"] = "y+oo", ["ju"] = "y+oo", ["jʊə"] = "y+ure", ["əl"] = "schwa+l", ["ʍ"] = "wh",

        // As dictionaries for American children mark them.
        ["ă"] = "a", ["ĕ"] = "e", ["ĭ"] = "i", ["ŏ"] = "o", ["ŭ"] = "u", ["ā"] = "ai", ["ē"] = "ee", ["ī"] = "igh", ["ō"] = "oa", ["ū"] = "y+oo oo",
    };

    private static readonly Dictionary<string, string> Manners = new()
    {
        ["long a"] = "ai", ["long e"] = "ee", ["long i"] = "igh", ["long o"] = "oa", ["long u"] = "y+oo oo", ["long oo"] = "oo", ["short oo"] = "uu", ["long y"] = "igh", ["long ee"] = "ee", ["long ai"] = "ai",
        ["short a"] = "a", ["short e"] = "e", ["short i"] = "i", ["short o"] = "o", ["short u"] = "u", ["short ea"] = "e", ["long ea"] = "ee", ["short ie"] = "e", ["long ie"] = "igh", ["long oa"] = "oa",
        ["voiced"] = "dh z v", ["noisy"] = "dh z v", ["unvoiced"] = "th s f", ["voiceless"] = "th s f", ["quiet"] = "th s f",
    };

    /// <summary>A name that means this sound and no other, whatever else its key is written for: oo, as in moon alone.</summary>
    public static string Exactly(Sound sound) => $"={sound.Key}";

    private static readonly string[] Between = ["as", "in", "like"];

    /// <summary>What a sound is called by its strokes and a word: the sound of those that the word has, of <i>/oo/ moon</i>, <i>oo as in moon</i>; any other text as it is.</summary>
    public static string WithItsWord(string text, SchoolWords words)
    {
        var said = text.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        return said.Where(x => !Between.Contains(x, StringComparer.OrdinalIgnoreCase)).ToList() is [var name, var word] && (said.Length > 2 || name is ['/', _, .., '/'])
            && words.Find(word.Trim('(', ')').ToLowerInvariant()) is { } known
            ? Find(name, "").Where(x => known.Readings[0].Segments.Any(s => s.Correspondence.Sound == x)).Select(Exactly).FirstOrDefault() ?? name : text;
    }

    /// <summary>The sounds a name may mean, likeliest first; none when it means nothing here.</summary>
    /// <param name="letters">The letters it is said of: <i>soft</i> means another sound for c than for g.</param>
    public static IEnumerable<Sound> Find(string name, string letters)
    {
        if (name.StartsWith('='))
        {
            return Sound.TryParse(name[1..], out var exact, out _) ? [exact] : [];
        }

        var key = name.Trim().Trim('/').Replace(":", "ː", StringComparison.Ordinal).ToLowerInvariant();
        key = key.EndsWith(" long", StringComparison.Ordinal) || key.EndsWith(" short", StringComparison.Ordinal) ? string.Join(' ', key.Split(' ').Reverse()) : key;
        var found = Manners.GetValueOrDefault(key)
            ?? key switch
            {
                "soft" => letters.StartsWith('g') ? "j" : letters.StartsWith('c') ? "s" : letters.StartsWith('s') ? "z" : "dh",
                "long" or "short" => Manners.GetValueOrDefault($"{key} {letters}") ?? Manners.GetValueOrDefault($"{key} {letters.FirstOrDefault()}"),
                "hard" => letters.StartsWith('g') ? "g" : letters.StartsWith('c') ? "k" : letters.StartsWith('s') ? "s" : "th",
                _ => null,
            }
            ?? (key == "j" ? "j y" : Ipa.GetValueOrDefault(key))
            ?? Respelt.GetValueOrDefault(key)
            ?? (Sound.TryParse(key, out var sound, out _) ? sound.Key : null);
        return (found ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(x => Sound.TryParse(x, out var s, out _) ? s : default).Where(x => x.First is not null);
    }
}
