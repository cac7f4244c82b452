using System.Security.Cryptography;
using System.Text;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Groups;

namespace BoldLadder.Server.Engine;

/// <summary>What words a stock is made from; two equal keys give equal stocks.</summary>
/// <param name="School">Null for the lexicon as it ships.</param>
/// <param name="OwnWords">The school's own words, by a hash of all that they say; empty when it has none.</param>
/// <param name="Gates">The endings, structures, capitals and marks that the ladder has rungs for.</param>
/// <param name="Units">The rime units and clusters that it has rungs for.</param>
/// <param name="Merges">Merges that are the other way round, as in <see cref="ClassConventions.Merges"/>.</param>
public readonly record struct StockKey(Guid? School, string Accent, string OwnWords, WeakVowels Weak, Plurals Plurals, bool ShortA, string Gates, string Units, string Merges)
{
    public static StockKey Of(SchoolSettings school, ClassConventions conventions, Ladder ladder)
    {
        var accent = conventions.Accent ?? school.Accent;
        var own = school.OwnWordsIn(accent);
        return new StockKey(
            own.Count == 0 ? null : school.Id, accent.Id, HashOf(own), conventions.WeakVowels, conventions.Plurals, conventions.ShortA,
            GatesOf(ladder), LadderUnits.Of(ladder).Key, conventions.Merges);
    }

    // Wide enough that no two lists of words ever share one.
    private static string HashOf(IReadOnlyList<OwnWord> own) => own.Count == 0 ? ""
        : Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(string.Join('\n', own.OrderBy(x => x.Key, StringComparer.Ordinal)
            .Select(x => $"{x.Spelling}\t{x.Split}\t{x.Familiarity}\t{x.Spoken}")))));

    private static string GatesOf(Ladder ladder) => string.Join(' ', ladder.Rungs.SelectMany(x => x.Adds)
        .Where(x => x.IsPrint || x.Kind is TeachableKind.Ending or TeachableKind.Structure).Select(x => x.Code).Distinct().Order(StringComparer.Ordinal));
}

/// <summary>
/// Keeps the last few stocks, since making one takes a good part of a second and some megabytes. A
/// lost one is made again. Nobody waits for a stock but those who asked for that one.
/// </summary>
public sealed class StockCache(ShippedData shipped, MadeUpChecks madeUp)
{
    private const int Most = 6;

    private readonly Lock _lock = new();
    private readonly List<(StockKey Key, Lazy<WordStock> Stock)> _stocks = [];

    public WordStock Get(StockKey key, Ladder? ladder, IReadOnlyList<OwnWord> ownWords)
    {
        Lazy<WordStock> stock;
        lock (_lock)
        {
            var at = _stocks.FindIndex(x => x.Key == key);
            var found = at >= 0 ? _stocks[at] : (key, new Lazy<WordStock>(() => Make(key, ladder, ownWords)));
            if (at >= 0)
            {
                _stocks.RemoveAt(at);
            }

            // What a change of the school's words has made old goes first.
            _stocks.RemoveAll(x => key.School is not null && x.Key.School == key.School && x.Key.Accent == key.Accent && x.Key.OwnWords != key.OwnWords);
            _stocks.Add(found);
            if (_stocks.Count > Most)
            {
                _stocks.RemoveAt(0);
            }

            stock = found.Item2;
        }

        return stock.Value;
    }

    /// <summary>The stock of the lexicon itself, for answers that need no school.</summary>
    public WordStock Plain(Accent accent, WeakVowels weak) =>
        Get(new StockKey(null, accent.Id, "", weak, Plurals.OwnRung, true, "", LadderUnits.None.Key, ""), null, []);

    private WordStock Make(StockKey key, Ladder? ladder, IReadOnlyList<OwnWord> own)
    {
        WordRows? same;
        lock (_lock)
        {
            same = _stocks.Where(x => x.Stock.IsValueCreated && x.Key with { Gates = key.Gates, Weak = key.Weak, Plurals = key.Plurals, ShortA = key.ShortA, Merges = key.Merges } == key)
                .Select(x => x.Stock.Value.Rules.Rows).FirstOrDefault();
        }

        var accent = Accent.Find(key.Accent)!;
        var rows = same ?? new WordRows(new SchoolWords(shipped.Lexicon, accent, own, shipped.IsRealWord), LadderUnits.Of(ladder));
        var switched = Accent.MergesIn(key.Merges);
        return new WordStock(
            new ReadingRules(rows, key.Weak, ladder, switched, key.Plurals, key.ShortA), shipped.Written(accent).With(own), switched, madeUp.For(accent));
    }
}
