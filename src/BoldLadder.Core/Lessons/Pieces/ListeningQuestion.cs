using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons.Pieces;

/// <summary>
/// Words to decide about by ear: this sound or its neighbour, has it or has it not, inside or last, and how an ending
/// sounds. At least a third of the words go against what is taught: a question that is always answered by yes is none.
/// </summary>
internal static class ListeningQuestion
{
    private const int InFull = 8, BesideRiddles = 6, InShort = 5, Fewest = 2, MostBegun = 7, MostBeats = 3;

    /// <param name="riddles">Answers of riddles, which are for children to find and not for the adult to say; they ask for the sound too, and leave less time.</param>
    public static LessonBlock Make(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlySet<string>? riddles = null)
    {
        var kept = brief.KeptIn(LessonPart.Teach, Activity.Listening);
        if (kept.Count > 0 && brief.AsksIn(LessonPart.Teach, Activity.Listening) is { Count: > 0 } asks)
        {
            return new LessonBlock(LessonPart.Teach, Activity.Listening, kept) { Asks = asks };
        }

        var count = !brief.Has(LessonPart.Teach, Activity.Listening) ? 0
            : (brief.Asked(LessonPart.Teach, Activity.Listening) ?? (brief.Length.IsVeryShort ? 0 : brief.Length.IsShort ? InShort : riddles is { Count: > 0 } ? BesideRiddles : InFull)) - kept.Count;
        var answers = riddles ?? new HashSet<string>();
        var question = count <= 0 ? null
            : brief.Rung is not { Adds.Count: > 0 } rung ? (brief.GoesOver.Select(x => x.Correspondence).OfType<Correspondence>().TakeLast(2).Reverse().ToList() is { Count: 2 } lately ? Which(brief, make, dice, lately, count, answers) : null)
            : rung.Adds.Select(x => x.Ending).OfType<string>().FirstOrDefault() is { } ending && Endings(brief, make, dice, ending, count) is { } says ? says
            : UnitListening.Of(brief, make, dice, rung, count) is var (items, asked) ? new Question(items, [asked])
            : Heard(brief, rung) is not [var first, ..] heard ? null
            : Own(brief, make, dice, first, rung.ListeningWords, count) is { } own ? own
            : brief.Shape.Syllables > 1 && rung.Correspondences.All(x => x.IsDoubledConsonant) ? ShortOrLong(brief, make, dice, rung.Correspondences, count)
            : brief.Shape.Syllables == 1 && rung.Correspondences.All(DoubledLetters.EndWords) && FirstOrLast(brief, make, dice, rung.Correspondences, count, answers) is { } ends ? ends
            : rung.Kind == RungKind.Contrast && heard.All(x => brief.Stock.Rules.SameSound(x.Sound, first.Sound)) ? Where(brief, make, dice, first, count, answers)
            : Which(brief, make, dice, heard, count, answers) ?? (brief.Knows(first.Sound) ? Where(brief, make, dice, first, count, answers) : HasIt(brief, make, dice, first, count, answers));
        return new LessonBlock(LessonPart.Teach, Activity.Listening, [.. kept, .. (question?.Items ?? []).Where(x => kept.All(k => k.Text != x.Text))])
        {
            Asks = question?.Asks ?? [],
        };
    }

    // A weak vowel is told from nothing by ear: where the letters say a strong one too, that is listened for.
    private static IReadOnlyList<Correspondence> Heard(LessonBrief brief, Rung rung)
    {
        var all = brief.Stock.Commoner(rung.Correspondences);
        return all.Where(x => x.Sound.First.Key != "schwa").ToList() is { Count: > 0 } strong ? strong : all;
    }

    private sealed record Question(IReadOnlyList<LessonItem> Items, IReadOnlyList<Ask> Asks);

