using System.Collections.Concurrent;
using System.Text.RegularExpressions;
using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Importing;

namespace BoldLadder.Server.Tests.Importing;

/// <summary>Sheets as schools would keep them; see tests/sheets.</summary>
public partial class SchoolSheetsTests
{
    private static readonly ShippedData Shipped = new();

    private static readonly ConcurrentDictionary<string, LadderImport> Imports = new();

    // Each sheet is asked about by several tests, and read once for all of them.
    private static readonly ConcurrentDictionary<string, (WrittenSheet Written, ImportedLadder Imported)> Brought = new();

    public static TheoryData<string> All => [.. WrittenSheet.Names];

    [Theory]
    [MemberData(nameof(All))]
    public void Each_cell_gives_what_its_teacher_meant_or_is_asked(string name)
    {
        var (written, imported) = Bring(name);
        Assert.Null(imported.Problem);

        // A column that nobody could tell is asked about, and no other.
        Assert.Equal(written.Asked.Keys.Order(), imported.Columns.Where(x => x.Choices.Count > 0).Select(x => x.Column));
        Assert.All(written.Asked, x => Assert.Contains(x.Value, imported.Columns.First(c => c.Column == x.Key).Choices));
        var expected = written.Cells.SelectMany(x => x.Gives).Order(StringComparer.Ordinal);
        Assert.Equal(string.Join("\n", expected), string.Join("\n", imported.Rungs.SelectMany(x => Tokens(x, imported)).Order(StringComparer.Ordinal)));

        // Each from its own cell.
        foreach (var rung in imported.Rungs)
        {
            Assert.All(Tokens(rung, imported), t => Assert.Contains(written.Cells.Where(c => rung.Sources.Any(s => s.Cell == c.Address)).SelectMany(c => c.Gives), g => g == t));
        }
    }

    [Fact]
    public void Rungs_come_row_by_row_or_where_weeks_and_terms_stand_side_by_side_column_by_column() => Assert.All(WrittenSheet.Names, name =>
    {
        var (written, imported) = Bring(name);
        Assert.True(written.Has("order", "times") || InOrder(written, imported), name);
    });

