using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>What is done with the items of a block: the pieces, each described by its <see cref="Piece"/>.</summary>
public enum Activity
{
    Cards,
    Recall,
    ReadAgain,
    TrickyAtSight,
    Meet,
    MeetTricky,

    /// <summary>Children say a sentence with each of today's tricky words.</summary>
    SayTricky,
    Listening,

    /// <summary>A riddle is said; its answer has what is taught.</summary>
    Riddles,

    /// <summary>Graphemes in a row: children show when today's comes.</summary>
    Spot,

    /// <summary>Words side by side that differ in one thing.</summary>
    Compare,

    /// <summary>Two words that sound the same, each with the sentence that tells which is meant.</summary>
    SameSound,
    OralBlending,

    /// <summary>A word is said, and children say its sounds.</summary>
    SayApart,

    /// <summary>A word is said sound by sound; children point to its picture.</summary>
    FindPicture,

    /// <summary>Children name a picture and write the letter its name begins with.</summary>
    FirstLetter,
    Read,

    /// <summary>A word is said and built with letter tiles, looked at, hidden, and written from memory.</summary>
    Build,
    Spell,

    /// <summary>A name that nobody has is said, and written with its capital.</summary>
    WriteName,
    Chain,

    /// <summary>Words are read and put under the heading they belong to.</summary>
    Sort,

    /// <summary>A part of the word is left out: children say which spelling goes there, and why.</summary>
    Choose,
    MadeUp,

    /// <summary>Words are read and put to their pictures.</summary>
    MatchPicture,

    /// <summary>Today's tricky words among those that look like them, again and again.</summary>
    MixedTricky,

    /// <summary>A sentence is said whole; children write its tricky word, which is left out.</summary>
    FillGap,

    /// <summary>A sentence is shown without its capitals or marks, and children put it right.</summary>
    MendSentence,
    ReadSentences,

    /// <summary>A small story is read, and talked about.</summary>
    ReadStory,

    /// <summary>A sentence that children have not seen is said, and they write it.</summary>
    WriteSentence,

    /// <summary>Children say and write a sentence of their own with given words.</summary>
    OwnSentence,

    /// <summary>Children say and write what they see.</summary>
    WritePicture,

    /// <summary>The beginning of a story is read; how it goes on is the children's.</summary>
    FinishStory,

    /// <summary>A story full of today's sound is told, and told again; a thing out of it is drawn, with its letter.</summary>
    TellStory,
    WriteLetters,
    Spare,
}

/// <summary>An activity with its items, in one part of the lesson.</summary>
public sealed record LessonBlock(LessonPart Part, Activity Activity, IReadOnlyList<LessonItem> Items)
{
    /// <summary>What children are asked to hear, find or decide in it; empty where the activity alone says so.</summary>
    public IReadOnlyList<Ask> Asks { get; init; } = [];

    /// <summary>Time for the block, made from its items; none for spare words or an empty block.</summary>
    public int Seconds => Timing.Of(Activity, Items.Count);
}
