using System.Text.Json.Nodes;
using BoldLadder.Core.Log;

namespace BoldLadder.Server.Storage;

/// <summary>The values of a log entry.</summary>
public sealed record LogDocument(
    string RungId, IReadOnlyList<TeachableDocument> Things, IReadOnlyList<string> TrickyWords,
    IReadOnlyList<string> Seen, IReadOnlyList<string> Shaky, IReadOnlyList<string> Read) : IStored
{
    public static int Version => 2;

    public static void Upgrade(JsonObject old, int version) => OldDocuments.Log(old);

    public static LogDocument Of(LogEntry x) => new(
        x.RungId, TeachableDocument.Of(x.Things), x.TrickyWords,
        [.. x.Seen.Select(i => i.ToString())], [.. x.Shaky.Select(i => i.ToString())], x.Read);

    /// <summary>The row of an entry, read back before it is written: what can't be read can't be kept.</summary>
    /// <exception cref="InvalidDataException">The entry holds something that could not be read again.</exception>
    public static LogRow RowOf(LogEntry entry, Guid school, Guid group)
    {
        var row = new LogRow
        {
            SchoolId = school, GroupId = group, Position = entry.Position, LessonId = Guid.Parse(entry.LessonId), Day = entry.Day,
            Outcome = NameOf(entry.Outcome), Document = StoredJson.Write(Of(entry)),
        };
        return TryRead(row) is { } again && again.Seen.SequenceEqual(entry.Seen) && again.Shaky.SequenceEqual(entry.Shaky) && again.Things.SequenceEqual(entry.Things)
            ? row
            : throw new InvalidDataException("a log entry that can't be read again is not written");
    }

    /// <summary>The outcome as it is kept and asked for.</summary>
    public static string NameOf(LogOutcome outcome) => outcome switch
    {
        LogOutcome.Taught => "taught",
        LogOutcome.Partly => "partly",
        LogOutcome.Missed => "missed",
        _ => "takenBack",
    };

    /// <summary>
    /// The entry of a row; of what it revisited, anything that is no such thing is left aside. Null when the row as a whole
    /// can't be read: one bad row never takes a group down.
    /// </summary>
    public static LogEntry? TryRead(LogRow row)
    {
        try
        {
            var x = StoredJson.Read<LogDocument>(row.Document);
            return new LogEntry(
                row.Position, row.LessonId.ToString(), row.Day, Enum.Parse<LogOutcome>(row.Outcome, true), x.RungId,
                TeachableDocument.ToCore(x.Things), x.TrickyWords, Items(x.Seen), Items(x.Shaky), x.Read);
        }
        catch (InvalidDataException)
        {
            return null;
        }
    }

    private static IReadOnlyList<RevisitItem> Items(IReadOnlyList<string> keys) =>
        [.. keys.Select(x => (Known: RevisitItem.TryParse(x, out var item), Item: item)).Where(x => x.Known).Select(x => x.Item)];
}
