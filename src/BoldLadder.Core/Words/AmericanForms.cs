using System.Text.RegularExpressions;

namespace BoldLadder.Core.Words;

/// <summary>
/// Words that American schools write or say otherwise (<i>mum, mom</i>), and turns of phrase (<i>at break, at recess</i>),
/// from data/lexicon/american-forms.tsv, so that a sentence written once serves both.
/// </summary>
public sealed class AmericanForms
{
    private readonly Dictionary<string, string> _forms;
    private readonly Regex _told;

    private AmericanForms(Dictionary<string, string> forms)
    {
        _forms = forms;
        // A turn of phrase before the words that it is made of.
        _told = new Regex(string.Join('|', [.. forms.Keys.Where(IsPhrase).Select(x => $@"\b{Regex.Escape(x)}\b"), "[A-Za-z]+"]), RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
    }

    /// <summary>The words that American schools do not use, in small letters.</summary>
    public IEnumerable<string> NotUsed => _forms.Keys.Where(x => !IsPhrase(x));

    private static bool IsPhrase(string here) => here.Contains(' ');

    /// <summary>A line as an American school has it; a capital stays one.</summary>
    public string In(string line) => _told.Replace(line, x => _forms.TryGetValue(x.Value.ToLowerInvariant(), out var other)
        ? char.IsUpper(x.Value[0]) ? char.ToUpperInvariant(other[0]) + other[1..] : other
        : x.Value);

    /// <exception cref="FormatException">A line has not two columns, or names a word or a phrase twice.</exception>
    public static AmericanForms Parse(string text)
    {
        var forms = new Dictionary<string, string>();
        foreach (var line in text.Split('\n').Select(x => x.TrimEnd('\r')).Where(x => x.Length > 0 && x[0] != '#'))
        {
            if (line.Split('\t') is not [var here, var there] || !forms.TryAdd(here, there))
            {
                throw new FormatException($"american forms: '{line}' needs two words or phrases, and each first one once");
            }
        }

        return new AmericanForms(forms);
    }
}
