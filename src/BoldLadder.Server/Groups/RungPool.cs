using System.Collections.Concurrent;
using BoldLadder.Core.Ladders;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Groups;

/// <summary>
/// Rungs that say the same are one and the same from one state of a ladder to the next, so that what has been worked out
/// for a rung serves wherever it stands.
/// </summary>
public sealed class RungPool
{
    private const int Most = 4000;

    private readonly ConcurrentDictionary<string, Rung> _rungs = new();

    /// <summary>The same ladder, of rungs that are shared.</summary>
    public Ladder Shared(Ladder ladder)
    {
        if (_rungs.Count > Most)
        {
            _rungs.Clear();
        }

        var sections = ladder.Sections.Select(x => x with { Rungs = [.. x.Rungs.Select(Shared)] }).ToList();
        return Ladder.TryCreate(ladder.Name, sections, out var shared, out _) ? shared : ladder;
    }

    private Rung Shared(Rung rung) => _rungs.GetOrAdd(System.Text.Json.JsonSerializer.Serialize(RungDocument.Of(rung), StoredJson.Options), rung);
}
