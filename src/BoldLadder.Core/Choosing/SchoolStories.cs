using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Choosing;

/// <summary>The stories that one school draws on, each word of them looked up once.</summary>
public sealed class SchoolStories
{
    private readonly SchoolSentences _texts;
    private readonly Dictionary<Sentence, Story> _stories;
    private readonly Dictionary<Sentence, int> _places;

    public SchoolStories(WordRows rows, StoryBank bank)
    {
        _texts = new SchoolSentences(rows, bank.Stories.Select(x => x.Text));
        IEqualityComparer<Sentence> itself = ReferenceEqualityComparer.Instance;
        _stories = bank.Stories.ToDictionary(x => x.Text, itself);
        _places = _texts.All.Index().ToDictionary(x => x.Item, x => x.Index, itself);
    }

    public IEnumerable<Story> All => _stories.Values;

    /// <summary>Counts the words of a story that are among those given.</summary>
    public Func<Story, int> Counting(PractisedWords words)
    {
        var count = _texts.Counting(words);
        return story => count(_places[story.Text]);
    }

    /// <summary>Stories of which every word can be read, with how often they hold the target and what was taught lately.</summary>
    public IEnumerable<GradedStory> Readable(Judge judge, PractisedWords targets, PractisedWords late, Predicate<SentenceWord>? may = null, Predicate<SentenceWord>? isLarge = null) =>
        _texts.Readable(judge, targets, late, may, isLarge).Select(x => new GradedStory(_stories[x.Sentence], x.Targets, x.Late, x.Large));
}
