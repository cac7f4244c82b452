using System.Globalization;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// The words the application knows, with their readings in every accent, from one flat file
/// (data/lexicon/lexicon.tsv, described in docs/formats.md). Readings are kept as numbers of
/// correspondences and made into segmentations only when one is looked at.
/// </summary>
public sealed class Lexicon
{
    private const int Columns = 10;

    // Of a word of 40 letters, each with two sounds.
    private const int LongestCode = 80;

    private readonly Dictionary<string, int> _byKey;
    private readonly ushort[] _parts;
    private readonly ReadingRange[][] _readings;
    private readonly string[] _codes;

    private readonly record struct ReadingRange(int Start, int Length);

    private Lexicon(
        LexiconWord[] words, Dictionary<string, int> byKey, IReadOnlyList<(Correspondence, bool)> inventory,
        ushort[] parts, ReadingRange[][] readings)
    {
        Words = words;
        _byKey = byKey;
        Inventory = inventory;
        _parts = parts;
        _readings = readings;
        _codes = [.. inventory.Select(x => SoundCode.Of(x.Item1.Sound.Phonemes))];
    }

    /// <summary>All words, commonest first; a word's <see cref="LexiconWord.Rank"/> is its place here.</summary>
    public IReadOnlyList<LexiconWord> Words { get; }

    /// <summary>The correspondences in use, each with whether its <i>e</i> was dropped by an ending.</summary>
    public IReadOnlyList<(Correspondence Correspondence, bool DroppedE)> Inventory { get; }

    /// <summary>The word spelt so, whatever its capitals, or null.</summary>
    public LexiconWord? Find(string spelling) =>
        _byKey.TryGetValue(spelling.ToLowerInvariant(), out var at) ? Words[at] : null;

    /// <summary>How a word is read in an accent: none when the accent does not use it, more for heteronyms and weak forms.</summary>
    public IReadOnlyList<Segmentation> Readings(LexiconWord word, Accent accent)
    {
        var ranges = _readings[word.Rank * Accent.All.Count + Index(accent)];
        var made = new Segmentation[ranges.Length];
        for (var i = 0; i < ranges.Length; i++)
        {
            var parts = new (Correspondence, bool)[ranges[i].Length];
            for (var p = 0; p < parts.Length; p++)
            {
                parts[p] = Inventory[_parts[ranges[i].Start + p]];
            }

            made[i] = Segmentation.TryBuild(word.Key, parts, out var reading, out var reason)
                ? reading
                : throw new InvalidDataException($"lexicon, word '{word.Key}': {reason}");
        }

        return made;
    }

    /// <summary>How a word sounds in an accent, a <see cref="SoundCode"/> for each reading: quicker than the readings themselves.</summary>
    internal string[] Sounds(LexiconWord word, Accent accent)
    {
        var ranges = _readings[word.Rank * Accent.All.Count + Index(accent)];
        var codes = new string[ranges.Length];
        Span<char> code = stackalloc char[LongestCode];
        for (var i = 0; i < ranges.Length; i++)
        {
            var length = 0;
            for (var p = 0; p < ranges[i].Length; p++)
            {
                var part = _codes[_parts[ranges[i].Start + p]];
                part.CopyTo(code[length..]);
                length += part.Length;
            }

            codes[i] = new string(code[..length]);
        }

        return codes;
    }

