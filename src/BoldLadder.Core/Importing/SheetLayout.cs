using BoldLadder.Core.Words;
using static BoldLadder.Core.Importing.ColumnContents;

namespace BoldLadder.Core.Importing;

/// <summary>A column of a sheet and what it was taken to hold.</summary>
/// <param name="Column">From 1; of the sheet turned round, when weeks stand side by side.</param>
/// <param name="Heading">What stands over it, if anything does.</param>
/// <param name="Examples">The first few different things in it.</param>
/// <param name="Told">A person said what it holds.</param>
/// <param name="Choices">What it may hold, likeliest first, when neither its heading nor what stands in it settles that and a person has to be asked; empty when it is settled.</param>
public sealed record SheetColumn(int Column, string Heading, ColumnRole Role, IReadOnlyList<string> Examples, bool Told, IReadOnlyList<ColumnRole> Choices);

/// <summary>
/// How a sheet is laid out: which of its columns hold what, found by their headings and, where those say nothing, by what
/// stands in them. A sheet whose weeks stand side by side is read turned round.
/// </summary>
public sealed class SheetLayout
{
    private const int MostExamples = 4, PhraseFrom = 3, Joining = 50, ShortLesson = 20;

    private SheetLayout(string sheet, IReadOnlyList<IReadOnlyList<PlacedCell>> rows, IReadOnlyList<SheetColumn> columns, bool turned, bool days, IReadOnlySet<int> headers, SheetDates dates) =>
        (Sheet, Rows, Columns, Turned, DayColumns, HeaderRows, Dates) = (sheet, rows, columns, turned, days, headers, dates);

    /// <summary>How its dates are written.</summary>
    internal SheetDates Dates { get; }

    /// <summary>A cell where the reading finds it, with the cell it came from.</summary>
    internal sealed record PlacedCell(int Row, int Column, SheetCell Cell)
    {
        public string Text => Cell.Text;

        public Source From(string sheet) => new(sheet, Cell.Address, Cell.Text);
    }

    public string Sheet { get; }

    public IReadOnlyList<SheetColumn> Columns { get; }

    /// <summary>Weeks or terms stand side by side.</summary>
    public bool Turned { get; }

    /// <summary>Each row is a week, with a day in each column.</summary>
    public bool DayColumns { get; }

    /// <summary>The sound that each column is of, where terms stand side by side and the rows are sounds.</summary>
    internal IReadOnlyDictionary<int, string> SoundsAcross { get; private init; } = new Dictionary<int, string>();

    /// <summary>The week that each column is, where terms stand side by side and the rows are weeks.</summary>
    internal IReadOnlyDictionary<int, string> WeeksAcross { get; private init; } = new Dictionary<int, string>();

    /// <summary>What stands alone above lists side by side.</summary>
    internal IReadOnlyList<PlacedCell> Titles { get; private init; } = [];

    /// <summary>What the layout is known by when it is met again: its headings.</summary>
    public string Signature => string.Join('|', Columns.Select(x => x.Heading.Trim().ToLowerInvariant()));

    internal IReadOnlyList<IReadOnlyList<PlacedCell>> Rows { get; }

    internal IReadOnlySet<int> HeaderRows { get; }

    /// <summary>True above the headings, where a sheet says what it is called: catch-up phonics.</summary>
    internal bool IsAboveAll(PlacedCell cell) => HeaderRows.Count > 0 && cell.Row < HeaderRows.Min();

    /// <summary>The dates of a column stand a week apart, or further: each is that of a week.</summary>
    internal bool IsOfWeeks(int column) => OfWeeks.Contains(column);
    private HashSet<int> OfWeeks => field ??= [.. Rows.SelectMany(x => x).GroupBy(x => x.Column)
        .Where(x => x.Select(c => Dates.In(c.Text, RoleAt(x.Key))).OfType<DateOnly>().Distinct().ToList() is { Count: >= FilledDays.FewestWeeks } dates && FilledDays.AreOfWeeks(dates)).Select(x => x.Key)];

