using System.Text;

/// <summary>The lexicon with each word a second time, a z before it: twice the words with the same shapes.</summary>
internal static class Doubled
{
    private const int EndingColumn = 4, FirstReading = 5, LastReading = 8;

    public static string Of(string lexicon)
    {
        var lines = lexicon.Split('\n', StringSplitOptions.RemoveEmptyEntries);
        var known = lines.Select(x => x.Split('\t')[0].ToLowerInvariant()).ToHashSet();
        var made = new StringBuilder(lexicon);
        foreach (var columns in lines.Where(x => x[0] != '#').Select(x => x.Split('\t')))
        {
            columns[0] = "z" + columns[0].ToLowerInvariant();
            if (!known.Add(columns[0]))
            {
                continue;
            }

            columns[EndingColumn] = "";
            for (var i = FirstReading; i <= LastReading; i++)
            {
                columns[i] = columns[i] is "" or "-" ? columns[i] : string.Join(" | ", columns[i].Split(" | ").Select(x => "z:z " + x));
            }

            made.Append(string.Join('\t', columns)).Append('\n');
        }

        return made.ToString();
    }
}
