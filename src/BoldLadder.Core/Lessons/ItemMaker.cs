using BoldLadder.Core.Choosing;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Lessons;

/// <summary>Makes items with ids that are unique in their lesson.</summary>
public sealed class ItemMaker(WordStock stock, IEnumerable<string> usedIds)
{
    private readonly HashSet<string> _used = [.. usedIds];
    private int _last;

    public LessonItem Item(ItemKind kind, string text, string split, string reason, string spoken = "") =>
        new() { Id = NextId(), Kind = kind, Text = text, Split = split, Reason = reason, Spoken = spoken };

    public LessonItem Word(string word, string reason) =>
        Item(ItemKind.Word, Written(word), SplitOf(word), reason, stock.Spoken.Find(word) ?? "");

    public LessonItem Tricky(string word, string reason) =>
        Item(ItemKind.Tricky, Written(word), SplitOf(word), reason, stock.Spoken.Find(word) ?? "");

    public LessonItem Listening(ListeningWord word) => Item(
        ItemKind.Listening, word.Word.Spelling, string.Join(' ', word.Apart), $"The sound is {word.Place} in it.");

    public LessonItem Sentence(GradedSentence sentence) => Item(
        ItemKind.Sentence, sentence.Sentence.Text, "", sentence.Targets switch
        {
            0 => "Every word in it can be read.",
            1 => "One word in it has today's part.",
            _ => $"{sentence.Targets} words in it have today's part.",
        });

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
