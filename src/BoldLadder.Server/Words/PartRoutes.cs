using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Words;

/// <summary>A part that may be meant, to be picked from.</summary>
/// <param name="Label">Its letters.</param>
/// <param name="Example">A word that shows it, in the school's accent, or a mark's sign; empty when there is none.</param>
/// <param name="Words">How many everyday words have it.</param>
public sealed record PartChoiceView(TeachableKind Kind, string Key, string Label, string Example, int Words);

/// <summary>What typed letters may be as a part, so that nobody has to write a spelling with its sound as the data has it.</summary>
public static class PartRoutes
{
    private const int Longest = 40;

    private static readonly List<PartChoiceView> Listed =
    [
        .. Enum.GetValues<TaughtStructure>().Select(Teachable.Of).Concat(PunctuationMark.All.Select(Teachable.Of)).Concat(Enumerable.Range('A', 26).Select(x => Teachable.OfCapital((char)x)))
            .Select(x => new PartChoiceView(x.Kind, x.Key, x.Label, x.Mark?.Sign ?? "", 0)),
    ];

    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/parts/listed", () => TypedResults.Ok(Listed))
            .WithSummary("The things to teach that are chosen from a list: shapes of word, punctuation marks with their signs, capitals.");
        school.MapGet("/parts", Find).WithSummary("The parts that typed letters, a word or an ending may mean, each with a word that shows it; with units, rime units and clusters.").ProducesProblem(400);
    }

    private static async Task<Results<Ok<List<PartChoiceView>>, ProblemHttpResult>> Find(string? text, bool? units, SchoolScope scope, Classrooms rooms, ShippedData shipped, SpellingBooks books, CancellationToken cancel)
    {
        if (string.IsNullOrWhiteSpace(text) || text.Trim().Length > Longest)
        {
            return Problems.Bad("text", $"Type letters, or a word that has the part: at most {Longest} letters.");
        }

        var school = await rooms.School(scope.School, null, cancel);
        var words = new SchoolWords(shipped.Lexicon, school.Accent, school.OwnWords);
        var meant = units == true ? new MeantRuns(words).Of(text) : new MeantParts(words, books.For(school.Accent)).Of(text);
        return TypedResults.Ok(meant.Select(x => new PartChoiceView(x.Thing.Kind, x.Thing.Key, x.Thing.Label, x.Example, x.Words)).ToList());
    }
}
