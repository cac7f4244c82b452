using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Mapping;

public class UnlockingTests
{
    [Fact]
    public void A_word_unlocks_at_the_first_place_where_it_is_readable_on_any_ladder()
    {
        var rules = World.South.Rules;
        var rungs = World.Estuary.Rungs;
        Gen.Select(Gen.Shuffle(rungs.ToArray()), Gen.Int[0, World.Lexicon.Words.Count - 1].Array[30]).Sample((order, ranks) =>
        {
            Assert.True(Ladder.TryCreate("Random", [new Section("all", "All", new WordShape(6, 3, 3), order)], out var ladder, out _));
            var unlocking = new Unlocking(ladder, rules);
            return ranks.All(rank => unlocking.PlaceOf(rank) == Slowly(ladder, rules, World.Lexicon.Words[rank]));
        }, iter: 20);
    }

    [Fact]
    public void The_yields_of_all_rungs_are_the_words_readable_at_the_top()
    {
        var unlocking = new Unlocking(World.Estuary, World.South.Rules);
        var judge = new Judge(new TaughtSet(World.South.Rules, [], []).With(World.Estuary.Rungs));
        var readable = World.Lexicon.Words.Count(x => judge.IsReadable(x) && x.Suitability != Suitability.Unsuitable && World.South.Words.OwnSpelling(x));
        Assert.Equal(readable, RungMap.Of(unlocking).Sum(x => x.Yield));
    }

    [Fact]
    public void A_rung_shows_only_words_that_a_person_has_rated_and_everyday_ones_first()
    {
        var unlocking = new Unlocking(World.Estuary, World.South.Rules);
        for (var place = 0; place < World.Estuary.Rungs.Count; place++)
        {
            var shown = UnlockedWords.At(unlocking, place);
            Assert.All(shown, x => Assert.True(x is { Suitability: Suitability.Fine, Familiarity: not Familiarity.Unrated } && unlocking.PlaceOf(x.Rank) == place, x.Key));
            Assert.Equal(shown.OrderByDescending(x => x.Everyday).ThenBy(x => x.Rank), shown);
            Assert.Equal(World.South.Words.Words.Count(x => x is { Everyday: true, Suitability: Suitability.Fine } && unlocking.PlaceOf(x.Rank) == place && World.South.Words.OwnSpelling(x)),
                shown.Count(x => x.Everyday));
        }
    }

    [Fact]
    public void Target_words_hold_what_the_rung_teaches_and_are_readable_there()
    {
        var unlocking = new Unlocking(World.Estuary, World.South.Rules);
        for (var place = 0; place < World.Estuary.Rungs.Count; place++)
        {
            var rung = World.Estuary.Rungs[place];
            var judge = new Judge(new TaughtSet(World.South.Rules, [], []).With(World.Estuary.Rungs.Take(place + 1)));
            foreach (var word in TargetWords.At(unlocking, place))
            {
                Assert.True(judge.IsReadable(word), $"{rung.Id}: {word.Spelling}");
                Assert.True(word.Everyday && word.Suitability == Suitability.Fine);
            }
        }
    }

    [Fact]
    public void A_letter_that_opens_weak_vowels_has_not_those_for_its_own_words()
    {
        var place = World.Estuary.PlaceOf("a-aw");
        var targets = TargetWords.At(new Unlocking(World.Estuary, World.South.Rules), place).Select(x => x.Spelling).ToList();
        Assert.Contains("ball", targets);
        Assert.DoesNotContain("away", targets);
    }

    [Fact]
    public void No_rung_of_the_first_demo_school_is_thin_by_place()
    {
        var figures = RungMap.Of(new Unlocking(World.Estuary, World.South.Rules));
        var thin = World.Estuary.Rungs.Where((_, i) => figures[i].Thin == Thinness.ByPlace).Select(x => x.Label);
        Assert.Empty(thin);
        Assert.Equal(Thinness.Opening, figures[0].Thin);
    }

    [Fact]
    public void A_rung_is_thin_by_place_when_it_comes_too_early_and_not_later()
    {
        const string Others = "n:n a:a p:p i:i t:t s:s d:d e:e b:b o:o g:g";
        var early = World.LadderOf("n:n a:a p:p i:i t:t s:s v:v d:d e:e b:b o:o g:g sh:sh ");
        var figures = RungMap.Of(new Unlocking(early, World.Rules(Core.Sounds.Accent.SouthernBritish, ladder: early)));
        Assert.Equal(Thinness.ByPlace, figures[6].Thin);
        var late = World.LadderOf(Others + " l:l u:u m:m r:r ee:ee y:ee ve:v er:schwa v:v");
        Assert.Equal(Thinness.Enough, RungMap.Of(new Unlocking(late, World.Rules(Core.Sounds.Accent.SouthernBritish, ladder: late)))[^1].Thin);
    }

    [Fact]
    public void Rungs_that_add_no_parts_are_never_thin()
    {
        var figures = RungMap.Of(new Unlocking(World.Estuary, World.South.Rules));
        Assert.All(World.Estuary.Rungs.Select((x, i) => (x, i)).Where(x => !x.x.AddsParts), x => Assert.Equal(Thinness.Enough, figures[x.i].Thin));
    }

    // The definition, word for word: climb rung by rung until every part of some reading is taught.
    private static int Slowly(Ladder ladder, ReadingRules rules, LexiconWord word)
    {
        for (var place = 0; place < ladder.Rungs.Count; place++)
        {
            if (new Judge(new TaughtSet(rules, [], []).With(ladder.Rungs.Take(place + 1))).IsReadable(word))
            {
                return place;
            }
        }

        return Unlocking.Never;
    }
}
