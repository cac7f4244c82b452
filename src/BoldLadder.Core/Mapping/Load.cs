using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Mapping;

/// <summary>How much is new along one stretch of a ladder.</summary>
/// <param name="FromPlace">Zero-based place of the first rung of the week.</param>
/// <param name="Correspondences">New correspondences in the week.</param>
/// <param name="TrickyWords">New tricky words in the week.</param>
public readonly record struct WeekLoad(int FromPlace, int ToPlace, int Correspondences, int TrickyWords)
{
    public bool TooMany => Correspondences > Load.CorrespondencesAWeek || TrickyWords > Load.TrickyWordsAWeek;
}

/// <summary>
/// The load of a ladder by the week: shown and warned of, never forbidden. Source: the domain's rules for the ladder.
/// </summary>
public static class Load
{
    public const int CorrespondencesAWeek = 4, TrickyWordsAWeek = 3;

    /// <summary>Weeks of so many days of new learning, from the bottom, rungs kept whole.</summary>
    /// <param name="newDays">Days a week that bring something new, 1 to 5.</param>
    public static IReadOnlyList<WeekLoad> ByWeek(IReadOnlyList<Rung> rungs, int newDays)
    {
        var weeks = new List<WeekLoad>();
        var (from, days, graphemes, words) = (0, 0, 0, 0);
        for (var place = 0; place < rungs.Count; place++)
        {
            var rung = rungs[place];
            if (StartsWeek(days, rung, newDays))
            {
                weeks.Add(new WeekLoad(from, place - 1, graphemes, words));
                (from, days, graphemes, words) = (place, 0, 0, 0);
            }

            days += rung.Days;
            graphemes += NewCorrespondences(rung);
            words += rung.IsKnownBefore ? 0 : rung.TrickyWords.Count;
        }

        if (days > 0)
        {
            weeks.Add(new WeekLoad(from, rungs.Count - 1, graphemes, words));
        }

        return weeks;
    }

    /// <summary>Whether a rung is the first of a week: it does not go whole into what is left of the one before.</summary>
    /// <param name="days">Days of that week that are taken.</param>
    internal static bool StartsWeek(int days, Rung rung, int newDays) => days > 0 && days + rung.Days > newDays;

    /// <summary>How many correspondences a rung brings that are new.</summary>
    internal static int NewCorrespondences(Rung rung) => rung.Kind == RungKind.Teach && !rung.IsKnownBefore ? rung.Correspondences.Count : 0;
}
