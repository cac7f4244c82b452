using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;

namespace BoldLadder.Server.Phrasing;

/// <summary>Says the core's reasons in words that people read, in the terms of a school.</summary>
/// <param name="terms">What the school calls things.</param>
public sealed class Phrases(Terms terms)
{
    public static Phrases Plain { get; } = new(Terms.Plain);

    /// <summary>Reasons as one sentence: clauses joined, a capital and a stop.</summary>
    public string Sentence(IReadOnlyList<Reason> reasons) => string.Join(' ', Sentences(reasons));

    /// <summary>Reasons as a clause that stands beside a word: no capital, no stop.</summary>
    public string Clause(IReadOnlyList<Reason> reasons) => string.Join("; ", reasons.Select(x => x.Code == ReasonCode.AsWritten ? x.Arguments[0] : Of(x)));

    private IEnumerable<string> Sentences(IReadOnlyList<Reason> reasons)
    {
        // What makes a word fair to spell, and what it sounds like, are sentences of their own.
        var clauses = reasons.Where(x => !StandsAlone(x.Code)).Select(Of).ToList();
        if (clauses.Count > 0)
        {
            yield return Ended(string.Join("; ", clauses));
        }

        foreach (var alone in reasons.Where(x => StandsAlone(x.Code)))
        {
            yield return Ended(Of(alone));
        }
    }

    private static bool StandsAlone(ReasonCode code) => code is ReasonCode.FairAsRead or ReasonCode.FairAsOnlyFit or ReasonCode.ToldSpelling or ReasonCode.SoundsLike or ReasonCode.AsWritten;

    private static string Ended(string text) => text.Length == 0 ? "" : $"{char.ToUpperInvariant(text[0])}{text[1..]}{(text[^1] is '.' ? "" : ".")}";

