using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>Walks a sheet in the order in which it is taught and writes down what it says, row by row.</summary>
internal sealed class SheetReading
{
    /// <summary>From so many parts in one cell each is a rung of its own: nobody teaches four on a day.</summary>
    private const int EachItsOwn = 4;

    private const int LongestHeading = 60;

    private readonly SheetLayout _layout;
    private readonly PartReader _reader;
    private readonly SchoolWords _words;
    private string _section = "", _week = "", _headingSound = "", _ownWeek = "";
    private bool _dayGiven;
    private DateOnly? _date;

    private SheetReading(SheetLayout layout, PartReader reader, SchoolWords words) => (_layout, _reader, _words) = (layout, reader, words);

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

    private Source From(SheetLayout.PlacedCell x) => new(_layout.Sheet, x.Cell.Address, x.Text);

    private void Leave(SheetLayout.PlacedCell cell, LeftOutReason reason) => LeftOut.Add(new LeftOut(From(cell), reason));

    private void Row(IReadOnlyList<SheetLayout.PlacedCell> row)
    {
        (_ownWeek, _dayGiven, _date) = ("", false, null);
        if (row.Count == 1 && Alone(row[0]))
        {
            return;
        }

        // A day off across a row, whatever else stands in it.
        if (row.Any(x => SheetWords.IsHoliday(x.Text)) && row.All(x => SheetWords.IsHoliday(x.Text) || IsLabel(x)))
        {
            foreach (var cell in row.Where(x => SheetWords.IsHoliday(x.Text)))
            {
                Leave(cell, LeftOutReason.Holiday);
            }

            Labels(row);
            return;
        }

        if (row.Any(x => x.Text.Trim().StartsWith("total", StringComparison.OrdinalIgnoreCase) || x.Text.Trim().StartsWith("sub-total", StringComparison.OrdinalIgnoreCase)))
        {
            foreach (var cell in row)
            {
                Leave(cell, LeftOutReason.Count);
            }

            return;
        }

        Labels(row);
        var made = new List<WrittenRung>();
        foreach (var cell in row.Where(x => IsPart(_layout.RoleAt(x.Column))))
        {
            made.AddRange(Cell(cell, _layout.RoleAt(cell.Column)));
        }

        var owner = made.FirstOrDefault();
        foreach (var cell in row)
        {
            switch (_layout.RoleAt(cell.Column))
            {
                case ColumnRole.TrickyWords when SheetWords.IsHoliday(cell.Text):
                    Leave(cell, LeftOutReason.Holiday);
                    break;
                case ColumnRole.TrickyWords:
                    var tricky = TrickyIn(cell.Text);
                    if (tricky.Count > 0)
                    {
                        (owner ??= Begin(made)).Tricky.AddRange(tricky);
                        owner.Sources.Add(From(cell));
                    }
                    else if (!SheetWords.IsCount(cell.Text))
                    {
                        Leave(cell, LeftOutReason.NotRead);
                    }

                    break;
                case ColumnRole.Words:
                    foreach (var rung in made)
                    {
                        rung.Words.AddRange(PartReader.WordsIn(cell.Text));
                        rung.SharesWords = made.Count > 1;
                    }

                    if (made.Count == 0)
                    {
                        Leave(cell, LeftOutReason.NotRead);
                    }

                    break;
                case ColumnRole.Sounds:
                    foreach (var rung in made)
                    {
                        rung.Sound = cell.Text;
                    }

                    break;
                case ColumnRole.Notes when owner is not null:
                    owner.Notes.Add(cell.Text);
                    break;
                case ColumnRole.Notes when !IsLabel(cell):
                    Leave(cell, LeftOutReason.NotRead);
                    break;
                case ColumnRole.LeftOut:
                    Leave(cell, SheetWords.IsCount(cell.Text) ? LeftOutReason.Count : LeftOutReason.Column);
                    break;
                case ColumnRole.Section or ColumnRole.Week or ColumnRole.Day or ColumnRole.Date when SheetWords.LessonOf(cell.Text) is { } kind && made.Count == 0:
                    Begin(made, From(cell)).Parts.Add(WrittenPart.Plain(WrittenKind.Lesson, cell.Text) with { Lesson = kind });
                    break;
            }
        }

        Rungs.AddRange(made);
    }

