using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Lessons;

/// <summary>An item that a re-plan keeps, with the block it stands in.</summary>
/// <param name="Asks">What is asked in that block.</param>
public readonly record struct KeptItem(LessonPart Part, Activity Activity, LessonItem Item, IReadOnlyList<Ask>? Asks = null);

/// <summary>All that a lesson is made from: the same brief gives the same lesson.</summary>
public sealed class LessonBrief
{
    private readonly Lazy<ReadingBrief> _asked;
    private readonly Lazy<IReadOnlyList<GradedSentence>> _sentences;
    private readonly Lazy<IReadOnlyList<GradedStory>> _stories;
    private readonly List<Correspondence> _doubled;
    private readonly bool _isAtLongerWords;
    private readonly List<Words.GraphemeRun>? _begun;

    /// <summary>What the last lessons taught, for a review: this many.</summary>
    private const int Reviewed = 4;

    /// <summary>Before the first rung children hear the sounds of so many letters to come.</summary>
    private const int HeardFirst = 8;

    /// <summary>Before so many graphemes there is hardly a word to read, and children listen for one thing at a time.</summary>
    private const int EarlyLetters = 6;

    // With more letters the minutes are for words that no picture helps with.
    private const int EarlyParts = 14;

    // With fewer words of today's, names are read too.
    private const int FewestWithoutNames = 3;

    /// <summary>By rank among the words of English.</summary>
    private const int RareForm = 20_000;

    /// <param name="standing">The group's on the morning of the day, what is planned for the days between included.</param>
    /// <param name="rung">The rung to teach; null for a review.</param>
    /// <param name="minutes">Length of the lesson: the conventions' own, or the short one.</param>
    /// <param name="kept">Locked items of the lesson this one takes the place of.</param>
    /// <param name="own">The lesson's own shape; null for its class's.</param>
    /// <param name="shared">What is gone over together with another group in the room; null for a group alone.</param>
    public LessonBrief(
        WordStock stock, Standing standing, ClassConventions conventions, DateOnly day, Rung? rung, int minutes, ulong seed,
        IReadOnlyList<KeptItem>? kept = null, LessonShape? own = null, SharedRevisit? shared = null)
    {
        Judge = new Judge(rung is null ? standing.Taught : standing.Taught.With([rung]));
        Stock = stock;
        Wordless = rung is { Kind: RungKind.Teach } ? [.. rung.Adds.Where(x => !HasWords(x))] : [];
        rung = Wordless.Count == 0 || rung is null ? rung : WithWords(rung);
        (Standing, Day, Minutes, Seed, Kept, Own, Shared) = (standing, day, minutes, seed, kept ?? [], own, shared);
        var section = standing.SectionFor(rung);
        Shape = standing.Ladder.Sections[section].ShapeFor(rung);
        // The beat of an ending, of the er of river or of tion makes no longer words of those it stands on.
        _isAtLongerWords = standing.Ladder.Sections[section].Shape.For(
            rung?.Adds.Where(x => x.Ending is null && x.Run is not { BringsBeat: true } && !(x.Correspondence is { } part && Vowels.IsBeatAtEnd(part))) ?? []).Syllables > 1;
        TrickyLearning = conventions.TrickyLearning;
        MadeUpAllowed = conventions.MadeUpIn(section, rung is { Kind: RungKind.Check });
        Teaches = rung is null ? [] : [.. rung.Adds.Where(x => rung.Kind == RungKind.Teach || !standing.Things.Contains(x))];
        _doubled = [.. Teaches.Select(x => x.Correspondence).OfType<Correspondence>().Where(x => x.IsDoubledConsonant)];
        // Where consonants together are taught pair by pair, words begin with those met so far until all are.
        List<Teachable> met = [.. standing.Things, .. rung?.Adds ?? []];
        _begun = standing.Ladder.Rungs.SelectMany(x => x.Adds).Any(x => x.Kind == TeachableKind.Cluster && !met.Contains(x)) && !met.Exists(x => x.Structure is TaughtStructure.PairAtStart)
            ? [.. met.Where(x => x.Kind == TeachableKind.Cluster).Select(x => x.Run!)] : null;
        GoesOver = rung is { AddsParts: true }
            ? [.. rung.Adds.Except(Teaches).Where(x => !x.IsPrint)]
            : [.. Gone(standing.Lessons).SelectMany(x => x.Things).Distinct().Where(HasWords)];
        BeforeLadder = standing.Things.Count == 0 && rung is null or { Adds.Count: 0, TrickyWords.Count: 0 };
        Targets = BeforeLadder
            ? [.. standing.Ladder.Rungs.Where(x => x.Kind == RungKind.Teach).SelectMany(x => x.Adds).Where(x => x.Correspondence is not null).Take(HeardFirst)]
            : [.. Teaches.Where(x => !x.IsPrint), .. GoesOver];
        // One of the sounds to come is in front each day, and is asked for as that of a new rung is.
        Rung = BeforeLadder && Targets.Count > 0 ? new Rung { Id = rung?.Id ?? "", Adds = [Targets[day.DayNumber % Targets.Count]] } : rung;
        Pieces = own?.Kind == ShapeKind ? own : conventions.ShapeOf(ShapeKind);
        _sentences = new Lazy<IReadOnlyList<GradedSentence>>(() => stock.Sentences.Readable(Judge, TargetWords(), LateWords(ApplyPart.Lately), MayStand, IsLarge));
        _stories = new Lazy<IReadOnlyList<GradedStory>>(() => [.. stock.Stories.Readable(Judge, TargetWords(), LateWords(ApplyPart.Lately), MayStand, IsLarge)]);
        _asked = new Lazy<ReadingBrief>(() =>
        {
            var late = standing.Clock.Due(day).Where(x => x.Item.Track == RevisitTrack.Card && (x.Shaky || x.Overdue > 0)).Select(x => x.Item.Key).ToHashSet();
            var asked = new ReadingBrief(Judge, Targets, Shape, late, standing.TimesRead, new HashSet<string>(), 0, 0, MayChoose, null,
                standing.Lessons.TakeLast(ApplyPart.Lately).SelectMany(x => x.Things).Select(x => x.Correspondence?.Key).OfType<string>().ToHashSet());
            var pool = ReadingPool.Of(stock, asked);
            // Where English has hardly a word that children know and can read by now, names have it: Pete, Steve.
            return asked with { Pool = ShapeKind != ShapeKind.Opening && pool.OnThePoint < FewestWithoutNames ? pool.And(ReadingPool.Of(stock, asked, stock.Names)) : pool };
        });
    }

