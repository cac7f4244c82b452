using System.Numerics;
using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>
/// What every reading of every word needs, as rows of bits, so that a verdict only compares
/// machine words. Made once for a school's words in one accent.
/// </summary>
public sealed class WordRows
{
    private readonly ulong[] _needed;
    private readonly ushort[] _bits;
    private readonly int[] _bitsStart;
    private readonly int[] _rowsOf;
    private readonly int[] _wordOf;
    private readonly byte[] _readingOf;
    private readonly WordShape[] _shapes;
    private readonly bool[] _heteronym;

    /// <param name="units">What the ladder teaches as one; none by default.</param>
    public WordRows(SchoolWords words, LadderUnits? units = null)
    {
        Units = units ?? LadderUnits.None;
        Words = words;
        Bits = new Bits();
        var wordOf = new List<int>();
        var readingOf = new List<byte>();
        var bits = new List<ushort>();
        var starts = new List<int>();
        var shapes = new List<WordShape>();
        _rowsOf = new int[words.Words.Count + 1];
        _heteronym = new bool[words.Words.Count];
        for (var w = 0; w < words.Words.Count; w++)
        {
            _rowsOf[w] = wordOf.Count;
            var word = words.Of(words.Words[w]);
            var readings = word.Readings;
            _heteronym[w] = word.IsHeteronym;
            for (var r = 0; r < readings.Count; r++)
            {
                var structure = Structure.Of(readings[r], words.Words[w]);
                var parts = Units.WithClusters(readings[r], words.Words[w].Ended, Bits.Needed(readings[r], words.Words[w].Ended, structure));
                foreach (var way in Units.WithRimeUnit(readings[r], words.Words[w].Ended, parts).Concat(LetterWord(words.Words[w], r)).Concat(And(words.Words[w], parts)).Prepend(parts))
                {
                    wordOf.Add(w);
                    readingOf.Add((byte)r);
                    starts.Add(bits.Count);
                    shapes.Add(new WordShape(structure.Boxes, structure.LongestRun, structure.Syllables));
                    bits.AddRange(way.Select(x => (ushort)Bits.Of(x)));
                }
            }
        }

        _rowsOf[^1] = wordOf.Count;
        starts.Add(bits.Count);
        _wordOf = [.. wordOf];
        _readingOf = [.. readingOf];
        _shapes = [.. shapes];
        _bits = [.. bits];
        _bitsStart = [.. starts];
        _needed = new ulong[Count * Bits.Width];
        for (var row = 0; row < Count; row++)
        {
            foreach (var bit in BitsOf(row))
            {
                _needed[(row * Bits.Width) + (bit >> 6)] |= 1UL << (bit & 63);
            }
        }
    }

    // In running speech a is weak; children who know its letter read it so, and nobody takes that for a mistake.
    private static IEnumerable<IReadOnlyList<Part>> LetterWord(LexiconWord word, int reading) =>
        word.Key == "a" && reading == 0 ? [[new Part(PartKind.LetterWord, "a:a")]] : [];

    // Nobody waits with and for two consonants at the end, though they stand there.
    private static IEnumerable<IReadOnlyList<Part>> And(LexiconWord word, IReadOnlyList<Part> parts) =>
        word.Key == "and" ? [[.. parts.Where(x => x.Kind is not (PartKind.Structure or PartKind.Cluster)), new Part(PartKind.And, word.Key)]] : [];

    public SchoolWords Words { get; }

    public Bits Bits { get; }

    public LadderUnits Units { get; }

    /// <summary>Number of readings of all words.</summary>
    public int Count => _wordOf.Length;

    /// <summary>The bits as one block, row after row, for measuring.</summary>
    public ReadOnlySpan<ulong> Block => _needed;

    /// <summary>The rows of a word by its rank.</summary>
    public (int First, int End) RowsOf(int rank) => (_rowsOf[rank], _rowsOf[rank + 1]);

    /// <summary>The word of a row, by rank.</summary>
    public int WordOf(int row) => _wordOf[row];

    /// <summary>Which of its word's readings a row is of.</summary>
    public int ReadingOf(int row) => _readingOf[row];

    /// <summary>The bits a row needs, in word order.</summary>
    public ReadOnlySpan<ushort> BitsOf(int row) => _bits.AsSpan(_bitsStart[row], _bitsStart[row + 1] - _bitsStart[row]);

    /// <summary>The shape of a row's reading.</summary>
    public WordShape ShapeOf(int row) => _shapes[row];

    /// <summary>True when a row's reading stays within a shape limit.</summary>
    public bool Fits(int row, WordShape limit) =>
        _shapes[row].Boxes <= limit.Boxes && _shapes[row].Together <= limit.Together && _shapes[row].Syllables <= limit.Syllables;

    /// <summary>True when print alone does not say which of a word's readings is meant.</summary>
    public bool IsHeteronym(int rank) => _heteronym[rank];

