using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>
/// What a ladder teaches as one though it is several graphemes. A rime unit, or <i>tion</i>, is one more way to read a word
/// that ends in it; a cluster is needed for a word that has it. A ladder without such rungs has none, and nothing changes.
/// </summary>
public sealed record LadderUnits(IReadOnlyList<GraphemeRun> RimeUnits, IReadOnlyList<GraphemeRun> Clusters)
{
    public static LadderUnits None { get; } = new([], []);

    public static LadderUnits Of(Ladder? ladder) => ladder is null ? None
        : new(Runs(ladder, TeachableKind.RimeUnit), Runs(ladder, TeachableKind.Cluster));

    private static IReadOnlyList<GraphemeRun> Runs(Ladder ladder, TeachableKind kind) =>
        [.. ladder.Rungs.SelectMany(x => x.Adds).Where(x => x.Kind == kind).Select(x => x.Run!).Distinct()];

    /// <summary>The units as a text that is the same for the same units.</summary>
    public string Key => string.Join(',', RimeUnits.Select(x => x.Key).Order(StringComparer.Ordinal)) + "/" + string.Join(',', Clusters.Select(x => x.Key).Order(StringComparer.Ordinal));

    /// <summary>
    /// A reading's parts with a rime unit in place of its graphemes: none, or one for each unit that the base word ends in.
    /// </summary>
    internal IEnumerable<IReadOnlyList<Part>> WithRimeUnit(Segmentation reading, EndedWord? ended, IReadOnlyList<Part> parts)
    {
        var baseEnds = EndOfBase(reading, ended);
        foreach (var unit in RimeUnits)
        {
            var at = baseEnds - unit.Parts.Count;
            if (unit.StandsAt(reading, at))
            {
                var behind = parts.Skip(baseEnds);
                yield return [.. parts.Take(at), new Part(PartKind.RimeUnit, unit.Key), .. unit.BringsBeat ? WithoutBeats(behind, reading.Segments.Take(at).Count(x => x.Correspondence.Sound.IsVowel)) : behind];
            }
        }
    }

    /// <summary>The segment behind the last of the base word.</summary>
    internal static int EndOfBase(Segmentation reading, EndedWord? ended) =>
        ended is { } e ? reading.Segments.TakeWhile(x => x.Start < reading.Word.Length - e.Ending.Length).Count() : reading.Segments.Count;

    // Who knows the tion of station waits for longer words only where what stands before it is one.
    private static IEnumerable<Part> WithoutBeats(IEnumerable<Part> behind, int beats)
    {
        string[] longer = [Teachable.KeyOf(TaughtStructure.TwoSyllables), Teachable.KeyOf(TaughtStructure.ThreeSyllables)];
        return behind.Where(x => x.Kind != PartKind.Structure || !longer.Contains(x.Key)).Concat(beats < 2 ? [] : [new Part(PartKind.Structure, longer[Math.Min(beats, 3) - 2])]);
    }

    /// <summary>
    /// A reading's parts and the clusters of the ladder that it has. Who is taught the <i>nd</i> of <i>hand</i> has no need
    /// to wait for any two consonants together: a run of consonants that is a cluster of the ladder needs that and no structure.
    /// </summary>
    internal IReadOnlyList<Part> WithClusters(Segmentation reading, EndedWord? ended, IEnumerable<Part> parts)
    {
        var found = Clusters.Where(x => Enumerable.Range(0, reading.Segments.Count).Any(i => x.StandsAt(reading, i))).ToList();
        return found.Count == 0 ? [.. parts]
            : [.. parts.Except(Covered(reading, ended, found)), .. found.Select(x => new Part(PartKind.Cluster, x.Key))];
    }

    private static IEnumerable<Part> Covered(Segmentation reading, EndedWord? ended, List<GraphemeRun> clusters)
    {
        var runs = RunsOf(reading, EndOfBase(reading, ended)).ToList();
        bool IsOne((int At, int Count) run) => run.Count < 2 || clusters.Exists(x => x.Parts.Count == run.Count && x.StandsAt(reading, run.At));
        if (IsOne(runs[0]))
        {
            yield return new Part(PartKind.Structure, Teachable.KeyOf(TaughtStructure.PairAtStart));
        }

        if (IsOne(runs[^1]))
        {
            yield return new Part(PartKind.Structure, Teachable.KeyOf(TaughtStructure.PairAtEnd));
        }

        if (runs.Where(x => x.Count > 2).All(IsOne))
        {
            yield return new Part(PartKind.Structure, Teachable.KeyOf(TaughtStructure.ThreeTogether));
        }
    }

    // The consonants before, between and behind the vowels, none of them where two vowels meet or the word begins with one.
    private static IEnumerable<(int At, int Count)> RunsOf(Segmentation reading, int end)
    {
        var at = 0;
        for (var i = 0; i <= end; i++)
        {
            if (i == end || reading.Segments[i].Correspondence.Sound.IsVowel)
            {
                yield return (at, i - at);
                at = i + 1;
            }
        }
    }
}
