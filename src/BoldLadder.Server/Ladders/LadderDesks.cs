using BoldLadder.Core.Ladders;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <summary>A draft on the desk, with a group beside it.</summary>
/// <param name="Key">Names all that it was made from.</param>
/// <param name="Row">Tracked, when it is opened for a change.</param>
/// <param name="Room">The group with the draft in place of its published ladder.</param>
/// <param name="Difference">How the draft differs from what is published.</param>
/// <param name="Undo">The last edit by name.</param>
public sealed record LadderDesk(string Key, Guid Id, int Revision, LadderRow? Row, Ladder Draft, Classroom Room, LadderDifference Difference, string? Undo)
{
    public LadderView View() => LadderView.Of(this);
}

/// <summary>Opens ladders: the versions are read each time, the rest is kept.</summary>
public sealed class LadderDesks(BoldLadderDb db, SchoolScope scope, Classrooms rooms, Kept kept, KeptAnswers answers)
{
    private const long RoomKilobytes = 700;

    /// <param name="groupId">The group to stand beside; null for none.</param>
    /// <param name="forChange">Whether the row is to be changed.</param>
    public async Task<(LadderDesk? Desk, ProblemHttpResult? Problem)> Open(
        Guid ladderId, Guid? groupId, string? asIf, CancellationToken cancel, bool forChange = false)
    {
        var row = forChange ? await db.Ladders.SingleOrDefaultAsync(x => x.Id == ladderId, cancel) : null;
        var head = await db.Ladders.AsNoTracking().Where(x => x.Id == ladderId)
            .Join(db.LadderRevisions, x => new { x.Id, N = x.Published }, r => new { Id = r.LadderId, N = r.Number }, (x, r) => new
            {
                x.DraftRevision, x.Version, x.Published, PublishedVersion = r.Version,
                Undo = db.LadderEdits.Where(e => e.LadderId == ladderId && !e.Undone).OrderByDescending(e => e.Number).Select(e => e.Name).FirstOrDefault(),
            })
            .SingleOrDefaultAsync(cancel);
        if (head is null || (forChange && row is null))
        {
            return (null, Problems.Missing("ladderId", "This school has no such ladder. Choose one from the list."));
        }

        var draft = await Draft(ladderId, head.DraftRevision, head.Version, cancel);
        var published = await rooms.Ladder(
            ladderId, head.Published, head.PublishedVersion,
            () => db.LadderRevisions.AsNoTracking().Where(x => x.LadderId == ladderId && x.Number == head.Published).Select(x => x.Document).SingleAsync(cancel));
        var key = $"desk {ladderId:N} {head.DraftRevision} {head.Version}";
        Classroom room;
        if (groupId is { } id)
        {
            if (await rooms.Find(id, cancel) is not { } beside)
            {
                return (null, Problems.Missing("groupId", "This school has no such group. Choose one from the list."));
            }

            if (beside.Group.LadderId != ladderId)
            {
                return (null, Problems.Bad("groupId", "That group is taught by another ladder. Open that ladder, or name no group."));
            }

            key += $" {beside.Key}";
            room = kept.Find<Classroom>(key)
                ?? kept.Keep(key, beside.Beside(key, draft, head.DraftRevision, rooms.Stock(beside.School, beside.Conventions, draft)), RoomKilobytes);
        }
        else
        {
            var school = await rooms.School(scope.School, null, cancel);
            room = rooms.Empty(school, ladderId, head.DraftRevision, draft);
            key += $" {room.Key}";
        }

        if (!string.IsNullOrEmpty(asIf))
        {
            if (draft.PlaceOf(asIf) < 0)
            {
                return (null, Problems.Missing("asIf", "That rung is not on the ladder. Go back to today."));
            }

            room = room.At(draft.Rungs[draft.PlaceOf(asIf)]);
        }

        return (new LadderDesk($"{key} {asIf}", ladderId, head.DraftRevision, row, draft, room, LadderDifference.Between(published, draft), head.Undo), null);
    }

    /// <summary>The desk as it is sent, worked out once for each version of what it is made from.</summary>
    public byte[] Sent(LadderDesk desk) => answers.Find(desk.Key) ?? answers.Keep(desk.Key, desk.View());

    public Task<Ladder> Draft(Guid id, int revision, uint version, CancellationToken cancel) => rooms.Ladder(
        id, revision, version, () => db.Ladders.AsNoTracking().Where(x => x.Id == id).Select(x => x.Draft).SingleAsync(cancel));

    public IQueryable<LadderEditRow> LastEdit(Guid ladderId) =>
        db.LadderEdits.Where(x => x.LadderId == ladderId && !x.Undone).OrderByDescending(x => x.Number);
}
