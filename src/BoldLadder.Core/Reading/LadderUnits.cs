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

    /// <summary>Clusters of the ladder that a reading has at the start or the end of a run of consonants.</summary>
    internal IEnumerable<Part> ClustersIn(Segmentation reading) =>
        from cluster in Clusters
        where Enumerable.Range(0, reading.Segments.Count).Any(i => cluster.StandsAt(reading, i))
        select new Part(PartKind.Cluster, cluster.Key);
}
