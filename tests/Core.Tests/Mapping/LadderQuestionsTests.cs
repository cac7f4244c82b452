using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Mapping;

public sealed class LadderQuestionsTests
{
    private const string Letters = "a:a b:b c:k ck:k d:d e:e f:f g:g h:h i:i j:j k:k l:l m:m n:n o:o p:p r:r s:s t:t u:u v:v w:w y:y z:z sh:sh !the !a !I !to";

    private static IReadOnlyList<TrickyAnswer> UntaughtOn(Ladder ladder)
    {
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        var unlocking = new Unlocking(ladder, stock.Rules);
        return new LadderQuestions(unlocking, RungMap.Of(unlocking)).Untaught(stock);
    }

    [Fact]
    public void A_common_word_that_nothing_teaches_is_named_with_the_rung_from_which_texts_wait_for_it_alone()
    {
        var ladder = World.LadderOf(Letters);
        var found = UntaughtOn(ladder);
        var word = Assert.Single(found, x => x.Word == "is");
        Assert.Equal(-1, word.Place);
        Assert.True(word.Sentences > 20);

        // Not before it could stand in a sentence, nor after all is taught.
        Assert.InRange(word.Other!.Value, 2, ladder.Rungs.Count - 1);
        Assert.Equal(found.OrderByDescending(x => x.Sentences).Select(x => x.Word), found.Select(x => x.Word));
    }

    [Fact]
    public void The_word_I_is_asked_for_with_its_capital() =>
        Assert.Contains(UntaughtOn(World.LadderOf(Letters.Replace(" !I", "", StringComparison.Ordinal))), x => x.Word == "I");

    [Fact]
    public void A_word_that_is_taught_is_asked_for_no_more() =>
        Assert.DoesNotContain(UntaughtOn(World.LadderOf(Letters + " !is")), x => x.Word == "is");

    [Fact]
    public void A_word_that_can_be_read_by_the_end_of_the_ladder_is_not_asked_for() =>
        Assert.DoesNotContain(UntaughtOn(World.LadderOf(Letters + " s:z")), x => x.Word == "is");

    [Fact]
    public void A_spelling_that_nothing_teaches_is_named_with_the_words_that_wait_for_it_alone()
    {
        var ladder = World.Created(World.Estuary.Sections.Select(x => x with { Rungs = [.. x.Rungs.Where(r => r.Id != "pp-p-tt-t")] }));
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        var unlocking = new Unlocking(ladder, stock.Rules);
        var found = new LadderQuestions(unlocking, RungMap.Of(unlocking)).UntaughtParts();
        Assert.Contains(found, x => x.Part == Correspondence.Parse("tt:t"));
        var doubled = Assert.Single(found, x => x.Part == Correspondence.Parse("pp:p"));
        Assert.Contains(doubled.Words, x => x.Key == "happy");
        var judge = new Core.Reading.Judge(new Core.Reading.TaughtSet(stock.Rules, ladder.Rungs.SelectMany(x => x.Adds).Append(Teachable.Of(doubled.Part)), []));
        Assert.All(doubled.Words, x => Assert.True(judge.IsReadable(x), x.Key));
        Assert.DoesNotContain(found, x => ladder.Rungs.Any(r => r.Adds.Contains(Teachable.Of(x.Part))));
    }
}
