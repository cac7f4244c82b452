using BoldLadder.Core.Words;
using static BoldLadder.Core.Importing.ColumnContents;

namespace BoldLadder.Core.Importing;

/// <summary>What the columns are to each other: a sound beside letters, words that show the part or words to be learnt.</summary>
internal static class SettledColumns
{
    private const int Frequent = 700, Commonest = 300, LettersTold = 6;

    public static IReadOnlyList<SheetColumn> Of(IReadOnlyList<SheetColumn> columns, ColumnContents contents, SchoolWords words)
    {
        List<SheetColumn> Taught() => [.. columns.Where(x => x.Role == ColumnRole.Parts)];
        bool StandsBeside(SheetColumn x, Predicate<SheetColumn> other) => Taught().Exists(y => y != x && other(y) && contents.IsBeside(x, y));
        bool IsLetters(SheetColumn x) => Share(contents.TextsOf(x), contents.Reader.LooksLikePart) >= 0.8;
        bool IsInStrokes(SheetColumn x) => contents.TextsOf(x).TrueForAll(PartPatterns.IsInStrokes);
        bool IsManner(SheetColumn x) => Mostly(contents.TextsOf(x), PartPatterns.Manner.IsMatch);

        columns = Promoted(columns, contents);

        // No. 1, 2, 3 beside a week in each row, or a half-term, counts the rows, and gives none of them a day.
        columns = Taken(columns, ColumnRole.LeftOut, x => x.Role == ColumnRole.Day && SheetHeadings.CountsRows(x.Heading) && columns.Any(y => IsWeekOfEachRow(y, x, columns, contents) || (y.Role == ColumnRole.Section && contents.TextsOf(y) is { Count: > 1 } terms && terms.TrueForAll(TermLength.Names))));

        // Where letters stand in one column, a column in which there is nothing to read holds none, whatever it is called: blending focus.
        columns = Taken(columns, ColumnRole.Notes, x => IsPart(x) && contents.TextsOf(x) is { Count: > 2 } texts && Share(texts, t => contents.Reader.Read(t).All(p => p.Kind == WrittenKind.Kept)) >= 0.5
            && Share(texts, t => contents.Reader.Read(t).Any(p => p.Kind is not (WrittenKind.Kept or WrittenKind.Lesson))) < 0.2 && StandsBeside(x, y => IsPart(y) && IsLetters(y)));
        columns = Taken(columns, ColumnRole.Notes, x => IsPart(x) && GoesOver(x, columns, contents));

        // Beside a column of letters one of sentences about them says the same in words: adding -es to words ending in y.
        columns = Taken(columns, ColumnRole.Notes, x => IsPart(x) && !IsLetters(x) && IsTalk(contents.TextsOf(x)) && StandsBeside(x, IsLetters));

        // So does one that names the letters beside it and what they are: short o; consonants t, p.
        columns = [.. columns.Select(x => !x.Told && IsPart(x) && Taught().Exists(y => y != x && IsLetters(y) && contents.IsBeside(y, x) && Describes(x, y, contents)) ? x with { Role = Share(contents.TextsOf(x), PartPatterns.Manner.IsMatch) >= 0.3 ? ColumnRole.Sounds : ColumnRole.Notes } : x)];

        // What stands beside the letters under a heading that nobody knows is said of them: known as, also says.
        columns = Taken(columns, ColumnRole.Notes, x => x.Role == ColumnRole.Parts && x.Heading.Length > 0 && !IsNamed(x) && contents.TextsOf(x).TrueForAll(t => t.StartsWith('/')) && StandsBeside(x, IsNamed));

        // Grapheme taught: ow. New sound: /oa/. Sounds in strokes, beside letters without, are what those say.
        columns = Taken(columns, ColumnRole.Sounds, x => x.Role == ColumnRole.Parts && IsNamed(x) && IsInStrokes(x) && StandsBeside(x, y => IsNamed(y) && IsLetters(y) && !contents.TextsOf(y).Exists(t => t.StartsWith('/'))));

        // Whole words that show the letters of their rows are examples of them: spellings to take home.
        columns = Taken(columns, ColumnRole.Words, x => x.Role == ColumnRole.Parts && !IsLetters(x) && Mostly(contents.TextsOf(x), t => contents.Reader.Read(t).All(p => p.Kind == WrittenKind.Word)) && contents.IsShown(x, 1, [.. Taught().Where(y => y != x && IsLetters(y))]));

        // Use mirrors, magnetic letters, under a heading that nobody knows: words that show no letters of their rows are said of them.
        columns = Taken(columns, ColumnRole.Notes, x => x.Role == ColumnRole.Words && x.Heading.Length > 0 && !IsNamed(x) && !contents.IsShown(x, 1, [.. Taught().Where(y => y != x)]) && StandsBeside(x, IsLetters));

        // Teach: ar. Practise: car, farm, hard.
        columns = Taken(columns, ColumnRole.Words, x => x.Role == ColumnRole.Notes && SheetHeadings.SaysPractise(x.Heading) && contents.IsShown(x, 1, [.. Taught().Where(y => y != x)]));

        // New words and words to revisit: those were new before.
        columns = Taken(columns, ColumnRole.Notes, x => x.Role == ColumnRole.TrickyWords && SheetHeadings.SaysAgain(x.Heading) && columns.Any(y => y.Role == ColumnRole.TrickyWords && !SheetHeadings.SaysAgain(y.Heading)));

        // Old sound, new sound: of words that show the letters those count that show what is new.
        columns = Taken(columns, ColumnRole.Notes, x => x.Role is ColumnRole.Words or ColumnRole.Sounds && SheetHeadings.SaysOld(x.Heading) && columns.Any(y => y != x && y.Role == x.Role));

        // Focus: letters, pairs. In words alone nothing is taught, where letters stand under sounds.
        columns = Taken(columns, ColumnRole.Notes, x => IsPart(x) && contents.TextsOf(x) is { Count: > 2 } texts && texts.TrueForAll(t => contents.Reader.Read(t).All(p => p.Kind is WrittenKind.Kept or WrittenKind.Word or WrittenKind.Lesson))
            && texts.Exists(t => LessonWords.LessonOf(t) is null) && columns.Any(y => y.Role == ColumnRole.Sounds && IsLetters(y)));

        // Sound: l. Write on boards: l on the back of a friend.
        columns = Taken(columns, ColumnRole.Notes, x => IsPart(x) && x.Heading.Length > 0 && !IsNamed(x) && columns.Any(y => y.Role == ColumnRole.Sounds && Mostly(contents.TextsOf(y), contents.Reader.LooksLikePart) && contents.IsBeside(x, y) && Describes(x, y, contents)));

        // Sounds are said of the letters beside them; where no column stands beside them, or lists of them stand mostly alone, they are what is taught.
        var none = Taught().Count == 0;
        // /m/ m says both.
        columns = Taken(columns, ColumnRole.Parts, x => x.Role == ColumnRole.Sounds && (none || contents.TextsOf(x).TrueForAll(t => PartPatterns.Sounded.IsMatch(t) && PartPatterns.Sounded.Replace(t, "").Any(char.IsAsciiLetter)) || (!StandsBeside(x, y => y.Heading.Length > 0) && Mostly(contents.TextsOf(x), t => contents.Reader.Read(t).Count > 1))));

        // /ai/ as in day, beside its spellings: how a sound is called, though nothing heads it.
        columns = Taken(columns, ColumnRole.Sounds, x => IsPart(x) && contents.TextsOf(x) is { Count: > 2 } texts && texts.TrueForAll(PartPatterns.SoundAsIn.IsMatch) && StandsBeside(x, IsNamed));

        // Grapheme: ow. First sound taught: ow (cow): the same letters once more.
        columns = Taken(columns, ColumnRole.Notes, x => IsPart(x) && x.Heading.Length > 0 && Taught().TakeWhile(y => y != x).Any(y => IsPart(y) && contents.TextsOf(y).Exists(t => t.Any(char.IsAsciiLetterLower)) && Repeats(x, y, contents)));

        // Long a, beside a_e: how a sound is called.
        columns = Taken(columns, ColumnRole.Sounds, x => IsPart(x) && IsManner(x) && StandsBeside(x, y => !IsManner(y)));
        // Phrases under a heading that nobody knows, beside letters under one that says so, are talk: something orange, a doll.
        columns = Taken(columns, ColumnRole.Notes, x => IsPart(x) && x.Heading.Length > 0 && !IsNamed(x) && contents.TextsOf(x) is { Count: > 2 } texts
            && Mostly(texts, t => !t.Contains(',', StringComparison.Ordinal) && t.Split(' ') is { Length: > 1 } said && said.Any(w => w.Length > 2 && w.All(char.IsAsciiLetter) && words.FindWord(w) is not null)) && StandsBeside(x, y => IsNamed(y) && IsLetters(y)));

        // Week 6: Review and assess, Christmas play. It holds what most of the weeks beside it hold.
        string WeekOf(SheetColumn x) => x.Heading.Length > 0 ? x.Heading : contents.CellsOf(x).Select(c => c.Text).FirstOrDefault("");
        var weeks = columns.Where(x => SheetWords.IsWeek(WeekOf(x))).ToList();
        columns = Taken(columns, ColumnRole.Parts, x => weeks.Contains(x) && x.Role is ColumnRole.Notes or ColumnRole.TrickyWords or ColumnRole.Words
            && weeks.Count(IsPart) * 2 > weeks.Count && weeks.DistinctBy(WeekOf).Count() == weeks.Count);
        var parts = Taught();
        return [.. columns.Select(x => x.Told ? x : x with { Role = Settled(x, columns, parts, contents, words) })];
    }

