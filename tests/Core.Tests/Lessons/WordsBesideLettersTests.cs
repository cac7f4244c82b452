using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Many schools teach a tricky word on the day of a letter: the day is about the letter, and the word is met too.</summary>
public sealed class WordsBesideLettersTests
{
    // Before so many rungs hardly a sentence can be read.
    private const int Opening = 10;

    [Fact]
    public void Where_a_tricky_word_comes_beside_letters_the_sentences_are_about_the_letters_and_the_word_is_in_one()
    {
        var ladder = World.LadderOf("a:a b:b c:k ck:k d:d e:e f:f g:g h:h i:i l:l m:m n:n o:o p:p r:r s:s t:t u:u !the sh:sh+!is j:j");
        var (place, met) = (ladder.Rungs.ToList().FindIndex(x => x.Label.StartsWith("sh", StringComparison.Ordinal)), 0);
        for (var seed = 1UL; seed <= 8; seed++)
        {
            var brief = World.BriefAt(ladder, World.South, place, seed);
            var practised = PractisedWords.Of(World.South, brief.Judge, brief.Targets);
            var texts = LessonComposer.Compose(brief).Items.Where(x => x.Kind is ItemKind.Story or ItemKind.Sentence).Select(x => SentenceBank.WordsOf(x.Text)).ToList();
            Assert.Contains(texts, x => x.Contains("is"));
            Assert.True(3 * texts.Count(x => x.Any(w => practised.Includes(new SentenceWord(w.ToLowerInvariant(), World.South.Words.FindWord(w), null)))) >= 2 * texts.Count, string.Join(" / ", texts.Select(x => string.Join(' ', x))));
            met += texts.Count;
        }

        Assert.True(met > 15, $"{met}");
    }

    [Theory]
    [InlineData("units", 85)]
    [InlineData("weeks", 90)]
    public void On_an_order_with_words_beside_letters_texts_are_about_the_letters_and_hold_the_words(string order, int stories)
    {
        var ladder = World.Order(order);
        var stock = World.Stock(ladder, Core.Sounds.Accent.SouthernBritish);
        var (days, withStory, texts, onPoint, words, met, unmet) = (0, 0, 0, 0, 0, 0, new List<string>());
        for (var place = Opening; place < ladder.Rungs.Count; place++)
        {
            var rung = ladder.Rungs[place];
            if (rung.TrickyWords.Count == 0)
            {
                continue;
            }

            var brief = World.BriefAt(ladder, stock, place, (ulong)place);
            var lesson = LessonComposer.Compose(brief);
            var practised = PractisedWords.Of(stock, brief.Judge, brief.Targets);
            List<IReadOnlyList<string>> read = [.. lesson.Items.Where(x => x.Kind is ItemKind.Story or ItemKind.Sentence).Select(x => SentenceBank.WordsOf(x.Text.ToLowerInvariant()))];
            var tricky = rung.TrickyWords.Select(x => x.ToLowerInvariant()).ToHashSet();
            (days, withStory) = (days + 1, withStory + (lesson.Items.Any(x => x.Kind == ItemKind.Story) ? 1 : 0));
            (texts, onPoint) = (texts + read.Count, onPoint + read.Count(x => x.Any(w => practised.Includes(new SentenceWord(w, stock.Words.FindWord(w), null)))));
            words++;
            if (read.Any(x => x.Any(tricky.Contains)))
            {
                met++;
            }
            else
            {
                unmet.Add(rung.Label);
            }

            Assert.True(Math.Abs(lesson.Seconds - 1500) <= 150, $"{rung.Label}: {lesson.Seconds} s: {string.Join(", ", lesson.Blocks.Select(x => $"{x.Activity} {x.Seconds}"))}");
        }

        Assert.True(days > 10, $"{days}");
        Assert.True(withStory * 100 >= days * stories, $"stories {withStory} of {days}");
        Assert.True(onPoint * 3 >= texts * 2, $"on the letters {onPoint} of {texts}");
        Assert.True(met * 20 >= words * 19, $"words not met: {string.Join("; ", unmet)}");
    }
}
