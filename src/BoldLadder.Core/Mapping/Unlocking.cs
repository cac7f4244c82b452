using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Mapping;

/// <summary>
/// At which rung each word becomes readable: the latest of its parts' rungs, the earliest over its
/// pronunciations. Worked out for the whole lexicon whenever a ladder changes.
/// </summary>
public sealed class Unlocking
{
    /// <summary>No rung of the ladder brings all of the word's parts.</summary>
    public const int Never = int.MaxValue;

    // Places as two bytes each: arrays of four would be large objects, collected late and at a price.
    private const ushort Nowhere = ushort.MaxValue;

    private readonly ushort[] _placeOfBit;
    private readonly ushort[] _placeOfWord;
    private readonly ushort[] _placeOfRow;

    public Unlocking(Ladder ladder, ReadingRules rules)
    {
        Ladder = ladder;
        Rules = rules;
        var rows = rules.Rows;
        _placeOfBit = new ushort[rows.Bits.Count];
        Array.Fill(_placeOfBit, Nowhere);
        foreach (var bit in rules.AlwaysOpen)
        {
            _placeOfBit[bit] = 0;
        }

        for (var place = 0; place < ladder.Rungs.Count; place++)
        {
            foreach (var bit in rules.CoveredBy(ladder.Rungs[place]))
            {
                _placeOfBit[bit] = Math.Min(_placeOfBit[bit], (ushort)place);
            }
        }

        _placeOfRow = new ushort[rows.Count];
        _placeOfWord = new ushort[rows.Words.Words.Count];
        Array.Fill(_placeOfWord, Nowhere);
        rows.LatestPlaces(_placeOfBit, _placeOfRow);
        for (var word = 0; word < _placeOfWord.Length; word++)
        {
            var (row, end) = rows.RowsOf(word);
            for (; row < end; row++)
            {
                _placeOfWord[word] = Math.Min(_placeOfWord[word], _placeOfRow[row]);
            }
        }
    }

    public Ladder Ladder { get; }

    public ReadingRules Rules { get; }

    /// <summary>Zero-based place of the rung from which a word (by rank) is readable, or <see cref="Never"/>.</summary>
    public int PlaceOf(int rank) => Place(_placeOfWord[rank]);

    /// <summary>The place from which one reading is covered, or <see cref="Never"/>.</summary>
    public int PlaceOfRow(int row) => Place(_placeOfRow[row]);

    /// <summary>The place of the rung that brings a part, or <see cref="Never"/>.</summary>
    public int PlaceOf(Part part) => part.Kind == PartKind.Print ? PlaceOfPrint(part.Key) : Rules.Rows.Bits.Find(part) is var bit and >= 0 ? Place(_placeOfBit[bit]) : Never;

    private int PlaceOfPrint(string code) => Ladder.Rungs.ToList().FindIndex(x => x.Adds.Any(a => a.IsPrint && a.Code == code)) is var at and >= 0 ? at : Never;

    private static int Place(ushort stored) => stored == Nowhere ? Never : stored;
}
