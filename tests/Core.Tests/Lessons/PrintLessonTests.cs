using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Some ladders teach capitals and punctuation marks on rungs of their own: sentences wait for them, and their days are about them.</summary>
public sealed class PrintLessonTests
{
    private static readonly Ladder Late = LadderText.Parse("""
        name	Marks later
        [Letters]	3 1 1
        s:s a:a
        t:t p:p
        i:i n:n
        m:m d:d
        g:g o:o
        c:k k:k
        e:e u:u
        r:r h:h
        b:b f:f
        l:l ck:k ll:l
        !the !is !on !and
        j:j v:v w:w
        ^T ^S
        ^stop
        sh:sh ch:ch
        th:th th:dh
        ^A ^B ^C ^D ^E ^F ^G ^H ^I ^J ^K ^L ^M ^N ^O ^P ^Q ^R ^U ^V ^W ^X ^Y ^Z
        ^comma
        ee:ee oo:oo
        ^questionMark ^exclamationMark
        ai:ai oa:oa
        """.Replace("        ", "", StringComparison.Ordinal));

    private static readonly Lazy<WordStock> Stock = new(() => World.Stock(Late, Accent.SouthernBritish));

    private static LessonBrief BriefAt(int place) => new(
        Stock.Value, World.StandingOf(Late, World.LogOf(Late.Rungs.Take(place)), Stock.Value.Rules), ClassConventions.Usual, World.Year.SchoolDays[place], Late.Rungs[place], 25, 5);

    private static readonly Lazy<IReadOnlyList<(Rung Rung, Lesson Lesson, LessonBrief Brief)>> All = new(() =>
        [.. Late.Rungs.Select((rung, place) => BriefAt(place) is var brief ? (rung, LessonComposer.Compose(brief), brief) : default)]);

    private static IEnumerable<(Rung Rung, Lesson Lesson, LessonBrief Brief)> Days => All.Value.Where(x => x.Rung.Adds.Any(a => a.IsPrint));

    private static IReadOnlyList<LessonItem> In(Lesson lesson, params Activity[] activities) => [.. lesson.Blocks.Where(x => activities.Contains(x.Activity)).SelectMany(x => x.Items)];

    [Fact]
    public void No_lesson_shows_a_capital_or_a_mark_before_its_rung_and_captions_take_the_place_of_sentences() => Assert.All(All.Value, x =>
    {
        var taught = Late.Rungs.TakeWhile(r => r != x.Rung).Append(x.Rung).SelectMany(r => r.Adds).ToHashSet();
        var shown = In(x.Lesson, Activity.ReadSentences, Activity.ReadStory, Activity.WriteSentence, Activity.MendSentence, Activity.FillGap);
        Assert.All(shown, i => Assert.True(PrintGates.In(i.Text).All(p => taught.Contains(p) || Late.Rungs.All(r => !r.Adds.Contains(p))), $"{x.Rung.Label}: {i.Text}"));
        Assert.True(Late.PlaceOf(x.Rung.Id) < 4 || In(x.Lesson, Activity.ReadSentences, Activity.ReadStory).Count > 0, $"{x.Rung.Label} reads nothing");
        Assert.Empty(LessonCheck.Illegal(x.Lesson, x.Brief.Standing.Taught));
    });

    [Fact]
    public void The_day_of_a_capital_or_a_mark_is_about_it() => Assert.All(Days, x =>
    {
        Assert.Equal(LessonKind.Print, x.Lesson.Kind);
        Assert.Equal(ShapeKind.Print, x.Brief.ShapeKind);
        Assert.Contains(DayPoint.Of(x.Lesson, World.Notes, x.Brief.Stock, []), p => p.Written is { Length: > 0 });
        Assert.All(PartTeaching.Of(x.Lesson, World.Notes, x.Brief.Stock, x.Brief.Standing.Things), p => Assert.True(p.Place.Length > 0 || p.Write is { Length: > 0 }, p.Part.Label));
        var met = string.Concat(In(x.Lesson, Activity.Meet).Select(i => i.Text));
        Assert.All(x.Rung.Adds, a => Assert.Contains(a.Mark?.Sign ?? a.Key, met, StringComparison.Ordinal));
        var print = x.Rung.Adds.ToHashSet();
        var texts = In(x.Lesson, Activity.ReadSentences, Activity.WriteSentence, Activity.MendSentence);
        // Two capitals and no stop yet: hardly a caption has them.
        Assert.True(texts.Count(i => SentenceToMend.CountIn(i.Text, print) > 0) >= (x.Rung.Label == "capitals T S" ? 1 : 4), $"{x.Rung.Label}: {string.Join(" / ", texts.Select(i => i.Text))}");
        Assert.InRange(x.Lesson.Blocks.Sum(b => b.Seconds), 22 * 60, 28 * 60);
    });