    public WordStock Stock { get; }

    public Standing Standing { get; }

    public DateOnly Day { get; }

    /// <summary>What it teaches, without what is <see cref="Wordless"/>: a day of going over, where nothing else is left. Before the ladder begins, the sound that is in front. Null for a review.</summary>
    public Rung? Rung { get; }

    public int Minutes { get; }

    internal LessonLength Length => new(Minutes);

    public ulong Seed { get; }

    public IReadOnlyList<KeptItem> Kept { get; }

    /// <summary>What stands on them, in small letters.</summary>
    internal IReadOnlySet<string> KeptWords => field ??= Kept.Select(x => x.Item.Text.ToLowerInvariant()).ToHashSet();

    /// <summary>A shape for this lesson alone, of whatever kind it was when it was given one; null for its class's.</summary>
    public LessonShape? Own { get; }

    /// <summary>What is gone over together with another group in the room; null for a group alone.</summary>
    public SharedRevisit? Shared { get; }

    /// <summary>The largest shape of word to choose.</summary>
    public WordShape Shape { get; }

    /// <summary>Whether made-up words are used in practice here.</summary>
    public bool MadeUpAllowed { get; }

    /// <summary>How tricky words are learnt.</summary>
    public TrickyLearning TrickyLearning { get; }

    /// <summary>What is new today.</summary>
    public IReadOnlyList<Teachable> Teaches { get; }

    /// <summary>What its rung adds and no word has in the class's accent: it counts as taught with the rest, and nothing is done with it.</summary>
    public IReadOnlyList<Teachable> Wordless { get; }

