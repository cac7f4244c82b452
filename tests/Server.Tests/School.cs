using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Tests;

/// <summary>A school of its own for a test, so that no test sees what another did.</summary>
internal sealed record School(Guid Id, Guid LadderId, IReadOnlyList<Guid> Groups)
{
    public string Address => $"/api/schools/{Id}";

    public string Group(int at = 0) => $"{Address}/groups/{Groups[at]}";

    /// <summary>The school's ladder, or something of it, seen beside a group.</summary>
    public string Ladder(string path = "", int at = 0) => $"{Address}/ladders/{LadderId}{path}?groupId={Groups[at]}";

    /// <param name="taught">For each group, how many rungs its log says were taught.</param>
    public static async Task<School> Make(string accent = "gb-south", string ladderFile = "estuary", params int[] taught)
    {
        var id = Guid.CreateVersion7();
        var ladderId = Guid.CreateVersion7();
        var ladder = LadderText.Parse(await File.ReadAllTextAsync(Path.Combine(App.Root, "data", "demo", $"{ladderFile}.ladder.tsv")));
        var document = StoredJson.Write(LadderDocument.Of(ladder));
        await using var db = App.Database(id);
        var terms = new[] { new Term("Year", new DateOnly(2026, 1, 5), new DateOnly(2026, 12, 18)), new Term("Next", new DateOnly(2027, 1, 4), new DateOnly(2027, 12, 17)) };
        db.Schools.Add(new SchoolRow
        {
            Id = id, Name = "Test school", Accent = accent, Revision = 1, WordsRevision = 1,
            Year = StoredJson.Write(new YearDocument(terms, [], WeeklyPattern.Usual)),
        });
        db.Ladders.Add(new LadderRow { SchoolId = id, Id = ladderId, Draft = document, DraftRevision = 1, Published = 1 });
        db.LadderRevisions.Add(new LadderRevisionRow { SchoolId = id, LadderId = ladderId, Number = 1, Document = document });
        var groups = new List<Guid>();
        foreach (var count in taught.DefaultIfEmpty(30))
        {
            var group = new GroupRow { SchoolId = id, Id = Guid.CreateVersion7(), Name = $"Group {groups.Count}", LadderId = ladderId, Position = groups.Count, Revision = 1 };
            db.Groups.Add(group);
            groups.Add(group.Id);
            Log(db, group, ladder, count);
        }

        await db.SaveChangesAsync();
        return new School(id, ladderId, groups);
    }

    private static void Log(BoldLadderDb db, GroupRow group, Ladder ladder, int count)
    {
        Assert.True(SchoolYear.TryCreate([new Term("Year", new DateOnly(2026, 1, 5), App.Today.AddDays(-1))], [], WeeklyPattern.Usual, out var year, out _));
        var days = year.SchoolDays.TakeLast(count).ToList();
        for (var i = 0; i < count; i++)
        {
            var rung = ladder.Rungs[i];
            var entry = new LogEntry(i + 1, Guid.CreateVersion7().ToString(), days[i], LogOutcome.Taught, rung.Id, rung.Adds, rung.TrickyWords, [], [], []);
            db.Log.Add(LogDocument.RowOf(entry, group.SchoolId, group.Id));
        }
    }
}
