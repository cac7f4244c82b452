using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>On a day of tricky words those words are what is said, read, told apart and written.</summary>
public sealed class TrickyDayTests
{
    private static IEnumerable<(LessonBrief Brief, Lesson Lesson)> Days(ulong seed) =>
        from world in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) }
        from place in Enumerable.Range(0, world.Item1.Rungs.Count)
        let brief = World.BriefAt(world.Item1, world.Item2, place, seed)
        where brief.Kind == LessonKind.TrickyWordDay
        select (brief, LessonComposer.Compose(brief));

    [Fact]
    public void Each_word_is_used_in_a_sentence_that_a_child_says() => Assert.All(Days(1), x =>
        Assert.Equal(x.Brief.Rung!.TrickyWords.Select(w => w.ToLowerInvariant()), In(x.Lesson, Activity.SayTricky).Select(i => i.Text.ToLowerInvariant())));

    [Fact]
    public void All_are_read_mixed_and_quick_and_none_after_itself()
    {
        for (var seed = 1UL; seed <= 4; seed++)
        {
            Assert.All(Days(seed), x =>
            {
                var pack = In(x.Lesson, Activity.MixedTricky).Select(i => i.Text).ToList();
                Assert.All(x.Brief.Rung!.TrickyWords, w => Assert.InRange(pack.Count(p => p.Equals(w, StringComparison.OrdinalIgnoreCase)), 2, 3));
                Assert.All(pack.Zip(pack.Skip(1)), p => Assert.True(p.First != p.Second || pack.Distinct().Count() == 1, string.Join(' ', pack)));
            });
        }
    }

    [Fact]
    public void Words_that_are_taken_for_them_stand_between() => Assert.All(Days(1), x =>
    {
        var pack = In(x.Lesson, Activity.MixedTricky).Select(i => i.Text.ToLowerInvariant()).ToHashSet();
        var alike = x.Brief.Standing.TrickyWords.Where(w => x.Brief.Rung!.TrickyWords.Any(t => Confusables.WordsAlike(w, t.ToLowerInvariant()))).Take(4);
        Assert.All(alike, w => Assert.Contains(w, pack));
    });

    [Fact]
    public void No_more_other_words_are_read_than_on_other_days_and_none_is_spelt() => Assert.All(Days(1), x =>
    {
        Assert.InRange(In(x.Lesson, Activity.Read).Count, 0, 11);
        Assert.Empty(In(x.Lesson, Activity.Spell));
    });

    private static IReadOnlyList<LessonItem> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items)];
}
