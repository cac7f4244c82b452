using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word of a sentence, in small letters, with what the school knows of it; null when it is in no list.</summary>
/// <param name="Form">What follows of a word that the lexicon does not list.</param>
/// <param name="Bits">The bits of all its readings, where they were gathered; else they are looked up.</param>
/// <param name="MayBeWeak">False where no reading of it has a weak vowel.</param>
public readonly record struct SentenceWord(string Key, LexiconWord? Word, FormedWord? Form, ushort[]? Bits = null, bool MayBeWeak = true);

/// <summary>A sentence with what makes it fit today.</summary>
/// <param name="Targets">Words in it that hold what is taught, each occurrence counted.</param>
/// <param name="Late">Words in it that hold what was taught lately.</param>
/// <param name="Large">Words in it that are larger than what is chosen by now.</param>
public readonly record struct GradedSentence(Sentence Sentence, int Targets, int Late, int Large = 0);

/// <summary>
/// The sentences that one school draws on, graded by the same verdicts as words. A lesson asks of thousands of sentences:
/// every word of them is looked up once for the school, and what can be read is found once for what is taught. Safe to share.
/// </summary>
public sealed class SchoolSentences
{
    private readonly List<SentenceWord> _vocabulary = [];
    // The words of all of them, one sentence behind the other: each lesson goes through them all.
    private readonly int[] _words;
    private readonly int[] _starts;
    private readonly Dictionary<string, int> _numbers = [];

    // The words that have a part in them, by its bit.
    private readonly List<int>[] _having;

    private readonly FoundOnce<Found> _found = new();

    public SchoolSentences(WordRows rows, IEnumerable<Sentence> sentences)
    {
        var words = rows.Words;
        All = [.. sentences.DistinctBy(x => x.Text)];
        _words = [.. All.SelectMany(x => x.Words).Select(w => Number(w.ToLowerInvariant()))];
        _starts = new int[All.Count + 1];
        for (var i = 0; i < All.Count; i++)
        {
            _starts[i + 1] = _starts[i] + All[i].Words.Count;
        }

        _having = [.. Enumerable.Range(0, rows.Bits.Count).Select(_ => new List<int>())];
        foreach (var (number, word) in _vocabulary.Index())
        {
            foreach (var bit in word.Bits ?? [])
            {
                _having[bit].Add(number);
            }
        }

        int Number(string key)
        {
            if (!_numbers.TryGetValue(key, out var number))
            {
                _numbers[key] = number = _vocabulary.Count;
                var word = words.FindWord(key);
                _vocabulary.Add(new SentenceWord(key, word, words.Forms.Find(key), word is null ? null : BitsOf(rows, word), word is null || words.Of(word).Readings.Any(Judge.HasWeak)));
            }

            return number;
        }
    }

    /// <summary>The bits of all readings of a word, each once.</summary>
    internal static ushort[] BitsOf(WordRows rows, LexiconWord word)
    {
        var (first, end) = rows.RowsOf(word.Rank);
        var bits = new HashSet<ushort>();
        for (var row = first; row < end; row++)
        {
            foreach (var bit in rows.BitsOf(row))
            {
                bits.Add(bit);
            }
        }

        return [.. bits];
    }

    public IReadOnlyList<Sentence> All { get; }

    /// <summary>Counts the words of one of them, by its place among all, that are among those given.</summary>
    internal Func<int, int> Counting(PractisedWords words)
    {
        var among = Among(words, null);
        return sentence =>
        {
            var count = 0;
            foreach (var word in WordsOf(sentence))
            {
                count += among[word] ? 1 : 0;
            }

            return count;
        };
    }

    // Of each word of the vocabulary whether it is one of those, and of those alone that can be read where that is told.
    private bool[] Among(PractisedWords words, bool[]? legal)
    {
        var among = new bool[_vocabulary.Count];
        foreach (var number in words.Bits.SelectMany(x => _having[x]).Concat(words.Keys.Select(x => _numbers.GetValueOrDefault(x, -1)).Where(x => x >= 0)))
        {
            among[number] = among[number] || (legal?[number] != false && words.Includes(_vocabulary[number]));
        }

        return among;
    }

    /// <summary>Sentences of which every word can be read, and whose capitals and marks may be met, with how often they hold the target and what was taught lately.</summary>
    /// <param name="mayStand">What of the words that can be read may stand in one; null for all.</param>
    /// <param name="isLarge">What of them is larger than what is chosen by now; null for none.</param>
    public IReadOnlyList<GradedSentence> Readable(
        Judge judge, PractisedWords targets, PractisedWords late, Predicate<SentenceWord>? mayStand = null, Predicate<SentenceWord>? isLarge = null)
    {
        var found = FoundFor(judge);
        var graded = new List<GradedSentence>(found.Readable.Length);
        var (isTarget, isLate, not, large) = (Among(targets, found.Legal), Among(late, found.Legal), new bool[_vocabulary.Count], new bool[_vocabulary.Count]);
        for (var i = 0; i < found.Legal.Length; i++)
        {
            not[i] = found.Legal[i] && mayStand?.Invoke(_vocabulary[i]) == false;
            large[i] = found.Legal[i] && isLarge?.Invoke(_vocabulary[i]) == true;
        }

        for (var i = 0; i < found.Readable.Length; i++)
        {
            var (held, lately, larger, may) = (0, 0, 0, found.Readable[i]);
            if (!may)
            {
                continue;
            }

            foreach (var word in WordsOf(i))
            {
                held += isTarget[word] ? 1 : 0;
                lately += isLate[word] ? 1 : 0;
                larger += large[word] ? 1 : 0;
                may &= !not[word];
            }

            if (may)
            {
                graded.Add(new GradedSentence(All[i], held, lately, larger));
            }
        }

        return graded;
    }

    /// <summary>Looks for those that can be read, so that whoever asks next need not wait.</summary>
    internal void LookFor(Judge judge) => _ = FoundFor(judge);

    private ReadOnlySpan<int> WordsOf(int sentence) => _words.AsSpan(_starts[sentence], _starts[sentence + 1] - _starts[sentence]);

    private Found FoundFor(Judge judge) => _found.For(judge.Taught, before =>
    {
        var (legal, readable) = (new bool[_vocabulary.Count], new bool[All.Count]);
        for (var i = 0; i < legal.Length; i++)
        {
            legal[i] = before?.Legal[i] == true || judge.IsLegal(_vocabulary[i].Key, _vocabulary[i].Word, _vocabulary[i].Form);
        }

        for (var i = 0; i < readable.Length; i++)
        {
            readable[i] = before?.Readable[i] == true || (AreAll(WordsOf(i), legal) && All[i].IsMeantReadable(judge) && judge.MissingPrint(All[i].Text).Count == 0);
        }

        return new Found(legal, readable);
    });

    private static bool AreAll(ReadOnlySpan<int> words, bool[] legal)
    {
        foreach (var word in words)
        {
            if (!legal[word])
            {
                return false;
            }
        }

        return true;
    }

    /// <param name="Legal">Of each word in the vocabulary, whether it can be read.</param>
    /// <param name="Readable">Of each sentence, whether it can be read.</param>
    private sealed record Found(bool[] Legal, bool[] Readable);
}
