using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word chosen for spelling, with its spoken sentence when it has a sound-alike.</summary>
/// <param name="Target">The key of which of the things taught today it has in it; null when it has nothing.</param>
public sealed record ChosenSpelling(LexiconWord Word, Segmentation Reading, IReadOnlyList<Reason> Reasons, string Spoken, string? Target);

/// <summary>
/// Chooses words to spell: as words to read are chosen, and fair as well. A word with a sound-alike
/// brings its spoken sentence, or is not chosen.
/// </summary>
public sealed class SpellingChoice(WordStock stock)
{
    // Enough to find fair ones among; more would only take time.
    private const int Considered = 40;

    /// <summary>
    /// Words that are fair, those with today's parts first and each of these in its turn; where a rung's own words are too
    /// few, words in which one other spelling is told, before words without the target.
    /// </summary>
    /// <param name="brief">As for reading; its count is the number of words to spell.</param>
    public IReadOnlyList<ChosenSpelling> Choose(ReadingBrief brief)
    {
        var fairness = new SpellingFairness(brief.Judge.Taught, stock.Evidence, brief.Targets);
        var (fair, told) = (new List<ChosenSpelling>(), new List<ChosenSpelling>());
        foreach (var word in new ReadingChoice(stock).Choose(brief with { Count = Considered }))
        {
            // A base without its ending: the ending is another thing to think of.
            if (word.Word.Ended is not null && brief.Targets.All(x => x.Ending is null))
            {
                continue;
            }

            var judged = fairness.Of(word.Reading, word.Word.Ended, brief.TimesRead.GetValueOrDefault(word.Word.Key));
            // One spelling can be told; a word that hides two is no word to spell.
            var one = !judged.Fair && word.HoldsTarget && judged.Reason is { Code: ReasonCode.UnfairAsOther or ReasonCode.UnfairAsWeak, Arguments: [var grapheme, ..] }
                && fairness.IsFairOnceTold(word.Reading, word.Word.Ended, grapheme) ? grapheme : null;
            if (!judged.Fair && one is null)
            {
                continue;
            }

            var alike = stock.SoundAlikes(word.Word).FirstOrDefault();
            var spoken = stock.Spoken.Find(word.Word.Key) ?? "";
            if (alike is null || spoken.Length > 0)
            {
                IReadOnlyList<Reason> reasons = [.. word.Reasons, one is null ? judged.Reason : Reason.Of(ReasonCode.ToldSpelling, one)];
                (judged.Fair ? fair : told).Add(new ChosenSpelling(
                    word.Word, word.Reading, alike is null ? reasons : [.. reasons, Reason.Of(ReasonCode.SoundsLike, alike.Spelling)], spoken, word.Target));
            }
        }

        // What has no fair word has one that is told among the first.
        var (on, alone) = (fair.Where(x => x.Target is not null).ToList(), InTurn(told).DistinctBy(x => x.Target).Where(x => !fair.Exists(other => other.Target == x.Target)).ToList());
        return [.. InTurn(on.Concat(alone)).Concat(InTurn(told.Except(alone))).Concat(fair.Where(x => x.Target is null)).Take(brief.Count)];
    }

    /// <summary>The first of each of today's parts, then the second of each, known words before others: no grapheme of a rung is left unspelt.</summary>
    public static IEnumerable<ChosenSpelling> InTurn(IEnumerable<ChosenSpelling> words)
    {
        var seen = new Dictionary<string, int>();
        return words.OrderBy(x => x.Word.Familiarity != Familiarity.AtFourOrFive)
            .Select(x => (x, Turn: seen[x.Target ?? ""] = seen.GetValueOrDefault(x.Target ?? "") + 1)).ToList()
            .OrderBy(x => x.Turn > 1).ThenBy(x => x.x.Word.Familiarity != Familiarity.AtFourOrFive).ThenBy(x => x.Turn).Select(x => x.x);
    }
}
