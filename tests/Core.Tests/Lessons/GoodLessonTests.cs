using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using static BoldLadder.Core.Tests.Lessons.DemoLessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What a good teacher would look for first in a lesson, held at every rung of both demo ladders.</summary>
public sealed class GoodLessonTests
{
    [Fact]
    public void Every_word_that_the_adult_models_holds_what_is_taught_today() => Assert.All(
        New.SelectMany(x => x.In(Activity.Read).Where(i => i.Release == Release.AdultShows).Select(i => (Made: x, Item: i))),
        x => Assert.True(x.Made.IsOnPoint(x.Item), $"{x.Made.Rung.Label}: {x.Item.Text}"));

    [Fact]
    public void A_rung_on_consonants_together_is_read_in_words_that_have_them_though_its_section_has_smaller_words()
    {
        var ladder = Core.Ladders.LadderText.Parse(World.Text("starters/by-hand.ladder.tsv"));
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        var (rung, place) = ladder.Rungs.Select((x, i) => (x, i)).First(x => x.x.Adds.Any(a => a.Structure == TaughtStructure.ThreeTogether));
        Assert.True(ladder.SectionAt(place).Shape.Together < 3);
        var holding = new HeldParts(stock).Holding(rung.Adds);
        var read = LessonComposer.Compose(World.BriefAt(ladder, stock, place, 1)).Blocks.Where(x => x.Activity == Activity.Read).SelectMany(x => x.Items).ToList();
        Assert.True(read.Count(x => holding(stock.Words.FindWord(x.Text)!)) * 5 >= read.Count * 4, string.Join(' ', read.Select(x => x.Text)));
    }

    [Fact]
    public void Four_in_five_words_to_read_are_on_the_point_where_English_has_them() => Assert.All(New, x =>
    {
        var read = x.In(Activity.Read);
        var others = read.Where(i => !x.IsOnPoint(i)).ToList();

        // Where English has hardly three, those beside them have its sound in another spelling.
        Assert.True(
            others.Count <= Math.Max(2, read.Count / 5) || read.Count <= 5
            || (read.Count - others.Count < 4 && others.All(i => x.Stock.Words.Find(i.Text)!.Readings[0].Segments.Any(s => x.Rung.Correspondences.Any(c => x.Stock.Rules.SameSound(c.Sound, s.Correspondence.Sound))))),
            $"{x.Rung.Label}: {string.Join(' ', read.Select(i => i.Text))}");
    });

    [Fact]
    public void Where_a_rung_has_several_endings_the_adult_shows_words_with_two_of_them()
    {
        var ladder = World.LadderOf($"{Letters} -ing+-ed+-s");
        var shown = LessonComposer.Compose(World.BriefAt(ladder, World.South, ladder.Rungs.Count - 1, 5)).Blocks.Single(x => x.Activity == Activity.Read).Items.Where(x => x.Release == Release.AdultShows);
        Assert.Equal(2, shown.Select(x => World.South.Words.FindWord(x.Text)!.Ended!.Value.Taught).Distinct().Count());
    }

    [Fact]
    public void On_its_first_day_er_is_read_in_words_that_the_youngest_know()
    {
        var ladder = World.LadderOf($"{Letters} er:schwa", "8 3 2");
        for (var seed = 1UL; seed < 6; seed++)
        {
            var read = LessonComposer.Compose(World.BriefAt(ladder, World.South, ladder.Rungs.Count - 1, seed)).Blocks.Single(x => x.Activity == Activity.Read).Items.Select(x => x.Text).ToList();
            Assert.True(read.Count(x => World.South.Words.FindWord(x)!.Familiarity == Familiarity.AtFourOrFive) * 10 >= read.Count * 8, string.Join(' ', read));
        }
    }

    [Fact]
    public void Two_gaps_of_a_day_are_about_different_things_once_there_are_sentences_enough() => Assert.All(
        All.Value.Where(x => x.In(Activity.FillGap).Count > 0 && x.Brief.Standing.Line >= 2 * Opening), x =>
        {
            var subjects = x.In(Activity.FillGap).SelectMany(i => SentenceBank.WordsOf(i.Text).Select(w => w.ToLowerInvariant()).Distinct())
                .Where(w => !FunctionWords.Has(w) && !x.Brief.Judge.Taught.TrickyWords.Contains(w)).ToList();
            Assert.True(subjects.Count == subjects.Distinct().Count(), $"{x.Rung.Label}: {string.Join(" | ", x.In(Activity.FillGap).Select(i => i.Text))}");
        });