    /// <summary>True for a column of the years that a class goes through, and more than one of them.</summary>
    internal bool HasYears(int column) => OfYears.Contains(column);
    private HashSet<int> OfYears => field ??= [.. Rows.SelectMany(x => x).Where(x => SheetWords.NamesYear(x.Text)).GroupBy(x => x.Column, x => x.Text.Trim()).Where(x => x.Distinct().Count() > 1).Select(x => x.Key)];

    internal string HeadingAt(int column) => Columns.FirstOrDefault(x => x.Column == column)?.Heading ?? "";

    internal ColumnRole RoleAt(int column) => Columns.FirstOrDefault(x => x.Column == column)?.Role ?? ColumnRole.LeftOut;

    /// <param name="cells">What is seen of the sheet.</param>
    /// <param name="told">Roles that a person gave, by column.</param>
    /// <param name="yearBegins">The first day of the school's year, in which days without a year lie.</param>
    public static SheetLayout Of(string sheet, IReadOnlyList<SheetCell> cells, PartReader reader, SchoolWords words, IReadOnlyDictionary<int, ColumnRole> told, DateOnly? yearBegins)
    {
        var lists = SheetDirection.ListsAcross(cells, reader);
        var turned = lists || (SheetDirection.WeeksAcross(cells) && Repeated([.. cells.Select(x => new PlacedCell(x.Row, x.Column, x))]) is null);
        var titles = lists ? SheetDirection.TitlesOf(cells, reader) : [];
        var placed = cells.Except(titles).Select(x => turned ? new PlacedCell(x.Column, x.Row, x) : new PlacedCell(x.Row, x.Column, x)).ToList();
        var weeks = turned ? WeeksOver(TopOf(placed)) : [];
        placed = turned ? Unfolded(Unnumbered(placed)) : Halved(Unfolded(placed));
        var sounds = SoundsOver(placed, turned, reader, words);
        var over = SoundRowOf(placed, turned);
        var beside = sounds.Count > 0 ? over.Where(x => SheetDirection.IsBeside(x.Text) && SheetHeadings.RoleOf(x.Text) is not null).ToDictionary(x => x.Column, x => SheetHeadings.RoleOf(x.Text)!.Value) : [];
        placed = sounds.Count > 0 ? [.. placed.Except(over)] : placed;
        var rows = placed.GroupBy(x => x.Row).OrderBy(x => x.Key).Select(x => (IReadOnlyList<PlacedCell>)[.. x.OrderBy(c => c.Column)]).ToList();
        var header = rows.Find(x => !turned && SheetDirection.LargerDown(cells, [.. x.Select(c => c.Cell)])) ?? (turned ? SheetHeader.OfTerms(rows) : null) ?? SheetHeader.Of(rows, reader);
        var headers = rows.Where(x => header is not null && SheetHeader.ComesAgain(x, header)).Select(x => x[0].Row).ToHashSet();
        var days = header is not null && header.Count(x => SheetWords.HeadsDay(x.Text)) >= 3;
        // "Tricky | he | she", under "Set 1 | m | o": what a row says of itself says nothing of its columns.
        var leftmost = placed.Select(x => x.Column).DefaultIfEmpty().Min();
        var labelled = rows.Where(x => x.Count > 1 && x[0].Column == leftmost && SheetHeadings.RowRoleOf(x[0].Text) is not null).ToList();
        labelled = header is null && labelled.Count * 2 < rows.Count ? labelled : [];
        var body = rows.Where(x => (!headers.Contains(x[0].Row) && x.Count > 1 && !labelled.Contains(x)) || rows.Max(r => r.Count) == 1).SelectMany(x => x).Where(x => header is null || x.Row > header[0].Row).ToLookup(x => x.Column);
        var columns = new List<SheetColumn>();
        foreach (var column in placed.Select(x => x.Column).Distinct().Order())
        {
            var heading = HeadingOf(column, header, rows);
            var isTold = told.TryGetValue(column, out var role);
            columns.Add(new SheetColumn(column, heading, isTold || beside.TryGetValue(column, out role) ? role : lists && columns.Count == 0 ? ColumnRole.Section : header is null && GoesOver([.. body[column].Select(x => x.Text)], reader) ? ColumnRole.Parts : Guess(heading, [.. body[column].Select(x => x.Text)], reader, words, turned), [.. body[column].Select(x => x.Text).Distinct().Take(MostExamples)], isTold, []));
        }

        var contents = new ColumnContents(placed, headers, reader);
        var settled = SettledColumns.Of(columns, contents, words);
        return new SheetLayout(sheet, rows, [.. settled.Select(x => x with { Choices = ColumnDoubts.Of(x, settled, contents, words) })], turned, days, headers, SheetDates.Of(cells, words, yearBegins)) { SoundsAcross = sounds, WeeksAcross = weeks, Titles = [.. titles.Select(x => new PlacedCell(x.Row, x.Column, x))] };
    }

