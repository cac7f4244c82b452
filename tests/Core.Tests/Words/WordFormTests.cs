using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Words;

public class WordFormTests
{
    private static readonly SchoolWords South = World.WithForms(Accent.SouthernBritish);

    [Theory]
    [InlineData("baker's", "b:b a_e-:ai k:k er:schwa s:z")]
    [InlineData("cat's", "c:k a:a t:t s:s")]
    [InlineData("bakers'", "b:b a_e-:ai k:k er:schwa s:z")]
    [InlineData("fox's", "f:f o:o x:k+s s:z")]
    [InlineData("mum'll", "m:m u:u m:m ll:schwa+l")]
    [InlineData("merry-go-round", "m:m e:e rr:r y:ee g:g o:oa r:r ou:ow n:n d:d")]
    [InlineData("stubbly", "s:s t:t u:u bb:b l:l y:ee")]
    [InlineData("toolshed", "t:t oo:oo l:l sh:sh e:e d:d")]
    public void A_form_is_split_as_what_it_is_made_of(string word, string split)
    {
        var form = South.Forms.Find(word)!;
        Assert.Equal(split, form.Readings[0].ToString());
        Assert.Null(South.FindWord(word));
    }

    [Theory]
    [InlineData("don't", "d:d o:oa n:n t:t")]
    [InlineData("they're", "th:dh eyre:air")]
    [InlineData("I'm", "i:igh m:m")]
    public void A_contraction_is_in_the_list_with_its_split(string word, string split) => Assert.Equal(split, South.Find(word)!.Readings[0].ToString());

    [Fact]
    public void The_letters_of_a_spelling_round_an_apostrophe_are_told_apart_from_it() =>
        Assert.Equal([2, 3, 5, 6], South.Find("they're")!.Readings[0].Segments[1].Letters);

    [Theory]
    [InlineData("blorping")]
    [InlineData("gribs")]
    [InlineData("zib-zob")]
    [InlineData("zib's")]
    [InlineData("pinsat")]
    public void What_is_no_real_word_is_left_to_a_guess(string word) => Assert.Null(South.Forms.Find(word));

    [Fact]
    public void A_form_of_what_is_never_shown_is_never_shown()
    {
        var judge = World.JudgeOf(new ReadingRules(new WordRows(South), Core.Conventions.WeakVowels.Lenient, null), "sh:sh i:i t:t s:s");
        Assert.Equal(VerdictKind.Unsuitable, judge.Of("shit's").Kind);
    }

    [Fact]
    public void A_form_is_read_once_its_parts_are_taught_and_names_what_it_lacks()
    {
        var rules = new ReadingRules(new WordRows(South), Core.Conventions.WeakVowels.Lenient, null);
        Assert.Equal(VerdictKind.Readable, World.JudgeOf(rules, "c:k a:a t:t s:s").Of("cat's").Kind);
        Assert.Equal(["s:s"], World.JudgeOf(rules, "c:k a:a t:t").Of("cat's").Blockers.Select(x => x.Shown));
        Assert.Equal(VerdictKind.Unknown, World.JudgeOf(rules, "c:k a:a t:t").Of("zat's").Kind);
    }

    [Fact]
    public void A_as_a_word_is_read_by_its_letter_unless_a_school_says_otherwise()
    {
        var rows = new WordRows(South);
        Assert.Equal(VerdictKind.Readable, World.JudgeOf(new ReadingRules(rows, Core.Conventions.WeakVowels.Strict, null), "a:a").Of("a").Kind);
        Assert.Equal(VerdictKind.NotYet, World.JudgeOf(new ReadingRules(rows, Core.Conventions.WeakVowels.Strict, null, shortA: false), "a:a").Of("a").Kind);
        Assert.Equal(VerdictKind.NotYet, World.JudgeOf(new ReadingRules(rows, Core.Conventions.WeakVowels.Strict, null), "s:s").Of("a").Kind);
    }

    /// <summary>Prose of a kind that classes are read to, written for this test.</summary>
    [Fact]
    public void Hardly_a_word_of_a_story_for_children_is_unknown()
    {
        const string Story = """
            Grandpa's toolshed wasn't much to look at. It leaned like a tired old sailor, and blackberries had climbed right through its broken window.
            But Nadia loved it. She'd crouched behind its crooked door on rainy mornings, listening to the drops drip-dripping from the gutter, and she
            whispered secrets to the earwigs. "Don't touch the paintbrushes," Grandpa always grumbled, and he'd wink. One blustery Wednesday a ginger kitten
            squeezed underneath. It was soaked, shivering and absolutely furious. Nadia giggled. She whisked off her scarf, wrapped the creature's muddy
            paws and carried it indoors. "He's hungrier than a wolf," laughed Grandpa. They warmed some milk, crumbled in a currant bun and watched the
            kitten's whiskers twitch. Afterwards it snuggled into the bottommost drawer, among the doorknobs and the leftover string, and fell asleep.
            "We can't keep him, I suppose?" Nadia mumbled. Grandpa scratched his stubbly chin. "Somebody's got to guard the toolshed," he said.
            """;
        foreach (var accent in Accent.All)
        {
            var words = World.WithForms(accent);
            var running = Core.Choosing.SentenceBank.WordsOf(Story).Where(x => x is not "Nadia").ToList();
            var unknown = running.Where(x => words.Find(x) is not { Readings.Count: > 0 } && words.Forms.Find(x) is null).ToList();
            Assert.True(unknown.Count <= running.Count / 200, $"{accent}: {string.Join(' ', unknown)}");
        }
    }
}
