using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;

namespace BoldLadder.Core.Suggesting;

/// <summary>Wishes that can't all be kept, as few as contradict each other.</summary>
/// <param name="Needs">What has to come before what on this ladder, where that is part of the contradiction: the rung that needs, and the one it needs.</param>
public sealed record WishConflict(IReadOnlyList<OrderWish> Wishes, IReadOnlyList<(string RungId, string NeededId)> Needs);

/// <summary>
/// Finds wishes that contradict each other, or what needs what, before any order is looked for: by the lowest and highest
/// place that each rung could have.
/// </summary>
public static class WishConflicts
{
    private sealed record Link(string First, string Then);

    public static IReadOnlyList<WishConflict> Of(Ladder ladder, Needs needs, int newDays, IReadOnlyList<OrderWish> wishes)
    {
        var links = needs.Within(ladder.Rungs).Where(x => x.Having.Count == 1)
            .Select(x => new Link(ladder.Rungs[x.Having[0]].Id, ladder.Rungs[x.At].Id)).Where(x => x.First != x.Then).Distinct().ToList();

        // What is broken already is no wish of the lead's: it is told as a need that is not met, and not as a contradiction.
        links.RemoveAll(x => ladder.PlaceOf(x.First) > ladder.PlaceOf(x.Then));
        var (left, conflicts) = (wishes.ToList(), new List<WishConflict>());
        while (!CanBe(left, links))
        {
            var core = Least(left, x => CanBe(x, links));
            var needed = Least(links, x => CanBe(core, x));
            conflicts.Add(new WishConflict(core, [.. needed.Select(x => (x.Then, x.First))]));
            if (core.Count == 0)
            {
                break;
            }

            left.Remove(core[^1]);
        }

        return conflicts;

        bool CanBe(IReadOnlyList<OrderWish> some, IReadOnlyList<Link> also) => Possible(ladder, newDays, some, also);
    }

    // Takes out one after the other whatever is not needed for the contradiction.
    private static List<T> Least<T>(List<T> all, Func<List<T>, bool> possible)
    {
        var least = all.ToList();
        foreach (var one in all)
        {
            var without = least.Where(x => !ReferenceEquals(x, one)).ToList();
            if (!possible(without))
            {
                least = without;
            }
        }

        return least;
    }

    private static bool Possible(Ladder ladder, int newDays, IReadOnlyList<OrderWish> wishes, IReadOnlyList<Link> needs)
    {
        var (rungs, most) = (ladder.Rungs, wishes.OfType<WishWeekly>().Select(x => (int?)x.Most).Min());
        var pinned = wishes.OfType<WishPinned>().Select(x => x.RungId).ToHashSet();
        var sections = wishes.OfType<WishSection>().Select(x => x.SectionId).ToHashSet();
        bool IsFree(int place) => Ordering.Moves(rungs[place]) && !pinned.Contains(rungs[place].Id) && (sections.Count == 0 || sections.Contains(ladder.SectionAt(place).Id));
        int[] slots = [.. Enumerable.Range(0, rungs.Count).Where(IsFree)];
        var low = rungs.Select((_, i) => IsFree(i) ? slots[0] : i).ToArray();
        var high = rungs.Select((_, i) => IsFree(i) ? slots[^1] : i).ToArray();
        var links = needs.Concat(wishes.OfType<WishBefore>().Select(x => new Link(x.First, x.Then)))
            .Select(x => (First: ladder.PlaceOf(x.First), Then: ladder.PlaceOf(x.Then), Gap: Gap(wishes, x))).ToList();

        // A circle pushes its rungs up without end, so as many rounds as there are rungs are enough.
        for (var (round, changed) = (0, true); changed && round <= rungs.Count; round++)
        {
            changed = false;
            foreach (var (first, then, gap) in links)
            {
                var (up, down) = (Up(low[first] + gap, then), Down(high[then] - gap, first));
                changed |= up > low[then] || down < high[first];
                (low[then], high[first]) = (Math.Max(low[then], up), Math.Min(high[first], down));
            }

            if (Enumerable.Range(0, rungs.Count).Any(x => low[x] > high[x]))
            {
                return false;
            }
        }

        return wishes.OfType<WishApart>().All(x => Spread(ladder.PlaceOf(x.One), ladder.PlaceOf(x.Other)) >= x.Rungs)
            && (most is null || Load.ByWeek(rungs, newDays) is var weeks && rungs.All(x => Load.NewCorrespondences(x) <= most) && rungs.Sum(Load.NewCorrespondences) <= most * weeks.Count);

        int Up(int place, int rung) => !IsFree(rung) ? place : slots.FirstOrDefault(x => x >= place, int.MaxValue / 2);

        int Down(int place, int rung) => !IsFree(rung) ? place : slots.LastOrDefault(x => x <= place, -1);

        int Spread(int one, int other) => Math.Max(high[one] - low[other], high[other] - low[one]);
    }

    private static int Gap(IReadOnlyList<OrderWish> wishes, Link link) => wishes.OfType<WishApart>()
        .Where(x => (x.One, x.Other) == (link.First, link.Then) || (x.Other, x.One) == (link.First, link.Then)).Select(x => x.Rungs).Append(1).Max();
}