    // "Tricky words" over "Read | Spell": both are of tricky words.
    private static string HeadingOf(int column, IReadOnlyList<PlacedCell>? header, List<IReadOnlyList<PlacedCell>> rows)
    {
        var heading = header?.FirstOrDefault(x => x.Column == column)?.Text ?? "";
        var above = header is null ? null : rows.Find(x => x.Count > 1 && x[0].Row == header[0].Row - 1)?.LastOrDefault(x => x.Column <= column);
        return above is not null && SheetHeadings.RoleOf(above.Text) == ColumnRole.TrickyWords && SheetHeadings.RoleOf(heading) is ColumnRole.Words or ColumnRole.Parts ? $"{above.Text.Trim()} {heading}" : heading;
    }

    // "Sound | Autumn | Spring", and below it "ai (rain) | ai | ay"; "Year 1 | /ai/ | /ee/", and below it the weeks: the
    // spellings of one sound, as they come.
    private static Dictionary<int, string> SoundsOver(List<PlacedCell> cells, bool turned, PartReader reader, SchoolWords words)
    {
        var first = SoundRowOf(cells, turned).FindAll(x => turned || !SheetDirection.IsBeside(x.Text));
        var sounds = first.Skip(1).ToList();
        return sounds.Count > 1 && (turned ? SheetHeadings.NamesSound(first[0].Text) : sounds.TrueForAll(x => PartPatterns.IsInStrokes(x.Text))) && sounds.TrueForAll(x => reader.Read(x.Text) is [{ Kind: WrittenKind.Grapheme }]) ? sounds.ToDictionary(x => x.Column, x => reader.Read(x.Text)[0] is var part && SoundOf(part, words) is { } said ? said : part.Letters) : [];
    }

    private static Dictionary<int, string> WeeksOver(List<PlacedCell> top)
    {
        var counted = top is [var label, ..] && SheetHeadings.RoleOf(label.Text) == ColumnRole.Week;
        return top.Where(x => SheetWords.IsWeek(x.Text) || (counted && SheetWords.IsOrdinal(x.Text))).ToDictionary(x => x.Column, x => SheetWords.IsWeek(x.Text) ? x.Text.Trim() : $"Week {x.Text.Trim()}");
    }

    // Its sounds stand at the left of a sheet that was turned, or at its right.
    private static List<PlacedCell> SoundRowOf(List<PlacedCell> cells, bool turned) =>
        TopOf(cells) is var top && turned && !SheetHeadings.NamesSound(top[0].Text) && RowAt(cells, cells.Max(x => x.Row)) is var last && SheetHeadings.NamesSound(last[0].Text) ? last : top;

    private static List<PlacedCell> TopOf(List<PlacedCell> cells) => RowAt(cells, cells.Select(x => x.Row).DefaultIfEmpty().Min());

    private static List<PlacedCell> RowAt(List<PlacedCell> cells, int row) => [.. cells.Where(x => x.Row == row).OrderBy(x => x.Column)];

