using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What is read and spelt on a day is called by what children see, and practises what the day is about.</summary>
public sealed class OnThePointTests
{
    [Fact]
    public void A_word_learnt_by_heart_is_practice_of_a_part_only_once_it_can_be_read_through()
    {
        var brief = World.BriefAt(World.Estuary, World.South, "th:th");
        var practised = PractisedWords.Of(World.South, brief.Judge, brief.Targets);
        Assert.True(Is("that") && Is("thin"));
        Assert.False(Is("the") || Is("they"));

        bool Is(string word) => practised.Includes(new SentenceWord(word, World.South.Words.FindWord(word), null));
    }

    [Fact]
    public void What_an_ending_puts_together_is_no_example_of_consonants_at_the_end()
    {
        var holding = new HeldParts(World.South).Holding([Teachable.Of(TaughtStructure.PairAtEnd)]);
        Assert.All(["hand", "tests", "lifted"], x => Assert.True(holding(World.South.Words.FindWord(x)!), x));
        Assert.All(["hats", "pigs", "stopped"], x => Assert.False(holding(World.South.Words.FindWord(x)!), x));
    }

    [Fact]
    public void The_story_of_a_day_holds_its_part_in_words_that_are_read_by_it()
    {
        for (var seed = 1UL; seed <= 20; seed++)
        {
            var brief = World.BriefAt(World.Estuary, World.South, "th:th", seed);
            var practised = PractisedWords.Of(World.South, brief.Judge, brief.Targets);
            foreach (var text in LessonComposer.Compose(brief).Items.Where(x => x.Kind is ItemKind.Story or ItemKind.Sentence).Select(x => x.Text))
            {
                Assert.True(SentenceBank.WordsOf(text).Any(w => practised.Includes(new SentenceWord(w.ToLowerInvariant(), World.South.Words.FindWord(w), null))), text);
            }
        }
    }

    [Fact]
    public void Words_that_keep_taught_parts_going_have_what_was_taught_lately()
    {
        var ladder = World.Order("units");
        var stock = World.Stock(ladder, Accent.GeneralAmerican);
        var (met, lately) = (0, 0);
        for (var seed = 1UL; seed <= 12; seed++)
        {
            var brief = World.BriefAt(ladder, stock, ladder.Rungs.Count - 1, seed);
            var (today, last) = (new HeldParts(stock).Holding(brief.Targets), new HeldParts(stock).Holding(brief.Standing.Lessons.TakeLast(12).SelectMany(x => x.Things)));
            var others = LessonComposer.Compose(brief).Blocks.Single(x => x.Activity == Activity.Read).Items.Select(x => stock.Words.FindWord(x.Text)!).Where(x => !today(x)).ToList();
            (met, lately) = (met + others.Count, lately + others.Count(x => last(x)));
        }

        Assert.True(met > 10 && lately * 4 >= met * 3, $"{lately} of {met}");
    }

    [Fact]
    public void What_is_dictated_has_two_words_of_the_point_before_one_word_twice()
    {
        var ladder = World.LadderOf("a:a b:b c:k ck:k d:d e:e g:g h:h i:i l:l m:m n:n o:o p:p r:r t:t u:u w:w s:s j:j ch:ch k:k");
        for (var seed = 1UL; seed <= 60; seed++)
        {
            var dictated = LessonComposer.Compose(World.BriefAt(ladder, World.South, 20, seed)).Blocks.Single(x => x.Activity == Activity.WriteSentence).Items.Single();
            var words = SentenceBank.WordsOf(dictated.Text.ToLowerInvariant()).Where(x => !FunctionWords.Has(x)).ToList();
            Assert.Equal(words.Distinct(), words);
        }
    }

