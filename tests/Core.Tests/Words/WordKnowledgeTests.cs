using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Words;

/// <summary>What the shipped lexicon must know of words, whichever word it is.</summary>
public class WordKnowledgeTests
{
    private static readonly CorrespondenceTable Table = CorrespondenceTable.Parse(World.Text("lexicon/correspondences.tsv"));

    [Theory]
    [InlineData("rabbit", "rab bit")]
    [InlineData("running", "run ning")]
    [InlineData("raincoat", "rain coat")]
    [InlineData("sunset", "sun set")]
    [InlineData("seaside", "sea side")]
    [InlineData("paper", "pa per")]
    [InlineData("robin", "rob in")]
    [InlineData("table", "ta ble")]
    [InlineData("apple", "ap ple")]
    [InlineData("chicken", "chick en")]
    [InlineData("cat", "cat")]
    public void A_word_is_divided_as_a_teacher_would_write_it(string word, string divided)
    {
        var found = World.South.Words.Find(word)!;
        Assert.Equal(divided, string.Join(' ', Structure.Divided(found.Readings[0], found.Word)));
    }

    [Fact]
    public void The_syllables_of_every_word_spell_it() => Assert.All(World.Lexicon.Words, word =>
    {
        foreach (var reading in World.South.Words.Of(word).Readings)
        {
            var syllables = Structure.Divided(reading, word);
            Assert.Equal(word.Key, string.Concat(syllables));
            Assert.Equal(Structure.Of(reading, word).Syllables, syllables.Count);
        }
    });

    [Theory]
    [InlineData("raincoat", "rain|coat")]
    [InlineData("sunset", "sun|set")]
    [InlineData("football", "foot|ball")]
    public void A_compound_knows_its_words(string word, string parts) =>
        Assert.Equal(parts.Split('|'), World.Lexicon.Find(word)!.Parts);

    [Theory]
    [InlineData("carpet")]
    [InlineData("target")]
    [InlineData("together")]
    [InlineData("chairman", true)]
    public void What_only_looks_like_two_words_is_no_compound(string word, bool man = false)
    {
        Assert.Equal(man, World.Lexicon.Find(word)!.Parts.Count > 0 && man);
        if (man)
        {
            Assert.Equal("schwa", World.South.Words.Find(word)!.Readings[0].Segments[^2].Correspondence.Sound.Key);
        }
    }

    [Theory]
    [InlineData("plumbers", "plumber")]
    [InlineData("runners", "run")]
    [InlineData("cats", "cat")]
    public void An_ending_on_an_ending_belongs_to_the_same_family(string word, string other) =>
        Assert.Equal(World.Lexicon.Find(other)!.Family, World.Lexicon.Find(word)!.Family);

    [Fact]
    public void Every_word_up_to_seven_letters_among_the_commonest_twelve_thousand_is_rated_by_hand()
    {
        var rated = World.Text("lexicon/familiarity.txt").Split('\n').Where(x => x.Length > 0 && x[0] != '#')
            .SelectMany(x => x.Split(' ', StringSplitOptions.RemoveEmptyEntries)).Select(x => x.ToLowerInvariant()).ToHashSet();
        bool Rated(LexiconWord x) => rated.Contains(x.Key) || (x.Ended is { } e && rated.Contains(e.Base)) || x.Suitability == Suitability.Unsuitable
            || x.Parts.Count > 0;
        var missing = World.Lexicon.Words.OrderByDescending(x => x.Count).Take(12_000).Where(x => x.Key.Length <= 7 && x.Key == x.Spelling && !Rated(x)).ToList();
        Assert.True(missing.Count == 0, $"{missing.Count}: {string.Join(' ', missing.Take(20).Select(x => x.Spelling))}");
    }

    [Fact]
    public void No_word_of_the_unseen_list_was_put_right_by_hand()
    {
        var corrected = World.Text("lexicon/corrections.tsv").Split('\n').Select(x => x.Split('\t')[0]).ToHashSet();
        var unseen = File.ReadAllLines(Path.Combine(World.Root, "docs", "measured", "unseen-600.txt")).Where(x => x.Length > 0 && x[0] != '#')
            .Select(x => x.ToLowerInvariant()).ToList();
        Assert.Equal(600, unseen.Count);
        Assert.DoesNotContain(unseen, corrected.Contains);
    }

