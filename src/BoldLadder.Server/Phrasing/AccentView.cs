using BoldLadder.Core.Sounds;

namespace BoldLadder.Server.Phrasing;

/// <summary>A way that children speak, as a school chooses it.</summary>
/// <param name="Id">What it is called in data and in addresses.</param>
/// <param name="Name">What people call it.</param>
/// <param name="Heard">What is heard in it by which it is told from the others.</param>
public sealed record AccentView(string Id, string Name, string Heard)
{
    public static IReadOnlyList<AccentView> All { get; } = [.. Accent.All.Select(x => new AccentView(x.Id, x.Name, HeardIn(x)))];

    private static string HeardIn(Accent accent) => accent.Id switch
    {
        "gb-south" => "bath has the vowel of car; put and cut do not rhyme",
        "gb-north" => "bath has the vowel of cat; put and cut rhyme",
        "scotland" => "the r of car is heard; pool and pull sound the same",
        "us" => "the r of car is heard; American words and spellings",
        _ => throw new ArgumentOutOfRangeException(nameof(accent), accent.Id, "Nothing is said of how it sounds."),
    };
}
