using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Reading;
using BoldLadder.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Engine;

/// <param name="Sounds">Every sound with the number of its spellings.</param>
public sealed record SoundsView(IReadOnlyList<SoundSpellings> Sounds);

public sealed record SoundSpellings(string Sound, int Spellings);

/// <summary>A rule of thumb, as a small pattern.</summary>
/// <param name="Claim"><c>spelt-so</c> (the sound there is spelt so), <c>stands-so</c> (the spelling comes only there) or <c>first-vowel-speaks</c>.</param>
/// <param name="Place"><c>first</c>, <c>inside</c> or <c>last</c>.</param>
/// <param name="AfterShortVowel">True: only after a short vowel; false: only not after one.</param>
/// <param name="MostSyllables">Longer words are not asked.</param>
public sealed record RuleRequest(
    [property: Required] string Accent, [property: Required] string Claim, string? Grapheme = null, string? Sound = null, string? Place = null,
    bool? AfterShortVowel = null, [property: Range(1, RuleOfThumb.AnySyllables)] int MostSyllables = RuleOfThumb.AnySyllables);

/// <param name="For">How many words of content the rule holds for.</param>
/// <param name="ForWords">The commonest of them.</param>
/// <param name="Share">The share of words it holds for.</param>
/// <param name="ShareByFrequency">The same, each word as often as it is met in print.</param>
public sealed record RuleView(
    int For, int Against, double Share, double ShareByFrequency, IReadOnlyList<string> ForWords, IReadOnlyList<string> AgainstWords);

/// <summary>Where spellings stand, and what rules of thumb are worth, without a school.</summary>
public static class PublicEvidence
{
    private const int Shown = 200;

    public static void Map(IEndpointRouteBuilder routes)
    {
        Turns.Take(routes.MapGet("/api/evidence", Sounds).RequireRateLimiting(Limits.Computing)
            .WithSummary("The sounds of an accent with how many spellings each has.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapGet("/api/evidence/{sound}", Evidence).RequireRateLimiting(Limits.Computing)
            .WithSummary("How a sound is spelt at each place, by word and by frequency, with best bets and exceptions.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapPost("/api/rules", Rule).RequireRateLimiting(Limits.Computing)
            .WithSummary("The words for and against a rule of thumb.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
    }

    private static Results<Ok<SoundsView>, ProblemHttpResult> Sounds(string? accent, EvidenceBooks books) =>
        Asked.Accent(accent ?? "gb-south", out var problem) is { } spoken
            ? TypedResults.Ok(new SoundsView([.. books.For(spoken).Sounds().Select(x => new SoundSpellings(x.Sound, x.Spellings))]))
            : problem!;

    private static Results<Ok<IReadOnlyList<PlaceEvidence>>, ProblemHttpResult> Evidence(string sound, string? accent, EvidenceBooks books)
    {
        if (Asked.Accent(accent ?? "gb-south", out var problem) is not { } spoken || Asked.Sound(sound, "sound", out problem) is not { } asked)
        {
            return problem!;
        }

        return TypedResults.Ok(books.For(spoken).Of(asked));
    }

    private static Results<Ok<RuleView>, ProblemHttpResult> Rule(RuleRequest request, EvidenceBooks books)
    {
        if (Asked.Accent(request.Accent, out var problem) is not { } accent)
        {
            return problem!;
        }

        var grapheme = Asked.Grapheme(request.Grapheme, out problem);
        var sound = problem is null ? Asked.Sound(request.Sound, "sound", out problem) : null;
        if (problem is not null)
        {
            return problem;
        }

        RuleClaim? claim = request.Claim switch
        {
            "spelt-so" => RuleClaim.SpeltSo, "stands-so" => RuleClaim.StandsSo, "first-vowel-speaks" => RuleClaim.FirstVowelSpeaks, _ => null,
        };
        if (claim is null)
        {
            return Problems.Bad("claim", "A rule claims spelt-so, stands-so or first-vowel-speaks.");
        }

        if (request.Place is not (null or "first" or "inside" or "last"))
        {
            return Problems.Bad("place", "A place is first, inside or last.");
        }

        if (claim != RuleClaim.FirstVowelSpeaks && grapheme is null)
        {
            return Problems.Bad("grapheme", "Say which spelling the rule is about, such as ck.");
        }

        if (claim == RuleClaim.SpeltSo && sound is null)
        {
            return Problems.Bad("sound", "Say which sound the rule is about, such as k.");
        }

        if (claim == RuleClaim.StandsSo && request.Place is null && request.AfterShortVowel is null)
        {
            return Problems.Bad("place", "Say where the spelling is said to stand: first, inside or last, or after a short vowel.");
        }

        var answer = new RuleOfThumb(claim.Value, grapheme, sound, request.Place, request.AfterShortVowel, request.MostSyllables).Ask(books.For(accent));
        return TypedResults.Ok(new RuleView(
            answer.For.Count, answer.Against.Count, answer.Share, answer.ShareByFrequency,
            [.. answer.For.Take(Shown).Select(x => x.Spelling)], [.. answer.Against.Take(Shown).Select(x => x.Spelling)]));
    }
}
