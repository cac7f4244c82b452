using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>What can be said of a made-up word, worst last: a worse one outranks a better.</summary>
public enum MadeUpVerdict
{
    Ok,

    /// <summary>English would not spell or sound so, or it needs what is not taught.</summary>
    Illegal,

    /// <summary>It sounds like a word that somebody in the room knows, read in some likely way.</summary>
    SoundsReal,

    /// <summary>It is a real word or a name.</summary>
    Real,

    /// <summary>Rude, or it sounds so.</summary>
    Unsafe,
}

/// <summary>A verdict on a made-up word with its reason.</summary>
/// <param name="Like">The real word it is or sounds like; never a rude one.</param>
/// <param name="Reading">How children would read it; null when it can't be read.</param>
/// <param name="Notes">What there is to say of one that is good: a rare spelling, a rare word that sounds so.</param>
public sealed record MadeUpJudgement(
    string Word, MadeUpVerdict Verdict, Reason Reason, string? Like, Segmentation? Reading, IReadOnlyList<Reason> Notes)
{
    internal static MadeUpJudgement Refused(string word, MadeUpVerdict verdict, Reason reason, string? like = null, Segmentation? reading = null) =>
        new(word, verdict, reason, like, reading, []);
}

/// <summary>
/// Proves that a made-up word is none: over every likely reading it is not rude, not real, does not sound like a word
/// that somebody in the room knows, and breaks no pattern of English spelling.
/// </summary>
public sealed class MadeUpCheck
{
    /// <summary>Most letters of a made-up word: the large list goes no further.</summary>
    public const int MostLetters = 10;

    /// <summary>
    /// A word is known to a child when it is rated for seven or younger, and to an adult when it was met at least so often
    /// in 51 million words of film subtitles, about once in two million: <i>glitch</i> is, <i>geck</i> is not.
    /// </summary>
    public const int KnownToAdults = 25;

    private readonly SchoolWords _words;
    private readonly CorrespondenceTable _table;
    private readonly RealWords _real;
    private readonly SoundIndex _sounds;
    private readonly HeardSounds _heard;
    private readonly Lazy<MadeUpLaw> _law;
    private readonly Lazy<LikelyReadings> _likely;
    private readonly Lazy<HashSet<string>> _harmless;

    public MadeUpCheck(SchoolWords words, CorrespondenceTable table, RealWords real, IReadOnlySet<string>? switchedMerges = null)
    {
        _words = words;
        _table = table;
        _real = real;
        _heard = words.Accent.Heard(switchedMerges);

        // Some children of an accent hear cot and caught as one: a word that sounds real to any of them is not made up.
        _sounds = real.BySound(words, words.Accent.HeardLoosely());
        _law = new Lazy<MadeUpLaw>(() => new MadeUpLaw(words));
        _likely = new Lazy<LikelyReadings>(() => new LikelyReadings(words));
        _harmless = new Lazy<HashSet<string>>(() => real.HarmlessIn(words.Words));
    }

    public MadeUpLaw Law => _law.Value;

    /// <param name="taught">What children know, or null when any spelling may be used.</param>
    public MadeUpJudgement Of(string word, IReadOnlySet<Correspondence>? taught = null)
    {
        word = word.ToLowerInvariant();
        return Of(word, taught, word.Length is > 1 and <= MostLetters ? PlausibleReadings.Of(word, _table, taught) : []);
    }

    /// <summary>A good one of which there is nothing to say, that sounds like no real word in any reading, however unlikely; else null.</summary>
    internal MadeUpJudgement? Made(string word, IReadOnlySet<Correspondence> taught, out bool likeName)
    {
        likeName = false;
        var readings = PlausibleReadings.Of(word, _table, taught);
        if (readings.Any(_sounds.Has) || Of(word, taught, readings) is not { Verdict: MadeUpVerdict.Ok, Notes.Count: 0 } good)
        {
            return null;
        }

        likeName = readings.Any(_sounds.IsName);
        return good;
    }

