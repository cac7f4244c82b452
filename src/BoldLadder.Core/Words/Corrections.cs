using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// Splits put right by hand, each with its reason: lines of word, accent ids or <c>*</c>, the
/// readings joined by <c>|</c>, and why.
/// </summary>
public sealed class Corrections
{
    private readonly Dictionary<(string Word, string Accent), IReadOnlyList<Segmentation>> _readings = [];

    /// <summary>All readings of a word in an accent as corrected, or null when nothing was.</summary>
    public IReadOnlyList<Segmentation>? Find(string word, Accent accent) =>
        _readings.GetValueOrDefault((word, accent.Id));

    /// <exception cref="FormatException">A line is wrong; the message names it and says how.</exception>
    public static Corrections Parse(string text)
    {
        var made = new Corrections();
        var number = 0;
        foreach (var line in text.Split('\n'))
        {
            number++;
            if (line.Trim().Length == 0 || line[0] == '#')
            {
                continue;
            }

            var columns = line.TrimEnd().Split('\t');
            if (columns.Length != 4)
            {
                throw new FormatException($"corrections line {number}: word, accents, readings and reason are needed");
            }

            var readings = columns[2].Split('|').Select(x => Reading(columns[0], x, number)).ToArray();
            foreach (var accent in Accent.All.Where(x => columns[1] == "*" || columns[1].Split(',').Contains(x.Id)))
            {
                made._readings[(columns[0], accent.Id)] = readings;
            }
        }

        return made;
    }

    private static Segmentation Reading(string word, string text, int line) =>
        Segmentation.TryParse(word, text.Trim(), out var reading, out var reason)
            ? reading
            : throw new FormatException($"corrections line {line}: {reason}");
}
