using System.Text;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.LexiconBuilder;

/// <summary>
/// The texts under data/lexicon that a lexicon is made from. All are committed, so that the
/// lexicon can be made again, byte for byte, without the speech program.
/// </summary>
public sealed record LexiconSources(
    string Raw, string Correspondences, string Corrections, string NotEndings, string NotCompounds, string SpokenForms, string Suitability, string Familiarity,
    string Capitals, string AmericanForms, string AmericanOnly, string Contractions, string ShortA);

/// <summary>What was made, and which words no accent's table could account for.</summary>
public sealed record LexiconReport(string Text, int Words, IReadOnlyDictionary<string, int> Aligned, IReadOnlyList<string> Failures);

/// <summary>Makes the text of data/lexicon/lexicon.tsv: splits, endings, ratings and flags of every word.</summary>
public static class LexiconText
{
    private const string Header = "# word\tregion\tflags\tfamiliarity\tending\tgb-south\tgb-north\tscotland\tus\tcount";

    // Counts of film subtitles under which a form of a familiar word is one that hardly anyone uses: nouns of a child's
    // world are rare there (tadpoles), so their plurals have a lower mark.
    private const int RareNoun = 8, RareForm = 60;

    public static LexiconReport Make(LexiconSources sources)
    {
        var table = CorrespondenceTable.Parse(sources.Correspondences);
        var corrections = Corrections.Parse(sources.Corrections);
        var here = AmericanForms.Parse(sources.AmericanForms).NotUsed.ToHashSet();
        var there = Lines(sources.AmericanOnly).SelectMany(x => x.Split(' ')).ToHashSet();
        var raw = RawWord.Parse(sources.Raw).Select(x => here.Contains(x.Spelling) ? x with { Region = "gb" } : there.Contains(x.Spelling) ? x with { Region = "us" } : x).ToList();
        var notEndings = Lines(sources.NotEndings).SelectMany(x => x.Split(' ')).ToHashSet();
        var suitability = Marked(sources.Suitability);
        var familiarity = Marked(sources.Familiarity);
        var capitals = Lines(sources.Capitals).SelectMany(x => x.Split(' ')).ToDictionary(x => x.ToLowerInvariant());
        var shortA = ShortA.Parse(sources.ShortA);
        var aligned = Accent.All.ToDictionary(x => x.Id, _ => 0);
        var failures = new List<string>();

        // Own readings of each voice first: endings need every base before any ended word.
        var readings = new Dictionary<(string Word, string Accent), Segmentation[]>();
        foreach (var word in raw)
        {
            for (var a = 0; a < Accent.All.Count; a++)
            {
                var accent = Accent.All[a];
                if (corrections.Find(word.Spelling, accent) is { } corrected)
                {
                    readings[(word.Spelling, accent.Id)] = [.. corrected];
                    aligned[accent.Id]++;
                    continue;
                }

                var sounds = PronunciationReader.For(accent).Read(word.Pronunciations[a], out var unknown);
                if (sounds is not null && Aligner.Align(word.Spelling, sounds, table) is { } alignment)
                {
                    var plain = PrefixSound.Plain(alignment.Segmentation);
                    readings[(word.Spelling, accent.Id)] = [accent == Accent.SouthernBritish ? shortA.In(plain) : plain];
                    aligned[accent.Id]++;
                }
                else
                {
                    failures.Add($"{word.Spelling}\t{accent.Id}\t{word.Pronunciations[a]}\t{unknown}");
                }
            }
        }

        var endings = new Dictionary<string, EndedWord>();
        var counts = raw.ToDictionary(x => x.Spelling, x => x.Count);
        foreach (var word in raw.OrderBy(x => x.Spelling.Length).ThenBy(x => x.Spelling, StringComparer.Ordinal))
        {
            FollowSouth(word.Spelling, readings, corrections);
            if (notEndings.Contains(word.Spelling))
            {
                continue;
            }

            // Of several possible bases the commonest: teasing is of tease and not of teas.
            var bases = Endings.Candidates(word.Spelling).Where(x => Plausible(x, endings)).OrderByDescending(x => counts.GetValueOrDefault(x.Base));
            if (bases.FirstOrDefault(x => Follows(word.Spelling, x, readings, corrections)) is { Base: not null } ended)
            {
                endings[word.Spelling] = ended;
            }
        }

        AddSpokenForms(sources.SpokenForms, readings);
        var compounds = new Dictionary<string, (string First, string Second)>();
        var finder = new Compounds(sources.NotCompounds, counts);
        foreach (var word in raw.Where(x => !endings.ContainsKey(x.Spelling)))
        {
            if (finder.PartsOf(word.Spelling, x => readings.GetValueOrDefault((x, "gb-south"))?[0]) is { } parts)
            {
                compounds[word.Spelling] = parts;
                JoinParts(word.Spelling, parts, readings, corrections);
            }
        }

        // Ended compounds (raindrops) were split before their base was.
        foreach (var (word, ended) in endings.Where(x => compounds.ContainsKey(x.Value.Base)))
        {
            Follows(word, ended, readings, corrections);
        }

        foreach (var key in readings.Keys.Where(x => x.Accent == "us").ToList())
        {
            readings[key] = [.. readings[key].Select(AccentReadings.WithPalmInAmerica)];
        }

        // A mark on a base, or a filter's, holds for all that is made of it by endings; one of its own wins over that.
        var filtered = raw.Where(x => x.Filtered).Select(x => x.Spelling).ToHashSet();
        char? MarkOf(string word) => suitability.TryGetValue(word, out var own) ? own
            : endings.TryGetValue(word, out var ended) && ended.Base is { } named && MarkOf(named) is { } inherited ? inherited
            : filtered.Contains(word) ? 'u' : null;

        var lines = raw.Where(x => readings.ContainsKey((x.Spelling, "gb-south")) || readings.ContainsKey((x.Spelling, "us")))
            .Select(x => Line(x, MarkOf(x.Spelling), endings, compounds, readings, familiarity, capitals)).Concat(Contracted(sources.Contractions)).ToList();
        return new LexiconReport(Header + "\n" + string.Join('\n', lines) + "\n", lines.Count, aligned, failures);
    }

