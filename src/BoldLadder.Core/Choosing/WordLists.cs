using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word of a list with why it is in it.</summary>
public sealed record ListedWord(OfferedWord Offered, IReadOnlyList<Reason> Reasons)
{
    public LexiconWord Word => Offered.Word;
}

/// <summary>Words that belong together, with what they share.</summary>
public sealed record WordFamily(string Shared, IReadOnlyList<ListedWord> Words);

/// <summary>
/// The lists that lessons are made from: by number of sounds, by the place of a sound, without a sound, by rhyme, by the
/// spellings of one sound, by the sound of an ending. All draw on the words that may be offered, so nothing sensitive or
/// unsuitable is in any of them.
/// </summary>
public sealed class WordLists(WordStock stock)
{
    private readonly WordRows _rows = stock.Rules.Rows;

    /// <summary>Words that fit the brief, commonest first.</summary>
    public IEnumerable<ListedWord> Words(ListBrief brief) =>
        from word in Candidates(brief)
        let at = IndexOf(word, brief)
        where brief.Without ? at < 0 : at >= 0
        select new ListedWord(word, Why(word, at, brief));

    /// <summary>
    /// Rhyming families: words that sound the same from the last strong vowel on, largest family first.
    /// </summary>
    /// <param name="spelledAlike">Keep families apart by the spelling of what rhymes: <i>-ain</i> from <i>-ane</i>.</param>
    public IEnumerable<WordFamily> Rhymes(ListBrief brief, bool spelledAlike, int fewest = 3) => Words(brief)
        .Where(x => x.Word.Ended is null && !x.Offered.IsRimeWhole)
        .GroupBy(x => spelledAlike ? $"{x.Offered.Rime}{x.Offered.RimeLetters}" : x.Offered.Rime)
        .Select(x => new WordFamily(x.First().Offered.RimeLetters, [.. x.Select(w => w with { Reasons = [Reason.Of(ReasonCode.RhymesWith, x.First().Word.Spelling)] })]))
        .Where(x => x.Words.Count >= fewest)
        .OrderByDescending(x => x.Words.Count);

    /// <summary>Words with one sound, side by side by how it is spelt, the most used spelling first.</summary>
    public IEnumerable<WordFamily> BySpelling(ListBrief brief) => Words(brief)
        .GroupBy(x => x.Offered.Reading.Segments[IndexOf(x.Offered, brief)].Correspondence.Grapheme.Text)
        .Select(x => new WordFamily(x.Key, [.. x.Select(w => w with { Reasons = [Reason.Of(ReasonCode.SpeltWith, x.Key)] })]))
        .OrderByDescending(x => x.Words.Count);

    /// <summary>Words with an ending, sorted by how it sounds: <i>-ed</i> as in jumped, played and wanted.</summary>
    /// <param name="ending">Without a hyphen; <c>s</c> takes <c>es</c> with it.</param>
    public IEnumerable<WordFamily> ByEndingSound(ListBrief brief, string ending) => Words(brief with { Sound = null, Grapheme = null })
        .Where(x => x.Word.Ended is { } ended && ended.Taught == Endings.AsTaught(ending))
        .GroupBy(x => EndingSound(x.Offered))
        .Select(x => new WordFamily(x.Key, [.. x.Select(w => w with { Reasons = [Reason.Of(ReasonCode.EndingSounds, w.Word.Ended!.Value.Ending, x.Key)] })]))
        .OrderByDescending(x => x.Words.Count);

    internal IEnumerable<OfferedWord> Candidates(ListBrief brief)
    {
        foreach (var word in stock.Offered)
        {
            var boxes = word.Reading.Segments.Count;
            if (boxes >= brief.FewestSounds && boxes <= brief.MostSounds
                && (brief.Judge is not { } judge || _rows.CoveredWay(word.Row, judge.Taught.Bits) >= 0)
                && (brief.Shape is not { } shape || _rows.Fits(word.Row, shape)))
            {
                yield return word;
            }
        }
    }

    private int IndexOf(OfferedWord word, ListBrief brief)
    {
        var segments = word.Reading.Segments;
        for (var i = 0; i < segments.Count; i++)
        {
            var at = segments[i].Correspondence;
            if ((brief.Sound is not { } sound || stock.Rules.SameSound(at.Sound, sound))
                && (brief.Grapheme is not { } grapheme || at.Grapheme == grapheme)
                && brief.Place switch
                {
                    WantedPlace.First => i == 0,
                    WantedPlace.Last => i == segments.Count - 1,
                    WantedPlace.Inside => i > 0 && i < segments.Count - 1,
                    _ => true,
                })
            {
                return i;
            }
        }

        return -1;
    }

    private static IReadOnlyList<Reason> Why(OfferedWord word, int at, ListBrief brief)
    {
        var sounds = Reason.Of(ReasonCode.SoundCount, $"{word.Reading.SoundCount}");
        if (at < 0)
        {
            return [sounds, Reason.Of(ReasonCode.WithoutTheSound)];
        }

        return brief.Sound is null && brief.Grapheme is null ? [sounds]
            : [sounds, Reason.Of(ReasonCode.GraphemeStands, word.Reading.Segments[at].Correspondence.Grapheme.Text, word.Reading.PlaceOf(at))];
    }

    private static string EndingSound(OfferedWord word)
    {
        var from = word.Reading.Word.Length - word.Word.Ended!.Value.Ending.Length;
        var said = word.Reading.Segments.Where(x => x.Start >= from).SelectMany(x => x.Correspondence.Sound.Phonemes).Select(x => x.Key).ToList();
        return said.Count > 0 ? string.Join(' ', said) : word.Reading.Segments[^1].Correspondence.Sound.Key;
    }
}