    // Two sounds of the rung are told from each other; one alone from the sound most easily taken for it.
    private static Question? Which(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlyList<Correspondence> taught, int count, IReadOnlySet<string> riddles)
    {
        var rules = brief.Stock.Rules;
        var one = taught[0].Sound;
        var known = brief.Knows(one);
        var silent = Silent(brief, taught[0]).ToList();
        var others = taught.Skip(1).Select(x => x.Sound).Where(x => !rules.SameSound(x, one)).Take(1)
            .Concat(Short(taught[0])).Concat(silent).Concat(NearSounds.Of(one)).Where(x => !rules.SameSound(x, one)).Distinct();
        foreach (var other in others)
        {
            // A sound that is new is heard first at the start; else, and a new spelling, where it stands oftenest: o_e begins no word.
            // Beside a vowel a consonant is told at the start of words and nowhere else, and while none stand together never inside them: the l of sleep.
            IReadOnlyList<string> usual = PartPlaces.In(brief.Stock, taught[0]).Ordered;
            var places = one.IsVowel != other.IsVowel ? ["first"]
                : (known || taught[0].Grapheme.IsSplit ? usual : ["first", .. usual.Where(x => x != "first")]).Where(x => x != "inside" || one.IsVowel || brief.Shape.Together > 1 || brief.Shape.Syllables > 1);
            foreach (var place in places)
            {
                var (ones, rest) = (Only(one, other), Only(other, one));
                var against = Math.Max(count / 3, taught.Any(x => x.Sound == other) ? count / 2 : (count + 1) / 3);
                (ones, rest) = (Spelt(ones, one), silent.Contains(other) ? [.. rest.Where(x => LetterAt(x.Word.Key, place) == other.Key)] : Spelt(rest, other));

                if (ones.Count >= count - against && rest.Count >= against)
                {
                    var (a, b) = Names(brief, taught, one, other, place);
                    b = silent.Contains(other) ? other.Key : b;
                    return new Question(
                        dice.Mix(Drawn(ones, dice, count - against, riddles).Select(x => Item(make, x, a, Reason.Of(ReasonCode.SoundStands, x.Place)))
                            .Concat(Drawn(rest, dice, against, riddles).Select(x => Item(make, x, b, Reason.Of(ReasonCode.GoesAgainst, b))))),
                        [Ask.Of(AskCode.WhichSound, a, b, place, one.Key, other.Key)]);
                }

                // What they hear is spelt as today's where there are words enough, wait being no word for a_e; and always where
                // children know a spelling of the sound: ghost is none for c.
                List<ListeningWord> Spelt(List<ListeningWord> words, Sound sound) => taught.Where(x => rules.SameSound(x.Sound, sound)).ToList() is { Count: > 0 } today
                    && words.Where(x => IsSpelt(brief, x, today)).ToList() is var spelt && (brief.Knows(sound) || spelt.Count(x => !riddles.Contains(x.Word.Spelling)) >= count) ? spelt : words;

                List<ListeningWord> Only(Sound has, Sound not)
                {
                    // Few words of one beat begin with a vowel; apple and animal do, and their first sound is as plain.
                    var longer = has.IsVowel && place == "first";
                    var all = ListeningWords.Holding(brief.Stock, has, longer ? MostBegun : ListeningWords.MostSounds)
                        .Where(x => x.Place == place && (longer ? x.Syllables <= MostBeats : Plain(brief, x)) && !x.Heard.Contains(rules.SoundKey(not)))
                        .OrderBy(x => !Plain(brief, x)).ThenBy(x => !StandsClear(x, place)).ToList();
                    // Dream only where there is too little beside dog.
                    var clear = all.FindAll(x => Plain(brief, x) && StandsClear(x, place));
                    return clear.Count(x => !riddles.Contains(x.Word.Spelling)) >= count ? clear : all;
                }
            }
        }

        return null;
    }

    // What the e at the end changes is the short vowel: tap, tape.
    private static IEnumerable<Sound> Short(Correspondence part) => part.Grapheme.IsSplit && Sound.TryParse(part.Grapheme.LeadingLetters, out var sound, out _) ? [sound] : [];

