using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.LexiconBuilder;

/// <summary>
/// The n of a prefix is taught as n: quick speech gives <i>unkind</i> and <i>include</i> the sound of <i>ink</i>, a
/// teacher does not.
/// </summary>
internal static class PrefixSound
{
    private static readonly string[] Prefixes = ["un", "in", "en", "con", "non"];

    // Begin so, and have no prefix.
    private static readonly string[] Not = ["ink", "uncle", "unct", "unguent", "ingot", "england", "english", "conga", "congo", "conquer", "congress", "conger", "conch", "conk"];

    private static readonly Correspondence Heard = Correspondence.Parse("n:ng"), Taught = Correspondence.Parse("n:n");

    public static Segmentation Plain(Segmentation split)
    {
        var prefix = Prefixes.FirstOrDefault(x => split.Word.StartsWith(x, StringComparison.Ordinal));
        var at = prefix is null ? -1 : split.Segments.ToList().FindIndex(x => x.Start == prefix.Length - 1 && x.Correspondence == Heard);
        if (at < 0 || Not.Any(x => split.Word.StartsWith(x, StringComparison.Ordinal)) || split.Word[prefix!.Length] is not ('c' or 'k' or 'q' or 'g'))
        {
            return split;
        }

        return Segmentation.TryBuild(
            split.Word, [.. split.Segments.Select((x, i) => (i == at ? Taught : x.Correspondence, x.DroppedE))], out var plain, out _) ? plain : split;
    }
}
