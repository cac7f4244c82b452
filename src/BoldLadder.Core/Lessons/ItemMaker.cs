using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons;

/// <summary>Makes items with ids that are unique in their lesson.</summary>
public sealed class ItemMaker(WordStock stock, IEnumerable<string> usedIds)
{
    private readonly HashSet<string> _used = [.. usedIds];
    private int _last;

    public LessonItem Item(ItemKind kind, string text, string split, IReadOnlyList<Reason> reasons, string spoken = "") =>
        new() { Id = NextId(), Kind = kind, Text = text, Split = split, Reasons = reasons, Spoken = spoken };

    public LessonItem Word(string word, IReadOnlyList<Reason> reasons) =>
        Item(ItemKind.Word, Written(word), SplitOf(word), reasons, stock.Spoken.Find(word) ?? "");

    public LessonItem Tricky(string word, IReadOnlyList<Reason> reasons) =>
        Item(ItemKind.Tricky, Written(word), SplitOf(word), reasons, stock.Spoken.Find(word) ?? "");

    public LessonItem Listening(ListeningWord word) => Item(
        ItemKind.Listening, word.Word.Spelling, string.Join(' ', word.Apart), [Reason.Of(ReasonCode.SoundStands, word.Place)]);

    public LessonItem Sentence(GradedSentence sentence, params IReadOnlyList<Reason> why) => Item(ItemKind.Sentence, sentence.Sentence.Text, "", why);

    public LessonItem Story(GradedStory x) => Item(ItemKind.Story, x.Story.Text.Text, "", [Reason.Of(ReasonCode.StoryWithPart, $"{x.Targets}")]) with
    {
        Heading = x.Story.Title, Questions = [x.Story.Find, x.Story.Talk],
    };

    // The spelling with a capital where English has one.
    private string Written(string word) => stock.Words.Find(word)?.Word.Spelling ?? word;

    private string SplitOf(string word) => stock.Words.Find(word) is { Readings: [var reading, ..] } ? reading.ToString() : "";

    private string NextId()
    {
        do
        {
            _last++;
        }
        while (!_used.Add($"i{_last}"));
        return $"i{_last}";
    }
}
