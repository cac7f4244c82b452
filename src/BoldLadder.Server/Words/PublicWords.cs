using System.ComponentModel.DataAnnotations;
using System.Globalization;
using System.Text;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Words;

/// <summary>A grapheme with its sounds and the zero-based places of its letters.</summary>
public sealed record SegmentView(string Grapheme, IReadOnlyList<string> Phonemes, IReadOnlyList<int> Letters);

/// <param name="Divided">The word in syllables as a teacher would write them.</param>
public sealed record PronunciationView(IReadOnlyList<SegmentView> Segments, int Syllables, string Structure, IReadOnlyList<string> Divided)
{
    public static PronunciationView Of(Segmentation reading, LexiconWord? word)
    {
        var structure = Core.Words.Structure.Of(reading, word);
        return new PronunciationView(
            [.. reading.Segments.Select(x => new SegmentView(
                x.Correspondence.Grapheme.Text, [.. x.Correspondence.Sound.Phonemes.Select(p => p.Key)], [.. x.Letters]))],
            structure.Syllables, structure.Pattern, Core.Words.Structure.Divided(reading, word));
    }
}

/// <summary>What the lexicon knows of a word.</summary>
/// <param name="Status"><c>known</c>, <c>guess</c> when it is in no list and its likely splits were worked out, or <c>unknown</c>.</param>
/// <param name="Join">How the ending is joined: <c>plain</c>, <c>double-consonant</c>, <c>drop-e</c> or <c>y-to-i</c>.</param>
/// <param name="Parts">The two words of a compound.</param>
/// <param name="Familiarity">From what age children know it: <c>4-5</c>, <c>6-7</c>, <c>later</c> or <c>unrated</c>.</param>
/// <param name="Suitability"><c>fine</c>, <c>sensitive</c> or <c>unsuitable</c>.</param>
/// <param name="Homophones">Words that sound the same in the accent.</param>
/// <param name="SpokenSentence">A line that gives the word its meaning, said by the adult.</param>
public sealed record WordAnswer(
    string Spelling, string Accent, string Status, IReadOnlyList<PronunciationView> Pronunciations, string? Base, string? Ending, string? Join,
    IReadOnlyList<string> Parts, string Familiarity, string Suitability, IReadOnlyList<string> Homophones, string? SpokenSentence);

/// <summary>A question about what can be read with certain parts taught.</summary>
public sealed record VerdictsRequest(
    [property: Required] string Accent, [property: Required] IReadOnlyList<string> Taught, [property: Required] IReadOnlyList<string> Words,
    string? WeakVowels = null, IReadOnlyList<string>? TrickyTaught = null);

/// <param name="Verdict"><c>readable</c>, <c>tricky-taught</c>, <c>not-yet</c>, <c>unknown</c> or <c>unsuitable</c>.</param>
/// <param name="Blockers">Parts not taught, in word order, of the pronunciation with the fewest.</param>
public sealed record VerdictView(string Word, string Verdict, IReadOnlyList<string> Blockers);

/// <summary>Words that sound the same in an accent.</summary>
public sealed record HomophoneSet(IReadOnlyList<string> Words);

