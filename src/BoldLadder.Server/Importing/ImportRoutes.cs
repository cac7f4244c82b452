using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Ladders;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Importing;

/// <summary>A ladder out of the sheet that a school keeps: what would be made of it, before anything is kept.</summary>
public static class ImportRoutes
{
    private const int ShownWords = 4, MostUntaught = 6;

    // A file in base64 with its quotes, and what is said beside it.
    private const long Body = (SheetFile.MostBytes * 4L / 3) + (256 * 1024);

    private const int MostPasted = 1024 * 1024;

    public static void Map(RouteGroupBuilder school) =>
        Turns.Take(school.MapPost("/ladders/import", Preview).WithMetadata(new RequestSizeLimitAttribute(Body))
            .WithSummary("What a spreadsheet, a file or a pasted table would make as a ladder: rungs with the cells they came from, what has to be asked, and what is left out. Keeps nothing.")
            .ProducesProblem(400).ProducesProblem(503), large: true);

    private static async Task<Results<Ok<ImportView>, ProblemHttpResult>> Preview(
        ImportRequest request, BoldLadderDb db, SchoolScope scope, Classrooms rooms, ShippedData shipped, SpellingBooks books, StarterLadders starters, Today today, CancellationToken cancel)
    {
        IReadOnlyList<Sheet> sheets;
        bool workbook;
        try
        {
            if (Sheets(request, out workbook, out var problem) is not { } read)
            {
                return problem!;
            }

            sheets = read;
        }
        catch (SheetException problem)
        {
            return Problems.Bad(request.File is null ? "pasted" : "file", problem.Message);
        }

        if (sheets.All(x => x.Cells.Count == 0))
        {
            return Problems.Bad(request.File is null ? "pasted" : "file", "No filled cell was found. Choose the file with the order in it, or copy its cells and paste them.");
        }

        var school = await rooms.School(scope.School, null, cancel);
        if (LadderFiles.Read(sheets, !workbook, out var broken) is { } whole)
        {
            return TypedResults.Ok(View(OfFile(whole, sheets[0]), null, sheets, 0, books.For(school.Accent), school, rooms, shipped, today.Date));
        }

        if (broken is not null)
        {
            return Problems.Bad("file", broken);
        }

        var memory = ImportsDocument.Read(await db.Schools.AsNoTracking().Where(x => x.Id == scope.School).Select(x => x.Imports).SingleAsync(cancel));
        var shares = books.For(school.Accent);
        var import = new LadderImport(shipped.Correspondences, new SchoolWords(shipped.Lexicon, school.Accent, school.OwnWords), shares) { NewDays = school.Year.Pattern.NewDays, YearBegins = school.Year.TermsAround(today.Date)[0].First };
        var at = request.Sheet ?? import.Likeliest(sheets);
        if (at < 0 || at >= sheets.Count)
        {
            return Problems.Bad("sheet", $"The file has {sheets.Count} sheets. Choose one of them.");
        }

        var answers = new Dictionary<string, string>(memory.Answers);
        foreach (var (id, answer) in request.Answers ?? new Dictionary<string, string>())
        {
            answers[id] = answer ?? "";
        }

        var told = new Dictionary<int, ColumnRole>(request.Roles ?? new Dictionary<int, ColumnRole>());
        var imported = import.Read(sheets, at, told, answers);
        if (memory.Layouts.LastOrDefault(x => x.Signature == imported.Signature)?.Roles.Where(x => told.TryAdd(x.Key, x.Value)).Count() > 0)
        {
            imported = import.Read(sheets, at, told, answers);
        }

        var before = imported.Ladder is { } order ? KnownBefore.Offered(order, starters.All[StarterIdea.WordsFirst]) : null;
        return TypedResults.Ok(View(
            before is var (section, likely) && (request.Before ?? likely) ? imported with { Ladder = KnownBefore.InFront(section, imported.Ladder!) } : imported, ImportView.BeforeOf(before), sheets, at, shares, school, rooms, shipped,
            today.Date));
    }

