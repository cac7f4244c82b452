using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using BoldLadder.Server.Words;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Groups;

/// <summary>Reads a <see cref="Classroom"/> from the database.</summary>
public sealed class Classrooms(BoldLadderDb db, StockCache stocks, Library library, Today today)
{
    /// <summary>The group's classroom; null when the school has no such group.</summary>
    public async Task<Classroom?> Find(Guid groupId, CancellationToken cancel)
    {
        var group = await db.Groups.AsNoTracking().SingleOrDefaultAsync(x => x.Id == groupId, cancel);
        if (group is null)
        {
            return null;
        }

        var school = await db.Schools.AsNoTracking().SingleAsync(x => x.Id == group.SchoolId, cancel);
        var published = await db.Ladders.AsNoTracking().Where(x => x.Id == group.LadderId)
            .Join(db.LadderRevisions, x => new { x.Id, N = x.Published }, r => new { Id = r.LadderId, N = r.Number }, (x, r) => r)
            .SingleAsync(cancel);
        var log = await db.Log.AsNoTracking().Where(x => x.GroupId == groupId).OrderBy(x => x.Position).ToListAsync(cancel);
        var ladder = DocumentJson.Read<LadderDocument>(published.Document).ToCore();
        var entries = log.ConvertAll(LogDocument.ToCore);
        return new Classroom(
            school, group, ladder, published.Number, entries, new GroupLog(entries),
            DocumentJson.Read<YearDocument>(school.Year).ToCore(), await Stock(school, ladder, cancel), today.Date, null,
            library.NeedsOf(school.Needs));
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

    /// <summary>The words of a school as one of its ladders gates them.</summary>
    public async Task<Core.Choosing.WordStock> Stock(SchoolRow school, Core.Ladders.Ladder ladder, CancellationToken cancel)
    {
        var own = await db.OwnWords.AsNoTracking().Where(x => x.Accent == school.Accent).ToListAsync(cancel);
        return stocks.Get(StockKey.Of(school, ladder, own), ladder, () => [.. own.Select(OwnWordOf).OfType<OwnWord>()]);
    }

    // A word kept before the lexicon came to call it unsuitable is left aside: it is never offered, and the school must open.
    private OwnWord? OwnWordOf(OwnWordRow row) =>
        library.OwnWord(row.Spelling, row.Split, row.Familiarity, row.Spoken, out _);
}
