using System.Collections.Concurrent;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Engine;

/// <summary>What proves made-up words, for each accent: made once, when first needed.</summary>
public sealed class MadeUpChecks(ShippedData shipped)
{
    private readonly ConcurrentDictionary<string, Lazy<MadeUpCheck>> _made = new();

    public Lazy<MadeUpCheck> For(Accent accent) => _made.GetOrAdd(accent.Id, _ => new Lazy<MadeUpCheck>(() =>
        new MadeUpCheck(new SchoolWords(shipped.Lexicon, accent), shipped.Correspondences, shipped.RealWords)));
}
