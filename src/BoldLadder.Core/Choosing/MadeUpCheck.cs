using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>What can be said of a made-up word, worst last: a worse one outranks a better.</summary>
public enum MadeUpVerdict
{
    Ok,

    /// <summary>English would not spell or sound so, or it needs what is not taught.</summary>
    Illegal,

    /// <summary>It sounds like a real word in the accent, read in some usual way.</summary>
    SoundsReal,

    /// <summary>It is a real word or a name.</summary>
    Real,

    /// <summary>Rude, or it sounds so.</summary>
    Unsafe,
}

/// <summary>A verdict on a made-up word with its reason.</summary>
/// <param name="Reason">A sentence for the adult.</param>
/// <param name="Like">The real word it is or sounds like; never a rude one.</param>
/// <param name="Reading">How children would read it; null when it can't be read.</param>
public sealed record MadeUpJudgement(string Word, MadeUpVerdict Verdict, string Reason, string? Like, Segmentation? Reading);

/// <summary>
/// Proves that a made-up word is none: over every plausible reading it is not rude, not real, does not sound like a real
/// word in the accent, and breaks no pattern of English spelling.
/// </summary>
public sealed class MadeUpCheck
{
    /// <summary>Most letters of a made-up word: the large list goes no further.</summary>
    public const int MostLetters = 10;

    private readonly SchoolWords _words;
    private readonly CorrespondenceTable _table;
    private readonly RealWords _real;
    private readonly SoundIndex _sounds;
    private readonly byte[] _canonical;
    private readonly Lazy<MadeUpLaw> _law;

    public MadeUpCheck(SchoolWords words, CorrespondenceTable table, RealWords real, IReadOnlySet<string>? switchedMerges = null)
    {
        _words = words;
        _table = table;
        _real = real;
        _canonical = words.Accent.Canonical(switchedMerges);

        // Some children of an accent hear cot and caught as one: a word that sounds real to any of them is not made up.
        _sounds = real.BySound(words, words.Accent.LooselyCanonical());
        _law = new Lazy<MadeUpLaw>(() => new MadeUpLaw(words));
    }

    public MadeUpLaw Law => _law.Value;

    /// <param name="taught">What children know, or null when any spelling may be used.</param>
    public MadeUpJudgement Of(string word, IReadOnlySet<Correspondence>? taught = null)
    {
        word = word.ToLowerInvariant();
        if (_real.UnsafeIn(word) is not null || _words.FindWord(word) is { Suitability: Suitability.Unsuitable })
        {
            return new MadeUpJudgement(word, MadeUpVerdict.Unsafe, "It is not fit to be shown to children.", null, null);
        }

        var readings = word.Length is > 1 and <= MostLetters ? PlausibleReadings.Of(word, _table, taught) : [];
        var heard = readings.Select(x => _sounds.Find(x.Phonemes)).OfType<(string Word, bool Unsafe)>().ToList();
        if (heard.Any(x => x.Unsafe))
        {
            return new MadeUpJudgement(word, MadeUpVerdict.Unsafe, "Said aloud it is not fit for children.", null, null);
        }

        if (_real.IsSpelling(word) || _words.FindWord(word) is not null)
        {
            return new MadeUpJudgement(word, MadeUpVerdict.Real, $"{word} is a real word or a name.", word, readings.Count > 0 ? readings[0] : null);
        }

        if (heard.Count > 0)
        {
            // Kow is like cow before it is like ko.
            var like = heard.Select(x => x.Word).FirstOrDefault(x => _words.FindWord(x) is not null) ?? heard[0].Word;
            return new MadeUpJudgement(word, MadeUpVerdict.SoundsReal, $"It can be read so that it sounds like {like}.", like, readings[0]);
        }

        // The letters are cut as a reader would cut them: sh is not read as s and h where sh is not taught.
        var known = taught is null ? readings
            : [.. readings.Where(x => Graphemes(x).SequenceEqual(Graphemes(readings[0])) && x.Segments.All(s => Knows(taught, s.Correspondence)))];
        var reading = known.Count > 0 ? known[0] : null;
        if (reading is null)
        {
            return new MadeUpJudgement(word, MadeUpVerdict.Illegal, Unreadable(word, readings, taught), null, readings.Count > 0 ? readings[0] : null);
        }

        return Law.Broken(reading, taught) is { } broken
            ? new MadeUpJudgement(word, MadeUpVerdict.Illegal, $"{char.ToUpperInvariant(broken[0])}{broken[1..]}.", null, reading)
            : new MadeUpJudgement(word, MadeUpVerdict.Ok, "It is spelt as English spells, and is no word.", null, reading);
    }

    /// <summary>True when in some plausible reading it sounds like a rarer name: not wrong, but not made on purpose.</summary>
    internal bool SoundsLikeName(string word, IReadOnlySet<Correspondence>? taught) =>
        PlausibleReadings.Of(word, _table, taught).Any(x => _sounds.IsName(x.Phonemes));

    private bool Knows(IReadOnlySet<Correspondence> taught, Correspondence needed) => taught.Contains(needed)
        || taught.Any(x => x.Grapheme == needed.Grapheme && Heard(x.Sound) == Heard(needed.Sound));

    private static IEnumerable<Grapheme> Graphemes(Segmentation reading) => reading.Segments.Select(x => x.Correspondence.Grapheme);

    private string Heard(Sound sound) => SoundCode.Heard(SoundCode.Of(sound.Phonemes), _canonical);

    private string Unreadable(string word, IReadOnlyList<Segmentation> readings, IReadOnlySet<Correspondence>? taught)
    {
        if (word.Length is < 2 or > MostLetters)
        {
            return $"A made-up word has 2 to {MostLetters} letters.";
        }

        var lacking = readings.Count == 0 || taught is null ? null
            : readings[0].Segments.Select(x => x.Correspondence).FirstOrDefault(x => !Knows(taught, x)).Key;
        return lacking is null ? "English would not spell so." : $"It needs {lacking}, which is not taught.";
    }
}
