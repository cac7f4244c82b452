using BoldLadder.Core.Choosing;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>A part of a tricky word that is not taught yet.</summary>
/// <param name="Kin">Words with the same part that children know: the word is less alone than it looks.</param>
public sealed record TrickyPart(Correspondence Part, IReadOnlyList<string> Kin);

/// <summary>What the adult needs to teach one tricky word: which part is tricky, and which behaves as children expect.</summary>
/// <param name="Tricky">The parts not taught yet; none when the word only has to be quick.</param>
/// <param name="Fair">The graphemes that are.</param>
/// <param name="Spoken">A line that gives it its meaning; empty where none is written.</param>
public sealed record TrickyTeaching(string Word, IReadOnlyList<TrickyPart> Tricky, IReadOnlyList<string> Fair, string Spoken)
{
    private const int MostKin = 3, ShortTricky = 3;

    /// <summary>Parts that say what nobody would expect; not those that only are still to come, as the <i>y</i> of <i>you</i>.</summary>
    public IEnumerable<Correspondence> Odd => Tricky.Select(x => x.Part).Where(x => x.Grapheme.Text.Length > 1 || x.Grapheme.Text != x.Sound.Key);

    /// <summary>What is said of each tricky word of a lesson; words that no list knows are left out.</summary>
    /// <param name="judge">What can be read in the lesson.</param>
    public static IReadOnlyList<TrickyTeaching> Of(Lesson lesson, Judge judge, WordStock stock) =>
        [.. lesson.TrickyWords.Select(x => Of(x, judge, stock)).OfType<TrickyTeaching>()];

    /// <summary>What is said of one word; null when no list knows it.</summary>
    public static TrickyTeaching? Of(string word, Judge judge, WordStock stock)
    {
        if (stock.Words.Find(word) is not { Readings: [var reading, ..] } found)
        {
            return null;
        }

        var lacking = judge.Uncovered(reading, found.Word.Ended);
        var parts = reading.Segments.Select((x, i) => (x.Correspondence, Tricky: lacking[i])).ToList();
        return new TrickyTeaching(
            word, [.. parts.Where(x => x.Tricky).Select(x => new TrickyPart(x.Correspondence, Kin(x.Correspondence, found.Word.Key, judge, stock)))],
            [.. parts.Where(x => !x.Tricky).Select(x => x.Correspondence.Grapheme.Text)], stock.Spoken.Find(word) ?? "");
    }

    // First words that were tricky in the same way: there beside where. Somewhere is no help with what: it has another tricky word in it.
    private static IReadOnlyList<string> Kin(Correspondence part, string word, Judge judge, WordStock stock) =>
        [.. judge.Taught.TrickyWords.Where(x => !x.Equals(word, StringComparison.OrdinalIgnoreCase) && stock.Words.Find(x) is { Readings: [var reading, ..] } && reading.Segments.Any(s => s.Correspondence == part))
            .Order(StringComparer.Ordinal).Concat(stock.Everyday(part).Where(x => !x.Word.Key.Contains(word, StringComparison.Ordinal) && !FunctionWords.Has(x.Word.Key)
                && !judge.Taught.TrickyWords.Any(t => t.Length > ShortTricky && x.Word.Key.Contains(t, StringComparison.Ordinal)))
            .OrderBy(x => x.Word.Familiarity != Familiarity.AtFourOrFive).Select(x => x.Word.Spelling)).Take(MostKin)];
}
