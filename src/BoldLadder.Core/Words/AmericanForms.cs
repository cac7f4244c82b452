using System.Text.RegularExpressions;

namespace BoldLadder.Core.Words;

/// <summary>
/// Words that American schools write or say otherwise (<i>mum, mom</i>), from data/lexicon/american-forms.tsv, so that a
/// sentence written once serves both.
/// </summary>
public sealed partial class AmericanForms
{
    private readonly Dictionary<string, string> _forms;

    private AmericanForms(Dictionary<string, string> forms) => _forms = forms;

    /// <summary>The words that American schools do not use, in small letters.</summary>
    public IEnumerable<string> NotUsed => _forms.Keys;

    /// <summary>A line as an American school has it; a capital stays one.</summary>
    public string In(string line) => Word().Replace(line, x => _forms.TryGetValue(x.Value.ToLowerInvariant(), out var other)
        ? char.IsUpper(x.Value[0]) ? char.ToUpperInvariant(other[0]) + other[1..] : other
        : x.Value);

    /// <exception cref="FormatException">A line has not two columns, or names a word twice.</exception>
    public static AmericanForms Parse(string text)
    {
        var forms = new Dictionary<string, string>();
        foreach (var line in text.Split('\n').Select(x => x.TrimEnd('\r')).Where(x => x.Length > 0 && x[0] != '#'))
        {
            if (line.Split('\t') is not [var here, var there] || !forms.TryAdd(here, there))
            {
                throw new FormatException($"american forms: '{line}' needs two words, and each first word once");
            }
        }

        return new AmericanForms(forms);
    }

    [GeneratedRegex("[A-Za-z]+")]
    private static partial Regex Word();
}
