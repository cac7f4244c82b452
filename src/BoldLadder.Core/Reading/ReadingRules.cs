using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>
/// How teaching covers needs for one group: the merges of its accent, how weak vowels count, and
/// which endings and structures gate. Worked out once, so that a verdict only compares bits.
/// </summary>
public sealed class ReadingRules
{
    private readonly Bits _bits;
    private readonly HeardSounds _heard;
    private readonly Lazy<ReadingRules> _strict;
    private readonly WeakVowels _weak;
    private readonly Plurals _plurals;
    private readonly bool _shortA;
    private readonly bool _readsAnd;
    private readonly HashSet<Teachable> _gates;
    private readonly Dictionary<Teachable, int[]> _cover = [];
    private readonly System.Runtime.CompilerServices.ConditionalWeakTable<Rung, int[]> _byRung = [];

    /// <param name="ladder">Endings and structures gate only where it has a rung for them; null for no ladder.</param>
    /// <param name="switchedMerges">Merges a group has turned round, such as <c>o=aw</c>.</param>
    /// <param name="plurals">Whether s is enough for the z of a plural.</param>
    /// <param name="shortA">Whether <i>a</i> as a word is read by its letter.</param>
    public ReadingRules(
        WordRows rows, WeakVowels weak, Ladder? ladder, IReadOnlySet<string>? switchedMerges = null, Plurals plurals = Plurals.OwnRung, bool shortA = true)
    {
        (_plurals, _shortA) = (plurals, shortA);
        Rows = rows;
        _bits = rows.Bits;
        _weak = weak;
        _heard = rows.Words.Accent.Heard(switchedMerges);
        var steps = ladder?.Rungs ?? [];
        _gates = [.. steps.SelectMany(x => x.Adds).Where(x => x.Kind is TeachableKind.Ending or TeachableKind.Structure)];
        _strict = new Lazy<ReadingRules>(() => weak == WeakVowels.Strict ? this : new ReadingRules(rows, WeakVowels.Strict, ladder, switchedMerges, plurals, shortA));
        _readsAnd = !steps.Any(x => x.TrickyWords.Contains("and", StringComparer.OrdinalIgnoreCase));
        Print = new PrintGates(ladder);
        AlwaysOpen = [.. Enumerable.Range(0, _bits.Count).Where(OpenFromTheStart)];
    }

    public WordRows Rows { get; }

    /// <summary>The capitals and marks that sentences wait for on this ladder.</summary>
    public PrintGates Print { get; }

    /// <summary>The same rules with weakly said vowels counting as what they sound like: for spelling, and for when a tricky word stops being one.</summary>
    public ReadingRules Strict => _strict.Value;

    /// <summary>Bits that need no teaching on this ladder.</summary>
    public IReadOnlyList<int> AlwaysOpen { get; }

    /// <summary>The bits that teaching one thing covers.</summary>
    public IReadOnlyList<int> Covers(Teachable taught)
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
        _byRung.GetValue(rung, x => [.. x.Adds.SelectMany(Covers).Distinct()]);

    /// <summary>
    /// The bits of words that have a thing in them: those that teaching it covers, but not the weakly
    /// said vowels, which a taught letter opens without being an example of it, nor consonants that only stand together
    /// because of an ending: who reads hats needs no lesson on the end of hand.
    /// </summary>
    public IEnumerable<int> Holds(Teachable taught) => Covers(taught).Where(bit =>
        _bits[bit].Kind != PartKind.LetterWord && !(_bits[bit].Kind == PartKind.Doubling && taught.Ending is not null) && !(_bits[bit].Kind == PartKind.EndingShape && taught.Structure is not null) && (_bits[bit].Kind != PartKind.WeakVowel || taught.Correspondence?.Key == _bits[bit].Key));

    /// <summary>True when two sounds are one to the group's ears.</summary>
    public bool SameSound(Sound a, Sound b) => Canonical(a) == Canonical(b);

    /// <summary>The key that stands for a sound where the group hears several as one.</summary>
    public string SoundKey(Sound sound)
    {
        var first = Phonemes.All[_heard.Alone(sound.First)];
        return new Sound(first, sound.Second is null ? null : Phonemes.All[_heard.Alone(sound.Second)]).Key;
    }

    private bool Covers(Teachable taught, Part part)
    {
        if (taught.Correspondence is not { } given)
        {
            return taught.Kind switch
            {
                TeachableKind.Ending => (part.Kind is PartKind.Ending && part.Key == taught.Key)
                    || (part.Kind is PartKind.EndingSound or PartKind.EndingShape && part.Key.StartsWith(taught.Key + " ", StringComparison.Ordinal))
                    || (part.Kind is PartKind.Doubling && taught.Key is not "s"),
                TeachableKind.Structure => (part.Kind is PartKind.Structure && part.Key == taught.Key) || (part.Kind is PartKind.EndingShape && part.OfEnding == taught.Key),
                TeachableKind.RimeUnit => part.Kind is PartKind.RimeUnit && part.Key == taught.Key,
                TeachableKind.Capital or TeachableKind.Mark => false,
                _ => part.Kind is PartKind.Cluster && part.Key == taught.Key,
            };
        }

        if (part.Kind == PartKind.LetterWord)
        {
            return _shortA && given.Key == part.Key;
        }

        if (part.Kind is PartKind.Ending or PartKind.Structure or PartKind.EndingShape or PartKind.RimeUnit or PartKind.Cluster or PartKind.And)
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
        { Kind: PartKind.Ending, Key: var key } => !_gates.Contains(Teachable.OfEnding(key)),
        { Kind: PartKind.And } => _readsAnd,
        { Kind: PartKind.EndingShape, OfEnding: var key } => !_gates.Contains(Teachable.Of(Enum.Parse<TaughtStructure>(key, true))),
        { Kind: PartKind.Structure, Key: var key } => !_gates.Contains(Teachable.Of(Enum.Parse<TaughtStructure>(key, true))),
        _ => false,
    };

    /// <summary>What stands for a sound where the group hears several as one, as numbers that compare fast.</summary>
    internal (int First, int Second) Canonical(Sound sound) => _heard.Alone(sound);
}
