using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word chosen for a class, with the reading that was judged and why it is here.</summary>
/// <param name="Target">The key of which of the things taught today it has in it; null when it has nothing.</param>
public sealed record ChosenWord(LexiconWord Word, Segmentation Reading, IReadOnlyList<Reason> Reasons, string? Target, WordShape Shape)
{
    /// <summary>True when it has in it what is taught today.</summary>
    public bool HoldsTarget => Target is not null;
}

/// <summary>What a choice of words to read has to go by.</summary>
/// <param name="Judge">The taught set, today's rung included.</param>
/// <param name="Targets">What is taught today.</param>
/// <param name="Due">Correspondences due for revisiting: a word that has one is worth a little more.</param>
/// <param name="Lately">Those taught lately, which are worth as much: what keeps taught parts going is not below the class.</param>
/// <param name="TimesRead">On how many earlier days the group read each word.</param>
/// <param name="Not">Words already in the lesson.</param>
/// <param name="May">Whether a word that can be read may be chosen; null for all.</param>
/// <param name="Pool">What <see cref="ReadingPool.Of"/> found for a brief that differs in its words, count and seed alone; null to look again.</param>
/// <param name="Today">What the day is about, where words are asked for that fill up beside it; null where that is the targets.</param>
public sealed record ReadingBrief(
    Judge Judge, IReadOnlyList<Teachable> Targets, WordShape Shape, IReadOnlySet<string> Due,
    IReadOnlyDictionary<string, int> TimesRead, IReadOnlySet<string> Not, int Count, ulong Seed, Predicate<OfferedWord>? May = null, ReadingPool? Pool = null, IReadOnlySet<string>? Lately = null,
    IReadOnlyList<Teachable>? Today = null);

/// <summary>
/// Chooses words to read: mostly words with the target, spread over its places, short before
/// long, few seen too often. The same brief gives the same words.
/// </summary>
public sealed class ReadingChoice(WordStock stock)
{
    // More than a word gains by holding the day's part: night and nights are one word read twice.
    private const int OfOneFamily = 50;

    // Words so far behind the best that no sameness would bring them in are not looked at again for every choice.
    private const int MoreInView = 250;

    private readonly WordRows _rows = stock.Rules.Rows;

    /// <summary>Target words first; when there are too few, words that keep other parts going.</summary>
    public IReadOnlyList<ChosenWord> Choose(ReadingBrief brief)
    {
        var (candidates, worth) = InView(brief);
        // Where a rung has two graphemes, each gets its share: the further one is ahead of another, the less more of it is worth.
        var thingOf = ThingOf(brief.Targets);
        var looks = Array.ConvertAll(candidates, x => new Look(x, x.TargetBit >= 0 ? thingOf[x.TargetBit] : -1));
        var things = looks.Where(x => x.Target >= 0).Select(x => x.Target).Distinct().ToList();
        var (chosen, places, shares, ahead) = (new List<ReadingPool.Candidate>(), new Dictionary<string, int>(), new int[brief.Targets.Count], new double[brief.Targets.Count]);
        while (chosen.Count < brief.Count && chosen.Count < candidates.Length)
        {
            var at = Best(worth, looks, ahead);
            var best = looks[at];
            chosen.Add(candidates[at]);
            var isSpread = best.Place is not null && (places[best.Place] = places.GetValueOrDefault(best.Place) + 1) <= MostOfPlace;
            for (var i = 0; i < worth.Length; i++)
            {
                worth[i] -= Sameness(looks[i], best) + (isSpread && looks[i].Place == best.Place ? SamePlace : 0);
            }

            worth[at] = double.NegativeInfinity;
            if (best.Target >= 0)
            {
                shares[best.Target]++;
                var least = things.Min(x => shares[x]);
                things.ForEach(x => ahead[x] = SamePart * Math.Min(MostAhead, shares[x] - least));
            }
        }

        var endings = brief.Targets.Any(x => x.Ending is not null);
        return [.. chosen.OrderBy(x => x.IsLenient || (x.Word.Ended is not null && !endings)).ThenBy(x => char.IsAsciiLetterUpper(x.Word.Spelling[0])).ThenBy(x => x.Shape.Boxes).ThenBy(x => x.Shape.Together).ThenBy(x => x.Word.Rank).Select(x => Made(x, brief, thingOf))];
    }

    private static int Best(double[] worth, Look[] looks, double[] ahead)
    {
        var (at, most) = (0, double.NegativeInfinity);
        for (var i = 0; i < worth.Length; i++)
        {
            if (worth[i] - (looks[i].Target >= 0 ? ahead[looks[i].Target] : 0) is var value && value > most)
            {
                (at, most) = (i, value);
            }
        }

        return at;
    }

    // Of each bit which of the things it is of, by its place among them; -1 where it is of none. The y of happy and that of
    // quickly are two bits, and one thing.
    private int[] ThingOf(IReadOnlyList<Teachable> things)
    {
        var of = new int[_rows.Bits.Count];
        Array.Fill(of, -1);
        for (var i = things.Count - 1; i >= 0; i--)
        {
            foreach (var bit in stock.Rules.Holds(things[i]))
            {
                of[bit] = i;
            }
        }

        return of;
    }

    // Chance moves a word by less than this: what is further behind the last that is looked at cannot come in.
    private const double Chance = 3;

    // The words of a pool that come into question for a list, best first, chance counted in.
    private (ReadingPool.Candidate[] Words, double[] Worth) InView(ReadingBrief brief)
    {
        var (pool, most, dice) = ((brief.Pool ?? ReadingPool.Of(stock, brief)).Words, brief.Count + MoreInView, new Dice(brief.Seed));
        var (words, behind, count, least) = (new ReadingPool.Candidate[pool.Count], new double[pool.Count], 0, double.NegativeInfinity);
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

    // The part in the same place again makes a list dull, up to a point: er stands at the end of nearly all that children know.
    private const double SamePlace = 0.8;
    private const int MostOfPlace = 5;

    // On a day of ai, ay and a-e each has its words, though most that children know have one of them; but a word with one of them
    // before a word with none.
    private const double SamePart = 4;
    private const int MostAhead = 5;

    // So do the same family, rhyme, first letter or length.
    private static double Sameness(in Look x, in Look other) =>
        (x.Family == other.Family ? OfOneFamily : 0)
        + (x.Rime == other.Rime && !(x.RhymesByTarget && other.RhymesByTarget) ? 2.5 : 0)
        + (x.Begins == other.Begins ? 1 : 0)
        + (x.Boxes == other.Boxes ? 0.5 : 0);

    // What two words are compared by, side by side: each chosen word is held beside hundreds.
    private readonly struct Look(ReadingPool.Candidate x, int target)
    {
        public int Family { get; } = x.Offered.Family;

        public int Rime { get; } = x.Offered.Rhymes;

        public int Boxes { get; } = x.Shape.Boxes;

        public int Target { get; } = target;

        public string? Place { get; } = x.TargetAt >= 0 ? x.PlaceInBase : null;

        public char Begins { get; } = x.Word.Key[0];

        public bool RhymesByTarget { get; } = x.RhymesByTarget;
    }

    private ChosenWord Made(ReadingPool.Candidate x, ReadingBrief brief, int[] thingOf)
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
        return new ChosenWord(x.Word, reading, reasons, x.TargetBit < 0 ? null : brief.Targets[thingOf[x.TargetBit]].Key, x.Shape);
    }
}
