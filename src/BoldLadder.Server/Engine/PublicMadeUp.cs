using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Engine;

/// <summary>Made-up words to be checked.</summary>
/// <param name="Taught">What children know; left out, any spelling may be used.</param>
public sealed record MadeUpRequest(
    [property: Required] string Accent, [property: Required] IReadOnlyList<string> Words, IReadOnlyList<string>? Taught = null);

/// <param name="Verdict"><c>ok</c>, <c>real</c>, <c>sounds-real</c>, <c>illegal</c> or <c>unsafe</c>; the worst that is true.</param>
/// <param name="Like">The real word it is or sounds like; never a rude one.</param>
/// <param name="Notes">What there is to say of a good one: a rare spelling, a rare word that sounds so.</param>
public sealed record MadeUpView(string Word, string Verdict, string Reason, string? Like, IReadOnlyList<string> Notes);

/// <summary>Made-up words to be made.</summary>
/// <param name="MostSounds">Boxes in a word.</param>
/// <param name="MostTogether">Consonants together.</param>
public sealed record MakeRequest(
    [property: Required] string Accent, [property: Required] IReadOnlyList<string> Taught, [property: Range(2, 6)] int MostSounds = 4,
    [property: Range(1, 3)] int MostTogether = 2, [property: Range(1, 20_000)] int Count = 100);

/// <param name="All">How many good ones there are in all.</param>
public sealed record MadeView(int All, IReadOnlyList<MadeWordView> Words);

public sealed record MadeWordView(string Word, string Split);

/// <summary>Made-up words, checked and made, without a school.</summary>
public static class PublicMadeUp
{
    private const int MostWords = 1000;

    public static void Map(IEndpointRouteBuilder routes)
    {
        Turns.Take(routes.MapPost("/api/made-up/check", Check).RequireRateLimiting(Limits.Computing)
            .WithSummary("Whether made-up words are legal, not real, not like a real word by ear, and not rude.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapPost("/api/made-up/make", Make).RequireRateLimiting(Limits.Computing)
            .WithSummary("All good made-up words of one syllable that a taught set gives.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
    }

    private static Results<Ok<IReadOnlyList<MadeUpView>>, ProblemHttpResult> Check(MadeUpRequest request, MadeUpChecks checks, WorkBudget budget)
    {
        if (Asked.Accent(request.Accent, out var problem) is not { } accent)
        {
            return problem!;
        }

        var taught = request.Taught is null ? null : Asked.Taught(request.Taught, out problem);
        if (problem is not null)
        {
            return problem;
        }

        if (request.Words.Count > MostWords)
        {
            return Problems.Bad("words", $"Give at most {MostWords} words.");
        }

        if (request.Words.Select(CheckLetters).FirstOrDefault(x => x is not null) is { } wrong)
        {
            return Problems.Bad("words", wrong);
        }

        var check = checks.For(accent).Value;
        var known = taught?.ToHashSet();
        return TypedResults.Ok<IReadOnlyList<MadeUpView>>([.. request.Words.Select(x =>
        {
            budget.Stop.ThrowIfCancellationRequested();
            var judged = check.Of(x, known);
            return new MadeUpView(x, KeyOf(judged.Verdict), Phrases.Plain.Sentence([judged.Reason]), judged.Like, [.. judged.Notes.Select(n => Phrases.Plain.Clause([n]))]);
        })]);
    }

    private static Results<Ok<MadeView>, ProblemHttpResult> Make(MakeRequest request, MadeUpChecks checks, WorkBudget budget)
    {
        if (Asked.Accent(request.Accent, out var problem) is not { } accent || Asked.Taught(request.Taught, out problem) is not { } taught)
        {
            return problem!;
        }

        var all = new MadeUpWords(checks.For(accent).Value).All(taught.ToHashSet(), new WordShape(request.MostSounds, request.MostTogether, 1), budget.Stop);
        return TypedResults.Ok(new MadeView(all.Count, [.. all.Take(request.Count).Select(x => new MadeWordView(x.Word, x.Reading!.ToString()))]));
    }

    private static string? CheckLetters(string? word) => Asked.CheckWord(word)
        ?? (word!.All(char.IsAsciiLetter) ? null : "A made-up word is made of the letters a to z only.");

    private static string KeyOf(MadeUpVerdict verdict) => verdict == MadeUpVerdict.SoundsReal ? "sounds-real" : verdict.ToString().ToLowerInvariant();
}