    /// <summary>What was taught before and is what today is about: the spellings of a contrast, or what the last lessons taught.</summary>
    public IReadOnlyList<Teachable> GoesOver { get; }

    /// <summary>What kind of lesson its rung makes.</summary>
    public LessonKind Kind => BeforeLadder ? LessonKind.Listening : Rung switch
    {
        null or { Kind: RungKind.Consolidation } => LessonKind.Review,
        { Kind: RungKind.Contrast } => LessonKind.Contrast,
        { Kind: RungKind.Check } => LessonKind.Check,
        { AddsParts: false, Adds.Count: > 0 } => LessonKind.Print,
        { AddsParts: false } => LessonKind.TrickyWordDay,
        { Correspondences.Count: 0 } => LessonKind.Structure,
        _ => LessonKind.NewLearning,
    };

    /// <summary>The kind of shape that it takes.</summary>
    public ShapeKind ShapeKind => BeforeLadder ? ShapeKind.Listening
        : Length.IsShort ? ShapeKind.Short
        : Kind switch
        {
            // With so few letters, going over them is done as meeting them is: by ear, with pictures, letter by letter.
            LessonKind.Review => HasFewLetters ? ShapeKind.Opening : ShapeKind.Review,
            LessonKind.Contrast => ShapeKind.Contrast,
            LessonKind.Check => ShapeKind.Check,
            LessonKind.TrickyWordDay => ShapeKind.TrickyWordDay,
            LessonKind.Print => ShapeKind.Print,
            LessonKind.NewLearning or LessonKind.Structure when HasFewLetters => ShapeKind.Opening,
            _ when IsFurtherDay => ShapeKind.FurtherDay,
            LessonKind.Structure => ShapeKind.Structure,
            _ => ShapeKind.NewLearning,
        };

    private bool HasFewLetters => Judge.Taught.Correspondences.Count() < EarlyLetters;

    /// <summary>A spelling of the sound was taught before today.</summary>
    internal bool Knows(Sounds.Sound sound) => Standing.Things.Any(x => x.Correspondence is { } known && Stock.Rules.SameSound(known.Sound, sound));

    /// <summary>There are few words to read yet, and what a lesson has left of its time goes to pictures and to words by ear.</summary>
    internal bool IsEarly => Judge.Taught.Correspondences.Count() < EarlyParts;

    /// <summary>Which pieces the lesson has, in what order and for how long.</summary>
    public LessonShape Pieces { get; }

    /// <summary>The rung was taught on a day before: today goes deeper.</summary>
    public bool IsFurtherDay => Rung is { Kind: RungKind.Teach } rung && Standing.DaysGiven(rung) > 0;

    /// <summary>What of its rung a lesson meets: on the first day all; on a further day one in its turn, and what has come to the rung since.</summary>
    internal IReadOnlyList<Teachable> Meets => field ??= IsFurtherDay && Rung is { Adds: { Count: > 1 } all } rung
        ? [.. all.Where((x, at) => at == (Standing.DaysGiven(rung) - 1) % all.Count || !Standing.Things.Contains(x))]
        : Rung?.Adds ?? [];

    /// <summary>The same of its tricky words: those met beside letters on a day before are read at sight by now; where they are all the rung has they are met again.</summary>
    internal IReadOnlyList<string> MeetsTricky => [.. (Rung?.TrickyWords ?? []).Where(x => !IsFurtherDay || Rung is { AddsParts: false } || !Standing.TrickyWords.Contains(x.ToLowerInvariant()))];

    /// <summary>Whether the lesson has a place for the piece.</summary>
    public bool Has(LessonPart part, Activity activity) => Find(part, activity) is not null;

    /// <summary>How many items the school's own time for a piece gives; null where it asked for none.</summary>
    public int? Asked(LessonPart part, Activity activity) => Find(part, activity)?.Minutes is { } minutes ? Timing.ItemsIn(activity, minutes * 60) : null;

    private ShapePiece? Find(LessonPart part, Activity activity) => Piece.Of(activity).Slot is { } slot ? Pieces.Find(part, slot) : null;

    /// <summary>Nothing is new today, of whatever kind the lesson is: what was taught is gone over.</summary>
    public bool NothingNew => Teaches.Count == 0 && Rung is not { TrickyWords.Count: > 0 };

