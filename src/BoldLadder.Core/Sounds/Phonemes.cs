namespace BoldLadder.Core.Sounds;

/// <summary>The inventory of sounds, in a fixed order. Source: the domain's own list of keys.</summary>
public static class Phonemes
{
    private const string Vowel = "vowel", VoicedStop = "voiced stop", Stop = "stop", VoicedHeld = "voiced held", Held = "held";

    private static readonly List<Phoneme> Inventory = [];

    static Phonemes()
    {
        Add("p", "p", Stop, "pan", "A quiet puff from closed lips: no voice after it.");
        Add("b", "b", VoicedStop, "bed", "Lips shut, then open with voice; clip it short.");
        Add("t", "t", Stop, "tap", "Tongue tip taps behind the teeth; a whisper, no voice.");
        Add("d", "d", VoicedStop, "dog", "Tongue tip behind the teeth, with voice; clip it short.");
        Add("k", "k", Stop, "kit", "Back of the tongue, a dry click of air; no voice.");
        Add("g", "ɡ", VoicedStop, "gap", "Back of the tongue, with voice; clip it short.");
        Add("f", "f", Held, "fan", "Top teeth on the lower lip, and blow: hold it, no voice.");
        Add("v", "v", VoicedHeld, "van", "Top teeth on the lower lip, with a buzz: hold it.");
        Add("th", "θ", Held, "thin", "Tongue tip between the teeth, and blow: no voice.");
        Add("dh", "ð", VoicedHeld, "this", "Tongue tip between the teeth, with a buzz.");
        Add("s", "s", Held, "sun", "Teeth together, a long thin stream of air: no voice.");
        Add("z", "z", VoicedHeld, "zip", "Teeth together, with a buzz: hold it.");
        Add("sh", "ʃ", Held, "ship", "Lips forward, a wide stream of air, as if to hush someone.");
        Add("zh", "ʒ", VoicedHeld, "treasure", "As in hushing someone, but with the voice on.");
        Add("ch", "tʃ", Stop, "chin", "Short and quiet, lips forward: no voice after it.");
        Add("j", "dʒ", VoicedStop, "jam", "Lips forward, short, with voice; clip it.");
        Add("m", "m", VoicedHeld, "map", "Lips shut and hum: hold it.");
        Add("n", "n", VoicedHeld, "net", "Tongue behind the teeth and hum: hold it.");
        Add("ng", "ŋ", VoicedHeld, "ring", "Back of the tongue up, hum through the nose.");
        Add("l", "l", VoicedHeld, "leg", "Tongue tip up and hold the voice: no vowel after it.");
        Add("r", "r", VoicedHeld, "rat", "Tongue curled back, lips a little round: keep it short.");
        Add("w", "w", VoicedHeld, "web", "Lips small and round, then open at once.");
        Add("wh", "w", VoicedHeld, "when", "As at the start of wet; where people say it so, with a breath first.",
            ("scotland", "ʍ"));
        Add("y", "j", VoicedHeld, "yes", "Tongue high, a quick glide: keep it short.");
        Add("h", "h", Held, "hat", "Just a breath: no voice.");
        Add("a", "æ", Vowel, "ant", "Mouth wide open, short.", ("gb-north", "a"), ("scotland", "a"));
        Add("e", "ɛ", Vowel, "egg", "Mouth half open, corners back, short.");
        Add("i", "ɪ", Vowel, "ink", "A small smile, very short.");
        Add("o", "ɒ", Vowel, "on", "Mouth round and open, short.", ("us", "ɑ"), ("scotland", "ɔ"));
        Add("u", "ʌ", Vowel, "up", "Mouth relaxed, jaw drops a little, short.", ("gb-north", "ʊ"));
        Add("uu", "ʊ", Vowel, "book", "Lips a little round, short.", ("scotland", "ʉ"));
        Add("ai", "eɪ", Vowel, "rain", "Starts open, glides to a smile: one long sound.", ("gb-north", "eː"), ("scotland", "e"));
        Add("ee", "iː", Vowel, "feet", "A wide smile, long.", ("scotland", "i"));
        Add("igh", "aɪ", Vowel, "night", "Opens wide, then a smile: one long sound.", ("scotland", "ʌi"));
        Add("oa", "əʊ", Vowel, "boat", "Lips round and closing: one long sound.", ("gb-north", "oː"), ("scotland", "o"), ("us", "oʊ"));
        Add("oo", "uː", Vowel, "moon", "Lips tight and round, long.", ("scotland", "ʉ"));
        Add("ow", "aʊ", Vowel, "cow", "Opens wide, then lips round.", ("scotland", "ʌʉ"));
        Add("oi", "ɔɪ", Vowel, "coin", "Lips round, then a smile.");
        Add("ar", "ɑː", Vowel, "car", "Mouth wide open, long.", ("scotland", "ar"), ("us", "ɑɹ"));
        Add("or", "ɔː", Vowel, "fork", "Lips round, long.", ("scotland", "or"), ("us", "ɔɹ"));
        Add("aw", "ɔː", Vowel, "saw", "Lips round, jaw low, long.", ("scotland", "ɔ"), ("us", "ɔ"));
        Add("ur", "ɜː", Vowel, "turn", "Mouth relaxed, long.", ("scotland", "ʌr"), ("us", "ɝ"));
        Add("air", "ɛə", Vowel, "hair", "Mouth half open, long.", ("scotland", "er"), ("us", "ɛɹ"));
        Add("ear", "ɪə", Vowel, "deer", "A smile that relaxes, long.", ("scotland", "ir"), ("us", "ɪɹ"));
        Add("ure", "ʊə", Vowel, "cure", "Lips round, then relaxed.", ("scotland", "ʉr"), ("us", "ʊɹ"));
        Add("schwa", "ə", Vowel, "sofa (the end)", "The weak, quick vowel: hardly open the mouth.");
        All = Inventory;
    }

    /// <summary>Every sound, consonants first.</summary>
    public static IReadOnlyList<Phoneme> All { get; }

    /// <summary>The sound with this key, or null when there is none.</summary>
    public static Phoneme? Find(ReadOnlySpan<char> key)
    {
        foreach (var phoneme in All)
        {
            if (key.SequenceEqual(phoneme.Key))
            {
                return phoneme;
            }
        }

        return null;
    }

    private static void Add(
        string key, string ipa, string manner, string example, string sayIt, params (string Accent, string Ipa)[] byAccent) =>
        Inventory.Add(new Phoneme(
            (byte)Inventory.Count, key, ipa,
            isVowel: manner == Vowel,
            voiced: manner is Vowel or VoicedStop or VoicedHeld,
            continuous: manner is Vowel or VoicedHeld or Held,
            example, sayIt, byAccent.ToDictionary(x => x.Accent, x => x.Ipa)));
}
