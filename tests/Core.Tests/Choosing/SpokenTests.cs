using System.Text.RegularExpressions;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Choosing;

public class SpokenTests
{
    [Fact]
    public void A_line_for_a_word_of_both_countries_has_no_spelling_of_America_alone() => Assert.All(
        World.Spoken.All.Where(x => World.Lexicon.Find(x.Word)?.Region != "us"),
        x => Assert.DoesNotContain(SentenceBank.WordsOf(x.Line), w => World.Lexicon.Find(w)?.Region == "us"));

    [Fact]
    public void Every_everyday_word_that_a_demo_ladder_offers_has_its_spoken_sentence_in_every_accent()
    {
        foreach (var (ladder, accent) in from l in new[] { World.Estuary, World.Ridge } from a in Accent.All select (l, a))
        {
            var stock = World.Stock(ladder, accent);
            var unlocking = new Unlocking(ladder, stock.Rules);
            var widest = new WordShape(
                ladder.Sections.Max(x => x.Shape.Boxes), ladder.Sections.Max(x => x.Shape.Together), ladder.Sections.Max(x => x.Shape.Syllables));
            Assert.Empty(stock.Offered.Where(x => unlocking.PlaceOf(x.Word.Rank) != Unlocking.Never && stock.Rules.Rows.Fits(x.Row, widest))
                .Select(x => x.Word.Key).Where(x => World.Spoken.Find(x) is null).Take(20));
        }
    }

    [Fact]
    public void Every_everyday_word_with_a_sound_alike_has_its_spoken_sentence() => Assert.All(Accent.All, accent =>
        Assert.Empty(World.Stock(null, accent).HomophoneSets().SelectMany(x => x).Where(x => x is { Everyday: true, Suitability: Suitability.Fine })
            .Select(x => x.Key).Where(x => World.Spoken.Find(x) is null).Distinct()));

    [Fact]
    public void A_spoken_sentence_has_at_most_eight_words() =>
        Assert.Empty(World.Spoken.All.Where(x => SentenceBank.WordsOf(x.Line).Count > 8).Select(x => x.Line));

    [Fact]
    public void Spoken_sentences_are_written_and_not_filled_in()
    {
        var all = World.Spoken.All.ToList();
        Assert.True(all.Count >= 2000);
        var skeletons = all.GroupBy(x => Regex.Replace(x.Line, $@"\b{x.Word}\b", "_", RegexOptions.IgnoreCase)).OrderByDescending(x => x.Count());
        Assert.True(skeletons.First().Count() < 0.02 * all.Count, $"{skeletons.First().Key}: {skeletons.First().Count()}");
    }

    [Fact]
    public void Nothing_unsuitable_is_said_in_one() => Assert.DoesNotContain(
        World.Spoken.All.SelectMany(x => SentenceBank.WordsOf(x.Line)), x => World.Lexicon.Find(x) is { Suitability: Suitability.Unsuitable });
}
