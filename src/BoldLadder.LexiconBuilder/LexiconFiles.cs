namespace BoldLadder.LexiconBuilder;

/// <summary>Where the texts of <see cref="LexiconSources"/> stand on disk.</summary>
public static class LexiconFiles
{
    /// <param name="folder">The folder data/lexicon.</param>
    public static LexiconSources Read(string folder) => new(
        Raw: File.ReadAllText($"{folder}/raw.tsv"),
        Correspondences: File.ReadAllText($"{folder}/correspondences.tsv"),
        Corrections: File.ReadAllText($"{folder}/corrections.tsv"),
        NotEndings: File.ReadAllText($"{folder}/not-endings.txt"),
        NotCompounds: File.ReadAllText($"{folder}/not-compounds.txt"),
        SpokenForms: File.ReadAllText($"{folder}/spoken-forms.tsv"),
        Suitability: File.ReadAllText($"{folder}/suitability.txt"),
        Familiarity: File.ReadAllText($"{folder}/familiarity.txt"),
        Capitals: File.ReadAllText($"{folder}/capitals.txt"),
        AmericanForms: File.ReadAllText($"{folder}/american-forms.tsv"),
        AmericanOnly: File.ReadAllText($"{folder}/american-only.txt"),
        Contractions: File.ReadAllText($"{folder}/contractions.tsv"),
        ShortA: File.ReadAllText($"{folder}/short-a.txt"));
}