    private static bool InOrder(WrittenSheet written, ImportedLadder imported)
    {
        var cells = imported.Rungs.Select(x => written.Cells.FirstOrDefault(c => c.Address == x.Sources[0].Cell)).OfType<WrittenCell>().ToList();
        var places = cells.Select(x => written.Has("order", "columns") ? (x.Column, x.Row) : (x.Row, x.Column)).ToList();
        return places.SequenceEqual(places.Order());
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void Sheets_made_by_dice_are_read_as_they_were_meant(int round)
    {
        var wrong = new List<string>();
        for (var seed = round * 1000; seed < (round * 1000) + 40; seed++)
        {
            var written = WrittenSheet.Of($"diced-{seed}", DicedSheets.Make(seed));
            var imported = Read(written, Sheets(written));
            var (expected, got) = (written.Cells.SelectMany(x => x.Gives).Order(StringComparer.Ordinal).ToList(), imported.Rungs.SelectMany(x => Tokens(x, imported)).Order(StringComparer.Ordinal).ToList());
            wrong.AddRange(expected.SequenceEqual(got) && InOrder(written, imported) && imported.Columns.All(x => x.Choices.Count == 0) ? [] : [$"{seed}: {string.Join(' ', expected.Except(got))} missing, {string.Join(' ', got.Except(expected))} not meant; {string.Join(" / ", imported.Columns.Select(x => $"{x.Heading}={x.Role}"))}\n{string.Join("\n", DicedSheets.Make(seed))}"]);
        }

        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
    }

    public static TheoryData<string> Changes => [.. Changed.Keys];

    private static readonly HashSet<string> Usual =
    [
        "a title", "notes", "who teaches", "empty rows and columns before it", "empty rows between", "who keeps it, below", "spaces of another kind", "colons behind headings",
        "letters below each other", "dots between letters", "nothing but spaces between letters", "full stops behind letters", "columns the other way round",
    ];

    // What makes no difference to what is taught: each on fifty of the sheets that it can be made on, or on one in twelve where that is more; on one in three what is met most.
    private static readonly Dictionary<string, Func<WrittenSheet, IReadOnlyList<SheetCell>, IEnumerable<SheetCell>?>> Changed = new()
    {
        ["a title"] = (_, cells) => cells.Select(x => x with { Row = x.Row + 3 }).Prepend(new SheetCell(2, 1, "Reception phonics plan")).Prepend(new SheetCell(1, 1, "Harbour Lane Primary School")),
        ["notes"] = (written, cells) => !IsTable(written, cells) ? null
            : cells.Concat(cells.Select(x => x.Row).Distinct().Select((row, at) => new SheetCell(row, cells.Max(x => x.Column) + 1, at == 0 ? "Notes" : ((string[])["went well", "use the magnets", "needs more practice", "repeat with cards"])[at % 4]))),
        ["who teaches"] = (written, cells) => !IsTable(written, cells) ? null
            : cells.Concat(cells.Select(x => x.Row).Distinct().Select((row, at) => new SheetCell(row, cells.Max(x => x.Column) + 1, at == 0 ? "Staff" : ((string[])["KT", "MB", "JO"])[at % 3]))),
        ["empty rows and columns before it"] = (written, cells) => written.Asked.Count > 0 ? null : cells.Select(x => x with { Row = x.Row + 1, Column = x.Column + 2 }),
        ["empty rows between"] = (_, cells) => cells.Select(x => x with { Row = x.Row * 2 }),
        ["who keeps it, below"] = (_, cells) => cells.Append(new SheetCell(cells.Max(x => x.Row) + 2, 1, "Updated September 2026 by Ms Okafor")),
        ["spaces of another kind"] = (_, cells) => cells.Select(x => x with { Text = $"  {x.Text.Replace(' ', '\u00A0')} " }),
        ["colons behind headings"] = (written, cells) => !IsTable(written, cells) ? null : cells.Select(x => x.Row == cells.Min(c => c.Row) ? x with { Text = x.Text + ":" } : x),
        ["letters below each other"] = (_, cells) => Listed(cells, x => x.Replace(", ", "\n", StringComparison.Ordinal)),
        ["dots between letters"] = (_, cells) => Listed(cells, x => x.Replace(", ", " · ", StringComparison.Ordinal)),
        ["nothing but spaces between letters"] = (_, cells) => Listed(cells, x => x.Replace(", ", " ", StringComparison.Ordinal)),
        ["full stops behind letters"] = (_, cells) => Listed(cells, x => x + "."),
        ["commas behind letters"] = (_, cells) => Listed(cells, x => x + ","),
        ["semicolons between letters"] = (_, cells) => Listed(cells, x => x.Replace(", ", "; ", StringComparison.Ordinal)),
        ["letters in quotes"] = (_, cells) => Listed(cells, x => string.Join(", ", x.Split(", ").Select(t => $"“{t}”"))),
        ["letters in angle brackets"] = (_, cells) => Listed(cells, x => string.Join(", ", x.Split(", ").Select(t => $"<{t}>"))),
        ["letters in square brackets"] = (_, cells) => Listed(cells, x => string.Join(", ", x.Split(", ").Select(t => $"[{t}]"))),
        ["bullets before letters"] = (_, cells) => Listed(cells, x => "• " + x.Replace(", ", "\n• ", StringComparison.Ordinal)),
        ["dashes before letters"] = (_, cells) => Listed(cells, x => "- " + x.Replace(", ", "\n- ", StringComparison.Ordinal)),
        ["numbers before letters"] = (_, cells) => Listed(cells, x => string.Join('\n', x.Split(", ").Select((t, at) => $"{at + 1}. {t}"))),
        ["arrows between three letters"] = (_, cells) => Listed(cells, x => x.Split(", ").Length > 2 ? x.Replace(", ", " → ", StringComparison.Ordinal) : x),
        ["hyphens that do not break"] = (_, cells) => cells.Select(x => x with { Text = WithinWord().Replace(x.Text, "\u2011") }),
        ["two spaces for one"] = (_, cells) => cells.Select(x => x with { Text = x.Text.Replace(" ", "  ", StringComparison.Ordinal) }),
        ["a sentence above a table"] = (written, cells) => !IsTable(written, cells) ? null : Above(cells, "Each week we teach new sounds and go over the old ones. Please stick to the order."),
        ["what colours mean, above"] = (_, cells) => Above(cells, "Key: bold = new, italics = review"),
        ["what colours mean, below"] = (_, cells) => cells.Append(new SheetCell(cells.Max(x => x.Row) + 2, 1, "Key: green = taught, amber = needs going over")),
        ["stars behind headings"] = (written, cells) => !IsTable(written, cells) ? null : cells.Select(x => x.Row == cells.Min(c => c.Row) ? x with { Text = x.Text + "*" } : x),
        ["numbers of the rows"] = (written, cells) => !IsTable(written, cells) || cells.Any(x => x.Row == 1 && RowCount().IsMatch(x.Text)) ? null
            : cells.Select(x => x with { Column = x.Column + 1 }).Concat(cells.Select(x => x.Row).Distinct().Select((row, at) => new SheetCell(row, 1, at == 0 ? "No." : $"{at}"))),
        ["what children will be able to do"] = (written, cells) => !IsTable(written, cells) ? null
            : cells.Concat(cells.Select(x => x.Row).Distinct().Select((row, at) => new SheetCell(row, cells.Max(x => x.Column) + 1, at == 0 ? "Learning objective" : ((string[])["I can hear and say the sound", "To blend and read words", "To write the letter correctly"])[at % 3]))),
        ["a total below"] = (written, cells) => !IsTable(written, cells) ? null : cells.Append(new SheetCell(cells.Max(x => x.Row) + 1, 1, "Total")).Append(new SheetCell(cells.Max(x => x.Row) + 1, 2, "24")),
        ["weeks by their words"] = (_, cells) => Weeks(cells, n => n is > 0 and < 11 ? "Week " + "one two three four five six seven eight nine ten".Split(' ')[n - 1] : $"Week {n}"),
        ["weeks in their order"] = (_, cells) => Weeks(cells, n => $"{n}{(n is 1 or 21 or 31 ? "st" : n is 2 or 22 or 32 ? "nd" : n is 3 or 23 or 33 ? "rd" : "th")} week"),
        ["weeks with their first day"] = (_, cells) => Weeks(cells, n => $"Week {n}\nw/b {new DateOnly(2026, 9, 7).AddDays((7 * n) - 7):dd/MM/yy}"),
        ["weeks with a dash and their first day"] = (_, cells) => Weeks(cells, n => $"Week {n} - {new DateOnly(2026, 9, 7).AddDays((7 * n) - 7):dd.MM}"),
        // Sum alone, beside neither of the others, is a total.
        ["seasons by their first letters"] = (_, cells) => cells.Any(x => Season().Match(x.Text) is { Success: true } season && season.Groups["first"].Value != "Sum") ? cells.Select(x => x with { Text = Season().Replace(x.Text, "${first}") }) : null,
        ["bullets before words by heart"] = (written, cells) => ByHeart(written, cells, x => "• " + x.Replace(", ", "\n• ", StringComparison.Ordinal)),
        ["words by heart below each other"] = (written, cells) => ByHeart(written, cells, x => x.Replace(", ", "\n", StringComparison.Ordinal)),
        ["numbers before words by heart"] = (written, cells) => ByHeart(written, cells, x => string.Join('\n', x.Split(", ").Select((t, at) => $"{at + 1}. {t}"))),
        ["columns the other way round"] = (written, cells) => !IsTable(written, cells) ? null : cells.Select(x => x with { Column = cells.Max(c => c.Column) + 1 - x.Column }),
    };

    [GeneratedRegex("(?<=[A-Za-z])-(?=[A-Za-z])|(?<![A-Za-z])-(?=[a-z])")]
    private static partial Regex WithinWord();

    [GeneratedRegex("^(No|#|Nr|Number)", RegexOptions.IgnoreCase)]
    private static partial Regex RowCount();

    [GeneratedRegex("^(?:(?<first>Aut)umn|(?<first>Spr)ing|(?<first>Sum)mer)(?= ?[0-9]?$)")]
    private static partial Regex Season();

    [GeneratedRegex("^Week (?<n>[0-9]+)$")]
    private static partial Regex Week();

    private static IEnumerable<SheetCell> Above(IReadOnlyList<SheetCell> cells, string line) => cells.Select(x => x with { Row = x.Row + 2 }).Prepend(new SheetCell(1, 1, line));

    private static IEnumerable<SheetCell>? Weeks(IReadOnlyList<SheetCell> cells, Func<int, string> called) => !cells.Any(x => Week().IsMatch(x.Text)) ? null
        : cells.Select(x => Week().Match(x.Text) is { Success: true } week ? x with { Text = called(int.Parse(week.Groups["n"].Value)) } : x);

    // Cells of words by heart and nothing else, two or more.
    private static IEnumerable<SheetCell>? ByHeart(WrittenSheet written, IReadOnlyList<SheetCell> cells, Func<string, string> otherwise)
    {
        bool IsWords(SheetCell x) => x.Text.Split(", ") is { Length: > 1 } all && all.All(t => t.All(char.IsAsciiLetter)) && written.Cells.Any(c => c.Row == x.Row && c.Column == x.Column && c.Gives.Count == all.Length && c.Gives.All(g => g[0] == '!'));
        return cells.Any(IsWords) ? cells.Select(x => IsWords(x) ? x with { Text = otherwise(x.Text) } : x) : null;
    }

    // Short things with commas between, written otherwise; null where there are none.
    private static IEnumerable<SheetCell>? Listed(IReadOnlyList<SheetCell> cells, Func<string, string> otherwise)
    {
        bool IsList(SheetCell x) => x.Text.Split(", ") is { Length: > 1 } all && all.All(t => t.Length is >= 1 and <= 3 && t.All(char.IsAsciiLetterLower));
        return cells.Any(IsList) ? cells.Select(x => IsList(x) ? x with { Text = otherwise(x.Text) } : x) : null;
    }

    // A row of headings, each over a column of its own, and below it something taught in every row or nearly.
    private static bool IsTable(WrittenSheet written, IReadOnlyList<SheetCell> cells)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Select(x => x.ToList()).ToList();
        bool Gives(SheetCell x) => written.Cells.Any(c => c.Row == x.Row && c.Column == x.Column && c.Gives.Count > 0);
        return written.Asked.Count == 0 && !written.Has("order", "columns") && cells.All(x => x is { Columns: 1, Rows: 1, Hidden: false, Struck: false }) && rows.Count > 3
            && rows[0].Count > 1 && rows[0].Count == cells.Max(x => x.Column) && !rows[0].Exists(Gives) && rows[1].Exists(Gives) && rows.Skip(1).Count(x => x.Exists(Gives)) * 10 >= rows.Count * 8;
    }

