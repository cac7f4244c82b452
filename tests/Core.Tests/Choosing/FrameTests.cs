using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Choosing;

/// <summary>Where what people have written runs dry, sentences are made of frames and tagged words: for an adult to read, never for a lesson by themselves.</summary>
public class FrameTests
{
    private static readonly SentenceFrames Frames = World.Written.Frames;

    private static RungSentences At(WordStock stock, Ladder ladder, int place) => new(
        stock, new TaughtSet(stock.Rules, [], []).With(ladder.Rungs.Take(place)), ladder.Rungs[place], ladder.SectionAt(place).Shape.For(ladder.Rungs[place].Adds));

    [Fact]
    public void There_are_nine_hundred_tagged_words_each_in_the_lexicon_and_fit_for_a_class_and_no_class_stands_idle()
    {
        var words = Frames.Classes.SelectMany(x => x.Value).Distinct().ToList();
        Assert.True(words.Count >= 900, $"{words.Count}");
        Assert.All(words, x => Assert.True(World.South.Words.FindWord(x) is { Suitability: Suitability.Fine }, x));
        Assert.All(Frames.Classes, x => Assert.True(x.Value.Count == x.Value.Distinct().Count() && Frames.Frames.Any(f => f.Contains($"{{{x.Key}}}", StringComparison.Ordinal)), x.Key));
        Assert.Equal(Frames.Frames.Count(), Frames.Frames.Distinct().Count());
        Assert.Throws<FormatException>(() => SentenceFrames.Parse("The {cat} sat.", "dog\tpug"));
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void What_is_made_for_a_rung_can_be_read_there_has_what_it_teaches_and_is_new(bool american)
    {
        var (ladder, stock) = american ? (World.Ridge, World.Us) : (World.Estuary, World.South);
        var shipped = stock.Sentences.All.Select(x => x.Text).ToHashSet();
        var full = 0;
        for (var place = 5; place < ladder.Rungs.Count; place++)
        {
            var rung = ladder.Rungs[place];
            var judge = new Judge(new TaughtSet(stock.Rules, [], []).With(ladder.Rungs.Take(place + 1)));
            var holds = new HeldParts(stock).Holding(rung.Adds);
            var made = At(stock, ladder, place).Made(24, 7);
            full += made.Count >= 6 ? 1 : 0;
            Assert.Equal(made.Count, made.Select(x => x.Text).Distinct().Count());
            Assert.All(made, x =>
            {
                Assert.True(x.IsReadable(judge), $"{rung.Label}: {x.Text}");
                Assert.DoesNotContain(x.Text, shipped);
                Assert.Contains(x.Words, w => rung.TrickyWords.Contains(w, StringComparer.OrdinalIgnoreCase) || (stock.Words.FindWord(w) is { } word && holds(word)));
                Assert.True(char.IsAsciiLetterUpper(x.Text[0]) && x.Text[^1] is '.' or '?' or '!', x.Text);
            });
        }

        // Rungs on which nothing is new, and letters that few words have, are the others.
        Assert.True(full >= ladder.Rungs.Count / 2, $"{full} of {ladder.Rungs.Count}");
    }

    [Fact]
    public void An_becomes_a_by_ear_and_no_word_stands_twice()
    {
        var everything = new Judge(TaughtSet.Everything(World.South.Rules));
        var made = Enumerable.Range(0, 12).SelectMany(x => Frames.Made(World.South, everything, new WordShape(12, 4, 5), _ => true, new Dice((ulong)x), 60, new HashSet<string>())).ToList();
        Assert.True(made.Count > 400);
        Assert.Contains(made, x => x.Text.Contains(" an ", StringComparison.Ordinal));
        Assert.All(made, x =>
        {
            var words = x.Words.ToList();
            Assert.All(words.Zip(words.Skip(1)).Where(p => p.First is "a" or "A" or "an" or "An"), p => Assert.Equal(
                World.South.Words.Find(p.Second)!.Readings[0].Segments[0].Correspondence.Sound.First.IsVowel, p.First.Length == 2));
            Assert.True(words.Where(w => w.Length > 3 && !Frames.Frames.Any(f => f.Contains(w, StringComparison.Ordinal))).GroupBy(w => w).All(g => g.Count() == 1), x.Text);
        });
        Assert.Equal(made.Take(20).Select(x => x.Text), Frames.Made(World.South, everything, new WordShape(12, 4, 5), _ => true, new Dice(0), 60, new HashSet<string>()).Take(20).Select(x => x.Text));
    }

    [Fact]
    public void What_a_school_has_taken_comes_before_the_others_and_the_other_schools_have_none_of_it()
    {
        var place = World.Estuary.PlaceOf("ea-ee");
        var own = World.South.With(["Dean had a peach for tea."]);
        Assert.Equal("Dean had a peach for tea.", At(own, World.Estuary, place).Readable()[0].Sentence.Text);
        Assert.DoesNotContain(At(World.South, World.Estuary, place).Readable(), x => x.Sentence.Text == "Dean had a peach for tea.");
        Assert.Same(World.South.Offered, own.Offered);
        Assert.DoesNotContain(At(own, World.Estuary, place - 5).Readable(), x => x.Sentence.Text.StartsWith("Dean", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("Cat.", "2 to 25 words")]
    [InlineData("The zorb is wet.", "“zorb” is in no list")]
    [InlineData("The саt sat.", "a to z")]
    [InlineData("", "2 to 25 words")]
    public void A_sentence_of_ones_own_is_refused_with_what_to_do(string text, string says)
    {
        Assert.Null(OwnSentence.TryRead(text, World.Gate, World.South.Words, out var problem));
        Assert.Contains(says, problem, StringComparison.Ordinal);
        Assert.Equal("The cat sat.", OwnSentence.TryRead("  The cat sat. ", World.Gate, World.South.Words, out _));
    }
}
