using System.Numerics;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Choosing;

/// <summary>What became of the search for a chain.</summary>
public enum ChainOutcome
{
    Found,

    /// <summary>Proved: the words allow no such chain.</summary>
    NoneExists,

    /// <summary>None was found within the work allowed; there may be one.</summary>
    NoneFound,
}

/// <summary>A chain of words, each one step from the last; the first has no step.</summary>
/// <param name="Longest">Steps of the longest chain met on the way when the one asked for was not found.</param>
/// <param name="Exact">The quick search found none, and the exact one decided.</param>
public sealed record WordChain(ChainOutcome Outcome, IReadOnlyList<(OfferedWord Word, ChainStep? Step)> Words, int Longest, bool Exact = false);

/// <summary>What a chain is asked for.</summary>
/// <param name="Steps">Steps wanted, 1 to <see cref="WordChains.MostSteps"/>: one fewer than words.</param>
/// <param name="Through">Sounds that the chain must pass through, each in some word of it.</param>
/// <param name="Start">A word to start from, or null.</param>
/// <param name="Favours">Words that the chain had better come to, and come back to; null for none.</param>
public sealed record ChainBrief(int Steps, IReadOnlyList<Sound> Through, string? Start, ulong Seed, Predicate<LexiconWord>? Favours = null);

/// <summary>
/// Finds chains of words. Many are kept in view at once and the best go on: first changes at the start of words, then at
/// their ends, then in the middle; adding comes later. On up to 60 words that finds nothing the search is made exact.
/// </summary>
public sealed class WordChains(ChainGraph graph, ReadingRules rules)
{
    public const int MostSteps = 20;

    /// <summary>Up to so many words whether a chain exists is decided and not guessed.</summary>
    public const int ExactWords = 60;

    // Bounds on the work, in place of a clock: together well under a tenth of a second.
    private const int Beam = 160;
    private const int Starts = 1_500;
    private const int ExactWork = 1_500_000;

    // Worth more than that a change stands where it is easiest, and less than a sound that was asked for.
    private const double Favour = 4.5;

    private sealed record Path(int Word, Path? Before, ChainStep? Step, int Length, ulong Through, double Worth)
    {
        public bool Holds(int word)
        {
            for (var at = this; at is not null; at = at.Before)
            {
                if (at.Word == word)
                {
                    return true;
                }
            }

            return false;
        }
    }

    /// <param name="stop">Stops the search.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public WordChain Find(ChainBrief brief, CancellationToken stop = default)
    {
        var through = Masks(brief.Through);
        var all = brief.Through.Count == 0 ? 0UL : (1UL << brief.Through.Count) - 1;
        var starts = Enumerable.Range(0, graph.Words.Count).Where(x => brief.Start is null || graph.Words[x].Word.Key == brief.Start).ToList();
        if (starts.Count == 0 || through.Aggregate(0UL, (x, y) => x | y) != all)
        {
            return new WordChain(ChainOutcome.NoneExists, [], 0);
        }

        var (best, longest) = Search(brief, through, all, starts, stop);
        if (best is not null)
        {
            return Made(best);
        }

        if (graph.Words.Count > ExactWords)
        {
            return new WordChain(ChainOutcome.NoneFound, [], longest);
        }

        var work = ExactWork;
        var exact = starts.Select(x => Exactly(new Path(x, null, null, 0, through[x], 0), brief.Steps, through, all, 1UL << x, ref work)).FirstOrDefault(x => x is not null);
        return exact is not null ? Made(exact) with { Exact = true }
            : work > 0 ? new WordChain(ChainOutcome.NoneExists, [], longest, true)
            : new WordChain(ChainOutcome.NoneFound, [], longest);
    }

