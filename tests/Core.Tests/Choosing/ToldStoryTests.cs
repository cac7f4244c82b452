using BoldLadder.Core.Choosing;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Choosing;

public class ToldStoryTests
{
    public static TheoryData<string> Accents => [.. Accent.All.Select(x => x.Id)];

    [Theory]
    [MemberData(nameof(Accents))]
    public void A_story_is_full_of_its_sound_as_the_class_says_it(string id)
    {
        var stock = StockOf(id);
        Assert.All(stock.Told.All, x =>
        {
            Assert.True(Sound.TryParse(x.Key, out var sound, out _));
            var readings = x.Value.Text.Words.Select(w => stock.Words.Find(w)?.Readings[0]).OfType<Segmentation>().ToList();
            var holding = readings.FindAll(r => r.Segments.Any(s => stock.Rules.SameSound(s.Correspondence.Sound, sound)));
            // Two sounds in one stand last as often as first.
            var begun = sound.First.IsVowel || sound.Second is not null ? holding : holding.FindAll(r => stock.Rules.SameSound(r.Segments[0].Correspondence.Sound, sound));
            Assert.True(begun.Count >= 10 && begun.Count * 7 >= readings.Count, $"{x.Key}: {begun.Count} of {readings.Count}: {string.Join(' ', begun.Select(r => string.Concat(r.Segments.Select(s => s.Correspondence.Grapheme.LeadingLetters))))}");
        });
    }

    [Theory]
    [MemberData(nameof(Accents))]
    public void Each_sound_that_a_letter_says_alone_has_one(string id)
    {
        var stock = StockOf(id);
        Assert.All("a:a b:b c:k d:d e:e f:f g:g h:h i:i j:j k:k l:l m:m n:n o:o p:p qu:k+w r:r s:s t:t u:u v:v w:w x:k+s y:y z:z sh:sh ch:ch th:th".Split(' '), x => Assert.NotNull(stock.Told.For(Correspondence.Parse(x).Sound)));
    }

    [Fact]
    public void It_is_a_small_story_of_words_that_children_know_by_ear() => Assert.All(World.Written.Told.All.Values, x =>
    {
        Assert.InRange(x.Text.Words.Count, 40, 80);
        Assert.EndsWith("?", x.Find, StringComparison.Ordinal);
        Assert.EndsWith("?", x.Talk, StringComparison.Ordinal);
        Assert.All(SentenceBank.WordsOf($"{x.Title} {x.Text.Text} {x.Find} {x.Talk}"), w => Assert.True(
            IsName(w) || World.South.Words.FindWord(w.Replace("'s", "", StringComparison.Ordinal)) is { Suitability: Suitability.Fine } || WithForms.Forms.Find(w.ToLowerInvariant()) is not null, $"{x.Title}: {w}"));
    });

    [Fact]
    public void An_American_class_hears_the_words_of_its_country() =>
        Assert.DoesNotContain(World.Us.Told.All.Values.SelectMany(x => x.Text.Words), x => World.Forms.NotUsed.Contains(x.ToLowerInvariant()));

    [Theory]
    [InlineData("= One\nA cat sat. It got up. It ran.\n? Who?\n! Why?", "'@ '")]
    [InlineData("@ qq\n= One\nA cat sat. It got up. It ran.\n? Who?\n! Why?", "qq")]
    [InlineData("@ k\n= One\nA cat sat. It got up.\n? Who?\n! Why?", "3 sentences")]
    [InlineData("@ k\n= One\nA cat. A dog. A hen.\n? Who?\n! Why?\n\n@ k\n= Two\nA pig. A cow. A hen.\n? Who?\n! Why?", "has two")]
    public void A_story_that_lacks_something_is_named(string text, string said) =>
        Assert.Contains(said, Assert.Throws<FormatException>(() => ToldStories.Parse(text)).Message, StringComparison.Ordinal);

    private static readonly SchoolWords WithForms = World.WithForms(Accent.SouthernBritish);

    // Names from everywhere need not stand in a word list.
    private static bool IsName(string word) => char.IsUpper(word[0]) && World.South.Words.FindWord(word) is null;

    private static WordStock StockOf(string accent) => World.Stock(null, Accent.All.Single(x => x.Id == accent));
}
