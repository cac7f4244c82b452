using System.Buffers;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word chosen for a class, with the reading that was judged and why it is here.</summary>
/// <param name="Target">The key of what it has in it of what is taught today; null when it has nothing.</param>
public sealed record ChosenWord(LexiconWord Word, Segmentation Reading, IReadOnlyList<Reason> Reasons, string? Target, WordShape Shape)
{
    /// <summary>True when it has in it what is taught today.</summary>
    public bool HoldsTarget => Target is not null;
}

/// <summary>What a choice of words to read has to go by.</summary>
/// <param name="Judge">The taught set, today's rung included.</param>
/// <param name="Targets">What is taught today.</param>
/// <param name="Due">Correspondences due for revisiting: a word that has one is worth a little more.</param>
/// <param name="TimesRead">On how many earlier days the group read each word.</param>
/// <param name="Not">Words already in the lesson.</param>
/// <param name="May">Whether a word that can be read may be chosen; null for all.</param>
/// <param name="Pool">What <see cref="ReadingChoice.PoolOf"/> found for a brief that differs in its words, count and seed alone; null to look again.</param>
public sealed record ReadingBrief(
    Judge Judge, IReadOnlyList<Teachable> Targets, WordShape Shape, IReadOnlySet<string> Due,
    IReadOnlyDictionary<string, int> TimesRead, IReadOnlySet<string> Not, int Count, ulong Seed, Predicate<OfferedWord>? May = null, ReadingPool? Pool = null);

/// <summary>The words that several choices of one lesson draw on, best first, chance aside.</summary>
public sealed class ReadingPool
{
    internal ReadingPool(IReadOnlyList<ReadingChoice.Candidate> words) => Words = words;

    internal IReadOnlyList<ReadingChoice.Candidate> Words { get; }

    /// <summary>How many of them hold what is taught today and are no forms of others.</summary>
    internal int OnThePoint => Words.Count(x => x.TargetBit >= 0 && x.Word.Ended is null);

    /// <summary>The same, and those of others that hold what is taught today.</summary>
    internal ReadingPool And(ReadingPool others) => new([.. Words.Concat(others.Words.Where(x => x.TargetBit >= 0)).OrderByDescending(x => x.Worth)]);

    /// <summary>Those of them of which something is true.</summary>
    internal ReadingPool Only(Predicate<LexiconWord> those) => new([.. Words.Where(x => those(x.Word))]);
}

/// <summary>
/// Chooses words to read: mostly words with the target, spread over its places, short before
/// long, few seen too often. The same brief gives the same words.
/// </summary>
public sealed class ReadingChoice(WordStock stock)
{
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

    // More than all sameness in a lesson's list: what has today's part comes before what has not, however alike it is.
    private const int OnThePoint = 40;

    // And more than that: night and nights are one word read twice.
    private const int OfOneFamily = 50;

    // Words so far behind the best that no sameness would bring them in are not looked at again for every choice.
    private const int MoreInView = 250;

    private readonly WordRows _rows = stock.Rules.Rows;

    /// <summary>Target words first; when there are too few, words that keep other parts going.</summary>
    public IReadOnlyList<ChosenWord> Choose(ReadingBrief brief)
    {
        var (candidates, worth) = InView(brief);
        // Where a rung has two graphemes, each gets its share: the more of one there are, the less another is worth.
        var parts = candidates.Where(x => x.TargetBit >= 0).Select(x => x.TargetBit).Distinct().Count();
        var chosen = new List<Candidate>();
        while (chosen.Count < brief.Count && chosen.Count < candidates.Length)
        {
            var at = Array.IndexOf(worth, worth.Max());
            var best = candidates[at];
            chosen.Add(best);
            for (var i = 0; i < worth.Length; i++)
            {
                worth[i] -= Sameness(candidates[i], best) + (parts > 1 && best.TargetBit >= 0 && candidates[i].TargetBit == best.TargetBit ? 1 : 0);
            }

            worth[at] = double.NegativeInfinity;
        }

        var endings = brief.Targets.Any(x => x.Ending is not null);
        return [.. chosen.OrderBy(x => x.IsLenient || (x.Word.Ended is not null && !endings)).ThenBy(x => x.Shape.Boxes).ThenBy(x => x.Shape.Together).ThenBy(x => x.Word.Rank).Select(x => Made(x, brief))];
    }