    [Theory]
    [MemberData(nameof(Changes))]
    public void What_makes_no_difference_to_a_reader_makes_none_here(string change)
    {
        var able = WrittenSheet.Names.Select(x => (Name: x, Written: Bring(x).Written, Only: OnlySheet(x))).Where(x => x.Only is not null).Select(x => (x.Name, x.Written, Only: x.Only!, Cells: Changed[change](x.Written, x.Only!.Cells)?.ToList())).Where(x => x.Cells is not null).ToList();
        var step = Math.Clamp(able.Count / 50, 1, Usual.Contains(change) ? 3 : 12);
        var some = able.Where((_, at) => at % step == change.Length % step).ToList();
        var told = some.Where(x => !Said(Bring(x.Name).Imported).SequenceEqual(Said(Read(x.Written, [x.Only with { Cells = x.Cells! }])))).Select(x => x.Name).ToList();
        Assert.True(some.Count >= 50 && told.Count * 100 <= some.Count, $"{told.Count} of {some.Count}: {string.Join(", ", told)}");

        // The days of a week that stand side by side come the other way round with their columns.
        IEnumerable<string> Said(ImportedLadder x) => x.Rungs.Select(r => string.Join(' ', Tokens(r, x).Order(StringComparer.Ordinal))) is var rungs && change.StartsWith("columns", StringComparison.Ordinal)
            ? rungs.SelectMany(r => r.Split(' ')).Order(StringComparer.Ordinal) : rungs;
    }

