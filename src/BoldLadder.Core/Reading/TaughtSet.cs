using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Reading;

/// <summary>
/// All that has been taught at a place, by value: what every list, verdict and lesson is limited to.
/// </summary>
public sealed class TaughtSet
{
    private readonly ulong[] _bits;

    public TaughtSet(ReadingRules rules, IEnumerable<Teachable> taught, IEnumerable<string> trickyWords)
    {
        Rules = rules;
        Things = taught.ToHashSet();
        TrickyWords = trickyWords.Select(x => x.ToLowerInvariant()).ToHashSet();
        _bits = new ulong[rules.Rows.Bits.Width];
        foreach (var bit in rules.AlwaysOpen.Concat(Things.SelectMany(rules.Covers)))
        {
            _bits[bit >> 6] |= 1UL << (bit & 63);
        }
    }

    /// <summary>All that any word needs: a class that has been taught everything.</summary>
    public static TaughtSet Everything(ReadingRules rules) => new(
        rules,
        rules.Rows.Bits.Parts.Where(x => x.Kind is PartKind.Correspondence or PartKind.WeakVowel).Select(x => Teachable.Of(Correspondence.Parse(x.Key))), []);

    public ReadingRules Rules { get; }

    public IReadOnlySet<Teachable> Things { get; }

    /// <summary>Tricky words taught, in lower case.</summary>
    public IReadOnlySet<string> TrickyWords { get; }

    public IEnumerable<Correspondence> Correspondences => Things.Select(x => x.Correspondence).OfType<Correspondence>();

    internal ReadOnlySpan<ulong> Bits => _bits;

    /// <summary>The set that has this one's things and a rung's besides.</summary>
    public TaughtSet With(IEnumerable<Rung> rungs)
    {
        var added = rungs.ToList();
        return new TaughtSet(
            Rules, Things.Concat(added.SelectMany(x => x.Adds)), TrickyWords.Concat(added.SelectMany(x => x.TrickyWords)));
    }

    /// <summary>True when the same is taught: whatever is legal by one is by the other.</summary>
    internal bool IsSameAs(TaughtSet other) => ReferenceEquals(Rules, other.Rules)
        && Bits.SequenceEqual(other.Bits) && TrickyWords.SetEquals(other.TrickyWords) && Things.SetEquals(other.Things);

    /// <summary>True when all of this is taught by the other too: whatever is legal by this one is by the other.</summary>
    internal bool IsWithin(TaughtSet other)
    {
        if (!ReferenceEquals(Rules, other.Rules))
        {
            return false;
        }

        for (var i = 0; i < _bits.Length; i++)
        {
            if ((_bits[i] & ~other._bits[i]) != 0)
            {
                return false;
            }
        }

        return TrickyWords.IsSubsetOf(other.TrickyWords) && Things.IsSubsetOf(other.Things);
    }

    /// <summary>True when the bit of a part is covered.</summary>
    public bool Has(int bit) => (_bits[bit >> 6] & (1UL << (bit & 63))) != 0;
}
