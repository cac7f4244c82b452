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
    internal static ulong HashHeard(ReadOnlySpan<char> code, byte[] canonical)
    {
        var hash = RealWords.HashStart;
        foreach (var sound in code)
        {
            hash = RealWords.HashOn(hash, (char)(First + canonical[sound - First]));
        }

        return hash;
    }

    /// <summary>The same number for a reading, without writing its code.</summary>
    internal static ulong HashHeard(Segmentation reading, byte[] canonical)
    {
        var hash = RealWords.HashStart;
        foreach (var segment in reading.Segments)
        {
            var sound = segment.Correspondence.Sound;
            hash = RealWords.HashOn(hash, (char)(First + canonical[sound.First.Index]));
            hash = sound.Second is null ? hash : RealWords.HashOn(hash, (char)(First + canonical[sound.Second.Index]));
        }

        return hash;
    }

    /// <summary>The code with every sound as the accent's speakers hear it.</summary>
    /// <param name="canonical">See <see cref="Accent.Canonical"/>.</param>
    public static string Heard(ReadOnlySpan<char> code, byte[] canonical)
    {
        Span<char> heard = code.Length <= 64 ? stackalloc char[code.Length] : new char[code.Length];
        for (var i = 0; i < code.Length; i++)
        {
            heard[i] = (char)(First + canonical[code[i] - First]);
        }

        return new string(heard);
    }
}
