using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// What two groups in one room go over together: what both were taught and either is due for. It is the same from either
/// side, so that one adult shows one pack of cards; what only one of them was taught is that group's alone.
/// </summary>
public sealed class SharedRevisit
{
    /// <param name="one">The standing, on the morning of the day, of the group that comes first in the list of groups.</param>
    /// <param name="other">That of the other.</param>
    /// <param name="seed">The same for both.</param>
    public SharedRevisit(Standing one, Standing other, DateOnly day, ulong seed)
    {
        (Two, Seed) = ([one, other], seed);
        Due = [.. Two.SelectMany(x => x.Clock.Due(day)).Where(x => Has(x.Item)).GroupBy(x => x.Item)
            .Select(x => new DueItem(x.Key, x.Max(d => d.Overdue), x.Any(d => d.Last), x.Any(d => d.Shaky)))
            .OrderByDescending(x => x.Last).ThenByDescending(x => x.Shaky).ThenByDescending(x => x.Overdue).ThenBy(x => RevisitClock.Scatter(x.Item))];
    }

    /// <summary>Both standings, in the order of the groups.</summary>
    public IReadOnlyList<Standing> Two { get; }

    public ulong Seed { get; }

    /// <summary>What both know and either is due for, the most pressing first.</summary>
    public IReadOnlyList<DueItem> Due { get; }

    /// <summary>True when both were taught it.</summary>
    public bool Has(RevisitItem item) => Two.All(x => x.Clock.Has(item));

    /// <summary>What falls due next of what both know; nothing that is due for either.</summary>
    public IEnumerable<DueItem> Soon(DateOnly day, RevisitTrack track)
    {
        var due = Due.Select(x => x.Item).ToHashSet();
        return Two[0].Clock.Soon(day, track).Where(x => Has(x.Item) && !due.Contains(x.Item));
    }

    /// <summary>Words of the last lessons of both that both can read, with what their lesson taught, in turn.</summary>
    /// <param name="lessonsBack">From how many lessons of each.</param>
    public IEnumerable<(IReadOnlyList<Teachable> Taught, IReadOnlyList<Words.LexiconWord> Words)> LastRead(WordStock stock, int lessonsBack)
    {
        var judges = Two.Select(x => new Judge(x.Taught)).ToList();
        return Two.SelectMany(x => RevisitPart.LastOf(x, lessonsBack).Select((lesson, back) => (lesson, back))).OrderBy(x => x.back)
            .Select(x => (x.lesson.Things, (IReadOnlyList<Words.LexiconWord>)[.. x.lesson.Read.Distinct().Select(stock.Words.FindWord).OfType<Words.LexiconWord>().Where(w => judges.TrueForAll(j => j.IsReadable(w)))]));
    }
}
