using System.Text.RegularExpressions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// Frames for sentences, and words tagged by hand for what they can do in one: for when what people have written runs dry.
/// What is made of them nobody has read: it is offered to an adult, and reaches no lesson by itself.
/// </summary>
public sealed partial class SentenceFrames
{
    // So often a word, and so often a frame, comes in one list: nobody takes six sentences about one hen.
    private const int MostOfAWord = 2, Rounds = 3;

    private readonly IReadOnlyList<Frame> _frames;
    private readonly IReadOnlyDictionary<string, IReadOnlyList<string>> _classes;

    private SentenceFrames(IReadOnlyList<Frame> frames, IReadOnlyDictionary<string, IReadOnlyList<string>> classes) => (_frames, _classes) = (frames, classes);

    /// <summary>The words of each class.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Classes => _classes;

    /// <summary>The frames as they are written.</summary>
    public IEnumerable<string> Frames => _frames.Select(x => x.Text);

    /// <summary>With the words an American school has for them.</summary>
    public SentenceFrames In(AmericanForms forms) => new(
        _frames, _classes.ToDictionary(x => x.Key, x => (IReadOnlyList<string>)[.. x.Value.Select(forms.In).Where(w => !w.Contains(' ', StringComparison.Ordinal)).Distinct()]));

    /// <summary>
    /// Reads the two files of data/frames: a frame a line, with a class in braces wherever one of its words stands; a class a
    /// line, a tab, and its words. <c>#</c> is a note.
    /// </summary>
    /// <exception cref="FormatException">A frame names a class that has no words, or a class stands twice.</exception>
    public static SentenceFrames Parse(string frames, string words)
    {
        var classes = new Dictionary<string, IReadOnlyList<string>>();
        foreach (var columns in Lines(words).Select(x => x.Split('\t')))
        {
            if (columns.Length != 2 || !classes.TryAdd(columns[0], columns[1].Split(' ', StringSplitOptions.RemoveEmptyEntries)))
            {
                throw new FormatException($"frames: the class '{columns[0]}' stands once, with a tab and its words");
            }
        }

        var read = Lines(frames).Select(x => new Frame(x, [.. Slot().Matches(x).Select(m => m.Groups[1].Value)])).ToList();
        return read.SelectMany(x => x.Slots).FirstOrDefault(x => !classes.ContainsKey(x)) is { } unknown
            ? throw new FormatException($"frames: there are no words of the class '{unknown}'") : new SentenceFrames(read, classes);
    }

    /// <summary>
    /// Sentences that can be read whole, each with what is wanted in it, no two from one frame while there are others. The
    /// same dice give the same.
    /// </summary>
    /// <param name="shape">The largest shape of word that is put into a frame.</param>
    /// <param name="isTarget">What is wanted of one word at least.</param>
    /// <param name="not">Sentences that are there already.</param>
    public IReadOnlyList<Sentence> Made(WordStock stock, Judge judge, WordShape shape, Predicate<LexiconWord> isTarget, Dice dice, int count, IReadOnlySet<string> not)
    {
        var fit = _classes.ToDictionary(x => x.Key, x => x.Value.Where(w => stock.IsPlain(w) && judge.IsLegal(w) && Fits(w)).ToList());
        var wanted = fit.ToDictionary(x => x.Key, x => x.Value.Where(w => stock.Words.FindWord(w) is { } word && isTarget(word)).ToHashSet());
        var open = _frames.Where(x => x.Fixed.All(judge.IsLegal) && x.Slots.All(s => fit[s].Count > 0)).ToList();
        var (made, used) = (new List<Sentence>(), new Dictionary<string, int>());
        for (var round = 0; round < Rounds && made.Count < count; round++)
        {
            foreach (var frame in dice.Mix(open).TakeWhile(_ => made.Count < count))
            {
                if (Filled(frame) is { } words && Sentence.Of(frame.With(words, stock)) is var sentence && sentence.IsReadable(judge)
                    && !not.Contains(sentence.Text) && made.TrueForAll(x => x.Text != sentence.Text))
                {
                    made.Add(sentence);
                    words.ForEach(w => used[w] = used.GetValueOrDefault(w) + 1);
                }
            }
        }

        return made;

        // One place has what is wanted, where the words of the frame itself have not; the others are what they are.
        List<string>? Filled(Frame frame)
        {
            var held = frame.Fixed.Any(w => stock.Words.FindWord(w) is { } word && isTarget(word));
            var places = Enumerable.Range(0, frame.Slots.Count).Where(i => wanted[frame.Slots[i]].Any(Fresh)).ToList();
            if (!held && places.Count == 0)
            {
                return null;
            }

            var at = places.Count == 0 ? -1 : places[dice.Next(places.Count)];
            var words = new string?[frame.Slots.Count];
            foreach (var i in Enumerable.Range(0, words.Length).OrderBy(i => i != at))
            {
                var choice = (i == at ? wanted[frame.Slots[i]] : (IEnumerable<string>)fit[frame.Slots[i]]).Where(w => Fresh(w) && !words.Contains(w)).ToList();
                if (choice.Count == 0)
                {
                    return null;
                }

                words[i] = choice[dice.Next(choice.Count)];
            }

            return [.. words.OfType<string>()];
        }

        bool Fits(string word) => stock.Words.FindWord(word) is { } known && stock.Rules.Rows.Fits(stock.Rules.Rows.RowsOf(known.Rank).First, shape);

        bool Fresh(string word) => used.GetValueOrDefault(word) < MostOfAWord;
    }

    private static IEnumerable<string> Lines(string text) => text.ReplaceLineEndings("\n").Split('\n').Where(x => x.Length > 0 && x[0] != '#');

    [GeneratedRegex(@"\{([a-z-]+)\}")]
    private static partial Regex Slot();

    private sealed record Frame(string Text, IReadOnlyList<string> Slots)
    {
        /// <summary>Its own words, in small letters.</summary>
        public IReadOnlyList<string> Fixed { get; } = [.. SentenceBank.WordsOf(Slot().Replace(Text, "0")).Select(x => x == "I" ? x : x.ToLowerInvariant())];

        public string With(IReadOnlyList<string> words, WordStock stock)
        {
            var at = 0;
            var text = Slot().Replace(Text, _ => words[at++]);
            text = Article().Replace(text, x => BeginsWithVowel(x.Groups[2].Value, stock) ? $"{x.Groups[1].Value}n {x.Groups[2].Value}" : x.Value);
            return char.ToUpperInvariant(text[0]) + text[1..];
        }

        // By ear: an hour, a unicorn.
        private static bool BeginsWithVowel(string word, WordStock stock) => stock.Words.Find(word) is { Readings: [var reading, ..] } && reading.Segments[0].Correspondence.Sound.First.IsVowel;
    }

    [GeneratedRegex(@"\b([Aa]) ([A-Za-z-]+)")]
    private static partial Regex Article();
}
