using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Choosing;

/// <summary>The stories that one school draws on, each word of them looked up once.</summary>
public sealed class SchoolStories
{
    private readonly SchoolSentences _texts;
    private readonly Dictionary<Sentence, Story> _stories;

    public SchoolStories(WordRows rows, StoryBank bank)
    {
        _texts = new SchoolSentences(rows, bank.Stories.Select(x => x.Text));
        _stories = bank.Stories.ToDictionary(x => x.Text, ReferenceEqualityComparer.Instance as IEqualityComparer<Sentence>);
    }

    public IEnumerable<Story> All => _stories.Values;

    /// <summary>Whether a story has a word of which something is true.</summary>
    public bool Has(Story story, Predicate<SentenceWord> holds) => story.Text.Words.Any(x => holds(_texts.WordOf(x)));

    /// <summary>Stories of which every word can be read, with how often they hold the target and what was taught lately.</summary>
    public IEnumerable<GradedStory> Readable(Judge judge, Predicate<SentenceWord> isTarget, Predicate<SentenceWord> isLate, Predicate<SentenceWord>? may = null) =>
        _texts.Readable(judge, isTarget, isLate, may).Select(x => new GradedStory(_stories[x.Sentence], x.Targets, x.Late));
}
