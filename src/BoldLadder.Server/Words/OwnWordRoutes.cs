using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Words;

/// <param name="Split">Graphemes and sounds in order: <c>sh:sh i:i p:p</c>; several readings are joined by <c>|</c>.</param>
public sealed record SplitRequest([property: Required, StringLength(400)] string Split);

/// <summary>A school's own word as it is typed.</summary>
/// <param name="Split">As for a correction.</param>
/// <param name="Familiarity"><c>4-5</c>, <c>6-7</c>, <c>later</c>, or empty for the lexicon's.</param>
/// <param name="Spoken">A line that gives the word its meaning; empty for the shipped one.</param>
public sealed record OwnWordRequest(
    [property: Required, StringLength(400)] string Split, [property: StringLength(10)] string? Familiarity = null, [property: StringLength(200)] string? Spoken = null);

/// <param name="Added">The lexicon does not hold the word.</param>
/// <param name="Accent">The id of the accent that the split is in.</param>
public sealed record OwnWordView(string Word, string Split, string Familiarity, string Spoken, bool Added, string Accent);

/// <param name="Csv">The whole file: a heading, then a line for each word.</param>
/// <param name="Revision">The revision of the words that the file is to take the place of; left out, whatever stands.</param>
public sealed record CsvRequest([property: Required] string Csv, int? Revision = null);

/// <param name="Words">How many words the school has now.</param>
/// <param name="Revision">The revision of the school's words from now on.</param>
public sealed record CsvTaken(int Words, int Revision);

/// <param name="Revision">Grows with every change of the school's words.</param>
public sealed record OwnWordsView(int Revision, IReadOnlyList<OwnWordView> Words);

/// <summary>
/// Words that a school adds and splits that it puts right, each in one accent: that of the group that met it, or else the
/// school's. They win over the lexicon for that school alone.
/// </summary>
public static class OwnWordRoutes
{
    /// <summary>Most words of one school in one accent.</summary>
    public const int MostWords = 2000;

    public static void Map(RouteGroupBuilder school)
    {
        school.MapPut("/words/{spelling}/split", Correct)
            .WithSummary("Correct a split, for this school.").ProducesProblem(400).ProducesProblem(404);
        school.MapDelete("/words/{spelling}/split", Forget)
            .WithSummary("Go back to the lexicon's split, or take an added word out.").ProducesProblem(404);
        school.MapGet("/own-words", All).WithSummary("The school's own words.");
        school.MapPut("/own-words/{spelling}", Put).WithSummary("Add a word, or change one, for this school.").ProducesProblem(400);
        school.MapGet("/own-words.csv", Csv).WithSummary("The school's own words as CSV.").Produces<string>(200, "text/csv");
        school.MapPut("/own-words.csv", TakeCsv)
            .WithSummary("Take the words of a CSV file in place of the school's own: all of them or none.").ProducesProblem(400).ProducesProblem(409);
    }

