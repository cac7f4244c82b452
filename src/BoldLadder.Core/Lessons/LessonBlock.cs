namespace BoldLadder.Core.Lessons;

/// <summary>What is done with the items of a block.</summary>
public enum Activity
{
    Cards,
    Recall,
    ReadAgain,
    TrickyAtSight,
    Meet,
    MeetTricky,
    Listening,
    Compare,
    OralBlending,

    /// <summary>A word is said, and children say its sounds.</summary>
    SayApart,
    Read,
    Spell,
    Chain,
    MadeUp,
    ReadSentences,
    WriteSentence,
    WriteLetters,
    Spare,
}

/// <summary>An activity with its items, in one part of the lesson.</summary>
public sealed record LessonBlock(LessonPart Part, Activity Activity, IReadOnlyList<LessonItem> Items)
{
    /// <summary>Time for the block, made from its items; none for spare words or an empty block.</summary>
    public int Seconds => Items.Count == 0 ? 0 : Timing.Setup(Activity) + (int)Math.Round(Items.Count * Timing.Each(Activity));
}
