namespace BoldLadder.Core.Ladders;

/// <summary>How one rung differs between two states of a ladder.</summary>
public enum RungChangeKind
{
    Added,
    Removed,

    /// <summary>Says something else, in its place or another.</summary>
    Changed,

    /// <summary>Says the same, and stands elsewhere among the others or in another section.</summary>
    Moved,
}

/// <param name="From">Its zero-based place before; -1 for none.</param>
/// <param name="To">Its zero-based place after; -1 for none.</param>
public readonly record struct RungChange(RungChangeKind Kind, Rung Rung, int From, int To);

/// <summary>How two states of a ladder differ: what a draft would change for those who teach by the published one.</summary>
/// <param name="Rungs">Rungs added, removed, changed or standing in another order or section, by where they stand now.</param>
/// <param name="Sections">Sections added, removed, renamed or shaped otherwise.</param>
/// <param name="Renamed">Whether the ladder itself has another name.</param>
public sealed record LadderDifference(IReadOnlyList<RungChange> Rungs, int Sections, bool Renamed)
{
    public static LadderDifference None { get; } = new([], 0, false);

    public int Count => Rungs.Count + Sections + (Renamed ? 1 : 0);

    public static LadderDifference Between(Ladder before, Ladder after)
    {
        if (ReferenceEquals(before, after))
        {
            return None;
        }

        var was = Placed(before);
        var now = Placed(after);

        // Of the rungs that stay, those outside the longest run that kept its order have moved.
        var kept = after.Rungs.Where(x => was.TryGetValue(x.Id, out var a) && a.Section == now[x.Id].Section && a.Rung.SameAs(x)).ToList();
        var still = LongestRise([.. kept.Select(x => before.PlaceOf(x.Id))]).Select(i => kept[i].Id).ToHashSet();
        var changes = after.Rungs.Where(x => !still.Contains(x.Id)).Select(x => new RungChange(
                !was.TryGetValue(x.Id, out var a) ? RungChangeKind.Added : a.Rung.SameAs(x) ? RungChangeKind.Moved : RungChangeKind.Changed, x, before.PlaceOf(x.Id), after.PlaceOf(x.Id)))
            .Concat(before.Rungs.Where(x => !now.ContainsKey(x.Id)).Select(x => new RungChange(RungChangeKind.Removed, x, before.PlaceOf(x.Id), -1)));
        var sections = before.Sections.Select(x => x.Id).Union(after.Sections.Select(x => x.Id)).Count(id =>
            before.Sections.FirstOrDefault(x => x.Id == id) is not { } a || after.Sections.FirstOrDefault(x => x.Id == id) is not { } b || a.Name != b.Name || a.Shape != b.Shape);
        return new LadderDifference([.. changes], sections, before.Name != after.Name);
    }

    private static Dictionary<string, (Rung Rung, string Section)> Placed(Ladder ladder) =>
        ladder.Sections.SelectMany(s => s.Rungs.Select(r => (r, s.Id))).ToDictionary(x => x.r.Id, x => (x.r, x.Id));

    // The indexes of one longest rising run.
    private static List<int> LongestRise(List<int> places)
    {
        var (ends, before) = (new List<int>(), new int[places.Count]);
        for (var i = 0; i < places.Count; i++)
        {
            var at = ends.FindIndex(x => places[x] >= places[i]);
            at = at < 0 ? ends.Count : at;
            before[i] = at == 0 ? -1 : ends[at - 1];
            if (at == ends.Count)
            {
                ends.Add(i);
            }
            else
            {
                ends[at] = i;
            }
        }

        var run = new List<int>();
        for (var i = ends.Count == 0 ? -1 : ends[^1]; i >= 0; i = before[i])
        {
            run.Add(i);
        }

        return run;
    }
}
