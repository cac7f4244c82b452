using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// Sounds in a row as a short text, a letter for each: what data/lexicon/sounds.tsv is written in, and what words are
/// compared by. The letters follow the order of <see cref="Phonemes.All"/> and are listed in docs/formats.md.
/// </summary>
public static class SoundCode
{
    private const char First = 'A';

    private static readonly bool[] Vowels = [.. Phonemes.All.Select(x => x.IsVowel)];

    private static readonly int Schwa = Phonemes.Find("schwa")!.Index, R = Phonemes.Find("r")!.Index;

    public static string Of(IEnumerable<Phoneme> sounds) => string.Concat(sounds.Select(x => (char)(First + x.Index)));

    /// <summary>True when two vowels stand beside each other in the code.</summary>
    internal static bool HasVowelsTogether(ReadOnlySpan<char> code)
    {
        for (var i = 1; i < code.Length; i++)
        {
            if (Vowels[code[i] - First] && Vowels[code[i - 1] - First])
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>A number for the code with every sound as the accent's speakers hear it: two that sound alike have the same.</summary>
    internal static ulong HashHeard(ReadOnlySpan<char> code, HeardSounds heard)
    {
        var hash = RealWords.HashStart;
        for (var i = 0; i < code.Length; i++)
        {
            hash = Heard(hash, code[i] - First, i + 1 < code.Length ? code[i + 1] - First : -1, heard);
        }

        return hash;
    }

    /// <summary>The same number for a reading, without writing its code.</summary>
    internal static ulong HashHeard(Segmentation reading, HeardSounds heard)
    {
        var hash = RealWords.HashStart;
        var segments = reading.Segments;
        for (var i = 0; i < segments.Count; i++)
        {
            var sound = segments[i].Correspondence.Sound;
            var next = i + 1 < segments.Count ? segments[i + 1].Correspondence.Sound.First.Index : -1;
            hash = Heard(hash, sound.First.Index, sound.Second?.Index ?? next, heard);
            hash = sound.Second is null ? hash : Heard(hash, sound.Second.Index, next, heard);
        }

        return hash;
    }

    // The r that is written in stationery with its vowel is said before another, as the one of stationary is.
    private static ulong Heard(ulong hash, int sound, int next, HeardSounds heard)
    {
        hash = RealWords.HashOn(hash, (char)(First + heard.InWord(sound, next)));
        return sound == Schwa && next >= 0 && Vowels[next] ? RealWords.HashOn(hash, (char)(First + heard.InWord(R, next))) : hash;
    }
}
