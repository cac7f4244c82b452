using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// The shape of a reading in boxes: one box for each grapheme, consonant or vowel, in syllables
/// divided as a teacher would write them.
/// </summary>
/// <param name="Pattern">Boxes as <c>C</c> and <c>V</c>, syllables joined by a point: <c>CVC.CVC</c>.</param>
/// <param name="Boxes">All boxes; <i>x</i> and <i>qu</i> are one.</param>
/// <param name="Syllables">At least one.</param>
/// <param name="StartRun">Consonant boxes before the first vowel box.</param>
/// <param name="EndRun">Consonant boxes after the last vowel box.</param>
/// <param name="LongestRun">The most consonant boxes together inside one syllable.</param>
public readonly record struct Structure(
    string Pattern, int Boxes, int Syllables, int StartRun, int EndRun, int LongestRun)
{
    // Two consonant boxes that English begins a syllable with, by sound.
    private static readonly HashSet<string> Onsets =
    [
        .. "p+l p+r b+l b+r t+r d+r k+l k+r g+l g+r f+l f+r th+r sh+r s+p s+t s+k s+m s+n s+l s+w t+w d+w k+w".Split(' '),
    ];

    // Syllables that are added whole: help-less, kind-ness.
    private static readonly string[] Added = ["less", "ness", "ment", "ful"];

    public static Structure Of(Segmentation reading, LexiconWord? word = null) => Of(reading, word?.Joins ?? []);

    /// <param name="joins">Places of letters at which the word is joined; see <see cref="LexiconWord.Joins"/>.</param>
    public static Structure Of(Segmentation reading, IReadOnlyList<int> joins)
    {
        var segments = reading.Segments;
        var vowels = VowelPlaces(segments);
        if (vowels.Count == 0)
        {
            return new Structure(new string('C', segments.Count), segments.Count, 1, segments.Count, 0, segments.Count);
        }

        var starts = Starts(reading, joins);
        var syllables = new List<string>();
        for (var s = 0; s < starts.Count; s++)
        {
            var end = s + 1 < starts.Count ? starts[s + 1] : segments.Count;
            syllables.Add(string.Concat(segments.Skip(starts[s]).Take(end - starts[s])
                .Select(x => x.Correspondence.Sound.IsVowel ? 'V' : 'C')));
        }

        return new Structure(
            string.Join('.', syllables), segments.Count, syllables.Count,
            vowels[0], segments.Count - 1 - vowels[^1], syllables.Max(LongestConsonantRun));
    }

    /// <summary>
    /// The word divided into syllables as a teacher would write it: <i>rab bit</i>, <i>rain coat</i>, <i>run ning</i>.
    /// A doubled consonant between two syllables is shared by them.
    /// </summary>
    public static IReadOnlyList<string> Divided(Segmentation reading, LexiconWord? word = null)
    {
        var cuts = Starts(reading, word?.Joins ?? []).Skip(1).Select(start =>
        {
            var (before, after) = (reading.Segments[start - 1], reading.Segments[start]);
            return before.Correspondence.Grapheme.Kind == GraphemeKind.Doubled && before.Start + 2 == after.Start ? before.Start + 1
                : after.Correspondence.Grapheme.Kind == GraphemeKind.Doubled ? after.Start + 1
                : after.Start;
        }).ToList();
        return [.. cuts.Prepend(0).Zip(cuts.Append(reading.Word.Length)).Select(x => reading.Word[x.First..x.Second])];
    }

    private static List<int> VowelPlaces(IReadOnlyList<Segment> segments) =>
        [.. Enumerable.Range(0, segments.Count).Where(i => segments[i].Correspondence.Sound.IsVowel)];

    // The segment that each syllable starts with.
    private static List<int> Starts(Segmentation reading, IReadOnlyList<int> joins)
    {
        var segments = reading.Segments;
        if (Added.FirstOrDefault(x => reading.Word.EndsWith(x, StringComparison.Ordinal)) is { } added)
        {
            joins = [.. joins, reading.Word.Length - added.Length];
        }

        var vowels = VowelPlaces(segments);
        var starts = new List<int> { 0 };
        for (var v = 1; v < vowels.Count; v++)
        {
            var joined = Enumerable.Range(vowels[v - 1] + 1, vowels[v] - vowels[v - 1]).Where(i => joins.Contains(segments[i].Start)).Select(i => (int?)i).FirstOrDefault();
            starts.Add(joined ?? Boundary(segments, vowels[v - 1], vowels[v], v == 1 || Vowels.IsWeak(segments[vowels[v - 2]].Correspondence)));
        }

        return starts;
    }

    // Source: the usual classroom rule. One consonant goes with a short vowel before it when that is the strong one (hol
    // in holiday, not hol-id), and on with a long or weak one; two part, unless they begin a syllable together after a
    // long vowel (but bas-ket); of three or more the first stays behind.
    private static int Boundary(IReadOnlyList<Segment> segments, int vowel, int next, bool mayBeStrong)
    {
        var between = next - vowel - 1;
        var isShort = Vowels.IsShortSound(segments[vowel].Correspondence.Sound) && !Vowels.IsWeak(segments[vowel].Correspondence);
        var syllabicL = segments[next].Correspondence.Grapheme.Text == "le";
        return between switch
        {
            0 => next,
            1 when syllabicL => isShort && segments[vowel + 1].Correspondence.Grapheme.Text.Length > 1 ? next : next - 1,
            1 => isShort && mayBeStrong ? next : next - 1,
            2 when syllabicL => next - 1,
            2 => !isShort && Onset(segments, vowel + 1) && segments[vowel + 1].Correspondence.Sound.Key != "s" ? vowel + 1 : vowel + 2,
            _ => Onset(segments, next - 2) ? next - 2 : next - 1,
        };
    }

    private static bool Onset(IReadOnlyList<Segment> segments, int at) =>
        Onsets.Contains($"{segments[at].Correspondence.Sound.Key}+{segments[at + 1].Correspondence.Sound.Key}");

    private static int LongestConsonantRun(string syllable) => syllable.Split('V').Max(x => x.Length);
}