/// <summary>Answers about words that need no school.</summary>
public static class PublicWords
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/words/{spelling}", Word).RequireRateLimiting(Limits.Computing)
            .WithSummary("How a word is said and split in an accent, and all that is known of it.").ProducesProblem(400).ProducesProblem(429);
        routes.MapPost("/api/verdicts", Verdicts).RequireRateLimiting(Limits.Computing)
            .WithSummary("Which words can be read with what is taught.").ProducesProblem(400).ProducesProblem(429);
        routes.MapGet("/api/homophones", AllHomophones).RequireRateLimiting(Limits.Computing)
            .WithSummary("Sets of everyday words that sound the same in an accent.").ProducesProblem(400).ProducesProblem(429);
        routes.MapGet("/api/lexicon.csv", LexiconCsv).RequireRateLimiting(Limits.Computing)
            .WithSummary("The lexicon as CSV, with its readings in an accent.").Produces<string>(200, "text/csv").ProducesProblem(400).ProducesProblem(429);
    }

    private static Results<Ok<WordAnswer>, ProblemHttpResult> Word(string spelling, string? accent, Library library, StockCache stocks)
    {
        if (Asked.Accent(accent ?? Accent.SouthernBritish.Id, out var problem) is not { } spoken)
        {
            return problem!;
        }

        if (Asked.CheckWord(spelling) is { } sentence)
        {
            return Problems.Bad("spelling", sentence);
        }

        var stock = stocks.Plain(spoken, WeakVowels.Lenient);
        if (library.Lexicon.Find(spelling) is { } word)
        {
            var readings = library.Lexicon.Readings(word, spoken);
            return TypedResults.Ok(new WordAnswer(
                word.Spelling, spoken.Id, readings.Count > 0 ? "known" : "unknown", [.. readings.Select(x => PronunciationView.Of(x, word))],
                word.Ended?.Base, word.Ended?.Ending, word.Ended is { } ended ? Joins.Key(ended.Join) : null, word.Parts,
                OwnWord.Written(word.Familiarity) is { Length: > 0 } rated ? rated : "unrated", KeyOf(word.Suitability),
                [.. stock.SoundAlikes(word).Select(x => x.Spelling)], stock.Spoken.Find(word.Key)));
        }

        var guesses = Guess.Of(spelling.ToLowerInvariant(), library.Correspondences, stock.Words);
        return TypedResults.Ok(new WordAnswer(
            spelling, spoken.Id, guesses.Count == 0 ? "unknown" : "guess", [.. guesses.Select(x => PronunciationView.Of(x, null))], null, null, null, [],
            "unrated", library.RealWords.UnsafeIn(spelling.ToLowerInvariant()) is null ? "fine" : "unsuitable", [], null));
    }

    private static Results<Ok<IReadOnlyList<VerdictView>>, ProblemHttpResult> Verdicts(VerdictsRequest request, StockCache stocks)
    {
        if (Asked.Accent(request.Accent, out var problem) is not { } accent || Asked.Weak(request.WeakVowels, out problem) is not { } weak
            || Asked.Taught(request.Taught, out problem) is not { } taught)
        {
            return problem!;
        }

        if (request.Words.Count > Asked.MostWords || request.TrickyTaught?.Count > Asked.MostTaught)
        {
            return Problems.Bad(
                request.Words.Count > Asked.MostWords ? "words" : "trickyTaught",
                $"Give a list of at most {Asked.MostTaught} taught parts and {Asked.MostWords} words.");
        }

        if (request.Words.Select(Asked.CheckWord).FirstOrDefault(x => x is not null) is { } wrong)
        {
            return Problems.Bad("words", wrong);
        }

        var judge = new Judge(new TaughtSet(
            stocks.Plain(accent, weak).Rules, taught.Select(x => new Taught(Correspondence: x)), (request.TrickyTaught ?? []).Where(x => x is not null)));
        return TypedResults.Ok<IReadOnlyList<VerdictView>>([.. request.Words.Select(x => Answer(x, judge.Of(x)))]);
    }

    private static Results<Ok<IReadOnlyList<HomophoneSet>>, ProblemHttpResult> AllHomophones(string? accent, StockCache stocks)
    {
        if (Asked.Accent(accent ?? Accent.SouthernBritish.Id, out var problem) is not { } spoken)
        {
            return problem!;
        }

        return TypedResults.Ok<IReadOnlyList<HomophoneSet>>(
            [.. stocks.Plain(spoken, WeakVowels.Lenient).HomophoneSets().Select(x => new HomophoneSet([.. x.Select(w => w.Spelling)]))]);
    }

    private static Results<FileContentHttpResult, ProblemHttpResult> LexiconCsv(string? accent, Library library)
    {
        if (Asked.Accent(accent ?? Accent.SouthernBritish.Id, out var problem) is not { } spoken)
        {
            return problem!;
        }

        var text = new StringBuilder("word,region,suitability,familiarity,base,ending,join,parts,count,readings\r\n");
        foreach (var word in library.Lexicon.Words)
        {
            // No cell holds a comma or a quote: letters, keys and numbers only.
            text.AppendJoin(',', [
                word.Spelling, word.Region, KeyOf(word.Suitability), OwnWord.Written(word.Familiarity), word.Ended?.Base ?? "", word.Ended?.Ending ?? "",
                word.Ended is { } ended ? Joins.Key(ended.Join) : "", string.Join(' ', word.Parts), word.Count.ToString(CultureInfo.InvariantCulture),
                string.Join(" | ", library.Lexicon.Readings(word, spoken))]).Append("\r\n");
        }

        return TypedResults.File(Encoding.UTF8.GetBytes(text.ToString()), "text/csv; charset=utf-8", $"lexicon-{spoken.Id}.csv");
    }

    private static string KeyOf(Suitability suitability) => suitability.ToString().ToLowerInvariant();

    private static VerdictView Answer(string word, Verdict verdict) => new(
        word, verdict.Key, verdict.Kind == VerdictKind.NotYet ? [.. verdict.Blockers.Select(x => x.Shown)] : []);
}