    private string Of(Reason reason)
    {
        var x = reason.Arguments;
        return reason.Code switch
        {
            ReasonCode.AsWritten => x[0],
            ReasonCode.HasUnit => $"it has {x[0]}, read as one",
            ReasonCode.HasPart => x[1].Length == 0 ? $"it has {x[0]}" : $"it has {x[0]}, {x[1]}",
            ReasonCode.HasEnding => $"it ends in -{x[0]}",
            ReasonCode.HasStructure => $"it has {Structure(x[0])}",
            ReasonCode.KeepsGoingForWant => "no more words with today's part fit yet, so it keeps taught parts going",
            ReasonCode.KeepsGoing => "it keeps taught parts going",
            ReasonCode.WasDue => $"{x[0]} was due",
            ReasonCode.ReadBefore => x[0] == "0" ? "not read before" : $"read on {Days(x[0])}",
            ReasonCode.FairAsRead => $"fair to spell: read on {Days(x[0])}",
            ReasonCode.FairAsOnlyFit => "fair to spell: no other taught spelling is likely",
            ReasonCode.UnfairAsWeak => $"the weak {x[0]} can't be heard",
            ReasonCode.UnfairAsOther => $"{x[0]} might be spelt {string.Join(" or ", x.Skip(1))}",
            ReasonCode.SoundsLike => $"sounds like {x[0]}: say the sentence",
            ReasonCode.TodaysPoint => "what today is about",
            ReasonCode.ServesHas => $"it has {x[0]}",
            ReasonCode.ServesSound => "today's sound is in it",
            ReasonCode.ServesRival => $"it says the same as {x[0]}, and is met before it",
            ReasonCode.ServesLookAlike => $"it is taken for {x[0]}, and is met before it",
            ReasonCode.ServesWords => x[0] == "1" ? "one of its words has it" : $"{x[0]} of its words have it",
            ReasonCode.ServesPrint => x[0] == "1" ? "it has today's sign once" : $"it has today's signs {x[0]} times",
            ReasonCode.ServesBeside => $"it is what {x[0]} is told from",
            ReasonCode.ServesOther => "not today's point: it keeps taught things going",
            ReasonCode.TrickyParts => $"the tricky part is {string.Join(" and ", x)}",
            ReasonCode.LearntWhole => $"learnt whole, by naming its letters: {string.Join(", ", x)}",
            ReasonCode.OnlyToBeQuick => "all its parts are taught: it only has to be quick",
            ReasonCode.NewToday => "new today",
            ReasonCode.TaughtBefore => "taught before",
            ReasonCode.LooksLike => $"looks like {reason.Arguments[0]}",
            ReasonCode.WordsWithPart => x[0] switch { "0" => "every word in it can be read", "1" => "one word in it has today's part", var n => $"{n} words in it have today's part" },
            ReasonCode.FromLastLesson => "from the last lesson, to be read faster",
            ReasonCode.HasBeats => x[0] == "1" ? "one beat" : $"{x[0]} beats",
            ReasonCode.DueSoon => "due soon: there is time for it today",
            ReasonCode.DueToday => "due today",
            ReasonCode.DueBefore => $"due {x[0]} school day{(x[0] == "1" ? "" : "s")} ago",
            ReasonCode.TaughtLast => "taught last",
            ReasonCode.WasShaky => "it was shaky",
            ReasonCode.DueInOtherGroup => "due in the other group",
            ReasonCode.ForBothGroups => "both groups know it",
            ReasonCode.AskedInPlace => "asked for in place of another",
            ReasonCode.TypedIn => "typed in",
            ReasonCode.TypedInAsTricky => $"typed in, and a {terms.TrickyWord} for this lesson",
            ReasonCode.NoWordAtAll => $"a {terms.MadeUpWord}: it can only be read by its sounds",
            ReasonCode.ChainStart => "make this word first",
            ReasonCode.ChainAdded => $"{x[0]} was added {Where(x[1])}",
            ReasonCode.ChainTakenOut => $"{x[0]} was taken out {Where(x[1])}",
            ReasonCode.ChainChanged => $"{x[0]} became {x[1]} {Where(x[2])}",
            ReasonCode.TwoSounds => $"{x[0]} has two sounds in it",
            ReasonCode.ShortVowel => "the short vowel",
            ReasonCode.FinalEMakes => $"the e makes {x[0]} say {(x.Count > 1 ? x[1] : "its name")}",
            ReasonCode.SoundStands => $"the sound is {x[0]} in it",
            ReasonCode.SoundCount => $"{x[0]} sound{(x[0] == "1" ? "" : "s")}",
            ReasonCode.WithoutTheSound => "not the sound asked for",
            ReasonCode.GraphemeStands => $"{x[0]} is {x[1]}",
            ReasonCode.RhymesWith => $"rhymes: it ends like {x[0]}",
            ReasonCode.SpeltWith => $"spelt with {x[0]}",
            ReasonCode.EndingSounds => $"-{x[0]} {(Questions.BringsBeat(x[1]) ? "is" : "says")} {Questions.EndingSound(x[1])} in it",
            ReasonCode.IsRealWord => $"{x[0]} is a real word or a name",
            ReasonCode.UnfitForChildren => "it is, or has in it, a word that is never shown to children",
            ReasonCode.UnfitSaidAloud => "said aloud it is a word that is never said to children",
            ReasonCode.CanSoundLike => $"it can be read so that it sounds like {x[0]}",
            ReasonCode.SpeltAsEnglish => "it is spelt as English spells, and is no word",
            ReasonCode.SpeltRarely => $"{x[0]} is rare there",
            ReasonCode.NotSpeltSo => "English would not spell so",
            ReasonCode.WrongLength => $"a {terms.MadeUpWord} has {x[0]} to {x[1]} letters",
            ReasonCode.NeedsUntaught => $"it needs {x[0]}, which is not taught",
            ReasonCode.NeverFirst => $"English words do not begin with {x[0]}",
            ReasonCode.NeverLast => $"English words do not end with {x[0]}",
            ReasonCode.MayBeSoft => $"{x[0]} before {x[1]} can be soft, which is not taught yet",
            ReasonCode.AfterW => $"after {x[0]} English mostly says a otherwise (want, squash)",
            ReasonCode.WrittenAfterShort => $"after a short vowel the last {x[0]} is written {x[1]}",
            ReasonCode.OnlyAfterShort => $"{x[0]} stands only after one vowel letter",
            ReasonCode.LooksLikeEnding => "the last s looks like an ending",
            ReasonCode.ShortVowelLast => "a short vowel does not stand last",
            ReasonCode.NoSuchStart => $"no English word begins with {x[0]}",
            ReasonCode.NoSuchEnd => $"no English word of one syllable ends so with {x[0]}",
            ReasonCode.GoesAgainst => $"it has {x[0]}: the answer is no",
            ReasonCode.ToldSpelling => $"tell them how {x[0]} is spelt in it",
            ReasonCode.BaseWord => "the word before anything is added",
            ReasonCode.StoryWithPart => x[0] == "1" ? "one word in it has today's part" : $"{x[0]} words in it have today's part",
            ReasonCode.WordLeftOut => $"asks for {x[0]}, to be written from memory",
            ReasonCode.ToMend => "shown without its capital or mark, to be put right",
            ReasonCode.HasPrint => x[0] switch { "0" => "every word in it can be read", "1" => "it has today's sign once", var n => $"it has today's signs {n} times" },
            ReasonCode.ToldOfSound => $"it is full of {x[0]}",
            ReasonCode.RiddleWith => $"its answer has {x[0]}",
            ReasonCode.FirstVowel => $"its first vowel is {x[1]}",
            ReasonCode.NotReadBefore => "not read today, so that it can't be copied",
            ReasonCode.AgainOnPurpose => "again on purpose: few can be read yet",
            ReasonCode.ToFinish => "a story that they have not read: how it goes on is theirs",
            ReasonCode.ToUse => "for a sentence of their own",
            ReasonCode.NotThatPlace => $"{x[0]} does not stand {x[1]} so",
            _ => throw new InvalidOperationException($"the reason {reason.Code} has no phrase"),
        };
    }

    private static string Days(string count) => $"{count} earlier day{(count == "1" ? "" : "s")}";

    private static string Where(string place) => place switch { "start" => "at the start", "end" => "at the end", _ => "in the middle" };

    private static string Structure(string key) => Teachable.TryRead(TeachableKind.Structure, key, out var thing, out _) ? thing.Label : key;
}