    [Fact]
    public void Nobody_reads_with_the_children_on_a_day_that_checks_what_they_can_read() => Assert.All(
        All.Value.Where(x => x.Lesson.Kind == LessonKind.Check).SelectMany(x => x.In(Activity.Read)), x => Assert.Equal(Release.Alone, x.Release));

    [Fact]
    public void Days_is_no_other_place_of_ay_than_day() => Assert.All(
        All.Value.Where(x => x.Rung.Label == "ay"), x => Assert.All(x.In(Activity.Read), i => Assert.Null(x.Stock.Words.FindWord(i.Text)!.Ended)));

    [Fact]
    public void What_is_dictated_was_not_read_that_day() => Assert.All(All.Value, x =>
    {
        var read = string.Join(' ', x.In(Activity.ReadSentences).Concat(x.In(Activity.ReadStory)).Select(i => i.Text));
        Assert.All(x.In(Activity.WriteSentence), i => Assert.DoesNotContain(i.Text, read, StringComparison.Ordinal));
    });

    [Fact]
    public void At_most_fifteen_cards_are_shown_on_a_day_once_more_than_twenty_five_are_taught() => Assert.All(
        All.Value.Where(x => !x.Brief.Standing.Clock.AllCardsEveryDay), x => Assert.True(x.In(Activity.Cards).Count <= 15));

    [Fact]
    public void Each_grapheme_of_a_rung_is_spelt_where_a_word_with_it_is_fair() => Assert.All(
        New.Where(x => x.Lesson.Teaches.Count == 2 && x.Brief.Standing.Line >= Opening),
        x => Assert.All(x.Lesson.Teaches.Where(t => t.Correspondence is not null), t =>
        {
            var holding = new HeldParts(x.Stock).Holding([t]);
            var fair = new SpellingChoice(x.Stock).Choose(new ReadingBrief(x.Brief.Judge, [t], x.Brief.Shape, new HashSet<string>(), x.Brief.Standing.TimesRead, new HashSet<string>(), 1, 1, x.Brief.MayChoose));
            Assert.True(fair is not [{ Target: not null }] || x.In(Activity.Spell).Any(i => holding(x.Stock.Words.FindWord(i.Text)!)), $"{x.Rung.Label}: {t.Key}");
        }));

    [Fact]
    public void No_word_that_is_readable_only_leniently_is_chosen_before_longer_words() => Assert.All(
        All.Value.Where(x => x.Brief.Shape.Syllables == 1).SelectMany(x => x.In(Activity.Read).Concat(x.In(Activity.Spell)).Concat(x.In(Activity.Sort)).Select(i => (Made: x, Item: i))),
        x => Assert.DoesNotContain(
            x.Made.Stock.Words.Find(x.Item.Text)!.Readings[0].Segments,
            s => s.Correspondence.Sound.First.Key == "schwa" && !x.Made.Brief.Judge.Taught.Things.Contains(Teachable.Of(s.Correspondence))));

    [Theory]
    [InlineData("a:ai", "a", "table")]
    [InlineData("i:igh", "I", "find")]
    public void The_words_a_and_I_stand_in_every_text_and_are_no_practice_of_their_letter(string part, string letter, string word)
    {
        var holding = new HeldParts(World.South).Holding([Teachable.Of(Core.Sounds.Correspondence.Parse(part))]);
        Assert.False(holding(World.South.Words.FindWord(letter)!));
        Assert.True(holding(World.South.Words.FindWord(word)!));
    }

