using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word chosen for spelling, with its spoken sentence when it has a sound-alike.</summary>
public sealed record ChosenSpelling(LexiconWord Word, Segmentation Reading, IReadOnlyList<Reason> Reasons, string Spoken);

/// <summary>
/// Chooses words to spell: as words to read are chosen, and fair as well. A word with a sound-alike
/// brings its spoken sentence, or is not chosen.
/// </summary>
public sealed class SpellingChoice(WordStock stock)
{
    // Enough to find fair ones among; more would only take time.
    private const int Considered = 40;

    /// <param name="brief">As for reading; its count is the number of words to spell.</param>
    public IReadOnlyList<ChosenSpelling> Choose(ReadingBrief brief)
    {
        var fairness = new SpellingFairness(brief.Judge.Taught, stock.Evidence, brief.Targets);
        var found = new List<ChosenSpelling>();
        var choice = new ReadingChoice(stock).Choose(brief with { Count = Considered });
        // A base without its ending is asked for first of all: the ending is another thing to think of.
        foreach (var word in choice.OrderByDescending(x => x.HoldsTarget))
        {
            var fair = fairness.Of(word.Reading, word.Word.Ended, brief.TimesRead.GetValueOrDefault(word.Word.Key));
            var alike = stock.SoundAlikes(word.Word).FirstOrDefault();
            var spoken = stock.Spoken.Find(word.Word.Key) ?? "";
            var ending = word.Word.Ended is not null && brief.Targets.All(x => x.Ending is null);
            if (ending || !fair.Fair || (alike is not null && spoken.Length == 0))
            {
                continue;
            }

            IReadOnlyList<Reason> reasons = [.. word.Reasons, fair.Reason];
            found.Add(new ChosenSpelling(
                word.Word, word.Reading, alike is null ? reasons : [.. reasons, Reason.Of(ReasonCode.SoundsLike, alike.Spelling)], spoken));
            if (found.Count == brief.Count)
            {
                break;
            }
        }

        return [.. found.OrderBy(x => x.Reading.Segments.Count)];
    }
}
