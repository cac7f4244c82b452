using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>
/// The sounds of a word with their open choices: a directed graph from the first moment to the
/// last. A symbol that stands for two keys is a choice that the spelling decides.
/// </summary>
public sealed class SoundLattice
{
    private readonly List<(int To, Phoneme Phoneme)>[] _edges;

    /// <param name="moments">Number of nodes; edges go from lower to higher ones.</param>
    public SoundLattice(int moments)
    {
        _edges = new List<(int, Phoneme)>[moments];
        for (var i = 0; i < moments; i++)
        {
            _edges[i] = [];
        }
    }

    public int Moments => _edges.Length;

    public int End => _edges.Length - 1;

    public void Add(int from, int to, Phoneme phoneme) => _edges[from].Add((to, phoneme));

    /// <summary>Every moment that can be reached from <paramref name="from"/> by saying the sound.</summary>
    public IEnumerable<int> After(int from, Sound sound)
    {
        foreach (var (to, phoneme) in _edges[from])
        {
            if (!phoneme.Equals(sound.First))
            {
                continue;
            }

            if (sound.Second is null)
            {
                yield return to;
                continue;
            }

            foreach (var (end, second) in _edges[to])
            {
                if (second.Equals(sound.Second))
                {
                    yield return end;
                }
            }
        }
    }

    /// <summary>Ways to say the word from its first moment to its last, at most so many.</summary>
    public IEnumerable<IReadOnlyList<Phoneme>> Paths(int most) => From(0, []).Take(most);

    private IEnumerable<IReadOnlyList<Phoneme>> From(int moment, List<Phoneme> said)
    {
        if (moment == End)
        {
            yield return [.. said];
            yield break;
        }

        foreach (var (to, phoneme) in _edges[moment])
        {
            said.Add(phoneme);
            foreach (var path in From(to, said))
            {
                yield return path;
            }

            said.RemoveAt(said.Count - 1);
        }
    }
}
