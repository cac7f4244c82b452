using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Engine;

/// <summary>What a list is asked for; all that is left out is left open.</summary>
/// <param name="Taught">Limits the list to what can be read; left out, words are chosen by ear alone.</param>
/// <param name="Kind"><c>words</c> (the default), <c>rhymes</c>, <c>rhymes-spelt-alike</c>, <c>by-spelling</c> (one sound, its spellings side by side) or <c>by-ending-sound</c>.</param>
/// <param name="Sound">A sound that the words have; with <paramref name="Without"/>, have not.</param>
/// <param name="Grapheme">How it is spelt in them.</param>
/// <param name="Place"><c>first</c>, <c>inside</c>, <c>last</c> or <c>anywhere</c>.</param>
/// <param name="Ending">For <c>by-ending-sound</c>: <c>s</c> or <c>ed</c>, say.</param>
/// <param name="FewestSounds">Boxes, as a teacher counts sounds.</param>
public sealed record ListRequest(
    [property: Required] string Accent, IReadOnlyList<string>? Taught = null, string? WeakVowels = null, string? Kind = null, string? Sound = null,
    string? Grapheme = null, string? Place = null, bool Without = false, string? Ending = null,
    [property: Range(1, 12)] int FewestSounds = 1, [property: Range(1, 12)] int MostSounds = 12, [property: Range(1, 5)] int MostSyllables = 5,
    [property: Range(1, 4)] int MostTogether = 4, [property: Range(1, 1000)] int Count = 40);

/// <summary>A word of a list with its split and why it is in it.</summary>
public sealed record ListedWordView(string Word, string Split, string Reason)
{
    public static ListedWordView Of(ListedWord x) => new(x.Word.Spelling, x.Offered.Reading.ToString(), Phrases.Plain.Clause(x.Reasons));
}

/// <param name="Shared">What the words share: letters, a spelling or the sound of an ending; empty for a plain list.</param>
public sealed record FamilyView(string Shared, IReadOnlyList<ListedWordView> Words);

/// <summary>What pairs are asked for.</summary>
/// <param name="Kind"><c>minimal</c> (the default), <c>short-split</c>, <c>added-in-front</c> or <c>added-at-end</c>.</param>
/// <param name="One">For minimal pairs: the two sounds of the contrast; left out, any.</param>
public sealed record PairsRequest(
    [property: Required] string Accent, IReadOnlyList<string>? Taught = null, string? WeakVowels = null, string? Kind = null, string? One = null,
    string? Other = null, [property: Range(1, 12)] int MostSounds = 6, [property: Range(1, 1000)] int Count = 40);

public sealed record PairView(string One, string Other, string Reason);

/// <summary>What a chain is asked for.</summary>
/// <param name="Steps">Steps wanted: one fewer than words.</param>
/// <param name="Through">Sounds that it must pass through.</param>
/// <param name="Start">A word to start from.</param>
/// <param name="Words">Words it is limited to; left out, all that can be read.</param>
/// <param name="Seed">Another number gives another chain.</param>
public sealed record ChainRequest(
    [property: Required] string Accent, IReadOnlyList<string>? Taught = null, string? WeakVowels = null,
    [property: Range(1, WordChains.MostSteps)] int Steps = 8, IReadOnlyList<string>? Through = null, string? Start = null,
    IReadOnlyList<string>? Words = null, [property: Range(1, 12)] int MostSounds = 5, ulong Seed = 1);

/// <param name="Move"><c>changed</c>, <c>added</c> or <c>takenOut</c>; null for the first word.</param>
/// <param name="Place"><c>start</c>, <c>middle</c> or <c>end</c>.</param>
/// <param name="Said">What changed, and where, for the adult.</param>
public sealed record ChainWordView(string Word, string Split, ChainMove? Move, ChainPlace? Place, string? From, string? To, string Said);

/// <param name="Outcome"><c>found</c>, <c>noneExists</c> when that was proved, or <c>noneFound</c> within the work allowed.</param>
/// <param name="Longest">Steps of the longest chain met on the way.</param>
public sealed record ChainAnswer(ChainOutcome Outcome, IReadOnlyList<ChainWordView> Words, int Longest);

/// <summary>Lists, pairs and chains of words that need no school. Nothing sensitive or unsuitable is in any of them.</summary>
public static class PublicChoices
{
    private const int MostThrough = 8;

