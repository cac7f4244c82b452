using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>A part that may be meant.</summary>
/// <param name="Example">A word that shows it; empty when there is none.</param>
/// <param name="Words">How many everyday words have it.</param>
public sealed record MeantPart(Teachable Thing, string Example, int Words);

/// <summary>
/// What typed letters may mean as a part: their sounds, commonest first; for a word its parts; for <c>-ing</c> an ending;
/// the short form <c>ow:oa</c> for those who know it.
/// </summary>
public sealed class MeantParts(SchoolWords words, SpellingShares shares)
{
    /// <summary>A sound that letters have in fewer than one word of so many is not offered; a word that has it finds it.</summary>
    private const int Seldom = 60;

    private const int Most = 12;

    public IReadOnlyList<MeantPart> Of(string text)
    {
        var asked = text.Trim().ToLowerInvariant().Replace('–', '-');
        var found = new List<MeantPart>();
        if (Correspondence.TryParse(asked, out var exact, out _))
        {
            found.Add(Shown(exact));
        }

        var ending = asked.TrimStart('-');
        if (Endings.All.Contains(ending) && (asked != ending || ending.Length > 1))
        {
            found.Add(Shown(Teachable.OfEnding(ending)));
        }

        var letters = asked is [var vowel, '-' or '_' or '.' or ' ', 'e'] ? $"{vowel}_e" : asked.Trim('-');
        var sounds = shares.Of(letters);
        var all = sounds.Sum(x => x.Words);
        found.AddRange(sounds.Where((x, i) => i == 0 || x.Words * Seldom > all).Select(x => Shown(x.Correspondence)));
        found.AddRange((words.Find(asked)?.Readings ?? []).SelectMany(x => x.Segments).Select(x => Shown(x.Correspondence)));
        return [.. found.DistinctBy(x => x.Thing).Take(Most)];
    }

    private MeantPart Shown(Correspondence part) => new(Teachable.Of(part), shares.ExampleOf(part), shares.Of(part.Grapheme.Text).FirstOrDefault(x => x.Correspondence == part)?.Words ?? 0);

    private MeantPart Shown(Teachable ending)
    {
        var all = words.Words.Where(x => x.Everyday && x.Ended?.Taught == ending.Ending).ToList();
        return new MeantPart(ending, all.FirstOrDefault(x => x.Familiarity == Familiarity.AtFourOrFive)?.Spelling ?? "", all.Count);
    }
}
