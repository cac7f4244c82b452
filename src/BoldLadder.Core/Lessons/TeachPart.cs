using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>The second part of a lesson: meeting what is new.</summary>
internal static class TeachPart
{
    private const int CardsOfCapitals = 6;

    public static IReadOnlyList<LessonBlock> Make(LessonBrief brief, ItemMaker make, Dice dice)
    {
        if (brief.Rung is null or { Kind: RungKind.Consolidation })
        {
            // Nothing new: while there are few letters two of them are told apart by ear again.
            return brief.ShapeKind == ShapeKind.Opening ? [ListeningQuestion.Make(brief, make, dice)] : [];
        }

        var meet = brief.Meets.Where(x => x.Kind != TeachableKind.Capital).Select(x => make.Item(
            ItemKind.Card, x.Mark?.Sign ?? x.Label, x.Correspondence?.Key ?? "", [Reason.Of(ReasonCode.TodaysPoint)], x.Correspondence?.Sound.SayIt ?? ""))
            .Concat(Capitals([.. brief.Meets.Where(x => x.Kind == TeachableKind.Capital).Select(x => x.Label)]).Select(x => make.Item(ItemKind.Card, x, "", [Reason.Of(ReasonCode.TodaysPoint)])));
        var tricky = brief.MeetsTricky.Select(x => make.Tricky(x, [Part(brief, x)]));
        var riddles = RiddlePiece.Make(brief, make, dice);
        return
        [
            new LessonBlock(LessonPart.Teach, Activity.Meet, [.. meet]),
            new LessonBlock(LessonPart.Teach, Activity.MeetTricky, [.. tricky]),
            TrickyPieces.Said(brief, make),
            ListeningQuestion.Make(brief, make, dice, riddles.Items.Select(x => x.Text).ToHashSet()),
            riddles,
            SpotPiece.Make(brief, make),
        ];
    }

    // Each beside its small letter; where they are many, several on a card.
    private static IEnumerable<string> Capitals(IReadOnlyList<string> letters) =>
        letters.Chunk(Math.Max(1, (letters.Count + CardsOfCapitals - 1) / CardsOfCapitals)).Select(x => string.Join("  ", x.Select(l => l + l.ToLowerInvariant())));

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