    private static bool IsWeekOfEachRow(SheetColumn x, SheetColumn numbers, IReadOnlyList<SheetColumn> columns, ColumnContents contents) => x.Role is ColumnRole.Week or ColumnRole.Section
        && WeeksOf(x, columns, contents) is { Count: > 2 } weeks && weeks.Distinct().Count() == weeks.Count && weeks.Count * 2 > contents.TextsOf(numbers).Count;

    // Each with the term that it stands in, where weeks are counted anew in each.
    private static List<(string Term, string Week)> WeeksOf(SheetColumn weeks, IReadOnlyList<SheetColumn> columns, ColumnContents contents)
    {
        var terms = columns.Where(x => x != weeks && x.Role == ColumnRole.Section).Select(x => contents.CellsOf(x).ToList()).ToList();
        return [.. contents.CellsOf(weeks).Select(x => (string.Join('|', terms.Select(t => t.Where(c => c.Row <= x.Row).MaxBy(c => c.Row)?.Text)), x.Text))];
    }

    /// <summary>True when the words over a column say what it holds, or that it is a day, a week or a term.</summary>
    public static bool IsNamed(SheetColumn x) => SheetHeadings.RoleOf(x.Heading) is not null || SheetWords.HeadsDay(x.Heading) || SheetWords.IsSection(x.Heading) || SheetWords.IsWeek(x.Heading);

