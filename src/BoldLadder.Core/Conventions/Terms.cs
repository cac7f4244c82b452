namespace BoldLadder.Core.Conventions;

/// <summary>What a school calls the things of the job.</summary>
/// <param name="TrickyWord">A word taught before all its parts are.</param>
/// <param name="MadeUpWord">A word that is none, for reading by its sounds.</param>
/// <param name="SoundOut">What children do who say the sounds of a word one after another.</param>
public sealed record Terms(string TrickyWord, string MadeUpWord, string SoundOut)
{
    public const int Longest = 40;

    /// <summary>The field's plain terms.</summary>
    public static Terms Plain { get; } = new("tricky word", "made-up word", "sound out");

    public string TrickyWords => Several(TrickyWord);

    public string MadeUpWords => Several(MadeUpWord);

    /// <summary>More than one of it: a school's own term is a noun that ends as most do.</summary>
    private static string Several(string term) =>
        term.EndsWith('s') || term.EndsWith('x') || term.EndsWith("sh", StringComparison.Ordinal) || term.EndsWith("ch", StringComparison.Ordinal) ? $"{term}es"
        : term.Length > 1 && term[^1] == 'y' && !"aeiou".Contains(term[^2], StringComparison.Ordinal) ? $"{term[..^1]}ies" : $"{term}s";

    internal (string Field, string Sentence)? Problem =>
        Bad(TrickyWord) ? ("terms.trickyWord", Sentence) : Bad(MadeUpWord) ? ("terms.madeUpWord", Sentence)
        : Bad(SoundOut) ? ("terms.soundOut", Sentence) : null;

    private static string Sentence => $"A term is a word or a few, of at most {Longest} letters.";

    private static bool Bad(string term) => string.IsNullOrWhiteSpace(term) || term.Length > Longest;
}
