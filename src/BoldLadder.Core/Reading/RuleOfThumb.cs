using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>What a rule of thumb claims.</summary>
public enum RuleClaim
{
    /// <summary>The sound, where it stands so, is spelt so: <i>k at the end after a short vowel is ck</i>.</summary>
    SpeltSo,

    /// <summary>The spelling, wherever it is, stands so: <i>ay comes last</i>.</summary>
    StandsSo,

    /// <summary>Of two vowel letters together the first says its name: <i>rain, boat</i>.</summary>
    FirstVowelSpeaks,
}

/// <summary>A rule of thumb as a small pattern.</summary>
/// <param name="Grapheme">The spelling that it is about; for the first vowel, one pair of letters, or null for all.</param>
/// <param name="Sound">The sound; null for any, or for the grapheme's own.</param>
/// <param name="Place"><c>first</c>, <c>inside</c> or <c>last</c>; null for any.</param>
/// <param name="AfterShortVowel">True for only after a short vowel, false for only not after one, null for either.</param>
/// <param name="MostSyllables">Longer words are not asked.</param>
public sealed record RuleOfThumb(
    RuleClaim Claim, Grapheme? Grapheme, Sound? Sound, string? Place, bool? AfterShortVowel, int MostSyllables = RuleOfThumb.AnySyllables)
{
    public const int AnySyllables = 12;

    /// <summary>The words for and against, content words only, commonest first; a word that goes both ways is against.</summary>
    public RuleAnswer Ask(PositionEvidence evidence)
    {
        var asked = evidence.All.Where(x => !FunctionWords.Has(x.Word.Key) && Concerns(x, evidence.Rules)
            && (MostSyllables >= AnySyllables || Structure.Of(x.Reading, x.Word).Syllables <= MostSyllables)).ToList();
        var (holds, against) = (new List<LexiconWord>(), new List<LexiconWord>());
        foreach (var x in asked)
        {
            (Holds(x, evidence.Rules) ? holds : against).Add(x.Word);
        }

        return new RuleAnswer([.. holds.Distinct().Except(against)], [.. against.Distinct()]);
    }

    private bool Concerns(PositionEvidence.Sighting x, ReadingRules rules) => Claim switch
    {
        RuleClaim.SpeltSo => Sound is { } sound && rules.SameSound(x.Correspondence.Sound, sound) && Stands(x),
        RuleClaim.StandsSo => x.Correspondence.Grapheme == Grapheme && (Sound is not { } sound || rules.SameSound(x.Correspondence.Sound, sound)),
        _ => x.Correspondence is { Sound.IsVowel: true, Grapheme: { Text: [var a, var b], IsSplit: false } grapheme }
            && IsVowelLetter(a) && IsVowelLetter(b) && (Grapheme is null || Grapheme == grapheme),
    };

    private bool Holds(PositionEvidence.Sighting x, ReadingRules rules) => Claim switch
    {
        RuleClaim.SpeltSo => x.Correspondence.Grapheme == Grapheme,
        RuleClaim.StandsSo => Stands(x),
        _ => Vowels.IsName(x.Correspondence.Grapheme.Text[0], rules.SoundKey(x.Correspondence.Sound)),
    };

    private bool Stands(PositionEvidence.Sighting x) =>
        (Place is null || x.Place == Place) && (AfterShortVowel is null || x.AfterShortVowel == AfterShortVowel);

    private static bool IsVowelLetter(char letter) => letter is 'a' or 'e' or 'i' or 'o' or 'u' or 'y';
}

/// <summary>A rule of thumb's count.</summary>
public sealed record RuleAnswer(IReadOnlyList<LexiconWord> For, IReadOnlyList<LexiconWord> Against)
{
    /// <summary>The share of words that the rule holds for; 0 when there is none.</summary>
    public double Share => For.Count + Against.Count == 0 ? 0 : (double)For.Count / (For.Count + Against.Count);

    /// <summary>The same, each word as often as it is met in print.</summary>
    public double ShareByFrequency => For.Concat(Against).Sum(x => (double)x.Count) is var all and > 0 ? For.Sum(x => (double)x.Count) / all : 0;
}
