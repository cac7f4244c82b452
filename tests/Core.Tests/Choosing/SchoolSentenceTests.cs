using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Choosing;

/// <summary>Sentences graded quickly, against reading each word by word.</summary>
public class SchoolSentenceTests
{
    [Theory]
    [InlineData(12)]
    [InlineData(40)]
    [InlineData(75)]
    [InlineData(127)]
    public void A_sentence_is_offered_when_every_word_of_it_can_be_read_and_only_then(int place)
    {
        var judge = JudgeAt(place);
        var offered = World.South.Sentences.Readable(judge, PractisedWords.None, PractisedWords.None).Select(x => x.Sentence.Text).ToHashSet();
        Assert.NotEmpty(offered);
        Assert.All(World.South.Sentences.All, x => Assert.Equal(x.IsReadable(judge), offered.Contains(x.Text)));
    }

    [Fact]
    public void What_was_found_for_one_place_helps_at_the_next_and_misleads_at_none_before()
    {
        // Up, down below where it began, up again, and across to a class with other tricky words.
        foreach (var judge in new[] { JudgeAt(40), JudgeAt(75), JudgeAt(12), JudgeAt(76), new Judge(new TaughtSet(World.South.Rules, World.Estuary.Rungs.Take(76).SelectMany(x => x.Adds), ["was"])), JudgeAt(76) })
        {
            var offered = World.South.Sentences.Readable(judge, PractisedWords.None, PractisedWords.None).Select(x => x.Sentence.Text).ToHashSet();
            Assert.All(World.South.Sentences.All, x => Assert.Equal(x.IsReadable(judge), offered.Contains(x.Text)));
        }
    }

    [Fact]
    public void What_the_next_lesson_will_ask_is_found_beside_this_one_and_neither_is_looked_for_again()
    {
        var (once, now, next, looked) = (new FoundOnce<object>(), JudgeAt(40).Taught, JudgeAt(41).Taught, 0);
        foreach (var taught in new[] { now, next, now, next, now })
        {
            once.For(taught, _ => $"looked for {++looked} times");
        }

        Assert.Equal(2, looked);
    }

    [Fact]
    public void Words_with_the_target_are_counted_each_time_they_occur()
    {
        var judge = JudgeAt(60);
        var knock = World.South.Sentences.Readable(judge, PractisedWords.Named(new HashSet<string> { "run" }), PractisedWords.Named(new HashSet<string> { "the" })).Single(x => x.Sentence.Text.StartsWith("Run, run, the rat", StringComparison.Ordinal));
        Assert.Equal((2, 2), (knock.Targets, knock.Late));
    }

    [Fact]
    public void What_a_class_can_read_only_grows_as_the_line_moves_up()
    {
        var before = new HashSet<string>();
        for (var place = 10; place < World.Estuary.Rungs.Count; place += 13)
        {
            var now = World.South.Sentences.Readable(JudgeAt(place), PractisedWords.None, PractisedWords.None).Select(x => x.Sentence.Text).ToHashSet();
            Assert.Superset(before, now);
            Assert.True(now.Count >= before.Count);
            before = now;
        }

        Assert.True(before.Count > 3500, $"{before.Count}");
    }

    [Fact]
    public void From_the_second_section_on_every_teaching_rung_has_sentences_with_what_it_teaches()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            var few = new List<string>();
            for (var place = ladder.Sections[0].Rungs.Count; place < ladder.Rungs.Count; place++)
            {
                var rung = ladder.Rungs[place];
                if (rung.Correspondences.Count == 0)
                {
                    continue;
                }

                var judge = new Judge(new TaughtSet(stock.Rules, [], []).With(ladder.Rungs.Take(place + 1)));
                var count = stock.Sentences.Readable(judge, PractisedWords.Of(stock, judge, rung.Adds), PractisedWords.None).Count(x => x.Targets > 0);
                if (count < 4)
                {
                    few.Add($"{rung.Label} {count}");
                }
            }

            Assert.True(few.Count <= 3, string.Join(", ", few));
        }
    }

    [Fact]
    public void A_school_of_its_own_words_reads_sentences_with_them()
    {
        var own = OwnWord.TryRead("Zib", "z:z i:i b:b", "4-5", "Zib sat on a mat.", World.Lexicon.Find, World.Gate, out _)!;
        var stock = new WordStock(
            new ReadingRules(new WordRows(new SchoolWords(World.Lexicon, Core.Sounds.Accent.SouthernBritish, [own])), WeakVowels.Lenient, World.Estuary),
            World.Written.With([own]));
        var judge = new Judge(new TaughtSet(stock.Rules, [], []).With(World.Estuary.Rungs.Take(60)));
        Assert.Contains(stock.Sentences.Readable(judge, PractisedWords.None, PractisedWords.None), x => x.Sentence.Text == "Zib sat on a mat.");
        Assert.DoesNotContain(World.South.Sentences.All, x => x.Text == "Zib sat on a mat.");
    }

    [Fact]
    public void Whatever_letters_come_first_the_first_eight_make_sentences()
    {
        // Three of the consonants that most begin with, two of those that others do, and three vowels: each order by dice.
        var dice = new Dice(11);
        var few = new List<string>();
        for (var order = 0; order < Orders; order++)
        {
            var letters = dice.Mix("smtpnd").Take(3).Concat(dice.Mix("cghbrlf").Take(2)).Concat(dice.Mix("aeiou").Take(3)).ToList();
            var taught = string.Join(' ', letters.Select(x => x == 'c' ? "c:k" : $"{x}:{x}"));
            var judge = World.JudgeOf(World.South.Rules, taught, "I", "a", "the");
            var count = World.South.Sentences.Readable(judge, PractisedWords.None, PractisedWords.None).Count(x => char.IsAsciiLetterUpper(x.Sentence.Text[0]));
            if (count < 4)
            {
                few.Add($"{string.Concat(letters)} {count}");
            }
        }

        Assert.True(few.Count <= Orders / 10, string.Join(", ", few));
    }

    private const int Orders = 80;

    private static Judge JudgeAt(int place) => new(new TaughtSet(World.South.Rules, [], []).With(World.Estuary.Rungs.Take(place + 1)));
}