    // What is written and not said: the b of lamb is heard in crab, the k of knee in key.
    private static IEnumerable<Sound> Silent(LessonBrief brief, Correspondence part)
    {
        if (part.Grapheme.Text is not [var first, var second] || first == second || part.Sound.IsVowel)
        {
            return [];
        }

        var place = PartPlaces.In(brief.Stock, part).Usual;
        var silent = place == "first" && part.Sound.Key == $"{second}" ? first : place == "last" && part.Sound.Key == $"{first}" ? second : '-';
        return Sound.TryParse($"{silent}", out var sound, out _) && !sound.IsVowel ? [sound] : [];
    }

    private static string LetterAt(string word, string place) => place == "first" ? word[..1] : word[^1..];

    // The school's own words, as far as they go: where too few of them are without the sound, some of ours go against it.
    private static Question? Own(LessonBrief brief, ItemMaker make, Dice dice, Correspondence taught, IReadOnlyList<string> words, int count)
    {
        var own = dice.Mix(words.Select(x => (Word: x, Heard: ListeningWords.HeardIn(brief.Stock, x, taught)))).Take(count).ToList();
        var has = own.Where(x => x.Heard.Place.Length > 0).ToList();
        var not = own.Except(has).ToList();
        var against = Math.Max(0, ((has.Count + 1) / 2) - not.Count);
        return has.Count < Fewest ? null : new Question(
            dice.Mix(has.Select(x => Said(x.Word, x.Heard.Apart, "yes", Reason.Of(ReasonCode.SoundStands, x.Heard.Place)))
                .Concat(not.Select(x => Said(x.Word, x.Heard.Apart, "no", Reason.Of(ReasonCode.WithoutTheSound))))
                .Concat(Drawn([.. ListeningWords.Without(brief.Stock, taught.Sound)], dice, against).Select(x => Item(make, x, "no", Reason.Of(ReasonCode.WithoutTheSound))))),
            [Ask.Of(AskCode.HasSound, taught.Grapheme.Text, has[0].Word, taught.Sound.Key)]);

        LessonItem Said(string word, IReadOnlyList<string> apart, string answer, Reason why) =>
            make.Item(ItemKind.Listening, word, string.Join(' ', apart), [why]) with { Heading = answer };
    }

    private static bool IsSpelt(LessonBrief brief, ListeningWord word, List<Correspondence> taught) =>
        brief.Stock.Words.Of(word.Word).Readings[0].Segments.Any(x => taught.Contains(x.Correspondence));

    private static Question? HasIt(LessonBrief brief, ItemMaker make, Dice dice, Correspondence taught, int count, IReadOnlySet<string> riddles)
    {
        var against = (count + 1) / 3;
        // Spelt as today's where there are words enough: the weak vowel of away is no er, and job has neither ge nor dge.
        var today = (brief.Rung?.Correspondences ?? [taught]).Where(x => brief.Stock.Rules.SameSound(x.Sound, taught.Sound)).ToList();
        var spelt = ListeningWords.Holding(brief.Stock, taught.Sound).Where(x => Plain(brief, x) && IsSpelt(brief, x, today)).ToList();
        var has = Drawn(spelt, dice, Math.Min(spelt.Count, count - against), riddles);
        has = [.. has.Concat(ListeningWords.With(brief.Stock, taught.Sound, count, dice).Where(x => has.TrueForAll(h => h.Word.Key != x.Word.Key))).Take(count - against)];
        var not = Drawn([.. ListeningWords.Without(brief.Stock, taught.Sound)], dice, against);
        return has.Count < Fewest ? null : new Question(
            dice.Mix(has.Select(x => Item(make, x, "yes", Reason.Of(ReasonCode.SoundStands, x.Place)))
                .Concat(not.Select(x => Item(make, x, "no", Reason.Of(ReasonCode.WithoutTheSound))))),
            [Ask.Of(AskCode.HasSound, Written(brief, brief.Knows(taught.Sound) ? [] : [taught], taught.Sound, "inside"), brief.Stock.Everyday(taught).Select(x => x.Word.Spelling).FirstOrDefault() ?? taught.Sound.Example, taught.Sound.Key)]);
    }