    [Fact]
    public void A_story_is_hunted_for_todays_part_and_a_sentence_counted_before_it_is_written()
    {
        foreach (var x in New)
        {
            foreach (var block in x.Lesson.Blocks.Where(b => b.Activity is Activity.ReadStory or Activity.WriteSentence && b.Items.Count > 0))
            {
                var tasks = TextTasks.Of(x.Lesson, block, x.Stock);
                var text = block.Items[0].Text;
                if (block.Activity == Activity.WriteSentence)
                {
                    Assert.Equal(
                        block.Items.SelectMany(i => (string[])[$"{i.Text.Count(c => c == ' ') + 1}", $"{i.Text.Count(c => c is >= 'A' and <= 'Z')}", $"{i.Text.Count(c => ".,!?\"':".Contains(c, StringComparison.Ordinal))}"]),
                        Assert.Single(tasks).Arguments);
                }
                else if (x.Brief.Targets.Count == 1)
                {
                    // What children count by its letters is what has the part: no bread on the day of the ea of sea.
                    var hunted = tasks.FirstOrDefault(t => t.Arguments[0] == x.Brief.Targets[0].Label);
                    var letters = x.Brief.Targets[0].Correspondence?.Grapheme.Text ?? "";
                    Assert.True(hunted is null || letters.Length == 0 || letters.Contains('_', StringComparison.Ordinal)
                        || hunted.Arguments[1] == $"{SentenceBank.WordsOf(text).Count(w => w.Contains(letters, StringComparison.OrdinalIgnoreCase))}", $"{x.Rung.Label}: {text}");
                }
            }
        }

        Assert.True(New.Count(x => x.Lesson.Blocks.Any(b => b.Activity == Activity.ReadStory && TextTasks.Of(x.Lesson, b, x.Stock).Count > 0)) > 60);
    }

    [Fact]
    public void Where_few_sentences_have_todays_part_one_of_them_is_kept_to_be_written() => Assert.All(
        New.Where(x => x.In(Activity.ReadSentences).Count > 1), x =>
        {
            var part = PractisedWords.Of(x.Stock, x.Brief.Judge, x.Brief.Targets);
            bool On(LessonItem item) => SentenceBank.WordsOf(item.Text).Any(w => part.Includes(new SentenceWord(w.ToLowerInvariant(), x.Stock.Words.FindWord(w), null)));
            Assert.True(x.In(Activity.ReadSentences).Count(On) < 2 || x.In(Activity.WriteSentence).All(On), $"{x.Rung.Label}: {string.Join(" | ", x.In(Activity.ReadSentences).Concat(x.In(Activity.WriteSentence)).Select(i => i.Text))}");
        });

    [Theory]
    [InlineData("t:t n:n i:i d:d g:g a:a m:m b:b e:e h:h c:k k:k ck:k o:o s:s ss:s u:u l:l ll:l r:r f:f ff:f w:w v:v j:j z:z y:y sh:sh ch:ch")]
    [InlineData("r:r i:i p:p t:t a:a n:n m:m d:d g:g o:o c:k k:k ck:k e:e u:u s:s ss:s h:h b:b f:f ff:f l:l ll:l y:y w:w sh:sh ng:ng")]
    [InlineData("m:m o:o g:g d:d a:a t:t n:n i:i p:p e:e b:b h:h sh:sh u:u c:k k:k ck:k l:l s:s f:f r:r ch:ch")]
    public void No_two_words_are_dictated_while_whole_sentences_with_todays_part_are_read(string order)
    {
        var ladder = World.LadderOf(order, "4 2 1");
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        var tooShort = new List<string>();
        for (var place = 8; place < ladder.Rungs.Count; place++)
        {
            var lesson = LessonComposer.Compose(World.BriefAt(ladder, stock, place, 7));
            IEnumerable<string> In(Activity activity) => lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items).Select(x => x.Text);
            bool IsWhole(string text) => char.IsAsciiLetterUpper(text[0]) && SentenceBank.WordsOf(text).Distinct().Count() is >= 3 and <= 7 && !text[..^1].Any(",;:!?".Contains);
            if (In(Activity.WriteSentence).Any(x => SentenceBank.WordsOf(x).Count < 3) && In(Activity.ReadSentences).Any(IsWhole))
            {
                tooShort.Add($"{ladder.Rungs[place].Label}: {string.Join(" | ", In(Activity.WriteSentence).Concat(In(Activity.ReadSentences)))}");
            }
        }

