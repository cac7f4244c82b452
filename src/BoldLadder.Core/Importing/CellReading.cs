namespace BoldLadder.Core.Importing;

/// <summary>Reads one cell of what is taught: a line, or several, each of parts, words or notes.</summary>
/// <param name="leave">Tells that a cell became no rung.</param>
internal sealed class CellReading(SheetLayout layout, PartReader reader, SheetPosition at, Action<SheetLayout.PlacedCell, LeftOutReason> leave)
{
    /// <summary>From so many parts in one cell each is a rung of its own: nobody teaches four on a day.</summary>
    private const int EachItsOwn = 4;

    /// <summary>The rungs of a cell.</summary>
    public List<WrittenRung> Of(SheetLayout.PlacedCell cell, ColumnRole role)
    {
        var made = new List<WrittenRung>();
        if (IsDayOff(cell.Text) && !SheetLines.HasDays(cell.Text))
        {
            leave(cell, LeftOutReason.Holiday);
            return made;
        }

        // Down the side of weeks across stands what each row is of; all, among sounds, is no word.
        if (SheetWords.IsNothing(cell.Text) || (role == ColumnRole.Parts && SheetWords.NamesAll(cell.Text, layout.HeadingAt(cell.Column))) || (layout.Turned && cell.Row == layout.Rows[0][0].Row && SheetWords.NamesFamily(cell.Text)))
        {
            return made;
        }

        var source = cell.From(layout.Sheet);
        var (lines, goneOver) = (SheetLines.Of(cell.Text).ToList(), new List<string>());
        foreach (var line in lines.Where(x => !(x[^1] is '.' or ')' or ':' && SheetWords.IsOrdinal(x))))
        {
            if (SheetLines.GoesOverBesideNew(line, lines))
            {
                goneOver.Add(line);
                continue;
            }

            var (text, days) = WrittenDays.AtEnd(SheetLines.WithoutDaysOff(line));
            var (lineRole, before) = (role, made.Count);
            for (var labelled = SheetWords.Labelled(text); labelled is var (label, rest) && !(reader.Read(label) is [{ Kind: WrittenKind.Grapheme }]); labelled = SheetWords.Labelled(text))
            {
                text = rest;
                if (SheetWords.IsWeek(label))
                {
                    at.OwnWeek = at.Week = label;
                    at.Date = layout.Dates.In(label, ColumnRole.Week) ?? at.Date;
                }
                else if (SheetHeadings.RoleOf(label) is { } named and not (ColumnRole.Day or ColumnRole.Week or ColumnRole.Section or ColumnRole.Date))
                {
                    lineRole = named == ColumnRole.Sounds ? ColumnRole.Parts : named;
                }
                else if (SheetHeadings.MentionsSounds(label))
                {
                    lineRole = ColumnRole.Parts;
                }
                else if (SheetWords.IsSection(label))
                {
                    at.Enter(label);
                }
                else
                {
                    at.DayGiven = true;
                }
            }

            if (IsDayOff(text))
            {
                leave(cell, LeftOutReason.Holiday);
                continue;
            }

            // Tricky: none.
            if (text != line && SheetWords.IsNothing(text))
            {
                continue;
            }

            if ((layout.DayColumns || SheetWords.HeadsDay(layout.HeadingAt(cell.Column))) && (LessonWords.NamesDoing(text) || LessonWords.NamesAllSoFar(text)))
            {
                at.Begin(made, source).Parts.Add(WrittenPart.Plain(WrittenKind.Lesson, text) with { Lesson = Ladders.RungKind.Consolidation });
            }
            else if (lineRole == ColumnRole.TrickyWords)
            {
                (made.FirstOrDefault() ?? at.Begin(made, source)).Tricky.AddRange(TrickyIn(text));
            }
            else if (lineRole == ColumnRole.Words && role == ColumnRole.Parts && made.Count == 0 && PartReader.WordsIn(text) is { Count: > 0 } alone && alone.All(reader.IsLearntByHeart) && alone.Any(reader.IsToldWhole))
            {
                // "Words: the, to", in a cell of its own among those of letters: nothing is there that they could show.
                at.Begin(made, source).Tricky.AddRange(TrickyIn(text));
            }
            else if (lineRole is ColumnRole.Words or ColumnRole.Notes)
            {
                var owner = made.LastOrDefault() ?? at.Begin(made, source);
                (lineRole == ColumnRole.Words ? owner.Words : owner.Notes).AddRange(lineRole == ColumnRole.Words ? PartReader.WordsIn(text) : [text]);
            }
            else if (SheetWords.NamedList(text) is { Count: > 0 } named && named.All(reader.IsLearntByHeart) && !reader.LooksLikePart(text[..text.IndexOf(':', StringComparison.Ordinal)]) && LessonWords.LessonOf(text) is null)
            {
                (made.FirstOrDefault() ?? at.Begin(made, source)).Tricky.AddRange(TrickyIn(string.Join(' ', named)));
            }
            else if (SheetWords.WordsToRead(text) is { Count: > 0 } toRead && toRead.All(reader.IsLearntByHeart))
            {
                // Words that are read by their letters are practice: read it, not.
                var rung = at.Begin(made, source);
                if (toRead.Any(reader.IsToldWhole))
                {
                    rung.Tricky.AddRange(TrickyIn(string.Join(' ', toRead)));
                }
                else
                {
                    rung.Parts.Add(WrittenPart.Plain(WrittenKind.Lesson, text) with { Lesson = Ladders.RungKind.Consolidation });
                }
            }
            else
            {
                Parts(reader.Read(text, lineRole), text, source, made);
            }

            if (days > 0 && made.Count == before + 1)
            {
                made[^1].Days = days;
            }
        }

        made.FirstOrDefault()?.Notes.AddRange(goneOver);
        if (layout.SoundsAcross.TryGetValue(cell.Column, out var sound))
        {
            made.ForEach(x => x.Sound = sound);
        }

        made.ForEach(x => x.IsDay |= layout.DayColumns);

        // A part whose cell covers several days takes as many.
        var span = layout.Turned ? (layout.DayColumns ? cell.Cell.Rows : cell.Cell.Columns) : layout.DayColumns ? cell.Cell.Columns : cell.Cell.Rows;
        if (span > 1 && made.Count == 1 && (layout.DayColumns || at.DayGiven))
        {
            made[0].Days = Math.Min(span, 20);
        }

        return made;
    }