    // Where no column is called what is taught, one in which little else stands is: new skill.
    private static IReadOnlyList<SheetColumn> Promoted(IReadOnlyList<SheetColumn> columns, ColumnContents contents)
    {
        var best = columns.Any(x => x.Role is ColumnRole.Parts or ColumnRole.Sounds or ColumnRole.Endings or ColumnRole.Clusters or ColumnRole.RimeUnits) ? null
            : columns.Where(x => !x.Told && x.Role == ColumnRole.Notes).Select(x => (Column: x, Share: Share(contents.TextsOf(x), contents.Reader.LooksLikePart))).Where(x => x.Share >= 0.6).OrderByDescending(x => x.Share).FirstOrDefault().Column;
        return best is null ? columns : [.. columns.Select(x => x == best ? x with { Role = ColumnRole.Parts } : x)];
    }

    // The columns of which something is found, taken to hold what that says; what a person said stands.
    private static IReadOnlyList<SheetColumn> Taken(IReadOnlyList<SheetColumn> columns, ColumnRole role, Predicate<SheetColumn> when) =>
        [.. columns.Select(x => !x.Told && when(x) ? x with { Role = role } : x)];

    /// <summary>True for letters that the rows above taught, in a column beside that of the new ones: they are gone over.</summary>
    public static bool GoesOver(SheetColumn x, IReadOnlyList<SheetColumn> columns, ColumnContents contents)
    {
        List<(int Row, string Letters)> LettersOf(SheetColumn y) => [.. contents.CellsOf(y).SelectMany(c => contents.Reader.Read(c.Text).Where(p => p.Kind == WrittenKind.Grapheme).Select(p => (c.Row, p.Letters)))];
        return LettersOf(x) is { Count: > 3 } again && columns.Any(y => y != x && IsPart(y) && contents.IsBeside(x, y)
            && LettersOf(y) is var taught && again.Count(a => taught.Exists(t => t.Letters == a.Letters && t.Row <= a.Row)) * 10 >= again.Count * 8
            && again.Count(a => taught.Exists(t => t.Letters == a.Letters && t.Row < a.Row)) * 3 >= again.Count);
    }

    // In every row the letters of the other column, and no more.
    private static bool Repeats(SheetColumn x, SheetColumn other, ColumnContents contents)
    {
        ILookup<int, string> LettersOf(SheetColumn y) => contents.CellsOf(y).SelectMany(c => contents.Reader.Read(c.Text).Select(p => (c.Row, p.Letters))).ToLookup(c => c.Row, c => c.Letters);
        var (mine, theirs) = (LettersOf(x), LettersOf(other));
        return mine.Count > 2 && mine.All(r => r.SequenceEqual(theirs[r.Key]));
    }

    private static bool IsPart(SheetColumn x) => x.Role == ColumnRole.Parts && !SheetWords.HeadsDay(x.Heading);

