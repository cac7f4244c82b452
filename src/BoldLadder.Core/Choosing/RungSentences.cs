using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>The sentences for what one rung teaches: those that can be read once it is taught, and others made by rule.</summary>
/// <param name="taught">What is taught before the rung.</param>
/// <param name="rung">Null where nothing is new: then every sentence is as good as another.</param>
/// <param name="shape">The largest shape of word to put into a frame.</param>
public sealed class RungSentences(WordStock stock, TaughtSet taught, Rung? rung, WordShape shape)
{
    private readonly Judge _judge = new(rung is null ? taught : taught.With([rung]));

    private readonly HashSet<string> _tricky = rung?.TrickyWords.Select(x => x.ToLowerInvariant()).ToHashSet() ?? [];

    private PractisedWords? _target;

    /// <summary>All that can be read: the school's own with what is taught, then those with most of it, short before long.</summary>
    public IReadOnlyList<GradedSentence> Readable() => [.. stock.Sentences.Readable(_judge, Target, PractisedWords.None).Select(x => rung is null ? x with { Targets = x.Sentence.Words.Count } : x)
        .OrderByDescending(x => x.Targets > 0 && stock.Own.Contains(x.Sentence.Text)).ThenByDescending(x => Math.Min(2, x.Targets)).ThenBy(x => x.Sentence.Words.Count).ThenBy(x => x.Sentence.Text, StringComparer.Ordinal)];

    /// <summary>Made by rule and read by nobody, each with what is taught in it.</summary>
    public IReadOnlyList<Sentence> Made(int count, ulong seed) =>
        stock.Frames.Made(stock, _judge, shape, x => rung is null || Target.Includes(new SentenceWord(x.Key, x, null)), new Dice(seed), count, stock.Sentences.All.Select(x => x.Text).ToHashSet());

    private PractisedWords Target => _target ??= (rung is { AddsParts: true } ? PractisedWords.Of(stock, _judge, rung.Adds) : PractisedWords.None).Or(_tricky);
}
