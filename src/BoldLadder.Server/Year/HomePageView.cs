using BoldLadder.Core.Ladders;
using BoldLadder.Core.Year;
using BoldLadder.Server.Groups;

namespace BoldLadder.Server.Year;

/// <summary>A spelling with a word that has it.</summary>
/// <param name="Word">The rung's keyword, or the commonest word that carries it; empty for none.</param>
/// <param name="IsShape">It is no spelling but a shape of word, said in words.</param>
public sealed record HomeSpelling(string Letters, string Word, bool IsShape);

/// <param name="Monday">The Monday of the week.</param>
/// <param name="Spellings">New spellings, word parts and endings.</param>
/// <param name="TrickyWords">Words to know by sight.</param>
/// <param name="Compared">Spellings of one sound that are met together.</param>
public sealed record HomeWeek(DateOnly Monday, IReadOnlyList<HomeSpelling> Spellings, IReadOnlyList<string> TrickyWords, IReadOnlyList<string> Compared);

/// <summary>What families are sent for a half-term: what is learnt, week by week, and words that can be read with it.</summary>
public sealed record HomePageView(string Group, DateOnly First, DateOnly Last, IReadOnlyList<HomeWeek> Weeks, IReadOnlyList<string> Words)
{
    public static HomePageView Of(Classroom room, DateOnly day)
    {
        var half = HalfTerm.Around(day, room.Year, room.Ladder, room.Log, room.GroupYear(room.Plan).Outlook.Days);
        return new HomePageView(room.Group.Name, half.First, half.Last, [.. half.Weeks.Select(Week)], [.. FamilyWords.Of(half, room.Unlocking).Select(x => x.Spelling)]);

        HomeWeek Week(LearningWeek x) => new(
            x.Monday,
            [.. x.Rungs.Where(r => r.Kind == RungKind.Teach && r.AddsParts).Select(r => new HomeSpelling(
                string.Join(" ", r.Adds.Select(a => a.Label).Distinct()), r.Keyword.Length > 0 ? r.Keyword : FamilyWords.Of(r, room.Unlocking).FirstOrDefault()?.Spelling ?? "", r.Adds.All(a => a.Kind == TeachableKind.Structure)))],
            [.. x.Rungs.SelectMany(r => r.TrickyWords).Distinct()],
            [.. x.Rungs.Where(r => r.Kind == RungKind.Contrast).Select(r => string.Join(" ", r.Adds.Select(a => a.Label).Distinct()))]);
    }
}
