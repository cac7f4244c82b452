using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>Walks a sheet in the order in which it is taught and writes down what it says, row by row.</summary>
internal sealed class SheetReading
{
    private const int LongestHeading = 60, LongestTitle = 80, SentenceFrom = 4, TitleFrom = 3, LongestLesson = 6, Commonest = 300;

    private readonly SheetLayout _layout;
    private readonly PartReader _reader;
    private readonly SchoolWords _words;
    private readonly SheetPosition _at = new();
    private readonly CellReading _cells;

    // The rung that each column gave last: a row of words below it shows what it teaches.
    private readonly Dictionary<int, WrittenRung> _above = [];

    // The line before was a heading with its parts behind it.
    private bool _listed;

    private SheetReading(SheetLayout layout, PartReader reader, SchoolWords words)
    {
        (_layout, _reader, _words) = (layout, reader, words);
        _cells = new CellReading(layout, reader, _at, Leave);
    }

    public List<WrittenRung> Rungs { get; } = [];

    public List<LeftOut> LeftOut { get; } = [];

    public string Title { get; private set; } = "";

    public static SheetReading Of(SheetLayout layout, PartReader reader, SchoolWords words)
    {
        var reading = new SheetReading(layout, reader, words);
        foreach (var row in layout.Rows)
        {
            if (!layout.HeaderRows.Contains(row[0].Row))
            {
                reading.Row(row);
            }
        }

        return reading;
    }

    private Source From(SheetLayout.PlacedCell x) => x.From(_layout.Sheet);

    private void Leave(SheetLayout.PlacedCell cell, LeftOutReason reason) => LeftOut.Add(new LeftOut(From(cell), reason));

