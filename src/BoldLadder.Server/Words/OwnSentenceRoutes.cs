using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Words;

/// <param name="Text">A sentence as children are to read it.</param>
public sealed record OwnSentenceRequest([property: Required, StringLength(400)] string Text);

public sealed record OwnSentenceView(Guid Id, string Text);

/// <summary>A sentence that a group can read.</summary>
/// <param name="Targets">Words in it that have what the rung teaches.</param>
public sealed record ReadableSentenceView(string Text, int Targets);

/// <param name="For">What the rung teaches that they are for; empty where nothing is new.</param>
/// <param name="Readable">How many can be read in all, and how many of those have what it teaches.</param>
/// <param name="Sentences">The best of them.</param>
/// <param name="Made">Made by rule, and read by nobody: none of them is in a lesson until it is made the school's own.</param>
/// <param name="Own">The school's own, whatever they need.</param>
public sealed record GroupSentencesView(
    Strip Strip, string Group, string For, int Readable, int OnPoint, IReadOnlyList<ReadableSentenceView> Sentences, IReadOnlyList<string> Made, IReadOnlyList<OwnSentenceView> Own);

/// <summary>
/// Sentences of a school's own. Lessons choose from them as from those that ship, by what can be read; and where both run
/// dry, sentences made by rule are offered to be read and taken.
/// </summary>
public static class OwnSentenceRoutes
{
    /// <summary>Most sentences of one school.</summary>
    public const int Most = 1000;

    private const int Shown = 40, MostMade = 24;

    public static void Map(RouteGroupBuilder school)
    {
        Turns.Take(school.MapGet("/groups/{groupId:guid}/sentences", For)
            .WithSummary("Sentences for what a group is taught next: those that it can read, others made by rule, and the school's own.")
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(429).ProducesProblem(503), large: true);
        school.MapPost("/own-sentences", Add).WithSummary("Keep a sentence as the school's own.").ProducesProblem(400);
        school.MapDelete("/own-sentences/{sentenceId:guid}", Forget).WithSummary("Take a sentence out of the school's own.").ProducesProblem(404);
    }

    private static async Task<Results<Ok<GroupSentencesView>, ProblemHttpResult>> For(
        Guid groupId, string? asIf, BoldLadderDb db, Classrooms rooms, CancellationToken cancel, int turn = 0)
    {
        var (room, problem) = await rooms.Enter(groupId, asIf, cancel);
        if (room is null)
        {
            return problem!;
        }

        var rung = room.Standing.AsIf ?? room.Standing.Due;
        var section = room.Ladder.Sections[room.Standing.SectionFor(rung)];
        var sentences = new RungSentences(room.Stock, room.Taught, rung, section.Shape.For(rung?.Adds ?? []));
        var readable = sentences.Readable();
        var own = await db.OwnSentences.AsNoTracking().OrderBy(x => x.Text).Select(x => new OwnSentenceView(x.Id, x.Text)).ToListAsync(cancel);
        return TypedResults.Ok(new GroupSentencesView(
            Strip.Of(room.Standing), room.Group.Name, rung?.Label ?? "", readable.Count, readable.Count(x => x.Targets > 0),
            [.. readable.Take(Shown).Select(x => new ReadableSentenceView(x.Sentence.Text, x.Targets))],
            [.. sentences.Made(MostMade, (ulong)Math.Abs((long)turn)).Select(x => x.Text)], own));
    }

    private static async Task<Results<Ok<OwnSentenceView>, ProblemHttpResult>> Add(
        OwnSentenceRequest request, BoldLadderDb db, SchoolScope scope, Classrooms rooms, ShippedData shipped, CancellationToken cancel)
    {
        var settings = await rooms.School(scope.School, null, cancel);
        var words = new SchoolWords(shipped.Lexicon, settings.Accent, settings.OwnWords, shipped.IsRealWord);
        if (OwnSentence.TryRead(request.Text, shipped.Gate, words, out var sentence) is not { } text)
        {
            return Problems.Bad("text", sentence);
        }

        OwnSentenceView? kept = null;
        var refused = await OwnWordRoutes.Change(db, scope, async _ =>
        {
            if (await db.OwnSentences.FirstOrDefaultAsync(x => x.Text == text, cancel) is { } there)
            {
                kept = new OwnSentenceView(there.Id, there.Text);
                return null;
            }

            if (await db.OwnSentences.CountAsync(cancel) >= Most)
            {
                return Problems.Bad("text", $"A school keeps at most {Most} sentences of its own. Take some out first.");
            }

            var row = new OwnSentenceRow { SchoolId = scope.School, Id = Guid.CreateVersion7(), Text = text };
            db.OwnSentences.Add(row);
            kept = new OwnSentenceView(row.Id, row.Text);
            return null;
        }, cancel);
        return refused.Result is ProblemHttpResult problem ? problem : TypedResults.Ok(kept!);
    }

    private static Task<Results<NoContent, ProblemHttpResult>> Forget(Guid sentenceId, BoldLadderDb db, SchoolScope scope, CancellationToken cancel) =>
        OwnWordRoutes.Change(db, scope, async _ =>
        {
            if (await db.OwnSentences.SingleOrDefaultAsync(x => x.Id == sentenceId, cancel) is not { } own)
            {
                return Problems.Missing("sentenceId", "The school has no such sentence. Somebody may have taken it out already.");
            }

            db.OwnSentences.Remove(own);
            return null;
        }, cancel);
}
