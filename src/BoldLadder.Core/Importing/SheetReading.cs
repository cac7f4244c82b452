using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>Walks a sheet in the order in which it is taught and writes down what it says, row by row.</summary>
internal sealed class SheetReading
{
    private const int LongestTitle = 80, LongestLesson = 6;

    private readonly SheetLayout _layout;
    private readonly PartReader _reader;
    private readonly SchoolWords _words;
    private readonly SheetPosition _at = new();
    private readonly CellReading _cells;
    private readonly LoneCells _alone;
    private readonly IReadOnlyList<string> _lines;

    // The rung that each column gave last: a row of words below it shows what it teaches.
    private readonly Dictionary<int, WrittenRung> _above = [];

    private SheetReading(SheetLayout layout, PartReader reader, SchoolWords words)
    {
        (_layout, _reader, _words) = (layout, reader, words);
        _cells = new CellReading(layout, reader, _at, Leave);
        _lines = [.. layout.Rows.Where(x => x.Count == 1).Select(x => x[0].Text)];
        _alone = new LoneCells(layout, reader, words, _at, _cells, this);
    }

    public List<WrittenRung> Rungs { get; } = [];

    public List<LeftOut> LeftOut { get; } = [];

    public string Title { get; set; } = "";

    public static SheetReading Of(SheetLayout layout, PartReader reader, SchoolWords words)
    {
        var reading = new SheetReading(layout, reader, words);
        foreach (var title in layout.Titles)
        {
            reading.CalledBy(title);
        }

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

    /// <summary>Tells that a cell became no rung.</summary>
    public void Leave(SheetLayout.PlacedCell cell, LeftOutReason reason) => LeftOut.Add(new LeftOut(From(cell), reason));

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

        // Review: sh, ch, on a line of its own among those that say what is new.
        if (row is [var alone] && SheetLines.GoesOverBesideNew(alone.Text, _lines))
        {
            Leave(alone, LeftOutReason.NotRead);
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

        // Below the weeks with a remark beside it: tricky words: the, to | on the wall.
        row = row.FirstOrDefault(x => row.Count > 1 && SheetPosition.IsLabelled(_layout.RoleAt(x.Column)) && SheetWords.LabelsTrickyWords(x.Text)) is { } below && _alone.Takes(below) ? [.. row.Where(x => x != below)] : row;
        if (row.Count == 1 && _alone.Takes(row[0]))
        {
            return;
        }

        // Phonics | Words, over the headings: names of columns together; Group | Adult | Children, those of another table.
        if (row.Count > 1 && row.All(x => _layout.IsAboveAll(x) && _reader.Read(x.Text).All(p => p.Kind is WrittenKind.Word or WrittenKind.Kept) && !SheetWords.IsSection(x.Text) && !SheetWords.IsWeek(x.Text)) && !row.All(x => _reader.AreLearntByHeart(x.Text)))
        {
            foreach (var cell in row)
            {
                Leave(cell, LeftOutReason.Title);
            }

            return;
        }

        // A day off across a row, whatever else stands in it.
        if (row.Any(x => _cells.IsOff(x.Text)) && row.All(x => _cells.IsOff(x.Text) || SheetPosition.IsLabel(x, _layout)))
        {
            foreach (var cell in row.Where(x => _cells.IsOff(x.Text)))
            {
                Leave(cell, LeftOutReason.Holiday);
            }

            _at.Take(row, _layout);
            return;
        }

        _at.Take(row, _layout);
        var (made, begun) = (new List<WrittenRung>(), new List<(int Column, WrittenRung Rung)>());
        // Scope and sequence | Grade K, over the headings, teaches no k.
        var terms = row.Where(x => IsPart(_layout.RoleAt(x.Column)) && Rungs.Count == 0 && SheetWords.NamesTerm(x.Text)).ToList();
        terms.ForEach(x => Leave(x, LeftOutReason.Title));
        var parts = row.Except(terms).Where(x => IsPart(_layout.RoleAt(x.Column)) && !SheetWords.IsWeek(x.Text) && !(_layout.IsAboveAll(x) && (SheetWords.IsSection(x.Text) || _reader.Read(x.Text).All(p => p.Kind is WrittenKind.Kept or WrittenKind.Word)))).ToList();
        var shapes = _cells.ShapesAmong(parts);
        parts = [.. parts.Except(shapes)];
        WrittenRung? owner = null;
        if (RowLabel(row) is { } label && parts.Exists(x => _above.ContainsKey(x.Column)))
        {
            owner = Below(parts, SheetHeadings.RowRoleOf(label.Text)!.Value);
            row = [.. row.Where(x => x != label)];
            parts = [];
        }

        var byHeart = row.Any(x => _layout.RoleAt(x.Column) is ColumnRole.Notes or ColumnRole.LeftOut && SheetHeadings.SaysByHeart(x.Text, _layout.HeadingAt(x.Column)));
        var practised = row.FirstOrDefault(x => _layout.RoleAt(x.Column) is ColumnRole.Notes or ColumnRole.LeftOut && LessonWords.NamesDoing(x.Text));
        foreach (var cell in parts)
        {
            _at.Under(_layout.Turned ? _layout.WeeksAcross.GetValueOrDefault(cell.Column, "") : _layout.HeadingAt(cell.Column).Trim());
            var rungs = _cells.Of(cell, byHeart || (IsLetterWord(cell.Text) && IsAmongWords(cell)) ? ColumnRole.TrickyWords : _layout.RoleAt(cell.Column));
            // Word reading | rain, road, night: words to read, and none to learn by heart.
            if (practised is not null && _reader.Read(cell.Text).All(x => x.Kind == WrittenKind.Word && IsReadFromTaught(x.Letters)))
            {
                rungs = _cells.Of(cell, ColumnRole.Words);
                rungs.ForEach(x => x.Parts.Add(WrittenPart.Plain(WrittenKind.Lesson, practised.Text) with { Lesson = RungKind.Consolidation }));
            }

            // Review | mixed, under Teach and Write: what is written on a day of going over is gone over.
            if (rungs is [{ Parts: [{ Kind: WrittenKind.Lesson } again] }] && begun is [var earlier] && (IsOfWords(cell.Column) || IsOfWords(earlier.Column)) && made is [{ Parts: [{ Kind: WrittenKind.Lesson } lesson] } day] && again.Lesson == lesson.Lesson)
            {
                day.Sources.Add(From(cell));
                continue;
            }

            made.AddRange(rungs);
            if (rungs.Count > 0)
            {
                _above[cell.Column] = rungs[^1];
                begun.Add((cell.Column, rungs[0]));
            }
        }

        owner ??= made.FirstOrDefault();
        foreach (var cell in row)
        {
            switch (_layout.RoleAt(cell.Column))
            {
                // Break, beside what its week teaches, is a word, and so it is in great, break.
                case ColumnRole.TrickyWords when SheetWords.IsHoliday(cell.Text) && (made.Count == 0 || (cell.Text.Trim().Contains(' ', StringComparison.Ordinal) && !cell.Text.Contains(',', StringComparison.Ordinal))):
                    Leave(cell, LeftOutReason.Holiday);
                    break;
                case ColumnRole.TrickyWords when _layout.HeadingAt(cell.Column).Length == 0 && IsNoWord(cell.Text):
                    made.AddRange(_cells.Of(cell, ColumnRole.Parts));
                    break;
                case ColumnRole.TrickyWords:
                    var tricky = TeachesNone(cell.Text) || SheetWords.GoesOverAll(cell.Text, _layout.HeadingAt(cell.Column)) ? [] : CellReading.TrickyIn(cell.Text);
                    if (tricky.Count > 0)
                    {
                        var beside = OfItsLetters(cell.Column, begun) ?? (owner ??= _at.Begin(made));
                        beside.Tricky.AddRange(tricky);
                        beside.Sources.Add(From(cell));
                    }
                    else if (!SheetWords.IsCount(cell.Text) && !TeachesNone(cell.Text))
                    {
                        Leave(cell, LeftOutReason.NotRead);
                    }

                    break;
                case ColumnRole.Words when SheetWords.SpeaksOfWords(cell.Text) && owner is not null:
                    owner.Notes.Add(cell.Text);
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
                        rung.Sound = PartPatterns.Manner.Match(cell.Text) is { Success: true, Value: var manner } ? manner : SoundNames.WithItsWord(cell.Text, _words);
                        rung.SoundLetters = [.. made.SelectMany(x => x.Parts).Where(x => x.Kind == WrittenKind.Grapheme).Select(x => x.Letters)];
                    }

                    break;
                case ColumnRole.Days when made.Count > 0 && WrittenDays.Of(cell.Text, true, SheetHeadings.CountsWeeks(_layout.HeadingAt(cell.Column))) is { } days:
                    made.ForEach(x => x.Days = Math.Clamp(days / made.Count, 1, Ladder.MostDays));
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

        made.ForEach(AsRimes);
        Rungs.AddRange(made);
    }

    // All, am, an, beside ball, ham, fan: what words end in, though each is a word.
    private static void AsRimes(WrittenRung rung)
    {
        if (rung is { Parts.Count: 0, Sources.Count: 1, Tricky.Count: > 1 } && rung.Tricky.TrueForAll(x => x.Length > 1 && TokenReader.IsVowel(x[0]) && rung.Words.Exists(w => w != x && w.EndsWith(x, StringComparison.Ordinal))))
        {
            rung.Parts.AddRange(rung.Tricky.Select(x => WrittenPart.Plain(WrittenKind.RimeUnit, x)));
            rung.Tricky.Clear();
        }
    }

    // Its letters say what they say when met first, and all that is more than a letter was taught in a row above.
    private bool IsReadFromTaught(string word) => _words.Find(word)?.Readings[0].Segments.All(x => x.Correspondence is { } part
        && (part.Grapheme.Text.Length == 1 ? SoundChoice.IsMetFirst(part) : Rungs.Exists(r => r.Parts.Exists(p => p.Letters == part.Grapheme.Text)))) == true;

    private bool IsOfWords(int column) => SheetHeadings.RoleOf(_layout.HeadingAt(column)) == ColumnRole.Words;

    // "er (her)", "screening check", where other cells have words to learn by heart, and nothing says that all do.
    private bool IsNoWord(string text) => !(PartReader.WordsIn(text) is [var only] && _reader.IsLearntByHeart(only))
        && (LessonWords.LessonOf(text) is not null || (_reader.Read(text) is [{ Kind: WrittenKind.Grapheme, Words: [var shown] } part] && part.IsSeenIn(shown)));

    // Words for it, review, or names and rhymes, in a column of words to learn by heart, are none of them; again is.
    private bool TeachesNone(string text) => SheetWords.NamesTrickyWords(text) || LessonWords.NamesAllSoFar(text) || (text.Trim().Contains(' ', StringComparison.Ordinal) && LessonWords.NamesListening(text)) || (LessonWords.LessonOf(text) is not null && PartReader.WordsIn(text) is [var only] && !_reader.IsLearntByHeart(only));

    // Two years side by side, each with its letters and its words: words go with the letters that stand after the words before.
    private WrittenRung? OfItsLetters(int column, List<(int Column, WrittenRung Rung)> begun)
    {
        var before = column - 1;
        while (before > 0 && _layout.RoleAt(before) != ColumnRole.TrickyWords)
        {
            before--;
        }

        return before == 0 ? null : begun.Find(x => x.Column > before && x.Column < column).Rung;
    }

    // I, on a day on which other weeks have words to learn by heart: the, to.
    private bool IsAmongWords(SheetLayout.PlacedCell cell) => _layout.Rows.Where(x => !_layout.HeaderRows.Contains(x[0].Row)).SelectMany(x => x).Where(x => x.Column == cell.Column && !IsLetterWord(x.Text) && !SheetWords.IsHoliday(x.Text)).ToList() is { Count: > 1 } others
        && others.TrueForAll(x => _reader.AreLearntByHeart(x.Text));

    private static bool IsLetterWord(string text) => text.Trim() is "I" or "a";

    // "Words", at the left of a row, in a column that nothing heads.
    private SheetLayout.PlacedCell? RowLabel(IReadOnlyList<SheetLayout.PlacedCell> row) => row.TakeWhile(x => !IsPart(_layout.RoleAt(x.Column)))
        .FirstOrDefault(x => _layout.HeadingAt(x.Column).Length == 0 && SheetHeadings.RowRoleOf(x.Text) is not null);

    // A row of words stands under the row of what they show; its first rung owns what else the row says, words to learn by heart
    // under no letters too.
    private WrittenRung Below(List<SheetLayout.PlacedCell> cells, ColumnRole role)
    {
        var first = _above[cells.First(x => _above.ContainsKey(x.Column)).Column];
        foreach (var cell in cells)
        {
            var rung = _above.GetValueOrDefault(cell.Column) ?? (role == ColumnRole.TrickyWords ? first : null);
            if (rung is null)
            {
                Leave(cell, LeftOutReason.NotRead);
                continue;
            }

            (role == ColumnRole.Words ? rung.Words : rung.Tricky).AddRange(role == ColumnRole.Words ? PartReader.WordsIn(cell.Text) : CellReading.TrickyIn(cell.Text));
            rung.Sources.Add(From(cell));
        }

        return first;
    }

    // What ends in its full stop and is so long is said to whoever reads the sheet.
    private static bool IsSentence(string text) => text.TrimEnd().EndsWith('.') && text.Split(' ').Length > LongestLesson;

    /// <summary>The cell says what the sheet is called.</summary>
    public void CalledBy(SheetLayout.PlacedCell cell)
    {
        Title = Title.Length == 0 && cell.Text.Trim() is { Length: <= LongestTitle } title ? title : Title;
        Leave(cell, LeftOutReason.Title);
    }

    // What is written across the first row is what the sheet is called; Group: Wrens, over the headings, says whose it is.
    private bool IsTitle(SheetLayout.PlacedCell x, bool alone) => Rungs.Count == 0 && Title.Length == 0 && x.Text.Trim().Contains(' ', StringComparison.Ordinal) && !SheetWords.IsSection(x.Text) && !SheetWords.IsWeek(x.Text)
        && (x.Cell is { Row: 1, Columns: > 2 } || (alone && _layout.Columns.Count > 1 && _layout.IsAboveAll(x) && (x.Text.Contains(':', StringComparison.Ordinal) || LessonWords.LessonOf(x.Text) is not null) && SheetWords.Labelled(x.Text) is null && !_reader.Read(x.Text).Any(p => p.Kind == WrittenKind.Grapheme)));

    /// <summary>True for a column of what is taught, of whatever kind.</summary>
    public static bool IsPart(ColumnRole role) => role is ColumnRole.Parts or ColumnRole.Endings or ColumnRole.Clusters or ColumnRole.RimeUnits;
}