    private static void FollowSouth(
        string word, Dictionary<(string, string), Segmentation[]> readings, Corrections corrections)
    {
        if (!readings.TryGetValue((word, "gb-south"), out var south))
        {
            return;
        }

        foreach (var accent in (Accent[])[Accent.NorthernEnglish, Accent.Scottish])
        {
            if (corrections.Find(word, accent) is not null)
            {
                continue;
            }

            var own = readings.TryGetValue((word, Accent.NorthernEnglish.Id), out var found) ? found[0] : null;
            readings[(word, accent.Id)] = [.. south.Select(x => AccentReadings.FromSouth(x, own, accent))];
        }
    }

    // Written by hand, since the speech program reads them and the counts of print take them apart.
    private static IEnumerable<string> Contracted(string text)
    {
        foreach (var columns in Lines(text).Select(x => x.Split('\t')))
        {
            var other = columns.Skip(3).Select(x => x.Split('=', 2)).ToDictionary(x => x[0], x => x[1]);
            foreach (var reading in other.Values.Append(columns[2]).SelectMany(x => x.Split(" | ")))
            {
                if (!Segmentation.TryParse(columns[0].ToLowerInvariant(), reading, out _, out var reason))
                {
                    throw new FormatException($"contractions, {columns[0]}: {reason}");
                }
            }

            yield return string.Join('\t', [columns[0], "", "", columns[1], "", columns[2], .. Accent.All.Skip(1).Select(x => other.GetValueOrDefault(x.Id, "")), "0"]);
        }
    }

    // Function words have a full form and one or more that are said in running speech.
    private static void AddSpokenForms(string text, Dictionary<(string, string), Segmentation[]> readings)
    {
        foreach (var (word, form) in Lines(text).Select(x => x.Split('\t')).Select(x => (x[0], Segmentation.TryParse(x[0], x[1], out var made, out var reason)
            ? made : throw new FormatException($"spoken forms, '{x[0]}': {reason}"))))
        {
            foreach (var accent in Accent.All.Where(x => readings.ContainsKey((word, x.Id))))
            {
                readings[(word, accent.Id)] = [.. readings[(word, accent.Id)].Append(form).Distinct()];
            }
        }
    }

    private static void JoinParts(
        string word, (string First, string Second) parts, Dictionary<(string, string), Segmentation[]> readings, Corrections corrections)
    {
        // In chairman the second part is weak, in snowman it is not: the speech program knows which.
        foreach (var accent in Accent.All.Where(x => corrections.Find(word, x) is null && parts.Second != "man"))
        {
            if (readings.TryGetValue((parts.First, accent.Id), out var first) && readings.TryGetValue((parts.Second, accent.Id), out var second)
                && first.Length == 1 && second.Length == 1 && Guess.Join(first[0], second[0]) is { } joined)
            {
                readings[(word, accent.Id)] = [joined];
            }
        }
    }

    // Very short bases are chance (holy is not ho with -ly), and a word with -s takes no ending more.
    private static bool Plausible(EndedWord ended, Dictionary<string, EndedWord> endings) =>
        ended.Base.Length >= (ended.Ending is "ing" or "ed" or "es" ? 2 : 3)
        && !(endings.TryGetValue(ended.Base, out var inner) && inner.Ending is "s" or "es");

