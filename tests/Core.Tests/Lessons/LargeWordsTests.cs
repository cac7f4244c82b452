using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>An order that has no rung for consonants together says by its sections when words with them are chosen, and so its texts are.</summary>
public class LargeWordsTests
{
    private const string Letters = "d:d o:o g:g a:a t:t n:n i:i m:m s:s e:e h:h u:u l:l b:b r:r p:p f:f w:w";

    private static readonly Ladder Small = World.LadderOf(Letters, "3 1 1");

    private static readonly WordStock Stock = World.Stock(Small, Core.Sounds.Accent.SouthernBritish);

    [Theory]
    [InlineData("drum", true)]
    [InlineData("stamp", true)]
    [InlineData("rabbit", true)]
    [InlineData("and", false)]
    [InlineData("ant", false)]
    [InlineData("hen", false)]
    public void A_word_of_a_text_is_large_where_more_stands_together_in_it_than_the_section_has_come_to(string word, bool large)
    {
        var brief = World.BriefAt(Small, Stock, Small.Rungs.Count - 1, 1);
        Assert.Equal(large, brief.IsLarge(new SentenceWord(word, Stock.Words.FindWord(word), null)));
    }

    [Fact]
    public void No_word_is_large_where_the_section_has_come_to_it()
    {
        var ladder = World.LadderOf(Letters, "6 3 2");
        Assert.False(World.BriefAt(ladder, World.Stock(ladder, Core.Sounds.Accent.SouthernBritish), ladder.Rungs.Count - 1, 1).IsLarge(new SentenceWord("drum", Stock.Words.FindWord("drum"), null)));
    }

    // Drop the drum, Fred! stood among cat and dog, since every letter of it was taught. A story of w may have one went.
    [Theory]
    [InlineData(12)]
    [InlineData(13)]
    [InlineData(14)]
    [InlineData(15)]
    [InlineData(16)]
    [InlineData(17)]
    public void Sentences_have_hardly_a_larger_word_than_is_chosen_for_lists(int place)
    {
        for (var seed = 1UL; seed < 6; seed++)
        {
            var brief = World.BriefAt(Small, Stock, place, seed);
            var large = LessonComposer.Compose(brief).Items.Where(x => x.Kind is ItemKind.Sentence or ItemKind.Story)
                .SelectMany(x => x.Text.Split([' ', ',', '.', '!', '?', '"'], StringSplitOptions.RemoveEmptyEntries))
                .Where(x => brief.IsLarge(new SentenceWord(x.ToLowerInvariant(), Stock.Words.FindWord(x.ToLowerInvariant()), null))).Distinct().ToList();
            Assert.True(large is [] or ["went"], $"seed {seed}: {string.Join(' ', large)}");
        }
    }
}
