using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Ladders;

/// <summary>What a rung is for.</summary>
public enum RungKind
{
    /// <summary>Adds something new to read or spell with.</summary>
    Teach,

    /// <summary>Spellings of one sound met together, once each is secure.</summary>
    Contrast,

    /// <summary>Nothing new: what was taught is made firm.</summary>
    Consolidation,

    /// <summary>What was taught is checked, child by child.</summary>
    Check,
}

/// <summary>
/// A pattern of boxes that a ladder may teach on a rung of its own. It gates words only in a ladder
/// that has a rung for it.
/// </summary>
public enum TaughtStructure
{
    /// <summary>Two consonants together at the end of a word (<i>hand</i>).</summary>
    PairAtEnd,

    /// <summary>Two consonants together at the start (<i>stop</i>).</summary>
    PairAtStart,

    /// <summary>Three or more consonants together (<i>string</i>).</summary>
    ThreeTogether,

    /// <summary>Words of two syllables (<i>rabbit</i>).</summary>
    TwoSyllables,

    /// <summary>Words of three syllables or more (<i>banana</i>).</summary>
    ThreeSyllables,
}

/// <summary>One step of a ladder: what it adds, and how it is introduced.</summary>
public sealed record Rung
{
    public required string Id { get; init; }

    public RungKind Kind { get; init; }

    /// <summary>What the rung adds to what is taught, each thing once, in the order in which it is met.</summary>
    public IReadOnlyList<Teachable> Adds { get; init; } = [];

    /// <summary>Words taught before all their parts are, as written in a sentence.</summary>
    public IReadOnlyList<string> TrickyWords { get; init; } = [];

    /// <summary>The school's own words to listen to, chosen by sound: nobody reads them.</summary>
    public IReadOnlyList<string> ListeningWords { get; init; } = [];

    /// <summary>A word that helps to remember the sound, with no more than one new thing in it.</summary>
    public string Keyword { get; init; } = "";

    /// <summary>What its day is about, in the school's own sentence; empty for the one that ships or is made.</summary>
    public string Point { get; init; } = "";

    /// <summary>The school's line on how to say it; empty for the sound's own line.</summary>
    public string SayIt { get; init; } = "";

    /// <summary>How the letters are written, in words.</summary>
    public string WriteIt { get; init; } = "";

    public string Notes { get; init; } = "";

    /// <summary>
    /// What the ids of rungs begin with that children know before the ladder begins: a sheet of the ladder keeps them. No id
    /// that is made of what a rung teaches has such a mark: the words before and after are <c>before-after</c>.
    /// </summary>
    public const string KnownBefore = "before_";

    /// <summary>Known before the ladder begins, which does not begin with letters: taught long ago and elsewhere, in an order that nobody chooses here.</summary>
    public bool IsKnownBefore => NamesKnownBefore(Id);

    /// <summary>The same of a rung that is known by its id alone, as in a log.</summary>
    public static bool NamesKnownBefore(string rungId) => rungId.StartsWith(KnownBefore, StringComparison.Ordinal);

    /// <summary>School days the rung takes.</summary>
    public int Days { get; init; } = 1;

    /// <summary>True when the rung opens words: such rungs can be thin. Capitals and marks open none.</summary>
    public bool AddsParts => Adds.Any(x => !x.IsPrint);

    /// <summary>The correspondences among what it adds.</summary>
    public IReadOnlyList<Correspondence> Correspondences => [.. Adds.Select(x => x.Correspondence).OfType<Correspondence>()];

    /// <summary>What the rung adds, for a list or a button: <c>ch</c>, <c>was, you</c>, <c>-ing</c>.</summary>
    public string Label
    {
        get
        {
            var parts = Adds.Where(x => x.Kind != TeachableKind.Capital).OrderBy(x => x.Kind is TeachableKind.Structure or TeachableKind.Mark).Select(x => x.Label).Distinct()
                .Concat(Capitals.Count == 0 ? [] : [LabelOf(Capitals)]).Concat(TrickyWords).ToList();
            return parts.Count > 0 ? string.Join(", ", parts) : Kind switch
            {
                RungKind.Contrast => "contrast",
                RungKind.Check => "check",
                _ => "consolidation",
            };
        }
    }

    /// <summary>The capitals among what it adds, as their letters.</summary>
    public IReadOnlyList<string> Capitals => [.. Adds.Where(x => x.Kind == TeachableKind.Capital).Select(x => x.Key)];

    private const int MostNamed = 6;

    // The whole alphabet, or most of it, is not spelt out on a button.
    private static string LabelOf(IReadOnlyList<string> capitals) => capitals.Count switch
    {
        1 => $"capital {capitals[0]}",
        <= MostNamed => $"capitals {string.Join(' ', capitals)}",
        var count => $"{count} capitals",
    };

    /// <summary>True when the other rung says the same in everything.</summary>
    public bool SameAs(Rung other) => ReferenceEquals(this, other)
        || (Adds.SequenceEqual(other.Adds) && TrickyWords.SequenceEqual(other.TrickyWords) && ListeningWords.SequenceEqual(other.ListeningWords)
            && this with { Adds = other.Adds, TrickyWords = other.TrickyWords, ListeningWords = other.ListeningWords } == other);

    public static string Describe(TaughtStructure structure) => structure switch
    {
        TaughtStructure.PairAtEnd => "two consonants at the end",
        TaughtStructure.PairAtStart => "two consonants at the start",
        TaughtStructure.ThreeTogether => "three consonants together",
        TaughtStructure.TwoSyllables => "two syllables",
        _ => "three syllables",
    };
}
