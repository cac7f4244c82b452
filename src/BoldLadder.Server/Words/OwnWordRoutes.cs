using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Words;
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
public sealed record CsvRequest([property: Required] string Csv);

/// <param name="Words">How many words the school has now.</param>
public sealed record CsvTaken(int Words);

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
            .WithSummary("Take the words of a CSV file in place of the school's own: all of them or none.").ProducesProblem(400);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Correct(
        string spelling, SplitRequest request, BoldLadderDb db, SchoolScope scope, Library library, CancellationToken cancel)
    {
        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        var own = await Find(spelling, school, db, cancel);
        if (own is null && library.Lexicon.Find(spelling) is null)
        {
            return Problems.Missing("spelling", "That word is not in the word list, so it has no split to correct. Add it as a word of your own.");
        }

        return await Save(
            own?.Spelling ?? library.Lexicon.Find(spelling)!.Spelling, request.Split, own?.Familiarity ?? "", own?.Spoken ?? "", school, db, library, cancel);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Put(
        string spelling, OwnWordRequest request, BoldLadderDb db, SchoolScope scope, Library library, CancellationToken cancel)
    {
        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        return await Save(spelling, request.Split, request.Familiarity ?? "", request.Spoken ?? "", school, db, library, cancel);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Save(
        string spelling, string split, string familiarity, string spoken, SchoolRow school, BoldLadderDb db, Library library, CancellationToken cancel)
    {
        if (library.OwnWord(spelling, split, familiarity, spoken, out var problem) is not { } word)
        {
            return Problems.Bad(problem.Field == "word" ? "spelling" : problem.Field, problem.Sentence);
        }

        var own = await Find(word.Key, school, db, cancel);
        if (own is null)
        {
            if (await db.OwnWords.CountAsync(x => x.Accent == school.Accent, cancel) >= MostWords)
            {
                return Problems.Bad("spelling", $"A school keeps at most {MostWords} words of its own. Take some out first.");
            }

            db.OwnWords.Add(RowOf(word, school));
        }
        else
        {
            (own.Spelling, own.Split, own.Familiarity, own.Spoken) = (word.Spelling, word.Split, OwnWord.Written(word.Familiarity), word.Spoken);
        }

        school.CorrectionsRevision++;
        await db.SaveChangesAsync(cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Forget(
        string spelling, BoldLadderDb db, SchoolScope scope, CancellationToken cancel)
    {
        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        if (await Find(spelling, school, db, cancel) is not { } own)
        {
            return Problems.Missing("spelling", "The school has no split of its own for that word.");
        }

        db.OwnWords.Remove(own);
        school.CorrectionsRevision++;
        await db.SaveChangesAsync(cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<List<OwnWordView>>> All(BoldLadderDb db, SchoolScope scope, Library library, CancellationToken cancel) =>
        TypedResults.Ok((await Rows(db, scope, cancel)).ConvertAll(x =>
            new OwnWordView(x.Spelling, x.Split, x.Familiarity, x.Spoken, library.Lexicon.Find(x.Word) is null)));

    private static async Task<FileContentHttpResult> Csv(BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        TypedResults.File(OwnWordsCsv.Write(await Rows(db, scope, cancel)), "text/csv; charset=utf-8", "own-words.csv");

    private static async Task<Results<Ok<CsvTaken>, ProblemHttpResult>> TakeCsv(
        CsvRequest request, BoldLadderDb db, SchoolScope scope, Library library, CancellationToken cancel)
    {
        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        if (OwnWordsCsv.Read(request.Csv, library, out var problem) is not { } words)
        {
            return Problems.Bad("csv", problem);
        }

        // All or nothing: the old words go and the new ones come in one transaction.
        await using var transaction = await db.Database.BeginTransactionAsync(cancel);
        await db.OwnWords.Where(x => x.Accent == school.Accent).ExecuteDeleteAsync(cancel);
        db.OwnWords.AddRange(words.Select(x => RowOf(x, school)));
        school.CorrectionsRevision++;
        await db.SaveChangesAsync(cancel);
        await transaction.CommitAsync(cancel);
        return TypedResults.Ok(new CsvTaken(words.Count));
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
