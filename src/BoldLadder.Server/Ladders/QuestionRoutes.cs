using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Ladders;

/// <summary>What can be asked of a ladder.</summary>
public enum LadderQuestion
{
    /// <summary>Which rungs are thin by place, and where they would not be.</summary>
    Thin,

    /// <summary>What could be read at once if a rung came next.</summary>
    Waiting,

    /// <summary>Which rung would open most words if it came next.</summary>
    Useful,

    /// <summary>What is taught and hardly used after.</summary>
    HardlyUsed,

    /// <summary>Which tricky words could wait.</summary>
    CouldWait,

    /// <summary>Which tricky words are late for the sentences there are.</summary>
    Late,

    /// <summary>Which common words nothing on the ladder teaches.</summary>
    Untaught,

    /// <summary>Which spellings nothing on the ladder teaches.</summary>
    UntaughtParts,

    /// <summary>The earliest place for a text.</summary>
    Earliest,

    /// <summary>What another accent reads at another place.</summary>
    Accents,
}

/// <summary>One thing found.</summary>
/// <param name="Rung">The rung it is about; null where no rung brings it.</param>
/// <param name="Word">The word it is about; null when it is about a rung.</param>
/// <param name="Count">What was counted: words, or sentences.</param>
/// <param name="Words">The words behind the count.</param>
/// <param name="Other">Another rung that the answer names.</param>
/// <param name="Part">A spelling that no rung teaches.</param>
public sealed record FoundView(RungName? Rung, string? Word, int Count, IReadOnlyList<string> Words, RungName? Other, TeachableDocument? Part = null);

/// <param name="Accent">For the question of accents, the other one by name.</param>
public sealed record AnswerView(LadderQuestion Question, IReadOnlyList<FoundView> Found, string? Accent);

/// <summary>Questions that a lead asks of the draft, seen beside a group.</summary>
public static class QuestionRoutes
{
    private const int ShownWords = 60, MostUseful = 5, LongestText = 4000;

    public static void Map(RouteGroupBuilder ladder) => Turns.Take(
        ladder.MapGet("/questions/{question}", Ask).WithSummary("A question that a lead asks of the ladder, answered in counts with the words behind them.")
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(503), large: true);

    private static async Task<Results<Ok<AnswerView>, ProblemHttpResult>> Ask(
        Guid ladderId, string question, Guid? groupId, string? rungId, string? text, string? accent, LadderDesks desks, StockCache stocks, CancellationToken cancel)
    {
        if (!Enum.TryParse<LadderQuestion>(question, true, out var what) || !Enum.IsDefined(what))
        {
            return Problems.Bad("question", $"What can be asked is {string.Join(", ", Enum.GetNames<LadderQuestion>().Select(x => char.ToLowerInvariant(x[0]) + x[1..]))}.");
        }

        var (desk, problem) = await desks.Open(ladderId, groupId, null, cancel);
        if (desk is null)
        {
            return problem!;
        }

        var (ladder, room) = (desk.Draft, desk.Room);
        var asked = new LadderQuestions(room.Unlocking, desk.Figures);
        var line = room.Standing.Line;
        switch (what)
        {
            case LadderQuestion.Thin:
                return Answer(asked.Thin(room.School.Needs, desk.Distances).Select(Of));
            case LadderQuestion.Useful:
                return Answer(asked.MostUseful(line, MostUseful).Select(Of));
            case LadderQuestion.HardlyUsed:
                return Answer(asked.HardlyUsedAfter().Select(Of));
            case LadderQuestion.Waiting when rungId is null || ladder.PlaceOf(rungId) < 0:
                return Problems.Bad("rungId", "Say which rung: one that stands on the ladder.");
            case LadderQuestion.Waiting:
                return Answer([Of(asked.OnlyWaiting(ladder.PlaceOf(rungId), line))]);
            case LadderQuestion.CouldWait or LadderQuestion.Late:
                var (couldWait, late) = asked.Tricky(room.Stock.Sentences.All.Select(x => (IReadOnlyList<string>)[.. x.Words.Select(w => w.ToLowerInvariant())]), new Unlocking(ladder, room.Rules.Strict));
                return Answer((what == LadderQuestion.Late ? late : couldWait).Select(x => new FoundView(Name(x.Place), x.Word, x.Sentences, [], Name(x.Other))));
            case LadderQuestion.Untaught:
                return Answer(asked.Untaught(room.Stock).Select(x => new FoundView(null, x.Word, x.Sentences, [], Name(x.Other))));
            case LadderQuestion.UntaughtParts:
                return Answer(asked.UntaughtParts().Select(x => new FoundView(
                    null, x.Part.Grapheme.Text, x.Words.Count, [.. x.Words.Take(ShownWords).Select(w => w.Spelling)], Name(x.Place), new TeachableDocument(TeachableKind.Correspondence, x.Part.Key))));
            case LadderQuestion.Earliest when string.IsNullOrWhiteSpace(text) || text.Length > LongestText:
                return Problems.Bad("text", $"Write a word or a text of at most {LongestText} letters.");
            case LadderQuestion.Earliest:
                var (place, last) = asked.Earliest(text!);
                return Answer(last.Select(x => new FoundView(Name(x.Place), x.Word, 0, [], Name(place))));
            default:
                if (Accent.Find(accent) is not { } other)
                {
                    return Problems.Bad("accent", $"Say which accent to set beside it: {string.Join(", ", Accent.All.Select(x => x.Id))}.");
                }

                var stock = stocks.Get(
                    StockKey.Of(room.School, room.Conventions with { Accent = other, Merges = "" }, ladder), ladder, room.School.OwnWordsIn(other));
                return Answer(asked.Otherwise(new Unlocking(ladder, stock.Rules)).Select(Of), other.Name);
        }

        Ok<AnswerView> Answer(IEnumerable<FoundView> found, string? name = null) => TypedResults.Ok(new AnswerView(what, [.. found], name));

        FoundView Of(RungAnswer x) => new(Name(x.Place), null, x.Count, [.. x.Words.Take(ShownWords).Select(w => w.Spelling)], Name(x.Other));

        RungName? Name(int? place) => place is { } at && at >= 0 && at < ladder.Rungs.Count ? new RungName(ladder.Rungs[at].Id, at + 1, ladder.Rungs[at].Label) : null;
    }
}
