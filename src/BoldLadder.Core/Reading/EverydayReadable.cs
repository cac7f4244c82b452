using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>The everyday words that can be read with a taught set: what is compared when ways of teaching are.</summary>
public static class EverydayReadable
{
    /// <summary>Spelt as in the school's country and fit for a class, commonest first.</summary>
    public static IReadOnlyList<string> With(TaughtSet taught)
    {
        var (judge, words) = (new Judge(taught), taught.Rules.Rows.Words);
        return [.. words.Words.Where(x => x.Everyday && x.Suitability == Suitability.Fine && words.OwnSpelling(x) && judge.Of(x).Kind == VerdictKind.Readable).Select(x => x.Spelling)];
    }
}
