using BoldLadder.Core.Calendar;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Conventions;

/// <summary>
/// How a class is taught, whole: every choice made. What ships, with what the school does otherwise laid over it, and
/// what the group does otherwise laid over that; see <see cref="OwnConventions"/>.
/// </summary>
/// <param name="LessonMinutes">Length of a lesson, <see cref="FewestMinutes"/> to <see cref="MostMinutes"/>.</param>
/// <param name="MadeUpFromSection">The ladder's section, from 1, from which made-up words are used in practice; 0 for never, <see cref="ClassConventions.OnlyInChecks"/> for checks alone.</param>
/// <param name="ShortA">Whether <i>a</i> as a word is read by its letter, once <c>a:a</c> is taught.</param>
/// <param name="SpellAloud">What children say as they write.</param>
/// <param name="BlendAloud">How blending is led.</param>
/// <param name="Terms">The words for things on screens and pages.</param>
/// <param name="FinalE">How the e of <i>cake</i> is shown.</param>
/// <param name="TrickyLearning">How tricky words are learnt.</param>
/// <param name="Marks">The marks under words.</param>
/// <param name="SpellingsApart">How many rungs lie between two spellings of one sound, 0 to <see cref="MostApart"/>.</param>
/// <param name="DaysARung">School days that a rung takes which says nothing else, 1 to <see cref="MostDaysARung"/>.</param>
/// <param name="DaysARungFrom">From which day that holds: a rung first taught before keeps the days it had.</param>
/// <param name="Accent">How the group speaks; null for as its school does.</param>
/// <param name="Merges">Keys of merges that are the other way round for the group, spaced, such as <c>o=aw</c>.</param>
/// <param name="Largest">A shape that no chosen word goes beyond, whatever the section allows; null for none.</param>
/// <param name="Week">The group's own week; null for its school's.</param>
/// <param name="Shapes">The shapes of lessons that are not as they ship.</param>
public sealed record ClassConventions(
    WeakVowels WeakVowels, Plurals Plurals, int LessonMinutes, int MadeUpFromSection, bool ShortA, SpellAloud SpellAloud, BlendAloud BlendAloud, Terms Terms, FinalE FinalE,
    TrickyLearning TrickyLearning, MarkingCode Marks, int SpellingsApart, int DaysARung, DateOnly DaysARungFrom, Accent? Accent, string Merges, WordShape? Largest, WeeklyPattern? Week,
    IReadOnlyList<LessonShape> Shapes)
{
    public const int FewestMinutes = 10, MostMinutes = 60, MostDaysARung = 5, MostApart = 60;

    /// <summary>Length of a lesson when there is little time, in minutes.</summary>
    public const int ShortMinutes = 15;

    /// <summary>What ships. Source: the table of where good practitioners differ.</summary>
    public static ClassConventions Usual { get; } = new(WeakVowels.Lenient, Plurals.OwnRung, 25, 3, true, SpellAloud.SoundsThenNames, BlendAloud.SoundBySound, Terms.Plain,
        FinalE.SplitDigraph, TrickyLearning.ThePart, MarkingCode.Rail, 10, 1, default, null, "", null, null, []);

    /// <summary>The shape of a kind of lesson.</summary>
    public LessonShape ShapeOf(ShapeKind kind) => Shapes.FirstOrDefault(x => x.Kind == kind) ?? LessonShape.Usual(kind);

    /// <summary>A class's: its own over its school's, and those over what ships.</summary>
    public static ClassConventions Of(OwnConventions school, OwnConventions group) => group.Over(school.Over(Usual));

    /// <summary>In place of a section: made-up words are for the days of a check and no others.</summary>
    public const int OnlyInChecks = -1;

    /// <summary>Whether made-up words are used in a lesson.</summary>
    /// <param name="section">Zero-based.</param>
    /// <param name="isCheck">The lesson is of a check.</param>
    public bool MadeUpIn(int section, bool isCheck) => MadeUpFromSection == OnlyInChecks ? isCheck : MadeUpFromSection > 0 && section + 1 >= MadeUpFromSection;

    /// <summary>The merges that are the other way round, as a set.</summary>
    public IReadOnlySet<string> SwitchedMerges => Sounds.Accent.MergesIn(Merges);

    /// <summary>A ladder as the group goes up it: at its pace, and with no word beyond its largest shape.</summary>
    /// <param name="begun">Ids of the rungs that were first taught before a day.</param>
    public Ladder Paced(Ladder ladder, Func<DateOnly, IReadOnlySet<string>> begun) =>
        DaysARung == 1 && Largest is null ? ladder : ladder.Paced(DaysARung, begun(DaysARungFrom), Largest);
}

