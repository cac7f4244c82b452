using BoldLadder.Core.Importing;

namespace BoldLadder.Core.Tests.Importing;

/// <summary>What differs from sheet to sheet and makes no difference to what is taught.</summary>
public class PlainSheetTests
{
    [Theory]
    [InlineData("the to", "!the !to")]
    [InlineData("a the", "!a !the")]
    [InlineData("I the go", "!I !the !go")]
    [InlineData("the sound sh", "sh:sh")]
    [InlineData("the letter a", "a:a")]
    [InlineData("no - go", "!no !go")]
    public void Words_by_heart_with_nothing_but_spaces_between_are_all_learnt(string cell, string given) => Assert.Equal(given, string.Join(' ', Gives(Read(["m"], ["o"], [cell], ["d"])[2])));

    [Theory]
    [InlineData("m - d", "m:m d:d")]
    [InlineData("m – d – sh", "m:m d:d sh:sh")]
    [InlineData("m · d · sh", "m:m d:d sh:sh")]
    [InlineData("m\nd\nsh", "m:m d:d sh:sh")]
    [InlineData("m → d → sh", "m:m d:d sh:sh")]
    [InlineData("m > d", "m:m d:d")]
    [InlineData("• m\n• d\n• sh", "m:m d:d sh:sh")]
    [InlineData("- m\n- d", "m:m d:d")]
    [InlineData("1. m\n2. d\n3. sh", "m:m d:d sh:sh")]
    [InlineData("<m>, <d>, <sh>", "m:m d:d sh:sh")]
    [InlineData("[m] [d]", "m:m d:d")]
    [InlineData("the and to", "!the !to")]
    [InlineData("I + a", "!I !a")]
    [InlineData("why - my", "!why !my")]
    [InlineData("• he\n• she", "!he !she")]
    [InlineData("he\nshe", "!he !she")]
    [InlineData("m the", "!the m:m")]
    [InlineData("ee (ea)", "ea:ee")]
    [InlineData("j (dge)", "dge:j")]
    [InlineData("ea (ee)", "ea:ee")]
    [InlineData("ph (f)", "ph:f")]
    [InlineData("sh\nship", "sh:sh")] // below its letters their word
    [InlineData("a - e", "a_e:ai")]
    [InlineData("ph - f", "")] // what ph says, or another letter: kept as it stands
    public void Letters_in_a_row_are_a_list_whatever_stands_between_them(string cell, string given) =>
        Assert.Equal(given, string.Join(' ', Read(["t"], ["o"], [cell], ["i"]).Skip(2).SkipLast(1).SelectMany(Gives)));

    [Theory]
    [InlineData("Week one", "Week two", "Week three")]
    [InlineData("1st week", "2nd week", "3rd week")]
    [InlineData("First week", "Second week", "Third week")]
    [InlineData("Week 1 - 07.09", "Week 2 - 14.09", "Week 3 - 21.09")]
    [InlineData("Week 1\nw/b 07/09/26", "Week 2\nw/b 14/09/26", "Week 3\nw/b 21/09/26")]
    [InlineData("Wk 1, 7 Sept - 11 Sept", "Wk 2, 14 Sept - 18 Sept", "Wk 3, 21 Sept - 25 Sept")]
    public void Weeks_are_weeks_however_they_are_called(string first, string second, string third) => Assert.Equal(
        ["m:m o:o", "d:d g:g", "t:t i:i"],
        Read([first, second, third], ["m", "d", "t"], ["o", "g", "i"]).Chunk(2).Select(x => string.Join(' ', x.SelectMany(Gives))));

    [Fact]
    public void Whatever_stands_round_weeks_that_are_told_with_what_each_row_holds_is_said_to_be_left_out()
    {
        var read = All(
            ["Our plan"], ["", "Mon", "Tue", "Wed"], ["Week 1 sound", "o", "m", "e"], ["Week 1 tricky", "", "the", ""],
            ["Week 2 sound", "t", "d", "i"], ["Week 2 tricky", "I", "", ""], ["", "bring boards"]);
        Assert.Equal(["o:o", "!the m:m", "e:e", "!I t:t", "d:d", "i:i"], read.Rungs.Select(x => string.Join(' ', Gives(x))));
        Assert.Equal(["A1", "B7"], read.LeftOut.Select(x => x.Source.Cell));
    }

    [Fact]
    public void A_word_is_learnt_and_not_what_is_done_with_it() =>
        Assert.Equal(["was", "you"], Read(["Week", "Sounds", "Tricky words"], ["1", "m", "introduce was, you"], ["2", "d", "teach the"], ["3", "t", "go"])[0].Rung.TrickyWords);