    // The spellings of a sound differ by where they stand: hear that first.
    private static Question? Where(LessonBrief brief, ItemMaker make, Dice dice, Correspondence taught, int count, IReadOnlySet<string> riddles)
    {
        // What is heard is spelt as today's is, or in one of the ways of a contrast: gold says nothing of oa, ow and o_e. And
        // it stands where that spelling does: the ay of maybe would say that it can be inside.
        var columns = brief.Targets.Select(x => x.Correspondence).OfType<Correspondence>().ToList();
        var atEnd = columns.Where(x => PartPlaces.In(brief.Stock, x).Usual == "last").ToList();
        var words = ListeningWords.Holding(brief.Stock, taught.Sound).Where(x => x.Place is "inside" or "last").ToLookup(x => x.Place);
        var last = Drawn(Best(words["last"], count / 2), dice, count / 2, riddles);
        var inside = Drawn(Best(words["inside"], count - last.Count), dice, count - last.Count, riddles);
        return last.Count < Fewest || inside.Count < Fewest ? HasIt(brief, make, dice, taught, count, riddles) : new Question(
            dice.Mix(last.Concat(inside).Select(x => Item(make, x, x.Place, Reason.Of(ReasonCode.SoundStands, x.Place)))),
            [Ask.Of(AskCode.Where, Written(brief, [taught], taught.Sound, "inside"), taught.Sound.Example)]);

        List<ListeningWord> Best(IEnumerable<ListeningWord> all, int wanted) =>
            all.Where(x => IsSpelt(brief, x, columns) && !(x.Place == "inside" && IsSpelt(brief, x, atEnd)) && Plain(brief, x)).ToList() is var best && best.Count(x => !riddles.Contains(x.Word.Spelling)) >= wanted
                ? best : [.. Nearly(brief, all, best, atEnd, wanted)];
    }

    // Where the day's spelling does not stand, the sound is heard in words that children can read by now: rain beside day, and
    // neither maybe nor break.
    private static IEnumerable<ListeningWord> Nearly(LessonBrief brief, IEnumerable<ListeningWord> all, List<ListeningWord> best, List<Correspondence> atEnd, int wanted)
    {
        var others = all.Except(best).Where(x => !(x.Place == "inside" && IsSpelt(brief, x, atEnd)) && !NamesAPlace(x)).ToList();
        var readable = others.Where(x => Plain(brief, x) && brief.Judge.IsReadable(x.Word)).ToList();
        return best.Count + readable.Count >= wanted ? best.Concat(readable) : best.Concat(readable).Concat(others.Except(readable)).Concat(all.Except(best).Except(others));
    }

    // Asked where it hears a sound, nobody should have to hear it in last.
    private static bool NamesAPlace(ListeningWord x) => x.Word.Key is "first" or "last";

    // Some letters are doubled where a word ends: leg, bell. A word of each in turn, and as many that begin with the letter.
    private static Question? FirstOrLast(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlyList<Correspondence> taught, int count, IReadOnlySet<string> riddles)
    {
        var share = Math.Max(1, count / 2 / taught.Count);
        var heard = taught.SelectMany(part =>
        {
            var words = ListeningWords.Holding(brief.Stock, part.Sound).Where(x => Plain(brief, x) && StandsClear(x, x.Place) && !NamesAPlace(x)).ToList();
            return Drawn([.. words.Where(x => x.Place == "first")], dice, share, riddles)
                .Concat(Drawn([.. words.Where(x => x.Place == "last" && IsSpelt(brief, x, [part]))], dice, share, riddles));
        }).DistinctBy(x => x.Word.Key).ToList();
        return heard.Select(x => x.Place).Distinct().Count() < 2 ? null : new Question(
            dice.Mix(heard.Select(x => Item(make, x, x.Place, Reason.Of(ReasonCode.SoundStands, x.Place)))),
            [Ask.Of(AskCode.FirstOrLast, [.. taught.Select(x => x.Grapheme.Text[..1])])]);
    }

