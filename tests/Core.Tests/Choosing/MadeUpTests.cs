using BoldLadder.Core.Conventions;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Choosing;

public class MadeUpTests
{
    private const string Letters = "a:a b:b c:k d:d e:e f:f g:g h:h i:i k:k l:l m:m n:n o:o p:p r:r s:s t:t u:u j:j v:v w:w x:k+s y:y z:z";

    private const string Much = Letters + " ck:k ff:f ll:l ss:s zz:z qu:k+w sh:sh ch:ch th:th ng:ng n:ng ai:ai ee:ee igh:igh oa:oa oo:oo ar:ar or:or ur:ur ow:ow "
        + "oi:oi a_e:ai i_e:igh o_e:oa ay:ai ea:ee oy:oi er:ur ir:ur aw:aw ou:ow tch:ch dge:j c:s g:j wh:wh ph:f a:aw air:air ear:ear";

    [Theory]
    [InlineData("vab", MadeUpVerdict.Ok)]
    [InlineData("grell", MadeUpVerdict.Ok)]
    [InlineData("splonk", MadeUpVerdict.Ok)]
    [InlineData("ship", MadeUpVerdict.Real)]
    [InlineData("strang", MadeUpVerdict.Real)]
    [InlineData("dont", MadeUpVerdict.Real)]
    [InlineData("kow", MadeUpVerdict.SoundsReal)]
    [InlineData("shipp", MadeUpVerdict.SoundsReal)]
    [InlineData("fome", MadeUpVerdict.SoundsReal)]
    [InlineData("blof", MadeUpVerdict.Illegal)]
    [InlineData("grel", MadeUpVerdict.Illegal)]
    [InlineData("vem", MadeUpVerdict.Ok)]
    [InlineData("nuv", MadeUpVerdict.Illegal)]
    [InlineData("ckeft", MadeUpVerdict.Illegal)]
    [InlineData("ngib", MadeUpVerdict.Illegal)]
    [InlineData("quab", MadeUpVerdict.Illegal)]
    [InlineData("smai", MadeUpVerdict.Illegal)]
    [InlineData("dayb", MadeUpVerdict.Illegal)]
    [InlineData("snou", MadeUpVerdict.Illegal)]
    [InlineData("shoi", MadeUpVerdict.Illegal)]
    [InlineData("plij", MadeUpVerdict.Illegal)]
    [InlineData("mirlk", MadeUpVerdict.Illegal)]
    [InlineData("tailt", MadeUpVerdict.Illegal)]
    [InlineData("blaint", MadeUpVerdict.Ok)]
    [InlineData("frilk", MadeUpVerdict.Ok)]
    [InlineData("fuk", MadeUpVerdict.Unsafe)]
    [InlineData("shitt", MadeUpVerdict.Unsafe)]
    public void A_made_up_word_gets_the_worst_that_is_true_of_it(string word, MadeUpVerdict verdict) =>
        Assert.Equal(verdict, World.MadeUp.Of(word).Verdict);

    [Theory]
    [InlineData("zobe")]
    [InlineData("thoz")]
    [InlineData("vulb")]
    [InlineData("noy")]
    [InlineData("blaif")]
    [InlineData("noab")]
    [InlineData("varb")]
    [InlineData("gek")]
    public void Letters_that_English_writes_together_are_not_said_to_be_forbidden(string word)
    {
        var judged = World.MadeUp.Of(word);
        Assert.True(judged.Verdict != MadeUpVerdict.Illegal || judged.Reason.Code == ReasonCode.WrittenAfterShort, $"{judged.Reason}");
    }

    [Theory]
    [InlineData("quur")]
    [InlineData("quurp")]
    public void One_letter_stands_twice_only_where_the_two_are_one_spelling(string word) =>
        Assert.Equal(ReasonCode.NotSpeltSo, World.MadeUp.Of(word).Reason.Code);

    [Theory]
    [InlineData("hild")]
    [InlineData("chep")]
    [InlineData("gice")]
    public void What_would_be_a_word_only_if_pin_and_pen_were_one_everywhere_is_fine_in_america(string word) =>
        Assert.Equal(MadeUpVerdict.Ok, World.MadeUpFor(Accent.GeneralAmerican).Of(word).Verdict);

    [Theory]
    [InlineData("gb-south")]
    [InlineData("gb-north")]
    [InlineData("scotland")]
    [InlineData("us")]
    public void No_pattern_that_is_forbidden_is_contradicted_by_a_familiar_word_that_it_does_not_name(string accentId)
    {
        var words = World.WordsOf(Accent.Find(accentId)!);
        foreach (var pattern in MadeUpLaw.Patterns)
        {
            var known = pattern.Exceptions.Split(' ', StringSplitOptions.RemoveEmptyEntries).ToHashSet();
            var against = words.Words.Where(x => x is { Everyday: true, Ended: null } && x.Key == x.Spelling && x.Key.Length > 1 && x.Key.All(char.IsAsciiLetter) && !FunctionWords.Has(x.Key) && words.OwnSpelling(x))
                .Where(x => words.Of(x).Readings is [var reading, ..] && OneSyllable.Of(reading) is { } shape && pattern.BrokenBy(shape) is not null)
                .Select(x => x.Key).Except(known).ToList();
            Assert.True(against.Count == 0, $"{pattern.Name}: {string.Join(' ', against)}");
        }
    }

    [Fact]
    public void A_word_that_hardly_anybody_knows_is_a_note_and_no_reason_to_refuse()
    {
        var judged = World.MadeUp.Of("gek");
        Assert.NotEqual(MadeUpVerdict.SoundsReal, judged.Verdict);
        Assert.Equal(MadeUpVerdict.SoundsReal, World.MadeUp.Of("glich").Verdict);
    }

