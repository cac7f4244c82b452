using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Groups;

/// <summary>
/// Finds a <see cref="Classroom"/>. Of what it is made from, only the versions are read each time; the rest is kept from
/// the last time it was read in that version.
/// </summary>
public sealed class Classrooms(BoldLadderDb db, StockCache stocks, ShippedData shipped, Today today, Kept kept, RungPool rungs, ILogger<Classrooms> log)
{
    private const long RoomKilobytes = 700, LadderKilobytes = 150, SchoolKilobytes = 100, LogKilobytes = 500;

    private static readonly Func<BoldLadderDb, Guid, CancellationToken, Task<Head?>> ReadHead = EF.CompileAsyncQuery(
        (BoldLadderDb db, Guid groupId, CancellationToken cancel) =>
            (from g in db.Groups.AsNoTracking()
             where g.Id == groupId
             join s in db.Schools on g.SchoolId equals s.Id
             join l in db.Ladders on g.LadderId equals l.Id
             join r in db.LadderRevisions on new { l.Id, N = l.Published } equals new { Id = r.LadderId, N = r.Number }
             select new Head(
                 g, s.Version, r.Number, r.Version,
                 db.Log.Where(x => x.GroupId == groupId).Max(x => (long?)x.Position) ?? 0,
                 db.Log.Where(x => x.GroupId == groupId).OrderByDescending(x => x.Position).Select(x => (uint?)x.Version).FirstOrDefault())).SingleOrDefault());

    private sealed record Head(GroupRow Group, uint School, int LadderRevision, uint Ladder, long LogPosition, uint? Log);

    /// <summary>The group's classroom; null when the school has no such group.</summary>
    public async Task<Classroom?> Find(Guid groupId, CancellationToken cancel)
    {
        if (await Alone(groupId, cancel) is not { } room)
        {
            return null;
        }

        return room.Group.RoomWith is { } with && await Alone(with, cancel) is { } mate
            ? kept.Find<Classroom>($"{room.Key} with {mate.Key}") ?? kept.Keep($"{room.Key} with {mate.Key}", room.With(mate), RoomKilobytes)
            : room;
    }

    private async Task<Classroom?> Alone(Guid groupId, CancellationToken cancel)
    {
        if (await ReadHead(db, groupId, cancel) is not { } head)
        {
            return null;
        }

        var key = $"room {groupId:N} {head.Group.Version} {head.School} {head.Group.LadderId:N} {head.LadderRevision} {head.Ladder} {head.LogPosition} {head.Log} {today.Date:O}";
        if (kept.Find<Classroom>(key) is { } room)
        {
            return room;
        }

        var school = await School(head.Group.SchoolId, head.School, cancel);
        var ladder = await Ladder(
            head.Group.LadderId, head.LadderRevision, head.Ladder,
            () => db.LadderRevisions.AsNoTracking().Where(x => x.LadderId == head.Group.LadderId && x.Number == head.LadderRevision).Select(x => x.Document).SingleAsync(cancel));
        var entries = await Log(groupId, head, cancel);
        return kept.Keep(key, Room(key, school, head.Group, ladder, head.LadderRevision, entries), RoomKilobytes);
    }

    /// <summary>The group's classroom, at a rung when one is asked for; or the problem to answer with.</summary>
    public async Task<(Classroom? Room, ProblemHttpResult? Problem)> Enter(Guid groupId, string? asIf, CancellationToken cancel)
    {
        if (await Find(groupId, cancel) is not { } room)
        {
            return (null, Problems.Missing("groupId", "This school has no such group. Choose one from the list."));
        }

        if (string.IsNullOrEmpty(asIf))
        {
            return (room, null);
        }

        return room.Ladder.PlaceOf(asIf) is var place && place >= 0
            ? (room.At(room.Ladder.Rungs[place]), null)
            : (null, Problems.Missing("asIf", "That rung is not on the ladder. Go back to today."));
    }

