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

/// <summary>Puts a whole ladder in place of this one: brought in from a file, or gone back to.</summary>
public sealed record ReplaceLadder(Ladder Ladder) : LadderEdit
{
    public override string NameOn(Ladder before) => $"replaced the ladder by {Ladder.Name}";

    public override LadderEditResult Apply(Ladder ladder) => Ladder.Rungs.Count == 0
        ? Refuse("ladder", "A ladder has at least one rung.")
        : new LadderEditResult(Ladder, new ReplaceLadder(ladder), null);
}
