using System.Collections.Concurrent;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Server.Engine;

/// <summary>Where spellings stand, for each accent: counted once, when first asked for.</summary>
public sealed class EvidenceBooks(StockCache stocks)
{
    private readonly ConcurrentDictionary<string, Lazy<PositionEvidence>> _made = new();

    public PositionEvidence For(Accent accent) => _made.GetOrAdd(accent.Id, _ => new Lazy<PositionEvidence>(() =>
        new PositionEvidence(stocks.Plain(accent, WeakVowels.Lenient).Rules))).Value;
}
