using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What is said to children means one thing, and what fills a day up belongs to it.</summary>
public sealed class ClearToChildrenTests
{
    [Theory]
    [InlineData("c:s", "s")]
    [InlineData("y:igh", "igh")]
    [InlineData("ea:e", "e")]
    public void Letters_that_were_met_saying_something_else_do_not_name_what_is_heard(string part, string name)
    {
        for (var seed = 1UL; seed <= 6; seed++)
        {
            var heard = In(At(part, seed), Activity.Listening);
            Assert.Contains(heard, x => x.Heading == name);
            Assert.DoesNotContain(heard, x => x.Heading == part.Split(':')[0]);
        }
    }

    // No letters name it better than those by which children know it.
    [Fact]
    public void A_sound_that_is_known_is_asked_for_by_the_spelling_it_was_met_in()
    {
        for (var seed = 1UL; seed <= 6; seed++)
        {
            var asked = At("dge:j", seed).Blocks.Single(x => x.Activity == Activity.Listening);
            Assert.DoesNotContain(asked.Asks.SelectMany(x => x.Arguments.Take(1)), x => x is "ge" or "dge");
            Assert.True(asked.Items.Count(x => x.Heading == "yes" && x.Text.Contains("ge", StringComparison.Ordinal)) >= 2);
        }
    }

