using System.Text.RegularExpressions;

namespace BoldLadder.Core.Words;

/// <summary>What the gate says of a text.</summary>
/// <param name="Plain">The text as it may be kept: letters plain, nothing unseen in it.</param>
/// <param name="Wrong">A sentence that says what to do; null when the text may go in.</param>
public readonly record struct GateAnswer(string Plain, string? Wrong);

/// <summary>
/// The one gate for words on their way to a class: what a person types on a ladder or a lesson, in a sentence, as a word
/// of the school's own, or brings in a file. Nothing in other letters than a to z passes for a word, and nothing that no
/// child is to see.
/// </summary>
public sealed partial class WordGate
{
    private readonly Lexicon _lexicon;
    private readonly RealWords _real;
    private readonly Lazy<HashSet<string>> _harmless;

    public WordGate(Lexicon lexicon, RealWords real)
    {
        (_lexicon, _real) = (lexicon, real);
        _harmless = new Lazy<HashSet<string>>(() => real.HarmlessIn(lexicon.Words));
    }

    /// <summary>Asks of a text, however long, whether all of it may go in.</summary>
    /// <param name="lines">Whether line breaks may stand in it.</param>
    public GateAnswer Of(string text, bool lines = false)
    {
        if (PlainText.Read(text, lines, out var wrong) is not { } plain)
        {
            return new GateAnswer("", $"There is {wrong} in it. Write it in the letters a to z.");
        }

        // What stands between strokes is a pronunciation, and no word.
        var words = PlainText.WithoutAccents(Pronunciation().Replace(plain, " "));
        if (words.FirstOrDefault(x => !char.IsAscii(x) && char.IsLetter(x)) is var odd and not '\0')
        {
            return new GateAnswer("", $"There is {odd} in it, which is a sign for a sound. Write it between strokes, as in /{odd}/, or in the letters a to z.");
        }

        foreach (Match word in WordPattern().Matches(words))
        {
            if (NeverShown(word.Value.ToLowerInvariant()))
            {
                return new GateAnswer("", "There is a word in it that is never shown to children. Write it without that word.");
            }
        }

        return new GateAnswer(plain, null);
    }

    /// <summary>True when a word of plain small letters is never to be shown, or is a form of one, or holds one.</summary>
    public bool NeverShown(string word) =>
        _lexicon.Find(word) is { } known ? known.Suitability == Suitability.Unsuitable
        : _real.IsNeverShown(word)
        || Endings.Candidates(word).Any(x => _lexicon.Find(x.Base) is { Suitability: Suitability.Unsuitable } || (_lexicon.Find(x.Base) is null && _real.IsNeverShown(x.Base)))
        || (!_real.IsSpelling(word) && _real.UnsafeIn(word, _harmless.Value) is not null);

    [GeneratedRegex(@"/[^/\s]{1,12}/|\[[^\]\s]{1,12}\]")]
    private static partial Regex Pronunciation();

    [GeneratedRegex("[A-Za-z]+")]
    private static partial Regex WordPattern();
}
