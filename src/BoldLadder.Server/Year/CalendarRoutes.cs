using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using BoldLadder.Core.Calendar;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Schools;
using BoldLadder.Server.Storage;
using CsvHelper;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Year;

/// <param name="File">The file in base64: an .ics, or a .csv of a name, a first and a last day.</param>
/// <param name="Known">What the year has already, saved or not: what it tells is not told again.</param>
public sealed record CalendarFileRequest(string File, IReadOnlyList<CalendarDayView>? Known = null);

/// <summary>A day, or some, out of a school's calendar.</summary>
/// <param name="Use">What its name says that it does to the lesson; null when the school is shut.</param>
public sealed record CalendarDayView(DateOnly First, DateOnly Last, string Name, EventUse? Use);

/// <summary>A group's year for other programs: a file, a calendar that can be followed, and days read from the school's own.</summary>
public static class CalendarRoutes
{
    private const int LargestFile = 400_000, MostEvents = 400;

    public static void Map(RouteGroupBuilder school, RouteGroupBuilder year)
    {
        year.MapGet("/file", File).WithSummary("The group's year as a file: format ics or csv.").Produces(200, contentType: "text/calendar").ProducesProblem(400).ProducesProblem(404);
        year.MapPost("/feed", NewFeed).WithSummary("Give the group's calendar an address that can't be guessed, in place of any it had.").ProducesProblem(404).ProducesProblem(409);
        school.MapGet("/feeds/{groupId:guid}/{token}.ics", Feed).WithSummary("The group's calendar, for whoever has its address.").Produces(200, contentType: "text/calendar").ProducesProblem(404);
        school.MapPost("/year/calendar/read", Read).WithSummary("Reads days that are not as usual from the school's calendar (.ics or .csv), and what their names say of them: to be looked at, nothing is saved.").ProducesProblem(400);
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> File(Guid groupId, string? format, Classrooms rooms, CancellationToken cancel) =>
        await rooms.Find(groupId, cancel) is not { } room ? GroupYearRoutes.Gone()
        : format switch
        {
            "ics" => TypedResults.File(Calendar(room), "text/calendar", "year.ics"),
            "csv" => TypedResults.File(Csv(room), "text/csv", "year.csv"),
            _ => Problems.Bad("format", "Say in which form: ics or csv."),
        };

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Feed(Guid groupId, string token, Classrooms rooms, CancellationToken cancel) =>
        await rooms.Find(groupId, cancel) is { } room && room.Group.FeedToken is { } own && CryptographicOperations.FixedTimeEquals(Encoding.UTF8.GetBytes(own), Encoding.UTF8.GetBytes(token))
            ? TypedResults.File(Calendar(room), "text/calendar") : Problems.Missing("token", "There is no calendar at this address. Ask the school for the one it has now.");

    private static async Task<Results<Ok<GroupYearView>, ProblemHttpResult>> NewFeed(Guid groupId, PlanRevisionRequest request, BoldLadderDb db, Classrooms rooms, CancellationToken cancel)
    {
        if (await db.Groups.SingleOrDefaultAsync(x => x.Id == groupId, cancel) is not { } group)
        {
            return GroupYearRoutes.Gone();
        }

        if (group.Revision != request.Revision)
        {
            return Problems.Stale(GroupYearView.Of((await rooms.Find(groupId, cancel))!));
        }

        (group.FeedToken, group.Revision) = (Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(16)), group.Revision + 1);
        var saved = await Conflicts.Save(db, cancel);
        var view = GroupYearView.Of((await rooms.Find(groupId, cancel))!);
        return saved ? TypedResults.Ok(view) : Problems.Stale(view);
    }

    private static byte[] Calendar(Classroom room)
    {
        var calendar = new Ical.Net.Calendar { ProductId = "-//Bold Ladder//EN" };
        calendar.AddProperty("X-WR-CALNAME", $"{room.Group.Name}, {room.School.Name}");
        foreach (var day in GroupYearView.Of(room).Days.Where(x => x.Rung is not null))
        {
            calendar.Events.Add(new CalendarEvent
            {
                Uid = $"{room.Group.Id:N}-{day.Day:yyyyMMdd}", Summary = $"{room.Group.Name}: {day.Rung!.Label}", Description = $"Rung {day.Rung.Number}",
                Start = new CalDateTime(day.Day.Year, day.Day.Month, day.Day.Day), End = new CalDateTime(day.Day.AddDays(1).Year, day.Day.AddDays(1).Month, day.Day.AddDays(1).Day),
                DtStamp = new CalDateTime(room.Today.Year, room.Today.Month, room.Today.Day, 0, 0, 0, "UTC"),
            });
        }

        return Encoding.UTF8.GetBytes(new CalendarSerializer().SerializeToString(calendar)!);
    }

