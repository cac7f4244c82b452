namespace BoldLadder.Core.Sounds;

/// <summary>
/// One sound of the fixed inventory that all accents share. A key is a class of sounds, not a
/// quality: <c>o</c> is the vowel of <i>dog</i> in every accent, however it is said there.
/// Equality is by key alone.
/// </summary>
public sealed class Phoneme : IEquatable<Phoneme>
{
    private readonly string _ipa;
    private readonly IReadOnlyDictionary<string, string> _ipaByAccent;

    internal Phoneme(
        byte index, string key, string ipa, bool isVowel, bool voiced, bool continuous,
        string example, string sayIt, IReadOnlyDictionary<string, string> ipaByAccent)
    {
        Index = index;
        Key = key;
        _ipa = ipa;
        IsVowel = isVowel;
        Voiced = voiced;
        Continuous = continuous;
        Example = example;
        SayIt = sayIt;
        _ipaByAccent = ipaByAccent;
    }

    /// <summary>Position in <see cref="Phonemes.All"/>; never leaves the process.</summary>
    public byte Index { get; }

    /// <summary>The key used in data, files and the API, such as <c>igh</c>.</summary>
    public string Key { get; }

    public bool IsVowel { get; }

    public bool Voiced { get; }

    /// <summary>True when the sound can be held (<i>sss</i>), false when it stops (<i>t</i>).</summary>
    public bool Continuous { get; }

    /// <summary>An everyday word that holds the sound.</summary>
    public string Example { get; }

    /// <summary>One line that tells an adult how to say the sound pure and short.</summary>
    public string SayIt { get; }

    /// <summary>The sound in the International Phonetic Alphabet, as said in the accent.</summary>
    public string Ipa(Accent accent) => _ipaByAccent.GetValueOrDefault(accent.Id, _ipa);

    public bool Equals(Phoneme? other) => other is not null && other.Index == Index;

    public override bool Equals(object? obj) => Equals(obj as Phoneme);

    public override int GetHashCode() => Index;

    public override string ToString() => Key;
}