    private static Task<Results<NoContent, ProblemHttpResult>> Correct(
        string spelling, SplitRequest request, string? accent, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        ChangeIn(accent, db, scope, async (school, spoken) =>
        {
            var own = await Find(spelling, spoken, db, cancel);
            return own is null && shipped.Lexicon.Find(spelling) is null
                ? Problems.Missing("spelling", "That word is not in the word list, so it has no split to correct. Add it as a word of your own.")
                : await Lay(own?.Spelling ?? shipped.Lexicon.Find(spelling)!.Spelling, request.Split, own?.Familiarity ?? "", own?.Spoken ?? "", school, spoken, db, shipped, cancel);
        }, cancel);

    private static Task<Results<NoContent, ProblemHttpResult>> Put(
        string spelling, OwnWordRequest request, string? accent, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        ChangeIn(accent, db, scope, (school, spoken) =>
            Lay(spelling, request.Split, request.Familiarity ?? "", request.Spoken ?? "", school, spoken, db, shipped, cancel), cancel);

    private static async Task<ProblemHttpResult?> Lay(
        string spelling, string split, string familiarity, string line, SchoolRow school, string accent, BoldLadderDb db, ShippedData shipped, CancellationToken cancel)
    {
        if (shipped.OwnWord(spelling, split, familiarity, line, out var problem) is not { } word)
        {
            return Problems.Bad(problem.Field == "word" ? "spelling" : problem.Field, problem.Sentence);
        }

        if (await Find(word.Key, accent, db, cancel) is { } own)
        {
            (own.Spelling, own.Split, own.Familiarity, own.Spoken) = (word.Spelling, word.Split, OwnWord.Written(word.Familiarity), word.Spoken);
            return null;
        }

        if (await db.OwnWords.CountAsync(x => x.Accent == accent, cancel) >= MostWords)
        {
            return Problems.Bad("spelling", $"A school keeps at most {MostWords} words of its own in one accent. Take some out first.");
        }

        db.OwnWords.Add(RowOf(word, school.Id, accent));
        return null;
    }

    private static Task<Results<NoContent, ProblemHttpResult>> Forget(string spelling, string? accent, BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        ChangeIn(accent, db, scope, async (_, spoken) =>
        {
            if (await Find(spelling, spoken, db, cancel) is not { } own)
            {
                return Problems.Missing("spelling", "The school has no split of its own for that word in that accent.");
            }

            db.OwnWords.Remove(own);
            return null;
        }, cancel);

    private static async Task<Ok<OwnWordsView>> All(BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        TypedResults.Ok(await View(db, scope, shipped, cancel));

    private static async Task<FileContentHttpResult> Csv(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        TypedResults.File(OwnWordsCsv.Write(await Rows(db, cancel)), "text/csv; charset=utf-8", "own-words.csv");

    private static async Task<Results<Ok<CsvTaken>, ProblemHttpResult>> TakeCsv(
        CsvRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel)
    {
        var usual = await db.Schools.Where(x => x.Id == scope.School).Select(x => x.Accent).SingleAsync(cancel);
        if (OwnWordsCsv.Read(request.Csv, usual, shipped, out var problem) is not { } file)
        {
            return Problems.Bad("csv", problem);
        }

        var revision = 0;
        var result = await Change(db, scope, async school =>
        {
            if (request.Revision is { } made && made != school.WordsRevision)
            {
                return Problems.Stale(await View(db, scope, shipped, cancel));
            }

            await db.OwnWords.Where(x => file.TellsAccents || x.Accent == usual).ExecuteDeleteAsync(cancel);
            db.OwnWords.AddRange(file.Words.Select(x => RowOf(x.Word, school.Id, x.Accent)));
            revision = school.WordsRevision + 1;
            return null;
        }, cancel);
        return result.Result is ProblemHttpResult refused ? refused : TypedResults.Ok(new CsvTaken(file.Words.Count, revision));
    }

    /// <summary>The words and sentences of a school change one change at a time, whole, under a revision: the school's row is held meanwhile.</summary>
    internal static async Task<Results<NoContent, ProblemHttpResult>> Change(
        BoldLadderDb db, SchoolScope scope, Func<SchoolRow, Task<ProblemHttpResult?>> change, CancellationToken cancel)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(cancel);
        await Conflicts.HoldSchool(db, scope.School, cancel);
        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        if (await change(school) is { } problem)
        {
            return problem;
        }

        school.WordsRevision++;
        await db.SaveChangesAsync(cancel);
        await transaction.CommitAsync(cancel);
        return TypedResults.NoContent();
    }

    /// <param name="accent">The id of the accent that the words are said in; null for the school's.</param>
    private static async Task<Results<NoContent, ProblemHttpResult>> ChangeIn(
        string? accent, BoldLadderDb db, SchoolScope scope, Func<SchoolRow, string, Task<ProblemHttpResult?>> change, CancellationToken cancel) =>
        accent is not null && Accent.Find(accent) is null
            ? Problems.Bad("accent", $"Say in which accent the word is split: {string.Join(", ", Accent.All.Select(x => x.Id))}.")
            : await Change(db, scope, school => change(school, accent ?? school.Accent), cancel);

    private static async Task<OwnWordsView> View(BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel)
    {
        var revision = await db.Schools.Where(x => x.Id == scope.School).Select(x => x.WordsRevision).SingleAsync(cancel);
        return new OwnWordsView(revision, (await Rows(db, cancel)).ConvertAll(x =>
            new OwnWordView(x.Spelling, x.Split, x.Familiarity, x.Spoken, shipped.Lexicon.Find(x.Word) is null, x.Accent)));
    }

    private static OwnWordRow RowOf(OwnWord word, Guid school, string accent) => new()
    {
        SchoolId = school, Accent = accent, Word = word.Key, Spelling = word.Spelling, Split = word.Split,
        Familiarity = OwnWord.Written(word.Familiarity), Spoken = word.Spoken,
    };

    private static Task<OwnWordRow?> Find(string spelling, string accent, BoldLadderDb db, CancellationToken cancel)
    {
        var key = spelling.ToLowerInvariant();
        return db.OwnWords.SingleOrDefaultAsync(x => x.Accent == accent && x.Word == key, cancel);
    }

    private static Task<List<OwnWordRow>> Rows(BoldLadderDb db, CancellationToken cancel) =>
        db.OwnWords.AsNoTracking().OrderBy(x => x.Word).ThenBy(x => x.Accent).ToListAsync(cancel);
}
