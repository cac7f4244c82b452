using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>A rung of several days gets lessons that go deeper, and not one lesson several times.</summary>
public sealed class FurtherDayTests
{
    private const string Letters = "h u m g e n i p t o b d a r l f c:k w j v ";

    private static readonly Ladder Week = World.LadderOf(
        string.Join(' ', Letters.Trim().Split(' ').Select(x => x.Contains(':') ? x : $"{x}:{x}")) + " sh:sh+ch:ch+th:th+!said ee:ee+!you").Paced(4, new HashSet<string>(), null);

    // The lessons of a rung's days, each given as it was planned.
    private static List<Lesson> Lived(int place, int days)
    {
        var stock = World.Stock(Week, Accent.SouthernBritish);
        return World.Lived(stock, World.StandingOf(Week, World.LogOf(Week.Rungs.Take(place).SelectMany(x => Enumerable.Repeat(x, x.Days))), stock.Rules), Enumerable.Repeat(Week.Rungs[place], days));
    }

    private static List<string> In(Lesson lesson, Activity activity) => [.. lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items).Select(x => x.Text)];

    private static readonly int Digraphs = Week.Rungs.Count - 2;

    [Fact]
    public void On_a_rungs_further_days_its_parts_are_met_again_one_by_one()
    {
        var met = Lived(Digraphs, 4).Select(x => In(x, Activity.Meet)).ToList();
        Assert.Equal([["sh", "ch", "th"], ["sh"], ["ch"], ["th"]], met);
    }

    [Fact]
    public void A_further_day_tells_of_the_part_that_it_meets_again_and_not_of_the_others()
    {
        var stock = World.Stock(Week, Accent.SouthernBritish);
        var told = Lived(Digraphs, 3).Select(x => PartTeaching.Of(x, World.Notes, stock, new HashSet<Teachable>()).Select(p => p.Part.Label).ToList()).ToList();
        Assert.Equal([["sh", "ch", "th"], ["sh"], ["ch"]], told);
    }

    [Fact]
    public void Each_further_day_looks_for_the_part_that_it_meets_again()
    {
        foreach (var lesson in Lived(Digraphs, 4).Skip(1))
        {
            Assert.Contains(lesson.Blocks, x => x.Activity == Activity.Spot && x.Asks[0].Arguments[0] == In(lesson, Activity.Meet)[0]);
        }
    }

    [Fact]
    public void A_rungs_days_do_not_compare_the_same_again()
    {
        var compared = Lived(Digraphs, 3).Select(x => x.Blocks.Single(b => Piece.Of(b.Activity).Compares))
            .Select(x => string.Join(' ', x.Asks.SelectMany(a => a.Arguments).Concat(x.Items.Select(i => i.Heading)).Distinct())).ToList();
        Assert.Equal(compared.Count, compared.Distinct().Count());
    }

    // Few letters, for three days each: hardly a dozen words are made of them.
    private static readonly Lazy<List<Lesson>> OfFewLetters = new(() =>
    {
        var ladder = World.LadderOf("m:m+o:o a:a+t:t l:l+p:p+!I f:f+h:h+!a i:i+n:n+!the", "3 1 1").Paced(3, new HashSet<string>(), null);
        var stock = World.Stock(ladder, Accent.GeneralAmerican);
        return World.Lived(stock, World.StandingOf(ladder, [], stock.Rules), ladder.Rungs.SelectMany(x => Enumerable.Repeat(x, x.Days)), 30);
    });

    private static List<List<Lesson>> DaysOf(IEnumerable<Lesson> lessons) => [.. lessons.GroupBy(x => x.RungId).Select(x => x.ToList())];

    [Fact]
    public void A_chain_is_not_built_again_on_a_rungs_next_day()
    {
        var days = DaysOf(OfFewLetters.Value).Append(Lived(Digraphs, 4)).Select(x => x.Select(l => string.Join(' ', In(l, Activity.Chain))).Where(c => c.Length > 0).ToList()).ToList();
        Assert.Contains(days, x => x.Count > 1);
        Assert.All(days.SelectMany(x => x.Zip(x.Skip(1))), x => Assert.NotEqual(x.First, x.Second));
    }

    [Fact]
    public void The_adult_shows_other_words_on_a_rungs_next_day_while_there_are_others_as_short()
    {
        var shown = DaysOf(OfFewLetters.Value)[2].Select(x => x.Blocks.Single(b => b.Activity == Activity.Read).Items.Where(i => i.Release == Release.AdultShows).Select(i => i.Text).ToList()).ToList();
        Assert.All(shown.Zip(shown.Skip(1)), x => Assert.Empty(x.First.Intersect(x.Second)));
    }

    [Fact]
    public void A_word_spelt_on_one_day_is_not_spelt_on_the_next_while_there_are_others()
    {
        var spelt = Lived(Digraphs, 4).Select(x => In(x, Activity.Spell).Concat(In(x, Activity.Build)).ToList()).ToList();
        Assert.All(spelt.Zip(spelt.Skip(1)), x => Assert.Empty(x.First.Intersect(x.Second)));
        Assert.NotInRange(spelt.SelectMany(x => x).Distinct().Count(), 0, 15);
    }

    [Fact]
    public void Pairs_are_not_compared_again_on_a_rungs_next_day_while_there_are_others()
    {
        var grown = OfEndings.Value.Where(x => x.Title == "two consonants at the end").Select(x => In(x, Activity.Compare)).ToList();
        Assert.All(grown.Zip(grown.Skip(1)), x => Assert.Empty(x.First.Intersect(x.Second)));
        Assert.NotInRange(grown.Count, 0, 2);
    }

    [Fact]
    public void Words_are_put_to_their_pictures_again_only_beside_as_many_new_ones()
    {
        var days = OfFewLetters.Value.Select(x => In(x, Activity.MatchPicture)).Where(x => x.Count > 0).ToList();
        Assert.NotInRange(days.Count, 0, 1);
        Assert.All(days.Zip(days.Skip(1)), x => Assert.True(x.Second.Intersect(x.First).Count() * 2 <= x.Second.Count, string.Join(", ", x.Second)));
    }

    [Fact]
    public void Two_words_that_sound_the_same_are_told_apart_on_one_day_of_a_rung()
    {
        var told = Lived(Week.Rungs.Count - 1, 4).SelectMany(x => In(x, Activity.SameSound)).ToList();
        Assert.Equal(told.Distinct(), told);
    }

    [Fact]
    public void A_tricky_word_met_on_a_rungs_first_day_is_read_at_sight_on_the_next()
    {
        var lessons = Lived(Digraphs, 2);
        Assert.Equal(["said"], In(lessons[0], Activity.MeetTricky));
        Assert.Empty(In(lessons[1], Activity.MeetTricky));
        Assert.Contains("said", In(lessons[1], Activity.TrickyAtSight));
    }

    [Fact]
    public void Where_tricky_words_are_all_a_rung_has_they_are_met_on_each_of_its_days()
    {
        var ladder = World.LadderOf(string.Join(' ', Letters.Trim().Split(' ').Select(x => x.Contains(':') ? x : $"{x}:{x}")) + " !was+!my").Paced(3, new HashSet<string>(), null);
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        var entries = World.LogOf([.. ladder.Rungs, ladder.Rungs[^1]]);
        var lesson = LessonComposer.Compose(new LessonBrief(
            stock, World.StandingOf(ladder, entries, stock.Rules), Core.Conventions.ClassConventions.Usual, World.Year.SchoolDays[entries.Count], ladder.Rungs[^1], 25, 1));
        Assert.Equal(["was", "my"], In(lesson, Activity.MeetTricky));
    }

    [Fact]
    public void What_comes_to_a_rung_after_its_first_day_is_met_when_it_has_come()
    {
        var stock = World.Stock(Week, Accent.SouthernBritish);
        var whole = Week.Rungs[^1];
        var before = whole with { Adds = [Week.Rungs[0].Adds[0]], TrickyWords = [] };
        var entries = World.LogOf([.. Week.Rungs.Take(Week.Rungs.Count - 1).SelectMany(x => Enumerable.Repeat(x, x.Days)), before]);
        var standing = World.StandingOf(Week, entries, stock.Rules);
        var lesson = LessonComposer.Compose(new LessonBrief(stock, standing, Core.Conventions.ClassConventions.Usual, World.Year.SchoolDays[entries.Count], whole, 25, 1));
        Assert.Equal(["ee"], In(lesson, Activity.Meet));
        Assert.Equal(["you"], In(lesson, Activity.MeetTricky));
    }

    [Fact]
    public void No_sentence_is_dictated_again_while_there_are_others()
    {
        var dictated = Lived(Digraphs, 4).Concat(Lived(Week.Rungs.Count - 1, 4)).SelectMany(x => In(x, Activity.WriteSentence)).ToList();
        Assert.Equal(8, dictated.Count);
        Assert.Equal(dictated.Count, dictated.Distinct().Count());
    }

    [Fact]
    public void A_word_that_one_sentence_says_over_and_over_stands_in_no_other_of_the_day()
    {
        foreach (var read in Lived(Digraphs, 4).Select(x => In(x, Activity.ReadSentences).Select(Core.Choosing.Sentence.Of).ToList()))
        {
            Assert.Empty(read.Where(x => x.Repeated > 0).SelectMany(x => x.Keys.Where(w => w.Length > 2 && read.Count(r => r.Keys.Contains(w)) > 1)));
        }
    }

    [Fact]
    public void Letters_that_say_two_things_are_asked_for_by_their_words_on_every_day()
    {
        var ladder = World.LadderOf(string.Join(' ', Letters.Trim().Split(' ').Select(x => x.Contains(':') ? x : $"{x}:{x}")) + " oo:oo+oo:uu").Paced(2, new HashSet<string>(), null);
        var stock = World.Stock(ladder, Accent.NorthernEnglish);
        var known = World.StandingOf(ladder, World.LogOf(ladder.Rungs.SkipLast(1).SelectMany(x => Enumerable.Repeat(x, x.Days))), stock.Rules);
        Assert.All(World.Lived(stock, known, Enumerable.Repeat(ladder.Rungs[^1], 2), 15), x =>
            Assert.Equal(["book", "moon"], x.Blocks.Single(b => b.Activity == Activity.Listening).Items.Select(i => i.Heading).Distinct().Order()));
    }

    private static readonly Ladder Endings = World.LadderOf(
        "a:a c:k s:s t:t i:i n:n p:p o:o m:m d:d g:g e:e h:h r:r u:u b:b f:f l:l !the !I !a ff:f+ll:l+ss:s j:j w:w v:v #pairAtEnd #pairAtStart -ing+-ed+-er", "4 2 1").Paced(4, new HashSet<string>(), null);

    private static readonly Lazy<List<Lesson>> OfEndings = new(() =>
    {
        var stock = World.Stock(Endings, Accent.SouthernBritish);
        var known = World.StandingOf(Endings, World.LogOf(Endings.Rungs.Take(Endings.Rungs.Count - 3).SelectMany(x => Enumerable.Repeat(x, x.Days))), stock.Rules);
        return World.Lived(stock, known, Endings.Rungs.TakeLast(3).SelectMany(x => Enumerable.Repeat<Rung?>(x, x.Days)).Concat(new Rung?[6]));
    });

    [Fact]
    public void Each_of_several_endings_is_put_beside_its_base_and_the_days_after_have_one_of_them_each()
    {
        static string EndingOf(string word) => word[^3..] is "ing" ? "ing" : word[^2..];
        var days = OfEndings.Value.Where(x => x.Kind == LessonKind.Structure).TakeLast(4)
            .Select(x => In(x, Activity.Compare).Where((_, at) => at % 2 == 1).Select(EndingOf).Distinct().Order().ToList()).ToList();
        Assert.Equal(["ed", "er", "ing"], days[0]);
        Assert.Equal([["ing"], ["ed"], ["er"]], days.Skip(1));
    }

    [Fact]
    public void A_word_that_lost_its_e_is_not_chosen_while_the_word_with_it_cannot_be_read() =>
        Assert.DoesNotContain("lived", OfEndings.Value.SelectMany(x => x.Blocks).SelectMany(x => x.Items).Select(x => x.Text));

    [Fact]
    public void The_next_day_has_other_pictures_while_there_are_others()
    {
        var days = Lived(Letters.Trim().Split(' ').ToList().IndexOf("b"), 4).Select(x => In(x, Activity.MatchPicture)).Where(x => x.Count > 0).ToList();
        Assert.True(days.Count >= 3);
        Assert.All(days.Zip(days.Skip(1)), x => Assert.True(x.First.Intersect(x.Second).Count() <= 2, $"{string.Join(' ', x.First)} / {string.Join(' ', x.Second)}"));
    }

    [Fact]
    public void No_story_comes_a_third_time_in_two_weeks_and_reviews_have_another_instead()
    {
        var days = OfEndings.Value.ConvertAll(x => x.Blocks.Where(b => b.Activity == Activity.ReadStory).SelectMany(b => b.Items).Select(i => i.Heading).ToList());
        for (var at = 0; at < days.Count; at++)
        {
            Assert.All(days.Skip(at).Take(10).SelectMany(x => x).GroupBy(x => x), x => Assert.True(x.Count() <= 2, $"{x.Key} {x.Count()} times from day {at + 1}"));
        }

        Assert.All(OfEndings.Value.Zip(days).Where(x => x.First.Kind == LessonKind.Review), x => Assert.NotEmpty(x.Second));
    }
}