    [Fact]
    public void A_sentence_to_mend_lacks_todays_signs_alone_and_of_marks_that_end_one_another_is_wanted_now_and_then()
    {
        Assert.All(Days, x =>
        {
            var items = In(x.Lesson, Activity.MendSentence);
            Assert.All(items, i =>
            {
                Assert.NotEqual(i.Text, i.Heading);
                Assert.Equal(SentenceBank.WordsOf(i.Text).Select(w => w.ToLowerInvariant()), SentenceBank.WordsOf(i.Heading).Select(w => w.ToLowerInvariant()));
            });
            Assert.True(items.Count is 0 or >= 3);
        });
        var asking = All.Value.Single(x => x.Rung.Label.StartsWith("question mark", StringComparison.Ordinal));
        var mend = In(asking.Lesson, Activity.MendSentence);
        Assert.Contains(mend, x => x.Text.EndsWith('?') || x.Text.EndsWith('!'));
        Assert.Contains(mend, x => x.Text.EndsWith('.'));
        Assert.All(mend, x => Assert.DoesNotContain(x.Heading[^1], "?!."));
    }

    [Fact]
    public void A_sentence_is_refused_for_a_mark_that_waits_for_its_rung_and_goes_in_when_the_adult_says_so()
    {
        var before = BriefAt(Late.Rungs.ToList().FindIndex(x => x.Label == "stop"));
        var judge = new Judge(before.Standing.Taught);
        Assert.Equal(["stop"], TypedText.Refused("Sam sat.", judge, false).Select(x => x.Word));
        Assert.Equal(["B", "stop"], TypedText.Refused("Ben sat.", judge, false).Select(x => x.Word));
        Assert.Empty(TypedText.Refused("Ben sat.", judge, true));
        Assert.Empty(TypedText.Refused("Sam", judge, false));

        // The word I is a word.
        Assert.Empty(new PrintGates(Late).Missing("I sit", new HashSet<Teachable>()));
        Assert.Equal(13, new Unlocking(Late, Stock.Value.Rules).PlaceOf(new Part(PartKind.Print, "^stop")));
    }

    [Fact]
    public void A_sentence_to_mend_keeps_the_word_I_and_says_all_that_it_lacks()
    {
        var all = Enumerable.Range('A', 26).Select(x => Teachable.OfCapital((char)x)).Append(Teachable.Of(PunctuationMark.All[0])).ToHashSet();
        var item = new LessonItem { Id = "i1", Kind = ItemKind.Sentence, Text = "I am Ian.", Heading = PrintGates.Without("I am Ian.", all) };
        Assert.Equal(("I am ian", "I ."), (item.Heading, SentenceToMend.Missing(item)));
    }

    [Fact]
    public void A_ladder_without_such_rungs_reads_every_sentence_as_it_comes() =>
        Assert.Empty(World.South.Rules.Print.Missing("\"Who, me?\" said Ben!", new HashSet<Teachable>()));

    [Fact]
    public void Capitals_and_marks_open_no_words_so_their_rungs_are_never_thin_and_pass_when_they_were_taught()
    {
        var figures = RungMap.Of(new Unlocking(Late, Stock.Value.Rules));
        Assert.All(Days, x => Assert.Equal(Thinness.Enough, figures[Late.PlaceOf(x.Rung.Id)].Thin));
        var standing = World.StandingOf(Late, World.LogOf(Late.Rungs.Take(14)), Stock.Value.Rules);
        Assert.True(standing.Passed(Late.Rungs[12]));
        Assert.False(standing.Passed(Late.Rungs[16]));
        Assert.Equal(("capitals T S", "24 capitals", "question mark, exclamation mark"), (Late.Rungs[12].Label, Late.Rungs[16].Label, Late.Rungs[19].Label));
    }

    [Fact]
    public void The_schools_own_words_are_those_that_children_listen_to()
    {
        var place = Late.Rungs.ToList().FindIndex(x => x.Label.StartsWith("sh", StringComparison.Ordinal));
        var rung = Late.Rungs[place] with { Adds = [Late.Rungs[place].Adds[0]], ListeningWords = ["shoe", "Shabnam", "bush", "seal"] };
        var brief = new LessonBrief(
            Stock.Value, World.StandingOf(Late, World.LogOf(Late.Rungs.Take(place)), Stock.Value.Rules), ClassConventions.Usual, World.Year.SchoolDays[place], rung, 25, 5);
        var heard = In(LessonComposer.Compose(brief), Activity.Listening);
        Assert.Superset(new HashSet<string>(rung.ListeningWords), heard.Select(x => x.Text).ToHashSet());
        Assert.Equal(["Shabnam", "bush", "shoe"], heard.Where(x => x.Heading == "yes").Select(x => x.Text).Order(StringComparer.Ordinal));
        Assert.True(heard.Count(x => x.Heading == "no") * 3 >= heard.Count);
    }
}
