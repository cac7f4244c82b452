using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>A sentence of a school's own: typed, or made by rule and accepted by somebody who has read it.</summary>
public static class OwnSentence
{
    public const int FewestWords = 2, MostWords = 25, MaxText = 200;

    /// <summary>The sentence as it may be kept; null with what is wrong and what to do.</summary>
    public static string? TryRead(string? text, WordGate gate, SchoolWords words, out string problem)
    {
        var (plain, wrong) = gate.Of((text ?? "").Trim());
        var found = SentenceBank.WordsOf(plain);
        problem = wrong
            ?? (plain.Length > MaxText ? $"A sentence has at most {MaxText} letters."
            : found.Count is < FewestWords or > MostWords ? $"A sentence has {FewestWords} to {MostWords} words."
            : found.FirstOrDefault(x => words.FindWord(x) is null && words.Forms.Find(x) is null) is { } unknown
                ? $"“{unknown}” is in no list. Add it as a word of your own first, so that we know when it can be read." : "");
        return problem.Length == 0 ? plain : null;
    }
}
