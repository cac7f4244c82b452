namespace BoldLadder.Core.Conventions;

/// <summary>The four parts of a lesson, in order.</summary>
public enum LessonPart
{
    Revisit,
    Teach,
    Practise,
    Apply,
}

/// <summary>The kinds of lesson that have a shape of their own.</summary>
public enum ShapeKind
{
    /// <summary>While so few graphemes are taught that there is hardly a word to read.</summary>
    Opening,
    NewLearning,

    /// <summary>The second day of a rung, and those after it: deeper, not once more.</summary>
    FurtherDay,
    Contrast,
    Structure,
    Review,
    TrickyWordDay,

    /// <summary>Capitals or marks are new.</summary>
    Print,
    Check,
    Short,

    /// <summary>Before the ladder begins.</summary>
    Listening,
}

/// <summary>A place in a lesson for a piece. What fills it is the composer's: a contrast is the one that fits the day.</summary>
public enum Slot
{
    Cards,
    Recall,
    ReadAgain,
    TrickyAtSight,
    Meet,
    MeetTricky,

    /// <summary>A sentence said with each tricky word of the day.</summary>
    SayTricky,
    Listening,
    Riddles,

    /// <summary>The grapheme among others, at irregular intervals.</summary>
    Spot,
    OralBlending,
    Read,
    Contrast,
    MadeUp,
    MatchPicture,

    /// <summary>Tricky words, mixed and quick.</summary>
    MixedTricky,
    FillGap,
    MendSentence,

    /// <summary>Built with letter tiles, hidden, and written from memory.</summary>
    Build,
    Spell,

    /// <summary>A made-up name, which needs its capital.</summary>
    WriteName,
    Story,
    Sentences,
    Dictation,
    OwnSentence,
    WritePicture,
    FinishStory,
    WriteLetters,
    SayApart,

    /// <summary>Pictures, found when their sounds are said.</summary>
    FindPicture,

    /// <summary>Pictures, and the letters they begin with.</summary>
    FirstLetter,

    /// <summary>Words that sound the same and are spelt apart.</summary>
    SameSound,

    /// <summary>A story to listen to.</summary>
    TellStory,
}

/// <summary>A piece of a shape.</summary>
/// <param name="Minutes">For so long, on every day of the kind; null for as long as fits, on the days it fits.</param>
public sealed record ShapePiece(LessonPart Part, Slot Slot, int? Minutes = null)
{
    public override string ToString() => $"{Part}/{Slot}{(Minutes is { } minutes ? $"/{minutes}" : "")}";
}

/// <summary>
/// Which pieces a kind of lesson has, in what order within its parts, and for how long: a school's own, or what ships.
/// What is not in it is not in the lesson.
/// </summary>
public sealed record LessonShape(ShapeKind Kind, IReadOnlyList<ShapePiece> Pieces)
{
    /// <summary>The longest a piece can be asked for, in minutes.</summary>
    public const int MostMinutes = 20;

    private static readonly ShapePiece[] Revisit =
        [new(LessonPart.Revisit, Slot.Cards), new(LessonPart.Revisit, Slot.Recall), new(LessonPart.Revisit, Slot.ReadAgain), new(LessonPart.Revisit, Slot.TrickyAtSight)];

    private static readonly ShapePiece[] Apply =
        [new(LessonPart.Apply, Slot.Story), new(LessonPart.Apply, Slot.Sentences), new(LessonPart.Apply, Slot.Dictation), new(LessonPart.Apply, Slot.OwnSentence), new(LessonPart.Apply, Slot.WritePicture)];

    // A day with nothing new, or not for the first time, has the minutes.
    private static readonly ShapePiece[] ApplyAndFinish = [.. Apply, new(LessonPart.Apply, Slot.FinishStory)];

    // While words and sentences are few, words by ear and letters fill the time.
    private static readonly ShapePiece[] ByEar = [new(LessonPart.Apply, Slot.SayApart), new(LessonPart.Apply, Slot.OralBlending), new(LessonPart.Apply, Slot.WriteLetters)];

