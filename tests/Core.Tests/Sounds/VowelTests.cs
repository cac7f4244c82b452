using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Sounds;

public class VowelTests
{
    [Theory]
    [InlineData("a:a", true, true)]
    [InlineData("u:uu", true, true)]
    [InlineData("ea:e", true, false)]
    [InlineData("a:ar", false, false)]
    [InlineData("a:ai", false, false)]
    [InlineData("a:schwa", false, false)]
    public void A_short_vowel_is_a_sound_and_a_short_vowel_letter_one_letter_that_says_it(string key, bool sound, bool letter)
    {
        var correspondence = Correspondence.Parse(key);
        Assert.Equal(sound, Vowels.IsShortSound(correspondence.Sound));
        Assert.Equal(letter, Vowels.IsShort(correspondence));
    }

    [Theory]
    [InlineData('a', "ai", true)]
    [InlineData('y', "igh", true)]
    [InlineData('u', "y+oo", true)]
    [InlineData('u', "oo", true)]
    [InlineData('o', "oo", false)]
    [InlineData('b', "ee", false)]
    public void A_vowel_letter_has_its_name_for_a_sound(char letter, string sound, bool name) => Assert.Equal(name, Vowels.IsName(letter, sound));

    [Theory]
    [InlineData("k+s", "box")]
    [InlineData("schwa+l", "little")]
    [InlineData("sh", "ship")]
    [InlineData("m+n", "")]
    public void A_sound_has_an_example_of_the_whole_of_it(string key, string example)
    {
        Assert.True(Sound.TryParse(key, out var sound, out _));
        Assert.Equal(example, sound.Example);
    }
}
