using BoldLadder.Core.Ladders;

namespace BoldLadder.Core.Reading;

/// <summary>
/// The capitals and marks that a ladder has rungs for. A sentence with one of them waits for its rung; whatever the ladder
/// says nothing of is taken as it comes. Words by themselves are not gated: a list shows them in small letters.
/// </summary>
public sealed class PrintGates
{
    private readonly HashSet<Teachable> _gated;

    public PrintGates(Ladder? ladder) => _gated = [.. (ladder?.Rungs ?? []).SelectMany(x => x.Adds).Where(x => x.IsPrint)];

    /// <summary>What a sentence has that is gated and not taught, each once, in its order.</summary>
    public IReadOnlyList<Teachable> Missing(string sentence, IReadOnlySet<Teachable> taught) => _gated.Count == 0 ? []
        : [.. In(sentence).Where(x => _gated.Contains(x) && !taught.Contains(x)).Distinct()];

    /// <summary>The capitals and marks of a sentence, each as often as it stands there. The word <i>I</i> is a word, and no capital to be taught.</summary>
    public static IEnumerable<Teachable> In(string sentence) =>
        Enumerable.Range(0, sentence.Length).Where(at => !IsWordI(sentence, at)).Select(at => Teachable.OfPrint(sentence[at])).OfType<Teachable>();

    /// <summary>A sentence without some of its capitals and marks: capitals as small letters, marks left out. The word <i>I</i> stays.</summary>
    public static string Without(string sentence, IReadOnlySet<Teachable> print) => string.Concat(Enumerable.Range(0, sentence.Length)
        .Select(at => IsWordI(sentence, at) || Teachable.OfPrint(sentence[at]) is not { } thing || !print.Contains(thing) ? $"{sentence[at]}"
            : thing.Mark is null ? $"{char.ToLowerInvariant(sentence[at])}" : "")).Trim();

    private static bool IsWordI(string sentence, int at) => sentence[at] == 'I'
        && (at == 0 || !char.IsAsciiLetter(sentence[at - 1])) && (at + 1 == sentence.Length || !char.IsAsciiLetter(sentence[at + 1]));
}
