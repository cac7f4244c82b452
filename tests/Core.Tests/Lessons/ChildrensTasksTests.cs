using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What children do with a text or a word besides reading it.</summary>
public class ChildrensTasksTests
{
    private static Lesson LessonAt(int place, int days = 0)
    {
        var rung = World.Estuary.Rungs[place] with { Days = 2 };
        var log = World.LogOf(World.Estuary.Rungs.Take(place).Concat(Enumerable.Repeat(rung, days)));
        return LessonComposer.Compose(new LessonBrief(
            World.South, World.StandingOf(World.Estuary, log), ClassConventions.Usual, World.Year.SchoolDays[place + days], rung, 25, 11));
    }

    [Fact]
    public void Words_to_find_by_their_rhyme_stand_in_the_story_and_do_rhyme()
    {
        // A day of everything that is taught: whatever rhymes is about it.
        var lesson = LessonAt(60) with { Teaches = [.. World.Estuary.Rungs.SelectMany(x => x.Adds)] };
        var make = new ItemMaker(World.South, []);
        var rhyming = 0;
        foreach (var story in World.Stories.Stories)
        {
            var block = new LessonBlock(LessonPart.Apply, Activity.ReadStory, [make.Story(new GradedStory(story, 0, 0))]);
            foreach (var words in TextTasks.Of(lesson, block, World.South).Where(x => x.Code == AskCode.FindRhymes).Select(x => x.Arguments))
            {
                rhyming++;
                Assert.InRange(words.Count, 2, 4);
                Assert.Equal(words.Count, words.Distinct().Count());
                Assert.All(words, x => Assert.Contains(x, story.Text.Words, StringComparer.OrdinalIgnoreCase));
                Assert.DoesNotContain(words, x => World.South.Homophones.Of(World.South.Words.FindWord(x)!).Any(other => words.Contains(other.Spelling)));
                Assert.Single(words.Select(x => World.South.RimeOf(World.South.Words.FindWord(x)!)).Distinct());
            }
        }

        Assert.True(rhyming >= 100, $"{rhyming} of {World.Stories.Stories.Count}");
    }

    [Fact]
    public void A_name_keeps_its_capital_where_children_find_what_rhymes()
    {
        var lesson = LessonAt(60) with { Teaches = [.. World.Estuary.Rungs.SelectMany(x => x.Adds)] };
        var story = World.Stories.Stories.Single(x => x.Title == "Honk");
        var block = new LessonBlock(LessonPart.Apply, Activity.ReadStory, [new ItemMaker(World.South, []).Story(new GradedStory(story, 0, 0))]);
        Assert.Equal(["Hank", "tank"], Assert.Single(TextTasks.Of(lesson, block, World.South), x => x.Code == AskCode.FindRhymes).Arguments);
    }

    [Fact]
    public void On_a_rungs_next_day_words_are_built_hidden_and_written_from_memory()
    {
        List<string> Words(Lesson x, Activity activity) => [.. x.Blocks.Where(b => b.Activity == activity).SelectMany(b => b.Items).Select(i => i.Text)];
        var next = LessonAt(61, 1);
        Assert.Equal(3, Words(next, Activity.Build).Count);
        Assert.NotEmpty(Words(next, Activity.Spell));
        Assert.Empty(Words(next, Activity.Build).Intersect(Words(next, Activity.Spell)));
        Assert.Empty(Words(LessonAt(61), Activity.Build));
    }

    [Fact]
    public void On_a_day_of_tricky_words_a_sentence_of_ones_own_is_written_with_them()
    {
        var place = World.Estuary.Rungs.ToList().FindLastIndex(x => x.Adds.Count == 0 && x.TrickyWords.Count > 1);
        var own = LessonAt(place).Blocks.Single(x => x.Activity == Activity.OwnSentence).Items;
        Assert.Equal(World.Estuary.Rungs[place].TrickyWords.Take(2), own.Select(x => x.Text));
    }

    [Fact]
    public void No_rare_form_of_a_word_is_chosen_though_its_base_is_known() => Assert.All(Enumerable.Range(20, 100).Where(x => x % 2 == 0), place =>
        Assert.DoesNotContain(LessonAt(place).Blocks.Where(x => x.Part == LessonPart.Practise).SelectMany(x => x.Items), i =>
            World.South.Words.FindWord(i.Text) is { Ended: not null, Rank: > 20_000, Familiarity: not Core.Words.Familiarity.AtFourOrFive }));
}
