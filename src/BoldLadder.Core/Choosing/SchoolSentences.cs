using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A word of a sentence, in small letters, with what the school knows of it; null when it is in no list.</summary>
/// <param name="Form">What follows of a word that the lexicon does not list.</param>
public readonly record struct SentenceWord(string Key, LexiconWord? Word, FormedWord? Form);

/// <summary>A sentence with what makes it fit today.</summary>
/// <param name="Targets">Words in it that hold what is taught, each occurrence counted.</param>
/// <param name="Late">Words in it that hold what was taught lately.</param>
public readonly record struct GradedSentence(Sentence Sentence, int Targets, int Late);

/// <summary>
/// The sentences that one school draws on, graded by the same verdicts as words. A lesson asks of thousands of sentences:
/// every word of them is looked up once for the school, and judged once for the lesson.
/// </summary>
public sealed class SchoolSentences
{
    private readonly List<SentenceWord> _vocabulary = [];
    private readonly int[][] _words;

    public SchoolSentences(SchoolWords words, IEnumerable<Sentence> sentences)
    {
        All = [.. sentences.DistinctBy(x => x.Text)];
        var known = new Dictionary<string, int>();
        _words = [.. All.Select(x => x.Words.Select(w => Number(w.ToLowerInvariant())).ToArray())];

        int Number(string key)
        {
            if (!known.TryGetValue(key, out var number))
            {
                known[key] = number = _vocabulary.Count;
                _vocabulary.Add(new SentenceWord(key, words.FindWord(key), words.Forms.Find(key)));
            }

            return number;
        }
    }

    public IReadOnlyList<Sentence> All { get; }

    /// <summary>Sentences of which every word can be read, and whose capitals and marks may be met, with how often they hold the target and what was taught lately.</summary>
    public IEnumerable<GradedSentence> Readable(Judge judge, Predicate<SentenceWord> isTarget, Predicate<SentenceWord> isLate)
    {
        var legal = _vocabulary.ConvertAll(x => judge.IsLegal(x.Key, x.Word, x.Form));
        var target = _vocabulary.ConvertAll(x => isTarget(x));
        var late = _vocabulary.ConvertAll(x => isLate(x));
        for (var i = 0; i < _words.Length; i++)
        {
            if (Array.TrueForAll(_words[i], x => legal[x]) && All[i].IsMeantReadable(judge) && judge.MissingPrint(All[i].Text).Count == 0)
            {
                yield return new GradedSentence(All[i], Count(_words[i], target), Count(_words[i], late));
            }
        }
    }

    private static int Count(int[] words, List<bool> holds)
    {
        var count = 0;
        foreach (var word in words)
        {
            count += holds[word] ? 1 : 0;
        }

        return count;
    }
}
