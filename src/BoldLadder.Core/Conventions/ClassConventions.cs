namespace BoldLadder.Core.Conventions;

/// <summary>
/// How a class is taught, whole: every choice made. What ships, with what the school does otherwise laid over it, and
/// what the group does otherwise laid over that; see <see cref="OwnConventions"/>.
/// </summary>
/// <param name="LessonMinutes">Length of a lesson, <see cref="FewestMinutes"/> to <see cref="MostMinutes"/>.</param>
/// <param name="MadeUpFromSection">The ladder's section, from 1, from which made-up words are used in practice; 0 for never.</param>
/// <param name="ShortA">Whether <i>a</i> as a word is read by its letter, once <c>a:a</c> is taught.</param>
/// <param name="SpellAloud">What children say as they write.</param>
/// <param name="Terms">The words for things on screens and pages.</param>
public sealed record ClassConventions(
    WeakVowels WeakVowels, Plurals Plurals, int LessonMinutes, int MadeUpFromSection, bool ShortA, SpellAloud SpellAloud, Terms Terms)
{
    public const int FewestMinutes = 10, MostMinutes = 90;

    /// <summary>Length of a lesson when there is little time, in minutes.</summary>
    public const int ShortMinutes = 15;

    /// <summary>What ships. Source: the table of where good practitioners differ.</summary>
    public static ClassConventions Usual { get; } = new(WeakVowels.Lenient, Plurals.OwnRung, 25, 3, true, SpellAloud.SoundsThenNames, Terms.Plain);

    /// <summary>A class's: its own over its school's, and those over what ships.</summary>
    public static ClassConventions Of(OwnConventions school, OwnConventions group) => group.Over(school.Over(Usual));

    /// <summary>Whether made-up words are used in practice in a section.</summary>
    /// <param name="section">Zero-based.</param>
    public bool MadeUpIn(int section) => MadeUpFromSection > 0 && section + 1 >= MadeUpFromSection;
}

/// <summary>What a school or a group does otherwise than what stands below it; null leaves that as it is.</summary>
public sealed record OwnConventions(
    WeakVowels? WeakVowels = null, Plurals? Plurals = null, int? LessonMinutes = null, int? MadeUpFromSection = null, bool? ShortA = null, SpellAloud? SpellAloud = null,
    Terms? Terms = null)
{
    public static OwnConventions None { get; } = new();

    /// <summary>These laid over others.</summary>
    public ClassConventions Over(ClassConventions below) => new(
        WeakVowels ?? below.WeakVowels, Plurals ?? below.Plurals, LessonMinutes ?? below.LessonMinutes, MadeUpFromSection ?? below.MadeUpFromSection,
        ShortA ?? below.ShortA, SpellAloud ?? below.SpellAloud, Terms ?? below.Terms);

    /// <summary>What is wrong with them: the field and what to do; null when nothing is.</summary>
    public (string Field, string Sentence)? Problem =>
        LessonMinutes is < ClassConventions.FewestMinutes or > ClassConventions.MostMinutes
            ? ("lessonMinutes", $"A lesson takes {ClassConventions.FewestMinutes} to {ClassConventions.MostMinutes} minutes.")
        : MadeUpFromSection is < 0 or > 100 ? ("madeUpFromSection", "Give the number of a section, or 0 for never.")
        : Terms?.Problem;
}