    public static void Map(IEndpointRouteBuilder routes)
    {
        Turns.Take(routes.MapPost("/api/lists", Lists).RequireRateLimiting(Limits.Computing)
            .WithSummary("Words by number and place of sounds, without a sound, by rhyme, by spelling or by the sound of an ending.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapPost("/api/pairs", Pairs).RequireRateLimiting(Limits.Computing)
            .WithSummary("Minimal pairs, short vowels beside split digraphs, words with a consonant added.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapPost("/api/chains", Chains).RequireRateLimiting(Limits.Computing)
            .WithSummary("A chain of words with one change a step.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
    }

    private static Results<Ok<IReadOnlyList<FamilyView>>, ProblemHttpResult> Lists(ListRequest request, StockCache stocks)
    {
        if (Ask(request.Accent, request.Taught, request.WeakVowels, stocks, out var problem) is not { } asked)
        {
            return problem!;
        }

        var sound = Asked.Sound(request.Sound, "sound", out problem);
        var grapheme = problem is null ? Asked.Grapheme(request.Grapheme, out problem) : null;
        if (problem is not null)
        {
            return problem;
        }

        if (!Asked.Place(request.Place, out var place))
        {
            return Problems.Bad("place", Asked.PlaceSentence);
        }

        var kind = request.Kind ?? "words";
        if (kind == "by-spelling" && sound is null)
        {
            return Problems.Bad("sound", "Say which sound, such as ai.");
        }

        if (kind == "by-ending-sound" && !Core.Words.Endings.All.Contains(request.Ending))
        {
            return Problems.Bad("ending", $"The endings are {string.Join(", ", Core.Words.Endings.All)}.");
        }

        var lists = new WordLists(asked.Stock);
        var brief = new ListBrief(
            asked.Judge, sound, grapheme, place, request.Without, request.FewestSounds, request.MostSounds,
            new WordShape(12, request.MostTogether, request.MostSyllables));
        return ListKinds.Families(kind, lists, brief, request.Ending) is not { } families
            ? Problems.Bad("kind", ListKinds.ListSentence)
            : TypedResults.Ok<IReadOnlyList<FamilyView>>(
                [.. families.Take(request.Count).Select(x => new FamilyView(x.Shared, [.. x.Words.Take(request.Count).Select(ListedWordView.Of)]))]);
    }

    private static Results<Ok<IReadOnlyList<PairView>>, ProblemHttpResult> Pairs(PairsRequest request, StockCache stocks)
    {
        if (Ask(request.Accent, request.Taught, request.WeakVowels, stocks, out var problem) is not { } asked)
        {
            return problem!;
        }

        var one = Asked.Sound(request.One, "one", out problem);
        var other = problem is null ? Asked.Sound(request.Other, "other", out problem) : null;
        if (problem is not null)
        {
            return problem;
        }

        if (one is null != other is null)
        {
            return Problems.Bad(one is null ? "one" : "other", "Give both sounds of the contrast, or neither.");
        }

        var brief = new ListBrief(asked.Judge, MostSounds: request.MostSounds);
        return ListKinds.Pairs(request.Kind ?? "minimal", asked.Stock, brief, one, other) is not { } found
            ? Problems.Bad("kind", ListKinds.PairSentence)
            : TypedResults.Ok<IReadOnlyList<PairView>>([.. found.Take(request.Count).Select(x => new PairView(x.One.Word.Spelling, x.Other.Word.Spelling, Phrases.Plain.Clause(x.Reasons)))]);
    }

    private static Results<Ok<ChainAnswer>, ProblemHttpResult> Chains(ChainRequest request, StockCache stocks, WorkBudget budget)
    {
        if (Ask(request.Accent, request.Taught, request.WeakVowels, stocks, out var problem) is not { } asked)
        {
            return problem!;
        }

        if (request.Through?.Count > MostThrough || request.Words?.Count > Asked.MostWords)
        {
            return Problems.Bad(
                request.Through?.Count > MostThrough ? "through" : "words",
                $"A chain passes through at most {MostThrough} sounds, and is made of at most {Asked.MostWords} words.");
        }

        var through = new List<Sound>();
        foreach (var key in request.Through ?? [])
        {
            if (Asked.Sound(key, "through", out problem) is not { } sound)
            {
                return problem ?? Problems.Bad("through", "Name the sounds by their keys, such as ai.");
            }

            through.Add(sound);
        }

        var start = request.Start?.ToLowerInvariant();
        var only = request.Words?.Where(x => x is not null).Select(x => x.ToLowerInvariant()).ToHashSet();
        var words = new WordLists(asked.Stock).Words(new ListBrief(asked.Judge, MostSounds: request.MostSounds))
            .Select(x => x.Offered).Where(x => only is null || only.Contains(x.Word.Key)).ToList();
        if (start is not null && words.All(x => x.Word.Key != start))
        {
            return Problems.Bad("start", "The word to start from is not one that may be used here: not readable with what is taught, not everyday, or too long.");
        }

        var chain = new WordChains(new ChainGraph(words, asked.Stock.Rules), asked.Stock.Rules).Find(new ChainBrief(request.Steps, through, start, request.Seed), budget.Stop);
        return TypedResults.Ok(new ChainAnswer(
            chain.Outcome,
            [.. chain.Words.Select(x => new ChainWordView(
                x.Word.Word.Spelling, x.Word.Reading.ToString(), x.Step?.Move, x.Step?.Place, x.Step?.From?.Key, x.Step?.To?.Key, x.Step is { } step ? Phrases.Plain.Clause(step.Reasons) : ""))],
            chain.Longest));
    }

    private static (WordStock Stock, Judge? Judge)? Ask(
        string accentId, IReadOnlyList<string>? taughtKeys, string? weakVowels, StockCache stocks, out ProblemHttpResult? problem)
    {
        if (Asked.Accent(accentId, out problem) is not { } accent || Asked.Weak(weakVowels, out problem) is not { } weak)
        {
            return null;
        }

        var stock = stocks.Plain(accent, weak);
        if (taughtKeys is null)
        {
            return (stock, null);
        }

        return Asked.Taught(taughtKeys, out problem) is { } taught
            ? (stock, new Judge(new TaughtSet(stock.Rules, taught.Select(Teachable.Of), [])))
            : null;
    }
}
