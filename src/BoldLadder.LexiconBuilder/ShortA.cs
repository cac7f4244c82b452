using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.LexiconBuilder;

/// <summary>
/// The southern voice spreads the vowel of bath to words that never had it: <i>lanterns, fantasise, elastic</i>. Which words
/// have it is no rule of spelling, so the stems that have not are written down; see data/lexicon/short-a.txt.
/// </summary>
internal sealed class ShortA
{
    private static readonly Correspondence Long = Correspondence.Parse("a:ar"), Short = Correspondence.Parse("a:a");

    private readonly (string Text, int At, bool First, bool Last)[] _stems;

    private ShortA((string, int, bool, bool)[] stems) => _stems = stems;

    /// <exception cref="FormatException">A stem without its capital, or with two.</exception>
    public static ShortA Parse(string text) => new([.. LexiconText.Lines(text).SelectMany(x => x.Split(' ')).Select(Stem)]);

    /// <summary>A southern reading with a short a where a stem says so.</summary>
    public Segmentation In(Segmentation south)
    {
        var mended = south.Segments.Select(x => (x.Correspondence == Long && _stems.Any(s => Covers(s, south.Word, x.Start)) ? Short : x.Correspondence, x.DroppedE)).ToArray();
        return Segmentation.TryBuild(south.Word, mended, out var made, out _) ? made : south;
    }

    private static bool Covers((string Text, int At, bool First, bool Last) stem, string word, int at)
    {
        var from = at - stem.At;
        return from >= 0 && string.CompareOrdinal(word, from, stem.Text, 0, stem.Text.Length) == 0
            && (!stem.First || from == 0) && (!stem.Last || from + stem.Text.Length == word.Length);
    }

    private static (string, int, bool, bool) Stem(string written)
    {
        var text = written.Trim('^', '$');
        return text.Count(char.IsUpper) == 1
            ? (text.ToLowerInvariant(), text.IndexOf('A', StringComparison.Ordinal), written[0] == '^', written[^1] == '$')
            : throw new FormatException($"short-a, '{written}': one capital A marks the vowel");
    }
}
