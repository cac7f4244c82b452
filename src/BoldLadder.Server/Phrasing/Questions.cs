using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Server.Phrasing;

/// <summary>Says what a lesson is about and what its pieces ask, in words for the adult to say to children.</summary>
public sealed class Questions(TeachingNotes notes, Accent accent, Terms terms)
{
    public string Point(PointLine line) => line.Written ?? (line.Made is { } made ? Of(made) : "");

    public string Asked(IReadOnlyList<Reason> asks) => string.Join(' ', asks.Select(Of));

    private string Of(Reason reason)
    {
        // A split digraph is kept as a_e; people see a–e.
        IReadOnlyList<string> x = [.. reason.Arguments.Select(a => a.Replace('_', '–'))];
        return reason.Code switch
        {
            ReasonCode.AskWhichSound => $"{x[0]} or {x[1]}{PlaceOf(x[2])}? For {x[0]}, {Gesture(x[3])}; for {x[1]}, {Gesture(x[4])}.",
            ReasonCode.AskTogetherThenAlone => $"The first {x[0]} for both groups; then {x[1]} for this one alone.",
            ReasonCode.AskBeginsOrNot => $"Does it begin with {Either(x)}? Then write it. If it does not, pens down.",
            ReasonCode.AskHunt => $"Then hunt: {Listed([.. x.Chunk(2).Select((part, i) => i == 0 ? $"{part[1]} words have {part[0]}" : $"{part[1]} have {part[0]}")])}. Who finds them all?",
            ReasonCode.AskFindRhymes => $"Read it again, faster, and find what rhymes: {Listed(x)}.",
            ReasonCode.AskBuildAndHide => "Build it with letter tiles, look, hide it, and write it from memory. Then uncover and check.",
            ReasonCode.AskCount => $"Count first: {Several(x[0], "word")}, {Several(x[1], "capital")}, {Several(x[2], "mark")}.",
            ReasonCode.AskSpot => $"Point along the row, now fast, now slowly. Clap for {x[0]}; hands still for the others.",
            // What is written apart can't be said; what it says is the name of its letter.
            ReasonCode.AskHasSound when x[0] is [var vowel, '–', 'e'] && Vowels.IsName(vowel, x[2]) => $"Do you hear the name of the letter {vowel} in it, as in {x[1]}? If you do, {Gesture(x[2])}; if not, arms folded.",
            ReasonCode.AskHasSound => $"Is {x[0]} in it, as in {x[1]}? If it is, {Gesture(x[2])}; if not, arms folded.",
            ReasonCode.AskWhere => $"Where is the sound of {x[1]}, inside or last? Hands on tummies for inside, on toes for last.",
            ReasonCode.AskFirstOrLast => $"{Either(x)}: do you hear it first, or last? Hands on heads for first, on toes for last. Last is where it is written twice.",
            ReasonCode.AskEndingSound => $"What does -{x[0]} say here? A corner of the carpet for each: {string.Join(", ", x.Skip(1).Select(EndingSound))}.",
            ReasonCode.AskShortOrLong => "Listen to the first beat: is its vowel short, or long? Hands close together for short, wide apart for long.",
            ReasonCode.AskShortAndSplit => "Short, or its own name? Read the first, then its partner: what did the e do?",
            ReasonCode.AskGrown => "Two words, and one stands inside the other. Read both and clap them: how many more beats, and which letters say them?",
            ReasonCode.AskEnding => $"Read the word, then the same with {string.Join(" or ", x.Select(e => $"-{e}"))}: what did it add, and did the word change?{(x.Count == 1 ? InTurn(x[0]) : "")}",
            ReasonCode.AskAdded => "Read the first, then the next: which sound came in, and where? Tap each.",
            ReasonCode.AskOneOrTwo => "One letter, or the same one twice? Say where in the word it stands, and so why.",
            ReasonCode.AskWhichSpelling => $"{Listed(x)}: which goes in the gap, and why?",
            ReasonCode.AskWhichSays => $"The same letters, {x[0]}: which does it say? Read each, then point.",
            ReasonCode.AskRhymes => $"Does it rhyme with {x[0]}? Stand up if it does; if not, stay down.",
            ReasonCode.AskEndsSo => $"Listen to the end: is it -{x[0]}, as in {x[1]}? Stand up if it is; if not, stay down.",
            ReasonCode.AskHowItBegins => $"{x[0]} at the start, or {x[1]} alone? Link two fingers for {x[0]}; hold up one for {x[1]}.",
            ReasonCode.AskHowItEnds => $"{x[0]} at the end, or {x[1]} alone? Link two fingers for {x[0]}; hold up one for {x[1]}.",
            ReasonCode.AskHowManyBefore => $"How many sounds before the vowel, {x[0]} or {x[1]}? Show so many fingers.",
            ReasonCode.AskHowManyAfter => $"How many sounds after the vowel, {x[0]} or {x[1]}? Show so many fingers.",
            ReasonCode.AskHowManyBeats => $"Read it, then clap it: {Number(x[0])} or {Number(x[1])}? Put it under its number.",
            ReasonCode.AskBeatsHeard => $"Say it and clap it: {Number(x[0])} or {Number(x[1])}? Show so many fingers.",
            ReasonCode.AskPair => $"One sound apart, {x[0]} or {x[1]}. Read both; then say one: children point to it.",
            ReasonCode.AskWhichHas => $"{x[0]} or {x[1]}? Read each word, then put it under its sound.",
            ReasonCode.AskWhichLetter => $"{x[0]} or {x[1]}? Trace the letter on the table before you read the word.",
            ReasonCode.AskSortBySpelling => $"{Listed(x)}: read each word, then put it under its spelling.",
            ReasonCode.PointFacts => $"{x[0]} says {Plain(x[1])}{(x[2].Length > 0 ? $", the sound in {x[2]}" : "")}.",
            ReasonCode.PointTogether => $"{x[0]} is read in one go: the letters belong together.",
            ReasonCode.PointDoubled => $"After a short vowel the letter in the middle is written twice and said once: {Listed(x)}.",
            ReasonCode.PointDoubledAtEnd => $"At the end of a short word these come in twos, and the two say one sound: {Listed(x)}.",
            ReasonCode.PointSpellings => $"One sound, {Number(x.Count)} spellings: {Listed(x)}. Where does each stand?",
            ReasonCode.PointSounds => $"{Listed(x)}: which is which, by eye and by ear?",
            ReasonCode.PointReview when x.Count == 0 => "Nothing new today: what we know gets quicker.",
            ReasonCode.PointReview => $"Nothing new today: {Listed(x)}, mixed. Which is which, fast?",
            ReasonCode.PointCheck => "Today each child shows what they can read; nobody helps, and nothing depends on it.",
            ReasonCode.PointTricky when x.Count == 1 => x[0].Split(',') switch
            {
                [var word] => $"{word}: a {terms.TrickyWord}. One part of it does not say what you expect. Find it, and the rest is fair.",
                var words => $"{Listed(words)}: one part of each does not say what you expect. Find it, and the rest is fair.",
            },
            ReasonCode.PointTricky => string.Join(' ', reason.Arguments.Chunk(2).Select(pair => Odd(pair[0].Split(','), pair[1]))),
            ReasonCode.PointTrickyWhole => $"{Listed(x)}: look at the whole word, name its letters, and know it at sight.",
            ReasonCode.PointToo => $"New today, too: {Listed(x)}.",
            ReasonCode.PointListening => "Words are made of sounds: hear them, put them together, take them apart.",
            ReasonCode.PlacesInWords => Places(x),
            _ => throw new InvalidOperationException($"{reason.Code} asks nothing"),
        };
    }

