using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Words;

/// <summary>One piece of a word under its mark.</summary>
/// <param name="Letters">Zero-based places of its letters in the word.</param>
/// <param name="Kind">What its mark goes by; neighbours that are both an ending, or both a rime unit, are marked as one.</param>
/// <param name="Tricky">Not covered by what is taught.</param>
/// <param name="Today">Holds what is taught today.</param>
public sealed record PieceView(
    string Grapheme, string Sound, string Ipa, IReadOnlyList<int> Letters, MarkedKind Kind, bool Tricky, bool Today)
{
    public static IReadOnlyList<PieceView> Of(Segmentation reading, EndedWord? ended, Judge judge, IEnumerable<Teachable> targets, MarkingCode marks)
    {
        var kinds = MarkedPieces.Of(reading, ended, judge.Taught.Rules.Rows.Units, marks);
        var lacking = judge.Uncovered(reading, ended);
        var today = targets.Select(x => x.Correspondence).OfType<Correspondence>().ToList();
        var rules = judge.Taught.Rules;
        return [.. reading.Segments.Select((x, i) => new PieceView(
            x.Correspondence.Grapheme.Text, x.Correspondence.Sound.Key, IpaOf(x.Correspondence.Sound, rules.Rows.Words.Accent),
            [.. x.Letters], kinds[i], lacking[i],
            today.Any(t => t.Grapheme == x.Correspondence.Grapheme && rules.SameSound(t.Sound, x.Correspondence.Sound))))];
    }

    public static string IpaOf(Sound sound, Accent accent) => string.Concat(sound.Phonemes.Select(x => x.Ipa(accent)));
}
