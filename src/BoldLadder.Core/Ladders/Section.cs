using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Ladders;

/// <summary>
/// The largest shape of word that is chosen for a class. The verdict says what can be read; this
/// says what is chosen.
/// </summary>
/// <param name="Boxes">Most boxes in a word, 2 to 12.</param>
/// <param name="Together">Most consonant boxes together, 1 to 4.</param>
/// <param name="Syllables">Most syllables, 1 to 5.</param>
public readonly record struct WordShape(int Boxes, int Together, int Syllables)
{
    /// <summary>Three boxes, one syllable, no consonants together: <i>fox</i> and <i>quick</i> fit.</summary>
    public static WordShape First { get; } = new(3, 1, 1);

    /// <summary>The smaller of both in everything.</summary>
    public WordShape Within(WordShape most) => new(Math.Min(Boxes, most.Boxes), Math.Min(Together, most.Together), Math.Min(Syllables, most.Syllables));

    /// <summary>The larger of both in everything.</summary>
    public WordShape AtLeast(WordShape least) => new(Math.Max(Boxes, least.Boxes), Math.Max(Together, least.Together), Math.Max(Syllables, least.Syllables));

    /// <summary>Large enough for what is taught: a rung on consonants together is read in words that have them.</summary>
    public WordShape For(IEnumerable<Teachable> taught)
    {
        var shape = this;
        foreach (var x in taught)
        {
            var least = x switch
            {
                { Structure: TaughtStructure.PairAtEnd or TaughtStructure.PairAtStart } => new WordShape(4, 2, 1),
                { Structure: TaughtStructure.ThreeTogether } => new WordShape(6, 3, 1),
                { Structure: not null } => new WordShape(6, 2, 2),
                { Kind: TeachableKind.Cluster, Run.Parts.Count: var together } => new WordShape(together + 3, together, 1),
                // What an ending adds: its own boxes, a consonant behind that of the base, and most of them a beat.
                { Ending: { } ending } => new WordShape(
                    Math.Min(12, Boxes + (ending is "s" ? 1 : ending is "est" ? 3 : 2)), Math.Min(4, ending is "s" or "ed" ? Together + 1 : 2), Math.Min(5, Syllables + (ending is "s" ? 0 : 1))),
                { Kind: TeachableKind.RimeUnit, Run: { BringsBeat: true } run } => new WordShape(
                    Math.Clamp(Boxes + 1, 3 + run.Parts.Count, 12), Math.Max(2, Together), Math.Clamp(Syllables, 1 + run.Beats, 5)),
                { Correspondence: { IsOfNk: true } } => new WordShape(4, 2, 1),
                { Correspondence: { } part } when Vowels.IsBeatAtEnd(part) => new WordShape(Math.Max(5, Boxes), 1, Math.Max(2, Syllables)),
                _ => First,
            };
            shape = shape.AtLeast(least);
        }

        return shape;
    }

    public bool IsSensible => Boxes is >= 2 and <= 12 && Together is >= 1 and <= 4 && Syllables is >= 1 and <= 5;
}

/// <summary>A named stretch of a ladder with the shape of word chosen along it.</summary>
public sealed record Section(string Id, string Name, WordShape Shape, IReadOnlyList<Rung> Rungs)
{
    /// <summary>The largest shape on the day of a rung that stands in it: its own, and what the rung brings.</summary>
    public WordShape ShapeFor(Rung? rung) => Shape.For(rung?.Adds ?? []);
}
