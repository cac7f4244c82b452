using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Importing;

/// <summary>
/// What children know when an order begins that does not begin with letters: a plan for Year One starts at <i>ai</i>, and its
/// words need s, t and p all the same. It stands in front of the order as a section of its own, so that what can be read is
/// counted, and groups are taken to have been taught it.
/// </summary>
public static class KnownBefore
{
    private const string Name = "Before this order";

    // One or two that an order lacks were forgotten, or left out on purpose.
    private const int FewestParts = 4;

    // Orders differ: where one begins is told by its earliest tenth, not by a single part that others teach late or early.
    private const double Earliest = 0.1;

    // An order for after the letters may go over some of them (short vowels first, then sh): it lacks so many, and teaches so
    // much beyond.
    private const int LettersLacking = 8, PartsBeyond = 3;

    private const int Begins = 4, FewestVowels = 2;

    private const int ARung = 6;

    /// <summary>What is offered to a lead to stand in front, and whether it is likely to be known: what comes before where the order begins, or else the letters that it leaves out. Null where there is nothing to offer.</summary>
    public static (Section Section, bool IsLikely)? Offered(Ladder ladder, Ladder usual) =>
        Of(ladder, usual) is { } known ? (known, true) : LettersLeftOut(ladder, usual) is { } left ? (left, false) : null;

    /// <summary>The section that would stand in front; null for an order that begins at the beginning.</summary>
    /// <param name="usual">An order that begins with letters: what stands early in it is known early.</param>
    public static Section? Of(Ladder ladder, Ladder usual)
    {
        var taught = ladder.Rungs.SelectMany(x => x.Correspondences).ToHashSet();
        var order = usual.Rungs.SelectMany(x => x.Correspondences).Distinct().ToList();
        if ((taught.Count == 0 ? BeginsWithoutLetters(ladder, usual, order) : BeginsAt(ladder, order, taught)) is not { } begins)
        {
            return null;
        }

        var tricky = ladder.Rungs.SelectMany(x => x.TrickyWords).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var words = usual.Rungs.TakeWhile(x => !x.Correspondences.Any(c => order.IndexOf(c) >= begins)).SelectMany(x => x.TrickyWords).Where(x => !tricky.Contains(x)).ToList();
        // Who comes to the ow of snow, and to no other, knows that of cow.
        var otherwise = taught.Where(x => !SoundChoice.IsMetFirst(x)).Select(x => x.Grapheme).ToHashSet();
        return Section(ladder, [.. order.Where((x, place) => !taught.Contains(x) && (place < begins || (SoundChoice.IsMetFirst(x) && otherwise.Contains(x.Grapheme))))], words);
    }

    /// <summary>
    /// The letters that an order which begins with letters leaves out, though it goes on to what two of them say: those who
    /// come to <i>sh</i> and <i>ai</i> know them. Null for one that has all but a few. Whether they are known is for a lead to say.
    /// </summary>
    public static Section? LettersLeftOut(Ladder ladder, Ladder usual)
    {
        var taught = ladder.Rungs.SelectMany(x => x.Correspondences).ToHashSet();
        var order = usual.Rungs.SelectMany(x => x.Correspondences).Distinct().ToList();
        var alphabet = AlphabetOf(order);
        return order.Skip(alphabet).Count(taught.Contains) < PartsBeyond ? null
            : Section(ladder, [.. order.Take(alphabet).Where(x => IsLetter(x) && !taught.Contains(x))], []);
    }

    private static Section? Section(Ladder ladder, List<Correspondence> parts, List<string> words)
    {
        var (letters, atSight) = (parts.Chunk(ARung).ToList(), words.Chunk(ARung).ToList());
        return parts.Count < FewestParts || ladder.Rungs.Count + letters.Count + atSight.Count > Ladder.MaxRungs ? null : new Section($"{Rung.KnownBefore}order", Name, WordShape.First,
        [
            .. letters.Select((x, i) => new Rung { Id = $"{Rung.KnownBefore}{i + 1}", Adds = [.. x.Select(Teachable.Of)] }),
            .. atSight.Select((x, i) => new Rung { Id = $"{Rung.KnownBefore}{letters.Count + i + 1}", TrickyWords = x }),
        ]);
    }

    // Where in the usual order one with graphemes begins.
    private static int? BeginsAt(Ladder ladder, List<Correspondence> order, HashSet<Correspondence> taught)
    {
        var places = order.Select((x, place) => (Part: x, Place: place)).Where(x => taught.Contains(x.Part)).Select(x => x.Place).ToList();
        if (places.Count == 0 || IsForBeginners(ladder))
        {
            return null;
        }

        var begins = places[(int)(places.Count * Earliest)];
        var alphabet = AlphabetOf(order);
        return order.Take(alphabet).Count(x => IsLetter(x) && !taught.Contains(x)) >= LettersLacking && places.Count(x => x >= alphabet) >= PartsBeyond
            ? Math.Max(begins, alphabet) : begins;
    }

    // An order of endings, of consonants together or of tricky words teaches no letter at any time: children know all that the
    // usual order has met before the last of it, and the alphabet at least.
    private static int? BeginsWithoutLetters(Ladder ladder, Ladder usual, List<Correspondence> order)
    {
        var rungs = usual.Rungs.ToList();
        int Known(Teachable x) => rungs.FindIndex(r => r.Adds.Any(u => u.Equals(x) || (x.Kind == TeachableKind.Cluster && u.Structure is not null))) is var at and >= 0
            ? rungs.Take(at).SelectMany(r => r.Correspondences).Distinct().Count() : order.Count;
        return ladder.Rungs.All(x => x.Adds.All(a => a.IsPrint) && x.TrickyWords.Count == 0) ? null
            : ladder.Rungs.SelectMany(x => x.Adds).Where(x => !x.IsPrint).Select(Known).Append(AlphabetOf(order)).Max();
    }

    private static int AlphabetOf(List<Correspondence> order) => order.FindIndex(x => x.Grapheme.Text == "qu") + 1;

    /// <summary>True for an order that begins with single letters, and what they say when met first: who comes to the i of <i>find</i> and the o of <i>cold</i> knows them.</summary>
    internal static bool BeginsWithLetters(IEnumerable<Correspondence> parts) => parts.Take(Begins).All(x => IsLetter(x) && SoundChoice.IsMetFirst(x));

    private static bool IsLetter(Correspondence x) => x.Grapheme.Kind == GraphemeKind.Single;

    // Letters first, and not only vowels, or only consonants: of those alone there are no words.
    private static bool IsForBeginners(Ladder ladder)
    {
        var parts = ladder.Rungs.SelectMany(x => x.Correspondences).ToList();
        return BeginsWithLetters(parts) && !parts.Take(Begins).All(x => x.Sound.IsVowel)
            && parts.Count(x => IsLetter(x) && x.Sound.IsVowel) >= FewestVowels;
    }

    /// <summary>The ladder with such a section in front.</summary>
    public static Ladder InFront(Section before, Ladder ladder) =>
        Ladder.TryCreate(ladder.Name, [before, .. ImportedSections.After(before, ladder.Sections)], out var whole, out var problems) ? whole : throw new ArgumentException(problems[0].Sentence, nameof(before));

    /// <summary>The last rung of what is known before the order begins; null for an order that has no such section.</summary>
    public static Rung? LastOf(Ladder ladder) =>
        ladder.Sections is [{ Rungs: [.., var last] rungs }, ..] && rungs.Any(x => x.IsKnownBefore) ? last : null;
}
