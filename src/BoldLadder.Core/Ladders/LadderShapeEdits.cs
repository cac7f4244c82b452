namespace BoldLadder.Core.Ladders;

/// <summary>Gives the ladder another name.</summary>
public sealed record RenameLadder(string Name) : LadderEdit
{
    public override string NameOn(Ladder before) => $"renamed the ladder {Name}";

    public override LadderEditResult Apply(Ladder ladder) => Accept(ladder, ladder.Sections, new RenameLadder(ladder.Name), Name);
}

/// <summary>Changes a section's name and the largest shape of word chosen along it; its rungs stay.</summary>
public sealed record ChangeSection(string SectionId, string Name, WordShape Shape) : LadderEdit
{
    public override string NameOn(Ladder before) => $"changed section {before.Sections.FirstOrDefault(x => x.Id == SectionId)?.Name}";

    public override LadderEditResult Apply(Ladder ladder) => ladder.Sections.FirstOrDefault(x => x.Id == SectionId) is not { } section
        ? Refuse("sectionId", "That section is not on the ladder.")
        : Accept(
            ladder, [.. ladder.Sections.Select(x => x.Id == SectionId ? x with { Name = Name, Shape = Shape } : x)],
            new ChangeSection(SectionId, section.Name, section.Shape));
}

/// <summary>Puts a section in at a place, with its rungs if it has any.</summary>
/// <param name="At">Zero-based place among the sections.</param>
public sealed record AddSection(Section Section, int At) : LadderEdit
{
    public override string NameOn(Ladder before) => $"added section {Section.Name}";

    public override LadderEditResult Apply(Ladder ladder) => At < 0 || At > ladder.Sections.Count
        ? Refuse("at", $"A section can be added at places 0 to {ladder.Sections.Count}.")
        : Accept(ladder, [.. ladder.Sections.Take(At), Section, .. ladder.Sections.Skip(At)], new RemoveSection(Section.Id));
}

/// <summary>Takes a section off the ladder with all its rungs; what groups were taught stays in their logs.</summary>
public sealed record RemoveSection(string SectionId) : LadderEdit
{
    public override string NameOn(Ladder before) => $"removed section {before.Sections.FirstOrDefault(x => x.Id == SectionId)?.Name}";

    public override LadderEditResult Apply(Ladder ladder)
    {
        var at = ladder.Sections.ToList().FindIndex(x => x.Id == SectionId);
        return at < 0 ? Refuse("sectionId", "That section is not on the ladder.")
            : ladder.Rungs.Count == ladder.Sections[at].Rungs.Count ? Refuse("sectionId", "A ladder keeps at least one rung.")
            : Accept(ladder, [.. ladder.Sections.Where(x => x.Id != SectionId)], new AddSection(ladder.Sections[at], at));
    }
}

/// <summary>Moves a section with its rungs to a place among the others.</summary>
/// <param name="At">Zero-based place, counted without the section itself.</param>
public sealed record MoveSection(string SectionId, int At) : LadderEdit
{
    public override string NameOn(Ladder before) => $"moved section {before.Sections.FirstOrDefault(x => x.Id == SectionId)?.Name}";

    public override LadderEditResult Apply(Ladder ladder)
    {
        var from = ladder.Sections.ToList().FindIndex(x => x.Id == SectionId);
        var others = ladder.Sections.Where(x => x.Id != SectionId).ToList();
        return from < 0 ? Refuse("sectionId", "That section is not on the ladder.")
            : At < 0 || At > others.Count ? Refuse("at", $"The section can stand at places 0 to {others.Count}.")
            : Accept(ladder, [.. others.Take(At), ladder.Sections[from], .. others.Skip(At)], new MoveSection(SectionId, from));
    }
}

/// <summary>Begins a section at a rung: it and what follows it in its section become a section of their own, with the same shape of words.</summary>
public sealed record SplitSection(string RungId, string Name) : LadderEdit
{
    /// <summary>The id that the section gets; null for one that is free.</summary>
    public string? SectionId { get; init; }

    /// <summary>Its shape of words; null for that of the section it is cut from.</summary>
    public WordShape? Shape { get; init; }

    public override string NameOn(Ladder before) => $"began section {Name}";

    public override LadderEditResult Apply(Ladder ladder)
    {
        if (Where(ladder, RungId) is not { } from)
        {
            return Refuse("rungId", "That rung is no longer on the ladder.");
        }

        if (ladder.Sections.Any(x => x.Id == SectionId))
        {
            return Refuse("sectionId", "There is a section of that id already.");
        }

        var id = SectionId ?? Enumerable.Range(1, ladder.Sections.Count + 1).Select(x => $"section-{x}").First(x => ladder.Sections.All(s => s.Id != x));
        var (section, at) = from;
        return Accept(
            ladder,
            [.. ladder.Sections.SelectMany(x => x != section ? (Section[])[x]
                : [x with { Rungs = [.. x.Rungs.Take(at)] }, new Section(id, Name, Shape ?? x.Shape, [.. x.Rungs.Skip(at)])])],
            new JoinSection(id));
    }
}

/// <summary>Joins a section to the one before it, which takes its rungs and keeps its own name and shape of words.</summary>
public sealed record JoinSection(string SectionId) : LadderEdit
{
    public override string NameOn(Ladder before) => $"joined section {before.Sections.FirstOrDefault(x => x.Id == SectionId)?.Name} to the one before";

    public override LadderEditResult Apply(Ladder ladder)
    {
        var at = ladder.Sections.ToList().FindIndex(x => x.Id == SectionId);
        if (at <= 0)
        {
            return Refuse("sectionId", at < 0 ? "That section is not on the ladder." : "The first section has none before it: give it another name instead.");
        }

        var (before, joined) = (ladder.Sections[at - 1], ladder.Sections[at]);
        return Accept(
            ladder,
            [.. ladder.Sections.Where(x => x != joined).Select(x => x == before ? x with { Rungs = [.. x.Rungs, .. joined.Rungs] } : x)],
            joined.Rungs.Count == 0 ? new AddSection(joined, at) : new SplitSection(joined.Rungs[0].Id, joined.Name) { SectionId = joined.Id, Shape = joined.Shape });
    }
}

/// <summary>Puts a whole ladder in place of this one: brought in from a file, or gone back to.</summary>
public sealed record ReplaceLadder(Ladder Ladder) : LadderEdit
{
    public override string NameOn(Ladder before) => $"replaced the ladder by {Ladder.Name}";

    public override LadderEditResult Apply(Ladder ladder) => Ladder.Rungs.Count == 0
        ? Refuse("ladder", "A ladder has at least one rung.")
        : new LadderEditResult(Ladder, new ReplaceLadder(ladder), null);
}
