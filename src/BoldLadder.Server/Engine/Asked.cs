using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Engine;

/// <summary>Reads what the open questions have in common, with the problem to answer when it is wrong.</summary>
internal static class Asked
{
    public const int MostTaught = 400;
    public const int MostWords = 5000;
    public const int LongestWord = 40;

    public static ProblemHttpResult UnknownAccent() =>
        Problems.Bad("accent", $"The accents are {string.Join(", ", Core.Sounds.Accent.All.Select(x => x.Id))}.");

    public static Accent? Accent(string? id, out ProblemHttpResult? problem)
    {
        var found = Core.Sounds.Accent.Find(id);
        problem = found is null ? UnknownAccent() : null;
        return found;
    }

    /// <summary>The correspondences named; null with a problem when one is not such a thing.</summary>
    public static IReadOnlyList<Correspondence>? Taught(IReadOnlyList<string> keys, out ProblemHttpResult? problem)
    {
        var found = new List<Correspondence>();
        problem = keys.Count > MostTaught ? Problems.Bad("taught", $"Give at most {MostTaught} taught parts.") : null;
        foreach (var key in problem is null ? keys : [])
        {
            if (!Correspondence.TryParse(key, out var correspondence, out var reason))
            {
                problem = Problems.Bad("taught", $"'{Shorten(key)}': {reason}.");
                return null;
            }

            found.Add(correspondence);
        }

        return problem is null ? found : null;
    }

    public static WeakVowels? Weak(string? text, out ProblemHttpResult? problem)
    {
        problem = null;
        switch (text)
        {
            case null or "lenient":
                return WeakVowels.Lenient;
            case "strict":
                return WeakVowels.Strict;
            default:
                problem = Problems.Bad("weakVowels", "Weak vowels are strict or lenient.");
                return null;
        }
    }

    /// <summary>A sound by its key, or null with a problem; an absent key gives neither.</summary>
    public static Sound? Sound(string? key, string field, out ProblemHttpResult? problem)
    {
        problem = null;
        if (key is null)
        {
            return null;
        }

        if (Core.Sounds.Sound.TryParse(key, out var sound, out var reason))
        {
            return sound;
        }

        problem = Problems.Bad(field, $"{Shorten(reason)}.");
        return null;
    }

    public const string PlaceSentence = "A place is first, inside, last or anywhere.";

    /// <summary>A place by its name; anywhere when none is said. False when there is no such place.</summary>
    public static bool Place(string? text, out WantedPlace place)
    {
        var found = Enum.GetValues<WantedPlace>().Where(x => x.ToString().Equals(text ?? nameof(WantedPlace.Anywhere), StringComparison.OrdinalIgnoreCase)).ToList();
        place = found.FirstOrDefault();
        return found.Count == 1;
    }

    public static Grapheme? Grapheme(string? text, out ProblemHttpResult? problem)
    {
        problem = null;
        if (text is null)
        {
            return null;
        }

        if (Core.Sounds.Grapheme.TryParse(text.ToLowerInvariant(), out var grapheme, out var reason))
        {
            return grapheme;
        }

        problem = Problems.Bad("grapheme", $"{Shorten(reason)}.");
        return null;
    }

    /// <summary>What is wrong with a word that was asked about; null when nothing is.</summary>
    public static string? CheckWord(string? word) =>
        string.IsNullOrWhiteSpace(word) ? "Type a word."
        : word.Length > LongestWord ? $"A word has at most {LongestWord} letters."
        : !word.All(x => char.IsAsciiLetter(x) || x is '\'' or '-') || !char.IsAsciiLetter(word[0]) || word[^1] == '-' ? "A word is made of the letters a to z; an apostrophe or a hyphen may stand inside."
        : null;

    private static string Shorten(string? text) => text is null ? "" : text.Length > 100 ? text[..100] : text;
}
