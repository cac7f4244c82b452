using BoldLadder.Core.Lessons;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Lessons;

/// <summary>Lessons as Today shows them: worked out once for each version of a lesson and its group, and kept as they are sent.</summary>
public sealed class LessonViews(KeptAnswers kept, LessonBook book, ShippedData shipped)
{
    /// <summary>The day's lesson as it is sent; null when there can be none on that day.</summary>
    public async Task<byte[]?> Of(Classroom room, DateOnly day, CancellationToken cancel)
    {
        if (await book.FindOrMake(room, day, cancel) is not { } head)
        {
            return null;
        }

        var key = $"lesson {head.Id:N} {head.Version} {head.Previous:O} {room.Key}";
        return kept.Find(key) ?? kept.Keep(key, View(room, day, head, await book.Document(head.Id, cancel)));
    }

    /// <summary>A lesson that is only looked at, as if the group stood elsewhere.</summary>
    public byte[] AsIf(Classroom room, DateOnly day)
    {
        var key = $"lesson as if {day:O} {room.Key}";
        if (kept.Find(key) is { } found)
        {
            return found;
        }

        var brief = LessonBook.Brief(room, day, room.MinutesOn(day))!;
        return kept.Keep(key, LessonView.Of(room, shipped.Notes, day, LessonComposer.Compose(brief), brief.Standing.Taught, null));
    }

    public async Task<LessonView> Of(Classroom room, LessonRow row, CancellationToken cancel) => View(room, row.Day, await book.Head(row, cancel), row.Document);

    private LessonView View(Classroom room, DateOnly day, LessonHead head, string document) =>
        LessonView.Of(room, shipped.Notes, day, StoredJson.Read<LessonDocument>(document).ToCore(), room.Before(day, head.Id.ToString()).Taught, head);
}
