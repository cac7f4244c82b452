using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>All that people have written for classes to read and to hear, as it ships.</summary>
public sealed record WrittenTexts(SentenceBank Sentences, SpokenSentences Spoken, StoryBank Stories, ToldStories Told, Riddles Riddles, SentenceFrames Frames, PictureWords Pictures)
{
    /// <param name="file">The text of a file in the folder of data, by its name.</param>
    /// <exception cref="FormatException">A file is not as docs/formats.md says.</exception>
    public static WrittenTexts Parse(Func<string, string> file) => new(
        SentenceBank.Parse(file("sentences.txt")), SpokenSentences.Parse(file("spoken.tsv")), StoryBank.Parse(file("stories.txt")), ToldStories.Parse(file("told.txt")), Riddles.Parse(file("riddles.tsv")),
        SentenceFrames.Parse(file("frames/frames.txt"), file("frames/words.txt")), PictureWords.Parse(file("pictures.tsv")));

    /// <summary>The same as an American school has it.</summary>
    public WrittenTexts In(AmericanForms forms) => new(Sentences.In(forms), Spoken.In(forms), Stories.In(forms), Told.In(forms), Riddles.In(forms), Frames.In(forms), Pictures);

    /// <summary>With what a school says of its own words.</summary>
    public WrittenTexts With(IEnumerable<OwnWord> own) => this with { Spoken = Spoken.With(own) };
}