    private void Row(IReadOnlyList<SheetLayout.PlacedCell> row)
    {
        _at.NextRow();
        if (row.FirstOrDefault(x => IsTitle(x, row.Count == 1)) is { } title)
        {
            CalledBy(title);
            row = [.. row.Where(x => x != title)];
        }

        if (row.Count == 0)
        {
            return;
        }

        if (row.Count == 1 && Alone(row[0]))
        {
            return;
        }

        // A day off across a row, whatever else stands in it.
        if (row.Any(x => SheetWords.IsHoliday(x.Text)) && row.All(x => SheetWords.IsHoliday(x.Text) || SheetPosition.IsLabel(x, _layout)))
        {
            foreach (var cell in row.Where(x => SheetWords.IsHoliday(x.Text)))
            {
                Leave(cell, LeftOutReason.Holiday);
            }

            _at.Take(row, _layout);
            return;
        }

        if (SheetWords.AsideFor([.. row.Select(x => x.Text)]) is { } aside)
        {
            foreach (var cell in row)
            {
                Leave(cell, aside);
            }

            return;
        }

        _at.Take(row, _layout);
        var made = new List<WrittenRung>();
        // Scope and sequence | Grade K, over the headings, teaches no k.
        var parts = row.Where(x => IsPart(_layout.RoleAt(x.Column)) && !SheetWords.IsWeek(x.Text) && !(_layout.IsAboveAll(x) && SheetWords.IsSection(x.Text))).ToList();
        var shapes = _cells.ShapesAmong(parts);
        parts = [.. parts.Except(shapes)];
        WrittenRung? owner = null;
        if (RowLabel(row) is { } label && parts.Exists(x => _above.ContainsKey(x.Column)))
        {
            owner = Below(parts, SheetWords.RowRoleOf(label.Text)!.Value);
            row = [.. row.Where(x => x != label)];
            parts = [];
        }

        var byHeart = row.Any(x => _layout.RoleAt(x.Column) is ColumnRole.Notes or ColumnRole.LeftOut && SheetWords.SaysByHeart(x.Text, _layout.HeadingAt(x.Column)));
        foreach (var cell in parts)
        {
            var rungs = _cells.Of(cell, byHeart ? ColumnRole.TrickyWords : _layout.RoleAt(cell.Column));
            made.AddRange(rungs);
            if (rungs.Count > 0)
            {
                _above[cell.Column] = rungs[^1];
            }
        }

        owner ??= made.FirstOrDefault();
        foreach (var cell in row)
        {
            switch (_layout.RoleAt(cell.Column))
            {
                // Break, beside what its week teaches, is a word.
                case ColumnRole.TrickyWords when SheetWords.IsHoliday(cell.Text) && (made.Count == 0 || cell.Text.Trim().Contains(' ', StringComparison.Ordinal)):
                    Leave(cell, LeftOutReason.Holiday);
                    break;
                case ColumnRole.TrickyWords:
                    var tricky = SheetWords.NamesTrickyWords(cell.Text) ? [] : CellReading.TrickyIn(cell.Text);
                    if (tricky.Count > 0)
                    {
                        (owner ??= _at.Begin(made)).Tricky.AddRange(tricky);
                        owner.Sources.Add(From(cell));
                    }
                    else if (!SheetWords.IsCount(cell.Text) && !SheetWords.NamesTrickyWords(cell.Text))
                    {
                        Leave(cell, LeftOutReason.NotRead);
                    }

                    break;
                case ColumnRole.Words:
                    foreach (var rung in made)
                    {
                        rung.Words.AddRange(PartReader.WordsIn(cell.Text));
                        (rung.SharesWords, rung.Sound) = (made.Count > 1, rung.Sound.Length > 0 ? rung.Sound : _layout.SoundShown(cell, made, _words));
                    }

                    if (made.Count == 0)
                    {
                        Leave(cell, LeftOutReason.NotRead);
                    }

                    break;
                case ColumnRole.Sounds when made.Count > 0:
                    foreach (var rung in LessonWords.LessonOf(cell.Text) is null ? made : [])
                    {
                        rung.Sound = PartPatterns.Manner().Match(cell.Text) is { Success: true, Value: var manner } ? manner : SoundNames.WithItsWord(cell.Text, _words);
                    }

                    break;
                case ColumnRole.Days when made.Count > 0 && WrittenDays.Of(cell.Text, true) is { } days:
                    made.ForEach(x => x.Days = Math.Max(1, days / made.Count));
                    break;
                case ColumnRole.Days when owner is not null:
                    owner.Notes.Add(cell.Text);
                    break;
                case ColumnRole.Notes when owner is not null:
                case var _ when owner is not null && shapes.Contains(cell):
                    owner.Notes.Add(cell.Text);
                    break;
                case ColumnRole.LeftOut:
                    Leave(cell, SheetWords.IsCount(cell.Text) ? LeftOutReason.Count : LeftOutReason.Column);
                    break;
                case ColumnRole.Section or ColumnRole.Week or ColumnRole.Day or ColumnRole.Date or ColumnRole.Notes or ColumnRole.Sounds when LessonWords.LessonOf(cell.Text) is { } kind && made.Count == 0 && !IsSentence(cell.Text):
                    _at.Begin(made, From(cell)).Parts.Add(WrittenPart.Plain(WrittenKind.Lesson, cell.Text) with { Lesson = kind });
                    break;
                case ColumnRole.Days or ColumnRole.Sounds:
                case ColumnRole.Notes when !SheetPosition.IsLabel(cell, _layout):
                    Leave(cell, LeftOutReason.NotRead);
                    break;
            }
        }

        Rungs.AddRange(made);
    }

    // "Words", at the left of a row, in a column that nothing heads.
    private SheetLayout.PlacedCell? RowLabel(IReadOnlyList<SheetLayout.PlacedCell> row) => row.TakeWhile(x => !IsPart(_layout.RoleAt(x.Column)))
        .FirstOrDefault(x => _layout.HeadingAt(x.Column).Length == 0 && SheetWords.RowRoleOf(x.Text) is not null);

