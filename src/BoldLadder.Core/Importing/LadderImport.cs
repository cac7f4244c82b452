using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>
/// Makes a ladder of a sheet that somebody keeps: rungs in sections with where each came from, what has to be asked, and
/// what was left out and why. Nothing is guessed silently: what the sheet does not say is a <see cref="Doubt"/>.
/// </summary>
public sealed class LadderImport(CorrespondenceTable table, SchoolWords words, SpellingShares shares)
{
    private readonly PartReader _reader = new(table, words);

    /// <summary>Days of a school's week that bring something new: what the rungs of a week in a sheet share.</summary>
    public int NewDays { get; init; } = WeeklyPattern.Usual.NewDays;

    /// <summary>The first day of the school's year: the dates of a sheet that leaves their year out lie in it. Null when there is none.</summary>
    public DateOnly? YearBegins { get; init; }

    private RungMaking Making => field ??= new RungMaking(table, words, shares, _reader);

    /// <summary>The sheet most likely to hold the order: the one with the most cells that are parts.</summary>
    public int Likeliest(IReadOnlyList<Sheet> sheets) => Enumerable.Range(0, sheets.Count).Where(x => sheets[x].Cells.Count > 0)
        .OrderBy(x => sheets[x].Hidden).ThenByDescending(x => Seen(sheets[x]).Select(c => c.Text).Distinct().Count(t => t.Length <= 80 && !SheetWords.IsOrdinal(t) && _reader.LooksLikePart(t)))
        .FirstOrDefault();

    /// <param name="sheets">All sheets of the file.</param>
    /// <param name="at">Which of them holds the order.</param>
    /// <param name="told">Roles of columns that a person gave.</param>
    /// <param name="answers">Answers to doubts, by their id: now, or when the same was asked before.</param>
    public ImportedLadder Read(IReadOnlyList<Sheet> sheets, int at, IReadOnlyDictionary<int, ColumnRole> told, IReadOnlyDictionary<string, string> answers)
    {
        var sheet = sheets[at];
        var left = sheets.Where((_, i) => i != at).Select(x => new LeftOut(new Source(x.Name, "", ""), x.Hidden ? LeftOutReason.Hidden : LeftOutReason.OtherSheet)).ToList();
        left.AddRange(sheet.Cells.Where(x => x.Hidden || x.Struck).Select(x => new LeftOut(new Source(sheet.Name, x.Address, x.Text), x.Struck ? LeftOutReason.Struck : LeftOutReason.Hidden)));
        left.AddRange(sheet.Cells.Where(x => NoValue(x.Text)).Select(x => new LeftOut(new Source(sheet.Name, x.Address, x.Text), LeftOutReason.NoValue)));
        var (title, cells) = SheetTitle.Of(sheet.Name, SheetDirection.CalledByWeek(SheetDirection.CalledByTerm(SheetInitials.Told(SheetDirection.WithoutBeside(sheet.Name, SheetTalk.Without(sheet.Name, DayBlocks.Stacked(SheetMarks.Told(PlainCells.Of(Seen(sheet)))), _reader, left), left)))), _reader, left);
        var layout = SheetLayout.Of(sheet.Name, RowLabels.Settled(sheet.Name, Tracker.WithoutTicks(sheet.Name, Tracker.Top(sheet.Name, cells, _reader, left), _reader, left), left), _reader, words, told, YearBegins);
        var reading = SheetReading.Of(layout, _reader, words);
        left.AddRange(reading.LeftOut);
        var state = new Settling(answers, left, HasSmallLetters(reading.Rungs));
        var (ordered, moved) = SheetOrder.Of(reading.Rungs);
        var (rungs, filled) = FilledDays.Of([.. TaughtTogether.Of(ordered).SelectMany(x => Making.Of(x, state))], NewDays);
        var sections = ImportedSections.Of(rungs);
        var name = title.Length > 0 ? title : reading.Title.Length > 0 ? reading.Title : layout.Columns is [{ Heading.Length: > 8 } only] ? only.Heading : SheetTitle.Unnamed(sheet.Name) ? "Our order" : sheet.Name;
        string? problem = null;
        if (Ladder.TryCreate(name.Length > 100 ? name[..100] : name, sections, out var ladder, out var problems))
        {
            ladder = ladder.Rungs.Count == 0 ? null : ladder;
        }
        else
        {
            problem = rungs.Count == 0 ? null : problems[0].Sentence;
        }

        return new ImportedLadder(name, sheet.Name, ladder, [.. rungs.Select(x => x.Imported)], state.Doubts, left, state.Kept, layout.Columns, layout.Signature, problem, moved, filled);
    }

    private static IEnumerable<SheetCell> Seen(Sheet sheet) => sheet.Cells.Where(x => !x.Hidden && !x.Struck && x.Text.Trim().Length > 0 && !NoValue(x.Text))
        .Select(x => PartPatterns.LeadingPictures.Replace(PlainCells.Text(x.Text), "") is var text && text != x.Text ? x with { Text = text } : x);

    private static bool NoValue(string text) => text.StartsWith('#') && text.Length > 2 && char.IsAsciiLetterUpper(text[1]) && text.TrimEnd('!', '?').All(x => x is '#' or '/' || char.IsAsciiLetterUpper(x) || char.IsDigit(x));

    // Its letters are small ones: the i too, and no other stands alone as a capital.
    private static bool HasSmallLetters(List<WrittenRung> rungs) => rungs.Exists(x => x.Parts.Exists(p => p.Letters == "i") && x.Sources.Exists(s => PartPatterns.SmallI.IsMatch(s.Text)))
        && !rungs.Exists(x => x.Sources.Exists(s => s.Text.Trim() is [>= 'A' and <= 'Z' and not 'I']));
}
