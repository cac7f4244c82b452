using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Server.Phrasing;

/// <summary>Says what a day is about, as a child could be told it.</summary>
public sealed class DayPoints(Accent accent, Terms terms)
{
    public string Of(PointLine line) => line.Written ?? (line.Made is { } made ? Of(made) : "");

    /// <summary>Where a part stands, in counts.</summary>
    public static string Places(PartPlaces x)
    {
        var places = new[] { (x.First, "first"), (x.Inside, "inside"), (x.Last, "last") }.Where(p => p.Item1 > 0).Select(p => p.Item1 == x.Total ? $"always {p.Item2}" : $"{p.Item2} in {p.Item1}");
        return $"In {x.Total} everyday word{(x.Total == 1 ? "" : "s")}: {string.Join(", ", places)}.";
    }

    private string Of(MadePoint made)
    {
        // A split digraph is kept as a_e; people see a–e.
        IReadOnlyList<string> x = [.. made.Arguments.Select(a => a.Replace('_', '–'))];
        return made.Code switch
        {
            PointCode.Facts => $"{x[0]} says {Plain(x[1])}{(x[2].Length > 0 ? $", the sound in {x[2]}" : "")}.",
            PointCode.Together => $"{x[0]} is read in one go: the letters belong together.",
            PointCode.Doubled => $"After a short vowel the letter in the middle is written twice and said once: {Listing.And(x)}.",
            PointCode.DoubledAtEnd => $"At the end of a short word these come in twos, and the two say one sound: {Listing.And(x)}.",
            PointCode.Spellings => $"One sound, {Number(x.Count)} spellings: {Listing.And(x)}. Where does each stand?",
            PointCode.Sounds => $"{Listing.And(x)}: which is which, by eye and by ear?",
            PointCode.Review when x.Count == 0 => "Nothing new today: what we know gets quicker.",
            PointCode.Review => $"Nothing new today: {Listing.And(x)}, mixed. Which is which, fast?",
            PointCode.Wordless => $"The way we talk, {Bring(x[0].Split(','))} no new word{(x.Count == 1 ? ": what we know gets quicker." : $". {Listing.And([.. x.Skip(1)])}, mixed: which is which, fast?")}",
            PointCode.Check => "Today each child shows what they can read; nobody helps, and nothing depends on it.",
            PointCode.Tricky when x.Count == 1 => x[0].Split(',') switch
            {
                [var word] => $"{word}: a {terms.TrickyWord}. One part of it does not say what you expect. Find it, and the rest is fair.",
                var words => $"{Listing.And(words)}: one part of each does not say what you expect. Find it, and the rest is fair.",
            },
            PointCode.Tricky => string.Join(' ', made.Arguments.Chunk(2).Select(pair => Odd(pair[0].Split(','), pair[1]))),
            PointCode.TrickyWhole => $"{Listing.And(x)}: look at the whole word, name its letters, and know it at sight.",
            PointCode.Too => $"New today, too: {Listing.And(x)}.",
            PointCode.Listening => "Words are made of sounds: hear them, put them together, take them apart.",
            _ => throw new InvalidOperationException($"{made.Code} says nothing"),
        };
    }

    private string Odd(string[] words, string parts)
    {
        IReadOnlyList<string> quoted = [.. words.Select(x => $"“{x}”")];
        IReadOnlyList<Correspondence> odd = [.. parts.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(x => Correspondence.Parse(x))];
        return odd.Count == 0 ? $"{Listing.And(quoted)} only {(words.Length == 1 ? "has" : "have")} to be quick."
            : odd is [var whole] && words is [var word] && whole.Grapheme.Text.Length == word.Length ? $"The word {quoted[0]} says {Heard(whole.Sound, words)}."
            : $"In {Listing.And(quoted)}, {Listing.And([.. odd.Select(x => $"{x.Grapheme.Text.Replace('_', '–')} says {Heard(x.Sound, words)}")])}.";
    }

    // As a child could say it: a letter, or another word with the sound.
    private string Heard(Sound sound, string[] words) => sound.Key switch
    {
        "schwa" => "a weak uh",
        "wh" when Phonemes.Find("wh")!.Ipa(accent) == Phonemes.Find("w")!.Ipa(accent) => "w",
        { Length: 1 } letter when !sound.IsVowel => letter,
        _ when sound.Example.Length > 0 && !words.Contains(sound.Example) => $"the sound in {sound.Example}",
        var both => Plain(both),
    };

    private static string Bring(string[] labels) => $"{Listing.And(labels)} {(labels.Length == 1 ? "brings" : "bring")}";

    private static string Plain(string sound) => string.Join(" and ", sound.Split('+').Select(x => x == "schwa" ? "uh" : x));

    private static string Number(int count) => count switch { 2 => "two", 3 => "three", 4 => "four", _ => $"{count}" };
}