    // A row of words stands under the row of what they show; its first rung owns what else the row says.
    private WrittenRung Below(List<SheetLayout.PlacedCell> cells, ColumnRole role)
    {
        foreach (var cell in cells)
        {
            if (!_above.TryGetValue(cell.Column, out var rung))
            {
                Leave(cell, LeftOutReason.NotRead);
                continue;
            }

            (role == ColumnRole.Words ? rung.Words : rung.Tricky).AddRange(role == ColumnRole.Words ? PartReader.WordsIn(cell.Text) : CellReading.TrickyIn(cell.Text));
            rung.Sources.Add(From(cell));
        }

        return _above[cells.First(x => _above.ContainsKey(x.Column)).Column];
    }

    // What ends in its full stop and is so long is said to whoever reads the sheet.
    private static bool IsSentence(string text) => text.TrimEnd().EndsWith('.') && text.Split(' ').Length > LongestLesson;

    private void CalledBy(SheetLayout.PlacedCell cell)
    {
        Title = cell.Text.Trim() is { Length: <= LongestTitle } title ? title : "";
        Leave(cell, LeftOutReason.Title);
    }

    // What is written across the first row is what the sheet is called; Group: Wrens, over the headings, says whose it is.
    private bool IsTitle(SheetLayout.PlacedCell x, bool alone) => Rungs.Count == 0 && Title.Length == 0 && x.Text.Trim().Contains(' ', StringComparison.Ordinal) && !SheetWords.IsSection(x.Text) && !SheetWords.IsWeek(x.Text)
        && (x.Cell is { Row: 1, Columns: > 2 } || (alone && _layout.Columns.Count > 1 && _layout.IsAboveAll(x) && x.Text.Contains(':', StringComparison.Ordinal) && SheetWords.Labelled(x.Text) is null && !_reader.Read(x.Text).Any(p => p.Kind == WrittenKind.Grapheme)));

