using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Reading;

public class EvidenceTests
{
    private static readonly PositionEvidence South = new(World.South.Rules);

    [Fact]
    public void K_after_a_short_vowel_at_the_end_is_ck_with_the_words_against_listed()
    {
        var last = South.Of(SoundOf("k")).Single(x => x is { Place: "last", Context: "after a short vowel" });
        Assert.Equal("ck", last.BestBet);
        Assert.Contains("duck", last.Spellings[0].Examples.Concat(Rule(RuleClaim.SpeltSo, "ck", "k", "last", true).For.Select(x => x.Spelling)));
        Assert.Contains("music", last.Exceptions);
        Assert.DoesNotContain("duck", last.Exceptions);
    }

    [Fact]
    public void Ai_before_n_is_a_bet_only_when_the_words_bear_it_out()
    {
        foreach (var place in South.Of(SoundOf("ai")))
        {
            Assert.True(place.BestBet is null || place.Share >= SpellingEvidence.BestBetShare, $"{place.Place} {place.Context}");
            Assert.All(place.Spellings, x => Assert.NotEmpty(x.Examples));
        }

        Assert.Equal("ay", South.Of(SoundOf("ai")).Single(x => x is { Place: "last", Context: "" }).BestBet);
    }

    [Fact]
    public void Function_words_are_counted_apart()
    {
        var v = South.Of(SoundOf("v")).Single(x => x is { Place: "last", Context: "" });
        var f = v.Spellings.Single(x => x.Grapheme == "f");
        Assert.Equal((1, "of"), (f.FunctionWords, f.Examples[0]));
        Assert.True(f.Words <= 2);
    }

    [Fact]
    public void Every_sound_with_two_spellings_or_more_has_its_counts_in_every_accent() => Assert.All(Accent.All, accent =>
    {
        var evidence = new PositionEvidence(World.Rules(accent));
        Assert.All(evidence.Sounds().Where(x => x.Spellings > 1), sound =>
        {
            var places = evidence.Of(SoundOf(sound.Sound)).Where(x => x.Context.Length == 0).ToList();
            Assert.Equal(sound.Spellings, places.SelectMany(x => x.Spellings).Select(x => x.Grapheme).Distinct().Count());
        });
    });

    [Theory]
    [InlineData(RuleClaim.SpeltSo, "ck", "k", "last", true, 0.3, "duck", "music")]
    [InlineData(RuleClaim.StandsSo, "ay", "ai", "last", null, 0.5, "play", "crayon")]
    [InlineData(RuleClaim.StandsSo, "oy", "oi", "last", null, 0.45, "boy", "oyster")]
    [InlineData(RuleClaim.FirstVowelSpeaks, null, null, null, null, 0.3, "rain", "bread")]
    public void A_rule_of_thumb_is_answered_with_the_words_for_and_against(
        RuleClaim claim, string? grapheme, string? sound, string? place, bool? afterShort, double least, string holds, string against)
    {
        var answer = Rule(claim, grapheme, sound, place, afterShort);
        Assert.Contains(answer.For, x => x.Spelling == holds);
        Assert.Contains(answer.Against, x => x.Spelling == against);
        Assert.Empty(answer.For.Intersect(answer.Against));
        Assert.InRange(answer.Share, least, 0.999);
        Assert.InRange(answer.ShareByFrequency, 0.01, 0.999);
    }

    [Fact]
    public void A_rule_for_short_words_is_not_asked_of_long_ones()
    {
        var rule = new RuleOfThumb(RuleClaim.SpeltSo, GraphemeOf("ck"), SoundOf("k"), "last", true, MostSyllables: 1);
        var answer = rule.Ask(South);
        Assert.True(answer.Share > 0.75);
        Assert.DoesNotContain(answer.Against, x => x.Spelling == "music");
    }

    [Fact]
    public void A_word_inside_a_compound_keeps_its_own_end()
    {
        var answer = Rule(RuleClaim.StandsSo, "ay", "ai", "last", null);
        Assert.Contains(answer.For, x => x.Spelling == "daytime");
        Assert.True(answer.Share > 0.7);
    }

    [Fact]
    public void A_rule_about_nothing_has_no_share()
    {
        var answer = Rule(RuleClaim.StandsSo, "qqq", null, "last", null);
        Assert.Equal((0, 0), (answer.Share, answer.ShareByFrequency));
    }

    private static RuleAnswer Rule(RuleClaim claim, string? grapheme, string? sound, string? place, bool? afterShort) => new RuleOfThumb(
        claim, grapheme is null ? null : GraphemeOf(grapheme), sound is null ? null : SoundOf(sound), place, afterShort).Ask(South);

    private static Sound SoundOf(string text) => Sound.TryParse(text, out var sound, out var reason) ? sound : throw new FormatException(reason);

    private static Grapheme GraphemeOf(string text) => Grapheme.TryParse(text, out var grapheme, out var reason) ? grapheme : throw new FormatException(reason);
}
