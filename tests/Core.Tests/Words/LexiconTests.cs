using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.LexiconBuilder;

namespace BoldLadder.Core.Tests.Words;

public class LexiconTests
{
    private static readonly Lazy<LexiconReport> Again =
        new(() => LexiconText.Make(LexiconFiles.Read(Path.Combine(World.Root, "data", "lexicon"))));

    [Fact]
    public void The_lexicon_is_made_again_from_its_sources_byte_for_byte() =>
        Assert.True(World.Text("lexicon/lexicon.tsv") == Again.Value.Text, "run the lexicon builder and commit what it makes");

    [Fact]
    public void There_are_at_least_twenty_thousand_words() => Assert.True(World.Lexicon.Words.Count >= 20_000);

    [Fact]
    public void More_than_99_in_100_words_are_split_in_each_accent() => Assert.All(
        Accent.All, accent =>
        {
            var split = World.Lexicon.Words.Count(x => World.Lexicon.Readings(x, accent).Count > 0);
            Assert.True(split > 0.99 * World.Lexicon.Words.Count, $"{accent.Id}: {split}");
        });

    [Theory]
    [InlineData("ship	")]
    [InlineData("ship								")]
    [InlineData("ship					sh:sh i:i			\nship					sh:sh i:i p:p			")]
    public void A_broken_line_is_refused_with_its_number(string text)
    {
        var problem = Record.Exception(() => Lexicon.Parse(text).Words.SelectMany(x => Accent.All.SelectMany(a => Lexicon.Parse(text).Readings(x, a))).ToList());
        if (text.Contains("sh:sh", StringComparison.Ordinal))
        {
            Assert.NotNull(problem);
        }

        Assert.True(problem is null or FormatException or InvalidDataException, problem?.GetType().Name);
    }

    [Theory]
    [InlineData("I")]
    [InlineData("Friday")]
    [InlineData("Sam")]
    public void Capitals_stand_where_English_has_them(string word) => Assert.Equal(word, World.Lexicon.Find(word.ToLowerInvariant())!.Spelling);

    [Theory]
    [InlineData("colour", "gb-south", true)]
    [InlineData("colour", "us", false)]
    [InlineData("color", "us", true)]
    [InlineData("cat", "us", true)]
    public void A_school_is_offered_the_spellings_of_its_country(string word, string accent, bool own) =>
        Assert.Equal(own, World.WordsOf(Accent.Find(accent)!).OwnSpelling(World.Lexicon.Find(word)!));

    [Theory]
    [InlineData("dogs", "dog", "s")]
    [InlineData("hopped", "hop", "ed")]
    [InlineData("making", "make", "ing")]
    [InlineData("tried", "try", "ed")]
    public void Endings_are_known_with_their_base(string word, string stem, string ending)
    {
        var ended = World.Lexicon.Find(word)!.Ended!.Value;
        Assert.Equal((stem, ending), (ended.Base, ended.Ending));
    }

    [Theory]
    [InlineData("news")]
    [InlineData("hunger")]
    [InlineData("wicked")]
    [InlineData("gently")]
    [InlineData("bus")]
    public void What_only_looks_like_an_ending_is_none(string word) => Assert.Null(World.Lexicon.Find(word)!.Ended);

    [Fact]
    public void Words_that_filters_flag_wrongly_are_back_and_the_others_stay_out()
    {
        Assert.Equal(Suitability.Fine, World.Lexicon.Find("pig")!.Suitability);
        Assert.Equal(Suitability.Sensitive, World.Lexicon.Find("gun")!.Suitability);
        Assert.Contains(World.Lexicon.Words, x => x.Suitability == Suitability.Unsuitable);
    }

    [Fact]
    public void What_is_made_of_a_word_that_is_never_offered_is_never_offered_unless_it_was_reviewed_by_itself()
    {
        var reviewed = World.Text("lexicon/suitability.txt").Split([' ', '\n']).ToHashSet();
        Assert.Empty(World.Lexicon.Words.Where(x => x.Suitability != Suitability.Unsuitable && !reviewed.Contains(x.Key)
            && x.Ended is { } ended && World.Lexicon.Find(ended.Base) is { Suitability: Suitability.Unsuitable }).Select(x => x.Key));
        Assert.Contains(World.Lexicon.Words, x => x is { Ended: not null, Suitability: Suitability.Unsuitable } && !reviewed.Contains(x.Key));
    }
}
