using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Sounds;

public class GraphemeTests
{
    [Theory]
    [InlineData("s", GraphemeKind.Single)]
    [InlineData("ll", GraphemeKind.Doubled)]
    [InlineData("ck", GraphemeKind.Digraph)]
    [InlineData("ee", GraphemeKind.Digraph)]
    [InlineData("igh", GraphemeKind.Trigraph)]
    [InlineData("eigh", GraphemeKind.FourLetters)]
    [InlineData("a_e", GraphemeKind.Split)]
    public void The_kind_is_computed_from_the_letters(string text, GraphemeKind kind)
    {
        Assert.True(Grapheme.TryParse(text, out var grapheme, out _));
        Assert.Equal(kind, grapheme.Kind);
    }

    [Theory]
    [InlineData("")]
    [InlineData("é")]
    [InlineData("A")]
    [InlineData("a_b")]
    [InlineData("a__e")]
    [InlineData("abcdef")]
    public void What_is_not_a_grapheme_is_refused_with_a_reason(string text)
    {
        Assert.False(Grapheme.TryParse(text, out _, out var reason));
        Assert.NotEmpty(reason);
    }

    [Theory]
    [InlineData("sh:sh")]
    [InlineData("x:k+s")]
    [InlineData("u_e:y+oo")]
    public void A_correspondence_is_written_as_it_is_read(string key) => Assert.Equal(key, Correspondence.Parse(key).Key);

    [Theory]
    [InlineData("sh")]
    [InlineData(":sh")]
    [InlineData("sh:")]
    [InlineData("sh:zz")]
    [InlineData("x:k+s+t")]
    [InlineData(null)]
    public void What_is_not_a_correspondence_is_refused_with_a_reason(string? text)
    {
        Assert.False(Correspondence.TryParse(text, out _, out var reason));
        Assert.NotEmpty(reason);
    }

    [Fact]
    public void Every_sound_has_its_letters_in_every_accent_and_says_how_it_is_said() => Assert.All(Phonemes.All, x =>
    {
        Assert.NotEmpty(x.SayIt);
        Assert.NotEmpty(x.Example);
        Assert.All(Accent.All, a => Assert.NotEmpty(x.Ipa(a)));
    });

    [Fact]
    public void No_sound_is_said_with_a_vowel_added() =>
        Assert.DoesNotContain(Phonemes.All, x => x.SayIt.Contains("uh", StringComparison.OrdinalIgnoreCase));

    [Theory]
    [InlineData("b", "d", true)]
    [InlineData("d", "b", true)]
    [InlineData("b", "s", false)]
    public void Letters_easily_confused_are_known(string one, string other, bool confused) =>
        Assert.Equal(confused, Confusables.Are(one, other));
}