    /// <summary>Nothing is taught yet, and nothing new comes today, though a baseline or a settling week may be a rung of its own: children listen.</summary>
    public bool BeforeLadder { get; }

    /// <summary>
    /// What the words of the lesson are about, new or not; on a day of capitals or marks, what the last lessons taught;
    /// before the ladder begins, the first letters, whose sounds are heard.
    /// </summary>
    public IReadOnlyList<Teachable> Targets { get; }

    /// <summary>What can be read once the rung is taught, words forced into the lesson aside.</summary>
    public Judge Judge { get; }

    /// <summary>Asks for so many words, none of those given: whatever a lesson draws is drawn from one pool.</summary>
    public ReadingBrief Ask(int count, IReadOnlySet<string> not, ulong seed) => _asked.Value with { Count = count, Not = not, Seed = seed };

    /// <summary>The sentences that can be read, with how much of each is about today and what was met lately.</summary>
    internal IReadOnlyList<GradedSentence> Sentences => _sentences.Value;

    /// <summary>The same of stories.</summary>
    internal IReadOnlyList<GradedStory> Stories => _stories.Value;

    /// <summary>
    /// Begins to look for the words and the stories that can be chosen, beside whatever is made meanwhile: a fifth of the work
    /// of a lesson. Sentences are looked for meanwhile, by the lesson itself.
    /// </summary>
    /// <param name="next">The rung of the day after, where that is planned next: then all that can be read by then is looked for too.</param>
    internal void LookAhead(Rung? next)
    {
        if (Environment.ProcessorCount > 1)
        {
            _ = Task.Run(() =>
            {
                _ = (_asked.Value, _stories.Value);
                if (next is not null)
                {
                    Stock.LookFor(Judge.Taught.With([next]));
                }
            });
        }
    }

    /// <summary>
    /// What a careful teacher would not choose, though it is right as a verdict: a rare form of a word that is not of the
    /// youngest; a word that is readable only because weak vowels are taken leniently, until the ladder has come to longer
    /// words; one that begins with two consonants while such pairs are still being met one by one; <i>lived</i> before <i>live</i>
    /// can be read; and on a day of doubled letters one in which the vowel before them does not tell.
    /// </summary>
    public bool MayChoose(OfferedWord word) => !IsRareForm(word.Word) && !BeginsUntaught(word.Reading) && !LosesUnreadEnd(word.Word) && (_isAtLongerWords
        ? _doubled.Count == 0 || word.Reading.Segments.All(x => !_doubled.Contains(x.Correspondence) || DoubledLetters.Decides(word.Reading, x.Correspondence))
        : Judge.IsStrict(word.Reading, word.Word.Ended));

    /// <summary>
    /// The same of a word in a text: until the ladder has come to longer words none stands there that is read only because
    /// weak vowels are taken leniently, but for those of grammar, such as <i>a</i>.
    /// </summary>
    public bool MayStand(SentenceWord word) => _isAtLongerWords || !word.MayBeWeak || word.Word is not { } known || Judge.Taught.TrickyWords.Contains(word.Key) || FunctionWords.Has(word.Key)
        || Judge.IsReadStrictly(known);

    /// <summary>
    /// A word of a text that is larger than what is chosen by now: more consonants together or more beats than the section
    /// has come to, where no rung says when they may be read (<i>Drop the drum!</i> among words like cat). <i>And</i>, <i>ant</i> and what
    /// is read at sight are not.
    /// </summary>
    internal bool IsLarge(SentenceWord word) => word.Word is { } known && !Judge.Taught.TrickyWords.Contains(word.Key) && Stock.Rules.Rows is var rows && rows.RowsOf(known.Rank) is var (first, end)
        && end > first && rows.ShapeOf(first).Boxes > WordShape.First.Boxes && !rows.Fits(first, Shape with { Boxes = int.MaxValue });

    /// <summary>The words of a text that practise what is taught.</summary>
    internal PractisedWords Practises(IEnumerable<Teachable> things) => PractisedWords.Of(Stock, Judge, things);