    private static byte[] Csv(Classroom room)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, CultureInfo.InvariantCulture))
        {
            foreach (var heading in new[] { "day", "use", "rung", "adds", "outcome" })
            {
                csv.WriteField(heading);
            }

            csv.NextRecord();
            foreach (var x in GroupYearView.Of(room).Days)
            {
                csv.WriteField($"{x.Day:yyyy-MM-dd}");
                csv.WriteField(x.Rung is null ? "review" : "new");
                csv.WriteField(x.Rung?.Number);
                csv.WriteField(SafeCell.Guarded(x.Rung?.Label ?? ""));
                csv.WriteField(x.Outcome is { } outcome ? LogDocument.NameOf(outcome) : "");
                csv.NextRecord();
            }
        }

        return Encoding.UTF8.GetBytes(text.ToString());
    }

    private static async Task<Results<Ok<List<CalendarDayView>>, ProblemHttpResult>> Read(CalendarFileRequest request, Classrooms rooms, SchoolScope scope, CancellationToken cancel)
    {
        var bytes = new byte[LargestFile];
        if (request.File is null || !Convert.TryFromBase64String(request.File, bytes, out var length))
        {
            return Problems.Bad("file", $"Send an .ics or .csv file of at most {LargestFile / 1000} kB.");
        }

        var school = await rooms.School(scope.School, null, cancel);
        var text = Encoding.UTF8.GetString(bytes, 0, length);
        if ((text.Contains("BEGIN:VCALENDAR", StringComparison.Ordinal) ? OfCalendar(text) : OfTable(text)) is not { } events)
        {
            return Problems.Bad("file", "That is no calendar. Choose an .ics file, or a .csv with a name, a first and a last day in each row, such as Half-term,2026-10-26,2026-10-30.");
        }

        if (request.Known is { } given && (given.Count > MostEvents || given.Any(x => x is null)))
        {
            return Problems.Bad("known", $"Send at most {MostEvents} days, each with its first and last.");
        }

        var known = (request.Known ?? []).Select(x => new CalendarDay(x.First, x.Last, x.Name, x.Use)).ToList();
        return TypedResults.Ok(CalendarDay.NewIn(events.Select(x => new CalendarDay(x.First, x.Last, x.Reason, CalendarName.UseOf(x.Reason))), school.Year.SchoolDays, known)
            .Take(MostEvents).Select(x => new CalendarDayView(x.First, x.Last, x.Name, x.Use)).ToList());
    }

    private static List<Closure>? OfCalendar(string text)
    {
        try
        {
            // An event with a time of day is a meeting, unless it says that school ends early.
            return [.. Ical.Net.Calendar.Load(text)!.Events.Take(MostEvents).Where(x => x.Start is { HasTime: false } || (x.Start is not null && CalendarName.SaysShort(x.Summary ?? ""))).Select(x =>
            {
                var first = x.Start!.Date;
                return new Closure(first, x.End is { HasTime: false } end && end.Date > first ? end.Date.AddDays(-1) : first, NameOf(x.Summary));
            })];
        }
        catch (Exception e) when (e is System.Runtime.Serialization.SerializationException or ArgumentException or FormatException or InvalidOperationException or NullReferenceException)
        {
            return null;
        }
    }

    private static List<Closure>? OfTable(string text)
    {
        var found = new List<Closure>();
        foreach (var cells in text.Split('\n').Select(x => x.Trim().Split([',', ';', '\t'])).Take(MostEvents))
        {
            var days = cells.Select(x => DateOnly.TryParseExact(x.Trim().Trim('"'), ["yyyy-MM-dd", "d/M/yyyy", "d.M.yyyy"], CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) ? day : (DateOnly?)null)
                .OfType<DateOnly>().ToList();
            if (days.Count > 0)
            {
                found.Add(new Closure(days[0], days[^1], NameOf(cells.FirstOrDefault(x => x.Any(char.IsLetter))?.Trim().Trim('"'))));
            }
        }

        return found.Count > 0 ? found : null;
    }

    private static string NameOf(string? text)
    {
        var plain = new string([.. (text ?? "").Where(x => x is >= ' ' and < '\x7f')]).Trim();
        return plain.Length == 0 ? "Closed" : plain.Length > 100 ? plain[..100] : plain;
    }
}
