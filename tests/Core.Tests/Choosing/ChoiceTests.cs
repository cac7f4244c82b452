using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using CsCheck;

namespace BoldLadder.Core.Tests.Choosing;

public class ChoiceTests
{
    private static readonly IReadOnlySet<string> None = new HashSet<string>();

    [Fact]
    public void The_same_brief_gives_the_same_words_and_another_seed_others()
    {
        var choice = new ReadingChoice(World.South);
        var brief = BriefAt(World.Estuary.PlaceOf("ee-ee"), 7);
        Assert.Equal(Words(choice.Choose(brief)), Words(choice.Choose(brief)));
        Assert.NotEqual(Words(choice.Choose(brief)), Words(choice.Choose(brief with { Seed = 8 })));
    }

    [Fact]
    public void Day_and_way_are_read_rather_than_days_and_ways()
    {
        var choice = new ReadingChoice(World.South);
        var brief = BriefAt(World.Estuary.Rungs.ToList().FindIndex(x => x.Correspondences.Any(c => c.Key == "ay:ai")), 3);
        Assert.All(Enumerable.Range(0, 12), seed => Assert.True(
            choice.Choose(brief with { Seed = (ulong)seed }).Count(x => x.HoldsTarget && x.Word.Ended is not null) <= 2, string.Join(' ', Words(choice.Choose(brief with { Seed = (ulong)seed })))));
    }

    [Fact]
    public void A_caption_has_no_capital_but_that_of_a_name_and_a_sentence_has_both_its_ends() => Assert.All(World.Sentences.Sentences, x =>
        Assert.True(char.IsAsciiLetterLower(x.Text[0]) ? char.IsAsciiLetterLower(x.Text[^1]) : x.Text[^1] is '.' or '!' or '?' or '"' || World.Lexicon.Find(x.Words[0].ToLowerInvariant()) is null or { Spelling: [>= 'A' and <= 'Z', ..] }, x.Text));

    [Fact]
    public void Every_word_to_read_is_readable_suitable_within_the_shape_and_has_a_reason()
    {
        var choice = new ReadingChoice(World.South);
        Gen.Select(Gen.Int[5, World.Estuary.Rungs.Count - 1], Gen.ULong).Sample((place, seed) =>
        {
            var brief = BriefAt(place, seed);
            return choice.Choose(brief).All(x =>
                brief.Judge.IsReadable(x.Word) && x.Word.Everyday && x.Word.Suitability == Suitability.Fine && x.Reasons.Count > 0
                && x.Shape.Boxes <= brief.Shape.Boxes && x.Shape.Together <= brief.Shape.Together && x.Shape.Syllables <= brief.Shape.Syllables);
        }, iter: 60);
    }

    [Fact]
    public void Words_with_the_target_come_before_all_others()
    {
        var words = new ReadingChoice(World.South).Choose(BriefAt(World.Estuary.PlaceOf("sh-sh"), 3));
        Assert.All(words, x => Assert.Contains("sh", x.Word.Key, StringComparison.Ordinal));
        Assert.Equal(words.OrderBy(x => x.Shape.Boxes).Select(x => x.Shape.Boxes), words.Select(x => x.Shape.Boxes));
    }

    [Fact]
    public void A_family_gives_one_word_when_there_are_others()
    {
        var words = new ReadingChoice(World.South).Choose(BriefAt(World.Estuary.PlaceOf("a_e-ai") < 0 ? World.Estuary.PlaceOf("a-e-ai") : 0, 3));
        Assert.Equal(words.Count, words.Select(x => x.Word.Ended?.Base ?? x.Word.Key).Distinct().Count());
    }

    [Fact]
    public void Words_read_often_give_way_to_others()
    {
        var choice = new ReadingChoice(World.South);
        var brief = BriefAt(World.Estuary.PlaceOf("ee-ee"), 3);
        var first = choice.Choose(brief);
        var later = choice.Choose(brief with { TimesRead = first.ToDictionary(x => x.Word.Key, _ => 4) });
        Assert.True(later.Count(x => first.Any(f => f.Word == x.Word)) <= 3);
    }

