using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What children write that nobody wrote before them: how a story goes on, a name that nobody has.</summary>
public class OwnWritingTests
{
    private static IReadOnlyList<LessonItem> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items)];

    private static readonly Lazy<WordStock> WithMadeUp = new(() => Stock(World.Estuary));

    private static WordStock Stock(Ladder ladder) => new(World.Rules(Accent.SouthernBritish, WeakVowels.Lenient, ladder), World.Written, null, new Lazy<MadeUpCheck>(() => World.MadeUp));

    private static LessonBrief FurtherDay(int place, ulong seed)
    {
        var rung = World.Estuary.Rungs[place] with { Days = 2 };
        var log = World.LogOf(World.Estuary.Rungs.Take(place).Append(rung));
        return new LessonBrief(WithMadeUp.Value, World.StandingOf(World.Estuary, log), ClassConventions.Usual, World.Year.SchoolDays[place + 1], rung, 25, seed);
    }

    [Fact]
    public void A_story_to_go_on_with_is_the_beginning_of_one_that_was_not_read()
    {
        var begun = Enumerable.Range(0, 40).Select(x => LessonComposer.Compose(FurtherDay(70 + x, (ulong)x))).Where(x => In(x, Activity.FinishStory).Count > 0).ToList();
        Assert.True(begun.Count >= 5, $"{begun.Count}");
        Assert.All(begun, x =>
        {
            var items = In(x, Activity.FinishStory);
            var whole = World.Stories.Stories.Single(s => s.Title == items[0].Heading);
            Assert.StartsWith(items[0].Text, whole.Text.Text, StringComparison.Ordinal);
            Assert.True(items[0].Text.Length < whole.Text.Text.Length, whole.Title);
            Assert.Empty(items[0].Questions);
            Assert.Equal([ItemKind.Story, ItemKind.Word, ItemKind.Word], items.Select(i => i.Kind));
            // The words to use are out of what was not seen, so that they fit; one at least where a story has few.
            Assert.True(whole.Text.Words.Contains(items[1].Text, StringComparer.OrdinalIgnoreCase) && !SentenceBank.WordsOf(items[0].Text).Contains(items[1].Text, StringComparer.OrdinalIgnoreCase), $"{whole.Title}: {items[1].Text}");
            Assert.DoesNotContain(items[0].Heading, In(x, Activity.ReadStory).Select(i => i.Heading));
            Assert.Empty(In(x, Activity.OwnSentence));
        });
    }

    [Theory]
    [InlineData("One. Two. Three. Four.", "One. Two.")]
    [InlineData("One. Two. Three.", "One.")]
    [InlineData("\"Come here!\" said Mum. The cat did not. It sat. It slept.", "\"Come here!\" said Mum. The cat did not.")]
    [InlineData("\"Is it a fox?\" \"No.\" It ran. We ran. It hid.", "\"Is it a fox?\" \"No.\"")]
    public void A_beginning_ends_where_a_sentence_does(string story, string beginning) => Assert.Equal(beginning, StoryToFinish.Beginning(story));

    [Fact]
    public void No_beginning_is_cut_inside_what_somebody_says() => Assert.All(World.Stories.Stories, x =>
        Assert.True(StoryToFinish.Beginning(x.Text.Text).Count(c => c == '"') % 2 == 0, x.Title));

    [Fact]
    public void A_name_that_nobody_has_begins_with_a_capital_and_can_be_read()
    {
        var named = Enumerable.Range(0, 60).Select(x => FurtherDay(20 + (3 * (x % 30)), (ulong)x)).Select(x => (Brief: x, Names: In(LessonComposer.Compose(x), Activity.WriteName))).ToList();
        Assert.InRange(named.Count(x => x.Names.Count > 0), 6, 40);
        Assert.All(named.SelectMany(x => x.Names.Select(n => (x.Brief, Name: n))), x =>
        {
            Assert.True(char.IsAsciiLetterUpper(x.Name.Text[0]) && x.Name.Text.Skip(1).All(char.IsAsciiLetterLower), x.Name.Text);
            Assert.Null(World.South.Words.FindWord(x.Name.Text));
            Assert.Empty(LessonCheck.Illegal(LessonComposer.Compose(x.Brief), x.Brief.Standing.Taught));
        });
    }

    [Fact]
    public void On_a_day_of_capitals_the_names_need_them()
    {
        var ladder = LadderText.Parse("name\tCapitals\n[One]\t3 1 1\ns:s a:a\n[Two]\t3 1 1\nt:t p:p\ni:i n:n\nm:m d:d\nb:b e:e\n[Capitals]\t3 1 1\n^B ^M ^T\nsh:sh");
        var stock = Stock(ladder);
        var brief = new LessonBrief(stock, World.StandingOf(ladder, World.LogOf(ladder.Rungs.Take(5)), stock.Rules), ClassConventions.Usual, World.Year.SchoolDays[5], ladder.Rungs[5], 25, 5);
        Assert.Equal(["B", "M", "T"], In(LessonComposer.Compose(brief), Activity.WriteName).Select(x => x.Text[..1]).Order());
    }
}
