using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Year;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Ladders;

/// <summary>The idea that an order to start from goes by.</summary>
public enum StarterIdea
{
    /// <summary>Each rung opens as many words as it can.</summary>
    WordsFirst,

    /// <summary>Letters of one pencil stroke are met together.</summary>
    ByHand,

    /// <summary>One spelling for each sound first, the others after.</summary>
    OneFirst,
}

/// <summary>Where an order would stand when a part of the school's year ends, begun on its first day.</summary>
/// <param name="On">The last school day before a break.</param>
public sealed record StandsView(DateOnly On, int Rung, string Label);

/// <summary>An order to start from, as it would be for this school.</summary>
/// <param name="FirstWords">The first everyday words that can be read, in the order in which they come.</param>
/// <param name="Stands">Where it stands at the breaks of the school's year.</param>
public sealed record StarterView(StarterIdea Idea, string Name, int Rungs, IReadOnlyList<string> FirstWords, IReadOnlyList<StandsView> Stands, DateOnly? Ends);

/// <param name="Idea">Which of them.</param>
public sealed record StarterRequest(StarterIdea? Idea);

/// <summary>Orders to start from: looked at before one is taken, and then the school's own.</summary>
public static class StarterRoutes
{
    private const int ShownWords = 20;

    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/starters", All).WithSummary("Orders to start from, as they would be in the school's accent and year.");
        school.MapPost("/starters", Take).WithSummary("Take one as a ladder of the school's own.").ProducesProblem(400);
    }

    private static async Task<Ok<List<StarterView>>> All(Classrooms rooms, SchoolScope scope, StarterLadders starters, CancellationToken cancel)
    {
        var school = await rooms.School(scope.School, null, cancel);
        return TypedResults.Ok(starters.All.Select(x => View(x.Key, x.Value, school, rooms)).ToList());
    }

    private static async Task<Results<Created<LadderSummary>, ProblemHttpResult>> Take(
        StarterRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, StarterLadders starters, Today today, CancellationToken cancel) =>
        request.Idea is { } idea && starters.All.TryGetValue(idea, out var ladder)
            ? await LadderRoutes.Add(new NewLadderRequest(LadderDocument.Of(ladder)), db, scope, shipped, today, cancel)
            : Problems.Bad("idea", "The orders to start from are wordsFirst, byHand and oneFirst.");

    private static StarterView View(StarterIdea idea, Ladder ladder, SchoolSettings school, Classrooms rooms)
    {
        var stock = rooms.Stock(school, ClassConventions.Of(school.Conventions, OwnConventions.None), ladder);
        var year = NewYear.Of(ladder, school.Year, stock.Rules);
        return new StarterView(
            idea, ladder.Name, ladder.Rungs.Count, [.. FirstWords.Of(new Unlocking(ladder, stock.Rules), ShownWords).Select(x => x.Spelling)],
            [.. year.Stands.Select(x => new StandsView(x.On, ladder.PlaceOf(x.Rung.Id) + 1, x.Rung.Label))], year.Ends);
    }
}

/// <summary>The orders to start from, read once.</summary>
public sealed class StarterLadders(ShippedData shipped)
{
    public IReadOnlyDictionary<StarterIdea, Ladder> All { get; } = new Dictionary<StarterIdea, string>
    {
        [StarterIdea.WordsFirst] = "words-first", [StarterIdea.ByHand] = "by-hand", [StarterIdea.OneFirst] = "one-first",
    }.ToDictionary(x => x.Key, x => LadderText.Parse(File.ReadAllText(Path.Combine(shipped.Folder, "starters", $"{x.Value}.ladder.tsv"))));
}
