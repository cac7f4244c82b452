using BoldLadder.Core.Words;

namespace BoldLadder.Core.Ladders;

/// <summary>
/// The order in which a school teaches: rungs, bottom to top, in named sections. Immutable; changed
/// by a <see cref="LadderEdit"/>.
/// </summary>
public sealed class Ladder
{
    /// <summary>More rungs than any school year holds.</summary>
    public const int MaxRungs = 400;

    /// <summary>The most school days that a rung takes.</summary>
    public const int MostDays = 20;

    private const int MaxText = 400, MaxPoint = 160, MostOfAKind = 12, MostToHear = 24;

    private readonly Dictionary<string, int> _places;

    private Ladder(string name, IReadOnlyList<Section> sections)
    {
        Name = name;
        Sections = sections;
        Rungs = [.. sections.SelectMany(x => x.Rungs)];
        _places = Rungs.Select((x, i) => (x.Id, i)).ToDictionary(x => x.Id, x => x.i);
    }

    public string Name { get; }

    public IReadOnlyList<Section> Sections { get; }

    /// <summary>All rungs from the bottom; a rung's number is its place here plus one.</summary>
    public IReadOnlyList<Rung> Rungs { get; }

    /// <summary>Zero-based place of a rung, or -1.</summary>
    public int PlaceOf(string rungId) => _places.GetValueOrDefault(rungId, -1);

    /// <summary>The section that holds the rung at a place; the last one beyond the top.</summary>
    public Section SectionAt(int place)
    {
        foreach (var section in Sections)
        {
            if (place < section.Rungs.Count)
            {
                return section;
            }

            place -= section.Rungs.Count;
        }

        return Sections[^1];
    }

    /// <summary>The zero-based place among the sections of the one that holds a rung's place.</summary>
    public int SectionIndexAt(int place) => Sections.ToList().IndexOf(SectionAt(place));

    /// <summary>The same ladder gone up more slowly, or with no longer words.</summary>
    /// <param name="daysARung">Days that a rung of one day takes.</param>
    /// <param name="begun">Ids of rungs that keep their days.</param>
    /// <param name="largest">The shape that no section goes beyond; null for none.</param>
    public Ladder Paced(int daysARung, IReadOnlySet<string> begun, WordShape? largest) => new(Name, [.. Sections.Select(x => x with
    {
        Shape = largest is { } most ? x.Shape.Within(most) : x.Shape,
        Rungs = daysARung == 1 ? x.Rungs : [.. x.Rungs.Select(r => r.Days == 1 && r.Kind == RungKind.Teach && !begun.Contains(r.Id) ? r with { Days = daysARung } : r)],
    })]);

    /// <summary>The same ladder with other days for some rungs.</summary>
    /// <param name="days">By a rung's id; 0 leaves out a rung that adds nothing.</param>
    public Ladder WithDays(IReadOnlyDictionary<string, int> days) => days.Count == 0 ? this : new(Name, [.. Sections.Select(x => x with
    {
        Rungs = [.. x.Rungs.Select(r => days.TryGetValue(r.Id, out var own) && (own > 0 || r.Adds.Count == 0) ? r with { Days = own } : r)],
    })]);

