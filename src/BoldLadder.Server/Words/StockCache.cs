using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Words;

/// <summary>What words a stock is made from; two equal keys give equal stocks.</summary>
/// <param name="School">Null for the lexicon as it ships.</param>
/// <param name="OwnWords">A hash of the school's own words.</param>
/// <param name="Gates">The endings and structures that the ladder has rungs for.</param>
/// <param name="Units">The rime units and clusters that it has rungs for.</param>
public readonly record struct StockKey(Guid? School, string Accent, int OwnWords, WeakVowels Weak, Plurals Plurals, string Gates, string Units)
{
    public static StockKey Of(SchoolRow school, Ladder ladder, IEnumerable<OwnWordRow> own) => new(
        school.Id, school.Accent, HashOf(own), Enum.Parse<WeakVowels>(school.WeakVowels, true),
        school.Plurals == "early" ? Plurals.Early : Plurals.OwnRung, GatesOf(ladder), LadderUnits.Of(ladder).Key);

    // The same for the same words, within this process.
    private static int HashOf(IEnumerable<OwnWordRow> own) => own.OrderBy(x => x.Word, StringComparer.Ordinal)
        .Aggregate(0, (hash, x) => HashCode.Combine(hash, x.Spelling, x.Split, x.Familiarity, x.Spoken));

    private static string GatesOf(Ladder ladder) => string.Join(' ', ladder.Rungs.SelectMany(x => x.Endings).Distinct().Order()
        .Concat(ladder.Rungs.SelectMany(x => x.Structures).Distinct().Order().Select(x => x.ToString())));
}

/// <summary>
/// Keeps the last few stocks, since making one takes a good part of a second and some megabytes. A
/// lost one is made again.
/// </summary>
public sealed class StockCache(Library library, MadeUpChecks madeUp)
{
    private const int Kept = 8;

    private readonly Lock _lock = new();
    private readonly List<(StockKey Key, WordStock Stock)> _stocks = [];

    public WordStock Get(StockKey key, Ladder? ladder, Func<IReadOnlyList<OwnWord>> ownWords)
    {
        lock (_lock)
        {
            var at = _stocks.FindIndex(x => x.Key == key);
            var found = at >= 0 ? _stocks[at] : (key, Make(key, ladder, ownWords()));
            if (at >= 0)
            {
                _stocks.RemoveAt(at);
            }

            // What a change of the school's words has made old goes first.
            _stocks.RemoveAll(x => x.Key.School == key.School && x.Key.Accent == key.Accent && x.Key.OwnWords != key.OwnWords);
            _stocks.Add(found);
            if (_stocks.Count > Kept)
            {
                _stocks.RemoveAt(0);
            }

            return found.Item2;
        }
    }

    /// <summary>The stock of the lexicon itself, for answers that need no school.</summary>
    public WordStock Plain(Accent accent, WeakVowels weak) =>
        Get(new StockKey(null, accent.Id, 0, weak, Plurals.OwnRung, "", LadderUnits.None.Key), null, () => []);

    private WordStock Make(StockKey key, Ladder? ladder, IReadOnlyList<OwnWord> own)
    {
        var same = _stocks.Find(x => x.Key with { Gates = key.Gates, Weak = key.Weak, Plurals = key.Plurals } == key).Stock;
        var accent = Accent.Find(key.Accent)!;
        var needs = same?.Rules.Needs ?? new WordNeeds(new SchoolWords(library.Lexicon, accent, own), LadderUnits.Of(ladder));
        return new WordStock(new ReadingRules(needs, key.Weak, ladder, plurals: key.Plurals), library.Sentences(accent), library.Spoken(accent).With(own),
            madeUp: madeUp.For(accent));
    }
}
