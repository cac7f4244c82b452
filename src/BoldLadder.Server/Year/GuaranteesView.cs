using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Year;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Phrasing;

namespace BoldLadder.Server.Year;

/// <param name="Label">What was taught.</param>
/// <param name="Lessons">Lessons between the two days.</param>
public sealed record UnseenView(string Label, string Sound, int Lessons, DateOnly From, DateOnly To);

/// <param name="Days">The days on which children read, sort or write it.</param>
public sealed record WordUseView(string Word, IReadOnlyList<DateOnly> Days);

/// <param name="Title">What the lesson is about.</param>
/// <param name="Contrast">What is compared in it; empty when nothing is.</param>
public sealed record WeekLessonView(DateOnly Day, string Title, LessonKind Kind, string Contrast);

public sealed record WeekView(DateOnly Monday, IReadOnlyList<WeekLessonView> Lessons);

/// <param name="Part">Of a lesson.</param>
/// <param name="Minutes">On the average lesson.</param>
public sealed record PartMinutes(LessonPart Part, double Minutes);

/// <summary>What can be said of all lessons of a group's year, with the days that each figure is made of.</summary>
/// <param name="Lessons">Lessons given or planned.</param>
/// <param name="Unplanned">School days to come that have no lesson yet.</param>
/// <param name="WordsJudged">Words put before children, each time counted.</param>
/// <param name="NotReadable">Days with a word that the class could not read then.</param>
/// <param name="DifferentWords">Different words read, sorted or written.</param>
/// <param name="EverydayWords">Of those, how many children of seven know.</param>
/// <param name="UsedOnce">Of those, how many stand in one lesson only.</param>
/// <param name="LittleToApply">Days with too little time or too little to read in apply.</param>
/// <param name="OffTime">Days more than a tenth over or under their time.</param>
public sealed record GuaranteesView(
    string Group, int Lessons, int Unplanned, int WordsJudged, IReadOnlyList<DateOnly> NotReadable, IReadOnlyList<UnseenView> Unseen, int DifferentWords, int EverydayWords, int UsedOnce,
    IReadOnlyList<WordUseView> MostUsed, IReadOnlyList<PartMinutes> Minutes, IReadOnlyList<WeekView> Weeks, IReadOnlyList<DateOnly> LittleToApply, IReadOnlyList<DateOnly> OffTime, Strip Strip)
{
    private const int MostUnseen = 8, MostWords = 12;

    public static GuaranteesView Of(Classroom room, Guarantees x)
    {
        var (days, pieces) = (x.Lessons.Select(l => l.Day).ToHashSet(), new PieceWords(room.Conventions));
        return new GuaranteesView(
            room.Group.Name, x.Lessons.Count, room.Forecast.Days.Count(d => !room.Log.HasDay(d.Day) && !days.Contains(d.Day)), x.WordsJudged, x.NotReadable,
            [.. x.Unseen.Take(MostUnseen).Select(u => new UnseenView(u.Thing.Label, u.Thing.Correspondence?.Sound.Example ?? "", u.Lessons, u.From, u.To))],
            x.Words.Count, x.Everyday, x.Words.Count(w => w.Days.Count == 1), [.. x.Words.Take(MostWords).Select(w => new WordUseView(w.Word, w.Days))],
            [.. x.Minutes.OrderBy(m => m.Key).Select(m => new PartMinutes(m.Key, Math.Round(m.Value, 1)))],
            [.. x.Weeks.Select(w => new WeekView(w.Monday, [.. w.Lessons.Select(l => new WeekLessonView(l.Day, l.Lesson.Title, l.Lesson.Kind, Contrast(l.Lesson, pieces)))]))],
            x.LittleToApply, x.OffTime, Strip.Of(room.Standing));
    }

    // By the headings of a sort, the two of a pair, or what is added.
    private static string Contrast(Lesson lesson, PieceWords pieces)
    {
        if (lesson.Blocks.FirstOrDefault(x => x.Items.Count > 0 && Piece.Of(x.Activity).Compares) is not { } block)
        {
            return "";
        }

        var headings = block.Items.Select(x => x.Heading).Where(x => x.Length > 0).Distinct().ToList();
        var between = headings.Count > 0 ? headings : block.Asks is [{ Code: AskCode.Pair or AskCode.Ending } asked, ..] ? asked.Arguments : [];
        return between.Count == 0 ? pieces.Name(block.Activity) : $"{pieces.Name(block.Activity)}: {string.Join(", ", between)}";
    }
}