    /// <exception cref="FormatException">A line is not as described; the message names the line.</exception>
    public static Lexicon Parse(string text)
    {
        var words = new List<LexiconWord>(24_000);
        var byKey = new Dictionary<string, int>(24_000, StringComparer.Ordinal);
        var inventory = new List<(Correspondence, bool)>(700);
        var known = new Dictionary<string, ushort>(700, StringComparer.Ordinal);
        var byText = known.GetAlternateLookup<ReadOnlySpan<char>>();
        var parts = new List<ushort>(300_000);
        var readings = new List<ReadingRange[]>(100_000);
        var number = 0;
        Span<Range> columns = stackalloc Range[Columns + 1];
        foreach (var line in text.AsSpan().EnumerateLines())
        {
            number++;
            if (line.IsEmpty || line[0] == '#')
            {
                continue;
            }

            if (line.Split(columns, '\t') != Columns)
            {
                throw new FormatException($"lexicon line {number}: {Columns} columns are needed");
            }

            var word = Word(words.Count, line, columns);
            if (!byKey.TryAdd(word.Key, words.Count))
            {
                throw new FormatException($"lexicon line {number}: '{word.Key}' stands twice");
            }

            words.Add(word);
            var first = readings.Count;
            for (var a = 0; a < Accent.All.Count; a++)
            {
                var column = line[columns[5 + a]];
                readings.Add(column.IsEmpty && a > 0 ? readings[first] : Ranges(column, number));
            }
        }

        // An ending may stand on an ending: plumb, plumber, plumbers.
        for (var i = 0; i < words.Count; i++)
        {
            var root = words[i];
            while (root.Ended is { } ended && byKey.TryGetValue(ended.Base, out var at) && words[at].Ended is not null)
            {
                root = words[at];
            }

            if (root.Family != words[i].Family)
            {
                words[i] = words[i] with { Family = root.Family };
            }
        }

        return new Lexicon([.. words], byKey, inventory, [.. parts], [.. readings]);

        ReadingRange[] Ranges(ReadOnlySpan<char> column, int line)
        {
            if (column is "-" or "")
            {
                return [];
            }

            var ranges = new List<ReadingRange>(1);
            foreach (var reading in column.Split(" | "))
            {
                var start = parts.Count;
                foreach (var part in column[reading].Split(' '))
                {
                    parts.Add(PartId(column[reading][part], line));
                }

                ranges.Add(new ReadingRange(start, parts.Count - start));
            }

            return [.. ranges];
        }

        ushort PartId(ReadOnlySpan<char> part, int line)
        {
            if (byText.TryGetValue(part, out var id))
            {
                return id;
            }

            var written = part.ToString();
            var dropped = written.Length > 4 && written[3] == '-';
            if (!Correspondence.TryParse(dropped ? written.Remove(3, 1) : written, out var correspondence, out var reason))
            {
                throw new FormatException($"lexicon line {line}: {reason}");
            }

            id = (ushort)inventory.Count;
            known.Add(written, id);
            inventory.Add((correspondence, dropped));
            return id;
        }
    }

    private static LexiconWord Word(int rank, ReadOnlySpan<char> line, Span<Range> columns)
    {
        var flags = line[columns[2]];
        var suitability = flags is "u" ? Suitability.Unsuitable : flags is "s" ? Suitability.Sensitive : Suitability.Fine;
        var familiarity = line[columns[3]] switch
        {
            "1" => Familiarity.AtFourOrFive,
            "2" => Familiarity.AtSixOrSeven,
            "3" => Familiarity.Later,
            _ => Familiarity.Unrated,
        };
        var region = line[columns[1]] switch { "gb" => "gb", "us" => "us", _ => "" };
        var made = line[columns[4]].ToString();
        return new LexiconWord(
            rank, line[columns[0]].ToString(), region, suitability, familiarity, Ended(made), made.Contains('|') ? made.Split('|') : [],
            int.TryParse(line[columns[9]], NumberStyles.None, CultureInfo.InvariantCulture, out var count) ? count : 0);
    }

    private static EndedWord? Ended(string text)
    {
        if (text.Length == 0 || text.Contains('|'))
        {
            return null;
        }

        var plus = text.IndexOf('+', StringComparison.Ordinal);
        var slash = text.IndexOf('/', StringComparison.Ordinal);
        return new EndedWord(text[..plus], text[(plus + 1)..slash], Joins.Parse(text[(slash + 1)..]));
    }

    private static int Index(Accent accent)
    {
        for (var i = 0; i < Accent.All.Count; i++)
        {
            if (ReferenceEquals(Accent.All[i], accent))
            {
                return i;
            }
        }

        throw new ArgumentException($"'{accent.Id}' is not an accent of the lexicon", nameof(accent));
    }
}
