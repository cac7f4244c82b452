using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// A word as an ordered list of correspondences that together cover every letter once, apostrophes and hyphens aside: one
/// reading of the word in one accent.
/// </summary>
public sealed class Segmentation : IEquatable<Segmentation>
{
    /// <summary>Mark after a split digraph whose <i>e</i> an ending dropped: <c>m:m a_e-:ai k:k ing...</c></summary>
    private const char DroppedMark = '-';

    private Segmentation(string word, IReadOnlyList<Segment> segments)
    {
        Word = word;
        Segments = segments;
    }

    /// <summary>The spelling in lower case.</summary>
    public string Word { get; }

    public IReadOnlyList<Segment> Segments { get; }

    /// <summary>The teacher's sound count: one for each grapheme.</summary>
    public int SoundCount => Segments.Count;

    /// <summary>Where a segment stands, as children are told it: <c>first</c>, <c>inside</c> or <c>last</c>.</summary>
    public string PlaceOf(int segment) => PlaceOf(segment, null);

    /// <summary>The same in the word without its ending: in <i>days</i> the <i>ay</i> stands last, as in <i>day</i>.</summary>
    public string PlaceOf(int segment, EndedWord? ended)
    {
        var baseEnds = Word.Length - (ended?.Ending.Length ?? 0);
        return segment == 0 ? "first" : segment == Segments.Count - 1 || Segments[segment + 1].Start >= baseEnds ? "last" : "inside";
    }

    /// <summary>The phonemes in order, two for a grapheme such as <i>x</i>.</summary>
    public IEnumerable<Phoneme> Phonemes => Segments.SelectMany(x => x.Correspondence.Sound.Phonemes);

    /// <summary>
    /// Lays correspondences on a word from left to right. Fails with a reason when they do not
    /// spell it letter for letter.
    /// </summary>
    /// <param name="word">Lower-case letters.</param>
    /// <param name="parts">Correspondences; <c>true</c> with a split digraph whose <i>e</i> was dropped.</param>
    public static bool TryBuild(
        string word, IReadOnlyList<(Correspondence Correspondence, bool DroppedE)> parts,
        out Segmentation segmentation, out string reason)
    {
        segmentation = null!;
        var segments = new Segment[parts.Count];
        var at = 0;
        var (waiting, since) = (-1, 0);
        for (var i = 0; i < parts.Count; i++)
        {
            var (correspondence, droppedE) = parts[i];
            var letters = correspondence.Grapheme.LeadingLetters;
            at += MarksAt(word, at);
            var (end, mark) = Laid(word, at, letters);
            if (end < 0)
            {
                reason = $"'{letters}' does not stand at letter {at + 1} of '{word}'";
                return false;
            }

            segments[i] = new Segment(correspondence, at, Mark: mark);
            at = end;
            if (correspondence.Grapheme.IsSplit && !droppedE)
            {
                if (waiting >= 0)
                {
                    break;
                }

                (waiting, since) = (i, 0);
            }
            else if (waiting >= 0 && ++since <= 2 && at < word.Length && word[at] == 'e')
            {
                segments[waiting] = segments[waiting] with { FinalE = at++ };
                waiting = -1;
            }
        }

        if (waiting >= 0)
        {
            reason = $"the e of '{parts[waiting].Correspondence.Grapheme.Text}' was not found in '{word}'";
            return false;
        }

        at += MarksAt(word, at);
        if (at != word.Length || parts.Count == 0)
        {
            reason = $"the parts spell '{word[..at]}', not '{word}'";
            return false;
        }

        segmentation = new Segmentation(word, segments);
        reason = "";
        return true;
    }

    // An apostrophe or a hyphen stands for no sound and belongs to no grapheme.
    private static int MarksAt(string word, int at) => at < word.Length && word[at] is '\'' or '-' ? 1 : 0;

    // Where the letters end when they are laid on the word from a place on, and where a mark stands among them.
    private static (int End, int Mark) Laid(string word, int at, string letters)
    {
        if (word.AsSpan(at).StartsWith(letters))
        {
            return (at + letters.Length, -1);
        }

        for (var inside = 1; inside < letters.Length; inside++)
        {
            if (MarksAt(word, at + inside) == 1 && word.AsSpan(at).StartsWith(letters.AsSpan(0, inside)) && word.AsSpan(at + inside + 1).StartsWith(letters.AsSpan(inside)))
            {
                return (at + letters.Length + 1, at + inside);
            }
        }

        return (-1, -1);
    }

    /// <summary>Reads the written form, such as <c>m:m a_e:ai k:k</c>.</summary>
    public static bool TryParse(string word, string text, out Segmentation segmentation, out string reason)
    {
        segmentation = null!;
        var parts = new List<(Correspondence, bool)>();
        foreach (var part in text.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            var dropped = part.Length > 4 && part[3] == DroppedMark;
            if (!Correspondence.TryParse(dropped ? part.Remove(3, 1) : part, out var correspondence, out reason))
            {
                return false;
            }

            parts.Add((correspondence, dropped));
        }

        return TryBuild(word, parts, out segmentation, out reason);
    }

    /// <summary>
    /// True when the other reading is this one with a vowel said weakly (<i>can</i> in running speech): the same letters
    /// in the same places, and where the sounds differ one is the weak vowel.
    /// </summary>
    public bool IsSpokenFormOf(Segmentation other) =>
        Segments.Count == other.Segments.Count && Segments.Zip(other.Segments).All(x =>
            x.First.Start == x.Second.Start && x.First.Correspondence.Grapheme == x.Second.Correspondence.Grapheme
            && (x.First.Correspondence == x.Second.Correspondence
                || x.First.Correspondence.Sound.Key == "schwa" || x.Second.Correspondence.Sound.Key == "schwa"));

    /// <summary>The written form; <see cref="TryParse"/> reads it back.</summary>
    public override string ToString() => string.Join(' ', Segments.Select(Written));

    public bool Equals(Segmentation? other) =>
        other is not null && other.Word == Word && other.Segments.SequenceEqual(Segments);

    public override bool Equals(object? obj) => Equals(obj as Segmentation);

    public override int GetHashCode() => HashCode.Combine(Word, Segments.Count);

    private static string Written(Segment segment) => segment.DroppedE
        ? $"{segment.Correspondence.Grapheme.Text}{DroppedMark}:{segment.Correspondence.Sound.Key}"
        : segment.Correspondence.Key;
}
