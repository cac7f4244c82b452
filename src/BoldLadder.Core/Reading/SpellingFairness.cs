using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>Whether it is fair to ask children to spell a word, and why.</summary>
public readonly record struct Fairness(bool Fair, Reason Reason);

/// <summary>
/// A word is fair for a sound with several spellings if today's spelling is announced and it uses
/// it; or no other taught spelling fits; or a best bet picks it; or it was read on 3 earlier days.
/// </summary>
public sealed class SpellingFairness
{
    private const int DaysRead = 3;

    private readonly SpellingEvidence _evidence;
    private readonly TaughtSet _taught;
    private readonly HashSet<Correspondence> _announced;
    private readonly HashSet<string> _announcedEndings;
    private readonly HashSet<Correspondence> _correspondences;
    private readonly ILookup<string, Correspondence> _spellings;
    private readonly List<GraphemeRun> _announcedUnits;

    /// <param name="today">What today's rung teaches: the adult names its spellings, endings and units before the words are said.</param>
    public SpellingFairness(TaughtSet taught, SpellingEvidence evidence, IReadOnlyList<Teachable> today)
    {
        _taught = taught;
        _evidence = evidence;
        _announced = today.Select(x => x.Correspondence).OfType<Correspondence>().ToHashSet();
        _announcedEndings = today.Select(x => x.Ending).OfType<string>().ToHashSet();
        _announcedUnits = [.. today.Where(x => x.Kind == TeachableKind.RimeUnit).Select(x => x.Run!)];
        _correspondences = [.. taught.Correspondences];
        _spellings = _correspondences.ToLookup(x => taught.Rules.SoundKey(x.Sound));
    }

    /// <param name="daysRead">On how many earlier days the word was read by the group.</param>
    /// <param name="ended">The word's ending, when it has one.</param>
    public Fairness Of(Segmentation reading, EndedWord? ended, int daysRead) => Of(reading, ended, daysRead, null);

    /// <summary>True when the word is fair once the adult tells how one sound in it is spelt.</summary>
    public bool IsFairOnceTold(Segmentation reading, EndedWord? ended, string grapheme) => Of(reading, ended, 0, grapheme).Fair;

    private Fairness Of(Segmentation reading, EndedWord? ended, int daysRead, string? told)
    {
        if (daysRead >= DaysRead)
        {
            return new Fairness(true, Reason.Of(ReasonCode.FairAsRead, $"{daysRead}"));
        }

        var ending = ended is { } e && _announcedEndings.Contains(e.Taught) ? reading.Word.Length - e.Ending.Length
            : _announcedUnits.Find(x => x.Ends(reading)) is { } unit ? reading.Segments[^unit.Parts.Count].Start : int.MaxValue;
        for (var i = 0; i < reading.Segments.Count; i++)
        {
            var correspondence = reading.Segments[i].Correspondence;
            if (_announced.Contains(correspondence) || reading.Segments[i].Start >= ending || correspondence.Grapheme.Text == told)
            {
                continue;
            }

            if (correspondence.Sound.Key == "schwa" && !_correspondences.Contains(correspondence))
            {
                return new Fairness(false, Reason.Of(ReasonCode.UnfairAsWeak, correspondence.Grapheme.Text));
            }

            var place = SpellingEvidence.PlaceOf(reading, i);
            var others = Others(correspondence, place);
            if (others.Count > 0 && !_evidence.IsBestBet(correspondence.Sound, place, correspondence.Grapheme.Text, others))
            {
                return new Fairness(false, Reason.Of(ReasonCode.UnfairAsOther, [correspondence.Grapheme.Text, .. others]));
            }
        }

        return new Fairness(true, Reason.Of(ReasonCode.FairAsOnlyFit));
    }

    // What else of what is taught could stand there for the sound.
    private List<string> Others(Correspondence one, SoundPlace place)
    {
        var others = new List<string>();
        foreach (var x in _spellings[_taught.Rules.SoundKey(one.Sound)])
        {
            if (x.Grapheme != one.Grapheme && _evidence.Fits(one.Sound, place, x.Grapheme.Text))
            {
                others.Add(x.Grapheme.Text);
            }
        }

        return others;
    }
}
