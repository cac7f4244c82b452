using System.Collections.Concurrent;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word that may be offered, with what choosing looks at.</summary>
/// <param name="Rime">The sounds from the first strong vowel on: words that share it rhyme.</param>
/// <param name="RimeAt">The segment it begins with.</param>
/// <param name="Rhymes">The number of its rime: words that share it rhyme.</param>
/// <param name="Family">The number of its family: words that share it are forms of one.</param>
public sealed record OfferedWord(LexiconWord Word, int Row, Segmentation Reading, string Rime, int RimeAt, int Rhymes, int Family)
{
    /// <summary>It has a weak vowel; it is a word of grammar; and how rare it is: all asked of every word for every lesson.</summary>
    internal bool HasWeak { get; } = Judge.HasWeak(Reading);

    internal bool IsOfGrammar { get; } = FunctionWords.Has(Word.Key);

    /// <summary>How many times as rare as the commonest word, by its logarithm to base 2.</summary>
    internal double Rarity { get; } = Math.Log2(Word.Rank + 2);

    /// <summary>The letters of what rhymes, such as <c>ain</c>.</summary>
    public string RimeLetters => Reading.Word[Reading.Segments[RimeAt].Start..];

    /// <summary>True when nothing stands before what rhymes, so that there is nothing to change.</summary>
    public bool IsRimeWhole => RimeAt == 0;
}

/// <summary>
/// All that choices for one group draw on, worked out once: how teaching covers words, which
/// spellings English favours, what sounds alike, and the sentences that people have written.
/// </summary>
public sealed class WordStock
{
    private readonly Lazy<MadeUpCheck>? _madeUp;
    private readonly Lazy<ILookup<Correspondence, OfferedWord>> _byPart;
    private readonly Lazy<ILookup<string, ListeningWord>> _bySound;
    private readonly Lazy<IReadOnlyList<OfferedWord>> _names;
    private readonly ReadableWords _readable;
    private readonly Dictionary<string, int> _numbers = [];
    private readonly ConcurrentDictionary<Correspondence, bool> _hasWords = new();

    /// <param name="madeUp">What proves made-up words, made when first needed; null where none are used.</param>
    public WordStock(
        ReadingRules rules, WrittenTexts written, IReadOnlySet<string>? switchedMerges = null, Lazy<MadeUpCheck>? madeUp = null)
    {
        Stories = new SchoolStories(rules.Rows, written.Stories);
        _madeUp = madeUp;
        Rules = rules;
        (Spoken, Told, Riddles, Frames, Pictures) = (written.Spoken, written.Told, written.Riddles, written.Frames, written.Pictures);
        Evidence = new SpellingEvidence(rules);

        // What the adult says of a word is a sentence to read too, once children can.
        Sentences = new SchoolSentences(rules.Rows, written.Sentences.Sentences.Concat(written.Spoken.Sentences.Where(x => x.Words.All(IsPlain))));
        Homophones = new Homophones(rules.Rows.Words, switchedMerges);
        Offered = [.. Words.Words.Where(rules.Rows.MayOffer).Select(Offer)];
        _readable = new ReadableWords(rules.Rows, Offered);
        _names = new(() => [.. Words.Words.Where(x => char.IsUpper(x.Spelling[0]) && x is { Key.Length: > 1, Ended: null, Suitability: Suitability.Fine } && Words.OwnSpelling(x) && !rules.Rows.IsHeteronym(x.Rank)).Select(Offer)]);
        _byPart = new(() => (from x in Offered
                             where x.Word is { Everyday: true, Ended: null }
                             from part in x.Reading.Segments.Select(s => s.Correspondence).Distinct()
                             select (x, part)).ToLookup(x => x.part, x => x.x));
        _bySound = new(() => (from x in Offered
                              where ListeningWords.IsKnown(x)
                              from sound in x.Reading.Segments.Select(s => Rules.SoundKey(s.Correspondence.Sound)).Distinct()
                              select (sound, ListeningWords.Made(this, x, sound))).ToLookup(x => x.sound, x => x.Item2));
    }

    private WordStock(WordStock shared) =>
        (Rules, _hasWords, _madeUp, _byPart, _bySound, _names, _readable, _numbers, Stories, Spoken, Told, Riddles, Frames, Pictures, Evidence, Homophones, Offered, Sentences) =
        (shared.Rules, shared._hasWords, shared._madeUp, shared._byPart, shared._bySound, shared._names, shared._readable, shared._numbers, shared.Stories, shared.Spoken, shared.Told, shared.Riddles, shared.Frames, shared.Pictures, shared.Evidence, shared.Homophones, shared.Offered, shared.Sentences);

    public ReadingRules Rules { get; }

    public SchoolWords Words => Rules.Rows.Words;

    /// <summary>Words that may be offered by themselves once they can be read, commonest first.</summary>
    public IReadOnlyList<OfferedWord> Offered { get; }

    /// <summary>Those of them that can be read, in their order.</summary>
    internal IReadOnlyList<OfferedWord> ReadableNow(TaughtSet taught) => _readable.By(taught);

    /// <summary>Looks for all that can be read once so much is taught, so that whoever asks next need not wait.</summary>
    internal void LookFor(TaughtSet taught)
    {
        _ = ReadableNow(taught);
        Sentences.LookFor(new Judge(taught));
    }

    /// <summary>Names and the like, which have a capital: read where hardly a word holds what is taught.</summary>
    public IReadOnlyList<OfferedWord> Names => _names.Value;

    /// <summary>Everyday words without an ending that hold a correspondence, commonest first.</summary>
    public IEnumerable<OfferedWord> Everyday(Correspondence part) => _byPart.Value[part];