    // Verbs are heard in what is said with them; -s and -er stand on other words, too.
    private static string InTurn(string ending) => ending switch
    {
        "ed" => " Say both in turn: “Today I …, yesterday I ….”",
        "ing" => " Say both in turn: “I can …, I am ….”",
        _ => "",
    };

    private static string Several(string count, string thing) => count switch { "0" => $"no {thing}", "1" => $"1 {thing}", _ => $"{count} {thing}s" };

    private static string Number(string digit) => digit switch { "1" => "one beat", "2" => "two", _ => "three" };

    /// <summary>True for what is said to children or about a part; other reasons say why an item is there.</summary>
    public static bool Asks(ReasonCode code) => code >= ReasonCode.AskWhichSound;

    /// <summary>Where a part stands, in counts.</summary>
    public string Fact(Reason reason) => Of(reason);

    private static string Places(IReadOnlyList<string> x)
    {
        var places = new[] { (x[1], "first"), (x[2], "inside"), (x[3], "last") }.Where(p => p.Item1 != "0").Select(p => p.Item1 == x[0] ? $"always {p.Item2}" : $"{p.Item2} in {p.Item1}");
        return $"In {x[0]} everyday word{(x[0] == "1" ? "" : "s")}: {string.Join(", ", places)}.";
    }

    private static string PlaceOf(string place) => place switch { "first" => " at the start", "last" => " at the end", _ => " inside" };

    private string Gesture(string sound) => Sound.TryParse(sound, out var found, out _) && notes.Of(found, accent) is { } note ? note.Gesture : "one hand up";

    /// <summary>What an ending says, as it is told to children: <i>/z/</i>, <i>another beat</i>.</summary>
    internal static string EndingSound(string sound) => BringsBeat(sound) ? "another beat" : $"/{sound}/";

    /// <summary>True where an ending says more than a consonant: the es of dishes.</summary>
    internal static bool BringsBeat(string sound) => sound is not ("t" or "d" or "s" or "z");

    private string Odd(string[] words, string parts)
    {
        IReadOnlyList<string> quoted = [.. words.Select(x => $"“{x}”")];
        IReadOnlyList<Correspondence> odd = [.. parts.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(x => Correspondence.Parse(x))];
        return odd.Count == 0 ? $"{Listed(quoted)} only {(words.Length == 1 ? "has" : "have")} to be quick."
            : odd is [var whole] && words is [var word] && whole.Grapheme.Text.Length == word.Length ? $"The word {quoted[0]} says {Heard(whole.Sound, words)}."
            : $"In {Listed(quoted)}, {Listed([.. odd.Select(x => $"{x.Grapheme.Text.Replace('_', '–')} says {Heard(x.Sound, words)}")])}.";
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

    private static string Plain(string sound) => string.Join(" and ", sound.Split('+').Select(x => x == "schwa" ? "uh" : x));

    private static string Number(int count) => count switch { 2 => "two", 3 => "three", 4 => "four", _ => $"{count}" };

    private static string Either(IReadOnlyList<string> x) => x.Count < 2 ? string.Concat(x) : $"{string.Join(", ", x.SkipLast(1))} or {x[^1]}";

    private static string Listed(IReadOnlyList<string> x) => x.Count < 2 ? string.Concat(x) : $"{string.Join(", ", x.SkipLast(1))} and {x[^1]}";
}
