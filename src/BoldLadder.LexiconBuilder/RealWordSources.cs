using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.LexiconBuilder;

/// <summary>
/// Makes data/lexicon/sounds.tsv: how all the words of a large list sound, so that a made-up word can be told from a real
/// one by ear. Every sound that the speech program may have meant is kept: a doubt here must fall on the side of "real".
/// </summary>
internal static class RealWordSources
{
    /// <summary>Spellings to this size of scowl are real words.</summary>
    public const int SpellingSize = 80;

    /// <summary>Made-up words are short; longer real ones can't be taken for them.</summary>
    public const int MostLetters = 10;

    // Size 70 is what a large dictionary holds; short words and names are taken further, since they are the ones made up by chance.
    private const int SoundSize = 70, ShortSoundSize = 80, ShortLetters = 8;
    private const int MostSyllables = 2;
    private const int MostReadings = 6;

    public static string Sounds(CorrespondenceTable table)
    {
        List<string> words = [.. WordSources.Spellings(SoundSize, MostLetters).Union(WordSources.Spellings(ShortSoundSize, ShortLetters)).Order(StringComparer.Ordinal)];
        string[] voices = [WordSources.Voices[0], WordSources.Voices[1], WordSources.Voices[3]];
        var spoken = voices.AsParallel().AsOrdered().WithDegreeOfParallelism(2).Select(x => WordSources.Pronounce(x, words)).ToArray();
        var lines = new string?[words.Count];
        Parallel.For(0, words.Count, i => lines[i] = Line(words[i], [.. spoken.Select(x => x[i])], table));
        return $"# word\tgb-south\tgb-north\tscotland\tus: sounds, a letter each as in its key list; empty is as in gb-south; | joins several\n{string.Concat(lines.OfType<string>())}";
    }

    private static string? Line(string word, string[] spoken, CorrespondenceTable table)
    {
        var south = PronunciationReader.For(Accent.SouthernBritish).Read(spoken[0], out _);
        var north = PronunciationReader.For(Accent.NorthernEnglish).Read(spoken[1], out _);
        var us = PronunciationReader.For(Accent.GeneralAmerican).Read(spoken[2], out _);
        var split = south is null ? null : Aligner.Align(word, south, table)?.Segmentation;
        var own = north is null ? null : Aligner.Align(word, north, table)?.Segmentation;
        string[] columns =
        [
            split is null ? AllOf(south) : Coded(split),
            split is null ? AllOf(north) : Coded(AccentReadings.FromSouth(split, own, Accent.NorthernEnglish)),
            split is null ? AllOf(south) : Coded(AccentReadings.FromSouth(split, own, Accent.Scottish)),
            us is not null && Aligner.Align(word, us, table) is { } american ? Coded(american.Segmentation) : AllOf(us),
        ];
        return columns.All(x => x.Length == 0)
            ? null : $"{word}\t{columns[0]}\t{string.Join('\t', columns.Skip(1).Select(x => x == columns[0] ? "" : x))}\n";
    }

    private static string Coded(Segmentation split) => Short(split.Phonemes) ? SoundCode.Of(split.Phonemes) : "";

    private static string AllOf(SoundLattice? sounds) => sounds is null ? ""
        : string.Join('|', sounds.Paths(MostReadings).Where(Short).Select(x => SoundCode.Of(x)).Distinct());

    private static bool Short(IEnumerable<Phoneme> sounds) => sounds.Count(x => x.IsVowel) is >= 1 and <= MostSyllables;

    /// <summary>The same lines with what a second witness hears beside each word, in every accent: a doubt falls on the side of "real".</summary>
    public static string WithSecondWitness(string sounds, IReadOnlyDictionary<string, IReadOnlyList<string>> heard)
    {
        var lines = sounds.TrimEnd('\n').Split('\n');
        var known = new SortedDictionary<string, string>(StringComparer.Ordinal);
        foreach (var line in lines.Skip(1))
        {
            known[line[..line.IndexOf('\t')]] = line;
        }

        foreach (var (word, codes) in heard)
        {
            var columns = known.TryGetValue(word, out var line) ? line.Split('\t') : [word, "", "", "", ""];
            var south = columns[1];
            var made = columns.Skip(1).Select(x => string.Join('|', (x.Length == 0 ? south : x).Split('|', StringSplitOptions.RemoveEmptyEntries).Concat(codes).Distinct())).ToArray();
            known[word] = $"{word}\t{made[0]}\t{string.Join('\t', made.Skip(1).Select(x => x == made[0] ? "" : x))}";
        }

        return $"{lines[0]}\n{string.Join('\n', known.Values)}\n";
    }
}
