using Microsoft.Extensions.Caching.Memory;

namespace BoldLadder.Server.Hosting;

/// <summary>
/// What a process keeps so as not to read and work it out anew: bounded, and given up first when memory runs short. A
/// key carries the versions of all that its value was made from, so nothing that is kept can be stale.
/// </summary>
public sealed class Kept : IDisposable
{
    private const long MostKilobytes = 40_000;

    private readonly MemoryCache _cache = new(new MemoryCacheOptions { SizeLimit = MostKilobytes, CompactionPercentage = 0.3 });

    /// <summary>The value under a key, or null when it is not kept.</summary>
    public T? Find<T>(object key)
        where T : class => _cache.TryGetValue(key, out var found) ? (T?)found : null;

    /// <param name="kilobytes">What the value weighs, about.</param>
    public T Keep<T>(object key, T value, long kilobytes)
        where T : class
    {
        var memory = GC.GetGCMemoryInfo();
        if (memory.MemoryLoadBytes >= memory.HighMemoryLoadThresholdBytes)
        {
            _cache.Compact(1);
            return value;
        }

        return _cache.Set(key, value, new MemoryCacheEntryOptions { Size = Math.Max(1, kilobytes) });
    }

    public void Dispose() => _cache.Dispose();
}