    /// <summary>True for what is said, in words, of the letters in the same rows of another column, and of no others: <i>l on the back of a friend</i>.</summary>
    public static bool Describes(SheetColumn x, SheetColumn letters, ColumnContents contents)
    {
        var rows = contents.CellsOf(letters).GroupBy(c => c.Row).ToDictionary(c => c.Key, c => c.SelectMany(t => contents.Reader.Read(t.Text)).ToList());
        var told = contents.CellsOf(x).Where(c => rows.ContainsKey(c.Row)).Select(c => (c.Row, Read: contents.Reader.Read(c.Text).Where(p => p.Kind == WrittenKind.Grapheme).ToList())).ToList();
        return told.Count > 2 && Share(contents.TextsOf(x), t => t.Split(' ').Any(w => w.Length > 3 && w.All(char.IsAsciiLetter))) >= 0.6
            && told.Exists(c => c.Read.Count > 0) && told.TrueForAll(c => c.Read.TrueForAll(p => rows[c.Row].Exists(r => r.Letters.Contains(p.Letters, StringComparison.Ordinal))));
    }

    // The words he and she are said of no letters.
    internal static bool IsTalk(List<string> texts) => texts.Count > 3 && Share(texts, t => !SheetLines.Of(t).Any(SheetWords.LabelsTrickyWords) && LessonWords.LessonOf(t) is null && !LessonWords.NamesDoing(t) && t.Split(' ') is { Length: > 2 } all && all.Any(w => w.Length > 3 && w.All(char.IsAsciiLetter))) >= 0.4;

    private static ColumnRole Settled(SheetColumn x, IReadOnlyList<SheetColumn> all, List<SheetColumn> parts, ColumnContents contents, SchoolWords words)
    {
        // Words for each day that show what the row is about.
        if (x.Role == ColumnRole.Parts && SheetWords.HeadsDay(x.Heading) && parts.Exists(p => !SheetWords.HeadsDay(p.Heading)) && contents.IsShown(x, 1, parts)
            && contents.TextsOf(x).TrueForAll(t => contents.Reader.Read(t).All(p => p.Kind == WrittenKind.Word)))
        {
            return ColumnRole.Words;
        }

        // Words to learn that all show what their row teaches are its examples: badge, edge, bridge. Beside a dozen letters any would.
        if (x.Role == ColumnRole.TrickyWords && contents.IsShown(x, 2, parts, LettersTold))
        {
            return ColumnRole.Words;
        }

        // The commonest words in a row under nothing: a list to be learnt by heart, and no words that show anything.
        if (x.Role == ColumnRole.Words && parts.Count == 0 && x.Heading.Length == 0 && contents.TextsOf(x) is { Count: > 2 } list && list.TrueForAll(contents.Reader.IsLearntByHeart) && list.Exists(contents.Reader.IsToldWhole))
        {
            return ColumnRole.TrickyWords;
        }

        var named = SheetHeadings.RoleOf(x.Heading);
        if (x.Role != ColumnRole.Words || (named == ColumnRole.Words && parts.Count == 0))
        {
            return x.Role;
        }

        var rows = contents.Beside(x, parts);
        var shown = rows.Count(r => r.Words.Any(w => r.Parts.Any(p => p.IsSeenIn(w))));

        // New words in few rows, of which each has to be told: I, the.
        if (rows.Count is 1 or 2 && shown == 0 && rows.TrueForAll(r => r.Words.Count > 0 && r.Words.All(contents.Reader.IsToldWhole)))
        {
            return ColumnRole.TrickyWords;
        }

        // In two rows anything may seem to show anything: there every word has to.
        if (rows.Count < 3 && named is null && !rows.All(r => r.Words.All(w => r.Parts.Any(p => p.IsSeenIn(w)))))
        {
            return ColumnRole.Notes;
        }

        // The commonest words of all show no part, unless each shows its own: the and was are learnt as they stand.
        if (rows.Count >= 3 && shown < rows.Count && rows.TrueForAll(r => r.Words.All(w => words.FindWord(w) is { Rank: < Commonest })))
        {
            return ColumnRole.TrickyWords;
        }

        if (rows.Count < 3 || shown * 10 >= rows.Count * (named is null ? 6 : 3))
        {
            return x.Role;
        }

        // Where a column says that it holds the words to be learnt, another that says something else does not.
        if (named is null && x.Heading.Length > 0 && all.Any(c => c != x && SheetHeadings.RoleOf(c.Heading) == ColumnRole.TrickyWords))
        {
            return ColumnRole.Notes;
        }

        // First sound, second sound, new sound: what was done.
        if (named is null && x.Heading.Length > 0 && rows.SelectMany(r => r.Words.Distinct()).CountBy(w => w).Max(w => w.Value) * 2 >= Math.Max(5, rows.Count) && !contents.TextsOf(x).Exists(t => t.AsSpan().ContainsAny(",;/\n")))
        {
            return ColumnRole.Notes;
        }

        // Words that show no part of their row are words to be learnt when sentences are full of them, and talk when not.
        var learnt = rows.SelectMany(r => r.Words).ToList();
        return learnt.Count(w => words.FindWord(w) is { Rank: < Frequent }) * 2 > learnt.Count ? ColumnRole.TrickyWords : ColumnRole.Notes;
    }
}