    // A ladder that was sent out from here comes back as it is: nothing is asked.
    private static ImportedLadder OfFile(Ladder ladder, Sheet sheet) => new(
        ladder.Name, sheet.Name, ladder,
        [.. ladder.Rungs.Select(x => new ImportedRung(x, [.. sheet.Cells.Where(c => c.Column == 7 && sheet.Cells.Any(i => i.Row == c.Row && i.Column == 5 && i.Text == x.Id)).Select(c => new Source(sheet.Name, c.Address, c.Text))], null, []))],
        [], [], [], [], "", null, false, FilledBy.Nothing);

    private static IReadOnlyList<Sheet>? Sheets(ImportRequest request, out bool workbook, out ProblemHttpResult? problem)
    {
        (workbook, problem) = (false, null);
        if (string.IsNullOrWhiteSpace(request.File) == string.IsNullOrWhiteSpace(request.Pasted))
        {
            problem = Problems.Bad("file", "Choose a file, or paste the cells: one of the two.");
            return null;
        }

        if (request.Pasted?.Length > MostPasted)
        {
            problem = Problems.Bad("pasted", "That is more than an order of teaching holds. Copy only its cells.");
            return null;
        }

        if (request.File is null || string.IsNullOrWhiteSpace(request.File))
        {
            return TextSheets.Pasted(request.Pasted!);
        }

        var bytes = new byte[(request.File.Length / 4 * 3) + 3];
        if (!Convert.TryFromBase64String(request.File, bytes, out var length))
        {
            problem = Problems.Bad("file", "The file did not arrive whole. Choose it again.");
            return null;
        }

        workbook = SheetFile.IsWorkbook(bytes);
        return SheetFile.Read(request.FileName ?? "", bytes[..length]);
    }

    private static ImportView View(
        ImportedLadder imported, ImportBeforeView? before, IReadOnlyList<Sheet> sheets, int at, SpellingShares shares, SchoolSettings school, Classrooms rooms, ShippedData shipped, DateOnly today)
    {
        var problem = imported.Problem;
        var opens = new Dictionary<string, (int Opens, IReadOnlyList<string> Examples)>();
        var thin = 0;
        var (untaught, missing) = ((IReadOnlyList<string>)[], (IReadOnlyList<ImportPartView>)[]);

        if (imported.Ladder is { } settled)
        {
            if (LadderGate.Through(new ReplaceLadder(settled), shipped.Gate, out var refused) is null)
            {
                problem ??= $"{refused.Sentence} Put it right in the sheet, or leave the cell out.";
            }

            var stock = rooms.Stock(school, Core.Conventions.ClassConventions.Of(school.Conventions, Core.Conventions.OwnConventions.None), settled);
            var unlocking = new Unlocking(settled, stock.Rules);
            var figures = RungMap.Of(unlocking);
            thin = figures.Count(x => x.Thin == Thinness.ByPlace);
            var questions = new LadderQuestions(unlocking, figures);
            untaught = [.. questions.Untaught(stock).Take(MostUntaught).Select(x => x.Word)];
            missing = [.. questions.UntaughtParts().Take(MostUntaught).Select(x => new ImportPartView(x.Part.Grapheme.Text, x.Words[0].Spelling))];
            for (var i = 0; i < settled.Rungs.Count; i++)
            {
                opens[settled.Rungs[i].Id] = (figures[i].EverydayYield, settled.Rungs[i].AddsParts ? [.. TargetWords.At(unlocking, i).Take(ShownWords).Select(x => x.Spelling)] : []);
            }
        }

        return new ImportView(
            imported.Name, [.. sheets.Select(x => new ImportSheetView(x.Name, x.Cells.Count, x.Hidden))], at, imported.Columns, imported.Signature,
            imported.Ladder is null ? null : LadderDocument.Of(imported.Ladder),
            [.. imported.Rungs.Select(x => opens.GetValueOrDefault(x.Rung.Id, (0, [])) is var (count, examples)
                ? new ImportRungView(x.Rung.Id, x.Rung.Label, ImportView.PartsOf(x.Rung, shares), x.Sources, x.Date, count, examples, x.DoubtIds) : null!)],
            ImportView.DoubtsOf(imported, shares), imported.LeftOut, imported.Kept, thin, untaught, missing, before, imported.TaughtUpTo(today)?.Id, imported.DaysOfNext(today), problem, imported.Moved, imported.Filled);
    }
}
