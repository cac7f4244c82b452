using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// What the adult needs to teach one part: how it is said and written, the slip to expect and what puts it right, where it
/// stands. The school's own line where there is one, else the shipped note, else the facts; never blank.
/// </summary>
/// <param name="Part">What is taught.</param>
/// <param name="Say">To the children: what the mouth does.</param>
/// <param name="Slip">The slip to expect; empty where none is written.</param>
/// <param name="Write">The way the pencil goes; null where the letters are only written one after the other.</param>
/// <param name="Together">A line to say together, on the day that the sound is new; else empty.</param>
/// <param name="Place">A line of where it stands and what goes against it; empty where none is written.</param>
/// <param name="Places">In how many everyday words, and where in them; null where it is in none, and for what is no correspondence.</param>
public sealed record PartTeaching(
    Teachable Part, string Say, string Slip, string Mend, string? Write, string Together, string Place, PartPlaces? Places, string? TellApart)
{
    // Of three new letters each is told in full; from the fourth on, and of a sound that is known where there are several,
    // what fits a line or two.
    private const int InFull = 3, Several = 3, Most = 6;

    private const int MostCompared = 4;

    // Of the whole alphabet nobody reads how each is written.
    private const int MostCapitals = 6;

    /// <summary>What is said of each part of a lesson.</summary>
    public static IReadOnlyList<PartTeaching> Of(Lesson lesson, TeachingNotes notes, WordStock stock, IReadOnlySet<Teachable> before)
    {
        if (lesson.Kind == LessonKind.Contrast)
        {
            return Compared(lesson, notes, stock);
        }

        // On a rung's further day one of its parts is met again: the others have been told.
        var met = lesson.Blocks.Where(x => x.Activity == Activity.Meet).SelectMany(x => x.Items).ToList();
        var parts = lesson.Teaches.Where(x => x.Kind != TeachableKind.Capital && (met.Count == 0 || met.Exists(i => x.Correspondence is { } c ? i.Split == c.Key : i.Text == (x.Mark?.Sign ?? x.Label)))).Take(Most)
            .Concat(lesson.Teaches.Where(x => x.Kind == TeachableKind.Capital).Take(MostCapitals));
        var several = lesson.Teaches.Count >= Several;
        return [.. parts.Select((x, i) => x.Correspondence is { } c ? Shortened(Of(c, x, lesson, notes, stock, before, i == 0), several && Has(before.Concat(lesson.Teaches.Take(i)), c, stock), i) : x.Kind == TeachableKind.Capital ? OfCapital(x, lesson, notes, i == 0) : Of(x, lesson, notes))];

        // The l of bell is said as that of leg: what is new is where it stands.
        PartTeaching Shortened(PartTeaching full, bool known, int at) =>
            known ? full with { Say = at == 0 ? full.Say : "", Slip = "", Mend = "", Write = null, Together = "", TellApart = null } : at >= InFull ? full with { Slip = "", Mend = "", Together = "", TellApart = null } : full;
    }

    // True when one of them says the sound of a part, whatever its letters.
    private static bool Has(IEnumerable<Teachable> things, Correspondence c, WordStock stock) => things.Any(x => x.Correspondence is { } known && stock.Rules.SameSound(known.Sound, c.Sound));

    // Of what is compared nothing is new. Where the sound is one, what tells is where each spelling stands; where the sounds
    // are two, how each is said, and how they are told apart.
    private static IReadOnlyList<PartTeaching> Compared(Lesson lesson, TeachingNotes notes, WordStock stock)
    {
        var parts = lesson.GoesOver.Where(x => x.Correspondence is not null).Take(MostCompared).ToList();
        return [.. parts.Select((x, i) =>
        {
            var c = x.Correspondence!.Value;
            var said = parts.Take(i).Any(p => stock.Rules.SameSound(p.Correspondence!.Value.Sound, c.Sound));
            return new PartTeaching(
                x, said ? "" : i == 0 && lesson.Teaching.SayIt.Length > 0 ? lesson.Teaching.SayIt : notes.Of(c.Sound, stock.Words.Accent)?.Say ?? c.Sound.SayIt, "", "", null, "",
                notes.Of(x)?.Place ?? "", PlacesOf(c, stock), said ? null : Apart(c, notes, stock, parts.Take(i).ToHashSet()));
        })];
    }

    private static PartTeaching Of(
        Correspondence c, Teachable part, Lesson lesson, TeachingNotes notes, WordStock stock, IReadOnlySet<Teachable> before, bool first)
    {
        var note = notes.Of(c.Sound, stock.Words.Accent);
        var own = lesson.Teaching;
        return new PartTeaching(
            part, first && own.SayIt.Length > 0 ? own.SayIt : note?.Say ?? c.Sound.SayIt, note?.Slip ?? "", note?.Mend ?? "",
            first && own.WriteIt.Length > 0 ? own.WriteIt : notes.Of(c.Grapheme)?.Small,
            Has(before, c, stock) ? "" : note?.Line ?? "", notes.Of(part)?.Place ?? "", PlacesOf(c, stock), Apart(c, notes, stock, before));
    }

    private static PartTeaching Of(Teachable part, Lesson lesson, TeachingNotes notes) =>
        new(part, lesson.Teaching.SayIt, "", "", lesson.Teaching.WriteIt.Length > 0 ? lesson.Teaching.WriteIt : null, "", notes.Of(part)?.Place ?? "", null, null);

    // What is true of every capital is said once.
    private static PartTeaching OfCapital(Teachable part, Lesson lesson, TeachingNotes notes, bool first) => new(
        part, first ? lesson.Teaching.SayIt : "", "", "",
        first && lesson.Teaching.WriteIt.Length > 0 ? lesson.Teaching.WriteIt : notes.OfCapital(part)?.Capital, "", first ? notes.Of(part)?.Place ?? "" : "", null, null);

    // Where it stands in the everyday words, and how else the sound is spelt there.
    private static PartPlaces? PlacesOf(Correspondence c, WordStock stock) => PartPlaces.In(stock, c) is { Total: > 0 } places ? places : null;

    // What was taught before and is taken for it, by look first.
    private static string? Apart(Correspondence c, TeachingNotes notes, WordStock stock, IReadOnlySet<Teachable> before)
    {
        var taught = before.Select(x => x.Correspondence).OfType<Correspondence>().OrderBy(x => x.Key, StringComparer.Ordinal).ToList();
        return taught.Select(x => notes.TellApart(x.Grapheme.Text, c.Grapheme.Text, false)).FirstOrDefault(x => x is not null)
            ?? NearSounds.Of(c.Sound).Where(x => taught.Exists(t => t.Sound == x) && !stock.Rules.SameSound(x, c.Sound))
                .Select(x => notes.TellApart(x.Key, c.Sound.Key, true)).FirstOrDefault(x => x is not null);
    }
}