    [Fact]
    public void At_most_one_thing_is_asked_for_ten_rungs()
    {
        var all = WrittenSheet.Names.Select(x => Bring(x).Imported).ToList();
        Assert.True(all.Sum(x => x.Doubts.Count + x.Columns.Count(c => c.Choices.Count > 0)) * 10 <= all.Sum(x => x.Rungs.Count));
    }

    [Theory]
    [InlineData("99-alphabetical", true, "a m s d n t e l b f g ch ng igh oa")]
    [InlineData("83-phoneme-grapheme-table", true, "ch ff ck tch ve ph ch mb kn wr eigh e_e")]
    [InlineData("257-alphabet-order-with-weeks", true, "a m s t i n p d g o c b e")]
    [InlineData("1018-family-table", true, "ee ea e_e igh ie i_e ai ay a_e oa oe o_e")]
    [InlineData("148-from-january", false, "m o d a n sh ee")]
    [InlineData("147-halves", false, "m j p u w t d a s e c k ck i o n g sh ch ng ai ee igh oa ar")]
    public void What_is_taught_first_comes_first_wherever_its_row_or_its_column_stands(string name, bool moved, string order)
    {
        var imported = Bring(name).Imported;
        Assert.Equal(moved, imported.Moved);
        Assert.Equal(order, string.Join(' ', imported.Rungs.Select(x => string.Join(',', x.Rung.Correspondences.Select(c => c.Grapheme.Text)))));
    }

