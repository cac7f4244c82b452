using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
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
/// <param name="Redo">The last that was taken back, by name.</param>
public sealed record LadderDesk(string Key, Guid Id, int Revision, LadderRow? Row, Ladder Draft, Classroom Room, LadderDifference Difference, string? Undo, string? Redo)
{
    private readonly Lazy<IReadOnlyList<RungFigures>> _figures = new(() => RungMap.Of(Room.Unlocking));

    /// <summary>What every rung unlocks, and whether it is thin.</summary>
    public IReadOnlyList<RungFigures> Figures => _figures.Value;

    /// <summary>How far apart what is easily confused has to stand.</summary>
    public ClashDistances Distances => ClashDistances.Usual with { Spellings = Room.Conventions.SpellingsApart };

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
                Redo = db.LadderEdits.Where(e => e.LadderId == ladderId && e.Undone && e.Forward != null
                        && !db.LadderEdits.Any(n => n.LadderId == ladderId && !n.Undone && n.Number > e.Number))
                    .OrderBy(e => e.Number).Select(e => e.Name).FirstOrDefault(),
            })
            .SingleOrDefaultAsync(cancel);
        if (head is null || (forChange && row is null))
        {
            return (null, Problems.Missing("ladderId", "This school has no such ladder. Choose one from the list."));
        }

        var draft = await Draft(ladderId, head.DraftRevision, head.Version, cancel);
        var published = await Published(ladderId, head.Published, head.PublishedVersion, cancel);
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

        return (new LadderDesk($"{key} {asIf}", ladderId, head.DraftRevision, row, draft, room, LadderDifference.Between(published, draft), head.Undo, head.Redo), null);
    }

    /// <summary>The desk as it is sent, worked out once for each version of what it is made from.</summary>
    public byte[] Sent(LadderDesk desk) => answers.Find(desk.Key) ?? answers.Keep(desk.Key, desk.View());

    /// <summary>A state that was published.</summary>
    public Task<Ladder> Published(Guid id, int number, uint version, CancellationToken cancel) => rooms.Ladder(
        id, number, version, () => db.LadderRevisions.AsNoTracking().Where(x => x.LadderId == id && x.Number == number).Select(x => x.Document).SingleAsync(cancel));

    public Task<Ladder> Draft(Guid id, int revision, uint version, CancellationToken cancel) => rooms.Ladder(
        id, revision, version, () => db.Ladders.AsNoTracking().Where(x => x.Id == id).Select(x => x.Draft).SingleAsync(cancel));

    /// <summary>What was taken back and can be done again, the next first.</summary>
    public IQueryable<LadderEditRow> TakenBack(Guid ladderId) => db.LadderEdits
        .Where(x => x.LadderId == ladderId && x.Undone && x.Forward != null && !db.LadderEdits.Any(n => n.LadderId == ladderId && !n.Undone && n.Number > x.Number))
        .OrderBy(x => x.Number);

    public IQueryable<LadderEditRow> LastEdit(Guid ladderId) =>
        db.LadderEdits.Where(x => x.LadderId == ladderId && !x.Undone).OrderByDescending(x => x.Number);
}
