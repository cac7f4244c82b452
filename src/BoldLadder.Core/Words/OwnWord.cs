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

    /// <summary>Letters of all readings together, as they are written.</summary>
    public const int LongestSplit = 400;

    public string Key { get; } = Spelling.ToLowerInvariant();

    /// <summary>Reads the parts as a person types them; on failure the field and a sentence that says what to do.</summary>
    /// <param name="split">Readings joined by <c>|</c>, each as correspondences: <c>sh:sh i:i p:p</c>.</param>
    /// <param name="familiarity"><c>4-5</c>, <c>6-7</c>, <c>later</c> or empty.</param>
    /// <param name="known">What the lexicon holds of a word.</param>
    /// <param name="gate">What says whether a word may reach a class.</param>
    public static OwnWord? TryRead(
        string spelling, string split, string familiarity, string spoken, Func<string, LexiconWord?> known, WordGate gate,
        out (string Field, string Sentence) problem)
    {
        if (spelling.Length is 0 or > 40 || !spelling.All(char.IsAsciiLetter))
        {
            problem = ("word", "Write one word of the letters a to z, at most 40.");
            return null;
        }

        var key = spelling.ToLowerInvariant();
        if (gate.NeverShown(key))
        {
            problem = ("word", "That word is never offered to children, so a school can't add or change it.");
            return null;
        }

        if (split.Length > LongestSplit)
        {
            problem = ("split", $"The readings have at most {LongestSplit} letters.");
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

        var said = gate.Of(spoken.Trim());
        if (said.Wrong is { } wrong)
        {
            problem = ("spoken", wrong);
            return null;
        }

        // Beginning with a letter, it can't be taken for a formula when the words are opened as a table.
        if (said.Plain.Length > LongestSpoken || (said.Plain.Length > 0 && !char.IsAsciiLetter(said.Plain[0])))
        {
            problem = ("spoken", $"The spoken sentence begins with a letter and has at most {LongestSpoken} letters.");
            return null;
        }

        // Some programs cut a cell at a semicolon, and take what follows for a formula.
        if (said.Plain.Split(';').Skip(1).Any(x => x.TrimStart() is ['=' or '+' or '-' or '@', ..]))
        {
            problem = ("spoken", "After a semicolon the spoken sentence goes on with a word.");
            return null;
        }

        problem = default;
        var made = new OwnWord(spelling, [.. readings.Distinct()], rated ?? (known(key) is null ? Words.Familiarity.AtSixOrSeven : null), said.Plain);
        if (made.Split.Length > LongestSplit)
        {
            problem = ("split", $"Written out, the readings have more than {LongestSplit} letters. Give fewer.");
            return null;
        }

        return made;
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
