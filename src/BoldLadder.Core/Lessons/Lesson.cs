using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Lessons;

/// <summary>What a lesson is for.</summary>
public enum LessonKind
{
    NewLearning,
    Contrast,
    Structure,
    Review,
    TrickyWordDay,
    Check,

    /// <summary>Capitals or marks are new, and no word is.</summary>
    Print,

    /// <summary>Before the first rung: sounds in words, by ear alone.</summary>
    Listening,
}

/// <summary>The rung's own lines for the adult, as they stood when the lesson was made.</summary>
/// <param name="Point">What the day is about, in the school's own sentence; empty for ours.</param>
public sealed record Teaching(string SayIt, string WriteIt, string Keyword, string Notes, string Point = "")
{
    public static Teaching None { get; } = new("", "", "", "");
}

/// <summary>
/// A lesson: what it teaches, and blocks of items made only from what the group can read. It is
/// changed by a <see cref="LessonEdit"/> and never in place.
/// </summary>
/// <param name="Minutes">The length it is made for.</param>
/// <param name="RungId">The rung it teaches; empty for a review.</param>
/// <param name="Teaches">What is new in it, by value.</param>
/// <param name="GoesOver">What was taught before and it is about.</param>
/// <param name="TrickyWords">Tricky words it teaches.</param>
/// <param name="Seed">With the same inputs and this seed the same lesson is made.</param>
/// <param name="Teaching">What the adult says and writes.</param>
/// <param name="Carried">Due for revisiting, but without room today: said, and met on a later day.</param>
/// <param name="Own">A shape for this lesson alone; null for its class's.</param>
/// <param name="Wordless">What its rung adds and no word has in the class's accent: it is logged as taught, so that the ladder goes on, and nothing is done with it.</param>
public sealed record Lesson(
    LessonKind Kind, int Minutes, string RungId, string Title, IReadOnlyList<Teachable> Teaches, IReadOnlyList<Teachable> GoesOver, IReadOnlyList<string> TrickyWords,
    ulong Seed, Teaching Teaching, IReadOnlyList<LessonBlock> Blocks, IReadOnlyList<string> Carried, LessonShape? Own,
    IReadOnlyList<Teachable> Wordless)
{
    /// <summary>What is marked in its words: what is new, or what a contrast is between.</summary>
    public IEnumerable<Teachable> Marked => Kind == LessonKind.Contrast ? Teaches.Concat(GoesOver) : Teaches;

    public IEnumerable<LessonItem> Items => Blocks.SelectMany(x => x.Items);

    /// <summary>Time of all blocks in seconds; spare words take none.</summary>
    public int Seconds => Blocks.Sum(x => x.Seconds);

    public int SecondsOf(LessonPart part) => Blocks.Where(x => x.Part == part).Sum(x => x.Seconds);

    public LessonItem? Find(string itemId) => Items.FirstOrDefault(x => x.Id == itemId);
}
