using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>One spelling of a sound at one place.</summary>
/// <param name="Words">Different words of content.</param>
/// <param name="Frequency">How often those words are met in print, summed.</param>
/// <param name="FunctionWords">Words of grammar that spell it so, counted apart.</param>
/// <param name="Examples">The commonest words.</param>
public sealed record SpellingCount(string Grapheme, int Words, long Frequency, int FunctionWords, IReadOnlyList<string> Examples);

/// <summary>How a sound is spelt at one place, in one context.</summary>
/// <param name="Context">More of where it stands, such as <c>after a short vowel</c>; empty for the place as a whole.</param>
/// <param name="BestBet">The spelling that covers enough of the familiar words, or null: nothing is shown as certain that is not.</param>
/// <param name="Share">The share of words that the leading spelling has.</param>
/// <param name="Exceptions">Words that go against the leading spelling, commonest first.</param>
public sealed record PlaceEvidence(
    string Place, string Context, IReadOnlyList<SpellingCount> Spellings, string? BestBet, double Share, IReadOnlyList<string> Exceptions);

/// <summary>
/// Counts, over the words of the lexicon, of how a sound is spelt where: the evidence behind every choice of spelling and
/// every rule of thumb. Places are those of the base word, since an ending does not change how a word is spelt before it,
/// and of each word of a compound: the <i>ay</i> of <i>daytime</i> stands last.
/// </summary>
public sealed class PositionEvidence
{
    private const int Examples = 12, MostExceptions = 200;

    private readonly List<Sighting> _sightings = [];
    private readonly ReadingRules _rules;

    /// <summary>A correspondence at its place in a word.</summary>
    internal readonly record struct Sighting(LexiconWord Word, Segmentation Reading, int At)
    {
        public Correspondence Correspondence => Reading.Segments[At].Correspondence;

        public string Place => At == 0 || Joined(At) ? "first" : At == Reading.Segments.Count - 1 || Joined(At + 1) ? "last" : "inside";

        public bool AfterShortVowel => At > 0 && Vowels.IsShort(Reading.Segments[At - 1].Correspondence);

        public char NextLetter => Reading.Segments[At].Start + Correspondence.Grapheme.LeadingLetters.Length is var at && at < Reading.Word.Length ? Reading.Word[at] : ' ';

        private bool Joined(int at) => Word.Parts.Count > 0 && Word.Joins.Contains(Reading.Segments[at].Start);

        public string? NextSound => At + 1 < Reading.Segments.Count ? Reading.Segments[At + 1].Correspondence.Sound.Key : null;
    }

    public PositionEvidence(ReadingRules rules)
    {
        _rules = rules;
        var words = rules.Rows.Words;
        foreach (var word in words.Words)
        {
            if (word.Ended is not null || word.Key != word.Spelling || word.Suitability == Suitability.Unsuitable || !words.OwnSpelling(word)
                || words.Of(word).Readings is not [var reading, ..])
            {
                continue;
            }

            for (var i = 0; i < reading.Segments.Count; i++)
            {
                _sightings.Add(new Sighting(word, reading, i));
            }
        }
    }

    internal IEnumerable<Sighting> All => _sightings;

    internal ReadingRules Rules => _rules;

    /// <summary>Every sound that the accent has with the number of ways to spell it, most first.</summary>
    public IEnumerable<(string Sound, int Spellings)> Sounds() => _sightings.GroupBy(x => _rules.SoundKey(x.Correspondence.Sound))
        .Select(x => (x.Key, x.Select(s => s.Correspondence.Grapheme.Text).Distinct().Count())).OrderByDescending(x => x.Item2);

    /// <summary>All that is known of where each spelling of a sound stands, places first, then contexts.</summary>
    public IReadOnlyList<PlaceEvidence> Of(Sound sound)
    {
        var seen = _sightings.Where(x => _rules.SameSound(x.Correspondence.Sound, sound)).ToList();
        var found = new List<PlaceEvidence>();
        foreach (var place in (string[])["first", "inside", "last"])
        {
            var here = seen.Where(x => x.Place == place).ToList();
            Add(found, place, "", here);
            if (place != "first" && !sound.IsVowel)
            {
                Add(found, place, "after a short vowel", [.. here.Where(x => x.AfterShortVowel)]);
                Add(found, place, "not after a short vowel", [.. here.Where(x => !x.AfterShortVowel)]);
            }

            if (place != "last")
            {
                Add(found, place, "before e, i or y", [.. here.Where(x => x.NextLetter is 'e' or 'i' or 'y')]);
                Add(found, place, "before a, o or u", [.. here.Where(x => x.NextLetter is 'a' or 'o' or 'u')]);
                foreach (var next in here.GroupBy(x => x.NextSound).Where(x => x.Count() >= SpellingEvidence.BestBetWords && sound.IsVowel))
                {
                    Add(found, place, $"before {next.Key}", [.. next]);
                }
            }
        }

        return found;
    }

    private static void Add(List<PlaceEvidence> found, string place, string context, List<Sighting> seen)
    {
        if (seen.Count == 0)
        {
            return;
        }

        var content = seen.Where(x => !FunctionWords.Has(x.Word.Key)).ToList();
        var spellings = seen.GroupBy(x => x.Correspondence.Grapheme.Text).Select(x => new SpellingCount(
                x.Key, x.Where(s => !FunctionWords.Has(s.Word.Key)).DistinctBy(s => s.Word.Rank).Count(),
                x.Where(s => !FunctionWords.Has(s.Word.Key)).DistinctBy(s => s.Word.Rank).Sum(s => (long)s.Word.Count),
                x.Where(s => FunctionWords.Has(s.Word.Key)).DistinctBy(s => s.Word.Rank).Count(),
                [.. x.OrderByDescending(s => s.Word.Everyday).ThenBy(s => s.Word.Rank).Select(s => s.Word.Spelling).Distinct().Take(Examples)]))
            .OrderByDescending(x => x.Words).ToList();
        var familiar = content.Where(x => x.Word.Everyday).GroupBy(x => x.Correspondence.Grapheme.Text)
            .Select(x => (x.Key, Count: x.DistinctBy(s => s.Word.Rank).Count())).ToList();
        var (all, lead) = (familiar.Sum(x => x.Count), familiar.OrderByDescending(x => x.Count).FirstOrDefault());
        var best = all >= SpellingEvidence.BestBetWords && lead.Count >= SpellingEvidence.BestBetShare * all ? lead.Key : null;
        found.Add(new PlaceEvidence(
            place, context, spellings, best, all == 0 ? 0 : (double)lead.Count / all,
            [.. content.Where(x => x.Correspondence.Grapheme.Text != (lead.Key ?? spellings[0].Grapheme)).OrderBy(x => x.Word.Rank)
                .Select(x => x.Word.Spelling).Distinct().Take(MostExceptions)]));
    }
}
