namespace BoldLadder.Core.Ladders;

/// <summary>
/// A ladder as a text file that a person can write and read, described in docs/formats.md: a line
/// for each rung, with what it adds, its keyword, and the lines for saying and writing it.
/// </summary>
public static class LadderText
{
    /// <exception cref="FormatException">A line is not as described; the message names it.</exception>
    public static Ladder Parse(string text)
    {
        var name = "";
        var sections = new List<(string Name, WordShape Shape, List<Rung> Rungs)>();
        var ids = new HashSet<string>();
        var number = 0;
        foreach (var line in text.Split('\n').Select(x => x.TrimEnd('\r')))
        {
            number++;
            if (string.IsNullOrWhiteSpace(line) || line.StartsWith("# ", StringComparison.Ordinal))
            {
                continue;
            }

            var columns = line.Split('\t');
            if (columns[0] == "name")
            {
                name = columns[1];
            }
            else if (line[0] == '[')
            {
                sections.Add((columns[0].Trim('[', ']'), Shape(columns, number), []));
            }
            else if (sections.Count == 0)
            {
                throw new FormatException($"ladder line {number}: a section such as [Shore] comes first");
            }
            else
            {
                sections[^1].Rungs.Add(RungOf(columns, ids, number));
            }
        }

        var made = sections.Select((x, i) => new Section($"section-{i + 1}", x.Name, x.Shape, x.Rungs)).ToList();
        return Ladder.TryCreate(name, made, out var ladder, out var problems)
            ? ladder
            : throw new FormatException($"ladder: {problems[0].Field}: {problems[0].Sentence}");
    }

    private static WordShape Shape(string[] columns, int number)
    {
        var numbers = columns.ElementAtOrDefault(1)?.Split(' ') ?? [];
        return numbers.Length == 3 && numbers.All(x => int.TryParse(x, out _))
            ? new WordShape(int.Parse(numbers[0]), int.Parse(numbers[1]), int.Parse(numbers[2]))
            : throw new FormatException($"ladder line {number}: a section has boxes, consonants together and syllables, such as 3 1 1");
    }

    private static Rung RungOf(string[] columns, HashSet<string> ids, int number)
    {
        var adds = columns[0].Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var (things, tricky, kind) = (new List<Teachable>(), new List<string>(), RungKind.Teach);
        foreach (var part in adds)
        {
            switch (part[0])
            {
                case '!':
                    tricky.Add(part[1..]);
                    break;
                case '=' when Enum.TryParse<RungKind>(part[1..], true, out var named):
                    kind = named;
                    break;
                default:
                    things.Add(Thing(part, number));
                    break;
            }
        }

        return new Rung
        {
            Id = NewId(adds, ids), Kind = kind, Adds = things, TrickyWords = tricky, Keyword = columns.ElementAtOrDefault(1) ?? "",
            SayIt = columns.ElementAtOrDefault(2) ?? "", WriteIt = columns.ElementAtOrDefault(3) ?? "",
        };
    }

    private static Teachable Thing(string part, int number)
    {
        var code = part.Replace(',', ' ');
        return Teachable.TryReadCode(part[0] == '#' ? $"#{char.ToLowerInvariant(part[1])}{part[2..]}" : code, out var thing, out var reason)
            ? thing : throw new FormatException($"ladder line {number}: {reason}");
    }

    private static string NewId(string[] adds, HashSet<string> ids)
    {
        var letters = new string([.. string.Join('-', adds.Take(3)).Select(x => char.IsAsciiLetterOrDigit(x) ? char.ToLowerInvariant(x) : '-')]);
        var id = string.Join('-', letters.Split('-', StringSplitOptions.RemoveEmptyEntries));
        var made = id;
        for (var i = 2; !ids.Add(made); i++)
        {
            made = $"{id}-{i}";
        }

        return made;
    }
}
