using System.Text.Json.Nodes;
using BoldLadder.Core.Calendar;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Server.Storage;

/// <summary>What a school or a group does otherwise than what stands below it; what is left out stays as it is.</summary>
/// <param name="LessonMinutes">10 to 60.</param>
/// <param name="MadeUpFromSection">The ladder's section, from 1, from which made-up words are used; 0 for never, -1 for checks alone.</param>
/// <param name="ShortA">Whether <i>a</i> as a word is read by its letter.</param>
/// <param name="SpellingsApart">Rungs between two spellings of one sound, 0 to 60.</param>
/// <param name="DaysARung">1 to 5.</param>
/// <param name="DaysARungFrom">From which day; set when the days are changed.</param>
/// <param name="Accent">A group's own accent, by its id.</param>
/// <param name="Merges">Keys of merges that are the other way round, spaced: <c>o=aw</c>.</param>
/// <param name="Largest">The shape that no chosen word goes beyond.</param>
/// <param name="Week">A group's own week.</param>
/// <param name="BlendAloud">How blending is led.</param>
/// <param name="Shapes">The shapes of lessons that are not as they ship, one for a kind at most.</param>
public sealed record ConventionsDocument(
    WeakVowels? WeakVowels = null, Plurals? Plurals = null, int? LessonMinutes = null, int? MadeUpFromSection = null, bool? ShortA = null,
    SpellAloud? SpellAloud = null, TermsDocument? Terms = null, FinalE? FinalE = null, TrickyLearning? TrickyLearning = null, MarkingCode? Marks = null,
    int? SpellingsApart = null, int? DaysARung = null, DateOnly? DaysARungFrom = null, string? Accent = null, string? Merges = null, WordShape? Largest = null, WeeklyPattern? Week = null,
    IReadOnlyList<ShapeDocument>? Shapes = null, BlendAloud? BlendAloud = null) : IStored
{
    public static int Version => 1;

    public static void Upgrade(JsonObject old, int version)
    {
        // There is no older version.
    }

    /// <summary>A stored document; null is one that says nothing.</summary>
    public static ConventionsDocument Read(string? stored) => stored is null ? new ConventionsDocument() : StoredJson.Read<ConventionsDocument>(stored);

    /// <summary>These in place of others, from a day on.</summary>
    public ConventionsDocument InPlaceOf(ConventionsDocument before, DateOnly today) =>
        this with { DaysARungFrom = DaysARung is null ? null : DaysARung == before.DaysARung ? before.DaysARungFrom : today };

    /// <summary>All that is done, with nothing left out.</summary>
    public static ConventionsDocument Of(ClassConventions x) => new(
        x.WeakVowels, x.Plurals, x.LessonMinutes, x.MadeUpFromSection, x.ShortA, x.SpellAloud, TermsDocument.Of(x.Terms), x.FinalE, x.TrickyLearning, x.Marks, x.SpellingsApart, x.DaysARung, x.DaysARungFrom,
        x.Accent?.Id, x.Merges, x.Largest, x.Week, [.. x.Shapes.Select(ShapeDocument.Of)], x.BlendAloud);

    public OwnConventions ToCore() => new()
    {
        WeakVowels = WeakVowels, Plurals = Plurals, LessonMinutes = LessonMinutes, MadeUpFromSection = MadeUpFromSection, ShortA = ShortA, SpellAloud = SpellAloud, BlendAloud = BlendAloud,
        Terms = Terms is null ? null : new Terms(Terms.TrickyWord, Terms.MadeUpWord, Terms.SoundOut), FinalE = FinalE, TrickyLearning = TrickyLearning, Marks = Marks,
        SpellingsApart = SpellingsApart, DaysARung = DaysARung, DaysARungFrom = DaysARungFrom, Accent = Accent, Merges = Merges, Largest = Largest, Week = Week,
        Shapes = Shapes is null ? null : [.. Shapes.Select(x => x.ToCore())],
    };
}

/// <summary>What a school calls the things of the job.</summary>
public sealed record TermsDocument(string TrickyWord, string MadeUpWord, string SoundOut = "sound out")
{
    public static TermsDocument Of(Terms terms) => new(terms.TrickyWord, terms.MadeUpWord, terms.SoundOut);
}

/// <summary>The pieces of a kind of lesson, in order.</summary>
public sealed record ShapeDocument(ShapeKind Kind, IReadOnlyList<ShapePieceDocument> Pieces)
{
    public static ShapeDocument Of(LessonShape shape) => new(shape.Kind, [.. shape.Pieces.Select(ShapePieceDocument.Of)]);

    public LessonShape ToCore() => new(Kind, [.. Pieces.Select(x => x.ToCore())]);
}

/// <param name="Minutes">1 to 20, on every day of the kind; null for as long as fits.</param>
public sealed record ShapePieceDocument(LessonPart Part, Slot Slot, int? Minutes = null)
{
    public static ShapePieceDocument Of(ShapePiece piece) => new(piece.Part, piece.Slot, piece.Minutes);

    public ShapePiece ToCore() => new(Part, Slot, Minutes);
}
