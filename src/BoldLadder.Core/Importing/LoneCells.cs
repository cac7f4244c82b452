using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>What a row of one cell is: a heading, a day off, a label with what belongs to it, or a rung of a plain list.</summary>
/// <param name="sheet">The walk that meets it, which keeps the rungs and what is left out.</param>
internal sealed class LoneCells(SheetLayout layout, PartReader reader, SchoolWords words, SheetPosition at, CellReading cells, SheetReading sheet)
{
    private const int LongestHeading = 60, SentenceFrom = 4, TitleFrom = 3, Commonest = 300;

    // The line before was a heading with its parts behind it.
    private bool _listed;

    // "Common words:" was read, and below it each line is one to be learnt by heart; then the rung of those.
    private bool _byHeart;
    private WrittenRung? _learnt;

    /// <summary>Takes the cell for what it is; false when it is read as any row is.</summary>
    public bool Takes(SheetLayout.PlacedCell cell)
    {
        var text = cell.Text.Trim();
        if (SheetWords.IsHoliday(text) && !SheetLines.HasDays(text) && !SheetLines.EndsInDayOff(text) && !Teaches(text))
        {
            sheet.Leave(cell, LeftOutReason.Holiday);
            return true;
        }

        // "Unit 1: m o b t" is a heading and what stands under it, in one.
        if (layout.Columns.Count == 1 && SheetWords.Labelled(text) is var (label, rest) && (((SheetWords.IsWeek(label) || _listed) && reader.Read(rest) is [{ Kind: WrittenKind.Lesson }]) || ((SheetWords.IsWeek(label) || SheetWords.IsSection(label)) && Teaches(rest))))
        {
            (_listed, _byHeart) = (true, false);
            return AddAlone(cell, ColumnRole.Parts);
        }

        _listed = false;
        if (_byHeart && !SheetWords.IsWeek(text) && !SheetWords.IsSection(text) && PartReader.WordsIn(text) is { Count: > 0 } learnt && learnt.All(reader.IsLearntByHeart))
        {
            ByHeart(cell);
            return true;
        }

        (_byHeart, _learnt) = (SheetWords.NamesTrickyWords(text) || SheetWords.HeadsWords(text), null);
        if (SheetWords.IsWeek(text))
        {
            at.Week = text;
            return true;
        }

        if (SheetWords.WeekdayOf(text) > 0)
        {
            return true;
        }

        // "Then:" announces what follows.
        if (text.EndsWith(':'))
        {
            if (sheet.Rungs.Count > 0 && text.Length <= LongestHeading && text.Split(' ').Length > 1)
            {
                at.Enter(text.TrimEnd(':'));
            }
            else
            {
                sheet.Leave(cell, LeftOutReason.Title);
            }

            return true;
        }

        if (SheetWords.IsCount(text))
        {
            sheet.Leave(cell, LeftOutReason.Count);
            return true;
        }

        if (SheetWords.IsSection(text) || (layout.Columns.Count == 1 && SheetWords.HeadsWords(text)))
        {
            at.Enter(text);
            return true;
        }

        var role = layout.RoleAt(cell.Column);
        var wide = layout.Columns.Count > 1;
        if (wide && role == ColumnRole.Sounds)
        {
            return false;
        }

        if (sheet.Rungs.Count == 0 && cell.Row == 1 && sheet.Title.Length == 0 && !text.Contains(" as in ", StringComparison.Ordinal) && PartReader.WithoutBrackets(text).Trim().Split(' ') is { Length: > 1 } said && said.All(x => x.All(char.IsAsciiDigit) || (char.IsAsciiLetter(x[^1]) && words.FindWord(x) is not null))
            && (said.All(x => x.Length > 2) || (said.Length > TitleFrom && said.Any(x => !reader.IsLearntByHeart(x.ToLowerInvariant())))))
        {
            sheet.Title = text;
            sheet.Leave(cell, LeftOutReason.Title);
            return true;
        }

        if (text.Contains('\n', StringComparison.Ordinal) || SheetLines.Of(text).Any(x => SheetWords.Labelled(x) is not null) || (LessonWords.LessonOf(text) is not null && !layout.IsAboveAll(cell)) || LessonWords.StructuresOf(text).Count > 0)
        {
            // Below a column of weeks, too: tricky words: the, to.
            return (!wide || (sheet.Rungs.Count > 0 && SheetPosition.IsLabelled(role) && SheetLines.Of(text).Any(x => SheetWords.LabelsTrickyWords(x) || (SheetWords.Labelled(x) is var (_, taught) && reader.LooksLikePart(taught))))) && AddAlone(cell, role);
        }

        var read = reader.Read(text, SheetReading.IsPart(role) ? role : ColumnRole.Parts);
        var isParts = read.Count > 0 && read.All(x => x.Kind is not (WrittenKind.Kept or WrittenKind.Word) || x.IsTaught);
        var isWords = read.Count > 0 && read.All(x => x.Kind == WrittenKind.Word || x.MayBeWord);
        if (wide && (SheetReading.IsPart(role) || role == ColumnRole.TrickyWords) && cell.Cell.Columns == 1 && (isParts || isWords))
        {
            return false;
        }

        var isList = text.Contains(',', StringComparison.Ordinal) && read.All(x => reader.IsLearntByHeart(x.Letters));

        // A whole sentence is talk: dear all, here is the order; thank you for your support.
        if (isWords && (SheetWords.IsCourtesy(text) || (text[^1] is '.' or '!' && text.Split(' ').Length > SentenceFrom && !isList)))
        {
            sheet.Leave(cell, sheet.Rungs.Count == 0 ? LeftOutReason.Title : LeftOutReason.NotRead);
            return true;
        }

        // Dog, god below o, g, d: words to read with them.
        if (!wide && isWords && read.Count > 1 && text.Contains(',', StringComparison.Ordinal) && sheet.Rungs is [.., var above] && AreMadeOfMet(read))
        {
            above.Words.AddRange(read.Select(x => x.Letters));
            above.Sources.Add(cell.From(layout.Sheet));
            return true;
        }

        if (!wide && (isParts || read.Any(x => x.Kind == WrittenKind.Grapheme)) || (!wide && isWords && Tricky(read)))
        {
            return AddAlone(cell, role);
        }

        // Above the headings, or first of all: what the sheet is called.
        if (sheet.Rungs.Count == 0 && at.Section.Length == 0 && (sheet.Title.Length == 0) && (layout.HeaderRows.Count == 0 ? cell.Row == 1 && !SheetWords.IsSection(text) : layout.IsAboveAll(cell)))
        {
            sheet.CalledBy(cell);
            return true;
        }

        if (text.Length <= LongestHeading && !PartPatterns.Intro.IsMatch(text) && (role != ColumnRole.Notes || !wide || cell.Cell.Columns > 1 || cell.Column == layout.Columns[0].Column) && role != ColumnRole.LeftOut && !text.EndsWith('.'))
        {
            at.Enter(text);
            return true;
        }

        sheet.Leave(cell, sheet.Rungs.Count == 0 ? LeftOutReason.Title : LeftOutReason.NotRead);
        return true;
    }

