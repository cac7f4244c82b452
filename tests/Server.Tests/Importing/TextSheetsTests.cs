using BoldLadder.Server.Importing;

namespace BoldLadder.Server.Tests.Importing;

/// <summary>What divides the cells of a file of plain text.</summary>
public sealed class TextSheetsTests
{
    [Theory]
    [InlineData("1,h; n\n2,f; j; c\n3,s\n", "h; n")]
    [InlineData("1;h, n\n2;f, j, c\n3;s\n", "h, n")]
    [InlineData("r;rat, rug, rip;\nk;kit, kid, keg;go\n", "rat, rug, rip")]
    [InlineData("1,\"a; b, c\"\n2,\"d; e, f\"\n", "a; b, c")]
    [InlineData("no, word, who teaches\n1, sun, Ms Osei\n2, pin, Mr Lam\n3, dog, Mr Lam\n4, cat, Mr Lam\n", "word")]
    public void What_is_said_in_a_cell_does_not_divide_it(string text, string second) =>
        Assert.Equal(second, Assert.Single(TextSheets.Of("order", text, null)).Cells.First(x => x.Column == 2).Text);

    [Theory]
    [InlineData("Week 1: z\nWeek 2: e f v; tricky words: her, was\nWeek 3: k; tricky words: what\nWeek 4: b, u\n")]
    [InlineData("\"Week 1: p, c\"\n\"Week 2: e, r\"\n\"Week 3: h, b; tricky words: go\"\n")]
    public void Lines_of_letters_stay_whole(string text) => Assert.All(Assert.Single(TextSheets.Of("order", text, null)).Cells, x => Assert.Equal(1, x.Column));
}