    // A row of one cell: a heading, a day off, a label with what belongs to it, or a rung of a plain list.
    private bool Alone(SheetLayout.PlacedCell cell)
    {
        var text = cell.Text.Trim();
        if (SheetWords.IsHoliday(text) && !Teaches(text))
        {
            Leave(cell, LeftOutReason.Holiday);
            return true;
        }

        // "Unit 1: m o b t" is a heading and what stands under it, in one.
        if (_layout.Columns.Count == 1 && SheetWords.Labelled(text) is var (label, rest) && (((SheetWords.IsWeek(label) || _listed) && LessonWords.LessonOf(rest) is not null) || ((SheetWords.IsWeek(label) || SheetWords.IsSection(label)) && Teaches(rest))))
        {
            _listed = true;
            return AddAlone(cell, ColumnRole.Parts);
        }

        _listed = false;
        if (SheetWords.IsWeek(text))
        {
            _at.Week = text;
            return true;
        }

        if (SheetWords.WeekdayOf(text) > 0)
        {
            return true;
        }

        // "Then:" announces what follows.
        if (text.EndsWith(':'))
        {
            if (Rungs.Count > 0 && text.Length <= LongestHeading && text.Split(' ').Length > 1)
            {
                _at.Enter(text.TrimEnd(':'));
            }
            else
            {
                Leave(cell, LeftOutReason.Title);
            }

            return true;
        }

        if (SheetWords.IsCount(text))
        {
            Leave(cell, LeftOutReason.Count);
            return true;
        }

        if (SheetWords.IsSection(text) || (_layout.Columns.Count == 1 && SheetWords.HeadsWords(text)))
        {
            _at.Enter(text);
            return true;
        }

        var role = _layout.RoleAt(cell.Column);
        var wide = _layout.Columns.Count > 1;
        if (wide && role == ColumnRole.Sounds)
        {
            return false;
        }

        if (Rungs.Count == 0 && cell.Row == 1 && Title.Length == 0 && PartReader.WithoutBrackets(text).Trim().Split(' ') is { Length: > 1 } words && words.All(x => x.All(char.IsAsciiDigit) || (char.IsAsciiLetter(x[^1]) && _words.FindWord(x) is not null))
            && (words.All(x => x.Length > 2) || (words.Length > TitleFrom && words.Any(x => !_reader.IsLearntByHeart(x.ToLowerInvariant())))))
        {
            Title = text;
            Leave(cell, LeftOutReason.Title);
            return true;
        }

        if (text.Contains('\n', StringComparison.Ordinal) || SheetLines.Of(text).Any(x => SheetWords.Labelled(x) is not null) || (LessonWords.LessonOf(text) is not null && !_layout.IsAboveAll(cell)) || LessonWords.StructuresOf(text).Count > 0)
        {
            return !wide && AddAlone(cell, role);
        }

        var read = _reader.Read(text, IsPart(role) ? role : ColumnRole.Parts);
        var isParts = read.Count > 0 && read.All(x => x.Kind is not (WrittenKind.Kept or WrittenKind.Word) || x.IsTaught);
        var isWords = read.Count > 0 && read.All(x => x.Kind == WrittenKind.Word || x.MayBeWord);
        if (wide && (IsPart(role) || role == ColumnRole.TrickyWords) && cell.Cell.Columns == 1 && (isParts || isWords))
        {
            return false;
        }

        // A whole sentence is talk: dear all, here is the order; thank you for your support.
        if (isWords && (SheetWords.IsCourtesy(text) || (text[^1] is '.' or '!' && text.Split(' ').Length > SentenceFrom)))
        {
            Leave(cell, Rungs.Count == 0 ? LeftOutReason.Title : LeftOutReason.NotRead);
            return true;
        }

        if (!wide && (isParts || read.Any(x => x.Kind == WrittenKind.Grapheme)) || (!wide && isWords && Tricky(read)))
        {
            return AddAlone(cell, role);
        }

        // Above the headings, or first of all: what the sheet is called.
        if (Rungs.Count == 0 && _at.Section.Length == 0 && (Title.Length == 0) && (_layout.HeaderRows.Count == 0 ? cell.Row == 1 && !SheetWords.IsSection(text) : _layout.IsAboveAll(cell)))
        {
            CalledBy(cell);
            return true;
        }

        if (text.Length <= LongestHeading && (role != ColumnRole.Notes || !wide || cell.Cell.Columns > 1 || cell.Column == _layout.Columns[0].Column) && role != ColumnRole.LeftOut && !text.EndsWith('.'))
        {
            _at.Enter(text);
            return true;
        }

        Leave(cell, Rungs.Count == 0 ? LeftOutReason.Title : LeftOutReason.NotRead);
        return true;
    }

    private bool AddAlone(SheetLayout.PlacedCell cell, ColumnRole role)
    {
        Rungs.AddRange(_cells.Of(cell, IsPart(role) ? role : ColumnRole.Parts));
        return true;
    }

    // Parts, or words in a list; words that make a phrase say what the section is about.
    private bool Teaches(string text) => _reader.Read(text) is var read && (read.Any(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.WordEnd or WrittenKind.Cluster or WrittenKind.RimeUnit or WrittenKind.Structure or WrittenKind.Print)
        || (read.Any(x => x.Kind == WrittenKind.Word) && (text.Contains(',', StringComparison.Ordinal) || (read.Count < SentenceFrom && read.All(x => x.Kind != WrittenKind.Word || _words.FindWord(x.Letters) is { Rank: < Commonest })))));

    // Words of which each is one a class must be told.
    private bool Tricky(IReadOnlyList<WrittenPart> read) => read.All(x => _words.FindWord(x.Letters) is { } word && word.Rank < 2500);

    private static bool IsPart(ColumnRole role) => role is ColumnRole.Parts or ColumnRole.Endings or ColumnRole.Clusters or ColumnRole.RimeUnits;
}