    /// <summary>What can be chosen at all for a brief, words of its lesson aside: looked for once, and drawn on by every choice of a lesson.</summary>
    /// <param name="among">The words it is looked for in; null for all that may be offered.</param>
    public ReadingPool PoolOf(ReadingBrief brief, IReadOnlyList<OfferedWord>? among = null)
    {
        among ??= stock.Offered;
        var find = Finder(brief);
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
        var taken = Math.Min(count, MostInPool);
        while (taken > 0 && taken < count && worths[taken] == worths[taken - 1])
        {
            taken++;
        }

        var best = new Candidate[taken];
        for (var (from, to) = (0, 0); from < taken; from = to)
        {
            while (to < taken && worths[to] == worths[from])
            {
                to++;
            }

            // As common as each other: in the order of the stock.
            Array.Sort(places, from, to - from);
            for (var i = from; i < to; i++)
            {
                best[i] = Made(among[places[i]], fits[places[i]]);
            }
        }

        ArrayPool<Fit>.Shared.Return(fits);
        ArrayPool<int>.Shared.Return(places);
        ArrayPool<double>.Shared.Return(worths);
        return new ReadingPool(best);
    }

    private Candidate Made(OfferedWord offered, Fit fit) => new(offered, fit.At, fit.Bit, _rows.ShapeOf(offered.Row), fit.IsDue, fit.IsLenient, fit.Worth);

    private readonly record struct Fit(int At, int Bit, bool IsDue, bool IsLenient, double Worth);

    // Far more than a lesson draws: to put thousands in order would only take time.
    private const int MostInPool = 1500;

    // Chance moves a word by less than this: what is further behind the last that is looked at cannot come in.
    private const double Chance = 3;

    // The words of a pool that come into question for a list, best first, chance counted in.
    private (Candidate[] Words, double[] Worth) InView(ReadingBrief brief)
    {
        var (pool, most, dice) = ((brief.Pool ?? PoolOf(brief)).Words, brief.Count + MoreInView, new Dice(brief.Seed));
        var (words, behind, count, least) = (new Candidate[pool.Count], new double[pool.Count], 0, double.NegativeInfinity);
        foreach (var x in pool)
        {
            if (brief.Not.Contains(x.Word.Key))
            {
                continue;
            }

            if (x.Worth < least)
            {
                break;
            }

            (words[count], behind[count]) = (x, -(x.Worth + (dice.Next() * Chance)));
            count++;
            least = count == most ? x.Worth - Chance : least;
        }

        Array.Sort(behind, words, 0, count);
        count = Math.Min(count, most);
        return (words[..count], Array.ConvertAll(behind[..count], x => -x));
    }

    /// <summary>Says of a word whether it has in it one of the things given. A word that is a letter holds nothing: <i>a</i> and <i>I</i> stand in every text, and practise neither <i>table</i> nor <i>find</i>.</summary>
    public Predicate<LexiconWord> Holding(IEnumerable<Teachable> targets)
    {
        var bits = BitsOf(targets);
        return word =>
        {
            var (row, end) = _rows.RowsOf(word.Rank);
            while (row < end && TargetAt(row, bits) < 0)
            {
                row++;
            }

            return row < end && word.Key.Length > 1;
        };
    }

    // And stands in every text, whatever children know of two consonants: it is no practice of them.
    // Beside today's words none is put that has the same letters saying something else: number on the day of mb.
    private Func<OfferedWord, Fit?> Finder(ReadingBrief brief)
    {
        var targets = BitsOf(brief.Targets);
        // What a word with an ending is worth less, where the ending is not the day's: three consonants together by an s are hardly so.
        var ended = brief.Targets.Any(x => x.Ending is not null) ? 0 : brief.Targets.Any(x => x.Structure is not null) ? 16 : 8;
        var due = brief.Due.Count == 0 ? null : _rows.Bits.Parts.Select(x => x.OfSegment is { } key && brief.Due.Contains(key)).ToArray();
        var letters = brief.Targets.Select(x => x.Correspondence?.Grapheme.Text).OfType<string>().Where(x => x.Length > 1).ToList();
        return offered =>
        {
            if (!_rows.Fits(offered.Row, brief.Shape) || _rows.CoveredWay(offered.Row, brief.Judge.Taught.Bits) < 0)
            {
                return null;
            }

            var (at, bit) = Target(offered.Row, targets);
            if ((at >= 0 && _rows.Bits[bit].Kind != PartKind.Correspondence && offered.IsOfGrammar)
                || (at < 0 && Has(letters, offered.Word.Key)) || (brief.May is { } may && !may(offered)))
            {
                return null;
            }

            // Rabbit says what its letters say; away is read by knowing better.
            var (isDue, isLenient) = (due is not null && IsDue(offered, due), offered.HasWeak && !brief.Judge.IsStrict(offered.Reading, offered.Word.Ended));
            return new Fit(at, bit, isDue, isLenient, Worth(offered, at, _rows.ShapeOf(offered.Row), isDue, ended, brief) - (isLenient ? 3 : 0) - (ended == 0 && offered.Word.Ended is { Join: not Join.Plain } ? ChangedBase : 0));
        };
    }

    // On the day of an ending most words take it as they are: jumping, before running and making.
    private const double ChangedBase = 8;

