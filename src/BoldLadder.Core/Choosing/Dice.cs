namespace BoldLadder.Core.Choosing;

/// <summary>
/// Numbers that look random and depend on the seed alone, on every machine and every version of
/// the base library. Source: the SplitMix64 generator.
/// </summary>
public sealed class Dice(ulong seed)
{
    private ulong _state = seed;

    /// <summary>The next number from 0 up to, not including, 1.</summary>
    public double Next()
    {
        _state += 0x9E3779B97F4A7C15UL;
        var z = _state;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9UL;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EBUL;
        return ((z ^ (z >> 31)) >> 11) * (1.0 / (1UL << 53));
    }

    /// <summary>A whole number from 0 up to, not including, <paramref name="end"/>.</summary>
    public int Next(int end) => (int)(Next() * end);

    /// <summary>The items in a mixed order.</summary>
    public List<T> Mix<T>(IEnumerable<T> items)
    {
        var mixed = items.ToList();
        for (var i = mixed.Count - 1; i > 0; i--)
        {
            var j = Next(i + 1);
            (mixed[i], mixed[j]) = (mixed[j], mixed[i]);
        }

        return mixed;
    }
}