    [Theory]
    [InlineData("gb-south")]
    [InlineData("gb-north")]
    [InlineData("scotland")]
    [InlineData("us")]
    public void Words_have_few_readings(string accentId)
    {
        var accent = Accent.Find(accentId)!;
        Assert.InRange(World.Lexicon.Words.Average(x => World.Lexicon.Readings(x, accent).Count), 0.99, 1.15);
    }

    [Fact]
    public void Names_days_months_numbers_colours_and_families_are_there_with_their_capitals()
    {
        Assert.All("I Monday Wednesday February December Sam Mia England".Split(' '), x => Assert.Equal(x, World.Lexicon.Find(x.ToLowerInvariant())?.Spelling));
        Assert.All(
            "one eleven twenty forty ninety hundred red purple orange mum mom dad granny auntie uncle cousin peg cobweb zip fox jug".Split(' '),
            x => Assert.NotNull(World.Lexicon.Find(x)));
    }

    [Fact]
    public void A_function_word_has_its_full_form_first_and_its_spoken_form_after_and_is_no_heteronym()
    {
        var and = World.South.Words.Find("and")!;
        Assert.Equal("a:a n:n d:d", and.Readings[0].ToString());
        Assert.True(and.Readings.Count > 1);
        Assert.False(and.IsHeteronym);
        Assert.True(World.South.Words.Find("live")!.IsHeteronym);
    }

    [Fact]
    public void An_unknown_word_is_guessed_from_known_ones_with_several_splits()
    {
        Assert.Equal("d:d o:o g:g b:b oa:oa t:t", Guess.Of("dogboat", Table, World.South.Words)[0].ToString());
        Assert.True(Segmentation.TryParse("dogboat", "d:d o:oa g:g b:b oa:oa t:t", out var elsewhere, out _));
        Assert.Equal(elsewhere, Guess.Of("dogboat", Table, World.South.Words, new OwnWord("dogboat", [elsewhere], null, ""))[0]);
        Assert.StartsWith("z:z o:o n:n k:k", Guess.Of("zonk", Table, World.South.Words)[0].ToString().Replace("n:ng", "n:n", StringComparison.Ordinal));
        Assert.True(Guess.Of("streab", Table, World.South.Words).Count > 1);
    }

    [Theory]
    [InlineData("Zib", "z:z i:i b:b", "", "", null)]
    [InlineData("z1b", "z:z i:i b:b", "", "", "word")]
    [InlineData("", "z:z", "", "", "word")]
    [InlineData("shit", "sh:sh i:i t:t", "", "", "word")]
    [InlineData("shitt", "sh:sh i:i tt:t", "", "", "word")]
    [InlineData("zib", "z:z i:i", "", "", "split")]
    [InlineData("zib", "z:z i:i b:b | nonsense", "", "", "split")]
    [InlineData("zib", "z:z i:i b:b", "old", "", "familiarity")]
    [InlineData("zib", "z:z i:i b:b", "", "=1+1", "spoken")]
    public void A_schools_own_word_is_read_or_refused_by_field(string word, string split, string familiarity, string spoken, string? field)
    {
        var own = OwnWord.TryRead(word, split, familiarity, spoken, World.Lexicon.Find, World.Gate, out var problem);
        Assert.Equal(field, own is null ? problem.Field : null);
        Assert.Equal(field is null, own is not null);
    }

    [Fact]
    public void Any_text_for_an_own_word_is_read_or_refused_and_never_crashes() =>
        Gen.Select(Gen.String, Gen.String, Gen.String, Gen.String).Sample((a, b, c, d) =>
            OwnWord.TryRead(a, b, c, d, World.Lexicon.Find, World.Gate, out var problem) is not null || (problem.Field.Length > 0 && problem.Sentence.Length > 0));

    [Fact]
    public void A_word_that_a_school_adds_can_be_chosen_there_and_is_unknown_elsewhere()
    {
        Assert.NotNull(OwnWord.TryRead("Zib", "z:z i:i b:b", "4-5", "Zib is our class rabbit.", World.Lexicon.Find, World.Gate, out _) is { } own ? own : null);
        var school = new SchoolWords(World.Lexicon, Accent.SouthernBritish, [OwnWord.TryRead("Zib", "z:z i:i b:b", "4-5", "", World.Lexicon.Find, World.Gate, out _)!]);
        Assert.Contains(school.Words, x => x.Spelling == "Zib");
        Assert.Equal("z:z i:i b:b", school.Find("zib")!.Readings[0].ToString());
        Assert.Null(World.South.Words.Find("zib"));
    }
}
