using System.Buffers;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>The words that several choices of one lesson draw on, best first, chance aside.</summary>
public sealed class ReadingPool
{
    internal ReadingPool(IReadOnlyList<Candidate> words) => Words = words;

    internal IReadOnlyList<Candidate> Words { get; }

    /// <summary>How many of them hold what is taught today and are no forms of others.</summary>
    internal int OnThePoint => Words.Count(x => x.TargetBit >= 0 && x.Word.Ended is null);

    /// <summary>The same, and those of others that hold what is taught today.</summary>
    internal ReadingPool And(ReadingPool others) => new([.. Words.Concat(others.Words.Where(x => x.TargetBit >= 0)).OrderByDescending(x => x.Worth)]);

    /// <summary>Those of them of which something is true.</summary>
    internal ReadingPool Only(Predicate<LexiconWord> those) => new([.. Words.Where(x => those(x.Word))]);

    // More than all sameness in a lesson's list: what has today's part comes before what has not, however alike it is.
    private const int WorthOnThePoint = 40;

    /// <summary>What can be chosen at all for a brief, words of its lesson aside: looked for once, and drawn on by every choice of a lesson.</summary>
    /// <param name="among">The words it is looked for in, those that can be read; null for all that may be offered.</param>
    public static ReadingPool Of(WordStock stock, ReadingBrief brief, IReadOnlyList<OfferedWord>? among = null)
    {
        var (rows, find, may) = (stock.Rules.Rows, Finder(stock, brief), MayBeDrawn(stock, brief));
        among = among is null ? stock.ReadableNow(brief.Judge.Taught) : [.. among.Where(x => rows.CoveredWay(x.Row, brief.Judge.Taught.Bits) >= 0)];
        // Of thousands that fit only those are made into candidates that can be drawn.
        var (fits, places, worths, count) = (ArrayPool<Fit>.Shared.Rent(among.Count), ArrayPool<int>.Shared.Rent(among.Count), ArrayPool<double>.Shared.Rent(among.Count), 0);
        for (var i = 0; i < among.Count; i++)
        {
            if (find(among[i]) is { } found)
            {
                (fits[i], places[count], worths[count]) = (found, i, -found.Worth);
                count++;
            }
        }

        Array.Sort(worths, places, 0, count);
        var best = new List<Candidate>(MostInPool);
        for (var (from, to) = (0, 0); from < count && best.Count < MostInPool; from = to)
        {
            while (to < count && worths[to] == worths[from])
            {
                to++;
            }

            // As common as each other: in the order of the stock.
            Array.Sort(places, from, to - from);
            for (var i = from; i < to; i++)
            {
                var (offered, fit) = (among[places[i]], fits[places[i]]);
                if (may(offered))
                {
                    best.Add(new Candidate(offered, fit.At, fit.Bit, rows.ShapeOf(offered.Row), fit.IsDue, fit.IsLenient, fit.Worth));
                }
            }
        }

        ArrayPool<Fit>.Shared.Return(fits);
        ArrayPool<int>.Shared.Return(places);
        ArrayPool<double>.Shared.Return(worths);
        return new ReadingPool(best);
    }

    private readonly record struct Fit(int At, int Bit, bool IsDue, bool IsLenient, double Worth);

    // Far more than a lesson draws: to put thousands in order would only take time.
    private const int MostInPool = 1500;

    // What costs most to ask, and is asked of those alone that are good enough to be drawn.
    // No word has today's letters saying something else: number on the day of mb, ready where ea is put beside y.
    private static Predicate<OfferedWord> MayBeDrawn(WordStock stock, ReadingBrief brief)
    {
        var held = new HeldParts(stock);
        var today = (brief.Today ?? brief.Targets).Where(x => x.Correspondence?.Grapheme.Text.Length > 1).ToLookup(x => x.Correspondence?.Grapheme.Text ?? "");
        var letters = today.Select(x => (Text: x.Key, Said: held.BitsOf(today.Where(other => other.Key.Contains(x.Key, StringComparison.Ordinal)).SelectMany(other => other)))).ToList();
        return offered => !letters.Exists(x => offered.Word.Key.Contains(x.Text, StringComparison.Ordinal) && held.First(offered.Row, x.Said).At < 0) && brief.May?.Invoke(offered) != false;
    }