    /// <summary>CVC words, or first letters, beside the letters themselves: what is done with these, and no rung beside theirs.</summary>
    public IReadOnlyList<SheetLayout.PlacedCell> ShapesAmong(IReadOnlyList<SheetLayout.PlacedCell> parts)
    {
        // On a day of its own (Friday: blend CVC words) it is the day's.
        var shapes = parts.Where(x => !SheetWords.HeadsDay(layout.HeadingAt(x.Column)) && (LessonWords.NamesShape(x.Text)
            || (!layout.DayColumns && !layout.Turned && layout.HeadingAt(x.Column).Length > 0 && reader.Read(x.Text) is var read && (read.All(p => p.Kind == WrittenKind.Kept) || IsTalk(read, x.Text))))).ToList();
        return parts.Except(shapes).Any(x => reader.LooksLikePart(x.Text) || LessonWords.LessonOf(x.Text) is not null) ? shapes : [];
    }

    // Listening walks, rhymes, body sounds; rhyme and rhythm; first letters: what is done, and no words to be learnt.
    private bool IsTalk(IReadOnlyList<WrittenPart> parts, string text) => parts.Any(x => x.Kind == WrittenKind.Word) && parts.All(x => x.Kind is WrittenKind.Word or WrittenKind.Kept && x.Words.Count == 0)
        && (PartPatterns.WhatIsDone.IsMatch(text) || parts.Any(x => x.Kind == WrittenKind.Kept && x.Letters.Contains(' ', StringComparison.Ordinal)) || PartPatterns.OfLetters.IsMatch(text)
            || parts.Where(x => x.Kind == WrittenKind.Word).All(x => x.Letters.Length > 3 && !reader.IsLearntByHeart(x.Letters)));

