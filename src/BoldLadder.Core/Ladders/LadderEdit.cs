namespace BoldLadder.Core.Ladders;

/// <summary>A named change to a ladder, with its inverse.</summary>
public abstract record LadderEdit
{
    /// <summary>What was done, for the undo button: <c>moved rung 14</c>.</summary>
    public abstract string NameOn(Ladder before);

    /// <summary>
    /// Makes the changed ladder and the edit that takes it back, or says why not. Nothing that a
    /// group was taught is touched: that stands in its log.
    /// </summary>
    public abstract LadderEditResult Apply(Ladder ladder);

    private protected static LadderEditResult Refuse(string field, string sentence) =>
        new(null, null, new LadderProblem(field, sentence));

    private protected static LadderEditResult Accept(Ladder before, IReadOnlyList<Section> sections, LadderEdit inverse, string? name = null) =>
        Ladder.TryCreate(name ?? before.Name, sections, out var after, out var problems)
            ? new LadderEditResult(after, inverse, null)
            : new LadderEditResult(null, null, problems[0]);

    private protected static IReadOnlyList<Section> WithRungs(Ladder ladder, string sectionId, Func<List<Rung>, List<Rung>> change) =>
        [.. ladder.Sections.Select(x => x.Id == sectionId ? x with { Rungs = change([.. x.Rungs]) } : x)];

    protected static (Section Section, int At)? Where(Ladder ladder, string rungId)
    {
        foreach (var section in ladder.Sections)
        {
            for (var i = 0; i < section.Rungs.Count; i++)
            {
                if (section.Rungs[i].Id == rungId)
                {
                    return (section, i);
                }
            }
        }

        return null;
    }
}

/// <summary>The outcome of an edit: a ladder and its inverse, or the problem.</summary>
public readonly record struct LadderEditResult(Ladder? Ladder, LadderEdit? Inverse, LadderProblem? Problem);

/// <summary>Moves a rung to a place in a section.</summary>
/// <param name="At">Zero-based place within the section, counted without the rung itself.</param>
public sealed record MoveRung(string RungId, string SectionId, int At) : LadderEdit
{
    /// <summary>One place up or down: within its section, or over into the next. Null at either end of the ladder.</summary>
    /// <param name="by">1 for later, -1 for earlier.</param>
    public static MoveRung? By(Ladder ladder, string rungId, int by)
    {
        if (Where(ladder, rungId) is not { } from)
        {
            return null;
        }

        var at = from.At + by;
        if (at >= 0 && at < from.Section.Rungs.Count)
        {
            return new MoveRung(rungId, from.Section.Id, at);
        }

        var next = ladder.Sections.ToList().IndexOf(from.Section) + by;
        return next >= 0 && next < ladder.Sections.Count
            ? new MoveRung(rungId, ladder.Sections[next].Id, by > 0 ? 0 : ladder.Sections[next].Rungs.Count)
            : null;
    }

    /// <summary>To the place of the rung that now has a number, counted from 1. Null when there is no such rung.</summary>
    public static MoveRung? To(Ladder ladder, string rungId, int number) =>
        number >= 1 && number <= ladder.Rungs.Count && Where(ladder, ladder.Rungs[number - 1].Id) is { } there
            ? new MoveRung(rungId, there.Section.Id, there.At)
            : null;

    public override string NameOn(Ladder before) => $"moved rung {before.PlaceOf(RungId) + 1}";

    public override LadderEditResult Apply(Ladder ladder)
    {
        if (Where(ladder, RungId) is not { } from)
        {
            return Refuse("rungId", "That rung is no longer on the ladder.");
        }

        var target = ladder.Sections.FirstOrDefault(x => x.Id == SectionId);
        if (target is null)
        {
            return Refuse("sectionId", "That section is not on the ladder.");
        }

        var room = target.Rungs.Count - (target.Id == from.Section.Id ? 1 : 0);
        if (At < 0 || At > room)
        {
            return Refuse("at", $"The rung can stand at places 0 to {room} of {target.Name}.");
        }

        var rung = from.Section.Rungs[from.At];
        var sections = ladder.Sections.Select(x => x with { Rungs = [.. x.Rungs.Where(r => r.Id != RungId)] })
            .Select(x => x.Id == SectionId ? x with { Rungs = [.. x.Rungs.Take(At), rung, .. x.Rungs.Skip(At)] } : x)
            .ToList();
        return Accept(ladder, sections, new MoveRung(RungId, from.Section.Id, from.At));
    }
}

/// <summary>Adds a rung at a place in a section.</summary>
public sealed record AddRung(Rung Rung, string SectionId, int At) : LadderEdit
{
    public override string NameOn(Ladder before) => $"added {Rung.Label}";

    public override LadderEditResult Apply(Ladder ladder)
    {
        var target = ladder.Sections.FirstOrDefault(x => x.Id == SectionId);
        if (target is null)
        {
            return Refuse("sectionId", "That section is not on the ladder.");
        }

        if (At < 0 || At > target.Rungs.Count)
        {
            return Refuse("at", $"A rung can be added at places 0 to {target.Rungs.Count} of {target.Name}.");
        }

        var problems = Ladder.Check(Rung).ToList();
        return problems.Count > 0
            ? new LadderEditResult(null, null, problems[0])
            : Accept(ladder, WithRungs(ladder, SectionId, x => [.. x.Take(At), Rung, .. x.Skip(At)]), new RemoveRung(Rung.Id));
    }
}

/// <summary>Takes a rung off the ladder; lessons that used it keep what they taught.</summary>
public sealed record RemoveRung(string RungId) : LadderEdit
{
    public override string NameOn(Ladder before) => $"removed rung {before.PlaceOf(RungId) + 1}";

    public override LadderEditResult Apply(Ladder ladder)
    {
        if (Where(ladder, RungId) is not { } from)
        {
            return Refuse("rungId", "That rung is no longer on the ladder.");
        }

        if (ladder.Rungs.Count == 1)
        {
            return Refuse("rungId", "A ladder keeps at least one rung.");
        }

        return Accept(
            ladder, WithRungs(ladder, from.Section.Id, x => [.. x.Where(r => r.Id != RungId)]),
            new AddRung(from.Section.Rungs[from.At], from.Section.Id, from.At));
    }
}

/// <summary>Changes what a rung holds, in its place.</summary>
public sealed record ReplaceRung(Rung Rung) : LadderEdit
{
    public override string NameOn(Ladder before) => $"changed rung {before.PlaceOf(Rung.Id) + 1}";

    public override LadderEditResult Apply(Ladder ladder)
    {
        if (Where(ladder, Rung.Id) is not { } at)
        {
            return Refuse("rungId", "That rung is no longer on the ladder.");
        }

        var problems = Ladder.Check(Rung).ToList();
        return problems.Count > 0
            ? new LadderEditResult(null, null, problems[0])
            : Accept(
                ladder, WithRungs(ladder, at.Section.Id, x => [.. x.Select(r => r.Id == Rung.Id ? Rung : r)]),
                new ReplaceRung(at.Section.Rungs[at.At]));
    }
}
