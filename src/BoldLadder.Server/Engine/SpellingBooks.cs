using System.Collections.Concurrent;
using BoldLadder.Core.Importing;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Engine;

/// <summary>What each spelling says, counted over everyday words, for each accent: made once, when first asked for.</summary>
public sealed class SpellingBooks(ShippedData shipped)
{
    private readonly ConcurrentDictionary<string, Lazy<SpellingShares>> _made = new();

    public SpellingShares For(Accent accent) => _made.GetOrAdd(accent.Id, _ => new Lazy<SpellingShares>(() =>
        new SpellingShares(new SchoolWords(shipped.Lexicon, accent), shipped.Correspondences))).Value;
}