    private MadeUpJudgement Of(string word, IReadOnlySet<Correspondence>? taught, IReadOnlyList<Segmentation> readings)
    {
        if (_words.FindWord(word) is { Suitability: Suitability.Unsuitable } || _real.UnsafeIn(word, _harmless.Value) is not null)
        {
            return MadeUpJudgement.Refused(word, MadeUpVerdict.Unsafe, Reason.Of(ReasonCode.UnfitForChildren));
        }

        var heard = readings.Where(_likely.Value.Has).Select(_sounds.Find).OfType<HeardWord>().ToList();
        if (heard.Any(x => x.Unsafe))
        {
            return MadeUpJudgement.Refused(word, MadeUpVerdict.Unsafe, Reason.Of(ReasonCode.UnfitSaidAloud));
        }

        if (_real.IsSpelling(word) || _words.FindWord(word) is not null)
        {
            return MadeUpJudgement.Refused(word, MadeUpVerdict.Real, Reason.Of(ReasonCode.IsRealWord, word), word, readings.Count > 0 ? readings[0] : null);
        }

        if (heard.Where(x => IsKnown(x.Word)).Select(x => x.Spelling).FirstOrDefault() is { } like)
        {
            return MadeUpJudgement.Refused(word, MadeUpVerdict.SoundsReal, Reason.Of(ReasonCode.CanSoundLike, like), like, readings[0]);
        }

        // The letters are cut as a reader would cut them: sh is not read as s and h where sh is not taught.
        var known = readings.Where(x => Graphemes(x).SequenceEqual(Graphemes(readings[0])) && (taught is null || x.Segments.All(s => Knows(taught, s.Correspondence)))).ToList();
        if (known.Count == 0)
        {
            return MadeUpJudgement.Refused(word, MadeUpVerdict.Illegal, Unreadable(word, readings, taught), null, readings.Count > 0 ? readings[0] : null);
        }

        // Legal when one way of reading it is: a reader takes the one that English would mean.
        var answers = known.Select(x => (Reading: x, Law: Law.Of(x, taught))).ToList();
        var (reading, law) = answers.FirstOrDefault(x => x.Law.Broken is null && x.Law.Rare is null, answers.FirstOrDefault(x => x.Law.Broken is null, answers[0]));
        return law.Broken is { } broken
            ? MadeUpJudgement.Refused(word, MadeUpVerdict.Illegal, broken, null, reading)
            : new MadeUpJudgement(word, MadeUpVerdict.Ok, Reason.Of(ReasonCode.SpeltAsEnglish), null, reading, [
                .. law.Rare is { } rare ? (Reason[])[rare] : [],
                .. heard.Select(x => x.Spelling).Distinct().Select(x => Reason.Of(ReasonCode.CanSoundLike, x))]);
    }

    private static bool IsKnown(LexiconWord? word) => word is { Everyday: true } or { Count: >= KnownToAdults };

    private bool Knows(IReadOnlySet<Correspondence> taught, Correspondence needed) => taught.Contains(needed)
        || taught.Any(x => x.Grapheme == needed.Grapheme && _heard.Alone(x.Sound) == _heard.Alone(needed.Sound));

    private static IEnumerable<Grapheme> Graphemes(Segmentation reading) => reading.Segments.Select(x => x.Correspondence.Grapheme);

    private Reason Unreadable(string word, IReadOnlyList<Segmentation> readings, IReadOnlySet<Correspondence>? taught)
    {
        if (word.Length is < 2 or > MostLetters)
        {
            return Reason.Of(ReasonCode.WrongLength, "2", $"{MostLetters}");
        }

        var lacking = readings.Count == 0 || taught is null ? null
            : readings[0].Segments.Select(x => x.Correspondence).FirstOrDefault(x => !Knows(taught, x)).Key;
        return lacking is null ? Reason.Of(ReasonCode.NotSpeltSo) : Reason.Of(ReasonCode.NeedsUntaught, lacking);
    }
}