    /// <summary>Checks a ladder whole. On failure <paramref name="problems"/> has fields and sentences.</summary>
    public static bool TryCreate(
        string name, IReadOnlyList<Section> sections, out Ladder ladder, out IReadOnlyList<LadderProblem> problems)
    {
        var found = new List<LadderProblem>();
        if (string.IsNullOrWhiteSpace(name) || name.Length > 100)
        {
            found.Add(new LadderProblem("name", "Give the ladder a name of at most 100 letters."));
        }

        if (sections.Count == 0)
        {
            found.Add(new LadderProblem("sections", "A ladder needs at least one section."));
        }

        foreach (var section in sections)
        {
            if (!IsId(section.Id))
            {
                found.Add(new LadderProblem("sections.id", "A section needs an id of at most 60 letters, digits and hyphens."));
            }

            if (string.IsNullOrWhiteSpace(section.Name) || section.Name.Length > 100)
            {
                found.Add(new LadderProblem("sections.name", "Give every section a name of at most 100 letters."));
            }

            if (!section.Shape.IsSensible)
            {
                found.Add(new LadderProblem("sections.shape", $"Section {section.Name}: 2 to 12 boxes, 1 to 4 consonants together, 1 to 5 syllables."));
            }
        }

        var rungs = sections.SelectMany(x => x.Rungs).ToList();
        if (rungs.Count > MaxRungs)
        {
            found.Add(new LadderProblem("rungs", $"A ladder has at most {MaxRungs} rungs."));
        }

        if (rungs.Select(x => x.Id).Concat(sections.Select(x => x.Id)).Distinct().Count() < rungs.Count + sections.Count)
        {
            found.Add(new LadderProblem("rungs.id", "Two rungs or sections have the same id."));
        }

        found.AddRange(rungs.SelectMany(Check));
        problems = found;
        ladder = found.Count == 0 ? new Ladder(name, sections) : null!;
        return found.Count == 0;
    }

    // An id stands in addresses.
    private static bool IsId(string id) => id.Length is > 0 and <= 60 && id.All(x => char.IsAsciiLetterOrDigit(x) || x is '-' or '_');

    /// <summary>What is wrong with one rung, each with the field and what to do.</summary>
    public static IEnumerable<LadderProblem> Check(Rung rung)
    {
        if (!IsId(rung.Id))
        {
            yield return new LadderProblem("id", "A rung needs an id of at most 60 letters, digits and hyphens.");
        }

        if (rung.Kind == RungKind.Teach && rung.Adds.Count == 0 && rung.TrickyWords.Count == 0)
        {
            yield return new LadderProblem("adds", "Say what the rung adds: a spelling with its sound, a tricky word, an ending, a shape of word, a capital or a mark.");
        }

        if (rung.Adds.GroupBy(x => x.Kind).Any(x => x.Count() > MostOfAKind && x.Key != TeachableKind.Capital) || rung.TrickyWords.Count > MostOfAKind)
        {
            yield return new LadderProblem("adds", $"A rung adds at most {MostOfAKind} things of a kind: split it into several.");
        }

        if (rung.Adds.Distinct().Count() < rung.Adds.Count)
        {
            yield return new LadderProblem("adds", "The rung has the same thing twice.");
        }

        if (rung.TrickyWords.Any(x => x.Length is 0 or > 30 || !char.IsAsciiLetter(x[0]) || !x.All(c => char.IsAsciiLetter(c) || c == '\'')))
        {
            yield return new LadderProblem("trickyWords", "A tricky word is one word of at most 30 letters.");
        }

        if (rung.ListeningWords.Count > MostToHear || rung.ListeningWords.Any(x => x.Length is 0 or > 30 || !char.IsAsciiLetter(x[0]) || !x.All(c => char.IsAsciiLetter(c) || c is '\'' or '-')))
        {
            yield return new LadderProblem("listeningWords", $"Give at most {MostToHear} words to listen to, each of at most 30 letters.");
        }

        if (rung.Days is < 1 or > MostDays)
        {
            yield return new LadderProblem("days", $"A rung takes 1 to {MostDays} days.");
        }

        if (rung.Keyword.Length > 40 || rung.Point.Length > MaxPoint || rung.SayIt.Length > MaxText || rung.WriteIt.Length > MaxText || rung.Notes.Length > 2000)
        {
            yield return new LadderProblem("notes", "One of the texts of the rung is too long.");
        }
    }
}

/// <summary>One thing wrong with a ladder: the field, and a sentence that says what to do.</summary>
public readonly record struct LadderProblem(string Field, string Sentence);
