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
    [InlineData("a - e", "a_e:ai")]
    [InlineData("ph - f", "")] // what ph says, or another letter: kept as it stands
    public void Letters_in_a_row_are_a_list_whatever_stands_between_them(string cell, string given) =>
        Assert.Equal(given, string.Join(' ', Read(["t"], ["o"], [cell], ["i"]).Skip(2).SkipLast(1).SelectMany(Gives)));

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