    /// <summary>
    /// True when a word may be offered by itself: known to young children, suitable, spelt as here,
    /// without a capital, more than one letter, and with one reading only but for spoken forms (<i>can</i>), since print
    /// alone does not say which reading of <i>live</i> is meant.
    /// </summary>
    public bool MayOffer(LexiconWord word) =>
        word is { Everyday: true, Suitability: Suitability.Fine, Key.Length: > 1 }
        && word.Key == word.Spelling && word.Key.AsSpan().IndexOfAny('\'', '-') < 0
        && Words.OwnSpelling(word)
        && RowsOf(word.Rank) is var (first, end) && end > first && !_heteronym[word.Rank];

    /// <summary>True when the taught bits cover all that the row needs.</summary>
    public bool Covered(int row, ReadOnlySpan<ulong> taught)
    {
        var needs = _needed.AsSpan(row * Bits.Width, Bits.Width);
        for (var i = 0; i < needs.Length; i++)
        {
            if ((needs[i] & ~taught[i]) != 0)
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>The first way to read what a row reads that the taught bits cover: by its graphemes, or with a rime unit in place of some; -1 when there is none.</summary>
    /// <param name="row">The first row of a reading.</param>
    public int CoveredWay(int row, ReadOnlySpan<ulong> taught)
    {
        for (var way = row; IsWayOf(way, row); way++)
        {
            if (Covered(way, taught))
            {
                return way;
            }
        }

        return -1;
    }

    /// <summary>True when a row is of the same reading as another.</summary>
    public bool IsWayOf(int way, int row) => way < Count && _wordOf[way] == _wordOf[row] && _readingOf[way] == _readingOf[row];

    /// <summary>Sets a bit of <paramref name="readable"/> for each row that is covered; a row at a time, four machine words together.</summary>
    /// <param name="taught"><see cref="Bits.Width"/> machine words.</param>
    /// <param name="readable">One bit a row, at least <c>(Count + 63) / 64</c> machine words.</param>
    public void AllCovered(ReadOnlySpan<ulong> taught, Span<ulong> readable)
    {
        readable.Clear();
        var lanes = Bits.Width / 4;
        var rows = MemoryMarshal.Cast<ulong, Vector256<ulong>>(_needed);
        Span<Vector256<ulong>> missing = stackalloc Vector256<ulong>[lanes];
        for (var i = 0; i < lanes; i++)
        {
            missing[i] = ~Vector256.Create(taught.Slice(i * 4, 4));
        }

        if (lanes == 2)
        {
            TwoLanes(rows[..(Count * 2)], missing[0], missing[1], readable);
            return;
        }

        for (var row = 0; row < Count; row++)
        {
            var lacking = Vector256<ulong>.Zero;
            for (var i = 0; i < lanes; i++)
            {
                lacking |= rows[(row * lanes) + i] & missing[i];
            }

            readable[row >> 6] |= (lacking == Vector256<ulong>.Zero ? 1UL : 0) << (row & 63);
        }
    }

    /// <summary>For each row the latest place among its bits: where the last of its parts is taught.</summary>
    /// <param name="placeOfBit">One place for each bit.</param>
    /// <param name="placeOfRow">One place for each row, filled in.</param>
    public void LatestPlaces(ReadOnlySpan<ushort> placeOfBit, Span<ushort> placeOfRow)
    {
        ReadOnlySpan<ushort> bits = _bits;
        ReadOnlySpan<int> starts = _bitsStart;
        var at = 0;
        for (var row = 0; row < placeOfRow.Length; row++)
        {
            var latest = 0;
            for (var end = starts[row + 1]; at < end; at++)
            {
                latest = Later(latest, placeOfBit[bits[at]]);
            }

            placeOfRow[row] = (ushort)latest;
        }
    }

    // The greater of two places without a branch, which nobody could foretell: twice as quick as Math.Max here.
    private static int Later(int a, int b) => a - ((a - b) & ((a - b) >> 31));

    /// <summary>How many of the rows are covered.</summary>
    public static int CountOf(ReadOnlySpan<ulong> readable)
    {
        var count = 0;
        foreach (var word in readable)
        {
            count += BitOperations.PopCount(word);
        }

        return count;
    }

    // The usual width: kept apart so that the lacking bits stay in registers.
    private static void TwoLanes(ReadOnlySpan<Vector256<ulong>> rows, Vector256<ulong> a, Vector256<ulong> b, Span<ulong> readable)
    {
        // Sixty-four rows fill one word of the answer before it is written.
        for (var word = 0; rows.Length > 0; word++)
        {
            var some = rows[..Math.Min(rows.Length, 128)];
            var covered = 0UL;
            for (var i = some.Length - 2; i >= 0; i -= 2)
            {
                var lacking = (some[i] & a) | (some[i + 1] & b);
                covered = (covered << 1) | (lacking == Vector256<ulong>.Zero ? 1UL : 0);
            }

            readable[word] = covered;
            rows = rows[some.Length..];
        }
    }
}
