using System.Runtime.CompilerServices;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;

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
    private readonly int[] _familyOfRow;
    private readonly int[] _everyday;
    private readonly int[] _others;
    private readonly ConditionalWeakTable<Rung, Entry> _byRung = [];

    private sealed record Entry(int[] Rows, int InEnglish);

    private PartIndex(ReadingRules rules)
    {
        _rules = rules;
        var rows = rules.Rows;
        _rows = [.. Enumerable.Range(0, rows.Bits.Count).Select(_ => new List<int>())];
        for (var row = 0; row < rows.Count; row++)
        {
            if (rows.MayOffer(rows.Words.Words[rows.WordOf(row)]))
            {
                foreach (var bit in rows.BitsOf(row))
                {
                    if (_rows[bit].Count == 0 || _rows[bit][^1] != row)
                    {
                        _rows[bit].Add(row);
                    }
                }
            }
        }

        var families = rows.Words.Words.Select(x => rows.Words.FindWord(x.Family)?.Rank ?? x.Rank).ToArray();
        _familyOfRow = [.. Enumerable.Range(0, rows.Count).Select(row => families[rows.WordOf(row)])];
        var counted = rows.Words.Words.Where(x => x.Suitability != Suitability.Unsuitable && rows.Words.OwnSpelling(x)).ToLookup(x => x.Everyday, x => x.Rank);
        _everyday = [.. counted[true]];
        _others = [.. counted[false]];
    }

    /// <summary>The index for these rules, made once.</summary>
    public static PartIndex Of(ReadingRules rules) => Made.GetValue(rules, x => new PartIndex(x));

    /// <summary>Rows that hold what a rung teaches, each once, commonest word first.</summary>
    public ReadOnlySpan<int> RowsOf(Rung rung) => For(rung).Rows;

    /// <summary>How many families of words English has with it, within the largest shape a class meets.</summary>
    public int FamiliesInEnglish(Rung rung) => For(rung).InEnglish;

    /// <summary>The base and all its endings have one number.</summary>
    public int FamilyOf(int row) => _familyOfRow[row];

    /// <summary>Words by rank that children know and may be shown: what a rung's figures count first.</summary>
    public ReadOnlySpan<int> Everyday => _everyday;

    /// <summary>Other words by rank that may be shown.</summary>
    public ReadOnlySpan<int> Others => _others;

    private Entry For(Rung rung) => _byRung.GetValue(rung, x =>
    {
        int[] rows = [.. x.Adds.SelectMany(_rules.Holds).Distinct().SelectMany(bit => _rows[bit]).Distinct().Order()];
        return new Entry(rows, rows.Where(row => _rules.Rows.Fits(row, TargetWords.Longest)).Select(FamilyOf).Distinct().Count());
    });
}
