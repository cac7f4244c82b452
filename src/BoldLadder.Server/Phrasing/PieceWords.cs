using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Server.Phrasing;

/// <summary>What each piece is called and how it is done, in the school's terms, for somebody who has never given such a lesson.</summary>
public sealed class PieceWords(ClassConventions conventions)
{
    private Terms Terms => conventions.Terms;

    /// <summary>What a place in a shape is called.</summary>
    public string Name(Slot slot) => slot switch
    {
        Slot.Contrast => "The contrast that fits",
        Slot.Meet => "Meet what is new",
        Slot.SayTricky => $"A sentence with each {Terms.TrickyWord}",
        Slot.Sentences => "Sentences",
        Slot.Read => "Words to read",
        Slot.Dictation => "A sentence to hear and write",
        Slot.WriteLetters => "Sounds to hear and write",
        _ => Name(ActivityOf(slot)),
    };

    public string How(Slot slot) => slot == Slot.Contrast
        ? "Two by two, a sort, a chain, or which spelling goes there: the one comparison that fits what is taught."
        : How(ActivityOf(slot));

    public string Name(ShapeKind kind) => kind switch
    {
        ShapeKind.Opening => "First letters",
        ShapeKind.NewLearning => "New learning",
        ShapeKind.FurtherDay => "A rung’s next day",
        ShapeKind.Contrast => "Contrast",
        ShapeKind.Structure => "Endings and structures",
        ShapeKind.Review => "Review",
        ShapeKind.TrickyWordDay => Capital(Terms.TrickyWords),
        ShapeKind.Print => "Capitals and marks",
        ShapeKind.Check => "Check",
        ShapeKind.Short => $"Only {ClassConventions.ShortMinutes} minutes",
        _ => "Before the ladder",
    };

    public string When(ShapeKind kind) => kind switch
    {
        ShapeKind.Opening => "While fewer than six graphemes are taught.",
        ShapeKind.NewLearning => "A grapheme or more is new, on its first day.",
        ShapeKind.FurtherDay => "A rung of two days or more, from its second: deeper, not once more.",
        ShapeKind.Contrast => "Spellings or sounds taught before are met together.",
        ShapeKind.Structure => "An ending, consonants together, or longer words are new.",
        ShapeKind.Review => "Nothing is new: what the last lessons taught.",
        ShapeKind.TrickyWordDay => $"Only {Terms.TrickyWords} are new.",
        ShapeKind.Print => "Capitals or punctuation marks are new, and nothing else.",
        ShapeKind.Check => "A check rung.",
        ShapeKind.Short => "A short lesson, of whatever kind.",
        _ => "Nothing is taught yet: by ear alone.",
    };

    private static Activity ActivityOf(Slot slot) => Enum.GetValues<Activity>().First(x => Piece.Of(x).Slot == slot);

    public string Name(Activity activity) => activity switch
    {
        Activity.Cards => "Cards, mixed",
        Activity.Recall => "Hear it, write every spelling",
        Activity.ReadAgain => "Read again, faster",
        Activity.TrickyAtSight => $"{Capital(Terms.TrickyWords)}, at sight",
        Activity.Meet => "Meet",
        Activity.MeetTricky => $"Meet the {Terms.TrickyWords}",
        Activity.SayTricky => "Say a sentence with it",
        Activity.Listening => "Listen",
        Activity.Spot => "Spot it",
        Activity.OralBlending => "Say the sounds, children say the word",
        Activity.SayApart => "Say the word, children say its sounds",
        Activity.FindPicture => "Say the sounds, children find the picture",
        Activity.FirstLetter => "What does it begin with?",
        Activity.Compare => "Two by two",
        Activity.SameSound => "Same sound, two meanings",
        Activity.Read => "Read",
        Activity.Chain => "Chain",
        Activity.Sort => "Sort",
        Activity.Choose => "Choose",
        Activity.MadeUp => $"{Capital(Terms.MadeUpWords)}: only the sounds can tell",
        Activity.MatchPicture => "Word and picture",
        Activity.WriteName => "A name that nobody has",
        Activity.MixedTricky => $"{Capital(Terms.TrickyWords)}, mixed and quick",
        Activity.FillGap => $"Hear it, write the {Terms.TrickyWord}",
        Activity.MendSentence => "Put it right",
        Activity.Riddles => "Riddles",
        Activity.Build => "Build it, hide it, write it",
        Activity.Spell => conventions.SpellAloud switch
        {
            SpellAloud.Sounds => "Spell: say it, count the sounds, write it",
            SpellAloud.Names => "Spell: say it, write it, naming each letter",
            _ => "Spell: say the sounds, write it, name the letters",
        },
        Activity.ReadSentences => "Read",
        Activity.ReadStory => "A story",
        Activity.WriteSentence => "Hear it, write it",
        Activity.OwnSentence => "A sentence of your own, with",
        Activity.WritePicture => "Write about the picture",
        Activity.FinishStory => "How does it go on? With",
        Activity.TellStory => "A story to listen to",
        Activity.WriteLetters => "Hear it, write it",
        _ => "Spare",
    };

    /// <summary>How it is done with what is in it: what each child is to read alone nobody shows first.</summary>
    public string How(Lesson lesson, LessonBlock block) => block.Activity == Activity.Read && block.Items.Count > 0 && block.Items.All(x => x.Release == Release.Alone)
            ? "Each child reads alone, and nobody helps. Note which words came at once, which slowly, and which not."
        : IsSideBySide(lesson, block) ? "Lay the cards side by side, and write two or three known words under each. Children say what is the same, find what is not, and where in the word each stands."
        : How(block.Activity);

