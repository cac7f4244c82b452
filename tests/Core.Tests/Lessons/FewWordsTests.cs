using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Where English has few words with a part, its lesson stays with them, and is full all the same.</summary>
public sealed class FewWordsTests
{
    // Letters and common spellings in one breath, then spellings that few words have.
    private static readonly Ladder Late = World.LadderOf(
        "o:o+n:n+t:t+a:a+d:d+p:p+i:i+m:m s:s+g:g+e:e+h:h+b:b+c:k+r:r+u:u+!I+!a+!the+!to+!is l:l+f:f+j:j+w:w+v:v+y:y+ck:k+k:k+!was+!his+!of+!he+!said sh:sh+ch:ch+th:th+th:dh+ng:ng ee:ee+ea:ee+er:schwa+ar:ar+or:or+oo:oo+aw:aw+ow:ow+ai:ai -s+-ing+-ed oe:oa+oa:oa au:aw e_e:ee u_e:oo");

    private static readonly WordStock Stock = World.Stock(Late, Accent.NorthernEnglish);

    private static LessonBrief At(string label, ulong seed) => World.BriefAt(Late, Stock, Late.Rungs.ToList().FindIndex(x => x.Label == label), seed);

    public static TheoryData<ulong> Seeds => [1, 2, 3, 4, 5];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_spelling_that_hardly_a_word_has_is_sorted_by_names_with_it_and_no_chain_leaves_it(ulong seed)
    {
        var lesson = LessonComposer.Compose(At("e_e", seed));
        var sorted = lesson.Blocks.Single(x => x.Activity == Activity.Sort);
        Assert.NotInRange(sorted.Items.Count(x => x.Heading == "e_e"), 0, 1);
        Assert.DoesNotContain(lesson.Blocks, x => x.Activity == Activity.Chain);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Where_few_words_have_a_spelling_the_adult_shows_those_and_not_their_endings(ulong seed)
    {
        var shown = LessonComposer.Compose(At("au", seed)).Blocks.Single(x => x.Activity == Activity.Read).Items.Where(x => x.Release == Release.AdultShows).ToList();
        Assert.All(shown, x => Assert.Null(Stock.Words.FindWord(x.Text)!.Ended));
    }

    [Theory]
    [InlineData("au")]
    [InlineData("u_e")]
    public void What_a_later_lesson_has_left_is_read_and_not_written_letter_by_letter(string label)
    {
        var lesson = LessonComposer.Compose(At(label, 3));
        Assert.DoesNotContain(lesson.Blocks, x => x.Activity == Activity.WriteLetters);
        Assert.True(lesson.Seconds * 10 >= lesson.Minutes * 60 * 9, $"{lesson.Seconds}: {string.Join(", ", lesson.Blocks.Select(b => $"{b.Activity} {b.Seconds}"))}");
    }

    // The a of father is said as in cat in Scotland, and nobody has a word for it.
    private static readonly WordStock Scots = World.Stock(World.Estuary, Accent.Scottish);

    private static readonly Teachable Father = Teachable.Of(Correspondence.Parse("a:ar"));

    private static LessonBrief OfFather(Ladder ladder, WordStock stock) => World.BriefAt(ladder, stock, ladder.Rungs.ToList().FindIndex(x => x.Adds.Contains(Father)), 1);

    [Fact]
    public void Where_the_accent_has_no_word_for_a_rung_its_day_goes_over_what_came_before()
    {
        var lesson = LessonComposer.Compose(OfFather(World.Estuary, Scots));
        Assert.Equal(LessonKind.Review, lesson.Kind);
        Assert.Equal([Father], lesson.Wordless);
        Assert.Empty(lesson.Teaches);
        Assert.Contains(Teachable.Of(Correspondence.Parse("aw:aw")), lesson.GoesOver);
        var about = new HeldParts(Scots).Holding(lesson.GoesOver);
        Assert.All(lesson.Blocks.Single(x => x.Activity == Activity.Read).Items.Where(x => x.Release == Release.AdultShows), x => Assert.True(about(Scots.Words.FindWord(x.Text)!), x.Text));
        Assert.DoesNotContain(lesson.Blocks, x => x.Part == LessonPart.Teach);
        Assert.Equal(PointCode.Wordless, Assert.Single(DayPoint.Of(lesson, World.Notes, Scots, [])).Made!.Code);
    }

    [Fact]
    public void Where_the_accent_has_words_for_it_the_rung_is_taught()
    {
        var lesson = LessonComposer.Compose(OfFather(World.Estuary, World.South));
        Assert.Equal(LessonKind.NewLearning, lesson.Kind);
        Assert.Equal([Father], lesson.Teaches);
        Assert.Empty(lesson.Wordless);
    }

    [Fact]
    public void What_no_word_has_is_logged_with_its_rung_and_gone_over_on_no_day()
    {
        var brief = OfFather(World.Estuary, Scots);
        var entry = LessonLog.Entry(LessonComposer.Compose(brief), "1", brief.Day, LogOutcome.Taught, 1, []);
        Assert.Contains(Father, entry.Things);
        var after = brief.Standing.After(entry);
        Assert.True(after.Passed(brief.Standing.Ladder.Rungs[brief.Standing.Line]));
        var next = new LessonBrief(Scots, after, ClassConventions.Usual, brief.Day.AddDays(1), null, 25, 1);
        Assert.DoesNotContain(Father, next.GoesOver);
        Assert.Equal("ar", RevisitPart.Spellings(Scots, after, "ar"));
    }

    [Fact]
    public void Of_a_rung_with_two_parts_the_one_that_has_words_is_taught_alone()
    {
        var ladder = World.LadderOf("s:s a:a t:t p:p i:i n:n m:m d:d h:h f:f c:k k:k r:r b:b g:g ar:ar+a:ar sh:sh");
        var lesson = LessonComposer.Compose(OfFather(ladder, World.Stock(ladder, Accent.Scottish)));
        Assert.Equal(LessonKind.NewLearning, lesson.Kind);
        Assert.Equal(["ar:ar"], lesson.Teaches.Select(x => x.Key));
        Assert.Equal([Father], lesson.Wordless);
        Assert.Equal(["ar"], lesson.Blocks.Single(x => x.Activity == Activity.Meet).Items.Select(x => x.Text));
    }
}