    // Letters are doubled in the middle after a short vowel: hear which it is.
    private static Question? ShortOrLong(LessonBrief brief, ItemMaker make, Dice dice, IReadOnlyList<Correspondence> taught, int count)
    {
        var words = ListeningWords.OfTwoBeats(brief.Stock).Select(x => (Word: x, At: x.Reading.Segments.ToList().FindIndex(s => s.Correspondence.Sound.IsVowel)))
            .Where(x => x.At is >= 0 and < 2 && x.At + 1 < x.Word.Reading.Segments.Count && !x.Word.Reading.Segments[x.At + 1].Correspondence.Sound.IsVowel)
            .Select(x => (x.Word, x.At, Vowel: x.Word.Reading.Segments[x.At].Correspondence.Sound, Next: x.Word.Reading.Segments[x.At + 1].Correspondence)).ToList();
        var shorts = Drawn([.. words.Where(x => Vowels.IsShortSound(x.Vowel) && x.Next.IsDoubledConsonant).OrderBy(x => !taught.Contains(x.Next))], dice, count / 2);
        // Tiger beside digger: one consonant between two vowels, today's where there are words enough. Okay and myself are two words to the ear.
        var single = words.Where(x => !Vowels.IsShortSound(x.Vowel) && x.Vowel.First.Key != "schwa" && !x.Next.IsDoubledConsonant
            && x.At + 2 < x.Word.Reading.Segments.Count && x.Word.Reading.Segments[x.At + 2].Correspondence.Sound is { IsVowel: true, First.Key: "schwa" or "ee" or "i" or "oa" }).ToList();
        var near = single.FindAll(x => taught.Any(t => brief.Stock.Rules.SameSound(t.Sound, x.Next.Sound)));
        var longs = Drawn(near.Count >= count - shorts.Count ? near : [.. near, .. single.Except(near)], dice, count - shorts.Count);
        return shorts.Count < Fewest || longs.Count < Fewest ? null : new Question(
            dice.Mix(shorts.Select(x => Said(x.Word, x.Vowel, "short")).Concat(longs.Select(x => Said(x.Word, x.Vowel, "long")))),
            [Ask.Of(AskCode.ShortOrLong, [.. taught.Select(x => x.Grapheme.Text)])]);

        LessonItem Said(OfferedWord word, Sound vowel, string answer) => make.Item(
            ItemKind.Listening, word.Word.Spelling, string.Join(' ', word.Reading.Segments.Select(s => s.Correspondence.Sound.Key)),
            [Reason.Of(ReasonCode.FirstVowel, vowel.Key, answer)]) with { Heading = answer };
    }

    // What an ending says is heard: helped, filled, landed.
    private static Question? Endings(LessonBrief brief, ItemMaker make, Dice dice, string ending, int count)
    {
        var families = new WordLists(brief.Stock).ByEndingSound(new ListBrief(), ending)
            .Select(x => (Sound: x.Shared, Words: x.Words.Select(w => w.Offered).Where(w => w.Word.Familiarity == Familiarity.AtFourOrFive && w.Reading.SoundCount <= 6).ToList()))
            .Where(x => x.Words.Count >= Fewest).Take(3).ToList();
        if (families.Count < 2)
        {
            return null;
        }

        var share = Math.Max(Fewest, count / families.Count);
        return new Question(
            dice.Mix(families.SelectMany(f => Drawn(f.Words, dice, share).Select(x => make.Item(
                ItemKind.Listening, x.Word.Spelling, string.Join(' ', x.Reading.Segments.Select(s => s.Correspondence.Sound.Key)),
                [Reason.Of(ReasonCode.EndingSounds, ending, f.Sound)]) with { Heading = f.Sound }))),
            [Ask.Of(AskCode.EndingSound, [ending, .. families.Select(x => x.Sound)])]);
    }

