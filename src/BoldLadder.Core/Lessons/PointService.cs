using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>How each item of a lesson serves the day's point: it has it, goes against it, leads up to it, or keeps something else going.</summary>
public sealed class PointService
{
    private readonly Lesson _lesson;
    private readonly WordStock _stock;
    private readonly HashSet<string> _tricky;
    private readonly HashSet<string> _sounds;
    private readonly List<Correspondence> _parts;
    private readonly List<(string Label, Predicate<LexiconWord> Holds)> _things;
    private readonly HashSet<Teachable> _print;

    private readonly PractisedWords _practises;

    /// <param name="judge">What can be read in the lesson.</param>
    public PointService(Lesson lesson, WordStock stock, Judge judge)
    {
        (_lesson, _stock) = (lesson, stock);
        var things = lesson.Teaches.Count > 0 ? lesson.Teaches : lesson.GoesOver;
        _tricky = [.. lesson.TrickyWords.Select(x => x.ToLowerInvariant())];
        _parts = [.. things.Select(x => x.Correspondence).OfType<Correspondence>()];
        _sounds = [.. _parts.Select(x => stock.Rules.SoundKey(x.Sound))];
        var held = new HeldParts(stock);
        _print = [.. things.Where(x => x.IsPrint)];
        _practises = PractisedWords.Of(stock, judge, things);
        _things = [.. things.Select(x => (x.Label, held.Holding([x])))];
    }

    /// <summary>How the item serves the point.</summary>
    public Reason Of(LessonBlock block, LessonItem item) => item.Kind switch
    {
        _ when block.Activity is Activity.Meet or Activity.MeetTricky => Reason.Of(ReasonCode.TodaysPoint),
        ItemKind.Card when block.Activity == Activity.Spot => item.Reasons.FirstOrDefault(x => x.Code == ReasonCode.GoesAgainst) ?? Reason.Of(ReasonCode.TodaysPoint),
        ItemKind.Card => OfCard(item),
        ItemKind.Sound => _sounds.Contains(item.Text) ? Reason.Of(ReasonCode.ServesSound, item.Text) : Other,
        ItemKind.Listening or ItemKind.Told => OfHeard(item),
        ItemKind.Tricky => _tricky.Contains(item.Text.ToLowerInvariant()) ? Reason.Of(ReasonCode.TodaysPoint) : Other,
        ItemKind.Sentence or ItemKind.Story => OfText(item),
        ItemKind.MadeUp => _parts.Where(x => item.Split.Split(' ').Contains(x.Key)).Select(x => Reason.Of(ReasonCode.ServesHas, x.Grapheme.Text)).FirstOrDefault(Other),
        _ => OfWord(block, item),
    };

    private static Reason Other { get; } = Reason.Of(ReasonCode.ServesOther);

    // The old spelling of today's sound is said again before the new one comes, and so is what looks like it.
    private Reason OfCard(LessonItem item)
    {
        var here = item.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(Correspondence.Parse).ToList();
        Reason? First(Func<Correspondence, Correspondence, bool> like, ReasonCode code) =>
            _parts.Where(part => here.Exists(x => like(x, part))).Select(x => Reason.Of(code, x.Grapheme.Text)).FirstOrDefault();
        return here.Exists(_parts.Contains) ? Reason.Of(ReasonCode.TodaysPoint)
            : First((x, part) => _stock.Rules.SameSound(x.Sound, part.Sound), ReasonCode.ServesRival)
            ?? First((x, part) => x.Grapheme == part.Grapheme || Confusables.LookAlike(x.Grapheme.Text, part.Grapheme.Text), ReasonCode.ServesLookAlike)
            ?? Other;
    }

    private Reason OfHeard(LessonItem item) =>
        // What an ending says in it is no wrong answer.
        item.Reasons.FirstOrDefault(x => x.Code == ReasonCode.EndingSounds) ?? (item.Split.Split(' ').Select(x => Sound.TryParse(x, out var sound, out _) ? _stock.Rules.SoundKey(sound) : x).FirstOrDefault(_sounds.Contains) is { } heard
            ? Reason.Of(ReasonCode.ServesSound, heard)
            : item.Heading.Length > 0 ? Reason.Of(ReasonCode.GoesAgainst, item.Heading) : Other);

    private Reason OfText(LessonItem item)
    {
        var words = SentenceBank.WordsOf(item.Text).ToList();
        var count = words.Count(x => _tricky.Contains(x.ToLowerInvariant()) || (_practises.Includes(new SentenceWord(x.ToLowerInvariant(), _stock.Words.FindWord(x), null))));
        var print = SentenceToMend.CountIn(item.Text, _print);
        return count > 0 ? Reason.Of(ReasonCode.ServesWords, $"{count}") : print > 0 ? Reason.Of(ReasonCode.ServesPrint, $"{print}")
            : item.Reasons.Any(x => x.Code == ReasonCode.ToMend) ? Reason.Of(ReasonCode.ServesBeside, _lesson.Title) : Other;
    }

    private Reason OfWord(LessonBlock block, LessonItem item) =>
        _tricky.Contains(item.Text.ToLowerInvariant()) ? Reason.Of(ReasonCode.TodaysPoint)
        : _stock.Words.FindWord(item.Text) is not { } word ? Other
        : _things.Where(x => x.Holds(word)).Select(x => Reason.Of(ReasonCode.ServesHas, x.Label)).FirstOrDefault()
            ?? (Piece.Of(block.Activity).Compares ? Reason.Of(ReasonCode.ServesBeside, _things.Count > 0 ? _things[0].Label : _lesson.Title) : Other);
}
