using BoldLadder.Core.Lessons;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Server.Phrasing;

/// <summary>Says what a lesson's pieces ask, in words for the adult to say to children.</summary>
public sealed class Questions(TeachingNotes notes, Accent accent)
{
    public string Asked(IReadOnlyList<Ask> asks) => string.Join(' ', asks.Select(Of));

    private string Of(Ask ask)
    {
        // A split digraph is kept as a_e; people see a–e.
        IReadOnlyList<string> x = [.. ask.Arguments.Select(a => a.Replace('_', '–'))];
        return ask.Code switch
        {
            AskCode.WhichSound => $"{x[0]} or {x[1]}{PlaceOf(x[2])}? For {x[0]}, {Gesture(x[3])}; for {x[1]}, {Gesture(x[4])}.",
            AskCode.TogetherThenAlone => $"The first {x[0]} for both groups; then {x[1]} for this one alone.",
            AskCode.BeginsOrNot => $"Does it begin with {Listing.Or(x)}? Then write it. If it does not, pens down.",
            AskCode.EachTime => $"The second time, whenever they hear {x[0]}, {Gesture(ask.Arguments[1])}.",
            AskCode.Hunt => $"Then hunt: {Listing.And([.. x.Chunk(2).Select((part, i) => i == 0 ? $"{part[1]} words have {part[0]}" : $"{part[1]} have {part[0]}")])}. Who finds them all?",
            AskCode.FindRhymes => $"Read it again, faster, and find what rhymes: {Listing.And(x)}.",
            AskCode.BuildAndHide => "Build it with letter tiles, look, hide it, and write it from memory. Then uncover and check.",
            AskCode.Count => $"Count first: {string.Join("; then ", x.Chunk(3).Select(s => $"{Several(s[0], "word")}, {Several(s[1], "capital")}, {Several(s[2], "mark")}"))}.",
            AskCode.Spot => $"Point along the row, now fast, now slowly. Clap for {x[0]}; hands still for the others.",
            // What is written apart can't be said; what it says is the name of its letter.
            AskCode.HasSound when x[0] is [var vowel, '–', 'e'] && Vowels.IsName(vowel, x[2]) => $"Do you hear the name of the letter {vowel} in it, as in {x[1]}? If you do, {Gesture(x[2])}; if not, arms folded.",
            AskCode.HasSound => $"Is {x[0]} in it, as in {x[1]}? If it is, {Gesture(x[2])}; if not, arms folded.",
            AskCode.Where => $"Where is the sound of {x[1]}, inside or last? Hands on tummies for inside, on toes for last.",
            AskCode.FirstOrLast => $"{Listing.Or(x)}: do you hear it first, or last? Hands on heads for first, on toes for last. Last is where it is written twice.",
            AskCode.EndingSound => $"What does -{x[0]} say here? A corner of the carpet for each: {string.Join(", ", x.Skip(1).Select(EndingSound))}.",
            AskCode.ShortOrLong => "Listen to the first beat: is its vowel short, or long? Hands close together for short, wide apart for long.",
            AskCode.ShortAndSplit => "Short, or its own name? Read the first, then its partner: what did the e do?",
            AskCode.Grown => "Two words, and one stands inside the other. Read both and clap them: how many more beats, and which letters say them?",
            AskCode.Ending => $"Read the word, then the same with {string.Join(" or ", x.Select(e => $"-{e}"))}: what did it add, and did the word change?{(x.Count == 1 ? InTurn(x[0]) : "")}",
            AskCode.Added => "Read the first, then the next: which sound came in, and where? Tap each.",
            AskCode.OneOrTwo => "One letter, or the same one twice? Say where in the word it stands, and so why.",
            AskCode.WhichSpelling => $"{Listing.And(x)}: which goes in the gap, and why?",
            AskCode.WhichSays => $"The same letters, {x[0]}: which does it say? Read each, then point.",
            AskCode.Rhymes => $"Does it rhyme with {x[0]}? Stand up if it does; if not, stay down.",
            AskCode.EndsSo => $"Listen to the end: is it -{x[0]}, as in {x[1]}? Stand up if it is; if not, stay down.",
            AskCode.HowItBegins => $"{x[0]} at the start, or {x[1]} alone? Link two fingers for {x[0]}; hold up one for {x[1]}.",
            AskCode.HowItEnds => $"{x[0]} at the end, or {x[1]} alone? Link two fingers for {x[0]}; hold up one for {x[1]}.",
            AskCode.HowManyBefore => $"How many sounds before the vowel, {x[0]} or {x[1]}? Show so many fingers.",
            AskCode.HowManyAfter => $"How many sounds after the vowel, {x[0]} or {x[1]}? Show so many fingers.",
            AskCode.HowManyBeats => $"Read it, then clap it: {Number(x[0])} or {Number(x[1])}? Put it under its number.",
            AskCode.BeatsHeard => $"Say it and clap it: {Number(x[0])} or {Number(x[1])}? Show so many fingers.",
            AskCode.Pair => $"One sound apart, {x[0]} or {x[1]}. Read both; then say one: children point to it.",
            AskCode.WhichHas => $"{x[0]} or {x[1]}? Read each word, then put it under its sound.",
            AskCode.WhichLetter => $"{x[0]} or {x[1]}? Trace the letter on the table before you read the word.",
            AskCode.SortBySpelling => $"{Listing.And(x)}: read each word, then put it under its spelling.",
            _ => throw new InvalidOperationException($"{ask.Code} asks nothing"),
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

    private static string PlaceOf(string place) => place switch { "first" => " at the start", "last" => " at the end", _ => " inside" };

    private string Gesture(string sound) => Sound.TryParse(sound, out var found, out _) && notes.Of(found, accent) is { } note ? note.Gesture : "one hand up";

    /// <summary>What an ending says, as it is told to children: <i>/z/</i>, <i>another beat</i>.</summary>
    internal static string EndingSound(string sound) => BringsBeat(sound) ? "another beat" : $"/{sound}/";

    /// <summary>True where an ending says more than a consonant: the es of dishes.</summary>
    internal static bool BringsBeat(string sound) => sound is not ("t" or "d" or "s" or "z");
}
