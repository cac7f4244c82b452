using BoldLadder.Core.Conventions;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Choosing;

public class ListTests
{
    private static readonly WordLists Lists = new(World.South);
    private static readonly WordPairs Pairs = new(Lists, World.South);

    [Fact]
    public void Words_are_listed_by_their_number_of_sounds()
    {
        var three = Lists.Words(new ListBrief(FewestSounds: 3, MostSounds: 3)).ToList();
        Assert.Contains(three, x => x.Word.Key == "ship");
        Assert.All(three, x => Assert.Equal(3, x.Offered.Reading.SoundCount));
    }

    [Theory]
    [InlineData(WantedPlace.First, "ship", "fish")]
    [InlineData(WantedPlace.Last, "fish", "ship")]
    [InlineData(WantedPlace.Inside, "cushion", "ship")]
    public void Words_are_listed_by_the_place_of_a_sound(WantedPlace place, string there, string notThere)
    {
        var words = Keys(Lists.Words(new ListBrief(Sound: Sound("sh"), Place: place)));
        Assert.Contains(there, words);
        Assert.DoesNotContain(notThere, words);
    }

    [Fact]
    public void Words_without_a_sound_stand_beside_those_with_it()
    {
        var without = Keys(Lists.Words(new ListBrief(Sound: Sound("sh"), Without: true)));
        Assert.DoesNotContain("ship", without);
        Assert.Contains("sip", without);
    }

    [Fact]
    public void A_sound_is_listed_by_its_spellings_side_by_side()
    {
        var families = Lists.BySpelling(new ListBrief(Sound: Sound("ai"))).ToDictionary(x => x.Shared, x => Keys(x.Words));
        Assert.Contains("rain", families["ai"]);
        Assert.Contains("day", families["ay"]);
        Assert.Contains("cake", families["a_e"]);
        Assert.Contains("eight", families["eigh"]);
    }

    [Fact]
    public void An_ending_is_sorted_by_how_it_sounds()
    {
        var families = Lists.ByEndingSound(new ListBrief(), "ed").ToDictionary(x => x.Shared, x => Keys(x.Words));
        Assert.Contains("jumped", families["t"]);
        Assert.Contains("played", families["d"]);
        Assert.Contains("painted", families["i d"]);
        Assert.Equal(["i z", "s", "z"], Lists.ByEndingSound(new ListBrief(), "s").Select(x => x.Shared).Order());
    }

    [Fact]
    public void Rhyming_words_go_together_whatever_their_spelling_unless_spelling_is_asked_for()
    {
        var rhymes = Lists.Rhymes(new ListBrief(MostSounds: 4), false).Select(x => Keys(x.Words)).Single(x => x.Contains("rain"));
        Assert.Contains("lane", rhymes);
        var spelt = Lists.Rhymes(new ListBrief(MostSounds: 4), true).Select(x => Keys(x.Words)).Single(x => x.Contains("rain"));
        Assert.Contains("chain", spelt);
        Assert.DoesNotContain("lane", spelt);
    }

    [Fact]
    public void What_only_ends_alike_does_not_pass_for_a_rhyme()
    {
        var families = Lists.Rhymes(new ListBrief(), false).Select(x => Keys(x.Words)).ToList();
        Assert.DoesNotContain("happy", families.Single(x => x.Contains("see")));
        Assert.DoesNotContain("secret", families.Single(x => x.Contains("sit")));
        Assert.Contains("about", families.Single(x => x.Contains("shout")));
        Assert.Contains("yellow", families.Single(x => x.Contains("fellow")));
        Assert.All(families, x => Assert.True(x.Count >= 3));
    }

    [Fact]
    public void Short_vowel_words_stand_beside_their_split_digraph_partners()
    {
        var pairs = Pairs.ShortAndSplit(new ListBrief()).ToList();
        Assert.Equal([Reason.Of(ReasonCode.FinalEMakes, "o")], pairs.Single(x => x is { One.Word.Key: "hop", Other.Word.Key: "hope" }).Reasons);
        Assert.DoesNotContain(pairs, x => x.One.Word.Key is "past");
        Assert.All(pairs, x => Assert.Equal(x.One.Word.Key + "e", x.Other.Word.Key));
        Assert.Contains(new WordPairs(new WordLists(World.Us), World.Us).ShortAndSplit(new ListBrief()), x => x.One.Word.Key is "past");
    }

    [Fact]
    public void A_word_stands_beside_itself_with_a_consonant_added_in_front() =>
        Assert.Contains(Pairs.AddedInFront(new ListBrief()), x => x is { One.Word.Key: "lap", Other.Word.Key: "clap" });

    [Fact]
    public void Minimal_pairs_differ_in_the_sounds_asked_for_only()
    {
        var pairs = Pairs.Minimal(new ListBrief(), Sound("i"), Sound("e")).ToList();
        Assert.Contains(pairs, x => x is { One.Word.Key: "pin", Other.Word.Key: "pen" });
        Assert.All(pairs, x => Assert.Equal(x.One.Reading.SoundCount, x.Other.Reading.SoundCount));
    }

    [Fact]
    public void A_list_limited_to_a_taught_set_holds_only_what_can_be_read()
    {
        var judge = World.JudgeOf(World.South.Rules, "a:a i:i n:n p:p s:s t:t");
        var words = Lists.Words(new ListBrief(judge)).ToList();
        Assert.NotEmpty(words);
        Assert.All(words, x => Assert.True(judge.IsReadable(x.Word), x.Word.Spelling));
    }

    /// <summary>Every list the product can make draws on the words that may be offered.</summary>
    [Fact]
    public void Nothing_sensitive_or_unsuitable_is_in_any_list_in_any_accent()
    {
        foreach (var accent in Accent.All)
        {
            var stock = World.Stock(null, accent);
            var lists = new WordLists(stock);
            var all = lists.Words(new ListBrief()).Select(x => x.Word)
                .Concat(lists.Rhymes(new ListBrief(), false).SelectMany(x => x.Words).Select(x => x.Word))
                .Concat(lists.ByEndingSound(new ListBrief(), "s").SelectMany(x => x.Words).Select(x => x.Word))
                .Concat(new WordPairs(lists, stock).Minimal(new ListBrief()).SelectMany(x => new[] { x.One.Word, x.Other.Word }));
            Assert.Empty(all.Where(x => x.Suitability != Suitability.Fine || !x.Everyday || x.Key != x.Spelling).Select(x => x.Spelling).Distinct().Take(10));
        }
    }

    private static Sound Sound(string key) => Core.Sounds.Sound.TryParse(key, out var sound, out _) ? sound : throw new ArgumentException(key);

    private static List<string> Keys(IEnumerable<ListedWord> words) => [.. words.Select(x => x.Word.Key)];
}