    public string Name(Lesson lesson, LessonBlock block) => IsSideBySide(lesson, block) ? "Side by side"
        : block.Activity == Activity.ReadStory && block.Items.Count > 1 ? Stories(block) : Name(block.Activity);

    // A long lesson has more than one, and one of an earlier lesson again where there is time.
    private static string Stories(LessonBlock block) =>
        block.Items.Where(x => x.Reasons.Any(r => r.Code == ReasonCode.FromLastLesson)).Select(x => x.Heading).ToList() is { Count: > 0 } again ? $"Stories; again, faster: {string.Join(", ", again)}" : "Stories";

    // On a day of contrast nothing is met for the first time.
    private static bool IsSideBySide(Lesson lesson, LessonBlock block) => lesson.Kind == LessonKind.Contrast && block.Activity == Activity.Meet;

    public string How(Activity activity) => activity switch
    {
        Activity.Cards => "Show each card for a moment. Children say the sound.",
        Activity.Recall => "Say the sound. Children write every spelling of it they know.",
        Activity.ReadAgain => "Children read each word, quicker than last time.",
        Activity.TrickyAtSight => $"Children read each word at once; they need not {Terms.SoundOut} any of it.",
        Activity.Meet => "Show it, say it, and have children say it, then write it in the air and on their boards.",
        Activity.MeetTricky => conventions.TrickyLearning == TrickyLearning.Whole
            ? "Read the word to them. Say the names of its letters together, cover it, write it, look again."
            : "Read the word to them. Find the part that does not go as they expect (marked). Read it together three times.",
        Activity.SayTricky => "Hold up the word and say its sentence. Children make one of their own for a partner; two say theirs to all, and everybody points to the word when it comes.",
        Activity.Listening => "Say each word; children decide and show.",
        Activity.Spot => "Point to each in turn. Children show when today's comes, then say its sound.",
        Activity.OralBlending => "Say the sounds one by one with a small gap. Children say the word.",
        Activity.SayApart => "Say the word. Children say its sounds one by one, a finger for each.",
        Activity.FindPicture => "Show all the pictures. Say a word sound by sound with a small gap: children point to its picture, then say it.",
        Activity.FirstLetter => "Show each picture. Children say what it is, then its first sound alone, and write that letter.",
        Activity.Compare => "Show two at a time.",
        Activity.SameSound => "Children read both: what do they notice? Say one of the sentences; they point to the word it means, and say which letters tell.",
        Activity.Read => conventions.BlendAloud switch
        {
            BlendAloud.BuildingUp => "Children say the first sound, then the first two together, then one more each time till the word is whole. First you show, then together, then each alone; then all again at once.",
            BlendAloud.WithoutStopping => "Your finger slides under the letters; children slide from sound to sound with no gap, then say the word. First you show, then together, then each alone; then all again at once.",
            BlendAloud.Silently => "Children look along the word and put it together in their heads, then say it. First you show in a whisper, then together, then each alone.",
            _ => $"Children {Terms.SoundOut} each word, then say it. First you show, then together, then each alone; then all again with no sounding aloud.",
        },
        Activity.Chain => "Children make the first word with letters. Say the next: they say what changed, and where, and change it.",
        Activity.Sort => "Show one word at a time; children read it and point to where it belongs.",
        Activity.Choose => "Say the whole word. Children write the missing part, hold it up, and say why.",
        Activity.MadeUp => $"Say that these are no real words. Children {Terms.SoundOut} each one, then read it.",
        Activity.MatchPicture => "Children read each word to its end, then point to its picture. The pictures stand in an order of their own.",
        Activity.WriteName => "Say the name, and that nobody is called so. Children count its sounds and write it: what does a name begin with?",
        Activity.MixedTricky => "Show each for a moment; children read it at once. Some look alike: where one is taken for another, put the two side by side and say what differs.",
        Activity.FillGap => "Say the whole sentence. Children write the word left out, then you uncover it: which part had to be remembered?",
        Activity.MendSentence => "Show the sentence as it is, and read it to them. Children say what is missing, and why; then they write it with it.",
        Activity.Riddles => "Say the riddle. Children whisper the answer to a partner, then say it together, and where in it today's sound is.",
        Activity.Build => "Say the word. Children build it with letter tiles, a tile for each sound, and read it back; then hide it, write it from memory, uncover it and check.",
        Activity.Spell => conventions.SpellAloud switch
        {
            SpellAloud.Sounds => "Say the word, and the sentence if there is one. Children count the sounds on fingers, then say each as they write it.",
            SpellAloud.Names => "Say the word, and the sentence if there is one. Children write it, saying the name of each letter.",
            _ => "Say the word, and the sentence if there is one. Children count the sounds on fingers, write, then spell it back in letter names.",
        },
        Activity.ReadSentences => "Children read the sentence, then read it again as if they were talking.",
        Activity.ReadStory => "Children read it, sentence by sentence, then once more as if they were talking. Then ask.",
        Activity.WriteSentence => "Children have not seen it. Say it twice, count its words on fingers, and they write it. Then show it, and they mend.",
        Activity.OwnSentence => "Each child says a sentence to a partner, counts its words, and writes it.",
        Activity.WritePicture => "Show it. What is it, and what is it doing? Each child says it to a partner, counts the words, and writes them: a few words are enough, a sentence is better.",
        Activity.FinishStory => "Children read how it begins. Each tells a partner what happens next, and writes a sentence or two with these words.",
        Activity.TellStory => "Tell it, with your voice and your hands, and ask. Tell it again, slowly. Then each child draws one thing out of it that has the sound, says it to a partner, and writes the letter beside it.",
        Activity.WriteLetters => "Say the sound. Children write it, large, and say it as they write.",
        _ => "If there is time, read these too.",
    };

    private static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
