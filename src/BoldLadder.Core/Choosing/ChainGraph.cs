using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// Words as points, joined where one step leads from one to the other: one correspondence changed, added or taken out,
/// and the sound different too, never the spelling alone.
/// </summary>
public sealed class ChainGraph
{
    private readonly List<(int To, ChainStep Step)>[] _steps;

    /// <param name="words">The words that may be used, each once.</param>
    public ChainGraph(IReadOnlyList<OfferedWord> words, ReadingRules rules)
    {
        Words = words;
        _steps = [.. words.Select(_ => new List<(int, ChainStep)>())];
        var heard = words.Select(x => x.Reading.Segments.Select(s => rules.SoundKey(s.Correspondence.Sound)).ToArray()).ToArray();
        var changed = new Dictionary<string, List<(int Word, int At)>>(StringComparer.Ordinal);
        var whole = new Dictionary<string, List<int>>(StringComparer.Ordinal);
        for (var w = 0; w < words.Count; w++)
        {
            var keys = Keys(words[w]);
            Add(whole, string.Join(' ', keys), w);
            for (var at = 0; at < keys.Length; at++)
            {
                Add(changed, $"{string.Join(' ', keys[..at])} _ {string.Join(' ', keys[(at + 1)..])}", (w, at));
            }
        }

        foreach (var same in changed.Values)
        {
            foreach (var (one, at) in same)
            {
                foreach (var (other, _) in same)
                {
                    if (one != other && heard[one][at] != heard[other][at])
                    {
                        _steps[one].Add((other, new ChainStep(ChainMove.Changed, PlaceOf(at, heard[one].Length), At(one, at), At(other, at))));
                    }
                }
            }
        }

        for (var longer = 0; longer < words.Count; longer++)
        {
            var keys = Keys(words[longer]);
            for (var at = 0; at < keys.Length && keys.Length > 1; at++)
            {
                foreach (var shorter in whole.GetValueOrDefault(string.Join(' ', keys[..at].Concat(keys[(at + 1)..]))) ?? [])
                {
                    var place = PlaceOf(at, keys.Length);
                    _steps[shorter].Add((longer, new ChainStep(ChainMove.Added, place, null, At(longer, at))));
                    _steps[longer].Add((shorter, new ChainStep(ChainMove.TakenOut, place, At(longer, at), null)));
                }
            }
        }
    }

    public IReadOnlyList<OfferedWord> Words { get; }

    /// <summary>Where one step leads from a word.</summary>
    public IReadOnlyList<(int To, ChainStep Step)> From(int word) => _steps[word];

    private Correspondence At(int word, int at) => Words[word].Reading.Segments[at].Correspondence;

    private static string[] Keys(OfferedWord word) => [.. word.Reading.Segments.Select(x => x.Correspondence.Key)];

    private static ChainPlace PlaceOf(int at, int length) => at == 0 ? ChainPlace.Start : at == length - 1 ? ChainPlace.End : ChainPlace.Middle;

    private static void Add<T>(Dictionary<string, List<T>> lists, string key, T value)
    {
        if (!lists.TryGetValue(key, out var list))
        {
            lists[key] = list = [];
        }

        list.Add(value);
    }
}
