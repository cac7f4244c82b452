namespace BoldLadder.Core.Choosing;

/// <summary>The stories that ship.</summary>
public sealed class StoryBank
{
    /// <summary>Source: a story is three to six short sentences; more is no small happening.</summary>
    public const int FewestSentences = 3, MostSentences = 7;

    private StoryBank(IReadOnlyList<Story> stories) => Stories = stories;

    public IReadOnlyList<Story> Stories { get; }

    /// <summary>The stories as an American school has them.</summary>
    public StoryBank In(Words.AmericanForms forms) => new(
        [.. Stories.Select(x => In(forms, x))]);

    /// <summary>How a story stands in a log, among words and sentences.</summary>
    public static string LogKey(string title) => $"story: {title}";

    /// <summary>
    /// Reads data/stories.txt: <c>= title</c>, a line of sentences, <c>? find</c> and <c>! talk</c>; an empty line ends a story and
    /// <c>#</c> is a note. A line <c>~ wind=w:w i:i n:n d:d</c> gives a word with several readings the one that is meant.
    /// </summary>
    /// <exception cref="FormatException">A story lacks one of its lines, has too few sentences, or a title stands twice.</exception>
    public static StoryBank Parse(string text)
    {
        var stories = new List<Story>();
        foreach (var lines in BlocksOf(text))
        {
            var story = StoryOf(lines);
            if (stories.Exists(x => x.Title == story.Title))
            {
                throw new FormatException($"stories: '{story.Title}' stands twice");
            }

            stories.Add(story);
        }

        return new StoryBank(stories);
    }

    /// <summary>The lines of each block, notes left out.</summary>
    internal static IEnumerable<IReadOnlyList<string>> BlocksOf(string text) =>
        text.ReplaceLineEndings("\n").Split("\n\n").Select(x => x.Split('\n').Where(l => l.Length > 0 && l[0] != '#').ToList()).Where(x => x.Count > 0);

    /// <summary>The story of a block.</summary>
    /// <exception cref="FormatException">It lacks one of its lines, or has too few sentences.</exception>
    internal static Story StoryOf(IReadOnlyList<string> lines)
    {
        var body = lines.Where(x => x[0] is not ('=' or '?' or '!' or '~' or '@')).ToList();
        var ends = body.Sum(x => x.Count(c => c is '.' or '!' or '?'));
        return body.Count == 1 && ends >= FewestSentences
            ? new Story(LineOf(lines, "= "), Line(body[0], lines.Where(x => x[0] == '~').Select(x => SentenceBank.MeantIn(x[2..])).ToDictionary()), LineOf(lines, "? "), LineOf(lines, "! "))
            : throw new FormatException($"stories: '{lines[0]}' needs one line of at least {FewestSentences} sentences");
    }

    /// <summary>What follows a mark, in the one line that begins with it.</summary>
    /// <exception cref="FormatException">There is none, or more than one.</exception>
    internal static string LineOf(IReadOnlyList<string> lines, string mark) => lines.Where(x => x.StartsWith(mark, StringComparison.Ordinal)).ToList() is [{ Length: > 2 } line]
        ? line[2..] : throw new FormatException($"stories: '{lines[0]}' needs one line that begins with '{mark}'");

    /// <summary>A story as an American school has it.</summary>
    internal static Story In(Words.AmericanForms forms, Story x) => new(forms.In(x.Title), Line(forms.In(x.Text.Text), x.Text.Meant), forms.In(x.Find), forms.In(x.Talk));

    private static Sentence Line(string text, IReadOnlyDictionary<string, Words.Segmentation> meant) => new(text, SentenceBank.WordsOf(text), meant);
}
