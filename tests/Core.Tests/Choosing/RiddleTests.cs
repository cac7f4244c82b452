using BoldLadder.Core.Choosing;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Choosing;

public class RiddleTests
{
    [Fact]
    public void The_answer_of_a_riddle_is_a_word_that_children_know() => Assert.All(
        World.Written.Riddles.All,
        x => Assert.True(World.South.Words.FindWord(x.Word) is { Everyday: true, Suitability: Suitability.Fine }, x.Word));

    [Fact]
    public void A_riddle_is_one_breath_and_never_says_its_answer_or_its_sounds() => Assert.All(World.Written.Riddles.All, x =>
    {
        Assert.InRange(SentenceBank.WordsOf(x.Riddle).Count, 5, 18);
        Assert.EndsWith(".", x.Riddle, StringComparison.Ordinal);
        Assert.DoesNotContain(SentenceBank.WordsOf(x.Riddle), w => w.Equals(x.Word, StringComparison.OrdinalIgnoreCase) || w.Equals(x.Word + "s", StringComparison.OrdinalIgnoreCase));
        Assert.DoesNotContain("rhyme", x.Riddle, StringComparison.Ordinal);
        Assert.DoesNotContain("begins with the", x.Riddle, StringComparison.Ordinal);
    });

    [Fact]
    public void Every_sound_that_a_ladder_teaches_has_riddles_enough_for_a_lesson()
    {
        var sounds = World.Written.Riddles.All.SelectMany(x => World.South.Words.Find(x.Word)!.Readings[0].Segments.Select(s => World.South.Rules.SoundKey(s.Correspondence.Sound)).Distinct())
            .GroupBy(x => x).ToDictionary(x => x.Key, x => x.Count());
        var taught = World.Estuary.Rungs.SelectMany(x => x.Correspondences).Where(x => x.Sound.Second is null && x.Sound.Key != "dh").Select(x => World.South.Rules.SoundKey(x.Sound)).Distinct();
        Assert.All(taught, x => Assert.True(sounds.GetValueOrDefault(x) >= 5, x));
    }

    [Fact]
    public void An_American_class_is_asked_no_riddle_for_a_word_it_does_not_use()
    {
        var riddles = World.Us.Riddles;
        Assert.Null(riddles.For("mum"));
        Assert.DoesNotContain(riddles.All.SelectMany(x => SentenceBank.WordsOf(x.Riddle)), x => World.Forms.NotUsed.Contains(x.ToLowerInvariant()));
    }

    [Theory]
    [InlineData("cat", "needs a word")]
    [InlineData("cat\tI purr.\ncat\tI mew.", "once")]
    [InlineData("cat\tI am a cat.", "says it")]
    public void A_riddle_that_is_none_is_named(string text, string said) =>
        Assert.Contains(said, Assert.Throws<FormatException>(() => Riddles.Parse(text)).Message, StringComparison.Ordinal);
}
