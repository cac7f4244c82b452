using BoldLadder.Core.Importing;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Importing;

/// <summary>A file, or what was pasted, with what a person has said of it so far.</summary>
/// <param name="FileName">Its name.</param>
/// <param name="File">The file in base64; up to 4 MB before that.</param>
/// <param name="Pasted">What was pasted: a table as HTML, or text with tabs and lines.</param>
/// <param name="Sheet">Which sheet, from 0; the likeliest when it is not said.</param>
/// <param name="Roles">What columns hold, where it was said otherwise than found.</param>
/// <param name="Answers">Answers to doubts, by the doubt's id.</param>
/// <param name="Before">Whether what children know before the order begins is to stand in front of it; where it is not said, if that is likely.</param>
public sealed record ImportRequest(
    string? FileName = null, string? File = null, string? Pasted = null, int? Sheet = null,
    IReadOnlyDictionary<int, ColumnRole>? Roles = null, IReadOnlyDictionary<string, string>? Answers = null, bool? Before = null);

/// <param name="Cells">Filled cells in it.</param>
public sealed record ImportSheetView(string Name, int Cells, bool Hidden);

/// <summary>A thing that a rung teaches, with a word that shows it.</summary>
public sealed record ImportPartView(string Label, string Example);

/// <param name="Opens">Words known at seven or younger that become readable here.</param>
/// <param name="Examples">Words of it for the class: those that hold what it teaches.</param>
/// <param name="Doubts">Ids of what of it has still to be asked.</param>
public sealed record ImportRungView(string RungId, string Label, IReadOnlyList<ImportPartView> Parts, IReadOnlyList<Source> Sources, DateOnly? Date, int Opens, IReadOnlyList<string> Examples, IReadOnlyList<string> Doubts);

/// <param name="Key">What is sent back as the answer.</param>
/// <param name="Examples">A word for each sound: <i>moon</i>, <i>book</i>.</param>
public sealed record ImportChoiceView(string Key, IReadOnlyList<string> Examples);

/// <summary>What children know before an order begins that does not begin with letters, or may know of the letters that one leaves out.</summary>
/// <param name="Graphemes">Spellings that its words need and it does not teach.</param>
/// <param name="Likely">False where the order begins with letters itself: it may as well be that they are forgotten in it.</param>
public sealed record ImportBeforeView(IReadOnlyList<string> Graphemes, IReadOnlyList<string> TrickyWords, bool Likely);

/// <param name="Against">A word beside it that does not show the letters.</param>
public sealed record ImportDoubtView(string Id, string Letters, Source Source, string Against, string? Answer, IReadOnlyList<ImportChoiceView> Choices);

/// <summary>What would be made of a sheet; nothing is kept yet.</summary>
/// <param name="Ladder">The ladder as far as it is settled: what is sent to keep it.</param>
/// <param name="Problem">Why it could not be kept as it is.</param>
/// <param name="ThinByPlace">How many of its rungs have too few words where they stand, though English has enough.</param>
/// <param name="Untaught">Common words that sentences and stories wait for and nothing in it teaches, most needed first.</param>
/// <param name="UntaughtParts">Spellings that everyday words wait for and nothing in it teaches, each with a word, most needed first.</param>
/// <param name="Kept">What is kept as a note of its rung, since a rung can't hold it as a part.</param>
/// <param name="Before">What children know before it begins; null for an order that begins at the beginning.</param>
/// <param name="TaughtUpTo">The last rung that the sheet gives a day before today; null when it gives none.</param>
/// <param name="DaysOfNext">Days that the rung after it has had by then, as the sheet gives them.</param>
/// <param name="Moved">The rungs stand in the order of the weeks, dates or half-terms beside them, which is not the order of the rows.</param>
/// <param name="Filled">What the days of its rungs follow, where the sheet goes by weeks or terms: those of one share its days of new learning.</param>
/// <param name="Signature">What the layout is known by when it is met again.</param>
public sealed record ImportView(
    string Name, IReadOnlyList<ImportSheetView> Sheets, int Sheet, IReadOnlyList<SheetColumn> Columns, string Signature, LadderDocument? Ladder, IReadOnlyList<ImportRungView> Rungs,
    IReadOnlyList<ImportDoubtView> Doubts, IReadOnlyList<LeftOut> LeftOut, IReadOnlyList<Source> Kept, int ThinByPlace, IReadOnlyList<string> Untaught, IReadOnlyList<ImportPartView> UntaughtParts, ImportBeforeView? Before, string? TaughtUpTo, int DaysOfNext, string? Problem, bool Moved, FilledBy Filled)
{
    internal static ImportBeforeView? BeforeOf((Core.Ladders.Section Section, bool IsLikely)? before) => before is not var (section, likely) ? null : new ImportBeforeView(
        [.. section.Rungs.SelectMany(x => x.Correspondences).Select(x => x.Grapheme.Text).Distinct()], [.. section.Rungs.SelectMany(x => x.TrickyWords)], likely);

    internal static IReadOnlyList<ImportPartView> PartsOf(Core.Ladders.Rung rung, SpellingShares shares) =>
        [.. rung.Adds.Select(x => new ImportPartView(x.Label, x.Correspondence is { } part ? shares.ExampleOf(part, rung.Keyword) : ""))];

    internal static IReadOnlyList<ImportDoubtView> DoubtsOf(ImportedLadder imported, SpellingShares shares) => [.. imported.Doubts.OrderBy(x => x.Answer is not null).Select(x => new ImportDoubtView(
        x.Id, x.Letters, x.Source, x.Against, x.Answer, [.. x.Choices.Select(c => new ImportChoiceView(c.Key, [.. c.Correspondences.Select(shares.ExampleOf).Where(e => e.Length > 0)]))]))];
}