    [Fact]
    public void Before_words_of_two_beats_no_text_has_a_word_that_is_read_only_by_letting_a_weak_vowel_pass()
    {
        var met = 0;
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 12; place < ladder.Rungs.Count; place += 3)
            {
                var brief = World.BriefAt(ladder, stock, place, (ulong)place);
                foreach (var text in LessonComposer.Compose(brief).Items.Where(x => x.Kind is ItemKind.Story or ItemKind.Sentence && brief.Shape.Syllables == 1).Select(x => x.Text))
                {
                    met++;
                    Assert.All(SentenceBank.WordsOf(text), w => Assert.True(
                        brief.Judge.Taught.TrickyWords.Contains(w.ToLowerInvariant()) || FunctionWords.Has(w.ToLowerInvariant()) || stock.Words.FindWord(w) is not { } word
                            || stock.Words.Of(word).Readings.Any(r => brief.Judge.IsStrict(r, word.Ended)), $"{brief.Rung?.Label}: {w}"));
                }
            }
        }

        Assert.True(met > 100, $"{met}");
    }

    [Fact]
    public void Two_spellings_of_one_rung_are_told_from_each_other_before_older_ones()
    {
        var lesson = LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, "ce:s"));
        var told = lesson.Blocks.Single(x => x.Activity is Activity.Sort or Activity.Choose).Items.Select(x => x.Heading).ToHashSet();
        Assert.Superset(new HashSet<string> { "ce", "se" }, told);
    }

    [Fact]
    public void Where_one_spelling_of_the_day_says_both_sounds_they_are_called_by_words()
    {
        var asked = Enumerable.Range(1, 30).Select(seed => LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, "ce:s", (ulong)seed)).Blocks.Single(x => x.Activity == Activity.Listening).Asks[0])
            .Where(x => x.Code == AskCode.WhichSound && x.Arguments[^1] == "z").ToList();
        Assert.NotEmpty(asked);
        Assert.All(asked, x => Assert.Equal([Core.Sounds.Correspondence.Parse("s:s").Sound.Example, Core.Sounds.Correspondence.Parse("z:z").Sound.Example], x.Arguments.Take(2)));
    }

    [Fact]
    public void A_consonant_put_to_a_word_makes_the_two_together_that_the_day_is_about()
    {
        foreach (var structure in new[] { TaughtStructure.PairAtStart, TaughtStructure.PairAtEnd, TaughtStructure.ThreeTogether })
        {
            for (var seed = 1UL; seed <= 10; seed++)
            {
                var brief = World.BriefAt(World.Estuary, World.South, World.Estuary.Rungs.ToList().FindIndex(x => x.Adds.Any(a => a.Structure == structure)), seed);
                var holds = new HeldParts(World.South).Holding(brief.Targets);
                var pairs = LessonComposer.Compose(brief).Blocks.Where(x => x.Activity == Activity.Compare).SelectMany(x => x.Items).Select(x => x.Text).Chunk(2).ToList();
                Assert.NotEmpty(pairs);
                Assert.All(pairs, x => Assert.True(holds(World.South.Words.FindWord(x[1])!) && !FunctionWords.Has(x[1]), $"{structure}: {x[0]} {x[1]}"));
            }
        }
    }

    [Fact]
    public void What_has_todays_part_is_read_before_what_has_not_however_alike_it_is()
    {
        var brief = World.BriefAt(World.Estuary, World.South, World.Estuary.Rungs.ToList().FindIndex(x => x.Adds.Any(a => a.Structure == TaughtStructure.ThreeTogether)), 3);
        var holds = new HeldParts(World.South).Holding(brief.Targets);
        Assert.All(LessonComposer.Compose(brief).Blocks.Single(x => x.Activity == Activity.Read).Items, x => Assert.True(holds(World.South.Words.FindWord(x.Text)!), x.Text));
    }

    [Fact]
    public void On_the_day_of_two_beats_the_adult_shows_words_that_say_what_their_letters_say()
    {
        for (var seed = 1UL; seed <= 20; seed++)
        {
            var brief = World.BriefAt(World.Estuary, World.South, World.Estuary.Rungs.ToList().FindIndex(x => x.Adds.Any(a => a.Structure == TaughtStructure.TwoSyllables)), seed);
            var lesson = LessonComposer.Compose(brief);
            Assert.All(lesson.Blocks.Single(x => x.Activity == Activity.Read).Items.Where(x => x.Release == Release.AdultShows), x => Assert.True(brief.Judge.IsStrict(World.South.Words.Find(x.Text)!.Readings[0], World.South.Words.FindWord(x.Text)!.Ended), x.Text));
            var heard = lesson.Blocks.Single(x => x.Activity == Activity.Listening);
            Assert.Equal(AskCode.BeatsHeard, heard.Asks[0].Code);
            Assert.All(heard.Items, x => Assert.Equal(x.Heading, $"{Structure.Of(World.South.Words.Find(x.Text)!.Readings[0]).Syllables}"));
        }
    }

    [Fact]
    public void What_fills_up_beside_todays_words_has_no_letters_of_theirs_that_say_something_else()
    {
        for (var seed = 1UL; seed < 21; seed++)
        {
            var words = LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, "mb:m", seed)).Blocks.Where(x => x.Activity is Activity.Read or Activity.Spare or Activity.Spell).SelectMany(x => x.Items);
            Assert.DoesNotContain(words, x => x.Text.Contains("mb", StringComparison.Ordinal) && !World.South.Words.Find(x.Text)!.Readings[0].Segments.Any(s => s.Correspondence.Key == "mb:m"));
        }
    }

    [Fact]
    public void Where_English_has_few_words_they_are_read_themselves_and_not_their_plurals()
    {
        for (var seed = 1UL; seed <= 10; seed++)
        {
            var read = LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, "mb:m", seed)).Blocks.Single(x => x.Activity == Activity.Read).Items.Select(x => World.Us.Words.FindWord(x.Text)!).ToList();
            Assert.True(read.Count(x => x.Key.EndsWith("mb", StringComparison.Ordinal)) >= 5, string.Join(' ', read.Select(x => x.Key)));
        }
    }

    [Fact]
    public void A_word_and_its_plural_are_not_both_read_and_words_come_before_their_forms()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 12; place < ladder.Rungs.Count; place += 2)
            {
                var brief = World.BriefAt(ladder, stock, place, (ulong)place);
                var read = LessonComposer.Compose(brief).Blocks.Where(x => x.Activity == Activity.Read).SelectMany(x => x.Items).Select(x => stock.Words.FindWord(x.Text)!).ToList();
                Assert.Equal(read.Count, read.Select(x => x.Family).Distinct().Count());
            }
        }
    }

    [Fact]
    public void Words_that_rhyme_by_todays_part_are_spelt_before_longer_ones_that_must_be_told()
    {
        for (var seed = 1UL; seed <= 10; seed++)
        {
            var spelt = LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, "are:air", seed)).Blocks.Single(x => x.Activity == Activity.Spell).Items;
            Assert.All(spelt, x => Assert.Equal(1, Structure.Of(World.South.Words.Find(x.Text)!.Readings[0]).Syllables));
        }
    }

    [Fact]
    public void Beside_few_words_of_its_own_a_day_reads_the_sound_in_its_other_spellings()
    {
        for (var seed = 1UL; seed <= 5; seed++)
        {
            var read = LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, "au:aw", seed)).Blocks.Single(x => x.Activity == Activity.Read).Items;
            Assert.All(read, x => Assert.Contains(World.South.Words.Find(x.Text)!.Readings[0].Segments, s => World.South.Rules.SameSound(s.Correspondence.Sound, Core.Sounds.Correspondence.Parse("au:aw").Sound)));
        }
    }

    [Fact]
    public void On_a_day_of_contrast_each_spelling_is_in_the_story_and_is_heard_where_it_stands()
    {
        var met = 0;
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 0; place < ladder.Rungs.Count; place++)
            {
                if (ladder.Rungs[place].Kind != RungKind.Contrast)
                {
                    continue;
                }

                met++;
                var brief = World.BriefAt(ladder, stock, place, (ulong)place);
                var lesson = LessonComposer.Compose(brief);
                var story = lesson.Items.Single(x => x.Kind == ItemKind.Story);
                Assert.All(brief.Targets, t => Assert.True(
                    SentenceBank.WordsOf(story.Text).Any(w => brief.Practises([t]).Includes(new SentenceWord(w.ToLowerInvariant(), stock.Words.FindWord(w), null))), $"{story.Heading}: no {t.Label}"));
                Assert.DoesNotContain(lesson.Blocks.Single(x => x.Activity == Activity.Listening).Items, x => x.Text == "maybe");
            }
        }

        Assert.Equal(4, met);
    }

    [Fact]
    public void What_children_find_by_its_rhyme_has_what_the_day_is_about()
    {
        var met = 0;
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 12; place < ladder.Rungs.Count; place += 2)
            {
                var brief = World.BriefAt(ladder, stock, place, (ulong)place);
                var lesson = LessonComposer.Compose(brief);
                var holds = new HeldParts(stock).Holding(lesson.Teaches.Count > 0 ? lesson.Teaches : lesson.GoesOver);
                foreach (var words in lesson.Blocks.SelectMany(x => TextTasks.Of(lesson, x, stock)).Where(x => x.Code == AskCode.FindRhymes && lesson.Teaches.Count + lesson.GoesOver.Count > 0).Select(x => x.Arguments))
                {
                    met++;
                    Assert.Contains(words, w => holds(stock.Words.FindWord(w)!));
                }
            }
        }

        Assert.True(met > 20, $"{met}");
    }

    [Fact]
    public void A_class_taken_to_stand_further_up_goes_over_what_it_would_have_learnt_last()
    {
        var now = World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs.Take(26)), World.South.Rules);
        var today = World.Year.SchoolDays[26];
        var place = World.Estuary.Rungs.ToList().FindIndex(x => x.Correspondences.Any(c => c.Key == "au:aw"));
        var standing = now.Below(World.Estuary.Rungs[place], today);
        Assert.All(standing.Clock.Due(today), x => Assert.Equal(0, x.Overdue));
        Assert.Contains(standing.Clock.Due(today), x => x.Last && x.Item.Key == World.Estuary.Rungs[place - 1].Correspondences[0].Key);

        var lesson = LessonComposer.Compose(new LessonBrief(World.South, standing, ClassConventions.Usual, today, World.Estuary.Rungs[place], 25, 3));
        var holds = new HeldParts(World.South).Holding(World.Estuary.Rungs[place - 1].Adds);
        Assert.Contains(lesson.Blocks.Single(x => x.Activity == Activity.ReadAgain).Items, x => holds(World.South.Words.FindWord(x.Text)!));
        Assert.InRange(lesson.Blocks.Single(x => x.Activity == Activity.Cards).Items.Count, 10, 15);
    }

    [Fact]
    public void What_is_dictated_begins_with_its_capital_and_no_spare_word_is_spelt()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 40; place < ladder.Rungs.Count; place += 3)
            {
                var lesson = LessonComposer.Compose(World.BriefAt(ladder, stock, place, (ulong)place));
                Assert.All(lesson.Blocks.Where(x => x.Activity == Activity.WriteSentence).SelectMany(x => x.Items), x => Assert.True(!char.IsAsciiLetterLower(x.Text[0]), $"{ladder.Rungs[place].Label}: {x.Text}"));
                var spelt = lesson.Blocks.Where(x => x.Activity is Activity.Spell or Activity.Build).SelectMany(x => x.Items).Select(x => x.Text);
                Assert.Empty(lesson.Blocks.Where(x => x.Activity == Activity.Spare).SelectMany(x => x.Items).Select(x => x.Text).Intersect(spelt));
            }
        }
    }

    [Fact]
    public void No_word_stands_in_three_of_the_sentences_read_while_there_are_others_with_todays_part()
    {
        var looked = 0;
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 12; place < ladder.Rungs.Count; place++)
            {
                var brief = World.BriefAt(ladder, stock, place, (ulong)place);
                var read = LessonComposer.Compose(brief).Blocks.Where(x => x.Activity == Activity.ReadSentences).SelectMany(x => x.Items).Select(x => Sentence.Of(x.Text).Words.Select(w => w.ToLowerInvariant()).ToHashSet()).ToList();
                var crowded = read.SelectMany(x => x).CountBy(x => x).Where(x => x.Value > 2 && x.Key.Length > 2 && !FunctionWords.Has(x.Key)).Select(x => x.Key).ToList();
                var others = ApplyPart.Ranked(brief, new Dice(1)).Count(x => x.Targets > 0 && !x.Sentence.Words.Any(w => crowded.Contains(w, StringComparer.OrdinalIgnoreCase)));
                Assert.True(crowded.Count == 0 || others < read.Count + 2, $"{ladder.Rungs[place].Label}: {string.Join(' ', crowded)} while there are {others} others");
                looked += read.Count > 2 ? 1 : 0;
            }
        }

        Assert.InRange(looked, 12, 1000);
    }

    [Fact]
    public void A_class_with_four_letters_changes_its_few_words_into_each_other()
    {
        var chain = LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, "t:t")).Blocks.Single(x => x.Activity == Activity.Chain).Items.Select(x => x.Text).ToList();
        Assert.InRange(chain.Count, 4, 5);
        Assert.Contains(chain, x => x.Contains('t', StringComparison.Ordinal));
        Assert.All(chain.Zip(chain.Skip(1)), x => Assert.Single(x.First.Zip(x.Second), l => l.First != l.Second));
    }
}
