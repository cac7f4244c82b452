using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>What one bit of a taught set stands for.</summary>
public enum PartKind
{
    Correspondence,

    /// <summary>A single vowel letter said weakly in a word of two or more syllables.</summary>
    WeakVowel,

    /// <summary>What belongs to an ending and is taught with it: the z of <i>dogs</i>, the weak er of <i>taller</i>.</summary>
    EndingSound,

    /// <summary>The letters that an ending doubles, as in <i>hopping</i>: taught themselves, or with any ending that does so, for who knows it of -ing knows it of -er.</summary>
    Doubling,

    /// <summary>An ending taught as a whole; gates only in a ladder that has a rung for it.</summary>
    Ending,

    /// <summary>A pattern of boxes; gates only in a ladder that has a rung for it.</summary>
    Structure,

    /// <summary>
    /// A pattern that a word has by its ending: <i>fishing</i> waits for -ing or for two syllables, <i>dogs</i> for -s or for two
    /// consonants at the end, whichever comes first. Its key is the ending and the pattern.
    /// </summary>
    EndingShape,

    /// <summary>A vowel with what follows it, taught as one: another way to read a word.</summary>
    RimeUnit,

    /// <summary>Consonants taught as one; gates only in a ladder that has a rung for it.</summary>
    Cluster,

    /// <summary>The word <i>a</i>, read by its letter: another way to read it, where a school has it so.</summary>
    LetterWord,

    /// <summary>The word <i>and</i>, read by its letters before two consonants at the end are taught, unless a ladder has it as a tricky word.</summary>
    And,

    /// <summary>A capital or a mark that a sentence has; no word needs one. Its key is the code of what is taught.</summary>
    Print,
}

/// <summary>A part that a reading needs: what stands behind one bit.</summary>
public readonly record struct Part(PartKind Kind, string Key)
{
    /// <summary>For what belongs to an ending, what it is: the key without the ending before it.</summary>
    internal string OfEnding => Key[(Key.IndexOf(' ', StringComparison.Ordinal) + 1)..];

    /// <summary>The key of the correspondence that a part of one segment stands for; null for a part of more or of the whole word.</summary>
    internal string? OfSegment => Kind switch
    {
        PartKind.Correspondence or PartKind.WeakVowel or PartKind.Doubling => Key,
        PartKind.EndingSound => OfEnding,
        _ => null,
    };

    /// <summary>The key shown to a person: <c>ea:ee</c>, <c>-ing</c>, or words for a structure.</summary>
    public string Shown => Kind switch
    {
        PartKind.Ending => "-" + Key,
        PartKind.EndingSound => OfEnding,
        PartKind.RimeUnit or PartKind.Cluster => GraphemeRun.Parse(Key).Letters,
        PartKind.EndingShape => Rung.Describe(Enum.Parse<TaughtStructure>(OfEnding, true)),
        PartKind.Structure => Rung.Describe(Enum.Parse<TaughtStructure>(Key, true)),
        PartKind.Print => Teachable.TryReadCode(Key, out var print, out _) ? print.Label : Key,
        _ => Key,
    };
}

/// <summary>
/// Which parts a reading needs, in word order, and which bit each has. Bit positions never leave
/// the process. One layout serves a lexicon and everything laid over it.
/// </summary>
public sealed class Bits
{
    // y:ee is that of -y and of -ly, er:schwa that of -er, ng:ng that of -ing: who is taught the ending needs no letters for it.
    private static readonly string[] SoundsOfEndings = ["s:z", "es:z", "ed:d", "ed:t", "e:i", "er:schwa", "y:ee", "ng:ng"];
    private static readonly string[] Gated = ["ing", "er", "est", "ly", "y", "ed", "es"];

    private readonly Dictionary<Part, int> _at = [];
    private readonly List<Part> _parts = [];

    /// <summary>Bits in use.</summary>
    public int Count => _parts.Count;

    /// <summary>Machine words in a row.</summary>
    public int Width => ((_parts.Count + 255) / 256) * 4;

    public Part this[int bit] => _parts[bit];

    public IReadOnlyList<Part> Parts => _parts;

    /// <summary>The bit of a part, or -1 when no word needs it.</summary>
    public int Find(Part part) => _at.GetValueOrDefault(part, -1);