    private static readonly Slot[] Meeting = [Slot.Meet, Slot.MeetTricky, Slot.Listening];

    private static readonly Slot[] Practice = [Slot.OralBlending, Slot.Read, Slot.Contrast, Slot.MadeUp, Slot.Spell], WithPictures = [Slot.OralBlending, Slot.Read, Slot.MatchPicture, Slot.Contrast, Slot.SameSound, Slot.MadeUp, Slot.Spell];

    private static readonly Dictionary<ShapeKind, LessonShape> Shipped = new[]
    {
        Of(ShapeKind.Opening, [.. Meeting, Slot.Riddles], [.. WithPictures.Where(x => x is not (Slot.MadeUp or Slot.SameSound))], [.. Apply.Where(x => x.Slot != Slot.WritePicture)],
            [new(LessonPart.Apply, Slot.FindPicture), new(LessonPart.Apply, Slot.FirstLetter), .. ByEar, new(LessonPart.Apply, Slot.TellStory)]),
        Of(ShapeKind.NewLearning, [.. Meeting, Slot.Riddles], WithPictures, Apply, ByEar),
        Of(ShapeKind.FurtherDay, [Slot.Meet, Slot.MeetTricky, Slot.Spot], [Slot.OralBlending, Slot.Contrast, Slot.SameSound, Slot.Read, Slot.MatchPicture, Slot.MadeUp, Slot.Build, Slot.Spell, Slot.WriteName], ApplyAndFinish, ByEar),
        Of(ShapeKind.Contrast, Meeting, [.. WithPictures.Where(x => x != Slot.MatchPicture)], Apply, ByEar),
        Of(ShapeKind.Structure, Meeting, Practice, Apply, ByEar),
        Of(ShapeKind.Review, Meeting, Practice, ApplyAndFinish, ByEar),
        Of(ShapeKind.TrickyWordDay, [Slot.MeetTricky, Slot.SayTricky], [Slot.MixedTricky, Slot.OralBlending, Slot.FillGap, Slot.Read, Slot.Contrast, Slot.MadeUp], Apply, [new(LessonPart.Apply, Slot.FindPicture), new(LessonPart.Apply, Slot.FirstLetter), .. ByEar]),
        Of(ShapeKind.Print, [Slot.Meet, Slot.MeetTricky], [Slot.OralBlending, Slot.MendSentence, Slot.Read, Slot.Contrast, Slot.MadeUp, Slot.Spell, Slot.WriteName], Apply, ByEar),
        Of(ShapeKind.Check, Meeting, Practice, Apply, ByEar),
        // A short lesson has no time for anything of one's own.
        Of(ShapeKind.Short, Meeting, Practice, [.. Apply.Where(x => x.Slot is not (Slot.OwnSentence or Slot.WritePicture))], ByEar),
        new LessonShape(ShapeKind.Listening,
            [new(LessonPart.Teach, Slot.Listening), new(LessonPart.Teach, Slot.Riddles), new(LessonPart.Practise, Slot.OralBlending), new(LessonPart.Apply, Slot.FindPicture), new(LessonPart.Apply, Slot.SayApart), new(LessonPart.Apply, Slot.TellStory)]),
    }.ToDictionary(x => x.Kind);

    /// <summary>What ships for a kind.</summary>
    public static LessonShape Usual(ShapeKind kind) => Shipped[kind];

