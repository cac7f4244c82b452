using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Importing;

/// <summary>A rung that was read, with the section and the week that it stood under.</summary>
/// <param name="IsDay">The sheet says on which day of its week it is taught.</param>
internal sealed record PlacedRung(ImportedRung Imported, string Section, string Week, bool IsDay);

/// <summary>The sections of a ladder that was read out of a sheet, with the shapes of word that are chosen along them.</summary>
internal static class ImportedSections
{
    private const int WeeksASection = 6, RungsASection = 24;

    // Terms and units are sections; weeks alone are taken together by sixes, and rungs alone by the dozen or two.
    public static IReadOnlyList<Section> Of(IReadOnlyList<PlacedRung> rungs)
    {
        var named = new List<(string Name, List<PlacedRung> Rungs)>();
        foreach (var rung in rungs)
        {
            if (named.Count == 0 || named[^1].Name != rung.Section)
            {
                named.Add((rung.Section, []));
            }

            named[^1].Rungs.Add(rung);
        }

        var parts = named.SelectMany(x => x.Name.Length > 0 ? [x] : ByWeeks(x.Rungs)).ToList();
        var shapes = Shapes([.. parts.Select(x => x.Rungs)]);
        return [.. parts.Select((x, i) => new Section($"section-{i + 1}", x.Name.Length > 100 ? x.Name[..100] : x.Name, shapes[i], [.. x.Rungs.Select(r => r.Imported.Rung)]))];
    }

    private static IEnumerable<(string Name, List<PlacedRung> Rungs)> ByWeeks(List<PlacedRung> rungs)
    {
        var weeks = new List<(string Week, List<PlacedRung> Rungs)>();
        foreach (var rung in rungs)
        {
            if (weeks.Count == 0 || (rung.Week.Length > 0 && weeks[^1].Week != rung.Week))
            {
                weeks.Add((rung.Week, []));
            }

            weeks[^1].Rungs.Add(rung);
        }

        string[] ordinals = ["First", "Second", "Third", "Fourth", "Fifth", "Sixth", "Seventh", "Eighth", "Ninth", "Tenth"];
        return weeks.Count > 1
            ? weeks.Chunk(WeeksASection).Select(x => (x.Length == 1 ? x[0].Week : $"{(x[0].Week.Length > 0 ? x[0].Week : "Start")} to {x[^1].Week.ToLowerInvariant()}", x.SelectMany(w => w.Rungs).ToList()))
            : rungs.Count <= RungsASection + 6 ? [("All rungs", rungs)]
            : rungs.Chunk(RungsASection).Select((x, i) => (i < ordinals.Length ? $"{ordinals[i]} part" : $"Part {i + 1}", x.ToList()));
    }

    // What beginners know before a word has two consonants together, and before it has two beats: all single letters; some
    // vowels, and most vowels, of two letters.
    private const int LettersForPairs = 26, VowelsForPairs = 3, VowelsForThrees = 10, VowelsForTwos = 6, VowelsForLong = 14;

    /// <summary>
    /// Shapes of word that grow along the ladder: with its rungs for them where it has any; else, for beginners, with what
    /// they know when a section begins (no <i>finish</i> on the day of sh, however short the ladder), and for others with the way gone.
    /// </summary>
    private static List<WordShape> Shapes(IReadOnlyList<IReadOnlyList<PlacedRung>> sections)
    {
        var all = sections.SelectMany(x => x).Select(x => x.Imported.Rung).ToList();
        var (gatesPairs, gatesTwos) = (all.Any(x => Pairs(x) || Threes(x)), all.Any(Twos));
        var (shapes, met, seen) = (new List<WordShape>(), new List<Rung>(), 0);

        // A ladder that begins with single letters is for beginners: its first words are the shortest.
        var beginners = KnownBefore.BeginsWithLetters(all.SelectMany(x => x.Correspondences));
        foreach (var section in sections)
        {
            var way = all.Count == 0 ? 0 : (seen + (section.Count / 2.0)) / all.Count;
            var (togetherByNow, beatsByNow) = beginners ? ByNow(met) : (way < 0.35 ? 1 : way < 0.7 ? 2 : 3, way < 0.5 ? 1 : way < 0.85 ? 2 : 3);
            met.AddRange(section.Select(x => x.Imported.Rung));
            seen += section.Count;
            var together = gatesPairs ? (met.Any(Threes) ? 3 : met.Any(Pairs) ? 2 : 1) : togetherByNow;
            var syllables = gatesTwos ? (met.Any(x => x.Adds.Any(a => a.Structure is TaughtStructure.ThreeSyllables)) ? 3 : met.Any(x => Twos(x) || x.Adds.Any(a => a.Ending is not (null or "s"))) ? 2 : 1) : beatsByNow;
            shapes.Add(shapes.Count == 0 && beginners ? WordShape.First : Shape(way < 0.25 ? 3 : 4, together, syllables));
        }

        return shapes;
    }

    /// <summary>The sections of an order when so much was known before it: their shapes are what children are ready for who know that, but for what the order has rungs for.</summary>
    internal static IEnumerable<Section> After(Section before, IReadOnlyList<Section> sections)
    {
        var all = sections.SelectMany(x => x.Rungs).ToList();
        var met = before.Rungs.ToList();
        foreach (var section in sections)
        {
            var (together, syllables) = ByNow(met);
            var ready = Shape(4, all.Exists(x => Pairs(x) || Threes(x)) ? 1 : together, all.Exists(Twos) ? 1 : syllables);
            yield return section with { Shape = section.Shape.AtLeast(ready) };
            met.AddRange(section.Rungs);
        }
    }

    private static WordShape Shape(int boxes, int together, int syllables) => new(boxes + (together > 1 ? 1 : 0) + (syllables > 1 ? 2 : 0), together, syllables);

    private static (int Together, int Syllables) ByNow(IEnumerable<Rung> met)
    {
        var known = met.SelectMany(x => x.Correspondences).Distinct().ToList();
        var vowels = known.Count(x => x.Sound.IsVowel && x.Grapheme.Text.Length > 1);
        return (vowels >= VowelsForThrees ? 3 : vowels >= VowelsForPairs || known.Count >= LettersForPairs ? 2 : 1, vowels >= VowelsForLong ? 3 : vowels >= VowelsForTwos ? 2 : 1);
    }

    private static bool Pairs(Rung x) => x.Adds.Any(a => a.Structure is TaughtStructure.PairAtEnd or TaughtStructure.PairAtStart || a is { Kind: TeachableKind.Cluster, Run.Parts.Count: 2 });

    private static bool Threes(Rung x) => x.Adds.Any(a => a.Structure is TaughtStructure.ThreeTogether || a is { Kind: TeachableKind.Cluster, Run.Parts.Count: 3 });

    private static bool Twos(Rung x) => x.Adds.Any(a => a.Structure is TaughtStructure.TwoSyllables);
}
