using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>What sounds the same and is spelt apart is met side by side, and a sentence tells which is meant; what is written and not said is listened for.</summary>
public sealed class SameSoundTests
{
    private static readonly Lazy<IReadOnlyList<(LessonBrief Brief, Lesson Lesson)>> All = new(() =>
    [
        .. new[] { (Ladder: World.Estuary, Stock: World.South), (Ladder: World.Ridge, Stock: World.Us) }
            .SelectMany(x => Enumerable.Range(30, x.Ladder.Rungs.Count - 30).Select(place => World.BriefAt(x.Ladder, x.Stock, place, 3)))
            .Select(x => (x, LessonComposer.Compose(x))),
    ]);

    private static IReadOnlyList<LessonItem> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items)];

    [Fact]
    public void The_words_of_a_pair_sound_the_same_can_be_read_and_each_has_its_own_sentence()
    {
        var pairs = All.Value.SelectMany(x => In(x.Lesson, Activity.SameSound).Chunk(2).Select(pair => (x.Brief, pair))).ToList();
        Assert.True(pairs.Count >= 40, $"{pairs.Count}");
        Assert.All(pairs, x =>
        {
            var (one, other) = (x.Brief.Stock.Words.FindWord(x.pair[0].Text)!, x.Brief.Stock.Words.FindWord(x.pair[1].Text)!);
            Assert.Contains(other, x.Brief.Stock.SoundAlikes(one));
            Assert.All(x.pair, item => Assert.Contains(item.Text, SentenceBank.WordsOf(item.Spoken), StringComparer.OrdinalIgnoreCase));
            Assert.NotEqual(x.pair[0].Spoken, x.pair[1].Spoken);
            Assert.True(x.Brief.Judge.IsReadable(one) && x.Brief.Judge.IsReadable(other));
        });
    }

    [Fact]
    public void One_of_a_pair_is_spelt_with_todays_part_and_neither_is_read_or_spelt_again() => Assert.All(All.Value.Where(x => In(x.Lesson, Activity.SameSound).Count > 0), x =>
    {
        var holding = new HeldParts(x.Brief.Stock).Holding(x.Brief.Targets);
        var words = In(x.Lesson, Activity.SameSound).Select(i => i.Text).ToList();
        Assert.All(words.Chunk(2), pair => Assert.Contains(pair, w => holding(x.Brief.Stock.Words.FindWord(w)!)));
        Assert.Empty(words.Intersect(In(x.Lesson, Activity.Read).Concat(In(x.Lesson, Activity.Sort)).Select(i => i.Text)));
    });

    [Fact]
    public void Locked_pairs_stay_and_one_is_dropped_whole()
    {
        var brief = World.BriefAt(World.Estuary, World.South, World.Estuary.PlaceOf("ea-ee"), 3);
        var lesson = LessonComposer.Compose(brief);
        var first = In(lesson, Activity.SameSound)[0];
        var dropped = LessonUnits.Drop(lesson, first.Id).Apply(lesson).Lesson!;
        Assert.Equal(In(lesson, Activity.SameSound).Skip(2).Select(x => x.Text), In(dropped, Activity.SameSound).Select(x => x.Text));
    }

    [Theory]
    [InlineData("kn-n", "k")]
    [InlineData("mb-m", "b")]
    public void What_is_written_and_not_said_is_heard_in_words_that_say_it(string rung, string silent)
    {
        for (var seed = 1UL; seed <= 6; seed++)
        {
            var heard = In(LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, World.Estuary.PlaceOf(rung), seed)), Activity.Listening);
            Assert.Equal([silent, rung.Split('-')[0]], heard.Select(x => x.Heading).Distinct().OrderBy(x => x.Length));
            Assert.All(heard.Where(x => x.Heading == silent), x => Assert.Contains(silent, x.Split.Split(' ')));
        }
    }

    // Ay in crayon is none that children take for the ai of rain.
    [Fact]
    public void A_spelling_is_not_sorted_beside_one_that_hardly_stands_there()
    {
        for (var seed = 1UL; seed <= 6; seed++)
        {
            var sorted = In(LessonComposer.Compose(World.BriefAt(World.Ridge, World.Us, World.Ridge.PlaceOf("ai-ai"), seed)), Activity.Sort);
            Assert.DoesNotContain(sorted, x => x.Heading == "ay" && !x.Text.EndsWith("ay", StringComparison.Ordinal));
        }
    }

    // Stove and huge end in the letters of the day, whatever those are in them.
    [Theory]
    [InlineData("ve-v", "v", "ve")]
    [InlineData("ge-j-dge-j", "g", "ge")]
    public void No_word_stands_under_one_spelling_that_shows_the_letters_of_the_other(string rung, string heading, string letters)
    {
        for (var seed = 1UL; seed <= 6; seed++)
        {
            var sorted = LessonComposer.Compose(World.BriefAt(World.Estuary, World.South, World.Estuary.PlaceOf(rung), seed)).Blocks.Where(x => x.Activity is Activity.Sort or Activity.Choose).SelectMany(x => x.Items);
            Assert.DoesNotContain(sorted, x => x.Heading == heading && x.Text.Contains(letters, StringComparison.Ordinal));
        }
    }
}
