using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Words;

/// <summary>A part that may be meant, to be picked from.</summary>
/// <param name="Label">Its letters.</param>
/// <param name="Example">A word that shows it, in the school's accent; empty when there is none.</param>
/// <param name="Words">How many everyday words have it.</param>
public sealed record PartChoiceView(TeachableKind Kind, string Key, string Label, string Example, int Words);

/// <summary>
/// What typed letters may be as a part: their sounds, commonest first; for a word its parts; for <c>-ing</c> an ending. So
/// that nobody has to write a spelling with its sound as the data has it.
/// </summary>
public static class PartRoutes
{
    // A sound that letters have in fewer than one word of so many is not offered; a word that has it finds it.
    private const int Longest = 40, Most = 12, Seldom = 60;

    public static void Map(RouteGroupBuilder school) =>
        school.MapGet("/parts", Find).WithSummary("The parts that typed letters, a word or an ending may mean, each with a word that shows it.").ProducesProblem(400);

    private static async Task<Results<Ok<List<PartChoiceView>>, ProblemHttpResult>> Find(string? text, SchoolScope scope, Classrooms rooms, ShippedData shipped, SpellingBooks books, CancellationToken cancel)
    {
        var asked = (text ?? "").Trim().ToLowerInvariant().Replace('–', '_').Replace("a-e", "a_e", StringComparison.Ordinal);
        if (asked.Length is 0 or > Longest)
        {
            return Problems.Bad("text", $"Type letters, or a word that has the part: at most {Longest} letters.");
        }

        var school = await rooms.School(scope.School, null, cancel);
        var words = new SchoolWords(shipped.Lexicon, school.Accent, school.OwnWords);
        var shares = books.For(school.Accent);
        var found = new List<PartChoiceView>();
        if (Correspondence.TryParse(asked, out var exact, out _))
        {
            found.Add(Of(exact, shares));
        }

        if (Endings.All.Contains(asked.TrimStart('-')) && (asked[0] == '-' || asked.Length > 1))
        {
            var ending = Teachable.OfEnding(asked.TrimStart('-'));
            found.Add(new PartChoiceView(ending.Kind, ending.Key, ending.Label, ExampleOf(ending.Ending!, words), words.Words.Count(x => x.Everyday && x.Ended?.Taught == ending.Ending)));
        }

        var letters = asked is [var vowel, '-' or '.' or ' ' or '_', 'e'] ? $"{vowel}_e" : asked.Trim('-');
        var sounds = shares.Of(letters);
        found.AddRange(sounds.Where((x, i) => x.Words * Seldom > sounds.Sum(s => s.Words) || i == 0).Select(x => Of(x.Correspondence, shares)));
        if (words.Find(asked) is { } word)
        {
            found.AddRange(word.Readings.SelectMany(x => x.Segments).Select(x => Of(x.Correspondence, shares)));
        }

        return TypedResults.Ok(found.DistinctBy(x => (x.Kind, x.Key)).Take(Most).ToList());
    }

    private static PartChoiceView Of(Correspondence part, SpellingShares shares)
    {
        var share = shares.Of(part.Grapheme.Text).FirstOrDefault(x => x.Correspondence == part);
        return new PartChoiceView(TeachableKind.Correspondence, part.Key, part.Grapheme.Text, share?.Example is { Length: > 0 } shown ? shown : part.Sound.Example, share?.Words ?? 0);
    }

    private static string ExampleOf(string ending, SchoolWords words) =>
        words.Words.FirstOrDefault(x => x.Familiarity == Familiarity.AtFourOrFive && x.Ended?.Taught == ending)?.Spelling ?? "";
}
