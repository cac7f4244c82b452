using System.ComponentModel.DataAnnotations;
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
public sealed record OwnWordView(string Word, string Split, string Familiarity, string Spoken, bool Added);

/// <param name="Csv">The whole file: a heading, then a line for each word.</param>
/// <param name="Revision">The revision of the words that the file is to take the place of; left out, whatever stands.</param>
public sealed record CsvRequest([property: Required] string Csv, int? Revision = null);

/// <param name="Words">How many words the school has now.</param>
/// <param name="Revision">The revision of the school's words from now on.</param>
public sealed record CsvTaken(int Words, int Revision);

/// <param name="Revision">Grows with every change of the school's words.</param>
public sealed record OwnWordsView(int Revision, IReadOnlyList<OwnWordView> Words);

/// <summary>
/// Words that a school adds and splits that it puts right, in its own accent. They win over the lexicon for that school
/// alone.
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
        string spelling, SplitRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        Change(db, scope, async school =>
        {
            var own = await Find(spelling, school, db, cancel);
            return own is null && shipped.Lexicon.Find(spelling) is null
                ? Problems.Missing("spelling", "That word is not in the word list, so it has no split to correct. Add it as a word of your own.")
                : await Lay(own?.Spelling ?? shipped.Lexicon.Find(spelling)!.Spelling, request.Split, own?.Familiarity ?? "", own?.Spoken ?? "", school, db, shipped, cancel);
        }, cancel);

    private static Task<Results<NoContent, ProblemHttpResult>> Put(
        string spelling, OwnWordRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        Change(db, scope, school => Lay(spelling, request.Split, request.Familiarity ?? "", request.Spoken ?? "", school, db, shipped, cancel), cancel);

    private static async Task<ProblemHttpResult?> Lay(
        string spelling, string split, string familiarity, string spoken, SchoolRow school, BoldLadderDb db, ShippedData shipped, CancellationToken cancel)
    {
        if (shipped.OwnWord(spelling, split, familiarity, spoken, out var problem) is not { } word)
        {
            return Problems.Bad(problem.Field == "word" ? "spelling" : problem.Field, problem.Sentence);
        }

        if (await Find(word.Key, school, db, cancel) is { } own)
        {
            (own.Spelling, own.Split, own.Familiarity, own.Spoken) = (word.Spelling, word.Split, OwnWord.Written(word.Familiarity), word.Spoken);
            return null;
        }

        if (await db.OwnWords.CountAsync(x => x.Accent == school.Accent, cancel) >= MostWords)
        {
            return Problems.Bad("spelling", $"A school keeps at most {MostWords} words of its own. Take some out first.");
        }

        db.OwnWords.Add(RowOf(word, school));
        return null;
    }

    private static Task<Results<NoContent, ProblemHttpResult>> Forget(string spelling, BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        Change(db, scope, async school =>
        {
            if (await Find(spelling, school, db, cancel) is not { } own)
            {
                return Problems.Missing("spelling", "The school has no split of its own for that word.");
            }

            db.OwnWords.Remove(own);
            return null;
        }, cancel);

    private static async Task<Ok<OwnWordsView>> All(BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel) =>
        TypedResults.Ok(await View(db, scope, shipped, cancel));

    private static async Task<FileContentHttpResult> Csv(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        TypedResults.File(OwnWordsCsv.Write(await Rows(db, scope, cancel)), "text/csv; charset=utf-8", "own-words.csv");

    private static async Task<Results<Ok<CsvTaken>, ProblemHttpResult>> TakeCsv(
        CsvRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel)
    {
        if (OwnWordsCsv.Read(request.Csv, shipped, out var problem) is not { } words)
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

            await db.OwnWords.Where(x => x.Accent == school.Accent).ExecuteDeleteAsync(cancel);
            db.OwnWords.AddRange(words.Select(x => RowOf(x, school)));
            revision = school.WordsRevision + 1;
            return null;
        }, cancel);
        return result.Result is ProblemHttpResult refused ? refused : TypedResults.Ok(new CsvTaken(words.Count, revision));
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

    private static async Task<OwnWordsView> View(BoldLadderDb db, SchoolScope scope, ShippedData shipped, CancellationToken cancel)
    {
        var revision = await db.Schools.Where(x => x.Id == scope.School).Select(x => x.WordsRevision).SingleAsync(cancel);
        return new OwnWordsView(revision, (await Rows(db, scope, cancel)).ConvertAll(x =>
            new OwnWordView(x.Spelling, x.Split, x.Familiarity, x.Spoken, shipped.Lexicon.Find(x.Word) is null)));
    }

    private static OwnWordRow RowOf(OwnWord word, SchoolRow school) => new()
    {
        SchoolId = school.Id, Accent = school.Accent, Word = word.Key, Spelling = word.Spelling, Split = word.Split,
        Familiarity = OwnWord.Written(word.Familiarity), Spoken = word.Spoken,
    };

    private static Task<OwnWordRow?> Find(string spelling, SchoolRow school, BoldLadderDb db, CancellationToken cancel)
    {
        var key = spelling.ToLowerInvariant();
        return db.OwnWords.SingleOrDefaultAsync(x => x.Accent == school.Accent && x.Word == key, cancel);
    }

    private static async Task<List<OwnWordRow>> Rows(BoldLadderDb db, SchoolScope scope, CancellationToken cancel)
    {
        var accent = await db.Schools.Where(x => x.Id == scope.School).Select(x => x.Accent).SingleAsync(cancel);
        return await db.OwnWords.AsNoTracking().Where(x => x.Accent == accent).OrderBy(x => x.Word).ToListAsync(cancel);
    }
}
