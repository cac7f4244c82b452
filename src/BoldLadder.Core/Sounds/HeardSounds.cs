namespace BoldLadder.Core.Sounds;

/// <summary>Which sounds the speakers of an accent hear as one: for each phoneme the one that stands for it.</summary>
public sealed class HeardSounds
{
    // Source: the merge of pin and pen in the American South is complete before m and n and nowhere else.
    private static readonly bool[] Nasal = [.. Phonemes.All.Select(x => x.Key is "m" or "n")];

    private readonly byte[] _alone;
    private readonly byte[] _beforeNasal;

    internal HeardSounds(IEnumerable<Merge> merges)
    {
        var on = merges.ToList();
        _alone = Table(on.Where(x => !x.BeforeNasal));
        _beforeNasal = Table(on);
    }

    /// <summary>The index of the phoneme heard, wherever it stands: what holds before some sounds only does not count.</summary>
    public byte Alone(Phoneme sound) => _alone[sound.Index];

    /// <summary>What stands for a sound, as numbers that compare fast; -1 for no second one.</summary>
    public (int First, int Second) Alone(Sound sound) => (_alone[sound.First.Index], sound.Second is { } second ? _alone[second.Index] : -1);

    /// <summary>The index of the phoneme heard in a word.</summary>
    /// <param name="sound">The index of the phoneme said.</param>
    /// <param name="next">The index of the phoneme after it; -1 at the end.</param>
    internal byte InWord(int sound, int next) => next >= 0 && Nasal[next] ? _beforeNasal[sound] : _alone[sound];

    private static byte[] Table(IEnumerable<Merge> merges)
    {
        var table = Enumerable.Range(0, Phonemes.All.Count).Select(x => (byte)x).ToArray();
        foreach (var merge in merges)
        {
            var (from, to) = (table[merge.Other.Index], table[merge.One.Index]);
            for (var i = 0; i < table.Length; i++)
            {
                table[i] = table[i] == from ? to : table[i];
            }
        }

        return table;
    }
}
