using System.Collections.Concurrent;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Words;

/// <summary>What proves made-up words, for each accent: made once, when first needed.</summary>
public sealed class MadeUpChecks(Library library)
{
    private readonly ConcurrentDictionary<string, Lazy<MadeUpCheck>> _made = new();

    public Lazy<MadeUpCheck> For(Accent accent) => _made.GetOrAdd(accent.Id, _ => new Lazy<MadeUpCheck>(() =>
        new MadeUpCheck(new SchoolWords(library.Lexicon, accent), library.Correspondences, library.RealWords)));
}