    private static bool Has(List<string> letters, string word)
    {
        foreach (var x in letters)
        {
            if (word.Contains(x, StringComparison.Ordinal))
            {
                return true;
            }
        }

        return false;
    }

    // The first bits of a row are those of its segments.
    private bool IsDue(OfferedWord offered, bool[] due)
    {
        foreach (var bit in _rows.BitsOf(offered.Row)[..offered.Reading.Segments.Count])
        {
            if (due[bit])
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>The bits of words that have one of the things in them.</summary>
    internal bool[] BitsOf(IEnumerable<Teachable> things)
    {
        var bits = new bool[_rows.Bits.Count];
        foreach (var bit in things.SelectMany(stock.Rules.Holds))
        {
            bits[bit] = true;
        }

        return bits;
    }

    // Where in the word the target stands, and which it is; what may be read with a unit has the unit, however it is read.
    private (int At, int Bit) Target(int row, bool[] targets)
    {
        for (var way = row; _rows.IsWayOf(way, row); way++)
        {
            if (TargetAt(way, targets) is var at and >= 0)
            {
                var bit = _rows.BitsOf(way)[at];
                return (_rows.Bits[bit].Kind == PartKind.RimeUnit ? Behind : at, bit);
            }
        }

        return (-1, -1);
    }

    // A unit stands behind the graphemes.
    private const int Behind = int.MaxValue;

    private int TargetAt(int row, bool[] targets)
    {
        var bits = _rows.BitsOf(row);
        for (var i = 0; i < bits.Length; i++)
        {
            if (targets[bits[i]])
            {
                return i;
            }
        }

        return -1;
    }

    private static double Worth(OfferedWord offered, int targetAt, WordShape shape, bool hasDue, int ended, ReadingBrief brief) =>
        (targetAt >= 0 ? OnThePoint : 0)
        + (offered.Word.Familiarity == Familiarity.AtFourOrFive ? 4 : 0)
        + (hasDue ? 1.5 : 0)
        - (offered.IsOfGrammar ? 6 : 0)
        - (offered.Word.Ended is null ? 0 : ended)
        - (shape.Boxes < 3 && brief.Shape.Boxes > 3 ? 4 : 0)
        - (2 * Math.Min(4, brief.TimesRead.GetValueOrDefault(offered.Word.Key)))
        - (0.25 * offered.Rarity);

    // What makes a list dull: the same family, rhyme, first letter, length or place of the target again.
    private static double Sameness(Candidate x, Candidate other) =>
        (x.Word.Family == other.Word.Family ? OfOneFamily : 0)
        + (x.Offered.Rime == other.Offered.Rime && !(x.RhymesByTarget && other.RhymesByTarget) ? 2.5 : 0)
        + (x.Word.Key[0] == other.Word.Key[0] ? 1 : 0)
        + (x.Shape.Boxes == other.Shape.Boxes ? 0.5 : 0)
        + (x.TargetAt >= 0 && x.PlaceInBase == other.PlaceInBase ? 0.8 : 0);

    private ChosenWord Made(Candidate x, ReadingBrief brief)
    {
        var reading = x.Offered.Reading;
        var reasons = new List<Reason>();
        if (x.TargetAt >= 0)
        {
            var part = _rows.Bits[x.TargetBit];
            reasons.Add(part.Kind is PartKind.Ending ? Reason.Of(ReasonCode.HasEnding, part.Key)
                : part.Kind is PartKind.Structure ? Reason.Of(ReasonCode.HasStructure, part.Key)
                : part.Kind is PartKind.EndingShape ? Reason.Of(ReasonCode.HasEnding, x.Word.Ended!.Value.Taught)
                : part.Kind is PartKind.Cluster or PartKind.RimeUnit ? Reason.Of(ReasonCode.HasUnit, GraphemeRun.Parse(part.Key).Letters)
                // The p of hopping is that of hop: it stands in no place of its own.
                : Reason.Of(ReasonCode.HasPart, x.TargetAt < reading.Segments.Count ? reading.Segments[x.TargetAt].Correspondence.Grapheme.Text : Correspondence.Parse(part.Key).Grapheme.Text, x.Place));
        }
        else
        {
            reasons.Add(Reason.Of(brief.Targets.Count > 0 ? ReasonCode.KeepsGoingForWant : ReasonCode.KeepsGoing));
        }

        if (x.HasDue)
        {
            reasons.Add(Reason.Of(ReasonCode.WasDue, reading.Segments.First(s => brief.Due.Contains(s.Correspondence.Key)).Correspondence.Grapheme.Text));
        }

        reasons.Add(Reason.Of(ReasonCode.ReadBefore, $"{brief.TimesRead.GetValueOrDefault(x.Word.Key)}"));
        return new ChosenWord(x.Word, reading, reasons, x.TargetBit < 0 ? null : _rows.Bits[x.TargetBit].Key, x.Shape);
    }
}
