using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>What one grapheme says in words that children know.</summary>
/// <param name="Words">In how many everyday words it says so.</param>
/// <param name="Example">The word that shows it best: short, and known early.</param>
public sealed record SpellingShare(Correspondence Correspondence, int Words, string Example);

/// <summary>For each grapheme its sounds in an accent, commonest first, each counted over everyday words. Weak vowels are left out of what is counted.</summary>
public sealed class SpellingShares
{
    /// <summary>Words commoner than this mostly hold sentences together.</summary>
    private const int Glue = 350;

    private readonly Dictionary<string, IReadOnlyList<SpellingShare>> _shares;
    private readonly HeardSounds _heard;
    private readonly SchoolWords _words;

    public SpellingShares(SchoolWords words, CorrespondenceTable table)
    {
        (_words, Accent) = (words, words.Accent);
        _heard = words.Accent.Heard();
        var found = new Dictionary<Correspondence, (int Count, LexiconWord Best)>();
        foreach (var word in words.Words.Where(x => x.Everyday && x.Suitability == Suitability.Fine && words.OwnSpelling(x)))
        {
            foreach (var part in words.Of(word).Readings[0].Segments.Select(x => x.Correspondence).Distinct())
            {
                var (count, best) = found.GetValueOrDefault(part, (0, word));
                found[part] = (count + 1, Shows(word, part) < Shows(best, part) ? word : best);
            }
        }

        var known = found.Select(x => new SpellingShare(x.Key, x.Value.Count, x.Value.Best.Spelling)).ToList();
        var none = table.All.Where(x => !found.ContainsKey(x)).Select(x => new SpellingShare(x, 0, ""));
        _shares = known.Concat(none).GroupBy(x => x.Correspondence.Grapheme.Text)
            .ToDictionary(x => x.Key, x => (IReadOnlyList<SpellingShare>)[.. Merged(x.OrderByDescending(s => s.Words).ThenBy(s => s.Correspondence.Key, StringComparer.Ordinal))]);
    }

    public Accent Accent { get; }

    /// <summary>The sounds of a grapheme, commonest first; of two that speakers hear as one, the commoner.</summary>
    public IReadOnlyList<SpellingShare> Of(string grapheme) => _shares.GetValueOrDefault(grapheme) ?? [];

    /// <summary>The word that shows a correspondence best; that of its sound where no everyday word is spelt so.</summary>
    public string ExampleOf(Correspondence part) =>
        Of(part.Grapheme.Text).FirstOrDefault(x => x.Correspondence == part)?.Example is { Length: > 0 } shown ? shown : part.Sound.Example;

    /// <summary>The word that a sheet shows a correspondence by, where it has it in it; else the one that shows it best.</summary>
    public string ExampleOf(Correspondence part, string told) =>
        _words.Find(told) is { } word && word.Readings.Any(x => x.Segments.Any(s => s.Correspondence == part)) ? told : ExampleOf(part);

    /// <summary>True when speakers of the accent hear the two as one.</summary>
    public bool SameHere(Sound one, Sound other) => _heard.Alone(one) == _heard.Alone(other);

    private IEnumerable<SpellingShare> Merged(IEnumerable<SpellingShare> shares)
    {
        var seen = new Dictionary<(int, int), SpellingShare>();
        foreach (var share in shares)
        {
            var heard = _heard.Alone(share.Correspondence.Sound);
            seen[heard] = seen.TryGetValue(heard, out var first) ? first with { Words = first.Words + share.Words } : share;
        }

        return seen.Values.OrderByDescending(x => x.Words);
    }

    // The sound's own example where it is spelt so; else a short word that is known early and can be pictured rather than
    // one of those that hold sentences together.
    private static int Shows(LexiconWord word, Correspondence part) =>
        (word.Key == part.Sound.Example ? -200 : 0) + (word.Familiarity == Familiarity.AtFourOrFive ? 0 : 40) + (Math.Abs(word.Key.Length - 3) * 10)
        + (word.Rank < Glue ? 30 : Math.Min(30, word.Rank / 400)) + (part.Grapheme.IsSplit || word.Key.StartsWith(part.Grapheme.LeadingLetters, StringComparison.Ordinal) ? 0 : 4)
        + (word.Ended is null ? 0 : 20) + (char.IsUpper(word.Spelling[0]) ? 60 : 0) + (word.Spelling.Contains('\'', StringComparison.Ordinal) ? 200 : 0);
}