/// <summary>What a school or a group does otherwise than what stands below it; null leaves that as it is.</summary>
public sealed record OwnConventions
{
    public static OwnConventions None { get; } = new();

    public WeakVowels? WeakVowels { get; init; }

    public Plurals? Plurals { get; init; }

    public int? LessonMinutes { get; init; }

    public int? MadeUpFromSection { get; init; }

    public bool? ShortA { get; init; }

    public SpellAloud? SpellAloud { get; init; }

    public BlendAloud? BlendAloud { get; init; }

    public Terms? Terms { get; init; }

    public FinalE? FinalE { get; init; }

    public TrickyLearning? TrickyLearning { get; init; }

    public MarkingCode? Marks { get; init; }

    public int? SpellingsApart { get; init; }

    public int? DaysARung { get; init; }

    public DateOnly? DaysARungFrom { get; init; }

    /// <summary>An accent's id.</summary>
    public string? Accent { get; init; }

    public string? Merges { get; init; }

    public WordShape? Largest { get; init; }

    public WeeklyPattern? Week { get; init; }

    /// <summary>Shapes of lessons, one for a kind at most.</summary>
    public IReadOnlyList<LessonShape>? Shapes { get; init; }

    /// <summary>These laid over others.</summary>
    public ClassConventions Over(ClassConventions below) => new(
        WeakVowels ?? below.WeakVowels, Plurals ?? below.Plurals, LessonMinutes ?? below.LessonMinutes, MadeUpFromSection ?? below.MadeUpFromSection,
        ShortA ?? below.ShortA, SpellAloud ?? below.SpellAloud, BlendAloud ?? below.BlendAloud, Terms ?? below.Terms, FinalE ?? below.FinalE, TrickyLearning ?? below.TrickyLearning,
        Marks ?? below.Marks, SpellingsApart ?? below.SpellingsApart, DaysARung ?? below.DaysARung, DaysARungFrom ?? below.DaysARungFrom, Sounds.Accent.Find(Accent) ?? below.Accent, Merges ?? below.Merges, Largest ?? below.Largest, Week ?? below.Week,
        Shapes is null ? below.Shapes : [.. Shapes, .. below.Shapes.ExceptBy(Shapes.Select(x => x.Kind), x => x.Kind)]);

    /// <summary>What is wrong with them: the field and what to do; null when nothing is.</summary>
    public (string Field, string Sentence)? Problem =>
        LessonMinutes is < ClassConventions.FewestMinutes or > ClassConventions.MostMinutes
            ? ("lessonMinutes", $"A lesson takes {ClassConventions.FewestMinutes} to {ClassConventions.MostMinutes} minutes.")
        : MadeUpFromSection is < ClassConventions.OnlyInChecks or > 100 ? ("madeUpFromSection", $"Give the number of a section, 0 for never, or {ClassConventions.OnlyInChecks} for checks alone.")
        : SpellingsApart is < 0 or > ClassConventions.MostApart ? ("spellingsApart", $"Two spellings of a sound lie 0 to {ClassConventions.MostApart} rungs apart.")
        : DaysARung is < 1 or > ClassConventions.MostDaysARung ? ("daysARung", $"A rung takes 1 to {ClassConventions.MostDaysARung} days.")
        : Accent is not null && Sounds.Accent.Find(Accent) is null ? ("accent", $"Choose how the children speak: {string.Join(", ", Sounds.Accent.All.Select(x => x.Id))}.")
        : Merges is not null && Sounds.Accent.MergesIn(Merges).Any(x => !Sounds.Accent.All.SelectMany(a => a.Merges).Any(m => m.Key == x))
            ? ("merges", $"The sounds that some speakers merge are {string.Join(", ", Sounds.Accent.All.SelectMany(a => a.Merges).Select(m => m.Key).Distinct())}.")
        : Largest is { IsSensible: false } ? ("largest", "A word has 2 to 12 sounds, 1 to 4 consonants together, 1 to 5 syllables.")
        : Week is { NewDays: 0 } ? ("week", "At least one day of the week has to bring something new.")
        : Shapes?.Select(x => x.Problem).FirstOrDefault(x => x is not null) is { } shape ? ("shapes", shape)
        : Shapes is not null && Shapes.DistinctBy(x => x.Kind).Count() < Shapes.Count ? ("shapes", "Have one shape for each kind of lesson.")
        : Terms?.Problem;
}
