using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// Correspondences in a row that some schools teach as one: a rime unit (<i>all</i>), what longer words end in (<i>tion</i>) or a cluster (<i>st</i>). Equal when
/// they are the same correspondences in the same order.
/// </summary>
public sealed class GraphemeRun : IEquatable<GraphemeRun>
{
    private const int Most = 5;

    private GraphemeRun(IReadOnlyList<Correspondence> parts) => Parts = parts;

    public IReadOnlyList<Correspondence> Parts { get; }

    /// <summary>The written form, such as <c>a:aw ll:l</c>.</summary>
    public string Key => string.Join(' ', Parts.Select(x => x.Key));

    /// <summary>Its letters, such as <c>all</c>.</summary>
    public string Letters => string.Concat(Parts.Select(x => x.Grapheme.LeadingLetters));

    /// <summary>A vowel with what follows it (<i>all</i>): words that end in it rhyme.</summary>
    public bool IsRime => Parts[0].Sound.IsVowel && Beats == 1;

    /// <summary>Its vowels, each a beat of the word.</summary>
    public int Beats => Parts.Count(x => x.Sound.IsVowel);

    /// <summary>True for what ends longer words and is a beat of its own there (<i>tion</i>, <i>ful</i>, the <i>al</i> of metal): who is taught it is taught that beat.</summary>
    public bool BringsBeat => Beats > 0 && (!IsRime || Parts[0].Sound.First.Key == "schwa");

    /// <summary>Reads two to five correspondences with spaces between; on failure <paramref name="reason"/> is a sentence.</summary>
    public static bool TryParse(string? text, out GraphemeRun run, out string reason)
    {
        run = null!;
        var parts = new List<Correspondence>();
        foreach (var key in (text ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            if (!Correspondence.TryParse(key, out var part, out reason))
            {
                return false;
            }

            if (part.Grapheme.IsSplit)
            {
                reason = "a split digraph can't stand in a run of letters";
                return false;
            }

            parts.Add(part);
        }

        if (parts.Count is < 2 or > Most)
        {
            reason = $"write 2 to {Most} correspondences with spaces between, such as a:aw ll:l";
            return false;
        }

        (run, reason) = (new GraphemeRun(parts), "");
        return true;
    }

    /// <exception cref="FormatException">The text is not a run.</exception>
    public static GraphemeRun Parse(string text) => TryParse(text, out var run, out var reason) ? run : throw new FormatException($"{text}: {reason}");

    /// <summary>True when the reading ends in the run.</summary>
    public bool Ends(Segmentation reading) => StandsAt(reading, reading.Segments.Count - Parts.Count);

    /// <summary>True when the reading has the run from a segment on.</summary>
    public bool StandsAt(Segmentation reading, int segment)
    {
        if (segment < 0 || segment + Parts.Count > reading.Segments.Count)
        {
            return false;
        }

        for (var i = 0; i < Parts.Count; i++)
        {
            if (reading.Segments[segment + i].Correspondence != Parts[i])
            {
                return false;
            }
        }

        return true;
    }

    public bool Equals(GraphemeRun? other) => other is not null && other.Parts.SequenceEqual(Parts);

    public override bool Equals(object? obj) => Equals(obj as GraphemeRun);

    public override int GetHashCode() => Key.GetHashCode(StringComparison.Ordinal);

    public override string ToString() => Key;
}
