using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Reading;

/// <summary>Gives verdicts for one taught set.</summary>
public sealed class Judge(TaughtSet taught)
{
    private readonly WordRows _rows = taught.Rules.Rows;
    private readonly GraphemeRun[] _units = [.. taught.Things.Where(x => x.Kind == TeachableKind.RimeUnit).Select(x => x.Run!)];

    public TaughtSet Taught { get; } = taught;

    public Verdict Of(string spelling) =>
        _rows.Words.FindWord(spelling) is { } word ? Of(word)
        : _rows.Words.Forms.Find(spelling) is { } form ? Of(form)
        : OfUnknown(spelling);

    /// <summary>The verdict on a form of known words.</summary>
    public Verdict Of(FormedWord form)
    {
        var blockers = form.Readings.Select(x => Blockers(x, form.Ended)).MinBy(x => x.Count)!;
        var kind = form.Suitability == Suitability.Unsuitable ? VerdictKind.Unsuitable
            : blockers.Count == 0 ? VerdictKind.Readable
            : Taught.TrickyWords.Contains(form.Spelling) ? VerdictKind.TrickyTaught
            : VerdictKind.NotYet;
        return new Verdict(kind, blockers, -1);
    }

    public Verdict Of(LexiconWord word)
    {
        var (blockers, row) = Fewest(word);
        var tricky = Taught.TrickyWords.Contains(word.Key);
        var kind = word.Suitability == Suitability.Unsuitable ? VerdictKind.Unsuitable
            : row >= 0 && blockers.Count == 0 ? VerdictKind.Readable
            : tricky ? VerdictKind.TrickyTaught
            : row < 0 ? VerdictKind.Unknown
            : VerdictKind.NotYet;
        return new Verdict(kind, blockers, row);
    }

    /// <summary>True when the children can read the word: quicker than a whole verdict.</summary>
    public bool IsLegal(string spelling) => spelling.ToLowerInvariant() is var key && IsLegal(key, _rows.Words.FindWord(key), _rows.Words.Forms.Find(key));

    /// <summary>The same for a word that was looked up before.</summary>
    /// <param name="key">In small letters.</param>
    /// <param name="form">What follows of a word that the lexicon does not list.</param>
    internal bool IsLegal(string key, LexiconWord? word, FormedWord? form) =>
        word is not null ? word.Suitability != Suitability.Unsuitable && (IsReadable(word) || Taught.TrickyWords.Contains(key))
        : form is not null ? Of(form).Legal
        : Taught.TrickyWords.Contains(key);

    /// <summary>True when all of a word's parts are taught; quicker than a whole verdict.</summary>
    public bool IsReadable(LexiconWord word)
    {
        var (first, end) = _rows.RowsOf(word.Rank);
        for (var row = first; row < end; row++)
        {
            if (_rows.Covered(row, Taught.Bits))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>The capitals and marks of a sentence that its children were to be taught first, as parts that stand against it.</summary>
    public IReadOnlyList<Part> MissingPrint(string sentence) =>
        [.. Taught.Rules.Print.Missing(sentence, Taught.Things).Select(x => new Part(PartKind.Print, x.Code))];

    /// <summary>What a reading that is in no list needs and has not.</summary>
    public IReadOnlyList<Part> Blockers(Segmentation reading, EndedWord? ended) =>
        [.. Bits.Needed(reading, ended, Structure.Of(reading)).Where(Lacks).Distinct()];

    /// <summary>
    /// For each segment of a reading, whether the taught set does not cover it: the tricky part of a
    /// tricky word, which shrinks as the year goes on.
    /// </summary>
    public IReadOnlyList<bool> Uncovered(Segmentation reading, EndedWord? ended) =>
        [.. Bits.Needed(reading, ended, Structure.Of(reading)).Take(reading.Segments.Count).Select((x, i) => Lacks(x) && !IsReadAsOne(reading, ended, i))];

    // True when a segment of a reading stands in what the base word ends in and is taught as one.
    private bool IsReadAsOne(Segmentation reading, EndedWord? ended, int segment)
    {
        if (_units.Length == 0)
        {
            return false;
        }

        var end = LadderUnits.EndOfBase(reading, ended);
        return segment < end && Array.Exists(_units, x => segment >= end - x.Parts.Count && x.StandsAt(reading, end - x.Parts.Count));
    }

    /// <summary>True when a reading has a weak vowel.</summary>
    public static bool HasWeak(Segmentation reading) => reading.Segments.Any(x => x.Correspondence.Sound.First.Key == "schwa");

    /// <summary>True when no weak vowel of a reading is let pass: every one that it has is taught as one, or with what it belongs to (the er of <i>taller</i>, the tion of <i>station</i>).</summary>
    public bool IsStrict(Segmentation reading, EndedWord? ended)
    {
        var endingStarts = ended is { Ending: "er" } && Taught.Things.Contains(Teachable.OfEnding("er")) ? reading.Word.Length - 2 : int.MaxValue;
        // Asked of thousands of words for one lesson: nothing is allocated.
        for (var i = 0; i < reading.Segments.Count; i++)
        {
            if (reading.Segments[i].Correspondence is { Sound.First.Key: "schwa" } weak && reading.Segments[i].Start < endingStarts && !Taught.Things.Contains(Teachable.Of(weak)) && !IsReadAsOne(reading, ended, i))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>True when a word is read by what is taught and nothing in it is let pass.</summary>
    public bool IsReadStrictly(LexiconWord word) => _rows.Words.Of(word).Readings.Any(x => IsStrict(x, word.Ended) && !Uncovered(x, word.Ended).Contains(true));

    private Verdict OfUnknown(string spelling) => new(
        Taught.TrickyWords.Contains(spelling.ToLowerInvariant()) ? VerdictKind.TrickyTaught : VerdictKind.Unknown, [], -1);

    private (IReadOnlyList<Part> Blockers, int Row) Fewest(LexiconWord word)
    {
        var (first, end) = _rows.RowsOf(word.Rank);
        (List<Part>? Blockers, int Row) best = (null, -1);
        for (var row = first; row < end; row++)
        {
            var blockers = new List<Part>();
            foreach (var bit in _rows.BitsOf(row))
            {
                if (!Taught.Has(bit) && !blockers.Contains(_rows.Bits[bit]))
                {
                    blockers.Add(_rows.Bits[bit]);
                }
            }

            if (best.Blockers is null || blockers.Count < best.Blockers.Count)
            {
                best = (blockers, row);
            }
        }

        return (best.Blockers ?? [], best.Row);
    }

    private bool Lacks(Part part)
    {
        var bit = _rows.Bits.Find(part);
        return bit >= 0
            ? !Taught.Has(bit)
            : part.Kind is not (PartKind.Ending or PartKind.Structure or PartKind.EndingShape or PartKind.RimeUnit or PartKind.Cluster or PartKind.And) && !Taught.Correspondences.Any(x => x.Key == part.Shown);
    }
}
