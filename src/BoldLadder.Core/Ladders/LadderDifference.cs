namespace BoldLadder.Core.Ladders;

/// <summary>How two states of a ladder differ: what a draft would change for those who teach by the published one.</summary>
/// <param name="Rungs">Rungs added, removed, changed or standing in another order or section.</param>
/// <param name="Sections">Sections added, removed, renamed or shaped otherwise.</param>
/// <param name="Renamed">Whether the ladder itself has another name.</param>
public readonly record struct LadderDifference(int Rungs, int Sections, bool Renamed)
{
    public int Count => Rungs + Sections + (Renamed ? 1 : 0);

    public static LadderDifference Between(Ladder before, Ladder after)
    {
        if (ReferenceEquals(before, after))
        {
            return default;
        }

        var was = Placed(before);
        var now = Placed(after);
        var changed = was.Keys.Union(now.Keys).Count(id => !was.TryGetValue(id, out var a) || !now.TryGetValue(id, out var b) || !a.Rung.SameAs(b.Rung) || a.Section != b.Section);

        // Of the rungs that stay, those outside the longest run that kept its order have moved.
        var kept = after.Rungs.Where(x => was.ContainsKey(x.Id) && was[x.Id].Section == now[x.Id].Section && was[x.Id].Rung.SameAs(x)).Select(x => before.PlaceOf(x.Id)).ToList();
        var sections = before.Sections.Select(x => x.Id).Union(after.Sections.Select(x => x.Id)).Count(id =>
            before.Sections.FirstOrDefault(x => x.Id == id) is not { } a || after.Sections.FirstOrDefault(x => x.Id == id) is not { } b || a.Name != b.Name || a.Shape != b.Shape);
        return new LadderDifference(changed + kept.Count - LongestRise(kept), sections, before.Name != after.Name);
    }

    private static Dictionary<string, (Rung Rung, string Section)> Placed(Ladder ladder) =>
        ladder.Sections.SelectMany(s => s.Rungs.Select(r => (r, s.Id))).ToDictionary(x => x.r.Id, x => (x.r, x.Id));

    private static int LongestRise(List<int> places)
    {
        var ends = new List<int>();
        foreach (var place in places)
        {
            var at = ends.BinarySearch(place);
            at = at < 0 ? ~at : at;
            if (at == ends.Count)
            {
                ends.Add(place);
            }
            else
            {
                ends[at] = place;
            }
        }

        return ends.Count;
    }
}