    [Fact]
    public void Beside_the_words_of_a_day_none_has_their_letters_saying_something_else()
    {
        var place = World.Ridge.PlaceOf("mb-m");
        var brief = new ReadingBrief(
            new Judge(new TaughtSet(World.Us.Rules, [], []).With(World.Ridge.Rungs.Take(place + 1))),
            World.Ridge.Rungs[place].Adds, World.Ridge.SectionAt(place).Shape, None, new Dictionary<string, int>(), None, 60, 3);
        var words = new ReadingChoice(World.Us).Choose(brief);
        Assert.True(brief.Judge.IsLegal("number"));
        Assert.Contains(words, x => !x.HoldsTarget);
        Assert.All(words, x => Assert.Equal(x.HoldsTarget, x.Word.Key.Contains("mb", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_heteronym_is_not_offered_alone() =>
        Assert.DoesNotContain(World.South.Offered, x => x.Word.Key is "read" or "wind" or "live" or "tear" or "lead");

    [Fact]
    public void A_word_to_spell_that_has_a_sound_alike_brings_its_sentence()
    {
        var place = World.Estuary.PlaceOf("ee-ee");
        for (var seed = 0UL; seed < 20; seed++)
        {
            foreach (var x in new SpellingChoice(World.South).Choose(BriefAt(place, seed) with { Count = 5 }))
            {
                Assert.True(!World.South.SoundAlikes(x.Word).Any() || x.Spoken.Length > 0, x.Word.Spelling);
            }
        }
    }

    [Fact]
    public void A_word_to_spell_is_a_base_unless_an_ending_is_taught()
    {
        var spelt = new SpellingChoice(World.South).Choose(BriefAt(World.Estuary.PlaceOf("ai-ai"), 5) with { Count = 5 });
        Assert.All(spelt, x => Assert.Null(x.Word.Ended));
        var ing = World.Estuary.PlaceOf("ing");
        Assert.Contains(new SpellingChoice(World.South).Choose(BriefAt(ing, 5) with { Count = 5 }), x => x.Word.Ended is not null);
    }

    [Fact]
    public void Listening_words_are_chosen_by_sound_and_need_not_be_readable()
    {
        var sound = Correspondence.Parse("sh:sh").Sound;
        var words = ListeningWords.With(World.South, sound, 6, new Dice(1));
        Assert.Equal(6, words.Count);
        Assert.All(words, x => Assert.Contains(World.South.Words.Of(x.Word).Readings[0].Phonemes, p => p.Key == "sh"));
        Assert.Contains(words, x => x.Place == "first");
        Assert.All(words, x => Assert.Equal(Familiarity.AtFourOrFive, x.Word.Familiarity));
    }

    // What many schools teach as tricky words, whatever their letters: sentences are there for them.
    private const string ByHeart = "again another beautiful because been behind both brother busy buy child christmas climb clothes does done don't enough even every everybody "
        + "eyes father find four friend goes gone great half here hour improve kind know laugh love many mind money most mother move old only other parents pretty "
        + "says school shoe sugar sure their thought through today very want water whole wild word work world";

    [Fact]
    public void For_a_word_that_schools_teach_by_heart_there_are_sentences_that_need_few_letters_besides()
    {
        var early = World.LadderOf("a:a b:b c:k ck:k d:d e:e f:f g:g h:h i:i j:j k:k l:l ll:l m:m n:n o:o p:p r:r s:s s:z ss:s t:t u:u v:v w:w y:y z:z !the !a !I !to !is !of !was !you !are !have !he !she !we !be !no !go !so !my !me !do !by !what !come #PairAtEnd");
        var known = new TaughtSet(World.Rules(Accent.SouthernBritish, ladder: early), [], []).With(early.Rungs);
        var bare = ByHeart.Split(' ').Where(word =>
        {
            var judge = new Judge(new TaughtSet(known.Rules, known.Things, known.TrickyWords.Append(word)));
            return !World.Sentences.Sentences.Any(x => x.Keys.Contains(word) && x.IsReadable(judge));
        }).ToList();
        Assert.True(bare.Count == 0, string.Join(", ", bare));
    }

    [Fact]
    public void The_bank_holds_sentences_enough_and_each_can_be_read_at_the_top_of_a_ladder()
    {
        Assert.True(World.Sentences.Sentences.Count >= 1200);
        var top = World.AtTheTop(World.Estuary, Accent.SouthernBritish).Taught;
        var judge = new Judge(new TaughtSet(top.Rules, top.Things, top.TrickyWords.Concat(ByHeart.Split(' '))));
        var unread = World.Sentences.Sentences.Where(x => !x.IsReadable(judge)).Select(x => x.Text).ToList();
        Assert.True(unread.Count <= 5, string.Join(" | ", unread));
    }

    [Fact]
    public void A_heteronym_in_a_sentence_says_which_reading_is_meant()
    {
        foreach (var sentence in World.Sentences.Sentences)
        {
            foreach (var word in sentence.Words.Select(x => x.ToLowerInvariant()))
            {
                Assert.True(World.South.Words.Find(word)?.IsHeteronym is null or false || word is "the" || sentence.Meant.ContainsKey(word), $"{sentence.Text}: {word}");
            }
        }
    }

    [Fact]
    public void A_sentence_is_judged_by_the_reading_it_needs()
    {
        var rules = World.Rules(Accent.SouthernBritish);
        var bank = SentenceBank.Parse("I live.\tlive=l:l i:i ve:v");
        Assert.False(bank.Sentences[0].IsReadable(World.JudgeOf(rules, "l:l i_e:igh v:v", "I")));
        Assert.True(bank.Sentences[0].IsReadable(World.JudgeOf(rules, "l:l i:i ve:v", "I")));
    }

    [Theory]
    [InlineData("Sam's dog can't run.", "Sam's|dog|can't|run")]
    [InlineData("\"Stop!\" said Dad.", "Stop|said|Dad")]
    [InlineData("a well-known 3", "a|well-known")]
    [InlineData("...", "")]
    public void A_line_is_taken_apart_into_its_words(string line, string words) =>
        Assert.Equal(words, string.Join('|', SentenceBank.WordsOf(line)));

    [Fact]
    public void Nothing_sensitive_or_unsuitable_stands_in_what_ships()
    {
        Assert.DoesNotContain(World.Sentences.Sentences.SelectMany(x => x.Words), x => World.Lexicon.Find(x) is { Suitability: not Suitability.Fine });

        // A sensitive word may stand in its own line, said only when the word was asked for, and in that of its family.
        foreach (var (key, line) in World.Spoken.All)
        {
            var own = World.Lexicon.Find(key)!;
            var words = SentenceBank.WordsOf(line).Select(World.Lexicon.Find).OfType<LexiconWord>().ToList();
            Assert.DoesNotContain(words, x => x.Suitability == Suitability.Unsuitable);
            Assert.True(own.Suitability == Suitability.Sensitive || words.All(x => x.Suitability == Suitability.Fine), $"{key}: {line}");
        }
    }

    [Fact]
    public void What_is_said_of_a_word_is_a_sentence_to_read_where_print_says_how_each_word_is_read()
    {
        var texts = World.South.Sentences.All.Select(x => x.Text).ToHashSet();
        Assert.Contains(World.Spoken.Find("night")!, texts);
        Assert.DoesNotContain(World.Spoken.Find("lead")!, texts);
        Assert.DoesNotContain(World.Spoken.Find("thief")!, texts);
        Assert.Equal(texts.Count, World.South.Sentences.All.Count);
        Assert.True(texts.Count > 4000, $"{texts.Count}");
    }

    [Fact]
    public void An_American_school_reads_and_hears_its_own_words()
    {
        Assert.Equal("Mom saw her mom's gray TV.", AmericanForms.Parse("mum\tmom\ngrey\tgray\ntelly\tTV").In("Mum saw her mum's grey telly."));
        Assert.Equal("We ran around the park at recess. A round stone is round.", AmericanForms.Parse("round the\taround the\nat break\tat recess").In("We ran round the park at break. A round stone is round."));
        Assert.DoesNotContain(World.Us.Sentences.All, x => x.Text.Contains(" round the ", StringComparison.Ordinal));
        Assert.Throws<FormatException>(() => AmericanForms.Parse("mum"));
        Assert.Throws<FormatException>(() => AmericanForms.Parse("mum\tmom\nmum\tma"));
        var notUsed = World.Forms.NotUsed.ToHashSet();
        Assert.DoesNotContain(World.Us.Sentences.All.SelectMany(x => x.Words), x => notUsed.Contains(x.ToLowerInvariant()));
        Assert.DoesNotContain(World.Us.Offered, x => notUsed.Contains(x.Word.Key));
        Assert.Contains(World.South.Offered, x => x.Word.Key == "mum");
        Assert.All(World.Us.Spoken.All.Where(x => !notUsed.Contains(x.Word)), x => Assert.Contains(
            SentenceBank.WordsOf(x.Line), w => w.Equals(x.Word, StringComparison.OrdinalIgnoreCase)));
    }

    [Fact]
    public void Every_spoken_sentence_holds_its_word() => Assert.All(
        World.Spoken.All, x => Assert.Contains(SentenceBank.WordsOf(x.Line), w => w.Equals(x.Word, StringComparison.OrdinalIgnoreCase)));

    private static ReadingBrief BriefAt(int place, ulong seed) => new(
        new Judge(new TaughtSet(World.South.Rules, [], []).With(World.Estuary.Rungs.Take(place + 1))),
        World.Estuary.Rungs[place].Adds, World.Estuary.SectionAt(place).Shape, None, new Dictionary<string, int>(), None, 10, seed);

    private static IEnumerable<string> Words(IEnumerable<ChosenWord> words) => words.Select(x => x.Word.Key);

    [Theory]
    [InlineData("diaper candy trash mom soccer", "nappy pram jumper mum lorry")]
    public void A_class_is_offered_the_words_of_its_own_country(string american, string british)
    {
        var (south, us) = (World.South.Offered.Select(x => x.Word.Key).ToHashSet(), World.Us.Offered.Select(x => x.Word.Key).ToHashSet());
        Assert.All(american.Split(' '), x => Assert.True(us.Contains(x) && !south.Contains(x), x));
        Assert.All(british.Split(' '), x => Assert.True(south.Contains(x) && !us.Contains(x), x));
    }
}