    /// <summary>The school that the request is about, in the version given, or in today's.</summary>
    public async Task<SchoolSettings> School(Guid id, uint? version, CancellationToken cancel)
    {
        version ??= await db.Schools.AsNoTracking().Where(x => x.Id == id).Select(x => x.Version).SingleAsync(cancel);
        if (kept.Find<SchoolSettings>($"school {id:N} {version}") is { } found)
        {
            return found;
        }

        var row = await db.Schools.AsNoTracking().SingleAsync(x => x.Id == id, cancel);
        var own = await db.OwnWords.AsNoTracking().ToListAsync(cancel);
        var sentences = await db.OwnSentences.AsNoTracking().OrderBy(x => x.Text).Select(x => x.Text).ToListAsync(cancel);
        var settings = new SchoolSettings(
            id, row.Version, row.Name, Accent.Find(row.Accent)!, ConventionsDocument.Read(row.Conventions).ToCore(), StoredJson.Read<YearDocument>(row.Year).ToCore(), row.Year,
            shipped.NeedsOf(row.Needs), own.Select(x => (x.Accent, Word: OwnWordOf(x))).Where(x => x.Word is not null).ToLookup(x => x.Accent, x => x.Word!), sentences, row.Revision, row.WordsRevision);
        return kept.Keep($"school {id:N} {row.Version}", settings, SchoolKilobytes);
    }

    /// <summary>A state of a ladder, parsed once for each version of its row.</summary>
    /// <param name="read">Reads its document.</param>
    public async Task<Ladder> Ladder(Guid id, int revision, uint version, Func<Task<string>> read)
    {
        var key = $"ladder {id:N} {revision} {version}";
        return kept.Find<Ladder>(key) is { } found ? found : kept.Keep(key, rungs.Shared(StoredJson.Read<LadderDocument>(await read()).ToCore()), LadderKilobytes);
    }

    /// <summary>The words and sentences of a school as a ladder gates them.</summary>
    public WordStock Stock(SchoolSettings school, ClassConventions conventions, Ladder ladder) =>
        school.Over(stocks.Get(StockKey.Of(school, conventions, ladder), ladder, school.OwnWordsIn(conventions.Accent ?? school.Accent)));

    /// <summary>A group that has been taught nothing, for what is asked of a ladder with no group beside it.</summary>
    public Classroom Empty(SchoolSettings school, Guid ladderId, int revision, Ladder ladder) => Room(
        $"no group {school.Id:N} {school.Version} {ladderId:N} {revision}", school, new GroupRow { SchoolId = school.Id, Name = "", LadderId = ladderId }, ladder, revision, new GroupLog([]));

    private Classroom Room(string key, SchoolSettings school, GroupRow group, Ladder ladder, int revision, GroupLog entries)
    {
        var conventions = ClassConventions.Of(school.Conventions, ConventionsDocument.Read(group.Conventions).ToCore());
        return new Classroom(key, school, group, conventions, ladder, revision, entries, Stock(school, conventions, ladder), today.Date) { DataFingerprint = shipped.Fingerprint };
    }

    private async Task<GroupLog> Log(Guid groupId, Head head, CancellationToken cancel)
    {
        var key = $"log {groupId:N} {head.LogPosition} {head.Log}";
        if (kept.Find<GroupLog>(key) is { } found)
        {
            return found;
        }

        var rows = await db.Log.AsNoTracking().Where(x => x.GroupId == groupId && x.Position <= head.LogPosition).OrderBy(x => x.Position).ToListAsync(cancel);
        var entries = rows.ConvertAll(LogDocument.TryRead);
        foreach (var row in rows.Where((_, i) => entries[i] is null))
        {
            log.LogWarning("Entry {Position} of the log of group {Group} can't be read and is left aside", row.Position, groupId);
        }

        return kept.Keep(key, new GroupLog(entries.OfType<LogEntry>()), LogKilobytes);
    }

    // A word kept before the lexicon came to call it unsuitable is left aside: it is never offered, and the school must open.
    private OwnWord? OwnWordOf(OwnWordRow row) =>
        shipped.OwnWord(row.Spelling, row.Split, row.Familiarity, row.Spoken, out _);
}
