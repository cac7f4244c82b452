using System.Globalization;
using System.Text;

namespace BoldLadder.Core.Words;

/// <summary>
/// Text as people type it, brought to the letters that the job knows. Letters that are only another shape of a to z
/// (fullwidth, mathematical, the Kelvin sign) become them; what can't be seen goes; letters of another alphabet are
/// refused by name, so that nothing looks like a word and is none.
/// </summary>
public static class PlainText
{
    // Each accented letter after the plain one that it is a shape of, for judging a word; it is kept as written.
    private const string Accented =
        "AÀÁÂÃÄÅĀĂĄÆ BƁ CÇĆĈĊČ DÐĎĐ EÈÉÊËĒĔĖĘĚŒ GĜĞĠĢ HĤĦ IÌÍÎÏĨĪĬĮİ JĴ KĶ LĹĻĽĿŁ NÑŃŅŇŊ OÒÓÔÕÖØŌŎŐ RŔŖŘ SŚŜŞŠȘ TŢŤŦȚ UÙÚÛÜŨŪŬŮŰŲ WŴẀẂẄ YÝŶŸỲ ZŹŻŽ "
        + "aàáâãäåāăąæ cçćĉċč dðďđ eèéêëēĕėęěœ gĝğġģ hĥħ iìíîïĩīĭįı jĵ kķĸ lĺļľŀł nñńņňŉŋ oòóôõöøōŏő rŕřŗ sßśŝşšſș tţťŧț uùúûüũūŭůűų wŵẁẃẅ yýÿŷỳ zźżž";

    // Letter-like signs that are letters of another shape, in place of the holes in the mathematical ones.
    private const string LetterLike = "ℂC ℊg ℋH ℌH ℍH ℎh ℐI ℑI ℒL ℓl ℕN ℙP ℚQ ℛR ℜR ℝR ℤZ ℨZ \u212AK ℬB ℭC ℯe ℰE ℱF ℳM ℴo ℹi ⅅD ⅆd ⅇe ⅈi ⅉj";

    private static readonly Dictionary<int, char> Plainer = Accented.Split(' ', StringSplitOptions.RemoveEmptyEntries)
        .SelectMany(x => x.Skip(1).Select(c => ((int)c, x[0]))).DistinctBy(x => x.Item1).ToDictionary(x => x.Item1, x => x.Item2);

    private static readonly Dictionary<int, char> Shapes = LetterLike.Split(' ').ToDictionary(x => (int)x[0], x => x[1]);

    private static readonly (int From, int To, string Name)[] Alphabets =
    [
        (0x0370, 0x03FF, "Greek"), (0x0400, 0x052F, "Cyrillic"), (0x0530, 0x058F, "Armenian"), (0x0590, 0x05FF, "Hebrew"), (0x0600, 0x06FF, "Arabic"),
        (0x10A0, 0x10FF, "Georgian"), (0x13A0, 0x13FF, "Cherokee"), (0x1F00, 0x1FFF, "Greek"), (0x2C80, 0x2CFF, "Coptic"),
    ];

    /// <summary>
    /// The text with other shapes of letters made plain, curly apostrophes straight, and what can't be seen left out; or
    /// null, with the sign that is no letter here and what it is.
    /// </summary>
    /// <param name="lines">Whether line breaks and tabs may stay.</param>
    public static string? Read(string text, bool lines, out string wrong)
    {
        wrong = "";
        var plain = new StringBuilder(text.Length);
        foreach (var rune in text.EnumerateRunes())
        {
            if (rune == Rune.ReplacementChar)
            {
                wrong = "a broken sign";
                return null;
            }

            switch (Rune.GetUnicodeCategory(rune))
            {
                case UnicodeCategory.Control when lines && rune.Value is '\n' or '\t' or '\r':
                    plain.Append(rune.Value == '\r' ? "" : rune.ToString());
                    break;
                case UnicodeCategory.Control or UnicodeCategory.PrivateUse or UnicodeCategory.OtherNotAssigned:
                    wrong = $"a sign that can't be shown (U+{rune.Value:X4})";
                    return null;
                case UnicodeCategory.Format or UnicodeCategory.NonSpacingMark or UnicodeCategory.EnclosingMark:
                    break;
                default:
                    if (Foreign(rune) is { } name)
                    {
                        wrong = $"{rune} ({name})";
                        return null;
                    }

                    plain.Append(Shape(rune));
                    break;
            }
        }

        return plain.ToString();
    }

    /// <summary>A text with accents taken off its letters: what a word is judged by.</summary>
    public static string WithoutAccents(string text) => string.Concat(text.Select(x => Plainer.GetValueOrDefault(x, x)));

    private static string Shape(Rune rune) => rune.Value switch
    {
        >= 0xFF01 and <= 0xFF5E => ((char)(rune.Value - 0xFEE0)).ToString(),
        >= 0x1D400 and <= 0x1D6A3 => Letter((rune.Value - 0x1D400) % 52),
        >= 0x24B6 and <= 0x24CF => Letter(rune.Value - 0x24B6),
        >= 0x24D0 and <= 0x24E9 => Letter(rune.Value - 0x24D0 + 26),
        >= 0x249C and <= 0x24B5 => Letter(rune.Value - 0x249C + 26),
        >= 0x1F130 and <= 0x1F149 => Letter(rune.Value - 0x1F130),
        >= 0x1F150 and <= 0x1F169 => Letter(rune.Value - 0x1F150),
        >= 0x1F170 and <= 0x1F189 => Letter(rune.Value - 0x1F170),
        >= 0x1F1E6 and <= 0x1F1FF => Letter(rune.Value - 0x1F1E6),
        0x2019 or 0x2018 or 0x02BC => "'",
        0x2010 or 0x2011 => "-",
        0x00A0 => " ",
        var other => Shapes.TryGetValue(other, out var letter) ? letter.ToString() : rune.ToString(),
    };

    private static string Letter(int at) => ((char)(at < 26 ? 'A' + at : 'a' + at - 26)).ToString();

    // The name of the alphabet of a letter that is none of ours; null for what may stand.
    private static string? Foreign(Rune rune) =>
        rune.IsAscii || !Rune.IsLetter(rune) || Plainer.ContainsKey(rune.Value) || Shape(rune) is [< (char)128] || IsPhonetic(rune.Value) ? null
        : Alphabets.Where(x => rune.Value >= x.From && rune.Value <= x.To).Select(x => $"a {x.Name} letter").FirstOrDefault() ?? $"a letter of another alphabet, U+{rune.Value:X4}";

    // The letters of a pronunciation between strokes.
    private static bool IsPhonetic(int value) => value is (>= 0x0250 and <= 0x02FF) or 'θ' or 'β' or 'χ';
}