    /// <summary>The sound that a word shows of the spellings beside it, where a heading says that they have one: <i>sound as in</i>. Empty elsewhere.</summary>
    internal string SoundShown(PlacedCell word, IReadOnlyList<WrittenRung> row, SchoolWords words) => row.Sum(x => x.Parts.Count) > 1 && Columns.Any(x => SheetHeadings.SaysOneSound(x.Heading))
        ? row.SelectMany(x => x.Parts).Select(x => SoundOf(x with { Sounds = [], Words = [word.Text.Trim().ToLowerInvariant()] }, words)).FirstOrDefault(x => x is not null) ?? "" : "";

    private static string? SoundOf(WrittenPart part, SchoolWords words) => part.Sounds is [var said, ..] ? said
        : part.Words.Select(words.Find).OfType<SchoolWord>().SelectMany(x => x.Readings[0].Segments).Select(x => x.Correspondence).Where(x => x.Grapheme.Text == part.Letters).Select(x => SoundNames.Exactly(x.Sound)).FirstOrDefault();

    // Two tables side by side are one below the other: the headings come again, after a column of numbers or without one.
    private static List<PlacedCell> Unfolded(List<PlacedCell> cells)
    {
        if (Repeated(cells) is not var (top, starts, lead))
        {
            return cells;
        }

        var last = cells.Max(x => x.Row);
        var unfolded = new List<PlacedCell>();
        foreach (var cell in cells)
        {
            var block = starts.FindLastIndex(x => x <= cell.Column);
            if (block <= 0)
            {
                unfolded.Add(cell);

                // What numbers the rows numbers them in each table.
                unfolded.AddRange(cell.Column == lead && cell.Row >= top ? starts.Skip(1).Select((_, i) => cell with { Row = cell.Row + ((i + 1) * last) }) : []);
                continue;
            }

            unfolded.Add(cell with { Row = cell.Row + (block * last), Column = cell.Column - starts[block] + starts[0] });
        }

        return unfolded;
    }

    // What numbered or dated the rows of a sheet that was turned round would be a row that teaches nothing.
    private static List<PlacedCell> Unnumbered(List<PlacedCell> cells)
    {
        var first = TopOf(cells);
        return first.Count > 2 && SheetHeadings.IsCounted(first[0].Text) && first.Skip(1).All(x => SheetWords.IsOrdinal(x.Text) || SheetWords.IsDayOfDiary(x.Text)) ? [.. cells.Except(first)] : cells;
    }

    // Two halves of a term side by side, each a column under its name, and so on down the sheet: one below the other.
    private static List<PlacedCell> Halved(List<PlacedCell> cells)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Select(x => x.OrderBy(c => c.Column).ToList()).ToList();
        bool IsHeads(List<PlacedCell> row) => row.Count == 2 && row.TrueForAll(x => SheetWords.NamesTerm(x.Text));
        if (!rows.Exists(IsHeads) || cells.Select(x => x.Column).Distinct().Count() != 2)
        {
            return cells;
        }

        var (placed, at) = (new List<PlacedCell>(), 0);
        for (var i = 0; i < rows.Count; i++)
        {
            var block = IsHeads(rows[i]) ? [rows[i], .. rows.Skip(i + 1).TakeWhile(x => !IsHeads(x) && !(x.Count == 1 && SheetWords.IsSection(x[0].Text)))] : (List<List<PlacedCell>>)[rows[i]];
            foreach (var column in IsHeads(rows[i]) ? block.SelectMany(x => x).GroupBy(x => x.Column).OrderBy(x => x.Key).Select(x => x.ToList()) : [rows[i]])
            {
                placed.AddRange(column.Select(x => x with { Row = IsHeads(rows[i]) ? ++at : at + 1, Column = IsHeads(rows[i]) ? rows[i][0].Column : x.Column }));
            }

            at += IsHeads(rows[i]) ? 0 : 1;
            i += block.Count - 1;
        }

