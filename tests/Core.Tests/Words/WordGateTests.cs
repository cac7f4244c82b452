using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Words;

public class WordGateTests
{
    [Theory]
    [InlineData("was")]
    [InlineData("Sam's hat is in the shell.")]
    [InlineData("Say /ʃ/ as in ship.")]
    [InlineData("Zoë went to the café.")]
    [InlineData("A scrap of grape.")]
    public void What_is_fit_for_a_class_goes_through_as_it_is(string text) => Assert.Equal((text, null), (World.Gate.Of(text).Plain, World.Gate.Of(text).Wrong));

    [Theory]
    [InlineData("ｓｈｉｐ", "ship")]
    [InlineData("𝐬𝐡𝐢𝐩", "ship")]
    [InlineData("𝓼hip", "ship")]
    [InlineData("\u212Aid", "Kid")]
    [InlineData("don’t", "don't")]
    [InlineData("sh\u200Bip", "ship")]
    [InlineData("ⓢhip", "ship")]
    public void Letters_of_another_shape_become_plain_ones(string text, string plain) => Assert.Equal((plain, null), (World.Gate.Of(text).Plain, World.Gate.Of(text).Wrong));

    [Theory]
    [InlineData("сat", "Cyrillic")]
    [InlineData("ωas", "Greek")]
    [InlineData("a\0b", "U+0000")]
    [InlineData("fʌn", "sign for a sound")]
    [InlineData("ᏚᎪ", "Cherokee")]
    [InlineData("\ud800", "broken")]
    public void What_only_looks_like_a_letter_is_refused_by_name(string text, string name) =>
        Assert.Contains(name, World.Gate.Of(text).Wrong, StringComparison.Ordinal);

    [Theory]
    [InlineData("shit")]
    [InlineData("SHIT")]
    [InlineData("ｓｈｉｔ")]
    [InlineData("sh\u200Bit")]
    [InlineData("shít")]
    [InlineData("shit's")]
    [InlineData("shits")]
    [InlineData("shitting")]
    [InlineData("What a shit-face")]
    [InlineData("Line one\nshit")]
    public void A_word_that_is_never_shown_gets_through_in_no_dress(string text) => Assert.NotNull(World.Gate.Of(text, lines: true).Wrong);

    [Fact]
    public void No_line_break_gets_into_a_text_of_one_line() => Assert.NotNull(World.Gate.Of("one\ntwo").Wrong);

    [Fact]
    public void Every_word_that_ships_gets_through_and_every_unsuitable_one_does_not()
    {
        foreach (var word in World.Lexicon.Words)
        {
            Assert.Equal(word.Suitability == Suitability.Unsuitable, World.Gate.NeverShown(word.Key));
        }

        Assert.All(World.Sentences.Sentences, x => Assert.Null(World.Gate.Of(x.Text).Wrong));
        Assert.All(World.Spoken.All, x => Assert.Null(World.Gate.Of(x.Line).Wrong));
        Assert.All(World.Estuary.Rungs.Concat(World.Ridge.Rungs), x => Assert.Null(World.Gate.Of($"{x.Keyword} {x.SayIt} {x.WriteIt} {string.Join(' ', x.TrickyWords)}").Wrong));
    }

    [Fact]
    public void Any_text_gets_an_answer_and_what_comes_out_goes_in_again_unchanged() => Gen.String.Sample(text =>
    {
        var once = World.Gate.Of(text);
        return once.Wrong is not null || World.Gate.Of(once.Plain) == once;
    });
}
