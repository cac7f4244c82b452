using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>How a piece looks, on screen, on the board and on paper: forms are drawn, pieces are not.</summary>
public enum Form
{
    /// <summary>Graphemes, one at a time.</summary>
    Cards,

    /// <summary>What is new, large.</summary>
    Meet,

    /// <summary>Graphemes in a row, to be pointed along.</summary>
    Grid,

    /// <summary>Sounds to hear and write.</summary>
    Sounds,

    /// <summary>Words that are only said.</summary>
    Listening,

    Words,

    /// <summary>Words to read by how much the adult helps.</summary>
    Released,

    /// <summary>Words two by two.</summary>
    Pairs,

    /// <summary>Words that belong under headings.</summary>
    Sort,

    /// <summary>Words of which each follows from the last.</summary>
    Chain,

    /// <summary>Words and their pictures.</summary>
    Pictures,

    /// <summary>Pictures whose words are only said.</summary>
    PicturesAlone,

    /// <summary>Words with a part left out, or sentences with a word.</summary>
    Gaps,

    /// <summary>What is said, with its answer.</summary>
    Riddles,

    /// <summary>Words to write, a box for each sound.</summary>
    Boxes,

    Sentences,

    /// <summary>A title, sentences that belong together, questions.</summary>
    Text,

    /// <summary>The same, said and never seen.</summary>
    Told,
}

/// <summary>What makes sense alone: it is kept, swapped, locked and dropped together.</summary>
public enum Unit
{
    Item,
    Pair,
    Whole,
}

/// <summary>A kind of activity and what is true of it in every lesson.</summary>
/// <param name="Setup">Seconds to begin.</param>
/// <param name="Each">Seconds for one item.</param>
/// <param name="Slot">Its place in a shape; null where it has none.</param>
/// <param name="Read">Its items count as read by the children on the day.</param>
/// <param name="Made">Its words are written or made with letter tiles.</param>
public sealed record Piece(Activity Activity, Form Form, Slot? Slot, int Setup, double Each, Unit Unit = Unit.Item, bool Read = false, bool Made = false)
{
    // Seconds until the school's own timings are known. Source: the pace of a brisk lesson; cards at 25 a minute are the domain's figure.
    private static readonly Piece[] Table =
    [
        new(Activity.Cards, Form.Cards, Conventions.Slot.Cards, 10, 60.0 / 25),
        new(Activity.Recall, Form.Sounds, Conventions.Slot.Recall, 10, 15),
        new(Activity.ReadAgain, Form.Words, Conventions.Slot.ReadAgain, 10, 7, Read: true),
        new(Activity.TrickyAtSight, Form.Words, Conventions.Slot.TrickyAtSight, 10, 6),
        // The first takes its time; what else is new that day is of its kind.
        new(Activity.Meet, Form.Meet, Conventions.Slot.Meet, 85, 35),
        new(Activity.MeetTricky, Form.Words, Conventions.Slot.MeetTricky, 20, 75),
        new(Activity.SayTricky, Form.Words, Conventions.Slot.SayTricky, 20, 25),
        new(Activity.Listening, Form.Listening, Conventions.Slot.Listening, 20, 8),
        new(Activity.Riddles, Form.Riddles, Conventions.Slot.Riddles, 10, 15),
        new(Activity.Spot, Form.Grid, Conventions.Slot.Spot, 15, 3, Unit.Whole),
        new(Activity.Compare, Form.Pairs, Conventions.Slot.Contrast, 20, 10, Unit.Pair, Read: true),
        new(Activity.SameSound, Form.Pairs, Conventions.Slot.SameSound, 15, 15, Unit.Pair, Read: true),
        new(Activity.OralBlending, Form.Listening, Conventions.Slot.OralBlending, 20, 14),
        new(Activity.SayApart, Form.Listening, Conventions.Slot.SayApart, 20, 14),
        new(Activity.FindPicture, Form.PicturesAlone, Conventions.Slot.FindPicture, 20, 14),
        new(Activity.FirstLetter, Form.PicturesAlone, Conventions.Slot.FirstLetter, 30, 25),
        new(Activity.Read, Form.Released, Conventions.Slot.Read, 20, 18, Read: true),
        new(Activity.Build, Form.Boxes, Conventions.Slot.Build, 30, 50, Made: true),
        new(Activity.Spell, Form.Boxes, Conventions.Slot.Spell, 30, 42, Made: true),
        new(Activity.WriteName, Form.Boxes, Conventions.Slot.WriteName, 20, 42),
        new(Activity.Chain, Form.Chain, Conventions.Slot.Contrast, 20, 12, Unit.Whole, Made: true),
        new(Activity.Sort, Form.Sort, Conventions.Slot.Contrast, 20, 12, Read: true),
        new(Activity.Choose, Form.Gaps, Conventions.Slot.Contrast, 20, 14),
        new(Activity.MadeUp, Form.Words, Conventions.Slot.MadeUp, 20, 14),
        new(Activity.MatchPicture, Form.Pictures, Conventions.Slot.MatchPicture, 20, 12, Read: true),
        new(Activity.MixedTricky, Form.Words, Conventions.Slot.MixedTricky, 20, 6),
        new(Activity.FillGap, Form.Gaps, Conventions.Slot.FillGap, 20, 28, Read: true),
        new(Activity.MendSentence, Form.Gaps, Conventions.Slot.MendSentence, 20, 35, Read: true),
        new(Activity.ReadSentences, Form.Sentences, Conventions.Slot.Sentences, 20, 45, Read: true),
        new(Activity.ReadStory, Form.Text, Conventions.Slot.Story, 20, 210, Unit.Whole, Read: true),
        new(Activity.WriteSentence, Form.Sentences, Conventions.Slot.Dictation, 30, 130, Read: true),
        new(Activity.OwnSentence, Form.Words, Conventions.Slot.OwnSentence, 60, 15),
        new(Activity.WritePicture, Form.Pictures, Conventions.Slot.WritePicture, 30, 90),
        new(Activity.FinishStory, Form.Text, Conventions.Slot.FinishStory, 90, 20),
        new(Activity.TellStory, Form.Told, Conventions.Slot.TellStory, 30, 360, Unit.Whole),
        new(Activity.WriteLetters, Form.Sounds, Conventions.Slot.WriteLetters, 40, 25),
        new(Activity.Spare, Form.Words, null, 0, 0),
    ];

    /// <summary>Children compare in it: words that belong together or apart.</summary>
    public bool Compares => Form is Form.Pairs or Form.Sort or Form.Chain || Activity == Activity.Choose;

    /// <summary>One item can be swapped for another without touching the rest.</summary>
    public bool CanSwap => Unit != Unit.Pair && Form is not (Form.Chain or Form.Sort or Form.Gaps or Form.Meet or Form.Grid);

    private static readonly Dictionary<Activity, Piece> ByActivity = Table.ToDictionary(x => x.Activity);

    public static Piece Of(Activity activity) => ByActivity[activity];
}