    // An ended word takes its base's split when its own sounds agree, in every accent that has both.
    private static bool Follows(
        string word, EndedWord ended, Dictionary<(string, string), Segmentation[]> readings, Corrections corrections)
    {
        var made = new List<((string, string) Key, Segmentation[] Readings)>();
        foreach (var accent in Accent.All)
        {
            var key = (word, accent.Id);
            if (!readings.TryGetValue((ended.Base, accent.Id), out var bases))
            {
                continue;
            }

            var inflected = bases.Select(x => Endings.Inflect(x, ended, word)).OfType<Segmentation>().ToArray();
            readings.TryGetValue(key, out var own);
            var agrees = inflected.Length > 0 && (own is null || inflected.Any(x => own.Any(y => SameButVoicing(x, y))));
            if (!agrees && accent.Id is "gb-south" or "us")
            {
                return false;
            }

            if (agrees && corrections.Find(word, accent) is null)
            {
                made.Add((key, inflected));
            }
        }

        foreach (var (key, value) in made)
        {
            readings[key] = value;
        }

        return made.Count > 0 || readings.ContainsKey((ended.Base, "gb-south"));
    }

    // The speech program is not sure of s or z, t or d at the end, and of weak i; the rule of the ending is.
    private static bool SameButVoicing(Segmentation made, Segmentation own)
    {
        var a = made.Phonemes.Select(Loosely).ToArray();
        var b = own.Phonemes.Select(Loosely).ToArray();
        return a.SequenceEqual(b);

        static string Loosely(Phoneme x) => x.Key switch
        {
            "z" => "s",
            "d" => "t",
            "i" or "ee" or "e" or "schwa" => "weak",
            "ure" => "or",
            _ => x.Key,
        };
    }

    private static string Line(
        RawWord word, char? mark, Dictionary<string, EndedWord> endings, Dictionary<string, (string First, string Second)> compounds,
        Dictionary<(string, string), Segmentation[]> readings, Dictionary<string, char> familiarity, Dictionary<string, string> capitals)
    {
        var ended = endings.TryGetValue(word.Spelling, out var found) ? found : default;
        var texts = Accent.All.Select(x => readings.TryGetValue((word.Spelling, x.Id), out var r)
            ? string.Join(" | ", r.Select(y => y.ToString())) : "-").ToArray();
        var shown = texts.Select((x, i) => i > 0 && x == texts[0] ? "" : x);
        return string.Join('\t', [
            capitals.GetValueOrDefault(word.Spelling, word.Spelling), word.Region, mark is null or 'k' ? "" : $"{mark}",
            Rating(word, ended, familiarity), ended.Base is not null ? ended.ToString() : compounds.TryGetValue(word.Spelling, out var two) ? $"{two.First}|{two.Second}" : "",
            .. shown, word.Count.ToString(System.Globalization.CultureInfo.InvariantCulture)]);
    }

    // A family goes together: -s, -es, -ed and -ing are known with their base, -er, -est, -ly and -y one step later;
    // a form that was rated by itself (teacher, hardly) keeps its own, and one that hardly anyone uses (foxing) is not
    // rated by its base.
    private static string Rating(RawWord word, EndedWord ended, Dictionary<string, char> familiarity)
    {
        if (familiarity.TryGetValue(word.Spelling, out var own))
        {
            return own.ToString();
        }

        return ended.Base is null || !familiarity.TryGetValue(ended.Base, out var rated) ? ""
            : word.Count < (ended.Ending is "s" or "es" ? RareNoun : RareForm) ? "3"
            : ended.Ending is "s" or "es" or "ed" or "ing" ? rated.ToString()
            : rated is '1' ? "2" : "3";
    }

    /// <summary>Words by the mark of the heading they stand under; a later line wins.</summary>
    internal static Dictionary<string, char> Marked(string text)
    {
        var marks = new Dictionary<string, char>(StringComparer.Ordinal);
        var mark = ' ';
        foreach (var line in Lines(text))
        {
            if (line[0] == '[')
            {
                mark = line[1];
                continue;
            }

            foreach (var word in line.Split(' ', StringSplitOptions.RemoveEmptyEntries))
            {
                marks[word] = mark;
            }
        }

        return marks;
    }

    /// <summary>Lines of a list, without notes.</summary>
    internal static IEnumerable<string> Lines(string text) =>
        text.Split('\n').Select(x => x.Trim()).Where(x => x.Length > 0 && x[0] != '#');
}
