using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Words;

/// <summary>A word as one group meets it today.</summary>
/// <param name="Verdict">As in the open API.</param>
/// <param name="Status"><c>known</c>, <c>guess</c> or <c>unknown</c>.</param>
/// <param name="Split">The first reading as it is written, for correcting.</param>
/// <param name="From">The rung from which it can be read; null when no rung makes it readable.</param>
/// <param name="Own">The school added the word or changed it.</param>
/// <param name="AsMadeUp">For a word in no list: what there is to say of it as a made-up word.</param>
public sealed record WordView(
    string Spelling, string Verdict, string Status, string Split, IReadOnlyList<PieceView> Pieces, int Sounds, int Syllables, string Structure,
    IReadOnlyList<BlockerView> Blockers, BlockerView? From, bool Own, string? Base, string? Ending,
    string Familiarity, IReadOnlyList<string> SoundAlikes, string? Spoken, string? AsMadeUp);

/// <summary>Words as a group of a school meets them.</summary>
public static class SchoolWordRoutes
{
    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/groups/{groupId:guid}/words/{spelling}", Word)
            .WithSummary("A word for a group: readable today or not, why, and from when.").ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<Results<Ok<WordView>, ProblemHttpResult>> Word(
        Guid groupId, string spelling, string? asIf, Classrooms rooms, Library library, CancellationToken cancel)
    {
        if (Asked.CheckWord(spelling) is { } sentence)
        {
            return Problems.Bad("spelling", sentence);
        }

        var (room, problem) = await rooms.Enter(groupId, asIf, cancel);
        return problem is not null ? problem : TypedResults.Ok(View(spelling, room!, library));
    }

    public static WordView View(string spelling, Classroom room, Library library)
    {
        var judge = new Judge(room.Taught);
        if (room.Stock.Words.Find(spelling) is not { Readings.Count: > 0 } found)
        {
            return Guessed(spelling, room, judge, library);
        }

        var verdict = judge.Of(found.Word);
        var reading = found.Readings[verdict.Row < 0 ? 0 : room.Rules.Needs.ReadingOf(verdict.Row)];
        var structure = Structure.Of(reading, found.Word);
        var place = room.Unlocking.PlaceOf(found.Word.Rank);
        return new WordView(
            found.Word.Spelling, verdict.Key, "known", reading.ToString(), PieceView.Of(reading, found.Word.Ended, judge, []),
            reading.SoundCount, structure.Syllables, structure.Pattern, BlockerView.Of(verdict.Blockers, room),
            place == Unlocking.Never ? null : FromRung(place, room), found.Own, found.Word.Ended?.Base, found.Word.Ended?.Ending,
            Describe(found.Word), [.. room.Stock.SoundAlikes(found.Word).Select(x => x.Spelling)], room.Stock.Spoken.Find(found.Word.Key), null);
    }

    private static WordView Guessed(string spelling, Classroom room, Judge judge, Library library)
    {
        var guess = Guess.Of(spelling.ToLowerInvariant(), library.Correspondences, room.Stock.Words) is [var likeliest, ..] ? likeliest : null;
        var blockers = guess is null ? [] : judge.Blockers(guess, null);
        var structure = guess is null ? default : Structure.Of(guess);
        return new WordView(
            spelling, judge.Of(spelling).Key, guess is null ? "unknown" : "guess", guess?.ToString() ?? "",
            guess is null ? [] : PieceView.Of(guess, null, judge, []), guess?.SoundCount ?? 0, structure.Syllables, structure.Pattern ?? "",
            BlockerView.Of(blockers, room), null, false, null, null, "not in the word list", [], null, room.Stock.MadeUp?.Of(spelling).Reason);
    }

    private static BlockerView FromRung(int place, Classroom room)
    {
        var rung = room.Ladder.Rungs[place];
        return new BlockerView("", rung.Id, place + 1, rung.Label, room.Dates.TryGetValue(rung.Id, out var date) ? date : null);
    }

    private static string Describe(LexiconWord word) => word.Suitability switch
    {
        Suitability.Unsuitable => "never offered to a class",
        Suitability.Sensitive => "sensitive: offered only if you ask",
        _ => word.Familiarity switch
        {
            Familiarity.AtFourOrFive => "known at four or five",
            Familiarity.AtSixOrSeven => "known at six or seven",
            Familiarity.Later => "known later",
            _ => "not rated: not offered by itself",
        },
    };
}