    private void ByHeart(SheetLayout.PlacedCell cell)
    {
        if (_learnt is null)
        {
            var made = new List<WrittenRung>();
            _learnt = at.Begin(made);
            sheet.Rungs.AddRange(made);
        }

        _learnt.Tricky.AddRange(CellReading.TrickyIn(cell.Text));
        _learnt.Sources.Add(cell.From(layout.Sheet));
    }

    private bool AddAlone(SheetLayout.PlacedCell cell, ColumnRole role)
    {
        sheet.Rungs.AddRange(cells.Of(cell, SheetReading.IsPart(role) ? role : ColumnRole.Parts));
        return true;
    }

    // Parts, or words in a list; words that make a phrase say what the section is about.
    private bool Teaches(string text) => LineTeaches(text) || SheetLines.Of(text).Any(LineTeaches);

    private bool LineTeaches(string text) => reader.Read(text) is var read && (read.Any(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.WordEnd or WrittenKind.Cluster or WrittenKind.RimeUnit or WrittenKind.Structure or WrittenKind.Print)
        || (read.Any(x => x.Kind == WrittenKind.Word) && (IsList(text) || (read.Count < SentenceFrom && read.All(x => x.Kind != WrittenKind.Word || words.FindWord(x.Letters) is { Rank: < Commonest })))));

    // She, he, we; but not, on a first line: daily sounds, first three weeks.
    private bool IsList(string text) => sheet.Rungs.Count > 0 ? text.Contains(',', StringComparison.Ordinal) : text.Split(',') is { Length: > 1 } pieces && pieces.All(x => !x.Trim().Contains(' ', StringComparison.Ordinal) || reader.AreLearntByHeart(x));

    // Words in which letters that stand above say what they say first.
    private bool AreMadeOfMet(IReadOnlyList<WrittenPart> read)
    {
        var met = sheet.Rungs.SelectMany(x => x.Parts).Where(x => x.Kind == WrittenKind.Grapheme).Select(x => x.Letters).ToHashSet();
        return read.All(x => words.FindWord(x.Letters) is { } word && words.Of(word).Readings[0].Segments.All(s => met.Contains(s.Correspondence.Grapheme.Text) && SoundChoice.IsMetFirst(s.Correspondence)));
    }

    // Words of which each is one a class must be told.
    private bool Tricky(IReadOnlyList<WrittenPart> read) => read.All(x => words.FindWord(x.Letters) is { } word && word.Rank < 2500);
}