    /// <summary>True for days on which nothing is taught; <i>September weekend / c</i> has its c.</summary>
    public bool IsOff(string text) => SheetWords.IsHoliday(text) && !SheetLines.EndsInDayOff(text) && !reader.LooksLikePart(SheetLines.WithoutDaysOff(text));

    private bool IsDayOff(string text) =>
        IsOff(text) && !reader.Read(text).Any(x => x.Kind is WrittenKind.Grapheme or WrittenKind.Ending or WrittenKind.WordEnd or WrittenKind.Cluster or WrittenKind.Structure);

    private void Parts(IReadOnlyList<WrittenPart> parts, string text, Source source, List<WrittenRung> made)
    {
        parts = (made.Count == 0 || made[^1].Parts.Count == 0) && (IsTalk(parts, text) || LessonWords.NamesListening(text)) ? [WrittenPart.Plain(WrittenKind.Kept, text)] : parts;
        var graphemes = parts.Where(x => x.Kind == WrittenKind.Grapheme).ToList();

        // Below its letters a cell may hold words that show them.
        if (made.Count > 0 && made[^1].Parts.Count > 0 && parts.All(x => x.Kind is WrittenKind.Word or WrittenKind.Kept))
        {
            // The and I below o, d, n, i are no words that show them.
            if (parts.All(x => x.Kind == WrittenKind.Word && reader.IsLearntByHeart(x.Letters)) && parts.Any(x => reader.IsToldWhole(x.Letters)) && !parts.All(x => made.Exists(m => m.Parts.Exists(p => p.Letters.Length > 1 && p.IsSeenIn(x.Letters)))))
            {
                made[0].Tricky.AddRange(parts.Select(x => x.Letters));
                return;
            }

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

        var apart = graphemes.Count == parts.Count(x => x.Kind is not WrittenKind.Word) && ((IsLonger() && graphemes.Count > 1) || !AreOne(graphemes));
        WrittenRung? rung = null;
        foreach (var (part, i) in parts.Select((x, i) => (x, i)))
        {
            if (part.Kind == WrittenKind.Word)
            {
                rung ??= at.Begin(made, source);
                rung.Tricky.Add(part.Letters);
                continue;
            }

            rung = rung is null || (apart && !(part.Joined && AreOne(RunAt(parts, i))) && rung.Parts.Count > 0) ? at.Begin(made, source) : rung;
            rung.Parts.Add(part);
            rung.CellLetters = [.. graphemes.Select(x => x.Letters)];
        }
    }

    // With a stroke between each: ss/ll/ff are one thing, s/m/o/t are four.
    private static List<WrittenPart> RunAt(IReadOnlyList<WrittenPart> parts, int at) =>
        [.. parts.Take(at + 1).Reverse().TakeWhile((_, i) => i == 0 || parts[at - i + 1].Joined), .. parts.Skip(at + 1).TakeWhile(x => x.Joined)];

    private static bool AreOne(List<WrittenPart> run) => run.Count < EachItsOwn || run.TrueForAll(IsTwice);

    // What stands here is of a week, or of a half-term, and not of a day.
    private bool IsLonger() => !at.DayGiven && !layout.DayColumns && (at.OwnWeek.Length > 0 || (at.Week.Length == 0 && at.Date is null && TermLength.Names(at.Section)));

    // Letters that come in twos at the end of a word are one thing to learn, however many they are.
    private static bool IsTwice(WrittenPart x) => x.Letters is [var first, var second] && first == second && !TokenReader.IsVowel(first);

    /// <summary>The tricky words of a cell, a label before them and remarks left away.</summary>
    public static List<string> TrickyIn(string text) => [.. text.Split('\n')
        .Select(x => SheetWords.Labelled(x) is var (_, rest) ? rest : PartPatterns.ToLearn.Replace(x, "")).Select(PartReader.WithoutBrackets).Where(x => LessonWords.LessonOf(x) is null || x.Split(',').All(w => !w.Trim().Contains(' ', StringComparison.Ordinal)))
        .SelectMany(PartReader.TrickyIn)];
}
