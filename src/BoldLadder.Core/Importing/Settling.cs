using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Importing;

/// <summary>What was settled so far on the way through a sheet, and what has to be asked.</summary>
/// <param name="smallI">The letter i stands in the sheet as a small letter, so that <i>I</i> is the word, wherever it comes.</param>
internal sealed class Settling(IReadOnlyDictionary<string, string> answers, List<LeftOut> left, bool smallI)
{
    public bool SmallI { get; } = smallI;

    public IReadOnlyDictionary<string, string> Answers { get; } = answers;

    public List<LeftOut> LeftOut { get; } = left;

    public HashSet<Correspondence> Taught { get; } = [];

    public HashSet<Teachable> Things { get; } = [];

    public HashSet<string> Graphemes { get; } = [];

    public HashSet<string> Tricky { get; } = new(StringComparer.OrdinalIgnoreCase);

    public List<Doubt> Doubts { get; } = [];

    public List<Source> Kept { get; } = [];

    public HashSet<string> Ids { get; } = [];

    /// <summary>The number that the next id takes that would be like another: a sheet may hold thousands of reviews.</summary>
    public Dictionary<string, int> Alike { get; } = [];

    /// <summary>Consonants together were met all at once and none by themselves: <i>sc</i> alone is that of scene then, <i>st</i> that of listen.</summary>
    public bool MetTogetherAtOnce =>
        Things.Any(x => x.Structure is TaughtStructure.PairAtStart or TaughtStructure.PairAtEnd) && !Things.Any(x => x.Kind == TeachableKind.Cluster);
}

/// <summary>A rung as it comes together, part by part.</summary>
internal sealed class Draft
{
    public List<Teachable> Adds { get; } = [];

    public List<string> Tricky { get; } = [];

    public List<string> Notes { get; } = [];

    public List<string> Doubts { get; } = [];

    /// <summary>Letters that were taught before and are gone over.</summary>
    public List<string> Again { get; } = [];
}