    /// <summary>The bit of a part, made when it is new.</summary>
    internal int Of(Part part)
    {
        if (!_at.TryGetValue(part, out var bit))
        {
            _at[part] = bit = _parts.Count;
            _parts.Add(part);
        }

        return bit;
    }

    /// <summary>The parts a reading needs, in word order; gates of endings and structures last.</summary>
    public static IEnumerable<Part> Needed(Segmentation reading, EndedWord? ended, Structure structure)
    {
        var endingStarts = ended is { } e ? reading.Word.Length - e.Ending.Length : int.MaxValue;
        string? single = null;
        foreach (var segment in reading.Segments)
        {
            var key = segment.Correspondence.Key;
            var joined = ended is { Join: Join.DoubleConsonant } && segment.Correspondence.IsDoubledConsonant && segment.Start == endingStarts - 2;
            single = joined ? $"{key[0]}:{segment.Correspondence.Sound.Key}" : single;
            yield return joined ? new Part(PartKind.Doubling, key)
                : segment.Start >= endingStarts && SoundsOfEndings.Contains(key) ? new Part(PartKind.EndingSound, $"{ended!.Value.Taught} {key}")
                : Vowels.IsWeak(segment.Correspondence) && structure.Syllables > 1
                    ? new Part(PartKind.WeakVowel, key)
                    : new Part(PartKind.Correspondence, key);
        }

        // Who knows the base knows its last letter written once: hopping needs the p of hop too.
        if (single is not null)
        {
            yield return new Part(PartKind.Correspondence, single);
        }

        if (ended is { } end && Gated.Contains(end.Ending))
        {
            yield return new Part(PartKind.Ending, end.Taught);
        }

        var ofBase = ended is null ? structure : OfBase(reading, ended.Value, structure, endingStarts);
        var ofEnding = Patterns(structure).Except(Patterns(ofBase));
        if (ofBase.Syllables > 1 && Vowels.IsBeatAtEnd(reading.Segments.Last(x => x.Start < endingStarts && x.Correspondence.Sound.IsVowel).Correspondence))
        {
            ofBase = ofBase with { Syllables = ofBase.Syllables - 1 };
        }

        if (ofBase.EndRun == 2 && ClosesWithNk(reading, endingStarts))
        {
            ofBase = ofBase with { EndRun = 1 };
        }

        foreach (var pattern in Patterns(ofBase))
        {
            yield return new Part(PartKind.Structure, Teachable.KeyOf(pattern));
        }

        foreach (var pattern in ofEnding)
        {
            yield return new Part(PartKind.EndingShape, $"{ended!.Value.Taught} {Teachable.KeyOf(pattern)}");
        }
    }

    // Who is taught the n of pink is taught it with its k: the two close a word as one.
    private static bool ClosesWithNk(Segmentation reading, int endingStarts) =>
        reading.Segments.Where(x => x.Start < endingStarts).Select(x => x.Correspondence).TakeLast(2).ToList() is [{ IsOfNk: true }, { Sound.First.Key: "k" }];

    // Who knows the s of pins waits for longer words with boxes: that beat is its own.
    private static Structure OfBase(Segmentation reading, EndedWord ended, Structure structure, int endingStarts)
    {
        var sounds = reading.Segments.Where(x => x.Start < endingStarts).Select(x => x.Correspondence.Sound.IsVowel).ToList();
        var syllables = ended.Ending == "es" ? structure.Syllables : Math.Max(1, sounds.Count(x => x));
        var end = sounds.Count - 1 - sounds.LastIndexOf(true);
        return structure with { Syllables = syllables, EndRun = end, LongestRun = syllables == 1 ? Math.Max(structure.StartRun, end) : structure.LongestRun };
    }

    /// <summary>What a ladder can teach that a word of this structure shows.</summary>
    internal static IEnumerable<TaughtStructure> Patterns(Structure structure)
    {
        if (structure.LongestRun >= 3)
        {
            yield return TaughtStructure.ThreeTogether;
        }

        if (structure.EndRun >= 2)
        {
            yield return TaughtStructure.PairAtEnd;
        }

        if (structure.StartRun >= 2)
        {
            yield return TaughtStructure.PairAtStart;
        }

        if (structure.Syllables > 1)
        {
            yield return structure.Syllables == 2 ? TaughtStructure.TwoSyllables : TaughtStructure.ThreeSyllables;
        }
    }
}
