using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Words;

public class HomophoneTests
{
    [Theory]
    [InlineData("gb-south", "see sea", true)]
    [InlineData("us", "see sea", true)]
    [InlineData("gb-south", "saw sore", true)]
    [InlineData("gb-north", "saw sore", true)]
    [InlineData("scotland", "saw sore", false)]
    [InlineData("us", "saw sore", false)]
    [InlineData("gb-south", "witch which", true)]
    [InlineData("scotland", "witch which", false)]
    [InlineData("gb-south", "pa par", true)]
    [InlineData("us", "pa par", false)]
    [InlineData("gb-south", "caught court", true)]
    [InlineData("us", "caught court", false)]
    [InlineData("gb-south", "knight night", true)]
    [InlineData("scotland", "pool pull", true)]
    [InlineData("gb-south", "pool pull", false)]
    [InlineData("us", "blue blew", true)]
    [InlineData("gb-south", "father farther", true)]
    [InlineData("us", "father farther", false)]
    [InlineData("us", "balm bomb", true)]
    [InlineData("gb-south", "there their", true)]
    [InlineData("us", "ant aunt", true)]
    [InlineData("gb-south", "ant aunt", false)]
    [InlineData("gb-south", "stationary stationery", true)]
    [InlineData("scotland", "stationary stationery", true)]
    [InlineData("us", "stationary stationery", true)]
    [InlineData("gb-south", "summary summery", true)]
    public void Words_that_sound_the_same_depend_on_the_accent(string accent, string pair, bool same)
    {
        var words = World.WordsOf(Accent.Find(accent)!);
        var (one, other) = (words.FindWord(pair.Split(' ')[0]), words.FindWord(pair.Split(' ')[1]));
        Assert.True(one is not null && other is not null, pair);
        Assert.Equal(same, new Homophones(words).Of(one).Contains(other));
        Assert.Equal(same, new Homophones(words).Of(other).Contains(one));
    }

    [Fact]
    public void A_switch_of_a_group_makes_cot_and_caught_one()
    {
        var words = World.WordsOf(Accent.GeneralAmerican);
        var (cot, caught) = (words.FindWord("cot")!, words.FindWord("caught")!);
        Assert.DoesNotContain(caught, new Homophones(words).Of(cot));
        Assert.Contains(caught, new Homophones(words, new HashSet<string> { "o=aw" }).Of(cot));
    }

    [Fact]
    public void Where_pin_and_pen_are_one_they_are_so_before_m_and_n_only()
    {
        var homophones = new Homophones(World.WordsOf(Accent.GeneralAmerican), new HashSet<string> { "i=e" });
        bool Alike(string one, string other) => homophones.Of(World.Lexicon.Find(one)!).Contains(World.Lexicon.Find(other)!);
        Assert.True(Alike("pin", "pen") && Alike("him", "hem") && Alike("since", "sense"));
        Assert.False(Alike("pig", "peg") || Alike("bit", "bet") || Alike("his", "hers"));
    }

    [Fact]
    public void The_sets_are_those_that_comparing_the_readings_one_by_one_gives()
    {
        foreach (var accent in Accent.All)
        {
            var words = World.WordsOf(accent);
            var heard = accent.Heard();
            var slow = words.Words.SelectMany(w => FullForms(words.Of(w).Readings).Select(r => (Word: w, Heard: string.Join(' ', Said([.. r.Phonemes]).Select(p => heard.Alone(p))))))
                .Distinct().GroupBy(x => x.Heard).Where(x => x.Select(w => w.Word).Distinct().Count() > 1)
                .Select(x => string.Join(' ', x.Select(w => w.Word.Key).Distinct().Order(StringComparer.Ordinal))).Order(StringComparer.Ordinal);
            var quick = new Homophones(words).Sets().Select(x => string.Join(' ', x.Select(w => w.Key).Order(StringComparer.Ordinal))).Order(StringComparer.Ordinal);
            Assert.Equal(slow, quick);
        }
    }

    [Fact]
    public void A_word_is_never_its_own_sound_alike_and_what_sounds_alike_does_so_both_ways()
    {
        var homophones = World.South.Homophones;
        Assert.Contains(World.Lexicon.Find("beech"), homophones.Of(World.Lexicon.Find("beach")!));
        Assert.Contains(World.Lexicon.Find("beach"), homophones.Of(World.Lexicon.Find("beech")!));
        foreach (var word in World.Lexicon.Words.Where(x => x.Suitability != Suitability.Unsuitable && World.South.Words.OwnSpelling(x)))
        {
            foreach (var alike in homophones.Of(word))
            {
                Assert.NotEqual(word.Key, alike.Key);
                Assert.Contains(word, homophones.Of(alike));
            }
        }
    }

    // A weak vowel and another have an r between them, whether it is written apart or not.
    private static IEnumerable<Phoneme> Said(Phoneme[] sounds) =>
        sounds.SelectMany((x, i) => x.Key == "schwa" && i + 1 < sounds.Length && sounds[i + 1].IsVowel ? [x, Phonemes.Find("r")!] : new[] { x });

    // A word as it is said by itself: without the forms that only running speech has.
    private static IEnumerable<Segmentation> FullForms(IReadOnlyList<Segmentation> readings) => readings.Where(x => !readings.Any(full => full != x
        && x.IsSpokenFormOf(full) && x.Phonemes.Count(p => p.Key == "schwa") > full.Phonemes.Count(p => p.Key == "schwa")));
}