    private (Path? Best, int Longest) Search(ChainBrief brief, ulong[] through, ulong all, List<int> starts, CancellationToken stop)
    {
        var dice = new Dice(brief.Seed);
        var luck = graph.Words.Select(x => dice.Next() + (brief.Favours?.Invoke(x.Word) == true ? Favour : 0)).ToArray();
        var front = dice.Mix(starts).Take(Starts).Select(x => new Path(x, null, null, 0, through[x], Familiar(x) + luck[x])).ToList();
        var longest = 0;
        for (var step = 1; step <= brief.Steps; step++)
        {
            stop.ThrowIfCancellationRequested();
            var next = new List<Path>();
            foreach (var path in front)
            {
                foreach (var (to, move) in graph.From(path.Word))
                {
                    if (!path.Holds(to))
                    {
                        next.Add(new Path(to, path, move, step, path.Through | through[to], path.Worth + Worth(path, to, move, step, brief.Steps, through, luck)));
                    }
                }
            }

            if (next.Count == 0)
            {
                return (null, longest);
            }

            longest = step;

            // The best few for every set of sounds met so far, or a chain that passes through all would never be kept.
            front = [.. next.GroupBy(x => x.Through).SelectMany(x => x.OrderByDescending(p => p.Worth).DistinctBy(p => (p.Word, p.Before!.Word)).Take(Beam))
                .OrderByDescending(x => BitOperations.PopCount(x.Through)).ThenByDescending(x => x.Worth).Take(Beam * 3)];
        }

        return (front.Where(x => x.Through == all).MaxBy(x => x.Worth), longest);
    }

    // What children find easy comes first, and what is dull (the same place again and again) is worth less.
    private double Worth(Path path, int to, ChainStep move, int step, int steps, ulong[] through, double[] luck)
    {
        var phase = 3 * (step - 1) / Math.Max(1, steps);
        var wanted = phase switch { 0 => ChainPlace.Start, 1 => ChainPlace.End, _ => ChainPlace.Middle };
        return (move.Move == ChainMove.Changed ? (move.Place == wanted ? 3 : 0) : phase == 2 ? 2.5 : -1)
            + (path.Step is { } last && last.Place == move.Place && last.Move == move.Move ? -0.3 : 0)
            + (BitOperations.PopCount(through[to] & ~path.Through) * 4)
            + Familiar(to) + (luck[to] * 0.8);
    }

    private double Familiar(int word) => graph.Words[word].Word.Familiarity == Familiarity.AtFourOrFive ? 1 : 0;

    private Path? Exactly(Path path, int steps, ulong[] through, ulong all, ulong used, ref int work)
    {
        if (path.Length == steps)
        {
            return path.Through == all ? path : null;
        }

        foreach (var (to, move) in graph.From(path.Word))
        {
            if ((used & (1UL << to)) != 0 || --work <= 0 || !CanReach(to, used, steps - path.Length - 1))
            {
                continue;
            }

            if (Exactly(new Path(to, path, move, path.Length + 1, path.Through | through[to], 0), steps, through, all, used | (1UL << to), ref work) is { } found)
            {
                return found;
            }
        }

        return null;
    }

    // There must be at least so many words left that can be come to at all.
    private bool CanReach(int from, ulong used, int needed)
    {
        var (seen, wave) = (used | (1UL << from), 1UL << from);
        var reached = 0;
        while (wave != 0 && reached < needed)
        {
            var next = 0UL;
            while (wave != 0)
            {
                foreach (var (to, _) in graph.From(BitOperations.TrailingZeroCount(wave)))
                {
                    next |= 1UL << to;
                }

                wave &= wave - 1;
            }

            wave = next & ~seen;
            seen |= wave;
            reached += BitOperations.PopCount(wave);
        }

        return reached >= needed;
    }

    private ulong[] Masks(IReadOnlyList<Sound> sounds)
    {
        var masks = new ulong[graph.Words.Count];
        for (var i = 0; i < sounds.Count; i++)
        {
            for (var w = 0; w < masks.Length; w++)
            {
                masks[w] |= graph.Words[w].Reading.Segments.Any(x => rules.SameSound(x.Correspondence.Sound, sounds[i])) ? 1UL << i : 0;
            }
        }

        return masks;
    }

    private WordChain Made(Path end)
    {
        var words = new List<(OfferedWord, ChainStep?)>();
        for (var at = end; at is not null; at = at.Before)
        {
            words.Insert(0, (graph.Words[at.Word], at.Step));
        }

        return new WordChain(ChainOutcome.Found, words, end.Length);
    }
}
