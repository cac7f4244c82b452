using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Mapping;

/// <summary>Whether a rung has the words its lessons need.</summary>
public enum Thinness
{
    Enough,

    /// <summary>Later rungs would bring enough: the order makes it thin.</summary>
    ByPlace,

    /// <summary>English has too few words with it, wherever it stands.</summary>
    ByNature,

    /// <summary>Too early for words: letters, listening words and oral blending carry the lesson.</summary>
    Opening,
}

/// <summary>The figures of one rung.</summary>
/// <param name="Yield">Words that become readable here, unsuitable ones left out.</param>
/// <param name="EverydayYield">Those a young child knows.</param>
/// <param name="Targets">Everyday readable words within the shape limit that hold what the rung teaches, bases and their endings once.</param>
public readonly record struct RungFigures(int Yield, int EverydayYield, int Targets, Thinness Thin);

/// <summary>Works out what every rung of a ladder unlocks and whether it is thin.</summary>
public static class RungMap
{
    /// <summary>Everyday words to read that one lesson needs (source: domain rules).</summary>
    public const int WordsPerLesson = 8;

    /// <summary>Enough for a rung that English gives few words for.</summary>
    public const int WordsByNature = 4;

    public static IReadOnlyList<RungFigures> Of(Unlocking unlocking)
    {
        var index = PartIndex.Of(unlocking.Rules);
        var ladder = unlocking.Ladder;
        var others = new int[ladder.Rungs.Count];
        var everyday = new int[ladder.Rungs.Count];
        foreach (var word in index.Everyday)
        {
            Count(everyday, unlocking.PlaceOf(word));
        }

        foreach (var word in index.Others)
        {
            Count(others, unlocking.PlaceOf(word));
        }

        var figures = new RungFigures[ladder.Rungs.Count];
        var targets = TargetWords.Families(unlocking);
        var soFar = 0;
        for (var place = 0; place < figures.Length; place++)
        {
            var opening = soFar < WordsPerLesson;
            soFar += everyday[place];
            figures[place] = new RungFigures(
                others[place] + everyday[place], everyday[place], targets[place], Thin(index, ladder.Rungs[place], targets[place], opening));
        }

        return figures;
    }

    private static void Count(int[] at, int place)
    {
        if (place != Unlocking.Never)
        {
            at[place]++;
        }
    }

    /// <summary>Whether a rung with so many target words is thin; one that was known before has no lesson that could be.</summary>
    /// <param name="opening">Fewer than eight everyday words can be read before it.</param>
    public static Thinness Thin(PartIndex index, Rung rung, int targets, bool opening)
    {
        var needed = WordsPerLesson * rung.Days;
        if (!rung.AddsParts || rung.Kind != RungKind.Teach || rung.IsKnownBefore || targets >= needed)
        {
            return Thinness.Enough;
        }

        if (opening)
        {
            return Thinness.Opening;
        }

        // English at large: every everyday word short enough for a class that holds it, whatever the rest of its parts.
        var inEnglish = index.FamiliesInEnglish(rung);
        return inEnglish >= needed ? Thinness.ByPlace : targets >= Math.Min(WordsByNature, inEnglish) ? Thinness.ByNature : Thinness.ByPlace;
    }
}
