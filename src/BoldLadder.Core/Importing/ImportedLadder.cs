using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Importing;

/// <summary>A rung as it was read, with the cells it came from.</summary>
/// <param name="Date">The day that stands beside it, if any.</param>
/// <param name="DoubtIds">What of it has still to be asked.</param>
public sealed record ImportedRung(Rung Rung, IReadOnlyList<Source> Sources, DateOnly? Date, IReadOnlyList<string> DoubtIds);

/// <summary>An answer that a doubt may be given.</summary>
/// <param name="Key">What is sent back: sounds joined by commas, or one of the words below.</param>
/// <param name="Correspondences">What it would teach.</param>
public sealed record DoubtChoice(string Key, IReadOnlyList<Correspondence> Correspondences)
{
    /// <summary>Nothing new: what was taught before is gone over.</summary>
    public const string Again = "again";

    /// <summary>It is a word to be learnt, not letters.</summary>
    public const string Word = "word";

    /// <summary>It is kept as a note.</summary>
    public const string Note = "note";
}

/// <summary>What the sheet does not say and has to be asked.</summary>
/// <param name="Id">Known again when the same is asked another time.</param>
/// <param name="Letters">What it is about.</param>
/// <param name="Against">A word beside it that shows another part; empty when there is none.</param>
/// <param name="Answer">The key of the choice that was taken; null while it is open.</param>
public sealed record Doubt(string Id, string Letters, Source Source, IReadOnlyList<DoubtChoice> Choices, string Against, string? Answer);

/// <summary>Why a cell became no rung.</summary>
public enum LeftOutReason
{
    Holiday,
    Count,
    Struck,
    Hidden,
    OtherSheet,

    /// <summary>A formula that has no value.</summary>
    NoValue,

    /// <summary>The column was taken to hold nothing of the ladder.</summary>
    Column,
    Title,

    /// <summary>A tricky word that came before.</summary>
    Repeated,

    /// <summary>Nothing could be made of it.</summary>
    NotRead,
}

/// <summary>A cell, or a sheet when the cell is empty, that became no rung.</summary>
public sealed record LeftOut(Source Source, LeftOutReason Reason);

/// <summary>What was made of a sheet, before anything is kept.</summary>
/// <param name="Name">A name for the ladder, from the sheet's title.</param>
/// <param name="Ladder">The ladder as far as it is settled; null while there is no rung.</param>
/// <param name="Rungs">Its rungs, in order, with those that wait for an answer.</param>
/// <param name="Moved">The rungs stand in the order of the weeks, dates or half-terms beside them, which is not the order of the rows.</param>
/// <param name="Filled">What the days of its rungs follow, where the sheet goes by weeks or terms.</param>
/// <param name="Kept">Cells kept as the note of a rung since a rung can't hold them as a part.</param>
public sealed record ImportedLadder(
    string Name, string Sheet, Ladder? Ladder, IReadOnlyList<ImportedRung> Rungs, IReadOnlyList<Doubt> Doubts, IReadOnlyList<LeftOut> LeftOut, IReadOnlyList<Source> Kept,
    IReadOnlyList<SheetColumn> Columns, string Signature, string? Problem, bool Moved, FilledBy Filled)
{
    /// <summary>The last rung whose days in the sheet are all before today; null when it gives none.</summary>
    public Rung? TaughtUpTo(DateOnly today) => Rungs.LastOrDefault(x => x.Date is { } first && WeekdaysOn(first, x.Rung.Days - 1) < today)?.Rung;

    /// <summary>Days that the rung after it has had by today: fewer than it takes.</summary>
    public int DaysOfNext(DateOnly today)
    {
        var next = TaughtUpTo(today) is { } taught ? Rungs.SkipWhile(x => x.Rung != taught).Skip(1).FirstOrDefault() : null;
        return next?.Date is not { } first ? 0 : Enumerable.Range(0, next.Rung.Days - 1).Count(x => WeekdaysOn(first, x) < today);
    }

    /// <summary>A day so many weekdays on.</summary>
    internal static DateOnly WeekdaysOn(DateOnly day, int count)
    {
        for (; count > 0; count--)
        {
            day = day.AddDays(day.DayOfWeek == DayOfWeek.Friday ? 3 : 1);
        }

        return day;
    }
}
