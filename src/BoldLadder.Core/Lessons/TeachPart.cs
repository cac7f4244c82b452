using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>The second part of a lesson: meeting what is new.</summary>
internal static class TeachPart
{
    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        if (brief.Rung is not { } rung)
        {
            return [];
        }

        var meet = rung.Adds.Select(x => make.Item(
            ItemKind.Card, x.Label, x.Correspondence?.Key ?? "", [Reason.Of(ReasonCode.TodaysPoint)], x.Correspondence?.Sound.First.SayIt ?? ""));
        var tricky = rung.TrickyWords.Select(x => make.Tricky(x, [Part(brief, x)]));
        var riddles = RiddlePiece.Make(brief, make, dice);
        return
        [
            new LessonBlock(LessonPart.Teach, Activity.Meet, [.. meet]),
            new LessonBlock(LessonPart.Teach, Activity.MeetTricky, [.. tricky]),
            ListeningQuestion.Make(brief, make, dice, riddles.Items.Count > 0),
            riddles,
            SpotPiece.Make(brief, make),
        ];
    }

    // Which part of a tricky word is tricky, today.
    private static Reason Part(LessonBrief brief, string word)
    {
        if (brief.TrickyLearning == TrickyLearning.Whole)
        {
            return Reason.Of(ReasonCode.LearntWhole, [.. word.Where(char.IsAsciiLetter).Select(x => x.ToString())]);
        }

        return TrickyTeaching.Of(word, brief.Judge, brief.Stock) switch
        {
            null => Reason.Of(ReasonCode.NewToday),
            { Tricky: [] } => Reason.Of(ReasonCode.OnlyToBeQuick),
            var found => Reason.Of(ReasonCode.TrickyParts, [.. found.Tricky.Select(x => x.Part.Grapheme.Text)]),
        };
    }
}