    [Fact]
    public void What_children_will_be_able_to_do_beside_letters_is_a_note()
    {
        string[][] lines = [["Week", "Sounds"], ["1", "m"], ["2", "d"], ["3", "t"], ["4", "revise"]];
        string[] aims = ["Learning objective", "I can hear and say the sound", "To blend and read words", "To write the letter correctly", "To read words"];
        Assert.Equal(Read(lines).Select(Gives), Read([.. lines.Select((x, i) => (string[])[.. x, aims[i]])]).Select(Gives));
    }

    [Fact]
    public void Notes_beside_weeks_that_stand_across_leave_these_as_they_are() => Assert.Equal(
        ["m:m", "d:d", "t:t", "o:o", "g:g", "i:i"], Read(["", "Week 1", "Week 2", "Week 3", "Notes"], ["Mon", "m", "t", "g", "went well"], ["Tue", "d", "o", "i", "cards"]).SelectMany(Gives));

    [Fact]
    public void Numbers_that_count_the_rows_beside_weeks_give_no_day()
    {
        var plain = Read(["Week", "Sounds"], ["1", "m, o"], ["2", "d, g"], ["3", "t, i"]);
        Assert.Equal(6, plain.Count);
        Assert.Equal(plain.Select(Gives), Read(["No.", "Week", "Sounds"], ["1", "1", "m, o"], ["2", "2", "d, g"], ["3", "3", "t, i"]).Select(Gives));
    }

    [Fact]
    public void Where_several_rows_stand_in_a_week_numbers_are_its_days() =>
        Assert.Equal(4, Read(["No.", "Week", "Sounds"], ["1", "1", "m, o"], ["2", "1", "d"], ["3", "2", "t, i"], ["4", "2", "n"]).Count);

    [Fact]
    public void A_line_below_a_table_is_left_out_and_said()
    {
        var read = All(["Week", "Sounds"], ["1", "m"], ["2", "d"], ["3", "t"], ["4", "i"], [], ["Please ask Ms Okafor about any of this"]);
        Assert.Equal(4, read.Rungs.Count);
        Assert.Equal("A7 NotRead", string.Join(", ", read.LeftOut.Select(x => $"{x.Source.Cell} {x.Reason}")));
    }

    [Theory]
    [InlineData("Each week we teach new sounds and go over the old ones.")]
    [InlineData("Key: green = taught, amber = needs going over")]
    public void What_is_said_above_a_table_is_left_out_and_said(string above)
    {
        var read = All([above], ["Week", "Sounds"], ["1", "m"], ["2", "d"], ["3", "t"], ["4", "i"]);
        Assert.Equal(["m:m", "d:d", "t:t", "i:i"], read.Rungs.SelectMany(Gives));
        Assert.Equal("A1 NotRead", string.Join(", ", read.LeftOut.Select(x => $"{x.Source.Cell} {x.Reason}")));
    }

    [Fact]
    public void Of_a_sheet_that_only_talks_nothing_is_taught_and_all_of_it_is_said() =>
        Assert.Equal(6, All(["Key: green = taught"], ["Key: amber = again"], ["Key: red = not yet"], ["Key: blue = checked"], ["Total", "24"]).LeftOut.Count);

    [Theory]
    [InlineData("Week 1 - set 2")]
    [InlineData("Week 1 - 4 sounds")]
    public void What_stands_behind_a_week_is_a_date_only_with_its_month(string week) => Assert.DoesNotContain("(", PlainCells.Text(week), StringComparison.Ordinal);

    [Theory]
    [InlineData("Tricky words: the, to")]
    [InlineData("Revise all of the sounds")]
    public void Unless_it_teaches_or_goes_over_something(string last)
    {
        var read = All(["Week", "Sounds"], ["1", "m"], ["2", "d"], ["3", "t"], ["4", "i"], [last]);
        Assert.Contains(read.Rungs[^1].Sources, x => x.Cell == "A6");
        Assert.DoesNotContain(read.LeftOut, x => x.Source.Cell == "A6");
    }

    private static IReadOnlyList<ImportedRung> Read(params string[][] lines) => All(lines).Rungs;

    private static ImportedLadder All(params string[][] lines) => Imports.Read(Sheet.Of("Plan", lines));

    private static IEnumerable<string> Gives(ImportedRung rung) => rung.Rung.TrickyWords.Select(x => "!" + x).Concat(rung.Rung.Adds.Select(x => x.Key));
}