        Assert.True(tooShort.Count == 0, string.Join("\n", tooShort));
    }

    [Fact]
    public void On_a_day_of_tricky_words_children_write_them_into_sentences_not_read_before()
    {
        var days = All.Value.Where(x => x.Lesson.Kind == LessonKind.TrickyWordDay && x.Brief.Standing.Line >= Opening).ToList();
        Assert.All(days, x =>
        {
            var gaps = x.In(Activity.FillGap);
            var today = x.Rung.TrickyWords.Select(w => w.ToLowerInvariant()).ToHashSet();
            Assert.InRange(gaps.Count, 3, TrickyGaps.Most);
            Assert.Equal(gaps.Count, gaps.Select(i => i.Text).Distinct().Count());
            Assert.All(gaps, i => Assert.Contains("____", GapWord.In(i.Text, i.Heading), StringComparison.Ordinal));
            // Put it in and Push it in are one line to whoever looks at it.
            Assert.Equal(gaps.Count, gaps.Select(i => GapWord.In(i.Text, i.Heading)).Distinct().Count());
            Assert.True(gaps.Count(i => today.Contains(i.Heading)) >= Math.Min(3, today.Count), $"{x.Rung.Label}: {string.Join(", ", gaps.Select(i => i.Heading))}");
            Assert.Empty(gaps.Select(i => i.Text).Intersect(x.In(Activity.ReadSentences).Concat(x.In(Activity.WriteSentence)).Select(i => i.Text)));
        });
        Assert.True(days.Count > 15);
    }

    [Fact]
    public void A_tricky_word_is_taught_by_the_part_that_is_tricky_and_its_kin()
    {
        var day = All.Value.First(x => x.Brief.Standing.Ladder == World.Estuary && x.Rung.TrickyWords.Contains("your"));
        var your = TrickyTeaching.Of(day.Lesson, LessonBrief.JudgeOf(day.Lesson, day.Brief.Standing.Taught), day.Stock).Single(x => x.Word == "your");
        var part = Assert.Single(your.Tricky);
        Assert.Equal("our:or", part.Part.Key);
        Assert.Contains("four", part.Kin);
        Assert.DoesNotContain("yourself", part.Kin);
        Assert.Equal(["y"], your.Fair);
        Assert.NotEmpty(your.Spoken);
    }

    [Fact]
    public void Words_to_spell_do_not_all_rhyme()
    {
        string Rime(WordStock stock, LessonItem x) => string.Join(' ', stock.Words.Find(x.Text)!.Readings[0].Segments.SkipWhile(s => !s.Correspondence.Sound.IsVowel).Select(s => s.Correspondence.Key));
        var all = New.Where(x => x.Brief.Standing.Line > 30).ToList();
        var alike = all.Where(x => x.In(Activity.Spell).GroupBy(i => Rime(x.Stock, i)).Max(g => g.Count()) > 2).ToList();

        // What ends in today's vowel cannot but rhyme: say, day, way. Else three rhyme only where English has hardly another word.
        alike.RemoveAll(x => x.Rung.Correspondences is [{ Sound.IsVowel: true } part] && PartPlaces.In(x.Stock, part).Usual == "last");
        Assert.True(alike.Count * 50 <= all.Count, string.Join("; ", alike.Select(x => $"{x.Rung.Label}: {string.Join(' ', x.In(Activity.Spell).Select(i => i.Text))}")));
    }

    [Fact]
    public void What_a_change_underneath_put_amiss_is_mended_at_one_press_and_the_rest_stays()
    {
        foreach (var made in New.Where(x => x.Brief.Standing.Line >= 30).Take(40))
        {
            var before = made.Brief.Standing.Ladder.Rungs.Take(made.Brief.Standing.Line - 8);
            var less = World.StandingOf(made.Brief.Standing.Ladder, World.LogOf(before), made.Stock.Rules);
            var brief = new LessonBrief(made.Stock, less, ClassConventions.Usual, made.Brief.Day, made.Rung, 25, 7);
            var amiss = LessonCheck.Amiss(made.Lesson, made.Stock, less, made.Brief.Day).Select(x => x.Item.Id).ToHashSet();
            if (amiss.Count == 0)
            {
                Assert.Null(Mend.For(brief, made.Lesson, true, 1));
                continue;
            }

            var mended = Mend.For(brief, made.Lesson, true, 1)!.Apply(made.Lesson).Lesson!;
            Assert.Empty(LessonCheck.Amiss(mended, made.Stock, less, made.Brief.Day));
            var gone = amiss.SelectMany(x => LessonUnits.Of(made.Lesson, x)).Select(x => x.Id).ToHashSet();
            Assert.All(made.Lesson.Items.Where(x => !gone.Contains(x.Id)), x => Assert.Contains(mended.Items, i => i.Id == x.Id && i.Text == x.Text));
        }
    }
}