    /// <summary>False for what no word that may be offered has in this accent: the <i>a</i> of <i>father</i>, where it is said as in <i>cat</i>.</summary>
    public bool HasWords(Correspondence part) => _hasWords.GetOrAdd(part, x =>
    {
        var holding = new HeldParts(this).Holding([Teachable.Of(x)]);
        return Offered.Any(w => holding(w.Word)) || Names.Any(w => holding(w.Word));
    });

    /// <summary>
    /// Of letters that say a vowel with a <i>y</i> before it in some words and without in others, as <i>ew</i> in few and
    /// chew, the commoner in this accent: to a class they are one thing. All else as it is.
    /// </summary>
    public IReadOnlyList<Correspondence> Commoner(IReadOnlyList<Correspondence> parts) =>
        [.. parts.Where(x => !parts.Any(y => y != x && y.Grapheme == x.Grapheme && Last(y) == Last(x) && (Everyday(y).Count(), y.Key).CompareTo((Everyday(x).Count(), x.Key)) > 0))];

    private static Phoneme Last(Correspondence x) => x.Sound.Second ?? x.Sound.First;

    /// <summary>Words of the youngest that hold a sound, commonest first.</summary>
    internal IEnumerable<ListeningWord> Heard(Sound sound) => _bySound.Value[Rules.SoundKey(sound)];

    public SpellingEvidence Evidence { get; }

    public Homophones Homophones { get; }

    /// <summary>What proves made-up words; null where none are used.</summary>
    public MadeUpCheck? MadeUp => _madeUp?.Value;

    public SchoolSentences Sentences { get; private init; }

    /// <summary>Which of them are a school's own.</summary>
    public IReadOnlySet<string> Own { get; private init; } = new HashSet<string>();

    /// <summary>What sentences are made of where those that people have written run dry.</summary>
    public SentenceFrames Frames { get; }

    public SpokenSentences Spoken { get; }

    public SchoolStories Stories { get; }

    public ToldStories Told { get; }

    public Riddles Riddles { get; }

    public PictureWords Pictures { get; }

    /// <summary>
    /// The everyday words that sound like this one and are spelt otherwise, for which a spoken
    /// sentence is needed.
    /// </summary>
    public IEnumerable<LexiconWord> SoundAlikes(LexiconWord word) => Homophones.Of(word).Where(IsHeard);

    /// <summary>Sets of everyday words that sound the same, each with every word that may be heard for them.</summary>
    public IEnumerable<IReadOnlyList<LexiconWord>> HomophoneSets() => Homophones.Sets()
        .Select(x => (IReadOnlyList<LexiconWord>)[.. x.Where(IsHeard)])
        .Where(x => x.Count > 1 && x.Any(w => w is { Everyday: true, Suitability: Suitability.Fine }));

    /// <summary>The same stock with sentences of a school's own before the others; all but they are shared.</summary>
    public WordStock With(IReadOnlyList<string> sentences) => sentences.Count == 0 ? this
        : new WordStock(this) { Sentences = new SchoolSentences(Rules.Rows, sentences.Select(Sentence.Of).Concat(Sentences.All)), Own = sentences.ToHashSet() };

    /// <summary>True when print alone says how a word is read, and it is fit and spelt as here.</summary>
    internal bool IsPlain(string spelling) => Words.FindWord(spelling) is { Suitability: Suitability.Fine } word
        && Words.OwnSpelling(word) && !Rules.Rows.IsHeteronym(word.Rank);

    // A word that nobody would think of on hearing it needs no sentence to tell it apart.
    /// <summary>True when a child or the adult could mean the word: what counts for fairness and warnings.</summary>
    public bool IsHeard(LexiconWord word) => Words.OwnSpelling(word) && word.Suitability != Suitability.Unsuitable
        && (word.Familiarity is Familiarity.AtFourOrFive or Familiarity.AtSixOrSeven || word.Rank < 3000);

    /// <summary>The sounds of a word from its first strong vowel on: words that share them rhyme.</summary>
    internal string RimeOf(LexiconWord word) => Offer(word).Rime;

    private OfferedWord Offer(LexiconWord word)
    {
        var reading = Words.Of(word).Readings[0];
        var at = RimeAt(reading, word.Ended);
        var rime = string.Concat(reading.Segments.Skip(at).Select(x => Rules.SoundKey(x.Correspondence.Sound) + " "));
        return new OfferedWord(word, Rules.Rows.RowsOf(word.Rank).First, reading, rime, at, Number(rime), Number(word.Family));
    }

    // Compared by their thousands for every list: a number each is compared at once.
    private int Number(string shared)
    {
        lock (_numbers)
        {
            if (!_numbers.TryGetValue(shared, out var number))
            {
                _numbers[shared] = number = _numbers.Count;
            }

            return number;
        }
    }

    // Words rhyme from the vowel that is stressed. Which that is the lexicon does not say: from the first strong vowel on
    // what is alike always rhymes (happy, nappy; about, shout), and what only ends alike (happy, see) does not pass for it.
    private static int RimeAt(Segmentation reading, EndedWord? ended)
    {
        var baseEnds = ended is { } e ? reading.Word.Length - e.Ending.Length : reading.Word.Length;
        var strong = Enumerable.Range(0, reading.Segments.Count)
            .Where(i => reading.Segments[i] is var x && x.Start < baseEnds && x.Correspondence.Sound is { IsVowel: true, First.Key: not "schwa" });
        return strong.DefaultIfEmpty(0).First();
    }
}
