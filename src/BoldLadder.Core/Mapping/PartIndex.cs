using System.Runtime.CompilerServices;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Mapping;

/// <summary>
/// The rows of words that may be offered, by what rungs teach, so that a rung's target words need
/// no search. What is worked out for a rung's parts is kept: it is the same wherever the rung stands.
/// </summary>
public sealed class PartIndex
{
    private static readonly ConditionalWeakTable<ReadingRules, PartIndex> Made = [];

    private readonly ReadingRules _rules;
    private readonly List<int>[] _rows;
    private readonly int[] _families;
    private readonly ConditionalWeakTable<Rung, Entry> _byRung = [];

    private sealed record Entry(int[] Rows, int InEnglish);

    private PartIndex(ReadingRules rules)
    {
        _rules = rules;
        var needs = rules.Needs;
        _rows = [.. Enumerable.Range(0, needs.Bits.Count).Select(_ => new List<int>())];
        for (var row = 0; row < needs.Rows; row++)
        {
            if (needs.MayOffer(needs.Words.Words[needs.WordOf(row)]))
            {
                foreach (var bit in needs.BitsOf(row))
                {
                    if (_rows[bit].Count == 0 || _rows[bit][^1] != row)
                    {
                        _rows[bit].Add(row);
                    }
                }
            }
        }

        _families = [.. needs.Words.Words.Select(x => needs.Words.FindWord(x.Family)?.Rank ?? x.Rank)];
    }

    /// <summary>The index for these rules, made once.</summary>
    public static PartIndex Of(ReadingRules rules) => Made.GetValue(rules, x => new PartIndex(x));

    /// <summary>Rows that hold what a rung teaches, each once, commonest word first.</summary>
    public ReadOnlySpan<int> RowsOf(Rung rung) => For(rung).Rows;

    /// <summary>How many families of words English has with it, within the largest shape a class meets.</summary>
    public int FamiliesInEnglish(Rung rung) => For(rung).InEnglish;

    /// <summary>The base and all its endings have one number.</summary>
    public int FamilyOf(int row) => _families[_rules.Needs.WordOf(row)];

    private Entry For(Rung rung) => _byRung.GetValue(rung, x =>
    {
        int[] rows = [.. Taught.Of(x).SelectMany(_rules.Holds).Distinct().SelectMany(bit => _rows[bit]).Distinct().Order()];
        return new Entry(rows, rows.Where(row => _rules.Needs.Fits(row, TargetWords.Longest)).Select(FamilyOf).Distinct().Count());
    });
}
