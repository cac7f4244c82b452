using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>A day of several spellings gives each of them its share of the words.</summary>
public sealed class EvenSharesTests
{
    [Theory]
    [InlineData("one-first")]
    [InlineData("words-first")]
    public void Each_spelling_of_a_contrast_has_as_many_words_to_read_as_the_others_but_for_one(string starter)
    {
        var ladder = LadderText.Parse(World.Text($"starters/{starter}.ladder.tsv"));
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        var contrasts = ladder.Rungs.Select((rung, place) => (rung, place)).Where(x => x.rung.Kind == RungKind.Contrast).ToList();
        Assert.NotEmpty(contrasts);
        Assert.All(contrasts, x => Assert.All(Enumerable.Range(1, 4), seed =>
        {
            var brief = World.BriefAt(ladder, stock, x.place, (ulong)seed);
            var read = LessonComposer.Compose(brief).Blocks.Where(b => b.Activity == Activity.Read).SelectMany(b => b.Items).ToList();
            var shares = brief.Targets.Select(target => read.Count(i => new HeldParts(stock).Holding([target])(stock.Words.FindWord(i.Text)!))).ToList();
            Assert.True(shares.Max() - shares.Min() <= 1, $"{x.rung.Label}, {seed}: {string.Join(' ', read.Select(i => i.Text))}");
        }));
    }
}
