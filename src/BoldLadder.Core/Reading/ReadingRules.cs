using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>How the z of a plural counts before its ending has been taught.</summary>
public enum Plurals
{
    /// <summary>The ending has a rung of its own, which adds the z ones.</summary>
    OwnRung,

    /// <summary>Both sounds are met from the first plural: s is enough.</summary>
    Early,
}

/// <summary>A thing that teaching gives: a correspondence, an ending, a structure, a rime unit or a cluster.</summary>
public readonly record struct Taught(
    Correspondence? Correspondence = null, string? Ending = null, TaughtStructure? Structure = null, GraphemeRun? RimeUnit = null, GraphemeRun? Cluster = null)
{
    /// <summary>All that a rung adds to a taught set, tricky words aside.</summary>
    public static IEnumerable<Taught> Of(Rung rung) =>
        rung.Correspondences.Select(x => new Taught(Correspondence: x))
            .Concat(rung.Endings.Select(x => new Taught(Ending: x is "es" ? "s" : x)))
            .Concat(rung.Structures.Select(x => new Taught(Structure: x)))
            .Concat(rung.RimeUnits.Select(x => new Taught(RimeUnit: x)))
            .Concat(rung.Clusters.Select(x => new Taught(Cluster: x)));
}

/// <summary>
/// How teaching covers needs for one group: the merges of its accent, how weak vowels count, and
/// which endings and structures gate. Worked out once, so that a verdict only compares bits.
/// </summary>
public sealed class ReadingRules
{
    private readonly Bits _bits;
    private readonly byte[] _canonical;
    private readonly Lazy<ReadingRules> _strict;
    private readonly WeakVowels _weak;
    private readonly Plurals _plurals;
    private readonly HashSet<string> _gatingEndings;
    private readonly HashSet<TaughtStructure> _gatingStructures;
    private readonly Dictionary<Taught, int[]> _cover = [];
    private readonly System.Runtime.CompilerServices.ConditionalWeakTable<Rung, int[]> _byRung = [];

    /// <param name="ladder">Endings and structures gate only where it has a rung for them; null for no ladder.</param>
    /// <param name="switchedMerges">Merges a group has turned round, such as <c>o=aw</c>.</param>
    /// <param name="plurals">Whether s is enough for the z of a plural.</param>
    public ReadingRules(
        WordNeeds needs, WeakVowels weak, Ladder? ladder, IReadOnlySet<string>? switchedMerges = null, Plurals plurals = Plurals.OwnRung)
    {
        _plurals = plurals;
        Needs = needs;
        _bits = needs.Bits;
        _weak = weak;
        _canonical = needs.Words.Accent.Canonical(switchedMerges);
        var rungs = ladder?.Rungs ?? [];
        _gatingEndings = [.. rungs.SelectMany(x => x.Endings).Select(x => x is "es" ? "s" : x)];
        _gatingStructures = [.. rungs.SelectMany(x => x.Structures)];
        _strict = new Lazy<ReadingRules>(() => weak == WeakVowels.Strict ? this : new ReadingRules(needs, WeakVowels.Strict, ladder, switchedMerges, plurals));
        AlwaysOpen = [.. Enumerable.Range(0, _bits.Count).Where(OpenFromTheStart)];
    }

    public WordNeeds Needs { get; }

    /// <summary>The same rules with weakly said vowels counting as what they sound like: for spelling, and for when a tricky word stops being one.</summary>
    public ReadingRules Strict => _strict.Value;

    /// <summary>Bits that need no teaching on this ladder.</summary>
    public IReadOnlyList<int> AlwaysOpen { get; }

    /// <summary>The bits that teaching one thing covers.</summary>
    public IReadOnlyList<int> Covers(Taught taught)
    {
        lock (_cover)
        {
            if (!_cover.TryGetValue(taught, out var bits))
            {
                _cover[taught] = bits = [.. Enumerable.Range(0, _bits.Count).Where(i => Covers(taught, _bits[i]))];
            }

            return bits;
        }
    }

    /// <summary>The bits that a whole rung covers; kept with the rung, which never changes.</summary>
    public ReadOnlySpan<int> CoveredBy(Rung rung) =>
        _byRung.GetValue(rung, x => [.. Taught.Of(x).SelectMany(Covers).Distinct()]);

    /// <summary>
    /// The bits of words that have a thing in them: those that teaching it covers, but not the weakly
    /// said vowels, which a taught letter opens without being an example of it.
    /// </summary>
    public IEnumerable<int> Holds(Taught taught) => Covers(taught).Where(bit =>
        _bits[bit].Kind != PartKind.WeakVowel || taught.Correspondence?.Key == _bits[bit].Key);

    /// <summary>True when two sounds are one to the group's ears.</summary>
    public bool SameSound(Sound a, Sound b) => Canonical(a) == Canonical(b);

    /// <summary>The key that stands for a sound where the group hears several as one.</summary>
    public string SoundKey(Sound sound)
    {
        var first = Phonemes.All[_canonical[sound.First.Index]];
        return new Sound(first, sound.Second is null ? null : Phonemes.All[_canonical[sound.Second.Index]]).Key;
    }

    private bool Covers(Taught taught, Part part)
    {
        if (taught.Ending is { } ending)
        {
            return part.Kind is PartKind.Ending && part.Key == ending
                || part.Kind is PartKind.EndingSound && part.Key.StartsWith(ending + " ", StringComparison.Ordinal);
        }

        if (taught.Structure is { } structure)
        {
            return part.Kind is PartKind.Structure && part.Key == structure.ToString();
        }

        if (taught.RimeUnit is { } rime)
        {
            return part.Kind is PartKind.RimeUnit && part.Key == rime.Key;
        }

        if (taught.Cluster is { } cluster)
        {
            return part.Kind is PartKind.Cluster && part.Key == cluster.Key;
        }

        if (taught.Correspondence is not { } given || part.Kind is PartKind.Ending or PartKind.Structure or PartKind.RimeUnit or PartKind.Cluster)
        {
            return false;
        }

        if (_plurals == Plurals.Early && given.Key == "s:s" && part is { Kind: PartKind.EndingSound, Key: "s s:z" })
        {
            return true;
        }

        var needed = Correspondence.Parse(part.Shown);
        if (part.Kind == PartKind.WeakVowel && _weak == WeakVowels.Lenient && given.Grapheme == needed.Grapheme)
        {
            return true;
        }

        return given.Grapheme == needed.Grapheme && SameSound(given.Sound, needed.Sound);
    }

    private bool OpenFromTheStart(int bit) => _bits[bit] switch
    {
        { Kind: PartKind.Ending, Key: var key } => !_gatingEndings.Contains(key),
        { Kind: PartKind.Structure, Key: var key } => !_gatingStructures.Contains(Enum.Parse<TaughtStructure>(key)),
        _ => false,
    };

    /// <summary>What stands for a sound where the group hears several as one, as numbers that compare fast.</summary>
    internal (int First, int Second) Canonical(Sound sound) =>
        (_canonical[sound.First.Index], sound.Second is null ? -1 : _canonical[sound.Second.Index]);
}