    // A row of one cell: a heading, a day off, a label with what belongs to it, or a rung of a plain list.
    private bool Alone(SheetLayout.PlacedCell cell)
    {
        var text = cell.Text.Trim();
        if (SheetWords.IsHoliday(text))
        {
            Leave(cell, LeftOutReason.Holiday);
            return true;
        }

        // "Stage 1: s a t p" is a heading and what stands under it, in one.
        if (_layout.Columns.Count == 1 && SheetWords.Labelled(text) is var (label, rest) && (SheetWords.IsWeek(label) || SheetWords.IsSection(label)) && _reader.Read(rest).Any(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Word))
        {
            return AddAlone(cell, ColumnRole.Parts);
        }

        if (SheetWords.IsWeek(text))
        {
            _week = text;
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
                Section(text.TrimEnd(':'));
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

        if (SheetWords.IsSection(text))
        {
            Section(text);
            return true;
        }

        var role = _layout.RoleAt(cell.Column);
        var wide = _layout.Columns.Count > 1;
        if (Rungs.Count == 0 && cell.Row == 1 && Title.Length == 0 && text.Split(' ') is { Length: > 1 } words && words.All(x => x.Length > 2 && char.IsAsciiLetter(x[^1]) && _words.FindWord(x) is not null))
        {
            Title = text;
            Leave(cell, LeftOutReason.Title);
            return true;
        }

        if (text.Contains('\n', StringComparison.Ordinal) || SheetWords.Labelled(text) is not null || SheetWords.LessonOf(text) is not null || SheetWords.StructureOf(text) is not null)
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

        if (!wide && (isParts || read.Any(x => x.Kind == WrittenKind.Grapheme)) || (!wide && isWords && Tricky(read)))
        {
            return AddAlone(cell, role);
        }

        // Above the headings, or first of all: what the sheet is called.
        if (Rungs.Count == 0 && _section.Length == 0 && (Title.Length == 0) && (_layout.HeaderRows.Count == 0 ? cell.Row == 1 && !SheetWords.IsSection(text) : cell.Row < _layout.HeaderRows.Min()))
        {
            Title = text.Length <= 80 ? text : "";
            Leave(cell, LeftOutReason.Title);
            return true;
        }

        if (text.Length <= LongestHeading && (role != ColumnRole.Notes || !wide || cell.Cell.Columns > 1 || cell.Column == _layout.Columns[0].Column) && role != ColumnRole.LeftOut && !text.EndsWith('.'))
        {
            Section(text);
            return true;
        }

        Leave(cell, Rungs.Count == 0 ? LeftOutReason.Title : LeftOutReason.NotRead);
        return true;
    }

    private bool AddAlone(SheetLayout.PlacedCell cell, ColumnRole role)
    {
        Rungs.AddRange(Cell(cell, IsPart(role) ? role : ColumnRole.Parts));
        return true;
    }

    // Words of which each is one a class must be told.
    private bool Tricky(IReadOnlyList<WrittenPart> read) => read.All(x => _words.FindWord(x.Letters) is { } word && word.Rank < 2500);

    private void Section(string text)
    {
        _section = text;
        _headingSound = SoundNames.Find(text.Split(' ')[0], "").Any() && text.StartsWith('/') ? text.Split(' ')[0]
            : text.Length < 24 && (text.StartsWith("long ", StringComparison.OrdinalIgnoreCase) || text.StartsWith("short ", StringComparison.OrdinalIgnoreCase)) && SoundNames.Find(text.ToLowerInvariant().Replace(" sound", "", StringComparison.Ordinal), "").Any()
                ? text.ToLowerInvariant().Replace(" sound", "", StringComparison.Ordinal) : "";
    }

    private bool IsLabel(SheetLayout.PlacedCell x) =>
        _layout.RoleAt(x.Column) is ColumnRole.Section or ColumnRole.Week or ColumnRole.Day or ColumnRole.Date or ColumnRole.LeftOut || SheetWords.IsWeek(x.Text) || SheetWords.IsOrdinal(x.Text)
        || SheetWords.WeekdayOf(x.Text) > 0 || SheetLayout.DateOf(x.Text) is not null;

    private void Labels(IReadOnlyList<SheetLayout.PlacedCell> row)
    {
        foreach (var cell in row)
        {
            var role = _layout.RoleAt(cell.Column);
            if (SheetWords.IsWeek(cell.Text) || (role == ColumnRole.Week && SheetWords.IsOrdinal(cell.Text)))
            {
                _ownWeek = _week = SheetWords.IsWeek(cell.Text) ? cell.Text.Trim() : $"Week {cell.Text.Trim()}";
            }
            else if (SheetLayout.DateOf(cell.Text) is { } date && role is ColumnRole.Date or ColumnRole.Week or ColumnRole.Day)
            {
                _date = date;
                _ownWeek = role == ColumnRole.Week ? cell.Text : _ownWeek;
            }
            else if (role == ColumnRole.Section && !SheetWords.IsHoliday(cell.Text) && SheetWords.LessonOf(cell.Text) is null)
            {
                var heading = _layout.Columns.First(x => x.Column == cell.Column).Heading;
                var named = SheetWords.IsOrdinal(cell.Text) && heading.Length > 0 ? $"{heading.Trim()} {cell.Text.Trim()}" : cell.Text.Trim();
                if (named != _section)
                {
                    Section(named);
                }
            }
            else if (role == ColumnRole.Day || SheetWords.WeekdayOf(cell.Text) > 0)
            {
                _dayGiven = true;
            }
        }
    }

    private WrittenRung Begin(List<WrittenRung> made, Source? source = null)
    {
        var rung = new WrittenRung(_section, _week, _date) { Sound = _headingSound };
        if (source is not null)
        {
            rung.Sources.Add(source);
        }

        made.Add(rung);
        return rung;
    }

    // One cell of parts: a line, or several, each of parts, words or notes.
    private List<WrittenRung> Cell(SheetLayout.PlacedCell cell, ColumnRole role)
    {
        var made = new List<WrittenRung>();
        if (IsDayOff(cell.Text))
        {
            Leave(cell, LeftOutReason.Holiday);
            return made;
        }

        var source = From(cell);
        foreach (var line in cell.Text.Split('\n').Select(x => x.Trim()).Where(x => x.Length > 0))
        {
            var (text, lineRole) = (line, role);
            for (var labelled = SheetWords.Labelled(text); labelled is var (label, rest) && !(_reader.Read(label) is [{ Kind: WrittenKind.Grapheme }]); labelled = SheetWords.Labelled(text))
            {
                text = rest;
                if (SheetWords.IsWeek(label))
                {
                    _ownWeek = _week = label;
                }
                else if (SheetWords.RoleOf(label) is { } named and not (ColumnRole.Day or ColumnRole.Week or ColumnRole.Section or ColumnRole.Date))
                {
                    lineRole = named == ColumnRole.Sounds ? ColumnRole.Parts : named;
                }
                else if (SheetWords.IsSection(label))
                {
                    Section(label);
                }
                else
                {
                    _dayGiven = true;
                }
            }

            if (IsDayOff(text))
            {
                Leave(cell, LeftOutReason.Holiday);
                continue;
            }

            if (lineRole == ColumnRole.TrickyWords)
            {
                (made.FirstOrDefault() ?? Begin(made, source)).Tricky.AddRange(TrickyIn(text));
            }
            else if (lineRole is ColumnRole.Words or ColumnRole.Notes)
            {
                var owner = made.LastOrDefault() ?? Begin(made, source);
                (lineRole == ColumnRole.Words ? owner.Words : owner.Notes).AddRange(lineRole == ColumnRole.Words ? PartReader.WordsIn(text) : [text]);
            }
            else
            {
                Parts(_reader.Read(text, lineRole), text, source, made);
            }
        }

        // A part whose cell covers several days takes as many.
        var span = _layout.Turned ? (_layout.DayColumns ? cell.Cell.Rows : cell.Cell.Columns) : _layout.DayColumns ? cell.Cell.Columns : cell.Cell.Rows;
        if (span > 1 && made.Count == 1 && (_layout.DayColumns || _dayGiven))
        {
            made[0].Days = Math.Min(span, 20);
        }

        return made;
    }

    private bool IsDayOff(string text) =>
        SheetWords.IsHoliday(text) && !_reader.Read(text).Any(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.Cluster or WrittenKind.Structure);

    private void Parts(IReadOnlyList<WrittenPart> parts, string text, Source source, List<WrittenRung> made)
    {
        var graphemes = parts.Where(x => x.Kind == WrittenKind.Grapheme).ToList();

        // Below its letters a cell may hold words that show them.
        if (made.Count > 0 && made[^1].Parts.Count > 0 && parts.All(x => x.Kind is WrittenKind.Word or WrittenKind.Kept))
        {
            var shown = PartReader.WordsIn(text);
            if (shown.Count > 0 && shown.Any(w => made.Any(m => m.Parts.Any(p => w.Contains(p.Letters.Split('_')[0], StringComparison.Ordinal)))) && parts.All(x => x.Kind == WrittenKind.Word))
            {
                made[^1].Words.AddRange(shown);
            }
            else
            {
                made[^1].Notes.Add(text);
            }

            return;
        }

        var apart = graphemes.Count == parts.Count(x => x.Kind is not WrittenKind.Word) && ((_ownWeek.Length > 0 && !_dayGiven && !_layout.DayColumns && graphemes.Count > 1) || graphemes.Count >= EachItsOwn);
        WrittenRung? rung = null;
        foreach (var part in parts)
        {
            if (part.Kind == WrittenKind.Word)
            {
                rung ??= Begin(made, source);
                rung.Tricky.Add(part.Letters);
                continue;
            }

            rung = rung is null || (apart && !part.Joined && rung.Parts.Count > 0) ? Begin(made, source) : rung;
            rung.Parts.Add(part);
            rung.CellLetters = [.. graphemes.Select(x => x.Letters)];
        }
    }

    private static List<string> TrickyIn(string text) => [.. text.Split('\n')
        .Select(x => SheetWords.Labelled(x) is var (_, rest) ? rest : x).Select(PartReader.WithoutBrackets).Where(x => SheetWords.LessonOf(x) is null || !x.Contains(' ', StringComparison.Ordinal))
        .SelectMany(PartReader.TrickyIn)];

    private static bool IsPart(ColumnRole role) => role is ColumnRole.Parts or ColumnRole.Endings or ColumnRole.Clusters or ColumnRole.RimeUnits;
}
