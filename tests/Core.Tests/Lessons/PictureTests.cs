using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Words that have a picture, and what is done with pictures in a lesson.</summary>
public class PictureTests
{
    private static readonly Lazy<IReadOnlyList<(LessonBrief Brief, Lesson Lesson)>> Early = new(() =>
        [.. from world in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) } from place in Enumerable.Range(2, 22) from again in new[] { 0, 1 } select LessonAt(world.Item1, world.Item2, place, again)]);

    private static (LessonBrief Brief, Lesson Lesson) LessonAt(Ladder ladder, WordStock stock, int place, int again)
    {
        var rung = ladder.Rungs[place] with { Days = 2 };
        var log = World.LogOf(ladder.Rungs.Take(place).Concat(Enumerable.Repeat(rung, again)));
        var brief = new LessonBrief(stock, World.StandingOf(ladder, log, stock.Rules), ClassConventions.Usual, World.Year.SchoolDays[place + again], rung, 25, 3);
        return (brief, LessonComposer.Compose(brief));
    }

    private static IReadOnlyList<LessonItem> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items)];

    [Fact]
    public void A_picture_is_of_a_word_that_the_youngest_know() => Assert.All(World.Written.Pictures.All, x =>
        Assert.True(World.South.Words.FindWord(x.Word) is { Everyday: true, Suitability: Suitability.Fine } && !x.Also.Contains(x.Word), x.Word));

    [Fact]
    public void Words_put_to_pictures_can_be_read_and_no_picture_goes_with_two_of_them()
    {
        var sets = Early.Value.Select(x => (x.Brief, Set: In(x.Lesson, Activity.MatchPicture))).Where(x => x.Set.Count > 0).ToList();
        Assert.True(sets.Count > 12, $"{sets.Count} of {Early.Value.Count}");
        Assert.All(sets, x =>
        {
            Assert.InRange(x.Set.Count, 3, 5);
            Assert.All(x.Set, i => Assert.True(x.Brief.Judge.Of(i.Text).Legal, i.Text));
            var pictures = x.Set.Select(i => x.Brief.Stock.Pictures.Find(i.Text)!).ToList();
            Assert.All(pictures, p => Assert.All(pictures.Where(o => o != p), o =>
                Assert.True(p.Code != o.Code && !p.Also.Contains(o.Word) && !p.Also.Intersect(o.Also).Any(), $"{p.Word}, {o.Word}")));
            var holds = new HeldParts(x.Brief.Stock).Holding(x.Brief.Targets);
            Assert.True(x.Set.Count(i => holds(x.Brief.Stock.Words.FindWord(i.Text)!)) >= 2, string.Join(' ', x.Set.Select(i => i.Text)));
        });
    }

    [Fact]
    public void Before_there_are_words_pictures_are_found_by_their_sounds_and_begin_with_letters_that_are_known()
    {
        var opening = (from world in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) } from place in Enumerable.Range(0, 5) select LessonAt(world.Item1, world.Item2, place, 0))
            .Where(x => x.Lesson.Kind == LessonKind.NewLearning).ToList();
        Assert.True(opening.Count >= 8);
        Assert.All(opening, x =>
        {
            var (found, begun) = (In(x.Lesson, Activity.FindPicture), In(x.Lesson, Activity.FirstLetter));
            var today = x.Brief.Targets.Select(t => x.Brief.Stock.Rules.SoundKey(t.Correspondence!.Value.Sound)).ToHashSet();
            Assert.InRange(found.Count, 5, 8);
            Assert.True(found.Count(i => i.Split.Split(' ').Any(today.Contains)) is >= 2 and < 8, $"{x.Brief.Rung!.Label}: {string.Join(' ', found.Select(i => i.Text))}");
            Assert.All(found, i => Assert.InRange(i.Split.Split(' ').Length, 2, 3));
            var pictures = found.Select(i => x.Brief.Stock.Pictures.Find(i.Text)!).ToList();
            Assert.All(pictures, p => Assert.All(pictures.Where(o => o != p), o => Assert.True(p.IsToldFrom(o), $"{p.Word}, {o.Word}")));

            // Hardly a picture begins with a short i.
            Assert.True(begun.Count is >= 4 and <= 8 || (begun.Count == 0 && x.Brief.Targets.All(t => t.Correspondence!.Value.Sound.First.IsVowel)), $"{x.Brief.Rung!.Label}: {begun.Count}");
            Assert.Empty(begun.Select(i => i.Text).Intersect(found.Select(i => i.Text)));
            Assert.All(begun, i =>
            {
                var first = x.Brief.Stock.Words.Find(i.Text)!.Readings[0].Segments[0].Correspondence;
                Assert.Empty(x.Brief.Stock.Pictures.Find(i.Text)!.Also);
                Assert.True(i.Heading.Length == 0
                    ? !x.Brief.Judge.Taught.Correspondences.Any(t => x.Brief.Stock.Rules.SameSound(t.Sound, first.Sound))
                    : first.Grapheme.Text == i.Heading && x.Brief.Judge.Taught.Correspondences.Contains(first), $"{x.Brief.Rung!.Label}: {i.Text} {i.Heading}");
            });
            Assert.True(begun.Count == 0 || begun.Any(i => i.Heading == x.Brief.Targets[0].Correspondence!.Value.Grapheme.Text));
            Assert.Equal(begun.Any(i => i.Heading.Length == 0), x.Lesson.Blocks.Any(b => b.Activity == Activity.FirstLetter && b.Asks.Any()));

            // Another stands in its place, with a picture and the same letter.
            var swapped = Swap.Another(x.Brief, x.Lesson, found[0].Id, 1)!;
            Assert.NotNull(x.Brief.Stock.Pictures.Find(swapped.Text));
            Assert.NotNull(TypedText.WhyNot(x.Lesson, found[0]));
        });
    }

    [Fact]
    public void A_word_without_a_picture_is_not_typed_over_one_that_is_put_to_its_picture()
    {
        var (brief, lesson) = Early.Value.First(x => In(x.Lesson, Activity.MatchPicture).Count > 0);
        var item = In(lesson, Activity.MatchPicture)[0];
        Assert.Null(TypedText.WhyNot(lesson, item));
        Assert.Null(TypedText.WhyNot(lesson, item, "dog", brief.Stock));
        Assert.Contains("no picture of tip", TypedText.WhyNot(lesson, item, "tip", brief.Stock), StringComparison.Ordinal);
        Assert.Null(TypedText.WhyNot(lesson, In(lesson, Activity.Read)[0], "tip", brief.Stock));
    }

    [Fact]
    public void Pictures_leave_time_to_read_and_to_spell() => Assert.All(Early.Value.Where(x => In(x.Lesson, Activity.MatchPicture).Count > 0), x =>
    {
        Assert.True(In(x.Lesson, Activity.Read).Count >= 6 && In(x.Lesson, Activity.Build).Count + In(x.Lesson, Activity.Spell).Count >= 4, $"{x.Brief.Rung!.Label}: {In(x.Lesson, Activity.Read).Count} read, {In(x.Lesson, Activity.Spell).Count} spelt");
        Assert.InRange(x.Lesson.Seconds, 0, 27 * 60);
    });

    [Fact]
    public void What_is_written_about_is_a_picture_that_has_one_name_and_is_not_asked_beside_a_sentence_of_ones_own()
    {
        var written = Early.Value.Where(x => In(x.Lesson, Activity.WritePicture).Count > 0).ToList();
        Assert.NotEmpty(written);
        Assert.All(written, x =>
        {
            var one = Assert.Single(In(x.Lesson, Activity.WritePicture));
            Assert.Empty(x.Brief.Stock.Pictures.Find(one.Text)!.Also);
            Assert.Empty(In(x.Lesson, Activity.OwnSentence));
        });
    }

    [Fact]
    public void Another_word_for_a_picture_fits_beside_those_that_stay()
    {
        var sets = Early.Value.Where(x => In(x.Lesson, Activity.MatchPicture).Count == 5).Select(x => (x.Brief, Set: In(x.Lesson, Activity.MatchPicture), x.Lesson)).ToList();
        // In a set that has all the pictured words of its letters there is no other.
        var (brief, set, other) = sets.Select(x => (x.Brief, x.Set, Other: Swap.Another(x.Brief, x.Lesson, x.Set[0].Id, 1))).First(x => x.Other is not null);
        var pictures = brief.Stock.Pictures;
        Assert.All(set.Skip(1), x => Assert.True(pictures.Find(other!.Text)!.IsToldFrom(pictures.Find(x.Text)!), $"{other.Text}, {x.Text}"));
    }

    [Fact]
    public void What_is_new_stands_beside_the_picture_of_its_keyword_or_of_a_word_that_begins_with_it()
    {
        var met = Early.Value.SelectMany(x => In(x.Lesson, Activity.Meet).Select((card, at) => (x.Lesson, x.Brief, Card: card, At: at))).ToList();
        Assert.All(met, x =>
        {
            var picture = KeywordPicture.Of(x.Lesson, x.Card, x.Brief.Stock);
            if (x.At == 0 && x.Lesson.Teaching.Keyword.Length > 0)
            {
                Assert.Equal(x.Brief.Stock.Pictures.Find(x.Lesson.Teaching.Keyword), picture);
            }
            else if (picture is not null)
            {
                Assert.Contains(x.Card.Split, x.Brief.Stock.Words.Find(picture.Word)!.Readings[0].Segments.Select(s => s.Correspondence.Key));
            }
        });
        Assert.True(met.Count(x => KeywordPicture.Of(x.Lesson, x.Card, x.Brief.Stock) is not null) > met.Count * 0.8);
    }

    [Fact]
    public void A_picture_that_is_none_is_named() => Assert.All(
        new[] { "cat", "cat\t1F408", "cat\t\t", "cat\tpicture of a cat\t", "cat\t1F408\t\ncat\t1F408\t" },
        x => Assert.Contains("pictures: 'cat", Assert.Throws<FormatException>(() => PictureWords.Parse(x)).Message, StringComparison.Ordinal));
}