        return placed;
    }

    // The row whose headings come again, the column each time begins at, and the column that numbers the rows, or 0.
    private static (int Top, List<int> Starts, int Lead)? Repeated(IReadOnlyList<PlacedCell> cells)
    {
        foreach (var row in cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Take(SheetDirection.LastHeaderRow).Select(x => x.OrderBy(c => c.Column).ToList()))
        {
            // Week 6 | review | assess | review | assess heads nothing.
            for (var lead = 0; lead <= 1 && row.Count >= 4 + lead && !SheetWords.IsWeek(row[0].Text); lead++)
            {
                var names = row.Skip(lead).Select(x => x.Text.Trim().ToLowerInvariant()).ToList();
                var width = names.FindIndex(1, x => x == names[0]);
                if (width >= 2 && SheetHeadings.RoleOf(names[0]) is not null && names.Count % width == 0 && !names.Where((x, i) => x != names[i % width]).Any())
                {
                    return (row[0].Row, [.. row.Skip(lead).Where((_, i) => i % width == 0).Select(x => x.Column)], lead == 0 ? 0 : row[0].Column);
                }
            }
        }

        return null;
    }

    private static ColumnRole Guess(string heading, IReadOnlyList<string> texts, PartReader reader, SchoolWords words, bool turned)
    {
        // Of a year's term, in a sheet turned round: what is taught in it, though little is in Nursery.
        if (SheetWords.HeadsDay(heading) || SheetWords.IsWeek(heading) || (turned && SheetWords.NamesTerm(heading)))
        {
            return ColumnRole.Parts;
        }

        if (SheetHeadings.SaysWhen(heading) && WhenIn(heading, texts) is { } when)
        {
            return when;
        }

        var named = heading.Length > 0 ? SheetHeadings.RoleOf(heading) : null;
        if (named == ColumnRole.TrickyWords && texts.All(SheetWords.IsTick) && texts.Any(SheetWords.IsYes))
        {
            // Irregular: yes. What stands beside the tick is learnt by heart.
            return ColumnRole.LeftOut;
        }

        if (texts.Count > 1 && texts.All(SheetWords.IsReference))
        {
            return ColumnRole.LeftOut;
        }

        if (named is ColumnRole.Parts or ColumnRole.Sounds && texts.Count > 3 && texts.All(SheetWords.IsTick) && texts.Distinct().Count() * 2 <= texts.Count)
        {
            // Letter name taught? y, y, n.
            return ColumnRole.LeftOut;
        }

        if (named is { } role && !(role is ColumnRole.Section or ColumnRole.Day && !Lettered(texts) && !AreDays(texts) && Mostly(texts, x => !SheetWords.IsOrdinal(x) && !SheetWords.IsSection(x) && !SheetWords.NamesSet(x) && (reader.LooksLikePart(x) || SheetLines.SaysNew(x))) && texts.Distinct().Count() * 2 > texts.Count))
        {
            return role == ColumnRole.Day && Mostly(texts, SheetDates.IsDate) ? ColumnRole.Date
                : role == ColumnRole.Day && Mostly(texts, SheetWords.NamesSet) ? ColumnRole.Section
                // Days: 1, 1, 2 says how many; 1, 2, 3 says which, and so do Monday and Tuesday.
                : role == ColumnRole.Days ? (texts.Count > 0 && texts.All(x => WrittenDays.Of(x, true) is not null) && !AreWhich(texts) ? role : ColumnRole.Day)
                // Weeks: 7, 6, 7 says how many too; 7, 8, 9 says which.
                : role == ColumnRole.Week && SheetHeadings.CountsWeeks(heading) && AreHowMany(texts) ? ColumnRole.Days
                // Families of letters by how they are written, or of anything else: they head what stands beside them.
                : role is ColumnRole.RimeUnits && (Mostly(texts, PartPatterns.Manner.IsMatch) || texts.All(PartPatterns.IsInStrokes)) ? ColumnRole.Sounds
                : role is ColumnRole.RimeUnits && (texts.All(SheetWords.NamesFamily) || Mostly(texts, x => char.IsAsciiLetterUpper(x[0]) && x.Length > 3 && words.FindWord(x.Split(' ', ',', '-')[0]) is not null) || (texts.Distinct().Count() < texts.Count && texts.All(x => PartReader.WordsIn(x) is [{ Length: > 3 }] && x[0] != '-'))) ? ColumnRole.Section
                // Taught: ticks, or what was.
                : role is ColumnRole.LeftOut && texts.Distinct().Count() is var different && different > 2 && Share(texts, x => reader.LooksLikePart(x) && !SheetWords.IsTick(x)) is var letters && (letters == 1 || (different > 3 && letters >= 0.6)) ? ColumnRole.Parts
                // Ways to spell it: what stands there is letters, whatever the word spell is used for elsewhere.
                : role is ColumnRole.Words && texts.Count > 2 && !texts.All(SheetWords.IsTick) && Share(texts, reader.LooksLikePart) >= 0.8 ? ColumnRole.Parts
                // A column called skill, or type, that holds parts and little else is what is taught.
                : role == ColumnRole.Notes && SheetHeadings.IsLoose(heading) && Mostly(texts, reader.LooksLikePart) ? ColumnRole.Parts : role;
        }

        // Common words, where terms stand side by side: it says of the next columns what they hold.
        return texts.Count == 0 || texts.All(SheetWords.NamesTrickyWords) || SaysOfRows(texts) ? ColumnRole.LeftOut
            : Mostly(texts, SheetWords.IsWeek) ? ColumnRole.Week
            : Mostly(texts, x => WrittenDays.Of(x) is not null) ? ColumnRole.Days
            : Mostly(texts, x => SheetDates.IsDate(x) || SheetWords.IsDayOfDiary(x)) ? ColumnRole.Date
            : Mostly(texts, x => SheetWords.IsOrdinal(x) || SheetWords.WeekdayOf(x) > 0) ? ColumnRole.Day
            : Mostly(texts, SheetWords.IsCount) || (texts.Distinct().Count() < texts.Count && texts.All(SheetWords.IsTick)) ? ColumnRole.LeftOut
            : Mostly(texts, SheetWords.IsSection) || AreStages(texts) ? ColumnRole.Section
            : Mostly(texts, x => SheetWords.LabelsTrickyWords(x.Split('\n')[0])) ? ColumnRole.TrickyWords
            // c, k; recap; assess: parts, and days that go over them.
            : texts.Any(reader.LooksLikePart) && texts.All(x => reader.LooksLikePart(x) || SheetWords.IsWeek(x) || (x.Length <= ShortLesson && LessonWords.LessonOf(x) is not null)) ? ColumnRole.Parts
            : Share(texts, x => SheetLines.WithoutWeekdays(x).Any(reader.LooksLikePart)) >= 0.4 ? ColumnRole.Parts
            // The I to no; he she we me.
            : texts.All(x => !x.Contains(',', StringComparison.Ordinal) && reader.Read(x).Count > 2 && reader.AreLearntByHeart(x)) ? ColumnRole.TrickyWords
            : Mostly(texts, IsPhrase) || Share(texts, x => IsTalk(x, words)) >= 0.5 ? ColumnRole.Notes
            : Mostly(texts, x => PartReader.WordsIn(x) is { Count: > 0 and <= 14 } all && all.All(w => words.FindWord(w) is not null)) ? ColumnRole.Words
            : texts.Any(reader.LooksLikePart) && Share(texts, x => reader.Read(x).All(p => p.Kind != WrittenKind.Kept)) >= 0.6 ? ColumnRole.Parts
            : ColumnRole.Notes;
    }

    // Sounds, Words, Tricky, and again, beside weeks: what each row is of.
    private static bool SaysOfRows(IReadOnlyList<string> texts) => texts.Count > 3 && texts.Distinct().Count() * 2 <= texts.Count && texts.All(x => SheetHeadings.RoleOf(x) is ColumnRole.Parts or ColumnRole.Sounds or ColumnRole.Words or ColumnRole.TrickyWords or ColumnRole.Notes);

    // Acorn, Acorn, Sapling, Sapling: a name for each stage, and its rows together.
    private static bool AreStages(IReadOnlyList<string> texts) => texts.Distinct().Count() is var names && names > 1 && texts.Count >= 2 * names && texts.All(x => x.Length > 2 && char.IsAsciiLetterUpper(x[0]))
        && texts.Where((x, i) => i == 0 || x != texts[i - 1]).Count() == names;

    // In a sheet without headings every term ends in its assessment, or in a word to learn.
    private static bool GoesOver(IReadOnlyList<string> texts, PartReader reader)
    {
        bool IsLesson(string text) => text.Length <= ShortLesson && LessonWords.LessonOf(text) is not null && !text.Contains(':', StringComparison.Ordinal);
        var days = texts.Where(x => !SheetWords.IsWeek(x)).ToList();
        return days.Count > 1 && days.Exists(x => IsLesson(x) && !reader.IsLearntByHeart(x.ToLowerInvariant())) && days.TrueForAll(x => IsLesson(x) || (x.Length > 1 && reader.IsLearntByHeart(x)));
    }

    // On the move, All about me: what a week is called, and no words in a row.
    private static bool IsPhrase(string text) => text.Trim().Split(' ') is { Length: > 1 } words && char.IsAsciiLetterUpper(words[0][0]) && words.Skip(1).All(x => x.Length > 0 && x.All(char.IsAsciiLetterLower));

    // Use the sand tray: what somebody is to do, and no words to be read.
    private static bool IsTalk(string text, SchoolWords words) => !text.AsSpan().ContainsAny(",;/\n|")
        && (SheetWords.SaysWhatTheyDo(text) || (PartReader.WordsIn(text) is { Count: >= PhraseFrom } all && all.Any(x => x.Length > 1 && words.FindWord(x) is { Rank: < Joining })));

    // Numbers that count on, all through the sheet or from each week anew, say which day it is.
    private static bool AreWhich(IReadOnlyList<string> texts)
    {
        var numbers = texts.Select(x => SheetWords.IsOrdinal(x) ? WrittenDays.Of(x, true) : null).ToList();
        return numbers.Count > 2 && numbers[0] == 1 && numbers.TrueForAll(x => x is not null) && numbers.Zip(numbers.Skip(1)).All(x => x.Second == x.First + 1 || x.Second == 1) && numbers.Max() > 2 && numbers.Count(x => x == 1) * 2 < numbers.Count;
    }

    // Numbers that do not rise from row to row, and do not begin again from one.
    private static bool AreHowMany(IReadOnlyList<string> texts)
    {
        var numbers = texts.Select(x => WrittenDays.Of(x, true)).ToList();
        return numbers.Count > 1 && numbers.TrueForAll(x => x is not null) && !AreWhich(texts) && numbers.Zip(numbers.Skip(1)).Any(x => x.Second <= x.First);
    }

    // Under a heading that says so: M, T, W, Th, F, and again.
    private static bool AreDays(IReadOnlyList<string> texts) => texts.Count > 3 && texts.Distinct().Count() > 2 && texts.All(x => x.Trim() is "M" or "T" or "Tu" or "W" or "Th" or "F");

    private static ColumnRole? WhenIn(string heading, IReadOnlyList<string> texts) => Mostly(texts, x => SheetDates.IsDate(x) || SheetWords.IsDayOfDiary(x)) ? ColumnRole.Date
        : Mostly(texts, SheetWords.IsWeek) || (heading.Contains("week", StringComparison.OrdinalIgnoreCase) && Mostly(texts, SheetWords.IsOrdinal)) ? ColumnRole.Week
        : Mostly(texts, SheetWords.IsSection) ? ColumnRole.Section : null;

    // Set A, A, A, B, B, and a total below: letters that name sets, one after another, are no letters to be taught.
    private static bool Lettered(IReadOnlyList<string> texts) => texts.Where(x => !SheetWords.IsCount(x)).ToList() is { Count: > 2 } names && names.TrueForAll(x => x.Trim() is [>= 'A' and <= 'Z'])
        && names.Select(x => x.Trim()[0]).Distinct().Select((x, i) => x - 'A' == i).All(x => x);
}
