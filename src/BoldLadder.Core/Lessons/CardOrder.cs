using BoldLadder.Core.Choosing;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>Cards are always mixed, and two that are easily taken for each other are not neighbours.</summary>
public static class CardOrder
{
    public static IReadOnlyList<LessonItem> Mix(IEnumerable<LessonItem> cards, Dice dice)
    {
        var left = dice.Mix(cards);
        var order = new List<LessonItem>();
        while (left.Count > 0)
        {
            // The one with the most cards it clashes with goes first while it still can; ties as mixed.
            var next = left.Where(x => order.Count == 0 || !Confusables.Are(order[^1].Text, x.Text))
                .MaxBy(x => left.Count(y => !ReferenceEquals(x, y) && Confusables.Are(x.Text, y.Text)) * 2 > left.Count ? 1 : 0) ?? left[0];
            order.Add(next);
            left.Remove(next);
        }

        return Apart(order);
    }

    // What is left over at the end is put in where it has no clash.
    private static List<LessonItem> Apart(List<LessonItem> order)
    {
        for (var i = 1; i < order.Count; i++)
        {
            if (!Confusables.Are(order[i - 1].Text, order[i].Text))
            {
                continue;
            }

            var card = order[i];
            var others = order.Where((_, at) => at != i).ToList();
            for (var at = 0; at <= others.Count; at++)
            {
                if ((at == 0 || !Confusables.Are(others[at - 1].Text, card.Text))
                    && (at == others.Count || !Confusables.Are(others[at].Text, card.Text)))
                {
                    others.Insert(at, card);
                    order = others;
                    break;
                }
            }
        }

        return order;
    }
}
