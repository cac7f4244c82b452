using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Suggesting;

/// <summary>
/// A ladder as something to be put in order. Rungs that teach correspondences can change places with each other; all else
/// (tricky words alone, endings, structures, contrasts, checks) keeps its place, since its place in the week or the term
/// is why it stands there. Sections keep their size.
/// </summary>
public sealed class Ordering
{
    private readonly Dictionary<string, int> _number;

    /// <param name="newDays">Days a week that bring something new: what a week is for <see cref="WishWeekly"/>.</param>
    /// <param name="wishes">Of rungs and sections of the ladder; others are left out.</param>
    public Ordering(Ladder ladder, ReadingRules rules, Needs needs, ClashDistances distances, int newDays, IReadOnlyList<OrderWish> wishes)
    {
        (Ladder, Rules, NewDays) = (ladder, rules, newDays);
        _number = ladder.Rungs.Select((x, i) => (x.Id, i)).ToDictionary(x => x.Id, x => x.i);
        Wishes = [.. wishes.Where(IsOfLadder)];
        var pinned = Wishes.OfType<WishPinned>().Select(x => x.RungId).ToHashSet();
        var sections = Wishes.OfType<WishSection>().Select(x => x.SectionId).ToHashSet();
        SectionAt = [.. Enumerable.Range(0, ladder.Rungs.Count).Select(ladder.SectionAt)];
        Slots = [.. Enumerable.Range(0, ladder.Rungs.Count).Where(i =>
            Moves(ladder.Rungs[i]) && !pinned.Contains(ladder.Rungs[i].Id) && (sections.Count == 0 || sections.Contains(SectionAt[i].Id)))];
        MostAWeek = Wishes.OfType<WishWeekly>().Select(x => (int?)x.Most).Min();
        NewOfRung = [.. ladder.Rungs.Select(Load.NewCorrespondences)];
        Ties = [.. TiesOf(needs, distances)];
        var lists = new List<Tie>[ladder.Rungs.Count];
        foreach (var tie in Ties)
        {
            foreach (var rung in tie.Rungs)
            {
                (lists[rung] ??= []).Add(tie);
            }
        }

        TiesOfRung = [.. lists.Select(x => x?.ToArray() ?? [])];
        Words = new OrderWords(this);
    }

    public Ladder Ladder { get; }

    public ReadingRules Rules { get; }

    public int NewDays { get; }

    /// <summary>The wishes that name what is on the ladder.</summary>
    public IReadOnlyList<OrderWish> Wishes { get; }

    /// <summary>The places between which rungs change, from the bottom.</summary>
    internal int[] Slots { get; }

    internal Section[] SectionAt { get; }

    internal int? MostAWeek { get; }

    internal int[] NewOfRung { get; }

    internal Tie[] Ties { get; }

    internal Tie[][] TiesOfRung { get; }

    internal OrderWords Words { get; }

    /// <summary>Whether a rung is one that an order may put elsewhere.</summary>
    public static bool Moves(Rung rung) => rung.Kind == RungKind.Teach && !rung.IsKnownBefore && rung.Adds.Count > 0 && rung.Adds.All(x => x.Kind == TeachableKind.Correspondence);

    /// <summary>How good the ladder is as it stands.</summary>
    public OrderScore Now() => new OrderState(this, [.. Enumerable.Range(0, Ladder.Rungs.Count)]).Score();

    /// <summary>How good it would be in another order of the same rungs.</summary>
    public OrderScore Score(IReadOnlyList<SectionOrder> order) => StateOf(order).Score();

    internal OrderState StateOf(IReadOnlyList<SectionOrder> order) => new(this, [.. order.SelectMany(x => x.RungIds).Select(x => _number[x])]);

    internal IReadOnlyList<SectionOrder> InSections(IReadOnlyList<int> order)
    {
        var sections = new List<SectionOrder>();
        var from = 0;
        foreach (var section in Ladder.Sections)
        {
            sections.Add(new SectionOrder(section.Id, [.. order.Skip(from).Take(section.Rungs.Count).Select(x => Ladder.Rungs[x].Id)]));
            from += section.Rungs.Count;
        }

        return sections;
    }

    internal int NumberOf(string rungId) => _number[rungId];

    private bool IsOfLadder(OrderWish wish) => wish switch
    {
        WishBefore x => _number.ContainsKey(x.First) && _number.ContainsKey(x.Then),
        WishApart x => _number.ContainsKey(x.One) && _number.ContainsKey(x.Other),
        WishPinned x => _number.ContainsKey(x.RungId),
        WishSection x => Ladder.Sections.Any(s => s.Id == x.SectionId),
        _ => true,
    };

    private IEnumerable<Tie> TiesOf(Needs needs, ClashDistances distances)
    {
        foreach (var wish in Wishes)
        {
            switch (wish)
            {
                case WishBefore x:
                    yield return new Tie(TieKind.Before, _number[x.First], _number[x.Then]);
                    break;
                case WishApart x:
                    yield return new Tie(TieKind.Apart, _number[x.One], _number[x.Other], x.Rungs);
                    break;
            }
        }

        foreach (var (at, _, having) in needs.Within(Ladder.Rungs))
        {
            yield return new Tie(TieKind.Need, at, -1, Having: [.. having]);
        }

        foreach (var (contrast, i) in Ladder.Rungs.Select((x, i) => (x, i)).Where(x => x.x.Kind == RungKind.Contrast))
        {
            foreach (var part in contrast.Correspondences)
            {
                int[] having = [.. TaughtCorrespondences().Where(x => x.Part == part).Select(x => x.Rung)];
                if (having.Length > 0)
                {
                    yield return new Tie(TieKind.Need, i, -1, Having: having);
                }
            }
        }

        var index = PartIndex.Of(Rules);
        foreach (var spelling in TaughtCorrespondences().GroupBy(x => x.Part.Grapheme.Text).Where(x => x.Select(c => c.Part.Key).Distinct().Count() > 1))
        {
            if (ShortWords.Plain(index, Rules.Rows, spelling.Select(x => x.Part).Distinct()) is { } plain)
            {
                int[] having = [.. spelling.Where(x => x.Part == plain).Select(x => x.Rung)];
                foreach (var other in spelling.Where(x => x.Part != plain && !having.Contains(x.Rung)))
                {
                    yield return new Tie(TieKind.Plain, other.Rung, -1, Having: having);
                }
            }
        }

        foreach (var pair in new Clashes(Ladder.Rungs, distances, Rules.SameSound).Pairs)
        {
            yield return new Tie(
                pair.Clash.Kind == ClashKind.SameSound ? TieKind.Spellings : TieKind.Alike, pair.A, pair.B, pair.Distance, null, pair.NewA?.ToArray(), pair.NewB?.ToArray());
        }
    }

    private IEnumerable<(int Rung, Correspondence Part)> TaughtCorrespondences() =>
        Ladder.Rungs.SelectMany((x, i) => x.Kind == RungKind.Teach ? x.Correspondences.Select(c => (i, c)) : []);
}
