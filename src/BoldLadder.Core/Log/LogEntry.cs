using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Log;

/// <summary>How a lesson went.</summary>
public enum LogOutcome
{
    /// <summary>All of it: the rung is passed when its days are done.</summary>
    Taught,

    /// <summary>Some of it: what was revisited counts, the rung stays due.</summary>
    Partly,

    /// <summary>None of it: nothing changes.</summary>
    Missed,

    /// <summary>An earlier entry for the lesson was a mistake and counts no more.</summary>
    TakenBack,
}

/// <summary>
/// One line of a group's log, by value: it says what was taught, not where that stood on a ladder,
/// so that re-ordering a ladder rewrites nothing. Entries are only ever added.
/// </summary>
/// <param name="Position">Its number in the group's log, from 1.</param>
/// <param name="LessonId">The lesson; a later entry for the same lesson takes the place of an earlier one.</param>
/// <param name="RungId">The rung as it was; empty for a review.</param>
/// <param name="Seen">What was revisited.</param>
/// <param name="Shaky">What over a quarter of the group stumbled on.</param>
/// <param name="Read">Words, in lower case, and sentences that the group read; under keys of their own stories, what it wrote and the riddles it guessed.</param>
public sealed record LogEntry(
    long Position, string LessonId, DateOnly Day, LogOutcome Outcome, string RungId,
    IReadOnlyList<Teachable> Things, IReadOnlyList<string> TrickyWords,
    IReadOnlyList<RevisitItem> Seen, IReadOnlyList<RevisitItem> Shaky, IReadOnlyList<string> Read);
