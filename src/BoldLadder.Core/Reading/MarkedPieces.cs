using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>Which mark each part of a word goes by.</summary>
public static class MarkedPieces
{
    /// <summary>The kind of every segment, in word order; neighbours that are an ending or a rime unit are marked as one.</summary>
    /// <param name="ended">The word's ending, if it has one.</param>
    /// <param name="units">What the ladder teaches as one.</param>
    public static IReadOnlyList<MarkedKind> Of(Segmentation reading, EndedWord? ended, LadderUnits units, MarkingCode code)
    {
        var kinds = reading.Segments.Select(x => KindOf(x.Correspondence.Grapheme)).ToArray();
        var baseEnds = ended is { } e ? reading.Segments.TakeWhile(x => x.Start < reading.Word.Length - e.Ending.Length).Count() : kinds.Length;
        if (code.RimeUnit is not null && units.RimeUnits.Where(x => x.StandsAt(reading, baseEnds - x.Parts.Count)).MaxBy(x => x.Parts.Count) is { } unit)
        {
            Array.Fill(kinds, MarkedKind.RimeUnit, baseEnds - unit.Parts.Count, unit.Parts.Count);
        }

        // A split digraph whose e stands in the ending (hop-ed) is not cut in two by it.
        if (code.Ending is not null && baseEnds < kinds.Length && !reading.Segments.Take(baseEnds).Any(x => x.Letters.Last() >= reading.Segments[baseEnds].Start))
        {
            Array.Fill(kinds, MarkedKind.Ending, baseEnds, kinds.Length - baseEnds);
        }

        return kinds;
    }

    private static MarkedKind KindOf(Grapheme grapheme) => grapheme.Kind switch
    {
        GraphemeKind.Single => MarkedKind.OneLetter,
        GraphemeKind.Doubled => MarkedKind.Doubled,
        GraphemeKind.Split => MarkedKind.Split,
        _ => MarkedKind.SeveralLetters,
    };
}
