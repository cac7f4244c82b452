using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Mapping;

/// <summary>How two things are confused.</summary>
public enum ClashKind
{
    ByLook,
    BySound,

    /// <summary>Two spellings of one sound.</summary>
    SameSound,

    /// <summary>Two tricky words that look alike.</summary>
    Words,
}

/// <summary>How many rungs two things have to lie apart, by how they are confused.</summary>
/// <param name="Alike">What looks or sounds alike.</param>
/// <param name="Spellings">Two spellings of one sound: a school's choice.</param>
/// <param name="Words">Tricky words that look alike.</param>
public readonly record struct ClashDistances(int Alike, int Spellings, int Words)
{
    /// <summary>Source: a part is secure after ten days; look-alike letters and words are met before that and kept a week apart or so.</summary>
    public static ClashDistances Usual { get; } = new(4, 10, 3);
}

/// <summary>Two things easily confused that two rungs teach too close together.</summary>
/// <param name="Earlier">The rung that comes first; the same as the later one where one rung teaches both.</param>
public readonly record struct Clash(string Earlier, string Later, string One, string Other, ClashKind Kind);

/// <summary>
/// Finds what is easily confused on a ladder. What stands together on a rung on purpose (both of a doubled pair, two ways
/// to write one sound) is the lead's decision and no clash, but for look-alikes. Letters and sounds can be taken for each
/// other while they are new: where a known letter gets another sound, its look is not new, nor is a sound's when it gets
/// another spelling.
/// </summary>
public sealed class Clashes
{
    private readonly List<Pair> _pairs = [];
    private readonly ILookup<string, int> _letters;
    private readonly List<(Sound Sound, int At)> _sounds;

    /// <param name="NewA">The rungs that have what A has: A brings it as new only where it is the first of them; null where that does not matter.</param>
    internal sealed record Pair(int A, int B, Clash Clash, int Distance, IReadOnlyList<int>? NewA, IReadOnlyList<int>? NewB);

    /// <param name="sameSound">Whether two sounds are one to the children.</param>
    public Clashes(IReadOnlyList<Rung> rungs, ClashDistances distances, Func<Sound, Sound, bool> sameSound)
    {
        // What was known before is new to nobody.
        var teaching = rungs.Select((x, i) => (Rung: x, At: i)).Where(x => x.Rung.Kind == RungKind.Teach && !x.Rung.IsKnownBefore).ToList();
        _letters = teaching.SelectMany(x => x.Rung.Correspondences.Select(c => (c.Grapheme.Text, x.At))).ToLookup(x => x.Text, x => x.At);
        _sounds = [.. teaching.SelectMany(x => x.Rung.Correspondences.Select(c => (c.Sound, x.At)))];
        for (var a = 0; a < teaching.Count; a++)
        {
            for (var b = a; b < teaching.Count; b++)
            {
                Between(teaching[a], teaching[b], distances, sameSound);
            }
        }
    }

    /// <summary>What is easily confused, however far apart it stands.</summary>
    internal IReadOnlyList<Pair> Pairs => _pairs;

    /// <summary>Those that are too close when the rungs stand at other positions.</summary>
    /// <param name="position">From a rung's place in the list to its position.</param>
    public IEnumerable<Clash> At(Func<int, int> position)
    {
        foreach (var (a, b, clash, distance, newA, newB) in _pairs)
        {
            var (first, second) = (position(a), position(b));
            if (Math.Abs(first - second) < distance && (newA is null || newA.Min(position) == first) && (newB is null || newB.Min(position) == second))
            {
                yield return first <= second ? clash : clash with { Earlier = clash.Later, Later = clash.Earlier, One = clash.Other, Other = clash.One };
            }
        }
    }

    /// <summary>Those of a ladder as it stands.</summary>
    public static IReadOnlyList<Clash> Of(Ladder ladder, ClashDistances distances, Func<Sound, Sound, bool> sameSound) =>
        [.. new Clashes(ladder.Rungs, distances, sameSound).At(x => x)];

    private void Between((Rung Rung, int At) a, (Rung Rung, int At) b, ClashDistances distances, Func<Sound, Sound, bool> sameSound)
    {
        var together = a.At == b.At;
        foreach (var (x, i) in a.Rung.Correspondences.Select((x, i) => (x, i)))
        {
            foreach (var y in b.Rung.Correspondences.Skip(together ? i + 1 : 0))
            {
                var (one, other) = (x.Grapheme.Text, y.Grapheme.Text);
                if (Confusables.LookAlike(one, other))
                {
                    Add(ClashKind.ByLook, one, other, distances.Alike, [.. _letters[one]], [.. _letters[other]]);
                }
                else if (!together && Confusables.SoundAlike(x.Sound.Key, y.Sound.Key))
                {
                    Add(ClashKind.BySound, one, other, distances.Alike, Having(x.Sound), Having(y.Sound));
                }
                else if (!together && x.Grapheme != y.Grapheme && sameSound(x.Sound, y.Sound) && !OneOfAnother(x, y))
                {
                    Add(ClashKind.SameSound, one, other, distances.Spellings);
                }
            }
        }

        foreach (var (x, i) in a.Rung.TrickyWords.Select((x, i) => (x, i)))
        {
            foreach (var y in b.Rung.TrickyWords.Skip(together ? i + 1 : 0).Where(y => Confusables.WordsAlike(x.ToLowerInvariant(), y.ToLowerInvariant())))
            {
                Add(ClashKind.Words, x, y, distances.Words);
            }
        }

        List<int> Having(Sound sound) => [.. _sounds.Where(s => sameSound(s.Sound, sound)).Select(s => s.At)];

        void Add(ClashKind kind, string one, string other, int distance, IReadOnlyList<int>? newA = null, IReadOnlyList<int>? newB = null) =>
            _pairs.Add(new Pair(a.At, b.At, new Clash(a.Rung.Id, b.Rung.Id, one, other, kind), distance, newA, newB));
    }

    // A consonant and its doubled or joined form (l, ll; c, k, ck; ch, tch) are one lesson to children, not a choice.
    private static bool OneOfAnother(Correspondence x, Correspondence y) => !x.Sound.IsVowel;
}