    /// <summary>
    /// The words of a text that today is about: those that practise what is taught; on a day of tricky words those
    /// themselves, whatever the lessons before taught. Where letters come with tricky words the letters are what the day is about.
    /// </summary>
    internal PractisedWords TargetWords() => IsOfTricky ? PractisedWords.Named(TrickyToday) : Practises(Targets);

    /// <summary>The words of a text that were met lately: those that practise what the last lessons taught, and tricky words that come beside today's letters.</summary>
    /// <param name="lessons">How many lessons back is lately.</param>
    internal PractisedWords LateWords(int lessons) => Practises(Standing.Lessons.TakeLast(lessons).SelectMany(x => x.Things)).Or(TrickyToday);

    /// <summary>Tricky words are all that today teaches, or they come with no more than capitals and marks.</summary>
    internal bool IsOfTricky => Rung is { TrickyWords.Count: > 0 } && Teaches.All(x => x.IsPrint);

    /// <summary>The tricky words that today teaches, in small letters.</summary>
    internal IReadOnlySet<string> TrickyToday => field ??= Rung?.TrickyWords.Select(x => x.ToLowerInvariant()).ToHashSet() ?? [];

    private bool HasWords(Teachable x) => x.Correspondence is not { } part || Stock.HasWords(part);

    private Rung WithWords(Rung rung) => rung.Adds.Except(Wordless).ToList() is { Count: 0 } && rung.TrickyWords.Count == 0
        ? new Rung { Id = rung.Id, Kind = RungKind.Consolidation, Days = rung.Days } : rung with { Adds = [.. rung.Adds.Except(Wordless)] };

    // Lived is live without its e: who cannot read the one has no way to know how the other is spelt.
    private bool LosesUnreadEnd(Words.LexiconWord word) =>
        word.Ended is { Join: Words.Join.DropE } ended && Stock.Words.FindWord(ended.Base) is { } part && !Judge.IsReadable(part) && !Judge.Taught.TrickyWords.Contains(part.Key);

    private bool BeginsUntaught(Words.Segmentation reading) => _begun is not null
        && reading.Segments is [{ Correspondence.Sound.IsVowel: false }, { Correspondence.Sound.IsVowel: false }, ..] && !_begun.Exists(x => x.StandsAt(reading, 0));

    // Numb is a word of theirs; numbs is hardly one of anybody's.
    private static bool IsRareForm(Words.LexiconWord word) => word is { Ended: not null, Rank: > RareForm, Familiarity: not Words.Familiarity.AtFourOrFive };

    // What the last lessons taught; when one review follows another, as at the top of a ladder, the lessons before those, round and round.
    private static IEnumerable<TaughtLesson> Gone(IReadOnlyList<TaughtLesson> lessons)
    {
        var reviews = lessons.Reverse().TakeWhile(x => x.Things.Count == 0).Count();
        var taught = lessons.Where(x => x.Things.Count > 0).Reverse().ToList();
        var rounds = Math.Max(1, (taught.Count + Reviewed - 1) / Reviewed);
        return taught.Skip(reviews % rounds * Reviewed).Take(Reviewed).Reverse();
    }

    public IReadOnlyList<LessonItem> KeptIn(LessonPart part, Activity activity) =>
        [.. Kept.Where(x => x.Part == part && x.Activity == activity).Select(x => x.Item)];

    /// <summary>What the block asks whose items are kept; empty when none are.</summary>
    public IReadOnlyList<Ask> AsksIn(LessonPart part, Activity activity) =>
        Kept.Where(x => x.Part == part && x.Activity == activity).Select(x => x.Asks).FirstOrDefault(x => x is not null) ?? [];

    /// <summary>What can be read in a lesson, words forced into it included.</summary>
    public static Judge JudgeOf(Lesson lesson, TaughtSet taught)
    {
        var forced = lesson.Items.Where(x => x.Forced).SelectMany(x => SentenceBank.WordsOf(x.Text));
        return new Judge(new TaughtSet(
            taught.Rules, taught.Things.Concat(lesson.Teaches), taught.TrickyWords.Concat(lesson.TrickyWords).Concat(forced)));
    }
}
