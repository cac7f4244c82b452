using BoldLadder.Core.Calendar;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Schools;

/// <summary>Days on which the school is open, both ends counted.</summary>
public sealed record TermView(string Name, DateOnly First, DateOnly Last);

/// <summary>Days inside a term on which it is shut, both ends counted.</summary>
public sealed record ClosureView(DateOnly First, DateOnly Last, string Reason);

/// <param name="Revision">The revision of the settings that the change was made on.</param>
/// <param name="Events">What happens on school days: trips, shows, half-days.</param>
public sealed record YearRequest(
    int Revision, IReadOnlyList<TermView> Terms, IReadOnlyList<ClosureView> Closures, WeeklyPattern Pattern, IReadOnlyList<SchoolEvent>? Events = null);

/// <param name="Usual">Nobody has said it yet: it is the year of most schools of the country.</param>
/// <param name="SchoolDays">How many days the school is open.</param>
/// <param name="NewDays">How many of them bring something new.</param>
public sealed record YearView(
    int Revision, IReadOnlyList<TermView> Terms, IReadOnlyList<ClosureView> Closures, IReadOnlyList<SchoolEvent> Events, WeeklyPattern Pattern, bool Usual, int SchoolDays, int NewDays);

/// <summary>A school's terms, closures and week: seen and changed.</summary>
public static class YearRoutes
{
    private const int MostTerms = 12, MostClosures = 60, MostEvents = 400, LongestName = 100;

    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/year", Show).WithSummary("The school's terms, closures and week.");
        school.MapPut("/year", Put).WithSummary("Change the school's terms, closures and week.").ProducesProblem(400).ProducesProblem(409);
    }

    private static async Task<Ok<YearView>> Show(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        TypedResults.Ok(View(await db.Schools.AsNoTracking().SingleAsync(x => x.Id == scope.School, cancel)));

    private static async Task<Results<Ok<YearView>, ProblemHttpResult>> Put(
        YearRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel)
    {
        if (request.Terms is not { Count: > 0 and <= MostTerms })
        {
            return Problems.Bad("terms", $"Give at least one term, and at most {MostTerms}.");
        }

        if (request.Closures is null || request.Closures.Count > MostClosures)
        {
            return Problems.Bad("closures", $"Give at most {MostClosures} closures; several days together are one.");
        }

        if (request.Events?.Count > MostEvents)
        {
            return Problems.Bad("events", $"Give at most {MostEvents} events.");
        }

        if (request.Pattern is null)
        {
            return Problems.Bad("pattern", "Say for each day of the week whether it brings something new or goes over what was taught.");
        }

        if (request.Pattern.NewDays == 0)
        {
            return Problems.Bad("pattern", "At least one day of the week has to bring something new.");
        }

        if (request.Terms.Any(x => x is null) || request.Closures.Any(x => x is null) || request.Events?.Any(x => x is null) == true)
        {
            return Problems.Bad(request.Terms.Any(x => x is null) ? "terms" : request.Closures.Any(x => x is null) ? "closures" : "events", "One of them is missing. Give its name, its first and its last day.");
        }

        foreach (var (field, name) in request.Terms.Select(x => ("terms", x.Name)).Concat(request.Closures.Select(x => ("closures", x.Reason)))
            .Concat((request.Events ?? []).Select(x => ("events", x.Name))))
        {
            if (string.IsNullOrWhiteSpace(name) || name.Length > LongestName || shipped.Gate.Of(name).Wrong is not null)
            {
                return Problems.Bad(field, $"Give each of them a name in plain letters, of at most {LongestName}.");
            }
        }

        if (!SchoolYear.TryCreate(
            [.. request.Terms.Select(x => new Term(x.Name, x.First, x.Last))], [.. request.Closures.Select(x => new Closure(x.First, x.Last, x.Reason))], request.Pattern, out var year, out var reason, request.Events))
        {
            return Problems.Bad("terms", reason);
        }

        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        if (school.Revision != request.Revision)
        {
            return Problems.Stale(View(school));
        }

        (school.Year, school.Revision) = (StoredJson.Write(YearDocument.Of(year)), school.Revision + 1);
        return await Conflicts.Save(db, cancel) ? TypedResults.Ok(View(school))
            : Problems.Stale(View(await db.Schools.AsNoTracking().SingleAsync(x => x.Id == scope.School, cancel)));
    }

    private static YearView View(SchoolRow school)
    {
        var document = StoredJson.Read<YearDocument>(school.Year);
        var year = document.ToCore();
        return new YearView(
            school.Revision, [.. document.Terms.Select(x => new TermView(x.Name, x.First, x.Last))], [.. document.Closures.Select(x => new ClosureView(x.First, x.Last, x.Reason))], year.Events, document.Pattern, document.Usual, year.SchoolDays.Count, year.SchoolDays.Count(x => year.On(x) == DayUse.New));
    }
}
