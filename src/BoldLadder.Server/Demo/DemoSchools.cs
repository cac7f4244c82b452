using BoldLadder.Core.Calendar;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Demo;

/// <summary>
/// Two invented schools with a year around today, their groups at different places, and lessons
/// already taught, so that the demo looks alive on any day.
/// </summary>
public sealed class DemoSchools(IServiceProvider services, ShippedData shipped, StockCache stocks, Today today)
{
    private sealed record Plan(Guid Id, string Name, string Accent, string File, IReadOnlyList<(string Name, int Rungs)> Groups);

    private static readonly Plan[] Plans =
    [
        new(new Guid("01900000-0000-7000-8000-000000000001"), "Saltmarsh Row School", "gb-south", "estuary",
            [("Avocets", 26), ("Curlews", 61), ("Sanderlings", 118)]),
        new(new Guid("01900000-0000-7000-8000-000000000002"), "Juniper Flat School", "us", "ridge",
            [("Basalt", 19), ("Garnet", 70)]),
    ];

    /// <summary>True for one of the invented schools.</summary>
    public static bool IsDemo(Guid school) => Plans.Any(x => x.Id == school);

    /// <summary>Adds the demo schools that are missing; with <paramref name="reset"/> takes the old ones away first.</summary>
    public async Task Add(bool reset, CancellationToken cancel)
    {
        foreach (var plan in Plans)
        {
            await using var scope = services.CreateAsyncScope();
            scope.ServiceProvider.GetRequiredService<SchoolScope>().Choose(plan.Id);
            var db = scope.ServiceProvider.GetRequiredService<BoldLadderDb>();
            await using var transaction = await db.Database.BeginTransactionAsync(cancel);
            if (reset)
            {
                await Remove(db, plan.Id, cancel);
            }

            if (!await db.Schools.AnyAsync(x => x.Id == plan.Id, cancel))
            {
                await Make(plan, db, cancel);
            }

            await transaction.CommitAsync(cancel);
        }
    }

    private static async Task Remove(BoldLadderDb db, Guid school, CancellationToken cancel)
    {
        await db.LessonEdits.ExecuteDeleteAsync(cancel);
        await db.Log.ExecuteDeleteAsync(cancel);
        await db.Lessons.ExecuteDeleteAsync(cancel);
        await db.Groups.ExecuteDeleteAsync(cancel);
        await db.LadderEdits.ExecuteDeleteAsync(cancel);
        await db.LadderRevisions.ExecuteDeleteAsync(cancel);
        await db.Ladders.ExecuteDeleteAsync(cancel);
        await db.OwnWords.ExecuteDeleteAsync(cancel);
        await db.OwnSentences.ExecuteDeleteAsync(cancel);
        await db.Schools.Where(x => x.Id == school).ExecuteDeleteAsync(cancel);
    }

    private async Task Make(Plan plan, BoldLadderDb db, CancellationToken cancel)
    {
        var ladder = LadderText.Parse(await File.ReadAllTextAsync(Path.Combine(shipped.Folder, "demo", $"{plan.File}.ladder.tsv"), cancel));
        var document = StoredJson.Write(LadderDocument.Of(ladder));
        var year = DemoYear.Around(today.Date, plan.Groups.Max(x => x.Rungs));
        var ladderId = Of(plan.Id, 1, 0);
        var school = new SchoolRow
        {
            Id = plan.Id, Name = plan.Name, Accent = plan.Accent, Revision = 1, WordsRevision = 1,
            Year = StoredJson.Write(YearDocument.Of(year)),
        };
        db.Schools.Add(school);
        db.Ladders.Add(new LadderRow { SchoolId = plan.Id, Id = ladderId, Draft = document, DraftRevision = 1, Published = 1 });
        db.LadderRevisions.Add(new LadderRevisionRow { SchoolId = plan.Id, LadderId = ladderId, Number = 1, Document = document });
        await db.SaveChangesAsync(cancel);
        var settings = new SchoolSettings(
            plan.Id, 0, plan.Name, Accent.Find(plan.Accent)!, OwnConventions.None, year, "", shipped.NeedsOf(null), Array.Empty<OwnWord>().ToLookup(_ => ""), [], 1, 1);
        var stock = stocks.Get(StockKey.Of(settings, ClassConventions.Usual, ladder), ladder, []);
        var position = 0;
        foreach (var (name, rungs) in plan.Groups)
        {
            var group = new GroupRow { SchoolId = plan.Id, Id = Of(plan.Id, 2, position), Name = name, LadderId = ladderId, Position = position++, Revision = 1 };
            db.Groups.Add(group);
            Teach(db, group, ladder, year, stock, rungs);
            await db.SaveChangesAsync(cancel);
        }
    }

    // The same in every installation: what a lesson picks hangs on its group, and the demo should be the same lesson everywhere.
    private static Guid Of(Guid school, byte kind, int number)
    {
        var bytes = school.ToByteArray();
        (bytes[12], bytes[13]) = (kind, (byte)number);
        return new Guid(bytes);
    }

    // The lessons that the group has had, each made and logged as if on its day.
    private void Teach(BoldLadderDb db, GroupRow group, Ladder ladder, SchoolYear year, Core.Choosing.WordStock stock, int rungs)
    {
        var days = DemoYear.DaysFor(year, today.Date, ladder, rungs);
        var entries = new List<LogEntry>();
        foreach (var day in days)
        {
            var standing = Standing.Of(ladder, new GroupLog(entries), year, stock.Rules);
            var rung = year.On(day) == DayUse.New ? standing.Due : null;
            var seed = (ulong)(day.DayNumber * 31) + (ulong)group.Position;
            var lesson = LessonComposer.Compose(new LessonBrief(stock, standing, ClassConventions.Usual, day, rung, ClassConventions.Usual.LessonMinutes, seed));
            var id = Guid.CreateVersion7();
            var shaky = day == days[^1] ? Stumbled(lesson) : [];
            var entry = LessonLog.Entry(lesson, id.ToString(), day, LogOutcome.Taught, entries.Count + 1, shaky);
            entries.Add(entry);
            db.Lessons.Add(new LessonRow
            {
                SchoolId = group.SchoolId, Id = id, GroupId = group.Id, Day = day, Slot = 1, Revision = 2, Outcome = "taught",
                Document = StoredJson.Write(LessonDocument.Of(lesson)), LadderId = group.LadderId, LadderRevision = 1, MadeFrom = "",
            });
            db.Log.Add(LogDocument.RowOf(entry, group.SchoolId, group.Id));
        }
    }

    // One card and one tricky word gave trouble in the last lesson.
    private static IReadOnlyList<RevisitItem> Stumbled(Lesson lesson) =>
    [
        .. lesson.Blocks.Where(x => x.Activity == Activity.Cards).SelectMany(x => x.Items).Skip(2).Take(1)
            .Select(x => new RevisitItem(RevisitTrack.Card, x.Split.Split(' ')[0])),
        .. lesson.Blocks.Where(x => x.Activity == Activity.TrickyAtSight).SelectMany(x => x.Items).Take(1)
            .Select(x => new RevisitItem(RevisitTrack.Tricky, x.Text.ToLowerInvariant())),
    ];
}