    // Two sounds with one spelling are called by a word that has each.
    private static (string One, string Other) Names(LessonBrief brief, IReadOnlyList<Correspondence> taught, Sound one, Sound other, string place)
    {
        var (a, b) = (Written(brief, taught, one, place), Written(brief, taught, other, place));

        // Of letters that nobody has met and that can say today's sound too, such as oo, only an example tells which is meant.
        // The hiss of house is written se, and so is the buzz of cheese.
        // And letters that today say both name neither.
        var unclear = a == b || taught.Any(x => brief.Stock.Rules.SameSound(x.Sound, one) && taught.Any(y => y.Grapheme == x.Grapheme && brief.Stock.Rules.SameSound(y.Sound, other))) || taught.Any(x => x.Grapheme.Text == b && brief.Stock.Rules.SameSound(x.Sound, one)) || (!brief.Knows(other) && taught.All(x => x.Sound != other) && brief.Stock.Everyday(Correspondence.Parse($"{b}:{one.Key}")).Any());
        return unclear ? (one.Example, other.Example) : (a, b);
    }

    // By today's spelling, or else by the one it was first met in that can stand where it is listened for: no word ends
    // in a_e; one without a spelling yet by its commonest. Letters that were met saying something else name no sound: what is
    // heard in ice is s, and not c.
    private static string Written(LessonBrief brief, IReadOnlyList<Correspondence> taught, Sound sound, string place)
    {
        var met = brief.Standing.Lessons.SelectMany(x => x.Things).Select(x => x.Correspondence).OfType<Correspondence>().ToList();
        return taught.Where(x => !met.Exists(m => m.Grapheme == x.Grapheme && !brief.Stock.Rules.SameSound(m.Sound, x.Sound)))
                .Concat(met.Where(x => place == "inside" || !x.Grapheme.IsSplit)).Concat(taught)
                .Where(x => brief.Stock.Rules.SameSound(x.Sound, sound)).Select(x => x.Grapheme.Text).FirstOrDefault()
            ?? sound.Key switch { "dh" => "th", "uu" => "oo", "zh" => "s", "schwa" => "er", var key => key };
    }

    private static LessonItem Item(ItemMaker make, ListeningWord word, string answer, Reason why) =>
        make.Item(ItemKind.Listening, word.Word.Spelling, string.Join(' ', word.Apart), [why]) with { Heading = answer };

    // Beside another consonant a sound is heard less well, and some are said otherwise: the t of tree.
    private static bool StandsClear(ListeningWord word, string place) => place switch
    {
        "first" => word.Apart.Count < 2 || IsVowel(word.Apart[1]),
        "last" => word.Apart.Count < 2 || IsVowel(word.Apart[^2]),
        _ => true,
    };

    private static bool IsVowel(string key) => Sound.TryParse(key, out var sound, out _) && sound.IsVowel;

    // Heard as one beat, by children who begin.
    private static bool Plain(LessonBrief brief, ListeningWord word) =>
        word.Syllables <= Math.Max(1, brief.Shape.Syllables);

    // None that answers a riddle, where there are others enough.
    private static List<ListeningWord> Drawn(IReadOnlyList<ListeningWord> words, Dice dice, int count, IReadOnlySet<string> riddles) =>
        Drawn([.. words.Where(x => !riddles.Contains(x.Word.Spelling))], dice, count) is var found && found.Count == count ? found : Drawn(words, dice, count);

    // Of the commonest, so that no child has to ask what the word means.
    private static List<T> Drawn<T>(IReadOnlyList<T> words, Dice dice, int count) => [.. dice.Mix(words.Take(Math.Max(count * 4, 16))).Take(count)];
}
