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

    public bool IsSensible => Boxes is >= 2 and <= 12 && Together is >= 1 and <= 4 && Syllables is >= 1 and <= 5;
}

/// <summary>A named stretch of a ladder with the shape of word chosen along it.</summary>
public sealed record Section(string Id, string Name, WordShape Shape, IReadOnlyList<Rung> Rungs);