    [Fact]
    public void The_n_of_pink_is_told_from_that_of_net_and_from_no_letter_that_looks_like_it()
    {
        for (var seed = 1UL; seed <= 6; seed++)
        {
            Assert.DoesNotContain(LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, World.Estuary.PlaceOf("n-ng"), seed)).Items, x => x.Heading is "u" or "m");
        }
    }

    [Fact]
    public void Letters_doubled_at_the_end_are_chosen_once_and_twice_each()
    {
        for (var seed = 1UL; seed <= 6; seed++)
        {
            var chosen = In(LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, World.Ridge.PlaceOf("ll-l-ss-s-ff-f"), seed)), Activity.Choose);
            Assert.Equal(["f", "ff", "l", "ll", "s", "ss"], chosen.Select(x => x.Heading).Order(StringComparer.Ordinal));
            Assert.All(chosen, x => Assert.True(x.Heading.Length == 1 ? x.Text.StartsWith(x.Heading, StringComparison.Ordinal) : x.Text.EndsWith(x.Heading, StringComparison.Ordinal), x.Text));
        }
    }

    [Fact]
    public void No_two_words_said_sound_by_sound_sound_the_same() => Assert.All(Enumerable.Range(1, 12), place =>
    {
        foreach (var activity in new[] { Activity.OralBlending, Activity.SayApart })
        {
            var said = In(LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, place, 3)), activity).Select(x => x.Split).ToList();
            Assert.Equal(said.Count, said.Distinct().Count());
        }
    });

    // ph and au have few words: what else is spelt has f, or the sound of claw, in it.
    [Theory]
    [InlineData("ph:f")]
    [InlineData("au:aw")]
    public void Where_few_words_have_todays_part_the_others_that_are_spelt_have_its_sound(string part)
    {
        var sound = Core.Sounds.Correspondence.Parse(part).Sound;
        for (var seed = 1UL; seed <= 6; seed++)
        {
            Assert.All(In(At(part, seed), Activity.Spell), x => Assert.Contains(
                World.South.Words.Find(x.Text)!.Readings.SelectMany(r => r.Segments), s => World.South.Rules.SameSound(s.Correspondence.Sound, sound)));
        }
    }

    [Theory]
    [InlineData("ing")]
    [InlineData("ed")]
    [InlineData("est")]
    public void No_ending_stands_on_a_word_that_means_nothing(string ending)
    {
        var place = Enumerable.Range(0, World.Estuary.Rungs.Count).First(i => World.Estuary.Rungs[i].Adds.Any(x => x.Ending == ending));
        Assert.All(Enumerable.Range(1, 10), seed => Assert.Empty(In(LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, place, (ulong)seed)), Activity.MadeUp)));
    }

    [Fact]
    public void Of_the_sentences_of_a_day_no_two_begin_with_the_same_three_words() => Assert.All(Enumerable.Range(12, 60), place =>
    {
        var read = In(LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, place, 5)), Activity.ReadSentences)
            .Select(x => string.Join(' ', x.Text.ToLowerInvariant().Split(' ').Take(3))).ToList();
        Assert.Equal(read.Count, read.Distinct().Count());
    });

    [Fact]
    public void Of_the_first_sentences_no_two_are_one_but_for_a_word()
    {
        var ladder = World.LadderOf("f:f i:i n:n a:a+!a m:m p:p b:b+!I o:o g:g d:d+!the s:s+-s e:e").Paced(2, new HashSet<string>(), null);
        var stock = World.Stock(ladder, Core.Sounds.Accent.GeneralAmerican);
        var lessons = World.Lived(stock, World.StandingOf(ladder, [], stock.Rules), ladder.Rungs.SelectMany(x => Enumerable.Repeat(x, x.Days)), 30);
        Assert.All(lessons, lesson =>
        {
            var read = In(lesson, Activity.ReadSentences).Select(x => Core.Choosing.SentenceBank.WordsOf(x.Text.ToLowerInvariant())).ToList();
            Assert.DoesNotContain(read.SelectMany((x, i) => read.Skip(i + 1).Select(y => (x, y))), p => p.x.Count > 2 && p.x.Count == p.y.Count && p.x.Zip(p.y).Count(w => w.First != w.Second) == 1);
        });
        Assert.Contains(lessons, x => In(x, Activity.ReadSentences).Count > 4);
    }

    // Of two words, "No, Dad, no!" is alike to none but itself.
    [Fact]
    public void No_sentence_is_read_twice_though_there_are_few()
    {
        var ladder = Core.Ladders.LadderText.Parse(World.Text("starters/by-hand.ladder.tsv"));
        var stock = World.Stock(ladder, Core.Sounds.Accent.Scottish);
        Assert.All(Enumerable.Range(4, 20), place =>
        {
            var read = In(LessonComposer.Compose(World.BriefAt(ladder, stock, place, 1)), Activity.ReadSentences).Select(x => x.Text).ToList();
            Assert.Equal(read.Count, read.Distinct().Count());
        });
    }

    [Fact]
    public void A_short_chain_that_stays_with_todays_part_is_better_than_a_longer_one_that_leaves_it()
    {
        var ladder = World.LadderOf("t:t a:a n:n d:d o:o g:g i:i p:p h:h e:e l:l m:m r:r s:s b:b u:u f:f w:w c:k k:k ll:l ow:ow");
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        var chain = In(LessonComposer.Compose(World.BriefAt(ladder, stock, ladder.PlaceOf("ow-ow"), 1)), Activity.Chain);
        Assert.NotEmpty(chain);
        Assert.True(chain.Count(x => x.Text.Contains("ow", StringComparison.Ordinal)) * 3 >= chain.Count * 2, string.Join(' ', chain.Select(x => x.Text)));
    }

    [Fact]
    public void A_day_of_an_ending_is_of_words_that_have_it_where_longer_words_and_doubled_letters_come_later_or_never()
    {
        var ladder = Core.Ladders.LadderText.Parse("name\tEndings\n[One]\t5 2 1\na:a b:b e:e f:f g:g h:h i:i l:l m:m n:n o:o\nt:t u:u j:j d:d sh:sh ng:ng ll:l a:aw er:ur r:r s:s\np:p w:w k:k ck:k ee:ee ai:ai\n-ing\n-er\n#TwoSyllables");
        var stock = World.Stock(ladder, Core.Sounds.Accent.Find("us")!);
        foreach (var ending in (string[])["ing", "er"])
        {
            var lesson = LessonComposer.Compose(World.BriefAt(ladder, stock, ladder.PlaceOf(ending), 1));
            var read = In(lesson, Activity.Read).Select(x => x.Text).ToList();
            Assert.True(read.Count(x => x.EndsWith(ending, StringComparison.Ordinal)) * 10 >= read.Count * 8, string.Join(' ', read));
            Assert.True(read.Count(x => stock.Words.FindWord(x) is { Ended.Join: Core.Words.Join.Plain }) * 2 >= read.Count, string.Join(' ', read));
            Assert.All(In(lesson, Activity.Spell), x => Assert.EndsWith(ending, x.Text, StringComparison.Ordinal));
            Assert.Contains(lesson.Blocks, x => x.Activity == Activity.Compare);
        }
    }

    [Theory]
    [InlineData("er:schwa", "er")]
    [InlineData("y:ee", "y")]
    public void A_spelling_that_ends_longer_words_is_read_in_them_though_two_syllables_come_later(string part, string letters)
    {
        var ladder = Core.Ladders.LadderText.Parse($"name\tBeats\n[One]\t5 2 1\na:a b:b e:e f:f g:g h:h i:i l:l m:m n:n o:o\nt:t u:u j:j d:d sh:sh ng:ng ll:l dd:d r:r s:s tt:t\np:p w:w k:k ck:k ee:ee mm:m nn:n v:v pp:p\n{part}\n#TwoSyllables");
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        var lesson = LessonComposer.Compose(World.BriefAt(ladder, stock, 3, 1));
        var read = In(lesson, Activity.Read).Select(x => x.Text).ToList();
        Assert.True(read.Count(x => x.EndsWith(letters, StringComparison.Ordinal)) * 10 >= read.Count * 8, string.Join(' ', read));
        Assert.DoesNotContain("rabbit", read);

        // Pond and ponder mean nothing alike: nobody is asked what was added to the one.
        Assert.DoesNotContain(lesson.Blocks, x => x.Activity == Activity.Compare && x.Asks.Any(a => a.Code == AskCode.Ending));
    }

    private const string FirstLetters = "a:a\nb:b\nd:d\ne:e\ng:g\ni:i\nm:m\nn:n\no:o\np:p\ns:s\nt:t";

    private static Lesson Of(string rungs, string? rung = null)
    {
        var ladder = Core.Ladders.LadderText.Parse($"name\tx\n[One]\t5 2 1\n{rungs}");
        return LessonComposer.Compose(World.BriefAt(ladder, World.Stock(ladder, Core.Sounds.Accent.SouthernBritish), rung is null ? ladder.Rungs.Count - 1 : ladder.PlaceOf(rung), 1));
    }

    [Fact]
    public void A_contrast_of_two_sounds_is_listened_for_as_one_or_the_other()
    {
        var block = Of($"{FirstLetters}\nb:b d:d =contrast").Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.Equal(AskCode.WhichSound, Assert.Single(block.Asks).Code);
        Assert.Equal(["b", "d"], block.Items.Select(x => x.Heading).Distinct().Order());
    }

    [Fact]
    public void Where_pairs_of_consonants_are_met_one_by_one_no_word_begins_with_one_to_come()
    {
        var letters = $"{FirstLetters}\nw:w\nl:l\nk:k\nf:f\nc:k\n&s:s,t:t\n&b:b,l:l\n&c:k,l:l";
        foreach (var (rung, may) in ((string, string[])[])[("w-w", []), ("s-s-t-t", ["st"]), ("c-k-l-l", ["st", "bl", "cl", "sl", "fl", "pl", "gl", "tw", "sw", "sm", "sn", "sp"])])
        {
            var words = In(Of(letters, rung), Activity.Read).Concat(In(Of(letters, rung), Activity.Spell)).Select(x => x.Text).Where(x => x.Length > 2 && !"aeiou".Contains(x[1], StringComparison.Ordinal) && !"aeiou".Contains(x[0], StringComparison.Ordinal)).ToList();
            Assert.All(words, x => Assert.Contains(x[..2], may));
        }
    }

    [Fact]
    public void Where_hardly_a_word_holds_what_is_taught_names_are_read_and_written()
    {
        var lesson = Of($"{FirstLetters}\nv:v\nk:k\nr:r\na_e:ai\no_e:oa\ne_e:ee");
        Assert.Contains("Pete", In(lesson, Activity.Read).Select(x => x.Text));
        Assert.Contains("Pete", In(lesson, Activity.Spell).Select(x => x.Text));

        // What fills up is made in the same way.
        Assert.All(In(lesson, Activity.Read).Where(x => !char.IsUpper(x.Text[0])), x => Assert.EndsWith("e", x.Text, StringComparison.Ordinal));
        Assert.DoesNotContain(In(Of($"{FirstLetters}\nk:k\na_e:ai"), Activity.Read), x => char.IsUpper(x.Text[0]));
    }

    [Fact]
    public void A_split_spelling_is_listened_for_inside_where_it_stands()
    {
        var block = Of($"{FirstLetters}\nh:h\nk:k\nr:r\no_e:oa").Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.Equal("inside", Assert.Single(block.Asks).Arguments[2]);
    }

    [Fact]
    public void A_weak_vowel_is_not_listened_for_beside_a_strong_one()
    {
        var block = Of($"{FirstLetters}\nr:r\nh:h\nf:f\ner:ur er:schwa").Blocks.Single(x => x.Activity == Activity.Listening);
        Assert.DoesNotContain(Assert.Single(block.Asks).Arguments, x => x.StartsWith("sofa", StringComparison.Ordinal));
    }

    [Fact]
    public void Made_up_words_leave_time_to_read_eight_and_spell_four()
    {
        var ladder = Core.Ladders.LadderText.Parse($"name\tx\n[One]\t5 2 1\n{FirstLetters}\nw:w\nl:l\nr:r\nh:h\nf:f\nai:ai\nay:ai\na_e:ai\nai:ai ay:ai a_e:ai =contrast");
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        for (var seed = 1UL; seed < 20; seed++)
        {
            var lesson = LessonComposer.Compose(World.BriefAt(ladder, stock, ladder.Rungs.Count - 1, seed));
            Assert.True(In(lesson, Activity.Spell).Count >= 3, $"{seed}");
            Assert.True(In(lesson, Activity.MadeUp).Count == 0 || (In(lesson, Activity.Read).Count >= 8 && In(lesson, Activity.Spell).Count >= 4), $"{seed}");
        }
    }

    private static Lesson At(string part, ulong seed)
    {
        var thing = Teachable.Of(Core.Sounds.Correspondence.Parse(part));
        return LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, Enumerable.Range(0, World.Estuary.Rungs.Count).First(i => World.Estuary.Rungs[i].Adds.Contains(thing)), seed));
    }

    private static IReadOnlyList<LessonItem> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items)];
}
