using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Phrasing;

namespace BoldLadder.Server.Tests;

public class QuestionTests
{
    private static readonly Questions Questions = new(new ShippedData().Notes, Accent.SouthernBritish);

    [Theory]
    [InlineData("u_e", "cute", "y+oo", "Do you hear the name of the letter u in it, as in cute?")]
    [InlineData("a_e", "cake", "ai", "Do you hear the name of the letter a in it, as in cake?")]
    [InlineData("x", "fox", "k+s", "Is x in it, as in fox?")]
    public void What_is_listened_for_can_be_said_though_its_letters_stand_apart(string letters, string word, string sound, string asked) =>
        Assert.StartsWith(asked, Questions.Asked([Ask.Of(AskCode.HasSound, letters, word, sound)]), StringComparison.Ordinal);

    [Theory]
    [InlineData("z", "-s says /z/ in it.")]
    [InlineData("i z", "-s is another beat in it.")]
    public void What_an_ending_says_is_told_in_words_and_in_no_keys(string sound, string told) =>
        Assert.Equal(told, Phrases.Plain.Sentence([Reason.Of(ReasonCode.EndingSounds, "s", sound)]));

    [Fact]
    public void What_two_sentences_to_write_need_is_told_in_one_line() => Assert.Equal(
        "Count first: 5 words, 1 capital, 1 mark; then 4 words, 2 capitals, 3 marks.",
        Questions.Asked([Ask.Of(AskCode.Count, "5", "1", "1", "4", "2", "3")]));
}