    [Fact]
    public void Letters_inside_words_that_nobody_minds_make_no_word_unsafe()
    {
        Assert.NotEqual(MadeUpVerdict.Unsafe, World.MadeUp.Of("shellit").Verdict);
        Assert.Equal(MadeUpVerdict.Unsafe, World.MadeUp.Of("fuckle").Verdict);
    }

    [Fact]
    public void A_rude_word_is_called_unsafe_before_it_is_called_real()
    {
        Assert.True(MadeUpVerdict.Unsafe > MadeUpVerdict.Real && MadeUpVerdict.Real > MadeUpVerdict.SoundsReal && MadeUpVerdict.SoundsReal > MadeUpVerdict.Illegal);
        var judged = World.MadeUp.Of("shit");
        Assert.Equal(MadeUpVerdict.Unsafe, judged.Verdict);
        Assert.Null(judged.Like);
    }

    [Fact]
    public void The_real_word_that_it_sounds_like_is_named() => Assert.Equal("cow", World.MadeUp.Of("kow").Like);

    [Fact]
    public void A_word_that_needs_what_is_not_taught_is_not_legal()
    {
        var judged = World.MadeUp.Of("shib", Set("s:s h:h i:i b:b"));
        Assert.Equal(MadeUpVerdict.Illegal, judged.Verdict);
        Assert.Equal(Reason.Of(ReasonCode.NeedsUntaught, "sh:sh"), judged.Reason);
        Assert.Equal(MadeUpVerdict.Ok, World.MadeUp.Of("shib", Set("sh:sh i:i b:b")).Verdict);
    }

    [Fact]
    public void C_before_e_is_legal_only_when_its_soft_sound_is_taught()
    {
        Assert.Equal(MadeUpVerdict.Illegal, World.MadeUp.Of("cemp", Set("c:k e:e m:m p:p")).Verdict);
        Assert.Equal(MadeUpVerdict.Ok, World.MadeUp.Of("cemp", Set("c:k c:s e:e m:m p:p")).Verdict);
    }

    [Theory]
    [InlineData("gb-south")]
    [InlineData("gb-north")]
    [InlineData("scotland")]
    [InlineData("us")]
    public void Sixteen_single_letters_as_a_ladder_begins_give_at_least_thirty_good_words(string accent)
    {
        // Four or five vowels, and most of the consonants among the commonest: no ladder begins with x, z, v, j and y.
        string[] common = ["s", "t", "p", "n", "m", "d", "g", "r", "l", "b", "h", "c"];
        var (vowels, consonants) = (Letters.Split(' ').Select(Correspondence.Parse).Where(x => x.Sound.IsVowel).ToList(), Letters.Split(' ').Select(Correspondence.Parse).Where(x => !x.Sound.IsVowel).ToList());
        var (check, dice) = (World.MadeUpFor(Accent.Find(accent)!), new Dice(16));
        for (var i = 0; i < 20; i++)
        {
            var usual = dice.Mix(consonants.Where(x => common.Contains(x.Grapheme.Text))).Take(7).ToList();
            var taught = vowels.Take(4 + (i % 2)).Concat(usual).Concat(dice.Mix(consonants.Except(usual)).Take(5 - (i % 2))).ToHashSet();
            var made = new MadeUpWords(check).All(taught, new WordShape(4, 2, 1)).Count;
            Assert.True(made >= 30, $"{string.Join(' ', taught)}: {made}");
        }
    }

    [Theory]
    [InlineData("gb-south")]
    [InlineData("gb-north")]
    [InlineData("scotland")]
    [InlineData("us")]
    public void Nothing_that_is_made_is_a_real_word_or_sounds_like_one_by_a_slow_second_look(string accentId)
    {
        var accent = Accent.Find(accentId)!;
        var check = World.MadeUpFor(accent);
        var heard = accent.Heard();
        string Heard(IEnumerable<Phoneme> sounds) => string.Join(' ', sounds.Select(x => heard.Alone(x)));
        var real = World.Lexicon.Words.SelectMany(x => World.Lexicon.Readings(x, accent)).Select(x => Heard(x.Phonemes)).ToHashSet();
        var spellings = World.Text("lexicon/real-words.txt").Split('\n').ToHashSet();
        var made = new MadeUpWords(check).All(Set(Much), new WordShape(4, 2, 1));
        Assert.True(made.Count > 3000, $"{made.Count} made");
        Assert.Empty(made.Where(x => spellings.Contains(x.Word) || World.Lexicon.Find(x.Word) is not null || real.Contains(Heard(x.Reading!.Phonemes))).Select(x => x.Word).Take(20));
    }

    [Fact]
    public void Everything_that_is_made_is_spelt_with_what_is_taught_and_passes_the_check_again()
    {
        var taught = Set(Letters + " sh:sh ee:ee");
        var made = new MadeUpWords(World.MadeUp).All(taught, new WordShape(4, 2, 1));
        Assert.All(made, x =>
        {
            Assert.All(x.Reading!.Segments, s => Assert.Contains(s.Correspondence, taught));
            Assert.Equal(x.Word, string.Concat(x.Reading.Segments.SelectMany(s => s.Letters).Order().Select(i => x.Word[i])));
            Assert.Equal(MadeUpVerdict.Ok, World.MadeUp.Of(x.Word, taught).Verdict);
        });
    }

    [Fact]
    public void Any_letters_get_an_answer() =>
        Gen.String[Gen.Char['a', 'z'], 0, 30].Sample(word => Enum.IsDefined(World.MadeUp.Of(word).Reason.Code), iter: 300);

    private static HashSet<Correspondence> Set(string taught) => [.. taught.Split(' ').Select(Correspondence.Parse)];
}
