using System.Globalization;

namespace BoldLadder.LexiconBuilder;

/// <summary>One line of data/lexicon/raw.tsv: what the packages say of a word, untouched.</summary>
/// <param name="Pronunciations">IPA by voice, in the order of <see cref="WordSources.Voices"/>.</param>
public sealed record RawWord(string Spelling, string Region, int Count, bool Filtered, IReadOnlyList<string> Pronunciations)
{
    public static IEnumerable<RawWord> Parse(string text) =>
        from line in text.Split('\n')
        where line.Length > 0 && line[0] != '#'
        select line.Split('\t') into c
        select new RawWord(c[0], c[1], int.Parse(c[2], CultureInfo.InvariantCulture), c[3] == "f", c[4..8]);

    public override string ToString() =>
        string.Join('\t', [Spelling, Region, Count.ToString(CultureInfo.InvariantCulture), Filtered ? "f" : "", .. Pronunciations]);
}
