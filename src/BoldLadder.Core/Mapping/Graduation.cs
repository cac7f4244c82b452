namespace BoldLadder.Core.Mapping;

/// <summary>How a tricky word's place stands to the rung from which it can simply be read.</summary>
public enum TrickyStanding
{
    /// <summary>A later rung brings the last of its parts.</summary>
    Later,

    /// <summary>All its parts are taught where it stands: a lead may want it early for fluency.</summary>
    Already,

    /// <summary>No rung brings one of its parts.</summary>
    StaysTricky,
}

/// <summary>When a tricky word graduates for reading.</summary>
/// <param name="Place">The place from which it is readable, weak vowels strict; null when no rung brings it there.</param>
/// <param name="Standing">How that stands to the place it is taught at.</param>
public readonly record struct Graduation(int? Place, TrickyStanding Standing)
{
    /// <param name="taughtAt">The place of the rung that teaches the word as tricky.</param>
    /// <param name="unlocking">Worked out with strict weak vowels: see <see cref="Reading.ReadingRules.Strict"/>.</param>
    public static Graduation Of(string word, int taughtAt, Unlocking unlocking)
    {
        var found = unlocking.Rules.Rows.Words.FindWord(word);
        var place = found is null ? Unlocking.Never : unlocking.PlaceOf(found.Rank);
        return place == Unlocking.Never
            ? new Graduation(null, TrickyStanding.StaysTricky)
            : new Graduation(place, place <= taughtAt ? TrickyStanding.Already : TrickyStanding.Later);
    }
}
