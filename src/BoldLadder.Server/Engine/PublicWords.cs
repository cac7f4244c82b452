using System.ComponentModel.DataAnnotations;
using System.Globalization;
using System.Text;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Engine;

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
/// <param name="Homophones">Every word that sounds the same in the accent, commonest first.</param>
/// <param name="SoundAlikes">The same, each with the age from which children know it.</param>
/// <param name="SpokenSentence">A line that gives the word its meaning, said by the adult.</param>
public sealed record WordAnswer(
    string Spelling, string Accent, string Status, IReadOnlyList<PronunciationView> Pronunciations, string? Base, string? Ending, string? Join,
    IReadOnlyList<string> Parts, string Familiarity, string Suitability, IReadOnlyList<string> Homophones, string? SpokenSentence,
    IReadOnlyList<SoundAlikeView> SoundAlikes);

/// <param name="Familiarity">As of a word.</param>
public sealed record SoundAlikeView(string Word, string Familiarity);

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
        Turns.Take(routes.MapGet("/api/words/{spelling}", Word).RequireRateLimiting(Limits.Computing)
            .WithSummary("How a word is said and split in an accent, and all that is known of it.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapPost("/api/verdicts", Verdicts).RequireRateLimiting(Limits.Computing)
            .WithSummary("Which words can be read with what is taught.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapGet("/api/homophones", AllHomophones).RequireRateLimiting(Limits.Computing)
            .WithSummary("Sets of everyday words that sound the same in an accent.").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
        Turns.Take(routes.MapGet("/api/lexicon.csv", LexiconCsv).RequireRateLimiting(Limits.Computing)
            .WithSummary("The lexicon as CSV, with its readings in an accent.").Produces<string>(200, "text/csv").ProducesProblem(400).ProducesProblem(429).ProducesProblem(503), large: true);
    }

    private static Results<Ok<WordAnswer>, ProblemHttpResult> Word(string spelling, string? accent, ShippedData shipped, StockCache stocks)
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
        if (shipped.Lexicon.Find(spelling) is { } word && stock.Words.Of(word).Readings is { Count: > 0 } readings)
        {
            return TypedResults.Ok(Known(
                word.Spelling, spoken, readings, word, word.Ended, word.Parts, word.Familiarity, word.Suitability, stock.Homophones.Of(word), stock.Spoken.Find(word.Key)));
        }

        if (stock.Words.Forms.Find(spelling) is { } form)
        {
            return TypedResults.Ok(Known(
                spelling, spoken, form.Readings, null, form.Ended, form.Parts, form.Familiarity, form.Suitability, stock.Homophones.Of(form), null));
        }

        var guesses = Guess.Of(spelling.ToLowerInvariant(), shipped.Correspondences, stock.Words);
        return TypedResults.Ok(new WordAnswer(
            spelling, spoken.Id, guesses.Count == 0 ? "unknown" : "guess", [.. guesses.Select(x => PronunciationView.Of(x, null))], null, null, null, [],
            "unrated", shipped.Gate.NeverShown(spelling.ToLowerInvariant()) ? "unsuitable" : "fine", [], null, []));
    }

    private static WordAnswer Known(
        string spelling, Accent accent, IReadOnlyList<Segmentation> readings, LexiconWord? word, EndedWord? ended, IReadOnlyList<string> parts,
        Familiarity familiarity, Suitability suitability, IReadOnlyList<LexiconWord> alike, string? spoken) => new(
        spelling, accent.Id, "known", [.. readings.Select(x => PronunciationView.Of(x, word))], ended?.Base, ended?.Ending,
        ended is { } e ? Joins.Key(e.Join) : null, parts, KeyOf(familiarity), KeyOf(suitability), [.. alike.Select(x => x.Spelling)], spoken,
        [.. alike.Select(x => new SoundAlikeView(x.Spelling, KeyOf(x.Familiarity)))]);

    private static string KeyOf(Familiarity familiarity) => OwnWord.Written(familiarity) is { Length: > 0 } rated ? rated : "unrated";

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
            stocks.Plain(accent, weak).Rules, taught.Select(Teachable.Of), (request.TrickyTaught ?? []).Where(x => x is not null)));
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

    private static Results<FileContentHttpResult, ProblemHttpResult> LexiconCsv(string? accent, ShippedData shipped)
    {
        if (Asked.Accent(accent ?? Accent.SouthernBritish.Id, out var problem) is not { } spoken)
        {
            return problem!;
        }

        var text = new StringBuilder("word,region,suitability,familiarity,base,ending,join,parts,count,readings\r\n");
        foreach (var word in shipped.Lexicon.Words)
        {
            // No cell holds a comma or a quote: letters, keys and numbers only, and none begins with a sign.
            text.AppendJoin(',', [
                word.Spelling, word.Region, KeyOf(word.Suitability), OwnWord.Written(word.Familiarity), word.Ended?.Base ?? "", word.Ended?.Ending ?? "",
                word.Ended is { } ended ? Joins.Key(ended.Join) : "", string.Join(' ', word.Parts), word.Count.ToString(CultureInfo.InvariantCulture),
                string.Join(" | ", shipped.Lexicon.Readings(word, spoken))]).Append("\r\n");
        }

        return TypedResults.File(Encoding.UTF8.GetBytes(text.ToString()), "text/csv; charset=utf-8", $"lexicon-{spoken.Id}.csv");
    }

    private static string KeyOf(Suitability suitability) => suitability.ToString().ToLowerInvariant();

    private static VerdictView Answer(string word, Verdict verdict) => new(
        word, verdict.Key, verdict.Kind == VerdictKind.NotYet ? [.. verdict.Blockers.Select(x => x.Shown)] : []);
}
