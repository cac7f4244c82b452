using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// A school's own word in one accent: a split put right, a rating changed, or a word that the lexicon does not hold. It
/// wins over the lexicon for that school alone.
/// </summary>
/// <param name="Spelling">With a capital where the school writes one.</param>
/// <param name="Readings">At least one.</param>
/// <param name="Familiarity">Null leaves the lexicon's rating; an added word must have one.</param>
/// <param name="Spoken">The school's line that gives the word its meaning; empty leaves the shipped one.</param>
public sealed record OwnWord(string Spelling, IReadOnlyList<Segmentation> Readings, Familiarity? Familiarity, string Spoken)
{
    public const int LongestSpoken = 120;

    public string Key { get; } = Spelling.ToLowerInvariant();

    /// <summary>Reads the parts as a person types them; on failure the field and a sentence that says what to do.</summary>
    /// <param name="split">Readings joined by <c>|</c>, each as correspondences: <c>sh:sh i:i p:p</c>.</param>
    /// <param name="familiarity"><c>4-5</c>, <c>6-7</c>, <c>later</c> or empty.</param>
    /// <param name="known">What the lexicon holds of a word.</param>
    /// <param name="neverShown">Whether a word that the lexicon does not hold is one that no child is to see.</param>
    public static OwnWord? TryRead(
        string spelling, string split, string familiarity, string spoken, Func<string, LexiconWord?> known, Predicate<string> neverShown,
        out (string Field, string Sentence) problem)
    {
        var key = spelling.ToLowerInvariant();
        if (spelling.Length is 0 or > 40 || !key.All(x => x is >= 'a' and <= 'z'))
        {
            problem = ("word", "Write one word of the letters a to z, at most 40.");
            return null;
        }

        if (known(key) is { } held ? held.Suitability == Suitability.Unsuitable : neverShown(key))
        {
            problem = ("word", "That word is never offered to children, so a school can't add or change it.");
            return null;
        }

        var readings = new List<Segmentation>();
        foreach (var text in split.Split('|', StringSplitOptions.TrimEntries))
        {
            if (!Segmentation.TryParse(key, text, out var reading, out var reason))
            {
                problem = ("split", $"That split does not fit the word: {reason}. Write each spelling with its sound, such as sh:sh i:i p:p.");
                return null;
            }

            readings.Add(reading);
        }

        Familiarity? rated = familiarity.Trim() switch
        {
            "4-5" or "4 to 5" => Words.Familiarity.AtFourOrFive,
            "6-7" or "6 to 7" => Words.Familiarity.AtSixOrSeven,
            "later" => Words.Familiarity.Later,
            _ => null,
        };
        if (rated is null && familiarity.Trim().Length > 0)
        {
            problem = ("familiarity", "Say from what age children know the word: 4-5, 6-7 or later; or leave it empty.");
            return null;
        }

        // Beginning with a letter, it can't be taken for a formula when the words are opened as a table.
        if (spoken.Trim().Length > LongestSpoken || (spoken.Trim().Length > 0 && !char.IsLetter(spoken.Trim()[0])))
        {
            problem = ("spoken", $"The spoken sentence begins with a letter and has at most {LongestSpoken} letters.");
            return null;
        }

        problem = default;
        return new OwnWord(spelling, [.. readings.Distinct()], rated ?? (known(key) is null ? Words.Familiarity.AtSixOrSeven : null), spoken.Trim());
    }

    /// <summary>The rating as it is typed.</summary>
    public static string Written(Familiarity? familiarity) => familiarity switch
    {
        Words.Familiarity.AtFourOrFive => "4-5",
        Words.Familiarity.AtSixOrSeven => "6-7",
        Words.Familiarity.Later => "later",
        _ => "",
    };

    /// <summary>The readings as they are typed.</summary>
    public string Split => string.Join(" | ", Readings);
}