    [Fact]
    public void One_date_that_can_only_have_its_month_first_says_so_of_all() =>
        Assert.Equal(["2026-09-08", "2026-09-10", "2026-09-15"], Bring("141-us-kinder").Imported.Rungs.Take(3).Select(x => $"{x.Date:yyyy-MM-dd}"));

    [Fact]
    public void The_weeks_of_two_tables_one_below_the_other_are_woven_together() => Assert.Equal(
        "i d o g t p I m a the n s to no  k e go",
        string.Join(' ', Bring("680-two-tables").Imported.Rungs.Select(x => string.Join(' ', x.Rung.Correspondences.Select(c => c.Grapheme.Text).Concat(x.Rung.TrickyWords)))));

    [Fact]
    public void Rows_that_stand_in_the_order_of_their_weeks_are_left_as_they_stand() => Assert.All(
        WrittenSheet.Names.Where(x => x is not ("99-alphabetical" or "83-phoneme-grapheme-table" or "146-gpc-weeks" or "257-alphabet-order-with-weeks" or "680-two-tables" or "971-two-tables" or "1018-family-table")), x => Assert.False(Bring(x).Imported.Moved, x));

    private static readonly ConcurrentDictionary<string, Sheet?> Onlies = new();

    // The sheet of a file that holds one; null for any other.
    private static Sheet? OnlySheet(string name) => Onlies.GetOrAdd(name, static x => Sheets(x).Sheets is [{ Hidden: false } only] ? only : null);

    private static (WrittenSheet Written, ImportedLadder Imported) Bring(string name) => Brought.GetOrAdd(name, static x =>
    {
        var (written, sheets) = Sheets(x);
        return (written, Read(written, sheets));
    });

    private static (WrittenSheet Written, IReadOnlyList<Sheet> Sheets) Sheets(string name)
    {
        var written = WrittenSheet.Read(name);
        return (written, Sheets(written));
    }

    private static IReadOnlyList<Sheet> Sheets(WrittenSheet written) => written.Kind is "pasted" or "html" ? TextSheets.Pasted(SheetMaker.Pasted(written))
        : SheetFile.Read($"{written.Name}.{(written.Kind == "ssv" ? "csv" : written.Kind)}", SheetMaker.Make(written));

    private static ImportedLadder Read(WrittenSheet written, IReadOnlyList<Sheet> sheets)
    {
        var import = Imports.GetOrAdd(written.Accent, static accent =>
        {
            var words = new SchoolWords(Shipped.Lexicon, Accent.Find(accent)!);
            return new LadderImport(Shipped.Correspondences, words, new SpellingShares(words, Shipped.Correspondences)) { YearBegins = new DateOnly(2026, 9, 2) };
        });
        return import.Read(sheets, import.Likeliest(sheets), written.Asked, new Dictionary<string, string>());
    }

    private static IEnumerable<string> Tokens(ImportedRung rung, ImportedLadder imported)
    {
        var kept = imported.Kept.Where(x => rung.Sources.Any(s => s.Cell == x.Cell)).ToList();
        return rung.Rung.Adds.Select(x => x.IsPrint || x.Kind == TeachableKind.Structure ? x.Code.ToLowerInvariant() : x.Code.Replace(' ', ','))
            .Concat(rung.Rung.TrickyWords.Select(x => "!" + x.ToLowerInvariant())).Concat(rung.DoubtIds.Select(x => "?" + x)).Concat(kept.Select(_ => "kept"))
            .Concat(rung.Rung.Kind == RungKind.Teach || kept.Count > 0 || rung.DoubtIds.Count > 0 ? [] : [$"={rung.Rung.Kind.ToString().ToLowerInvariant()}"]);
    }
}
