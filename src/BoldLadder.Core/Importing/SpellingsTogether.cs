using System.Text.RegularExpressions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Importing;

/// <summary>
/// The spellings of one sound that a day is said to go over: <i>recap: ai / ay / a-e</i>, <i>sort the spellings of long a</i>.
/// Together they are what a contrast is made of.
/// </summary>
internal static class SpellingsTogether
{
    private const int MostApart = 4;
    private static readonly HashSet<string> Joining = new(["and", "or", "the", "to", "of", "vs", "with", "mix", "sort", "day"], StringComparer.Ordinal);

    /// <summary>
    /// What was taught of the spellings named: those of one sound, or, where a contrast is asked for, of several. Empty for
    /// fewer than two.
    /// </summary>
    public static IReadOnlyList<Correspondence> Of(string text, RungKind kind, IReadOnlySet<Correspondence> taught, SpellingShares shares)
    {
        var letters = Letters.Matches(text).Select(x => TokenReader.Split(x.Value, false) ?? x.Value.ToLowerInvariant()).ToHashSet();
        var named = taught.Where(x => letters.Contains(x.Grapheme.Text) && (x.Grapheme.Text.Length > 1 || x.Sound.IsVowel)).ToList();
        if (named.Count == 0 && kind == RungKind.Contrast && Manner.Match(text) is { Success: true } manner && SoundNames.Find(manner.Value.ToLowerInvariant(), "").ToList() is { Count: > 0 } sounds)
        {
            named = [.. taught.Where(x => sounds.Exists(s => shares.SameHere(s, x.Sound)))];
        }

        // Letters that say several things are meant as what they share with the others.
        var most = named.Select(x => named.Where(y => shares.SameHere(x.Sound, y.Sound)).ToList()).MaxBy(x => x.Select(c => c.Grapheme.Text).Distinct().Count()) ?? [];
        if (most.Select(x => x.Grapheme.Text).Distinct().Count() > 1
            && named.All(x => most.Exists(y => y.Grapheme == x.Grapheme) || (kind == RungKind.Contrast && shares.Of(x.Grapheme.Text).Any(s => shares.SameHere(s.Correspondence.Sound, most[0].Sound)))))
        {
            return most;
        }

        return kind == RungKind.Contrast ? Apart(text, taught, shares) : [];
    }

    // What says different things, told apart by eye and by ear: a and a-e, b and d; oo in moon and oo in book.
    private static IReadOnlyList<Correspondence> Apart(string text, IReadOnlySet<Correspondence> taught, SpellingShares shares)
    {
        var letters = Letters.Matches(text).Select(x => TokenReader.Split(x.Value, false) ?? x.Value.ToLowerInvariant()).Where(x => !Joining.Contains(x)).Distinct()
            .Select(x => shares.Of(x).Select(s => s.Correspondence).Where(taught.Contains).ToList()).Where(x => x.Count > 0).ToList();
        var named = letters is [var one] ? one : letters.ConvertAll(x => x[0]);
        return named.Count is > 1 and <= MostApart ? named : [];
    }

    /// <summary>What is taught side by side from the start: <i>c, k and ck together</i>, where none was met before; empty for what goes over something.</summary>
    public static IReadOnlyList<WrittenPart> Unmet(string text, PartReader reader, IReadOnlySet<string> met) =>
        EndsTogether.Match(text) is { Success: true } match && reader.Read(match.Groups["list"].Value) is { Count: > 1 } parts && parts.All(x => x.Kind == WrittenKind.Grapheme && !met.Contains(x.Letters)) ? parts : [];

    private static readonly Regex EndsTogether = new(@"^(?<list>.+?)\s+(?:taught\s+)?together\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    private static readonly Regex Letters = new(@"(?<![A-Za-z])[A-Za-z]{1,4}(?![A-Za-z])(?:[-–_](?:e)(?![A-Za-z]))?");

    private static readonly Regex Manner = new(@"\b(?:long|short)\s+(?:[aeiou]|oo)\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
