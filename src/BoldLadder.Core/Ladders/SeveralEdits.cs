namespace BoldLadder.Core.Ladders;

/// <summary>Edits made one after the other as one: several rungs moved, pasted or taken off together.</summary>
/// <param name="Name">What was done, for the undo button.</param>
public sealed record SeveralEdits(string Name, IReadOnlyList<LadderEdit> Edits) : LadderEdit
{
    /// <summary>Moves rungs to one place, in the order in which they stand.</summary>
    /// <param name="at">Zero-based place within the section, counted without the rungs themselves.</param>
    public static LadderEdit Move(Ladder ladder, IReadOnlyCollection<string> rungIds, string sectionId, int at)
    {
        if (rungIds.Count == 1)
        {
            return new MoveRung(rungIds.First(), sectionId, at);
        }

        var moving = ladder.Rungs.Where(x => rungIds.Contains(x.Id)).ToList();
        return new SeveralEdits($"moved {rungIds.Count} rungs", [.. rungIds.Select(x => new RemoveRung(x)), .. Added(moving, sectionId, at)]);
    }

    /// <summary>Adds rungs at one place: pasted from another section or ladder.</summary>
    /// <param name="at">Zero-based place within the section.</param>
    public static LadderEdit Add(IReadOnlyList<Rung> rungs, string sectionId, int at) => OneOr($"added {rungs.Count} rungs", [.. Added(rungs, sectionId, at)]);

    /// <summary>Takes rungs off the ladder; lessons that used them keep what they taught.</summary>
    public static LadderEdit Remove(IReadOnlyList<string> rungIds) => OneOr($"removed {rungIds.Count} rungs", [.. rungIds.Select(x => new RemoveRung(x))]);

    public override string NameOn(Ladder before) => Name;

    public override LadderEditResult Apply(Ladder ladder)
    {
        var inverses = new List<LadderEdit>();
        foreach (var edit in Edits)
        {
            var result = edit.Apply(ladder);
            if (result.Ladder is null)
            {
                return result;
            }

            ladder = result.Ladder;
            inverses.Insert(0, result.Inverse!);
        }

        return new LadderEditResult(ladder, new SeveralEdits(Name, inverses), null);
    }

    private static IEnumerable<LadderEdit> Added(IEnumerable<Rung> rungs, string sectionId, int at) => rungs.Select((x, i) => new AddRung(x, sectionId, at + i));

    private static LadderEdit OneOr(string name, IReadOnlyList<LadderEdit> edits) => edits is [var one] ? one : new SeveralEdits(name, edits);
}
