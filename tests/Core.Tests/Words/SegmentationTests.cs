using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Words;

public class SegmentationTests
{
    [Theory]
    [InlineData("make", "m:m a_e:ai k:k")]
    [InlineData("cube", "c:k u_e:y+oo b:b")]
    [InlineData("fox", "f:f o:o x:k+s")]
    [InlineData("quick", "qu:k+w i:i ck:k")]
    [InlineData("knee", "kn:n ee:ee")]
    [InlineData("lamb", "l:l a:a mb:m")]
    [InlineData("pink", "p:p i:i n:ng k:k")]
    [InlineData("ink", "i:i n:ng k:k")]
    [InlineData("unkind", "u:u n:n k:k i:igh n:n d:d")]
    [InlineData("have", "h:h a:a ve:v")]
    [InlineData("horse", "h:h or:or se:s")]
    [InlineData("some", "s:s o_e:u m:m")]
    [InlineData("taste", "t:t a_e:ai s:s t:t")]
    [InlineData("change", "ch:ch a_e:ai n:n g:j")]
    [InlineData("cage", "c:k a_e:ai g:j")]
    [InlineData("face", "f:f a_e:ai c:s")]
    [InlineData("making", "m:m a_e-:ai k:k i:i ng:ng")]
    [InlineData("hopped", "h:h o:o pp:p ed:t")]
    [InlineData("agreed", "a:schwa g:g r:r ee:ee d:d")]
    [InlineData("scared", "s:s c:k are:air d:d")]
    [InlineData("tied", "t:t ie:igh d:d")]
    [InlineData("shed", "sh:sh e:e d:d")]
    [InlineData("bed", "b:b e:e d:d")]
    [InlineData("rabbit", "r:r a:a bb:b i:i t:t")]
    [InlineData("catch", "c:k a:a tch:ch")]
    [InlineData("night", "n:n igh:igh t:t")]
    [InlineData("table", "t:t a:ai b:b le:schwa+l")]
    public void Words_are_split_as_a_teacher_splits_them(string word, string split) =>
        Assert.Equal(split, World.South.Words.Find(word)!.Readings[0].ToString());

    [Theory]
    [InlineData("bath", "gb-south", "b:b a:ar th:th")]
    [InlineData("bath", "gb-north", "b:b a:a th:th")]
    [InlineData("bath", "us", "b:b a:a th:th")]
    [InlineData("car", "us", "c:k ar:ar")]
    [InlineData("lanterns", "gb-south", "l:l a:a n:n t:t er:schwa n:n s:z")]
    [InlineData("planters", "gb-south", "p:p l:l a:ar n:n t:t er:schwa s:z")]
    [InlineData("sarcastic", "gb-south", "s:s ar:ar c:k a:a s:s t:t i:i c:k")]
    [InlineData("disasters", "gb-south", "d:d i:i s:z a:ar s:s t:t er:schwa s:z")]
    [InlineData("cantata", "gb-south", "c:k a:a n:n t:t a:ar t:t a:schwa")]
    public void The_split_follows_the_childrens_accent(string word, string accent, string split) =>
        Assert.Equal(split, World.Lexicon.Readings(World.Lexicon.Find(word)!, Accent.Find(accent)!)[0].ToString());

    [Fact]
    public void The_pieces_of_every_reading_cover_every_letter_once()
    {
        foreach (var word in World.Lexicon.Words)
        {
            foreach (var reading in Accent.All.SelectMany(x => World.Lexicon.Readings(word, x)))
            {
                Assert.Equal(Enumerable.Range(0, word.Key.Length).Where(i => char.IsAsciiLetter(word.Key[i])), reading.Segments.SelectMany(x => x.Letters).Order());
            }
        }
    }

    [Fact]
    public void A_split_is_read_back_as_it_was_written() => Gen.Int[0, World.Lexicon.Words.Count - 1].Sample(rank =>
    {
        var word = World.Lexicon.Words[rank];
        return World.South.Words.Of(word).Readings.All(x => Segmentation.TryParse(word.Key, x.ToString(), out var again, out _) && again.Equals(x));
    });

    [Theory]
    [InlineData("ship", "s:s h:h i:i", "spell")]
    [InlineData("ship", "sh:sh i:i p:p s:s", "does not stand")]
    [InlineData("mak", "m:m a_e:ai k:k", "e of")]
    [InlineData("ship", "", "spell")]
    public void A_split_that_does_not_spell_the_word_is_refused_with_a_reason(string word, string split, string reason)
    {
        Assert.False(Segmentation.TryParse(word, split, out _, out var said));
        Assert.Contains(reason, said, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("cat", "CVC", 1, 1)]
    [InlineData("stamps", "CCVCCC", 1, 3)]
    [InlineData("rabbit", "CVC.VC", 2, 1)]
    [InlineData("sunset", "CVC.CVC", 2, 1)]
    [InlineData("fox", "CVC", 1, 1)]
    public void The_shape_counts_boxes(string word, string pattern, int syllables, int together)
    {
        var shape = Structure.Of(World.South.Words.Find(word)!.Readings[0]);
        Assert.Equal((pattern, syllables, together), (shape.Pattern, shape.Syllables, shape.LongestRun));
    }

    [Fact]
    public void Any_letters_are_guessed_at_or_left_alone_and_never_crash()
    {
        var table = CorrespondenceTable.Parse(World.Text("lexicon/correspondences.tsv"));
        Gen.String[Gen.Char['a', 'z'], 0, 60].Sample(word =>
            Guess.Of(word, table, World.South.Words).All(guess => guess.Segments.SelectMany(x => x.Letters).Order().SequenceEqual(Enumerable.Range(0, word.Length))));
        Gen.String.Sample(word => Guess.Of(word, table, World.South.Words).Count == 0 || word.All(char.IsAsciiLetterLower));
        Assert.Equal("sh:sh i:i b:b", Guess.Of("shib", table, World.South.Words)[0].ToString());
        Assert.Equal("v:v a_e:ai m:m", Guess.Of("vame", table, World.South.Words)[0].ToString());
    }

    [Fact]
    public void Sound_alikes_depend_on_the_accent()
    {
        string[] Alikes(Accent accent, string word) =>
            [.. World.Stock(null, accent).Homophones.Of(World.Lexicon.Find(word)!).Select(x => x.Spelling)];
        Assert.Contains("see", Alikes(Accent.SouthernBritish, "sea"));
        Assert.Contains("look", Alikes(Accent.NorthernEnglish, "luck"));
        Assert.DoesNotContain("look", Alikes(Accent.SouthernBritish, "luck"));
        Assert.Contains("saw", Alikes(Accent.SouthernBritish, "sore"));
        Assert.DoesNotContain("saw", Alikes(Accent.GeneralAmerican, "sore"));
    }

    [Fact]
    public void A_schools_own_split_wins_for_that_school_alone()
    {
        Assert.True(Segmentation.TryParse("bath", "b:b a:a th:th", out var own, out _));
        var school = new SchoolWords(World.Lexicon, Accent.SouthernBritish, [new OwnWord("bath", [own], null, "")]);
        Assert.Equal("b:b a:a th:th", school.Find("Bath")!.Readings[0].ToString());
        Assert.True(school.Find("bath")!.Own);
        Assert.Equal("b:b a:ar th:th", World.South.Words.Find("bath")!.Readings[0].ToString());
    }
}
