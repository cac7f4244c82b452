using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using CsCheck;

namespace BoldLadder.Core.Tests.Lessons;

public class LessonTests
{
    [Fact]
    public void The_same_brief_gives_the_same_lesson_and_another_seed_another()
    {
        var brief = BriefAt(40);
        Assert.Equal(Texts(LessonComposer.Compose(brief)), Texts(LessonComposer.Compose(brief)));
        Assert.NotEqual(Texts(LessonComposer.Compose(brief)), Texts(LessonComposer.Compose(BriefAt(40, seed: 99))));
    }

    [Fact]
    public void Every_rung_of_both_demo_ladders_has_a_lesson_of_four_parts_within_its_time()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 0; place < ladder.Rungs.Count; place++)
            {
                var lesson = LessonComposer.Compose(BriefAt(place, ladder, stock));
                var where = $"rung {place + 1} {lesson.Title}: {lesson.Seconds} s";
                Assert.True(lesson.Seconds <= (lesson.Minutes + 1) * 60, where);
                Assert.True(lesson.SecondsOf(LessonPart.Apply) >= 240, where);
                Assert.True(lesson.SecondsOf(LessonPart.Practise) > 0, where);
                Assert.Contains(lesson.Blocks, x => x.Part == LessonPart.Apply);
                Assert.Equal(lesson.Items.Count(), lesson.Items.Select(x => x.Id).Distinct().Count());
                Assert.All(lesson.Items, x => Assert.NotEmpty(x.Reasons));
            }
        }
    }

    [Fact]
    public void Apply_keeps_six_minutes_once_there_are_sentences_to_read() => Assert.All(
        Enumerable.Range(20, 100).Where(x => x % 7 == 0),
        place => Assert.True(LessonComposer.Compose(BriefAt(place)).SecondsOf(LessonPart.Apply) >= 360));

    [Fact]
    public void Two_spare_words_stand_by_and_take_no_time()
    {
        var spare = LessonComposer.Compose(BriefAt(60)).Blocks.Single(x => x.Activity == Activity.Spare);
        Assert.Equal(2, spare.Items.Count);
        Assert.Equal(0, spare.Seconds);
    }

    [Fact]
    public void Items_are_released_from_the_adult_to_the_children_easiest_first()
    {
        var read = LessonComposer.Compose(BriefAt(60)).Blocks.Single(x => x.Activity == Activity.Read).Items;
        Assert.Equal(read.OrderBy(x => x.Release).Select(x => x.Text), read.Select(x => x.Text));
        Assert.Equal([2, 3], read.GroupBy(x => x.Release).Take(2).Select(x => x.Count()));
    }

    [Fact]
    public void The_last_thing_taught_is_in_the_next_days_revisit()
    {
        for (var place = 1; place < 60; place++)
        {
            var last = World.Estuary.Rungs[place - 1];
            var revisit = LessonComposer.Compose(BriefAt(place)).Blocks.Where(x => x.Part == LessonPart.Revisit).SelectMany(x => x.Items).ToList();
            Assert.All(last.Correspondences, c => Assert.Contains(revisit, x => x.Kind == ItemKind.Card && x.Text == c.Grapheme.Text));
            Assert.All(last.TrickyWords, w => Assert.Contains(revisit, x => x.Kind == ItemKind.Tricky && x.Text.Equals(w, StringComparison.OrdinalIgnoreCase)));
        }
    }

    [Fact]
    public void Cards_are_mixed_and_clashing_ones_are_not_neighbours()
    {
        var cards = LessonComposer.Compose(BriefAt(20)).Blocks.Single(x => x.Activity == Activity.Cards).Items.Select(x => x.Text).ToList();
        Assert.NotEqual(cards.Order(), cards);
        Assert.All(cards.Zip(cards.Skip(1)), x => Assert.False(Core.Sounds.Confusables.Are(x.First, x.Second), $"{x.First} beside {x.Second}"));
    }

    [Fact]
    public void A_day_before_there_are_words_uses_listening_words_and_letters()
    {
        var lesson = LessonComposer.Compose(BriefAt(0));
        Assert.Contains(lesson.Blocks, x => x.Activity == Activity.OralBlending);
        Assert.Contains(lesson.Blocks, x => x.Activity == Activity.WriteLetters);
        Assert.DoesNotContain(lesson.Items, x => x.Kind is ItemKind.Word or ItemKind.Sentence);
    }

    [Theory]
    [InlineData("consolidation", LessonKind.Review)]
    [InlineData("you-my", LessonKind.TrickyWordDay)]
    [InlineData("ing", LessonKind.Structure)]
    [InlineData("sh-sh", LessonKind.NewLearning)]
    [InlineData("contrast-ai-ai-ay-ai", LessonKind.Contrast)]
    [InlineData("check", LessonKind.Check)]
    public void The_kind_of_lesson_follows_the_rung(string rung, LessonKind kind) =>
        Assert.Equal(kind, LessonComposer.Compose(BriefAt(World.Estuary.PlaceOf(rung))).Kind);

    [Fact]
    public void A_tricky_word_day_says_which_part_is_tricky()
    {
        var lesson = LessonComposer.Compose(BriefAt(World.Estuary.PlaceOf("said-are")));
        Assert.Equal([Reason.Of(ReasonCode.TrickyParts, "ai")], lesson.Blocks.Single(x => x.Activity == Activity.MeetTricky).Items[0].Reasons);
        Assert.Contains(lesson.Blocks.Single(x => x.Activity == Activity.ReadSentences).Items, x => x.Text.Contains("said", StringComparison.Ordinal));
    }

    [Fact]
    public void A_review_goes_over_what_the_last_lessons_taught()
    {
        var lesson = LessonComposer.Compose(BriefAt(60, review: true));
        Assert.Equal("", lesson.RungId);
        Assert.Equal(LessonKind.Review, lesson.Kind);
        Assert.Empty(lesson.Teaches);
        var last = World.Estuary.Rungs.Take(60).Where(x => x.AddsParts).TakeLast(4).SelectMany(x => x.Adds).ToList();
        Assert.Equal(last, lesson.GoesOver);
        var holding = new HeldParts(World.South).Holding(last);
        var read = lesson.Blocks.Single(x => x.Activity == Activity.Read).Items;
        Assert.True(read.Count(x => holding(World.Lexicon.Find(x.Text)!)) >= read.Count * 3 / 4, string.Join(' ', read.Select(x => x.Text)));
    }

    [Fact]
    public void A_short_lesson_is_short()
    {
        var lesson = LessonComposer.Compose(BriefAt(60, minutes: 15));
        Assert.True(lesson.Seconds <= 16 * 60, $"{lesson.Seconds}");
    }

    [Fact]
    public void A_re_plan_keeps_what_is_locked_in_its_place()
    {
        var first = LessonComposer.Compose(BriefAt(60));
        var kept = first.Blocks.SelectMany(b => b.Items.Where((_, i) => i == 1).Select(x => new KeptItem(b.Part, b.Activity, x with { Locked = true }))).ToList();
        var again = LessonComposer.Compose(BriefAt(60, seed: 5, kept: kept));
        Assert.All(kept, k => Assert.Contains(again.Blocks, b => b.Part == k.Part && b.Activity == k.Activity && b.Items.Any(i => i.Id == k.Item.Id && i.Text == k.Item.Text && i.Locked)));
        Assert.Equal(again.Items.Count(), again.Items.Select(x => x.Id).Distinct().Count());
    }

    [Fact]
    public void Made_up_words_of_a_lesson_begin_and_end_each_in_its_own_way()
    {
        var stock = new WordStock(World.South.Rules, World.Written, null, new Lazy<MadeUpCheck>(() => World.MadeUp));
        // In few lessons they come by chance; a check always has them.
        var check = World.Estuary.Rungs.ToList().FindLastIndex(x => x.Kind == RungKind.Check);
        var practised = ClassConventions.Usual with { MadeUpFromSection = 3 };
        var checks = Enumerable.Range(0, 30).Select(i => new LessonBrief(stock, World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs.Take(check))), practised, World.Year.SchoolDays[check], World.Estuary.Rungs[check], 25, (ulong)i));
        var sets = Enumerable.Range(0, 160).Select(i => BriefAt(50 + (i * 2 % 70), World.Estuary, stock, seed: (ulong)i)).Concat(checks).SelectMany(x => LessonComposer.Compose(x).Blocks)
            .Where(x => x.Activity == Activity.MadeUp).Select(x => x.Items.Select(i => i.Text).ToList()).ToList();
        Assert.True(sets.Count > 30, $"{sets.Count}");
        Assert.All(sets, set =>
        {
            Assert.Equal(4, set.Count);
            Assert.True(set.Select(x => x[..x.IndexOfAny([.. "aeiou"])]).Distinct().Count() == 4, string.Join(' ', set));
            Assert.Equal(4, set.Select(x => x[x.IndexOfAny([.. "aeiou"])..]).Distinct().Count());
        });
    }

    [Fact]
    public void A_made_up_word_has_no_consonants_together_before_they_are_taught()
    {
        var stock = new WordStock(World.South.Rules, World.Written, null, new Lazy<MadeUpCheck>(() => World.MadeUp));
        foreach (var seed in Enumerable.Range(0, 120))
        {
            var brief = BriefAt(38 + (seed % 14), World.Estuary, stock, seed: (ulong)seed);
            var lesson = LessonComposer.Compose(brief);
            Assert.True(LessonCheck.Illegal(lesson, brief.Standing.Taught) is [], $"{lesson.Title}: {string.Join(' ', LessonCheck.Illegal(lesson, brief.Standing.Taught).Select(x => x.Item.Text))}");
        }
    }

    [Fact]
    public void A_sound_to_recall_has_an_example_of_the_whole_sound()
    {
        var recall = Enumerable.Range(20, 30).SelectMany(x => LessonComposer.Compose(BriefAt(x)).Blocks)
            .Where(x => x.Activity == Activity.Recall).SelectMany(x => x.Items).ToList();
        Assert.Equal("box", recall.First(x => x.Text == "k+s").Spoken);
        Assert.Equal("queen", recall.First(x => x.Text == "k+w").Spoken);
        Assert.All(recall, x => Assert.NotEmpty(x.Spoken));
    }

    [Fact]
    public void Words_to_spell_that_the_youngest_know_come_before_others()
    {
        var spelt = LessonComposer.Compose(BriefAt(World.Estuary.PlaceOf("l-l"))).Blocks.Single(x => x.Activity == Activity.Spell).Items;
        Assert.All(spelt, x => Assert.Equal(Core.Words.Familiarity.AtFourOrFive, World.Lexicon.Find(x.Text)!.Familiarity));
    }

    [Fact]
    public void Sentences_late_on_a_ladder_keep_going_what_the_last_lessons_taught()
    {
        var place = World.Estuary.PlaceOf("kn-n");
        var late = World.Estuary.Rungs.Skip(place - 12).Take(13).SelectMany(x => x.Adds).ToList();
        var holding = new HeldParts(World.South).Holding(late);
        var lines = LessonComposer.Compose(BriefAt(place)).Blocks.Where(x => x.Activity is Activity.ReadSentences or Activity.ReadStory).SelectMany(x => x.Items).ToList();
        Assert.NotEmpty(lines);
        Assert.All(lines, x => Assert.Contains(SentenceBank.WordsOf(x.Text), w => World.Lexicon.Find(w) is { } word && holding(word)));
    }

    [Fact]
    public void Every_item_can_be_swapped_or_says_that_nothing_else_fits()
    {
        var brief = BriefAt(60);
        var lesson = LessonComposer.Compose(brief);
        foreach (var item in lesson.Items)
        {
            if (Swap.For(brief, lesson, item.Id, 3) is { } edit)
            {
                var swapped = edit.Apply(lesson).Lesson!;
                Assert.NotEqual(item.Text, swapped.Find(item.Id)!.Text);
                Assert.Empty(LessonCheck.Illegal(swapped, brief.Standing.Taught));
            }
        }

        Assert.Null(Swap.For(brief, lesson, "gone", 1));
    }

    [Fact]
    public void Every_edit_has_an_inverse_that_restores_the_lesson()
    {
        var brief = BriefAt(60);
        var lesson = LessonComposer.Compose(brief);
        var items = lesson.Items.ToList();
        Gen.Select(Gen.Int[0, 4], Gen.Int[0, items.Count - 1], Gen.Int[0, lesson.Blocks.Count - 1]).Sample((kind, at, block) =>
        {
            LessonEdit edit = kind switch
            {
                0 => new RemoveItem(items[at].Id),
                1 => new ReplaceItem(items[at] with { Locked = true }),
                2 => new ReplaceItem(items[at] with { Text = "other" }),
                3 => new InsertItem(block, 0, items[at] with { Id = "new" }),
                _ => new ReplaceLesson(lesson with { Minutes = 15 }, "made it short"),
            };
            var done = edit.Apply(lesson);
            var back = done.Inverse!.Apply(done.Lesson!).Lesson!;
            return edit.NameOn(lesson).Length > 3 && Texts(back).SequenceEqual(Texts(lesson)) && back.Minutes == lesson.Minutes;
        });
    }

    [Fact]
    public void An_edit_of_an_item_that_is_gone_says_so_and_changes_nothing()
    {
        var lesson = LessonComposer.Compose(BriefAt(30));
        Assert.Contains("no longer", new RemoveItem("gone").Apply(lesson).Problem, StringComparison.Ordinal);
        Assert.NotNull(new InsertItem(99, 0, lesson.Items.First() with { Id = "x" }).Apply(lesson).Problem);
        Assert.NotNull(new InsertItem(0, 0, lesson.Items.First()).Apply(lesson).Problem);
    }

    [Fact]
    public void A_typed_word_is_refused_with_its_blockers_and_forced_only_as_tricky_for_that_lesson()
    {
        var brief = BriefAt(26);
        var lesson = LessonComposer.Compose(brief);
        var taught = brief.Standing.Taught;
        var judge = LessonBrief.JudgeOf(lesson, taught);
        var refused = Assert.Single(TypedText.Refused("snail", judge, false));
        Assert.Equal(["ai:ai", "two consonants at the start"], refused.Verdict.Blockers.Select(x => x.Shown));
        Assert.Empty(TypedText.Refused("hill", judge, false));
        Assert.Empty(TypedText.Refused("snail", judge, true));
        var word = lesson.Blocks.Single(x => x.Activity == Activity.Read).Items[0];
        var forced = new ReplaceItem(TypedText.Over(word, "snail", World.South, judge)).Apply(lesson).Lesson!;
        Assert.True(forced.Find(word.Id)!.Forced);
        Assert.True(LessonBrief.JudgeOf(forced, taught).IsLegal("snail"));
        Assert.False(new Judge(taught).IsLegal("snail"));
        var unsuitable = World.Lexicon.Words.First(x => x.Suitability == Core.Words.Suitability.Unsuitable).Key;
        Assert.NotEmpty(TypedText.Refused(unsuitable, judge, true));
    }

    [Fact]
    public void Cards_made_up_words_and_the_words_of_a_chain_are_not_typed_over()
    {
        var stock = new WordStock(World.South.Rules, World.Written, null, new Lazy<MadeUpCheck>(() => World.MadeUp));
        var lessons = Enumerable.Range(0, 132).Select(i => LessonComposer.Compose(BriefAt(i % 44 < 12 ? 8 + (i % 44) : 40 + (i % 44), World.Estuary, stock, seed: (ulong)i))).ToList();
        var seen = new HashSet<Activity>();
        foreach (var (lesson, block) in lessons.SelectMany(x => x.Blocks.Select(b => (x, b))))
        {
            foreach (var item in block.Items)
            {
                seen.Add(block.Activity);
                var refused = Piece.Of(block.Activity) is { Unit: not Unit.Item } or { Form: Form.Sort or Form.Gaps or Form.PicturesAlone } || item.Kind is ItemKind.Card or ItemKind.Sound or ItemKind.MadeUp;
                Assert.Equal(refused, TypedText.WhyNot(lesson, item) is not null);
            }
        }

        Assert.Superset(new HashSet<Activity> { Activity.Chain, Activity.MadeUp, Activity.Cards, Activity.Read }, seen);
    }

    [Fact]
    public void A_plan_says_which_items_a_change_underneath_has_made_illegal()
    {
        var lesson = LessonComposer.Compose(BriefAt(40));
        Assert.Empty(LessonCheck.Illegal(lesson, BriefAt(40).Standing.Taught));
        var less = World.StandingOf(World.Estuary, World.LogOf(World.Estuary.Rungs.Take(20))).Taught;
        Assert.NotEmpty(LessonCheck.Illegal(lesson, less));
    }

    [Fact]
    public void A_taught_lesson_is_logged_by_value_with_what_was_read_and_revisited()
    {
        var lesson = LessonComposer.Compose(BriefAt(30));
        var entry = LessonLog.Entry(lesson, "l", World.Year.SchoolDays[30], LogOutcome.Taught, 31, []);
        Assert.Equal(World.Estuary.Rungs[30].Adds, entry.Things);
        Assert.Contains(entry.Seen, x => x.Track == RevisitTrack.Card);
        Assert.Contains(entry.Read, x => x == lesson.Blocks.Single(b => b.Activity == Activity.Read).Items[0].Text);
        Assert.Empty(LessonLog.Entry(lesson, "l", World.Year.SchoolDays[30], LogOutcome.Partly, 31, []).Things);
    }

    private static LessonBrief BriefAt(
        int place, Ladder? ladder = null, WordStock? stock = null, ulong seed = 7, int minutes = 25, bool review = false, IReadOnlyList<KeptItem>? kept = null)
    {
        ladder ??= World.Estuary;
        stock ??= World.South;
        var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.Take(place)), stock.Rules);
        return new LessonBrief(stock, standing, ClassConventions.Usual, World.Year.SchoolDays[place], review ? null : ladder.Rungs[place], minutes, seed, kept);
    }

    private static IEnumerable<string> Texts(Lesson lesson) => lesson.Blocks.SelectMany(b => b.Items.Select(i => $"{b.Activity} {i.Id} {i.Text} {i.Locked}"));
}
