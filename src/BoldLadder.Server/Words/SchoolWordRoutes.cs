using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
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
/// <param name="Accent">The id of the accent that the word is split in; in it the split is put right, or the word added.</param>
/// <param name="AsMadeUp">For a word in no list: what there is to say of it as a made-up word.</param>
public sealed record WordView(
    string Spelling, string Verdict, string Status, string Split, IReadOnlyList<PieceView> Pieces, int Sounds, int Syllables, string Structure,
    IReadOnlyList<BlockerView> Blockers, BlockerView? From, bool Own, string? Base, string? Ending,
    string Familiarity, IReadOnlyList<string> SoundAlikes, string? Spoken, string Accent, string? AsMadeUp);

/// <summary>Words as a group of a school meets them.</summary>
public static class SchoolWordRoutes
{
    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/groups/{groupId:guid}/words/{spelling}", Word)
            .WithSummary("A word for a group: readable today or not (on another day, if all goes to plan), why, and from when.").ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<Results<Ok<WordView>, ProblemHttpResult>> Word(
        Guid groupId, string spelling, string? asIf, DateOnly? day, Classrooms rooms, ShippedData shipped, CancellationToken cancel)
    {
        if (Asked.CheckWord(spelling) is { } sentence)
        {
            return Problems.Bad("spelling", sentence);
        }

        var (room, problem) = await rooms.Enter(groupId, asIf, cancel);
        return problem is not null ? problem : TypedResults.Ok(View(spelling, room!, day, shipped));
    }

    /// <param name="day">The morning that it is judged on; null for now. Where a group is taken to stand elsewhere, a day says nothing.</param>
    public static WordView View(string spelling, Classroom room, DateOnly? day, ShippedData shipped)
    {
        var judge = new Judge(day is { } on && room.Standing.AsIf is null ? room.Forecast.Before(on).Taught : room.Taught);
        if (room.Stock.Words.Find(spelling) is not { Readings.Count: > 0 } found)
        {
            return room.Stock.Words.Forms.Find(spelling) is { } form ? Formed(form, spelling, room, judge) : Guessed(spelling, room, judge, shipped);
        }

        var verdict = judge.Of(found.Word);
        var reading = found.Readings[verdict.Row < 0 ? 0 : room.Rules.Rows.ReadingOf(verdict.Row)];
        var structure = Structure.Of(reading, found.Word);
        var place = room.Unlocking.PlaceOf(found.Word.Rank);
        return new WordView(
            found.Word.Spelling, verdict.Key, "known", reading.ToString(), PieceView.Of(reading, found.Word.Ended, judge, [], room.Conventions.Marks),
            reading.SoundCount, structure.Syllables, structure.Pattern, BlockerView.Of(verdict.Blockers, room),
            place == Unlocking.Never ? null : BlockerView.At("", place, room), found.Own, found.Word.Ended?.Base, found.Word.Ended?.Ending,
            Describe(found.Word), [.. room.Stock.SoundAlikes(found.Word).Select(x => x.Spelling)], room.Stock.Spoken.Find(found.Word.Key), room.Stock.Words.Accent.Id, null);
    }

    private static WordView Formed(FormedWord form, string spelling, Classroom room, Judge judge)
    {
        var verdict = judge.Of(form);
        var reading = form.Readings.MinBy(x => judge.Blockers(x, form.Ended).Count)!;
        var structure = Structure.Of(reading);
        var places = verdict.Blockers.Select(room.Unlocking.PlaceOf).ToList();
        return new WordView(
            spelling, verdict.Key, "known", reading.ToString(), PieceView.Of(reading, form.Ended, judge, [], room.Conventions.Marks), reading.SoundCount, structure.Syllables, structure.Pattern,
            BlockerView.Of(verdict.Blockers, room), places.Count == 0 || places.Contains(Unlocking.Never) ? null : BlockerView.At("", places.Max(), room), false, form.Ended?.Base, form.Ended?.Ending,
            form.Parts.Count > 0 ? $"made of {string.Join(" and ", form.Parts)}" : $"a form of {form.Ended?.Base ?? "a known word"}",
            [.. room.Stock.Homophones.Of(form).Where(room.Stock.IsHeard).Select(x => x.Spelling)], null, room.Stock.Words.Accent.Id, null);
    }

    private static WordView Guessed(string spelling, Classroom room, Judge judge, ShippedData shipped)
    {
        var key = spelling.ToLowerInvariant();
        var guess = Guess.Of(key, shipped.Correspondences, room.Stock.Words, room.School.OwnElsewhere(key)) is [var likeliest, ..] ? likeliest : null;
        var blockers = guess is null ? [] : judge.Blockers(guess, null);
        var structure = guess is null ? default : Structure.Of(guess);
        return new WordView(
            spelling, judge.Of(spelling).Key, guess is null ? "unknown" : "guess", guess?.ToString() ?? "",
            guess is null ? [] : PieceView.Of(guess, null, judge, [], room.Conventions.Marks), guess?.SoundCount ?? 0, structure.Syllables, structure.Pattern ?? "",
            BlockerView.Of(blockers, room), null, false, null, null, "not in the word list", [], null, room.Stock.Words.Accent.Id, room.Stock.MadeUp?.Of(spelling) is { } judged ? new Phrases(room.Conventions.Terms).Sentence([judged.Reason]) : null);
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