    // And stands in every text, whatever children know of two consonants: it is no practice of them.
    private static Func<OfferedWord, Fit?> Finder(WordStock stock, ReadingBrief brief)
    {
        var (rows, held) = (stock.Rules.Rows, new HeldParts(stock));
        var targets = held.BitsOf(brief.Targets);
        // What a word with an ending is worth less, where the ending is not the day's: three consonants together by an s are hardly so.
        var ended = brief.Targets.Any(x => x.Ending is not null) ? 0 : brief.Targets.Any(x => x.Structure is not null) ? 16 : 8;
        Going[] going = [.. rows.Bits.Parts.Select(x => x.OfSegment is not { } key ? Going.Not : (brief.Due.Contains(key) ? Going.Due : Going.Not) | (brief.Lately?.Contains(key) == true ? Going.Lately : Going.Not))];
        return offered =>
        {
            if (!rows.Fits(offered.Row, brief.Shape))
            {
                return null;
            }

            var (at, bit) = held.First(offered.Row, targets);
            if (at >= 0 && rows.Bits[bit].Kind != PartKind.Correspondence && offered.IsOfGrammar)
            {
                return null;
            }

            // Rabbit says what its letters say; away is read by knowing better.
            var (keeps, isLenient) = (KeepsGoing(rows, offered, going), offered.HasWeak && !brief.Judge.IsStrict(offered.Reading, offered.Word.Ended));
            return new Fit(at, bit, keeps.HasFlag(Going.Due), isLenient, Worth(offered, at, rows.ShapeOf(offered.Row), keeps, ended, brief) - (isLenient ? 3 : 0) - (ended == 0 && offered.Word.Ended is { Join: not Join.Plain } ? ChangedBase : 0));
        };
    }

    // On the day of an ending most words take it as they are: jumping, before running and making.
    private const double ChangedBase = 8;

    // The first bits of a row are those of its segments.
    private static Going KeepsGoing(WordRows rows, OfferedWord offered, Going[] going)
    {
        var all = Going.Not;
        foreach (var bit in rows.BitsOf(offered.Row)[..offered.Reading.Segments.Count])
        {
            all |= going[bit];
        }

        return all;
    }

    /// <summary>What a word keeps going beside today's part.</summary>
    [Flags]
    private enum Going : byte
    {
        Not = 0,
        Due = 1,
        Lately = 2,
    }

    // More than a list gains by another place of the part: sister and winter on the first day of er, before perform.
    private const double Everyday = 6;

    private static double Worth(OfferedWord offered, int targetAt, WordShape shape, Going keeps, int ended, ReadingBrief brief) =>
        (targetAt >= 0 ? WorthOnThePoint : 0)
        + (offered.Word.Familiarity == Familiarity.AtFourOrFive ? Everyday : 0)
        + (keeps.HasFlag(Going.Due) ? 1.5 : 0)
        + (keeps.HasFlag(Going.Lately) ? 1.5 : 0)
        - (offered.IsOfGrammar ? 6 : 0)
        - (offered.Word.Ended is null ? 0 : ended)
        - (shape.Boxes < 3 && brief.Shape.Boxes > 3 ? 4 : 0)
        - (2 * Math.Min(4, brief.TimesRead.GetValueOrDefault(offered.Word.Key)))
        - (0.25 * offered.Rarity);

    internal sealed class Candidate(OfferedWord offered, int targetAt, int targetBit, WordShape shape, bool hasDue, bool isLenient, double worth)
    {
        public OfferedWord Offered => offered;

        public LexiconWord Word => offered.Word;

        public int TargetAt => targetAt;

        public int TargetBit => targetBit;

        public WordShape Shape => shape;

        public bool HasDue => hasDue;

        public bool IsLenient => isLenient;

        public double Worth => worth;

        // Day and way rhyme because they have the target: to avoid that would be to read days and ways.
        public bool RhymesByTarget => targetAt == offered.RimeAt && targetAt == offered.Reading.Segments.Count - 1;

        // A unit, a structure or an ending stands behind the graphemes, in no place of its own.
        public string Place => targetAt < offered.Reading.Segments.Count ? offered.Reading.PlaceOf(targetAt) : "";

        // Days is no other place of ay than day. Every choice of a lesson asks it of every word again.
        public string PlaceInBase => field ??= targetAt < offered.Reading.Segments.Count ? offered.Reading.PlaceOf(targetAt, Word.Ended) : "";
    }
}
