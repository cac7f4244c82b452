namespace BoldLadder.Core.Sounds;

/// <summary>Two classes of sound that speakers of an accent hear as one.</summary>
/// <param name="One">The key used in output.</param>
/// <param name="Other">The key that counts for the same.</param>
/// <param name="Default">Whether the merge is on unless a group says otherwise.</param>
/// <param name="Example">Two words that show the merge, such as <i>cot, caught</i>.</param>
/// <param name="BeforeNasal">They are one before <c>m</c> and <c>n</c> only, as in <i>pin, pen</i>: <i>pig</i> and <i>peg</i> stay apart.</param>
public readonly record struct Merge(Phoneme One, Phoneme Other, bool Default, string Example, bool BeforeNasal = false)
{
    /// <summary>Written <c>o=aw</c>.</summary>
    public string Key => $"{One.Key}={Other.Key}";
}

/// <summary>
/// How a group's children speak. The words' own sounds per accent live in the lexicon; an accent
/// adds the merges of its speakers, which are data and can be switched for a group.
/// </summary>
public sealed class Accent
{
    private Accent(string id, string name, params Merge[] merges)
    {
        Id = id;
        Name = name;
        Merges = merges;
    }

    public static Accent SouthernBritish { get; } = new(
        "gb-south", "Southern British",
        On("or", "aw", "sore, saw"), On("w", "wh", "witch, which"), On("or", "ure", "paw, poor"));

    public static Accent NorthernEnglish { get; } = new(
        "gb-north", "Northern English",
        On("u", "uu", "luck, look"), On("or", "aw", "sore, saw"), On("w", "wh", "witch, which"), On("or", "ure", "paw, poor"));

    public static Accent Scottish { get; } = new(
        "scotland", "Scottish",
        On("oo", "uu", "pool, pull"), On("o", "aw", "cot, caught"), Off("w", "wh", "witch, which"));

    public static Accent GeneralAmerican { get; } = new(
        "us", "General American",
        On("w", "wh", "witch, which"), Off("o", "aw", "cot, caught"), Off("i", "e", "pin, pen", beforeNasal: true));

    public static IReadOnlyList<Accent> All { get; } = [SouthernBritish, NorthernEnglish, Scottish, GeneralAmerican];

    /// <summary>The id used in data and the API, such as <c>gb-south</c>.</summary>
    public string Id { get; }

    public string Name { get; }

    /// <summary>True where American spellings and words are used.</summary>
    public bool IsAmerican => Id == "us";

    /// <summary>Merges this accent has, or can be given.</summary>
    public IReadOnlyList<Merge> Merges { get; }

    /// <summary>The accent with this id, or null.</summary>
    public static Accent? Find(string? id) => All.FirstOrDefault(x => x.Id == id);

    /// <summary>Keys of merges as they are written with spaces between, as a set.</summary>
    public static IReadOnlySet<string> MergesIn(string keys) => keys.Split(' ', StringSplitOptions.RemoveEmptyEntries).ToHashSet();

    /// <summary>Which sounds its speakers hear as one.</summary>
    /// <param name="switched">Keys of merges whose default is turned round for a group, such as <c>o=aw</c>.</param>
    public HeardSounds Heard(IReadOnlySet<string>? switched = null) => new(Merges.Where(x => x.Default != (switched?.Contains(x.Key) ?? false)));

    /// <summary>With every merge on that some of its speakers have: what may sound alike to somebody.</summary>
    public HeardSounds HeardLoosely() => new(Merges);

    public override string ToString() => Id;

    private static Merge On(string one, string other, string example) =>
        new(Phonemes.Find(one)!, Phonemes.Find(other)!, true, example);

    private static Merge Off(string one, string other, string example, bool beforeNasal = false) =>
        new(Phonemes.Find(one)!, Phonemes.Find(other)!, false, example, beforeNasal);
}
