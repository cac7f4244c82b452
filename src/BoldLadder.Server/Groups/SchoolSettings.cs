using System.Runtime.CompilerServices;
using BoldLadder.Core.Calendar;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Groups;

/// <summary>A school as its row says it is, read and parsed once for each version of the row.</summary>
/// <param name="Conventions">What it does otherwise than what ships.</param>
/// <param name="Needs">What must come before what: the school's own list, or the shipped one.</param>
/// <param name="AllOwnWords">Its own words, by the id of the accent that they are in.</param>
/// <param name="OwnSentences">Its own sentences, in whatever accent.</param>
/// <param name="WordsRevision">Of which revision those are.</param>
public sealed record SchoolSettings(
    Guid Id, uint Version, string Name, Accent Accent, OwnConventions Conventions, SchoolYear Year, string YearText, Core.Ladders.Needs Needs,
    ILookup<string, OwnWord> AllOwnWords, IReadOnlyList<string> OwnSentences, int Revision, int WordsRevision)
{
    // Groups that share a stock share what is laid over it.
    private readonly ConditionalWeakTable<WordStock, WordStock> _stocks = [];

    /// <summary>A stock with the school's own sentences in it.</summary>
    public WordStock Over(WordStock stock) => OwnSentences.Count == 0 ? stock : _stocks.GetValue(stock, x => x.With(OwnSentences));

    /// <summary>Its own words in its own accent.</summary>
    public IReadOnlyList<OwnWord> OwnWords => OwnWordsIn(Accent);

    public IReadOnlyList<OwnWord> OwnWordsIn(Accent accent) => [.. AllOwnWords[accent.Id]];

    /// <summary>A word that the school has of its own in some accent, or null.</summary>
    public OwnWord? OwnElsewhere(string key) => AllOwnWords.SelectMany(x => x).FirstOrDefault(x => x.Key == key);
}
