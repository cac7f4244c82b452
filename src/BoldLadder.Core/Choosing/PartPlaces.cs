using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>In how many everyday words a part stands at each place, each word counted once.</summary>
public sealed record PartPlaces(int First, int Inside, int Last)
{
    public int Total => First + Inside + Last;

    /// <summary>Where it stands oftenest, the earlier of two alike; null where no word has it.</summary>
    public string? Oftenest => Ordered.Count == 0 ? null : Ordered[0];

    /// <summary>The places where it stands at all, the oftenest first.</summary>
    public IReadOnlyList<string> Ordered => [.. new[] { ("first", First), ("inside", Inside), ("last", Last) }.Where(x => x.Item2 > 0).OrderByDescending(x => x.Item2).Select(x => x.Item1)];

    /// <summary>Where it stands in most of its words; null where it stands anywhere.</summary>
    public string? Usual => Math.Max(First, Math.Max(Inside, Last)) * 2 > Total ? Oftenest : null;

    public static PartPlaces In(WordStock stock, Correspondence part)
    {
        var places = stock.Everyday(part).Select(x => Of(x.Reading, part)).ToLookup(x => x);
        return new PartPlaces(places["first"].Count(), places["inside"].Count(), places["last"].Count());
    }

    /// <summary>Where the part first stands in the word, which holds it.</summary>
    public static string Of(Segmentation reading, Correspondence part) =>
        reading.PlaceOf(reading.Segments.Select(x => x.Correspondence).ToList().IndexOf(part));
}