    /// <summary>The pieces that a kind of lesson can have, in the order in which they ship.</summary>
    public static IReadOnlyList<ShapePiece> Choices(ShapeKind kind) => kind == ShapeKind.Listening ? Usual(kind).Pieces
        :
        [
            .. Revisit,
            .. kind is ShapeKind.TrickyWordDay ? [] : (ShapePiece[])[new(LessonPart.Teach, Slot.Meet)],
            new(LessonPart.Teach, Slot.MeetTricky), new(LessonPart.Teach, Slot.SayTricky),
            .. kind is ShapeKind.TrickyWordDay ? [] : (ShapePiece[])[new(LessonPart.Teach, Slot.Listening), new(LessonPart.Teach, Slot.Spot)],
            .. kind is ShapeKind.Opening or ShapeKind.NewLearning or ShapeKind.FurtherDay or ShapeKind.Short ? (ShapePiece[])[new(LessonPart.Teach, Slot.Riddles)] : [],
            new(LessonPart.Practise, Slot.OralBlending), new(LessonPart.Practise, Slot.Read), new(LessonPart.Practise, Slot.Contrast), new(LessonPart.Practise, Slot.SameSound),
            new(LessonPart.Practise, Slot.MadeUp), new(LessonPart.Practise, Slot.MatchPicture), new(LessonPart.Practise, Slot.MixedTricky), new(LessonPart.Practise, Slot.FillGap), new(LessonPart.Practise, Slot.MendSentence), new(LessonPart.Practise, Slot.Build), new(LessonPart.Practise, Slot.Spell), new(LessonPart.Practise, Slot.WriteName),
            .. ApplyAndFinish, .. ByEar, new(LessonPart.Apply, Slot.FindPicture), new(LessonPart.Apply, Slot.FirstLetter),
            .. kind is ShapeKind.Opening ? (ShapePiece[])[new(LessonPart.Apply, Slot.TellStory)] : [],
        ];

    /// <summary>What is new is met, and something is read, whatever the shape.</summary>
    public static bool IsFixed(ShapeKind kind, Slot slot) => slot is Slot.Meet or Slot.MeetTricky or Slot.Read || kind == ShapeKind.Listening && slot == Slot.Listening;

    /// <summary>A piece whose time can be asked for; the others take what their one thing takes.</summary>
    public static bool IsTimed(Slot slot) => slot is not (Slot.Meet or Slot.MeetTricky or Slot.Story or Slot.Dictation or Slot.Spot or Slot.Contrast or Slot.OwnSentence or Slot.WritePicture or Slot.FinishStory or Slot.TellStory);

    public bool Has(LessonPart part, Slot slot) => Find(part, slot) is not null;

    public ShapePiece? Find(LessonPart part, Slot slot) => Pieces.FirstOrDefault(x => x.Part == part && x.Slot == slot);

    /// <summary>What is wrong with it and what to do; null when nothing is.</summary>
    public string? Problem
    {
        get
        {
            var choices = Choices(Kind);
            var missing = choices.FirstOrDefault(x => IsFixed(Kind, x.Slot) && !Has(x.Part, x.Slot));
            return Pieces.Count == 0 ? "Leave at least one piece in the lesson."
                : Pieces.Any(x => !choices.Any(c => c.Part == x.Part && c.Slot == x.Slot)) ? "Choose the pieces from those that this kind of lesson can have."
                : Pieces.DistinctBy(x => (x.Part, x.Slot)).Count() < Pieces.Count ? "Have each piece once."
                : missing is not null ? $"This kind of lesson needs its {(missing.Slot == Slot.Read ? "words to read" : missing.Slot == Slot.Listening ? "listening" : "meeting of what is new")}."
                : Pieces.Any(x => x.Minutes is < 1 or > MostMinutes) ? $"A piece takes 1 to {MostMinutes} minutes."
                : Pieces.Any(x => x.Minutes is not null && !IsTimed(x.Slot)) ? "Leave out the minutes of a piece that takes as long as it takes."
                : null;
        }
    }

    /// <summary>Written out: two shapes that read alike are alike.</summary>
    public override string ToString() => $"{Kind}: {string.Join(' ', Pieces)}";

    private static LessonShape Of(ShapeKind kind, Slot[] teach, Slot[] practise, ShapePiece[] apply, ShapePiece[] byEar) => new(
        kind, [.. Revisit, .. teach.Select(x => new ShapePiece(LessonPart.Teach, x)), .. practise.Select(x => new ShapePiece(LessonPart.Practise, x)), .. apply, .. byEar]);
}
